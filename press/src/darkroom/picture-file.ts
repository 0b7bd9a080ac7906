import type { FileMedium } from '@tin-porch/core/model';

// What is to be known of a picture somebody brought without reading its pixels.

/** Why a file was not taken; the message is for the person. */
export class PictureRefused extends Error {
  override name = 'PictureRefused';
}

/** Pixels of the largest picture that is read, and bytes of the largest file. */
export const MOST_PIXELS = 80_000_000;
export const MOST_BYTES = 30_000_000;
/** What a file is by its first bytes, whatever it is called. */
export function typeOf(bytes: Uint8Array): 'jpeg' | 'png' | 'webp' | 'gif' | 'tiff' | 'avif' | 'heic' | 'svg' | null {
  const head = Buffer.from(bytes.buffer, bytes.byteOffset, Math.min(bytes.byteLength, 1024));
  const ascii = (from: number, to: number) => head.toString('latin1', from, to);
  if (head[0] === 0xff && head[1] === 0xd8 && head[2] === 0xff) return 'jpeg';
  if (ascii(0, 8) === '\x89PNG\r\n\x1a\n') return 'png';
  if (ascii(0, 4) === 'RIFF' && ascii(8, 12) === 'WEBP') return 'webp';
  if (/^GIF8[79]a/.test(ascii(0, 6))) return 'gif';
  if (ascii(0, 4) === 'II*\0' || ascii(0, 4) === 'MM\0*') return 'tiff';
  if (ascii(4, 8) === 'ftyp')
    return /avi[fs]/.test(ascii(8, 40)) ? 'avif' : /hei[cxms]|hev[cx]|mif1/.test(ascii(8, 40)) ? 'heic' : null;
  return /^\ufeff?\s*(?:<\?xml[^>]*>\s*)?(?:<!--[\s\S]*?-->\s*|<!DOCTYPE[^>]*>\s*)*<svg[\s>]/i.test(
    head.toString('utf8'),
  )
    ? 'svg'
    : null;
}

/** A file that was made: its bytes go to the store, the rest into the document. */
export interface MadeFile {
  hash: string;
  type: 'image/avif' | 'image/webp' | 'image/jpeg' | 'image/png';
  width: number;
  height: number;
  bytes: Buffer;
}
/** A picture as it is kept: upright, sRGB, nothing a camera wrote into it. */
export interface Developed {
  source: MadeFile;
  /** What draws the eye, as shares of width and height. */
  focus: [number, number];
  plainBackground: boolean;
}

/** A picture in every size and type it is shown in, its size and the colour that stands for it. */
export type Printed = { files: MadeFile[] } & Pick<FileMedium, 'width' | 'height' | 'colour'>;
