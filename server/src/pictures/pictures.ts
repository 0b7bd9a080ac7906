import { Problem } from '@tin-porch/core/ground';
import type { Credit, FileMedium, Medium, Retouch, SiteDocument } from '@tin-porch/core/model';
import { AS_IT_IS, sizeOfSvg } from '@tin-porch/core/look';
import { freeMediaId } from '@tin-porch/core/making';
import type { BlobReader } from '@tin-porch/press';
import { transaction, type Database } from '../db/database.js';
import type { Strangers } from '../strangers/strangers.js';
import { Thread } from '../threads/thread.js';
import { typeOf, type Developed, type MadeFile } from './darkroom.js';
import type { PictureRequest } from './picture-worker.js';

/** A picture that was brought: ready to be put among those of the site. */
export interface Brought {
  medium: Medium;
  /** True where its background is plain enough to be taken out. */
  plainBackground: boolean;
  /** What was left out of an SVG to make it safe. */
  dropped: string[];
}

type Printed = { files: MadeFile[] } & Pick<FileMedium, 'width' | 'height' | 'colour'>;

const NOBODY: Credit = { by: '', licence: '', address: '' };

/** What a file is called, without its ending, as a title. */
const titleOf = (name: string): string =>
  name
    .replace(/\.[a-z0-9]{2,5}$/i, '')
    .replace(/[_\s]+/g, ' ')
    .trim()
    .slice(0, 120);

/** The pictures of sites that are files: read, worked over, kept, and given out again by their SHA-256. */
export class Pictures {
  private readonly thread = () =>
    new Thread((ending) => new URL(`./picture-worker${ending}`, import.meta.url), import.meta.url.endsWith('.mjs'), {
      idleMs: 60_000,
      apart: true,
    });
  /** One thread makes sizes, which takes seconds; the other shows what a change would look like, which must not wait. */
  private readonly printing = this.thread();
  private readonly showing = this.thread();

  constructor(
    private readonly db: Database,
    private readonly strangers: Strangers,
  ) {}

  private async ask<T>(thread: Thread, request: PictureRequest, name = 'The picture'): Promise<T> {
    try {
      return (await thread.ask(request)) as T;
    } catch (error) {
      if ((error as Error).name === 'PictureRefused')
        throw new Problem(422, `${name} was not taken`, (error as Error).message);
      throw error;
    }
  }

  /** Keeps the bytes of files for a site, each once. */
  async keep(site: string, files: readonly { hash: string; type: string; bytes: Uint8Array }[]): Promise<void> {
    await transaction(this.db, async (client) => {
      for (const f of files) {
        await client.query('insert into picture_bytes (hash, type, bytes) values ($1, $2, $3) on conflict do nothing', [
          f.hash,
          f.type,
          f.bytes,
        ]);
        await client.query('insert into site_picture (site, hash) values ($1, $2) on conflict do nothing', [
          site,
          f.hash,
        ]);
      }
    });
  }

  /**
   * Takes a picture that was brought under some name: in every size it may be shown in, its source kept to be worked
   * over. An SVG is made safe and stays one. @throws Problem 422 with the reason where it cannot be used
   */
  async bring(
    site: { id: string; document: SiteDocument },
    name: string,
    bytes: Buffer,
    more: { credit?: Credit; tint?: Retouch['tint']; title?: string } = {},
  ): Promise<Brought> {
    const title = more.title ?? titleOf(name);
    const shown = name ? `“${name.slice(0, 80)}”` : 'The picture';
    const id = freeMediaId(site.document, title);
    const credit = more.credit ?? NOBODY;
    if (typeOf(bytes) === 'svg') {
      const safe = await this.strangers.svg(bytes.toString('utf8'));
      if ('problem' in safe) throw new Problem(422, `${shown} was not taken`, safe.problem);
      const medium: Medium = { id, kind: 'drawn', title, svg: safe.svg, ...sizeOfSvg(safe.svg), inks: {}, credit };
      return { medium, plainBackground: false, dropped: safe.dropped };
    }
    const developed = await this.ask<Developed>(this.printing, { kind: 'develop', bytes }, shown);
    const retouch = { ...AS_IT_IS, tint: more.tint ?? null };
    const printed = await this.ask<Printed>(
      this.printing,
      { kind: 'print', bytes: developed.source.bytes, ...(more.tint && { retouch }) },
      shown,
    );
    await this.keep(site.id, [developed.source, ...printed.files]);
    const { hash, width, height } = developed.source;
    const medium: Medium = {
      id,
      kind: 'file',
      title,
      ...this.renditionsOf(printed),
      focus: developed.focus,
      source: { hash, width, height },
      credit,
      ...(more.tint && { retouch }),
    };
    return { medium, plainBackground: developed.plainBackground, dropped: [] };
  }

  private renditionsOf({ files, width, height, colour }: Printed) {
    const renditions = files.map((f) => ({
      type: f.type,
      width: f.width,
      height: f.height,
      hash: f.hash,
      bytes: f.bytes.byteLength,
    }));
    return { width, height, colour, renditions };
  }

  /** The sizes of a kept picture worked over. @throws Problem 404 */
  async print(
    site: string,
    source: string,
    retouch: Retouch,
  ): Promise<Pick<FileMedium, 'width' | 'height' | 'colour' | 'renditions'>> {
    const { bytes } = await this.of(site, source);
    const printed = await this.ask<Printed>(this.printing, { kind: 'print', bytes, retouch });
    await this.keep(site, printed.files);
    return this.renditionsOf(printed);
  }

  /** What a retouch would look like, small, as WebP. @throws Problem 404 */
  async sight(site: string, source: string, retouch: Retouch): Promise<Buffer> {
    const { bytes } = await this.of(site, source);
    return Buffer.from(await this.ask<Uint8Array>(this.showing, { kind: 'sight', bytes, retouch }));
  }

  /** Light and colour that would put a kept picture right. @throws Problem 404 */
  async light(site: string, source: string): Promise<Pick<Retouch, 'light' | 'contrast' | 'warmth'>> {
    const { bytes } = await this.of(site, source);
    return this.ask(this.showing, { kind: 'light', bytes });
  }

  /** The bytes of a picture of a site by their SHA-256. @throws Problem 404 */
  async of(site: string, hash: string): Promise<{ type: string; bytes: Buffer }> {
    const { rows } = await this.db.query<{ type: string; bytes: Buffer }>(
      'select type, bytes from picture_bytes join site_picture using (hash) where site = $1 and hash = $2',
      [site, hash],
    );
    if (!rows[0]) throw new Problem(404, 'There is no such picture');
    return rows[0];
  }

  /** Reads the pictures of a site for a release: one after the other, so that others who ask the database get a turn. */
  readerOf(site: string): BlobReader {
    let last: Promise<unknown> = Promise.resolve();
    return (hash) => {
      const read = last.then(async () => (await this.of(site, hash)).bytes);
      last = read.catch(() => undefined);
      return read;
    };
  }

  async close(): Promise<void> {
    await Promise.all([this.printing.close(), this.showing.close()]);
  }
}
