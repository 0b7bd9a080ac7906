import type { SiteLanguage } from '../../language/language.js';
import { proseOf } from '../../brief/reading/labels.js';
import { lately } from '../../brief/reading/lately.js';
import { readText } from '../../brief/reading/read-text.js';
import { sentenceAt } from '../../brief/reading/span.js';
import type { PlacedText } from '../generate/site.js';
import type { Correction, Facts, SiteDocument } from '../../model/site.js';
import { isLetter, whyEntryHeld, whyHeld, withoutQuoted, type WhyHeld } from './for-visitors.js';

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

/**
 * The sentences of a free description that can stand on a site: no greetings, wishes, questions, addresses or numbers to
 * ring, nothing that speaks of the site to be made or of what is not done. What leans on the sentence before stays with
 * it. In the client’s order.
 */
export function copySentences(description: string, language: SiteLanguage, cleared: readonly string[] = []): string[] {
  const letter = isLetter(description);
  const isCleared = clearing(cleared);
  const { spans, conflicts } = readText(description);
  // Of what speaks against itself nothing goes on the site until it is settled.
  const disputed = conflicts.flatMap((c) => c.values.flatMap((v) => v.spans));
  const notCopy = [...spans.filter((s) => NOT_FOR_VISITORS.has(s.field)), ...disputed];
  const asides = notCopy.map((s) => sentenceAt(description, s.from).text.replace(/\s+/g, ' '));
  const aside = (sentence: string) => asides.some((a) => a.includes(sentence) || sentence.includes(a.trim()));
  const units: string[] = [];
  let open = false;
  for (const raw of splitSentences(proseOf(withoutQuoted(description)))) {
    const flat = raw.replace(/\s+/g, ' ').trim();
    const leans = language.leaning.test(flat) || /^\S+ (?:also|auch|aussi|también) /i.test(flat);
    const words = flat.split(' ').length;
    const good =
      isCleared(flat) ||
      (words >= (leans ? 3 : 4) &&
        flat.length <= 400 &&
        !language.notCopy.test(flat) &&
        !NAMES_ONLY.test(flat) &&
        !aside(flat) &&
        whyHeld(flat, letter) === null);
    if (good && leans && open) units.push(`${units.pop()!} ${closed(tidySentence(flat))}`);
    else if (good && !leans) units.push(closed(tidySentence(flat)));
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

/** A sentence of the brief that is kept off the site, and why. */
export interface HeldBack {
  text: string;
  why: WhyHeld;
}

/** The mark of a sentence a person cleared for visitors, among the corrections of a reading. */
export const CLEARED = 'held';
/** What a person cleared for visitors. */
export const clearedIn = (corrections: readonly Correction[]): string[] =>
  corrections.filter((c) => c.was === CLEARED && c.is === null).map((c) => c.words);

/** Entries of the facts’ lists that came out of the client’s text and are no more for visitors than their sentence is. */
export function heldEntries(facts: Facts, cleared: readonly string[] = []): HeldBack[] {
  const isCleared = clearing(cleared);
  const source = facts.description.toLowerCase().replace(/\s+/g, ' ');
  const entries = [...facts.services.flatMap((s) => [s.name, s.detail]), ...facts.benefits];
  return entries.flatMap((text) => {
    if (!text.trim() || isCleared(text) || !source.includes(text.toLowerCase().replace(/\s+/g, ' ').trim())) return [];
    const why = whyEntryHeld(text);
    return why ? [{ text, why }] : [];
  });
}

/**
 * What of a client’s text is held back: sentences in their order, then entries of lists read from it. Nobody has cleared
 * them for visitors.
 */
export const heldBack = (facts: Facts, corrections: readonly Correction[] = []): HeldBack[] =>
  once(JSON.stringify([facts.description, facts.services, facts.benefits, corrections]), () =>
    heldIn(facts, corrections),
  );

function heldIn(facts: Facts, corrections: readonly Correction[]): HeldBack[] {
  const cleared = clearedIn(corrections);
  const letter = isLetter(facts.description);
  const isCleared = clearing(cleared);
  const sentences = splitSentences(proseOf(withoutQuoted(facts.description))).flatMap((raw): HeldBack[] => {
    const text = raw.replace(/\s+/g, ' ').trim();
    const why = isCleared(text) ? null : whyHeld(text, letter);
    return why && text.split(' ').length > 1 ? [{ text, why }] : [];
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
