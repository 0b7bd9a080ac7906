import { mkdir, readdir, readlink, rename, rm, stat, symlink } from 'node:fs/promises';
import { dirname, extname, join, relative } from 'node:path';
import type { Blobs } from '../blobs.js';
import type { Release, Shown, Site } from '../sites.js';
import { isPacked, SERVED_TYPES, WAYS, type Way } from './nginx-conf.js';
import { packFile, PACKINGS } from './packing.js';

/** What the front needs to know of a server. */
export interface FrontParts {
  /** Its folder; all in it can be made again from what is kept elsewhere. */
  folder: string;
  blobs: Blobs;
  /** Where the access logs of sites are. */
  logs: string;
  /** Where temporary addresses end. */
  base: string;
  secured(domain: string): boolean;
  /** Whether a site has moved to another server: then the agent leads everybody on. */
  isAway(id: string): boolean;
  log: { error(o: object, m: string): void };
}

/** How many links are made at a time. */
const AT_ONCE = 64;

/**
 * What visitors are served from, laid out for nginx: a release is a folder of links into the blob store, `sites/ID/now`
 * leads to the one that is live, and a link for every name that is open to everybody leads to its site. What has no link is
 * the agent’s to answer: forms, desks, holding pages, previews, redirects, what is not there.
 *
 *     releases/ID/RELEASE/about/index.html → the blob, with .gz and .br beside it
 *     sites/ID/{now,before,log}
 *     plain/NAME, secure/NAME, temporary/NAME → sites/ID
 */
export class Front implements Shown {
  /** Names that lead to a site at this time, as `WAY/NAME`, by its id. */
  private readonly named = new Map<string, Set<string>>();
  private packing: Promise<unknown> = Promise.resolve();
  /** What was asked of a site last, by its id: one thing of it is done after the other. */
  private readonly last = new Map<string, Promise<unknown>>();
  private stopped = false;

  private constructor(private readonly parts: FrontParts) {}

  /** Takes over what an earlier run laid out; {@link show} and {@link tidy} bring it up to what is so now. */
  static async load(parts: FrontParts): Promise<Front> {
    const front = new Front(parts);
    for (const name of ['releases', 'sites', ...WAYS]) await mkdir(join(parts.folder, name), { recursive: true });
    return front;
  }

  private at = (...path: string[]): string => join(this.parts.folder, ...path);

  private inTurn<T>(id: string, work: () => Promise<T>): Promise<T> {
    const done = (this.last.get(id) ?? Promise.resolve()).then(work);
    const settled = done.then(
      () => undefined,
      () => undefined,
    );
    this.last.set(id, settled);
    void settled.then(() => this.last.get(id) === settled && this.last.delete(id));
    return done;
  }

  /** Lays a release out, so that it can be switched to. Safe to run again, also after a kill half way. */
  prepare = (id: string, release: Release): Promise<void> => this.inTurn(id, () => this.layOut(id, release));

  private async layOut(id: string, release: Release): Promise<void> {
    const folder = this.at('releases', id, release.id);
    if (await stat(folder).catch(() => null)) return;
    const part = this.at('releases', id, `${release.id}.part`);
    await rm(part, { recursive: true, force: true });
    await mkdir(part, { recursive: true });
    await this.link(part, folder, release);
    await rename(part, folder);
  }

  /** Links the files of a release, and the packed forms that are there, into a folder that is to be at another place. */
  private async link(folder: string, place: string, release: Release): Promise<void> {
    const { blobs } = this.parts;
    const folders = new Set<string>();
    const files = Object.entries(release.manifest.files).filter(([path, f]) => isServed(path, f.type));
    const one = async ([path, { hash, type }]: (typeof files)[number]) => {
      const blob = join(blobs.folder, blobs.path(hash));
      const to = (ending: string) =>
        symlink(`${relative(join(place, dirname(path)), blob)}${ending}`, join(folder, `${path}${ending}`)).catch(
          (error: NodeJS.ErrnoException) => {
            // One that stands where a folder has to be is served by the agent.
            if (error.code !== 'EEXIST' && error.code !== 'ENOTDIR') throw error;
          },
        );
      await to('');
      if (!isPacked(type)) return;
      for (const ending of PACKINGS) if (await stat(`${blob}.${ending}`).catch(() => null)) await to(`.${ending}`);
    };
    for (const [path] of files) {
      const own = join(folder, dirname(path));
      if (folders.has(own)) continue;
      folders.add(own);
      await mkdir(own, { recursive: true }).catch((error: NodeJS.ErrnoException) => {
        if (error.code !== 'EEXIST' && error.code !== 'ENOTDIR') throw error;
      });
    }
    for (let n = 0; n < files.length; n += AT_ONCE) await Promise.all(files.slice(n, n + AT_ONCE).map(one));
  }

  /**
   * Serves a site as it is to be served now. What is live is switched by one rename, and so is each of its names: a visitor
   * has the old or the new, whatever is killed when.
   */
  show = (site: Site): Promise<void> => this.inTurn(site.settings.id, () => this.showNow(site));

