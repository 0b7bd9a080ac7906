import { lately } from '../reading/lately.js';
import { languages } from '../../language/registry.gen.js';
import { FAMILY_LOOKS } from './family-looks.js';
import { TRADES } from './graph.js';
import { tradeHits, tradeTokens } from './lexicon.js';
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
const LEAST_IN_NAME = 5;
const once = lately<TradePack>(60);

/** The pack that fits a trade as people write it, in any language; a pack without claims where none does. */
export const packFor = (trade: string): TradePack =>
  once(trade, () => {
    const scores = new Map<string, number>();
    for (const { id, kind, words } of tradeHits(tradeTokens(trade)))
      scores.set(id, (scores.get(id) ?? 0) + words.length * WORTH[kind]);
    let best = '';
    for (const [id, score] of scores) if (score > (scores.get(best) ?? 0)) best = id;
    return packNamed(best);
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
