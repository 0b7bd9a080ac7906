import { complete } from '../look/shapes/complete.js';
import { shapes } from '../look/shapes/registry.gen.js';
import { languages } from '../language/registry.gen.js';
import { openerOf } from '../model/page.js';
import {
  isPicture,
  isText,
  type Collection,
  type CollectionItem,
  type Page,
  type Section,
  type SiteDocument,
  type Text,
} from '../model/site.js';
import { COLLECTIONS, fieldsOf } from '../model/collection-kinds.js';
import { followsTime, itemsFor, itemsShown, whenOf, wordsOf } from './listing.js';
import { localAt, sayMonth, startOf, stateOf, type ItemState } from './times.js';

/** The page of an item. */
export interface ItemPage {
  collection: Collection;
  item: CollectionItem;
  state: ItemState;
}
/** A page that continues the list of another. */
export interface FurtherPage {
  /** The page it continues. */
  of: Page;
  /** Which one of them it is, from 2 on, and how many there are with the first. */
  nth: number;
  pages: number;
}

/** A site with its collections in place. */
export interface Expanded {
  /** With the sections that show items filled, and the pages of items and of long lists behind the others. */
  document: SiteDocument;
  /** What it is made of that is no page of the site itself, by the ids those pages have here. */
  items: ReadonlyMap<string, ItemPage>;
  further: ReadonlyMap<string, FurtherPage>;
  /** How many pages the list on a page of the site has, where that is more than one. */
  lists: ReadonlyMap<string, number>;
}

const text = (value: string): Text => ({ value, from: { kind: 'designer' } });
const address = (slug: string): string => (slug ? `/${slug}/` : '/');

/** The id the page of an item has where a site is drawn. */
export const itemPageId = (collection: string, item: string): string => `${collection}--${item}`;

/** The page under which the items of a collection have theirs; undefined where they have none. */
export const pageOfItems = (document: SiteDocument, collection: Collection): Page | undefined =>
  COLLECTIONS[collection.kind].pages
    ? document.pages.find((p) => p.id === collection.page && p.hold === undefined)
    : undefined;

/** The address under which the items of a collection have theirs. */
export const baseOf = (collection: Collection, page: Page): string => page.slug || COLLECTIONS[collection.kind].slug;
/** The address of the page of an item; null where it has none. */
export function itemPath(document: SiteDocument, collection: Collection, item: CollectionItem): string | null {
  const page = pageOfItems(document, collection);
  return page ? address(`${baseOf(collection, page)}/${item.slug}`) : null;
}

/**
 * Where the page of an item is by now that was called `rest` under a page: under that page’s address of today, or by a name
 * of its own that it had before. Null where there was none.
 */
export function movedItem(document: SiteDocument, page: Page, rest: string): string | null {
  const under = document.collections?.filter((c) => c.page === page.id) ?? [];
  for (const known of [(i: CollectionItem) => i.slug === rest, (i: CollectionItem) => i.was?.includes(rest)])
    for (const collection of under) {
      const item = collection.items.find(known);
      if (item) return itemPath(document, collection, item);
    }
  return null;
}

/** The paragraphs of a text, each with what stands out in it. */
export function paragraphsOf(whole: Text): Text[] {
  const out: Text[] = [];
  for (const { 0: words, index: start } of whole.value.matchAll(/[^\n]+(?:\n(?!\s*\n)[^\n]+)*/g)) {
    const marks = whole.marks
      ?.filter((m) => m.from < start + words.length && m.to > start)
      .map((m) => ({ ...m, from: Math.max(m.from - start, 0), to: Math.min(m.to - start, words.length) }));
    out.push({ value: words, from: whole.from, ...(marks?.length && { marks }) });
  }
  return out;
}

/** What an item says beside its title and its texts, in a line: when, where, what it costs. */
const lineOf = (document: SiteDocument, collection: Collection, item: CollectionItem): string =>
  [
    whenOf(document, collection, item),
    ...['place', 'address', 'price', 'role'].map((id) => wordsOf(document, item.values[id])),
  ]
    .filter(Boolean)
    .join(' · ');

/** The titles of the items of a collection, by their ids: asked for by each item that refers to one. */
const titles = new WeakMap<Collection, ReadonlyMap<string, string>>();
function titlesOf(collection: Collection | undefined): ReadonlyMap<string, string> {
  const known = collection && titles.get(collection);
  if (!collection || known) return known ?? new Map();
  const made = new Map(collection.items.map((i) => [i.id, i.title.value]));
  titles.set(collection, made);
  return made;
}

