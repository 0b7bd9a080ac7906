import { createHash } from 'node:crypto';
import { createReadStream, createWriteStream } from 'node:fs';
import { copyFile, link, mkdir, readFile, rm, writeFile } from 'node:fs/promises';
import { createServer, request } from 'node:http';
import type { AddressInfo } from 'node:net';
import { dirname, join } from 'node:path';
import { Transform, type Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { createGunzip, createGzip } from 'node:zlib';
import { backUp, goOnAfter, restore } from '@tin-porch/cms';
import { Problem } from '@tin-porch/core/ground';
import type { SiteDocument } from '@tin-porch/core/model';
import { Blobs } from '../blobs.js';
import { writeDurable } from '../durable.js';
import { publicApp, type HostParts } from '../public.js';
import { Sites, type Site } from '../sites.js';
import { Restic, type Place } from '@tin-porch/press/keeping';

/** What a backup says of itself. */
interface About {
  site: string;
  release: string | null;
  /** Rows of its tables, by their names. */
  rows: Record<string, number>;
}
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
/** A backup that is not what it should be, and what of it. */
export class NotProven extends Error {
  override name = 'NotProven';
}

/** How often what is served and what is kept may change while it is taken, until that is given up. */
const TRIES = 4;
const sum = (rows: Record<string, number>): number => Object.values(rows).reduce((a, b) => a + b, 0);
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
        const { files, about } = await this.take(site, stage);
        const { id, added } = await this.restic.backUp(place, stage, [tagOf(site.settings.id)]);
        return { snapshot: id, added, files, rows: sum(about.rows), ms: Math.round(performance.now() - started) };
      } finally {
        await rm(stage, { recursive: true, force: true });
      }
    });
  }

  /** Puts all of a site into a folder as it is laid out on a server: what is served, and the rows that belong to it. */
  private async take(site: Site, stage: string): Promise<{ files: number; about: About }> {
    const { config, databases, blobs } = this.parts;
    const { id, domain } = site.settings;
    for (let n = 0; ; n++) {
      await rm(stage, { recursive: true, force: true });
      const own = join(stage, 'sites', id);
      await mkdir(join(own, 'releases'), { recursive: true });
      const { live, pointer } = site;
      const rows = (await databases.has(id)) ? await this.rows(id, join(stage, 'rows.jsonl')) : {};
      // What was changed at the desk meanwhile is in one of the two only.
      if (site.pointer?.release !== pointer?.release && n < TRIES) continue;
      await writeFile(join(own, 'site.json'), JSON.stringify(site.settings));
      if (pointer) {
        await writeFile(join(own, 'current.json'), JSON.stringify(pointer));
        for (const release of new Set([pointer.release, pointer.of, pointer.before]))
          if (release)
            await linked(
              join(config.data, 'sites', id, 'releases', `${release}.json`),
              join(own, 'releases', `${release}.json`),
            );
      }
      await linked(join(config.data, 'sites', id, 'mail-key.pem'), join(own, 'mail-key.pem'));
      if (domain)
        await linked(
          join(config.data, 'certificates', `${domain}.json`),
          join(stage, 'certificates', `${domain}.json`),
        );
      const hashes = new Set(Object.values(live?.manifest.files ?? {}).map((f) => f.hash));
      for (const medium of live?.document.media ?? [])
        if ('hash' in medium && typeof medium.hash === 'string') hashes.add(medium.hash);
      let files = 0;
      for (const hash of hashes)
        if (await linked(join(blobs.folder, blobs.path(hash)), join(stage, 'blobs', blobs.path(hash)))) files++;
      const about: About = { site: id, release: live?.id ?? null, rows };
      await writeFile(join(stage, 'about.json'), JSON.stringify(about));
      return { files, about };
    }
  }

  /** Writes every row of a site, a line each, and counts them. */
  private async rows(id: string, file: string): Promise<Record<string, number>> {
    const rows: Record<string, number> = {};
    let rest = '';
    const count = new Transform({
      transform(part: Buffer, _encoding, done) {
        const all = (rest + part.toString('utf8')).split('\n');
        rest = all.pop()!;
        for (const line of all) {
          const table = /^\{"table":"([a-z_]+)"/.exec(line)?.[1];
          if (table) rows[table] = (rows[table] ?? 0) + 1;
        }
        done(null, part);
      },
    });
    await pipeline(backUp(await this.parts.databases.pool(id)), createGunzip(), count, createWriteStream(file));
    return rows;
  }

  /** The ids of all backups that a place keeps. */
  all = async (place: Place): Promise<string[]> => (await this.restic.snapshots(place)).map((s) => s.id);

  /** The document that visitors saw of a site when it was backed up; null where it was not live. */
  async document(id: string, place: Place, snapshot: string): Promise<SiteDocument | null> {
    const root = await this.restic.pathOf(place, snapshot);
    const at = (path: string) => this.restic.file(place, snapshot, join(root, path));
    const { site, release } = JSON.parse(await at('about.json')) as About;
    if (site !== id) throw new NotProven(`It is of another site, ${site}.`);
    if (!release) return null;
    return (JSON.parse(await at(`sites/${site}/releases/${release}.json`)) as { document: SiteDocument }).document;
  }

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
   * @throws NotProven with what is wrong, ResticError where it cannot be fetched
   */
  prove(id: string, place: Place, snapshot: string): Promise<Proven> {
    return this.inTurn(async () => {
      const started = performance.now();
      const scratch = join(this.folder, 'try', id);
      await rm(scratch, { recursive: true, force: true });
      try {
        const { root, about } = await this.fetched(id, place, snapshot, scratch);
        const files = about.release ? await this.proveFiles(id, root, about.release) : 0;
        await this.proveRows(join(root, 'rows.jsonl'), about.rows);
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
      const { sites, blobs, databases, certificates, config } = this.parts;
      if (sites.get(id)?.pointer) throw new Problem(409, 'The site is on this server already');
      if (await sites.settingsOfLeaving(id)) throw new Problem(409, 'The site is being removed from this server');
      const scratch = join(this.folder, 'try', id);
      await rm(scratch, { recursive: true, force: true });
      try {
        const { root, about } = await this.fetched(id, place, snapshot, scratch);
        const from = await Sites.load(join(root, 'sites'), config.temporary.base);
        const was = from.get(id);
        if (!was?.live || !was.pointer) throw new NotProven('No release that could be served is in it.');
        const hashes = await new Blobs(join(root, 'blobs'), 0).all();
        for (const hash of hashes) await blobs.put(hash, createReadStream(join(root, 'blobs', blobs.path(hash))));
        await databases.setUp(id);
        if (sum(about.rows)) await restore(await databases.pool(id), packed(join(root, 'rows.jsonl')), true);
        const key = await readFile(join(root, 'sites', id, 'mail-key.pem')).catch(() => null);
        if (key) await writeDurable(join(config.data, 'sites', id, 'mail-key.pem'), key, 0o600);
        for (const release of new Set([was.pointer.release, was.pointer.of])) {
          const whole = release && (await from.release(id, release));
          if (whole) await sites.keepRelease(id, whole);
        }
        const { domain } = was.settings;
        const pair = domain && (await readFile(join(root, 'certificates', `${domain}.json`), 'utf8').catch(() => null));
        if (pair) {
          const { key: own, chain } = JSON.parse(pair) as { key: string; chain: string };
          await certificates.put(domain, own, chain);
        }
        const base = await from.release(id, was.pointer.of ?? was.pointer.release);
        if (after && base)
          await goOnAfter(await databases.pool(id), { release: base.id, document: base.document }, after);
        const site = await sites.put({ ...was.settings, open: false });
        await sites.switchTo(site, was.live, was.pointer.switchedAt, was.pointer.of);
        return {
          release: was.pointer.of ?? was.pointer.release,
          files: Object.keys(was.live.manifest.files).length,
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
    const path = await this.restic.pathOf(place, snapshot);
    await this.restic.restore(place, snapshot, folder);
    const root = join(folder, path);
    const about = await readFile(join(root, 'about.json'), 'utf8').then(
      (text) => JSON.parse(text) as About,
      () => {
        throw new NotProven('It does not say what is in it.');
      },
    );
    if (about.site !== id) throw new NotProven(`It is of another site, ${about.site}.`);
    return { root, about };
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
    const served = createServer(publicApp({ ...this.parts, sites, blobs: new Blobs(join(root, 'blobs'), 0) }));
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

  private async proveRows(file: string, rows: Record<string, number>): Promise<void> {
    if (!sum(rows)) return;
    await this.parts.databases.scratch(async (pool) => {
      await restore(pool, packed(file)).catch((error: Error) => {
        throw new NotProven(`Its rows cannot be put back: ${error.message}`);
      });
      for (const [table, count] of Object.entries(rows)) {
        const { rows: found } = await pool.query<{ n: number }>(`select count(*)::int as n from ${table}`);
        if (found[0]!.n !== count) throw new NotProven(`Of ${count} rows of ${table}, ${found[0]!.n} came back.`);
      }
    });
  }
}

/** Rows as they are put back: the file of them lies unpacked, so that what is the same in it is kept once. */
function packed(file: string): Readable {
  const gzip = createGzip({ level: 1 });
  createReadStream(file)
    .on('error', (error) => gzip.destroy(error))
    .pipe(gzip);
  return gzip;
}

/** A second name of a file, or a copy where that cannot be. False where there is no such file. */
async function linked(from: string, to: string): Promise<boolean> {
  await mkdir(dirname(to), { recursive: true });
  try {
    await link(from, to).catch((error: NodeJS.ErrnoException) => {
      if (error.code === 'ENOENT') throw error;
      return copyFile(from, to);
    });
    return true;
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code === 'ENOENT') return false;
    throw error;
  }
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
