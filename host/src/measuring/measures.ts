import { open, readFile, statfs, writeFile } from 'node:fs/promises';
import { request } from 'node:http';
import { availableParallelism, freemem, loadavg, totalmem } from 'node:os';
import { join } from 'node:path';
import {
  collectDefaultMetrics,
  Counter,
  Gauge,
  openMetricsContentType,
  Registry,
  type OpenMetricsContentType,
} from 'prom-client';
import type { HostParts } from '../public.js';
import { STATUS_SOCKET, TROUBLES } from '../front/nginx-conf.js';
import { Troubles, type Trouble } from './troubles.js';

/** How a hosting server is at one moment. Counters count from an own beginning, and begin anew with what counts. */
export interface Measured {
  /** Processes that run or wait, on average of the last minute; and how many can run at once. */
  load: number;
  cores: number;
  memoryBytes: number;
  memoryFreeBytes: number;
  diskBytes: number;
  diskFreeBytes: number;
  database: boolean;
  /**
   * Requests the front has answered since the agent began, without those for this figure, and connections it has open; null
   * where it does not say.
   */
  requests: number | null;
  connections: number | null;
  /** Answers that were none, since the agent began. */
  troubles: number;
  sites: number;
  upSeconds: number;
  /** Whether what is to be kept can be written to the disk; one that is full is told by what is free. */
  writable: boolean;
  /** What the clock says, in seconds since 1970 (UTC). */
  clock: number;
}

/** How long the front may take to say how it is, ms. */
const ASKED_MS = 2000;

/** Reads what `stub_status` of nginx says. @returns null where it is something else */
export function readStatus(text: string): { requests: number; connections: number } | null {
  const found = /^Active connections: (\d+)\s+server accepts handled requests\s+\d+ \d+ (\d+)/.exec(text);
  return found && { connections: Number(found[1]), requests: Number(found[2]) };
}

/** Memory that can be had without taking it from anybody, bytes (proc(5): MemAvailable). */
export const readAvailable = (meminfo: string): number | null => {
  const found = /^MemAvailable:\s+(\d+) kB$/m.exec(meminfo);
  return found && Number(found[1]) * 1024;
};

/** What is measured of a hosting server: for Tin Porch, and as OpenMetrics for whoever keeps such figures. */
export class Measures {
  private readonly troubles: Troubles;
  private readonly registry = new Registry<OpenMetricsContentType>();
  /** What the front counted when it was asked the last time, and what that came to since the agent began. */
  private counted: number | null = null;
  private requests = 0;
  private collect: () => Promise<void> = () => Promise.resolve();

  constructor(private readonly parts: Pick<HostParts, 'config' | 'databases' | 'sites' | 'certificates'>) {
    this.troubles = new Troubles(join(parts.config.data, 'front', TROUBLES));
    this.register();
  }

  /** Begins to count what goes wrong. */
  start = (): Promise<unknown> => this.troubles.count();

  async now(): Promise<Measured> {
    const { config, databases, sites } = this.parts;
    const [disk, meminfo, front, database, troubles, writable] = await Promise.all([
      statfs(config.data),
      readFile('/proc/meminfo', 'utf8').catch(() => ''),
      this.front(),
      databases.answers(),
      this.troubles.count(),
      this.writable(),
    ]);
    return {
      load: loadavg()[0]!,
      cores: availableParallelism(),
      memoryBytes: totalmem(),
      memoryFreeBytes: readAvailable(meminfo) ?? freemem(),
      diskBytes: disk.blocks * disk.bsize,
      diskFreeBytes: disk.bavail * disk.bsize,
      database,
      requests: front && this.since(front.requests),
      connections: front?.connections ?? null,
      troubles,
      sites: sites.all().length,
      upSeconds: Math.round(process.uptime()),
      writable,
      clock: Date.now() / 1000,
    };
  }

