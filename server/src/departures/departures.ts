import { Writable } from 'node:stream';
import { Problem } from '@tin-porch/core/ground';
import { some } from '@tin-porch/core/some';
import { within, writeZip } from '@tin-porch/press/leaving';
import { transaction, type Database } from '../db/database.js';
import { originOf, tellHost } from '../deploy/deploy.js';
import { tell } from '../events/events.js';
import { JobLater, JobRefused, type Jobs, type Work } from '../jobs/jobs.js';
import type { Leaving } from '../leaving/leaving.js';
import type { Moving } from '../moving/moving.js';
import { HostRefused } from '../servers/host-client.js';
import type { ServerRow, Servers } from '../servers/servers.js';
import { nameOf, type SiteHead, type SiteRow } from '../sites/site-row.js';
import type { Sites } from '../sites/sites.js';

/** How long a site that is to go can be had back, days. */
export const GRACE_DAYS = 30;
/** How long what is left of a site that is gone is kept, days: it has letters and people in it. */
export const KEPT_DAYS = 365;
/** The most an archive may have, bytes: one field of the database holds no more than a gigabyte. */
const MOST_BYTES = 800_000_000;

/** A site that is gone. */
export interface Departed {
  site: string;
  name: string;
  address: string | null;
  leftAt: Date;
  keepUntil: Date;
  bytes: number;
  whole: boolean;
}

/** How sites go: closed at once, had back for a while, then gone, with all of each kept in an archive for a year. */
export class Departures {
  constructor(
    private readonly db: Database,
    private readonly sites: Sites,
    private readonly servers: Pick<Servers, 'get'>,
    private readonly leaving: Pick<Leaving, 'folder'>,
    private readonly moving: Pick<Moving, 'of' | 'end'>,
  ) {}

  /** Says that a site is to go, and when; said again, the day stays. */
  async begin(site: SiteHead, server: ServerRow | undefined): Promise<Date> {
    return transaction(this.db, async (client) => {
      await client.query(
        'insert into departure (site, organisation, name, address) values ($1, $2, $3, $4) on conflict do nothing',
        [site.id, site.organisation, nameOf(site), server && site.liveRelease ? originOf(site, server) : site.domain],
      );
      const { rows } = await client.query<{ at: Date }>(
        `update site set leaves_at = coalesce(leaves_at, now() + make_interval(days => $2)) where id = $1 returning leaves_at as at`,
        [site.id, GRACE_DAYS],
      );
      await tell(client, { kind: 'care', site: site.id });
      return rows[0]!.at;
    });
  }

  /** Keeps a site after all. It stays closed: whoever wants it open opens it. @throws Problem 409 where it goes this moment */
  async takeBack(site: SiteHead, jobs: Pick<Jobs, 'recent' | 'cancel'>): Promise<void> {
    const open = (await jobs.recent(site.id)).filter((j) => ['waiting', 'running', 'retrying'].includes(j.state));
    if (open.some((j) => j.kind === 'remove' && j.state === 'running'))
      throw new Problem(409, 'The site is being removed this moment', 'All of it is in its archive.');
    for (const job of open) if (job.kind === 'leave' || job.kind === 'remove') await jobs.cancel(job.id);
    await transaction(this.db, async (client) => {
      await client.query('update site set leaves_at = null where id = $1', [site.id]);
      await client.query('delete from departure where site = $1 and left_at is null', [site.id]);
      await tell(client, { kind: 'care', site: site.id });
    });
  }

  /** The sites whose day has come. */
  async due(): Promise<string[]> {
    return (await this.db.query<{ id: string }>('select id from site where leaves_at <= now()')).rows.map((r) => r.id);
  }

  /** Closes a site that is to go, and keeps all of it. */
  async leaveSteps(work: Work): Promise<void> {
    const { site, server } = await this.goingSite(work);
    await work.step('Say when it goes', async () => {
      const at = await this.begin(site, server);
      return `On ${at.toISOString().slice(0, 10)}; until then it can be had back`;
    });
    if (server && site.liveRelease)
      await work.step('Close it', async () => {
        await tellHost({ ...site, open: false }, server);
        await this.sites.setOpen(site.id, false);
        await tell(this.db, { kind: 'care', site: site.id });
        return 'Visitors see that it is not there';
      });
    await this.keep(work, site, server);
  }

