import { randomBytes } from 'node:crypto';
import { Problem } from '@tin-porch/core/ground';
import type { SiteDocument } from '@tin-porch/core/model';
import { migrate } from '@tin-porch/core/operations';
import { some } from '@tin-porch/core/some';
import type { BackupsConfig } from '../config.js';
import { transaction, type Database } from '../db/database.js';
import { siteAndServer, tellHost } from '../deploy/deploy.js';
import type { Registrar } from '../domains/registrar.js';
import { tell } from '../events/events.js';
import { JobLater, JobRefused, type Work } from '../jobs/jobs.js';
import type { LiveChanges } from '../live/live-changes.js';
import type { Seal } from '../secrets/seal.js';
import { HostRefused, type BackupPlace } from '../servers/host-client.js';
import type { ServerRow, Servers } from '../servers/servers.js';
import { nameOf, type SiteRow } from '../sites/site-row.js';
import type { Sites } from '../sites/sites.js';

/** How long until a backup that could not be made is tried again, s. */
const AGAIN_S = 600;

/** A backup is new enough before something risky, minutes. */
const FRESH_MIN = 10;

/** How old the newest proven backup of a site may be, hours: a night that went wrong is made good the next. */
const PROVEN_HOURS = 48;

/** A backup of a site: how much is in it, and whether it was found to be one. */
export interface SiteBackup {
  place: string;
  snapshot: string;
  madeAt: Date;
  files: number;
  rows: number;
  added: number;
  ms: number;
  provenAt: Date | null;
  provenMs: number | null;
  fault: string | null;
}

/** Backups of sites: each night at every place that is not the site’s own server, and each tried out at once. */
export class Backups {
  constructor(
    private readonly db: Database,
    private readonly config: BackupsConfig | undefined,
    private readonly sites: Sites,
    private readonly servers: Servers,
    private readonly seal: Seal,
  ) {}

  /** The names of the places at which the sites of a server are backed up: what a server loses is not on it. */
  placesOf = (server: string): string[] =>
    (this.config?.places ?? []).filter((p) => p.server !== server).map((p) => p.name);

  /** A place with what its backups are closed with; that is made up the first time. @throws Problem 404 */
  private async place(name: string): Promise<BackupPlace> {
    const configured = this.config?.places.find((p) => p.name === name);
    if (!configured) throw new Problem(404, 'There is no such place for backups');
    await this.db.query('insert into backup_place (name, password) values ($1, $2) on conflict do nothing', [
      name,
      this.seal.close(randomBytes(32).toString('base64url')),
    ]);
    const { rows } = await this.db.query<{ password: string }>('select password from backup_place where name = $1', [
      name,
    ]);
    return { repository: configured.repository, password: this.seal.open(rows[0]!.password) };
  }

  /** The places there are, and since when each opens with the password it has; null where that is since it was made. */
  async passwords(): Promise<{ name: string; since: Date | null }[]> {
    const { rows } = await this.db.query<{ name: string; since: Date | null }>(
      'select name, keys_at as since from backup_place',
    );
    return (this.config?.places ?? []).map(({ name }) => ({
      name,
      since: rows.find((r) => r.name === name)?.since ?? null,
    }));
  }

  /**
   * Has a place open with another password, and with no other: by a server that backs sites up there. Safe to run again
   * wherever it was killed: what is kept here opens it at every moment.
   * @throws JobLater where server or place does not answer, JobRefused where no server uses it
   */
  async renewPassword(name: string): Promise<void> {
    const user = (await this.servers.all()).find((s) => this.placesOf(s.name).includes(name));
    if (!user) throw new JobRefused(`No server backs sites up at ${name}.`);
    const place = await this.place(name);
    await this.db.query('update backup_place set next_password = $2 where name = $1 and next_password is null', [
      name,
      this.seal.close(randomBytes(32).toString('base64url')),
    ]);
    const { rows } = await this.db.query<{ next: string }>(
      'select next_password as next from backup_place where name = $1',
      [name],
    );
    const next = this.seal.open(rows[0]!.next);
    // One that has lost what was kept there may have it again tomorrow, closed as it was.
    if (!(await user.client.addPassword(place, next)) && (await this.keptAt(name)))
      throw new JobLater(`What was kept at ${name} is not there: its password stays.`, AGAIN_S);
    await this.db.query(
      'update backup_place set password = next_password, next_password = null where name = $1 and next_password = $2',
      [name, rows[0]!.next],
    );
    await user.client.leavePassword({ ...place, password: next });
    await this.db.query('update backup_place set keys_at = now() where name = $1', [name]);
  }

