import type { SiteLanguage } from '../languages/language.js';
import { proseOf } from '../reading/labels.js';
import { readText } from '../reading/read-text.js';
import { sentenceAt } from '../reading/span.js';

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
export function copySentences(description: string, language: SiteLanguage): string[] {
  const { spans, conflicts } = readText(description);
  // Of what speaks against itself nothing goes on the site until it is settled.
  const disputed = conflicts.flatMap((c) => c.values.flatMap((v) => v.spans));
  const notCopy = [...spans.filter((s) => NOT_FOR_VISITORS.has(s.field)), ...disputed];
  const asides = notCopy.map((s) => sentenceAt(description, s.from).text.replace(/\s+/g, ' '));
  const aside = (sentence: string) => asides.some((a) => a.includes(sentence) || sentence.includes(a.trim()));
  const units: string[] = [];
  let open = false;
  for (const raw of splitSentences(proseOf(description))) {
    const flat = raw.replace(/\s+/g, ' ').trim();
    const leans = language.leaning.test(flat) || /^\S+ (?:also|auch|aussi|también) /i.test(flat);
    const words = flat.split(' ').length;
    const good =
      words >= (leans ? 3 : 4) &&
      flat.length <= 400 &&
      !language.notCopy.test(flat) &&
      !NAMES_ONLY.test(flat) &&
      !aside(flat);
    if (good && leans && open) units.push(`${units.pop()!} ${closed(tidySentence(flat))}`);
    else if (good && !leans) units.push(closed(tidySentence(flat)));
    // What leans on a sentence that stays away stays away with it.
    open = good && (open || !leans);
  }
  return units.filter((s, n, all) => all.findIndex((t) => t.toLowerCase() === s.toLowerCase()) === n);
}
