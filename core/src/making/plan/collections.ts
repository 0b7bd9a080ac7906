import { idFrom } from '../../ground/ids.js';
import { complete } from '../../look/shapes/complete.js';
import { shapes } from '../../look/shapes/registry.gen.js';
import { COLLECTIONS, fieldsOf } from '../../model/collection-kinds.js';
import {
  isPicture,
  isText,
  type Collection,
  type CollectionItem,
  type CollectionKind,
  type FieldValue,
  type Listing,
  type Section,
  type SiteDocument,
  type Text,
} from '../../model/site.js';
import { findSection } from '../../operations/reach.js';
import type { Operation, OperationNamed, SingleOperation } from '../../operations/operation.js';
import { shapeOfKind } from './plan.js';
import { slugOf } from './slug.js';

const said = (value: string): Text => ({ value, from: { kind: 'designer' } });
const told = (value: string): Text => ({ value, from: { kind: 'brief', quote: value.slice(0, 2000) } });

/** The address for an item that no other of its collection has. */
export function freeSlug(items: readonly Pick<CollectionItem, 'slug'>[], title: string): string {
  const taken = new Set(items.map((i) => i.slug));
  const wanted = slugOf(title);
  for (let n = 1; ; n++) {
    const slug = n === 1 ? wanted : `${wanted.slice(0, 70)}-${n}`;
    if (!taken.has(slug)) return slug;
  }
}

/** The operation that puts a new item, a draft so far, at the end of a collection. Its id is the caller’s to find. @param made the minute it is made */
export function newItem(
  collection: Collection,
  id: string,
  made: string,
  title: Text,
  more: Partial<CollectionItem> = {},
): OperationNamed<'insertEntry'> {
  return {
    op: 'insertEntry',
    collection: collection.id,
    item: { id, slug: freeSlug(collection.items, title.value), title, made, state: 'draft', values: {}, ...more },
    at: collection.items.length,
  };
}

/** Items made from words that stand in a list, one for each, up at once. */
function itemsOf(
  about: string,
  made: string,
  all: readonly { title: Text; values: Record<string, FieldValue | undefined> }[],
): CollectionItem[] {
  const items: CollectionItem[] = [];
  for (const [n, { title, values }] of all.entries()) {
    if (!title.value.trim()) continue;
    const kept = Object.entries(values).filter(
      ([, v]) => v !== undefined && !(isText(v) && !v.value) && !(isPicture(v) && !v.media),
    );
    items.push({
      id: idFrom(about, n),
      slug: freeSlug(items, title.value),
      title,
      made,
      state: 'up',
      values: Object.fromEntries(kept) as CollectionItem['values'],
    });
  }
  return items;
}

/** What the brief said of a kind: its services, people, places and events are the first items of a collection of them. */
function fromFacts(document: SiteDocument, kind: CollectionKind, about: string, made: string): CollectionItem[] {
  const { services, people, branches, events } = document.facts;
  const rows = {
    services: services.map((s) => ({
      title: told(s.name),
      values: { text: told(s.detail), price: told(s.price) },
    })),
    people: people.map((p) => ({ title: told(p.name), values: { role: told(p.role), text: told(p.about ?? '') } })),
    places: branches.map((b) => ({
      title: told(b.name),
      values: { address: told(b.address), phone: told(b.phone), hours: told(b.hours) },
    })),
    // When something is was told in words: on which day that is, nobody has said.
    events: events.map((e) => ({
      title: told(e.name),
      values: { place: told(e.place), text: told([e.when, e.detail].filter(Boolean).join('. ')) },
    })),
  };
  return kind in rows ? itemsOf(about, made, rows[kind as keyof typeof rows]) : [];
}

const freshId = (document: SiteDocument, letter: string, ...about: string[]) =>
  letter + idFrom(...about, JSON.stringify([document.collections?.length, document.pages])).slice(1);

/** A section that shows items of a collection. */
function listing(document: SiteDocument, collection: Collection, id: string, heading: string, shows: Listing): Section {
  const kind = COLLECTIONS[collection.kind].section;
  const page = document.pages[0]!;
  // Shapes that need something an item may not have come later: what is shown changes every week.
  const shape = collection.kind === 'news' ? 'news/list' : shapeOfKind(document, page, kind);
  return {
    id,
    shape,
    reason: `Shows ${collection.name}.`,
    shows,
    content: complete(kind, { heading: said(heading) }, id),
  };
}

/**
 * The operation that begins a collection: with what the brief said of it, a page where all of it is listed, and under which
 * its items have theirs. Where there is a page of that address it stands there.
 * @param made the minute it is made
 */
