import { mkdir, readdir, readFile, rename, rm } from 'node:fs/promises';
import { join } from 'node:path';
import type { SiteDocument } from '@tin-porch/core/model';
import { migrate } from '@tin-porch/core/operations';
import type { Holding, Manifest } from '@tin-porch/core/page';
import { syncFolder, writeDurable } from './durable.js';

/** What the designer has said about a site on this server. */
export interface SiteSettings {
  id: string;
  /** Shown on the holding page. */
  name: string;
  /** First label of its temporary address. */
  temporary: string;
  domain: string | null;
  /** False: strangers see the holding page. */
  open: boolean;
  /** Signs preview links, hex. */
  previewKey: string;
  /** The address letters of it come from, once its domain lets them. */
  sender?: string | null;
  /** True of a copy to try things on: what is sent from it is told to nobody. */
  staging?: boolean;
  /** What the page before it says, where the designer said something. */
  holding?: Holding;
  /** Links by which others may look at it while it is closed. */
  previews?: PreviewSettings[];
}

/** A link by which a closed site may be looked at. */
export interface PreviewSettings {
  /** Stands in the link: 128 bits nobody can guess. */
  token: string;
  /** Until when it is good, ISO 8601. */
  until: string;
  /** The password that is asked for, as `scrypt$N$r$p$salt$hash`; null where none is. */
  lock: string | null;
}

export interface Release {
  id: string;
  manifest: Manifest;
  document: SiteDocument;
}

/** Which release is served. `before` is null for the first. */
export interface Pointer {
  release: string;
  before: string | null;
  switchedAt: string;
  /** The designer’s release it stands on, where the people of the site changed something since. */
  of?: string;
}

export interface Site {
  settings: SiteSettings;
  pointer: Pointer | null;
  /** The live release and the one before it, whose fingerprinted files late readers may still ask for. */
  live: Release | null;
  before: Release | null;
  /** What of it could not be read when the server started; empty where all is well. */
  damage: string[];
}

/** Whoever serves the sites: told what is to be served, before it counts and once it does. */
export interface Shown {
  prepare(id: string, release: Release): Promise<void>;
  show(site: Site): Promise<void>;
  hide(id: string): Promise<void>;
}

/** What the settings of a site are called from the moment it is taken off this server. */
const LEAVING = 'leaving.json';

/** The sites of this server: held in memory for serving, on disk for good. */
export class Sites {
  private readonly byId = new Map<string, Site>();
  private byName = new Map<string, { site: Site; via: 'temporary' | 'domain' | 'www' }>();
  /** Folders whose settings cannot be read, and why: they come back with the next deploy. */
  readonly unreadable = new Map<string, string[]>();

  private constructor(
    private readonly folder: string,
    private readonly base: string,
    private readonly shown?: Shown,
  ) {}

  static async load(folder: string, base: string, shown?: Shown): Promise<Sites> {
    const sites = new Sites(folder, base, shown);
    await mkdir(folder, { recursive: true });
    for (const entry of await readdir(folder, { withFileTypes: true })) {
      if (!entry.isDirectory()) continue;
      // What is damaged is that site’s trouble, said of it, and no other’s.
      const damage: string[] = [];
      const read = <T>(what: Promise<T>): Promise<T | undefined> =>
        what.catch((error: Error) => {
          damage.push(error.message);
          return undefined;
        });
      const settings = await read(readJson(join(folder, entry.name, 'site.json'), isSettings));
      if (!settings) {
        if (damage.length) sites.unreadable.set(entry.name, damage);
        continue;
      }
      const pointer = (await read(readJson(join(folder, entry.name, 'current.json'), isPointer))) ?? null;
      const release = async (id: string | null | undefined) =>
        (id ? await read(sites.release(settings.id, id)) : undefined) ?? null;
      const live = await release(pointer?.release);
      if (pointer && !live && !damage.length) damage.push(`Release ${pointer.release} is gone.`);
      sites.byId.set(settings.id, { settings, pointer, live, before: await release(pointer?.before), damage });
    }
    sites.index();
    return sites;
  }

  private index(): void {
    const names: typeof this.byName = new Map();
    for (const site of this.byId.values()) {
      names.set(`${site.settings.temporary}.${this.base}`, { site, via: 'temporary' });
      if (site.settings.domain) {
        names.set(site.settings.domain, { site, via: 'domain' });
        names.set(`www.${site.settings.domain}`, { site, via: 'www' });
      }
    }
    this.byName = names;
  }

  all = (): Site[] => [...this.byId.values()];
  get = (id: string): Site | undefined => this.byId.get(id);
  find = (host: string) => this.byName.get(host);

  /** Serves a site anew, of which something else is so now than it was. */
  async showAgain(site: Site | undefined): Promise<void> {
    if (site) await this.shown?.show(site);
  }

  private putting: Promise<unknown> = Promise.resolve();

  /** Keeps settings, one site after the other: of two that ask for one name, one gets it. @throws NameTaken for the other */
  put(settings: SiteSettings): Promise<Site> {
    const put = this.putting.then(() => this.putOne(settings));
    this.putting = put.catch(() => undefined);
    return put;
  }

