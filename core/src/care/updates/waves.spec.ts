import { inWaves } from './waves.js';

describe('the order many sites are updated in', () => {
  const sites = (n: number) =>
    Array.from({ length: n }, (_, k) => ({ site: `s${String(k).padStart(3, '0')}`, visits: k * 7 }));
  const counts = (n: number) => {
    const waves = inWaves(sites(n)).map((w) => w.wave);
    return [1, 2, 3].map((wave) => waves.filter((w) => w === wave).length);
  };

  it('is one, a few, the rest', () => {
    expect([0, 1, 2, 4, 5, 40, 100].map(counts)).toEqual([
      [0, 0, 0],
      [1, 0, 0],
      [1, 1, 0],
      [1, 3, 0],
      [1, 3, 1],
      [1, 4, 35],
      [1, 10, 89],
    ]);
  });

  it('begins with the one that fewest come to, whichever was named first', () => {
    const all = [...sites(9)].reverse();
    expect(inWaves(all).map((w) => w.site)).toEqual(sites(9).map((s) => s.site));
    expect(
      inWaves([
        { site: 'b', visits: 3 },
        { site: 'a', visits: 3 },
      ]).map((w) => w.site),
    ).toEqual(['a', 'b']);
  });
});
