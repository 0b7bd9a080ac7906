import { MONTHS } from '../hours/lexicon.js';

/** A day of any year, or with no day a whole month. Months count from 1. */
export interface YearDay {
  month: number;
  day: number | null;
}
/** A time of the year at which it is closed. */
export interface Closure {
  from: YearDay;
  to: YearDay | null;
}

const MONTH = `(?:${MONTHS.join('|')})`;
const DATE = `(?:(\\d{1,2})(?:st|nd|rd|th|er|\\.)?\\s+(?:of\\s+|de\\s+)?)?(${MONTH})\\b`;
const CLOSED = '(?:closed|shut|geschlossen|fermée?s?|cerrad[oa]s?)';
const LEAD = '(?:\\s+(?:in|during|for|all|the|whole|of|from|on|im|vom|den|ganzen|en|du|tout|le|del|de|todo))*\\s+';
const BETWEEN = '\\s*(?:to|until|till?|and|-|–|bis(?: zum)?|au|à|jusqu’au|al|a|hasta(?: el)?)\\s*';
const FORWARD = new RegExp(`${CLOSED}${LEAD}${DATE}(?:${BETWEEN}${DATE})?`, 'i');
const BACKWARD = new RegExp(`(?:im|vom|in|from)\\s+${DATE}(?:${BETWEEN}${DATE})?\\s+${CLOSED}`, 'i');
const byMonth = MONTHS.map((m) => new RegExp(`^(?:${m})$`, 'i'));

/** Reads at what time of the year it is closed, in English, Spanish, French or German; null where the text says no such thing. */
export function readClosure(text: string): Closure | null {
  const m = FORWARD.exec(text) ?? BACKWARD.exec(text);
  if (!m) return null;
  const at = (day: string | undefined, month: string | undefined): YearDay | null => {
    const index = month ? byMonth.findIndex((p) => p.test(month)) : -1;
    const number = day ? Number(day) : null;
    return index < 0 || (number !== null && (number < 1 || number > 31)) ? null : { month: index + 1, day: number };
  };
  const from = at(m[1], m[2]);
  return from && { from, to: at(m[3], m[4]) };
}
