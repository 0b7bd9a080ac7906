import { Readable, type Writable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { Zip, ZipDeflate, ZipPassThrough } from 'fflate';
import type { FolderFile } from './site-folder.js';

/** What is small already is kept as it is. */
const SMALL_ALREADY = /\.(?:avif|webp|jpe?g|png|woff2|gz|zip|mp4|webm|pdf)$/;

async function* parts(files: Iterable<FolderFile> | AsyncIterable<FolderFile>, at: Date): AsyncGenerator<Uint8Array> {
  const made: Uint8Array[] = [];
  let fault: Error | null = null;
  const zip = new Zip((error, part) => {
    if (error) fault ??= error;
    else made.push(part);
  });
  const out = function* () {
    if (fault) throw fault;
    yield* made.splice(0);
  };
  for await (const { path, bytes } of files) {
    const file = SMALL_ALREADY.test(path) ? new ZipPassThrough(path) : new ZipDeflate(path, { level: 6 });
    file.mtime = at;
    zip.add(file);
    file.push(typeof bytes === 'string' ? Buffer.from(bytes) : bytes, true);
    yield* out();
  }
  zip.end();
  yield* out();
}

/**
 * Writes files as a ZIP archive, one after the other, no faster than they are taken.
 * @throws Error where nobody takes the archive any more
 */
export const writeZip = (
  files: Iterable<FolderFile> | AsyncIterable<FolderFile>,
  out: Writable,
  at: Date,
): Promise<void> => pipeline(Readable.from(parts(files, at), { highWaterMark: 1 }), out);

/** Files as they lie in a folder of an archive. */
export async function* within(folder: string, files: AsyncIterable<FolderFile>): AsyncGenerator<FolderFile> {
  for await (const f of files) yield { ...f, path: `${folder}/${f.path}` };
}
