import { lately } from '../reading/lately.js';
import { languages } from '../../language/registry.gen.js';
import { FAMILY_LOOKS } from './family-looks.js';
import { TRADES } from './graph.js';
import { tradeHits, tradeTokens, type TradeHit } from './lexicon.js';
import type { Family } from '../../model/family.js';
import type { TradePack, WrittenPack } from './pack.js';
import { written } from './written.js';

const NOTHING_WRITTEN = {
  synonyms: [],
  worksHeadings: [],
  stepsHeadings: [],
  steps: [],
  actions: [],
  contactHeadings: [],
  contactLeads: [],
  services: [],
} satisfies Partial<WrittenPack>;

/** Every trade of the graph: with the lines written for it, where there are some, and else what its family lends it. */
const packs: TradePack[] = TRADES.split('\n').map((line) => {
  const [id, family, schemaType, subjects = ''] = line.split(' ') as [string, Family, string, string?];
  return {
    id,
    family,
    schemaType,
    subjects: subjects ? subjects.split(',') : [],
    noun: languages['en-GB'].trades[id]!.noun,
    ...(written.get(id) ?? { ...NOTHING_WRITTEN, ...FAMILY_LOOKS[family] }),
  };
});

/** The pack for a trade the house does not know: no claims at all, only invitations. */
const anyTrade: TradePack = {
  id: 'any',
  family: null,
  subjects: [],
  noun: 'business',
  synonyms: [],
  schemaType: 'LocalBusiness',
  worksHeadings: [],
  stepsHeadings: ['How to begin'],
  steps: [],
  actions: ['Get in touch', 'Ask us', 'Write to us'],
  contactHeadings: [],
  contactLeads: [],
  services: [],
  hues: [
    [230, 65],
    [160, 50],
    [30, 215],
  ],
  scene: 'harbour',
};

const byId = new Map(packs.map((p) => [p.id, p]));

/** The pack of a trade of the graph; one without claims for an id that is none. */
export const packNamed = (id: string): TradePack => byId.get(id) ?? anyTrade;

const WORTH = { name: 1, service: 0.5, thing: 0.4 };
/** A trade by name that stands beside what somebody is: the bicycles of a cycle club. */
const BESIDE = 0.3;
const LEAST_IN_NAME = 5;
const once = lately<TradePack>(60);

/** Where what somebody is ends and something else about it begins: a second trade, a place, a form of company. */
const PARTS = /[,;:/()[\]|–—]|\s(?:and|und|et|y|e|with|mit|avec|con|for|für|pour|para|in|im|at|bei|à|en|from|aus)\s/iu;
const SMALL = new Set(
  'a an the of our my we are i am is ein eine der die das dem den des von vom zum zur wir sind ich bin un une le la les l de du d nous sommes je suis el los las del una somos soy al'.split(
    ' ',
  ),
);
/** Words that say nothing of a trade: sizes, places of work, forms of company. */
const NEUTRAL = new Set(
  'family local small independent mobile village town rural master chartered certified general traditional community cooperative co-operative co-op business firm company workshop work works studio yard service services shop team trade ltd limited familienbetrieb betrieb werkstatt firma meister genossenschaft familiär klein atelier entreprise maison boutique artisan artisanal artisanale familial familiale coopérative associatif associative taller empresa tienda artesano artesana artesanal familiar cooperativa pequeño pequeña'.split(
    ' ',
  ),
);
/** Words for a kind of work, by the family whose trades it makes of a thing: who repairs clocks is a clockmaker. */
const MAKES: readonly [Family, RegExp][] = [
  ['repair', /^(?:repair|mend|restor|servic|reparatur|réparat|repara|restaur)/u],
  ['transport', /^(?:hire|rental|verleih|vermietung|location|alquiler)/u],
  ['craft', /^(?:mak|manufactur|herstell|hersteller|fabric|constructor|facteur)/u],
  ['shop', /^(?:shop|store|suppl|dealer|seller|merchant|laden|handel|händler|magasin|marchand|commerce|tienda|venta)/u],
];
/** What says what kind of thing somebody is, and not of what: a “kiln builder” is no builder of houses. */
const OF_A_KIND =
  /^(?:builder|surveyor|engineer|cleaner|fitter|maker|dealer|merchant|agent|consultant|mechanic|teacher|association|society|club|constructor|facteur|ingénieur|ingeniero|professeur|profesora?)$/u;

/** How well a trade fits, and whether it is called so: others only have the word among what they work on or offer. */
interface Fit {
  score: number;
  named: boolean;
}

