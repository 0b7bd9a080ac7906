import { createHash } from 'node:crypto';
import { fileURLToPath } from 'node:url';
import type { Pool } from 'pg';
import {
  catchUp,
  contentOf,
  DeskInbox,
  People,
  Proposals,
  type Content,
  type DeskSite,
  type Serving,
} from '@tin-porch/cms';
import { instantOf, isStale, msToMinute } from '@tin-porch/core/collections';
import type { SiteDocument } from '@tin-porch/core/model';
import { drawnAt, ENGINE, manifestOf, stylesheetOf, type ManifestEntry, type RenderedFile } from '@tin-porch/core/page';
import { drawnRelease, renderedBytes, type DrawnText } from '@tin-porch/press';
import { Darkroom } from '@tin-porch/press/darkroom';
import type { HostParts } from '../public.js';
import type { Site } from '../sites.js';

/** Where the application of the desk is, as it is built. */
export const DESK_FOLDER = fileURLToPath(new URL('../../../desk/dist/browser/', import.meta.url));
/** How often what could not be served is tried again, ms. */
const AGAIN_MS = 20_000;
/** Visits that are told at the desk: of so many days. */
const VISIT_DAYS = 14;

/** Photographs that may wait to be developed, of all sites together. */
const MOST_WAITING = 12;

const sha256 = (bytes: Uint8Array | string) => createHash('sha256').update(bytes).digest('hex');
async function* whole(bytes: Buffer) {
  yield await Promise.resolve(bytes);
}

/** The desks of the sites of this server: what is changed at one is pressed here, and served in place of what was. */
export class Desks {
  private timer: NodeJS.Timeout | undefined;
  private readonly darkroom = new Darkroom(MOST_WAITING);

  constructor(
    private readonly parts: Pick<
      HostParts,
      'sites' | 'blobs' | 'databases' | 'logs' | 'marks' | 'moves' | 'log' | 'post'
    >,
    readonly folder = DESK_FOLDER,
  ) {}

  private serving(site: Site): Serving {
    const { sites, blobs } = this.parts;
    return {
      base: () => {
        const release = site.pointer?.of ?? site.live?.id;
        return release === undefined
          ? undefined
          : { release, document: async () => (await sites.under(site))!.document };
      },
      press: async (document: SiteDocument) => {
        // The origin is that of the release it stands on.
        const { origin } = site.live!.manifest;
        const base = site.pointer!.of ?? site.live!.id;
        const at = drawnAt(document, Date.now());
        // What is served already need not come again; of what is damaged nothing is taken for granted.
        const before = site.live?.manifest.engine === ENGINE && !site.damage.length ? site.live.manifest.files : {};
        const hashes = Object.fromEntries(Object.entries(before).map(([path, { hash }]) => [path, hash]));
        const json = JSON.stringify(document);
        const drawn = await drawnRelease(json, origin, hashes, at);
        const isText = (f: DrawnText | RenderedFile): f is DrawnText => 'hash' in f;
        const made = await renderedBytes(
          drawn.files.filter((f): f is RenderedFile => !isText(f)),
          async (hash) => {
            const bytes = await blobs.read(hash);
            if (!bytes) throw new Error(`The picture ${hash.slice(0, 10)} is not on this server.`);
            return bytes;
          },
        );
        const bytes = new Map<string, Buffer>();
        const entries = new Map<string, ManifestEntry>();
        const note = (path: string, type: string, hash: string, own: Buffer) => {
          bytes.set(hash, own);
          entries.set(path, { hash, size: own.byteLength, type });
        };
        for (const f of made) note(f.path, f.type, sha256(f.bytes), f.bytes);
        for (const { path, type, hash, bytes: own } of drawn.files.filter(isText))
          note(path, type, hash, Buffer.from(own.buffer, own.byteOffset, own.byteLength));
        const files = Object.fromEntries(drawn.paths.map((path) => [path, entries.get(path) ?? before[path]!]));
        const manifest = manifestOf(files, sha256(json), origin, at);
        for (const hash of await blobs.missing(bytes.keys())) await blobs.put(hash, whole(bytes.get(hash)!));
        const release = { id: `c-${sha256(JSON.stringify(manifest)).slice(0, 16)}`, manifest, document };
        await sites.keepRelease(site.settings.id, release);
        return () => sites.switchTo(site, release, new Date().toISOString(), base);
      },
      stale: () => !!site.live && isStale(site.live.document, site.live.manifest.at, instantOf(Date.now())),
    };
  }

