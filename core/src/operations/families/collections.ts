import { Type, type Static } from '@sinclair/typebox';
import {
  Collection,
  CollectionItem,
  FieldId,
  FieldValue,
  Instant,
  isText,
  Listing,
  SiteDocument,
  type CollectionItem as Item,
  type SiteDocument as Site,
} from '../../model/site.js';
import { OperationError, type Definition } from '../definition.js';
import { collectionItemKey, collectionItemsKey, collectionKey, COLLECTIONS, pageKey, sectionKey } from '../keys.js';
import { findSection, inOrder, inserted, withSection, withTail } from '../reach.js';
import { wordsWithin } from '../words.js';

const closed = { additionalProperties: false } as const;
const Id = Type.String({ maxLength: 64 });
const Index = Type.Integer({ minimum: 0, maximum: 20000 });

/** A collection of a site. @throws OperationError where there is none */
function collectionOf({ collections = [] }: Site, id: string): Collection {
  const found = collections.find((c) => c.id === id);
  if (!found) throw new OperationError(`There is no collection “${id}”.`);
  return found;
}
/** Where in a collection an item stands. @throws OperationError where it is not in it */
function placeOf(collection: Collection, id: string): { item: Item; at: number } {
  const at = collection.items.findIndex((i) => i.id === id);
  if (at < 0) throw new OperationError(`There is no item “${id}” in “${collection.name}”.`);
  return { item: collection.items[at]!, at };
}
const withCollection = (document: Site, before: Collection, after: Collection): Site =>
  withTail(document, { collections: document.collections!.map((c) => (c === before ? after : c)) });
/** An item with its parts in the order the schema has them and its values in that of their names: the same item is the same bytes. */
function tidy(item: Item): Item {
  const parts = (Object.keys(CollectionItem.properties) as (keyof Item)[]).flatMap((k) =>
    item[k] === undefined ? [] : [[k, item[k]]],
  );
  const values = Object.entries(item.values).sort(([a], [b]) => (a < b ? -1 : 1));
  return { ...(Object.fromEntries(parts) as Item), values: Object.fromEntries(values) };
}
/** @throws OperationError where another item of the collection has that address */
function freeSlug(collection: Collection, slug: string, except?: string): void {
  if (collection.items.some((i) => i.slug === slug && i.id !== except))
    throw new OperationError(`Another item of “${collection.name}” is at “${slug}”.`);
}

/** Puts a collection on a site, with the items it has. */
const InsertCollection = Type.Object(
  { op: Type.Literal('insertCollection'), collection: Collection, at: Index },
  closed,
);
export const insertCollection: Definition<typeof InsertCollection> = {
  schema: InsertCollection,
  apply(document, { collection, at }) {
    const { collections = [] } = document;
    if (collections.some((c) => c.id === collection.id))
      throw new OperationError(`There is a collection “${collection.id}” already.`);
    return {
      document: withTail(document, {
        collections: inserted(collections, { ...collection, items: collection.items.map(tidy) }, at),
      }),
      inverse: { op: 'removeCollection', collection: collection.id },
    };
  },
  says: ({ collection }) => `Began the collection ${collection.name}`,
  words: ({ collection }) => [collection.name, ...collection.items.map((i) => i.title.value)].join('\n'),
  writes: ({ collection }) => [collectionKey(collection.id)],
  moves: ({ collection, at }) => [{ list: COLLECTIONS, id: collection.id, from: null, to: at }],
  placed: (operation, at) => ({ ...operation, at }),
};

const RemoveCollection = Type.Object({ op: Type.Literal('removeCollection'), collection: Id }, closed);
export const removeCollection: Definition<typeof RemoveCollection> = {
  schema: RemoveCollection,
  apply(document, { collection: id }) {
    const collection = collectionOf(document, id);
    const at = document.collections!.indexOf(collection);
    return {
      document: withTail(document, { collections: document.collections!.filter((c) => c !== collection) }),
      inverse: { op: 'insertCollection', collection, at },
    };
  },
  says: () => 'Took a collection out',
  writes: ({ collection }) => [collectionKey(collection)],
  moves: ({ collection: id }, document) => [
    { list: COLLECTIONS, id, from: document.collections!.indexOf(collectionOf(document, id)), to: null },
  ],
};