/** What a field that only this collection has says of an item, with its label. */
function ownLines(document: SiteDocument, collection: Collection, item: CollectionItem): string {
  return [...fieldsOf(collection)]
    .filter((f) => collection.fields.includes(f) || f.id === 'phone' || f.id === 'hours')
    .flatMap(({ id, label, type, of }) => {
      const value = item.values[id];
      const words =
        type === 'reference'
          ? titlesOf(document.collections?.find((c) => c.id === of)).get(value as string)
          : type === 'file'
            ? ''
            : wordsOf(document, value);
      return words ? [`• ${label}: ${words}`] : [];
    })
    .join('\n');
}

/** The shapes that the text of an item can be in, those that suit it best first. */
const STORIES = ['story/picture', 'story/letter', 'story/columns', 'story/aside'];
const fitting = (wanted: readonly (string | undefined)[], content: Section['content']): string =>
  wanted.find((s): s is string => s !== undefined && !!shapes[s]?.fits(content as never)) ?? wanted.at(-1)!;

/** The page of an item: what it is at the top, what there is to say of it below. */
function pageOf(
  document: SiteDocument,
  collection: Collection,
  item: CollectionItem,
  under: Page,
  over: boolean,
): Page {
  const id = itemPageId(collection.id, item.id);
  const { values, title } = item;
  const [short, body, picture] = [values['text'] ?? values['answer'], values['body'], values['picture']];
  const line = lineOf(document, collection, item);
  const { words } = languages[document.language];
  const top = complete(
    'opening',
    {
      kicker: text(over ? [words.collections.over, line].filter(Boolean).join(' ') : line),
      heading: title,
      lead: isText(short) ? short : undefined,
    },
    `${id}-top`,
  );
  const own = ownLines(document, collection, item);
  const paragraphs = [...(isText(body) ? paragraphsOf(body) : []), ...(own ? [text(own)] : [])];
  const shown = isPicture(picture) && picture.media ? picture : undefined;
  const story = complete('story', { heading: text(''), paragraphs, picture: shown }, `${id}-body`);
  const opener = openerOf(under)?.shape;
  return {
    id,
    slug: `${baseOf(collection, under)}/${item.slug}`,
    label: title.value,
    menu: false,
    parent: under.id,
    reason: '',
    seo: { title: null, description: null },
    ...(under.header && { header: under.header }),
    ...(under.footer && { footer: under.footer }),
    sections: [
      {
        id: `${id}-top`,
        shape: fitting([opener?.startsWith('opening/') ? opener : undefined, 'opening/heading'], top),
        reason: '',
        content: top,
      },
      ...(paragraphs.length || shown
        ? [
            {
              id: `${id}-body`,
              shape: fitting([collection.shape, ...(shown ? STORIES : STORIES.slice(1))], story),
              reason: '',
              content: story,
            },
          ]
        : []),
    ],
  };
}

/** What the pages and lines of the items of a collection are made from besides the items; null where others of them are named on each. */
function madeFrom(document: SiteDocument, { items: _, ...collection }: Collection): string | null {
  const named = fieldsOf(collection).some((f) => f.type === 'reference' || f.type === 'file');
  const page = document.pages.find((p) => p.id === collection.page);
  return named
    ? null
    : JSON.stringify([
        collection,
        document.language,
        document.zone,
        page && [page.id, page.slug, page.hold, page.header, page.footer, openerOf(page)?.shape],
      ]);
}
/** An item, or some of them in a row, as they were made into something, and what that was made from. */
interface Made<T> {
  from: string;
  items: readonly CollectionItem[];
  made: T;
}
/** Items never change, another takes the place of one: what was made of them is made of them still. Known by the first. */
function madeOnce<T>(
  known: WeakMap<CollectionItem, Made<T>>,
  from: string | null,
  items: readonly CollectionItem[],
  make: () => T,
): T {
  const [first] = items;
  if (from === null || !first) return make();
  const before = known.get(first);
  if (before?.from === from && before.items.length === items.length && items.every((i, n) => i === before.items[n]))
    return before.made;
  const made = make();
  known.set(first, { from, items, made });
  return made;
}
const pagesMade = new WeakMap<CollectionItem, Made<Page>>();
const listsMade = new WeakMap<CollectionItem, Made<Section>>();

/** A section that shows items, with some of them. */
function filled(
  document: SiteDocument,
  section: Section,
  collection: Collection,
  items: CollectionItem[],
  from: string | null,
): Section {
  return madeOnce(listsMade, from, items, () => {
    const list = itemsFor(document, section, collection, items, (item) => itemPath(document, collection, item));
    return list ? { ...section, content: { ...section.content, items: list } } : section;
  });
}

/**
 * A section that shows items, once for each month they are of where it is to show them by the month: the first under its own
 * heading and the month, the others under theirs.
 */
