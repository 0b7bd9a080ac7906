import { emptyFacts } from '../../model/site.js';
import { newDocument, allTexts, toConfirm } from '../../making/generate/site.js';
import { writeVersion } from '../../making/generate/write.js';
import { validateDocument } from '../../operations/validate.js';
import { apply } from '../../operations/apply.js';
import { knownTrades, packFor, packNamed } from './packs.js';
import { written } from './written.js';

describe('trade packs', () => {
  it('are found by their noun, and by what people call them', () => {
    for (const noun of knownTrades()) expect(packFor(noun).noun).withContext(noun).toBe(noun);
    for (const [said, noun] of [
      ['Antique restorer', 'furniture restorer'],
      ['We are arborists (tree care)', 'tree surgeon'],
      ['cobbler', 'shoe repairer'],
      ['Segelmacherei', 'sailmaker'],
      ['pépiniériste', 'plant nursery'],
    ] as const)
      expect(packFor(said).noun).withContext(said).toBe(noun);
    expect(packFor('astronomer').id).toBe('any');
    expect(packFor('starboatings').id).toBe('any');
  });

  it('say nothing that another pack says too, and no worn phrase', () => {
    const lines = new Map<string, string>();
    for (const id of written.keys()) {
      const pack = packNamed(id);
      const { noun } = pack;
      const own = [
        ...pack.worksHeadings,
        ...pack.contactLeads,
        ...pack.steps.map((s) => s.text),
        ...pack.services.flatMap((s) => s.lines),
      ];
      for (const line of own) {
        expect(lines.get(line) ?? noun)
          .withContext(line)
          .toBe(noun);
        lines.set(line, noun);
        expect(line).not.toMatch(
          /passion|quality service|bespoke solution|one[- ]stop|second to none|look no further|years of experience|state[- ]of[- ]the[- ]art|tailored to your|wide range/i,
        );
      }
      expect(pack.worksHeadings.length).withContext(noun).toBeGreaterThanOrEqual(2);
      expect(pack.actions.length).withContext(noun).toBeGreaterThanOrEqual(3);
    }
  });

  it('each make a site from a name and two services, with every claim marked', () => {
    for (const noun of knownTrades()) {
      const facts = {
        ...emptyFacts(),
        name: `The ${noun}`,
        trade: noun,
        place: 'Saltmarrow',
        services: packFor(noun)
          .services.slice(0, 2)
          .map((s, n) => ({ id: `v${n + 1}`, name: s.match[0]!, detail: '', price: '' })),
      };
      const { document } = apply(newDocument('x', facts), writeVersion(facts, 1));
      expect(validateDocument(document)).withContext(noun).toEqual([]);
      const claims = allTexts(document).filter(
        (t) => t.text.from.kind === 'pack' && /\/(?:services|steps)\//.test(t.text.from.line),
      );
      const asked = new Set(toConfirm(document).map((t) => `${t.section} ${t.path}`));
      expect(asked.size).withContext(noun).toBeGreaterThanOrEqual(claims.length);
      for (const c of claims)
        expect(asked.has(`${c.section} ${c.path}`))
          .withContext(noun)
          .toBeTrue();
    }
  });

  it('is what a trade is called in part, before what others only offer or have', () => {
    for (const [said, id] of [
      ['roofing', 'roofer'],
      ['solar panels', 'solar-installer'],
      ['embroidery', 'embroiderer'],
      ['limpieza', 'cleaner'],
      ['isolation', 'insulation-fitter'],
      ['alquiler de barcos', 'boat-hire'],
      ['Reitschule', 'riding-stable'],
      // Two are called so in part, and many have it: nobody can tell.
      ['wood', 'any'],
      ['beekeeping supplies', 'any'],
    ] as const)
      expect(packFor(said).id).withContext(said).toBe(id);
  });
});
