import { mkdir, readdir, readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { migrate, type Manifest, type SiteDocument } from '@tin-porch/core';
import { writeDurable } from './durable.js';

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
}

export interface Release {
  id: string;
  manifest: Manifest;
  document: SiteDocument;
}

export interface Pointer {
  release: string;
  before: string | null;
  switchedAt: string;
}

export interface Site {
  settings: SiteSettings;
  pointer: Pointer | null;
  /** The live release and the one before it, whose fingerprinted files late readers may still ask for. */
  live: Release | null;
  before: Release | null;
}

/** The sites of this server: held in memory for serving, on disk for good. */
export class Sites {
  private readonly byId = new Map<string, Site>();
  private byName = new Map<string, { site: Site; via: 'temporary' | 'domain' | 'www' }>();

  private constructor(
    private readonly folder: string,
    private readonly base: string,
  ) {}

  static async load(folder: string, base: string): Promise<Sites> {
    const sites = new Sites(folder, base);
    await mkdir(folder, { recursive: true });
    for (const entry of await readdir(folder, { withFileTypes: true })) {
      if (!entry.isDirectory()) continue;
      const settings = await readJson<SiteSettings>(join(folder, entry.name, 'site.json'));
      if (!settings) continue;
      const pointer = (await readJson<Pointer>(join(folder, entry.name, 'current.json'))) ?? null;
      sites.byId.set(settings.id, {
        settings,
        pointer,
        live: pointer && ((await sites.release(settings.id, pointer.release)) ?? null),
        before: pointer?.before ? ((await sites.release(settings.id, pointer.before)) ?? null) : null,
      });
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

  /** Keeps settings. @throws Error where another site already answers to one of its names */
  async put(settings: SiteSettings): Promise<Site> {
    for (const name of [
      `${settings.temporary}.${this.base}`,
      ...(settings.domain ? [settings.domain, `www.${settings.domain}`] : []),
    ]) {
      const holder = this.byName.get(name)?.site.settings.id;
      if (holder && holder !== settings.id) throw new NameTaken(name);
    }
    await writeDurable(join(this.folder, settings.id, 'site.json'), JSON.stringify(settings));
    const site = this.byId.get(settings.id) ?? { settings, pointer: null, live: null, before: null };
    site.settings = settings;
    this.byId.set(settings.id, site);
    this.index();
    return site;
  }

  async release(id: string, release: string): Promise<Release | undefined> {
    const kept = await readJson<Release>(join(this.folder, id, 'releases', `${release}.json`));
    return kept && { ...kept, document: migrate(kept.document) };
  }

  async keepRelease(id: string, release: Release): Promise<void> {
    await writeDurable(join(this.folder, id, 'releases', `${release.id}.json`), JSON.stringify(release));
  }

  /** Makes a release the live one. The pointer is on disk before the first visitor is served from it. */
  async switchTo(site: Site, release: Release, at: string): Promise<void> {
    if (site.pointer?.release === release.id) return;
    const pointer: Pointer = { release: release.id, before: site.pointer?.release ?? null, switchedAt: at };
    await writeDurable(join(this.folder, site.settings.id, 'current.json'), JSON.stringify(pointer));
    site.before = site.live;
    site.live = release;
    site.pointer = pointer;
  }
}

export class NameTaken extends Error {
  constructor(readonly taken: string) {
    super(`${taken} belongs to another site`);
  }
}

async function readJson<T>(file: string): Promise<T | undefined> {
  try {
    return JSON.parse(await readFile(file, 'utf8')) as T;
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code === 'ENOENT') return undefined;
    throw new Error(`${file} cannot be read: ${(error as Error).message}`);
  }
}
