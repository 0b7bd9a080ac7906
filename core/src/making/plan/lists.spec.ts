import { demoFacts, siteFrom } from '../../fixtures/index.js';
import type { Section, SiteDocument } from '../../model/site.js';
import { validateDocument } from '../../operations/validate.js';
import { apply } from '../../operations/apply.js';
import { addItem, listsOf, shapesOfKind } from './lists.js';

const start = siteFrom(demoFacts, 2);
const withItems = start.pages.flatMap((p) => p.sections).find((s) => (listsOf(s)[0]?.items.length ?? 0) > 1)!;
const { field } = listsOf(withItems)[0]!;
const sectionIn = (document: SiteDocument): Section =>
  document.pages.flatMap((p) => p.sections).find((s) => s.id === withItems.id)!;
const list = { section: withItems.id, path: field };
const names = (document: SiteDocument) =>
  listsOf(sectionIn(document))
    .find((l) => l.field === field)!
    .items.map((i) => i.name);
const ids = (document: SiteDocument) =>
  listsOf(sectionIn(document))
    .find((l) => l.field === field)!
    .items.map((i) => i.id);

describe('the lists of a section', () => {
  it('grow, shrink and change their order, and are taken back to the byte', () => {
    const before = names(start);
    const [first, second, ...others] = ids(start);
    for (const [operation, expected, known] of [
      [addItem(withItems, field, 'new1'), [...before, ''], [first, second, ...others, 'new1']],
      [{ op: 'removeItem', list, item: first! }, before.slice(1), [second, ...others]],
      [
        { op: 'moveItem', list, item: first!, to: 1 },
        [before[1], before[0], ...before.slice(2)],
        [second, first, ...others],
      ],
    ] as const) {
      const { document, inverse } = apply(start, operation);
      expect(names(document)).toEqual([...expected] as string[]);
      expect(ids(document)).toEqual([...known] as string[]);
      expect(validateDocument(document)).toEqual([]);
      expect(JSON.stringify(apply(document, inverse).document)).toBe(JSON.stringify(start));
    }
  });

  it('are there for every shape that has one, and an item added to any of them fits its schema', () => {
    let tried = 0;
    for (const page of start.pages)
      for (const section of page.sections)
        for (const list of listsOf(section)) {
          if (list.items.length >= list.most) continue;
          tried++;
          expect(list.one).not.toBe('Picture');
          expect(validateDocument(apply(start, addItem(section, list.field, 'new1')).document))
            .withContext(section.shape)
            .toEqual([]);
        }
    expect(tried).toBeGreaterThan(2);
  });

  it('can be shown in every shape of their kind', () => {
    for (const { shape } of shapesOfKind(withItems)) {
      const { document } = apply(start, { op: 'setShape', section: withItems.id, shape });
      expect(names(document)).toEqual(names(start));
      expect(validateDocument(document)).toEqual([]);
    }
  });
});