  /** Whether anything is kept at a place, as far as is known here. */
  private keptAt = async (name: string): Promise<boolean> =>
    (await this.db.query('select 1 from backup where place = $1 limit 1', [name])).rowCount! > 0;

  /** Backs a site up at each of its places, and tries each backup out. One place’s trouble is not another’s. */
  async steps(work: Work): Promise<void> {
    const { site, server } = await siteAndServer(this.sites, this.servers, work.job.site);
    if (!site.liveRelease) throw new JobRefused('The site is on no server yet. Deploy it first.');
    const places = this.placesOf(server.name);
    if (!places.length) throw new JobRefused('No place for backups is set up.');
    const troubles: string[] = [];
    for (const name of places) {
      try {
        await this.backUpAt(work, site, server, name);
      } catch (error) {
        if (work.signal.aborted) throw error;
        const { message } = error as Error;
        troubles.push(message);
        await this.db.query(
          `insert into backup_trouble (site, place, words) values ($1, $2, $3)
           on conflict (site, place) do update set words = $3`,
          [site.id, name, message],
        );
      }
      await tell(this.db, { kind: 'care', site: site.id });
    }
    if (troubles.length) throw new JobLater(troubles.join(' '), AGAIN_S);
  }

  private async backUpAt(work: Work, site: SiteRow, server: ServerRow, name: string): Promise<void> {
    const place = await this.place(name);
    const { snapshot } = await work.step(`Back up to ${name}`, async () => {
      const made = await server.client.backUp(site.id, place);
      await this.db.query(
        `insert into backup (site, place, snapshot, added, files, rows, ms) values ($1, $2, $3, $4, $5, $6, $7)
         on conflict do nothing`,
        [site.id, name, made.snapshot, made.added, made.files, made.rows, made.ms],
      );
      await this.db.query('delete from backup_trouble where site = $1 and place = $2', [site.id, name]);
      return { ...made, detail: `${count(made)}, ${size(made.added)} of it new` };
    });
    await work.step(`Try it out from ${name}`, () => this.prove(site, server.client, name, place, snapshot));
  }

  /**
   * Before something risky is done to a site: a backup of it that is proven, at the first of its places that can be used,
   * unless there is one of the last minutes. Where none is to be had, `must` says whether it waits; else that is said, and
   * it goes on. @throws JobLater
   */
  async first(work: Work, must: boolean): Promise<void> {
    const { site, server } = await siteAndServer(this.sites, this.servers, work.job.site);
    const places = this.placesOf(server.name);
    if (!site.liveRelease || !places.length) return;
    const { rows } = await this.db.query<{ at: Date }>(
      `select max(made_at) as at from backup where site = $1 and proven_at is not null
         and made_at > now() - make_interval(mins => $2) having max(made_at) is not null`,
      [site.id, FRESH_MIN],
    );
    if (rows[0]) return;
    const troubles: string[] = [];
    for (const name of places)
      try {
        return await this.backUpAt(work, site, server, name);
      } catch (error) {
        if (work.signal.aborted) throw error;
        troubles.push(`${name}: ${(error as Error).message}`);
      }
    if (must) throw new JobLater(`A backup comes first. ${troubles.join(' ')}`, AGAIN_S);
    await work.step('Go on without a backup', () => Promise.resolve('What is served now stays here as a release'));
  }

  private async prove(
    site: SiteRow,
    client: Awaited<ReturnType<typeof siteAndServer>>['server']['client'],
    name: string,
    place: BackupPlace,
    snapshot: string,
  ): Promise<string> {
    const note = (provenMs: number | null, fault: string | null) =>
      this.db.query(
        `update backup set proven_at = case when $4::int is null then null else now() end, proven_ms = $4, fault = $5
         where site = $1 and place = $2 and snapshot = $3`,
        [site.id, name, snapshot, provenMs, fault],
      );
    try {
      const proven = await client.proveBackup(site.id, place, snapshot);
      await note(proven.ms, null);
      return `${count(proven)} came back as they were, in ${(proven.ms / 1000).toFixed(1)} s`;
    } catch (error) {
      // Said by whoever tried it: it is no backup.
      if (error instanceof HostRefused && error.status === 422) await note(null, error.message);
      throw error;
    }
  }

