import { readdir, readFile, rm, stat } from 'node:fs/promises';
import { join } from 'node:path';
import { countVisits, readLogLine, shortenLog, type LogEntry } from '@tin-porch/core/care';
import { writeDurable } from './durable.js';

/** Access logs in the combined log format, as the front writes them: one file a site and day; and what they say about visits. */
export class AccessLogs {
  private readonly counted = new Map<
    string,
    { size: number; days: Record<string, { visits: number; pages: number }> }
  >();

  constructor(private readonly folder: string) {}

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

  /** Shortens the addresses in logs of days that are over a week ago. Each log is rewritten once. */
  async shorten(now: Date): Promise<number> {
    const before = new Date(now.getTime() - 7 * 86_400_000).toISOString().slice(0, 10);
    let count = 0;
    for (const siteId of await readdir(this.folder).catch(() => [] as string[]))
      for (const name of await readdir(join(this.folder, siteId)).catch(() => [] as string[])) {
        if (!/^\d{4}-\d\d-\d\d\.log$/.test(name) || name.slice(0, 10) >= before) continue;
        const file = join(this.folder, siteId, name);
        const text = await readFile(file, 'utf8');
        const short = shortenLog(text);
        if (short === text) continue;
        await writeDurable(file, short);
        count++;
      }
    return count;
  }

  /** Visits by day since an ISO date. */
  async visits(siteId: string, since: string): Promise<Record<string, { visits: number; pages: number }>> {
    const folder = join(this.folder, siteId);
    const names = await readdir(folder).catch(() => [] as string[]);
    const out: Record<string, { visits: number; pages: number }> = {};
    for (const name of names.sort()) {
      if (!name.endsWith('.log') || name.slice(0, 10) < since) continue;
      const file = join(folder, name);
      const { size } = await stat(file);
      let known = this.counted.get(file);
      if (known?.size !== size) {
        const entries = (await readFile(file, 'utf8'))
          .split('\n')
          .map(readLogLine)
          .filter((e): e is LogEntry => e !== null);
        known = { size, days: countVisits(entries) };
        this.counted.set(file, known);
      }
      Object.assign(out, known.days);
    }
    return out;
  }
}
