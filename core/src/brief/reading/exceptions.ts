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
const DAYS = `(?:(?:im|vom|in|from|on|am|le|du|el|del)\\s+|^\\s*)${DATE}(?:${BETWEEN}${DATE})?`;
const BACKWARD = new RegExp(`${DAYS}\\s*[,:]?\\s+${CLOSED}`, 'i');
const TIME = '(\\d{1,2})(?:[.:h](\\d{2}))?';
const OPEN = new RegExp(`^\\s*${DAYS}\\s*[,:]?\\s+${TIME}\\s*(?:–|-|to|bis|à|a)\\s*${TIME}\\s*$`, 'i');
const byMonth = MONTHS.map((m) => new RegExp(`^(?:${m})$`, 'i'));

/** Reads at what time of the year it is closed, in English, Spanish, French or German; null where the text says no such thing. */
export function readClosure(text: string): Closure | null {
  const m = FORWARD.exec(text) ?? BACKWARD.exec(text);
  const from = m && yearDay(m[1], m[2]);
  return from && { from, to: yearDay(m[3], m[4]) };
}
function yearDay(day: string | undefined, month: string | undefined): YearDay | null {
  const index = month ? byMonth.findIndex((p) => p.test(month)) : -1;
  const number = day ? Number(day) : null;
  return index < 0 || (number !== null && (number < 1 || number > 31)) ? null : { month: index + 1, day: number };
}

/** Some days of the year that have hours of their own, `HH:MM`. */
export interface OtherHours extends Closure {
  opens: string;
  closes: string;
}
/** Reads at what hours it is open on some days of the year, as “24 December 9–12”; null where the text says no such thing. */
export function readOtherHours(text: string): OtherHours | null {
  const m = OPEN.exec(text);
  const from = m && yearDay(m[1], m[2]);
  // With no day, the first number is none of an hour either: “in May 9–12” is a season.
  if (!from?.day) return null;
  const clock = (hour: string, minute = '00') => `${hour.padStart(2, '0')}:${minute}`;
  const [opens, closes] = [clock(m![5]!, m![6]), clock(m![7]!, m![8])];
  return opens < closes && closes <= '24:00' && /:[0-5]/.test(opens) && /:[0-5]/.test(closes)
    ? { from, to: yearDay(m![3], m![4]), opens, closes }
    : null;
}
