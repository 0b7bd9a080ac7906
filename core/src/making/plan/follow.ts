import { sectionsOf } from '../../model/page.js';
import { withMarksOf } from '../../model/marks.js';
import { saidOf } from '../generate/said.js';
import { phoneIn, priceIn } from '../../brief/format.js';
import type { SiteLanguage } from '../../language/language.js';
import { languages } from '../../language/registry.gen.js';
import { withoutHeld } from '../../brief/to-tell.js';
import {
  isText,
  type FactField,
  type Facts,
  type Page,
  type Section,
  type SiteDocument,
  type Text,
} from '../../model/site.js';
import { apply } from '../../operations/apply.js';
import type { Operation, SingleOperation } from '../../operations/operation.js';
import { emptyOf } from '../../look/shapes/complete.js';
import { shapes } from '../../look/shapes/registry.gen.js';

export type Item = Record<string, unknown>;
const isItem = (value: unknown): value is Item => typeof value === 'object' && value !== null && !Array.isArray(value);
const edited = (text: Text) => text.from.kind === 'designer' || text.from.kind === 'client';
const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);

/** The lists of the facts whose entries stand as items in lists of a page. */
const LISTED = ['services', 'people', 'events'] as const;
type Listed = (typeof LISTED)[number];
const isListed = (field: string | undefined): field is Listed => LISTED.includes(field as Listed);

/** Which entry of the facts an item of a page stands for: `services/v2`; null where it stands for none. */
export function entryOf(item: Item, facts: Facts): string | null {
  const texts = Object.values(item).filter(isText);
  for (const { from } of texts) {
    const [list, id] = (from.kind === 'brief' && from.fact?.split('/')) || [];
    // A line of figures may tell a single fact, as the year it began: that is no entry of a list.
    if (id && isListed(list)) return `${list}/${id}`;
  }
  // Sites written before texts knew their fact: the name says it.
  const name = isText(item['name']) ? item['name'] : null;
  if (name?.from.kind !== 'brief' && name?.from.kind !== 'client') return null;
  const said = name.from.kind === 'brief' ? name.from.quote : name.value;
  const service = facts.services.find((s) => s.name === said && s.name);
  if (service) return `services/${service.id}`;
  const person = facts.people.find((p) => p.name === said && p.name);
  return person ? `people/${person.id}` : null;
}

/** The texts an entry of the facts has on a page, by the field of the item they stand in. */
function textsOfEntry(facts: Facts, language: SiteLanguage, entry: string): Record<string, Text> | null {
  const [list, id] = entry.split('/');
  const say = saidOf(facts, language);
  const service = list === 'services' ? facts.services.find((s) => s.id === id) : undefined;
  if (service)
    return { name: say.serviceName(service), text: say.serviceDetail(service), price: say.servicePrice(service) };
  const person = list === 'people' ? facts.people.find((p) => p.id === id) : undefined;
  if (person) return { name: say.personName(person), role: say.personRole(person), text: say.personAbout(person) };
  const event = list === 'events' ? facts.events.find((e) => e.id === id) : undefined;
  return event ? say.event(event) : null;
}

/** A text of an item as the facts have it now. One that somebody wrote or vouched for stays as it is. */
function followed(text: Text, field: string, before: Record<string, Text>, after: Record<string, Text>): Text {
  const [was, is] = [before[field], after[field]];
  if (!was || !is || same(was, is)) return text;
  // What nobody has said so far has no hand in it, though it is nobody’s either.
  if (text.value === '' && was.value === '') return is;
  if (edited(text)) return text;
  // What the client says themselves takes the place of a line that only their trade says.
  if (text.from.kind === 'pack') return is.value ? is : text;
  return text.value === was.value ? is : text;
}

/** Scalar facts that stand in sentences in their own words. */
const IN_SENTENCES: FactField[] = [
  'name',
  'phone',
  'mail',
  'address',
  'place',
  'area',
  'founded',
  'strapline',
  'trade',
  'audience',
  'hours',
  'legalName',
];

