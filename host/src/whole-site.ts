import { createReadStream, createWriteStream } from 'node:fs';
import { copyFile, link, mkdir, readdir, readFile, rm, writeFile } from 'node:fs/promises';
import { dirname, join } from 'node:path';
import { Transform, type Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { createGunzip, createGzip } from 'node:zlib';
import { backUp, goOnAfter, restore } from '@tin-porch/cms';
import { Blobs } from './blobs.js';
import { writeDurable } from './durable.js';
import { filesNamed } from './named.js';
import type { HostParts } from './public.js';
import { Sites, type Site } from './sites.js';

/** What a site that was laid out says of itself. */
export interface About {
  site: string;
  release: string | null;
  /** Rows of its tables, by their names. */
  rows: Record<string, number>;
}
/** What was laid out is not what it should be, and what of it. */
export class NotProven extends Error {
  override name = 'NotProven';
}

/** How often what is served and what is kept may change while it is taken, until that is given up. */
const TRIES = 4;
export const sum = (rows: Record<string, number>): number => Object.values(rows).reduce((a, b) => a + b, 0);

/** What the release of a site that is served is made of. */
export const servedBy = ({ live }: Site): Set<string> =>
  new Set(Object.values(live?.manifest.files ?? {}).map((f) => f.hash));

/** What of a site is laid out. */
export interface LaidOut {
  /** Rows of other tables than those of a backup. */
  tables?: Parameters<typeof backUp>[1];
  /** False where the files go another way. */
  files?: boolean;
  /** Every release that is kept, not only what is served and what that stands on. */
  allReleases?: boolean;
}

/** The ids of the releases of a site that are kept. */
export const releasesOf = async (data: string, id: string): Promise<string[]> =>
  (await readdir(join(data, 'sites', id, 'releases')).catch(() => []))
    .filter((name) => name.endsWith('.json'))
    .map((name) => name.slice(0, -5));

/**
 * Puts all of a site into a folder as it is laid out on a server: settings, keys, what is served, and the rows that belong
 * to it.
 */
export async function layOut(
  parts: HostParts,
  site: Site,
  stage: string,
  { tables, files: withFiles = true, allReleases = false }: LaidOut = {},
): Promise<{ files: number; about: About }> {
  const { config, databases, blobs } = parts;
  const { id, domain } = site.settings;
  for (let n = 0; ; n++) {
    await rm(stage, { recursive: true, force: true });
    const own = join(stage, 'sites', id);
    await mkdir(join(own, 'releases'), { recursive: true });
    const { live, pointer } = site;
    const kept = new Set(
      allReleases
        ? await releasesOf(config.data, id)
        : [pointer?.release, pointer?.of, pointer?.before].filter((r) => typeof r === 'string'),
    );
    const rows = (await databases.has(id)) ? await rowsOf(parts, id, join(stage, 'rows.jsonl'), tables) : {};
    // What was changed at the desk meanwhile is in one of the two only.
    if (site.pointer?.release !== pointer?.release && n < TRIES) continue;
    await writeFile(join(own, 'site.json'), JSON.stringify(site.settings));
    if (pointer) {
      await writeFile(join(own, 'current.json'), JSON.stringify(pointer));
      for (const release of kept)
        await linked(
          join(config.data, 'sites', id, 'releases', `${release}.json`),
          join(own, 'releases', `${release}.json`),
        );
    }
    await linked(join(config.data, 'sites', id, 'mail-key.pem'), join(own, 'mail-key.pem'));
    await parts.previews.write();
    await linked(join(config.data, 'sites', id, 'previews.json'), join(own, 'previews.json'));
    if (domain)
      await linked(join(config.data, 'certificates', `${domain}.json`), join(stage, 'certificates', `${domain}.json`));
    let files = 0;
    if (withFiles)
      for (const hash of await filesNamed({ databases, folder: join(config.data, 'sites') }, id, kept))
        if (await linked(join(blobs.folder, blobs.path(hash)), join(stage, 'blobs', blobs.path(hash)))) files++;
    const about: About = { site: id, release: live?.id ?? null, rows };
    await writeFile(join(stage, 'about.json'), JSON.stringify(about));
    return { files, about };
  }
}

/** Writes every row of a site, a line each, and counts them. */
async function rowsOf(
  { databases }: HostParts,
  id: string,
  file: string,
  tables?: Parameters<typeof backUp>[1],
): Promise<Record<string, number>> {
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
  await pipeline(backUp(await databases.pool(id), tables), createGunzip(), count, createWriteStream(file));
  return rows;
}

/** What a site that was laid out says of itself. @throws NotProven where that is nothing, or of another site */
export async function aboutOf(root: string, id: string): Promise<About> {
  const about = await readFile(join(root, 'about.json'), 'utf8')
    .then((text) => JSON.parse(text) as About)
    .catch(() => {
      throw new NotProven('It does not say what is in it.');
    });
  if (about.site !== id) throw new NotProven(`It is of another site, ${about.site}.`);
  return about;
}

/**
 * Puts a site in place that was laid out in a folder: files, rows, keys, and its release last. Safe to run again where it
 * was killed. @param after the last step of its people that is known elsewhere: the next one here is another
 * @throws NotProven where no release in it could be served
 */
export async function bringIn(
  parts: HostParts,
  id: string,
  root: string,
  about: About,
  { after, open }: { after: number; open?: boolean },
): Promise<Site> {
  const { sites, blobs, databases, certificates, config } = parts;
  const from = await Sites.load(join(root, 'sites'), config.temporary.base);
  const was = from.get(id);
  if (!was?.live || !was.pointer) throw new NotProven('No release that could be served is in it.');
  const hashes = await new Blobs(join(root, 'blobs'), 0).all().catch(() => []);
  for (const hash of hashes) await blobs.put(hash, createReadStream(join(root, 'blobs', blobs.path(hash))));
  const missing = await blobs.missing(servedBy(was));
  if (missing.length) throw new NotProven(`${missing.length} of its files are not here.`);
  await databases.setUp(id);
  if (sum(about.rows)) await restore(await databases.pool(id), packed(join(root, 'rows.jsonl')), true);
  const key = await readFile(join(root, 'sites', id, 'mail-key.pem')).catch(() => null);
  if (key) await writeDurable(join(config.data, 'sites', id, 'mail-key.pem'), key, 0o600);
  const looked = await readFile(join(root, 'sites', id, 'previews.json')).catch(() => null);
  if (looked) await writeDurable(join(config.data, 'sites', id, 'previews.json'), looked);
  parts.previews.forget(id);
  for (const release of await releasesOf(root, id)) {
    const whole = await from.release(id, release);
    if (whole) await sites.keepRelease(id, whole);
  }
  const { domain } = was.settings;
  const pair = domain && (await readFile(join(root, 'certificates', `${domain}.json`), 'utf8').catch(() => null));
  if (pair) {
    const { key: own, chain } = JSON.parse(pair) as { key: string; chain: string };
    await certificates.put(domain, own, chain);
  }
  const base = await from.release(id, was.pointer.of ?? was.pointer.release);
  if (after && base) await goOnAfter(await databases.pool(id), { release: base.id, document: base.document }, after);
  const site = await sites.put({ ...was.settings, open: open ?? was.settings.open });
  await sites.switchTo(site, was.live, was.pointer.switchedAt, was.pointer.of);
  return site;
}

/** Rows as they are put back: the file of them lies unpacked, so that what is the same in it is kept once. */
export function packed(file: string): Readable {
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
