import PgBoss from 'pg-boss';
import type pg from 'pg';
import { transaction, type Database, type Queryable } from '../db/database.js';
import { tell } from '../events/events.js';

/** Work for a site; and work for the house, which belongs to no site. */
export type JobKind =
  | 'deploy'
  | 'certificate'
  | 'publish'
  | 'rollback'
  | 'round'
  | 'lab'
  | 'trial'
  | 'update'
  | 'leave'
  | 'remove'
  | 'backup'
  | 'revive'
  | 'move'
  | 'own'
  | 'agent'
  | 'credentials'
  | 'cleaning';
/** Those that change what is served: one of them at a time for a site. */
const SWITCHING: readonly JobKind[] = [
  ...(['deploy', 'publish', 'rollback', 'update', 'leave', 'remove', 'revive', 'move'] as const),
];

export interface JobStep {
  name: string;
  state: 'running' | 'done' | 'failed';
  detail: string;
  ms: number;
}

export interface Job {
  id: string;
  /** Null where it belongs to no site. */
  site: string | null;
  kind: JobKind;
  input: Record<string, unknown>;
  state: 'waiting' | 'running' | 'retrying' | 'done' | 'failed' | 'cancelled';
  steps: JobStep[];
  error: string | null;
  attempt: number;
  nextTry: string | null;
  createdAt: string;
  finishedAt: string | null;
}

/** Trouble that trying again will not mend: somebody has to do something first. */
export class JobRefused extends Error {
  override name = 'JobRefused';
}
/** Trouble that passes by itself: try again after so many seconds. */
export class JobLater extends Error {
  override name = 'JobLater';
  constructor(
    message: string,
    readonly seconds: number,
  ) {
    super(message);
  }
}
class JobCancelled extends Error {}

/** What a running job is given. */
export interface Work {
  job: Job;
  /** Aborted when the job is stopped, or a later attempt has taken it over. */
  signal: AbortSignal;
  /**
   * Runs one named step, timed and shown while it runs. What `work` gives back as `detail` is shown behind it. It does
   * not begin, and throws, where the job was stopped or a later attempt has taken it over.
   */
  step<T extends { detail: string } | string>(name: string, work: () => Promise<T>): Promise<T>;
}

const QUEUE = 'jobs';
/** Attempts after which a job that keeps failing is given up. Waiting for something outside (JobLater) does not count. */
const MOST_ATTEMPTS = 8;
const HEARTBEAT_MS = 1500;
const LOST_AFTER_S = 6;

/**
 * The fence: an attempt’s number is its token. A worker that stood still while another took its job over finds that it
 * has the job no more, at its next step at the latest, and writes nothing over what the other has written.
 */
const MINE = `id = $1 and state = 'running' and attempt = $2`;
const COLUMNS = `id, site, kind, input, state, steps, error, attempt, next_try as "nextTry", created_at as "createdAt", finished_at as "finishedAt"`;

/** The queue of long work: rows of `job` say what is going on, pg-boss wakes a worker when it is time. */
export class Jobs {
  private readonly boss: PgBoss;
  private readonly handlers = new Map<JobKind, (work: Work) => Promise<void>>();
  private sweeper: NodeJS.Timeout | undefined;
  /** Those that run here, to be stopped at once. */
  private readonly running = new Map<string, AbortController>();
  private cron: { name: string; line: string; run: () => Promise<void> }[] = [];

  constructor(
    private readonly db: Database,
    url: string,
    private readonly log: { error(o: object, m: string): void },
  ) {
    this.boss = new PgBoss({ connectionString: url, max: 4, schema: 'queue' });
    this.boss.on('error', (err) => log.error({ err }, 'the queue had trouble'));
  }

  handle(kind: JobKind, run: (work: Work) => Promise<void>): void {
    this.handlers.set(kind, run);
  }

  /** Runs something at the times of a cron line (UTC), on one server only. */
  every(name: string, line: string, run: () => Promise<void>): void {
    this.cron.push({ name, line, run });
  }

  async start(): Promise<void> {
    await this.boss.start();
    await this.boss.createQueue(QUEUE);
    for (let n = 0; n < 3; n++)
      await this.boss.work<{ id: string }>(
        QUEUE,
        { pollingIntervalSeconds: 0.5 },
        async ([item]) => void (item && (await this.run(item.data.id))),
      );
    for (const { name, line, run } of this.cron) {
      await this.boss.createQueue(name);
      await this.boss.schedule(name, line, {}, { tz: 'UTC' });
      await this.boss.work(name, { pollingIntervalSeconds: 5 }, async () => void (await run()));
    }
    await this.sweep();
    this.sweeper = setInterval(() => void this.sweep().catch(() => undefined), 2000);
  }

