import { createHash } from 'node:crypto';
import { readFile, rm, writeFile } from 'node:fs/promises';
import { createServer, request } from 'node:http';
import type { AddressInfo } from 'node:net';
import { join } from 'node:path';
import type pg from 'pg';
import { messagesIn, migrateTables, NEWEST, restore, type BackedUpMessage } from '@tin-porch/cms';
import { Problem } from '@tin-porch/core/ground';
import type { SiteDocument } from '@tin-porch/core/model';
import { Restic, type Place } from '@tin-porch/press/keeping';
import { Blobs } from '../blobs.js';
import { Moves } from '../moving/moves.js';
import { publicApp, type HostParts } from '../public.js';
import { Sites, type Site } from '../sites.js';
import { aboutOf, bringIn, layOut, NotProven, packed, sum, type About } from '../whole-site.js';

/** What a backup came to. */
export interface BackedUp {
  snapshot: string;
  /** Bytes that were new at the place. */
  added: number;
  files: number;
  rows: number;
  ms: number;
}
/** What was found of a backup that was put up for a try. */
export interface Proven {
  files: number;
  rows: number;
  ms: number;
}
/** Under what a backup of a site is found. */
export const tagOf = (site: string): string => `site:${site}`;

/**
 * Backups of the sites of this server: settings, keys, releases with their files, and every row of the database. Each can
 * be put up for a try beside the living site, which is the only proof that it is one.
 */
export class Backups {
  private readonly restic: Restic;
  private readonly folder: string;
  /** One thing after the other: they are not to be felt by visitors. */
  private last: Promise<unknown> = Promise.resolve();

  constructor(private readonly parts: HostParts) {
    this.folder = join(parts.config.data, 'backups');
    this.restic = new Restic(join(this.folder, 'cache'), parts.config.name);
  }

  private inTurn<T>(work: () => Promise<T>): Promise<T> {
    const done = this.last.then(work);
    this.last = done.catch(() => undefined);
    return done;
  }

  /** Where a site lies while it is backed up. */
  private stage = (id: string): string => join(this.folder, 'stage', id);

  /** Backs a site up at a place. @throws ResticError, or Error where the database does not answer */
  backUp(site: Site, place: Place): Promise<BackedUp> {
    return this.inTurn(async () => {
      const started = performance.now();
      const stage = this.stage(site.settings.id);
      try {
        const { files, about } = await layOut(this.parts, site, stage);
        const { id, added } = await this.restic.backUp(place, stage, [tagOf(site.settings.id)]);
        return { snapshot: id, added, files, rows: sum(about.rows), ms: Math.round(performance.now() - started) };
      } finally {
        await rm(stage, { recursive: true, force: true });
      }
    });
  }

  /** The ids of all backups that a place keeps. */
  all = async (place: Place): Promise<string[]> => (await this.restic.snapshots(place)).map((s) => s.id);

  /** The document that visitors saw of a site when it was backed up; null where it was not live. */
  async document(id: string, place: Place, snapshot: string): Promise<SiteDocument | null> {
    const at = (path: string) => this.restic.file(place, snapshot, path);
    const { site, release } = JSON.parse(await at('about.json')) as About;
    if (site !== id) throw new NotProven(`It is of another site, ${site}.`);
    if (!release) return null;
    return (JSON.parse(await at(`sites/${site}/releases/${release}.json`)) as { document: SiteDocument }).document;
  }

  /** The messages of a site as a backup has them, the oldest first. */
  async messages(id: string, place: Place, snapshot: string): Promise<BackedUpMessage[]> {
    const { site, rows } = JSON.parse(await this.restic.file(place, snapshot, 'about.json')) as About;
    if (site !== id) throw new NotProven(`It is of another site, ${site}.`);
    if (!rows['message']) return [];
    const { line, found } = messagesIn();
    await this.restic.lines(place, snapshot, 'rows.jsonl', line);
    return found();
  }

  /** Has a place open with another password besides. False where nothing was ever kept there. */
  addPassword = (place: Place, next: string) => this.inTurn(() => this.restic.addPassword(place, next));
  /** Has a place open with this password alone. */
  leavePassword = (place: Place) => this.inTurn(() => this.restic.leavePassword(place));

  /** Keeps what the rule keeps at a place, and nothing of sites that are gone. */
  keep = (place: Place, gone: readonly string[]) =>
    this.inTurn(() =>
      this.restic.keep(
        place,
        gone.map((id) => tagOf(id)),
      ),
    );

  /**
   * Puts a backup up for a try: its rows into a schema of their own, its files into a folder, and the server before them;
   * then asks for every file as a visitor does and compares what comes, and counts the rows.
   * @param step that the tables are of where they are now, for another version of the agent than that which made it
   * @throws NotProven with what is wrong, ResticError where it cannot be fetched
   */
  prove(id: string, place: Place, snapshot: string, step?: number): Promise<Proven> {
    return this.inTurn(async () => {
      const started = performance.now();
      const scratch = join(this.folder, 'try', id);
      await rm(scratch, { recursive: true, force: true });
      try {
        const { root, about } = await this.fetched(id, place, snapshot, scratch);
        const files = about.release ? await this.proveFiles(id, root, about.release) : 0;
        await this.proveRows(join(root, 'rows.jsonl'), about.rows, step);
        return { files, rows: sum(about.rows), ms: Math.round(performance.now() - started) };
      } finally {
        await rm(scratch, { recursive: true, force: true });
      }
    });
  }

