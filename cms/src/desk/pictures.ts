import { randomBytes } from 'node:crypto';
import type { Pool } from 'pg';
import { Problem } from '@tin-porch/core/ground';
import { drawMedium } from '@tin-porch/core/look';
import { picturePlaces } from '@tin-porch/core/making';
import { reworded, type FileMedium, type Medium, type Picture, type SiteDocument } from '@tin-porch/core/model';
import { pictureAt, type Place, type SingleOperation } from '@tin-porch/core/operations';
import { fileAddress, renderWindow } from '@tin-porch/core/page';
import { titleOf, type MadeFile, type Noted, type Taken } from '@tin-porch/press/darkroom';
import type { Writer } from '../content.js';

/** The files of the pictures of a site, and where photographs are developed. */
export interface PictureStore {
  /** The bytes of a file by its SHA-256, or by its address on the site; undefined where it is not here. */
  read(hash: string, address: string): Promise<Buffer | undefined>;
  /** Left out where no photographs are taken in. */
  taking?: {
    /** @throws PictureRefused or ThreadLimit, by their names */
    develop(bytes: Uint8Array, noted: Noted): Promise<Taken>;
    /** Keeps a file; it is on disk when this returns. The same again is harmless. @throws Problem 507 where there is no room */
    keep(file: MadeFile): Promise<void>;
    /** The bytes that all pictures of the site may have together; two gibibytes where left out. */
    room?: number;
  };
}

/** A picture as the desk says it: which of the site’s, empty for none, and what is to be seen on it. */
export interface Shown {
  media: string;
  alt: string;
}
/** A picture of a page that is to be another, or to be described otherwise. */
export interface PictureChange {
  kind: 'picture';
  at: Place;
  was: Shown;
  value: Shown;
}
/** A place for a picture on a page. */
export interface DeskPicture {
  at: Place;
  /** What it belongs to, where that has a name. */
  of: string;
  shown: Shown;
}
/** Photographs that were brought and stand nowhere yet, by their id. */
export type Brought = ReadonlyMap<string, FileMedium>;
export const NONE_BROUGHT: Brought = new Map();

export const shownOf = ({ media, alt }: Pick<Picture, 'media' | 'alt'>): Shown => ({ media, alt: alt.value });

