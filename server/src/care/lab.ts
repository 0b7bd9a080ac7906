import { isOfLab, judgeLab, labWords, type PageInLab, type PageToJudge } from '@tin-porch/core/care';
import { Problem } from '@tin-porch/core/ground';
import { some } from '@tin-porch/core/some';
import { transaction, type Database } from '../db/database.js';
import { siteAndServer } from '../deploy/deploy.js';
import { tell } from '../events/events.js';
import { JobLater, JobRefused, type Jobs, type Work } from '../jobs/jobs.js';
import type { Servers } from '../servers/servers.js';
import type { Sites } from '../sites/sites.js';
import { keepFindings } from './keep-findings.js';
import type { LabBrowser } from './lab-browser.js';
import { reachOf, servedOf } from './reach.js';

/** Pages looked at in one go: the first, and others by turn. Somebody who asks for it sees more. */
const BY_ITSELF = 4;
const WHEN_ASKED = 12;
/** Where no page came, it is tried again after so many seconds. */
const AGAIN_S = 900;
/** Where it looks at another site, after so many. */
const TURN_S = 20;
/** So many figures of the first page are told, the newest last. */
const MOST_TREND = 60;

/** What was seen of a page last, and when. */
export interface PageLine extends PageInLab {
  at: Date;
  release: string;
  /** When it was timed: earlier, where it was not the last time. */
  timedAt: Date | null;
}
/** The first page as it was each time. */
export interface TrendPoint {
  at: Date;
  release: string;
  lcp: number;
  cls: number;
  tbt: number;
  bytes: number;
}

/**
 * Of each page its newest look; its figures are those of the newest look that was timed, with those of the release before
 * beside them.
 */
const PAGES = `select n.path, n.at, n.release, n.faults, t.figures, t.at as "timedAt",
    (select (p.figures->>'lcp')::float8 from lab_page p
     where p.site = n.site and p.path = n.path and p.figures is not null and p.at < t.at and p.release <> t.release
     order by p.at desc limit 1) as before
  from (select distinct on (path) * from lab_page where site = $1 order by path, at desc) n
  left join lateral (select figures, at, release from lab_page t
    where t.site = n.site and t.path = n.path and t.figures is not null order by at desc limit 1) t on true
  order by n.path`;

/** Looks at the pages of sites with a browser, each week and after a deploy, and keeps what it showed. */
export class Lab {
  constructor(
    private readonly db: Database,
    private readonly sites: Sites,
    private readonly servers: Servers,
    private readonly browser: LabBrowser,
  ) {}

  private async pages(site: string): Promise<(PageLine & PageToJudge)[]> {
    return (await this.db.query<PageLine & PageToJudge>(PAGES, [site])).rows;
  }

  /** What was seen of a site: of each page the newest, and how its first page was over time, the oldest first. */
  async of(site: string): Promise<{ pages: PageLine[]; trend: TrendPoint[] }> {
    const [pages, { rows: trend }] = await Promise.all([
      this.pages(site),
      this.db.query<TrendPoint>(
        `select at, release, (figures->>'lcp')::float8 as lcp, (figures->>'cls')::float8 as cls,
           (figures->>'tbt')::float8 as tbt, (figures->>'bytes')::float8 as bytes
         from lab_page where site = $1 and path = '/' and figures is not null order by at desc limit $2`,
        [site, MOST_TREND],
      ),
    ]);
    const shown = await this.shown(site);
    return { pages: pages.filter((p) => shown.has(p.path)).map(({ before: _, ...p }) => p), trend: trend.reverse() };
  }

  /** The paths of the release that was deployed last: what is gone from it is not spoken of. */
  private async shown(site: string): Promise<Set<string>> {
    const { rows } = await this.db.query<{ path: string }>(
      `select left(f.path, -length('index.html')) as path from site s join release r on r.site = s.id and r.id = s.live_release,
         jsonb_object_keys(r.manifest->'files') as f(path)
       where s.id = $1 and f.path like '%/index.html'`,
      [site],
    );
    return new Set(rows.map((r) => r.path));
  }

