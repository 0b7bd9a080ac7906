import { judge, untried, type Finding, type RoundEvidence } from '@tin-porch/core/care';
import { migrate } from '@tin-porch/core/operations';
import type { Backups } from '../backups/backups.js';
import { trustedRoots } from '../certificates/certificates.js';
import type { PorchConfig } from '../config.js';
import { transaction, type Database } from '../db/database.js';
import { siteAndServer } from '../deploy/deploy.js';
import { lookAgain } from '../domains/look-again.js';
import type { Registrar } from '../domains/registrar.js';
import { tell } from '../events/events.js';
import { JobRefused, type Work } from '../jobs/jobs.js';
import type { Servers } from '../servers/servers.js';
import type { Strangers } from '../strangers/strangers.js';
import type { Sites } from '../sites/sites.js';
import type { DomainSeen } from '../sites/site-row.js';
import { lookInside } from './inside.js';
import { keepFindings } from './keep-findings.js';
import { OutsideLinks } from './outside.js';
import { reachOf, servedOf } from './reach.js';
import type { Visits } from './visits.js';
import { wayIn, type WayLink } from './visitor.js';
import { Walk } from './walk.js';

export interface OpenFinding extends Finding {
  site: string;
  firstSeen: Date;
  lastSeen: Date;
  /** How often the same was found before, and had gone. */
  before: number;
  /** What was begun to mend it, and what became of that; null where nothing was. */
  mending: { at: Date; by: string; state: 'running' | 'done' | 'failed'; error: string | null } | null;
  /** Until when nobody wants to hear of it, why, and who said so. */
  snoozed: { until: Date; reason: string; by: string } | null;
}
/** A finding that is gone since it was mended. */
export interface MendedFinding {
  site: string;
  key: string;
  title: string;
  endedAt: Date;
  by: string;
}

const addresses = (seen: DomainSeen, domain: string, type: 'A' | 'AAAA'): string[] =>
  seen.records.filter((r) => r.name === domain && r.type === type).map((r) => r.data);

/** Things looked at of a name: where it leads, by either version of the protocol, and who holds it until when. */
const CHECKS_OF_NAME = 3;

/** Things looked at from inside: its version, its letters, its people, guesses at their passwords, the renewal. */
const CHECKS_INSIDE = 5;

/** What is kept of the evidence for years: all but what the pages say in full. */
const slim = (evidence: RoundEvidence) => ({
  ...evidence,
  pages: evidence.pages.map(({ url, status, ms, error, bytes, seen }) => ({
    ...{ url, status, ms, error, bytes },
    title: seen?.title ?? '',
  })),
});

/** Walks the sites: fetches their pages as a visitor would, looks at domain and certificate, and keeps what it found. */
export class Rounds {
  private readonly roots: string[];
  private readonly outside: OutsideLinks;
  constructor(
    private readonly db: Database,
    readonly config: PorchConfig,
    readonly sites: Sites,
    private readonly servers: Servers,
    readonly registrar: Registrar,
    private readonly strangers: Strangers,
    private readonly visits: Pick<Visits, 'take'>,
    private readonly backups: Pick<Backups, 'lacking'> | null = null,
  ) {
    this.roots = trustedRoots(config);
    this.outside = new OutsideLinks(db, config.dns.resolvers, this.roots);
  }

  /** What is open, whether somebody wants to hear of it or not. */
  async findings(organisation: string, site?: string): Promise<OpenFinding[]> {
    const { rows } = await this.db.query<OpenFinding>(
      `select f.site, f.key, f.severity, f.title, f.evidence, f.harm, f.fix, f.step, f.mend, f.note,
         f.first_seen as "firstSeen", f.last_seen as "lastSeen",
         (select count(*)::int from finding p where p.site = f.site and p.key = f.key and p.ended_at is not null) as before,
         case when f.mend_at is not null then jsonb_build_object('at', f.mend_at, 'by', f.mend_by, 'error', j.error,
           'state', case when j.state in ('waiting', 'running', 'retrying') then 'running'
             when j.state in ('failed', 'cancelled') then 'failed' else 'done' end) end as mending,
         case when f.snoozed_until > now() then jsonb_build_object('until', f.snoozed_until, 'reason', f.snooze_reason,
           'by', f.snoozed_by) end as snoozed
       from finding f join site s on s.id = f.site left join job j on j.id = f.mend_job
       where s.organisation = $1 and f.ended_at is null and ($2::text is null or f.site = $2)
       order by f.severity, f.first_seen`,
      [organisation, site ?? null],
    );
    return rows.map((r) => ({
      ...r,
      mending: r.mending && { ...r.mending, at: new Date(r.mending.at) },
      snoozed: r.snoozed && { ...r.snoozed, until: new Date(r.snoozed.until) },
    }));
  }