/** The places of pictures that are drawn, as `section/path`: a shape may have none of what its section holds. */
export function drawnPictures(document: SiteDocument): ReadonlySet<string> {
  const html = document.pages.map((page) => renderWindow(document, page.id, '')?.html ?? '').join('');
  return new Set([...html.matchAll(/ data-picture="([^"]+)"/g)].map(([, at]) => at!));
}

/** The pictures of the pages that visitors see, by their section. Those of a list that grows are changed in that list. */
export function picturesBySection(
  document: SiteDocument,
  drawn = drawnPictures(document),
): ReadonlyMap<string, DeskPicture[]> {
  const found = new Map<string, DeskPicture[]>();
  for (const { at, section, picture, words } of picturePlaces(document)) {
    if (!drawn.has(`${at.section}/${at.path}`)) continue;
    // That of the section itself stands under its title; one of an item is known by the item’s name.
    const of = at.path.includes('.') ? words.slice(0, 60) : '';
    found.set(section.id, [...(found.get(section.id) ?? []), { at, of, shown: shownOf(picture) }]);
  }
  return found;
}

/**
 * What makes a picture one of the site’s, where it is not yet.
 * @throws Problem 422 where there is no such picture, or what was brought was let go meanwhile
 */
export function takeIn(document: SiteDocument, id: string, brought: Brought): SingleOperation[] {
  if (!id || document.media.some((m) => m.id === id)) return [];
  const medium = brought.get(id);
  if (!medium) throw new Problem(422, 'That picture is not here any more', 'Choose it once more.');
  return [{ op: 'putMedium', medium }];
}

/** @throws Problem 409 with what is there now, where that is not what was there for whoever changed it */
export function refuseOther(is: Shown, was: Shown, wanted: Shown): void {
  if ((is.media === was.media && is.alt === was.alt) || (is.media === wanted.media && is.alt === wanted.alt)) return;
  throw new Problem(
    409,
    'It says something else by now',
    'Another picture stands there, or it is described otherwise.',
    {
      theirs: is.alt,
    },
  );
}

/** What another picture in a place of a page does to a document. @throws Problem 409 or 422 */
export function pictureOperations(
  document: SiteDocument,
  { at, was, value }: PictureChange,
  brought: Brought,
): SingleOperation[] {
  const there = pictureAt(document, at);
  if (!there) throw new Problem(409, 'The site has changed meanwhile', 'What this is about is not there any more.');
  refuseOther(shownOf(there), was, value);
  const alt = { ...reworded(there.alt, value.alt), from: { kind: 'client' as const } };
  return [
    ...takeIn(document, value.media, brought),
    ...(value.media === there.media ? [] : [{ op: 'setPicture' as const, at, media: value.media }]),
    ...(value.alt === there.alt.value
      ? []
      : [{ op: 'setText' as const, at: { ...at, path: `${at.path}.alt` }, text: alt }]),
  ];
}

/** Photographs a site takes within a day, and for how long those are kept that stand nowhere. */
const MOST_A_DAY = 200;
const KEPT_DAYS = 60;
const ROOM = 2 * 1024 ** 3;
const bytesOf = ({ renditions }: FileMedium) => renditions.reduce((sum, r) => sum + r.bytes, 0);
type Rendition = FileMedium['renditions'][number];
/** The width a picture is looked at in at the desk. */
const SIGHT = 700;

/** The photographs brought at the desk of one site that wait for a place. */
export class DeskPictures {
  constructor(
    private readonly db: Pool,
    private readonly store: PictureStore,
  ) {}

  /**
   * Takes a photograph in. Its files are kept before it is noted: what is noted can be shown.
   * @throws Problem 409 where none are taken here, 422 where it cannot be used, 429 or 503 where there are too many, 507 where
   * the site has no more room for them
   */
  async bring(document: SiteDocument, name: string, bytes: Uint8Array, writer: Writer): Promise<FileMedium> {
    const { taking } = this.store;
    if (!taking) throw new Problem(409, 'Pictures cannot be taken in here', 'Whoever runs this site can say why.');
    const { rows } = await this.db.query<{ n: number }>(
      `select count(*)::int as n from picture where at > now() - interval '1 day'`,
    );
    if (rows[0]!.n >= MOST_A_DAY) throw new Problem(429, 'That is a lot of pictures', 'More are taken tomorrow.');
    if ((await this.bytes(document)) >= (taking.room ?? ROOM))
      throw new Problem(
        507,
        'There is no more room for pictures',
        'Ask your designer to take some out that are not used, or for more room.',
      );
    const title = titleOf(name) || 'Photograph';
    const stem =
      title
        .toLowerCase()
        .replace(/[^a-z0-9]+/g, '-')
        .replace(/^-+|-+$/g, '')
        .slice(0, 30) || 'photo';
    // Its own for good: whatever else comes among the pictures of the site meanwhile.
    const noted = { id: `${stem.replace(/-+$/, '')}-${randomBytes(4).toString('hex')}`, title };
    const { medium, files } = await taking.develop(bytes, noted).catch((error: Error) => {
      if (error.name === 'PictureRefused')
        throw new Problem(422, `“${name.slice(0, 80)}” was not taken`, error.message);
      if (error.name === 'ThreadLimit') throw new Problem(503, 'Many pictures come at once', 'Try again in a minute.');
      throw error;
    });
    for (const file of files) await taking.keep(file);
    await this.db.query('insert into picture (id, medium, person, by) values ($1, $2, $3, $4)', [
      medium.id,
      JSON.stringify(medium),
      writer.id,
      writer.name,
    ]);
    await this.db.query(`delete from picture where at < now() - make_interval(days => $1)`, [KEPT_DAYS]);
    return medium;
  }

  /** What the pictures of a site take up, those that were brought and stand nowhere yet among them. */
  private async bytes({ media }: SiteDocument): Promise<number> {
    const { rows } = await this.db.query<{ bytes: string }>(
      `select coalesce(sum((r->>'bytes')::bigint), 0) as bytes from picture, jsonb_array_elements(medium->'renditions') r
       where not id = any($1)`,
      [media.map((m) => m.id)],
    );
    return media.reduce((sum, m) => sum + (m.kind === 'file' ? bytesOf(m) : 0), Number(rows[0]!.bytes));
  }

  /** Those of some ids that were brought. */
  async of(ids: readonly string[]): Promise<Brought> {
    if (!ids.length) return NONE_BROUGHT;
    const { rows } = await this.db.query<{ id: string; medium: FileMedium }>(
      'select id, medium from picture where id = any($1)',
      [ids],
    );
    return new Map(rows.map((r) => [r.id, r.medium]));
  }

  /** A picture of the site, or one that was brought, small, as it is looked at at the desk. @throws Problem 404 */
  async sight(document: SiteDocument, id: string): Promise<{ type: string; bytes: Buffer | string }> {
    const medium: Medium | undefined = document.media.find((m) => m.id === id) ?? (await this.of([id])).get(id);
    if (!medium) throw new Problem(404, 'There is no such picture');
    const drawn = drawMedium(medium, document.look);
    if (drawn) return { type: 'image/svg+xml', bytes: drawn.svg };
    const file = medium as FileMedium;
    const far = (r: Rendition) => Math.abs(r.width - SIGHT) + (r.type === 'image/webp' ? 0 : 400);
    return this.file(
      file,
      file.renditions.reduce((a, b) => (far(b) < far(a) ? b : a)),
    );
  }

  /** A file of a picture of the site, or of one that was brought. @throws Problem 404 where it is neither, or is gone */
  async fileOf(document: SiteDocument, hash: string): Promise<{ type: string; bytes: Buffer }> {
    const has = (m: Medium) => m.kind === 'file' && m.renditions.some((r) => r.hash === hash);
    const medium = document.media.find(has) ?? (await this.broughtWith(hash));
    if (!medium) throw new Problem(404, 'There is no such picture');
    const file = medium as FileMedium;
    return this.file(
      file,
      file.renditions.find((r) => r.hash === hash)!,
    );
  }
  private async broughtWith(hash: string): Promise<FileMedium | undefined> {
    const { rows } = await this.db.query<{ medium: FileMedium }>(
      `select medium from picture where medium->'renditions' @> jsonb_build_array(jsonb_build_object('hash', $1::text)) limit 1`,
      [hash],
    );
    return rows[0]?.medium;
  }
  private async file({ id }: FileMedium, rendition: Rendition): Promise<{ type: string; bytes: Buffer }> {
    const bytes = await this.store.read(rendition.hash, fileAddress(rendition, id));
    if (!bytes) throw new Problem(404, 'There is no such picture');
    return { type: rendition.type, bytes };
  }
}
