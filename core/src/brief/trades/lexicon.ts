import { languages } from '../../language/registry.gen.js';
import type { Language } from '../../language/language.js';
import { written } from './written.js';

/** What words of a text stand for: a trade by its name, or what a trade works on or offers. */
export interface TradeHit {
  id: string;
  kind: 'name' | 'thing' | 'service';
  /** The words as they are listed. */
  words: string;
  /** Where they begin, in words from the start of the text, and how many they are. */
  at: number;
  length: number;
  /** How many trades those words stand for. */
  shared: number;
  /** The language they are of. */
  language: Language;
}

interface Entry extends Omit<TradeHit, 'at' | 'length' | 'shared'> {
  tokens: string[];
}

/** The words of a text, lower case, without their endings of number. */
export const tradeTokens = (text: string): string[] =>
  (
    text
      // “Glockengießer-Werkstatt” is two words, “co-operative” is one.
      .replace(/(?<=\p{Ll})-(?=\p{Lu})/gu, ' ')
      .toLowerCase()
      .replace(/’/g, "'")
      .match(/[\p{L}\p{N}][\p{L}\p{N}'-]*/gu) ?? []
  ).map(base);

function base(word: string): string {
  const plain = word.replace(/'s$|'$/, '').replace(/^(?:l|d|j|qu|n|s|c|m|t)'(?=\p{L}{3})/u, '');
  if (plain.length < 5) return plain;
  if (plain.endsWith('ies')) return `${plain.slice(0, -3)}y`;
  return /[^siu]s$/.test(plain) ? plain.slice(0, -1) : plain;
}

/** Words that stand between those of a name: “hueso y asta”, “moulin à papier”. */
const BETWEEN = /^(?:and|of|the|de|du|des|la|le|les|el|los|las|del|en|et|y|à|aux?|pour|para|für|und|von|d'\p{L}*)$/u;
/** What is left of a word that says who does something: a “plasterer” plasters. */
const stemOf = (token: string): string =>
  token
    .replace(
      /(?:ers?|ors?|ing|ings|ed|istas?|iste|eur|eurs|euse|rie|ería|ero|era|dora?|age|ung|ation|ación)$/u,
      (end, at: number) => (at >= 3 ? '' : end),
    )
    .slice(0, 5);

interface Lexicon {
  /** Names of several words by the stem of one, with the stems of the others. */
  spread: Map<string, { id: string; stems: string[] }[]>;
  /** What begins with a word, the longest first. */
  first: Map<string, Entry[]>;
  /** German puts what is meant behind: a “Kunsttischlerei” is a “Tischlerei”. */
  endings: Entry[];
  /** Single words and the trades that have them in a name, a thing or a service, by language. */
  single: Map<string, Set<string>>;
}

let made: Lexicon | null = null;

/** A word shared by more trades than this tells nothing of one. */
const SHARED_BY_MOST = 9;

function lexicon(): Lexicon {
  if (made) return made;
  made = { first: new Map(), endings: [], single: new Map(), spread: new Map() };
  const { first, single, endings, spread } = made;
  const seen = new Set<string>();
  const put = (id: string, kind: Entry['kind'], words: string, language: Language) => {
    const tokens = tradeTokens(words);
    const key = `${id} ${tokens.join(' ')}`;
    if (!tokens.length) return;
    for (const token of tokens)
      if (token.length > 3) {
        const at = `${language} ${token}`;
        single.set(at, (single.get(at) ?? new Set()).add(id));
      }
    if (seen.has(key)) return;
    seen.add(key);
    const entry: Entry = { id, kind, words, tokens, language };
    first.set(tokens[0]!, [...(first.get(tokens[0]!) ?? []), entry]);
    const stems = tokens.filter((t) => !BETWEEN.test(t)).map(stemOf);
    const at = `${language} ${stems[0]}`;
    if (kind === 'name' && stems.length > 1) spread.set(at, [...(spread.get(at) ?? []), { id, stems }]);
    if (language === 'de' && kind === 'name' && tokens.length === 1 && tokens[0]!.length >= 6) endings.push(entry);
  };
  for (const { reading, trades } of Object.values(languages))
    for (const [id, { names, things, services }] of Object.entries(trades)) {
      for (const name of names) put(id, 'name', name, reading);
      for (const thing of things) put(id, 'thing', thing, reading);
      for (const service of services) put(id, 'service', service, reading);
    }
  for (const { id, synonyms } of written.values()) for (const clue of synonyms) put(id, 'thing', clue, 'en');
  for (const list of first.values()) list.sort((a, b) => b.tokens.length - a.tokens.length);
  endings.sort((a, b) => b.tokens[0]!.length - a.tokens[0]!.length);
  return made;
}

const ended = new Map<string, Entry | undefined>();
/** So many words are kept with the trade they end in. */
const KEPT = 4000;
/** The trade a German word ends in, which is looked for in all of them, once a word. */
function endingOf(token: string, endings: readonly Entry[]): Entry | undefined {
  if (ended.has(token)) return ended.get(token);
  if (ended.size > KEPT) ended.clear();
  // A “Schuhmachermeisterin” is a “Schuhmacher”.
  const bare = token.replace(/(?:(?:meister(?:in|betrieb)?|gesell(?:e|in))|(?<=er)in)$/u, '');
  const found = endings.find((e) => (token !== e.tokens[0] || bare !== token) && bare.endsWith(e.tokens[0]!));
  ended.set(token, found);
  return found;
}

/**
 * Every mention of a trade, its things and what it offers, in a language or in any; the longest words go before shorter
 * ones in the same place.
 */
export function tradeHits(tokens: readonly string[], language?: Language): TradeHit[] {
  const { first, endings } = lexicon();
  const hits: TradeHit[] = [];
  for (let at = 0; at < tokens.length;) {
    // The longest come first: what is shorter than one that was found is not looked at.
    const found: Entry[] = [];
    for (const e of first.get(tokens[at]!) ?? []) {
      if (found.length && e.tokens.length < found[0]!.tokens.length) break;
      if (language && e.kind !== 'name' && e.language !== language) continue;
      let same = 1;
      while (same < e.tokens.length && tokens[at + same] === e.tokens[same]) same++;
      if (same === e.tokens.length) found.push(e);
    }
    const longest = found[0]?.tokens.length ?? 0;
    const shared = new Set(found.map((e) => e.id)).size;
    for (const { id, kind, words, language: of } of found)
      hits.push({ id, kind, words, at, length: longest, shared, language: of });
    if (!found.length && tokens[at]!.length >= 9 && (!language || language === 'de')) {
      const end = endingOf(tokens[at]!, endings);
      if (end) hits.push({ id: end.id, kind: 'name', words: end.words, at, length: 1, shared: 1, language: 'de' });
    }
    at += Math.max(1, longest);
  }
  return hits;
}

/** The trades that have a word in one of their names, things or services in a language; none where too many do. */
export function tradesWith(token: string, language: Language): ReadonlySet<string> {
  const found = lexicon().single.get(`${language} ${token}`);
  return found && found.size <= SHARED_BY_MOST ? found : NONE;
}
const NONE: ReadonlySet<string> = new Set();

/** The trades of which all words of a name stand in a sentence, in whatever order and form: “I burn charcoal”. */
export function tradesSpread(tokens: readonly string[], language: Language): Set<string> {
  const { spread } = lexicon();
  const stems = new Set(tokens.map(stemOf));
  const found = new Set<string>();
  for (const stem of stems)
    for (const { id, stems: its } of spread.get(`${language} ${stem}`) ?? [])
      if (its.every((s) => stems.has(s))) found.add(id);
  return found;
}
