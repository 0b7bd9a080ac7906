import { some } from '../../ground/some.js';

/** How much room was left at a moment. */
export interface RoomSample {
  /** ms since 1970. */
  at: number;
  /** Bytes. */
  free: number;
}
const HOUR_MS = 3_600_000;
const DAY_MS = 24 * HOUR_MS;
/** What is looked at for less than this says nothing of the days to come. */
const LEAST_SPAN_MS = 12 * HOUR_MS;

/**
 * In how many days nothing is left, if it goes on as it went: the slope of Theil and Sen (the median of the slopes between any
 * two samples), which a clearing or one large upload does not turn. Null where it does not become less, or where it was looked
 * at for less than half a day.
 */
export function daysOfRoom(samples: readonly RoomSample[]): number | null {
  const all = [...samples].sort((a, b) => a.at - b.at);
  const last = all.at(-1);
  if (!last || last.at - all[0]!.at < LEAST_SPAN_MS) return null;
  const slopes: number[] = [];
  for (let i = 0; i < all.length; i++)
    for (let j = i + 1; j < all.length; j++)
      if (all[j]!.at > all[i]!.at) slopes.push((all[j]!.free - all[i]!.free) / (all[j]!.at - all[i]!.at));
  slopes.sort((a, b) => a - b);
  const slope = slopes[Math.floor(slopes.length / 2)]!;
  return slope < 0 ? last.free / -slope / DAY_MS : null;
}

/** What is known of a server at this moment. */
export interface ServerSeen {
  /** Why it was not answered; left out where it was. */
  error?: string | undefined;
  database: boolean;
  /** Whether its front says how it is. */
  front: boolean;
  load: number;
  cores: number;
  memoryBytes: number;
  memoryFreeBytes: number;
  diskBytes: number;
  diskFreeBytes: number;
  /** In how many days it is full; null where that is not to be seen. */
  roomDays: number | null;
  /** Answers that were none, in the last hour. */
  troubles: number;
  /** Packages of its system of which a newer one closes a hole; null where that is not known. */
  holes: number | null;
  /** Whether its disk can be written to. */
  writable: boolean;
  /** By how many seconds its clock is ahead of ours; null where it does not say. */
  clockAheadS: number | null;
}
/** How a server is, in a few words: `brick` is broken, `lamp` needs somebody, `moss` was measured to be good. */
export interface ServerState {
  tone: 'moss' | 'lamp' | 'brick';
  words: string;
  /** What it means and what to do; empty where nothing is. */
  advice: string;
}

const SOON_DAYS = 30;
/** From so many seconds on a clock is told to be off; from so many it does harm. */
const CLOCK_OFF_S = 60;
const CLOCK_WRONG_S = 3600;
const inWords = (seconds: number): string =>
  seconds >= 2 * 86_400
    ? some(Math.round(seconds / 86_400), 'day')
    : seconds >= 2 * 3600
      ? some(Math.round(seconds / 3600), 'hour')
      : some(Math.round(seconds / 60), 'minute');

/** What is broken at a server that answers. */
export type ServerFault = 'database' | 'front' | 'disk' | 'clock' | 'full';

/** All that is to be said of a server, the worst first; what is broken with what it is. Empty where all is well. */
function told(seen: ServerSeen): (ServerState & { fault?: ServerFault })[] {
  const { error, memoryBytes, memoryFreeBytes, diskBytes, diskFreeBytes, roomDays, troubles, load, cores } = seen;
  // Of one that does not answer nothing else is known.
  if (error !== undefined) return [{ tone: 'brick', words: 'Does not answer', advice: error }];
  const all: (ServerState & { fault?: ServerFault })[] = [];
  const broken = (fault: ServerFault, words: string, advice: string) =>
    void all.push({ tone: 'brick', words, advice, fault });
  const wants = (words: string, advice: string) => void all.push({ tone: 'lamp', words, advice });
  if (!seen.database)
    broken(
      'database',
      'Its database does not answer',
      'Pages go on; forms and desks say that they cannot. Look at PostgreSQL there.',
    );
  if (!seen.front)
    broken('front', 'Its front does not answer', 'nginx there does not say how it is. The agent starts it anew.');
  if (!seen.writable)
    broken(
      'disk',
      'Its disk cannot be written to',
      'Pages go on; nothing can be deployed, and what is changed at desks is not kept. Mostly the disk fails: look at its system, and bring the sites up elsewhere.',
    );
  const off = Math.abs(seen.clockAheadS ?? 0);
  const clock = [
    `Its clock is ${inWords(off)} ${(seen.clockAheadS ?? 0) > 0 ? 'fast' : 'slow'}`,
    'What is planned goes up at another hour, links and sessions end when they should not, and its logs are of the wrong day. Have its system keep the time (NTP).',
  ] as const;
  if (off >= CLOCK_WRONG_S) broken('clock', ...clock);
  const left = diskFreeBytes / diskBytes;
  if (left < 0.03) broken('full', 'Nearly full', 'Nothing can be deployed soon. Move sites, or give it more room.');
  if (off >= CLOCK_OFF_S && off < CLOCK_WRONG_S) wants(...clock);
  if (roomDays !== null && roomDays < SOON_DAYS)
    wants(
      roomDays < 1 ? 'Full within a day' : `Room for ${some(Math.floor(roomDays), 'day')}`,
      'So it goes on if it goes on as it did. Move sites, or give it more room.',
    );
  if (left < 0.1) wants('Little room', 'Move sites, or give it more room.');
  if (memoryBytes && memoryFreeBytes / memoryBytes < 0.06)
    wants('Little memory', 'It becomes slow once there is none. Move sites, or give it more.');
  if (troubles > 0) wants(`${some(troubles, 'answer')} failed`, 'In the last hour. What they were is in its log.');
  if (seen.holes)
    wants(`${some(seen.holes, 'hole')} to close`, 'Its system lacks packages that close them. Updates says which.');
  if (load > 2 * cores)
    wants('Much to do', `${load.toFixed(1)} processes want to run, and ${cores} can. Visitors wait.`);
  return all;
}

/** The worst that is to be said of a server, and what to do about it. */
export function serverState(seen: ServerSeen): ServerState {
  const [worst] = told(seen);
  return worst
    ? { tone: worst.tone, words: worst.words, advice: worst.advice }
    : { tone: 'moss', words: 'Well', advice: '' };
}

/** All that is broken at a server that answers, the worst first. */
export const serverFaults = (seen: ServerSeen): { fault: ServerFault; words: string; advice: string }[] =>
  told(seen).flatMap(({ fault, words, advice }) => (fault ? [{ fault, words, advice }] : []));

/**
 * What lies behind an answer that was none, in words. @param status what the visitor got @param behind what the agent
 * answered the front, `-` where it was not asked
 */
export function troubleCause(status: number, behind: string): string {
  const last = behind.split(/[,:] ?/).at(-1)!;
  if (last === '502' || last === '504')
    return 'The agent did not answer: it was being started, or stood still. Pages and files went on.';
  if (status === 507) return 'The disk is full.';
  if (status === 503 && last === '503')
    return 'The agent said that it cannot now: its database did not answer, too much was asked at once, or the site was being moved. Whoever wrote kept what they wrote.';
  if (last === '500')
    return 'The agent failed, or a file was not as it was written. A round finds which, and a deploy mends it.';
  if (last === '-' || last === '')
    return 'The front could not read what it was to send: its disk, or too many open files.';
  return `The agent answered ${last}.`;
}
