import type { Collection, CollectionKind, Field, FieldType, Listing } from './collection.js';

/** What is known of a kind of collection. */
export interface KindOfCollection {
  title: string;
  /** What one of its items is called. */
  one: string;
  /** What the title of an item is called. */
  titled: string;
  fields: readonly Field[];
  /** Whether its items have pages of their own, where the collection has one. */
  pages: boolean;
  /** The kind of section that shows it best, and what it shows of it. */
  section: string;
  show: Listing['show'];
  slug: string;
}

const field = (id: string, label: string, type: FieldType): Field => ({ id, label, type });
const SENTENCE = field('text', 'In a sentence or two', 'prose');
const BODY = field('body', 'The whole text', 'prose');
const PICTURE = field('picture', 'Picture', 'picture');
const PRICE = field('price', 'Price', 'money');

export const COLLECTIONS: Readonly<Record<CollectionKind, KindOfCollection>> = {
  news: {
    title: 'News',
    one: 'piece of news',
    titled: 'Headline',
    fields: [SENTENCE, BODY, PICTURE],
    pages: true,
    section: 'news',
    show: 'newest',
    slug: 'news',
  },
  events: {
    title: 'Events',
    one: 'event',
    titled: 'What',
    fields: [
      field('starts', 'Begins', 'time'),
      field('ends', 'Ends', 'time'),
      field('place', 'Where', 'place'),
      SENTENCE,
      BODY,
      PICTURE,
    ],
    pages: true,
    section: 'events',
    show: 'upcoming',
    slug: 'events',
  },
  products: {
    title: 'Products',
    one: 'product',
    titled: 'Product',
    fields: [PRICE, SENTENCE, BODY, PICTURE],
    pages: true,
    section: 'products',
    show: 'kept',
    slug: 'products',
  },
  services: {
    title: 'Services',
    one: 'service',
    titled: 'Service',
    fields: [PRICE, SENTENCE, BODY, PICTURE],
    pages: true,
    section: 'services',
    show: 'kept',
    slug: 'services',
  },
  people: {
    title: 'People',
    one: 'person',
    titled: 'Name',
    fields: [field('role', 'What they do', 'text'), SENTENCE, BODY, PICTURE],
    pages: true,
    section: 'people',
    show: 'kept',
    slug: 'people',
  },
  places: {
    title: 'Places',
    one: 'place',
    titled: 'Place',
    fields: [
      field('address', 'Address', 'place'),
      field('phone', 'Phone', 'text'),
      field('hours', 'Opening hours', 'prose'),
      SENTENCE,
      PICTURE,
    ],
    pages: true,
    section: 'services',
    show: 'kept',
    slug: 'places',
  },
  questions: {
    title: 'Questions',
    one: 'question',
    titled: 'Question',
    fields: [field('answer', 'Answer', 'prose')],
    pages: false,
    section: 'questions',
    show: 'kept',
    slug: 'questions',
  },
  quotes: {
    title: 'Quotes',
    one: 'quote',
    titled: 'Who said it',
    fields: [field('text', 'What was said', 'prose'), field('detail', 'Who they are', 'text')],
    pages: false,
    section: 'quotes',
    show: 'kept',
    slug: 'quotes',
  },
  works: {
    title: 'Works',
    one: 'work',
    titled: 'Work',
    fields: [SENTENCE, BODY, PICTURE, field('date', 'When', 'date')],
    pages: true,
    section: 'gallery',
    show: 'newest',
    slug: 'work',
  },
  notices: {
    title: 'Notices',
    one: 'notice',
    titled: 'Notice',
    fields: [SENTENCE],
    pages: false,
    section: 'news',
    show: 'newest',
    slug: 'notices',
  },
  documents: {
    title: 'Documents',
    one: 'document',
    titled: 'Document',
    fields: [field('file', 'File', 'file'), SENTENCE],
    pages: false,
    section: 'downloads',
    show: 'kept',
    slug: 'documents',
  },
  own: {
    title: 'Something of their own',
    one: 'item',
    titled: 'Name',
    fields: [SENTENCE],
    pages: true,
    section: 'services',
    show: 'kept',
    slug: 'list',
  },
};

/** Every field the items of a collection have: those of its kind, then its own. */
export const fieldsOf = ({ kind, fields }: Pick<Collection, 'kind' | 'fields'>): readonly Field[] => [
  ...COLLECTIONS[kind].fields,
  ...fields,
];

/** The field that says when an item takes place; undefined where a collection is of nothing that does. */
export const timeField = (collection: Pick<Collection, 'kind' | 'fields'>): string | undefined =>
  fieldsOf(collection).find((f) => f.type === 'time')?.id;
