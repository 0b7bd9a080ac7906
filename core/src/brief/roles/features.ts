import type { Piece } from '../layout/pieces.js';
import type { Language } from '../reading/span.js';
import { CUES, HEADED } from './cues.js';

const SHAPES: [string, RegExp][] = [
  ['?', /\?/],
  ['!', /!/],
  ['!!', /!!/],
  ['…', /…|\.\.\./],
  ['()', /\(.*\)/s],
  ['(all)', /^\(.*\)\.?$/s],
  ['money', /[£€$]\s?\d|\d\s?(?:€|eur|£|pounds?|euros?|pesos?)/i],
  ['phone', /\+?\d[\d ()/.-]{7,}\d/],
  ['mail', /@/],
  ['time', /\d[.:h]\d\d|\d\s?(?:am|pm|uhr|h)\b|\d\s?[–-]\s?\d/i],
  ['year', /\b(?:1[6-9]|20)\d\d\b/],
  ['number', /\d/],
  ['postcode', /\b[A-Z]{1,2}\d[A-Z\d]?\s?\d[A-Z]{2}\b|\b\d{5}\b/],
  ['CAPS', /(?<!\p{L})\p{Lu}{3,}(?!\p{L})/u],
  ['lower', /^\p{Ll}/u],
  ['name', /\p{Ll}\s\p{Lu}\p{Ll}+\s\p{Lu}\p{Ll}+/u],
  ['ends', /[.!?]["”»)]*$/],
  ['dash', /\s[–—-]\s/],
];

/** Cues of what is said in letters. */
const OF_LETTERS = new Set(
  ['greeting', 'site', 'you', 'ask', 'wish', 'dont', 'unsettled', 'colour', 'quoted'].map((c) => `c:${c}`),
);
/** How sentences begin that speak of a business, and some others. */
const BEGINNINGS: [string, RegExp][] = [
  ['we', /^(?:we|wir|nous|on|nosotr[oa]s|(?:somos|hacemos|tenemos|estamos|trabajamos|vendemos|arreglamos))(?!\p{L})/iu],
  ['i', /^(?:i|ich|je|j[’']|yo)(?!\p{L})/iu],
  ['our', /^(?:our|my|unsere?\p{L}*|meine?\p{L}*|notre|nos|mon|ma|mes|nuestr\p{L}+|mi|mis)(?!\p{L})/iu],
  [
    'each',
    /^(?:each|every|everything|all|everybody|anybody|nobody|jede\p{L}*|alle\p{L}*|wer|niemand|chaque|tout\p{L}*|personne|cada|tod[oa]s?|nadie)(?!\p{L})/iu,
  ],
  ['the', /^(?:the|a|an|it|there|der|die|das|ein\p{L}*|es|le|la|les|l[’']|un|une|il|el|los|las|una)(?!\p{L})/iu],
  ['he', /^(?:he|she|they|er|sie|elle|ils|[ée]l|ella)(?!\p{L})/iu],
];

const PREFIX = 5;
const wordsIn = (text: string): string[] =>
  text
    .toLowerCase()
    .normalize('NFC')
    .match(/[\p{L}]+(?:[’'][\p{L}]+)?|\d+/gu) ?? [];
const cut = (word: string) => (/^\d/.test(word) ? '#' : word.replace(/’/g, "'").slice(0, PREFIX + 1));

/** What is to be known of a piece on its own: words, cues, shapes, what it stands under. `t:` marks are told apart by language. */
function ownFeatures(piece: Piece, language: Language): string[] {
  const words = wordsIn(piece.text);
  const out: string[] = [`k:${piece.kind}`, `s:${piece.speaker}`, `d:${Math.min(2, piece.depth)}`, `l:${language}`];
  out.push(
    `n:${words.length < 3 ? words.length : words.length < 6 ? '3' : words.length < 12 ? '6' : words.length < 25 ? '12' : '25'}`,
  );
  for (const [name, pattern] of Object.entries(CUES)) if (pattern.test(piece.text)) out.push(`c:${name}`);
  for (const [name, pattern] of SHAPES) if (pattern.test(piece.text)) out.push(`h:${name}`);
  // What says nothing that is said to a designer is mostly said to everybody.
  if (!out.some((f) => OF_LETTERS.has(f))) {
    const begins = BEGINNINGS.find(([, p]) => p.test(piece.text))?.[0] ?? 'else';
    out.push(
      'plain',
      `plain&${begins}`,
      `plain&k:${piece.kind}`,
      `plain&${/[.!?]["”»’)]*$/.test(piece.text) ? 'ends' : 'open'}`,
    );
    if (CUES['first']!.test(piece.text)) out.push('plain&c:first', `plain&c:first&${begins}`);
  }
  const said = new Set<string>();
  for (const [n, w] of words.entries()) {
    said.add(`w:${cut(w)}`);
    if (n > 0) said.add(`b:${cut(words[n - 1]!)}_${cut(w)}`);
  }
  out.push(...said);
  if (words[0]) out.push(`f:${cut(words[0])}`, `f2:${cut(words[0])}_${cut(words[1] ?? '')}`);
  if (words.length) out.push(`e:${cut(words.at(-1)!)}`);
  const over = `${piece.label} ${piece.under}`.trim();
  if (piece.label)
    for (const [name, pattern] of Object.entries(HEADED)) if (pattern.test(piece.label)) out.push(`lb:${name}`);
  if (piece.under)
    for (const [name, pattern] of Object.entries(HEADED)) if (pattern.test(piece.under)) out.push(`u:${name}`);
  for (const w of wordsIn(over).slice(0, 8)) out.push(`o:${cut(w)}`);
  if (!over) out.push('o:-');
  return out;
}

/** Pairs of cues, which say more together than each: a “no” about the site is a don’t, a “no” about the trade is not. */
function pairs(features: readonly string[]): string[] {
  const cues = features.filter((f) => /^(?:c|lb|u|k|s):/.test(f) || /^h:(?:\?|money|time|phone)$/.test(f));
  const out: string[] = [];
  for (let a = 0; a < cues.length; a++) for (let b = a + 1; b < cues.length; b++) out.push(`${cues[a]!}&${cues[b]!}`);
  return out;
}

/** The features of every piece of a text, with what its neighbours show. */
export function featuresOf(pieces: readonly Piece[], languages: readonly Language[]): string[][] {
  const own = pieces.map((p, n) => ownFeatures(p, languages[n]!));
  const shared = (n: number, mark: string) =>
    (own[n] ?? [`${mark}:none`]).filter((f) => /^(?:c|h|k):/.test(f)).map((f) => `${mark}${f}`);
  return own.map((features, n) => {
    const place = pieces.length < 2 ? 0 : n / (pieces.length - 1);
    return [
      ...features,
      ...pairs(features),
      ...shared(n - 1, '<'),
      ...shared(n + 1, '>'),
      `p:${n < 2 ? 'first' : n >= pieces.length - 2 ? 'last' : place < 0.34 ? 'a' : place < 0.67 ? 'b' : 'c'}`,
    ];
  });
}