export function newCollection(document: SiteDocument, kind: CollectionKind, name: string, made: string): Operation {
  const { pages, show, slug } = COLLECTIONS[kind];
  const id = freshId(document, 'c', 'collection', kind, name);
  const wanted = kind === 'own' ? slugOf(name) : slug;
  const there = document.pages.find((p) => p.slug === wanted && wanted !== '');
  const page = there?.id ?? freshId(document, 'p', 'page', kind, name);
  const collection: Collection = {
    id,
    kind,
    name,
    page,
    fields: [],
    items: fromFacts(document, kind, id, made),
  };
  const shows: Listing = { collection: id, show, most: 12, ...(pages && { further: true as const }) };
  const section = listing(document, collection, freshId(document, 'x', 'list', kind, name), there ? name : '', shows);
  const top = freshId(document, 'x', 'top', kind, name);
  const operations: SingleOperation[] = [
    { op: 'insertCollection', collection, at: document.collections?.length ?? 0 },
    there
      ? { op: 'insertSection', page, section, at: there.sections.length }
      : {
          op: 'insertPage',
          at: document.pages.length,
          page: {
            id: page,
            slug: wanted,
            label: name.slice(0, 40),
            reason: 'Asked for by the designer.',
            seo: { title: null, description: null },
            sections: [
              {
                id: top,
                shape: 'opening/heading',
                reason: 'Names the page.',
                content: complete('opening', { heading: said(name) }, top),
              },
              section,
            ],
          },
        },
  ];
  return { op: 'batch', operations };
}

/** Which kind of collection the items of a kind of section are. */
const KIND_OF: Readonly<Record<string, CollectionKind>> = {
  news: 'news',
  events: 'events',
  products: 'products',
  services: 'services',
  people: 'people',
  questions: 'questions',
  quotes: 'quotes',
  gallery: 'works',
};
/** Whether the items of a section can become a collection. */
export const canCollect = (section: Section): boolean =>
  section.shows === undefined &&
  (section.shape.split('/')[0] ?? '') in KIND_OF &&
  itemsIn(section).length > 0 &&
  // What has no name would have no address, and would be left behind.
  itemsIn(section).every((item) => titleOf(item).value.trim() !== '');
const itemsIn = ({ content: { items } }: Section) => (Array.isArray(items) ? (items as Record<string, unknown>[]) : []);
const titleOf = ({ name, question, caption }: Record<string, unknown>): Text =>
  [name, question, caption].find(isText) ?? said('');

/**
 * The operation that makes a collection of the items a section has of its own, and has it show that; null where it has none
 * that could be one.
 */
export function collect(document: SiteDocument, sectionId: string, made: string): Operation | null {
  const section = findSection(document, sectionId);
  const page = document.pages.find((p) => p.sections.some((s) => s.id === sectionId));
  if (!section || !page || !canCollect(section)) return null;
  const kind = KIND_OF[section.shape.split('/')[0]!]!;
  const known = new Set(fieldsOf({ kind, fields: [] }).map((f) => f.id));
  const id = freshId(document, 'c', 'collect', sectionId);
  const rows = itemsIn(section).map((item) => {
    const { name: _, question: __, caption: ___, date, ...rest } = item;
    const title = titleOf(item);
    const values = Object.fromEntries(
      Object.entries(rest).filter(([k, v]) => known.has(k) && (isText(v) || isPicture(v))),
    ) as Record<string, FieldValue>;
    // A date in words is no date: it is kept where it can be read.
    const text = isText(date) && date.value ? joined(date, values['text']) : values['text'];
    return { title: { value: title.value, from: title.from }, values: { ...values, ...(text && { text }) } };
  });
  const items = itemsOf(id, made, rows);
  if (!items.length) return null;
  const { title, show } = COLLECTIONS[kind];
  const heading = section.content['heading'];
  const name = (isText(heading) && heading.value.length <= 40 && heading.value) || title;
  return {
    op: 'batch',
    operations: [
      {
        op: 'insertCollection',
        collection: { id, kind, name, page: page.id, fields: [], items },
        at: document.collections?.length ?? 0,
      },
      ...listItems(document, sectionId, {
        collection: id,
        show: show === 'upcoming' ? 'kept' : show,
        most: Math.max(items.length, 6),
      }),
    ],
  };
}
const joined = (date: Text, text: FieldValue | undefined): Text =>
  isText(text) && text.value ? { value: `${date.value}. ${text.value}`, from: text.from } : date;

/** The operations that have a section show items of a collection; what it had of its own makes way. */
export function listItems(document: SiteDocument, section: string, shows: Listing): SingleOperation[] {
  const found = findSection(document, section);
  const own = found?.content['items'];
  return [
    ...(Array.isArray(own) && own.length
      ? [{ op: 'setContent' as const, section, content: { ...found!.content, items: [] } as never }]
      : []),
    { op: 'setShows', section, shows },
  ];
}

/** Whether a kind of section has a place for items of a collection. */
export const canShow = (section: Section): boolean =>
  'items' in ((shapes[section.shape]?.content.properties ?? {}) as object) &&
  !/^(?:rows|areas|steps|figures|table)\//.test(section.shape);

/** The operation that takes a collection out, and has no section show it any more. */
export function takeOutCollection(document: SiteDocument, id: string): Operation {
  const showing = document.pages.flatMap((p) => p.sections.filter((s) => s.shows?.collection === id));
  return {
    op: 'batch',
    operations: [
      ...showing.map((s): SingleOperation => ({ op: 'setShows', section: s.id, shows: null })),
      { op: 'removeCollection', collection: id },
    ],
  };
}
