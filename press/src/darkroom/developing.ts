import type { Retouch } from '@tin-porch/core/model';
import {
  AS_IT_IS,
  changesPixels,
  cropOf,
  hasPlainBackground,
  retouchPixels,
  rightLight,
  withinTurned,
  type Pixels,
} from '@tin-porch/core/look';
import { createHash } from 'node:crypto';
import sharp, { type Sharp } from 'sharp';
import {
  MOST_BYTES,
  MOST_PIXELS,
  PictureRefused,
  typeOf,
  type Developed,
  type MadeFile,
  type Printed,
} from './picture-file.js';

// Two at a time: one picture in hand, and the rest of the machine for those who wait for pages.
sharp.concurrency(2);
sharp.cache(false);

/** The longer side of what is kept to make everything else from. */
const KEPT = 3600;
/** The widths pictures are made in; a page takes the one it has room for. */
const WIDTHS = [480, 960, 1440, 2000];
const SECONDS = 40;

const sha256 = (bytes: Uint8Array) => createHash('sha256').update(bytes).digest('hex');

const read = (bytes: Uint8Array) =>
  sharp(bytes, { limitInputPixels: MOST_PIXELS, failOn: 'error' }).timeout({ seconds: SECONDS });

/**
 * Reads a picture somebody brought: turns it as its EXIF says, leaves all metadata behind, makes it no larger than is of
 * use. @throws PictureRefused with the reason where it cannot be used
 */
export async function develop(bytes: Uint8Array): Promise<Developed> {
  if (bytes.byteLength > MOST_BYTES)
    throw new PictureRefused(
      `It has ${Math.round(bytes.byteLength / 1e6)} MB; ${MOST_BYTES / 1e6} is the most that is read.`,
    );
  const type = typeOf(bytes);
  if (type === 'heic')
    throw new PictureRefused(
      'It is a HEIC file, which cannot be read here. Save it as JPEG, or set the phone to “most compatible”.',
    );
  if (!type || type === 'svg')
    throw new PictureRefused('By its first bytes it is no JPEG, PNG, WebP, AVIF, GIF or TIFF, whatever it is called.');
  try {
    const { width, height, hasAlpha } = await read(bytes).metadata();
    if (width < 16 || height < 16) throw new PictureRefused(`It has ${width} by ${height} pixels: too few to show.`);
    if (width * height > MOST_PIXELS) throw tooLarge(width, height);
    const upright = read(bytes)
      .autoOrient()
      .resize({ width: KEPT, height: KEPT, fit: 'inside', withoutEnlargement: true })
      .toColourspace('srgb');
    // A channel for what is clear does not say that anything is.
    const clear = hasAlpha && !(await read(bytes).stats()).isOpaque;
    const { data, info } = await (
      clear
        ? upright.png({ compressionLevel: 7 })
        : upright.removeAlpha().jpeg({ quality: 92, chromaSubsampling: '4:4:4' })
    ).toBuffer({ resolveWithObject: true });
    return {
      source: {
        hash: sha256(data),
        type: clear ? 'image/png' : 'image/jpeg',
        width: info.width,
        height: info.height,
        bytes: data,
      },
      focus: await focusOf(data, info.width, info.height),
      plainBackground: !clear && hasPlainBackground(await smaller(sharp(data), 400)),
    };
  } catch (error) {
    if (error instanceof PictureRefused) throw error;
    throw refusalOf(error as Error);
  }
}

const tooLarge = (w: number, h: number) =>
  new PictureRefused(
    `Unpacked it would be ${w} by ${h} pixels; ${MOST_PIXELS / 1e6} million in all is the most that is read.`,
  );

/** What a failure of the reader means for whoever brought the file. */
function refusalOf(error: Error): PictureRefused {
  if (/pixel limit/i.test(error.message))
    return new PictureRefused(`Unpacked it would have more than ${MOST_PIXELS / 1e6} million pixels.`);
  if (/timeout/i.test(error.message)) return new PictureRefused(`It takes more than ${SECONDS} s to read.`);
  return new PictureRefused('It is damaged, or breaks off in the middle.');
}

const fromPixels = ({ data, width, height }: Pixels): Sharp =>
  sharp(Buffer.from(data.buffer, data.byteOffset, data.byteLength), { raw: { width, height, channels: 4 } });

function isClear({ data }: Pixels): boolean {
  for (let k = 3; k < data.length; k += 4) if (data[k]! < 250) return true;
  return false;
}

async function pixelsOf(image: Sharp): Promise<Pixels> {
  const { data, info } = await image.ensureAlpha().raw().toBuffer({ resolveWithObject: true });
  const own = new Uint8ClampedArray(data.buffer, data.byteOffset, data.byteLength);
  return { data: own, width: info.width, height: info.height };
}
const smaller = (image: Sharp, size: number): Promise<Pixels> =>
  pixelsOf(image.resize({ width: size, height: size, fit: 'inside', withoutEnlargement: true }));