function filledByMonth(
  document: SiteDocument,
  section: Section,
  collection: Collection,
  items: CollectionItem[],
  about: string | null,
): Section[] {
  const one = (s: Section, some: CollectionItem[]) =>
    filled(document, s, collection, some, about === null ? null : `${about} ${JSON.stringify(s)}`);
  const { shows } = section;
  if (!shows?.monthly || !followsTime(shows.show) || !items.length) return [one(section, items)];
  const dateOf = (i: CollectionItem): string =>
    (shows.show === 'newest' ? undefined : startOf(collection, i)) ?? localAt(document, i.from ?? i.made);
  const months = new Map<string, CollectionItem[]>();
  for (const item of items) {
    const month = dateOf(item).slice(0, 7);
    months.set(month, [...(months.get(month) ?? []), item]);
  }
  const { heading, lead, more } = section.content as { heading?: Text; lead?: Text; more?: Text };
  return [...months].map(([month, some], n) => {
    const last = n === months.size - 1;
    const said = sayMonth(document.language, `${month}-01`);
    const words = !n && heading?.value ? `${heading.value} · ${said}` : said;
    const { anchor: _, ...unnamed } = section;
    return one(
      {
        ...(n ? { ...unnamed, id: `${section.id}--${month}` } : section),
        content: {
          ...section.content,
          ...(heading && { heading: { ...heading, value: words } }),
          // What leads into all of them, and on from them, stands there once.
          ...(lead && n && { lead: text('') }),
          ...(more && !last && { more: text('') }),
        },
      },
      some,
    );
  });
}

/** The collection a section shows, and what of it; undefined where it has items of its own. */
export function shownIn(document: SiteDocument, section: Section, at?: string) {
  const { shows } = section;
  const collection = shows && document.collections?.find((c) => c.id === shows.collection);
  return collection ? { collection, shows, items: itemsShown(document, collection, shows, at) } : undefined;
}

/**
 * A site with its collections in place, as visitors get it at an instant: without one, nothing that is planned. With `only`
 * it has no other generated page than that of this id, whatever state its item is in. A site without collections is the same
 * object.
 */
export function expand(document: SiteDocument, at?: string, only?: string): Expanded {
  const items = new Map<string, ItemPage>();
  const further = new Map<string, FurtherPage>();
  const lists = new Map<string, number>();
  if (!document.collections) return { document, items, further, lists };
  const more: Page[] = [];
  const pages = document.pages.map((page) => {
    if (page.hold !== undefined || !page.sections.some((s) => s.shows)) return page;
    const opener = openerOf(page);
    const sections = page.sections.flatMap((section): Section[] => {
      const shown = shownIn(document, section, at);
      if (!shown) return [section];
      const { collection, shows } = shown;
      const all = shown.items;
      // With nothing to show it is left out, but where it is what opens the page.
      if (!all.length && section !== opener && page.sections.length > 1) return [];
      const about = madeFrom(document, collection);
      const pages = shows.further && !lists.has(page.id) ? Math.ceil(all.length / shows.most) : 1;
      if (pages > 1) {
        lists.set(page.id, pages);
        for (let nth = 2; nth <= pages && only === undefined; nth++) {
          const id = `${page.id}--more-${nth}`;
          further.set(id, { of: page, nth, pages });
          const part = all.slice((nth - 1) * shows.most, nth * shows.most);
          const parts = filledByMonth(document, section, collection, part, about);
          more.push({
            ...page,
            id,
            slug: `${page.slug || COLLECTIONS[collection.kind].slug}/more/${nth}`,
            menu: false,
            parent: page.id,
            seo: { title: null, description: null },
            sections: opener && opener !== section ? [opener, ...parts] : parts,
          });
        }
      }
      return filledByMonth(document, section, collection, all.slice(0, shows.most), about);
    });
    return { ...page, sections };
  });
  const taken = new Set(more.map((p) => p.slug));
  for (const collection of document.collections) {
    const under = pageOfItems(document, collection);
    if (!under) continue;
    const from = madeFrom(document, collection);
    for (const item of collection.items) {
      const id = itemPageId(collection.id, item.id);
      const state = stateOf(document, collection, item, at);
      if (only === undefined ? state === 'draft' || state === 'planned' : id !== only) continue;
      const over = state === 'over';
      const page = madeOnce(pagesMade, from && `${from} ${over}`, [item], () =>
        pageOf(document, collection, item, under, over),
      );
      if (taken.has(page.slug)) continue;
      taken.add(page.slug);
      items.set(id, { collection, item, state });
      more.push(page);
    }
  }
  return { document: { ...document, pages: [...pages, ...more] }, items, further, lists };
}
