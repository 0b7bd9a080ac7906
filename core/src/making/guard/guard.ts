import type { SiteLanguage } from '../../language/language.js';
import { languages } from '../../language/registry.gen.js';
import type { Facts, SiteDocument } from '../../model/site.js';
import { stem } from '../../brief/reading/words.js';
import { packOf } from '../../brief/trades/packs.js';
import { serviceIn } from '../writer/slots.js';
import { splitSentences } from '../writer/sentences.js';

/** Something a text says that nobody has said: its words, and what kind of thing it is. */
export interface Unbacked {
  what: 'number' | 'name' | 'claim' | 'statement';
  words: string;
}

/** Everything the facts say, as one text. */
export const factsText = (facts: Facts): string => {
  const strings = (value: unknown): string[] =>
    typeof value === 'string'
      ? [value]
      : Array.isArray(value)
        ? value.flatMap(strings)
        : typeof value === 'object' && value !== null
          ? Object.entries(value).flatMap(([k, v]) => (k === 'id' ? [] : strings(v)))
          : [];
  return strings(facts).join('\n');
};

const wordsIn = (text: string): string[] => text.toLowerCase().match(/\p{L}+/gu) ?? [];
/** Words alike in their first letters are one: “boats” backs “boat”. */
const root = (word: string) => stem(word).slice(0, 6);

const houseRoots = new WeakMap<SiteLanguage, Set<string>>();
/** The words the house itself writes with, which claim nothing. */
function rootsOfHouse(language: SiteLanguage): Set<string> {
  let roots = houseRoots.get(language);
  if (!roots) {
    const { patterns, edits, words, days, months, units, numbers } = language;
    const texts = JSON.stringify([
      patterns,
      edits.warm,
      edits.lively,
      edits.formal,
      edits.same,
      edits.formalWords,
      edits.plainWords,
      words,
      days,
      months,
      numbers,
    ]);
    roots = new Set([...wordsIn(texts), ...units.map(([, u]) => u).flatMap(wordsIn)].map(root));
    houseRoots.set(language, roots);
  }
  return roots;
}

/** What the facts know, made ready for many texts. */
export interface Backing {
  language: SiteLanguage;
  roots: Set<string>;
  said: string;
  digits: Set<string>;
  run: string;
  counts: Set<number>;
}

const plainNumber = (n: string) => n.replace(/^0+(?=\d)/, '');

/** Gathers what the facts of a business back, in a language. */
export function backingOf(facts: Facts, language: SiteLanguage): Backing {
  const said = factsText(facts);
  const digits = new Set((said.match(/\d+/g) ?? []).map(plainNumber));
  // Half past five in the afternoon is 17.30 and 5.30 alike.
  for (const m of said.matchAll(/\b(\d{1,2})[.:]\d{2}\b/g)) {
    digits.add(String(Number(m[1]) % 12 || 12));
    digits.add(String((Number(m[1]) + 12) % 24));
  }
  const pack = packOf(facts);
  const trade = language.trades[pack.id]?.noun ?? '';
  return {
    language,
    roots: new Set(
      [
        ...wordsIn(said),
        ...wordsIn(pack.noun),
        ...[pack.worksHeadings, pack.stepsHeadings, pack.contactHeadings, pack.contactLeads, pack.actions]
          .flat()
          .flatMap(wordsIn),
        ...wordsIn(trade),
        ...facts.services.flatMap((s) => wordsIn(serviceIn(language, s.name, facts) ?? '')),
        ...Object.values(language.tongues).flatMap(wordsIn),
      ].map(root),
    ),
    said: said.toLowerCase(),
    digits,
    run: said.replace(/\D/g, ''),
    counts: new Set([facts.services.length, facts.people.length, facts.services.filter((s) => s.price).length]),
  };
}

const backings = new WeakMap<Facts, Backing>();
/** What the facts of a site and its language back: made once for each. */
function backingFor({ facts, language }: SiteDocument): Backing {
  let backing = backings.get(facts);
  if (backing?.language !== languages[language]) backings.set(facts, (backing = backingOf(facts, languages[language])));
  return backing;
}
/** The numbers, names, praise and promises in words for a site that its facts do not say: to be asked before they stand there. */
export const doubtsIn = (document: SiteDocument, words: string): string[] =>
  unbacked(words, backingFor(document)).flatMap((u) => (u.what === 'statement' ? [] : [u.words]));

