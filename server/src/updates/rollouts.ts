import { inWaves } from '@tin-porch/core/care';
import { Problem } from '@tin-porch/core/ground';
import { ENGINE } from '@tin-porch/core/page';
import { transaction, type Database } from '../db/database.js';
import { tell } from '../events/events.js';
import { JobRefused, type Job, type Jobs } from '../jobs/jobs.js';

/** How far a site of many that are updated is. */
export type SiteState = 'waiting' | 'going' | 'done' | 'left' | 'trouble' | 'stopped' | 'back';
/** Many sites that are updated together. */
export interface RolloutRow {
  id: string;
  engine: number;
  by: string;
  begunAt: Date;
  restMinutes: number;
  wave: number;
  waveEndedAt: Date | null;
  state: 'going' | 'held' | 'stopped' | 'done';
  endedAt: Date | null;
}
export interface RolloutSite {
  site: string;
  wave: number;
  state: SiteState;
  words: string;
}
const ROLLOUT = `id, engine, by, begun_at as "begunAt", rest_minutes as "restMinutes", wave, wave_ended_at as "waveEndedAt", state, ended_at as "endedAt"`;

/** Sites of one that are updated at once: other work has its turn beside them. */
const AT_ONCE = 2;
/** Visits of so many days say which site fewest come to. */
const VISIT_DAYS = 28;
const LAST_WAVE = 3;

/** Updates many sites: one, a few, the rest; and no more where one of them has trouble. */
export class Rollouts {
  constructor(
    private readonly db: Database,
    private readonly jobs: Pick<Jobs, 'begin' | 'cancel'>,
  ) {}

  /** The newest of an organisation with its sites, in their order. */
  async newest(organisation: string): Promise<(RolloutRow & { sites: RolloutSite[] }) | null> {
    const { rows } = await this.db.query<RolloutRow>(
      `select ${ROLLOUT} from rollout where organisation = $1 order by begun_at desc limit 1`,
      [organisation],
    );
    const [rollout] = rows;
    return rollout ? { ...rollout, sites: await this.sitesOf(rollout.id) } : null;
  }
  private async sitesOf(rollout: string): Promise<RolloutSite[]> {
    const { rows } = await this.db.query<RolloutSite>(
      'select site, wave, state, words from rollout_site where rollout = $1 order by place',
      [rollout],
    );
    return rows;
  }

  /**
   * Begins to update sites, of which each is live and drawn by an earlier version.
   * @throws Problem 409 where others are under way, 422 where none of them is behind
   */
  async begin(organisation: string, sites: readonly string[], restMinutes: number, by: string): Promise<void> {
    await transaction(this.db, async (client) => {
      const { rows: behind } = await client.query<{ site: string; visits: number }>(
        `select s.id as site, coalesce((select sum(visits)::int from visit_day v where v.site = s.id and v.day > current_date - $3::int), 0) as visits
         from site s where s.organisation = $1 and s.id = any($2) and s.live_engine < $4 and s.live_release is not null
           and s.leaves_at is null`,
        [organisation, sites, VISIT_DAYS, ENGINE],
      );
      if (!behind.length)
        throw new Problem(
          422,
          'None of these sites is behind',
          'Each is drawn by the newest version, or on no server.',
        );
      const made = await client.query<{ id: string }>(
        `insert into rollout (organisation, engine, by, rest_minutes) values ($1, $2, $3, $4)
         on conflict (organisation) where state in ('going', 'held') do nothing returning id`,
        [organisation, ENGINE, by, restMinutes],
      );
      const [rollout] = made.rows;
      if (!rollout)
        throw new Problem(409, 'Sites are being updated already', 'Stop that first, or wait until it has ended.');
      const order = inWaves(behind);
      await client.query(
        `insert into rollout_site (rollout, site, wave, place)
         select $1, * from unnest($2::text[], $3::int[], $4::int[])`,
        [rollout.id, order.map((o) => o.site), order.map((o) => o.wave), order.map((_, n) => n)],
      );
    });
    await this.goOn();
  }

  private async open(organisation: string): Promise<RolloutRow> {
    const newest = await this.newest(organisation);
    if (newest?.state !== 'going' && newest?.state !== 'held') throw new Problem(409, 'No sites are being updated');
    return newest;
  }

  /** Stops it: sites that have their update keep it. @throws Problem 409 where none is under way */
  async stop(organisation: string): Promise<void> {
    const { id } = await this.open(organisation);
    await this.db.query(`update rollout set state = 'stopped', ended_at = now() where id = $1`, [id]);
    const { rows } = await this.db.query<{ id: string }>(
      `select j.id from job j join rollout_site r on r.site = j.site
       where r.rollout = $1 and r.state = 'going' and j.kind = 'update' and j.state in ('waiting', 'running', 'retrying')`,
      [id],
    );
    for (const job of rows) await this.jobs.cancel(job.id);
    await this.db.query(
      `update rollout_site set state = 'stopped' where rollout = $1 and state in ('waiting', 'going')`,
      [id],
    );
    await this.told(id);
  }

  /** Goes on after trouble, or at once where it rests between waves; sites with trouble stay as they are. @throws Problem 409 */
  async release(organisation: string): Promise<void> {
    const { id } = await this.open(organisation);
    await this.db.query(
      `update rollout set state = 'going', wave_ended_at = case when wave_ended_at is null then null else 'epoch'::timestamptz end where id = $1`,
      [id],
    );
    await this.db.query(`update rollout_site set state = 'left' where rollout = $1 and state = 'trouble'`, [id]);
    await this.goOn();
  }