  /** What was mended in the last week and is gone, the newest first. */
  async mended(organisation: string): Promise<MendedFinding[]> {
    const { rows } = await this.db.query<MendedFinding>(
      `select f.site, f.key, f.title, f.ended_at as "endedAt", f.mend_by as by
       from finding f join site s on s.id = f.site
       where s.organisation = $1 and f.mend_at is not null and f.ended_at > now() - interval '7 days'
       order by f.ended_at desc limit 40`,
      [organisation],
    );
    return rows;
  }

  async last(
    organisation: string,
    limit = 40,
  ): Promise<{ site: string; at: Date; checks: number; findings: number }[]> {
    const { rows } = await this.db.query<{ site: string; at: Date; checks: number; findings: number }>(
      `select r.site, r.at, r.checks, coalesce(jsonb_array_length(r.evidence->'findings'), 0) as findings
       from round r join site s on s.id = r.site where s.organisation = $1 order by r.at desc limit $2`,
      [organisation, limit],
    );
    return rows;
  }

  /** The way in to a site, as a visitor goes it. */
  async wayIn(siteId: string): Promise<WayLink[]> {
    const { site, server } = await siteAndServer(this.sites, this.servers, siteId);
    if (!site.domain) return [];
    return wayIn(site.domain, '/', server, this.roots, async (name) => {
      const seen = await lookAgain(this, site, name, server);
      if (seen.error) throw new Error(seen.error);
      return {
        addresses: seen.records.filter((r) => r.name === name && /^A(AAA)?$/.test(r.type)).map((r) => r.data),
        www: seen.records.some((r) => r.name === `www.${name}`),
      };
    });
  }

  async steps(work: Work): Promise<void> {
    const { site, server } = await siteAndServer(this.sites, this.servers, work.job.site);
    const seenNow = await servedOf(this.sites, site, server.client);
    if (!seenNow) throw new JobRefused('The site is on no server yet.');
    const { served, paths } = seenNow;
    const damaged = served ? await server.client.damage(site.id) : ['its settings'];
    const { domain } = site;
    const { seen } = domain
      ? await work.step('Domain', async () => {
          const seen = await lookAgain(this, site, domain, server);
          return { seen, detail: seen.error ?? `A ${addresses(seen, domain, 'A').join(', ') || 'gives nothing'}` };
        })
      : { seen: null };
    const { secure, host, address, port, preview } = await reachOf(site, server);
    const walk = new Walk(
      {
        names: domain ? [domain, `www.${domain}`] : [host],
        ...{ secure, host, roots: this.roots, httpPort: server.httpPort },
        ...{ address, port },
        ...(preview && { cookie: `preview=${preview}` }),
      },
      this.strangers,
    );
    // What is judged is what is live, and not what is drafted.
    const live = await server.client.document(site.id).then(migrate, () => null);
    try {
      const { checks, ...walked } = await walk.all(work, {
        paths,
        live,
        www: seen?.records.some((r) => r.name === `www.${domain}`) ?? false,
        tries: () => server.client.tries(site.id),
        outside: this.outside,
      });
      const evidence: RoundEvidence = {
        ...walked,
        ...{ address: server.address, damaged, open: site.open },
        domain: secure ? domain : null,
        resolved: seen && !seen.error && domain ? addresses(seen, domain, 'A') : null,
        resolved6: seen && domain ? addresses(seen, domain, 'AAAA') : [],
        registration: seen && {
          ours: seen.registration.state === 'ours',
          expires: seen.registration.expires,
          registrar: seen.registration.registrar,
        },
        facts: { phone: site.document.facts.phone ?? '', mail: site.document.facts.mail ?? '' },
        unproven: (await this.backups?.lacking(site)) ?? null,
        inside: await lookInside(site, server, served, seen),
      };
      const found = judge(evidence, new Date().toISOString());
      await this.keep(site.id, checks + (domain ? CHECKS_OF_NAME : 0) + CHECKS_INSIDE, evidence, found);
    } finally {
      walk.end();
    }
    await this.visits.take(site.id, server.client);
  }

  private async keep(site: string, checks: number, evidence: RoundEvidence, findings: Finding[]): Promise<void> {
    await transaction(this.db, async (client) => {
      await client.query('insert into round (site, checks, evidence) values ($1, $2, $3)', [
        site,
        checks,
        JSON.stringify({ ...slim(evidence), findings }),
      ]);
      await keepFindings(client, site, findings, (key) => untried(evidence, key));
      await tell(client, { kind: 'care', site });
    });
  }
}
