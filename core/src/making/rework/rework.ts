import { withMarksOf } from '../../model/marks.js';
import { deskFor, writeVersion } from '../generate/write.js';
import { allTexts, textsOf, type PlacedText } from '../generate/site.js';
import { seeded } from '../../ground/random.js';
import { factsText } from '../guard/guard.js';
import type { Message, SiteLanguage } from '../../language/language.js';
import { languages } from '../../language/registry.gen.js';
import type { SiteDocument, Text } from '../../model/site.js';
import { findSection } from '../../operations/reach.js';
import type { Operation, SingleOperation } from '../../operations/operation.js';
import type { Place } from '../../operations/place.js';
import { readingEase } from '../writer/reading-ease.js';
import { splitSentences } from '../writer/sentences.js';
import { fill, joined, voiced, type Speaker } from '../writer/speaker.js';
import {
  asPoints,
  concise,
  contracted,
  inWords,
  joinAlike,
  mended,
  otherwise,
  spelled,
  splitAtJoints,
  swap,
  withoutFillers,
  written,
  type Spelling,
} from './change.js';

/** The ways a text can be worked over. */
export const REWORKS = [
  'another',
  'shorter',
  'longer',
  'plainer',
  'warmer',
  'formal',
  'livelier',
  'list',
  'spelling',
  'keywords',
  'free',
] as const;
export type ReworkKind = (typeof REWORKS)[number];

/** What to work over: a text, a section, a page, or all of them. */
export type ReworkScope = { text: Place } | { section: string } | { page: string } | 'site';

export interface ReworkRequest {
  kind: ReworkKind;
  scope: ReworkScope;
  /** For `free`: what to do, in words. For `keywords`: the words, with commas between. */
  instruction?: string;
  seed?: number;
}

/** A text worked over, beside what it was. */
export interface Reworked {
  at: Place;
  label: string;
  page: string;
  before: Text;
  after: Text;
  /** What was measured: “41 words, now 28”. */
  measured: string;
}

export interface ReworkAnswer {
  changes: Reworked[];
  /** What to say where nothing, or not all, could be done. */
  note: string;
}

/** The texts a scope covers that are worked over: sentences, and headings where another one is wanted. */
export function textsInScope(document: SiteDocument, scope: ReworkScope, kind: ReworkKind): PlacedText[] {
  const all =
    scope === 'site'
      ? allTexts(document)
      : 'page' in scope
        ? (document.pages
            .find((p) => p.id === scope.page)
            ?.sections.flatMap((s) =>
              textsOf(
                s,
                document.pages.find((p) => p.id === scope.page),
              ),
            ) ?? [])
        : (() => {
            const id = 'section' in scope ? scope.section : scope.text.section;
            const section = findSection(document, id);
            const page = document.pages.find((p) => p.sections.some((s) => s.id === id)) ?? null;
            const texts = section ? textsOf(section, page) : [];
            return 'text' in scope ? texts.filter((t) => t.path === scope.text.path) : texts;
          })();
  const sentence = (t: PlacedText) => t.long && !/^thanks$/.test(t.path) && t.text.value.split(/\s+/).length >= 4;
  const wanted = (t: PlacedText) =>
    sentence(t) ||
    ((kind === 'another' || kind === 'spelling' || kind === 'free') && /heading|action|second|more|name/.test(t.path));
  return all.filter(
    (t) =>
      t.text.value.trim() && t.text.from.kind !== 'placeholder' && (wanted(t) || (scope !== 'site' && 'text' in scope)),
  );
}

/** What of a text must still be there when it has been worked over: numbers, names, and the words of the facts. */
export function keptFacts(text: string, document: SiteDocument): string[] {
  const said = text.toLowerCase();
  const { facts } = document;
  const named = [
    facts.name,
    facts.place,
    facts.phone,
    facts.mail,
    ...facts.services.map((s) => s.name),
    ...facts.people.map((p) => p.name),
    ...facts.memberships,
  ].filter((v) => v.length > 2 && said.includes(v.toLowerCase()));
  const numbers = text.match(/\d+(?:[.,:]\d+)*/g) ?? [];
  const names = [...text.matchAll(/(?<=[\p{Ll},;] )\p{Lu}\p{Ll}{2,}/gu)].map((m) => m[0]);
  return [...new Set([...named, ...numbers, ...names])];
}

const keepsFacts = (before: string, after: string, document: SiteDocument): boolean =>
  keptFacts(before, document).every((f) => after.toLowerCase().includes(f.toLowerCase()));

