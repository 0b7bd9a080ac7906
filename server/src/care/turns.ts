import type { Database } from '../db/database.js';
import type { Jobs } from '../jobs/jobs.js';

/** Rounds begun in one minute at most: after a while away not all of them at once. */
const AT_ONCE = 20;

/**
 * Sites whose daily round is due. Each has its own minute of the day (UTC), told from its id, so that they are spread over
 * it; a site that has just gone up is due at once.
 */
export async function dueForRound(db: Database, now = new Date(), atMost = AT_ONCE): Promise<string[]> {
  const { rows } = await db.query<{ id: string }>(
    `with turn as (
       select id, date_trunc('day', $1::timestamptz, 'UTC') + make_interval(mins => abs(hashtext(id) % 1440)) as today
       from site where live_release is not null and leaves_at is null
     ), last as (
       select id, case when today <= $1 then today else today - interval '1 day' end as at from turn
     )
     select l.id from last l
     where not exists (select 1 from round r where r.site = l.id and r.at >= l.at)
       and not exists (select 1 from job j where j.site = l.id and j.kind = 'round'
         and (j.state in ('waiting', 'running', 'retrying') or j.created_at >= l.at))
     order by l.at, l.id limit $2`,
    [now, atMost],
  );
  return rows.map((r) => r.id);
}

/** Begins the rounds that are due. */
export async function walkDue(db: Database, jobs: Pick<Jobs, 'begin'>, now = new Date()): Promise<void> {
  for (const id of await dueForRound(db, now)) await jobs.begin(id, 'round');
}
