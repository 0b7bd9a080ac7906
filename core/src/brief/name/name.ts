import type { Models } from '../reading/models.js';
import type { Piece } from '../layout/pieces.js';
import type { ReadPiece } from '../roles/roles.js';
import { nameCandidates, type NameCandidate } from './candidates.js';

/** What the business is called, as read: where it stands and how sure that is, 0 to 1. */
export interface ReadName {
  name: string;
  from: number;
  to: number;
  sure: number;
}

/** Forms of company and club that stand behind a name in registers, and on no sign. */
const REGISTERED =
  /[\s,]+(?:e\.?\s?v|pty(?:\.?\s+ltd)?|teo(?:ranta)?|ltd|limited|llc|inc|llp|plc|gmbh(?:\s*&\s*co\.?(?:\s*kg)?)?|kg|ohg|ug|e\.?\s?u|sarl|sas|eurl|srl|sprl|s\.?\s?l\.?(?:\s?u\.?)?|s\.?c\.?a)\.?$/iu;
/** Scores under which a candidate is no name; in small letters it must be said to be one. */
const LEAST = 2.2;
const LEAST_IN_SMALL = 4.6;
const LEAST_SURE = 0.4;
/** “a small pottery”, “soy afilador”: what somebody is, not what they are called. */
const ONE_OF_MANY =
  /^(?:an?|eine?[nrm]?|une?|una?|[Ss]oy|[Ss]omos|[Jj]e suis|[Nn]ous sommes|[Ii]ch bin|[Bb]in|[Ww]ir sind|[Ww]e are|I am|I[’']m) (?:\p{Ll}|\p{Lu}\p{Ll}+$)/u;
/** How much it counts that the domain of a mail address is the name without its spaces. */
const ITS_DOMAIN = 4;
const lettersOf = (s: string): string =>
  s
    .toLowerCase()
    .normalize('NFD')
    .replace(/&|\+/g, 'and')
    .replace(/[^\p{L}\d]/gu, '');
/** Words that say that a brief follows, before whose it is. */
const BRIEF_FOR =
  /^(?:(?:brief(?:ing)?|web ?site|webseite|homepage|internetseite|internetauftritt|site(?: (?:web|internet))?|p[áa]gina web|web|notes?|notizen|text|preisliste|price list|tarifs?(?: de)?|lista de precios|minutes|protokoll)(?:\s+(?:for|für|von|der|pour|de|du|para|of))?[\s:–-]+)+(?=\p{Lu})/iu;
/** “And not ‘Withycott & Daughter’”: what it is not called. */
const DENIED = /(?<!\p{L})(?:not|never|nicht|niemals|pas|no|jamais|nunca)\s(?:called\s|the\s|as\s)?["“„«‘']?$/iu;
/** A score that a name which nobody doubts has. */
const FULL = 6;
const WHERE = /(?<!\p{L})(?:in|at|near|from|outside|around|bei|aus|nach|à|a|près de|de|en|cerca de)\s$/iu;

const titled = (name: string): string =>
  /\p{Lu}/u.test(name) && !/^[\p{Lu}\d\s&’'.,-]+$/u.test(name)
    ? name
    : name
        .toLowerCase()
        .replace(/(?<![\p{L}’'])\p{L}/gu, (c) => c.toUpperCase())
        .replace(/(?<=\s)(?:And|Of|The|De|Du|Des|Et|Y|Und|Von|Am|Im)(?=\s)/g, (w) => w.toLowerCase());

/** A name as a line that says it outright gives it: without what is said about it, and without its form of company. */
export function statedName(value: string): string {
  const line = value.split('\n')[0]!.trim();
  const quoted = /^["“„«]\s?([^"”“»]{2,60}?)\s?["”“»]/u.exec(line)?.[1];
  const head = quoted ?? /^(.{2,70}?)(?:\se\.\s?V\.|\s[–—(]|,\s(?=[\p{Ll}\d])|\.\s|\s\(|;|$)/u.exec(line)?.[1] ?? line;
  const said = head
    .replace(/^(?:we(?:[’']|\s*a)re|it[’']s|called|wir heißen|nous sommes|somos)\s+/i, '')
    .replace(/[.,;:\s]+$/, '');
  return titled(said.replace(REGISTERED, '').trim() || said);
}

/** How far before an address a name in it may begin: “The ”. */
const ARTICLE = 4;

/** “Saxby Vale MRC” by the words its letters stand for, where the text has them. */
function spelledOut(name: ReadName, candidates: readonly NameCandidate[]): ReadName {
  // A domain has them in small letters.
  const alone = /^\p{L}{3,6}$/u.test(name.name) ? name.name.toUpperCase() : name.name;
  const [, lead = '', short] = /^(.*?)(\p{Lu}{2,6})$/u.exec(alone) ?? [];
  if (!short) return name;
  const initials = (s: string) => (s.match(/(?<!\p{L})\p{Lu}/gu) ?? []).join('');
  const whole = candidates.find(
    (c) => c.name.length > name.name.length && c.name.startsWith(lead) && initials(c.name.slice(lead.length)) === short,
  );
  return whole ? { ...name, name: whole.name, from: whole.from, to: whole.to } : name;
}

/** Who is in a firm with somebody, behind its name: “& Tochter”, “and Sons”. */
const KIN =
  /^\s(?:&|\+|and|und|et|y)\s(?:sohn|söhne|tochter|töchter|partner|co|sons?|daughters?|granddaughters?|brothers?|partners|fils|filles?|frères|associés|hij[oa]s?|herman[oa]s?)$/iu;
/** “Zimmerei Ahrens” of a domain as “Zimmerei Ahrens & Tochter”, where the text has it so. */
function withKin(name: ReadName, candidates: readonly NameCandidate[]): ReadName {
  const whole = candidates.find((c) => c.name.startsWith(name.name) && KIN.test(c.name.slice(name.name.length)));
  return whole ? { ...name, name: whole.name, from: whole.from, to: whole.to } : name;
}

/** “Ruddocks Mowers” as “Ruddock’s Mowers”, where the text has it so too: titles of pages drop such marks. */
function inFull(name: ReadName, candidates: readonly NameCandidate[]): ReadName {
  const letters = lettersOf(name.name);
  const marked = (s: string) => (s.match(/[’'&À-ÿ]/g) ?? []).length;
  const fuller = candidates.find(
    (c) => lettersOf(c.name) === letters && marked(c.name) > marked(name.name) && c.name.length <= name.name.length + 2,
  );
  return fuller ? { ...name, name: fuller.name, from: fuller.from, to: fuller.to } : name;
}

/** How sure a name is that only stands where names stand: it is to be asked for. */
const BY_ITS_PLACE = 0.4;

/** Of a text in a language that is not read, the few words over everything else; null where it begins otherwise. */
export function nameOverText(pieces: readonly Piece[]): ReadName | null {
  const [first] = pieces;
  const words = first?.text.trim().split(/\s+/).length ?? 0;
  return first && first.kind === 'heading' && words <= 6 && !/[\d.,:;!?،؟。]/.test(first.text)
    ? { name: first.text.trim(), from: first.from, to: first.to, sure: BY_ITS_PLACE }
    : null;
}

/** What makes a single word of a trade a name. */
const SAYS_SO = /^(?:how:(?:called|quoted|trades as|is the name)|label:whole|under:name|domain:same)$/;
/** “Hatch Hollow Farm, 880 Hatch Hollow Road”: what an address begins with may be what it is called. */
const HEADS = /^,\s\d/;
/** Whether a place of a name is outside addresses; they go without the article that a street is called by. */
const free = (
  m: { from: number; to: number },
  source: string,
  taken: readonly { from: number; to: number }[],
): boolean =>
  !taken.some(
    (t) =>
      t.from - ARTICLE <= m.from &&
      m.to <= t.to &&
      m.to > t.from &&
      !(m.from <= t.from && HEADS.test(source.slice(m.to, m.to + 3))),
  );
const oneInTheOther = (a: string, b: string): boolean => {
  const [x, y] = [lettersOf(a), lettersOf(b)];
  return x.includes(y) || y.includes(x);
};

/** The likeliest name of the business, none of what is `taken` (addresses, numbers) or stands within what is `vouched`; null where nothing speaks for any. */
export function nameIn(
  source: string,
  pieces: readonly ReadPiece[],
  { names: model, common }: Pick<Models, 'names' | 'common'>,
  taken: readonly { from: number; to: number }[] = [],
  vouched: readonly { from: number; to: number }[] = [],
): ReadName | null {
  // A word or three in small letters and nothing else: a trade, a greeting, a try. Nothing says that it is a name.
  if (/^\P{Lu}+$/u.test(source) && source.trim().split(/\s+/).length <= 3) return null;
  const domains = [...source.matchAll(/@([\p{L}\d-]+)\./gu)].map(([, d]) => lettersOf(d!));
  let best: ReadName | null = null;
  let second = -Infinity;
  let top = -Infinity;
  const candidates = [
    ...nameCandidates(
      source,
      pieces,
      pieces.map((p) => p.shares),
      { common: (word) => common.scores([word])[0]!, taken },
    ),
  ];
  // A domain is often the name cut short: where the name is met whole, that is it.
  const cutShort = (said: string) => candidates.some((c) => c.name.length > said.length && c.name.includes(said));
  for (const c of candidates) {
    // “Member of the Booksellers’ Society” names a society, and not whoever is in it.
    const at = c.met.find((m) => free(m, source, taken) && !vouched.some((v) => v.from < m.from && m.to <= v.to));
    if (
      !at ||
      DENIED.test(source.slice(Math.max(0, c.from - 24), c.from)) ||
      ONE_OF_MANY.test(source.slice(at.from, at.to))
    )
      continue;
    // “Sails” is a thing, unless somebody says that they are called so.
    if (!/\s/.test(c.name) && c.features.includes('common:trade') && !c.features.some((f) => SAYS_SO.test(f))) continue;
    // One word behind “at” or “in” is where somebody is.
    if (!/\s/.test(c.name) && WHERE.test(source.slice(Math.max(0, c.from - 12), c.from))) continue;
    // What a business has as its own domain, letter by letter, it is called.
    const own = /\s/.test(c.name) && domains.includes(lettersOf(c.name)) && !cutShort(c.name) ? ITS_DOMAIN : 0;
    const score = (model.scores(c.features)[0] ?? 0) + own;
    if (score > top) {
      if (!best || !oneInTheOther(best.name, c.name)) second = top;
      top = score;
      best = { name: c.name, from: at.from, to: at.to, sure: 0 };
    } else if (score > second && !oneInTheOther(best!.name, c.name)) second = score;
  }
  best &&= withKin(best, candidates);
  best &&= inFull(spelledOut(best, candidates), candidates);
  if (!best || top < (/\p{Lu}/u.test(best.name) ? LEAST : LEAST_IN_SMALL)) return null;
  const lead = BRIEF_FOR.exec(best.name)?.[0] ?? '';
  if (lead.length < best.name.length - 2)
    best = { ...best, name: best.name.slice(lead.length), from: best.from + lead.length };
  const name = titled(best.name.replace(REGISTERED, '').trim() || best.name);
  const sure = Math.max(0, Math.min(1, (top / FULL + Math.min(1, (top - second) / 2)) / 2));
  // A wrong name is worse than none.
  return sure < LEAST_SURE ? null : { ...best, name, sure };
}
