import { francAll } from 'franc-min';

/** The ISO 639-3 codes of the languages a brief is read and a site written in. */
const READ = new Set(['eng', 'deu', 'fra', 'spa']);
/** Of a text in Latin letters so many of them tell what it is in; a script of its own tells sooner. */
const LEAST_LETTERS = 60;
const LEAST_IN_SCRIPT = 12;
/** How much nearer a text must be to another language than to the nearest of those that are read. */
const NEAREST = 0.96;
/** How much of what is read as a language goes into telling it: more makes it no surer. */
const MOST = 1500;

/** Scripts that stand for one language, or nearly. */
const SCRIPTS: readonly (readonly [string, RegExp])[] = [
  ['ja', /[\p{Script=Hiragana}\p{Script=Katakana}]/gu],
  ['ko', /\p{Script=Hangul}/gu],
  ['zh', /\p{Script=Han}/gu],
  ['he', /\p{Script=Hebrew}/gu],
  ['el', /\p{Script=Greek}/gu],
  ['th', /\p{Script=Thai}/gu],
  ['ka', /\p{Script=Georgian}/gu],
  ['hy', /\p{Script=Armenian}/gu],
];
const RIGHT_TO_LEFT = new Set(['ar', 'arc', 'ckb', 'dv', 'fa', 'he', 'ps', 'sd', 'ug', 'ur', 'yi']);
const LATIN = /\p{Script=Latin}/gu;

const count = (text: string, pattern: RegExp): number => text.match(pattern)?.length ?? 0;

/**
 * The language of a text that is none of those the reader knows, as a language tag after BCP 47; null where it is one of
 * them, or says too little to tell.
 */
export function tongueOf(text: string): string | null {
  const said = text.slice(0, MOST).replace(/\S*@\S*|https?:\S*|[\d|#*_>-]+/g, ' ');
  const letters = count(said, /\p{L}/gu);
  const latin = count(said, LATIN);
  const inScript = latin < letters / 2;
  if (letters < (inScript ? LEAST_IN_SCRIPT : LEAST_LETTERS)) return null;
  if (inScript)
    for (const [tag, script] of SCRIPTS) if (count(said, script) > letters * (tag === 'ja' ? 0.1 : 0.4)) return tag;
  const all = francAll(said, { minLength: LEAST_IN_SCRIPT });
  const [code = 'und'] = all[0] ?? [];
  const near = all.find(([c]) => READ.has(c))?.[1] ?? 0;
  if (code === 'und' || READ.has(code) || near > NEAREST) return null;
  return Intl.getCanonicalLocales(code)[0] ?? null;
}

/** How the words of a language run. */
export const directionOf = (tag: string): 'ltr' | 'rtl' => (RIGHT_TO_LEFT.has(tag.split('-')[0]!) ? 'rtl' : 'ltr');

/** What a language is called in English: “Italian”. */
export const tongueName = (tag: string): string => new Intl.DisplayNames(['en'], { type: 'language' }).of(tag) ?? tag;