/** What a collection is called, where its items have their pages and in which shape, and the fields that are its own. */
const SetCollection = Type.Object(
  {
    op: Type.Literal('setCollection'),
    collection: Id,
    name: Type.Optional(Collection.properties.name),
    page: Type.Optional(Type.Union([Id, Type.Null()])),
    shape: Type.Optional(Type.Union([Type.String({ pattern: '^story/[a-z]+$' }), Type.Null()])),
    fields: Type.Optional(Collection.properties.fields),
  },
  closed,
);
type SetCollection = Static<typeof SetCollection>;
const HEAD = ['name', 'page', 'shape', 'fields'] as const;
export const setCollection: Definition<typeof SetCollection> = {
  schema: SetCollection,
  apply(document, operation) {
    const before = collectionOf(document, operation.collection);
    const set = HEAD.filter((k) => operation[k] !== undefined);
    const head = {
      name: operation.name ?? before.name,
      page: operation.page === undefined ? before.page : (operation.page ?? undefined),
      shape: operation.shape === undefined ? before.shape : (operation.shape ?? undefined),
      fields: operation.fields ?? before.fields,
    };
    const after: Collection = {
      id: before.id,
      kind: before.kind,
      name: head.name,
      ...(head.page !== undefined && { page: head.page }),
      ...(head.shape !== undefined && { shape: head.shape }),
      fields: head.fields,
      items: before.items,
    };
    return {
      document: withCollection(document, before, after),
      inverse: {
        op: 'setCollection',
        collection: before.id,
        ...Object.fromEntries(set.map((k) => [k, before[k] ?? null])),
      } as SetCollection,
    };
  },
  says: () => 'Changed a collection',
  writes: (operation) =>
    HEAD.filter((k) => operation[k] !== undefined).map((k) => `${collectionKey(operation.collection)}/${k}`),
  needs: ({ page }) => (page ? [pageKey(page)] : []),
};

/** Puts a new item into a collection. */
const InsertEntry = Type.Object(
  { op: Type.Literal('insertEntry'), collection: Id, item: CollectionItem, at: Index },
  closed,
);
export const insertEntry: Definition<typeof InsertEntry> = {
  schema: InsertEntry,
  apply(document, { collection: id, item, at }) {
    const before = collectionOf(document, id);
    if (before.items.some((i) => i.id === item.id)) throw new OperationError(`There is an item “${item.id}” already.`);
    freeSlug(before, item.slug);
    return {
      document: withCollection(document, before, { ...before, items: inserted(before.items, tidy(item), at) }),
      inverse: { op: 'removeEntry', collection: id, item: item.id },
    };
  },
  says: ({ item }) => `Added “${item.title.value.slice(0, 60)}”`,
  words: ({ item }) => wordsWithin([item.title, item.values]).join('\n'),
  writes: ({ collection, item }) => [
    collectionItemKey(collection, item.id),
    `${collectionKey(collection)}/slug/${item.slug}`,
  ],
  needs: ({ collection }) => [collectionItemsKey(collection)],
  moves: ({ collection, item, at }) => [{ list: collectionItemsKey(collection), id: item.id, from: null, to: at }],
  placed: (operation, at) => ({ ...operation, at }),
};

const RemoveEntry = Type.Object({ op: Type.Literal('removeEntry'), collection: Id, item: Id }, closed);
export const removeEntry: Definition<typeof RemoveEntry> = {
  schema: RemoveEntry,
  apply(document, { collection: id, item: which }) {
    const before = collectionOf(document, id);
    const { item, at } = placeOf(before, which);
    return {
      document: withCollection(document, before, { ...before, items: before.items.filter((i) => i !== item) }),
      inverse: { op: 'insertEntry', collection: id, item, at },
    };
  },
  says: () => 'Took an item out of a collection',
  writes: ({ collection, item }) => [collectionItemKey(collection, item)],
  moves: ({ collection, item: id }, document) => [
    {
      list: collectionItemsKey(collection),
      id,
      from: placeOf(collectionOf(document, collection), id).at,
      to: null,
    },
  ],
};

/** Moves an item to another place in its collection; `to` counts without the item itself. */
const MoveEntry = Type.Object({ op: Type.Literal('moveEntry'), collection: Id, item: Id, to: Index }, closed);
export const moveEntry: Definition<typeof MoveEntry> = {
  schema: MoveEntry,
  apply(document, { op, collection: id, item: which, to }) {
    const before = collectionOf(document, id);
    const { item, at } = placeOf(before, which);
    const others = before.items.filter((i) => i !== item);
    return {
      document: withCollection(document, before, { ...before, items: inserted(others, item, to) }),
      inverse: { op, collection: id, item: which, to: at },
    };
  },
  says: () => 'Moved an item of a collection',
  writes: ({ collection, item }) => [`${collectionItemKey(collection, item)}/order`],
  moves: ({ collection, item: id, to }, document) => [
    {
      list: collectionItemsKey(collection),
      id,
      from: placeOf(collectionOf(document, collection), id).at,
      to,
    },
  ],
  placed: (operation, to) => ({ ...operation, to }),
};

