import type { Random } from '../../ground/random.js';
import type { Edits, SiteLanguage } from '../../language/language.js';
import { splitSentences } from '../writer/sentences.js';
import { capital } from '../writer/slots.js';

const escapeForRegExp = (s: string) => s.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
const whole = (phrase: string) =>
  new RegExp(
    `(?<![\\p{L}’])${escapeForRegExp(phrase).replace(/’/g, "[’']").replace(/ /g, '\\s+')}(?![\\p{L}’])`,
    'giu',
  );

/** Puts one phrase in the place of another, whole words only, keeping a capital at the front. */
export const swap = (text: string, from: string, to: string): string =>
  text.replace(whole(from), (found) => (/^\p{Lu}/u.test(found) && found !== 'I' ? capital(to) : to));

/** A text after words were taken out of it: spaces, commas and capitals put right. */
export const mended = (text: string): string =>
  text
    .replace(/[ \t]+/g, ' ')
    .replace(/ ([,.;:!?])/g, '$1')
    .replace(/,(?=[,.;!?])/g, '')
    .replace(/(^|[.!?…]\s+)\p{Ll}/gu, (s) => s.toUpperCase())
    .trim();

/** Takes out words that can go without loss. */
export const withoutFillers = (text: string, edits: Edits): string =>
  mended(
    edits.fillers.reduce((now, filler) => now.replace(new RegExp(`${whole(filler).source},?\\s*`, 'giu'), ''), text),
  );

/** Roundabout phrases said shortly. */
export const concise = (text: string, edits: Edits): string =>
  mended(edits.concise.reduce((now, [long, short]) => swap(now, long!, short!), text));

export const contracted = (text: string, edits: Edits): string =>
  edits.contractions.reduce((now, [short, full]) => swap(now, full!, short!), text);
export const written = (text: string, edits: Edits): string =>
  edits.contractions.reduce((now, [short, full]) => swap(now, short!, full!), text);

/** Each word of a list by the one that can stand in its place. */
export const inWords = (text: string, pairs: readonly (readonly string[])[]): string =>
  pairs.reduce((now, [from, to]) => swap(now, from!, to!), text);

/** Long sentences at their joints: each part that can stand alone becomes a sentence. */
export function splitAtJoints(text: string, edits: Edits, longerThan: number): string {
  return splitSentences(text)
    .map((sentence) => {
      if (sentence.split(/\s+/).length <= longerThan) return sentence;
      for (const [joint, start] of edits.splits) {
        const at = sentence.indexOf(joint);
        const left = sentence.slice(0, at);
        const right = sentence.slice(at + joint.length);
        if (at > 0 && left.split(/\s+/).length >= 4 && right.split(/\s+/).length >= 3)
          return `${left.replace(/[,;]$/, '')}. ${start ? `${start}${right}` : capital(right)}`;
      }
      return sentence;
    })
    .join(' ');
}

/** Neighbours that begin alike as one sentence: “We mend boats. We build masts.” */
export function joinAlike(text: string, language: SiteLanguage): string {
  if (language.reading !== 'en') return text;
  return text.replace(
    /\b(We|I) ([^.!?,;]{6,60})\. \1 (?!am\b|are\b|have been\b)(\p{Ll}[^.!?,;]{3,60})\./gu,
    '$1 $2 and $3.',
  );
}

const ARTICLE =
  /^(?:the|a|an|our|my|your|der|die|das|den|ein|eine|unsere|les|des|le|la|l’|un|une|nos|los|las|el|una|unos|unas|nuestros|nuestras)$/i;