  /** Tries to write. A disk without room for it is full, which is another trouble. */
  private writable = (): Promise<boolean> =>
    writeFile(join(this.parts.config.data, 'written'), new Date().toISOString()).then(
      () => true,
      (error: NodeJS.ErrnoException) => error.code === 'ENOSPC' || error.code === 'EDQUOT',
    );

  /** What went wrong lately, the newest first. */
  wrong = (): Promise<Trouble[]> => this.troubles.newest();

  /** All of it as OpenMetrics text, and its media type. */
  async text(): Promise<{ type: string; text: string }> {
    await this.collect();
    return { type: this.registry.contentType, text: await this.registry.metrics() };
  }

  /** Adds up what the front counts, which begins anew with it. Whoever asks for it is counted too. */
  private since(counted: number): number {
    const before = this.counted ?? counted - 1;
    this.requests += Math.max(0, (counted >= before ? counted - before : counted) - 1);
    this.counted = counted;
    return this.requests;
  }

  private async front(): Promise<ReturnType<typeof readStatus>> {
    // By way of its open folder: its path may be longer than a socket’s can be.
    const held = await open(join(this.parts.config.data, 'front'), 'r').catch(() => null);
    if (!held) return null;
    try {
      const said = await new Promise<string>((done, fail) => {
        const asked = request(
          { socketPath: `/proc/self/fd/${held.fd}/${STATUS_SOCKET}`, path: '/', timeout: ASKED_MS, agent: false },
          (res) => {
            let text = '';
            res.setEncoding('utf8').on('data', (part: string) => (text += part));
            res.on('end', () => done(text)).on('error', fail);
          },
        );
        asked.on('timeout', () => asked.destroy(new Error('no answer')));
        asked.on('error', fail).end();
      });
      return readStatus(said);
    } catch {
      return null;
    } finally {
      await held.close();
    }
  }

  private register(): void {
    const registers = [this.registry];
    this.registry.setContentType(openMetricsContentType);
    collectDefaultMetrics({ register: this.registry });
    const gauge = (name: string, help: string) => new Gauge({ name: `tin_porch_host_${name}`, help, registers });
    const counter = (name: string, help: string) => new Counter({ name: `tin_porch_host_${name}`, help, registers });
    const all: Record<keyof Measured, Gauge | Counter> = {
      load: gauge('load1', 'Processes that run or wait, on average of the last minute'),
      cores: gauge('cores', 'Processes that can run at once'),
      memoryBytes: gauge('memory_bytes', 'Memory there is'),
      memoryFreeBytes: gauge('memory_free_bytes', 'Memory that can be had'),
      diskBytes: gauge('disk_bytes', 'Room there is'),
      diskFreeBytes: gauge('disk_free_bytes', 'Room that is left'),
      database: gauge('database_up', 'Whether the database answers'),
      requests: counter('front_requests_total', 'Requests the front has answered since the agent began'),
      connections: gauge('front_connections', 'Connections the front has open'),
      troubles: counter('troubles_total', 'Answers that were none since the agent began'),
      sites: gauge('sites', 'Sites that are here'),
      upSeconds: gauge('up_seconds', 'Since when the agent runs'),
      writable: gauge('disk_writable', 'Whether the disk can be written to'),
      clock: gauge('clock_timestamp_seconds', 'What the clock says'),
    };
    const ends = new Gauge({
      name: 'tin_porch_host_certificate_ends_timestamp_seconds',
      help: 'When a certificate ends',
      labelNames: ['domain'],
      registers,
    });
    this.collect = async () => {
      const now = await this.now();
      for (const [name, one] of Object.entries(all) as [keyof Measured, Gauge | Counter][]) {
        one.reset();
        // What is not known is not told as nothing.
        if (now[name] === null) one.remove();
        else one.inc(Number(now[name]));
      }
      ends.reset();
      for (const { domain, notAfter } of this.parts.certificates.all())
        ends.set({ domain }, Date.parse(notAfter) / 1000);
    };
  }
}
