import { Value } from '@sinclair/typebox/value';
import ICAL from 'ical.js';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { dump, load } from 'js-yaml';
import { DateTime } from 'luxon';
import Papa from 'papaparse';
import { idFrom } from '../ground/ids.js';
import { fieldsOf, timeField } from '../model/collection-kinds.js';
import { reworded } from '../model/marks.js';
import {
  CollectionItem as ItemSchema,
  isPicture,
  isText,
  type Collection,
  type CollectionItem,
  type Field,
  type FieldValue,
  type SiteDocument,
} from '../model/site.js';
import { misfitOf } from '../operations/collections-fit.js';
import type { SingleOperation } from '../operations/operation.js';
import { readCards } from './cards.js';
import { calendar } from './feeds.js';
import { isLocal, localAt, instantAt, zoneOf } from './times.js';

/** What a collection is written as. */
export const ITEM_FORMATS = ['csv', 'json', 'md', 'ics', 'vcf'] as const;
export type ItemFormat = (typeof ITEM_FORMATS)[number];

/** Columns that every item has, whatever its kind; those of its fields come after them. */
const COLUMNS = ['id', 'title', 'address', 'state', 'from', 'until', 'made', 'author', 'language', 'tags'] as const;
/** Behind the name of a picture field: its words. */
const IN_WORDS = ' in words';

/** A value as a cell has it. */
function cellOf(value: FieldValue | undefined): string {
  if (value === undefined) return '';
  if (isPicture(value)) return value.media;
  return isText(value) ? value.value : String(value);
}

/** An item as a row of cells by their column. Times are those of the site’s clock. */
function rowOf(document: SiteDocument, fields: readonly Field[], item: CollectionItem): Record<string, string> {
  const local = (instant: string | undefined) => (instant === undefined ? '' : localAt(document, instant));
  const row: Record<string, string> = {
    id: item.id,
    title: item.title.value,
    address: item.slug,
    state: item.state,
    from: local(item.from),
    until: local(item.until),
    made: local(item.made),
    author: item.by ?? '',
    language: item.language ?? '',
    tags: (item.tags ?? []).join(', '),
  };
  for (const { id, type } of fields) {
    const value = item.values[id];
    row[id] = cellOf(value);
    if (type === 'picture') row[`${id}${IN_WORDS}`] = isPicture(value) ? value.alt.value : '';
  }
  return row;
}

/** A collection as CSV (RFC 4180), a line an item. What a table program would take for a formula begins with an apostrophe. */
export function toCsv(document: SiteDocument, collection: Collection): string {
  const fields = fieldsOf(collection);
  const columns = [
    ...COLUMNS,
    ...fields.flatMap((f) => (f.type === 'picture' ? [f.id, `${f.id}${IN_WORDS}`] : [f.id])),
  ];
  return `${Papa.unparse(
    { fields: columns, data: collection.items.map((item) => rowOf(document, fields, item)) },
    { escapeFormulae: true, newline: '\r\n' },
  )}\r\n`;
}

/** A collection as JSON, whole: its fields and its items as the site keeps them. */
export const toJson = ({ kind, name, fields, items }: Collection): string =>
  `${JSON.stringify({ kind, name, fields, items }, null, 2)}\n`;

/** The items of a collection as Markdown, a file each: all but its longest text in front (YAML), that as the body. */
export function toMarkdown(document: SiteDocument, collection: Collection): { path: string; text: string }[] {
  const fields = fieldsOf(collection);
  const body = fields.find((f) => f.id === 'body')?.id ?? fields.find((f) => f.type === 'prose')?.id;
  return collection.items.map((item) => {
    const { tags: _, ...row } = rowOf(document, fields, item);
    const front = Object.fromEntries(Object.entries(row).filter(([k, v]) => v !== '' && k !== body));
    const said = dump({ ...front, ...(item.tags && { tags: item.tags }) }, { forceQuotes: true, lineWidth: -1 });
    return { path: `${item.slug}.md`, text: `---\n${said}---\n\n${body ? cellOf(item.values[body]) : ''}\n` };
  });
}