/** The enumeration of a sentence as points; null where there is none of three and more. */
export function asPoints(text: string, language: SiteLanguage): string | null {
  const and = { en: 'and|or', es: 'y|e|o', fr: 'et|ou', de: 'und|oder' }[language.reading];
  const list = new RegExp(
    `^([^,.:;–]{6,90})((?:, [^,.:;–]{2,40}){1,11}),? (?:${and}) ([^,.:;–]{2,50})(, [^.]{4,120})?([.!])$`,
    'u',
  );
  const sentences = splitSentences(text);
  for (const [n, sentence] of sentences.entries()) {
    const m = list.exec(sentence);
    if (!m) continue;
    const others = [...m[2]!.slice(2).split(', '), m[3]!].map((i) => i.trim());
    const most = Math.max(...others.map((i) => i.split(' ').length));
    const head = m[1]!.trim().split(' ');
    // The first thing is as long as the longest of the others, with the article before it.
    const first = head.splice(-Math.min(most, head.length - 2));
    if (ARTICLE.test(head.at(-1) ?? '')) first.unshift(head.pop()!);
    if (head.length < 2 || most > 6) continue;
    const before = [...sentences.slice(0, n), head.join(' ')].join(' ');
    const after = [m[4] ? capital(`${m[4].slice(2)}.`) : '', ...sentences.slice(n + 1)].filter(Boolean).join(' ');
    return `${before}:\n${[first.join(' '), ...others].map((i) => `• ${i}`).join('\n')}${after ? `\n• ${after}` : ''}`;
  }
  if (sentences.length < 3) return null;
  return `${sentences[0]!}\n${sentences
    .slice(1)
    .map((s) => `• ${s}`)
    .join('\n')}`;
}

/** The same said otherwise: a few phrases for their equals, and a time or place from the end to the front. */
export function otherwise(text: string, language: SiteLanguage, random: Random): string {
  const { edits } = language;
  let now = text;
  for (const [a, b] of edits.same) {
    // The word that is there goes; where it only came out of another swap it stays.
    const [from, to] = whole(a!).test(text) ? [a!, b!] : [b!, a!];
    if (whole(from).test(text) && random.next() < 0.75) now = swap(now, from, to);
  }
  if (language.reading === 'en')
    now = splitSentences(now)
      .map((s) => {
        const m =
          /^((?:We|I|The|It|Our|My)\b[^,;:]{8,90}) ((?:since \d{4}|in (?:winter|summer|spring|autumn)|every (?:day|week|month|year|winter|summer|spring|autumn)))\.$/u.exec(
            s,
          );
        return m && random.next() < 0.8
          ? `${capital(m[2]!)}, ${/^I\b/.test(m[1]!) ? m[1]! : m[1]![0]!.toLowerCase() + m[1]!.slice(1)}.`
          : s;
      })
      .join(' ');
  if (now === text) {
    const contractions = contracted(text, edits);
    now = contractions === text ? written(text, edits) : contractions;
  }
  return now;
}

/** What tells a dictionary: whether a word is in it, and what it might have been. */
export interface Spelling {
  correct(word: string): boolean;
  suggest(word: string): string[];
}

/** How many letters differ between two words, Damerau and Levenshtein’s way. */
export function editDistance(a: string, b: string): number {
  const rows: number[][] = [Array.from({ length: b.length + 1 }, (_, n) => n)];
  for (let i = 1; i <= a.length; i++) {
    const row = [i];
    for (let j = 1; j <= b.length; j++) {
      const same = a[i - 1] === b[j - 1] ? 0 : 1;
      row[j] = Math.min(rows[i - 1]![j]! + 1, row[j - 1]! + 1, rows[i - 1]![j - 1]! + same);
      if (i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1])
        row[j] = Math.min(row[j]!, rows[i - 2]![j - 2]! + 1);
    }
    rows.push(row);
  }
  return rows[a.length]![b.length]!;
}

/** Words the dictionary does not know put right where one suggestion is near; names and words of the facts stay. */
export function spelled(text: string, spelling: Spelling, known: (word: string) => boolean, names: boolean): string {
  return text.replace(/[\p{L}][\p{L}’'-]*/gu, (word, at: number) => {
    const plain = word.replace(/’/g, "'");
    const opens = at === 0 || /[.!?…:]\s*$/.test(text.slice(0, at));
    if (word.length < 3 || spelling.correct(plain) || spelling.correct(plain.replace(/'s$/, '')) || known(word))
      return word;
    if (/^\p{Lu}/u.test(word) && !opens && !names) return word;
    const lower = plain.toLowerCase();
    if (spelling.correct(lower)) return opens ? capital(lower) : word;
    const best = spelling
      .suggest(names ? plain : lower)
      .slice(0, 6)
      .map((s) => ({ s, d: editDistance(lower, s.toLowerCase()) }))
      .sort((x, y) => x.d - y.d)[0];
    if (!best || best.d > (word.length > 6 ? 2 : 1)) return word;
    const said = best.s.replace(/'/g, '’');
    return /^\p{Lu}/u.test(word) ? capital(said) : said;
  });
}
