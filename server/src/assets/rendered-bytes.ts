import type { FontCut, RenderedFile } from '@tin-porch/core';
import subsetFont from 'subset-font';
import type { PictureRequest } from '../pictures/picture-worker.js';
import { Thread } from '../threads/thread.js';
import { readAsset } from './read-asset.js';

/** Reads the bytes of a picture of a site by their SHA-256. */
export type BlobReader = (hash: string) => Promise<Buffer>;

/** A site without picture files asks for none. */
export const noBlobs: BlobReader = (hash) => Promise.reject(new Error(`There is no picture ${hash.slice(0, 10)}.`));

const MOST_CUTS = 120;
const cuts = new Map<string, Promise<Buffer>>();

/** A font cut down to some letters and weights. Cut once, then kept: most changes of a site need no new letter. */
function cutFont(asset: string, { letters, weights }: FontCut): Promise<Buffer> {
  const key = `${asset}|${weights.join()}|${letters}`;
  let cut = cuts.get(key);
  if (cut) {
    cuts.delete(key);
  } else {
    const [min, max] = weights;
    cut = readAsset(asset).then((whole) =>
      subsetFont(whole, letters, {
        targetFormat: 'woff2',
        variationAxes: { wght: min === max ? min : { min, max, default: min } },
      }),
    );
    cut.catch(() => cuts.delete(key));
  }
  cuts.set(key, cut);
  if (cuts.size > MOST_CUTS) cuts.delete(cuts.keys().next().value!);
  return cut;
}

const MOST_DRAWN = 400;
const drawn = new Map<string, Promise<Buffer>>();
const drawing = new Thread(
  (ending) =>
    new URL(
      import.meta.url.endsWith('.mjs') ? `./picture-worker${ending}` : `../pictures/picture-worker${ending}`,
      import.meta.url,
    ),
  import.meta.url.endsWith('.mjs'),
);

/** What takes long to draw: made in a thread, then kept, since most changes of a site leave it as it is. */
function drawnOnce(key: string, request: () => Promise<PictureRequest>): Promise<Buffer> {
  let bytes = drawn.get(key);
  drawn.delete(key);
  if (!bytes) {
    bytes = request()
      .then((asked) => drawing.ask(asked))
      .then((made) => (typeof made === 'string' ? Buffer.from(made) : Buffer.from(made as Uint8Array)));
    bytes.catch(() => drawn.delete(key));
  }
  drawn.set(key, bytes);
  if (drawn.size > MOST_DRAWN) drawn.delete(drawn.keys().next().value!);
  return bytes;
}

async function bytesOf(file: RenderedFile, blobs: BlobReader): Promise<Buffer> {
  if ('raster' in file) {
    const { raster } = file;
    return drawnOnce(JSON.stringify(raster), async () => ({
      kind: 'raster',
      raster,
      file: raster.file ? await blobs(raster.file.hash) : null,
    }));
  }
  if ('text' in file && file.outlined)
    return drawnOnce(file.text, () => Promise.resolve({ kind: 'outline', svg: file.text }));
  if ('blob' in file) return blobs(file.blob);
  if ('asset' in file) return file.cut ? cutFont(file.asset, file.cut) : readAsset(file.asset);
  return Buffer.from(file.text, 'utf8');
}

/** The bytes of every file of a rendered site. `blobs` reads those of its picture files. */
export const renderedBytes = (
  files: RenderedFile[],
  blobs: BlobReader = noBlobs,
): Promise<{ path: string; type: string; bytes: Buffer }[]> =>
  Promise.all(files.map(async (f) => ({ path: f.path, type: f.type, bytes: await bytesOf(f, blobs) })));
