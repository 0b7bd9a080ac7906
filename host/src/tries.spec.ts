import { Tries } from './tries.js';

describe('marks of messages of rounds', () => {
  it('are good once, for their site alone', () => {
    const tries = new Tries();
    const mark = tries.give('a');
    expect(tries.take('b', mark)).toBeFalse();
    expect(tries.take('a', 'another')).toBeFalse();
    expect(tries.take('a', mark)).toBeTrue();
    expect(tries.take('a', mark)).toBeFalse();
  });

  it('are good for a minute', () => {
    let now = 0;
    const tries = new Tries(() => now);
    const [early, late] = [tries.give('a'), tries.give('a')];
    now = 60_000;
    expect(tries.take('a', early)).toBeTrue();
    now = 60_001;
    expect(tries.take('a', late)).toBeFalse();
  });

  it('do not grow without end: the oldest go first', () => {
    const tries = new Tries(() => 0);
    const all = Array.from({ length: 1001 }, () => tries.give('a'));
    expect(tries.take('a', all[0]!)).toBeFalse();
    expect(tries.take('a', all[1]!)).toBeTrue();
    expect(tries.take('a', all[1000]!)).toBeTrue();
  });
});