/** What takes place, as iCalendar (RFC 5545). */
export const toCalendar = (document: SiteDocument, collection: Collection): string =>
  calendar(document, collection, collection.items, () => null);

/** An item as a file has it: cells by their column, or whole. `line` says where it stands. */
export interface Incoming {
  line: number;
  row?: Record<string, string>;
  item?: CollectionItem;
}
export interface Read {
  items: Incoming[];
  /** What of the file could not be read, in words. */
  faults: string[];
}

function readCsv(text: string): Read {
  const { data, errors, meta } = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (h) => h.trim(),
  });
  const faults = errors
    .filter((e) => e.code !== 'UndetectableDelimiter')
    .slice(0, 10)
    .map((e) => `Line ${(e.row ?? 0) + 2}: ${e.message}`);
  if (!meta.fields?.some((f) => columnOf(f) === 'title')) faults.unshift('There is no column “title” in it.');
  const plain = (v: unknown) => (typeof v === 'string' ? v.replace(/^'(?=[=+\-@\t\r])/, '') : '');
  return {
    items: data.map((row, n) => ({
      line: n + 2,
      row: Object.fromEntries(Object.entries(row).map(([k, v]) => [columnOf(k), plain(v)])),
    })),
    faults,
  };
}
/** Names under which other programs have the same. */
const ALIASES: Record<string, string> = {
  name: 'title',
  headline: 'title',
  summary: 'text',
  excerpt: 'text',
  slug: 'address',
  date: 'made',
  content: 'body',
  by: 'author',
  start: 'starts',
  end: 'ends',
  location: 'place',
};
const columnOf = (name: string): string => {
  const key = name.trim();
  return ALIASES[key.toLowerCase()] ?? COLUMNS.find((c) => c === key.toLowerCase()) ?? key;
};

/** Without a compiled check: this is read in a browser too, where nothing is compiled. */
const isItem = (value: unknown): value is CollectionItem => Value.Check(ItemSchema, value);
function readJson(text: string): Read {
  let whole: unknown;
  try {
    whole = JSON.parse(text);
  } catch {
    return { items: [], faults: ['It is no JSON.'] };
  }
  const all = Array.isArray(whole) ? whole : (whole as { items?: unknown } | null)?.items;
  if (!Array.isArray(all)) return { items: [], faults: ['There is no list of items in it.'] };
  const items: Incoming[] = [];
  const faults: string[] = [];
  all.forEach((one: unknown, n) => {
    if (isItem(one)) items.push({ line: n + 1, item: one });
    else if (typeof one === 'object' && one !== null)
      items.push({
        line: n + 1,
        row: Object.fromEntries(
          Object.entries(one).map(([k, v]) => [
            columnOf(k),
            Array.isArray(v) ? v.map(String).join(', ') : isText(v) ? v.value : String(v ?? ''),
          ]),
        ),
      });
    else faults.push(`Item ${n + 1} is none.`);
  });
  return { items, faults };
}

/** @param body the field the body of the file is for */
function readMarkdown(text: string, line: number, body: string): Read {
  const parts = /^---\r?\n([\s\S]*?)\r?\n---\r?\n?([\s\S]*)$/.exec(text.replace(/^\uFEFF/, ''));
  if (!parts) return { items: [], faults: ['It has no front matter between two lines of three dashes.'] };
  let front: unknown;
  try {
    front = load(parts[1]!);
  } catch (error) {
    return { items: [], faults: [`Its front matter cannot be read: ${(error as Error).message.split('\n')[0]!}`] };
  }
  if (typeof front !== 'object' || front === null)
    return { items: [], faults: ['There is nothing in its front matter.'] };
  const cell = (v: unknown): string =>
    v instanceof Date
      ? v.toISOString().slice(0, 16)
      : Array.isArray(v)
        ? v.map(String).join(', ')
        : typeof v === 'object'
          ? ''
          : String(v ?? '');
  const row = Object.fromEntries(Object.entries(front).map(([k, v]) => [columnOf(k), cell(v)]));
  return { items: [{ line, row: { ...row, [body]: parts[2]!.trim() } }], faults: [] };
}

function readCalendar(text: string, document: SiteDocument): Read {
  let whole: ICAL.Component;
  try {
    whole = new ICAL.Component(ICAL.parse(text) as unknown[]);
  } catch (error) {
    return { items: [], faults: [`It is no calendar: ${(error as Error).message.split('\n')[0]!}`] };
  }
  const faults: string[] = [];
  // Times in a zone that the calendar brings along are read in that.
  const local = (time: ICAL.Time, back = 0): string => {
    if (time.isDate) {
      const day = time.clone();
      if (back) day.adjust(-back, 0, 0, 0);
      return day.toString();
    }
    return time.zone.tzid === 'floating'
      ? time.toString().slice(0, 16)
      : DateTime.fromJSDate(time.toJSDate(), { zone: zoneOf(document) }).toFormat("yyyy-MM-dd'T'HH:mm");
  };
  for (const zone of whole.getAllSubcomponents('vtimezone')) ICAL.TimezoneService.register(zone);
  const items = whole.getAllSubcomponents('vevent').map((component, n): Incoming => {
    const event = new ICAL.Event(component);
    if (event.isRecurring())
      faults.push(`“${event.summary}” comes again and again: only its first time is brought in.`);
    const tags = component.getFirstProperty('categories')?.getValues() as string[] | undefined;
    const id = /^([a-z0-9][a-z0-9-]{0,63})@/.exec(event.uid ?? '')?.[1];
    return {
      line: n + 1,
      row: {
        ...(id && { id }),
        title: event.summary ?? '',
        starts: event.startDate ? local(event.startDate) : '',
        ends: component.hasProperty('dtend') ? local(event.endDate, event.endDate.isDate ? 1 : 0) : '',
        place: event.location ?? '',
        text: event.description ?? '',
        ...(tags && { tags: tags.join(', ') }),
      },
    };
  });
  return { items, faults };
}

function readVcards(text: string, collection: Collection): Read {
  try {
    return { items: readCards(text, collection).map((row, n) => ({ line: n + 1, row })), faults: [] };
  } catch (error) {
    return { items: [], faults: [`It is no vCard: ${(error as Error).message.split('\n')[0]!}`] };
  }
}

/** The items that files have, by the ending of their names; what cannot be read is said in words. */
export function readItems(
  document: SiteDocument,
  collection: Collection,
  files: readonly { name: string; text: string }[],
): Read {
  const fields = fieldsOf(collection);
  const body = fields.find((f) => f.id === 'body')?.id ?? fields.find((f) => f.type === 'prose')?.id ?? 'text';
  const all = files.map(({ name, text }, n): Read => {
    const ending = /\.([a-z]+)$/i.exec(name)?.[1]?.toLowerCase();
    const read =
      ending === 'csv' || ending === 'tsv' || ending === 'txt'
        ? readCsv(text)
        : ending === 'json'
          ? readJson(text)
          : ending === 'md' || ending === 'markdown'
            ? readMarkdown(text, n + 1, body)
            : ending === 'ics'
              ? readCalendar(text, document)
              : ending === 'vcf'
                ? readVcards(text, collection)
                : { items: [], faults: ['It is neither CSV, JSON, Markdown, a calendar nor a card.'] };
    return { items: read.items, faults: read.faults.map((f) => (files.length > 1 ? `${name}: ${f}` : f)) };
  });
  return { items: all.flatMap((r) => r.items), faults: all.flatMap((r) => r.faults) };
}

/** What bringing items in would do. */
export interface Arriving {
  operations: SingleOperation[];
  added: string[];
  /** What would read otherwise, and in which columns. */
  changed: { title: string; columns: string[] }[];
  same: number;
  faults: string[];
}

const STATES: Record<string, CollectionItem['state']> = {
  draft: 'draft',
  up: 'up',
  planned: 'up',
  over: 'up',
  published: 'up',
  publish: 'up',
  true: 'up',
  false: 'draft',
};

/**
 * What bringing items in does to a collection: those it has (by id, else by address) are changed where a file says otherwise,
 * and nothing else of them; the rest is new; none is taken out. What a cell says that the item says already leaves it as it
 * is, with all that stands out in it.
 * @param made the minute it is brought in @param slugFor an address that is free, from a title
 */
export function arriving(
  document: SiteDocument,
  collection: Collection,
  read: Read,
  made: string,
  slugFor: (taken: readonly { slug: string }[], title: string) => string,
): Arriving {
  const fields = fieldsOf(collection);
  const byId = new Map(collection.items.map((i) => [i.id, i]));
  const bySlug = new Map(collection.items.map((i) => [i.slug, i]));
  const media = new Set(document.media.map((m) => m.id));
  const out: Arriving = { operations: [], added: [], changed: [], same: 0, faults: [...read.faults] };
  const seen = new Set<string>();
  const taken = collection.items.map(({ slug }) => ({ slug }));
  let at = collection.items.length;
  for (const [n, { line, row, item }] of read.items.entries()) {
    const cells = row ?? rowOf(document, fields, item!);
    const fault = (words: string) => void out.faults.push(`Line ${line}: ${words}`);
    const known = byId.get(cells['id'] ?? '') ?? bySlug.get(cells['address'] ?? '');
    const title = (cells['title'] ?? '').trim();
    if (!title && !known) {
      fault('it has no title');
      continue;
    }
    if (known && seen.has(known.id)) {
      fault(`“${title || known.title.value}” stands there twice; the first is taken`);
      continue;
    }
    if (known) seen.add(known.id);
    const now = known && rowOf(document, fields, known);
    const differs = (column: string) => cells[column] !== undefined && cells[column] !== (now?.[column] ?? '');
    const set: Record<string, unknown> = {};
    const columns: string[] = [];
    const take = (column: string, key: string, value: unknown) => {
      set[key] = value;
      columns.push(column);
    };
    if (title && differs('title'))
      take('title', 'title', {
        ...(known ? reworded(known.title, title) : { value: title }),
        from: { kind: 'client' },
      });
    if (differs('state') && cells['state']) {
      const state = STATES[cells['state'].trim().toLowerCase()];
      if (!state) fault(`“${cells['state']}” is no state`);
      else if (state !== known?.state) take('state', 'state', state);
    }
    for (const column of ['from', 'until'] as const) {
      if (!differs(column)) continue;
      const typed = cells[column]!.trim().replace(' ', 'T').slice(0, 16);
      if (typed && !isLocal(typed)) fault(`“${cells[column]}” is no day and time`);
      else take(column, column, typed ? instantAt(document, typed) : null);
    }
    if (differs('author')) take('author', 'by', cells['author']!.trim().slice(0, 80) || null);
    if (differs('language')) take('language', 'language', cells['language']!.trim() || null);
    if (differs('tags')) {
      const tags = [
        ...new Set(
          cells['tags']!.split(/[,;]/)
            .map((t) => t.trim().slice(0, 40))
            .filter(Boolean),
        ),
      ].slice(0, 12);
      take('tags', 'tags', tags.length ? tags : null);
    }
    const values: Record<string, FieldValue | null> = {};
    for (const field of fields) {
      const words = field.type === 'picture' ? `${field.id}${IN_WORDS}` : field.id;
      if (!differs(field.id) && !differs(words)) continue;
      const value = item ? (item.values[field.id] ?? null) : valueIn(field, cells, known?.values[field.id]);
      const misfit = value === null ? null : misfitOf(field, value);
      if (misfit) fault(`${field.label} ${misfit}: “${cells[field.id]!.slice(0, 60)}”`);
      else if (isPicture(value) && value.media && !media.has(value.media))
        fault(`the site has no picture “${value.media}”`);
      else if (value !== null || known) {
        values[field.id] = value;
        columns.push(field.id);
      }
    }
    if (Object.keys(values).length) set['values'] = values;
    if (known) {
      if (!columns.length) out.same++;
      else {
        out.changed.push({ title: title || known.title.value, columns });
        out.operations.push({ op: 'setEntry', collection: collection.id, item: known.id, ...set } as SingleOperation);
      }
      continue;
    }
    const wanted = cells['address'] ?? '';
    const free =
      /^[a-z0-9]+(-[a-z0-9]+)*$/.test(wanted) && wanted.length <= 80 && !taken.some((t) => t.slug === wanted);
    const slug = free ? wanted : slugFor(taken, title);
    taken.push({ slug });
    const wantedId = cells['id'] ?? '';
    const madeAt = (cells['made'] ?? '').trim().replace(' ', 'T').slice(0, 16);
    const { values: said = {}, ...rest } = set as Partial<CollectionItem>;
    out.added.push(title);
    out.operations.push({
      op: 'insertEntry',
      collection: collection.id,
      at: at++,
      item: {
        ...(Object.fromEntries(Object.entries(rest).filter(([, v]) => v !== null)) as Partial<CollectionItem>),
        id: /^[a-z0-9][a-z0-9-]{0,63}$/.test(wantedId) ? wantedId : idFrom('brought', collection.id, made, n),
        slug,
        title: rest.title ?? { value: title, from: { kind: 'client' } },
        made: item?.made ?? (isLocal(madeAt) ? instantAt(document, madeAt) : made),
        state: rest.state ?? 'draft',
        values: Object.fromEntries(Object.entries(said).filter(([, v]) => v !== null)) as CollectionItem['values'],
      },
    });
  }
  return out;
}

/** What a cell says in a field, as the field keeps it; null where it says nothing. */
function valueIn(field: Field, cells: Record<string, string>, before: FieldValue | undefined): FieldValue | null {
  const words = cells[field.id];
  if (field.type === 'picture') {
    const there = isPicture(before) ? before : undefined;
    const media = words ?? there?.media ?? '';
    const alt = cells[`${field.id}${IN_WORDS}`] ?? there?.alt.value ?? '';
    return media ? { ...there, media, alt: { value: alt, from: { kind: 'client' } } } : null;
  }
  if (!words?.trim()) return null;
  switch (field.type) {
    case 'number':
      return Number(words.trim().replace(',', '.'));
    case 'date':
      return words.trim().slice(0, 10);
    case 'time':
      return words.trim().replace(' ', 'T').slice(0, 16);
    case 'file':
    case 'choice':
    case 'link':
    case 'reference':
      return words.trim();
    default:
      return { ...(isText(before) ? reworded(before, words) : { value: words }), from: { kind: 'client' } };
  }
}

/** Whether a collection is of what takes place, and can be a calendar. */
export const hasCalendar = (collection: Collection): boolean => timeField(collection) !== undefined;

/** How large what a ZIP file holds may be: bytes of one file, bytes of all, and how many. */
const ZIP_MOST = { file: 2_000_000, all: 40_000_000, files: 20_000 };

/** Files in one ZIP file. */
export const zipped = (files: readonly { path: string; text: string }[]): Uint8Array =>
  zipSync(Object.fromEntries(files.map(({ path, text }) => [path, strToU8(text)])));

/** The texts that a file holds: itself, or where it is a ZIP file those in it. What is too large is left out. */
export function textsIn(name: string, bytes: Uint8Array): { name: string; text: string }[] {
  if (!/\.zip$/i.test(name)) return [{ name, text: strFromU8(bytes) }];
  let all = 0;
  let count = 0;
  const inside = unzipSync(bytes, {
    filter: ({ name, originalSize }) => {
      all += originalSize;
      return (
        /\.(?:md|markdown|csv|json|ics|vcf)$/i.test(name) &&
        !/(?:^|\/)[._]/.test(name) &&
        originalSize <= ZIP_MOST.file &&
        all <= ZIP_MOST.all &&
        ++count <= ZIP_MOST.files
      );
    },
  });
  return Object.entries(inside).map(([name, part]) => ({ name, text: strFromU8(part) }));
}
