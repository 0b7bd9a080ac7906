import { lately } from './lately.js';
import {
  AIMS,
  emptyFacts,
  limitOf,
  PREMISES,
  TONES,
  type Aim,
  type Correction,
  type Facts,
  type Service,
} from '../../model/site.js';
import { languages } from '../../language/registry.gen.js';
import { packByWords, packFor } from '../trades/packs.js';
import { hoursConflicts, hoursLines, readHours, type Hours } from './hours.js';
import { filled, labelledLines, type Labelled } from './labels.js';
import { languageOf } from './language.js';
import { phrases } from './phrases.js';
import { addresses, places } from './places.js';
import { nameSpan, tradeSaid } from './names.js';
import { links, mails, phones } from './reach.js';
import { readServices, type ReadService } from './services.js';
import { wordsOf, type Language, type Span, type SpanField } from './span.js';
import { capital, splitList, stem } from './words.js';

/** Two values of one fact that cannot both be right, each with the words it was read from. */
export interface Conflict {
  field: 'phone' | 'mail' | 'address' | 'hours' | 'founded' | 'name';
  values: { value: string; spans: Span[] }[];
}

/** What a text says: its language, every stretch that was read as a fact, the facts, and what speaks against itself. */
export interface Reading {
  language: Language;
  spans: Span[];
  facts: Facts;
  conflicts: Conflict[];
}

const distinct = (values: string[], most = 24): string[] =>
  values.filter((v, n) => values.findIndex((o) => o.toLowerCase() === v.toLowerCase()) === n).slice(0, most);

/** Takes back and puts in what the designer has put right. */
function corrected(source: string, spans: Span[], corrections: readonly Correction[]): Span[] {
  return spans.flatMap((span): Span[] => {
    const words = wordsOf(source, span).toLowerCase();
    const fix = corrections.find((c) => c.was === span.field && c.words.toLowerCase() === words);
    if (!fix) return [span];
    return fix.is ? [{ ...span, field: fix.is as SpanField, value: wordsOf(source, span) }] : [];
  });
}

/** Leaves out what lies inside a stretch that was already read as the same, and style words that only say how a colour is. */
const withoutEchoes = (sorted: Span[]): Span[] =>
  sorted.filter(
    (s, n) =>
      !sorted.some(
        (o, k) =>
          o !== s &&
          o.from <= s.from &&
          s.to <= o.to &&
          (o.field === s.field ? k < n : s.field === 'style' && o.field === 'colour'),
      ),
  );

/** Everything that was read, before it is put right and made into facts. */
interface Gathered {
  language: Language;
  spans: Span[];
  /** Spans of labelled lines: what the client says outright goes before what is read between the lines. */
  outright: Set<Span>;
  labels: (Labelled & { block: string })[];
  hours: { labelled: Hours[]; running: Hours };
  services: ReadService[];
  /** The number of each phone span in its E.164 form. */
  e164: Map<Span, string>;
}

/** Labels whose line is a list, with what each part of it is. */
const LISTED: Partial<Record<Labelled['field'], SpanField>> = {
  memberships: 'membership',
  languages: 'language',
  keywords: 'keyword',
  colours: 'colour',
  style: 'style',
  wanted: 'wanted',
  dislikes: 'dislike',
  benefits: 'benefit',
  people: 'person',
};
/** Labels whose block is read by rules of its own, or is no span. */
const READ_APART = new Set<Labelled['field']>(['services', 'hours', 'legalName']);

const tidy = (block: string): string =>
  block
    .split('\n')
    .map((l) => l.trim())
    .filter(Boolean)
    .join('\n');

function spansOfLabel(label: Gathered['labels'][number]): Span[] {
  const { field, block, blockFrom } = label;
  const part = LISTED[field];
  if (part)
    return splitList(block).map(({ text, at }) => ({
      field: part,
      from: blockFrom + at,
      to: blockFrom + at + text.length,
      value: text,
    }));
  return READ_APART.has(field)
    ? []
    : [{ field: field as SpanField, from: blockFrom, to: label.blockTo, value: tidy(block) }];
}

/** Numbers and addresses, each marked once: a labelled line narrows to what was read in it. */
function reachSpans(source: string, language: Language, spans: Span[]): Map<Span, string> {
  const e164 = new Map<Span, string>();
  const around = (s: Span) => spans.find((o) => o.field === s.field && o.from <= s.from && s.to <= o.to);
  for (const { e164: number, ...span } of phones(source, language)) {
    const held = around(span);
    const narrowed = held && !e164.has(held) ? Object.assign(held, span) : span;
    if (narrowed === span) spans.push(span);
    e164.set(narrowed, number);
  }
  for (const span of mails(source)) {
    const held = around(span);
    if (held) Object.assign(held, span);
    else spans.push(span);
  }
  return e164;
}

