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
import { tradeHits, tradeTokens } from '../trades/lexicon.js';
import { hoursConflicts, hoursLines, readHours, type Hours } from '../hours/index.js';
import { filled, labelledLines, type Labelled } from './labels.js';
import { phrases } from './phrases.js';
import { addresses } from './addresses.js';
import { branchesIn, type ReadBranch } from './branches.js';
import { contactsIn } from './contacts.js';
import { eventsIn } from './events.js';
import { registrations } from './registers.js';
import { places, STREETS } from './places.js';
import { itemsIn, type Item } from '../items/items.js';
import { nameIn, nameOverText, statedName } from '../name/name.js';
import { peopleOf, type ReadPerson } from '../people/people.js';
import { openText, reachable, understand, type ReadPiece } from '../roles/roles.js';
import { tongueOf } from './tongue.js';
import { models as shipped, type Models } from './models.js';
import type { Linear } from '../roles/linear.js';
import { tradeOf } from './trade.js';
import { eventStretches, proofs, saysWhenOpen } from './proof.js';
import { links, mails, phones } from './reach.js';
import { latin, sentenceAt, wordsOf, type Language, type Span, type SpanField } from './span.js';
import { capital, splitList, stem } from './words.js';

/** Two values of one fact that cannot both be right, each with the words it was read from. */
export interface Conflict {
  field: 'phone' | 'mail' | 'address' | 'hours' | 'founded' | 'name';
  values: { value: string; spans: Span[] }[];
}

/** Something the client wants, or does not want, in the words it was said in. */
export interface Told {
  kind: 'wish' | 'style' | 'dont';
  from: number;
  to: number;
  text: string;
}

/**
 * What a text says, made once and handed on: how it is laid out and what each piece is for, every stretch that was read as a
 * fact, the facts, what is wanted and not wanted, and what speaks against itself.
 */
export interface Reading {
  /** The language it is read in: its own, or where that is none of ours the one its rules come nearest to. */
  language: Language;
  /** The language it is in where the reader does not know that one, as a BCP 47 tag; null where it does. */
  tongue: string | null;
  pieces: ReadPiece[];
  spans: Span[];
  facts: Facts;
  told: Told[];
  conflicts: Conflict[];
  /** Trades it may be, the likeliest first, where the text does not make one sure. */
  trades: string[];
  /** True where the text leaves no doubt of the trade: a site may speak of it and show its things. */
  tradePlain: boolean;
  /** How sure the name is, 0 to 1; 0 where there is none and the facts have a working title. */
  nameSure: number;
}

export type { Models };

const distinct = (values: string[], most = 24): string[] =>
  values.filter((v, n) => values.findIndex((o) => o.toLowerCase() === v.toLowerCase()) === n).slice(0, most);

/** The mark of words nothing was read from and a person says what they are. */
export const NOTHING = 'none';

/** Takes back and puts in what the designer has put right. */
function corrected(source: string, spans: Span[], corrections: readonly Correction[]): Span[] {
  const marked = corrections
    .filter((c) => c.was === NOTHING && c.is)
    .flatMap((c): Span[] => {
      const from = source.toLowerCase().indexOf(c.words.toLowerCase());
      return from < 0
        ? []
        : [
            {
              field: c.is as SpanField,
              from,
              to: from + c.words.length,
              value: source.slice(from, from + c.words.length),
            },
          ];
    });
  // What a person marked goes before what was read in the same place.
  const free = spans.filter((s) => !marked.some((m) => m.field === s.field && m.from < s.to && s.from < m.to));
  return [...marked, ...free].flatMap((span): Span[] => {
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
  tongue: string | null;
  spans: Span[];
  /** Spans of labelled lines: what the client says outright goes before what is read between the lines. */
  outright: Set<Span>;
  labels: (Labelled & { block: string })[];
  hours: { labelled: Hours[]; running: Hours };
  branches: ReadBranch[];
  events: ReturnType<typeof eventsIn>;
  items: { item: Item; span: Span }[];
  people: { person: ReadPerson; span: Span }[];
  pieces: ReadPiece[];
  /** Stretches that say where somebody is, shown or not. */
  places: { from: number; to: number }[];
  nameSure: number;
  /** The number of each phone span in its E.164 form. */
  e164: Map<Span, string>;
}

/** Labels whose line is a list, with what each part of it is. */
const LISTED: Partial<Record<Labelled['field'], SpanField>> = {
  memberships: 'membership',
  registrations: 'registration',
  languages: 'language',
  keywords: 'keyword',
  colours: 'colour',
  style: 'style',
  wanted: 'wanted',
  dislikes: 'dislike',
  benefits: 'benefit',
  people: 'person',
};
/** A line of people names them; numbers, addresses and times stand there too. */
const PERSON_NAME =
  /^(?:\p{Lu}[\p{L}.’'-]*|van|von|de|da|di|le|la)(?: (?:\p{Lu}[\p{L}.’'-]*|van|von|de|da|di|der|le|la)){0,4}$/u;
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
    // A full stop between two parts of a list parts them as a comma does.
    return splitList(block.replace(/\.(?=\s+\p{Lu})/gu, ','))
      .filter(({ text }) => part !== 'person' || PERSON_NAME.test(text))
      .map(({ text, at }) => ({
        field: part,
        from: blockFrom + at,
        to: blockFrom + at + text.length,
        value: text.replace(/\.$/, ''),
      }));
  return READ_APART.has(field)
    ? []
    : [{ field: field as SpanField, from: blockFrom, to: label.blockTo, value: tidy(block) }];
}

