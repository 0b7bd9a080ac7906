import fc from 'fast-check';
import { briefFixtures } from '../../fixtures/briefs.js';
import { demoFacts } from '../../fixtures/facts.js';
import { readBrief } from '../../brief/read.js';
import { allTexts, directionNumbered, newDocument } from '../generate/site.js';
import { writeVersion } from '../generate/write.js';
import { validateDocument, validateOperation } from '../../operations/validate.js';
import type { DirectionRef, SiteDocument } from '../../model/site.js';
import { apply } from '../../operations/apply.js';
import { rewriteVersion } from '../plan/plan.js';
import { shapes } from '../../look/shapes/registry.gen.js';
import { packOf } from '../../brief/trades/packs.js';
import { weakPairs } from '../../look/palette.js';
import { directionDistance, directionOf } from './direction.js';
import { inDirection, structureDistance, takeDirection } from './dress.js';
import { sampleOf } from './sample.js';

const site = apply(newDocument('yard', demoFacts), writeVersion(demoFacts, 1)).document;
const nth = (n: number, facts = demoFacts) => directionOf(facts, packOf(facts), directionNumbered(n));
const said = (d: SiteDocument) => JSON.stringify(allTexts(d).map((t) => [t.section.id, t.path, t.text]));
const ref: fc.Arbitrary<DirectionRef> = fc.record({
  layout: fc.integer({ min: 1, max: 60 }),
  colours: fc.integer({ min: 1, max: 60 }),
  type: fc.integer({ min: 1, max: 60 }),
  finish: fc.integer({ min: 1, max: 60 }),
});

describe('directions', () => {
  it('are held apart: no two of three look alike, in structure, colours or type', () => {
    for (const { text } of briefFixtures.slice(0, 8)) {
      const facts = readBrief(text);
      for (let n = 1; n < 25; n += 3)
        for (const [a, b] of [
          [n, n + 1],
          [n, n + 2],
          [n + 1, n + 2],
        ] as const) {
          expect(nth(a, facts).family).withContext(`${facts.name} ${a}, ${b}`).not.toBe(nth(b, facts).family);
          expect(directionDistance(nth(a, facts), nth(b, facts)))
            .withContext(`${facts.name} ${a}, ${b}`)
            .toBeGreaterThan(0.2);
        }
    }
    for (const [a, b] of [
      [1, 2],
      [2, 3],
      [1, 3],
    ] as const)
      expect(structureDistance(site, directionNumbered(a), directionNumbered(b))).toBeGreaterThan(0.45);
  });

  it('do not run out: ninety of them, no name twice', () => {
    const names = Array.from({ length: 90 }, (_, n) => nth(n + 1).name);
    expect(new Set(names).size).toBe(90);
    expect(nth(7)).toEqual(directionOf(demoFacts, packOf(demoFacts), directionNumbered(7)));
  });

  it('follow what the brief asks for', () => {
    const calm = { ...demoFacts, style: ['calm'], colours: ['dark green'] };
    const first = directionOf(calm, packOf(calm), directionNumbered(1));
    expect(first.family.asked.test('calm')).toBeTrue();
    expect(first.why).toMatch(/for “calm” in the brief\. .*green.*as asked for/i);
  });

  it('keep every word, fit their schema and can all be read, in any mixture', () => {
    fc.assert(
      fc.property(ref, (r) => {
        const { document, inverse } = apply(site, takeDirection(site, r));
        expect(validateOperation(takeDirection(site, r))).toEqual([]);
        expect(said(document)).toBe(said(site));
        expect(validateDocument(document)).toEqual([]);
        expect(document).toEqual(inDirection(site, r));
        expect([weakPairs(document.look.day), weakPairs(document.look.night)]).toEqual([[], []]);
        expect(JSON.stringify(apply(document, inverse).document)).toBe(JSON.stringify(site));
      }),
      { numRuns: 40 },
    );
  });

  it('stay on when other words are written', () => {
    const dressed = apply(site, takeDirection(site, directionNumbered(5))).document;
    const own = apply(dressed, {
      op: 'setShape',
      section: dressed.pages[0]!.sections[1]!.id,
      shape: 'services/ledger',
    }).document;
    const again = apply(own, rewriteVersion(own, 8)).document;
    expect(again.look).toEqual(own.look);
    expect(again.pages[0]!.sections[1]!.shape).toBe('services/ledger');
    expect(again.header!.shape).toBe(own.header!.shape);
  });

  it('refuse a shape of another kind', () => {
    expect(() =>
      apply(site, { op: 'setShape', section: site.pages[0]!.sections[0]!.id, shape: 'footer/deep' }),
    ).toThrowError(/no shape of opening/);
  });
});

describe('the sample book', () => {
  it('shows every shape with the words of the site, as a site that fits', () => {
    const names = Object.keys(shapes);
    expect(names.length).toBeGreaterThanOrEqual(90);
    expect(new Set(names.map((s) => s.split('/')[0])).size).toBeGreaterThanOrEqual(24);
    for (const name of names)
      expect(validateDocument(sampleOf(site, name)))
        .withContext(name)
        .toEqual([]);
    const shown = JSON.stringify(sampleOf(site, 'services/index').pages[0]!.sections);
    expect(shown).toContain('Planking and caulking');
  });
});
