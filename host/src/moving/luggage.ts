import { mkdir, readdir, readFile, rm, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { Readable, Transform } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { create, extract } from 'tar';
import { WHOLE_TABLES } from '@tin-porch/cms';
import { Problem } from '@tin-porch/core/ground';
import { writeDurable } from '../durable.js';
import { filesNamed } from '../named.js';
import type { HostParts } from '../public.js';
import type { Site } from '../sites.js';
import { aboutOf, bringIn, layOut, NotProven, servedBy } from '../whole-site.js';

/** What says that a site was brought here and is not served from here alone so far. */
const ARRIVING = 'arriving.json';
/** The most that may be carried over beside files, bytes. */
const MOST_BYTES = 4e9;

/** Carries whole sites from one server to another: all but the files, which go before. */
export class Luggage {
  constructor(private readonly parts: HostParts) {}

  private stage = (what: string, id: string): string => join(this.parts.config.data, 'moving', `${what}-${id}`);
  private arriving = (id: string): string => join(this.parts.config.data, 'sites', id, ARRIVING);

  /** The SHA-256 of every file of a site: those it is served from, and what else anything kept of it names and is here. */
  async files(site: Site): Promise<{ served: string[]; others: string[] }> {
    const { blobs, databases, config } = this.parts;
    const served = servedBy(site);
    const all = await filesNamed({ databases, folder: join(config.data, 'sites') }, site.settings.id);
    const others: string[] = [];
    for (const hash of all) if (!served.has(hash) && (await blobs.good(hash))) others.push(hash);
    return { served: [...served], others };
  }

  /** All of a site but its files, as a tar archive (POSIX pax): settings, keys, releases, rows, and today’s access log. */
  async pack(site: Site): Promise<Readable> {
    const { id } = site.settings;
    const stage = this.stage('out', id);
    await layOut(this.parts, site, stage, { tables: WHOLE_TABLES, files: false, allReleases: true });
    const log = await readFile(join(this.parts.config.data, 'logs', id, `${today()}.log`), 'utf8').catch(() => '');
    await writeFile(join(stage, 'today.log'), log);
    const names = await readdir(stage);
    const packed = Readable.from(create({ cwd: stage, portable: true }, names));
    packed.on('close', () => void rm(stage, { recursive: true, force: true }));
    return packed;
  }

  /**
   * Puts a site in place that another server packed; the files are here by then. Until it has arrived, it is put in place
   * anew whenever it comes again. @param after the last step of its people that is known elsewhere
   * @throws Problem 409 where it is here and is no site that arrives, 422 where what came is not whole
   */
  async unpack(id: string, body: Readable, after: number): Promise<{ release: string; rows: number }> {
    const { config } = this.parts;
    await this.mayCome(id);
    const stage = this.stage('in', id);
    await rm(stage, { recursive: true, force: true });
    await mkdir(stage, { recursive: true });
    try {
      await laidDown(body, stage);
      const about = await aboutOf(stage, id);
      await writeDurable(this.arriving(id), '{}');
      const site = await bringIn(this.parts, id, stage, about, { after });
      const log = await readFile(join(stage, 'today.log'), 'utf8').catch(() => '');
      if (log) await writeDurable(join(config.data, 'logs', id, `${today()}.log`), log);
      return {
        release: site.pointer!.of ?? site.pointer!.release,
        rows: Object.values(about.rows).reduce((a, b) => a + b, 0),
      };
    } catch (error) {
      if (error instanceof NotProven) throw new Problem(422, 'What came over is not whole', error.message);
      throw error;
    } finally {
      await rm(stage, { recursive: true, force: true });
    }
  }

  /** @throws Problem 409 where a site of that id is here, and is none that comes */
  async mayCome(id: string): Promise<void> {
    const { sites, moves } = this.parts;
    if (sites.get(id)?.pointer && !moves.to(id) && !(await this.arrives(id)))
      throw new Problem(409, 'The site is on this server already');
    if (await sites.settingsOfLeaving(id)) throw new Problem(409, 'The site is being removed from this server');
  }

  /** Whether a site is here that has not arrived so far. */
  arrives = (id: string): Promise<boolean> =>
    readFile(this.arriving(id)).then(
      () => true,
      () => false,
    );

  /** The site is served from here from now on. Safe to say again. */
  async arrived(site: Site): Promise<void> {
    const { moves, sites } = this.parts;
    await moves.forget(site.settings.id);
    await sites.showAgain(site);
    await rm(this.arriving(site.settings.id), { force: true });
  }
}

const today = (): string => new Date().toISOString().slice(0, 10);

/**
 * Lays the files of a tar archive down in a folder: files and folders alone.
 * @param most bytes that are taken @throws Problem 413 where more comes, Error where it is no archive or not whole
 */
export const laidDown = (archive: Readable, folder: string, most = MOST_BYTES): Promise<void> =>
  pipeline(
    archive,
    // No generator: where the end of it comes late, all is written by then, and what takes it down says so within the very
    // call that ends it, which a pipeline of generators does not hear.
    limited(most),
    extract({
      cwd: folder,
      strict: true,
      filter: (_path, entry) => 'type' in entry && /File|Directory/.test(entry.type),
    }),
  );

/** Lets so many bytes through, and fails with Problem 413 where more come. */
function limited(most: number): Transform {
  let come = 0;
  return new Transform({
    transform(part: Buffer, _encoding, done) {
      come += part.length;
      if (come > most) done(new Problem(413, 'That is more than a site is'));
      else done(null, part);
    },
  });
}