/** Where the eye goes: the part a cut to half the width and height would keep, found by luminance, colour and skin. */
async function focusOf(bytes: Buffer, width: number, height: number): Promise<[number, number]> {
  const scale = Math.min(1, 640 / Math.max(width, height));
  const [w, h] = [Math.max(2, Math.round(width * scale)), Math.max(2, Math.round(height * scale))];
  const small = await sharp(bytes).resize(w, h, { fit: 'fill' }).png().toBuffer();
  const { info } = await sharp(small)
    .resize(Math.ceil(w / 2), Math.ceil(h / 2), {
      fit: 'cover',
      position: sharp.strategy.attention,
      withoutEnlargement: true,
    })
    .toBuffer({ resolveWithObject: true });
  const share = (at: number | undefined, all: number) =>
    Math.round(Math.min(0.9, Math.max(0.1, (at ?? all / 2) / all)) * 100) / 100;
  return [share(info.attentionX, w), share(info.attentionY, h)];
}

/** Pixels on their way from one step to the next. */
async function settled(image: Sharp): Promise<Sharp> {
  const { data, info } = await image.raw().toBuffer({ resolveWithObject: true });
  return sharp(data, { raw: { width: info.width, height: info.height, channels: info.channels } });
}

/** A kept picture worked over, no wider or higher than asked. */
async function workedOver(source: Buffer, retouch: Retouch, most: number): Promise<Pixels> {
  let image = read(source);
  let { width, height } = await image.metadata();
  // No more pixels are turned than the result has use for.
  const [, , w, h] = retouch.crop;
  const enough = Math.ceil((most / Math.max(w, h)) * 1.25);
  const scale = Math.min(1, enough / Math.max(width, height));
  if (scale < 1) {
    [width, height] = [Math.round(width * scale), Math.round(height * scale)];
    image = await settled(image.resize(width, height, { fit: 'fill' }));
  }
  if (retouch.turn) {
    image = await settled(image.rotate(retouch.turn * 90));
    if (retouch.turn % 2) [width, height] = [height, width];
  }
  if (retouch.straighten) {
    const cut = withinTurned(width, height, retouch.straighten);
    image = await settled(image.rotate(retouch.straighten, { background: '#00000000' }));
    image = await settled(image.extract(cut));
    ({ width, height } = cut);
  }
  const cut = cropOf(width, height, retouch.crop);
  if (cut.width < width || cut.height < height) image = image.extract(cut);
  const pixels = await pixelsOf(image.resize({ width: most, height: most, fit: 'inside', withoutEnlargement: true }));
  return changesPixels(retouch) ? retouchPixels(pixels, retouch) : pixels;
}

/** A quick sight of a retouch, as WebP of at most `most` pixels a side. */
export async function sightOf(source: Buffer, retouch: Retouch, most = 900): Promise<Buffer> {
  return fromPixels(await workedOver(source, retouch, most))
    .webp({ quality: 82, effort: 0 })
    .toBuffer();
}

/** Light and colour that would put a kept picture right. */
export async function lightOf(source: Buffer): Promise<Pick<Retouch, 'light' | 'contrast' | 'warmth'>> {
  return rightLight(await smaller(read(source), 500));
}

/** The files of a picture in every size and type, its size and the colour that stands for it. */
export async function print(source: Buffer, retouch: Retouch = AS_IT_IS): Promise<Printed> {
  const pixels = await workedOver(source, retouch, 2600);
  const clear = isClear(pixels);
  const widths = [...WIDTHS.filter((w) => w < pixels.width * 0.86), Math.min(pixels.width, WIDTHS.at(-1)!)];
  const files: MadeFile[] = [];
  for (const width of widths) {
    const sized = await settled(fromPixels(pixels).resize({ width }));
    const make = async (type: MadeFile['type'], encode: (image: Sharp) => Sharp) => {
      const { data, info } = await encode(sized.clone()).toBuffer({ resolveWithObject: true });
      files.push({ hash: sha256(data), type, width: info.width, height: info.height, bytes: data });
    };
    await make('image/avif', (i) => i.avif({ quality: 52, effort: 2, chromaSubsampling: '4:2:0' }));
    await make('image/webp', (i) => i.webp({ quality: 76, effort: 3 }));
    // What is left reads JPEG or PNG: one size for phones and one for the rest is enough.
    if (width === widths.at(-1) || width === 960)
      await make(clear ? 'image/png' : 'image/jpeg', (i) =>
        clear ? i.png({ compressionLevel: 9 }) : i.removeAlpha().jpeg({ quality: 78, progressive: true }),
      );
  }
  const { data } = await fromPixels(pixels)
    .flatten({ background: '#ffffff' })
    .resize(1, 1, { fit: 'fill' })
    .removeAlpha()
    .raw()
    .toBuffer({ resolveWithObject: true });
  const hex = (v: number) => v.toString(16).padStart(2, '0');
  return {
    files,
    width: pixels.width,
    height: pixels.height,
    colour: `#${hex(data[0]!)}${hex(data[1]!)}${hex(data[2]!)}`,
  };
}
