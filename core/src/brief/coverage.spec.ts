import { newDocument } from '../making/generate/site.js';
import { emptyFacts } from '../model/site.js';
import { validateDocument } from '../operations/validate.js';
import { demoFacts } from '../fixtures/facts.js';
import { coverageOf, questionList, readAnswers } from './coverage.js';

describe('coverage', () => {
  it('grows with every fact, and its gaps are ordered by what they are worth', () => {
    const bare = coverageOf({ ...emptyFacts(), name: 'Gant' });
    const more = coverageOf({ ...emptyFacts(), name: 'Gant', phone: '01632 960 140' });
    expect(bare.share).toBe(0);
    expect(more.share).toBeGreaterThan(bare.share);
    expect(bare.gaps[0]!.field).toBe('services');
    expect(bare.gaps.map((g) => g.worth)).toEqual([...bare.gaps.map((g) => g.worth)].sort((a, b) => b - a));
    expect(more.gaps.some((g) => g.field === 'phone')).toBeFalse();
  });

  it('asks for prices and details only where there are services, and not for prices the client does not want', () => {
    expect(coverageOf(emptyFacts()).gaps.map((g) => g.id)).not.toContain('prices');
    const services = [{ id: 'v1', name: 'Ropes', detail: '', price: '' }];
    expect(coverageOf({ ...emptyFacts(), services }).gaps.map((g) => g.id)).toEqual(
      jasmine.arrayContaining(['prices', 'detail']),
    );
    expect(coverageOf({ ...emptyFacts(), services, unwanted: ['prices'] }).gaps.map((g) => g.id)).not.toContain(
      'prices',
    );
  });

  it('reads the answers to its own questions back, in any order, with the questions quoted', () => {
    const facts = {
      ...emptyFacts(),
      name: 'Gant',
      services: [{ id: 'v1', name: 'Mooring ropes', detail: '', price: '' }],
    };
    const { gaps } = coverageOf(facts);
    const number = (field: string) => gaps.findIndex((g) => g.id === field) + 1;
    const mail = [
      `> ${questionList(gaps).split('\n').join('\n> ')}`,
      `${number('hours')}) we're open mon-fri 9 till 5, sat 10-1`,
      `${number('phone')}. It's 01632 960 140, ask for Tom`,
      `${number('prices')}. mooring ropes from £12`,
      `${number('people')}: Tom Gant, ropemaker\nLil Gant (tar and twine)`,
      `${number('founded')} - 1889 I think`,
      `${number('memberships')}. none`,
    ].join('\n\n');
    expect(readAnswers(gaps, mail, facts)).toEqual({
      hours: 'Monday to Friday 9.00–17.00\nSaturday 10.00–13.00',
      phone: '01632 960 140',
      services: [{ id: 'v1', name: 'Mooring ropes', detail: '', price: 'from £12' }],
      people: [
        { id: 'p1', name: 'Tom Gant', role: 'ropemaker' },
        { id: 'p2', name: 'Lil Gant', role: 'tar and twine' },
      ],
      founded: '1889',
    });
  });

  it('never puts more into the sheet than fits, however long an answer is', () => {
    const { gaps } = coverageOf(emptyFacts());
    const long = 'word '.repeat(3000);
    const answers = readAnswers(gaps, gaps.map((_, n) => `${n + 1}. ${long}, ${long}`).join('\n'), emptyFacts());
    expect(Object.keys(answers).length).toBeGreaterThan(8);
    expect(validateDocument(newDocument('x', { ...emptyFacts(), ...answers }))).toEqual([]);
  });

  it('has little left to ask of a full sheet', () => expect(coverageOf(demoFacts).share).toBeGreaterThan(0.6));
});
