import type { SiteLanguage } from '../../language/language.js';
import { lately } from '../../brief/reading/lately.js';
import { readText } from '../../brief/reading/read-text.js';
import { models } from '../../brief/reading/models.js';
import type { Language, Span } from '../../brief/reading/span.js';
import { lettersOf } from '../../brief/roles/second.js';
import { CLEARED, clearedIn, leastOpen, type ReadPiece, type Role } from '../../brief/roles/roles.js';
import type { PlacedText } from '../generate/site.js';
import type { Correction, Facts, SiteDocument } from '../../model/site.js';
import { isLetter } from '../../brief/roles/never.js';
import { heldEntries, type HeldBack } from '../../brief/to-tell.js';
import { whyHeld, type WhyHeld } from './for-visitors.js';

const NOT_FOR_VISITORS = new Set<string>([
  'wanted',
  'unwanted',
  'style',
  'colour',
  'dislike',
  'aim',
  'keyword',
  'phone',
  'mail',
  'price',
  'hours',
  'address',
]);
/** Sentences that only say what the business or its owner is called: the site does that anyway. */
const NAMES_ONLY =
  /^(?:the (?:business|company|shop|firm) is called|(?:we|it)(?:[’']re| are|[’']s| is) called|my name(?:[’']s| is)|(?:it|business|we trade) (?:=|as))\b[^.]{0,60}\.?$/i;
const capital = (s: string) => (s ? s[0]!.toUpperCase() + s.slice(1) : s);

/** A sentence of a brief as print has it: spaces, dashes, quotes and the first letter put right, no word changed. */
export const tidySentence = (sentence: string): string =>
  capital(
    sentence
      .replace(/\s+/g, ' ')
      .replace(/^[^\p{Ll}]{12,}$/u, (s) => s.toLowerCase().replace(/(?<=^|[.!?]\s)\p{L}/gu, (c) => c.toUpperCase()))
      .replace(/\*\*|__/g, '')
      .replace(/^[-*•–#>\s]+/, '')
      // “Salt & Signal here (we fix radios)”: the greeting goes, what is in the brackets stays.
      .replace(/^[^.()]{2,40}? here\s*\(((?:we|i) [^()]+)\)/i, '$1')
      .replace(/^[^.()]{2,40}? here[,:–-]\s+(?=(?:we|i)\b)/i, '')
      .replace(/^(?:what (?:i|we) do|about us|was wir machen|ce que nous faisons|lo que hacemos):\s*/i, '')
      .replace(/^(?:chers?|chères?|dear|liebe[rs]?|hola|hello|hi|bonjour|hallo)\s[^,.]{2,30},\s*/i, '')
      .replace(/ ([,.;:])/g, '$1')
      .replace(/(\p{L})'(\p{L})/gu, '$1’$2')
      .replace(/ - | -- /g, ' – ')
      .replace(/([!?]){2,}/g, '$1')
      .replace(/\bi\b(?=[ ’])/g, 'I')
      .replace(/\s*\((?:sorry|ha|haha|lol)[^)]*\)/gi, '')
      .trim(),
  );

/** A sentence that ends as one. */
const closed = (s: string) => (/[.!…]$/.test(s) ? s : `${s}.`);

/** Where one sentence ends and the next begins: a stop before a capital, an empty line, a list item. */
export const splitSentences = (text: string): string[] =>
  text
    .split(
      /\n{2,}|\n(?=[-*•–])|(?<=[.!?…][”"’»]?)(?<!\b(?:Mr|Mrs|Ms|Dr|St|Co|Ltd|No|ca|z\. ?B|Nr|bzw|M|Mme|Sr|Sra|D|Tel)\.)\s+(?=[\p{Lu}"“‘'«„¿¡\d])/u,
    )
    .flatMap((s) => s.split(/(?<=\p{Ll}{3}[.!?])\s+(?=\p{Ll})/u))
    .map((s) => s.trim())
    .filter(Boolean);

/** What the role of a piece says against showing it, in words for the list of what is held back. */
const WHY: Partial<Record<Role, WhyHeld>> = {
  wish: 'a wish',
  style: 'about the site itself',
  dont: 'a don’t',
  note: 'speaks to you',
  aside: 'an aside',
  quoted: 'what somebody said',
  unsettled: 'not settled',
  greeting: 'a greeting or a sign-off',
};
/**
 * How sure it must be that a piece is for visitors before it is copy: whatever it is beside a fact, which may be either; a
 * little less where next to nothing says that it is private, or nothing in the whole text does. Where it lies was
 * chosen on briefs no model had learned from: four of 377 of their private sentences are surer than this.
 */
const RATHER_COPY = 0.85;
const LIKE_COPY = 0.6;
const SURELY_OPEN = 0.92;
/** How open each clause of it must be. */
const LEAST_OPEN = 0.15;
const isForVisitors = ({ shares, open }: ReadPiece, copyAlone: boolean): boolean => {
  const copy = (shares['visitors'] ?? 0) / Math.max(1e-9, 1 - (shares['fact'] ?? 0));
  return copy >= RATHER_COPY || (copy >= LIKE_COPY && (copyAlone || open >= SURELY_OPEN));
};

/** How open a sentence must look by its letters alone: chosen on the same briefs; it costs a tenth of what may be shown. */
const SECOND_OPINION = 0.4;
const secondOpinion = (text: string, language: Language): number =>
  models().open.predict(lettersOf(text, language))[0]!;

/** “He will ring back the same day”: somebody else speaks of whoever does the work, and nothing here says who that is. */
const ABOUT_SOMEBODY = /(?<!\p{L})(?:he|she|him|his|hers?)(?!\p{L})/iu;
/** Somebody of whom it is said at once who they are. */
const SOMEBODY =
  /(?<!\p{L})(?:my|our|the|a|every|each) (?:\p{Ll}+ )?(?:father|mother|uncle|aunt|son|daughter|brother|sister|grandfather|grandmother|husband|wife|owner|smith|maker|master|apprentice|horse|dog|bird|customer|man|woman|child|person)(?!\p{L})/iu;
const namesSomebody = (piece: ReadPiece, spans: readonly Span[]): boolean =>
  SOMEBODY.test(piece.text) || spans.some((s) => s.field === 'person' && s.from < piece.to && piece.from < s.to);

/** A run of words nobody put stops in, as when it was dictated: facts are read from it, as a sentence it is none. */
const isDictated = (text: string): boolean =>
  /^\P{Lu}/u.test(text) && !/[,;:.!?](?:\s|$)/.test(text.slice(0, -1)) && text.split(' ').length > 16;

/** True for a sentence that can be understood by itself, or behind one that says who is spoken of. */
const standsAlone = (piece: ReadPiece, text: string, spans: readonly Span[], named: boolean): boolean =>
  !isDictated(text) && (!ABOUT_SOMEBODY.test(text) || named || namesSomebody(piece, spans));

/** What a text is: one to somebody, one in which nothing looks as if it were for anybody but visitors, or neither. */
type KindOfText = 'letter' | 'copy' | 'notes';
function kindOfText(description: string, pieces: readonly ReadPiece[]): KindOfText {
  if (isLetter(description)) return 'letter';
  const said = pieces.filter((p) => p.kind !== 'head' && p.kind !== 'label' && p.kind !== 'heading');
  return said.every((p) => p.role === 'visitors' || p.role === 'fact') ? 'copy' : 'notes';
}

const flatOf = (source: string, piece: { from: number; to: number }): string =>
  source
    .slice(piece.from, piece.to)
    .replace(/\n[>\s]*/g, ' ')
    .replace(/\s+/g, ' ')
    .trim();

/**
 * Why a piece of a client’s text is kept off the site, or null where it may stand on it: only what is for visitors with
 * high confidence, and in whose words nothing speaks against that.
 */
function whyPieceHeld(piece: ReadPiece, text: string, kind: KindOfText): WhyHeld | null {
  if (piece.open === 1 && piece.shares['visitors'] === 1) return null;
  if (piece.role !== 'visitors' && piece.role !== 'fact') return WHY[piece.role] ?? 'a scrap, not a sentence';
  if (!isForVisitors(piece, kind === 'copy')) return 'not sure to be for visitors';
  if (kind !== 'copy' && secondOpinion(text, piece.language) < SECOND_OPINION) return 'an aside';
  if (kind === 'letter' && leastOpen(piece, text, models().roles) < LEAST_OPEN) return 'an aside';
  // What only carries facts is retold from the sheet; in its own words it must be above all doubt.
  return whyHeld(text);
}

const ENDS = /[.!?…]["”»’)]?$/;
/** A line without a stop is a sentence where somebody does something in it, and else a list: “Novels, sea charts, cards”. */
const SOMEBODY_DOES =
  /(?<!\p{L})(?:we|i|you|they|he|she|it|there|that|who|is|are|wir|ich|sie|er|es|man|wer|uns|ist|sind|nous|vous|on|je|il|elle|ils|qui|est|sont|ce|yo|nosotros|se|le|les|lo|que|quien|es|son|está)(?!\p{L})/iu;

/** A bracket that opens or ends outside: the other half of the sentence is somewhere else. */
const isTorn = (text: string): boolean =>
  (text.match(/[([]/g) ?? []).length !== (text.match(/[)\]]/g) ?? []).length && !/^\s*\p{L}\)/u.test(text);

/** “Wasps 65, second nest 20.”: numbers, and nobody does anything. */
const isPriceLine = (text: string): boolean => (text.match(/\d+/g) ?? []).length >= 2 && !SOMEBODY_DOES.test(text);

/** Pieces that can be sentences of copy: lines of lists, tables and labels are facts and are told from the sheet. */
const isProse = (p: ReadPiece, text: string): boolean =>
  (p.kind === 'sentence' && !isPriceLine(text)) ||
  (p.kind === 'line' && (ENDS.test(text) || SOMEBODY_DOES.test(text))) ||
  ((p.kind === 'value' || p.kind === 'item') && text.split(' ').length >= 7 && /[.!]$/.test(text));

/**
 * The sentences of a free description that can stand on a site: no greetings, wishes, questions, addresses or numbers to
 * ring, nothing that speaks of the site to be made or of what is not done. What leans on the sentence before stays with
 * it. In the client’s order.
 */
export function copySentences(description: string, language: SiteLanguage, cleared: readonly string[] = []): string[] {
  const isCleared = clearing(cleared);
  const { spans, conflicts, pieces, tongue } = readText(description, asCorrections(cleared));
  const kind = kindOfText(description, pieces);
  // Of what speaks against itself nothing goes on the site until it is settled.
  const disputed = conflicts.flatMap((c) => c.values.flatMap((v) => v.spans));
  const notCopy = [...spans.filter((s) => NOT_FOR_VISITORS.has(s.field)), ...disputed];
  const units: string[] = [];
  let open = false;
  /** True behind a sentence on the page that says who is spoken of. */
  let named = false;
  for (const piece of pieces) {
    const flat = flatOf(description, piece);
    if (piece.kind === 'head' || piece.kind === 'label' || !flat) continue;
    const leans = language.leaning.test(flat) || /^\S+ (?:also|auch|aussi|también) /i.test(flat);
    const words = flat.split(' ').length;
    const good: boolean =
      isCleared(flat) ||
      (tongue === null &&
        isProse(piece, flat) &&
        words >= (leans ? 3 : 4) &&
        !isTorn(flat) &&
        flat.length <= 400 &&
        !language.notCopy.test(flat) &&
        standsAlone(piece, flat, spans, named) &&
        !NAMES_ONLY.test(flat) &&
        !notCopy.some((s) => s.from < piece.to && piece.from < s.to) &&
        whyPieceHeld(piece, flat, kind) === null);
    if (good && leans && open) units.push(`${units.pop()!} ${closed(tidySentence(flat))}`);
    else if (good && !leans) units.push(closed(tidySentence(flat)));
    named = good && (namesSomebody(piece, spans) || (named && ABOUT_SOMEBODY.test(flat)));
    // What leans on a sentence that stays away stays away with it.
    open = good && (open || !leans);
  }
  return units.filter((s, n, all) => all.findIndex((t) => t.toLowerCase() === s.toLowerCase()) === n);
}

const once = lately<HeldBack[]>(100);

/** Whether a sentence is among those a person cleared for visitors. */
const clearing = (cleared: readonly string[]) => {
  const known = new Set(cleared.map((s) => s.replace(/\s+/g, ' ').trim()));
  return (sentence: string) => known.has(sentence.replace(/\s+/g, ' ').trim());
};

export { CLEARED, clearedIn, type HeldBack };

/** What was cleared, as corrections of a reading. */
const asCorrections = (cleared: readonly string[]): Correction[] =>
  cleared.map((words) => ({ words: words.slice(0, 600), was: CLEARED, is: null }));

/**
 * What of a client’s text is held back: sentences in their order, then entries of lists read from it. Nobody has cleared
 * them for visitors.
 */
export const heldBack = (facts: Facts, corrections: readonly Correction[] = []): HeldBack[] =>
  once(
    JSON.stringify([
      facts.description,
      facts.services,
      facts.benefits,
      facts.memberships,
      facts.people,
      facts.events,
      facts.apart,
      corrections,
    ]),
    () => heldIn(facts, corrections),
  );

function heldIn(facts: Facts, corrections: readonly Correction[]): HeldBack[] {
  const cleared = clearedIn(corrections);
  const isCleared = clearing(cleared);
  const { pieces, spans, conflicts, tongue } = readText(facts.description, asCorrections(cleared));
  const kind = kindOfText(facts.description, pieces);
  const disputed = conflicts.flatMap((c) => c.values.flatMap((v) => v.spans));
  let named = false;
  const sentences = pieces.flatMap((piece): HeldBack[] => {
    const text = flatOf(facts.description, piece);
    if (
      piece.kind === 'head' ||
      piece.kind === 'label' ||
      piece.kind === 'heading' ||
      text.split(' ').length < 2 ||
      isCleared(text)
    )
      return [];
    if (tongue) return isProse(piece, text) ? [{ text, why: 'in a language that is not read' }] : [];
    const held = whyPieceHeld(piece, text, kind);
    // Its words are held back, and what they say stands in the facts.
    const told = piece.role === 'fact' && spans.some((s) => s.from < piece.to && piece.from < s.to);
    const why = held === 'not sure to be for visitors' && told ? 'told as a fact' : held;
    const alone = standsAlone(piece, text, spans, named);
    named = !why && alone && (namesSomebody(piece, spans) || (named && ABOUT_SOMEBODY.test(text)));
    // What no page takes although nothing speaks against it waits here too: half a bracket, one of two years.
    const waits = !alone || isTorn(text) || disputed.some((s) => s.from < piece.to && piece.from < s.to);
    if (!why && isProse(piece, text) && waits) return [{ text, why: 'not settled' }];
    return why && why !== 'a scrap, not a sentence' ? [{ text, why }] : [];
  });
  return [...sentences, ...heldEntries(facts, cleared)];
}

/** The texts of a site that say what is held back: written before it was, or put there by hand. */
export function heldOnPages(
  document: SiteDocument,
  texts: readonly PlacedText[],
): { text: PlacedText; held: HeldBack }[] {
  const key = (s: string) =>
    s
      .toLowerCase()
      .replace(/[^\p{L}\p{N}]+/gu, ' ')
      .trim();
  const held = heldBack(document.facts, document.corrections)
    .map((h) => ({ h, words: key(h.text) }))
    .filter(({ words }) => words.split(' ').length >= 4);
  return texts.flatMap((text) => {
    // Words a person wrote or vouched for are theirs.
    if (text.text.from.kind === 'designer' || text.text.from.kind === 'client') return [];
    const said = key(text.text.value);
    const found = said ? held.find(({ words }) => said.includes(words)) : undefined;
    return found ? [{ text, held: found.h }] : [];
  });
}