function gather(source: string): Gathered {
  const language = languageOf(source);
  const { labels: lines, rest } = labelledLines(source);
  const labels = lines.filter(filled).map((l) => ({ ...l, block: source.slice(l.blockFrom, l.blockTo) }));
  const spans = labels.flatMap(spansOfLabel);
  const outright = new Set(spans);
  const has = new Set(spans.map((s) => s.field));

  const hourLabels = labels.filter((l) => l.field === 'hours');
  const labelledHours = hourLabels.map((l) => readHours(l.block, language));
  labelledHours.forEach((read, n) => {
    const { blockFrom } = hourLabels[n]!;
    spans.push(...read.spans.map((s) => ({ ...s, from: s.from + blockFrom, to: s.to + blockFrom })));
  });
  const running = readHours(rest, language);
  spans.push(...running.spans);

  const e164 = reachSpans(source, language, spans);
  spans.push(...links(rest));
  if (!has.has('address')) spans.push(...addresses(rest, language));
  const inAddress = (s: Span) => spans.some((a) => a.field === 'address' && s.from < a.to && a.from < s.to);
  spans.push(...[...places(rest, language)].filter((s) => !inAddress(s)));
  const name = has.has('name') ? null : nameSpan(rest, language);
  if (name) spans.unshift(name);
  spans.push(...[...phrases(rest, language)].filter((s) => s.field !== 'founded' || !has.has('founded')));
  const { services, refused, prices } = readServices(rest, language);
  spans.push(...services.flatMap((s) => [s.span, ...(s.priceSpan ? [s.priceSpan] : [])]), ...refused, ...prices);
  return {
    language,
    spans,
    outright,
    labels,
    hours: { labelled: labelledHours.map((h) => h.hours), running: running.hours },
    services,
    e164,
  };
}

const said = (hours: Hours): boolean => hours.openings.length + hours.closed.length + hours.rules.length > 0;

/** The hours as lines of the sheet; a labelled block that no rule could read stays in its own words. */
function hoursOf({ hours, labels }: Gathered): string {
  const blocks = hours.labelled.length ? hours.labelled : [hours.running];
  const lines = blocks.filter(said).map(hoursLines).join('\n');
  const own = labels.filter((l) => l.field === 'hours').map((l) => tidy(l.block));
  return (lines || own.join('\n')).slice(0, limitOf('hours'));
}

/** A town that the address names too is surer than one that is merely mentioned. */
function placeOf(mentioned: string[], { name, address, area }: Facts): string {
  const named = mentioned.filter((p) => !name.includes(p) || mentioned.length === 1);
  const town =
    /,\s*([A-ZÀ-Þ][\p{L}’'-]+(?:[\s-][A-ZÀ-Þ][\p{L}’'-]+)*)(?:,?\s+[A-Z]{1,2}\d|$)|\d{5}\s+([A-ZÀ-Þ][\p{L}-]+)/u.exec(
      address,
    );
  const ofArea = /\bof ([A-ZÀ-Þ][\p{L}’'-]+(?:\s[A-ZÀ-Þ][\p{L}’'-]+)*)$/u.exec(area);
  return named.find((p) => address.includes(p)) ?? town?.[1] ?? town?.[2] ?? named[0] ?? ofArea?.[1] ?? '';
}

