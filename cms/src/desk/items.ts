import {
  instantAt,
  instantOf,
  isLocal,
  localAt,
  sayDay,
  stateOf,
  whenOf,
  wordsOf,
  type ItemState,
} from '@tin-porch/core/collections';
import { Problem } from '@tin-porch/core/ground';
import { freeSlug } from '@tin-porch/core/making';
import {
  fieldsOf,
  isPicture,
  isText,
  isCollectionLocked,
  reworded,
  type Collection,
  type CollectionItem,
  type CollectionKind,
  type Field,
  type FieldValue,
  type Picture,
  type SiteDocument,
} from '@tin-porch/core/model';
import type { SingleOperation } from '@tin-porch/core/operations';
import { isOrdered } from './order.js';
import { NONE_BROUGHT, refuseOther, shownOf, takeIn, type Brought, type Shown } from './pictures.js';

/** The fields the people of a site write in themselves; files, links and the like their designer chooses. */
const OPEN_TYPES = new Set<Field['type']>(['text', 'prose', 'money', 'place', 'number', 'date', 'time', 'choice']);

/** What an item says, as the desk writes it: everything in words, times as the clock on the wall shows them. */
export interface ItemSaid {
  title: string;
  /** True where it is for visitors: from `from` on, until `until`; at once and for good where they are empty. */
  up: boolean;
  from: string;
  until: string;
  values: Record<string, string>;
  /** What stands in its fields for pictures. */
  pictures?: Record<string, Shown>;
}
/** An item that is to read otherwise; `was` is null for a new one, `value` for one that is to go. */
export interface ItemChange {
  kind: 'item';
  collection: string;
  item: string;
  was: ItemSaid | null;
  value: ItemSaid | null;
}

/** A collection as the desk shows it. */
export interface DeskCollection {
  id: string;
  kind: CollectionKind;
  name: string;
  /** Whether its items are its designer’s. */
  locked: boolean;
  /** Whether its items stand somewhere in the order they are kept in. */
  ordered: boolean;
  count: number;
  fields: { id: string; label: string; type: Field['type']; choices: string[] }[];
}
export interface DeskItem {
  id: string;
  title: string;
  state: ItemState;
  when: string;
  said: ItemSaid;
}

const NO_PICTURE: Shown = { media: '', alt: '' };
const pictureFields = (collection: Collection): Field[] => fieldsOf(collection).filter((f) => f.type === 'picture');
const openFields = (collection: Collection): Field[] => fieldsOf(collection).filter((f) => OPEN_TYPES.has(f.type));

/** The collections of a site. */
export const collectionsOf = (document: SiteDocument): DeskCollection[] =>
  (document.collections ?? []).map((c) => ({
    id: c.id,
    kind: c.kind,
    name: c.name,
    locked: isCollectionLocked(document, c.id),
    ordered: isOrdered(document, c),
    count: c.items.length,
    fields: fieldsOf(c)
      .filter((f) => f.type === 'picture' || OPEN_TYPES.has(f.type))
      .map(({ id, label, type, choices = [] }) => ({ id, label, type, choices })),
  }));

/** What an item says, for the desk. */
export function saidOf(document: SiteDocument, collection: Collection, item: CollectionItem): ItemSaid {
  const values = openFields(collection).map(({ id, type }) => {
    const value = item.values[id];
    // A number is written as it is kept: what stands between its digits is for reading.
    return [id, type === 'number' ? (typeof value === 'number' ? String(value) : '') : wordsOf(document, value)];
  });
  return {
    title: item.title.value,
    up: item.state === 'up',
    from: item.from === undefined ? '' : localAt(document, item.from),
    until: item.until === undefined ? '' : localAt(document, item.until),
    values: Object.fromEntries(values) as Record<string, string>,
    pictures: Object.fromEntries(
      pictureFields(collection).map(({ id }) => {
        const value = item.values[id];
        return [id, isPicture(value) ? shownOf(value) : NO_PICTURE];
      }),
    ),
  };
}

/** @throws Problem 404 where there is no such collection */
export function collectionOf(document: SiteDocument, id: string): Collection {
  const found = document.collections?.find((c) => c.id === id);
  if (!found) throw new Problem(404, 'There is no such list');
  return found;
}

