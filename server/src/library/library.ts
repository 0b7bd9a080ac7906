import { Problem } from '@tin-porch/core/ground';
import type { Medium, SiteDocument } from '@tin-porch/core/model';
import { sizeOfSvg } from '@tin-porch/core/look';
import { freeMediaId } from '@tin-porch/core/making';
import type { Brought, Pictures } from '../pictures/pictures.js';
import type { LibraryAnswer, LibraryClient, LibraryPicture, LibrarySearch } from './library-client.js';
import type { Strangers } from '../strangers/strangers.js';

const REMEMBERED = 2000;

/** The outside picture library, where one is set up: looked through by the designer, taken from for a site. */
export class Library {
  /** What searches brought, so that its previews need no second question. */
  private readonly seen = new Map<string, LibraryPicture>();

  constructor(
    private readonly service: { client: LibraryClient; name: string } | null,
    private readonly pictures: Pictures,
    private readonly strangers: Strangers,
  ) {}

  get name(): string | null {
    return this.service?.name ?? null;
  }

  private get client(): LibraryClient {
    if (!this.service) throw new Problem(409, 'No picture library is set up');
    return this.service.client;
  }

  private async known(id: string): Promise<LibraryPicture> {
    return this.seen.get(id) ?? (await this.client.picture(id));
  }

  /** Pictures for some words. @throws Problem 409 or 502 */
  async search(search: LibrarySearch): Promise<LibraryAnswer> {
    const answer = await this.client.search(search);
    for (const p of answer.pictures) this.seen.set(p.id, p);
    while (this.seen.size > REMEMBERED) this.seen.delete(this.seen.keys().next().value!);
    return answer;
  }

  /** A small sight of a picture, a drawing made safe. @throws Problem 404, 409, 422 or 502 */
  async preview(id: string): Promise<{ type: string; bytes: Buffer }> {
    const { type, bytes } = await this.client.file(await this.known(id), 'preview');
    if (type === 'image/svg+xml') return { type, bytes: Buffer.from((await this.drawing(bytes)).svg) };
    if (!/^image\/(jpeg|png|webp|avif)$/.test(type)) throw new Problem(502, 'The picture library sent no picture');
    return { type, bytes };
  }

  /**
   * Takes a picture for a site, with its credit and licence: a drawing with its inks, so that it follows the look, any
   * other as a file in sizes, in the colours of the look where `tint` says so. @throws Problem 404, 409, 422 or 502
   */
  async take(site: { id: string; document: SiteDocument }, id: string, tint: boolean): Promise<Brought> {
    const picture = await this.known(id);
    const { bytes, type } = await this.client.file(picture, 'file');
    const title = picture.title.slice(0, 120);
    // Whatever else a library says of its credits has no place in a document.
    const { by, licence, address } = picture.credit;
    const credit = { by, licence, address };
    if (type === 'image/svg+xml') {
      const { svg, dropped } = await this.drawing(bytes);
      const medium: Medium = {
        id: freeMediaId(site.document, picture.id),
        kind: 'drawn',
        title,
        svg,
        ...sizeOfSvg(svg),
        inks: picture.inks,
        credit,
      };
      return { medium, plainBackground: false, dropped };
    }
    const { deep, wash } = site.document.look.day;
    return this.pictures.bring(site, picture.id, bytes, { title, credit, ...(tint && { tint: [deep, wash] }) });
  }

  private async drawing(bytes: Buffer): Promise<{ svg: string; dropped: string[] }> {
    const made = await this.strangers.svg(bytes.toString('utf8'));
    if ('problem' in made) throw new Problem(422, 'The picture was not taken', made.problem);
    return made;
  }
}
