import { Problem } from '@tin-porch/core/ground';
import type { Database } from '../db/database.js';
import { tell } from '../events/events.js';
import { JobRefused, type Jobs } from '../jobs/jobs.js';

/** So far ahead it can be planned, days. */
const FURTHEST_DAYS = 366;

/** Has a site published by itself at a time, or with null not. @throws Problem 422 where that is past, or too far ahead */
export async function planPublishing(
  db: Database,
  site: string,
  at: Date | null,
  by: string,
  now = new Date(),
): Promise<void> {
  if (at && at <= now) throw new Problem(422, 'That hour is past', 'Choose one that is still to come.');
  if (at && at.getTime() > now.getTime() + FURTHEST_DAYS * 86_400_000)
    throw new Problem(422, 'That is more than a year ahead', 'Choose an earlier day.');
  await db.query('update site set planned_at = $2, planned_by = $3 where id = $1', [site, at, at && by]);
  await tell(db, { kind: 'care', site });
}

/** Begins to publish what was planned for now or before. What cannot begin yet is begun the next time. */
export async function publishPlanned(db: Database, jobs: Pick<Jobs, 'begin'>, now = new Date()): Promise<void> {
  const { rows } = await db.query<{ id: string; at: string }>(
    `select id, planned_at::text as at from site where planned_at <= $1 and leaves_at is null and server is not null order by planned_at`,
    [now],
  );
  for (const { id, at } of rows) {
    try {
      await jobs.begin(id, 'publish');
    } catch (error) {
      if (error instanceof JobRefused) continue;
      throw error;
    }
    // Somebody may have planned it anew meanwhile. Told as text, a time is the same to the last digit.
    await db.query(
      'update site set planned_at = null, planned_by = null where id = $1 and planned_at = $2::timestamptz',
      [id, at],
    );
    await tell(db, { kind: 'care', site: id });
  }
}
