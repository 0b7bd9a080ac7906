import type { Page, Section, SiteDocument } from '../../model/site.js';
import { isText } from '../../model/site.js';
import { kinds } from '../../look/shapes/registry.gen.js';
import { listsOf } from '../plan/lists.js';
import type { AskWords } from './words/ask-words.js';
import { de } from './words/de.js';
import { en } from './words/en.js';
import { es } from './words/es.js';
import { fr } from './words/fr.js';

/** What words of a request can mean: a word of the language, or something of the site. */
export type Meaning =
  | { is: 'word'; kind: string; of: string; by: string }
  | { is: 'page'; page: Page }
  | { is: 'section'; section: Section; page: Page | null }
  | { is: 'item'; section: Section; list: string; id: string; name: string }
  | { is: 'service'; id: string }
  | { is: 'quoted'; text: string }
  | { is: 'mail'; text: string }
  | { is: 'phone'; text: string }
  | { is: 'url'; text: string };

/** Words of a request that mean something: from where to where, and what. */
export interface Mention {
  from: number;
  to: number;
  text: string;
  meanings: Meaning[];
}

/** A request made even: quotes and apostrophes of one kind, what is quoted set apart. Every place is that of the raw words. */
export interface Even {
  raw: string;
  /** In small letters, with what is quoted blanked out. */
  low: string;
  quoted: { from: number; to: number; text: string }[];
}

