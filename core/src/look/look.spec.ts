import { demoFacts } from '../fixtures/facts.js';
import { newDocument } from '../making/generate/site.js';
import { fontCuts } from '../page/render/css.js';
import { fromDesignTokens, toDesignTokens } from './design-tokens.js';
import { finishCss, sizeTokens } from './tokens.js';
import { families, rankPairings, readability } from './type.js';

const { look } = newDocument('x', demoFacts, 3);

describe('design tokens', () => {
  it('come back as they went out', () => {
    const {
      look: back,
      problems,
      moved,
    } = fromDesignTokens(JSON.stringify(toDesignTokens(look)), newDocument('y', demoFacts, 4).look);
    const { name: _, seed: __, night: ___, ...rest } = look;
    expect(back).toEqual(jasmine.objectContaining(rest));
    expect([problems, moved]).toEqual([[], []]);
  });

  it('of other hands are read as far as they go, and say what was not used', () => {
    const read = fromDesignTokens(
      JSON.stringify({
        color: {
          lead: { $type: 'color', $value: '#ffe100' },
          accent: { $value: '{brand.rust}' },
          ground: { $value: 'no colour' },
        },
        brand: { rust: { $type: 'color', $value: { colorSpace: 'oklch', components: [0.6, 0.13, 45] } } },
        font: { heading: { $value: ['Fraunces', 'serif'] }, reading: { $value: 'Papyrus' } },
        shape: { corner: { $value: '1.5rem' }, density: { $value: 9 } },
        finish: { button: 'gel' },
      }),
      look,
    );
    expect(read.look.heading).toBe('fraunces');
    expect(read.look.corner).toBe(24);
    expect(read.moved.map((m) => [m.role, m.wish])).toContain(['lead', '#ffe100']);
    expect(read.problems.join('\n')).toMatch(/color\.ground[^]*density[^]*Papyrus|Papyrus[^]*density/i);
    expect(read.problems.join('\n')).toContain('finish.button is one of solid');
    expect(() => fromDesignTokens('{', look)).toThrowError(/no JSON/);
    expect(() => fromDesignTokens('[]', look)).toThrowError(/JSON object/);
  });
});

describe('type', () => {
  it('ships thirty families or more, all openly licensed, with the letters of every language sites are written in', () => {
    const all = Object.values(families);
    expect(all.length).toBeGreaterThanOrEqual(30);
    for (const f of all) {
      expect(f.licence)
        .withContext(f.id)
        .toMatch(/^(OFL-1\.1|Apache-2\.0)$/);
      expect(f.languages).withContext(f.id).toEqual(['en', 'es', 'fr', 'de']);
    }
  });

  it('pairs by measure: what is kept stays, no display face carries running text, and no two look like a mistake', () => {
    for (const p of rankPairings({ heading: 'fraunces' }).slice(0, 20)) expect(p.heading).toBe('fraunces');
    for (const p of rankPairings({ moods: ['strong'] }).slice(0, 60)) {
      expect(readability(families[p.reading]!)).toBeGreaterThan(0.45);
      const [h, r] = [families[p.heading]!, families[p.reading]!];
      if (h !== r && h.kind === r.kind) expect(Math.abs(h.contrast - r.contrast)).toBeGreaterThan(0.5);
    }
  });

  it('is cut to the letters and weights of the site, and an everyday letter more changes nothing', () => {
    const one = fontCuts(look, 'Rope');
    expect(fontCuts(look, 'Ropes, 12')).toEqual(one);
    expect(fontCuts(look, 'Rœpe')[look.reading]!.letters).toContain('œ');
    expect(one[look.reading]!.weights[1]).toBeLessThanOrEqual(700);
  });

  it('grows in steps, each size larger than the one below', () => {
    const most = Object.entries(sizeTokens(look))
      .filter(([k]) => /size-[3-6]/.test(k))
      .map(([, v]) => Number(/([\d.]+)rem\)$/.exec(v)![1]));
    expect(most).toEqual([...most].sort((a, b) => a - b));
  });

  it('moves nothing for those who want no motion', () => {
    expect(finishCss({ ...look, motion: 'rise' }).join()).toContain('prefers-reduced-motion: no-preference');
    expect(finishCss({ ...look, motion: 'still' }).join()).not.toContain('animation');
  });
});