/** The items of a collection that say something, the newest first or in the order they are kept in, and how many there are of them. @param now the minute it is */
export function itemsOf(
  document: SiteDocument,
  collection: Collection,
  words: string,
  limit: number,
  now = instantOf(Date.now()),
): { items: DeskItem[]; found: number } {
  const asked = words.trim().toLowerCase();
  const says = (i: CollectionItem) =>
    [i.title.value, ...Object.values(i.values).map((v) => (isText(v) ? v.value : ''))].some((s) =>
      s.toLowerCase().includes(asked),
    );
  const found = asked ? collection.items.filter(says) : collection.items;
  const newest = found.map((item, n) => ({ item, n }));
  // Where visitors see them in an order that somebody gave them, so are they here.
  if (!isOrdered(document, collection))
    newest.sort((a, b) => ((a.item.from ?? a.item.made) < (b.item.from ?? b.item.made) ? 1 : -1) || b.n - a.n);

  return {
    found: found.length,
    items: newest.slice(0, limit).map(({ item }) => ({
      id: item.id,
      title: item.title.value,
      state: stateOf(document, collection, item, now),
      when: whenOf(document, collection, item) || sayDay(document, item.from ?? item.made),
      said: saidOf(document, collection, item),
    })),
  };
}

/** A value as its field keeps it; null where it says nothing. @throws Problem 422 where it is none */
function valueOf(field: Field, typed: string, before: FieldValue | undefined): FieldValue | null {
  const words = typed.trim();
  if (!words) return null;
  switch (field.type) {
    case 'number': {
      const n = Number(words.replace(',', '.'));
      if (!Number.isFinite(n)) throw new Problem(422, 'That is not a number', `${field.label}: “${words}”`);
      return n;
    }
    case 'date':
    case 'time':
      if (!isLocal(words) || (field.type === 'date' && words.length !== 10))
        throw new Problem(422, 'That is not a day', `${field.label}: “${words}”`);
      return words;
    case 'choice':
      if (!field.choices?.includes(words))
        throw new Problem(422, 'That is none of what there is to choose', `${field.label}: “${words}”`);
      return words;
    default:
      return {
        ...(isText(before) ? reworded(before, typed) : { value: typed }),
        from: { kind: 'client' },
      };
  }
}

/** A picture as its field keeps it; null where there is none. */
function pictureOf({ media, alt }: Shown, before: FieldValue | undefined): Picture | null {
  if (!media) return null;
  const there = isPicture(before) ? before : { alt: { value: '', from: { kind: 'client' as const } } };
  return { ...there, media, alt: { ...reworded(there.alt, alt.trim()), from: { kind: 'client' } } };
}

/** An instant of a local time that was typed; null where none was. @throws Problem 422 where it is none */
function instantIn(document: SiteDocument, typed: string): string | null {
  if (!typed) return null;
  if (!isLocal(typed)) throw new Problem(422, 'That is not a day', `“${typed}”`);
  return instantAt(document, typed);
}
/** @throws Problem 422 where it would be over before it comes, or has no name */
function refuseNonsense({ title, from, until }: ItemSaid, values: Record<string, string>): void {
  if (!title.trim()) throw new Problem(422, 'It needs a name');
  if (from && until && until <= from) throw new Problem(422, 'It would be over before it comes', `${from} – ${until}`);
  const { starts, ends } = values;
  if (starts && ends && ends < starts) throw new Problem(422, 'It would end before it begins', `${starts} – ${ends}`);
}

const sameShown = (a: Shown, b: Shown): boolean => a.media === b.media && a.alt === b.alt;
/** What makes the pictures of fields ones of the site; each once. */
const takenIn = (
  document: SiteDocument,
  pictures: readonly (readonly [string, Picture | null])[],
  brought: Brought,
): SingleOperation[] =>
  [...new Set(pictures.map(([, p]) => p?.media ?? ''))].flatMap((id) => takeIn(document, id, brought));

