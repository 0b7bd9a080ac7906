import type { Language } from '../../language/language.js';
import { languages } from '../../language/registry.gen.js';
import { packNamed } from './packs.js';
import { tradeHits, tradesWith, tradeTokens } from './lexicon.js';

/** A stretch of a text and how much what it says counts. */
export interface Evidence {
  text: string;
  weight: number;
}

/** The trade a text is of, and how sure that is, 0 to 1. */
export interface TradeJudgement {
  id: string;
  /** What it is called there. */
  said: string;
  sure: number;
  /** How many of its words speak for it, each counted once. */
  words: number;
  /** True where the name of the business, its heading or its own “we are” says so. */
  own: boolean;
  /** The likeliest trades, this one first, three at most. */
  likely: string[];
}

/** Words before a trade by which somebody says that it is their own. */
const OWN =
  /(?:^|[\s,(])(?:i am|i'm|we are|we're|am|as|been|run|runs|own|owns|work as|trade as|ich bin|wir sind|bin|sind|als|betreibe|betreiben|führe|führen|je suis|nous sommes|suis|sommes|comme|tiens|tenons|soy|somos|como|llevo|llevamos|tengo)(?: an?| the| eine?| un| une| una| el| la| le| gelernte[rn]?| freie[rn]?| small| little| petite?| pequeñ[oa])*(?: (?!\d)\S+)?$/;
/** Words before a trade that is somebody else’s. */
const OTHERS =
  /(?:^|\s)(?:next (?:door )?to|opposite|beside|behind|above|near|nearest|former|formerly|old|used to be(?: an?)?|was an?|like an?|not an?|no|my|his|her|your|their|another|husband|wife|brother|sister|father|mother|neben(?: de[mr])?|gegenüber(?: vo[nm])?|früher(?:e[nr]?)?|ehemalige[nrs]?|mein(?:e[nmr]?)?|kein(?:e[nr]?)?|à côté (?:de|du)|en face (?:de|du)|ancien(?:ne)?|mon|ma|junto a(?: la)?|al lado de|enfrente de|antigu[oa]|mi|tu)(?: an?| the| l[ao]| el| de[rnm]| du| de)?$/;
const WORTH = { name: 1, service: 0.5, thing: 0.4 };
/** What a single word is worth that is part of a trade’s words. */
const WORD = 0.4;
/** A hall, a church or a castle is mostly where something is, not what somebody is. */
const WHERE = new Set(['culture', 'club', 'stay']);
/** What a trade is called in another language is often a word of this one: a cave is no cellar. */
const OTHER_LANGUAGE = 0.4;
/** Mentions in passing of a place of this kind are worth so much of a mention of a trade. */
const IN_PASSING = 0.35;

/** How much a trade gains where everything that is said to be done is done in its family. */
const LEAN = 0.8;

/** How much of what is said to be done is done in each family, 0 to 1: to mend clocks is another trade than to sell them. */
function leaning(evidence: readonly Evidence[], language: Language): Map<string, number> {
  const there = Object.values(languages).find((l) => l.reading === language)!;
  const verbs = Object.entries(there.families).flatMap(([family, words]) =>
    words.verbs.split(' ').flatMap((verb) => (verb ? [{ family, verb }] : [])),
  );
  const counts = new Map<string, number>();
  let all = 0;
  for (const { text, weight } of evidence)
    for (const word of text.toLowerCase().match(/[\p{L}-]{3,}/gu) ?? [])
      for (const family of new Set(verbs.filter((v) => word.startsWith(v.verb)).map((v) => v.family))) {
        counts.set(family, (counts.get(family) ?? 0) + weight);
        all += weight;
      }
  return new Map([...counts].map(([family, n]) => [family, n / all]));
}

/**
 * Judges what trade a text is of by all that speaks for one: what the business calls itself, what it says it is, what it
 * works on and offers. Null where nothing does.
 */
export function judgeTrade(evidence: readonly Evidence[], language: Language): TradeJudgement | null {
  const scores = new Map<
    string,
    { score: number; whole: boolean; own: boolean; said: Map<string, number>; words: Set<string> }
  >();
  const seen = new Map<string, number>();
  const add = (id: string, worth: number, whole: boolean, said?: string) => {
    const of = scores.get(id) ?? {
      score: 0,
      whole: false,
      own: false,
      said: new Map<string, number>(),
      words: new Set<string>(),
    };
    of.score += worth;
    of.whole ||= whole;
    if (said) of.said.set(said, (of.said.get(said) ?? 0) + worth);
    scores.set(id, of);
  };
  /** The same words again say less each time. */
  const again = (key: string) => {
    const times = seen.get(key) ?? 0;
    seen.set(key, times + 1);
    return 1 / (1 + times);
  };
  for (const { text, weight } of evidence) {
    const tokens = tradeTokens(text);
    for (const { id, kind, words, at, length, shared, language: of } of tradeHits(tokens, language)) {
      const before = tokens.slice(Math.max(0, at - 5), at).join(' ');
      let own = 1;
      if (kind === 'name') {
        const passing = WHERE.has(packNamed(id).family ?? '') && weight < 2 ? IN_PASSING : 1;
        own = OTHERS.test(before) ? 0.2 : OWN.test(before) ? 4 : passing;
        if (of !== language) own *= OTHER_LANGUAGE;
      }
      const worth = (weight * own * WORTH[kind] * (1 + 0.4 * (length - 1))) / shared;
      add(id, worth * again(`${id} ${words}`), true, kind === 'name' ? words : undefined);
      scores.get(id)!.words.add(words);
      scores.get(id)!.own ||= kind === 'name' && own >= 1 && (weight >= 2 || own > 1);
    }
    for (const token of tokens) {
      const trades = tradesWith(token, language);
      if (trades.size) {
        const worth = (weight * WORD * again(token)) / trades.size;
        for (const id of trades) add(id, worth, false);
      }
    }
  }
  const lean = leaning(evidence, language);
  for (const [id, of] of scores) of.score *= 1 + LEAN * (lean.get(packNamed(id).family ?? '') ?? 0);
  // Single words bear out a trade; alone they name none.
  const ranked = [...scores].filter(([, of]) => of.whole).sort((a, b) => b[1].score - a[1].score);
  const [first, second] = ranked;
  if (!first) return null;
  const [id, { score, said, words, own }] = first;
  const word = [...said].sort((a, b) => b[1] - a[1])[0]?.[0] ?? '';
  const share = score / (score + (second?.[1].score ?? 0));
  // What only its things speak for is a guess, however alone it stands.
  return {
    id,
    said: word,
    sure: Math.min(share, score / (score + 1.2)),
    words: words.size,
    own,
    likely: ranked.slice(0, 3).map(([i]) => i),
  };
}
