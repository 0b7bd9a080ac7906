import { ENGINE } from '@tin-porch/core/page';
import { some } from '@tin-porch/core/some';
import { reachOf } from '../care/reach.js';
import type { Database } from '../db/database.js';
import { siteAndServer, type DeployParts } from '../deploy/deploy.js';
import { tell } from '../events/events.js';
import { JobLater, JobRefused, type Work } from '../jobs/jobs.js';
import { HostRefused } from '../servers/host-client.js';
import type { ServerRow } from '../servers/servers.js';
import type { SiteRow } from '../sites/site-row.js';
import type { AsVisitor, Expected } from './as-visitor.js';
import type { Copy, TrialRow, Trials } from './trials.js';

/** A site that was updated, or is just now; `before` and `after` are releases. */
export interface UpdateRow {
  id: number;
  site: string;
  begunAt: Date;
  by: string;
  fromEngine: number;
  toEngine: number;
  before: string;
  after: string;
  state: 'going' | 'done' | 'back';
  words: string;
  endedAt: Date | null;
}
const UPDATE = `id::int, site, begun_at as "begunAt", by, from_engine as "fromEngine", to_engine as "toEngine", before, after, state, words, ended_at as "endedAt"`;

/** Why a site was not updated: it is worse, or its visitors found something wrong. */
export class UpdateTrouble extends JobRefused {}
/** Not trouble: somebody has to look first. */
export class UpdateLeft extends JobRefused {}

/**
 * Updates sites: what visitors have, drawn by the version of the renderer at hand and looked at before and after it is
 * served; taken back where something is wrong. What is drafted stays a draft.
 */
export class Updates {
  constructor(
    private readonly db: Database,
    private readonly parts: Pick<DeployParts, 'sites' | 'servers'>,
    private readonly trials: Trials,
    private readonly visitor: AsVisitor,
  ) {}

  /** What was updated of a site, the newest first. */
  async of(site: string, limit = 20): Promise<UpdateRow[]> {
    return (
      await this.db.query<UpdateRow>(`select ${UPDATE} from site_update where site = $1 order by id desc limit $2`, [
        site,
        limit,
      ])
    ).rows;
  }

  /** The newest of each site of an organisation, by its id. */
  async newestOfAll(organisation: string): Promise<Map<string, UpdateRow>> {
    const { rows } = await this.db.query<UpdateRow>(
      `select distinct on (site) ${UPDATE} from site_update
       where site in (select id from site where organisation = $1) order by site, site_update.id desc`,
      [organisation],
    );
    return new Map(rows.map((r) => [r.site, r]));
  }

  /** The job that updates a site. `by` says who wants it. */
  async steps(work: Work): Promise<void> {
    const { sites, servers } = this.parts;
    const { site, server } = await siteAndServer(sites, servers, work.job.site);
    const [open] = (await this.of(site.id, 1)).filter((u) => u.state === 'going');
    const served = open && (await server.client.site(site.id)).pointer?.release;
    // It was killed after it was served, and before anybody looked.
    if (open && served === open.after) return this.look(work, site, server, open);
    if (open && served !== open.before) {
      await this.end(open, 'done', 'The site was changed before anybody had looked.');
      throw new UpdateLeft('The site was changed before anybody had looked at its update. Walk a round.');
    }
    // It was killed, or had to wait, before it was.
    if (open) await this.db.query('delete from site_update where id = $1', [open.id]);
    const copy = await this.trials.copy(work, site, server.client);
    if (copy.current.manifest.engine >= ENGINE) {
      await work.step('Update', () =>
        Promise.resolve(`Nothing to do: version ${copy.current.manifest.engine} drew it`),
      );
      return;
    }
    const trial =
      (await this.trials.counting(site.id, copy.current.release)) ??
      (await this.trials.compare(work, site, server.client, copy));
    if (trial.verdict === 'worse') throw new UpdateTrouble(`It would be worse. ${trial.words.join(' ')}`);
    if (trial.verdict === 'otherwise' && !trial.letAt)
      throw new UpdateLeft(`Somebody should look first. ${trial.words.join(' ')}`);
    const update = await this.bring(work, site, server, copy);
    await this.look(work, site, server, update, trial, copy);
  }