/** A trade that a text in another language calls by the word that language has for it. */
function tradeNamed(source: string, language: Language): string {
  const words = new Set(source.toLowerCase().match(/[\p{L}’'-]+/gu) ?? []);
  const there = Object.values(languages).find((l) => l.reading === language);
  return Object.values(there?.trades ?? {}).find((t) => words.has(t.noun.toLowerCase()))?.noun ?? '';
}

/** The name tells most, then what they call themselves; words of a trade in passing count only where they are many. */
function tradeOf(source: string, name: string, language: Language): string {
  const byName = packFor(name);
  if (byName.id !== 'any') return byName.noun;
  return (
    tradeSaid(source, name) || (language === 'en' ? (packByWords(source)?.noun ?? '') : tradeNamed(source, language))
  );
}

const SHARED = /^(?:mail|post|email|web|inbox|post-?box|letters?|home|online|net|connect)$/i;
/** The name in a mail address of one’s own domain: all that is left where nobody says what a business is called. */
function nameOfMail(mail: string): string {
  const label = /@([a-z0-9-]+)\./i.exec(mail)?.[1] ?? '';
  return label.length < 4 || SHARED.test(label) ? '' : label.split('-').map(capital).join(' ');
}

function factsFrom(source: string, gathered: Gathered, kept: Span[]): Facts {
  const { language, outright, services, labels } = gathered;
  const of = (field: SpanField) => kept.filter((s) => s.field === field);
  const first = (field: SpanField, most: number) =>
    ((of(field).find((s) => outright.has(s)) ?? of(field)[0])?.value ?? '').slice(0, most);
  const all = (field: SpanField, most: number) => distinct(of(field).map((s) => s.value.slice(0, most)));

  const facts: Facts = {
    ...emptyFacts(),
    name: first('name', limitOf('name')),
    legalName:
      labels
        .find((l) => l.field === 'legalName')
        ?.block.trim()
        .slice(0, 160) ?? '',
    strapline: first('strapline', limitOf('strapline')),
    trade: first('trade', limitOf('trade')),
    area: first('area', limitOf('area')),
    description: source.trim().slice(0, limitOf('description')),
    phone: first('phone', limitOf('phone')),
    mail: first('mail', limitOf('mail')),
    address: first('address', limitOf('address')),
    hours: of('hours').length || labels.some((l) => l.field === 'hours') ? hoursOf(gathered) : '',
    founded: /\b\d{4}\b/.exec(first('founded', 80))?.[0] ?? '',
    audience: first('audience', limitOf('audience')),
    apart: first('apart', limitOf('apart')),
    aim: AIMS.find((a): a is Aim => a === first('aim', 20)) ?? '',
    tone: TONES.find((t) => t === first('tone', 20).toLowerCase()) ?? '',
    premises: PREMISES.find((p) => p === first('premises', 20)) ?? '',
    benefits: all('benefit', limitOf('benefits')),
    people: all('person', 80).map((name, n) => ({ id: `p${n + 1}`, name, role: '' })),
    memberships: all('membership', limitOf('memberships')),
    links: all('social', limitOf('links')),
    languages: all('language', limitOf('languages')),
    keywords: all('keyword', limitOf('keywords')),
    unwanted: all('unwanted', limitOf('unwanted')),
    style: all('style', limitOf('style')),
    colours: all('colour', limitOf('colours')),
    dislikes: all('dislike', limitOf('dislikes')),
  };
  facts.wanted = all('wanted', limitOf('wanted')).filter((w) => !facts.unwanted.includes(w));
  // What was put right into a service comes behind those that were read as services.
  const added = of('service').filter((k) => !services.some((s) => s.span === k));
  facts.services = [
    ...services.filter((s) => kept.includes(s.span)),
    ...added.map((span) => ({ name: capital(span.value), detail: '', price: '' })),
  ]
    .slice(0, 40)
    .map(({ name, detail, price }, n): Service => ({
      id: `v${n + 1}`,
      name: name.slice(0, 120),
      detail: detail.slice(0, 600),
      price: price.slice(0, 60),
    }));
  // Somebody who gives the business no name is the business.
  facts.name ||= facts.people[0]?.name ?? '';
  facts.name ||= nameOfMail(facts.mail);
  facts.trade ||= tradeOf(source, facts.name, language);
  const outrightPlace = of('place').find((s) => outright.has(s))?.value;
  facts.place = (outrightPlace ?? placeOf(all('place', limitOf('place')), facts)).slice(0, limitOf('place'));
  return facts;
}

function conflictsIn({ e164, hours }: Gathered, kept: Span[]): Conflict[] {
  const of = (field: SpanField) => kept.filter((s) => s.field === field);
  const sameness: [Conflict['field'] & SpanField, (s: Span) => string][] = [
    ['phone', (s) => e164.get(s) ?? s.value.replace(/\D/g, '')],
    ['mail', (s) => s.value],
    ['founded', (s) => /\d{4}/.exec(s.value)?.[0] ?? s.value],
    ['address', (s) => s.value.toLowerCase().split(/\W+/).map(stem).join(' ')],
  ];
  const conflicts: Conflict[] = [];
  for (const [field, key] of sameness) {
    const groups = new Map<string, Span[]>();
    for (const s of of(field)) groups.set(key(s), [...(groups.get(key(s)) ?? []), s]);
    if (groups.size > 1)
      conflicts.push({ field, values: [...groups.values()].map((spans) => ({ value: spans[0]!.value, spans })) });
  }
  const openings = [...hours.labelled, hours.running].flatMap((h) => h.openings);
  const disputed = hoursConflicts(openings).map((c) => c.day);
  const about = (s: Span) => readHours(s.value).hours.openings.some((o) => o.days.some((d) => disputed.includes(d)));
  if (disputed.length)
    conflicts.push({
      field: 'hours',
      values: of('hours')
        .slice(0, 40)
        .filter(about)
        .map((s) => ({ value: s.value, spans: [s] })),
    });
  return conflicts;
}

const once = lately<Reading>(40);

/**
 * Reads a free text: a mail, notes, a few lines, in English, Spanish, French or German. Pure; nothing is guessed that no
 * words stand for, and what speaks against itself is named, not settled.
 */
export function readText(source: string, corrections: readonly Correction[] = []): Reading {
  // The same text is read for its facts, for its sentences and for the report: once will do.
  return corrections.length ? readingOf(source, corrections) : once(source, () => readingOf(source, corrections));
}

function readingOf(source: string, corrections: readonly Correction[]): Reading {
  const gathered = gather(source);
  const inOrder = corrected(source, gathered.spans, corrections).sort((a, b) => a.from - b.from || b.to - a.to);
  const spans = withoutEchoes(inOrder);
  return {
    language: gathered.language,
    spans,
    facts: factsFrom(source, gathered, spans),
    conflicts: conflictsIn(gathered, spans),
  };
}
