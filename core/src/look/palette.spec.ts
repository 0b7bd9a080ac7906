import fc from 'fast-check';
import { contrast, palettes, TEXT_PAIRS } from './palette.js';

describe('palettes', () => {
  it('carry every text at the contrast it needs, whatever the hues and richness, by day and by night', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 359 }),
        fc.integer({ min: 0, max: 359 }),
        fc.double({ min: 0, max: 1.6, noNaN: true }),
        (lead, accent, richness) => {
          const { day, night } = palettes(lead, accent, richness);
          for (const palette of [day, night])
            for (const [ink, ground, least] of TEXT_PAIRS)
              expect(contrast(palette[ink], palette[ground]))
                .withContext(`${ink} on ${ground} at ${lead}, ${accent}, ${richness}`)
                .toBeGreaterThanOrEqual(least);
        },
      ),
      { numRuns: 150 },
    );
  });
});