  /** Takes the newest back: each site that has its update is served as it was before. Gives how many begin to. */
  async takeBack(organisation: string, by: string): Promise<number> {
    const newest = await this.newest(organisation);
    if (!newest) throw new Problem(409, 'No sites were updated');
    if (newest.state === 'going' || newest.state === 'held') await this.stop(organisation);
    let count = 0;
    for (const { site } of newest.sites.filter((s) => s.state === 'done'))
      try {
        await this.jobs.begin(site, 'update', { back: true, by });
        await this.mark(newest.id, site, 'done', 'It is being taken back.');
        count++;
      } catch (error) {
        if (!(error instanceof JobRefused)) throw error;
        await this.mark(newest.id, site, 'done', error.message);
      }
    await this.told(newest.id);
    return count;
  }

  /** What became of a site that was updated; nothing where it was not updated with others. */
  async ended(site: string, state: 'done' | 'left' | 'trouble', words: string): Promise<void> {
    const { rows } = await this.db.query<{ rollout: string }>(
      `update rollout_site r set state = $2, words = $3 from rollout o
       where o.id = r.rollout and r.site = $1 and r.state = 'going' and o.state in ('going', 'held') returning r.rollout`,
      [site, state, words],
    );
    const [found] = rows;
    if (!found) return;
    if (state === 'trouble')
      await this.db.query(`update rollout set state = 'held' where id = $1 and state = 'going'`, [found.rollout]);
    await this.told(found.rollout);
  }

  /** What became of a site whose update was to be taken back: it was, or why not. */
  async returned(site: string, refused: string | null): Promise<void> {
    const { rows } = await this.db.query<{ rollout: string }>(
      `update rollout_site r set state = case when $2::text is null then 'back' else state end, words = coalesce($2, '')
       where r.site = $1 and r.state = 'done'
         and r.rollout = (select o.id from rollout o join rollout_site x on x.rollout = o.id where x.site = $1
           order by o.begun_at desc limit 1) returning rollout`,
      [site, refused],
    );
    if (rows[0]) await this.told(rows[0].rollout);
  }

  /** Begins whatever is next, of all of them. Safe to call at any time. */
  async goOn(now = new Date()): Promise<void> {
    const { rows } = await this.db.query<RolloutRow>(`select ${ROLLOUT} from rollout where state = 'going'`);
    for (const rollout of rows) await this.next(rollout, now);
  }

  private async next(rollout: RolloutRow, now: Date): Promise<void> {
    await this.lookAfterLost(rollout.id);
    const sites = await this.sitesOf(rollout.id);
    const going = sites.filter((s) => s.state === 'going').length;
    const wave = sites.filter((s) => s.wave === rollout.wave);
    const waiting = wave.filter((s) => s.state === 'waiting');
    for (const { site } of waiting.slice(0, AT_ONCE - going))
      try {
        await this.mark(rollout.id, site, 'going', '');
        await this.jobs.begin(site, 'update', { by: rollout.by });
      } catch (error) {
        if (!(error instanceof JobRefused)) throw error;
        // Something else changes what is served there: it is tried again.
        await this.mark(rollout.id, site, 'waiting', error.message);
      }
    if (waiting.length || going) return;
    if (rollout.wave >= LAST_WAVE || !sites.some((s) => s.wave > rollout.wave)) {
      await this.db.query(`update rollout set state = 'done', ended_at = $2 where id = $1`, [rollout.id, now]);
      return this.told(rollout.id);
    }
    if (!rollout.waveEndedAt) {
      await this.db.query('update rollout set wave_ended_at = $2 where id = $1', [rollout.id, now]);
      await this.told(rollout.id);
      rollout.waveEndedAt = now;
    }
    if (now.getTime() < rollout.waveEndedAt.getTime() + rollout.restMinutes * 60_000) return;
    await this.db.query('update rollout set wave = wave + 1, wave_ended_at = null where id = $1', [rollout.id]);
    await this.next({ ...rollout, wave: rollout.wave + 1, waveEndedAt: null }, now);
  }

  /** Sites whose work ended without a word: it was stopped, or given up. */
  private async lookAfterLost(rollout: string): Promise<void> {
    const { rows } = await this.db.query<{ site: string; state: Job['state'] | null; error: string | null }>(
      `select r.site, j.state, j.error from rollout_site r join rollout o on o.id = r.rollout
       left join lateral (select state, error from job where site = r.site and kind = 'update' and created_at >= o.begun_at
         order by created_at desc limit 1) j on true
       where r.rollout = $1 and r.state = 'going'`,
      [rollout],
    );
    for (const { site, state, error } of rows) {
      if (state === 'done') await this.ended(site, 'done', '');
      else if (state === 'cancelled') await this.ended(site, 'left', 'It was stopped.');
      else if (state === 'failed') await this.ended(site, 'trouble', error ?? '');
      // It was marked, and died before its work was begun.
      else if (state === null) await this.mark(rollout, site, 'waiting', '');
    }
  }

  private async mark(rollout: string, site: string, state: SiteState, words: string): Promise<void> {
    await this.db.query('update rollout_site set state = $3, words = $4 where rollout = $1 and site = $2', [
      ...[rollout, site, state, words],
    ]);
  }
  /** Tells those who see one of its sites. */
  private async told(rollout: string): Promise<void> {
    const { rows } = await this.db.query<{ site: string }>('select site from rollout_site where rollout = $1 limit 1', [
      rollout,
    ]);
    if (rows[0]) await tell(this.db, { kind: 'care', site: rows[0].site });
  }
}
