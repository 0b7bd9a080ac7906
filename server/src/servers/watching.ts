import { daysOfRoom } from '@tin-porch/core/care';
import type { Database } from '../db/database.js';
import { EachServer } from './each-server.js';
import type { Measured } from './host-client.js';
import { brokenAt } from './how-it-is.js';
import type { ServerTroubles } from './server-troubles.js';
import type { Servers } from './servers.js';

/** How often every server is asked how it is, ms. */
const EVERY_MS = 30_000;
/** How long one may take to say so, ms. */
const WITHIN_MS = 5000;
/** What of the past is shown: so many stretches of so many minutes. */
export const STRETCHES = 48;
export const STRETCH_MINUTES = 30;
/** Days from which it is told how long the room lasts. */
const ROOM_DAYS = 14;

/** How a server was in one stretch of time; null is what nobody knows. */
export interface ServerStretch {
  at: Date;
  /** Requests a second. */
  requests: number | null;
  /** Answers that were none. */
  troubles: number | null;
  load: number | null;
  /** Shares that are taken, 0 to 1. */
  memory: number | null;
  disk: number | null;
}

/** Asks the servers how they are, and keeps it. */
export class Watching {
  private timer: NodeJS.Timeout | undefined;
  private readonly each = new EachServer();

  constructor(
    private readonly db: Database,
    private readonly servers: Servers,
    private readonly serverTroubles: Pick<ServerTroubles, 'keep'>,
  ) {}

  start(everyMs = EVERY_MS): void {
    const look = () => void this.look().catch(() => undefined);
    look();
    this.timer = setInterval(look, everyMs);
  }
  stop(): void {
    clearInterval(this.timer);
  }

  /** Asks every server that answers, and keeps what it says: one row a minute and server, whoever asks. */
  async look(now = new Date()): Promise<void> {
    await this.each.run(await this.servers.all(), async ({ name, client }) => {
      const said = await client.measures(WITHIN_MS);
      await this.keep(name, said.now, now);
      await this.serverTroubles.keep(name, brokenAt(said), now);
    });
  }

  /** Keeps what a server said of itself. */
  async keep(server: string, m: Measured, now: Date): Promise<void> {
    await this.db.query(
      `insert into server_sample
         (server, at, load, cores, memory_bytes, memory_free, disk_bytes, disk_free, database, requests, troubles)
       values ($1, date_trunc('minute', $2::timestamptz), $3, $4, $5, $6, $7, $8, $9, $10, $11) on conflict do nothing`,
      [
        ...[server, now, m.load, m.cores, m.memoryBytes, m.memoryFreeBytes, m.diskBytes, m.diskFreeBytes],
        ...[m.database, m.requests, m.troubles],
      ],
    );
  }

  /** How a server was lately, the oldest stretch first; each is there, also where nobody knows. */
  async past(server: string, now = new Date()): Promise<ServerStretch[]> {
    const { rows } = await this.db.query<ServerStretch & { at: Date }>(
      `with stretch as (
         select generate_series(1, $3::int) as n,
           date_bin(make_interval(mins => $4), $2::timestamptz, 'epoch') + make_interval(mins => $4) as upto
       ), told as (
         select at, load, 1 - memory_free::float8 / nullif(memory_bytes, 0) as memory,
           1 - disk_free::float8 / nullif(disk_bytes, 0) as disk,
           requests, lag(requests) over w as requests_before, troubles, lag(troubles) over w as troubles_before,
           extract(epoch from at - lag(at) over w) as seconds
         from server_sample where server = $1 and at > $2::timestamptz - make_interval(mins => ($3 + 1) * $4)
         window w as (order by at)
       ), step as (
         -- A counter that is less than it was began anew: what it says came since.
         select *, case when requests >= requests_before then requests - requests_before else requests end as asked,
           case when troubles >= troubles_before then troubles - troubles_before else troubles end as wrong
         from told
       )
       select s.upto - make_interval(mins => ($3 - s.n + 1) * $4) as at, avg(t.load)::float8 as load,
         avg(t.memory) as memory, avg(t.disk) as disk,
         (sum(t.asked) filter (where t.requests_before is not null) / nullif(sum(t.seconds) filter (where t.requests_before is not null and t.requests is not null), 0))::float8 as requests,
         (sum(t.wrong) filter (where t.troubles_before is not null))::int as troubles
       from stretch s left join step t
         on t.at >= s.upto - make_interval(mins => ($3 - s.n + 1) * $4)
         and t.at < s.upto - make_interval(mins => ($3 - s.n) * $4)
       group by s.n, s.upto order by s.n`,
      [server, now, STRETCHES, STRETCH_MINUTES],
    );
    return rows;
  }

  /** Answers that were none in the last hour. */
  async troubles(server: string, now = new Date()): Promise<number> {
    const { rows } = await this.db.query<{ n: number }>(
      `select coalesce(sum(case when troubles >= before then troubles - before else troubles end), 0)::int as n
       from (select at, troubles, lag(troubles) over (order by at) as before from server_sample
         where server = $1 and at >= $2::timestamptz - interval '61 minutes' and at <= $2) s where before is not null`,
      [server, now],
    );
    return rows[0]!.n;
  }

  /** In how many days a server is full, as it went in the last two weeks; null where that is not to be seen. */
  async roomDays(server: string, now = new Date()): Promise<number | null> {
    const { rows } = await this.db.query<{ at: Date; free: string }>(
      `select distinct on (date_bin('4 hours', at, 'epoch')) at, disk_free as free from server_sample
       where server = $1 and at > $2::timestamptz - make_interval(days => $3) and at <= $2
       order by date_bin('4 hours', at, 'epoch'), at desc`,
      [server, now, ROOM_DAYS],
    );
    return daysOfRoom(rows.map((r) => ({ at: r.at.getTime(), free: Number(r.free) })));
  }
}
