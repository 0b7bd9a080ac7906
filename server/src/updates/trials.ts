import { judgeTrial, type PageTried, type Tried, type Verdict } from '@tin-porch/core/care';
import { Problem } from '@tin-porch/core/ground';
import { migrate } from '@tin-porch/core/operations';
import { ENGINE, isLasting, redirectOf, type Manifest } from '@tin-porch/core/page';
import type { SiteDocument } from '@tin-porch/core/model';
import { some } from '@tin-porch/core/some';
import { transaction, type Database } from '../db/database.js';
import { beyond, seenIn, type Seen } from '../deploy/coming.js';
import { pressRelease, siteAndServer } from '../deploy/deploy.js';
import { tell } from '../events/events.js';
import { JobRefused, type Jobs, type Work } from '../jobs/jobs.js';
import type { Pictures } from '../pictures/pictures.js';
import { HostRefused, isTooOld, type HostClient } from '../servers/host-client.js';
import type { Servers } from '../servers/servers.js';
import type { SiteRow } from '../sites/site-row.js';
import type { Sites } from '../sites/sites.js';
import { decoded, type PartShown, type Side, type TwoSides } from './two-sides.js';

/** What was found of the copy of a site. */
export interface TrialRow {
  site: string;
  /** The release it was compared with. */
  served: string;
  /** The designer’s release under it. */
  under: string;
  engine: number;
  at: Date;
  verdict: Verdict;
  words: string[];
  tried: Tried;
  /** Who said that what is otherwise may go to visitors; null where nobody did. */
  letBy: string | null;
  letAt: Date | null;
}
const TRIAL = `site, served, under, engine, at, verdict, words, tried, let_by as "letBy", let_at as "letAt"`;

/** What is served of a site, and the same document drawn anew. */
export interface Copy {
  current: Awaited<ReturnType<HostClient['current']>>;
  drawn: Awaited<ReturnType<typeof pressRelease>>;
}

/** So many pages of a copy are looked at closely. */
const MOST_PAGES = 24;
/** So many parts of its pages are kept to be looked at side by side. */
const MOST_PARTS = 16;
/** Lines that go or come of a page that are kept, and how long each may be. */
const [MOST_LINES, MOST_WORDS] = [12, 300];
/** Copies that are tried at once: other work has its turn beside them. */
const AT_ONCE = 1;

const isPage = (path: string): boolean => path.endsWith('/index.html');
const addressOf = (path: string): string => path.replace(/index\.html$/, '');

/** Tries another version of the renderer on copies of sites, beside what visitors have. Nothing of it is to be seen by them. */
export class Trials {
  constructor(
    private readonly db: Database,
    private readonly sites: Sites,
    private readonly servers: Servers,
    private readonly pictures: Pictures,
    private readonly sides: TwoSides,
  ) {}

  /** The newest of a site, whatever is served by now. */
  async of(site: string): Promise<TrialRow | undefined> {
    return (await this.db.query<TrialRow>(`select ${TRIAL} from trial where site = $1`, [site])).rows[0];
  }
  /** The newest of the sites of an organisation. */
  async all(organisation: string): Promise<TrialRow[]> {
    const { rows } = await this.db.query<TrialRow>(
      `select ${TRIAL} from trial where site in (select id from site where organisation = $1)`,
      [organisation],
    );
    return rows;
  }
  /** The one that still counts: of what is served, by the version at hand. */
  async counting(site: string, served: string): Promise<TrialRow | undefined> {
    const trial = await this.of(site);
    return trial?.served === served && trial.engine === ENGINE ? trial : undefined;
  }

  /** The parts of pages that look otherwise: which there are. */
  async parts(site: string): Promise<{ path: string; width: number }[]> {
    const { rows } = await this.db.query<{ path: string; width: number }>(
      'select path, width from trial_part where site = $1 order by path, width',
      [site],
    );
    return rows;
  }
  /** One side of such a part, as WebP. @throws Problem 404 */
  async part(site: string, path: string, width: number, side: 'before' | 'now'): Promise<Buffer> {
    const { rows } = await this.db.query<{ bytes: Buffer }>(
      `select ${side === 'now' ? 'now' : 'before'} as bytes from trial_part where site = $1 and path = $2 and width = $3`,
      [site, path, width],
    );
    if (!rows[0]) throw new Problem(404, 'There is no such picture');
    return rows[0].bytes;
  }

  /**
   * Lets what is otherwise go to visitors. `at` is when the copy was tried: of another nothing is said by it.
   * @throws Problem 404 where none was tried then, 409 where it is worse
   */
  async letThrough(site: string, at: Date, by: string): Promise<void> {
    const trial = await this.of(site);
    if (trial?.at.getTime() !== at.getTime())
      throw new Problem(404, 'That copy is not there any more', 'Look at the newest one.');
    if (trial.verdict === 'worse') throw new Problem(409, 'It is worse than what visitors have', trial.words[0]!);
    await this.db.query('update trial set let_by = $2, let_at = now() where site = $1', [site, by]);
    await tell(this.db, { kind: 'care', site });
  }

