import { checkOf, type Check } from '../ground/check.js';
import { Batch, schemaOf } from './operation.js';
import { families } from '../look/type.js';
import { shapes } from '../look/shapes/registry.gen.js';
import { collectionMisfits } from './collections-fit.js';
import { safeSvg } from '../look/pictures/safe-svg.js';
import { marksFit } from '../model/marks.js';
import { everySection } from '../model/page.js';
import { Collection, isText, SiteDocument } from '../model/site.js';

const checkerOf = (schema: object) => checkOf(schema, 'every');

/** One place where a value does not fit its schema: a JSON Pointer (RFC 6901) and a plain sentence. */
export interface Misfit {
  pointer: string;
  message: string;
}

const misfits = (check: Check, prefix = ''): Misfit[] =>
  (check.errors ?? [])
    .slice(0, 20)
    .map((e) => ({ pointer: prefix + e.instancePath, message: e.message ?? 'does not fit' }));

/** How many pages and pictures a document may have: what a part of it cannot tell. */
const MOST = {
  pages: SiteDocument.properties.pages.maxItems!,
  media: SiteDocument.properties.media.maxItems!,
  items: Collection.properties.items.maxItems!,
};

/**
 * A document without the pages and pictures that another one, known to fit, has as they are; and where in it each of those
 * left stands.
 */
function newIn(document: SiteDocument, known: SiteDocument): { part: SiteDocument; pages: number[]; media: number[] } {
  const apart = <T>(now: readonly T[], before: readonly T[]): number[] => {
    const there = new Set(before);
    return now.flatMap((one, n) => (there.has(one) ? [] : [n]));
  };
  const [pages, media] = [apart(document.pages, known.pages), apart(document.media, known.media)];
  const { collections } = document;
  const items = new Set(known.collections?.flatMap((c) => c.items));
  return {
    part: {
      ...document,
      pages: pages.map((n) => document.pages[n]!),
      media: media.map((n) => document.media[n]!),
      // Where in its collection an item stands that does not fit is not told, only that one does not.
      ...(collections && {
        collections: collections.map((c) => ({ ...c, items: c.items.filter((i) => !items.has(i)) })),
      }),
    },
    pages,
    media,
  };
}

/**
 * Checks a site document against its schema, and each section's content against its shape's. Empty when it fits. With
 * `known`, a document that fits and that this one was made from, only what the two do not share is checked: the answer is
 * the same.
 */