  async stop(): Promise<void> {
    clearInterval(this.sweeper);
    await this.boss.stop({ graceful: false, close: true }).catch(() => undefined);
  }

  /** Jobs whose worker was killed, and those whose wake-up was lost, are woken again. */
  private async sweep(): Promise<void> {
    const { rows } = await this.db.query<{ id: string }>(
      `update job set state = 'waiting', heartbeat_at = now(), next_try = null
       where (state = 'running' and heartbeat_at < now() - make_interval(secs => $1))
          or (state = 'retrying' and next_try < now() - interval '20 seconds')
          or (state = 'waiting' and coalesce(heartbeat_at, created_at) < now() - interval '20 seconds')
       returning id`,
      [LOST_AFTER_S],
    );
    for (const { id } of rows) await this.boss.send(QUEUE, { id });
  }

  /**
   * Starts a job, or gives the one of the same kind that is already open for the site.
   * @throws JobRefused where another job is changing what is served
   */
  async begin(site: string | null, kind: JobKind, input: Record<string, unknown> = {}): Promise<Job> {
    return transaction(this.db, async (client) => {
      if (SWITCHING.includes(kind)) {
        await client.query('select pg_advisory_xact_lock(7242, hashtext($1))', [site]);
        const { rowCount } = await client.query(
          `select 1 from job where site = $1 and state in ('waiting', 'running', 'retrying')
           and kind = any($2) and (kind <> $3 or input <> $4)`,
          [site, SWITCHING, kind, input],
        );
        if (rowCount)
          throw new JobRefused('Another release is being put in place. Wait until that has ended, or stop it.');
      }
      const made = await client.query<Job>(
        `insert into job (site, kind, input) values ($1, $2, $3) on conflict (coalesce(site, ''), kind) where state in ('waiting', 'running', 'retrying') do nothing returning ${COLUMNS}`,
        [site, kind, input],
      );
      const job = made.rows[0];
      if (!job) {
        // Somebody asked again: what waits for its next try is tried now.
        const { rows } = await client.query<Job>(
          `update job set next_try = case when state = 'retrying' then now() end where site is not distinct from $1 and kind = $2 and state in ('waiting', 'running', 'retrying') returning ${COLUMNS}`,
          [site, kind],
        );
        const open = rows[0];
        if (!open) throw new Error('the job ended this moment; ask again');
        if (open.state === 'retrying') await this.wake(client, open.id);
        return open;
      }
      await this.wake(client, job.id);
      await this.told(client, job);
      return job;
    });
  }

  private async wake(client: pg.PoolClient, id: string): Promise<void> {
    await this.boss.send(QUEUE, { id }, {
      db: { executeSql: (text: string, values: unknown[]) => client.query(text, values) },
    } as never);
  }

  async cancel(id: string): Promise<void> {
    const { rows } = await this.db.query<Job>(
      `update job set state = 'cancelled', finished_at = now() where id = $1 and state in ('waiting', 'running', 'retrying') returning ${COLUMNS}`,
      [id],
    );
    this.running.get(id)?.abort(new JobCancelled('stopped'));
    if (rows[0]) await this.told(this.db, rows[0]);
  }

  async recent(site: string, limit = 12): Promise<Job[]> {
    return (
      await this.db.query<Job>(`select ${COLUMNS} from job where site = $1 order by created_at desc limit $2`, [
        site,
        limit,
      ])
    ).rows;
  }

  /** The newest job of a kind that belongs to no site. */
  async newestOfHouse(kind: JobKind): Promise<Job | undefined> {
    const { rows } = await this.db.query<Job>(
      `select ${COLUMNS} from job where site is null and kind = $1 order by created_at desc limit 1`,
      [kind],
    );
    return rows[0];
  }

  /** The jobs of a kind at the sites of an organisation: the newest of each site, open or of the last day. */
  async ofKind(organisation: string, kind: JobKind): Promise<Job[]> {
    const { rows } = await this.db.query<Job>(
      `select * from (
         select distinct on (job.site) ${COLUMNS.split(', ')
           .map((c) => `job.${c}`)
           .join(', ')}
         from job join site on site.id = job.site
         where site.organisation = $1 and job.kind = $2
           and (job.state in ('waiting', 'running', 'retrying') or job.finished_at > now() - interval '1 day')
         order by job.site, job.created_at desc) newest order by "createdAt" desc limit 500`,
      [organisation, kind],
    );
    return rows;
  }