  /**
   * Removes a site whose day has come: keeps all of it once more, takes it off its server, and forgets it here. With the
   * input `without`, what its server does not answer for is left there.
   */
  async removeSteps(work: Work): Promise<void> {
    const { site, server } = await this.goingSite(work);
    if (!site.leavesAt) throw new JobRefused('The site is not to go any more.');
    const without = work.job.input['without'] === true;
    await this.keep(work, site, server, without);
    const off = (name: string, take: () => Promise<void>) =>
      work.step(`Take it off ${name}`, async () => {
        try {
          await take();
          return 'Its files, its database and its certificate are gone';
        } catch (error) {
          if (!without || error instanceof JobRefused) throw error;
          return `Left there: ${(error as Error).message}`;
        }
      });
    for (const move of await this.moving.of(site.id)) await off(move.from, () => this.moving.end(site.id, move));
    if (server) await off(server.name, () => server.client.removeSite(site.id));
    await transaction(this.db, async (client) => {
      await client.query(
        `update departure set left_at = now(), keep_until = now() + make_interval(days => $2) where site = $1`,
        [site.id, KEPT_DAYS],
      );
      // With it go its drafts, its history, its messages and this job.
      await client.query('delete from site where id = $1', [site.id]);
    });
    await tell(this.db, { kind: 'care', site: site.id });
  }

  private async goingSite(work: Work): Promise<{ site: SiteRow; server: ServerRow | undefined }> {
    const site = work.job.site === null ? undefined : await this.sites.get(work.job.site);
    if (!site) throw new JobRefused('The site is gone.');
    return { site, server: site.server ? await this.servers.get(site.server) : undefined };
  }

  /** The step that puts all of a site into its archive, in place of what was there. */
  private async keep(work: Work, site: SiteRow, server: ServerRow | undefined, without = false): Promise<void> {
    await work.step('Keep all of it', async () => {
      const live = server !== undefined && site.liveRelease !== null;
      let whole = true;
      let bytes: Buffer;
      try {
        bytes = await this.archive(site, live, work.signal);
      } catch (error) {
        // Killed after it was taken off its server, it is not there to be asked any more.
        const off = error instanceof HostRefused && error.status === 404;
        const silent = without && (error instanceof JobLater || error instanceof HostRefused);
        if (!live || !(off || silent)) throw error;
        // What was kept while it still answered has more in it than the drafts.
        if (await this.has(site.id)) return 'What was kept before stays';
        whole = false;
        bytes = await this.archive(site, false, work.signal);
      }
      await this.db.query('update departure set archive = $2, archived_at = now(), whole = $3 where site = $1', [
        site.id,
        bytes,
        whole,
      ]);
      const size = `${(bytes.byteLength / 1e6).toFixed(1)} MB`;
      return whole ? size : `${size}, without what is on its server`;
    });
  }
  private async has(site: string): Promise<boolean> {
    const { rowCount } = await this.db.query('select 1 from departure where site = $1 and archive is not null', [site]);
    return rowCount === 1;
  }

  private async archive(site: SiteRow, live: boolean, signal: AbortSignal): Promise<Buffer> {
    const files = site.document.pages.length
      ? await this.leaving.folder(site, { which: live ? 'live' : 'drafts', kept: live }, signal)
      : brief(site);
    const parts: Buffer[] = [];
    let size = 0;
    await writeZip(
      within(site.id, files),
      new Writable({
        write(part: Buffer, _encoding, done) {
          size += part.byteLength;
          if (size <= MOST_BYTES) parts.push(part);
          done(
            size <= MOST_BYTES
              ? null
              : new JobRefused(
                  `The archive has more than ${some(MOST_BYTES / 1e6, 'megabyte')}: take the site along first.`,
                ),
          );
        },
      }),
      new Date(),
    );
    return Buffer.concat(parts);
  }

  /** Those that are gone and still kept, the newest first. */
  async gone(organisation: string): Promise<Departed[]> {
    const { rows } = await this.db.query<Departed>(
      `select site, name, address, left_at as "leftAt", keep_until as "keepUntil", coalesce(length(archive), 0) as bytes,
         coalesce(whole, false) as whole
       from departure where organisation = $1 and left_at is not null order by left_at desc`,
      [organisation],
    );
    return rows;
  }
  /** The archive of a site that goes or is gone. @throws Problem 404 */
  async archiveOf(organisation: string, site: string): Promise<Buffer> {
    const { rows } = await this.db.query<{ archive: Buffer | null }>(
      'select archive from departure where organisation = $1 and site = $2',
      [organisation, site],
    );
    if (!rows[0]?.archive) throw new Problem(404, 'There is no such archive');
    return rows[0].archive;
  }
  /** Throws the archive of a site that is gone away. Its name stays taken. @throws Problem 404 */
  async throwAway(organisation: string, site: string): Promise<void> {
    const { rowCount } = await this.db.query(
      `update departure set archive = null, left_at = null, keep_until = null
       where organisation = $1 and site = $2 and left_at is not null`,
      [organisation, site],
    );
    if (!rowCount) throw new Problem(404, 'There is no such archive');
  }
}

/** All there is of a site that has no pages yet. */
async function* brief({ document }: SiteRow) {
  yield await Promise.resolve({ path: 'site.json', bytes: `${JSON.stringify(document, null, 2)}\n` });
}