  /** Sends what is drawn, and has it served in place of what was. */
  private async bring(work: Work, site: SiteRow, server: ServerRow, { current, drawn }: Copy): Promise<UpdateRow> {
    const { client } = server;
    // A release of the designer is what they deployed: this is the same one, drawn anew.
    const after = `e-${drawn.id.slice(2)}`;
    await work.step('Send what the server lacks', async () => {
      const byHash = new Map(drawn.files.map((f) => [drawn.manifest.files[f.path]!.hash, f.bytes]));
      const missing = await client.missing([...byHash.keys()]);
      for (const hash of missing) await client.putBlob(hash, byHash.get(hash)!);
      await client.putRelease(site.id, after, drawn.manifest, drawn.json);
      return some(missing.length, 'file');
    });
    return work.step('Serve it', async () => {
      const { rows } = await this.db.query<UpdateRow>(
        `insert into site_update (site, by, from_engine, to_engine, before, after, state)
         values ($1, $2, $3, $4, $5, $6, 'going') returning ${UPDATE}`,
        [site.id, String(work.job.input['by'] ?? ''), current.manifest.engine, ENGINE, current.release, after],
      );
      await this.exchange(site, server, after, current.release, ENGINE);
      return { ...rows[0]!, detail: 'Served from now on' };
    });
  }

  private async exchange(
    site: SiteRow,
    { client }: ServerRow,
    to: string,
    over: string,
    engine: number,
  ): Promise<void> {
    try {
      await client.exchange(site.id, to, over);
    } catch (error) {
      if (error instanceof HostRefused && error.status === 409)
        throw new JobLater(`The site was changed where it is live at this moment. ${error.message}`, 5);
      throw error;
    }
    await this.db.query('update site set live_engine = $2 where id = $1', [site.id, engine]);
  }

  /** Looks at what is served now; takes it back where something is wrong. @throws UpdateTrouble with what that is */
  private async look(
    work: Work,
    site: SiteRow,
    server: ServerRow,
    update: UpdateRow,
    trial?: TrialRow,
    copy?: Copy,
  ): Promise<void> {
    const manifest = copy?.drawn.manifest ?? (await server.client.current(site.id)).manifest;
    const of = trial ?? (await this.trials.of(site.id));
    const seen = new Map(of?.tried.seen.map((p) => [p.path, p.widths[0]?.faults?.[1] ?? null]));
    const pages: Expected[] = Object.entries(manifest.files)
      .filter(([path]) => path.endsWith('/index.html'))
      .map(([path, { hash }]) => ({ path: path.slice(0, -'index.html'.length), hash }))
      .map((p) => ({ ...p, faults: seen.get(p.path) ?? null }))
      // Those that are otherwise first.
      .sort((a, b) => Number(seen.has(b.path)) - Number(seen.has(a.path)) || a.path.localeCompare(b.path));
    const { wrong } = await work.step('Go in as a visitor', async () => {
      const reach = await reachOf((await this.parts.sites.get(site.id)) ?? site, server);
      const wrong = await this.visitor.goIn(reach, pages, work.signal).catch((error: Error) => {
        work.signal.throwIfAborted();
        throw new JobLater(`Nobody could go in to look: ${error.message}`, 10);
      });
      return { wrong, detail: wrong[0] ?? `${some(pages.length, 'page')} as they were sent` };
    });
    if (!wrong.length) return this.end(update, 'done', '');
    await this.takeBack(work, site, server, update, wrong.join(' '));
    throw new UpdateTrouble(`It was taken back. ${wrong.join(' ')}`);
  }

  private takeBack = (work: Work, site: SiteRow, server: ServerRow, update: UpdateRow, why: string) =>
    work.step('Take it back', async () => {
      await this.exchange(site, server, update.before, update.after, update.fromEngine);
      await this.end(update, 'back', why);
      return 'What was served before is served again';
    });

  /** The job that takes the newest update of a site back: what was served before is served again. */
  async backSteps(work: Work): Promise<void> {
    const { site, server } = await siteAndServer(this.parts.sites, this.parts.servers, work.job.site);
    const [update] = await this.of(site.id, 1);
    if (update?.state !== 'done') throw new JobRefused('There is nothing to take back.');
    const { pointer } = await server.client.site(site.id);
    if (pointer?.release === update.before) return this.end(update, 'back', 'Taken back');
    if (pointer?.release !== update.after)
      throw new JobRefused(
        'The site was changed or deployed since. Going back to a release of before is done in Deploy.',
      );
    await this.takeBack(work, site, server, update, `Taken back by ${String(work.job.input['by'] ?? '')}`);
  }

  private async end({ id, site }: UpdateRow, state: 'done' | 'back', words: string): Promise<void> {
    await this.db.query('update site_update set state = $2, words = $3, ended_at = now() where id = $1', [
      id,
      state,
      words,
    ]);
    // What was looked at before it is no news any more.
    if (state === 'done') await this.db.query('delete from trial_part where site = $1', [site]);
    await tell(this.db, { kind: 'care', site });
  }
}
