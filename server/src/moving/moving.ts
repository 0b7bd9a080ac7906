import { Readable } from 'node:stream';
import { Problem } from '@tin-porch/core/ground';
import { some } from '@tin-porch/core/some';
import type { PorchConfig } from '../config.js';
import { transaction, type Database } from '../db/database.js';
import { siteAndServer, tellHost, temporaryOrigin } from '../deploy/deploy.js';
import { askDns } from '../domains/dns-client.js';
import type { Registrar } from '../domains/registrar.js';
import { tell } from '../events/events.js';
import { JobLater, JobRefused, type Work } from '../jobs/jobs.js';
import { HostRefused, type HostSite, type MovedTo } from '../servers/host-client.js';
import type { ServerRow, Servers } from '../servers/servers.js';
import type { SiteHead, SiteRow } from '../sites/site-row.js';
import type { Sites } from '../sites/sites.js';

/** How long nobody has to have come to where a site was, until it is taken off there, hours. */
const QUIET_HOURS = 24;
/** How long after it moved it is led on in any case, hours: answers of name servers are kept so long. */
const LEAST_HOURS = 48;

/** A site that moved and is led on from where it was. */
export interface SiteMove {
  from: string;
  to: string;
  movedAt: Date;
  led: number;
  lastLedAt: Date;
  waits: string;
}

const MOVE = `"from", "to", moved_at as "movedAt", led, last_led_at as "lastLedAt", waits`;

/** How sites move from one server to another while both are asked: nothing is refused, and nothing is left behind. */
export class Moving {
  constructor(
    private readonly db: Database,
    private readonly config: Pick<PorchConfig, 'dns' | 'backups'>,
    private readonly sites: Sites,
    private readonly servers: Servers,
    private readonly registrar: Pick<Registrar, 'leadTo'>,
  ) {}

  /** The servers that still lead visitors of a site on. */
  async of(site: string): Promise<SiteMove[]> {
    return (await this.db.query<SiteMove>(`select ${MOVE} from site_move where site = $1 order by moved_at`, [site]))
      .rows;
  }

  /**
   * Moves a site: its files go before while it is served as ever; then, for a moment, whatever would change it waits, and
   * the last of it is carried over; then its server leads everybody on, and its domain is led there where its records are
   * ours. Killed at any moment and begun again, it goes on.
   */
  async steps(work: Work): Promise<void> {
    const { site, server: from } = await siteAndServer(this.sites, this.servers, work.job.site);
    const to = await this.servers.get(String(work.job.input['server']));
    if (!to) throw new JobRefused('There is no such server.');
    if (!site.liveRelease) throw new JobRefused('The site is on no server yet. Deploy it first.');
    // Killed after it was carried over, it is there by now.
    if (from.name !== to.name)
      try {
        await this.carry(work, site, from, to);
      } catch (error) {
        if (error instanceof JobRefused || work.signal.aborted) await this.takeBack(site, from, to);
        throw error;
      }
    const { site: moved } = await siteAndServer(this.sites, this.servers, site.id);
    await work.step(`Open it on ${to.name}`, async () => {
      await to.client.arrived(site.id);
      await tellHost(moved, to);
      return moved.open ? 'Everybody who comes is served from there' : 'It is closed, as it was';
    });
    const { domain } = moved;
    if (domain)
      await work.step('Lead its domain there', async () => {
        if (moved.domainSeen?.registration.state !== 'ours')
          return `Set the records of ${domain} to ${to.address} where they are kept: until then visitors are led on`;
        await this.registrar.leadTo(domain, to.address);
        return `${domain} A ${to.address}`;
      });
    await this.tidy(new Date(), site.id);
  }

  private async carry(work: Work, site: SiteRow, from: ServerRow, to: ServerRow): Promise<void> {
    // It may have been led on already, and nobody told us.
    const led = await from.client.site(site.id);
    if (led.moved?.to !== to.address) {
      await work.step('Look at both servers', () => this.look(from, to, led));
      await work.step('Copy its files', () => this.copyFiles(work.signal, site, from, to));
      await work.step('Copy its logs', () => this.copyLogs(work, site, from, to));
      await work.step(`Have ${to.name} believe whom ${from.name} leads there`, () => this.befriend(to));
    }
    await work.step('Carry the last of it over', async () => {
      const ms = led.moved?.to === to.address ? 0 : await this.carryOver(site, from, to);
      await this.note(site, from, to);
      await to.client.arrived(site.id);
      // Servers it was on before lead there at once, not by way of this one.
      for (const move of await this.of(site.id))
        if (move.from !== from.name)
          await (await this.servers.get(move.from))?.client.leadOn(site.id, '', placeOf(site, to));
      return ms ? `Whoever wrote meanwhile waited ${(ms / 1000).toFixed(1)} s` : 'It was carried over already';
    });
  }

