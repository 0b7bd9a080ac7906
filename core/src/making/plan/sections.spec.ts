import { demoFacts } from '../../fixtures/facts.js';
import { isText, type SiteDocument } from '../../model/site.js';
import { apply } from '../../operations/apply.js';
import { validateDocument } from '../../operations/validate.js';
import { newDocument, textsOf } from '../generate/site.js';
import { writeVersion } from '../generate/write.js';
import { addItemUnder, itemAt, listsOf, partsOf, switchPart } from './lists.js';
import { carryTo, twice, whereIs } from './sections.js';

const site = apply(newDocument('x', demoFacts), writeVersion(demoFacts, 1)).document;
const all = site.pages.flatMap((p) => p.sections);
const words = (document: SiteDocument, id: string) =>
  textsOf(document.pages.flatMap((p) => p.sections).find((s) => s.id === id)!).map((t) => t.text.value);
const idsIn = (value: unknown): string[] =>
  typeof value !== 'object' || value === null
    ? []
    : [
        ...(!isText(value) && 'id' in value && typeof value.id === 'string' ? [value.id] : []),
        ...Object.values(value).flatMap(idsIn),
      ];

describe('sections of a page', () => {
  it('stand twice with the same words, each its own from then on', () => {
    for (const section of all) {
      const operation = twice(site, section.id);
      if (section.shape.startsWith('contact/')) {
        expect(operation).toBeNull();
        continue;
      }
      const { document, inverse } = apply(site, operation!);
      expect(validateDocument(document)).withContext(section.shape).toEqual([]);
      const { page, at } = whereIs(document, section.id)!;
      const copy = page.sections[at + 1]!;
      expect(words(document, copy.id)).toEqual(words(site, section.id));
      const kept = new Set(idsIn(section.content));
      expect(idsIn(copy.content).filter((id) => kept.has(id))).toEqual([]);
      expect(JSON.stringify(apply(document, inverse).document)).toBe(JSON.stringify(site));
    }
    expect(twice(site, 'nowhere')).toBeNull();
  });

  it('are carried to the end of another page, but for the only one of theirs', () => {
    const [home, other] = site.pages;
    const [, second] = home!.sections;
    const { document } = apply(site, carryTo(site, second!.id, other!.id)!);
    expect(whereIs(document, second!.id)).toEqual({ page: document.pages[1]!, at: other!.sections.length });
    expect(carryTo(site, second!.id, home!.id)).toBeNull();
    expect(carryTo(site, second!.id, 'nowhere')).toBeNull();
    const alone = {
      ...site,
      pages: site.pages.map((p) => (p === home ? { ...p, sections: p.sections.slice(0, 1) } : p)),
    };
    expect(carryTo(alone, home!.sections[0]!.id, other!.id)).toBeNull();
  });
});

describe('lists and parts of a section', () => {
  it('grow under an item by one that has something to take hold of, and nothing else in it', () => {
    for (const section of all)
      for (const list of listsOf(section).filter((l) => l.items.length && l.items.length < l.most)) {
        const [first] = list.items;
        const { document } = apply(site, addItemUnder(section, list.field, first!.id, 'new1'));
        expect(validateDocument(document)).withContext(`${section.shape} ${list.field}`).toEqual([]);
        const grown = document.pages.flatMap((p) => p.sections).find((s) => s.id === section.id)!;
        expect(itemAt(grown, `${list.field}.new1`)).toEqual(jasmine.objectContaining({ id: 'new1', at: 1 }));
        const texts = textsOf(grown).filter((t) => t.path.startsWith(`${list.field}.new1`));
        const said = texts.filter((t) => t.text.value);
        expect(said.length).withContext(section.shape).toBeGreaterThan(0);
        expect(said.length).toBeLessThan(3);
        for (const t of said) expect(t.text.from.kind).toBe('placeholder');
      }
  });

  it('come and go, and are nobody’s words until they are written', () => {
    const [opening] = all;
    const part = (path: string) => partsOf(opening!, null).find((t) => t.path === path)!;
    const on = apply(site, switchPart(part('kicker'))).document;
    const [shown] = on.pages[0]!.sections;
    const kicker = partsOf(shown!, null).find((t) => t.path === 'kicker')!;
    expect(kicker.text.from.kind).toBe('placeholder');
    expect(JSON.stringify(apply(on, switchPart(kicker)).document)).toBe(JSON.stringify(site));
    expect(switchPart(part('heading')).text).toEqual({ value: '', from: { kind: 'designer' } });
  });

  it('are those of one item where it is in hand', () => {
    const section = all.find((s) => s.shape.startsWith('services/'))!;
    const item = itemAt(section, textsOf(section).find((t) => t.path.startsWith('items.'))!.path)!;
    expect(partsOf(section, item).map((t) => t.path.split('.')[2])).toEqual(
      jasmine.arrayContaining(['name', 'text', 'price']),
    );
    expect(new Set(partsOf(section, item).map((t) => t.path.split('.')[1]))).toEqual(new Set([item.id]));
    expect(partsOf(section, null).some((t) => t.path.includes('.'))).toBeFalse();
    expect(itemAt(section, 'heading')).toBeNull();
    expect(itemAt(section, 'items.gone.name')).toBeNull();
  });
});