export function validateDocument(value: unknown, known?: SiteDocument): Misfit[] {
  const whole = checkerOf(SiteDocument);
  const given = value as SiteDocument;
  const part =
    known &&
    given.pages.length <= MOST.pages &&
    given.media.length <= MOST.media &&
    (given.collections ?? []).every((c) => c.items.length <= MOST.items)
      ? newIn(given, known)
      : null;
  if (!whole(part?.part ?? value))
    return misfits(whole).map((m) =>
      part
        ? {
            ...m,
            pointer: m.pointer.replace(
              /^\/(pages|media)\/(\d+)/,
              (_, list: 'pages' | 'media', n: string) => `/${list}/${part[list][Number(n)]}`,
            ),
          }
        : m,
    );
  const document = given;
  const fresh = { pages: new Set(part?.part.pages ?? given.pages), media: new Set(part?.part.media ?? given.media) };
  const found: Misfit[] = [];
  const look = (section: SiteDocument['header'], pointer: string) => {
    if (!section) return;
    const shape = Object.hasOwn(shapes, section.shape) ? shapes[section.shape] : undefined;
    if (!shape)
      return void found.push({ pointer: `${pointer}/shape`, message: `there is no section shape “${section.shape}”` });
    const check = checkerOf(shape.content);
    if (!check(section.content)) found.push(...misfits(check, `${pointer}/content`));
    else if (!marksWithin(section.content))
      found.push({ pointer: `${pointer}/content`, message: 'marks of a text are not where its words are' });
  };
  look(document.header, '/header');
  look(document.footer, '/footer');
  document.pages.forEach((page, p) => {
    if (!fresh.pages.has(page)) return;
    for (const part of ['header', 'footer'] as const) {
      look(page[part] ?? null, `/pages/${p}/${part}`);
      if (page[part] && !page[part].shape.startsWith(`${part}/`))
        found.push({ pointer: `/pages/${p}/${part}/shape`, message: `is no shape of a ${part}` });
    }
    page.sections.forEach((s, n) => look(s, `/pages/${p}/sections/${n}`));
  });
  const drawings: [string, string][] = [
    ...(document.mark?.kind === 'file' ? [['/mark/svg', document.mark.svg] as [string, string]] : []),
    ...document.media.flatMap((m, n) =>
      m.kind === 'drawn' && fresh.media.has(m) ? [[`/media/${n}/svg`, m.svg] as [string, string]] : [],
    ),
  ];
  for (const [pointer, svg] of drawings) {
    const safe = safeSvg(svg);
    if ('problem' in safe) found.push({ pointer, message: safe.problem });
    else if (safe.svg !== svg)
      found.push({ pointer, message: 'holds more than drawing; it has to be made safe first' });
  }
  for (const role of ['heading', 'reading'] as const)
    if (!Object.hasOwn(families, document.look[role]))
      found.push({ pointer: `/look/${role}`, message: `there is no typeface “${document.look[role]}”` });
  // What has an id is addressed by it: two of one id would be one to every operation.
  const sections = everySection(document);
  const named: [string, readonly (string | undefined)[]][] = [
    ['/pages', document.pages.map((p) => p.id)],
    ['/pages/sections', sections.map((s) => s.id)],
    ['/media', document.media.map((m) => m.id)],
    ['/forms', document.forms.map((f) => f.id)],
    ['/files', (document.files ?? []).map((f) => f.id)],
    ['/facts/services', document.facts.services.map((s) => s.id)],
    ['/facts/people', document.facts.people.map((p) => p.id)],
    ...document.pages.flatMap((p, n) =>
      fresh.pages.has(p) ? p.sections.flatMap((s, m) => listsIn(s.content, `/pages/${n}/sections/${m}/content`)) : [],
    ),
  ];
  for (const [pointer, ids] of named) {
    const twice = ids.find((id, n) => id !== undefined && ids.indexOf(id) !== n);
    if (twice !== undefined) found.push({ pointer, message: `two have the id “${twice}”` });
  }
  found.push(...collectionMisfits(document, known));
  const slugs = document.pages.map((p) => p.slug);
  if (new Set(slugs).size < slugs.length) found.push({ pointer: '/pages', message: 'two pages have the same address' });
  return found;
}

/** Whether every text within a part of a section has its marks where its words are, in the one form there is. */
const marksWithin = (value: unknown): boolean =>
  typeof value !== 'object' ||
  value === null ||
  (isText(value) ? marksFit(value) : Object.values(value).every(marksWithin));

const opOf = (value: unknown): unknown =>
  typeof value === 'object' && value !== null && 'op' in value ? value.op : undefined;

/** Checks one operation against the schema of its kind. Empty when it fits. */
export function validateOperation(value: unknown, prefix = ''): Misfit[] {
  const op = opOf(value);
  if (op === 'batch' && prefix === '') {
    const { operations, ...rest } = value as { operations?: unknown };
    if (
      !Array.isArray(operations) ||
      operations.length < 1 ||
      operations.length > Batch.properties.operations.maxItems! ||
      Object.keys(rest).length > 1
    )
      return [{ pointer: '', message: 'a batch is 1 to 500 operations and nothing else' }];
    return operations.flatMap((inner, n) => validateOperation(inner, `/operations/${n}`)).slice(0, 20);
  }
  const schema = typeof op === 'string' ? schemaOf(op) : undefined;
  if (!schema) return [{ pointer: `${prefix}/op`, message: 'is not an operation' }];
  const check = checkerOf(schema);
  return check(value) ? [] : misfits(check, prefix);
}

/** The ids of every list in the content of a section, with where the list is. */
function listsIn(value: unknown, pointer: string): [string, (string | undefined)[]][] {
  if (typeof value !== 'object' || value === null) return [];
  const inside = Object.entries(value).flatMap(([key, v]) => listsIn(v, `${pointer}/${key}`));
  return Array.isArray(value) ? [[pointer, value.map((item: { id?: string }) => item.id)], ...inside] : inside;
}
