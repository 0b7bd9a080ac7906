import { createReadStream } from 'node:fs';
import { readdir, readFile, rm, stat } from 'node:fs/promises';
import { join } from 'node:path';
import {
  lineTest,
  readLogLine,
  shortenLog,
  Tally,
  type LogFound,
  type LogQuery,
  type VisitDay,
} from '@tin-porch/core/care';
import { writeDurable } from './durable.js';

/** A log as far as it was counted. */
interface Counted {
  size: number;
  ino: number;
  day: VisitDay;
  /** What stands behind the last whole line. */
  rest: string;
  /** Null where nothing comes to it any more. */
  tally: Tally | null;
}
/** A log nothing came to for so long is of a day that is over, ms. */
const OVER_MS = 2 * 86_400_000;
/** After so many days addresses are shortened, and after so many a log is thrown away. */
const SHORTENED_DAYS = 7;
const KEPT_DAYS = 92;

/** What was found in the logs of a site. */
export interface LogsLookedThrough {
  found: LogFound[];
  whole: boolean;
  since: string | null;
}

/** Access logs in the combined log format, as the front writes them: one file a site and day; and what they say about visits. */
export class AccessLogs {
  private readonly counted = new Map<string, Counted>();
  private readonly counting = new Map<string, Promise<VisitDay>>();

  /** @param hostsOf hosts of a site itself: who comes from there was there already */
  constructor(
    private readonly folder: string,
    private readonly hostsOf: (siteId: string) => ReadonlySet<string> = () => new Set(),
  ) {}

  /** Takes a past day’s log over from elsewhere, in place of what is here for that day. */
  async replace(siteId: string, day: string, text: string): Promise<number> {
    const lines = text.split('\n').filter((l) => readLogLine(l)?.day === day);
    await writeDurable(join(this.folder, siteId, `${day}.log`), lines.length ? lines.join('\n') + '\n' : '');
    return lines.length;
  }

  /** The days of which there is a log, the oldest first. */
  async days(siteId: string): Promise<string[]> {
    const names = await readdir(join(this.folder, siteId)).catch(() => [] as string[]);
    return names
      .filter((name) => /^\d{4}-\d\d-\d\d\.log$/.test(name))
      .map((name) => name.slice(0, 10))
      .sort();
  }

  /** The log of a day; null where there is none. */
  ofDay = (siteId: string, day: string): Promise<string | null> =>
    readFile(join(this.folder, siteId, `${day}.log`), 'utf8').catch(() => null);

  /** Throws away the logs of a site. */
  async takeOut(siteId: string): Promise<void> {
    const folder = join(this.folder, siteId);
    for (const file of this.counted.keys()) if (file.startsWith(`${folder}/`)) this.counted.delete(file);
    await rm(folder, { recursive: true, force: true });
  }

  /**
   * Forgets who came, by rule: addresses in logs of days that are over for a week are shortened, each log once; logs of days
   * before a quarter are thrown away, what they say by day being kept elsewhere by then. Gives how many of each.
   */
  async forget(now: Date): Promise<{ shortened: number; gone: number }> {
    const dayBefore = (days: number) => new Date(now.getTime() - days * 86_400_000).toISOString().slice(0, 10);
    const [week, quarter] = [dayBefore(SHORTENED_DAYS), dayBefore(KEPT_DAYS)];
    const did = { shortened: 0, gone: 0 };
    for (const siteId of await readdir(this.folder).catch(() => [] as string[]))
      for (const day of await this.days(siteId)) {
        if (day >= week) continue;
        const file = join(this.folder, siteId, `${day}.log`);
        if (day < quarter) {
          this.counted.delete(file);
          await rm(file, { force: true });
          did.gone++;
          continue;
        }
        const text = await readFile(file, 'utf8');
        const short = shortenLog(text);
        if (short === text) continue;
        await writeDurable(file, short);
        did.shortened++;
      }
    return did;
  }

  /**
   * What the logs say by day, since an ISO date. What was read before is not read again: of a log that has grown only what
   * came to it is.
   */
  async visits(siteId: string, since: string): Promise<Record<string, VisitDay>> {
    const own = this.hostsOf(siteId);
    const out: Record<string, VisitDay> = {};
    for (const day of await this.days(siteId)) {
      if (day < since) continue;
      const file = join(this.folder, siteId, `${day}.log`);
      const counted = await this.count(file, own);
      if (counted.visits || counted.machines || counted.forms || Object.keys(counted.missing).length)
        out[day] = counted;
    }
    return out;
  }

