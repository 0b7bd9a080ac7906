import fc from 'fast-check';
import { wordsMerged } from './words-merged.js';

const words = fc
  .array(fc.constantFrom('larch', 'oak', 'the', 'slip', 'is', 'tarred', 'été', '12', ',', '.', '—'), { maxLength: 12 })
  .map((all) => all.join(' '));

describe('what two made of one text', () => {
  it('is both where they changed different words', () => {
    const base = 'We mend wooden boats up to forty feet. Ask us about winter storage.';
    const one = 'We mend wooden boats up to fifty feet. Ask us about winter storage.';
    const other = 'We build and mend wooden boats up to forty feet. Ring us about winter storage.';
    expect(wordsMerged(base, one, other)).toBe(
      'We build and mend wooden boats up to fifty feet. Ring us about winter storage.',
    );
  });

  it('is nothing where they changed the same words, or put others in the same place', () => {
    expect(wordsMerged('Wooden boats', 'Oak boats', 'Larch boats')).toBeNull();
    expect(wordsMerged('Boats mended', 'Boats well mended', 'Boats soon mended')).toBeNull();
    expect(wordsMerged('', 'Oak', 'Larch')).toBeNull();
    // What one takes out while the other changes it.
    expect(wordsMerged('We mend boats. Ring us.', 'We mend boats.', 'We mend boats. Write to us.')).toBeNull();
  });

  it('is what one made where the other made nothing, and the same from either side', () => {
    fc.assert(
      fc.property(words, words, words, (base, one, other) => {
        expect(wordsMerged(base, one, base)).toBe(one);
        expect(wordsMerged(base, base, other)).toBe(other);
        expect(wordsMerged(base, one, one)).toBe(one);
        expect(wordsMerged(base, one, other)).toBe(wordsMerged(base, other, one));
      }),
      { numRuns: 400, seed: 20261128 },
    );
  });

  it('has every word that one put in and the other left alone, and none that neither wrote', () => {
    let merged = 0;
    fc.assert(
      fc.property(words, words, words, (base, one, other) => {
        const both = wordsMerged(base, one, other);
        if (both === null) return;
        merged++;
        const said = new Set(`${one} ${other}`.split(/\s+/));
        for (const word of both.split(/\s+/)) expect(said).toContain(word);
        const count = (text: string, word: string) => text.split(/\s+/).filter((w) => w === word).length;
        for (const word of said) {
          const [was, a, b] = [base, one, other].map((t) => count(t, word)) as [number, number, number];
          if (was === 0 && a > 0 && b === 0) expect(count(both, word)).toBe(a);
        }
      }),
      { numRuns: 400, seed: 20261129 },
    );
    expect(merged).toBeGreaterThan(10);
  });
});
