import fc from 'fast-check';
import { COLOUR_ROLES, type Palette } from '../model/site.js';
import { contrast, leastDistance, palettesFrom, tryWish, weakPairs, WISHED, wishesIn, wishesOf } from './palette.js';
import { coloursOfPixels, mixWishes, readColours } from './wishes.js';

const hex = fc.integer({ min: 0, max: 0xffffff }).map((n) => `#${n.toString(16).padStart(6, '0')}`);
const sound = (palette: Palette) => {
  expect(weakPairs(palette)).withContext(JSON.stringify(palette)).toEqual([]);
  for (const role of COLOUR_ROLES) expect(palette[role]).toMatch(/^#[0-9a-f]{6}$/);
};

describe('palettes', () => {
  it('carry every text and control at the contrast it needs, whatever is wished for, by day and by night', () => {
    fc.assert(
      fc.property(
        fc.record({ lead: hex, accent: hex, ground: hex, wash: hex, deep: hex, text: hex }),
        fc.double({ min: 0.2, max: 2, noNaN: true }),
        (wishes, richness) => {
          const { day, night } = palettesFrom(wishes, richness);
          sound(day);
          sound(night);
        },
      ),
      { numRuns: 150 },
    );
  });

  it('tell states apart for every kind of sight', () => {
    for (let hue = 0; hue < 360; hue += 30) {
      const { day, night } = palettesFrom(wishesOf(hue, (hue + 140) % 360));
      for (const p of [day, night])
        for (const [a, b] of [
          ['good', 'warn'],
          ['good', 'bad'],
          ['warn', 'bad'],
        ] as const)
          expect(leastDistance(p[a], p[b])).withContext(`${a} and ${b} at ${hue}`).toBeGreaterThan(0.06);
    }
  });

  it('say of a wish that cannot be which pair fails, by how much, and the nearest that works', () => {
    const wishes = wishesOf(240, 60);
    const { nearest, weak } = tryWish(wishes, 'lead', '#ffd400');
    expect(weak[0]).toEqual(jasmine.objectContaining({ role: 'lead', needed: 4.5 }));
    expect(weak[0]!.ratio).toBeLessThan(2);
    const { day } = palettesFrom({ ...wishes, lead: nearest });
    expect(day.lead).toBe(nearest);
    expect(contrast(nearest, day.ground)).toBeGreaterThanOrEqual(4.5);
    expect(tryWish(wishes, 'lead', '#123a5c')).toEqual({ wish: '#123a5c', nearest: '#123a5c', weak: [] });
  });

  it('keep the roles that are to stay while the others are mixed', () => {
    const first = palettesFrom(mixWishes({ words: 'blue' }, 1).wishes).day;
    const kept = { lead: first.lead, ground: first.ground };
    for (let seed = 2; seed < 12; seed++) {
      const { wishes } = mixWishes({ words: 'blue', keep: kept }, seed);
      const { day } = palettesFrom(wishes);
      expect([day.lead, day.ground]).toEqual([first.lead, first.ground]);
    }
    for (const role of WISHED) expect(wishesIn(first)[role]).toBe(first[role]);
  });
});

describe('colour words', () => {
  it('give hues in the order of their weight, and mood', () => {
    const read = readColours('harbour, calm, a bit of rust');
    expect(read.colours.map((c) => c.word)).toEqual(['harbour', 'rust']);
    expect(read.richness).toBeLessThan(1);
    expect(readColours('a touch of gold on dark green').colours.map((c) => c.word)).toEqual(['green', 'gold']);
    expect(readColours('nothing of the kind').colours).toEqual([]);
  });

  it('come out of the pixels of a picture, those that tell most first', () => {
    const pixels: number[] = [];
    for (let n = 0; n < 4000; n++)
      pixels.push(
        ...(n < 2600
          ? [244, 244, 240, 255]
          : n < 3400
            ? [30, 70, 130, 255]
            : n < 3900
              ? [200, 90, 30, 255]
              : [0, 0, 0, 0]),
      );
    const [first, second] = coloursOfPixels(pixels);
    expect([first, second].sort()).toEqual(['#1e4682', '#c85a1e']);
  });
});
