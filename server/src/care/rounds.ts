import { judge, type Finding, type RoundEvidence } from '@tin-porch/core/care';
import type { Backups } from '../backups/backups.js';
import { trustedRoots } from '../certificates/certificates.js';
import type { PorchConfig } from '../config.js';
import { transaction, type Database } from '../db/database.js';
import { HostRefused } from '../servers/host-client.js';
import { siteAndServer, temporaryAddress } from '../deploy/deploy.js';
import { lookAgain } from '../domains/look-again.js';
import type { Registrar } from '../domains/registrar.js';
import { tell } from '../events/events.js';
import { JobRefused, type Work } from '../jobs/jobs.js';
import type { Servers } from '../servers/servers.js';
import type { Strangers } from '../strangers/strangers.js';
import type { Sites } from '../sites/sites.js';
import { visit, wayIn, type WayLink } from './visitor.js';

export interface OpenFinding extends Finding {
  site: string;
  firstSeen: Date;
  lastSeen: Date;
}

/** Walks the sites: fetches their pages as a visitor would, looks at domain and certificate, and keeps what it found. */
export class Rounds {
  private readonly roots: string[];
  constructor(
    private readonly db: Database,
    readonly config: PorchConfig,
    readonly sites: Sites,
    private readonly servers: Servers,
    readonly registrar: Registrar,
    private readonly strangers: Strangers,
    private readonly backups: Pick<Backups, 'lacking'> | null = null,
  ) {
    this.roots = trustedRoots(config);
  }

