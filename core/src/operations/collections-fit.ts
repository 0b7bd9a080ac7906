import { fieldsOf } from '../model/collection-kinds.js';
import { marksFit, isTarget } from '../model/marks.js';
import {
  isPicture,
  isText,
  type Collection,
  type CollectionItem,
  type Field,
  type FieldValue,
  type SiteDocument,
} from '../model/site.js';
import type { Misfit } from './validate.js';

const isDay = (value: string, pattern: RegExp): boolean => {
  if (!pattern.test(value)) return false;
  const at = new Date(`${value.slice(0, 10)}T00:00Z`);
  return !Number.isNaN(at.getTime()) && at.toISOString().startsWith(value.slice(0, 10));
};
const DATE = /^\d{4}-\d{2}-\d{2}$/;
const TIME = /^\d{4}-\d{2}-\d{2}(?:T(?:[01]\d|2[0-3]):[0-5]\d)?$/;

/** Why a value is none of a field; null where it is one. */
export function misfitOf({ type, choices }: Pick<Field, 'type' | 'choices'>, value: FieldValue): string | null {
  switch (type) {
    case 'picture':
      return isPicture(value) ? null : 'is no picture';
    case 'number':
      return typeof value === 'number' && Number.isFinite(value) ? null : 'is no number';
    case 'date':
      return typeof value === 'string' && isDay(value, DATE) ? null : 'is no date';
    case 'time':
      return typeof value === 'string' && isDay(value, TIME) ? null : 'is no date and time';
    case 'file':
      return typeof value === 'string' && value.startsWith('file:') ? null : 'is no file';
    case 'link':
      return typeof value === 'string' && isTarget(value) ? null : 'is no address';
    case 'choice':
      return typeof value === 'string' && choices?.includes(value) ? null : 'is none of what there is to choose';
    case 'reference':
      return typeof value === 'string' ? null : 'is no item';
    default:
      return isText(value) ? (marksFit(value) ? null : 'has marks where its words are not') : 'is no text';
  }
}

/**
 * What of the collections of a site does not fit: an id or an address that two have, and a value that is none of its field.
 * Collections and items that `known` has as they are were looked at before.
 */
export function collectionMisfits(document: SiteDocument, known?: SiteDocument): Misfit[] {
  const { collections = [] } = document;
  const found: Misfit[] = [];
  const twice = (pointer: string, what: string, all: readonly string[]) => {
    const seen = new Set<string>();
    const again = all.find((one) => seen.size === seen.add(one).size);
    if (again !== undefined) found.push({ pointer, message: `two have the ${what} “${again}”` });
  };
  twice(
    '/collections',
    'id',
    collections.map((c) => c.id),
  );
  const before = new Set(known?.collections);
  const items = new Set(known?.collections?.flatMap((c) => c.items));
  collections.forEach((collection, n) => {
    if (before.has(collection)) return;
    const pointer = `/collections/${n}`;
    twice(
      `${pointer}/items`,
      'id',
      collection.items.map((i) => i.id),
    );
    twice(
      `${pointer}/items`,
      'address',
      collection.items.map((i) => i.slug),
    );
    const fields = fieldsOf(collection);
    twice(
      `${pointer}/fields`,
      'id',
      fields.map((f) => f.id),
    );
    const byId = new Map(fields.map((f) => [f.id, f]));
    const sameFields = sameAs(known?.collections, collection);
    collection.items.forEach((item, m) => {
      if (!(sameFields && items.has(item))) found.push(...itemMisfits(item, byId, `${pointer}/items/${m}`));
    });
  });
  return found.slice(0, 20);
}

/** Whether a collection has the fields it had: then its items fit that did before. */
const sameAs = (known: readonly Collection[] | undefined, { id, kind, fields }: Collection): boolean =>
  known?.some((c) => c.id === id && c.kind === kind && c.fields === fields) ?? false;

function itemMisfits(item: CollectionItem, fields: ReadonlyMap<string, Field>, pointer: string): Misfit[] {
  const found: Misfit[] = marksFit(item.title)
    ? []
    : [{ pointer: `${pointer}/title`, message: 'has marks where its words are not' }];
  for (const [id, value] of Object.entries(item.values)) {
    const field = fields.get(id);
    // What a field held that is there no more is kept, and shown nowhere.
    const misfit = field && misfitOf(field, value);
    if (misfit) found.push({ pointer: `${pointer}/values/${id}`, message: misfit });
  }
  return found;
}
