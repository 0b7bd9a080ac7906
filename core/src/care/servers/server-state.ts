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

/** The worst that is to be said of a server, and what to do about it. */
export function serverState(seen: ServerSeen): ServerState {
  const { error, memoryBytes, memoryFreeBytes, diskBytes, diskFreeBytes, roomDays, troubles, load, cores } = seen;
  const say = (tone: ServerState['tone'], words: string, advice: string): ServerState => ({ tone, words, advice });
  if (error !== undefined) return say('brick', 'Does not answer', error);
  if (!seen.database)
    return say(
      'brick',
      'Its database does not answer',
      'Pages go on; forms and desks say that they cannot. Look at PostgreSQL there.',
    );
  if (!seen.front)
    return say('brick', 'Its front does not answer', 'nginx there does not say how it is. The agent starts it anew.');
  if (!seen.writable)
    return say(
      'brick',
      'Its disk cannot be written to',
      'Pages go on; nothing can be deployed, and what is changed at desks is not kept. Mostly the disk fails: look at its system, and bring the sites up elsewhere.',
    );
  const off = Math.abs(seen.clockAheadS ?? 0);
  const sayClock = (tone: ServerState['tone']) =>
    say(
      tone,
      `Its clock is ${inWords(off)} ${(seen.clockAheadS ?? 0) > 0 ? 'fast' : 'slow'}`,
      'What is planned goes up at another hour, links and sessions end when they should not, and its logs are of the wrong day. Have its system keep the time (NTP).',
    );
  if (off >= CLOCK_WRONG_S) return sayClock('brick');
  const left = diskFreeBytes / diskBytes;
  if (left < 0.03)
    return say('brick', 'Nearly full', 'Nothing can be deployed soon. Move sites, or give it more room.');
  if (off >= CLOCK_OFF_S) return sayClock('lamp');
  if (roomDays !== null && roomDays < SOON_DAYS)
    return say(
      'lamp',
      roomDays < 1 ? 'Full within a day' : `Room for ${some(Math.floor(roomDays), 'day')}`,
      'So it goes on if it goes on as it did. Move sites, or give it more room.',
    );
  if (left < 0.1) return say('lamp', 'Little room', 'Move sites, or give it more room.');
  if (memoryBytes && memoryFreeBytes / memoryBytes < 0.06)
    return say('lamp', 'Little memory', 'It becomes slow once there is none. Move sites, or give it more.');
  if (troubles > 0)
    return say('lamp', `${some(troubles, 'answer')} failed`, 'In the last hour. What they were is in its log.');
  if (seen.holes)
    return say(
      'lamp',
      `${some(seen.holes, 'hole')} to close`,
      'Its system lacks packages that close them. Updates says which.',
    );
  if (load > 2 * cores)
    return say('lamp', 'Much to do', `${load.toFixed(1)} processes want to run, and ${cores} can. Visitors wait.`);
  return say('moss', 'Well', '');
}

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