  /** Has copies tried as soon as there is time. */
  async want(sites: readonly string[]): Promise<void> {
    await this.db.query('insert into trial_wanted (site) select unnest($1::text[]) on conflict do nothing', [sites]);
    for (const site of sites) await tell(this.db, { kind: 'care', site });
  }
  /** Has copies tried of all sites that an earlier version drew, where that was not done. Gives how many. */
  async wantBehind(): Promise<number> {
    const { rowCount } = await this.db.query(
      `insert into trial_wanted (site)
       select s.id from site s where s.live_engine < $1 and s.live_release is not null and s.leaves_at is null
         and not exists (select 1 from trial t where t.site = s.id and t.engine = $1 and t.under = s.live_release)
         and not exists (select 1 from job j where j.site = s.id and j.kind = 'trial' and j.created_at > now() - interval '1 day')
       on conflict do nothing`,
      [ENGINE],
    );
    return rowCount ?? 0;
  }
  /** Whether that of a site is wanted and not begun. */
  async isWanted(site: string): Promise<boolean> {
    return (await this.db.query('select 1 from trial_wanted where site = $1', [site])).rowCount === 1;
  }
  /** Which are wanted of an organisation and not begun. */
  async wanted(organisation: string): Promise<Set<string>> {
    const { rows } = await this.db.query<{ site: string }>(
      'select w.site from trial_wanted w join site s on s.id = w.site where s.organisation = $1',
      [organisation],
    );
    return new Set(rows.map((r) => r.site));
  }
  /** Begins those whose turn it is. */
  async beginWanted(jobs: Pick<Jobs, 'begin'>): Promise<void> {
    const { rows } = await this.db.query<{ site: string }>(
      `select site from trial_wanted order by at, site
       limit greatest(0, $1 - (select count(*)::int from job where kind = 'trial' and state in ('waiting', 'running')))`,
      [AT_ONCE],
    );
    for (const { site } of rows) {
      await jobs.begin(site, 'trial');
      await this.db.query('delete from trial_wanted where site = $1', [site]);
    }
  }

  /** The job that tries a copy of a site. */
  async steps(work: Work): Promise<void> {
    const { site, server } = await siteAndServer(this.sites, this.servers, work.job.site);
    const copy = await this.copy(work, site, server.client);
    await this.compare(work, site, server.client, copy);
  }

  /** The step that draws what is served anew. @throws JobRefused where nothing is */
  copy(work: Work, site: SiteRow, client: HostClient): Promise<Copy & { detail: string }> {
    return work.step('Draw a copy', async () => {
      const current = await client.current(site.id).catch((error: unknown) => {
        if (isTooOld(error)) throw new JobRefused(`The agent on ${client.name} is too old for this: it comes first.`);
        if (error instanceof HostRefused && error.status === 404) throw new JobRefused('The site is on no server yet.');
        throw error;
      });
      const own = this.pictures.readerOf(site.id);
      const read = (hash: string) =>
        own(hash).catch(async (error: Error) => {
          const bytes = await client.blob(hash);
          if (!bytes) throw error;
          return bytes;
        });
      const document = migrate(current.document);
      const drawn = await pressRelease(document, current.manifest.origin, read, work.signal);
      return { current: { ...current, document }, drawn, detail: some(drawn.files.length, 'file') };
    });
  }