  private async showNow(site: Site): Promise<void> {
    const { id } = site.settings;
    for (const release of [site.live, site.before]) if (release) await this.layOut(id, release);
    await mkdir(this.at('sites', id), { recursive: true });
    await mkdir(join(this.parts.logs, id), { recursive: true });
    await this.lead(`sites/${id}/log`, join(this.parts.logs, id));
    for (const [name, release] of [
      ['before', site.before],
      ['now', site.live],
    ] as const)
      if (release) await this.lead(`sites/${id}/${name}`, this.at('releases', id, release.id));
      else await rm(this.at('sites', id, name), { force: true });
    const wanted = new Set(this.namesOf(site));
    for (const name of this.named.get(id) ?? [])
      if (!wanted.has(name) && (await this.leadsTo(name)) === id) await rm(this.at(name), { force: true });
    for (const name of wanted) await this.lead(name, this.at('sites', id));
    this.named.set(id, wanted);
    this.beside(site);
  }

  /** Serves a site no more. */
  hide = (id: string): Promise<void> => this.inTurn(id, () => this.hideNow(id));

  private async hideNow(id: string): Promise<void> {
    for (const way of WAYS)
      for (const name of await readdir(this.at(way)))
        if ((await this.leadsTo(`${way}/${name}`)) === id) await rm(this.at(way, name), { force: true });
    this.named.delete(id);
    await rm(this.at('sites', id), { recursive: true, force: true });
    await rm(this.at('releases', id), { recursive: true, force: true });
  }

  /** Takes away what leads to none of the sites of this server: left by a kill, or by damage. */
  async tidy(ids: readonly string[]): Promise<void> {
    const here = new Set(ids);
    for (const way of WAYS)
      for (const name of await readdir(this.at(way))) {
        const full = `${way}/${name}`;
        const id = await this.leadsTo(full);
        if (!id || !this.named.get(id)?.has(full)) await rm(this.at(full), { force: true });
      }
    for (const folder of ['sites', 'releases'])
      for (const id of await readdir(this.at(folder)))
        if (!here.has(id)) await rm(this.at(folder, id), { recursive: true, force: true });
  }

  /** The names under which everybody is served the release of a site, and how. */
  private namesOf({ settings, live }: Site): string[] {
    const { base, secured, isAway } = this.parts;
    if (!live || !settings.open || isAway(settings.id)) return [];
    const by = (way: Way, name: string) => `${way}/${name.toLowerCase()}`;
    return [
      by('temporary', `${settings.temporary}.${base}`),
      ...(settings.domain ? [by(secured(settings.domain) ? 'secure' : 'plain', settings.domain)] : []),
    ];
  }

  /** The id of the site a name leads to. */
  private async leadsTo(name: string): Promise<string | null> {
    const to = await readlink(this.at(name)).catch(() => '');
    return /^\.\.\/sites\/([^/]+)$/.exec(to)?.[1] ?? null;
  }

  /** Has a link lead to a place, in the stead of where it led. */
  private async lead(name: string, place: string): Promise<void> {
    const link = this.at(name);
    const to = relative(dirname(link), place);
    if ((await readlink(link).catch(() => null)) === to) return;
    const part = `${link}.part`;
    await rm(part, { force: true });
    await symlink(to, part);
    await rename(part, link);
  }

  /** What nobody waits for: releases that are served no more are cleared away, and what is served is packed. */
  private beside(site: Site): void {
    const { id } = site.settings;
    this.packing = this.packing
      .then(() => this.inTurn(id, () => this.clear(site)))
      .then(() => (site.live ? this.packRelease(site, site.live) : undefined))
      .catch((error: Error) => this.parts.log.error({ err: error, site: id }, 'a release could not be packed'));
  }

  private async clear({ settings: { id }, live, before }: Site): Promise<void> {
    for (const name of await readdir(this.at('releases', id)).catch(() => []))
      if (name !== live?.id && name !== before?.id)
        await rm(this.at('releases', id, name), { recursive: true, force: true });
  }

  /** Packs what of a release is not packed so far, one file after the other. */
  private async packRelease(site: Site, release: Release): Promise<void> {
    const { blobs } = this.parts;
    const { id } = site.settings;
    const isShown = () => !this.stopped && this.named.has(id) && site.live?.id === release.id;
    for (const [path, { hash, type }] of Object.entries(release.manifest.files)) {
      if (!isShown()) return;
      if (!isPacked(type) || !isServed(path, type)) continue;
      const blob = join(blobs.folder, blobs.path(hash));
      // What is gone or damaged is found elsewhere.
      await packFile(blob, hash).catch(() => undefined);
      const served = this.at('releases', id, release.id, path);
      // Nothing is put where a site is being taken away.
      await this.inTurn(id, async () => {
        if (!isShown()) return;
        for (const ending of PACKINGS)
          if (await stat(`${blob}.${ending}`).catch(() => null))
            await symlink(`${relative(dirname(served), blob)}.${ending}`, `${served}.${ending}`).catch(() => undefined);
      });
    }
  }

  /** Resolves once nothing is left to be packed. */
  async settled(): Promise<void> {
    await this.packing;
  }

  async stop(): Promise<void> {
    this.stopped = true;
    await this.packing;
  }
}

/** Whether nginx says of a file what it is; one of whose kind its ending says nothing is the agent’s. */
const isServed = (path: string, type: string): boolean => SERVED_TYPES[extname(path).slice(1)] === type;
