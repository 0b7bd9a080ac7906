import type { Currency } from './money.js';
import { monthOf, type Month } from './months.js';

/** What a client pays for the care of a site, and what that has in it. */
export interface CarePlan {
  name: string;
  /** Hundredths, without tax. */
  price: number;
  currency: Currency;
  every: 'month' | 'year';
  /** Minutes of work each month that the price has in it. */
  minutes: number;
  /** Hundredths for an hour beyond them; null where nothing beyond is charged. */
  rate: number | null;
  /** What the price has in it, in words. */
  includes: string[];
  since: Month;
  /** The last month of it; null where it goes on. */
  until: Month | null;
}

/** What work is set against: the plan, an invoice of its own, or nothing. */
export const CHARGES = ['plan', 'extra', 'free'] as const;
export type Charge = (typeof CHARGES)[number];

/** Work somebody did. */
export interface TimeNote {
  /** ISO 8601 date. */
  day: string;
  minutes: number;
  words: string;
  charge: Charge;
}

/** The most minutes one note may have: a day. */
export const MOST_MINUTES = 1440;

/** How the work of a month stands against a plan, minutes. */
export interface MonthUse {
  included: number;
  /** Set against the plan. */
  used: number;
  /** Of that, what the plan does not have in it. */
  beyond: number;
  /** Set against an invoice of its own. */
  extra: number;
  free: number;
}

/** True where a plan is good in a month. */
export const planIn = (plan: CarePlan | null, month: Month): plan is CarePlan =>
  plan !== null && plan.since <= month && (plan.until === null || month <= plan.until);

/** How the work of a month stands. What a plan has in it and is not used is not carried over. */
export function useOf(plan: CarePlan | null, month: Month, notes: readonly TimeNote[]): MonthUse {
  const sum = (charge: Charge) =>
    notes.filter((n) => n.charge === charge && monthOf(n.day) === month).reduce((all, n) => all + n.minutes, 0);
  const included = planIn(plan, month) ? plan.minutes : 0;
  const used = sum('plan');
  return { included, used, beyond: Math.max(0, used - included), extra: sum('extra'), free: sum('free') };
}

/** Minutes as people say them: “45 min”, “2 h”, “1 h 20 min”. */
export function minuteWords(minutes: number): string {
  const [h, m] = [Math.floor(minutes / 60), minutes % 60];
  return [h && `${h} h`, (m || !h) && `${m} min`].filter(Boolean).join(' ');
}

/**
 * Reads a time as somebody types it: “90” and “45 min” are minutes, “1:30”, “1.5”, “1,5 h”, “2h” and “1h30” are hours. Null
 * where it is none, nothing, or more than a day.
 */
export function readMinutes(text: string): number | null {
  const bare = text.toLowerCase().replace(/\s+/g, '');
  const clock = /^(\d{1,2})(?::|h)(\d{1,2})(?:m|min)?$/.exec(bare);
  const hours = /^(\d{1,2}(?:[.,]\d{1,2})?)(?:h|hours?|hrs?|std)$/.exec(bare) ?? /^(\d{1,2}[.,]\d{1,2})$/.exec(bare);
  const plain = /^(\d{1,4})(?:m|mins?|minutes?|minuten)?$/.exec(bare);
  const minutes = clock
    ? Number(clock[2]) < 60
      ? Number(clock[1]) * 60 + Number(clock[2])
      : 0
    : hours
      ? Math.round(Number(hours[1]!.replace(',', '.')) * 60)
      : plain
        ? Number(plain[1])
        : 0;
  return minutes > 0 && minutes <= MOST_MINUTES ? minutes : null;
}