/** How well each trade of the graph fits a part of what somebody calls their trade; none that only lends a word to it. */
function fitsOf(part: string): Map<string, Fit> {
  const tokens = tradeTokens(part);
  const hits = tradeHits(tokens);
  const scores = new Map<string, Fit>();
  const says = (n: number) => !SMALL.has(tokens[n]!) && !NEUTRAL.has(tokens[n]!);
  const heads = ({ at, length, language }: TradeHit) => {
    const before = tokens.slice(0, at).every((_, n) => !says(n));
    const behind = tokens.slice(at + length);
    if (language === 'fr' || language === 'es') return before;
    if (behind.length && says(at + length)) return language === 'de' && before;
    return length > 1 || before || !OF_A_KIND.test(tokens[at]!);
  };
  for (const id of new Set(hits.map((h) => h.id))) {
    const its = hits.filter((h) => h.id === id);
    const family = packNamed(id).family;
    const rest = tokens.filter(
      (t, n) =>
        says(n) &&
        !its.some((h) => h.at <= n && n < h.at + h.length) &&
        !MAKES.some(([of, word]) => of === family && word.test(t)),
    );
    const score = its.reduce(
      (sum, h) => sum + h.words.length * WORTH[h.kind] * (h.kind !== 'name' || heads(h) ? 1 : BESIDE),
      0,
    );
    const named = its.some((h) => h.kind === 'name' && heads(h));
    if (!rest.length || named) scores.set(id, { score, named: its.some((h) => h.kind === 'name') });
  }
  return scores;
}

let called: { id: string; words: ReadonlySet<string> }[] | null = null;
/** What every trade is called in every language, as words that say something. */
const calledNames = () =>
  (called ??= packs.flatMap(({ id }) =>
    Object.values(languages).flatMap((l) =>
      (l.trades[id]?.names ?? []).map((name) => ({ id, words: new Set(telling(name)) })),
    ),
  ));
const telling = (text: string): string[] => tradeTokens(text).filter((t) => !SMALL.has(t) && !NEUTRAL.has(t));

/** The one trade of whose names the words are a part, the more the better; null where none is or two are. */
function partlyCalled(part: string): string | null {
  const said = telling(part);
  if (!said.length || said.every((t) => OF_A_KIND.test(t))) return null;
  const shares = new Map<string, number>();
  for (const { id, words } of calledNames())
    if (said.every((t) => words.has(t))) shares.set(id, Math.max(shares.get(id) ?? 0, said.length / words.size));
  const [best, second] = [...shares].sort((a, b) => b[1] - a[1]);
  return best && best[1] > (second?.[1] ?? 0) ? best[0] : null;
}

/**
 * The pack that fits a trade as people write it, in any language: one whose name is what they say they are, or whose words
 * are all that they say. A pack without claims where none does: a shop for beekeepers is none.
 */
export const packFor = (trade: string): TradePack =>
  once(trade, () => {
    const scores = new Map<string, Fit>();
    // All of it, and each of its parts: what stands first is what they are first.
    for (const [n, part] of [trade, ...trade.split(PARTS)].entries())
      for (const [id, fit] of fitsOf(part)) {
        const score = fit.score * (n < 2 ? 1 : 0.6);
        if (score > (scores.get(id)?.score ?? 0)) scores.set(id, { ...fit, score });
      }
    const [best, second] = [...scores].sort((a, b) => b[1].score - a[1].score);
    if (best?.[1].named) return packNamed(best[0]);
    // “Roofing” is part of what a roofer is called; thatchers only have roofs.
    const [part = trade] = trade.split(PARTS);
    const called = partlyCalled(part);
    if (called) return packNamed(called);
    // What several offer alike says nothing: “limpieza”.
    return best && best[1].score > (second?.[1].score ?? 0) ? packNamed(best[0]) : anyTrade;
  });

/** The pack of a business: by its trade or, where none is said, by a trade that its name calls by name. */
export function packOf({ trade, name }: { trade: string; name: string }): TradePack {
  if (trade.trim()) return packFor(trade);
  const tokens = tradeTokens(name);
  // A short word that is a trade in one language is any word in another: “Cave Hill” has no cellar.
  return tradeHits(tokens).some((h) => h.kind === 'name' && h.words.length >= LEAST_IN_NAME) ? packFor(name) : anyTrade;
}

/** The trades the house has a pack for, as nouns. */
export const knownTrades = (): string[] => packs.map((p) => p.noun);

/** A trade that fits what is being typed: the word that matched, and the trade it stands for. */
export interface TradeOffer {
  noun: string;
  by: string;
}

/** Words people type for a trade, lower case: its names in every language, and what belongs to it. */
const typedWords = () =>
  packs.flatMap((pack) =>
    [
      ...pack.synonyms,
      ...Object.values(languages).flatMap((l) => (l.trades[pack.id]?.names ?? []).map((name) => name.toLowerCase())),
    ].map((word) => ({ pack, word })),
  );
let toType: ReturnType<typeof typedWords> | null = null;

/** Trades with a name that begins with, or has a word that begins with, what is typed; the closest first. */
export function suggestTrades(typed: string, most = 8): TradeOffer[] {
  const said = typed.trim().toLowerCase();
  if (!said) return [];
  const best = new Map<TradePack, { by: string; rank: number }>();
  for (const { pack, word } of (toType ??= typedWords())) {
    const rank = word.startsWith(said) ? (word === pack.noun ? 0 : 1) : word.includes(` ${said}`) ? 2 : -1;
    if (rank >= 0 && rank < (best.get(pack)?.rank ?? 9)) best.set(pack, { by: word, rank });
  }
  return [...best]
    .sort((a, b) => a[1].rank - b[1].rank || a[1].by.length - b[1].by.length)
    .slice(0, most)
    .map(([pack, { by }]) => ({ noun: pack.noun, by }));
}
