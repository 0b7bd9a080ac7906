import { learn, learnChoice } from '../../fixtures/learn.js';
import { letterOf, linear, STEPS } from './linear.js';

describe('a linear model', () => {
  it('keeps every weight within its steps, and as many letters as classes', () => {
    for (const steps of [-9999, -STEPS, -1, 0, 1, STEPS, 9999]) expect(letterOf(steps)).toMatch(/^[!-~]$/);
    const model = linear({
      classes: ['a', 'b'],
      step: 0.5,
      bias: [0, 0],
      weights: `f\t${letterOf(STEPS)}${letterOf(-STEPS)}`,
    });
    expect(model.scores(['f'])).toEqual([STEPS / 2, -STEPS / 2]);
    expect(model.scores(['unknown', 'toString'])).toEqual([0, 0]);
    expect(model.predict(['f'])[0]).toBeGreaterThan(0.99);
  });

  it('learns what tells its classes apart, the same each time, and shares add up to 1', () => {
    const examples = Array.from({ length: 60 }, (_, n) => ({
      features: [n % 2 ? 'says no' : 'says yes', `word ${n % 7}`, 'always'],
      is: n % 2 ? 'no' : 'yes',
      of: `text ${n % 10}`,
    }));
    const [one, two] = [learn(examples, ['yes', 'no']), learn(examples, ['yes', 'no'])];
    expect(one).toEqual(two);
    const model = linear(one);
    const [yes, no] = [model.predict(['says yes', 'always']), model.predict(['says no', 'always'])];
    expect(yes[0]).toBeGreaterThan(0.9);
    expect(no[1]).toBeGreaterThan(0.9);
    expect(yes[0]! + yes[1]!).toBeCloseTo(1, 9);
  });

  it('leaves out what it met in one text alone', () => {
    const examples = [
      { features: ['both', 'once'], is: 'a', of: 'one' },
      { features: ['both', 'other'], is: 'b', of: 'two' },
      { features: ['both', 'other'], is: 'b', of: 'three' },
    ];
    const { weights } = learn(examples, ['a', 'b']);
    expect(weights).not.toContain('once');
    expect(weights).toContain('other');
  });

  it('learns to choose, and begins with what it is told', () => {
    const choices = Array.from({ length: 20 }, (_, n) => ({
      options: [['plain'], ['labelled'], ['plain', 'street']],
      right: [1],
      of: `text ${n}`,
    }));
    const model = linear(learnChoice(choices, { street: -2 }));
    const score = (f: string[]) => model.scores(f)[0]!;
    expect(score(['labelled'])).toBeGreaterThan(score(['plain']) + 1);
    expect(score(['street'])).toBeLessThan(-1);
  });
});
