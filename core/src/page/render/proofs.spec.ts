import fc from 'fast-check';
import { demoFacts, siteFrom } from '../../fixtures/index.js';
import { expand } from '../../collections/expand.js';
import { complete } from '../../look/shapes/complete.js';
import { randomOperations, sampleCollection } from '../../fixtures/random-operations.js';
import { allTexts } from '../../making/generate/site.js';
import type { FileMedium, Page, SiteDocument } from '../../model/site.js';
import { apply } from '../../operations/apply.js';
import { OperationError } from '../../operations/definition.js';
import type { SingleOperation } from '../../operations/operation.js';
import { newProofs, render } from './render.js';

const ORIGIN = 'https://yard.example';
const SEED = 20261126;
const written = siteFrom(demoFacts, 4);
/** With a collection, and a section that shows it on two pages. */
const start = [
  { op: 'insertCollection' as const, collection: sampleCollection(), at: 0 },
  ...written.pages.slice(0, 2).flatMap((page, n): SingleOperation[] => {
    const id = `listed${n}`;
    const content = complete('news', { heading: { value: 'What is new', from: { kind: 'designer' } } }, id);
    return [
      { op: 'insertSection', page: page.id, at: 1, section: { id, shape: 'news/list', reason: '', content } },
      {
        op: 'setShows',
        section: id,
        shows: { collection: 'news', show: 'newest', most: 2, ...(n && { further: true }) },
      },
    ];
  }),
].reduce((now, operation) => apply(now, operation).document, written);
const other = siteFrom(demoFacts, 9);

/** How many pages a site has with those of its items. */
const drawnPages = (document: SiteDocument) => expand(document).document.pages.length;

/** The site with so many copies of one of its pages. */
function withPages(document: SiteDocument, count: number): SiteDocument {
  const model = document.pages.find((p) => p.id === 'about') ?? document.pages[1]!;
  const copy = (n: number): Page => ({
    ...model,
    id: `copy${n}`,
    slug: `copy-${n}`,
    label: `Copy ${n}`,
    sections: model.sections.map((s) => ({ ...s, id: `${s.id}c${n}` })),
  });
  return { ...document, pages: [...document.pages, ...Array.from({ length: count }, (_, n) => copy(n))] };
}