/** Words of facts that stand in sentences, as they were and as they are: what is woven follows word for word. */
function wordsChanged(before: Facts, after: Facts, language: SiteLanguage): [string, string][] {
  const pairs: [string, string][] = [];
  const add = (was: string, is: string) => {
    if (was.length > 2 && is && was !== is) pairs.push([was, is]);
  };
  for (const field of IN_SENTENCES) {
    if (before[field] === after[field]) continue;
    add(before[field], after[field]);
    if (field === 'phone') add(phoneIn(language, before.phone, before), phoneIn(language, after.phone, after));
  }
  for (const was of before.services) {
    const is = after.services.find((s) => s.id === was.id);
    if (!is) continue;
    add(was.name, is.name);
    if (was.name && is.name) add(language.inside(was.name), language.inside(is.name));
    if (was.price && is.price) add(priceIn(language, was.price, before), priceIn(language, is.price, after));
  }
  for (const was of before.people) add(was.name, after.people.find((p) => p.id === was.id)?.name ?? '');
  // The longest first: “Winter storage” before “storage”.
  return [...new Map(pairs.map((p) => [p[0], p])).values()].sort((a, b) => b[0].length - a[0].length);
}

const literal = (s: string) => s.replace(/[\\^$.*+?()[\]{}|]/g, '\\$&');
const replaceWords = (text: string, pairs: readonly [string, string][]): string => {
  if (!pairs.length) return text;
  const pattern = new RegExp(
    `(?<![\\p{L}\\p{N}])(?:${pairs.map(([was]) => literal(was)).join('|')})(?![\\p{L}\\p{N}])`,
    'gu',
  );
  return text.replace(pattern, (found) => pairs.find(([was]) => was === found)?.[1] ?? found);
};

/** A text of the brief with the words of changed facts put in; others stay. */
function reworded(text: Text, pairs: readonly [string, string][]): Text {
  if (text.from.kind !== 'brief') return text;
  const value = replaceWords(text.value, pairs).slice(0, 4000);
  if (value === text.value) return text;
  // One of a list, such as a paragraph, keeps its id.
  const { marks: _, ...own } = text;
  return withMarksOf(text, {
    ...own,
    value,
    from: { ...text.from, quote: replaceWords(text.from.quote, pairs).slice(0, 2000) },
  });
}

/** Fields of a section’s content that are lists of items. */
const itemLists = (section: Section): [string, Item[]][] =>
  Object.entries(section.content).filter(
    (e): e is [string, Item[]] => Array.isArray(e[1]) && e[1].every((i) => isItem(i) && !isText(i)),
  );

interface Change {
  before: Facts;
  after: Facts;
  language: SiteLanguage;
  pairs: readonly [string, string][];
}

/** A list of items as the facts have it now: entries changed, taken out where they are gone, put in where they are new. */
function followedList(section: Section, field: string, items: Item[], change: Change, all: boolean): Item[] {
  const { before, after, language, pairs } = change;
  const entries = items.map((i) => entryOf(i, before));
  const kind = entries.find((e) => e !== null)?.split('/')[0] as Listed | undefined;
  const next = items.flatMap((item, n): Item[] => {
    const entry = entries[n];
    const was = entry ? textsOfEntry(before, language, entry) : null;
    if (!entry || !was) return [mapTexts(item, (t) => reworded(t, pairs)) as Item];
    const is = textsOfEntry(after, language, entry);
    // Gone from the facts: it goes from the page too, unless somebody has worked on it there.
    if (!is) return Object.values(item).some((t) => isText(t) && edited(t) && t.value) ? [item] : [];
    // A name that is being typed anew is empty for a moment.
    if (!is['name']!.value) return [item];
    return [Object.fromEntries(Object.entries(item).map(([k, v]) => [k, isText(v) ? followed(v, k, was, is) : v]))];
  });
  if (!kind) return next;
  // A list that left some out on purpose, as the few on a home page, takes no more in.
  const whole = all || items.length >= before[kind].filter((o) => o.name.trim()).length;
  const schema = (shapes[section.shape]?.content.properties as Record<string, { items?: object; maxItems?: number }>)[
    field
  ];
  const most = schema?.maxItems ?? 40;
  const there = new Set(next.map((i) => entryOf(i, after)));
  for (const [n, one] of (after[kind] as { id: string; name: string }[]).entries()) {
    const known = before[kind].find((o) => o.id === one.id);
    // One that was left out of this list before stays out of it; one that had no name yet is new.
    if (!one.name.trim() || there.has(`${kind}/${one.id}`) || known?.name.trim() || next.length >= most) continue;
    const texts = textsOfEntry(after, language, `${kind}/${one.id}`)!;
    if (!whole || (section.shape.startsWith('prices/') && !texts['price']?.value)) continue;
    const empty = emptyOf(schema?.items ?? {}, `${section.id}.${field}.${kind}/${one.id}`) as Item;
    const item = Object.fromEntries(Object.entries(empty).map(([k, v]) => [k, isText(v) ? (texts[k] ?? v) : v]));
    next.splice(Math.min(n, next.length), 0, item);
  }
  return next;
}