/** Words of four letters and more that carry nothing by themselves. */
const SMALL =
  /^(?:with|that|this|these|those|have|from|your|they|them|their|will|when|where|which|what|been|were|than|then|there|here|more|most|some|such|also|into|onto|over|only|each|every|para|como|desde|este|esta|donde|pour|avec|dans|chez|vous|nous|sont|leur|oder|aber|auch|eine[rnms]?|nach|über|wird|sind|haben|unser\p{L}*)$/u;
const QUESTION_OR_CALL =
  /[?¿]\s*$|^(?:ask|tell|say|write|ring|call|come|bring|see|find|have|give|let|put|look|fragen|sagen|schreiben|kommen|rufen|sehen|demandez|dites|écrivez|venez|appelez|voyez|pregunte|diga|escriba|venga|llame|vea|cuénte)/i;

/**
 * What a text says that the facts do not: numbers, names, words of praise and promise, and whole statements whose words
 * nobody has used. `known` tells whether a word is in the dictionary: with it, names are found in German too, where every
 * noun has a capital.
 */
export function unbacked(text: string, backing: Backing, known?: (word: string) => boolean): Unbacked[] {
  const { language, roots, said, digits, run, counts } = backing;
  const found: Unbacked[] = [];
  for (const m of text.matchAll(/\d[\d\s./:,-]*\d|\d/g)) {
    const parts = (m[0].match(/\d+/g) ?? []).map(plainNumber);
    const whole = m[0].replace(/\D/g, '');
    // A phone number may stand with its country code.
    if (whole.length > 3 && (run.includes(whole) || (whole.length > 9 && run.includes(whole.slice(-9))))) continue;
    if (!parts.every((p) => digits.has(p) || p === '00' || p === '0' || counts.has(Number(p))))
      found.push({ what: 'number', words: m[0].trim() });
  }
  const free = text.replace(language.edits.idioms, '');
  for (const [n, word] of language.numbers.entries())
    if (
      n >= 2 &&
      !counts.has(n) &&
      new RegExp(`(?<!\\p{L})${word}(?!\\p{L})`, 'iu').test(free) &&
      !roots.has(root(word))
    )
      found.push({ what: 'number', words: word });
  for (const m of text.matchAll(language.edits.claims)) {
    const word = m[0].toLowerCase();
    if (!said.includes(word) && !wordsIn(word).every((w) => roots.has(root(w))))
      found.push({ what: 'claim', words: m[0] });
  }
  const house = rootsOfHouse(language);
  for (const sentence of splitSentences(text)) {
    const tokens = [...sentence.matchAll(/[\p{L}][\p{L}’'-]*/gu)];
    for (const [n, t] of tokens.entries()) {
      const word = t[0];
      if (!/^\p{Lu}/u.test(word) || word === 'I' || /^I[’']/.test(word)) continue;
      const before = sentence.slice(0, t.index).trimEnd();
      const opens = n === 0 || /[.:!?…–«„“"(]$/.test(before);
      const backed = wordsIn(word).every((w) => roots.has(root(w)) || house.has(root(w)));
      if (backed) continue;
      if (language.reading === 'de' ? known && !known(word) : !opens) found.push({ what: 'name', words: word });
      else if (
        opens &&
        language.reading !== 'de' &&
        /^\p{Lu}\p{Ll}/u.test(tokens[n + 1]?.[0] ?? '') &&
        tokens[n + 1]![0].length > 2
      )
        found.push({ what: 'name', words: `${word} ${tokens[n + 1]![0]}` });
    }
    if (QUESTION_OR_CALL.test(sentence)) continue;
    const content = wordsIn(sentence).filter((w) => w.length >= 4 && !SMALL.test(w));
    const strange = content.filter((w) => !roots.has(root(w)) && !house.has(root(w)));
    if (strange.length >= 2 && strange.length / content.length > 0.3)
      found.push({ what: 'statement', words: sentence.slice(0, 300) });
  }
  return found.filter((u, n) => found.findIndex((o) => o.what === u.what && o.words === u.words) === n);
}
