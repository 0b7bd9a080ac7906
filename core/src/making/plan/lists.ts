import { isText, type Section, type Text } from '../../model/site.js';
import { textsOf, type PlacedText } from '../generate/site.js';
import { choicesAt } from '../../operations/choices.js';
import type { OperationNamed } from '../../operations/operation.js';
import type { Place } from '../../operations/place.js';
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
  title?: string;
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
    .map(([field, { title, items, maxItems = 40 }]) => ({
      field,
      items: itemsOf(section, field).map((item) => ({ id: item.id, name: nameOf(item) })),
      one:
        title ??
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

/** What stands in a place until somebody has written there: shown as such, and kept from going live. */
const toBeWritten = (title: string): Text => ({
  value: title,
  from: { kind: 'placeholder', ask: `${title}: what should stand here?` },
});

/**
 * Adds an item under another one of a list, with something to take hold of: its first words, and its longer ones, are to be
 * written. Its id is the caller’s to find.
 */
export function addItemUnder(section: Section, field: string, under: string, id: string): OperationNamed<'insertItem'> {
  const { item, ...operation } = addItem(section, field, id);
  const texts = textsOf({ ...section, content: { [field]: [item] } });
  const wanted = new Set([texts[0], texts.find((t) => t.long)]);
  const filled = structuredClone(item) as Record<string, unknown>;
  for (const t of texts) {
    const key = t.path.split('.')[2];
    if (!wanted.has(t)) continue;
    if (key === undefined) Object.assign(filled, toBeWritten(t.label));
    else if (isText(filled[key])) filled[key] = toBeWritten(t.label);
  }
  return {
    ...operation,
    item: filled as typeof item,
    at: itemsOf(section, field).findIndex((i) => i.id === under) + 1,
  };
}

/** The item that a place in a section is in: its list, its id and its number in it; null where it is in none. */
export function itemAt(section: Section, path: string): { list: SectionList; id: string; at: number } | null {
  const [field, id] = path.split('.');
  const list = listsOf(section).find((l) => l.field === field);
  const at = list?.items.findIndex((i) => i.id === id) ?? -1;
  return list && at >= 0 ? { list, id: id!, at } : null;
}

/** The texts a section, or one item of it, can have or do without; those of its other items are not among them. */
export const partsOf = (section: Section, item: { list: SectionList; id: string } | null): PlacedText[] =>
  textsOf(section).filter((t) =>
    item
      ? t.path.startsWith(`${item.list.field}.${item.id}.`) && t.path.split('.').length === 3
      : !t.path.includes('.'),
  );

/** Something of an item that is one of a few: where it is, what it is called, what it is now and what it can be. */
export interface ItemChoice {
  at: Place;
  title: string;
  value: string;
  choices: readonly (readonly [value: string, words: string])[];
}

/** What can be chosen of an item. What the first of a list stands beside is nothing: it has no place to choose. */
export function choicesOf(
  section: Section,
  { list, id, at }: { list: SectionList; id: string; at: number },
): ItemChoice[] {
  const item = (section.content[list.field] as { id: string }[]).find((i) => i.id === id);
  return Object.entries(item ?? {}).flatMap(([key, value]): ItemChoice[] => {
    const path = `${list.field}.${id}.${key}`;
    const schema = choicesAt(section, path);
    if (!schema || (key === 'place' && at === 0)) return [];
    const choices = Object.entries(schema.choices);
    return [{ at: { section: section.id, path }, title: schema.title, value: value as string, choices }];
  });
}

/** Puts a part in or leaves it out: one that is put in waits to be written. */
export const switchPart = ({ section, path, label, text }: PlacedText): OperationNamed<'setText'> => ({
  op: 'setText',
  at: { section: section.id, path },
  text: text.value ? { value: '', from: { kind: 'designer' } } : toBeWritten(label.replace(/^\d+\. /, '')),
});

/** Other shapes a section can be laid out in without losing a word, with what each is like. */
export const shapesOfKind = (section: Section): { shape: string; character: string }[] =>
  Object.entries(shapes)
    .filter(([id]) => id.split('/')[0] === section.shape.split('/')[0])
    .map(([shape, { character }]) => ({ shape, character }));
