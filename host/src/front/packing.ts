import { createHash } from 'node:crypto';
import { readFile, stat } from 'node:fs/promises';
import { promisify } from 'node:util';
import { brotliCompress, brotliDecompress, constants, gunzip, gzip } from 'node:zlib';
import { writeDurable } from '../durable.js';

/** Forms a file is packed in beforehand, by the ending nginx looks for (RFC 1952, RFC 7932). */
export const PACKINGS = ['gz', 'br'] as const;
export type Packing = (typeof PACKINGS)[number];
/** Smaller ones gain less than their header weighs. */
const LEAST = 400;
const pack = {
  gz: (bytes: Buffer) => promisify(gzip)(bytes, { level: 9 }),
  br: (bytes: Buffer) =>
    promisify(brotliCompress)(bytes, {
      params: {
        [constants.BROTLI_PARAM_QUALITY]: bytes.length < 200_000 ? 11 : 9,
        [constants.BROTLI_PARAM_SIZE_HINT]: bytes.length,
      },
    }),
};
const unpack = { gz: promisify(gunzip), br: promisify(brotliDecompress) };

/**
 * A time that stands for the bytes of a file, in seconds: nginx makes its tag (RFC 9110, 8.8.3) of time and size, so that the
 * same bytes have the same tag wherever they lie, and others another.
 */
export const timeOf = (hash: string): number => 946_684_800 + (parseInt(hash.slice(0, 8), 16) >>> 2);

/** Packs a file in every form that makes it smaller. Safe to run again. */
export async function packFile(file: string, hash: string): Promise<void> {
  let bytes: Buffer | undefined;
  for (const ending of PACKINGS) {
    const packed = `${file}.${ending}`;
    if (await stat(packed).catch(() => null)) continue;
    bytes ??= await readFile(file);
    if (bytes.length < LEAST) return;
    const smaller = await pack[ending](bytes);
    if (smaller.length < bytes.length) await writeDurable(packed, smaller, 0o640, timeOf(hash));
  }
}

/** Whether a packed form holds what its name says. True where there is none. */
export async function isPackedRight(file: string, ending: Packing, hash: string): Promise<boolean> {
  const packed = await readFile(`${file}.${ending}`).catch(() => null);
  if (!packed) return true;
  const bytes = await unpack[ending](packed).catch(() => null);
  return bytes !== null && createHash('sha256').update(bytes).digest('hex') === hash;
}