  /**
   * Brings a site up on another server from its newest backup that was proven, because its own does not answer any more: the
   * records of its domain are set where they are ours to set.
   */
  async reviveSteps(
    work: Work,
    parts: { registrar: Pick<Registrar, 'leadTo'>; live: Pick<LiveChanges, 'known'> },
  ): Promise<void> {
    const { site, server: own } = await siteAndServer(this.sites, this.servers, work.job.site);
    const server = await this.servers.get(String(work.job.input['server']));
    if (!server) throw new JobRefused('There is no such server.');
    // Begun and killed after it was brought up, it is on that server by now.
    if (own.name !== server.name)
      await work.step(`See that ${own.name} does not answer`, async () => {
        const there = await own.client.site(site.id).catch((error: Error) => error);
        if (!(there instanceof Error) || there instanceof HostRefused)
          throw new JobRefused(`${own.name} answers. What visitors send there would be in two places.`);
        return there.message;
      });
    const backup = await work.step('Find the newest that was proven', async () => {
      const { rows } = await this.db.query<{ place: string; snapshot: string; madeAt: Date }>(
        `select place, snapshot, made_at as "madeAt" from backup
         where site = $1 and proven_at is not null and place = any($2) order by made_at desc limit 1`,
        [site.id, (this.config?.places ?? []).map((p) => p.name)],
      );
      if (!rows[0]) throw new JobRefused('No backup of the site was proven to be one.');
      const { madeAt, place } = rows[0];
      return { ...rows[0], detail: `Of ${madeAt.toISOString().slice(0, 16).replace('T', ' ')} UTC, at ${place}` };
    });
    await work.step(`Bring it up on ${server.name}`, async () => {
      const up = await server.client.site(site.id).catch((error: unknown) => {
        if (error instanceof HostRefused && error.status === 404) return null;
        throw error;
      });
      let release = up?.pointer?.of ?? up?.pointer?.release;
      let detail = 'It is there already';
      if (!release) {
        const after = await parts.live.known(site.id);
        const made = await server.client.bringUp(site.id, await this.place(backup.place), backup.snapshot, after);
        release = made.release;
        detail = `${count(made)}, in ${(made.ms / 1000).toFixed(1)} s`;
      }
      await tellHost(site, server);
      await transaction(this.db, async (client) => {
        await client.query('update site set server = $2, live_release = $3 where id = $1', [
          site.id,
          server.name,
          release,
        ]);
        await client.query('update certificate set server = $2 where site = $1', [site.id, server.name]);
        // Its messages are counted anew there.
        if (own.name !== server.name)
          await client.query('delete from inbox_mark where site = $1 and server = $2', [site.id, server.name]);
        await tell(client, { kind: 'care', site: site.id });
      });
      return detail;
    });
    const { domain } = site;
    if (domain)
      await work.step('Lead its domain there', async () => {
        if (site.domainSeen?.registration.state !== 'ours')
          return `Set the records of ${domain} to ${server.address} where they are kept`;
        await parts.registrar.leadTo(domain, server.address);
        return `${domain} A ${server.address}`;
      });
  }

  /** Gives back the room of backups that the rule does not keep, place after place. Belongs to no site. */
  async keepSteps(work: Work): Promise<void> {
    const { rows: gone } = await this.db.query<{ site: string }>(
      `select site from departure where left_at is null and archive is null
         and not exists (select 1 from site where id = departure.site)`,
    );
    for (const { name, server: own } of this.config?.places ?? [])
      await work.step(`Keep backups at ${name} by rule`, async () => {
        const server = (await this.servers.all()).find((s) => s.name !== own);
        if (!server) return 'No server that could';
        const place = await this.place(name);
        try {
          const kept = await server.client.keepBackups(
            place,
            gone.map((g) => g.site),
          );
          const { rowCount } = await this.db.query('delete from backup where place = $1 and not snapshot = any($2)', [
            name,
            kept,
          ]);
          return `${some(kept.length, 'backup')} kept, ${rowCount ?? 0} let go`;
        } catch (error) {
          // It is for whoever is told of the next backup that cannot be made.
          return `Not now: ${(error as Error).message}`;
        }
      });
  }

  /** Why no backup of the last two days was proven of a site that is up for as long; null where one was, or none is wanted. */
  async lacking({ id, server }: Pick<SiteRow, 'id' | 'server'>): Promise<string | null> {
    if (!server || !this.placesOf(server).length) return null;
    const { rows } = await this.db.query<{ proven: Date | null; late: boolean; words: string | null }>(
      `select b.proven, coalesce(b.proven, r.since) < now() - make_interval(hours => $2) as late,
         (select string_agg(place || ': ' || words, ' ' order by place) from backup_trouble where site = $1) as words
       from (select max(proven_at) as proven from backup where site = $1) b,
         (select min(live_at) as since from release where site = $1) r`,
      [id, PROVEN_HOURS],
    );
    const { proven, late, words } = rows[0]!;
    if (!late) return null;
    const last = proven ? `The newest that was is of ${proven.toISOString().slice(0, 10)}.` : 'None ever was.';
    return [last, words].filter(Boolean).join(' ');
  }

