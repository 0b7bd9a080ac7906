import { families } from '../type.js';
import { isPicture, isText, type FileMedium, type Medium, type Page, type SiteDocument } from '../../model/site.js';
import { drawMedium, type Drawn } from './draw.js';
import { drawFavicon } from './mark.js';

/** A rectangle of a picture, px. */
export interface Box {
  x: number;
  y: number;
  width: number;
  height: number;
}

/** Words set into a box: as large as fits up to `size`, broken into even lines, never running over. */
export interface Lettering {
  words: string;
  /** Id of the type family, and the weight it is set in. */
  family: string;
  weight: number;
  size: number;
  colour: string;
  box: Box;
  /** Where in its box it stands when it is smaller. */
  at: 'top' | 'middle' | 'bottom';
}

/**
 * A picture of pixels before there are any: a drawing, a picture file in a part of it where it has one, and words over
 * both in families of the house. Whoever turns it into bytes has the fonts and the files.
 */
export interface Raster {
  type: 'image/jpeg' | 'image/png';
  width: number;
  height: number;
  /** The ground, an SVG document of this size. */
  svg: string;
  file?: { hash: string; box: Box; focus: readonly [number, number] };
  letterings: readonly Lettering[];
}

/** Size of share pictures, px: what the services that show links ask for. */
export const SHARE_SIZE = { width: 1200, height: 630 } as const;

/** How the share pictures of a site are laid out: all of one site alike, sites unlike each other. */
const COMPOSITIONS = ['beside', 'under', 'plate'] as const;

/** The picture that stands for a page: the first it shows, else the first of the home page. */
export function featuredPicture(document: SiteDocument, page: Page): Medium | null {
  const first = (value: unknown): string => {
    if (isPicture(value)) return value.media;
    if (typeof value !== 'object' || value === null || isText(value)) return '';
    for (const inner of Object.values(value)) {
      const found = first(inner);
      if (found) return found;
    }
    return '';
  };
  for (const p of [page, document.pages[0]!])
    for (const section of p.sections) {
      const medium = document.media.find((m) => m.id === first(section.content));
      if (medium) return medium;
    }
  return null;
}

/** What is written on the share picture of a page: its own heading, where it has one short enough to be read small. */
function headingOf(document: SiteDocument, page: Page): string {
  const { heading } = page.sections[0]?.content ?? {};
  const words = isText(heading) && heading.from.kind !== 'placeholder' ? heading.value.trim() : '';
  if (words && words.length <= 90) return words;
  return page.slug === '' ? document.facts.name : page.label;
}

/** Where the middle of what is shown of a drawing lies: below its own, since things stand on the ground. */
const LOW = 0.66;

/** A drawing as it shows in a box: as much of it as the box has room for, about where things stand. */
function cover({ svg, width, height }: Drawn, box: Box, radius: number): string {
  const given = /^<svg [^>]*viewBox="([^"]*)"/
    .exec(svg)?.[1]
    ?.trim()
    .split(/[\s,]+/)
    .map(Number);
  const [x, y, w, h] = given?.length === 4 ? (given as [number, number, number, number]) : [0, 0, width, height];
  const scale = Math.max(box.width / w, box.height / h);
  const seen = [box.width / scale, box.height / scale] as const;
  const view = [x + (w - seen[0]) / 2, y + (h - seen[1]) * LOW, ...seen].map((v) => Math.round(v * 10) / 10).join(' ');
  const place = `x="${box.x}" y="${box.y}" width="${box.width}" height="${box.height}"`;
  const inside = svg.replace(/^<svg[^>]*>/, `<svg ${place} viewBox="${view}">`);
  return `<clipPath id="cut"><rect ${place} rx="${radius}"/></clipPath><g clip-path="url(#cut)">${inside}</g>`;
}

/** The share picture of a page, 1200 by 630, in the look of its site: its picture, its heading and whose it is. */
export function sharePicture(document: SiteDocument, page: Page): Raster {
  const { look, facts } = document;
  const { day } = look;
  const { width, height } = SHARE_SIZE;
  const medium = featuredPicture(document, page);
  const composition = medium ? COMPOSITIONS[look.seed % COMPOSITIONS.length]! : 'words';
  const deep = composition === 'plate' || composition === 'words';
  const [ground, ink] = deep ? [day.deep, day.onDeep] : [day.ground, day.text];
  const box: Box =
    composition === 'beside'
      ? { x: 640, y: 0, width: 560, height }
      : composition === 'under'
        ? { x: 0, y: 0, width, height: 330 }
        : { x: 56, y: 56, width: 500, height: 518 };
  const words: Box =
    composition === 'beside'
      ? { x: 64, y: 150, width: 520, height: 330 }
      : composition === 'under'
        ? { x: 64, y: 366, width: 1072, height: 150 }
        : composition === 'plate'
          ? { x: 616, y: 130, width: 520, height: 350 }
          : { x: 72, y: 150, width: 1056, height: 320 };
  const whose: Box =
    composition === 'under'
      ? { x: 64, y: 536, width: 1072, height: 44 }
      : { x: words.x, y: 512, width: words.width, height: 56 };
  const radius = composition === 'plate' ? look.corner * 2 : 0;
  const drawn = medium && drawMedium(medium, look);
  // The accent runs where the picture meets the words.
  const line = Math.max(6, look.line * 4);
  const rule =
    composition === 'beside'
      ? `<rect x="${640 - line}" y="0" width="${line}" height="${height}" fill="${day.accent}"/>`
      : composition === 'under'
        ? `<rect x="0" y="330" width="${width}" height="${line}" fill="${day.accent}"/>`
        : `<rect x="${words.x}" y="${composition === 'plate' ? 88 : 96}" width="96" height="${line}" fill="${day.accent}"/>`;
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}" width="${width}" height="${height}"><rect width="${width}" height="${height}" fill="${ground}"/>${drawn ? cover(drawn, box, radius) : ''}${rule}</svg>`;
  const heading = headingOf(document, page);
  const letterings: Lettering[] = [
    {
      words: look.headingCase === 'capitals' ? heading.toUpperCase() : heading,
      family: look.heading,
      weight: look.headingWeight,
      size: composition === 'under' ? 68 : 84,
      colour: ink,
      box: words,
      at: composition === 'under' ? 'top' : 'middle',
    },
  ];
  if (heading !== facts.name)
    letterings.push({
      words: facts.name,
      family: look.reading,
      weight: Math.min(680, families[look.reading]!.weights[1]),
      size: 34,
      colour: ink,
      box: whose,
      at: 'bottom',
    });
  return {
    type: 'image/jpeg',
    width,
    height,
    svg,
    letterings,
    ...(medium?.kind === 'file' && { file: { hash: largest(medium), box, focus: medium.focus } }),
  };
}

/** The file of a picture that is read to be drawn again: the largest there is in a type that is read quickly. */
const largest = (m: FileMedium): string =>
  [...m.renditions]
    .filter((r) => r.type !== 'image/avif')
    .sort((a, b) => b.width - a.width || (a.type === 'image/webp' ? 1 : -1))[0]!.hash;

/** The favicon of a site in pixels, for what shows no drawing. */
export function iconPicture(document: SiteDocument, size: number): Raster {
  const { facts, mark, look } = document;
  const svg = drawFavicon(facts.name, mark, look.day)
    .replace('<svg ', `<svg width="${size}" height="${size}" `)
    // Devices round it themselves.
    .replace(' rx="6"', '');
  return { type: 'image/png', width: size, height: size, svg, letterings: [] };
}