/** Numbers and addresses, each marked once: a labelled line narrows to what was read in it. */
function reachSpans(source: string, language: Language, spans: Span[], registered: readonly Span[]): Map<Span, string> {
  const e164 = new Map<Span, string>();
  const around = (s: Span) => spans.find((o) => o.field === s.field && o.from <= s.from && s.to <= o.to);
  for (const { e164: number, ...span } of phones(source, language, registered)) {
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

/** A table’s lines as prose has them, at the same offsets: “| Monday | 9:00 | 17:00 |” is Monday 9:00–17:00. */
const withoutCells = (text: string): string =>
  text.replace(/^\s*\|.*\|\s*$/gm, (row) =>
    row.replace(/(\d{1,2}[:.h]?\d{0,2}) \| (?=\d{1,2}[:.h]?\d{0,2} )/g, '$1 – ').replace(/\|/g, ' '),
  );

/** What of a text speaks of the site to be made, wherever it stands. */
const OF_THE_SITE = new Set<SpanField>([
  'style',
  'colour',
  'dislike',
  'wanted',
  'unwanted',
  'aim',
  'tone',
  'keyword',
  'strapline',
]);

function gather(
  source: string,
  corrections: readonly Correction[],
  { roles, items: itemModel, names, common, people: peopleModel }: Models,
): Gathered {
  const tongue = tongueOf(source);
  const understood = understand(source, roles, corrections);
  const { language, pieces, text } = understood;
  const open = openText(understood);
  const { labels: lines } = labelledLines(text);
  const { rest } = labelledLines(open);
  const visible = (from: number, to: number) => open.slice(from, to).trim() !== '';
  const labels = lines
    .filter((l) => filled(l) && (SITE_LABELS.has(l.field) || visible(l.blockFrom, l.blockTo)))
    .map((l) => ({ ...l, block: text.slice(l.blockFrom, l.blockTo) }));
  // “Where: 6 Cobble Lane, Hexley HX9 4TT” gives more than a town.
  for (const l of labels)
    if (l.field === 'place' && [...addresses(l.block)].length > 0 && !labels.some((o) => o.field === 'address'))
      l.field = 'address';
  const spans = labels.flatMap(spansOfLabel);
  const outright = new Set(spans);
  const has = new Set(spans.map((s) => s.field));

  const hourLabels = labels.filter((l) => l.field === 'hours');
  const labelledHours = hourLabels.map((l) => readHours(l.block, language));
  labelledHours.forEach((read, n) => {
    const { blockFrom } = hourLabels[n]!;
    spans.push(...read.spans.map((s) => ({ ...s, from: s.from + blockFrom, to: s.to + blockFrom })));
  });
  // Rounds, classes and goods in have times too, and are no hours.
  let timed = rest;
  const hasTimes = (s: string) => /\d/.test(s) && readHours(s, language).hours.openings.length > 0;
  const opens = labelledHours.some((h) => h.hours.openings.length > 0) || saysWhenOpen(pieces, hasTimes);
  for (const p of pieces)
    for (const { from, to } of eventStretches(p, hasTimes, opens))
      timed = timed.slice(0, p.from + from) + ' '.repeat(to - from) + timed.slice(p.from + to);
  const reached = reachable(understood);
  const registered = [...registrations(reached)];
  const e164 = reachSpans(reached, language, spans, registered);
  // What somebody would rather not see there is no address of the site, and no name either.
  const hidden = pieces.some(hidesAddress) ? [...addresses(text, pieces)] : [];
  const there = has.has('address') || hidden.length ? [] : [...addresses(rest, pieces)];
  const [main] = [...spans, ...there].filter((s) => s.field === 'address');
  const branches = branchesIn(withoutCells(timed), [...spans, ...there], main, pieces, language);
  // What is said of another place holds there.
  for (const b of branches.filter((x) => x.branch.hours))
    timed = timed.slice(0, b.from) + timed.slice(b.from, b.to).replace(/[^\n]/g, ' ') + timed.slice(b.to);
  const running = readHours(withoutCells(timed), language);
  spans.push(...running.spans, ...registered);
  const events = eventsIn(text, pieces, language);
  spans.push(...events.map((e) => e.span));
  // Who writes from an address of their own and gives no other is reached there.
  if (!spans.some((s) => s.field === 'mail')) {
    const from = pieces.find(
      (p) => p.kind === 'head' && p.speaker === 'client' && /^(?:from|von|de)\s*:/i.test(p.text),
    );
    if (from)
      spans.push(...[...mails(from.text)].map((s) => ({ ...s, from: s.from + from.from, to: s.to + from.from })));
  }
  spans.push(...links(rest));
  spans.push(...there);
  const inAddress = (s: Span) => spans.some((a) => a.field === 'address' && s.from < a.to && a.from < s.to);
  // Where somebody is tells nothing private: it may stand in a greeting too.
  const named = [...places(rest, language)];
  spans.push(
    ...(named.length ? named : [...places(text, language)].filter((s) => s.field === 'place')).filter(
      (s) => !inAddress(s),
    ),
  );
  const vouched = has.has('membership') ? [] : [...proofs(pieces)];
  const name = has.has('name')
    ? null
    : (nameIn(text, pieces, { names, common }, [...spans.filter((s) => s.field === 'address'), ...hidden], vouched) ??
      (tongue ? nameOverText(pieces) : null));
  if (name) spans.unshift({ field: 'name', from: name.from, to: name.to, value: name.name });
  spans.push(
    ...[...phrases(rest, language)].filter(
      (s) => !OF_THE_SITE.has(s.field) && (s.field !== 'founded' || !has.has('founded')),
    ),
    ...[
      ...phrases(
        text,
        language,
        pieces.filter((p) => p.role === 'style'),
      ),
    ].filter((s) => OF_THE_SITE.has(s.field)),
  );
  spans.push(...vouched);
  const offered = itemsIn(text, pieces, itemModel);
  spans.push(
    ...offered.refused.map((i): Span => ({
      field: 'unwanted',
      from: i.from,
      to: i.to,
      value: text.slice(i.from, i.to).toLowerCase(),
    })),
  );
  // Who and where somebody is is nothing they offer; a name may well have in it what they do.
  const ofEvent = (i: Item) =>
    events.some(
      ({ event, span }) =>
        span.from <= i.from &&
        i.to <= span.to &&
        i.from > span.from + text.slice(span.from, span.to).indexOf(event.when),
    );
  const isTaken = (i: Item) =>
    !i.prices.length &&
    spans.some((s) =>
      s.field === 'address'
        ? s.from < i.to && i.from < s.to
        : s.field === 'name' &&
          (name?.sure ?? 1) > SURE_OF_NAME &&
          i.from <= s.from &&
          s.to <= i.to &&
          i.to - i.from < s.to - s.from + 6,
    );
  const items = offered.items
    .filter((i) => !isTaken(i) && !ofEvent(i))
    .map((item) => ({
      item,
      span: { field: 'service', from: item.from, to: item.to, value: item.name } as Span,
    }));
  spans.push(
    ...items.flatMap(({ item, span }) => [
      span,
      ...item.prices.map((p): Span => ({ field: 'price', from: p.from, to: p.to, value: p.text })),
    ]),
  );
  const called = spans.find((s) => s.field === 'name')?.value ?? '';
  const people = has.has('person')
    ? []
    : peopleOf(pieces, called, peopleModel)
        .filter((p) => !inAddress({ ...p, field: 'person', value: p.name }))
        .map((person) => ({
          person,
          span: { field: 'person', from: person.from, to: person.to, value: person.name } as Span,
        }));
  spans.push(...people.map((p) => p.span));
  return {
    language,
    tongue,
    spans,
    outright,
    labels,
    hours: { labelled: labelledHours.map((h) => h.hours), running: running.hours },
    branches,
    events,
    items,
    people,
    pieces,
    places: [...spans.filter((s) => s.field === 'address'), ...hidden],
    nameSure: has.has('name') ? 1 : (name?.sure ?? 0),
    e164,
  };
}

/** “I would rather my address were not on it”: then none is shown that no label gives. */
const hidesAddress = (p: ReadPiece): boolean =>
  (p.role === 'dont' || FORBIDS.test(p.text)) &&
  /(?<!\p{L})(?:my|our|home|the|his|her|(?:meine|unsere|die|private) |mon|notre|l[’']|mi|nuestra|la|leave|hide|no)\s?(?:home |own |private )?(?:address|anschrift|adresse|dirección)(?!\p{L})/iu.test(
    p.text,
  ) &&
  !/(?<!\p{L})(?:old|former|previous|e-?mail|mail|web|alte|frühere|ancienne|antigua|correo|change)(?!\p{L})/iu.test(
    p.text,
  );

/** Labels of lines that speak of the site, and are no copy by themselves. */
const SITE_LABELS = new Set<Labelled['field']>(['wanted', 'dislikes', 'style', 'colours', 'tone', 'keywords']);

const said = (hours: Hours): boolean => hours.openings.length + hours.closings.length + hours.rules.length > 0;

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
  const ofAddress = [town?.[1], town?.[2]].find((t) => t && !STREETS.test(t));
  return named.find((p) => address.includes(p)) ?? ofAddress ?? named[0] ?? ofArea?.[1] ?? '';
}

/** From here on a name is one, and no service that stands alone on a line. */
const SURE_OF_NAME = 0.75;
const SHARED = /^(?:mail|post|email|web|inbox|post-?box|letters?|home|online|net|connect)$/i;
/** The name in a mail address of one’s own domain, where it has its words apart: all that is left where nobody says what a business is called. */
function nameOfMail(mail: string, source: string): string {
  const label = /@([a-z0-9-]+)\./i.exec(mail)?.[1] ?? '';
  return (
    calledAs(label, source) ??
    (!label.includes('-') || SHARED.test(label) ? '' : label.split('-').map(capital).join(' '))
  );
}

/** Words of a text that begin with capitals, with the small ones between them. */
const IN_CAPITALS = latin(
  /(?<!\p{L})\p{Lu}[\p{L}’'-]*(?:\s(?:of|the|and|de|du|des|la|von|der|für|y|del)(?=\s\p{Lu})|\s\p{Lu}[\p{L}’'-]*){1,7}/gu,
);
/** What the letters of a domain stand for, where the text has it in words: “sars” is Saltmarrow Amateur Radio Society. */
function calledAs(label: string, source: string): string | null {
  if (!/^[a-z]{3,6}$/.test(label)) return null;
  for (const [said] of source.matchAll(IN_CAPITALS))
    if ((said.match(/(?<!\p{L})\p{Lu}/gu) ?? []).join('').toLowerCase() === label) return said;
  return null;
}

/** The name of a service that says when, and not what. */
const WHEN_NOT_WHAT =
  /^(?:(?:the )?(?:first|second|third|last|every|each) (?:mon|tue|wed|thu|fri|sat|sun|day|week|month)|(?:mon|tues?|wed(?:nes)?|thu(?:rs)?|fri|sat(?:ur)?|sun)(?:days?|s)?(?!\p{L})|(?:jeden|am|chaque|cada|tous les|todos los) )/iu;
/** “Next course starts 12 January 2027”: that is on, and not on sale. */
const DATED =
  /(?<!\p{L})(?:jan|feb|fév|mär|mar|apr|avr|abr|may|mai|jun|juin|jul|juil|aug|août|ago|sep|oct|okt|nov|dec|dez|déc|dic|ene)\p{L}*\.?,? (?:de |del )?20\d\d(?!\d)/iu;
/** “Un accordage complet c’est à partir de …”: what leads to a price is no part of the name. */
const withoutVerb = (name: string): string => {
  const said = name
    .replace(/\*\*/g, '')
    .replace(
      /^(?:(?:most|much|the rest) of (?:the|our|my) (?:work|trade|time) (?:is|goes into)|(?:(?:je|nous|on) )?(?:vend(?:s|ons)?|fais|faisons|fait) (?:de l[’']|du |de la |des |le |la |les |l[’'])) ?/iu,
      '',
    )
    .replace(/^(?:(?:le|la|les|el|los|las)\s|l[’'])(?=\p{Ll})/u, '')
    .replace(/\s(?:sleeps|seats|holds|takes up to|is for|schläft|bietet Platz)\s.*$/iu, '')
    .replace(
      /\s+(?:c[’']est|it[’']s|is|are|costs?|kostet|kosten|ist|sind|cuestan?|son|est|sont|coûtent?|stays|remains|bleibt|bleiben|reste|restent|sigue|siguen|from|ab|desde|dès|à partir)$/iu,
      '',
    );
  return said === name || !said ? name : withoutVerb(said);
};

/** True where a thing is a kind of another by its name: sash windows are windows. */
const isOneOf = (name: string, kind: string): boolean => {
  const one = (s: string) => s.toLowerCase().replace(/(?<=[^s])s$/, '');
  return name.length > kind.length && one(name).endsWith(` ${one(kind)}`);
};

/** Headings that say that services follow, or prices, and not which. */
const ALL_SERVICES =
  /^(?:(?:our|the|unsere?|nos|nuestr[oa]s|list of|current)\s+)?(?:services?(?: and prices)?|prices?(?: list)?|price list|what (?:we|i) (?:do|make|offer|sell|charge)|work|products?|range|stock|rates?|charges|fees|things we do|(?:services?|work|things) (?:to be described|for the site|offered|wanted)|leistungen|angebot|preise|preisliste|produkte|sortiment|prestations|tarifs?|prix|produits|ce (?:que|qu[’']) ?(?:nous|on).*|servicios|precios|tarifas|productos|lo que hacemos|.*\?)$/iu;
/** Headings of minutes, forms and lists of wishes. */
const OF_THE_JOB =
  /(?<!\p{L})(?:web ?sites?|home ?page|web ?page|internetseite|internetauftritt|webseite|le site|site (?:web|internet)|página|la web|fld|top|tagesordnung|point|agenda|answers?|antworten|réponses|respuestas|list|notes?)(?!\p{L})|[/[\]]|::/iu;
const GREETS =
  /^(?:dear|hello|hi|hey|good (?:morning|afternoon|evening)|liebe[rs]?|sehr geehrte\p{L}*|hallo|moin|guten|grüß|bonjour|bonsoir|salut|chère?s?|hola|buen[oa]s|estimad[oa]s?|querid[oa]s?)(?!\p{L})/iu;
/** Roles of a heading under which something is for nobody but the designer. */
const HEADS_NOTHING = new Set<string>(['greeting', 'note', 'aside', 'dont', 'wish', 'style', 'unsettled', 'quoted']);
/** What a service is listed under: the heading over its line in a list or a table. */
function groupAt(pieces: readonly ReadPiece[], span: Span): string {
  const piece = pieces.find(
    (p) => p.from <= span.from && span.from < p.to && p.kind !== 'label' && p.kind !== 'heading',
  );
  const under =
    piece && (piece.kind === 'item' || piece.kind === 'row' || piece.kind === 'line') ? piece.under.trim() : '';
  // “Buenas tardes, Clara:” heads nothing, and neither does what is for the designer.
  const heading = pieces.find((p) => p.kind === 'heading' && p.text.replace(/^[#*_\s]+|[*_:\s]+$/g, '') === under);
  if (GREETS.test(under) || OF_THE_JOB.test(under) || (heading && HEADS_NOTHING.has(heading.role))) return '';
  const plain = under && under.split(/\s+/).length <= 6 && !ALL_SERVICES.test(under) && !/[.!;]/.test(under);
  return plain ? capital(under).slice(0, 60) : '';
}

function factsFrom(
  source: string,
  gathered: Gathered,
  kept: Span[],
  model: Linear,
): Pick<Reading, 'facts' | 'trades' | 'tradePlain'> {
  const { outright, items, people, labels } = gathered;
  const of = (field: SpanField) => kept.filter((s) => s.field === field);
  const first = (field: SpanField, most: number) =>
    ((of(field).find((s) => outright.has(s)) ?? of(field)[0])?.value ?? '').slice(0, most);
  const all = (field: SpanField, most: number) => distinct(of(field).map((s) => s.value.slice(0, most)));

  const outrightName = of('name').some((s) => outright.has(s));
  const named = (value: string) => (outrightName ? statedName(value) : value);
  const facts: Facts = {
    ...emptyFacts(),
    name: named(first('name', 400)).slice(0, limitOf('name')),
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
    people: distinct(of('person').map((s) => s.value.slice(0, 80))).map((name, n) => ({
      id: `p${n + 1}`,
      name,
      role: (people.find((p) => p.person.name === name)?.person.role ?? '').slice(0, 120),
    })),
    memberships: all('membership', limitOf('memberships')),
    registrations: all('registration', limitOf('registrations')),
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
  const added = of('service').filter((k) => !items.some((s) => s.span === k));
  const services = [
    ...items
      .filter((s) => kept.includes(s.span))
      .map(({ item, span }) => ({
        name: item.name,
        detail: item.detail,
        // What a person says is no price is none of a service either.
        price: item.prices
          .filter((p) => of('price').some((k) => k.from < p.to && p.from < k.to))
          .map((p) => p.text)
          .join(', '),
        group: groupAt(gathered.pieces, span),
      })),
    ...added.map((span) => ({ name: span.value, detail: '', price: '', group: '' })),
  ]
    // What is on at a time of its own is an event, with its price.
    .filter((s) => !WHEN_NOT_WHAT.test(s.name) && !DATED.test(s.name))
    // “Coffins, full-length coffins and caskets”: what is said more closely beside it needs no line of its own.
    .filter((s, _, all) => s.price || s.detail || !all.some((o) => isOneOf(o.name, s.name)))
    // What others are listed under is not offered itself.
    .filter((s, _, all) => s.price || !all.some((o) => o.group.toLowerCase() === s.name.toLowerCase()))
    .slice(0, 40);
  // One heading over all of them parts nothing: “Website”, “What we do”.
  const parted = new Set(services.map((s) => s.group).filter(Boolean)).size > 1;
  facts.services = services.map(({ name, detail, price, group }, n): Service => ({
    id: `v${n + 1}`,
    ...(parted && group && { group }),
    name: capital(withoutVerb(name)).slice(0, 120),
    detail: capital(detail.replace(/\s+/g, ' ')).slice(0, 600),
    price: price.slice(0, 60),
  }));
  const key = (s: Span) => gathered.e164.get(s) ?? s.value.toLowerCase();
  facts.contacts = contactsIn(source, kept, gathered.pieces, key);
  facts.branches = gathered.branches.slice(0, 12).map(({ branch }, n) => ({ id: `b${n + 1}`, ...branch }));
  facts.events = gathered.events
    .filter((e) => kept.includes(e.span))
    .slice(0, 40)
    .map(({ event }, n) => ({ id: `e${n + 1}`, ...event }));
  // Somebody who gives the business no name is the business.
  if (facts.people.length === 1 && facts.people[0]!.name.includes(' ')) facts.name ||= facts.people[0]!.name;
  facts.name ||= nameOfMail(facts.mail, source);
  const stated = facts.trade !== '';
  const judged = tradeOf(source, facts.name, gathered.language, gathered.pieces, gathered.places, model);
  facts.trade ||= judged.trade;
  const outrightPlace = of('place').find((s) => outright.has(s))?.value;
  facts.place = (outrightPlace ?? placeOf(all('place', limitOf('place')), facts)).slice(0, limitOf('place'));
  // A town alone is where somebody is, not who they are.
  const bare = !tradeHits(tradeTokens(facts.name)).length;
  if (!outrightName && bare && facts.name.toLowerCase() === facts.place.toLowerCase()) facts.name = '';
  // A trade said outright needs no other.
  return {
    facts,
    trades: of('trade').some((s) => outright.has(s)) ? [] : judged.likely,
    tradePlain: stated || judged.plain,
  };
}

/** Words of a sentence that sets one value against another. */
const DISPUTES =
  /(?<!\p{L})(?:says?|sign|on the (?:door|van|card)|leaflet|flyer|wrong|correct(?:ed|ion)?|actually|or (?:is|was) it|should be|not the|still (?:has|says|gives)|instead of|schild|steht|laut|falsch|stimmt|richtig|sondern|panneau|affich\p{L}*|faux|plutôt|cartel|placa|pone|equivocad\p{L}+|en vez de)(?!\p{L})/iu;

function conflictsIn(source: string, { e164, hours }: Gathered, kept: Span[]): Conflict[] {
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
    // Two numbers are merely two: they contradict each other where the text says that one of them is elsewhere, or wrong.
    const contradicted = field === 'founded' || of(field).some((s) => DISPUTES.test(sentenceAt(source, s.from).text));
    if (groups.size > 1 && contradicted)
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

/** What is wanted and what is not, in the client’s words. */
function toldIn(source: string, pieces: readonly ReadPiece[]): Told[] {
  const out: Told[] = [];
  for (const p of pieces) {
    if (p.kind === 'head' || p.kind === 'label' || p.kind === 'heading' || p.speaker === 'designer') continue;
    const tell = (kind: Told['kind'], from: number, to: number) =>
      out.push({ kind, from, to, text: source.slice(from, to).replace(/\s+/g, ' ').trim() });
    const whole = p.role === 'wish' || p.role === 'style' || p.role === 'dont' ? p.role : null;
    if (whole) tell(whole, p.from, p.to);
    // A sentence may carry a don’t or a wish beside what else it says: “Quotes only, no prices on there”.
    const clauses = p.text.split(CLAUSES);
    if (whole !== 'dont' && clauses.some((c) => FORBIDS.test(c))) tell('dont', p.from, p.to);
    else if (!whole && !YOU_ASKED.test(p.text) && clauses.some((c) => ASKS_FOR.test(c))) tell('wish', p.from, p.to);
  }
  return out;
}
/** “You asked for a page about the shop”: what the designer wanted is no wish of the client’s. */
const YOU_ASKED =
  /^(?:as )?(?:you (?:asked|wanted|told me|suggested)|sie (?:wollten|baten|hatten)|du (?:wolltest|hattest)|vous (?:m[’'](?:aviez|avez) demandé|vouliez)|(?:usted )?me (?:pidió|pediste|pidieron))(?!\p{L})/iu;
const CLAUSES = /[,;:()–—]\s*|\.\s+|\s(?=(?:and|but|und|aber|et|mais|y|pero)\s)/u;
/** Clauses that forbid, whoever reads them and whatever stands around. */
const FORBIDS = latin(
  /(?<!\p{L})(?:(?:please )?(?:don[’']?t|do not|never) (?:put|say|print|use|show|mention|write|call|name|list|add|include|want|publish|make|give|link|advertise|tell|quote|let)|not (?:for|on|in) (?:the |there|your |any )?(?:web\s?site|site|internet|web|page|print|public\w*)|not (?:there|to be (?:shown|printed|named|advertised|published|mentioned))|leave [^,.;:]{0,40}?(?<!\p{L})(?:off|out)|keep (?:it|that|him|her|them|this|my \p{L}+|the \p{L}+) (?:off|out|to yourself|between)(?! the (?:wet|cold|ground|floor|damp))|take [^,.;:]{1,30}? (?:off|down|out)(?= the| it| there| of|$)|no (?:mention|photos?|pictures?|prices?|logos?|music|carousel|pop-?ups?|stock|clip ?art|need to (?:say|mention|put))(?= of| on| with| for| about| please|s?$|\p{L}* )|nothing (?:about|on|that (?:moves|blinks|flashes))|off the (?:record|site|website|page)|between (?:us|you and me|ourselves)|for you only|just for you|only for you|mustn[’']?t|must not|would rather not|rather not|bitte (?:nicht|kein\p{L}*|nirgends)|nicht (?:auf die|ins|in die|für die) (?:seite|webseite|internet|netz|website|öffentlichkeit)|nicht (?:schreiben|erwähnen|nennen|zeigen|veröffentlichen|drauf|reinschreiben|anbieten)|auf keinen fall|bloß (?:nicht|kein\p{L}*)|unter uns|nur für (?:sie|dich)|kein\p{L}* (?:fotos?|bilder|preise|namen|musik)|weglassen|rausnehmen|ne (?:mettez|dites|parlez|publiez|mentionnez|montrez|donnez) (?:pas|surtout|jamais)|(?:ne )?pas (?:de|d[’']) (?:photos?|prix|noms?|musique|boutique|mention)|pas sur (?:le site|internet)|à ne pas (?:mettre|publier|dire)|surtout pas|rien sur|entre nous|pour vous seul\p{L}*|(?:que )?no (?:pong\p{L}*|pon(?:er|ga)|dig\p{L}*|publi\p{L}+|mencion\p{L}+|salga|aparezca|se (?:diga|ponga|publique|mencione))|nada de|ni una palabra|esto no|entre nosotros|solo para (?:ti|usted)|quit\p{L}+ (?:la|el|los|las|eso))(?!\p{L})/iu,
);
/** Clauses that ask for something on the site. */
const ASKS_FOR = latin(
  /(?<!\p{L})(?:(?:i|we|she|he|they)(?:[’']d| would| should)? (?:really |also |quite |very much )?(?:like|love|want|wants|need|needs|wish)(?!\p{L}).{0,60}(?:page|picture|photo|map|button|form|gallery|calendar|list|site|website|people can|somewhere|timetable|story)|(?:a|an|the) (?:page|button|map|form|gallery|calendar|section|video|slideshow) (?:for|of|with|that|where|to|about|on)(?!\p{L})|could there be|can there be|there should be|needs a page|(?:wir|ich) (?:hätten?|möchten?|wünschen?|wollen) .{0,60}(?:seite|bild|foto|karte|formular|galerie|kalender|liste)|(?:on|nous|je|j[’']) ?(?:aimer\p{L}+|voudr\p{L}+|souhait\p{L}+) .{0,60}(?:page|photo|carte|formulaire|galerie|calendrier|liste|plan)|(?:quiero|queremos|nos gustar[íi]a|me gustar[íi]a|quisiera) .{0,60}(?:p[áa]gina|foto|mapa|formulario|galer[íi]a|calendario|lista))/iu,
);

const once = lately<Reading>(40);

/**
 * Reads a free text: a mail, notes, a form, a few lines, in English, Spanish, French or German. Pure; nothing is guessed
 * that no words stand for, and what speaks against itself is named, not settled. `models` are those shipped unless others
 * are given.
 */
export function readText(source: string, corrections: readonly Correction[] = [], models?: Models): Reading {
  // The same text is read for its facts, for its sentences and for the report: once will do.
  return corrections.length || models
    ? readingOf(source, corrections, models ?? shipped())
    : once(source, () => readingOf(source, corrections, shipped()));
}

/** A trade is judged from all of a text and stands in no stretch of it: where a person says it is another, it is none. */
function withoutRefused<T extends { facts: Facts }>(read: T, corrections: readonly Correction[]): T {
  const refused = corrections.some((c) => c.was === 'trade' && c.is === null && c.words === read.facts.trade);
  return refused ? { ...read, facts: { ...read.facts, trade: '' } } : read;
}

function readingOf(source: string, corrections: readonly Correction[], models: Models): Reading {
  const gathered = gather(source, corrections, models);
  const inOrder = corrected(source, gathered.spans, corrections).sort((a, b) => a.from - b.from || b.to - a.to);
  const spans = withoutEchoes(inOrder);
  return {
    language: gathered.language,
    tongue: gathered.tongue,
    pieces: gathered.pieces,
    spans,
    ...withoutRefused(factsFrom(source, gathered, spans, models.trades), corrections),
    told: toldIn(source, gathered.pieces),
    conflicts: conflictsIn(source, gathered, spans),
    nameSure: gathered.nameSure,
  };
}