describe('what was drawn of a site before', () => {
  it('is drawn anew wherever something of it changed: the bytes are those of a whole rendering', () => {
    const operations = fc.oneof(...(Object.values(randomOperations(start, other)) as fc.Arbitrary<SingleOperation>[]));
    let kept = 0;
    let steps = 0;
    fc.assert(
      fc.property(fc.array(operations, { minLength: 3, maxLength: 7 }), (all) => {
        const proofs = newProofs();
        let document = withPages(start, 3);
        render(document, { origin: ORIGIN, proofs });
        for (const operation of all) {
          try {
            document = apply(document, operation).document;
          } catch (error) {
            if (!(error instanceof OperationError)) throw error;
            continue;
          }
          if (!document.pages.length) break;
          // As it comes from another thread; and whole from what nobody has seen before.
          const made = render(structuredClone(document), { origin: ORIGIN, proofs });
          expect(JSON.stringify(made)).toBe(JSON.stringify(render(structuredClone(document), { origin: ORIGIN })));
          steps++;
          kept += drawnPages(document) - proofs.drawn;
        }
      }),
      { numRuns: 40, seed: SEED },
    );
    expect(steps).toBeGreaterThan(80);
    expect(kept).toBeGreaterThan(100);
  });

  it('is one page when a word of one page is changed, however many there are', () => {
    for (const count of [10, 60]) {
      const document = withPages(start, count);
      const proofs = newProofs();
      render(document, { origin: ORIGIN, proofs });
      expect(proofs.drawn).toBe(drawnPages(document));
      const { section, path } = allTexts(document).find((t) => t.page?.id === 'copy3')!;
      const text = { value: 'Larch on oak', from: { kind: 'designer' as const } };
      const next = apply(document, { op: 'setText', at: { section: section.id, path }, text }).document;
      render(next, { origin: ORIGIN, proofs });
      expect(proofs.drawn).withContext(`${count} copies`).toBe(1);
      render(next, { origin: ORIGIN, proofs });
      expect(proofs.drawn).toBe(0);
    }
  });

  it('is the page of an item and the lists it stands in when one of them is changed, however many there are', () => {
    const [collection] = start.collections!;
    const items = Array.from({ length: 60 }, (_, n) => ({
      ...collection!.items[0]!,
      id: `n${n}`,
      slug: `item-${n}`,
      state: 'up' as const,
    }));
    const document = { ...start, collections: [{ ...collection!, items }] };
    const proofs = newProofs();
    const draw = (of: SiteDocument, at = '2099-01-01T08:00Z') => {
      const files = render(structuredClone(of), { origin: ORIGIN, at, proofs });
      expect(JSON.stringify(files)).toBe(JSON.stringify(render(structuredClone(of), { origin: ORIGIN, at })));
      return proofs.drawn;
    };
    expect(draw(document)).toBeGreaterThan(60);
    expect(draw(document)).toBe(0);
    const text = { value: 'Tarred again.', from: { kind: 'client' as const } };
    const worded = apply(document, { op: 'setEntry', collection: 'news', item: 'n40', values: { text } }).document;
    // Its own page, and the part of the long list it stands in.
    expect(draw(worded)).toBe(2);
    // All that they are made from besides themselves: held against whole renderings each time.
    const [news] = worded.collections!;
    const under = worded.pages.find((p) => p.id !== news!.page && p.slug)!;
    const changes: ((d: SiteDocument) => SiteDocument)[] = [
      (d) => ({ ...d, collections: [{ ...news!, page: under.id }] }),
      (d) => ({ ...d, pages: d.pages.map((p) => (p === under ? { ...p, slug: 'elsewhere' } : p)) }),
      (d) => ({ ...d, collections: [{ ...news!, page: under.id, shape: 'story/columns' }] }),
      (d) => ({ ...d, collections: [{ ...news!, page: under.id, fields: [] }] }),
      (d) => ({ ...d, zone: 'Pacific/Auckland' }),
      (d) => ({ ...d, language: 'de' }),
      (d) => ({ ...d, collections: d.collections!.map((c) => ({ ...c, items: [...c.items].reverse() })) }),
    ];
    changes.reduce((now, change) => {
      const next = change(now);
      draw(next);
      draw(now);
      return next;
    }, worded);
  });

  it('shares older items of a large collection with the picture of their list, and those that become older too', () => {
    const [news] = start.collections!;
    const item = (n: number) => ({
      ...news!.items[0]!,
      id: `n${n}`,
      slug: `item-${n}`,
      made: `20${10 + Math.floor(n / 12)}-${String(1 + (n % 12)).padStart(2, '0')}-01T08:00Z`,
      state: 'up' as const,
    });
    const under = start.pages.find((p) => p.slug)!;
    const of = (count: number): SiteDocument => ({
      ...start,
      collections: [{ ...news!, page: under.id, items: Array.from({ length: count }, (_, n) => item(n)) }],
    });
    const proofs = newProofs();
    const draw = (count: number) => {
      const files = render(structuredClone(of(count)), { origin: ORIGIN, at: '2099-01-01T08:00Z', proofs });
      const shared = (path: string) => {
        const file = files.find((f) => f.path === path)!;
        return /property="og:image" content="[^"]*(\/share\/[^"]+)"/.exec('text' in file ? file.text : '')![1]!;
      };
      const paths = new Set(files.map((f) => f.path));
      expect(files.length).toBe(paths.size);
      expect(files.every((f) => !f.path.endsWith('index.html') || paths.has(shared(f.path)))).toBeTrue();
      return { pictures: files.filter((f) => f.path.startsWith('/share/')).length, shared };
    };
    const base = `/${under.slug}`;
    const few = draw(240);
    expect(few.pictures).toBe(240 + start.pages.length);
    expect(few.shared(`${base}/item-0/index.html`)).not.toBe(few.shared(`${base}/index.html`));
    const more = draw(243);
    expect(more.pictures).toBe(few.pictures);
    // Three that came, three that are older now, and the lists they stand in.
    expect(proofs.drawn).toBeLessThan(130);
    for (const n of [0, 1, 2])
      expect(more.shared(`${base}/item-${n}/index.html`)).toBe(more.shared(`${base}/index.html`));
    for (const n of [3, 242])
      expect(more.shared(`${base}/item-${n}/index.html`)).not.toBe(more.shared(`${base}/index.html`));
  });

  it('is everything when what all pages show is changed, and for another origin', () => {
    const proofs = newProofs();
    const count = drawnPages(start);
    const draw = (document: SiteDocument, origin = ORIGIN) => {
      render(document, { origin, proofs });
      return proofs.drawn;
    };
    draw(start);
    expect(draw(apply(start, { op: 'setFact', field: 'phone', value: '01632 960 999' }).document)).toBe(count);
    expect(draw(apply(start, { op: 'setLook', look: other.look }).document)).toBe(count);
    expect(draw(start)).toBe(count);
    expect(draw(start, 'https://elsewhere.example')).toBe(count);
  });

  it('still brings the picture files of pages that are not drawn again', () => {
    const medium: FileMedium = {
      id: 'walk',
      kind: 'file',
      title: 'The walk',
      width: 1600,
      height: 1000,
      colour: '#6d7f80',
      focus: [0.5, 0.4],
      renditions: [{ hash: 'a'.repeat(64), width: 800, height: 500, type: 'image/webp', bytes: 9000 }],
      credit: { by: '', licence: '', address: '' },
    } as never;
    const place = start.pages.flatMap((p) => p.sections).find((s) => 'picture' in s.content)!;
    const withFile = [
      { op: 'putMedium' as const, medium },
      { op: 'setPicture' as const, at: { section: place.id, path: 'picture' }, media: medium.id },
    ].reduce((d, o) => apply(d, o).document, start);
    const proofs = newProofs();
    const first = render(withFile, { origin: ORIGIN, proofs }).map((f) => f.path);
    expect(first.some((p) => p.startsWith('/pictures/'))).toBeTrue();
    expect(render(withFile, { origin: ORIGIN, proofs }).map((f) => f.path)).toEqual(first);
    expect(proofs.drawn).toBe(0);
  });
});