  /** The steps that compare a copy with what is served, and keep what was found. */
  async compare(work: Work, site: SiteRow, client: HostClient, { current, drawn }: Copy): Promise<TrialRow> {
    const { before, now } = await work.step('Fetch what visitors have', async () => {
      const now: Side = new Map(drawn.files.map((f) => [f.path, f]));
      const before = new Map<string, { type: string; bytes: Uint8Array }>();
      let count = 0;
      for (const [path, { hash, type }] of Object.entries(current.manifest.files)) {
        const same = drawn.manifest.files[path]?.hash === hash ? now.get(path) : undefined;
        const bytes = same?.bytes ?? (await client.blob(hash));
        if (!bytes) throw new JobRefused(`${path} is damaged on its server. A deploy mends it.`);
        if (!same) count++;
        before.set(path, { type, bytes });
      }
      return {
        before: before as Side,
        now,
        detail: count ? some(count, 'file that is', 'files that are') + ' otherwise' : 'Every byte is the same',
      };
    });
    const read = await work.step('Read both', async () => {
      const found = await reading(before, now, current.manifest, drawn.manifest, current.document);
      return { ...found, detail: `${found.otherwise.length} of ${some(found.pages, 'page')} otherwise` };
    });
    let parts: PartShown[] = [];
    if (this.sides.able && read.seen.length)
      await work.step('Look at both', async () => {
        const at = new Date().toISOString();
        const seen = await this.sides.look(
          before,
          now,
          // The first in any case: what all pages have in common is met there.
          read.seen.map(({ path }, n) => ({ path, deep: n === 0 || read.deep.has(path) })),
          at,
          work.signal,
        );
        for (const page of read.seen) page.widths = seen.pages.get(page.path) ?? [];
        parts = seen.parts;
        return `${some(read.seen.length, 'page')} at two widths; ${some(seen.parts.length, 'looks', 'look')} otherwise`;
      });
    const tried: Tried = {
      ...{ pages: read.pages, otherwise: read.otherwise.length, lost: read.lost, dead: read.dead, bytes: read.bytes },
      ...{ seen: read.seen, browser: this.sides.able },
    };
    const { verdict, words } = judgeTrial(tried);
    return transaction(this.db, async (client) => {
      await client.query('delete from trial where site = $1', [site.id]);
      const { rows } = await client.query<TrialRow>(
        `insert into trial (site, served, under, engine, verdict, words, tried) values ($1, $2, $3, $4, $5, $6, $7) returning ${TRIAL}`,
        [site.id, current.release, current.of, ENGINE, verdict, words, JSON.stringify(tried)],
      );
      for (const p of parts.slice(0, MOST_PARTS))
        await client.query('insert into trial_part (site, path, width, before, now) values ($1, $2, $3, $4, $5)', [
          ...[site.id, p.path, p.width, Buffer.from(p.before), Buffer.from(p.now)],
        ]);
      await tell(client, { kind: 'care', site: site.id });
      return rows[0]!;
    });
  }
}

/** Compares two releases as they are read: pages, words, addresses, links. */
export async function reading(
  before: Side,
  now: Side,
  whose: Pick<Manifest, 'files'>,
  own: Pick<Manifest, 'files'>,
  document: SiteDocument,
): Promise<{
  pages: number;
  otherwise: string[];
  seen: PageTried[];
  /** Pages of which more than what stands in their head is otherwise. */
  deep: ReadonlySet<string>;
  lost: string[];
  dead: string[];
  bytes: [number, number];
}> {
  const pages = [...now.keys()].filter(isPage).sort((a, b) => addressOf(a).localeCompare(addressOf(b)));
  const sheets = (side: Pick<Manifest, 'files'>) =>
    JSON.stringify(Object.entries(side.files).filter(([path]) => path.endsWith('.css')));
  // Where the stylesheet is another every page may look otherwise.
  const dressed = sheets(whose) !== sheets(own);
  const otherwise = pages.filter(
    (path) => whose.files[path] && (dressed || whose.files[path].hash !== own.files[path]!.hash),
  );
  const text = (side: Side, path: string) => Buffer.from(side.get(path)!.bytes).toString('utf8');
  const leads = (side: Side, path: string): boolean =>
    side.has(path) ||
    side.has(`${path.replace(/\/?$/, '/')}index.html`) ||
    redirectOf(document, path) !== undefined ||
    path.startsWith('/-/');
  const dead: string[] = [];
  const deep = new Set<string>();
  const bodyOf = (html: string) => html.slice(html.indexOf('<body'));
  const seen: PageTried[] = [];
  for (const path of otherwise) {
    // Whoever else asks the server is answered between two pages.
    await new Promise((done) => setImmediate(done));
    const [was, is] = [text(before, path), text(now, path)];
    if (dressed || bodyOf(was) !== bodyOf(is)) deep.add(addressOf(path));
    const [a, b] = [seenIn(was), seenIn(is)];
    const inside = ({ links }: Seen) =>
      [...links.values()].filter((to) => /^\/(?!\/)/.test(to)).flatMap((to) => decoded(to.split(/[?#]/)[0]!) ?? []);
    for (const to of new Set(inside(b)))
      if (!leads(now, to) && leads(before, to)) dead.push(`${addressOf(path)}: ${to}`);
    if (seen.length < MOST_PAGES) {
      const said = ({ title, description, lines }: Seen) => [title, description, ...lines];
      const kept = (lines: string[]) => lines.slice(0, MOST_LINES).map((l) => l.slice(0, MOST_WORDS));
      seen.push({
        path: addressOf(path),
        before: kept(beyond(said(a), said(b))),
        after: kept(beyond(said(b), said(a))),
        widths: [],
      });
    }
  }
  const weight = (side: Side) =>
    [...side].reduce((sum, [path, { bytes }]) => sum + (/\.(?:html|css)$/.test(path) ? bytes.byteLength : 0), 0);
  return {
    ...{ pages: pages.length, otherwise, seen, deep, dead },
    // What is named for its content has another name where it is another.
    lost: [...before.keys()].filter((path) => !now.has(path) && !isLasting(path)).map(addressOf),
    bytes: [weight(before), weight(now)],
  };
}
