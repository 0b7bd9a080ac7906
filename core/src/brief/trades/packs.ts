import { languages } from '../../language/registry.gen.js';
import { goods } from './goods.js';
import { harbour } from './harbour.js';
import { house } from './house.js';
import { makers } from './makers.js';
import { menders } from './menders.js';
import { outdoors } from './outdoors.js';
import type { TradePack } from './pack.js';
import { places } from './places.js';

const packs: TradePack[] = [...harbour, ...makers, ...menders, ...outdoors, ...house, ...goods, ...places];

/** The pack for a trade the house does not know: no claims at all, only invitations. */
const anyTrade: TradePack = {
  id: 'any',
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

const escapeForRegExp = (s: string) => s.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');

/** Every word for a trade: its noun, its synonyms and what the other languages call it. */
const words = packs.flatMap((pack) =>
  [
    pack.noun,
    ...pack.synonyms,
    ...Object.values(languages).flatMap((l) => l.trades[pack.id]?.noun.toLowerCase() ?? []),
  ].map((word) => ({
    pack,
    word,
    pattern: new RegExp(`(?<![a-zà-ÿ])${escapeForRegExp(word)}(?![a-zà-ÿ])`),
  })),
);

const byLength = [...words].sort((a, b) => b.word.length - a.word.length);

/** The pack that fits a trade as people write it; a pack without claims where none does. */
export function packFor(trade: string): TradePack {
  const said = trade.toLowerCase();
  const scores = new Map<TradePack, number>();
  for (const { pack, word, pattern } of words)
    if (said.includes(word) && pattern.test(said)) scores.set(pack, (scores.get(pack) ?? 0) + word.length);
  let best: TradePack = anyTrade;
  for (const [pack, score] of scores) if (score > (scores.get(best) ?? 0)) best = pack;
  return best;
}

/** The pack whose words run through a text, or null where none clearly does. */
export function packByWords(text: string): TradePack | null {
  const said = text.toLowerCase();
  const hits = new Map<TradePack, number>();
  // What used to be says nothing of what is; and a word inside a longer one is counted with it.
  let left = said.replace(/[^.!?\n]*\b(?:used to be|was once|former(?:ly)?)\b[^.!?\n]*/g, ' ');
  for (const { pack, word, pattern } of byLength)
    if (left.includes(word)) {
      const all = new RegExp(pattern, 'g');
      const count = left.match(all)?.length ?? 0;
      if (count) hits.set(pack, (hits.get(pack) ?? 0) + count);
      left = left.replace(all, '·');
    }
  const [first, second] = [...hits].sort((a, b) => b[1] - a[1]);
  return first && first[1] >= 2 && first[1] >= 2 * (second?.[1] ?? 0) ? first[0] : null;
}

/** The trades the house has a pack for, as nouns. */
export const knownTrades = (): string[] => packs.map((p) => p.noun);

/** A trade that fits what is being typed: the word that matched, and the trade it stands for. */
export interface TradeOffer {
  noun: string;
  by: string;
}

/** Trades whose noun or synonym begins with, or has a word that begins with, what is typed; the closest first. */
export function suggestTrades(typed: string, most = 8): TradeOffer[] {
  const said = typed.trim().toLowerCase();
  if (!said) return [];
  const best = new Map<TradePack, { by: string; rank: number }>();
  for (const { pack, word } of words) {
    const rank = word.startsWith(said) ? (word === pack.noun ? 0 : 1) : word.includes(` ${said}`) ? 2 : -1;
    if (rank >= 0 && rank < (best.get(pack)?.rank ?? 9)) best.set(pack, { by: word, rank });
  }
  return [...best]
    .sort((a, b) => a[1].rank - b[1].rank || a[1].by.length - b[1].by.length)
    .slice(0, most)
    .map(([pack, { by }]) => ({ noun: pack.noun, by }));
}