  /**
   * Brings a site up on this server from a backup that another made: its files, its rows, its keys, and its release last,
   * closed until it is opened. Safe to run again where it was killed. @param after the last step of its people that is known
   * elsewhere: the next one here is another
   * @throws Problem 409 where it is up here already, NotProven, ResticError
   */
  bringUp(id: string, place: Place, snapshot: string, after: number): Promise<Proven & { release: string }> {
    return this.inTurn(async () => {
      const started = performance.now();
      const { sites } = this.parts;
      if (sites.get(id)?.pointer) throw new Problem(409, 'The site is on this server already');
      if (await sites.settingsOfLeaving(id)) throw new Problem(409, 'The site is being removed from this server');
      const scratch = join(this.folder, 'try', id);
      await rm(scratch, { recursive: true, force: true });
      try {
        const { root, about } = await this.fetched(id, place, snapshot, scratch);
        const was = await bringIn(this.parts, id, root, about, { after, open: false });
        return {
          release: was.pointer!.of ?? was.pointer!.release,
          files: Object.keys(was.live!.manifest.files).length,
          rows: sum(about.rows),
          ms: Math.round(performance.now() - started),
        };
      } finally {
        await rm(scratch, { recursive: true, force: true });
      }
    });
  }

  /** Fetches a backup into a folder. Gives where in it the site is laid out, and what it says of itself. */
  private async fetched(
    id: string,
    place: Place,
    snapshot: string,
    folder: string,
  ): Promise<{ root: string; about: About }> {
    const root = await this.restic.restore(place, snapshot, folder);
    return { root, about: await aboutOf(root, id) };
  }

  private async proveFiles(id: string, root: string, release: string): Promise<number> {
    const { config } = this.parts;
    const settings = join(root, 'sites', id, 'site.json');
    // As everybody would see it, whoever may see it now.
    const open = { ...(JSON.parse(await readFile(settings, 'utf8')) as object), open: true, domain: null };
    await writeFile(settings, JSON.stringify(open));
    const sites = await Sites.load(join(root, 'sites'), config.temporary.base);
    const site = sites.get(id);
    if (site?.live?.id !== release)
      throw new NotProven(`Its release cannot be read: ${site?.damage[0] ?? 'it is not there'}`);
    const served = createServer(
      publicApp({ ...this.parts, sites, blobs: new Blobs(join(root, 'blobs'), 0), moves: Moves.none() }),
    );
    await new Promise<void>((done, fail) => served.once('error', fail).listen(0, '127.0.0.1', done));
    try {
      const { port } = served.address() as AddressInfo;
      const host = `${site.settings.temporary}.${config.temporary.base}`;
      const files = Object.entries(site.live.manifest.files);
      for (const [path, { hash }] of files) {
        const wanted = path.replace(/(^|\/)index\.html$/, '$1');
        const came = await fetched(port, host, encodeURI(wanted));
        if (came !== hash) throw new NotProven(`${path} does not come as it was: ${came}.`);
      }
      return files.length;
    } finally {
      served.closeAllConnections();
      await new Promise((done) => served.close(done));
    }
  }

  private async proveRows(file: string, rows: Record<string, number>, step = NEWEST): Promise<void> {
    if (!sum(rows)) return;
    await this.parts.databases.scratch(async (pool) => {
      await restore(pool, packed(file), false, step).catch((error: Error) => {
        throw new NotProven(`Its rows cannot be put back: ${error.message}`);
      });
      const count = async (what: string) => {
        for (const [table, count] of Object.entries(rows)) {
          const { rows: found } = await pool.query<{ n: number }>(`select count(*)::int as n from ${table}`);
          if (found[0]!.n !== count) throw new NotProven(`Of ${count} rows of ${table}, ${found[0]!.n} ${what}.`);
        }
      };
      await count('came back');
      // Whatever step of the tables is new has a way back, and it is one for these rows.
      const low = Math.min(step, NEWEST - 1);
      const before = step < NEWEST ? await contents(pool, Object.keys(rows)) : null;
      const go = async (to: number) => {
        try {
          await migrateTables(pool, to);
        } catch (error) {
          throw new NotProven(`Its tables do not go to step ${to}: ${(error as Error).message}`);
        }
      };
      if (before) {
        await go(NEWEST);
        await count(`are there after the step to ${NEWEST}`);
      }
      await go(low);
      const after = before && (await contents(pool, Object.keys(rows)));
      const lost = Object.keys(rows).find((table) => before?.[table] !== after?.[table]);
      if (lost) throw new NotProven(`The rows of ${lost} are not what they were after step ${NEWEST} and back.`);
      await go(NEWEST);
      await count('are there after a step back and one on');
    });
  }
}

/** What is in each table, as one figure that is another where anything of it is. */
async function contents(pool: pg.Pool, tables: string[]): Promise<Record<string, string>> {
  const found: Record<string, string> = {};
  for (const table of tables) {
    const { rows } = await pool.query<{ all: string }>(
      `select coalesce(md5(string_agg(one, '' order by one)), '') as all from (select md5(row_to_json(t)::text) as one from ${table} t) each`,
    );
    found[table] = rows[0]!.all;
  }
  return found;
}

/** The SHA-256 of what is served at an address, or what was said instead. */
function fetched(port: number, host: string, path: string): Promise<string> {
  return new Promise((done, fail) => {
    const asked = request({ port, host: '127.0.0.1', path, headers: { host }, timeout: 15_000 }, (res) => {
      const hash = createHash('sha256');
      res.on('data', (part: Buffer) => hash.update(part));
      res.on('end', () => done(res.statusCode === 200 ? hash.digest('hex') : `status ${res.statusCode}`));
      res.on('error', fail);
    });
    asked.on('timeout', () => asked.destroy(new Error('no answer')));
    asked.on('error', fail).end();
  });
}
