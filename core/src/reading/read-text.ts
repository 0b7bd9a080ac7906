import { emptyFacts, type Correction, type Facts, type Service } from '../model/site.js';
import { packByWords, packFor } from '../trades/packs.js';
import { hoursConflicts, hoursLines, readHours } from './hours.js';
import { labelOf, type LabelledLine } from './labels.js';
import { languageOf } from './language.js';
import { phrases } from './phrases.js';
import { addresses, places } from './places.js';
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

const LIMIT: Record<'strapline' | 'audience' | 'apart' | 'area' | 'address' | 'hours' | 'name', number> = {
  strapline: 160,
  audience: 300,
  apart: 600,
  area: 200,
  address: 400,
  hours: 600,
  name: 120,
};

const distinct = (values: string[], most = 24): string[] =>
  values.filter((v, n) => values.findIndex((o) => o.toLowerCase() === v.toLowerCase()) === n).slice(0, most);

/** The lines of a text that carry a label, and the text with them blanked out so that nothing is read from them twice. */
function labelledLines(source: string): {
  labels: (LabelledLine & { block: string; blockFrom: number })[];
  rest: string;
} {
  const labels: (LabelledLine & { block: string; blockFrom: number })[] = [];
  const rest = [...source];
  const blank = (from: number, to: number) => {
    for (let n = from; n < to; n++) if (rest[n] !== '\n') rest[n] = ' ';
  };
  let at = 0;
  let open: (typeof labels)[number] | null = null;
  for (const raw of source.split('\n')) {
    const label = labelOf(raw, at);
    if (label) {
      open = { ...label, block: label.value, blockFrom: label.value ? label.from : at + raw.length + 1 };
      labels.push(open);
      // The services of a labelled block are read as lines are read everywhere; all else is taken whole.
      if (label.field !== 'services') blank(at, at + raw.length);
      else blank(at, label.value ? label.from : at + raw.length);
    } else if (!raw.trim()) {
      if (open && (open.block || open.field !== 'services')) open = open.block || !open.heading ? null : open;
    } else if (open && (open.field === 'address' || open.field === 'hours') && !/^\s*#/.test(raw)) {
      open.block = open.block ? `${open.block}\n${raw.trim()}` : raw.trim();
      blank(at, at + raw.length);
    } else if (open?.field !== 'services') open = null;
    at += raw.length + 1;
  }
  return { labels, rest: rest.join('') };
}

