import type { Language } from '../../brief/reading/span.js';
import { splitSentences } from './sentences.js';

/** Syllables of a word: its groups of vowels, without the silent e at the end of English and French words. */
export function syllables(word: string, language: Language): number {
  let w = word.toLowerCase();
  if (language === 'en') w = w.replace(/(?<=[^aeiouy]|[aeiou][^aeiou])(?:e|es|ed)$/, '').replace(/^y/, '');
  if (language === 'fr') w = w.replace(/(?<=\p{L}{2})(?:e|es|ent)$/u, '');
  const groups =
    language === 'es'
      ? w.match(/[aeoáéíóú]|[iuü]+(?![aeoáéó])/g)
      : w.match(language === 'de' ? /ei|ie|eu|äu|au|[aeiouäöüy]/g : /[aeiouyàâäéèêëîïôöùûüœ]+/g);
  return Math.max(1, groups?.length ?? 1);
}

export interface Measured {
  words: number;
  sentences: number;
  /** Reading ease, about 0 (hard) to 100 (easy). */
  ease: number;
}

/**
 * How easily a text reads: the Flesch formula for English, Amstad’s for German, Kandel and Moles’ for French, Fernández
 * Huerta’s for Spanish. Of a few words it says little.
 */
export function readingEase(text: string, language: Language): Measured {
  const words = text.match(/[\p{L}’'-]+/gu) ?? [];
  const sentences = Math.max(1, splitSentences(text).length);
  const count = Math.max(1, words.length);
  const perSentence = count / sentences;
  const perWord = words.reduce((sum, w) => sum + syllables(w, language), 0) / count;
  const ease = {
    en: 206.835 - 1.015 * perSentence - 84.6 * perWord,
    de: 180 - perSentence - 58.5 * perWord,
    fr: 207 - 1.015 * perSentence - 73.6 * perWord,
    es: 206.84 - 1.02 * perSentence - 60 * perWord,
  }[language];
  return { words: words.length, sentences, ease };
}