  /** Nothing of a site stays where it will not be: unless it is led there, or nobody can say whether it is. */
  private async takeBack(site: SiteHead, from: ServerRow, to: ServerRow): Promise<void> {
    const there = await from.client.site(site.id).catch(() => null);
    if (there && !there.moved) await to.client.dropLuggage(site.id).catch(() => undefined);
  }

  /** Has a server believe every other of ours whom it leads there. */
  private async befriend(to: ServerRow): Promise<string> {
    const { rows } = await this.db.query<{ address: string }>('select address from server where name <> $1', [to.name]);
    await to.client.befriend(rows.map((r) => r.address));
    return some(rows.length, 'server');
  }

  /** @throws JobRefused where it cannot be there */
  private async look(from: ServerRow, to: ServerRow, site: HostSite): Promise<string> {
    if (site.damage.length) throw new JobRefused(`${from.name} could not read all of it: ${site.damage[0]}`);
    const [here, there] = await Promise.all([from.client.health(), to.client.health()]);
    for (const [server, { database }] of [
      [from, here],
      [to, there],
    ] as const)
      if (!database) throw new JobLater(`The database of ${server.name} does not answer.`, 10);
    return `${(there.freeBytes / 1e9).toFixed(0)} GB are free on ${to.name}`;
  }

  private async copyFiles(signal: AbortSignal, site: SiteHead, from: ServerRow, to: ServerRow): Promise<string> {
    let bytes = 0;
    const { served, others } = await from.client.files(site.id);
    const missing = await to.client.missing([...served, ...others]);
    for (const hash of missing) {
      signal.throwIfAborted();
      const file = await from.client.blob(hash);
      if (!file) throw new JobRefused(`A file of the site is damaged on ${from.name}. Deploy it, then move it.`);
      await to.client.putBlob(hash, file);
      bytes += file.byteLength;
    }
    return missing.length ? `${some(missing.length, 'file')}, ${(bytes / 1e6).toFixed(1)} MB` : 'All of them are there';
  }

  private async copyLogs(work: Work, site: SiteHead, from: ServerRow, to: ServerRow): Promise<string> {
    const today = new Date().toISOString().slice(0, 10);
    const days = (await from.client.logDays(site.id)).filter((day) => day < today);
    // Of a site that is not there so far, the server takes no logs: they are given with what is carried over.
    if (!days.length) return 'None of the days before today';
    for (const day of days) {
      work.signal.throwIfAborted();
      await to.client.putLogBefore(site.id, day, await from.client.log(site.id, day));
    }
    return some(days.length, 'day');
  }

  /** Carries the last of it over while whatever would change it waits. Gives how long that was, ms. */
  private async carryOver(site: SiteRow, from: ServerRow, to: ServerRow): Promise<number> {
    const began = performance.now();
    const token = await from.client.hold(site.id);
    try {
      // What was made while the others were copied.
      await this.copyFiles(new AbortController().signal, site, from, to);
      const luggage = await from.client.luggage(site.id, token);
      await to.client.putLuggage(site.id, Readable.fromWeb(luggage as never), 0);
      await from.client.leadOn(site.id, token, placeOf(site, to));
    } catch (error) {
      // It goes on where it is: unless it was led on, and only the answer was lost.
      await from.client.letGo(site.id).catch(() => undefined);
      if (error instanceof HostRefused && error.status === 422) throw new JobRefused(error.message);
      throw error;
    }
    return performance.now() - began;
  }

  /** From now on the site is on the other server. */
  private async note(site: SiteHead, from: ServerRow, to: ServerRow): Promise<void> {
    await transaction(this.db, async (client) => {
      await client.query('update site set server = $2 where id = $1', [site.id, to.name]);
      await client.query('update certificate set server = $2 where site = $1', [site.id, to.name]);
      await client.query('update message set server = $2 where site = $1', [site.id, to.name]);
      // Its messages are counted anew there: those that are known are known by their ids.
      await client.query('delete from inbox_mark where site = $1', [site.id]);
      await client.query(`delete from site_move where site = $1 and "from" = $2`, [site.id, to.name]);
      await client.query(
        `insert into site_move (site, "from", "to") values ($1, $2, $3)
         on conflict (site, "from") do update set "to" = $3, moved_at = now(), led = 0, last_led_at = now(), waits = ''`,
        [site.id, from.name, to.name],
      );
      await client.query(`update site_move set "to" = $2 where site = $1`, [site.id, to.name]);
      await tell(client, { kind: 'care', site: site.id });
    });
  }