const { title, slug, was, state, by, language, tags } = CollectionItem.properties;
const instant = Type.Optional(Type.Union([Instant, Type.Null()]));
/** What stands in an item: one or several of the things each has, and of its own fields. `null` takes away what need not be there. */
const SetEntry = Type.Object(
  {
    op: Type.Literal('setEntry'),
    collection: Id,
    item: Id,
    title: Type.Optional(title),
    slug: Type.Optional(slug),
    was: Type.Optional(Type.Union([was, Type.Null()])),
    state: Type.Optional(state),
    from: instant,
    until: instant,
    by: Type.Optional(Type.Union([by, Type.Null()])),
    language: Type.Optional(Type.Union([language, Type.Null()])),
    tags: Type.Optional(Type.Union([tags, Type.Null()])),
    values: Type.Optional(Type.Record(FieldId, Type.Union([FieldValue, Type.Null()]))),
  },
  closed,
);
type SetEntry = Static<typeof SetEntry>;
const SURE = ['title', 'slug', 'state'] as const;
const MAYBE = ['was', 'from', 'until', 'by', 'language', 'tags'] as const;
/** An item as an operation leaves it. */
function changed(item: Item, operation: SetEntry): Item {
  const kept = <T>(all: Record<string, T | null | undefined>) =>
    Object.fromEntries(Object.entries(all).filter(([, v]) => v !== null && v !== undefined));
  const { op: _, collection: __, item: ___, values, ...parts } = operation;
  return tidy({ ...kept({ ...item, ...parts }), values: kept({ ...item.values, ...values }) } as Item);
}
export const setEntry: Definition<typeof SetEntry> = {
  schema: SetEntry,
  apply(document, operation) {
    const { collection: id, item: which } = operation;
    const before = collectionOf(document, id);
    const { item } = placeOf(before, which);
    if (operation.slug !== undefined) freeSlug(before, operation.slug, which);
    const after = changed(item, operation);
    return {
      document: withCollection(document, before, {
        ...before,
        items: before.items.map((i) => (i === item ? after : i)),
      }),
      inverse: {
        op: 'setEntry',
        collection: id,
        item: which,
        ...Object.fromEntries(SURE.filter((k) => operation[k] !== undefined).map((k) => [k, item[k]])),
        ...Object.fromEntries(MAYBE.filter((k) => operation[k] !== undefined).map((k) => [k, item[k] ?? null])),
        ...(operation.values && {
          values: Object.fromEntries(Object.keys(operation.values).map((k) => [k, item.values[k] ?? null])),
        }),
      } as SetEntry,
    };
  },
  says(operation) {
    const { title, state, from } = operation;
    if (title) return `Called an item “${title.value.slice(0, 60)}”`;
    if (state === 'draft') return 'Took an item back into drafts';
    if (state === 'up') return from ? 'Planned an item' : 'Put an item up';
    return 'Changed an item';
  },
  field: (operation) => `entry ${operation.collection} ${operation.item} ${partsOf(operation).join(' ')}`,
  words: ({ title, values = {} }) => wordsWithin([title, Object.values(values).filter((v) => isText(v))]).join('\n'),
  writes: (operation) => {
    const key = collectionItemKey(operation.collection, operation.item);
    return [
      ...partsOf(operation).map((part) => `${key}/${part}`),
      ...(operation.slug === undefined ? [] : [`${collectionKey(operation.collection)}/slug/${operation.slug}`]),
    ];
  },
};
/** The parts of an item that an operation sets. */
const partsOf = (operation: SetEntry): string[] => [
  ...[...SURE, ...MAYBE].filter((k) => operation[k] !== undefined),
  ...Object.keys(operation.values ?? {}).map((k) => `value-${k}`),
];

/** Has a section show items of a collection, or with null what it has of its own. */
const SetShows = Type.Object(
  { op: Type.Literal('setShows'), section: Id, shows: Type.Union([Listing, Type.Null()]) },
  closed,
);
export const setShows: Definition<typeof SetShows> = {
  schema: SetShows,
  apply(document, { op, section: id, shows }) {
    const section = findSection(document, id);
    if (!section) throw new OperationError(`There is no section “${id}”.`);
    if (shows) collectionOf(document, shows.collection);
    const { shows: before, ...rest } = section;
    const after = inOrder({ ...rest, ...(shows && { shows }) });
    return {
      document: withSection(document, id, () => after),
      inverse: { op, section: id, shows: before ?? null },
    };
  },
  says: ({ shows }) => (shows ? 'Had a section show a collection' : 'Had a section show what it has of its own'),
  field: ({ section }) => `shows ${section}`,
  writes: ({ section }) => [`${sectionKey(section)}/shows`],
  needs: ({ shows }) => (shows ? [collectionKey(shows.collection)] : []),
};

/** The time zone that the times of a site are meant in; null for that of the country of its language. */
const SetZone = Type.Object(
  { op: Type.Literal('setZone'), zone: Type.Union([SiteDocument.properties.zone, Type.Null()]) },
  closed,
);
export const setZone: Definition<typeof SetZone> = {
  schema: SetZone,
  apply: (document, { op, zone }) => ({
    document: withTail(document, { zone: zone ?? undefined }),
    inverse: { op, zone: document.zone ?? null },
  }),
  says: ({ zone }) => (zone ? `Set the time zone to ${zone}` : 'Set the time zone to that of the language'),
  field: () => 'zone',
  writes: () => ['zone'],
};
