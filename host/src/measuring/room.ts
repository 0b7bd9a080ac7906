import { readdir, stat } from 'node:fs/promises';
import { join } from 'node:path';
import { filesNamed } from '../named.js';
import type { HostParts } from '../public.js';

/** What a site takes on this server, bytes. What several sites name is counted with each of them. */
export interface SiteRoom {
  files: number;
  rows: number;
  logs: number;
}
export interface RoomMeasured {
  /** When that was; null where nobody has measured so far. ISO 8601. */
  at: string | null;
  sites: Record<string, SiteRoom>;
}

/** How long what was measured is good for, ms; and where a site is not in it. */
const GOOD_FOR_MS = 3_600_000;
const LACKING_FOR_MS = 60_000;

/** What each site takes, measured when somebody asks, one after the other: they are not to be felt by visitors. */
export class Room {
  private known: RoomMeasured = { at: null, sites: {} };
  /** Those that were looked at the last time, whatever came of it. */
  private looked: ReadonlySet<string> = new Set();
  private measuring: Promise<void> | null = null;

  constructor(private readonly parts: Pick<HostParts, 'config' | 'sites' | 'databases' | 'blobs'>) {}

  /** What is known; what is older than an hour, or where a site came since for a minute, is measured anew meanwhile. */
  now(now = Date.now()): RoomMeasured {
    const lacks = this.parts.sites.all().some((s) => s.live && !this.looked.has(s.settings.id));
    const good = lacks ? LACKING_FOR_MS : GOOD_FOR_MS;
    if (!this.known.at || now - Date.parse(this.known.at) > good)
      this.measuring ??= this.measure(now)
        // Where it cannot be measured now it is the next time somebody asks.
        .catch(() => undefined)
        .finally(() => (this.measuring = null));
    return this.known;
  }
  /** Resolves when nothing is being measured. */
  settled = async (): Promise<void> => void (await this.measuring);

  private async measure(now: number): Promise<void> {
    const { sites, databases, config } = this.parts;
    const ids = sites.all().map((s) => s.settings.id);
    const rows = await databases.sizes(ids);
    const found: Record<string, SiteRoom> = {};
    for (const id of ids) {
      const [files, logs] = await Promise.all([this.files(id), sizeIn(join(config.data, 'logs', id))]);
      if (files !== null) found[id] = { files, rows: rows.get(id) ?? 0, logs };
    }
    this.looked = new Set(ids);
    this.known = { at: new Date(now).toISOString(), sites: found };
  }

  /** Null where nobody knows what it names. */
  private async files(id: string): Promise<number | null> {
    const { blobs, databases, config } = this.parts;
    const folder = join(config.data, 'sites');
    const named = await filesNamed({ databases, folder }, id).catch(() => null);
    if (!named) return null;
    let bytes = await sizeIn(join(folder, id, 'releases'));
    for (const hash of named)
      bytes += (await stat(join(blobs.folder, blobs.path(hash))).catch(() => ({ size: 0 }))).size;
    return bytes;
  }
}

async function sizeIn(folder: string): Promise<number> {
  let bytes = 0;
  for (const name of await readdir(folder).catch(() => []))
    bytes += (await stat(join(folder, name)).catch(() => ({ size: 0 }))).size;
  return bytes;
}
