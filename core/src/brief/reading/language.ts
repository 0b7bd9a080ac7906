import { tradeHits, tradeTokens } from '../trades/lexicon.js';
import type { Language } from './span.js';

const TELLING: Record<Language, string> = {
  en: 'the and of to we our is are for with you have from at please been would they but not since monday tuesday wednesday thursday friday saturday sunday',
  es: 'el la los las de del y que en con para por una nuestro nuestra somos desde muy hacemos también años estamos un al se lo nos soy lunes martes miércoles jueves viernes sábado domingo',
  fr: 'le la les de des en un que qui par et nous est sont dans avec pour une notre nos vous depuis chez sur très aussi sommes merci je ai du au ou ne pas mes mon ce cette votre lundi mardi mercredi jeudi vendredi samedi dimanche',
  de: 'der die das und wir ist sind mit für ein eine unser unsere seit nicht auch auf bei von zu im gerne bitte montag dienstag mittwoch donnerstag freitag samstag sonntag',
};
const LETTERS: Record<Language, RegExp> = { en: /(?!)/g, es: /[ñ¿¡óíáú]/gi, fr: /[çèêœàâî]/gi, de: /[ßäöü]/gi };
const sets = Object.entries(TELLING).map(
  ([language, words]) => [language as Language, new Set(words.split(' '))] as const,
);

/** How much speaks for each language: its small words, and its letters. */
function scores(source: string): Map<Language, number> {
  const words = source.toLowerCase().match(/\p{L}+/gu) ?? [];
  return new Map(
    sets.map(([language, small]) => [
      language,
      words.filter((w) => small.has(w)).length + 0.5 * Math.min(20, (source.match(LETTERS[language]) ?? []).length),
    ]),
  );
}

/** The one most speaks for, the first of equals, and how much does. */
const best = (of: ReadonlyMap<Language, number>) =>
  [...of].reduce<readonly [Language, number]>((a, b) => (b[1] > a[1] ? b : a), ['en', 0]);

/** The language a text is written in, by its small words; null where it says too little to tell. */
export function tellLanguage(source: string): Language | null {
  const [language, score] = best(scores(source));
  return score >= 2 ? language : null;
}

/** A line or two: what a trade is called there tells more than small words that are not there. */
const SHORT = 200;

/** The language of a line or two, by what a trade is called there besides; null where that tells nothing either. */
export function supposeLanguage(source: string): Language | null {
  if (source.length > SHORT) return null;
  const all = scores(source);
  for (const { language, kind, length } of tradeHits(tradeTokens(source)))
    all.set(language, all.get(language)! + (kind === 'name' ? 1.5 : 0.75) * length);
  const [language, score] = best(all);
  return score ? language : null;
}

/** The language a text is read in: English where nothing tells another. */
export const languageOf = (source: string): Language => tellLanguage(source) ?? supposeLanguage(source) ?? 'en';