const NAME_SAID: Record<Language, RegExp[]> = {
  en: [
    /\b(?:business =|business name =|here from|we(?:’|'| a)re called|is called|are called|called|business is|company is|trading as|the name is|it(?:’|')s called)\s+((?:The\s+)?[A-ZÀ-Þ][\p{L}’'&-]*(?:\s+(?:&|and|of|the|[A-ZÀ-Þ][\p{L}’'&-]*))*)/gu,
    /\b(?:[Ww]e are|[Ww]e(?:’|')re|website (?:for|of)|site (?:for|of)|[Hh]ere at)\s+(?:the\s+)?((?:[A-ZÀ-Þ][\p{L}’'-]*\s+(?:&|and|of)\s+|[A-ZÀ-Þ][\p{L}’'-]*\s+)+[A-ZÀ-Þ][\p{L}’'-]*(?:,\s+[A-ZÀ-Þ]\p{L}+s\b)?)/gu,
  ],
  es: [
    /\b(?:nos llamamos|se llama|somos)\s+((?:(?:El|La|Los|Las)\s+)?[A-ZÀ-Þ][\p{L}’'&-]*(?:\s+(?:y|de|del|la|&|[A-ZÀ-Þ][\p{L}’'&-]*))*)/gu,
  ],
  fr: [
    /\b(?:nous nous appelons|s['’]appelle|nous sommes)\s+(?:l['’]|la\s+|le\s+|les\s+)?((?:(?:Le|La|Les|L['’])\s*)?[A-ZÀ-Þ][\p{L}’'&-]*(?:\s+(?:et|de|du|des|la|&|[A-ZÀ-Þ][\p{L}’'&-]*))*)/gu,
  ],
  de: [
    /\b(?:wir heißen|heißt|wir sind)\s+(?:die\s+|das\s+|der\s+)?((?:(?:Der|Die|Das)\s+)?[A-ZÀ-Þ][\p{L}’'&-]*(?:\s+(?:und|von|&|[A-ZÀ-Þ][\p{L}’'&-]*))*)/gu,
  ],
};
const GREETING =
  /^(?:hi|hello|dear|hey|morning|good|hola|buenos|bonjour|salut|hallo|guten|liebe|sehr|moin|from:|to:|subject:|sent:|date:|re:|fwd?:)\b/iu;

function nameSpan(source: string, language: Language): Span | null {
  const title = /^#\s+(.+)$/mu.exec(source);
  if (title) {
    const from = title.index + title[0].indexOf(title[1]!);
    return { field: 'name', from, to: from + title[1]!.trimEnd().length, value: title[1]!.trim() };
  }
  for (const pattern of NAME_SAID[language])
    for (const m of source.matchAll(pattern)) {
      const value = m[1]!.replace(/\s+(?:and|of|the|&|y|et|und|de)$/u, '').replace(/[.,]$/, '');
      if (value.length < 3 || /^(?:The|A|An|I|We)$/.test(value)) continue;
      const from = m.index + m[0].indexOf(m[1]!);
      return { field: 'name', from, to: from + value.length, value };
    }
  const first = /^\s*(\S.*?)\s*$/mu.exec(source);
  if (first && first[1]!.split(' ').length <= 7 && !/[.!?:,]$/.test(first[1]!) && !GREETING.test(first[1]!)) {
    const from = first.index + first[0].indexOf(first[1]!);
    return { field: 'name', from, to: from + first[1]!.length, value: first[1]!.replace(/^#+\s*/, '') };
  }
  const lead =
    /^\s*([A-ZÀ-Þ][\p{L}’'&-]*(?:\s(?:&|and|y|et|und|[A-ZÀ-Þ][\p{L}’'&-]*)){1,4}),\s/u.exec(source) ??
    /^\s*([A-ZÀ-Þ][\p{L}’'-]+) the \p{Ll}+/u.exec(source);
  if (lead && !GREETING.test(lead[1]!)) {
    const from = lead.index + lead[0].indexOf(lead[1]!);
    return { field: 'name', from, to: from + lead[1]!.length, value: lead[1]! };
  }
  // A signature: the last short line that names a business.
  for (const m of [...source.matchAll(/^[ \t]*((?:The\s+)?[A-ZÀ-Þ][^\n.!?]{3,60})[ \t]*$/gmu)].reverse())
    if (
      /\b(?:&|and|ltd|limited|company|works?|yard|workshop|society|studio|house|pottery|joinery|nursery|farm|mill|press|books|boats?|clocks?|co)\b/iu.test(
        m[1]!,
      ) &&
      m[1]!.split(' ').length <= 7
    )
      return {
        field: 'name',
        from: m.index + m[0].indexOf(m[1]!),
        to: m.index + m[0].indexOf(m[1]!) + m[1]!.length,
        value: m[1]!.trim(),
      };
  return null;
}

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

const MAKER =
  '(?:chimney sweeps?|tree surgeons?|dry stone wallers?|\\p{L}{2,}(?:makers?|smiths?|wrights?|binders?|mongers?|keepers?|builders?|menders?|tuners?|polishers?|turners?|weavers?|surveyors?|upholsterers?|thatchers?|farriers?|glaziers?|plasterers?|roofers?|printers?|dyers?|millers?|growers?|ologists?|engravers?|carvers?))';
const TRADE_SAID: RegExp[] = [
  new RegExp(
    `\\b(?:I am|I(?:’|')m|we are|we(?:’|')re|soy|je suis|ich bin) (?:an? |the )?(?:\\p{Ll}+ ){0,2}?(${MAKER})(?!\\p{L})`,
    'iu',
  ),
  new RegExp(`\\(?(?<!\\p{L})(${MAKER})(?!\\p{L})`, 'iu'),
  /\bje suis (\p{Ll}+)/iu,
];

/** The trade in the client’s own word, for trades the house has no pack for: “bookbinders” is “bookbinder”. */
function tradeSaid(source: string, name: string): string {
  for (const text of [name, source])
    for (const pattern of TRADE_SAID) {
      const said = pattern.exec(text)?.[1]?.toLowerCase();
      if (said) return said.replace(/(?<=[^s])s$/, '').slice(0, 80);
    }
  return '';
}

function serviceOf(s: ReadService, n: number): Service {
  return { id: `v${n + 1}`, name: s.name.slice(0, 120), detail: s.detail.slice(0, 600), price: s.price.slice(0, 60) };
}

/**
 * Reads a free text: a mail, notes, a few lines, in English, Spanish, French or German. Pure; nothing is guessed that no
 * words stand for, and what speaks against itself is named, not settled.
 */
export function readText(source: string, corrections: readonly Correction[] = []): Reading {
  const language = languageOf(source);
  const { labels, rest } = labelledLines(source);
  const facts = emptyFacts();
  const spans: Span[] = [];

  for (const l of labels) {
    if (!l.block) continue;
    const span = (field: SpanField, value = l.block): Span => ({
      field,
      from: l.blockFrom,
      to: l.blockFrom + l.block.length,
      value,
    });
    switch (l.field) {
      case 'services':
      case 'hours':
      case 'legalName':
        break;
      case 'memberships':
      case 'languages':
      case 'keywords':
      case 'colours':
      case 'style':
      case 'wanted':
      case 'dislikes':
      case 'people': {
        const field = (
          {
            memberships: 'membership',
            languages: 'language',
            keywords: 'keyword',
            colours: 'colour',
            style: 'style',
            wanted: 'wanted',
            dislikes: 'dislike',
            people: 'person',
          } as const
        )[l.field];
        for (const part of splitList(l.block))
          spans.push({
            field,
            from: l.blockFrom + part.at,
            to: l.blockFrom + part.at + part.text.length,
            value: part.text,
          });
        break;
      }
      default:
        spans.push(span(l.field));
    }
    if (l.field === 'legalName') facts.legalName = l.block.slice(0, 160);
  }
  // Labelled values come first: they are what the client says outright.
  const outright = new Set(spans);
  const labelled = new Set(spans.map((s) => s.field));
  const hoursLabels = labels.filter((l) => l.field === 'hours' && l.block);
  const hourBlocks = hoursLabels.map((l) => readHours(l.block, language));
  hourBlocks.forEach((b, n) =>
    spans.push(
      ...b.spans.map((s) => ({ ...s, from: s.from + hoursLabels[n]!.blockFrom, to: s.to + hoursLabels[n]!.blockFrom })),
    ),
  );
  const running = readHours(rest, language);
  spans.push(...running.spans);

  const e164 = new Map<Span, string>();
  for (const { e164: number, ...span } of phones(source, language)) {
    // A labelled phone line holds the number it was read from: one mark is enough.
    const held = spans.find((s) => s.field === 'phone' && s.from <= span.from && span.to <= s.to);
    if (held) {
      if (!e164.has(held)) {
        held.value = span.value;
        held.from = span.from;
        held.to = span.to;
        e164.set(held, number);
      } else {
        spans.push(span);
        e164.set(span, number);
      }
      continue;
    }
    spans.push(span);
    e164.set(span, number);
  }
  for (const s of [...mails(source)]) {
    const held = spans.find((o) => o.field === 'mail' && o.from <= s.from && s.to <= o.to);
    if (held) Object.assign(held, s);
    else spans.push(s);
  }
  spans.push(...links(rest));
  if (!labelled.has('address')) spans.push(...addresses(rest, language));
  const inAddress = (s: Span) => spans.some((a) => a.field === 'address' && s.from < a.to && a.from < s.to);
  spans.push(...[...places(rest, language)].filter((s) => !inAddress(s)));
  if (!labelled.has('name')) {
    const name = nameSpan(rest, language);
    if (name) spans.unshift(name);
  }
  spans.push(...[...phrases(rest, language)].filter((s) => s.field !== 'founded' || !labelled.has('founded')));
  const { services, refused, prices } = readServices(rest, language);
  spans.push(...services.flatMap((s) => [s.span, ...(s.priceSpan ? [s.priceSpan] : [])]), ...refused, ...prices);

  const kept = withoutEchoes(corrected(source, spans, corrections).sort((a, b) => a.from - b.from || b.to - a.to));
  const of = (field: SpanField) => kept.filter((s) => s.field === field);
  const first = (field: SpanField) => (of(field).find((s) => outright.has(s)) ?? of(field)[0])?.value ?? '';
  const values = (field: SpanField, most = 24) =>
    distinct(
      of(field).map((s) => s.value),
      most,
    );

  facts.name = (spans.find((s) => s.field === 'name' && kept.includes(s))?.value ?? first('name')).slice(0, LIMIT.name);
  for (const field of ['strapline', 'phone', 'mail', 'audience', 'apart', 'area'] as const)
    facts[field] = first(field).slice(0, field in LIMIT ? LIMIT[field as keyof typeof LIMIT] : 254);
  facts.phone = facts.phone.slice(0, 40);
  facts.address = first('address').slice(0, LIMIT.address);
  facts.founded = /\b\d{4}\b/.exec(first('founded'))?.[0] ?? '';
  facts.aim = first('aim') as Facts['aim'];
  const hoursKept = new Set(of('hours').map((s) => `${s.from}`));
  const blocks = hourBlocks.length ? hourBlocks : [running];
  facts.hours = blocks
    .map((b) => (b.spans.length ? hoursLines(b.hours) : ''))
    .filter(Boolean)
    .join('\n')
    .slice(0, LIMIT.hours);
  if (!hoursKept.size) facts.hours = '';
  // A labelled block that no rule could read stays in its own words.
  if (!facts.hours && hoursLabels.length)
    facts.hours = hoursLabels
      .map((l) => l.block)
      .join('\n')
      .slice(0, LIMIT.hours);
  facts.services = services
    .filter((s) => kept.includes(s.span))
    .slice(0, 40)
    .map(serviceOf);
  for (const s of of('service').filter((k) => !services.some((o) => o.span === k)))
    facts.services.push({
      id: `v${facts.services.length + 1}`,
      name: capital(s.value).slice(0, 120),
      detail: '',
      price: '',
    });
  facts.people = values('person').map((name, n) => ({ id: `p${n + 1}`, name: name.slice(0, 80), role: '' }));
  facts.memberships = values('membership').map((v) => v.slice(0, 160));
  facts.links = values('social').map((v) => v.slice(0, 300));
  facts.languages = values('language');
  facts.keywords = values('keyword').map((v) => v.slice(0, 80));
  facts.wanted = values('wanted').map((v) => v.slice(0, 60));
  facts.unwanted = values('unwanted').map((v) => v.slice(0, 60));
  facts.wanted = facts.wanted.filter((w) => !facts.unwanted.includes(w));
  facts.style = values('style').map((v) => v.slice(0, 40));
  facts.colours = values('colour').map((v) => v.slice(0, 40));
  facts.dislikes = values('dislike').map((v) => v.slice(0, 60));

  facts.trade = first('trade').slice(0, 80);
  if (!facts.trade) {
    // The name tells most, then what they call themselves; words of a trade in passing count only where they are many.
    const byName = packFor(facts.name);
    const inPassing = language === 'en' ? packByWords(source) : null;
    facts.trade = byName.id !== 'any' ? byName.noun : tradeSaid(source, facts.name) || (inPassing?.noun ?? '');
  }
  // Somebody who gives the business no name is the business.
  facts.name ||= facts.people[0]?.name ?? '';
  facts.place = first('place').slice(0, 120);
  if (!labelled.has('place')) {
    // A town that the address names too is surer than one that is merely mentioned.
    const named = values('place').filter((p) => !facts.name.includes(p) || values('place').length === 1);
    const town =
      /,\s*([A-ZÀ-Þ][\p{L}’'-]+(?:[\s-][A-ZÀ-Þ][\p{L}’'-]+)*)(?:,?\s+[A-Z]{1,2}\d|$)|\d{5}\s+([A-ZÀ-Þ][\p{L}-]+)/u.exec(
        facts.address,
      );
    facts.place = (
      named.find((p) => facts.address.includes(p)) ??
      town?.[1] ??
      town?.[2] ??
      named[0] ??
      /\bof ([A-ZÀ-Þ][\p{L}’'-]+(?:\s[A-ZÀ-Þ][\p{L}’'-]+)*)$/u.exec(facts.area)?.[1] ??
      ''
    ).slice(0, 120);
  }

  const conflicts: Conflict[] = [];
  const clash = (field: Conflict['field'], groups: Map<string, Span[]>) => {
    if (groups.size > 1)
      conflicts.push({
        field,
        values: [...groups.values()].map((group) => ({ value: group[0]!.value, spans: group })),
      });
  };
  const grouped = (field: SpanField, key: (s: Span) => string) => {
    const groups = new Map<string, Span[]>();
    for (const s of of(field)) groups.set(key(s), [...(groups.get(key(s)) ?? []), s]);
    return groups;
  };
  clash(
    'phone',
    grouped('phone', (s) => e164.get(s) ?? s.value.replace(/\D/g, '')),
  );
  clash(
    'mail',
    grouped('mail', (s) => s.value),
  );
  clash(
    'founded',
    grouped('founded', (s) => /\d{4}/.exec(s.value)?.[0] ?? s.value),
  );
  clash(
    'address',
    grouped('address', (s) => s.value.toLowerCase().split(/\W+/).map(stem).join(' ')),
  );
  const all = [...hourBlocks, running].flatMap((b) => b.hours.openings);
  const disputed = hoursConflicts(all).map((c) => c.day);
  if (disputed.length) {
    const about = (s: Span) => readHours(s.value).hours.openings.some((o) => o.days.some((d) => disputed.includes(d)));
    const values = of('hours').filter(about);
    conflicts.push({ field: 'hours', values: values.map((s) => ({ value: s.value, spans: [s] })) });
  }

  facts.description = source.trim().slice(0, 20000);
  return { language, spans: kept, facts, conflicts };
}

/** The running prose of a brief: without its labelled lines, headings and lists, which are no sentences to put on a site. */
export const proseOf = (source: string): string =>
  labelledLines(source)
    .rest.split('\n')
    .map((line) => (/^\s*(?:#|[-*•·▪]\s|\d{1,2}[.)]\s)/u.test(line) ? '' : line.trimEnd()))
    .join('\n')
    .replace(/\n{3,}/g, '\n\n')
    .trim();