/**
 * What a change of an item does to a document. What somebody else wrote in another field of it meanwhile stays.
 * @param now the minute it is
 * @param brought photographs that stand nowhere yet
 * @throws Problem 409 where a field says something else than it did, or the item is gone; 422 where it cannot be
 */
export function itemOperation(
  document: SiteDocument,
  change: ItemChange,
  now = instantOf(Date.now()),
  brought: Brought = NONE_BROUGHT,
): SingleOperation[] {
  const collection = collectionOf(document, change.collection);
  const { item: id, was, value } = change;
  const item = collection.items.find((i) => i.id === id);
  if (!was) {
    // Sent once more after an answer that was lost: it is there.
    if (item || !value) return [];
    refuseNonsense(value, value.values);
    const values = openFields(collection).flatMap((f) => {
      const made = valueOf(f, value.values[f.id] ?? '', undefined);
      return made === null ? [] : [[f.id, made] as const];
    });
    const [from, until] = [instantIn(document, value.from), instantIn(document, value.until)];
    const pictures = pictureFields(collection).flatMap((f) => {
      const made = pictureOf(value.pictures?.[f.id] ?? NO_PICTURE, undefined);
      return made === null ? [] : [[f.id, made] as const];
    });
    return [
      ...takenIn(document, pictures, brought),
      {
        op: 'insertEntry',
        collection: collection.id,
        at: collection.items.length,
        item: {
          id,
          slug: freeSlug(collection.items, value.title),
          title: { value: value.title.trim(), from: { kind: 'client' } },
          made: now,
          state: value.up ? 'up' : 'draft',
          ...(from && { from }),
          ...(until && { until }),
          values: Object.fromEntries([...values, ...pictures]),
        },
      },
    ];
  }
  if (!item) throw new Problem(409, 'It says something else by now', `“${was.title}” was taken out meanwhile.`);
  const is = saidOf(document, collection, item);
  const meet = (label: string, before: string, there: string, wanted: string | null) => {
    if (there === before || there === wanted) return;
    throw new Problem(409, 'It says something else by now', `${label} now says “${there.slice(0, 300)}”.`, {
      theirs: there,
    });
  };
  if (!value) {
    // Whatever somebody wrote in it since would go with it.
    meet('Its name', was.title, is.title, null);
    for (const f of openFields(collection)) meet(f.label, was.values[f.id] ?? '', is.values[f.id] ?? '', null);
    return [{ op: 'removeEntry', collection: collection.id, item: id }];
  }
  refuseNonsense(value, value.values);
  const set: Record<string, unknown> = {};
  const take = (label: string, before: string, there: string, wanted: string): boolean => {
    if (wanted === before) return false;
    meet(label, before, there, wanted);
    return there !== wanted;
  };
  if (take('Its name', was.title, is.title, value.title))
    set['title'] = { ...reworded(item.title, value.title.trim()), from: { kind: 'client' } };
  if (take('Whether it is up', String(was.up), String(is.up), String(value.up)))
    set['state'] = value.up ? 'up' : 'draft';
  for (const key of ['from', 'until'] as const)
    if (take(key, was[key], is[key], value[key])) set[key] = instantIn(document, value[key]);
  const values = openFields(collection).flatMap((f) => {
    const [before, there, wanted] = [was.values[f.id] ?? '', is.values[f.id] ?? '', value.values[f.id] ?? ''];
    return take(f.label, before, there, wanted) ? [[f.id, valueOf(f, wanted, item.values[f.id])] as const] : [];
  });
  const pictures = pictureFields(collection).flatMap((f) => {
    const [before, wanted] = [was.pictures?.[f.id], value.pictures?.[f.id]];
    const there = is.pictures?.[f.id] ?? NO_PICTURE;
    if (!before || !wanted || sameShown(before, wanted)) return [];
    refuseOther(there, before, wanted);
    return sameShown(there, wanted) ? [] : [[f.id, pictureOf(wanted, item.values[f.id])] as const];
  });
  if (values.length + pictures.length) set['values'] = Object.fromEntries([...values, ...pictures]);
  return Object.keys(set).length
    ? [
        ...takenIn(document, pictures, brought),
        { op: 'setEntry', collection: collection.id, item: id, ...set } as SingleOperation,
      ]
    : [];
}
