import { fileURLToPath } from 'node:url';
import type { SiteDocument } from '@tin-porch/core/model';
import type { RenderedFile } from '@tin-porch/core/page';
import { Piscina } from 'piscina';
import type { DrawnRelease, PressRequest } from './press-worker.js';
import { readAsset } from './read-asset.js';

export type { DrawnRelease, DrawnText } from './press-worker.js';

/** Reads the bytes of a picture of a site by their SHA-256. */
export type BlobReader = (hash: string) => Promise<Buffer>;

/** A site without picture files asks for none. */
export const noBlobs: BlobReader = (hash) => Promise.reject(new Error(`There is no picture ${hash.slice(0, 10)}.`));

/** A file of a release. */
export interface PressedFile {
  path: string;
  /** Its media type, as it is served with. */
  type: string;
  bytes: Buffer;
}

const ending = import.meta.url.endsWith('.mjs') ? '.mjs' : '.js';
/** How long threads that are asked nothing are kept, ms. */
const IDLE_MS = 60_000;
const pool = (maxThreads: number) =>
  new Piscina({
    filename: fileURLToPath(new URL(`./press-worker${ending}`, import.meta.url)),
    minThreads: 0,
    maxThreads,
    idleTimeout: IDLE_MS,
  });
/**
 * Pages are drawn in one thread, which remembers what it drew of the last sites; fonts and pictures are made in others.
 * Nothing of it stands in the way of who asks the server.
 */
const [drawing, making] = [pool(1), pool(2)];

const MOST_KEPT = 520;
const kept = new Map<string, Promise<Buffer>>();

/** What takes long to make (a cut font, a picture): made once, then kept, since most changes of a site leave it as it is. */
function madeOnce(key: string, request: () => Promise<PressRequest>): Promise<Buffer> {
  let bytes = kept.get(key);
  kept.delete(key);
  if (!bytes) {
    bytes = request()
      .then((asked) => making.run(asked))
      .then((made) => (typeof made === 'string' ? Buffer.from(made) : Buffer.from(made as Uint8Array)));
    bytes.catch(() => kept.delete(key));
  }
  kept.set(key, bytes);
  if (kept.size > MOST_KEPT) kept.delete(kept.keys().next().value!);
  return bytes;
}

async function bytesOf(file: RenderedFile, blobs: BlobReader): Promise<Buffer> {
  if ('raster' in file) {
    const { raster } = file;
    return madeOnce(JSON.stringify(raster), async () => ({
      kind: 'raster',
      raster,
      file: raster.file ? await blobs(raster.file.hash) : null,
    }));
  }
  if ('text' in file && file.outlined)
    return madeOnce(file.text, () => Promise.resolve({ kind: 'outline', svg: file.text }));
  if ('blob' in file) return blobs(file.blob);
  if ('asset' in file) {
    const { asset, cut } = file;
    if (!cut) return readAsset(asset);
    return madeOnce(`${asset}|${JSON.stringify(cut)}`, () => Promise.resolve({ kind: 'font', asset, cut }));
  }
  return Buffer.from(file.text, 'utf8');
}

/** The bytes of every file of a rendered site, in its order. `blobs` reads those of its picture files. */
export const renderedBytes = (files: readonly RenderedFile[], blobs: BlobReader = noBlobs): Promise<PressedFile[]> =>
  Promise.all(files.map(async (f) => ({ path: f.path, type: f.type, bytes: await bytesOf(f, blobs) })));

/**
 * The files of a release of a document: pages drawn, fonts cut, pictures made, all in threads. The same document, origin and
 * minute (`at`, for what of it is planned) give the same bytes. `blobs` reads the picture files of the site.
 * Only pages of which something changed since they were last drawn here are drawn. `signal` stops it.
 * @throws Error where a picture file is not there, and AbortError where it was stopped
 */
export async function press(
  document: SiteDocument,
  origin: string,
  blobs?: BlobReader,
  signal?: AbortSignal,
  at?: string,
): Promise<PressedFile[]> {
  const files = await drawnFiles(document, origin, signal, at);
  signal?.throwIfAborted();
  return renderedBytes(files, blobs);
}

/** The files of a release as they are drawn, without the bytes of those that take long to make. */
export const drawnFiles = (
  document: SiteDocument,
  origin: string,
  signal?: AbortSignal,
  at?: string,
): Promise<RenderedFile[]> =>
  drawing.run({ kind: 'render', document, origin, ...(at && { at }) } satisfies PressRequest, {
    ...(signal && { signal }),
  }) as Promise<RenderedFile[]>;

/**
 * A release of a document (as JSON) as it is drawn, over one whose files are served already: `before` has their SHA-256 by path. Only what is
 * otherwise comes: texts with their bytes, and what takes long to make described, as with `drawnFiles`.
 */
export const drawnRelease = (
  json: string,
  origin: string,
  before: Readonly<Record<string, string>>,
  at?: string,
): Promise<DrawnRelease> =>
  drawing.run({
    kind: 'release',
    json,
    origin,
    before,
    ...(at && { at }),
  } satisfies PressRequest) as Promise<DrawnRelease>;

/**
 * A page as it is looked at by itself: its HTML, and the site’s CSS beside it; undefined where there are no pages.
 * `mediaBase` is where its picture files are.
 */
export const drawnPage = (
  document: SiteDocument,
  page: string,
  mediaBase: string,
  at?: string,
): Promise<{ html: string; css: string } | undefined> =>
  making.run({ kind: 'window', document, page, mediaBase, ...(at && { at }) } satisfies PressRequest) as Promise<
    { html: string; css: string } | undefined
  >;

/** What a thread says of its work. */
export interface Drawing {
  files: number;
  /** The pages that were drawn; the others were as they had been. */
  drawn: number;
}

/** Draws a document and says how much of it was drawn, without making its fonts and pictures. For measuring. */
export const draw = (document: SiteDocument, origin: string): Promise<Drawing> =>
  drawing.run({ kind: 'measure', document, origin } satisfies PressRequest) as Promise<Drawing>;
