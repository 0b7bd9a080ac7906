import { fill } from '../look/shapes/fill.js';
import { kinds } from '../look/shapes/registry.gen.js';
import type { TSchema } from '@sinclair/typebox';
import {
  isPicture,
  isText,
  type Collection,
  type CollectionItem,
  type FieldValue,
  type Listing,
  type Picture,
  type Section,
  type SiteDocument,
  type Text,
} from '../model/site.js';
import { fieldsOf } from '../model/collection-kinds.js';
import { endOf, sayDay, sayWhen, startOf, stateOf } from './times.js';

type Times = Pick<SiteDocument, 'zone' | 'language'>;
const text = (value: string): Text => ({ value, from: { kind: 'designer' } });

/** Whether items that are shown so follow each other by their time, and can stand under their months. */
export const followsTime = (show: Listing['show']): boolean =>
  show === 'newest' || show === 'upcoming' || show === 'past';

/** The items of a collection that a section shows at an instant, in their order: all of them, however many at once. */
export function itemsShown(document: Times, collection: Collection, listing: Listing, at?: string): CollectionItem[] {
  const { show, tag, chosen } = listing;
  const start = (item: CollectionItem) => startOf(collection, item) ?? '';
  const since = (item: CollectionItem) => item.from ?? item.made;
  const by = (key: (item: CollectionItem) => string, turn: 1 | -1) => (a: CollectionItem, b: CollectionItem) => {
    const [x, y] = [key(a), key(b)];
    return x === y ? 0 : x < y ? -turn : turn;
  };
  const tagged = tag === undefined ? collection.items : collection.items.filter((i) => i.tags?.includes(tag));
  const of = (wanted: 'up' | 'over') => tagged.filter((i) => stateOf(document, collection, i, at) === wanted);
  switch (show) {
    case 'newest':
      return of('up').sort(by(since, -1));
    case 'upcoming':
      return of('up').filter(start).sort(by(start, 1));
    case 'past':
      return of('over').filter(start).sort(by(start, -1));
    case 'chosen': {
      const up = new Map(of('up').map((i) => [i.id, i]));
      return (chosen ?? []).flatMap((id) => up.get(id) ?? []);
    }
    case 'kept':
      return of('up');
  }
}

/** When an item is from, or takes place, as its site says it; empty where it is of no time. */
export function whenOf(document: Times, collection: Collection, item: CollectionItem): string {
  const starts = startOf(collection, item);
  if (starts !== undefined) return sayWhen(document.language, starts, endOf(collection, item));
  if (collection.kind === 'news' || collection.kind === 'notices') return sayDay(document, item.from ?? item.made);
  const date = fieldsOf(collection).find((f) => f.type === 'date')?.id;
  const value = date && item.values[date];
  return typeof value === 'string' ? sayDay(document, value) : '';
}

/** What a field says, in words; empty where it says nothing or is no text. */
export function wordsOf(document: Times, value: FieldValue | undefined): string {
  if (value === undefined || isPicture(value)) return '';
  if (isText(value)) return value.value;
  return typeof value === 'number' ? new Intl.NumberFormat(document.language).format(value) : value;
}

/** Everything an item says by the names that sections have for such things. */
export function saidBy(
  document: SiteDocument,
  collection: Collection,
  item: CollectionItem,
): Record<string, Text | Picture> {
  const said: Record<string, Text | Picture> = {};
  let leads = {};
  for (const { id, type } of fieldsOf(collection)) {
    const value = item.values[id];
    if (value === undefined) continue;
    if (isText(value) || isPicture(value)) said[id] = value;
    else if (type === 'file') {
      const file = document.files?.find((f) => `file:${f.id}` === value);
      // The file is given out because something leads to it.
      if (file) leads = { to: `file:${file.id}` };
    } else if (type !== 'time' && type !== 'date' && type !== 'reference') said[id] = text(wordsOf(document, value));
  }
  const { title } = item;
  const short = said['text'] ?? said['body'];
  return {
    ...said,
    ...(short && { text: short }),
    date: text(whenOf(document, collection, item)),
    name: { ...title, ...leads },
    question: title,
    caption: title,
  };
}

/** The name an item of a section has its title under. */
const TITLED = ['name', 'question', 'caption'];

/**
 * The items of a section that shows items of a collection: what the kind of section has a place for. `href` is where the
 * page of an item is; its title leads there.
 */
export function itemsFor(
  document: SiteDocument,
  section: Section,
  collection: Collection,
  items: readonly CollectionItem[],
  href: (item: CollectionItem) => string | null,
): Record<string, unknown>[] | null {
  const kind = kinds[section.shape.split('/')[0]!];
  const list = kind?.content.properties['items'] as (TSchema & { items?: TSchema }) | undefined;
  if (!list?.items) return null;
  return items.map((item) => {
    const shown = fill(list.items!, { ...saidBy(document, collection, item), id: item.id }, item.id) as Record<
      string,
      unknown
    >;
    const target = href(item);
    const key = TITLED.find((k) => isText(shown[k]));
    const title = key && (shown[key] as Text);
    if (target === null || !title || !title.value) return shown;
    const { marks: _, ...words } = title;
    return { ...shown, [key]: { ...words, marks: [{ kind: 'link', from: 0, to: title.value.length, target }] } };
  });
}