function mapTexts(value: unknown, change: (t: Text) => Text): unknown {
  if (isText(value)) return change(value);
  if (Array.isArray(value)) return value.map((v) => mapTexts(v, change));
  if (!isItem(value)) return value;
  return Object.fromEntries(Object.entries(value).map(([k, v]) => [k, mapTexts(v, change)]));
}

/** Every text of two contents of one shape that differs, as operations on texts; null where their lists hold other items. */
function textChanges(section: string, before: unknown, after: unknown, path: string): SingleOperation[] | null {
  if (isText(before) && isText(after)) {
    const { value, from } = after;
    const text = withMarksOf(before, { value, from });
    return same(before, after) ? [] : [{ op: 'setText', at: { section, path }, text }];
  }
  const ids = (list: unknown[]) => list.map((item) => (item as Item)['id']);
  if (Array.isArray(before) && Array.isArray(after)) {
    const [had, has] = [ids(before), ids(after)];
    const stay = before.filter((item) => has.includes((item as Item)['id']));
    // What stays is in the order it was in: then the rest came in or went, one by one.
    if (
      !same(
        ids(stay),
        has.filter((id) => had.includes(id)),
      )
    )
      return null;
    const list = { section, path };
    return [
      ...had.filter((id) => !has.includes(id)).map((id) => ({ op: 'removeItem' as const, list, item: String(id) })),
      ...after.flatMap((item: Item & { id: string }, at) =>
        had.includes(item.id) ? [] : [{ op: 'insertItem' as const, list, item, at }],
      ),
      ...stay.flatMap((item: Item) => {
        const id = String(item['id']);
        return textChanges(section, item, after[has.indexOf(id)], `${path}.${id}`) ?? [];
      }),
    ];
  }
  if (typeof before !== 'object' || before === null || typeof after !== 'object' || after === null) return [];
  const out: SingleOperation[] = [];
  for (const key of Object.keys(before)) {
    const inner = textChanges(section, (before as Item)[key], (after as Item)[key], path ? `${path}.${key}` : key);
    if (inner === null) return null;
    out.push(...inner);
  }
  return out;
}

/**
 * What has to change on the pages of a site for its facts to be those of `after`: prices, names, details and whole
 * entries where they stand, and their words in the sentences woven from them. What somebody wrote or vouched for stays,
 * and is found by `differences`.
 */
export function followFacts(document: SiteDocument, after: Facts): SingleOperation[] {
  const before = document.facts;
  const language = languages[document.language];
  const change: Change = { before, after, language, pairs: wordsChanged(before, after, language) };
  const lists = (['services', 'people', 'events'] as const).some((l) => !same(before[l], after[l]));
  if (!lists && !change.pairs.length) return [];
  const one = (section: Section, page: Page | null): SingleOperation[] => {
    const own = Object.fromEntries(
      Object.entries(section.content).map(([field, value]) => {
        const items = itemLists(section).find(([f]) => f === field)?.[1];
        if (!items)
          return [field, mapTexts(value, (t) => (lists ? followedAlone(t, change) : reworded(t, change.pairs)))];
        return [field, followedList(section, field, items, change, page?.id === 'services')];
      }),
    ) as Section['content'];
    if (same(own, section.content)) return [];
    return (
      textChanges(section.id, section.content, own, '') ?? [{ op: 'setContent', section: section.id, content: own }]
    );
  };
  return [
    ...[document.header, document.footer].flatMap((s) => (s ? one(s, null) : [])),
    ...document.pages.flatMap((p) => sectionsOf(p).flatMap((s) => one(s, p))),
  ];
}