  async steps(work: Work): Promise<void> {
    // Who waits for it does not keep others from their work.
    if (this.browser.turn.busy) throw new JobLater('The browser looks at another site just now.', TURN_S);
    const { site, server } = await siteAndServer(this.sites, this.servers, work.job.site);
    const served = await servedOf(this.sites, site, server.client);
    if (!served) throw new JobRefused('The site is on no server yet.');
    const known = new Map((await this.pages(site.id)).map((p) => [p.path, p]));
    const most = work.job.input['asked'] ? WHEN_ASKED : BY_ITSELF;
    const paths = inTurn(served.paths, served.release.id, known).slice(0, most);
    const seen = await work.step('As a browser shows it', async () => {
      const seen = await this.browser.look(await reachOf(site, server), paths, work.signal).catch((error: unknown) => {
        if (!(error instanceof Problem)) throw error;
        // Another site came first.
        throw error.status === 409 ? new JobLater(error.message, TURN_S) : new JobRefused(error.message);
      });
      await this.keep(site.id, served.release.id, served.paths, seen.pages);
      const first = seen.pages.find((p) => p.path === '/')?.figures;
      const detail = [
        `${seen.pages.length} of ${some(served.paths.length, 'page')}`,
        ...(first ? [`the first ${labWords(first)}`] : []),
        ...(seen.busy ? ['not all timed: it was too busy here'] : []),
        ...seen.silent.map((s) => `${s.path}: ${s.why}`),
      ].join('; ');
      return { ...seen, detail };
    });
    if (!seen.pages.length) throw new JobLater(seen.silent[0]?.why ?? 'No page came.', AGAIN_S);
  }

  private async keep(
    site: string,
    release: string,
    paths: readonly string[],
    pages: readonly PageInLab[],
  ): Promise<void> {
    for (const { path, figures, faults } of pages)
      await this.db.query('insert into lab_page (site, path, release, figures, faults) values ($1, $2, $3, $4, $5)', [
        site,
        path,
        release,
        figures && JSON.stringify(figures),
        JSON.stringify(faults),
      ]);
    const there = new Set(paths);
    const all = (await this.pages(site)).filter((p) => there.has(p.path));
    await transaction(this.db, async (client) => {
      await keepFindings(client, site, judgeLab(all), (key) => !isOfLab(key));
      await tell(client, { kind: 'care', site });
    });
  }
}

/** The order pages are looked at in: the first, what was not seen of this release, then what was seen longest ago. */
export function inTurn(
  paths: readonly string[],
  release: string,
  known: ReadonlyMap<string, Pick<PageLine, 'at' | 'release'>>,
): string[] {
  const rank = (path: string): number => {
    if (path === '/') return -1;
    const last = known.get(path);
    if (!last) return 0;
    return last.at.getTime() / (last.release === release ? 1 : 10);
  };
  return [...paths].sort((a, b) => rank(a) - rank(b) || a.localeCompare(b));
}

/**
 * The site whose turn it is: one that was not timed for a week, and not tried for six hours; or not looked at since it was
 * deployed, and not in the last hour.
 */
export async function dueForLab(db: Database, now = new Date()): Promise<string | null> {
  const { rows } = await db.query<{ id: string }>(
    `select s.id from site s left join lateral (
       select max(at) as at, max(at) filter (where figures is not null) as timed,
         bool_or(release = s.live_release) as this from lab_page where site = s.id
     ) l on true
     where s.live_release is not null and s.leaves_at is null
       and (l.at is null
         or coalesce(l.timed, '-infinity') < $1::timestamptz - interval '7 days' and l.at < $1::timestamptz - interval '6 hours'
         or not l.this and l.at < $1::timestamptz - interval '1 hour')
       and not exists (select 1 from job j where j.site = s.id and j.kind = 'lab' and j.created_at > $1::timestamptz - interval '1 hour')
       and not exists (select 1 from job j where j.kind = 'lab' and j.state in ('waiting', 'running'))
     order by l.at nulls first, s.id limit 1`,
    [now],
  );
  return rows[0]?.id ?? null;
}

/** Begins the look that is due. */
export async function lookDue(db: Database, jobs: Pick<Jobs, 'begin'>, now = new Date()): Promise<void> {
  const site = await dueForLab(db, now);
  if (site) await jobs.begin(site, 'lab').catch(() => undefined);
}
