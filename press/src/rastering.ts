import { families, type Box, type Lettering, type Raster } from '@tin-porch/core/look';
import { create, type Font } from 'fontkit';
import { convert } from 'fontverter';
import sharp from 'sharp';
import { readAsset } from './read-asset.js';

const fonts = new Map<string, Promise<Font>>();

/** A type family of the house at a weight, ready to give outlines. */
function fontOf(family: string, weight: number): Promise<Font> {
  const { file, weights } = families[family]!;
  const within = Math.min(Math.max(weight, weights[0]), weights[1]);
  const key = `${family} ${within}`;
  let font = fonts.get(key);
  if (!font) {
    // A variable WOFF2 gives no instances: it is unpacked first.
    font = readAsset(file)
      .then((bytes) => convert(bytes, 'truetype'))
      .then((bytes) => {
        const whole = create(Buffer.from(bytes)) as Font;
        return whole.variationAxes['wght'] ? whole.getVariation({ wght: within }) : whole;
      });
    fonts.set(key, font);
    font.catch(() => fonts.delete(key));
  }
  return font;
}

const n = (x: number) => String(Math.round(x * 100) / 100);

/** A line of words: its outline at 1000 units an em, and how wide it is. Letters the family lacks are left out. */
function lineOf(font: Font, words: string): { d: string; width: number } {
  const { glyphs, positions } = font.layout(words);
  const unit = 1000 / font.unitsPerEm;
  let [x, d] = [0, ''];
  glyphs.forEach((glyph, k) => {
    const { xAdvance, xOffset, yOffset } = positions[k]!;
    // Glyph 0 is the box for what is not there; a space has no outline to ask for.
    if (glyph.id !== 0 && !/^\s*$/.test(String.fromCodePoint(...glyph.codePoints)))
      for (const { command, args } of glyph.path.commands) {
        const at = args.map((v, i) => n((i % 2 ? -(v + yOffset) : v + xOffset + x) * unit)).join(' ');
        d += { moveTo: 'M', lineTo: 'L', quadraticCurveTo: 'Q', bezierCurveTo: 'C', closePath: 'Z' }[command] + at;
      }
    x += glyph.id === 0 ? 0 : xAdvance;
  });
  return { d, width: x * unit };
}

/** Words broken into lines no wider than `room` (1000 units an em), as few as can be and as even as that allows. */
function broken(font: Font, words: string, room: number): string[] | null {
  const parts = words.split(/\s+/).filter(Boolean);
  const widths = new Map<string, number>();
  const wide = (s: string) => {
    let w = widths.get(s);
    if (w === undefined) widths.set(s, (w = lineOf(font, s).width));
    return w;
  };
  const into = (most: number): string[] | null => {
    const lines: string[] = [];
    let line = '';
    for (const part of parts) {
      const longer = line ? `${line} ${part}` : part;
      if (wide(longer) <= most) line = longer;
      else {
        if (!line || wide(part) > most) return null;
        lines.push(line);
        line = part;
      }
    }
    return line ? [...lines, line] : lines;
  };
  const widest = into(room);
  if (!widest) return null;
  let [low, high, best] = [0, room, widest];
  for (let k = 0; k < 7; k++) {
    const middle = (low + high) / 2;
    const lines = into(middle);
    if (lines && lines.length === widest.length) [high, best] = [middle, lines];
    else low = middle;
  }
  return best;
}

const LEADING = 1.14;

/** Words in their box as SVG paths: as large as fits, never over its edge. */
async function setInto({ words, family, weight, size, colour, box, at }: Lettering): Promise<string> {
  const font = await fontOf(family, weight);
  let lines: string[] = [];
  let set = size;
  for (; set >= 12; set *= 0.93) {
    const found = broken(font, words, (box.width / set) * 1000);
    if (found && found.length * set * LEADING <= box.height) {
      lines = found;
      break;
    }
  }
  const high = lines.length * set * LEADING;
  const top = box.y + (at === 'top' ? 0 : at === 'middle' ? (box.height - high) / 2 : box.height - high);
  return lines
    .map((line, k) => {
      const y = top + k * set * LEADING + set * 0.86;
      return `<path transform="translate(${n(box.x)} ${n(y)}) scale(${n(set / 10)}) scale(.01)" d="${lineOf(font, line).d}" fill="${colour}"/>`;
    })
    .join('');
}

/** A picture file as it shows in a box: cut about what must stay in sight. */
async function fileInto(bytes: Buffer, box: Box, [x, y]: readonly [number, number]): Promise<Buffer> {
  const { width, height } = await sharp(bytes).metadata();
  const scale = Math.max(box.width / width, box.height / height);
  const [w, h] = [Math.ceil(width * scale), Math.ceil(height * scale)];
  const at = (share: number, whole: number, part: number) =>
    Math.round(Math.min(Math.max(share * whole - part / 2, 0), whole - part));
  return sharp(bytes)
    .resize(w, h, { fit: 'fill' })
    .extract({ left: at(x, w, box.width), top: at(y, h, box.height), width: box.width, height: box.height })
    .flatten({ background: '#ffffff' })
    .jpeg({ quality: 88 })
    .toBuffer();
}

/** The bytes of a picture of pixels; `file` are those of the picture file in it. */
export async function rasterBytes(raster: Raster, file: Buffer | null): Promise<Buffer> {
  let over = '';
  if (raster.file && file) {
    const { box, focus } = raster.file;
    const shown = (await fileInto(file, box, focus)).toString('base64');
    over = `<image x="${box.x}" y="${box.y}" width="${box.width}" height="${box.height}" href="data:image/jpeg;base64,${shown}"/>`;
  }
  for (const lettering of raster.letterings) over += await setInto(lettering);
  const svg = raster.svg.replace(/<\/svg>\s*$/, `${over}</svg>`);
  const image = sharp(Buffer.from(svg)).resize(raster.width, raster.height, { fit: 'fill' });
  return raster.type === 'image/png'
    ? image.png({ compressionLevel: 9 }).toBuffer()
    : image.flatten({ background: '#ffffff' }).jpeg({ quality: 82, progressive: true }).toBuffer();
}

/**
 * A drawn mark with its words as outlines, so that it looks the same wherever it is shown: an image on a page gets no
 * fonts. Words wider than the room they were given are set smaller.
 */
export async function outlined(svg: string): Promise<string> {
  const byCss = new Map(Object.entries(families).map(([id, f]) => [f.css, id]));
  let out = svg;
  for (const [whole, attributes, inside] of svg.matchAll(/<text ([^>]*)>([^<]*)<\/text>/g)) {
    const get = (name: string) => new RegExp(`(?:^| )${name}="([^"]*)"`).exec(attributes!)?.[1] ?? '';
    const id = byCss.get(/'([^']+)'/.exec(get('font-family'))?.[1] ?? '');
    if (!id) continue;
    const font = await fontOf(id, Number(get('font-weight')));
    const words = inside!
      .replace(/&lt;/g, '<')
      .replace(/&gt;/g, '>')
      .replace(/&quot;/g, '"')
      .replace(/&amp;/g, '&');
    const { d, width } = lineOf(font, words);
    const room = Number(get('textLength'));
    const size = Math.min(Number(get('font-size')), (room / width) * 1000);
    const left = Number(get('x')) - (get('text-anchor') === 'middle' ? (width * size) / 2000 : 0);
    out = out.replace(
      whole,
      `<path transform="translate(${n(left)} ${get('y')}) scale(${n(size / 10)}) scale(.01)" d="${d}" fill="${get('fill')}"/>`,
    );
  }
  return out;
}
