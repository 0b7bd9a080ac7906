import type { Correction, Facts, SiteDocument } from '../model/site.js';
import { withoutGuess } from './confirm.js';
import { models } from './reading/models.js';
import { languageOf } from './reading/language.js';
import { isLetter, NEVER, OURS_ALONE, type WhyHeld } from './roles/never.js';
import { lettersOf } from './roles/second.js';
import { clearedIn } from './roles/roles.js';

/** Something of the client’s text that is kept off the site, and why. */
export interface HeldBack {
  text: string;
  why: WhyHeld;
}

/**
 * Why an entry of a list (a service, what people gain, somebody’s role) is held back, or null. Trades name pages, pictures and
 * colours in what they do: of those nothing is concluded here.
 */
export function whyEntryHeld(entry: string): WhyHeld | null {
  if (/[?~"“”„]|@|(?<![\p{L}])(?:NOT|NO|NEVER|DON[’']?T)(?![\p{L}])/u.test(entry)) return 'speaks to you';
  for (const [why, pattern] of NEVER) if (why !== 'about the site itself' && pattern.test(entry)) return why;
  return OURS_ALONE.test(entry) ? 'a don’t' : null;
}

/** The words of a text, small and with nothing between them but a space. */
const bare = (text: string): string =>
  text
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();

/** Words of a cleared sentence as they are compared. */
const flat = (s: string): string => s.replace(/\s+/g, ' ').trim();

/** What of the lists of the facts a visitor would read. */
const entriesOf = (facts: Facts): string[] => [
  ...facts.services.flatMap((s) => [s.name, s.detail, s.group ?? '']),
  ...facts.benefits,
  ...facts.memberships,
  ...facts.people.flatMap((p) => [p.role, p.about ?? '']),
  ...facts.events.map((e) => e.name),
  facts.apart,
];

/** Heads of columns in which whoever keeps a list writes what comes to mind: for customers, or for the stockroom. */
const NOTES_HEAD =
  /^(?:notes?|comments?|remarks?|bemerkung(?:en)?|anmerkung(?:en)?|notiz(?:en)?|hinweise?|remarques?|observations?|commentaires?|notas?|observaciones|comentarios?)$/iu;
/** What only the stockroom needs to know: too many of it, who owes, who supplies, with whom to be careful. */
const STOCKROOM =
  /(?<!\p{L})(?:overstock\p{L}*|get rid|to clear|push (?:these|this)|suppliers?|owe[sd]?|margin|mark-?up|cost price|cash up ?front|vorkasse|schulde[tn]|lieferant\p{L}*|überbestand|einkaufspreis|(?:bei|für|von|an) (?:familie|herrn?|frau) \p{L}+|fournisseurs?|surstock|nous doit|marge|prix d[’']achat|proveedor(?:es)?|nos deben?|margen|precio de compra)(?!\p{L})/iu;

/** The cells of the notes of a sheet, where one of them, or a line beside its lines, is for the stockroom: then all may be. */
function notesOfStockroom(description: string): Set<string> {
  const held = new Set<string>();
  const rows = description.split('\n').map((line) =>
    /^\s*\|.*\|\s*$/.test(line)
      ? line
          .trim()
          .slice(1, -1)
          .split('|')
          .map((c) => c.trim())
      : null,
  );
  let notes = -1;
  let cells: string[] = [];
  let loose: string[] = [];
  const close = () => {
    const ours = (text: string) => STOCKROOM.test(text) || whyEntryHeld(text) !== null;
    if ([...cells, ...loose].some(ours)) for (const cell of cells) held.add(bare(cell));
    notes = -1;
    cells = [];
    loose = [];
  };
  for (const row of rows) {
    if (row?.some((c) => NOTES_HEAD.test(c))) {
      close();
      notes = row.findIndex((c) => NOTES_HEAD.test(c));
    } else if (row && notes >= 0) {
      if (row[notes]) cells.push(row[notes]!);
      if (row.filter(Boolean).length === 1) loose.push(row.find(Boolean)!);
    }
  }
  close();
  return held;
}

/** Entries of the facts that came out of the client’s text and are no more for visitors than their sentence is. */
export function heldEntries(facts: Facts, cleared: readonly string[] = []): HeldBack[] {
  if (!facts.description.trim()) return [];
  const known = new Set(cleared.map(flat));
  const source = bare(facts.description);
  // What was read out of a row of a table stands there in parts.
  const fromText = (text: string) => text.split(/[;.:()·|–—]+/u).every((part) => source.includes(bare(part)));
  const letter = isLetter(facts.description);
  const language = languageOf(facts.description);
  const stockroom = notesOfStockroom(facts.description);
  const isOfStockroom = (text: string) => text.split(/[;·]/u).some((part) => stockroom.has(bare(part)));
  const looksPrivate = (text: string) => models().open.predict(lettersOf(text, language))[0]! < LEAST_OPEN;
  return entriesOf(facts).flatMap((text) => {
    if (!text.trim() || known.has(flat(text)) || !fromText(text)) return [];
    const why = whyEntryHeld(text);
    if (why) return [{ text, why }];
    if (stockroom.size && isOfStockroom(text)) return [{ text, why: 'an aside' as const }];
    return letter && TELLS.test(text) && looksPrivate(text) ? [{ text, why: 'an aside' as const }] : [];
  });
}
/** An entry in which somebody does something says more than what there is. */
const TELLS =
  /(?<!\p{L})(?:i|we|he|she|they|it|you|is|are|was|were|still|says?|if|ich|wir|er|sie|es|ist|sind|war|heißt|dass|wenn|j[’']|il|elle|nous|est|sont|eso|soy|somos|que)(?!\p{L})/iu;
/** How open an entry must look by its letters, where the text is one to somebody. */
const LEAST_OPEN = 0.3;

const lately = new WeakMap<Facts, { corrections: string; told: Facts }>();
/**
 * The facts as a site may tell them, on its pages and to search engines: without a trade that was only guessed at, and
 * without what is held back. The same object for the same facts.
 */
export function factsToTell(document: Pick<SiteDocument, 'facts' | 'corrections'>): Facts {
  const corrections = JSON.stringify(document.corrections);
  const known = lately.get(document.facts);
  if (known?.corrections === corrections) return known.told;
  const told = withoutHeld(withoutGuess(document), document.corrections);
  lately.set(document.facts, { corrections, told });
  return told;
}

/** The facts without what is held back of their lists; the same object where nothing is. */
export function withoutHeld(facts: Facts, corrections: readonly Correction[]): Facts {
  const held = new Set(heldEntries(facts, clearedIn(corrections)).map((h) => h.text));
  if (!held.size) return facts;
  const open = (text: string) => (held.has(text) ? '' : text);
  return {
    ...facts,
    services: facts.services
      .filter((s) => !held.has(s.name))
      .map(({ group, ...s }) => ({ ...s, ...(group && open(group) && { group }), detail: open(s.detail) })),
    benefits: facts.benefits.filter((b) => !held.has(b)),
    memberships: facts.memberships.filter((m) => !held.has(m)),
    people: facts.people.map((p) => ({ ...p, role: open(p.role), ...(p.about && { about: open(p.about) }) })),
    events: facts.events.filter((e) => !held.has(e.name)),
    apart: open(facts.apart),
  };
}