const countWords = (text: string) => (text.match(/[\p{L}\p{N}’'-]+/gu) ?? []).length;
const near = (text: string, language: SiteLanguage) =>
  (text.toLowerCase().match(/\p{L}+/gu) ?? []).filter((w) => language.edits.near.includes(w)).length;
const marks = (text: string) => (text.match(/[?!]/g) ?? []).length;

interface Bench {
  document: SiteDocument;
  language: SiteLanguage;
  speaker: Speaker;
  random: ReturnType<typeof seeded>;
  spelling: Spelling | null;
  /** Sentences that invite, not used in this rework yet. */
  invitations: Record<'warm' | 'lively' | 'formal', string[]>;
  /** Facts that this rework has put in. */
  added: string[];
  /** How many sentences a text gets where it is to be longer. */
  room: number;
  /** Pages that have been given a sentence that invites: one is enough. */
  invited: Set<string>;
  /** What stands on the site already, so that nothing is said twice. */
  standing: string;
}

/** A sentence of the house that claims nothing and stands nowhere on the site yet. */
function invitation(bench: Bench, tone: 'warm' | 'lively' | 'formal', t: PlacedText): string | null {
  const { language, speaker } = bench;
  const page = t.page?.id ?? t.section.id;
  if (bench.invited.has(page)) return null;
  const list = bench.invitations[tone];
  while (list.length) {
    const [pattern] = list.splice(Math.floor(bench.random.next() * list.length), 1);
    const filled = fill(pattern!, speaker.slots, speaker.one);
    if (!filled || bench.standing.includes(filled.value)) continue;
    bench.invited.add(page);
    return language.polish?.(filled.value) ?? filled.value;
  }
  return null;
}

const MORE: Message[] = [
  'founded',
  'audience',
  'area',
  'people',
  'membership',
  'benefits',
  'tongues',
  'premises',
  'price',
  'hours',
  'offer',
  'address',
  'reach',
];

/** The facts of the sheet that a text, or its page, does not say yet, as sentences; each is told once. */
function moreToSay(bench: Bench, t: PlacedText, most: number): Text | null {
  if (!/^(?:lead|paragraphs|note)/.test(t.path)) return null;
  const { speaker, document } = bench;
  const here = (t.page ? t.page.sections.flatMap((s) => textsOf(s)) : [])
    .map((o) => o.text.value.toLowerCase())
    .join(' ');
  speaker.turn();
  speaker.mention(...bench.added);
  for (const [, slot] of speaker.slots)
    if (slot.quote && slot.value.length > 2 && here.includes(slot.value.toLowerCase())) speaker.mention(...slot.says);
  for (const s of document.facts.services)
    if (here.includes(s.name.toLowerCase())) speaker.mention('s1', 's2', 's3', 'all');
  const before = new Set(speaker.mentioned());
  const more = speaker.weave(MORE, most);
  bench.added.push(...speaker.mentioned().filter((f) => !before.has(f)));
  return more;
}

type Change = (value: string, t: PlacedText, bench: Bench) => string | Text | null;

const shorter: Change = (value, t, bench) => {
  const { language, document } = bench;
  let now = joinAlike(concise(withoutFillers(value, language.edits), language.edits), language);
  now = mended(now.replace(/\s*\([^()\d]{3,80}\)/g, (aside) => (/\p{Lu}/u.test(aside) ? aside : '')));
  // Sentences of the house that only invite can go as long as something is left.
  const sentences = splitSentences(now);
  const { warm, lively, formal } = language.edits;
  const house = new Set([...warm, ...lively, ...formal].map((p) => voiced(p, bench.speaker.one)));
  const left = sentences.filter((s) => !house.has(s));
  if (left.length && left.length < sentences.length) now = left.join(' ');
  else if (sentences.length > 1 && countWords(now) > countWords(value) * 0.92) {
    // What another text of the page says as well need not be said here.
    const elsewhere = bench.standing.replace(value, '').toLowerCase();
    const told = (s: string) =>
      keptFacts(s, document).length > 0 && keptFacts(s, document).every((f) => elsewhere.includes(f.toLowerCase()));
    const spare = [...sentences]
      .reverse()
      .find(
        (s) =>
          told(s) &&
          sentences.length > 1 &&
          t.text.from.kind !== 'designer' &&
          t.text.from.kind !== 'client' &&
          !document.facts.description.includes(s.slice(0, 24)),
      );
    if (spare) return sentences.filter((s) => s !== spare).join(' ');
  }
  return now;
};

const CHANGES: Record<Exclude<ReworkKind, 'free' | 'another'>, Change> = {
  shorter,
  longer: (value, t, bench) => {
    const more = moreToSay(bench, t, bench.room);
    if (more) return joined([{ value, from: t.text.from }, more]);
    const tone = { plain: 'warm', warm: 'warm', formal: 'formal', lively: 'lively' } as const;
    const said = invitation(bench, tone[bench.speaker.tone], t);
    return said ? `${value} ${said}` : null;
  },
  plainer: (value, _t, { language }) =>
    splitAtJoints(
      inWords(concise(withoutFillers(value, language.edits), language.edits), language.edits.plainWords),
      language.edits,
      14,
    ),
  warmer: (value, t, bench) => {
    const { language, document, speaker } = bench;
    let now = contracted(value, language.edits);
    if (language.reading === 'en')
      now = now.replace(new RegExp(`^${document.facts.name.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')} is `), (m) =>
        speaker.one ? `At ${m.slice(0, -4)}, I am ` : `At ${m.slice(0, -4)}, we are `,
      );
    const said = invitation(bench, 'warm', t);
    return said ? `${now} ${said}` : now;
  },
  formal: (value, t, bench) => {
    const { language } = bench;
    const now = inWords(written(value, language.edits), language.edits.formalWords).replace(/!/g, '.');
    if (now !== value) return now;
    const said = invitation(bench, 'formal', t);
    return said && `${value} ${said}`;
  },
  livelier: (value, t, bench) => {
    const { language } = bench;
    const now = splitAtJoints(contracted(withoutFillers(value, language.edits), language.edits), language.edits, 9);
    const said = invitation(bench, 'lively', t);
    return said ? `${now} ${said}` : now;
  },
  list: (value, t, { language }) => (/^paragraphs/.test(t.path) ? asPoints(value, language) : null),
  spelling: (value, _t, { spelling, document, language }) => {
    if (!spelling) return null;
    const own = new Set(
      [
        document.facts.name,
        document.facts.legalName,
        document.facts.place,
        document.facts.address,
        ...document.facts.people.map((p) => p.name),
        ...document.facts.memberships,
      ]
        .join(' ')
        .toLowerCase()
        .match(/\p{L}+/gu) ?? [],
    );
    return spelled(value, spelling, (w) => own.has(w.toLowerCase().replace(/[’']s$/, '')), language.reading === 'de');
  },
  keywords: () => null,
};

/** Other words for what the house wrote: the text at the same place of another version. */
function anotherVersion(bench: Bench, t: PlacedText, seed: number): Text | null {
  const { document } = bench;
  const shape = t.section.shape.split('/')[0];
  for (let n = 1; n <= 6; n++) {
    const version = writeVersion(document.facts, seed + n * 13, document);
    const page = version.pages.find((p) => p.id === t.page?.id);
    const sections = page?.sections.filter((s) => s.shape.split('/')[0] === shape) ?? [];
    const index =
      t.page?.sections.filter((s) => s.shape.split('/')[0] === shape).findIndex((s) => s.id === t.section.id) ?? 0;
    const section =
      t.section.id === 'header' ? version.header : t.section.id === 'footer' ? version.footer : sections[index];
    const found = section && textsOf(section).find((o) => o.path === t.path);
    if (
      found?.text.value &&
      found.text.value !== t.text.value &&
      !bench.standing.includes(found.text.value) &&
      found.text.from.kind !== 'placeholder'
    )
      return found.text;
  }
  return null;
}

/** What a free instruction comes to: ways the built-in writer knows, and words to put in or leave out. */
export interface Understood {
  kinds: Exclude<ReworkKind, 'free'>[];
  swaps: [string, string][];
  without: string[];
  mention: string[];
}
const ORDERS: [Exclude<ReworkKind, 'free'>, RegExp][] = [
  ['shorter', /\b(?:short\w*|cut|trim|brief\w*|less|tight\w*|halve)\b/i],
  ['longer', /\b(?:longer|more detail\w*|expand|fuller|say more|flesh)\b/i],
  ['plainer', /\b(?:plain\w*|simpl\w*|clear\w*|easy|easier)\b/i],
  ['warmer', /\b(?:warm\w*|friendl\w*|personal|welcom\w*)\b/i],
  ['formal', /\b(?:formal\w*|serious|professional\w*|official)\b/i],
  ['livelier', /\b(?:livel\w*|fun|punch\w*|energetic|cheer\w*|bright\w*)\b/i],
  ['list', /\b(?:list|bullets?|points)\b/i],
  ['spelling', /\b(?:spell\w*|typos?|mistakes?)\b/i],
  ['another', /\b(?:another|again|different\w*|otherwise|reword|rephrase|rewrite)\b/i],
];

/** Reads a free instruction as far as the built-in writer goes. */
export function understand(instruction: string): Understood {
  const unquoted = instruction.replace(/["“][^"”]*["”]/g, ' ');
  const quoted = (verb: string) =>
    [
      ...instruction.matchAll(
        new RegExp(`\\b(?:${verb})\\s+(?:the words?\\s+)?["“‘']?([^"”’'.;]{2,60}?)["”’']?(?=[.;,]|\\s+and\\b|$)`, 'gi'),
      ),
    ].map((m) => m[1]!.trim().replace(/^(?:the|a|an|any|my|our|their|its)\s+/i, ''));
  const swaps = [
    ...instruction.matchAll(
      /\b(?:replace|change|instead of)\s+["“‘']?(.+?)["”’']?\s+(?:with|to|by|say)\s+["“‘']?([^"”’'.;]+)["”’']?/gi,
    ),
  ].map((m): [string, string] => [m[1]!.trim(), m[2]!.trim()]);
  const without = quoted("without|leave out|do not mention|don[’']t mention|drop|remove");
  return {
    kinds: ORDERS.filter(([, words]) => words.test(unquoted)).map(([kind]) => kind),
    swaps,
    without,
    mention: quoted('mention|say that|include|use the words?').filter((m) => !without.includes(m)),
  };
}

function measuredOf(kind: ReworkKind, before: string, after: string, language: SiteLanguage): string {
  const [a, b] = [readingEase(before, language.reading), readingEase(after, language.reading)];
  const words = `${a.words} words, now ${b.words}`;
  switch (kind) {
    case 'plainer':
    case 'formal':
      return `${words}; reading ease ${a.ease.toFixed(0)}, now ${b.ease.toFixed(0)}`;
    case 'warmer':
      return `${words}; ${near(before, language)} words of closeness, now ${near(after, language)}`;
    case 'livelier':
      return `${(a.words / a.sentences).toFixed(0)} words a sentence, now ${(b.words / b.sentences).toFixed(0)}; ${marks(after)} questions and calls`;
    default:
      return words;
  }
}

/** True where a change does what its name says; another wording only has to be another. */
function doesIt(kind: ReworkKind, before: string, after: string, language: SiteLanguage): boolean {
  if (after === before) return false;
  const [a, b] = [readingEase(before, language.reading), readingEase(after, language.reading)];
  switch (kind) {
    case 'shorter':
      return b.words < a.words;
    case 'longer':
      return b.words > a.words;
    case 'plainer':
      return b.ease >= a.ease - 0.5;
    case 'warmer':
      return (
        near(after, language) > near(before, language) ||
        (after.match(/’/g) ?? []).length > (before.match(/’/g) ?? []).length
      );
    case 'formal':
      return b.ease <= a.ease + 2 || marks(after) < marks(before);
    case 'livelier':
      return marks(after) > marks(before) || b.words / b.sentences < a.words / a.sentences;
    default:
      return true;
  }
}

const ONLY_WHERE: Partial<Record<ReworkKind, string>> = {
  shorter: 'Nothing can go without losing a fact.',
  longer: 'The facts have nothing more to say here; ask the client the next question.',
  plainer: 'It is as plain as it gets.',
  list: 'There is no enumeration to make a list of.',
  spelling: 'No mistake found.',
  keywords: 'Every keyword stands there already, or there are none.',
};

/**
 * Works texts over with the built-in writer. Every change does measurably what it is called, keeps every fact, and is
 * proposed, not made. Texts that cannot be changed that way are left out, and `note` says why.
 */
export function rework(document: SiteDocument, request: ReworkRequest, spelling: Spelling | null = null): ReworkAnswer {
  const language = languages[document.language];
  const seed = request.seed ?? document.seed + 1;
  const desk = deskFor(document.facts, seed, document);
  const { edits } = language;
  const bench: Bench = {
    document,
    language,
    speaker: desk.speaker,
    random: seeded(seed),
    spelling,
    invitations: { warm: [...edits.warm], lively: [...edits.lively], formal: [...edits.formal] },
    added: [],
    room: request.scope !== 'site' && 'text' in request.scope ? 2 : 1,
    invited: new Set(),
    standing: allTexts(document)
      .map((t) => t.text.value)
      .join('\n'),
  };
  const texts = textsInScope(document, request.scope, request.kind);
  if (!texts.length) return { changes: [], note: 'There is no text to work over here.' };
  const free = request.kind === 'free' ? understand(request.instruction ?? '') : null;
  if (free && !free.kinds.length && !free.swaps.length && !free.without.length && !free.mention.length)
    return {
      changes: [],
      note: 'The built-in writer does not understand that. It knows: shorter, longer, plainer, warmer, formal, livelier, a list, spelling, replace … with …, leave out …, mention ….',
    };
  const keywords = (request.instruction?.split(',') ?? document.facts.keywords).map((k) => k.trim()).filter(Boolean);
  const changes: Reworked[] = [];
  const refused = new Set<string>();

  const propose = (t: PlacedText, kind: ReworkKind, after: Text, keep = true): void => {
    const before = t.text.value;
    if (after.value.length > 4000 || !after.value.trim() || !doesIt(kind, before, after.value, language)) return;
    if (keep && !keepsFacts(before, after.value, document))
      return void refused.add('Where a fact would have been lost nothing was changed.');
    changes.push({
      at: { section: t.section.id, path: t.path },
      label: t.label,
      page: t.page?.label ?? 'Every page',
      before: t.text,
      after: withMarksOf(t.text, after),
      measured: measuredOf(kind, before, after.value, language),
    });
    bench.standing += `\n${after.value}`;
  };
  const one = (t: PlacedText, kind: Exclude<ReworkKind, 'free'>, value: string): Text | null => {
    if (kind === 'another') {
      const own =
        document.facts.description.includes(value.slice(0, 30)) ||
        t.text.from.kind === 'designer' ||
        t.text.from.kind === 'client';
      if (!own) return anotherVersion(bench, t, seed);
      const said = otherwise(value, language, bench.random);
      return said === value ? null : { value: said, from: t.text.from };
    }
    if (kind === 'keywords') {
      const missing = keywords.find((k) => !bench.standing.toLowerCase().includes(k.toLowerCase()));
      if (!missing || !/lead|paragraphs/.test(t.path)) return null;
      const [pattern] = language.patterns.keyword.any!;
      const slots = new Map(desk.speaker.slots);
      slots.set('k1', { value: missing, quote: missing, fact: 'keywords', says: ['k1'] });
      slots.set('K1', {
        value: missing[0]!.toUpperCase() + missing.slice(1),
        quote: missing,
        fact: 'keywords',
        says: ['k1'],
      });
      const filled =
        fill(pattern!, slots, desk.speaker.one) ??
        fill(language.patterns.keyword.any!.at(-1)!, slots, desk.speaker.one);
      bench.standing += `\n${missing}`;
      return (
        filled &&
        joined([
          { value, from: t.text.from },
          { value: filled.value, from: { kind: 'brief', quote: missing } },
        ])
      );
    }
    const said = CHANGES[kind](value, t, bench);
    if (said === null) return null;
    return typeof said === 'string'
      ? { value: said, from: t.text.from }
      : {
          ...said,
          from:
            t.text.from.kind === 'designer' || t.text.from.kind === 'client' || t.text.from.kind === 'service'
              ? t.text.from
              : said.from,
        };
  };

  for (const t of texts) {
    if (!free) {
      const after = one(t, request.kind as Exclude<ReworkKind, 'free'>, t.text.value);
      // Another version of what the house wrote may tell other facts than this one.
      if (after) propose(t, request.kind, after, request.kind !== 'another' || t.long);
      continue;
    }
    let value = t.text.value;
    for (const [from, to] of free.swaps) value = swap(value, from, to);
    for (const out of free.without)
      value = splitSentences(value)
        .filter((s) => !s.toLowerCase().includes(out.toLowerCase()))
        .join(' ');
    if (free.mention.length && t.long && t === texts.find((o) => o.long)) {
      const told = factsText(document.facts);
      for (const m of free.mention)
        if (!value.toLowerCase().includes(m.toLowerCase())) {
          const sentence = splitSentences(told.replace(/\n/g, '\n\n')).find(
            (s) => s.toLowerCase().includes(m.toLowerCase()) && s.split(' ').length > 3,
          );
          if (sentence) value = `${value} ${/[.!?]$/.test(sentence) ? sentence : `${sentence}.`}`;
          else refused.add(`Nobody has told anything about “${m}”: ask the client first.`);
        }
    }
    let after: Text = { value, from: t.text.from };
    for (const kind of free.kinds) if (t.long) after = one(t, kind, after.value) ?? after;
    propose(t, 'free', after, free.without.length === 0 && free.swaps.length === 0);
  }
  const note = [...refused, changes.length ? '' : (ONLY_WHERE[request.kind] ?? 'Nothing was found to change.')]
    .filter(Boolean)
    .join(' ');
  return { changes, note };
}

/** The operation that puts the taken changes in place, as one step of history. */
export function takeChanges(changes: readonly { at: Place; after: Text }[]): Operation {
  const operations = changes.map((c): SingleOperation => ({ op: 'setText', at: c.at, text: c.after }));
  return operations.length === 1 ? operations[0]! : { op: 'batch', operations };
}
