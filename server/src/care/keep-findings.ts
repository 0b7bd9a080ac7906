import type { Finding } from '@tin-porch/core/care';
import type { Queryable } from '../db/database.js';

/**
 * Keeps what was found at a site, in a transaction of whoever looked: what is new, what is as it was, and what is gone.
 * @param standing whether a finding stands though it was not found now, because nobody looked there
 */
export async function keepFindings(
  client: Queryable,
  site: string,
  findings: readonly Finding[],
  standing: (key: string) => boolean,
): Promise<void> {
  // What is worse than when somebody put it off is said again.
  for (const f of findings)
    await client.query(
      `insert into finding (site, key, severity, title, evidence, harm, fix, step, mend, note)
       values ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10)
       on conflict (site, key) where ended_at is null do update set severity = $3, title = $4, evidence = $5, harm = $6,
         fix = $7, step = $8, mend = $9, note = $10, last_seen = now(),
         snoozed_until = case when $3 = 'broken' and finding.severity = 'look' then null else finding.snoozed_until end`,
      [site, f.key, f.severity, f.title, f.evidence, f.harm, f.fix, f.step, f.mend, f.note],
    );
  const stands = new Set(findings.map((f) => f.key));
  const { rows } = await client.query<{ key: string }>('select key from finding where site = $1 and ended_at is null', [
    site,
  ]);
  await client.query('update finding set ended_at = now() where site = $1 and ended_at is null and key = any($2)', [
    site,
    rows.map((r) => r.key).filter((key) => !stands.has(key) && !standing(key)),
  ]);
}