const QUOTES = /["“”„«»]([^"“”„«»]{1,400})["“”„«»]|(?<![\p{L}\p{N}])['‘‚]([^'‘’]{2,200})['’](?![\p{L}\p{N}])/gu;

/** Reads what is quoted in a request and makes the rest even. */
export function even(said: string): Even {
  const raw = said.trim().replace(/[.!\s]+$/, '');
  const quoted = [...raw.matchAll(QUOTES)].map((m) => ({
    from: m.index,
    to: m.index + m[0].length,
    text: (m[1] ?? m[2] ?? '').trim(),
  }));
  const small = raw.toLowerCase();
  let low = (small.length === raw.length ? small : raw).replace(/[‘’]/g, "'");
  for (const q of quoted) low = low.slice(0, q.from) + '\u0001'.repeat(q.to - q.from) + low.slice(q.to);
  return { raw, low, quoted };
}

interface Word {
  pattern: RegExp;
  meaning: Meaning & { is: 'word' };
}
const wordsOf = (words: AskWords): Word[] =>
  Object.entries(words).map(([key, source]) => {
    const [kind = '', of = '', by = ''] = key.split(':');
    return {
      pattern: new RegExp(`(?<![\\p{L}\\p{N}'])(?:${source})(?![\\p{L}\\p{N}])`, 'gu'),
      meaning: { is: 'word', kind, of, by },
    };
  });
/** The languages requests are put in; the first is taken where they speak for none. */
const LANGUAGES = [en, de, fr, es].map(wordsOf);

const literal = (s: string) => s.replace(/[\\^$.*+?()[\]{}|]/g, '\\$&');
/** Words as they stand, whole; with an “s” more or less at the end. */
const asSaid = (name: string): RegExp => {
  const low = name.toLowerCase().replace(/[‘’]/g, "'");
  const stem = low.length > 4 ? low.replace(/s$/, '') : low;
  return new RegExp(`(?<![\\p{L}\\p{N}])${literal(stem)}(?:s|seite)?(?![\\p{L}\\p{N}])`, 'gu');
};

/** What the home page is called, whatever its label. */
const HOME = [
  ...['home page', 'homepage', 'front page', 'start page', 'landing page', 'first page', 'home'],
  ...['startseite', 'hauptseite', "page d'accueil", 'accueil', 'página principal', 'portada', 'inicio'],
];

/** The names of a site’s own things that a request can use. */
function namesOf(document: SiteDocument): { pattern: RegExp; meaning: Meaning }[] {
  const out: { pattern: RegExp; meaning: Meaning }[] = [];
  const name = (words: string, meaning: Meaning) => {
    if (words.trim().length > 2) out.push({ pattern: asSaid(words.trim()), meaning });
  };
  for (const page of document.pages) {
    name(page.label, { is: 'page', page });
    if (page.slug) name(page.slug.replaceAll('-', ' '), { is: 'page', page });
    if (page.id.length > 3 && page.slug && !/^p[0-9a-f]{6,}/.test(page.id)) name(page.id, { is: 'page', page });
    if (!page.slug) for (const word of HOME) name(word, { is: 'page', page });
    // What a page lists is called by the page’s own name on other pages too.
    const listed = page.slug && page.sections.some((s) => s.shape.startsWith('services/'));
    if (listed)
      out.push({ pattern: asSaid(page.label), meaning: { is: 'word', kind: 'kind', of: 'services', by: '' } });
    for (const section of page.sections) {
      const { heading } = section.content;
      if (isText(heading) && heading.value.split(/\s+/).length > 1)
        name(heading.value, { is: 'section', section, page });
      for (const list of listsOf(section))
        for (const item of list.items)
          if (item.name.length < 60)
            name(item.name, { is: 'item', section, list: list.field, id: item.id, name: item.name });
    }
  }
  for (const service of document.facts.services) name(service.name, { is: 'service', id: service.id });
  for (const [kind, { title }] of Object.entries(kinds))
    out.push({ pattern: asSaid(title), meaning: { is: 'word', kind: 'kind', of: kind, by: '' } });
  return out;
}

const VALUES: [Meaning['is'] & ('mail' | 'phone' | 'url'), RegExp][] = [
  ['url', /\bhttps?:\/\/[^\s"”]+|\bwww\.[^\s"”]+/g],
  ['mail', /[^\s@"“,;:]+@[^\s@"”,;]+\.[a-z]{2,}/g],
  ['phone', /(?<![\p{L}\p{N}£€$])\+?\d[\d ()/-]{7,}\d/gu],
];

/** The hits of the language that explains most letters of a request. */
function spoken<T extends { from: number; to: number }>(all: T[][]): T[] {
  const lettersOf = (hits: readonly T[]) =>
    new Set(hits.flatMap(({ from, to }) => Array.from({ length: to - from }, (_, n) => from + n))).size;
  return all.reduce((best, hits) => (lettersOf(hits) > lettersOf(best) ? hits : best));
}

/** Everything in a request that means something, in order; where two overlap the longer one stands. */
export function mentionsIn(document: SiteDocument, { low, raw, quoted }: Even): Mention[] {
  const found: Mention[] = quoted.map((q) => ({
    from: q.from,
    to: q.to,
    text: q.text,
    meanings: [{ is: 'quoted', text: q.text }],
  }));
  const put = (from: number, to: number, meaning: Meaning) => {
    const same = found.find((m) => m.from === from && m.to === to);
    if (same) same.meanings.push(meaning);
    else found.push({ from, to, text: raw.slice(from, to), meanings: [meaning] });
  };
  for (const [is, pattern] of VALUES)
    for (const m of low.matchAll(pattern)) put(m.index, m.index + m[0].length, { is, text: m[0] });
  const hits = (words: readonly { pattern: RegExp; meaning: Meaning }[]) =>
    words.flatMap(({ pattern, meaning }) =>
      Array.from(low.matchAll(pattern), (m) => ({ from: m.index, to: m.index + m[0].length, meaning })).filter(
        ({ from, to }) => low.slice(from, to).trim(),
      ),
    );
  for (const { from, to, meaning } of [...hits(namesOf(document)), ...spoken(LANGUAGES.map(hits))])
    put(from, to, meaning);
  found.sort((a, b) => b.to - b.from - (a.to - a.from) || a.from - b.from);
  const kept: Mention[] = [];
  for (const m of found) if (!kept.some((k) => m.from < k.to && k.from < m.to)) kept.push(m);
  return kept.sort((a, b) => a.from - b.from);
}
