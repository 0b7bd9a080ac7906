import { languages } from '../../language/registry.gen.js';
import type { Role } from '../roles/roles.js';
import type { Linear } from '../roles/linear.js';
import type { Evidence } from '../trades/candidates.js';
import { judgeTrade } from '../trades/judge.js';
import type { Language } from './span.js';
import { tradeSaid } from './trade-said.js';

/** How much each kind of sentence tells of the trade. */
const TELLS: Partial<Record<Role, number>> = { visitors: 1, fact: 1, greeting: 0.3, wish: 0.2, dont: 0.05, style: 0.1 };
/** Surer than this, a trade of the graph goes before the client’s own word for what they are. */
const SURE = 0.4;
/** Below this others may be it as well, and are offered. */
const DOUBTED_BELOW = 0.8;
/** In a line or two there is nothing else a word of a trade could be about. */
const LINE = 120;
const SURE_IN_A_LINE = 0.3;

/** What of a piece tells of a trade. */
export interface Telling {
  text: string;
  role: string;
  kind: string;
  depth: number;
  from: number;
  to: number;
}
type Stretch = Pick<Telling, 'from' | 'to'>;

/** A piece without the stretches that say where somebody is: on Church Lane there is many a trade. */
const withoutPlaces = ({ text, from, to }: Telling, places: readonly Stretch[]): string =>
  places.reduce((said, s) => {
    if (s.to <= from || s.from >= to) return said;
    const [a, b] = [Math.max(0, s.from - from), Math.min(said.length, s.to - from)];
    return said.slice(0, a) + ' '.repeat(Math.max(0, b - a)) + said.slice(b);
  }, text);

/** All of a brief that may speak for a trade: the name tells most, then what they call themselves. */
export function tradeEvidence(
  name: string,
  said: string,
  pieces: readonly Telling[],
  places: readonly Stretch[],
): Evidence[] {
  return [
    { text: name, standing: 'name', role: 'name', weight: 3 },
    { text: said, standing: 'said', role: 'said', weight: 3 },
    ...pieces
      .filter((p) => p.kind !== 'head' && p.kind !== 'label')
      .map((piece, n): Evidence => {
        const { role, kind, depth } = piece;
        const text = withoutPlaces(piece, places);
        const standing =
          kind === 'heading'
            ? 'heading'
            : n < 3
              ? 'first'
              : kind === 'item'
                ? 'list'
                : kind === 'value'
                  ? 'label'
                  : 'text';
        const top = standing === 'heading' || standing === 'first';
        return { text, standing, role, weight: (TELLS[role as Role] ?? 0.4) * (top ? 2 : 1) * (depth ? 0.5 : 1) };
      }),
  ];
}

/** How sure a trade must be before a site speaks of it and shows its things. */
const PLAIN = 0.85;

/**
 * The trade in the client’s word for it where they have one, those it may be where that is not sure, and whether the text
 * leaves no doubt of it.
 */
export function tradeOf(
  source: string,
  name: string,
  language: Language,
  pieces: readonly Telling[],
  places: readonly Stretch[],
  model: Linear,
): { trade: string; likely: string[]; plain: boolean } {
  const there = Object.values(languages).find((l) => l.reading === language)?.trades;
  const { said, own } = tradeSaid(source, name);
  const judged = judgeTrade(tradeEvidence(name, said, pieces, places), language, model);
  const short = source.length < LINE;
  if (!judged) return { trade: said, likely: [], plain: own || short };
  const likely = judged.sure < DOUBTED_BELOW ? judged.likely.flatMap((id) => there?.[id]?.noun ?? []) : [];
  if (judged.sure < (short ? SURE_IN_A_LINE : SURE)) return { trade: said, likely, plain: own || short };
  const known = there?.[judged.id];
  return {
    trade: known?.names.find((n) => n === judged.said) ?? known?.noun ?? judged.said,
    likely,
    plain: short || judged.sure >= PLAIN,
  };
}
