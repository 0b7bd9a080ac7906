import { createHash } from 'node:crypto';
import { Problem } from '@tin-porch/core/ground';
import type { Credit, FileMedium, Medium, Retouch, SiteDocument } from '@tin-porch/core/model';
import { sizeOfSvg } from '@tin-porch/core/look';
import { freeMediaId } from '@tin-porch/core/making';
import type { BlobReader } from '@tin-porch/press';
import { transaction, type Database } from '../db/database.js';
import type { Strangers } from '../strangers/strangers.js';
import { Darkroom, NOBODY, renditionsOf, titleOf, typeOf } from '@tin-porch/press/darkroom';

/** A picture that was brought: ready to be put among those of the site. */
export interface Brought {
  medium: Medium;
  /** True where its background is plain enough to be taken out. */
  plainBackground: boolean;
  /** What was left out of an SVG to make it safe. */
  dropped: string[];
}

/** The pictures of sites that are files: read, worked over, kept, and given out again by their SHA-256. */
export class Pictures {
  private readonly darkroom = new Darkroom();

  constructor(
    private readonly db: Database,
    private readonly strangers: Strangers,
  ) {}

  /** @throws Problem 422 with the reason where a picture cannot be used */
  private async made<T>(work: Promise<T>, name = 'The picture'): Promise<T> {
    try {
      return await work;
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
    const { tint } = more;
    const noted = { id, title, credit, ...(tint && { tint }) };
    const { medium, files, plainBackground } = await this.made(this.darkroom.bring(bytes, noted), shown);
    await this.keep(site.id, files);
    return { medium, plainBackground, dropped: [] };
  }

  /**
   * Takes over the files of photographs that are kept elsewhere, where a site has not got them: those they are shown in, and
   * those they were made from. One that is lost there (null) is left out: a deploy says which.
   * @throws as `read` does, and Error where its bytes are not what their hash says
   */
  async takeOver(
    site: string,
    media: readonly FileMedium[],
    read: (hash: string) => Promise<Buffer | null>,
  ): Promise<void> {
    const types = new Map(
      media.flatMap(({ renditions, source }) => [
        ...renditions.map((r) => [r.hash, r.type as string] as const),
        ...(source ? [[source.hash, ''] as const] : []),
      ]),
    );
    if (!types.size) return;
    const { rows } = await this.db.query<{ hash: string }>(
      'select hash from site_picture where site = $1 and hash = any($2)',
      [site, [...types.keys()]],
    );
    for (const { hash } of rows) types.delete(hash);
    for (const [hash, type] of types) {
      const bytes = await read(hash);
      if (!bytes) continue;
      if (createHash('sha256').update(bytes).digest('hex') !== hash)
        throw new Error(`The picture ${hash.slice(0, 10)} came damaged.`);
      await this.keep(site, [{ hash, type: type || `image/${typeOf(bytes) ?? 'jpeg'}`, bytes }]);
    }
  }

  /** The sizes of a kept picture worked over. @throws Problem 404 */
  async print(
    site: string,
    source: string,
    retouch: Retouch,
  ): Promise<Pick<FileMedium, 'width' | 'height' | 'colour' | 'renditions'>> {
    const { bytes } = await this.of(site, source);
    const printed = await this.made(this.darkroom.print(bytes, retouch));
    await this.keep(site, printed.files);
    return renditionsOf(printed);
  }

  /** What a retouch would look like, small, as WebP. @throws Problem 404 */
  async sight(site: string, source: string, retouch: Retouch): Promise<Buffer> {
    const { bytes } = await this.of(site, source);
    return this.made(this.darkroom.sight(bytes, retouch));
  }

  /** Light and colour that would put a kept picture right. @throws Problem 404 */
  async light(site: string, source: string): Promise<Pick<Retouch, 'light' | 'contrast' | 'warmth'>> {
    const { bytes } = await this.of(site, source);
    return this.made(this.darkroom.light(bytes));
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

  close = (): Promise<void> => this.darkroom.close();
}
