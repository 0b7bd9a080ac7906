import { isText, type Section } from '../../model/site.js';
import type { OperationNamed } from '../../operations/operation.js';
import { emptyOf } from '../../look/shapes/complete.js';
import { shapes } from '../../look/shapes/registry.gen.js';

/** A list in the content of a section: where it is, how long it may be, and what its items are called. */
export interface SectionList {
  /** The field it stands in, such as `items` or `points`. */
  field: string;
  /** The ids of its items and the words by which each is told apart, in order. */
  items: { id: string; name: string }[];
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
      items: itemsOf(section, field).map((item) => ({ id: item.id, name: nameOf(item) })),
      one:
        items?.title ??
        Object.values(items?.properties ?? {}).find((p) => p.title && p.title !== 'Picture')?.title ??
        'Item',
      most: maxItems,
    }));
}

const itemsOf = (section: Section, field: string): { id: string }[] => {
  const items = section.content[field];
  return Array.isArray(items) ? (items as { id: string }[]) : [];
};

/** Adds an empty item at the end of a list. Its id is the caller’s to find: one that no item has had before. */
export function addItem(section: Section, field: string, id: string): OperationNamed<'insertItem'> {
  const schema = (shapes[section.shape]?.content.properties as Record<string, { items?: object }> | undefined)?.[field];
  const item = { ...(emptyOf(schema?.items ?? {}, id) as { id: string }), id };
  return {
    op: 'insertItem',
    list: { section: section.id, path: field },
    item,
    at: itemsOf(section, field).length,
  };
}

/** Other shapes a section can be laid out in without losing a word, with what each is like. */
export const shapesOfKind = (section: Section): { shape: string; character: string }[] =>
  Object.entries(shapes)
    .filter(([id]) => id.split('/')[0] === section.shape.split('/')[0])
    .map(([shape, { character }]) => ({ shape, character }));