  /** Open jobs and the newest ended one of every site: what the foot shows. */
  async get(id: string): Promise<Job | undefined> {
    return (await this.db.query<Job>(`select ${COLUMNS} from job where id = $1`, [id])).rows[0];
  }

  private async run(id: string): Promise<void> {
    const { rows } = await this.db.query<Job>(
      `update job set state = 'running', attempt = attempt + 1, steps = '[]', error = null, next_try = null, heartbeat_at = now()
       where id = $1 and (state = 'waiting' or (state = 'retrying' and coalesce(next_try, now()) <= now() + interval '1 second')) returning ${COLUMNS}`,
      [id],
    );
    const job = rows[0];
    const handler = job && this.handlers.get(job.kind);
    if (!job || !handler) return;
    const stop = new AbortController();
    this.running.set(id, stop);
    const lost = () => stop.abort(new JobCancelled('stopped, or taken over by a later attempt'));
    const beat = setInterval(
      () =>
        void this.db.query(`update job set heartbeat_at = now() where ${MINE}`, [id, job.attempt]).then(
          ({ rowCount }) => rowCount || lost(),
          () => undefined,
        ),
      HEARTBEAT_MS,
    );
    const show = async () => {
      const { rowCount } = await this.db.query(`update job set steps = $3, heartbeat_at = now() where ${MINE}`, [
        id,
        job.attempt,
        JSON.stringify(job.steps),
      ]);
      if (!rowCount) throw new JobCancelled('stopped, or taken over by a later attempt');
      await this.told(this.db, job);
    };
    const step: Work['step'] = async (name, work) => {
      const line: JobStep = { name, state: 'running', detail: '', ms: 0 };
      job.steps.push(line);
      const started = performance.now();
      await show();
      try {
        const result = await work();
        Object.assign(line, {
          state: 'done',
          detail: typeof result === 'string' ? result : result.detail,
          ms: Math.round(performance.now() - started),
        });
        return result;
      } catch (error) {
        Object.assign(line, {
          state: 'failed',
          detail: (error as Error).message,
          ms: Math.round(performance.now() - started),
        });
        throw error;
      } finally {
        await show();
      }
    };
    try {
      await handler({ job, step, signal: stop.signal });
      await this.end(job, 'done', null);
    } catch (error) {
      if (!(error instanceof JobCancelled) && !stop.signal.aborted) await this.fail(job, error as Error);
    } finally {
      clearInterval(beat);
      this.running.delete(id);
    }
  }

  private async end(job: Job, state: 'done' | 'failed', error: string | null): Promise<void> {
    await this.db.query(`update job set state = $3, error = $4, steps = $5, finished_at = now() where ${MINE}`, [
      job.id,
      job.attempt,
      state,
      error,
      JSON.stringify(job.steps),
    ]);
    await this.told(this.db, job);
  }

  /** Tells those who see the site. Nobody is told of work that belongs to none. */
  private async told(db: Queryable, { id, site }: Job): Promise<void> {
    if (site !== null) await tell(db, { kind: 'job', site, job: id });
  }

  private async fail(job: Job, error: Error): Promise<void> {
    const later = error instanceof JobLater;
    if (error instanceof JobRefused || (!later && job.attempt >= MOST_ATTEMPTS))
      return this.end(job, 'failed', error.message);
    if (!later) this.log.error({ err: error, job: job.id, kind: job.kind }, 'a job failed and is tried again');
    const seconds = later ? error.seconds : Math.min(60, 2 ** job.attempt);
    await transaction(this.db, async (client) => {
      const { rowCount } = await client.query(
        `update job set state = 'retrying', error = $3, steps = $4, next_try = now() + make_interval(secs => $5) where ${MINE}`,
        [job.id, job.attempt, error.message, JSON.stringify(job.steps), seconds],
      );
      // Another attempt has it by now, or somebody stopped it: it is not for this one to wake it again.
      if (!rowCount) return;
      await this.boss.send(QUEUE, { id: job.id }, {
        startAfter: seconds,
        db: { executeSql: (text: string, values: unknown[]) => client.query(text, values) },
      } as never);
      await this.told(client, job);
    });
  }
}
