import { language as british } from '../en-GB/language.js';
import type { FixedWords, Patterns, SiteLanguage } from '../language.js';

/** What American English spells or says differently, whole words only. */
export const AMERICAN: readonly (readonly [RegExp, string])[] = [
  [/\bcolour/g, 'color'],
  [/\bColour/g, 'Color'],
  [/\bharbour/g, 'harbor'],
  [/\bHarbour(?=s?\b(?! [A-Z]))/g, 'Harbor'],
  [/\bgrey/g, 'gray'],
  [/\bcentre\b/g, 'center'],
  [/\bmetre(s?)\b/g, 'meter$1'],
  [/\btyre(s?)\b/g, 'tire$1'],
  [/\bcheque(s?)\b/g, 'check$1'],
  [/\bmould(s?|ed|ing)\b/g, 'mold$1'],
  [/\bplough/g, 'plow'],
  [/\benquir/g, 'inquir'],
  [/\bEnquir/g, 'Inquir'],
  [/\bendeavour/g, 'endeavor'],
  [/\bneighbour/g, 'neighbor'],
  [/\bfavour/g, 'favor'],
  [/\borganis/g, 'organiz'],
  [/\brecognis/g, 'recogniz'],
  [/\bspecialis/g, 'specializ'],
  [/\bjewellery\b/g, 'jewelry'],
  [/\bcatalogue/g, 'catalog'],
  [/\btravell/g, 'travel'],
  [/\blabell/g, 'label'],
  [/\bmodell/g, 'model'],
  [/\bRing (?=[+(\d]|the|us|me|[A-Z]|before)/g, 'Call '],
  [/\bring (?=[+(\d]|us\b|me\b|before)/g, 'call '],
  [/\bRing, write\b/g, 'Call, write'],
  [/\bRing or write\b/g, 'Call or write'],
  [/\bGive (us|me) a ring\b/g, 'Give $1 a call'],
  [/\bgo on, ring\b/g, 'go ahead, call'],
  [/\bTelephone (?=[+(\d])/g, 'Call '],
  [/\bRing (?=\{phone)/g, 'Call '],
  [/\bring (?=\{phone)/g, 'call '],
  [/\bin the hands of\b/g, 'run by'],
  [/\bhave a look\b/gi, 'take a look'],
  [/\bHave a word\b/g, 'Have a talk'],
  [/\bby night\b/g, 'at night'],
];

/** A text in American spelling. Names are left alone: the patterns are tried on what the house writes, never on the brief. */
export const american = (text: string): string =>
  AMERICAN.reduce((now, [pattern, to]) => now.replace(pattern, to), text);

const deep = <T>(value: T): T =>
  (typeof value === 'string'
    ? american(value)
    : typeof value === 'function'
      ? (...args: unknown[]) => american((value as (...a: unknown[]) => string)(...args))
      : Array.isArray(value)
        ? value.map(deep)
        : typeof value === 'object' && value !== null
          ? Object.fromEntries(Object.entries(value).map(([k, v]) => [k, deep(v as unknown)]))
          : value) as T;

const patterns: Patterns = deep(british.patterns);
const words: FixedWords = {
  ...deep(british.words),
  reach: 'Call or write',
  optional: 'optional',
  form: { name: 'Your name', mail: 'Email', phone: 'Phone', message: 'Message' },
  imprint: { ...deep(british.words.imprint), label: 'Legal notice', mail: 'Email: ' },
};

export const language: SiteLanguage = {
  ...british,
  tag: 'en-US',
  name: 'English (American)',
  locale: 'en_US',
  countries: ['US', 'GB'],
  words,
  patterns,
  families: deep(british.families),
  ways: deep(british.ways),
  filled: deep(british.filled),
  date: (day, month) => `${month} ${day}`,
  dayRange: (from, to) => `${from}–${to}`,
  until: ' – ',
  time: (minutes) => {
    const hour = Math.floor(minutes / 60) % 24;
    const rest = minutes % 60;
    return `${hour % 12 || 12}${rest ? `:${String(rest).padStart(2, '0')}` : ''} ${hour < 12 ? 'am' : 'pm'}`;
  },
  list: (items) => (items.length < 3 ? items.join(' and ') : `${items.slice(0, -1).join(', ')}, and ${items.at(-1)!}`),
  edits: { ...british.edits, formalWords: deep(british.edits.formalWords), plainWords: deep(british.edits.plainWords) },
};