  async findings(organisation: string, site?: string): Promise<OpenFinding[]> {
    const { rows } = await this.db.query<OpenFinding>(
      `select f.site, f.key, f.severity, f.title, f.evidence, f.fix, f.step, f.first_seen as "firstSeen", f.last_seen as "lastSeen"
       from finding f join site s on s.id = f.site where s.organisation = $1 and f.ended_at is null and ($2::text is null or f.site = $2) order by f.severity, f.first_seen`,
      [organisation, site ?? null],
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
    // The pages visitors can see are those of what is served, whatever has been drafted since.
    const served = await server.client.site(site.id).catch((error: unknown) => {
      if (error instanceof HostRefused && error.status === 404) return null;
      throw error;
    });
    const id = served?.pointer?.of ?? served?.pointer?.release ?? site.liveRelease;
    const live = id ? await this.sites.releases.get(site.id, id) : undefined;
    if (!live) throw new JobRefused('The site is on no server yet.');
    const paths = Object.keys(live.manifest.files)
      .filter((path) => path.endsWith('/index.html'))
      .map((path) => path.slice(0, -'index.html'.length))
      .sort();
    const damaged = served ? await server.client.damage(site.id) : ['its settings'];
    const evidence: RoundEvidence = {
      domain: site.domain,
      address: server.address,
      resolved: null,
      resolved6: [],
      certificate: null,
      certificateError: '',
      pages: [],
      otherLinks: [],
      open: site.open,
      damaged,
      unproven: (await this.backups?.lacking(site)) ?? null,
    };
    let checks = 0;
    const { domain } = site;
    if (domain)
      await work.step('Domain', async () => {
        const seen = await lookAgain(this, site, domain, server);
        evidence.resolved = seen.error
          ? null
          : seen.records.filter((r) => r.name === domain && r.type === 'A').map((r) => r.data);
        evidence.resolved6 = seen.records.filter((r) => r.name === domain && r.type === 'AAAA').map((r) => r.data);
        checks += 3;
        return seen.error ?? `A ${evidence.resolved?.join(', ') || 'gives nothing'}`;
      });
    // Pages are fetched from the server itself even where the name leads astray, so that one trouble does not hide another.
    const secure = domain !== null && site.open;
    const host = secure ? domain : `${site.temporary}.${server.temporaryBase}`;
    const base = secure ? `https://${domain}` : `http://${host}:${server.temporaryPort}`;
    const cookie = secure ? undefined : `preview=${(await server.client.preview(site.id, 1)).token}`;
    const get = (path: string) =>
      visit({
        scheme: secure ? 'https' : 'http',
        host,
        path,
        address: secure ? server.address : temporaryAddress(server),
        port: secure ? server.httpsPort : server.temporaryPort,
        roots: this.roots,
        ...(cookie && { cookie }),
      });
    await work.step('Pages', async () => {
      for (const path of paths) {
        const url = base + path;
        try {
          const v = await get(path);
          const { links, title } = await this.strangers.page(v.body, url);
          evidence.pages.push({ url, status: v.status, ms: v.ms, error: '', links, title });
          if (secure && !evidence.certificate) {
            evidence.certificate = v.certificate;
            evidence.certificateError = v.certificateError;
          }
        } catch (error) {
          evidence.pages.push({ url, status: 0, ms: 0, error: (error as Error).message, links: [], title: '' });
          evidence.certificateError ||= secure ? (error as Error).message : '';
        }
        checks += 3;
      }
      return `${evidence.pages.filter((p) => p.status === 200).length} of ${evidence.pages.length} open`;
    });
    if (secure) checks += 3;
    await work.step('Links', async () => {
      const known = new Set(evidence.pages.map((p) => new URL(p.url).pathname));
      const seen = new Set<string>();
      for (const page of evidence.pages)
        for (const path of page.links) {
          if (known.has(path) || seen.has(path) || seen.size >= 200) continue;
          seen.add(path);
          const outcome = await get(path).then(
            (v) => ({ status: v.status, error: '' }),
            (e: Error) => ({ status: 0, error: e.message }),
          );
          evidence.otherLinks.push({ url: base + path, from: page.url, ...outcome });
          checks++;
        }
      return `${seen.size} pictures, styles and links followed`;
    });
    if (!secure) evidence.domain = null;
    const findings = judge(evidence, new Date().toISOString());
    await this.keep(site.id, checks, evidence, findings);
    await this.keepVisits(site.id, server.client.visits.bind(server.client));
  }

  private async keep(site: string, checks: number, evidence: RoundEvidence, findings: Finding[]): Promise<void> {
    await transaction(this.db, async (client) => {
      await client.query('insert into round (site, checks, evidence) values ($1, $2, $3)', [
        site,
        checks,
        JSON.stringify({ ...evidence, findings }),
      ]);
      for (const f of findings)
        await client.query(
          `insert into finding (site, key, severity, title, evidence, fix, step) values ($1, $2, $3, $4, $5, $6, $7)
           on conflict (site, key) where ended_at is null do update set severity = $3, title = $4, evidence = $5, fix = $6, step = $7, last_seen = now()`,
          [site, f.key, f.severity, f.title, f.evidence, f.fix, f.step],
        );
      await client.query(
        'update finding set ended_at = now() where site = $1 and ended_at is null and not key = any($2)',
        [site, findings.map((f) => f.key)],
      );
      await tell(client, { kind: 'care', site });
    });
  }

  /** Takes over what the server’s access logs say, for the last twelve weeks. */
  async keepVisits(
    site: string,
    visits: (id: string, since: string) => Promise<Record<string, { visits: number; pages: number }>>,
  ): Promise<void> {
    const since = new Date(Date.now() - 84 * 86_400_000).toISOString().slice(0, 10);
    const days = Object.entries(await visits(site, since));
    if (!days.length) return;
    await this.db.query(
      `insert into visit_day (site, day, visits, pages) select $1, d, v, p from unnest($2::date[], $3::int[], $4::int[]) as t(d, v, p)
       on conflict (site, day) do update set visits = excluded.visits, pages = excluded.pages`,
      [site, days.map(([d]) => d), days.map(([, c]) => c.visits), days.map(([, c]) => c.pages)],
    );
  }

  async visitsOf(ids: string[]): Promise<Map<string, Record<string, { visits: number }>>> {
    const { rows } = await this.db.query<{ site: string; day: string; visits: number }>(
      `select site, to_char(day, 'YYYY-MM-DD') as day, visits from visit_day where site = any($1) and day > current_date - 85`,
      [ids],
    );
    const out = new Map<string, Record<string, { visits: number }>>();
    for (const r of rows) out.set(r.site, { ...out.get(r.site), [r.day]: { visits: r.visits } });
    return out;
  }
}
