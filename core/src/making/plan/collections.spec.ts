import { demoFacts } from '../../fixtures/facts.js';
import { shapeSheet } from '../../fixtures/shapes.js';
import { siteFrom } from '../../fixtures/measure-copy.js';
import { directionNumbered } from '../generate/site.js';
import { shapes } from '../../look/shapes/registry.gen.js';
import { COLLECTION_KINDS } from '../../model/site.js';
import { COLLECTIONS } from '../../model/collection-kinds.js';
import { apply } from '../../operations/apply.js';
import { validateDocument, validateOperation } from '../../operations/validate.js';
import { wordsWithin } from '../../operations/words.js';
import { render } from '../../page/render/render.js';
import {
  canCollect,
  canShow,
  collect,
  freeSlug,
  listItems,
  newCollection,
  newItem,
  takeOutCollection,
} from './collections.js';

const MADE = '2026-06-01T08:00Z';
const site = siteFrom(demoFacts, 4);

describe('collections on a site', () => {
  for (const kind of COLLECTION_KINDS)
    it(`of ${kind} begin with a page that lists them, fit the site, and are taken out without a trace`, () => {
      const { title } = COLLECTIONS[kind];
      const begun = newCollection(site, kind, title, MADE);
      expect(validateOperation(begun)).toEqual([]);
      const { document, inverse } = apply(site, begun);
      expect(validateDocument(document)).toEqual([]);
      const [collection] = document.collections!;
      const page = document.pages.find((p) => p.id === collection!.page)!;
      const section = page.sections.find((s) => s.shows)!;
      expect(section.shows!.collection).toBe(collection!.id);
      expect(canShow(section)).toBeTrue();
      // An item of it is drawn there, under its own words.
      const item = newItem(
        collection!,
        'one',
        MADE,
        { value: 'Quince & Rye', from: { kind: 'client' } },
        {
          state: 'up',
          values: {
            ...(kind === 'events' && { starts: '2026-07-01T10:00' }),
            ...(kind === 'questions' && { answer: { value: 'By the tide.', from: { kind: 'client' as const } } }),
            ...(kind === 'quotes' && {
              text: { value: 'Drier than she was built.', from: { kind: 'client' as const } },
            }),
          },
        },
      );
      const filled = apply(document, item).document;
      expect(validateDocument(filled)).toEqual([]);
      const drawn = render(filled, { origin: 'https://yard.example', at: '2026-06-02T08:00Z' });
      const html = drawn.find((f) => f.path === `/${page.slug}/index.html`)!;
      expect('text' in html && html.text).toContain('Quince &amp; Rye');
      // No level of headings is skipped.
      const levels = [...('text' in html ? html.text : '').matchAll(/<h([1-6])[\s>]/g)].map((m) => Number(m[1]));
      expect(levels[0]).toBe(1);
      levels.forEach((level, n) =>
        expect(level)
          .withContext(levels.join())
          .toBeLessThanOrEqual((levels[n - 1] ?? 0) + 1),
      );
      // Machines are told of questions where they are asked.
      expect('text' in html && html.text.includes('"FAQPage"')).toBe(kind === 'questions');
      expect(JSON.stringify(apply(document, inverse).document)).toBe(JSON.stringify(site));
      const out = apply(filled, takeOutCollection(filled, collection!.id));
      expect(out.document.collections).toBeUndefined();
      expect(validateDocument(out.document)).toEqual([]);
      expect(JSON.stringify(apply(out.document, out.inverse).document)).toBe(JSON.stringify(filled));
    });

  it('begin with what the brief said: every service and every person, by their own words', () => {
    const services = apply(site, newCollection(site, 'services', 'Services', MADE)).document.collections![0]!;
    expect(services.items.map((i) => i.title.value)).toEqual(demoFacts.services.map((s) => s.name));
    const people = apply(site, newCollection(site, 'people', 'People', MADE)).document.collections![0]!;
    expect(people.items.map((i) => i.title.value)).toEqual(demoFacts.people.map((p) => p.name));
  });

  it('are made of the lists sections have today, and no word of those is lost', () => {
    let made = 0;
    for (const shape of Object.keys(shapes).filter((s) => !/^(?:header|footer)\//.test(s))) {
      const kind = shape.split('/')[0]!;
      const sheet = shapeSheet(kind, 'sample', directionNumbered(1));
      const section = sheet.pages.flatMap((p) => p.sections).find((s) => s.shape === shape);
      if (!section || !canCollect(section)) continue;
      const operation = collect(sheet, section.id, MADE)!;
      expect(operation).withContext(shape).not.toBeNull();
      const { document, inverse } = apply(sheet, operation);
      expect(validateDocument(document)).withContext(shape).toEqual([]);
      const words = JSON.stringify(document.collections);
      for (const said of wordsWithin(section.content['items'])) {
        // A picture’s own words go with the picture.
        expect(words).withContext(`${shape}: ${said}`).toContain(JSON.stringify(said).slice(1, -1));
      }
      expect(JSON.stringify(apply(document, inverse).document))
        .withContext(shape)
        .toBe(JSON.stringify(sheet));
      made++;
    }
    expect(made).toBeGreaterThan(20);
  });

  it('make what a section had of its own make way, which is back when that is undone', () => {
    const section = site.pages.flatMap((p) => p.sections).find((s) => canShow(s) && (s.content['items'] as []).length)!;
    const begun = apply(site, newCollection(site, 'news', 'News', MADE)).document;
    const shows = { collection: begun.collections![0]!.id, show: 'newest' as const, most: 3 };
    const { document, inverse } = apply(begun, { op: 'batch', operations: listItems(begun, section.id, shows) });
    expect(validateDocument(document)).toEqual([]);
    expect(document.pages.flatMap((p) => p.sections).find((s) => s.id === section.id)!.content['items']).toEqual([]);
    expect(JSON.stringify(apply(document, inverse).document)).toBe(JSON.stringify(begun));
  });

  it('give no two items one address', () => {
    const items = [{ slug: 'the-slip' }, { slug: 'the-slip-2' }];
    expect(freeSlug(items, 'The slip!')).toBe('the-slip-3');
    expect(freeSlug(items, '!')).toBe('page');
  });
});
