import type { Language } from '../../language/language.js';
import { softmax, type Linear } from '../roles/linear.js';
import { noneOf, tradeCandidates, type Evidence } from './candidates.js';

/** The trade a text is of, and how sure that is, 0 to 1. */
export interface TradeJudgement {
  id: string;
  /** What it is called there; empty where only what it works on is met. */
  said: string;
  sure: number;
  /** The likeliest trades, this one first, three at most. */
  likely: string[];
}

/**
 * Judges what trade a text is of by all that speaks for one: what the business calls itself, what it says it is, what it
 * works on and offers. Null where nothing does.
 */
export function judgeTrade(evidence: readonly Evidence[], language: Language, model: Linear): TradeJudgement | null {
  const candidates = tradeCandidates(evidence, language);
  if (!candidates.length) return null;
  const scores = [noneOf(candidates), ...candidates.map((c) => c.features)].map((f) => model.scores(f)[0]!);
  const [, ...sure] = softmax(scores);
  const ranked = candidates.map((c, n) => ({ ...c, sure: sure[n]! })).sort((a, b) => b.sure - a.sure);
  const [first] = ranked;
  return { id: first!.id, said: first!.said, sure: first!.sure, likely: ranked.slice(0, 3).map((c) => c.id) };
}
