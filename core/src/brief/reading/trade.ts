import { languages } from '../../language/registry.gen.js';
import type { Facts } from '../../model/site.js';
import type { Role } from '../roles/roles.js';
import { judgeTrade, type Evidence } from '../trades/judge.js';
import { tradeHits, tradeTokens } from '../trades/lexicon.js';
import type { Language } from './span.js';
import { tradeSaid } from './trade-said.js';

/** How much each kind of sentence tells of the trade. */
const TELLS: Partial<Record<Role, number>> = { visitors: 1, fact: 1, greeting: 0.3, wish: 0.2, dont: 0.05, style: 0.1 };
/** Surer than this, a trade of the graph goes before the client’s own word for what they are. */
const SURE = 0.55;
/** Below this others may be it as well, and are offered; one word must be as sure: not only hedge layers ditch. */
const SURE_ALONE = 0.8;
/** In a line or two there is nothing else a word of a trade could be about. */
const LINE = 120;
const SURE_IN_A_LINE = 0.35;

/** What of a piece tells of a trade. */
export interface Telling {
  text: string;
  role: string;
  kind: string;
  depth: number;
}

/** All of a brief that may speak for a trade: the name tells most, then what they call themselves. */
function evidenceOf(name: string, said: string, services: readonly string[], pieces: readonly Telling[]): Evidence[] {
  return [
    { text: name, weight: 3 },
    { text: said, weight: 3 },
    ...services.map((text): Evidence => ({ text, weight: 2 })),
    ...pieces
      .filter((p) => p.kind !== 'head' && p.kind !== 'label')
      .map(({ text, role, kind, depth }, n): Evidence => {
        const top = kind === 'heading' || n < 3;
        const weight = (TELLS[role as Role] ?? 0.4) * (top ? 2 : 1) * (depth ? 0.5 : 1);
        return { text, weight };
      }),
  ];
}

/**
 * How sure a trade must be before a site speaks of it and shows its things: surer where fewer words bear it out. Set on briefs
 * of which one in fourteen showed the things of another trade.
 */
const PLAIN: readonly { sure: number; words: number }[] = [
  { sure: 0.72, words: 2 },
  { sure: 0.64, words: 4 },
];

/**
 * The trade in the client’s word for it where they have one, those it may be where that is not sure, and whether the text
 * leaves no doubt of it.
 */
export function tradeOf(
  source: string,
  { name, services }: Facts,
  language: Language,
  pieces: readonly Telling[],
): { trade: string; likely: string[]; plain: boolean } {
  const there = Object.values(languages).find((l) => l.reading === language)?.trades;
  const { said, own } = tradeSaid(source, name);
  const judged = judgeTrade(
    evidenceOf(
      name,
      said,
      services.map((s) => s.name),
      pieces,
    ),
    language,
  );
  const short = source.length < LINE;
  if (!judged) return { trade: said, likely: [], plain: own || short };
  const likely = judged.sure < SURE_ALONE ? judged.likely.flatMap((id) => there?.[id]?.noun ?? []) : [];
  // What nobody calls by a name is not guessed from things alone, and a name that is met once in passing is somebody
  // else’s: a wrong trade shows in every picture.
  const bornOut = judged.words > 1 || judged.own;
  const enough = short ? SURE_IN_A_LINE : bornOut ? SURE : SURE_ALONE;
  if (judged.sure < enough) return { trade: said, likely, plain: own || short };
  const inName = tradeHits(tradeTokens(name)).some(
    (h) => h.kind === 'name' && h.id === judged.id && h.language === language,
  );
  const plain = short || inName || PLAIN.some((p) => judged.sure >= p.sure && judged.words >= p.words);
  const known = there?.[judged.id];
  return { trade: known?.names.find((n) => n === judged.said) ?? known?.noun ?? judged.said, likely, plain };
}