  /** The newest backup of each of some sites that was proven and is not too old, with its place; none of those without. */
  async newestOn(sites: readonly string[]): Promise<Map<string, { snapshot: string; place: BackupPlace }>> {
    const { rows } = await this.db.query<{ site: string; place: string; snapshot: string }>(
      `select distinct on (site) site, place, snapshot from backup
       where site = any($1) and proven_at > now() - make_interval(hours => $2) and place = any($3)
       order by site, made_at desc`,
      [sites, PROVEN_HOURS, (this.config?.places ?? []).map((p) => p.name)],
    );
    const places = new Map<string, BackupPlace>();
    for (const name of new Set(rows.map((r) => r.place))) places.set(name, await this.place(name));
    return new Map(rows.map((r) => [r.site, { snapshot: r.snapshot, place: places.get(r.place)! }]));
  }

  /** The backups of a site, the newest first, and what stands in the way of more. */
  async of(
    site: string,
  ): Promise<{ backups: SiteBackup[]; troubles: { place: string; words: string; since: Date }[] }> {
    const [backups, troubles] = await Promise.all([
      this.db.query<SiteBackup>(
        `select place, snapshot, made_at as "madeAt", files, rows, added::int as added, ms, proven_at as "provenAt",
           proven_ms as "provenMs", fault from backup where site = $1 order by made_at desc`,
        [site],
      ),
      this.db.query<{ place: string; words: string; since: Date }>(
        'select place, words, since from backup_trouble where site = $1 order by place',
        [site],
      ),
    ]);
    return { backups: backups.rows, troubles: troubles.rows };
  }

  /** A backup that is known, the server its site is on now, and the place it is at. @throws Problem 404 */
  private async known(site: Pick<SiteRow, 'id' | 'server'>, name: string, snapshot: string) {
    const { rows } = await this.db.query<{ madeAt: Date }>(
      'select made_at as "madeAt" from backup where site = $1 and place = $2 and snapshot = $3',
      [site.id, name, snapshot],
    );
    const server = site.server ? await this.servers.get(site.server) : undefined;
    if (!rows[0] || !server) throw new Problem(404, 'There is no such backup');
    return { ...rows[0], client: server.client, place: await this.place(name) };
  }

  /** The document of a site as visitors saw it when a backup was made. @throws Problem 404 where there is none */
  async document(site: Pick<SiteRow, 'id' | 'server'>, place: string, snapshot: string): Promise<SiteDocument> {
    const backup = await this.known(site, place, snapshot);
    const document = await backup.client.backedUpDocument(site.id, backup.place, snapshot);
    // One that is older than this program is told as this one has it.
    return migrate(document);
  }
  /** Messages in a backup that are not there any more. @throws Problem 404 */
  async missing(site: Pick<SiteRow, 'id' | 'server'>, place: string, snapshot: string) {
    const backup = await this.known(site, place, snapshot);
    return backup.client.missingMessages(site.id, backup.place, snapshot);
  }
  /** Puts messages back that a backup has: they come into the inbox as new ones do. @throws Problem 404 */
  async putBack(
    site: Pick<SiteRow, 'id' | 'server'>,
    place: string,
    snapshot: string,
    ids: readonly string[],
  ): Promise<number> {
    const backup = await this.known(site, place, snapshot);
    return backup.client.putBackMessages(site.id, backup.place, snapshot, ids);
  }

  /**
   * A site beside the living one, as visitors saw it when a backup was made. @throws Problem 404 where there is no such
   * backup, JobLater where its server does not answer
   */
  async restore(site: SiteRow, place: string, snapshot: string): Promise<SiteRow> {
    const { madeAt } = await this.known(site, place, snapshot);
    const document = await this.document(site, place, snapshot);
    const day = madeAt.toLocaleDateString('en-GB', { day: 'numeric', month: 'long', timeZone: 'UTC' });
    return this.sites.copy(site, `${nameOf(site)}, as of ${day}`, document);
  }
}

const size = (bytes: number): string => `${(bytes / 1e6).toFixed(1)} MB`;
const count = ({ files, rows }: { files: number; rows: number }): string =>
  `${some(files, 'file')} and ${some(rows, 'row')}`;
