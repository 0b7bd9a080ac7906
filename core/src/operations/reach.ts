import {
  isPicture,
  isText,
  Section as SectionSchema,
  type Page,
  type Picture,
  type Section,
  type SiteDocument,
  type Text,
} from '../model/site.js';
import { sectionsOf } from '../model/page.js';
import { OperationError } from './definition.js';
import type { Place } from './place.js';

type Json = unknown;

function at(value: Json, key: string): Json {
  if (Array.isArray(value)) return value.find((item: { id?: string }) => item.id === key);
  if (typeof value === 'object' && value !== null && Object.hasOwn(value, key))
    return (value as Record<string, Json>)[key];
  return undefined;
}

function put(value: Json, keys: readonly string[], leaf: Json): Json {
  const [key, ...rest] = keys;
  if (key === undefined) return leaf;
  if (Array.isArray(value))
    return value.map((item: { id?: string }) => (item.id === key ? put(item, rest, leaf) : item));
  const record = value as Record<string, Json>;
  return { ...record, [key]: put(record[key], rest, leaf) };
}

/** A section with its fields in the order the schema has them, so that taking back a change gives the same bytes. */
export const inOrder = (section: Section): Section => {
  const keys = Object.keys(SectionSchema.properties) as (keyof Section)[];
  return Object.fromEntries(keys.flatMap((k) => (section[k] === undefined ? [] : [[k, section[k]]]))) as Section;
};

/** The section a place names, wherever it stands. */
export function findSection(document: SiteDocument, id: string): Section | undefined {
  for (const shared of [document.header, document.footer]) if (shared?.id === id) return shared;
  for (const page of document.pages) for (const section of sectionsOf(page)) if (section.id === id) return section;
  return undefined;
}

/** The section of an id. @throws OperationError where there is none */
export function sectionOf(document: SiteDocument, id: string): Section {
  const section = findSection(document, id);
  if (!section) throw new OperationError(`There is no section “${id}”.`);
  return section;
}

/** The page of an id. @throws OperationError where there is none */
export function pageOf(document: SiteDocument, id: string): Page {
  const page = document.pages.find((p) => p.id === id);
  if (!page) throw new OperationError(`There is no page “${id}”.`);
  return page;
}

/** What is at a place, whatever it is; undefined where there is nothing. */
export const leafAt = (document: SiteDocument, { section, path }: Place): Json => {
  const found = findSection(document, section);
  return found && path.split('.').reduce<Json>(at, found.content);
};

/** The text at a place, or undefined where there is none. */
export function textAt(document: SiteDocument, place: Place): Text | undefined {
  const found = leafAt(document, place);
  return isText(found) ? found : undefined;
}

/** The picture at a place, or undefined where there is no place for one. */
export function pictureAt(document: SiteDocument, place: Place): Picture | undefined {
  const found = leafAt(document, place);
  return isPicture(found) ? found : undefined;
}

/** A thing in a list of a section’s content. */
export type Item = { readonly id: string } & Readonly<Record<string, unknown>>;

/** The list at a place. @throws OperationError where there is none */
export function listAt(document: SiteDocument, place: Place): readonly Item[] {
  const found = leafAt(document, place);
  if (!Array.isArray(found)) throw new OperationError(`There is no list at ${place.section}, ${place.path}.`);
  return found as Item[];
}

/** A document with one section changed, wherever it stands. */
export function withSection(document: SiteDocument, id: string, change: (s: Section) => Section): SiteDocument {
  const one = (s: Section) => (s.id === id ? change(s) : s);
  return {
    ...document,
    header: document.header && one(document.header),
    footer: document.footer && one(document.footer),
    pages: document.pages.map((p) =>
      sectionsOf(p).some((s) => s.id === id)
        ? {
            ...p,
            ...(p.header && { header: one(p.header) }),
            ...(p.footer && { footer: one(p.footer) }),
            sections: p.sections.map(one),
          }
        : p,
    ),
  };
}

/** A document with something else at a place in the content of a section. */
export const withLeaf = (document: SiteDocument, section: string, keys: readonly string[], leaf: Json): SiteDocument =>
  withSection(document, section, (s) => ({ ...s, content: put(s.content, keys, leaf) as Section['content'] }));

type Tail = Pick<SiteDocument, 'redirects' | 'files' | 'collections' | 'zone' | 'locks'>;
/**
 * A document with something else of what not every site has; lists that are empty are left out, and all stand in one order
 * so that taking back a change gives the same bytes.
 */
export function withTail(document: SiteDocument, change: { [K in keyof Tail]?: Tail[K] | undefined }): SiteDocument {
  const { redirects: _, files: __, collections: ___, zone: ____, locks: _____, ...rest } = document;
  const { redirects, files, collections, zone, locks } = { ...document, ...change };
  return {
    ...rest,
    ...(redirects?.length && { redirects }),
    ...(files?.length && { files }),
    ...(collections?.length && { collections }),
    ...(zone !== undefined && { zone }),
    ...(locks?.length && { locks }),
  };
}

/** A list with one more in it. @throws OperationError where the place is beyond its end */
export function inserted<T>(all: readonly T[], one: T, index: number): T[] {
  if (index > all.length) throw new OperationError(`There is no place ${index} there.`);
  return [...all.slice(0, index), one, ...all.slice(index)];
}