  /**
   * The newest lines of a site that a query is about, the newest first; whether its logs were looked through to their
   * beginning, and if not, from which day on (ISO date), null where none was. No log is begun after the deadline.
   * @param most lines; those of the same second as the last are all there @param deadline ms since 1970
   */
  async search(siteId: string, query: LogQuery, most: number, deadline: number): Promise<LogsLookedThrough> {
    const test = lineTest(query);
    const found: LogFound[] = [];
    let since: string | null = null;
    for (const day of (await this.days(siteId)).reverse()) {
      if (query.before !== null && day > query.before.slice(0, 10)) continue;
      if (found.length >= most || Date.now() > deadline) return { found, whole: false, since };
      // Where every line is wanted, only those are read of which the newest are made.
      const every = query.answers === 'any' && !query.text.trim() && query.before?.slice(0, 10) !== day;
      const lines: (string | LogFound)[] = [];
      const take = (line: string) => {
        const one = every ? line : test(line);
        if (one) lines.push(one);
        // What came first on a busy day is older than what is asked for.
        if (lines.length > 20 * most) lines.splice(0, lines.length - 10 * most);
      };
      const rest = await eachLine(join(this.folder, siteId, `${day}.log`), take);
      if (rest) take(rest);
      const ofDay = lines.map((line) => (typeof line === 'string' ? test(line) : line)).filter((line) => line !== null);
      const newest = newestOf(ofDay, most - found.length);
      found.push(...newest);
      if (newest.length < ofDay.length) return { found, whole: false, since: day };
      since = day;
    }
    return { found, whole: true, since };
  }

  /** Counts a log to where it ends now; asked twice at once, it is read once. */
  private async count(file: string, own: ReadonlySet<string>): Promise<VisitDay> {
    const running = this.counting.get(file);
    if (running) return running;
    const work = this.countOn(file, own).finally(() => this.counting.delete(file));
    this.counting.set(file, work);
    return work;
  }

  private async countOn(file: string, own: ReadonlySet<string>): Promise<VisitDay> {
    const { size, mtimeMs, ino } = await stat(file);
    let known = this.counted.get(file);
    if (known?.size === size && known.ino === ino) return known.day;
    // One that is another file, or shorter than it was, was written anew.
    if (!known || known.ino !== ino || known.size > size || !known.tally)
      known = { size: 0, ino, tally: new Tally(own), rest: '', day: new Tally().day() };
    const tally = known.tally!;
    const more = { start: known.size, end: size - 1 };
    const rest = size > known.size ? await eachLine(file, (line) => tally.add(line), more, known.rest) : known.rest;
    const day = tally.day();
    // Who came is forgotten as soon as nobody can come any more on that day.
    const over = Date.now() - mtimeMs > OVER_MS;
    this.counted.set(file, { size, ino, day, rest, tally: over ? null : tally });
    return day;
  }
}

/** Gives each whole line of a log, or of a part of it. @param rest what stood before the part @returns what stands behind the last */
async function eachLine(
  file: string,
  each: (line: string) => void,
  part: { start?: number; end?: number } = {},
  rest = '',
): Promise<string> {
  const read = createReadStream(file, { ...part, encoding: 'latin1', highWaterMark: 1 << 20 });
  for await (const more of read as AsyncIterable<string>) {
    const text = rest + more;
    let from = 0;
    for (let end = text.indexOf('\n'); end >= 0; end = text.indexOf('\n', from)) {
      each(text.slice(from, end));
      from = end + 1;
    }
    rest = text.slice(from);
  }
  return rest;
}

/** The newest of some lines, the newest first: at most so many, and the others of the same second as the last. */
function newestOf(lines: LogFound[], most: number): LogFound[] {
  const sorted = lines.reverse().sort((a, b) => (a.at < b.at ? 1 : a.at > b.at ? -1 : 0));
  const last = sorted[most - 1]?.at;
  return last === undefined ? sorted : sorted.filter((l, n) => n < most || l.at === last);
}
