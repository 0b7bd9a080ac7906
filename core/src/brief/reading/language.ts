import type { Language } from './span.js';

const TELLING: Record<Language, string> = {
  en: 'the and of to we our is are for with you have from at please been would they but not since',
  es: 'el la los las de del y que en con para por una nuestro nuestra somos desde muy hacemos también años estamos un al se lo nos soy',
  fr: 'le la les des et nous est sont dans avec pour une notre nos vous depuis chez sur très aussi sommes merci je ai du au ou ne pas mes mon ce cette votre',
  de: 'der die das und wir ist sind mit für ein eine unser unsere seit nicht auch auf bei von zu im gerne bitte',
};
const LETTERS: Record<Language, RegExp> = { en: /(?!)/g, es: /[ñ¿¡óíáú]/gi, fr: /[çèêœàâî]/gi, de: /[ßäöü]/gi };
const sets = Object.entries(TELLING).map(
  ([language, words]) => [language as Language, new Set(words.split(' '))] as const,
);

/** The language a text is written in, by its small words; null where it says too little to tell. */
export function tellLanguage(source: string): Language | null {
  const words = source.toLowerCase().match(/\p{L}+/gu) ?? [];
  let best: { language: Language; score: number } = { language: 'en', score: 0 };
  for (const [language, small] of sets) {
    const score =
      words.filter((w) => small.has(w)).length + 0.5 * Math.min(20, (source.match(LETTERS[language]) ?? []).length);
    if (score > best.score) best = { language, score };
  }
  return best.score >= 2 ? best.language : null;
}

/** The language a text is read in: English where it says too little to tell. */
export const languageOf = (source: string): Language => tellLanguage(source) ?? 'en';
