import { deflateSync } from 'node:zlib';
import type { Retouch } from '@tin-porch/core/model';
import { AS_IT_IS } from '@tin-porch/core/look';
import sharp from 'sharp';
import { develop, lightOf, print, sightOf } from './developing.js';
import { typeOf } from './picture-file.js';

/** A quay at dusk, roughly: dark water below, a pale sky above, a red hull a third of the way in. */
const scene = (width: number, height: number, ground = '#d8dfe2') => {
  const hull = `<rect x="${width * 0.2}" y="${height * 0.4}" width="${width * 0.25}" height="${height * 0.25}" fill="#a5321d"/>`;
  const water = `<rect y="${height * 0.6}" width="${width}" height="${height * 0.4}" fill="#1c3340"/>`;
  return sharp(
    Buffer.from(
      `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}"><rect width="${width}" height="${height}" fill="${ground}"/>${water}${hull}</svg>`,
    ),
  );
};
/** A blue disc with a hole, before a plain pale ground. */
const disc = () =>
  sharp(
    Buffer.from(
      '<svg xmlns="http://www.w3.org/2000/svg" width="600" height="400"><rect width="600" height="400" fill="#f3f1ec"/><circle cx="300" cy="200" r="120" fill="#2a5f8f"/><circle cx="300" cy="200" r="40" fill="#f3f1ec"/></svg>',
    ),
  );
/** Reads a picture once, for any of its pixels. */
const pixelsOf = async (bytes: Buffer) => {
  const { data, info } = await sharp(bytes).ensureAlpha().raw().toBuffer({ resolveWithObject: true });
  return (x: number, y: number) => [...data.subarray((y * info.width + x) * 4, (y * info.width + x) * 4 + 4)];
};
const pixel = async (bytes: Buffer, x: number, y: number) => (await pixelsOf(bytes))(x, y);
/** A PNG that says it is as large as asked and holds one deflated stretch of zeros. */
function bomb(width: number, height: number): Buffer {
  const chunk = (type: string, data: Buffer) => {
    const body = Buffer.concat([Buffer.from(type), data]);
    const out = Buffer.alloc(8 + data.length + 4);
    out.writeUInt32BE(data.length);
    body.copy(out, 4);
    let crc = ~0;
    for (const b of body) {
      crc ^= b;
      for (let k = 0; k < 8; k++) crc = (crc >>> 1) ^ (crc & 1 ? 0xedb88320 : 0);
    }
    out.writeUInt32BE(~crc >>> 0, 8 + data.length);
    return out;
  };
  const head = Buffer.alloc(13);
  head.writeUInt32BE(width);
  head.writeUInt32BE(height, 4);
  head.set([8, 0, 0, 0, 0], 8);
  return Buffer.concat([
    Buffer.from('\x89PNG\r\n\x1a\n', 'latin1'),
    chunk('IHDR', head),
    chunk('IDAT', deflateSync(Buffer.alloc(4_000_000))),
    chunk('IEND', Buffer.alloc(0)),
  ]);
}

