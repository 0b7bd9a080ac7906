import type { Span } from '../reading/span.js';
import { NOT_VISITED } from './lexicon.js';
import type { YearPoint } from './tokens.js';

/** A time of the year: from one point to another, or one that has a name of its own (“winter”). */
export interface Season {
  from: YearPoint | null;
  to: YearPoint | null;
  /** One that begins and ends on no day. */
  name: SeasonName | null;
}
export type SeasonName = 'summer' | 'winter' | 'spring' | 'autumn' | 'season' | 'term' | 'school holidays';

/** Days on which the doors are open between two times, Monday being 0; times are HH:MM, 24 hours. */
export interface Opening {
  days: number[];
  opens: string;
  closes: string;
  /** The part of the business that keeps them, in the words of the text; empty for all of it. */
  of: string;
  season: Season | null;
}

/** Days that were said to be closed, all year or for a time of it. */
export interface Closing {
  days: number[];
  season: Season | null;
}

/** Opening hours as they were read; `rules` are what cannot be said by days and times, in the words they came in. */
export interface Hours {
  openings: Opening[];
  closings: Closing[];
  rules: string[];
}

/** Hours with the stretch each was read from. */
export interface ReadHours {
  hours: Hours;
  spans: Span[];
}

const DAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];
const MONTH_NAMES = [
  ...['January', 'February', 'March', 'April', 'May', 'June'],
  ...['July', 'August', 'September', 'October', 'November', 'December'],
];
/** Minutes after midnight of HH:MM. */
export const minutesOf = (hhmm: string): number => Number(hhmm.slice(0, 2)) * 60 + Number(hhmm.slice(3));
/** Minutes after midnight as HH:MM. */
export const hhmm = (minutes: number): string =>
  `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`;
const plainTime = (time: string) => `${Number(time.slice(0, 2))}.${time.slice(3)}`;

/** Days in words: runs of three and more as “Monday to Friday”. */
export function dayList(days: readonly number[]): string {
  const sorted = [...new Set(days)].sort((a, b) => a - b);
  if (sorted.length === 7) return 'Every day';
  const runs: number[][] = [];
  for (const d of sorted) {
    const run = runs.at(-1);
    if (run && run.at(-1) === d - 1) run.push(d);
    else runs.push([d]);
  }
  const words = runs.flatMap((r) =>
    r.length > 2 ? [`${DAYS[r[0]!]!} to ${DAYS[r.at(-1)!]!}`] : r.map((d) => DAYS[d]!),
  );
  return words.length < 2 ? words.join('') : `${words.slice(0, -1).join(', ')} and ${words.at(-1)!}`;
}

const EDGE_WORDS = { start: 'start of ', middle: 'mid-', end: 'end of ' };
const pointWords = ({ month, day, edge, said }: YearPoint): string =>
  month === null ? said : `${day === null ? (edge ? EDGE_WORDS[edge] : '') : `${day} `}${MONTH_NAMES[month - 1]!}`;
/** A season in the sheet’s own words: “1 April to 31 October”, “Winter”. */
export function seasonWords({ from, to, name }: Season): string {
  if (name) return SEASON_NAMES[name];
  const words = from ? `${pointWords(from)}${to ? ` to ${pointWords(to)}` : ''}` : '';
  return words.charAt(0).toUpperCase() + words.slice(1);
}
const SEASON_NAMES: Record<SeasonName, string> = {
  summer: 'Summer',
  winter: 'Winter',
  spring: 'Spring',
  autumn: 'Autumn',
  season: 'In season',
  term: 'Term time',
  'school holidays': 'School holidays',
};
const keyOf = (o: { of?: string; season: Season | null }) => `${o.of ?? ''}|${o.season ? seasonWords(o.season) : ''}`;

/** How a line begins whose times are not those of the whole house the whole year. */
const lead = (of: string, season: Season | null): string =>
  [of, season ? seasonWords(season) : '']
    .filter(Boolean)
    .map((w) => `${w}: `)
    .join('');

/** The sheet’s own way to write some opening hours: a line a rule, days of the same times together. */
export function hoursLines({ openings, closings, rules }: Hours): string {
  const groups = new Map<
    string,
    { of: string; season: Season | null; byDay: Map<number, Opening[]>; shut: number[] }
  >();
  const groupOf = (of: string, season: Season | null) => {
    const key = keyOf({ of, season });
    const known = groups.get(key) ?? { of, season, byDay: new Map<number, Opening[]>(), shut: [] };
    groups.set(key, known);
    return known;
  };
  for (const o of openings) {
    const { byDay } = groupOf(o.of, o.season);
    for (const d of o.days) {
      const before = byDay.get(d) ?? [];
      // Of two times that cannot both be right the first stands; that they differ is said elsewhere.
      if (before.some((b) => b.opens < o.closes && o.opens < b.closes)) continue;
      byDay.set(
        d,
        [...before, o].sort((a, b) => (a.opens < b.opens ? -1 : 1)),
      );
    }
  }
  for (const c of closings) groupOf('', c.season).shut.push(...c.days);
  const lines = [...groups.values()].flatMap(({ of, season, byDay, shut }) => {
    const same: { days: number[]; said: string }[] = [];
    for (const d of [...byDay.keys()].sort((a, b) => a - b)) {
      const said = byDay
        .get(d)!
        .map((o) => `${plainTime(o.opens)}–${plainTime(o.closes)}`)
        .join(' and ');
      const line = same.find((l) => l.said === said);
      if (line) line.days.push(d);
      else same.push({ days: [d], said });
    }
    const closed = [...new Set(shut)].filter((d) => !byDay.has(d));
    return [
      ...same.map((l) => `${lead(of, season)}${dayList(l.days)} ${l.said}`),
      ...(closed.length ? [`${lead(of, season)}${dayList(closed)} closed`] : []),
    ];
  });
  return [...lines, ...new Set(rules)].join('\n');
}

/** Days that were given times that cannot both be right, in the same part of the business at the same time of the year. */
export function hoursConflicts(openings: readonly Opening[]): { day: number; times: string[] }[] {
  const out: { day: number; times: string[] }[] = [];
  for (let day = 0; day < 7; day++) {
    const on = openings.filter((o) => o.days.includes(day));
    const clash = (a: Opening, b: Opening) =>
      a !== b &&
      keyOf(a) === keyOf(b) &&
      a.opens < b.closes &&
      b.opens < a.closes &&
      (a.opens !== b.opens || a.closes !== b.closes);
    if (on.some((a) => on.some((b) => clash(a, b))))
      out.push({ day, times: [...new Set(on.map((o) => `${o.opens}–${o.closes}`))] });
  }
  return out;
}

/** The openings that hold all year for whom one visits: those of the whole house, else those of its first part. */
export function plainOpenings({ openings }: Hours): Opening[] {
  const first = openings[0]?.of ?? '';
  return openings.filter((o) => o.season === null && (o.of === '' || (o.of === first && !NOT_VISITED.test(o.of))));
}