/** A text that stands alone and says one fact of an entry, or a sentence with its words in it. */
function followedAlone(text: Text, { before, after, language, pairs }: Change): Text {
  if (text.from.kind !== 'brief' || !text.from.fact) return reworded(text, pairs);
  const [list, id, part] = text.from.fact.split('/');
  const field = part === 'detail' ? 'text' : part;
  const [was, is] = [before, after].map((f) => textsOfEntry(f, language, `${list}/${id}`));
  return field && was && is?.['name']?.value ? followed(text, field, was, is) : text;
}

/**
 * The facts of a document as its pages follow them: what is held back comes on none, but what stands there under a name that
 * is being typed anew stays.
 */
function comingOn({ facts, corrections }: SiteDocument, before: Facts): Facts {
  const open = withoutHeld(facts, corrections);
  if (open === facts) return facts;
  const kept = <T extends { id: string }>(all: readonly T[], told: readonly T[], had: readonly T[]): T[] =>
    all.flatMap((one) => {
      const same = told.find((t) => t.id === one.id);
      return same ?? (had.some((h) => h.id === one.id) ? one : []);
    });
  return {
    ...open,
    services: kept(facts.services, open.services, before.services),
    events: kept(facts.events, open.events, before.events),
  };
}

/** A change of facts together with what follows from it on the pages; any other change as it is. */
export function withFollowing(document: SiteDocument, operation: Operation): Operation {
  if (!document.pages.length) return operation;
  const next = apply(document, operation).document;
  if (next.facts === document.facts) return operation;
  const follow = followFacts(document, comingOn(next, document.facts));
  if (!follow.length) return operation;
  return { op: 'batch', operations: [...(operation.op === 'batch' ? operation.operations : [operation]), ...follow] };
}

/** A text that somebody wrote on a page and that says another thing than the facts do, or a fact that no page says. */
export interface Difference {
  /** Where it stands; null for what stands nowhere. */
  at: { section: string; path: string; page: string } | null;
  what: string;
  page: string;
  facts: string;
}

/** Where pages and facts differ: prices and names written by hand, and services that stand on no page. */
export function differences(document: SiteDocument): Difference[] {
  const { facts } = document;
  const language = languages[document.language];
  const found: Difference[] = [];
  const shown = new Set<string>();
  let lists = false;
  for (const page of document.pages)
    for (const section of page.sections)
      for (const [field, items] of itemLists(section))
        for (const item of items) {
          const entry = entryOf(item, facts);
          const is = entry ? textsOfEntry(facts, language, entry) : null;
          if (!entry || !is) continue;
          shown.add(entry);
          lists ||= entry.startsWith('services/');
          for (const key of ['name', 'price'] as const) {
            const [text, right] = [item[key], is[key]];
            if (!isText(text) || !right || text.value === right.value || !edited(text)) continue;
            // A place left empty says nothing else than the facts; it says nothing.
            if (key === 'price' && (!text.value || !right.value) && text.from.kind === 'designer') continue;
            found.push({
              at: { section: section.id, path: `${field}.${String(item['id'])}.${key}`, page: page.id },
              what: key === 'price' ? `Price of ${is['name']!.value}` : 'A service',
              page: text.value,
              facts: right.value,
            });
          }
        }
  // Services that are told some other way, or by nobody’s list, are no trouble: only those a list leaves out are.
  if (lists)
    for (const s of facts.services)
      if (
        s.name.trim() &&
        !shown.has(`services/${s.id}`) &&
        !JSON.stringify(document.pages).includes(JSON.stringify(s.name).slice(1, -1))
      )
        found.push({ at: null, what: 'A service', page: '', facts: s.name });
  return found;
}