  /**
   * Looks at every site that is led on: one that nobody comes to any more where it was, and whose domain leads everybody
   * asked to where it is, is taken off the server it was on. @param only one site
   */
  async tidy(now = new Date(), only?: string): Promise<void> {
    const { rows } = await this.db.query<SiteMove & { site: string; domain: string | null }>(
      `select m.site, s.domain, ${MOVE} from site_move m join site s on s.id = m.site where $1::text is null or m.site = $1`,
      [only ?? null],
    );
    for (const move of rows) await this.tidyOne(move, now).catch(() => undefined);
  }

  private async tidyOne(move: SiteMove & { site: string; domain: string | null }, now: Date): Promise<void> {
    const from = await this.servers.get(move.from);
    const to = await this.servers.get(move.to);
    if (!from || !to) return;
    const there = await from.client.site(move.site).catch((error: unknown) => {
      if (error instanceof HostRefused && error.status === 404) return null;
      throw error;
    });
    // It was removed there, or brought back, by somebody else.
    if (!there?.moved) return this.over(move);
    // The agent counts from its start on; when it last led somebody on, it says by its clock.
    const said = there.moved.last === null ? 0 : Date.parse(there.moved.last);
    const lastLedAt = new Date(Math.max(said, move.lastLedAt.getTime()));
    const waits = await this.waits({ ...move, lastLedAt }, to, now);
    await this.db.query(
      `update site_move set led = greatest(led, $3), last_led_at = $4, waits = $5 where site = $1 and "from" = $2`,
      [move.site, move.from, there.moved.count, lastLedAt, waits],
    );
    if (waits) return;
    await this.end(move.site, move);
  }

  /** Why a site is led on for longer; empty where nothing speaks against its end. */
  private async waits(
    move: SiteMove & { site: string; domain: string | null },
    to: ServerRow,
    now: Date,
  ): Promise<string> {
    const hours = (since: Date) => (now.getTime() - since.getTime()) / 3_600_000;
    if (move.domain) {
      const { domain } = move;
      for (const resolver of this.config.dns.resolvers) {
        const found = await askDns(resolver, domain, 'A').catch(() => null);
        const a = found?.records.filter((r) => r.type === 'A').map((r) => r.data) ?? [];
        if (a.length !== 1 || a[0] !== to.address)
          return `${resolver.name} answers ${a.join(', ') || 'nothing'} for ${domain}, not ${to.address}.`;
      }
    }
    if (hours(move.movedAt) < LEAST_HOURS) return `It is led on for ${LEAST_HOURS} hours in any case.`;
    if (hours(move.lastLedAt) < QUIET_HOURS) return `Somebody came there less than ${QUIET_HOURS} hours ago.`;
    // The last that is left of it there is not thrown away before what took its place was found to be safe.
    if (this.config.backups?.places.some((p) => p.server !== to.name)) {
      const { rowCount } = await this.db.query(
        'select 1 from backup where site = $1 and made_at > $2 and proven_at is not null limit 1',
        [move.site, move.movedAt],
      );
      if (!rowCount) return 'No backup was proven since it moved.';
    }
    return '';
  }

  private async over({ site, from }: { site: string; from: string }): Promise<void> {
    await this.db.query(`delete from site_move where site = $1 and "from" = $2`, [site, from]);
    await tell(this.db, { kind: 'care', site });
  }

  /** Takes a site off a server that led its visitors on. @throws JobLater where that does not answer */
  async end(site: string, move: SiteMove): Promise<void> {
    await (await this.servers.get(move.from))?.client.removeSite(site);
    await this.over({ site, from: move.from });
  }
}

/** Where visitors of a site are led on to. */
const placeOf = (site: SiteHead, server: ServerRow): MovedTo => ({
  address: server.address,
  httpPort: server.httpPort,
  httpsPort: server.httpsPort,
  temporary: temporaryOrigin(site, server),
});

/** @throws Problem 409 where a site cannot be moved there, whatever happens */
export function mayMove(site: SiteHead, server: ServerRow | undefined): void {
  if (!server) throw new Problem(404, 'There is no such server');
  if (!site.server || !site.liveRelease) throw new Problem(409, 'The site is on no server yet');
  if (site.server === server.name) throw new Problem(409, 'The site is on that server already');
}
