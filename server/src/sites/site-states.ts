import { chipOf, pathOf, type Chip, type Finding, type SiteFacts, type StepState } from '@tin-porch/core/care';
import type { Database } from '../db/database.js';
import type { SiteHead } from './site-row.js';

/** Path and state of sites, read off everything that is known of them. No document is read. */
export class SiteStates {
  constructor(private readonly db: Database) {}

  /** Everything known of some sites that path and state are read from. */
  async known(rows: readonly SiteHead[]): Promise<Map<string, SiteFacts>> {
    const ids = rows.map((r) => r.id);
    const [findings, rounds, behind, certificates, toAnswer, down] = await Promise.all([
      this.db.query<{ site: string; off: boolean } & Pick<Finding, 'key' | 'severity' | 'title'>>(
        `select site, key, severity, title, coalesce(snoozed_until > now(), false) as off
         from finding where ended_at is null and site = any($1) order by severity, first_seen`,
        [ids],
      ),
      this.db.query<{ site: string; at: Date }>(
        'select site, max(at) as at from round where site = any($1) group by site',
        [ids],
      ),
      // What was changed on the site itself is live: it is nothing to deploy, unless the site went back since.
      this.db.query<{ site: string }>(
        `select s.id as site from site s join release r on r.site = s.id and r.id = s.live_release
         where s.id = any($1) and s.head > r.head
           and exists (select 1 from operation o where o.site = s.id and o.seq > r.head
             and not o.seq = any(r.kept) and (o.part <> 'client' or o.at < r.live_at))`,
        [ids],
      ),
      this.db.query<{ domain: string; until: Date }>(
        'select domain, not_after as until from certificate where site = any($1)',
        [ids],
      ),
      // What is held of a site is one decision, whatever it came to.
      this.db.query<{ site: string; n: number }>(
        `select site, sum(n)::int as n from (
           select site, 1 as n from live_step where state = 'held' and site = any($1) group by site
           union all select site, count(*)::int from live_proposal where answer is null and site = any($1) group by site
         ) a group by site`,
        [ids],
      ),
      this.db.query<{ site: string; since: Date }>(
        'select site, began_at as since from outage where ended_at is null and site = any($1)',
        [ids],
      ),
    ]);
    return new Map(
      rows.map((r) => {
        return [
          r.id,
          {
            summary: r.summary,
            deployed: r.liveRelease !== null,
            behind: behind.rows.some((b) => b.site === r.id),
            domain: r.domain,
            nameLeadsHere: r.domainSeen?.leadsHere ?? null,
            certificateUntil: certificates.rows.find((c) => c.domain === r.domain)?.until.toISOString() ?? null,
            open: r.open,
            lastRound: rounds.rows.find((x) => x.site === r.id)?.at.toISOString() ?? null,
            findings: findings.rows.filter((f) => f.site === r.id && !f.off),
            putOff: findings.rows.filter((f) => f.site === r.id && f.off).length,
            downSince: down.rows.find((x) => x.site === r.id)?.since.toISOString() ?? null,
            toAnswer: toAnswer.rows.find((x) => x.site === r.id)?.n ?? 0,
          },
        ];
      }),
    );
  }

  /** Path and chip of one site. */
  async of(row: SiteHead): Promise<{ path: StepState[]; chip: Chip }> {
    const known = (await this.known([row])).get(row.id)!;
    return { path: pathOf(known), chip: chipOf(known, new Date().toISOString()) };
  }
}