  /** What the desk of a site needs. @throws Error where it has no database so far */
  async of(site: Site): Promise<DeskSite> {
    const { blobs, databases, logs } = this.parts;
    const id = site.settings.id;
    return {
      db: await databases.pool(id),
      serving: this.serving(site),
      current: () =>
        site.live
          ? {
              document: site.live.document,
              origin: site.live.manifest.origin,
              stylesheet: stylesheetOf(site.live.manifest),
            }
          : undefined,
      pictures: {
        read: (hash) => blobs.read(hash),
        taking: {
          develop: (bytes, noted) => this.darkroom.bring(bytes, noted),
          keep: ({ hash, bytes }) => blobs.put(hash, whole(Buffer.from(bytes))),
        },
      },
      served: () => {
        const { live } = site;
        const files = Object.entries(live?.manifest.files ?? {});
        return (async function* () {
          for (const [path, { hash }] of files) {
            const bytes = await blobs.read(hash);
            if (!bytes) throw new Error(`The file ${path} is not on this server.`);
            yield { path, bytes };
          }
        })();
      },
      visits: async () => {
        const since = new Date(Date.now() - VISIT_DAYS * 86_400_000).toISOString().slice(0, 10);
        const days = Object.entries(await logs.visits(id, since));
        return Object.fromEntries(days.map(([day, { visits, pages }]) => [day, { visits, pages }]));
      },
      changed: () => this.mark(id),
      ...(this.parts.post && { post: () => this.parts.post?.wake(id) }),
    };
  }
  /** Tells whoever asks for marks that something of a site is new. */
  mark(id: string): void {
    this.parts.marks.set(id, Date.now() + Math.random());
  }
  async content(site: Site): Promise<Content> {
    return contentOf(await this.of(site));
  }
  async people(site: Site): Promise<People> {
    return new People(await this.db(site));
  }
  async proposals(site: Site): Promise<Proposals> {
    return new Proposals(await this.db(site));
  }
  private db = (site: Site): Promise<Pool> => this.parts.databases.pool(site.settings.id);

  /**
   * Serves what was kept and not served, of every site: after a start, and whenever it failed. What was planned for a time
   * that has come is served then too.
   */
  async catchUp(): Promise<void> {
    for (const site of this.parts.sites.all())
      if (site.live && (await this.parts.databases.has(site.settings.id)))
        await this.unlessMoving(site, 'a change could not be served so far', async () => catchUp(await this.of(site)));
  }
  /** Erases what is older than the people of its site keep it, on every site. */
  async forget(): Promise<void> {
    for (const site of this.parts.sites.all())
      if (await this.parts.databases.has(site.settings.id))
        await this.unlessMoving(site, 'old messages are still there', async () => {
          if (await new DeskInbox(await this.db(site)).eraseOld()) this.mark(site.settings.id);
        });
  }
  /** Does something that can wait until the site is not being moved; what goes wrong is noted. */
  private async unlessMoving(site: Site, trouble: string, work: () => Promise<unknown>): Promise<void> {
    const { id } = site.settings;
    const ended = this.parts.moves.beginNow(id);
    if (!ended) return;
    await work()
      .catch((error: Error) => this.parts.log.error({ err: error, site: id }, trouble))
      .finally(ended);
  }
  start(): void {
    const run = () =>
      void this.catchUp()
        .catch(() => undefined)
        // What is planned is planned for a minute: it is looked for as that begins.
        .finally(() => (this.timer = setTimeout(run, Math.min(AGAIN_MS, msToMinute(Date.now()))).unref()));
    run();
  }
  stop(): void {
    clearTimeout(this.timer);
    void this.darkroom.close();
  }
}
