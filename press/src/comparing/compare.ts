import pixelmatch from 'pixelmatch';
import sharp from 'sharp';

/** Two pictures of one page beside each other. */
export interface Compared {
  /** The share of points that are of another colour, 0 to 1; smoothed edges count for none. */
  changed: number;
  /** From where to where on it something is otherwise, as shares of its height; null where nothing is. */
  where: [top: number, bottom: number] | null;
  /** That part of both, as WebP, and where it begins, pixels; null where nothing is otherwise. */
  part: { before: Uint8Array; now: Uint8Array; top: number } | null;
}

/** How far apart colours may be that count as one, 0 to 1. */
const THRESHOLD = 0.1;
/** So much above and below what is otherwise is shown, and no more than so much of a page, pixels. */
const AROUND = 120;
const MOST_SHOWN = 1600;
/** As wide as what is shown is at most, pixels. */
const SHOWN_WIDTH = 960;

interface Points {
  data: Buffer;
  width: number;
  height: number;
}

/** The points of a picture, RGBA; what it lacks of a height is clear. */
async function pointsOf(png: Uint8Array, height: number): Promise<Points> {
  const read = sharp(png).ensureAlpha();
  const { width, height: own } = await read.metadata();
  const data = await read
    .extend({ bottom: height - own, background: { r: 0, g: 0, b: 0, alpha: 0 } })
    .raw()
    .toBuffer();
  return { data, width, height };
}

/**
 * Compares two pictures of a page, PNG, of one width; the shorter one is clear below its end.
 * @throws Error where they are of different widths, or no pictures
 */
export async function compare(before: Uint8Array, now: Uint8Array): Promise<Compared> {
  const [a, b] = await Promise.all([sharp(before).metadata(), sharp(now).metadata()]);
  if (a.width !== b.width) throw new Error(`One is ${a.width} wide, the other ${b.width}.`);
  const { width } = a;
  const height = Math.max(a.height, b.height);
  const [was, is] = await Promise.all([pointsOf(before, height), pointsOf(now, height)]);
  const mask = new Uint8Array(width * height * 4);
  const count = pixelmatch(was.data, is.data, mask, width, height, { threshold: THRESHOLD, diffMask: true });
  if (!count) return { changed: 0, where: null, part: null };
  let [first, last] = [height, 0];
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++)
      // Of the mask what counts is red; smoothed edges, which do not, are yellow.
      if (mask[(y * width + x) * 4 + 3]! && !mask[(y * width + x) * 4 + 1]!) {
        first = Math.min(first, y);
        last = y;
        break;
      }
  const top = Math.max(0, first - AROUND);
  const tall = Math.min(height - top, MOST_SHOWN, last + AROUND - top);
  const part = ({ data }: Points) =>
    sharp(data, { raw: { width, height, channels: 4 } })
      .extract({ left: 0, top, width, height: tall })
      .flatten({ background: '#ffffff' })
      .resize({ width: SHOWN_WIDTH, withoutEnlargement: true })
      .webp({ quality: 70 })
      .toBuffer();
  const [partBefore, partNow] = await Promise.all([part(was), part(is)]);
  return {
    changed: count / (width * height),
    where: [first / height, (last + 1) / height],
    part: { before: partBefore, now: partNow, top },
  };
}