describe('the darkroom', () => {
  it('turns a picture upright as its EXIF says and leaves everything a camera wrote behind', async () => {
    const bytes = await scene(400, 240)
      .jpeg()
      .withExif({
        IFD0: { Artist: 'Somebody', Model: 'A camera' },
        IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '50/1 9/1 0/1' },
      })
      .withMetadata({ orientation: 6 })
      .toBuffer();
    expect((await sharp(bytes).metadata()).orientation).toBe(6);
    const { source } = await develop(bytes);
    expect([source.width, source.height]).toEqual([240, 400]);
    const { exif, xmp, iptc, orientation } = await sharp(source.bytes).metadata();
    expect([exif, xmp, iptc, orientation ?? 1]).toEqual([undefined, undefined, undefined, 1]);
    // Turned a quarter to the right, what was below is at the left.
    const [r, , b] = await pixel(source.bytes, 20, 200);
    expect(b).toBeGreaterThan(r!);
    expect(source.bytes.includes('Somebody')).toBeFalse();
  });

  it('makes every size in three types, no size larger than the picture, with its colour', async () => {
    const { source } = await develop(await scene(1500, 900).jpeg().toBuffer());
    const { files, width, height, colour } = await print(source.bytes);
    expect([width, height]).toEqual([1500, 900]);
    const widthsOf = (type: string) => files.filter((f) => f.type === type).map((f) => f.width);
    expect(widthsOf('image/avif')).toEqual([480, 960, 1500]);
    expect(widthsOf('image/webp')).toEqual([480, 960, 1500]);
    expect(widthsOf('image/jpeg')).toEqual([960, 1500]);
    for (const f of files) {
      const read = await sharp(f.bytes).metadata();
      expect([read.width, read.height]).toEqual([f.width, f.height]);
      expect(typeOf(f.bytes)).toBe(f.type.slice(6) as never);
    }
    expect(colour).toMatch(/^#[0-9a-f]{6}$/);
  });

  it('finds what draws the eye', async () => {
    const { focus } = await develop(await scene(1200, 700).jpeg().toBuffer());
    expect(focus[0]).toBeLessThan(0.5);
  });

  it('cuts a thing out of a plain background, keeps its holes, and sets it off with line and shadow', async () => {
    const bytes = await disc().jpeg({ quality: 95 }).toBuffer();
    const { source, plainBackground } = await develop(bytes);
    expect(plainBackground).toBeTrue();
    expect((await develop(await scene(600, 400).jpeg().toBuffer())).plainBackground).toBeFalse();
    const cut = await sightOf(source.bytes, { ...AS_IT_IS, cutOut: 0.3 }, 1000);
    const { width, height } = await sharp(cut).metadata();
    // The disc with a little room about it.
    expect(Math.abs(width - 248)).toBeLessThan(6);
    expect(await pixel(cut, 1, 1)).toEqual([jasmine.any(Number), jasmine.any(Number), jasmine.any(Number), 0]);
    const [, , blue, solid] = await pixel(cut, width >> 1, 30);
    expect(solid).toBe(255);
    expect(blue).toBeGreaterThan(110);
    // The hole does not hang together with the background outside.
    expect((await pixel(cut, width >> 1, height >> 1))[3]).toBe(255);
    const lined: Retouch = { ...AS_IT_IS, cutOut: 0.3, outline: 0.04, outlineColour: '#ffcc00', shadow: 0.8 };
    const set = await sightOf(source.bytes, lined, 1000);
    const size = await sharp(set).metadata();
    const at = await pixelsOf(set);
    const column = Array.from({ length: size.height }, (_, y) => at(size.width >> 1, y));
    expect(column.some(([r, g, b, a]) => r! > 230 && g! > 180 && b! < 60 && a === 255)).toBeTrue();
    expect(column.slice(-30).some(([r, , , a]) => r! < 40 && a! > 20 && a! < 200)).toBeTrue();
    const { files } = await print(source.bytes, lined);
    expect(files.some((f) => f.type === 'image/png')).toBeTrue();
    expect(files.some((f) => f.type === 'image/jpeg')).toBeFalse();
  });

  it('straightens without a bare corner, turns, crops, tints, and puts light right', async () => {
    const { source } = await develop(await scene(900, 600).jpeg().toBuffer());
    const straight = await print(source.bytes, { ...AS_IT_IS, straighten: 7 });
    expect(straight.files.some((f) => f.type === 'image/png'))
      .withContext('no corner is clear')
      .toBeFalse();
    expect(straight.width / straight.height).toBeCloseTo(1.5, 1);
    const turned = await print(source.bytes, { ...AS_IT_IS, turn: 1, crop: [0, 0, 1, 0.5] });
    expect([turned.width, turned.height]).toEqual([600, 450]);
    const tinted = await sightOf(source.bytes, { ...AS_IT_IS, tint: ['#002244', '#ffeecc'] });
    const [r, g, b] = await pixel(tinted, 450, 20);
    expect(r! > g! && g! > b!).toBeTrue();
    const dark = await develop(await scene(600, 400, '#2a2c2e').jpeg().toBuffer());
    expect((await lightOf(dark.source.bytes)).light).toBeGreaterThan(0.2);
  });

  const refused: [string, () => Promise<Buffer> | Buffer, RegExp][] = [
    ['a PNG of 400 million pixels', () => bomb(20_000, 20_000), /million/],
    ['a file that breaks off', async () => (await scene(900, 600).jpeg().toBuffer()).subarray(0, 3000), /damaged/],
    ['a text called a picture', () => Buffer.from('MZ this is a program'), /first bytes/],
    ['an SVG where pixels are wanted', () => Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"/>'), /first bytes/],
    [
      'a picture of one pixel',
      () =>
        sharp({ create: { width: 1, height: 1, channels: 3, background: '#000000' } })
          .png()
          .toBuffer(),
      /too few/,
    ],
    ['a HEIC file', () => Buffer.from('\0\0\0\x18ftypheic\0\0\0\0mif1heic'), /HEIC/],
  ];
  for (const [what, make, why] of refused)
    it(`refuses ${what}, and says why`, async () => {
      await expectAsync(develop(await make())).toBeRejectedWithError(Error, why);
    });
});
