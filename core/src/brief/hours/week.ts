import { hoursLines, minutesOf, type Closing, type Opening } from './hours.js';
import { readHours } from './read.js';

/** A stretch of a day at which the doors are open: HH:MM, 24 hours. */
export interface DayTime {
  opens: string;
  closes: string;
}
/** Opening hours by the days of the week, Monday first, and the lines that say something else, in their own words. */
export interface Week {
  /** Seven days; null where nothing is said of one, none where it is closed. */
  days: (DayTime[] | null)[];
  others: string[];
}

/**
 * Opening hours as a week. Only lines that say nothing but days and times are read into it; every other line stays as it
 * is, so that nothing anybody wrote is lost.
 */
export function weekOf(hours: string): Week {
  const days: (DayTime[] | null)[] = Array.from({ length: 7 }, () => null);
  const others: string[] = [];
  for (const line of hours.split(/\r?\n/).map((l) => l.trim())) {
    if (!line) continue;
    const { openings, closings, rules } = readHours(line).hours;
    const plain = [...openings, ...closings].every((o) => o.season === null && !('of' in o && o.of));
    // What it reads has to be all that the line says.
    const same = (a: string) => a.toLowerCase().replace(/[^\p{L}\d]+/gu, '');
    const whole = same(hoursLines({ openings, closings, rules: [] }).replaceAll('\n', ', ')) === same(line);
    if (!plain || rules.length || !(openings.length || closings.length) || !whole) {
      others.push(line);
      continue;
    }
    for (const { days: on, opens, closes } of openings) for (const d of on) (days[d] ??= []).push({ opens, closes });
    for (const { days: on } of closings) for (const d of on) days[d] ??= [];
  }
  return { days, others };
}

/** A week as the sheet of facts writes it: days of the same times together, then the other lines as they are. */
export function hoursOfWeek({ days, others }: Week): string {
  const openings = days.flatMap((times, d) =>
    (times ?? []).map(({ opens, closes }): Opening => ({ days: [d], opens, closes, of: '', season: null })),
  );
  const shut = days.flatMap((times, d) => (times && !times.length ? [d] : []));
  const closings: Closing[] = shut.length ? [{ days: shut, season: null }] : [];
  const week = hoursLines({ openings, closings, rules: [] });
  return [week, ...others.map((o) => o.trim())].filter(Boolean).join('\n');
}

const TIME = /^(?:[01]\d|2[0-3]):[0-5]\d$|^24:00$/;
/** What is wrong with the times of a day, in a sentence; null where nothing is. */
export function dayFault(times: readonly DayTime[]): string | null {
  const sorted = [...times].sort((a, b) => (a.opens < b.opens ? -1 : 1));
  for (const [n, { opens, closes }] of sorted.entries()) {
    if (!TIME.test(opens) || !TIME.test(closes)) return 'A time is missing.';
    if (minutesOf(opens) === minutesOf(closes)) return 'It opens and closes at the same time.';
    const next = sorted[n + 1];
    if (next && next.opens < closes) return 'Two of the times are over each other.';
  }
  return null;
}
