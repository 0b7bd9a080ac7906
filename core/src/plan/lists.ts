import { isText, type Section } from '../model/site.js';
import type { SingleOperation } from '../operations/operation.js';
import { emptyOf } from '../shapes/complete.js';
import { shapes } from '../shapes/registry.gen.js';

/** A list in the content of a section: where it is, how long it may be, and what its items are called. */
export interface SectionList {
  /** The field it stands in, such as `items` or `points`. */
  field: string;
  /** The words by which each item is told apart, in order. */
  names: string[];
  /** What one item is: “Service”, “Step”. */
  one: string;
  most: number;
}

interface ListSchema {
  type?: string;
  maxItems?: number;
  items?: { title?: string; properties?: Record<string, { title?: string }> };
}

const fieldsOf = (section: Section): [string, ListSchema][] =>
  Object.entries((shapes[section.shape]?.content.properties ?? {}) as Record<string, ListSchema>);

/** The first words in an item that are not empty. */
function nameOf(item: unknown): string {
  if (isText(item)) return item.value;
  if (typeof item !== 'object' || item === null) return '';
  for (const value of Object.values(item)) {
    const name = isText(value) ? value.value : '';
    if (name) return name;
  }
  return '';
}

/** The lists of a section, in the order its shape has them. */
export function listsOf(section: Section): SectionList[] {
  return fieldsOf(section)
    .filter(([field, schema]) => schema.type === 'array' && Array.isArray(section.content[field]))
    .map(([field, { items, maxItems = 40 }]) => ({
      field,
      names: (section.content[field] as unknown[]).map(nameOf),
      one:
        items?.title ??
        Object.values(items?.properties ?? {}).find((p) => p.title && p.title !== 'Picture')?.title ??
        'Item',
      most: maxItems,
    }));
}

function changed(section: Section, field: string, change: (items: unknown[]) => unknown[]): SingleOperation {
  const items = section.content[field];
  return {
    op: 'setContent',
    section: section.id,
    content: { ...section.content, [field]: change(Array.isArray(items) ? items : []) },
  };
}

/** Adds an empty item at the end of a list. */
export function addItem(section: Section, field: string): SingleOperation {
  const schema = (shapes[section.shape]?.content.properties as Record<string, { items?: object }> | undefined)?.[field];
  return changed(section, field, (items) => [...items, emptyOf(schema?.items ?? {})]);
}

export const removeItem = (section: Section, field: string, n: number): SingleOperation =>
  changed(section, field, (items) => items.filter((_, k) => k !== n));

/** Moves an item to another place; `to` counts without the item itself. */
export const moveItem = (section: Section, field: string, n: number, to: number): SingleOperation =>
  changed(section, field, (items) => {
    const rest = items.filter((_, k) => k !== n);
    return [...rest.slice(0, to), items[n], ...rest.slice(to)];
  });

/** Other shapes a section can be laid out in without losing a word, with what each is like. */
export const shapesOfKind = (section: Section): { shape: string; character: string }[] =>
  Object.entries(shapes)
    .filter(([id]) => id.split('/')[0] === section.shape.split('/')[0])
    .map(([shape, { character }]) => ({ shape, character }));
