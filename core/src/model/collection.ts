import { Type, type Static } from '@sinclair/typebox';
import { Id, oneOf, Picture, Text } from './leaves.js';

/** What a field of an item holds. */
export const FIELD_TYPES = [
  'text',
  'prose',
  'number',
  'money',
  'date',
  'time',
  'place',
  'picture',
  'file',
  'choice',
  'link',
  'reference',
] as const;
export type FieldType = (typeof FIELD_TYPES)[number];

/** What a field of an item is called by, whatever its label says. */
export const FieldId = Type.String({ pattern: '^[a-z][a-zA-Z0-9]{0,23}$' });

/** A field that the items of a collection have. */
export const Field = Type.Object(
  {
    id: FieldId,
    label: Type.String({ title: 'Label', minLength: 1, maxLength: 60 }),
    type: Type.Union(oneOf(FIELD_TYPES)),
    /** What there is to choose from, where it is a choice. */
    choices: Type.Optional(Type.Array(Type.String({ minLength: 1, maxLength: 60 }), { minItems: 1, maxItems: 40 })),
    /** The collection whose items it refers to, where it is a reference. */
    of: Type.Optional(Id),
  },
  { additionalProperties: false },
);
export type Field = Static<typeof Field>;

/** A minute in time, UTC: `2026-06-14T08:30Z` (ISO 8601). */
export const Instant = Type.String({ pattern: '^\\d{4}-\\d{2}-\\d{2}T\\d{2}:\\d{2}Z$' });

/** What a field of an item says: a text, a picture, a number, or a date, an address or an id as a string. */
export const FieldValue = Type.Union([Text, Picture, Type.Number(), Type.String({ maxLength: 500 })]);
export type FieldValue = Static<typeof FieldValue>;

const Slug = Type.String({ pattern: '^[a-z0-9]+(-[a-z0-9]+)*$', maxLength: 80 });
/** One item of a collection: a piece of news, an event, a product, a person. */
export const CollectionItem = Type.Object(
  {
    id: Id,
    /** The last part of the address of its page. */
    slug: Slug,
    /** What that was before, the newest first: who was told of one of these is led on. */
    was: Type.Optional(Type.Array(Slug, { minItems: 1, maxItems: 12 })),
    title: Text,
    made: Instant,
    /** Visitors get none of a draft. What is up is planned until `from`, and over from `until` on. */
    state: Type.Union(oneOf(['draft', 'up'] as const)),
    from: Type.Optional(Instant),
    until: Type.Optional(Instant),
    by: Type.Optional(Type.String({ title: 'Author', minLength: 1, maxLength: 80 })),
    /** BCP 47, where it is in another language than the site. */
    language: Type.Optional(Type.String({ pattern: '^[a-z]{2,3}(-[A-Za-z0-9]{2,8}){0,2}$' })),
    tags: Type.Optional(Type.Array(Type.String({ minLength: 1, maxLength: 40 }), { minItems: 1, maxItems: 12 })),
    /** What its fields say; what is left out says nothing. */
    values: Type.Record(FieldId, FieldValue),
  },
  { additionalProperties: false },
);
export type CollectionItem = Static<typeof CollectionItem>;

/** What a collection can be of; `own` is of something only this client has. */
export const COLLECTION_KINDS = [
  'news',
  'events',
  'products',
  'services',
  'people',
  'places',
  'questions',
  'quotes',
  'works',
  'notices',
  'documents',
  'own',
] as const;
export type CollectionKind = (typeof COLLECTION_KINDS)[number];

/** Items of one kind, which grow over the years: sections show some of them, and each can have a page of its own. */
export const Collection = Type.Object(
  {
    id: Id,
    kind: Type.Union(oneOf(COLLECTION_KINDS)),
    name: Type.String({ title: 'Name', minLength: 1, maxLength: 60 }),
    /** The page under which its items have theirs; none where left out. */
    page: Type.Optional(Id),
    /** The shape of the pages of its items. */
    shape: Type.Optional(Type.String({ pattern: '^story/[a-z]+$' })),
    /** What its items have beside the fields of the kind. */
    fields: Type.Array(Field, { maxItems: 24 }),
    items: Type.Array(CollectionItem, { maxItems: 20000 }),
  },
  { additionalProperties: false },
);
export type Collection = Static<typeof Collection>;

/** Which items of a collection a section shows, and how many at once. */
export const Listing = Type.Object(
  {
    collection: Id,
    /** The newest first, those to come, those that were, in the order they are kept in, or the chosen ones. */
    show: Type.Union(oneOf(['newest', 'upcoming', 'past', 'kept', 'chosen'] as const)),
    most: Type.Integer({ minimum: 1, maximum: 48 }),
    /** True where the rest of them follow on further pages. */
    further: Type.Optional(Type.Literal(true)),
    /** True where they stand under their months; of what is shown in the order of its time alone. */
    monthly: Type.Optional(Type.Literal(true)),
    tag: Type.Optional(Type.String({ minLength: 1, maxLength: 40 })),
    chosen: Type.Optional(Type.Array(Id, { minItems: 1, maxItems: 48 })),
  },
  { additionalProperties: false },
);
export type Listing = Static<typeof Listing>;