  private async putOne(settings: SiteSettings): Promise<Site> {
    for (const name of [
      `${settings.temporary}.${this.base}`,
      ...(settings.domain ? [settings.domain, `www.${settings.domain}`] : []),
    ]) {
      const holder = this.byName.get(name)?.site.settings.id;
      if (holder && holder !== settings.id) throw new NameTaken(name);
    }
    await writeDurable(join(this.folder, settings.id, 'site.json'), JSON.stringify(settings));
    const site = this.byId.get(settings.id) ?? {
      settings,
      pointer: null,
      live: null,
      before: null,
      damage: [],
    };
    this.unreadable.delete(settings.id);
    site.settings = settings;
    this.byId.set(settings.id, site);
    this.index();
    await this.shown?.show(site);
    return site;
  }

  async release(id: string, release: string): Promise<Release | undefined> {
    const kept = await readJson(join(this.folder, id, 'releases', `${release}.json`), isRelease);
    return kept && { ...kept, document: migrate(kept.document) };
  }

  async keepRelease(id: string, release: Release): Promise<void> {
    await writeDurable(join(this.folder, id, 'releases', `${release.id}.json`), JSON.stringify(release));
  }

  /** Serves a site no more, also after the next start. What it kept is still there. */
  async leave(id: string): Promise<void> {
    const folder = join(this.folder, id);
    await rename(join(folder, 'site.json'), join(folder, LEAVING)).then(
      () => syncFolder(folder),
      (error: NodeJS.ErrnoException) => {
        if (error.code !== 'ENOENT') throw error;
      },
    );
    this.byId.delete(id);
    this.unreadable.delete(id);
    this.index();
    await this.shown?.hide(id);
  }
  /** The folders of sites, of those that leave too. */
  async folders(): Promise<string[]> {
    const all = await readdir(this.folder, { withFileTypes: true });
    return all.filter((e) => e.isDirectory()).map((e) => e.name);
  }
  /** The ids of sites that were taken off and are not gone yet. */
  async leaving(): Promise<string[]> {
    const ids = await this.folders();
    const has = await Promise.all(ids.map((id) => this.settingsOfLeaving(id)));
    return ids.filter((_, n) => has[n]);
  }
  /** The settings a site had that leaves; undefined where none of that name does. Of damaged ones only the id is known. */
  async settingsOfLeaving(id: string): Promise<Pick<SiteSettings, 'id' | 'domain'> | undefined> {
    return readJson(join(this.folder, id, LEAVING), isSettings).catch(() => ({ id, domain: null }));
  }
  /** Takes away the folder of a site that leaves. */
  async forget(id: string): Promise<void> {
    await rm(join(this.folder, id), { recursive: true, force: true });
    await syncFolder(this.folder);
  }

  /** The designer’s release under what is served: what is served itself, where nobody changed anything since. */
  async under(site: Site): Promise<Release | undefined> {
    const id = site.pointer?.of;
    return id ? this.release(site.settings.id, id) : (site.live ?? undefined);
  }

  /** Makes a release the live one. The pointer is on disk before the first visitor is served from it. */
  async switchTo(site: Site, release: Release, at: string, of?: string): Promise<void> {
    if (site.pointer?.release === release.id && site.pointer.of === of && site.live && !site.damage.length)
      return this.shown?.show(site);
    await this.shown?.prepare(site.settings.id, release);
    const pointer: Pointer = {
      release: release.id,
      before: site.pointer?.release ?? null,
      switchedAt: at,
      ...(of && { of }),
    };
    await writeDurable(join(this.folder, site.settings.id, 'current.json'), JSON.stringify(pointer));
    site.before = site.live;
    site.live = release;
    site.pointer = pointer;
    site.damage = [];
    await this.shown?.show(site);
  }
}

export class NameTaken extends Error {
  constructor(readonly taken: string) {
    super(`${taken} belongs to another site`);
  }
}

type Fields = Record<string, unknown>;
const isSettings = (v: Fields): v is Fields & SiteSettings =>
  ['id', 'name', 'temporary', 'previewKey'].every((k) => typeof v[k] === 'string') &&
  typeof v['open'] === 'boolean' &&
  (v['domain'] === null || typeof v['domain'] === 'string');
const isPointer = (v: Fields): v is Fields & Pointer =>
  typeof v['release'] === 'string' && (v['before'] === null || typeof v['before'] === 'string');
const isRelease = (v: Fields): v is Fields & Release =>
  typeof v['id'] === 'string' &&
  typeof v['document'] === 'object' &&
  typeof (v['manifest'] as { files?: unknown } | undefined)?.files === 'object';

/** Reads a file of the server’s own. @throws Error naming it where it is not whole */
async function readJson<T>(file: string, fits: (value: Fields) => value is Fields & T): Promise<T | undefined> {
  const name = file.split('/').slice(-2).join('/');
  let value: unknown;
  try {
    value = JSON.parse(await readFile(file, 'utf8'));
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code === 'ENOENT') return undefined;
    throw new Error(`${name} cannot be read: ${(error as Error).message}`);
  }
  if (typeof value !== 'object' || value === null || !fits(value as Fields))
    throw new Error(`${name} is damaged: something is missing in it.`);
  return value as T;
}
