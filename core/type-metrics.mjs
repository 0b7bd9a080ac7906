// Measures the type families that ship with the product and writes what was measured to src/look/metrics.ts.
// Run it when a family is added: node core/type-metrics.mjs
import { Buffer } from 'node:buffer';
import { readFileSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { create } from 'fontkit';
import { convert } from 'fontverter';

const require = createRequire(import.meta.url);
const here = dirname(fileURLToPath(import.meta.url));
const packages = Object.keys(JSON.parse(readFileSync(join(here, 'package.json'), 'utf8')).dependencies)
  .filter((p) => p.startsWith('@fontsource-variable/'))
  .map((p) => p.split('/')[1])
  .sort();

/** How often letters stand in running text, so that widths are those of words and not of alphabets. */
const OFTEN = 'eeeeeeeeeeeetttttttttaaaaaaaaoooooooiiiiiiinnnnnnnsssssshhhhhhrrrrrrddddllllccuummwwffggyyppbbvk';
const LETTERS = {
  en: '’“”–—£€',
  es: 'áéíóúüñÁÉÍÓÚÑ¿¡',
  fr: 'àâæçéèêëîïôœùûüÿÀÂÇÉÈÊËÎÏÔŒÙÛ«»',
  de: 'äöüßÄÖÜ„“',
};

const round = (x, digits = 3) => Math.round(x * 10 ** digits) / 10 ** digits;

/** Boxes of the contours of a glyph, largest first. */
function contours(glyph) {
  const boxes = [];
  let box = null;
  const grow = (x, y) => {
    box.x0 = Math.min(box.x0, x);
    box.x1 = Math.max(box.x1, x);
    box.y0 = Math.min(box.y0, y);
    box.y1 = Math.max(box.y1, y);
  };
  for (const { command, args } of glyph.path.commands) {
    if (command === 'moveTo') boxes.push((box = { x0: Infinity, x1: -Infinity, y0: Infinity, y1: -Infinity }));
    if (command !== 'closePath') grow(args.at(-2), args.at(-1));
  }
  return boxes.sort((a, b) => (b.x1 - b.x0) * (b.y1 - b.y0) - (a.x1 - a.x0) * (a.y1 - a.y0));
}

const out = {};
for (const id of packages) {
  const file = `@fontsource-variable/${id}/files/${id}-latin-wght-normal.woff2`;
  const truetype = await convert(readFileSync(require.resolve(file)), 'truetype');
  const whole = create(Buffer.from(truetype));
  const axis = whole.variationAxes.wght;
  const font = whole.getVariation({ wght: Math.max(axis.min, 400) });
  const upm = font.unitsPerEm;
  const [outer, inner] = contours(font.glyphForCodePoint('o'.codePointAt(0)));
  const upright = (outer.x1 - outer.x0 - (inner.x1 - inner.x0)) / 2;
  const level = (outer.y1 - outer.y0 - (inner.y1 - inner.y0)) / 2;
  const width = [...OFTEN].reduce((sum, c) => sum + font.glyphForCodePoint(c.codePointAt(0)).advanceWidth, 0);
  const has = new Set(whole.characterSet);
  const bytes = readFileSync(require.resolve(file)).length;
  out[id] = {
    name: JSON.parse(readFileSync(require.resolve(`@fontsource-variable/${id}/metadata.json`), 'utf8')).family,
    licence: JSON.parse(readFileSync(require.resolve(`@fontsource-variable/${id}/package.json`), 'utf8')).license,
    xHeight: round((font.xHeight || outer.y1) / upm),
    capHeight: round(font.capHeight / upm),
    width: round(width / OFTEN.length / upm),
    stem: round(upright / upm),
    contrast: round(upright / Math.max(level, 1), 2),
    weights: [axis.min, axis.max],
    languages: Object.keys(LETTERS).filter((l) => [...LETTERS[l]].every((c) => has.has(c.codePointAt(0)))),
    bytes,
  };
}
writeFileSync(
  join(here, 'src/look/metrics.ts'),
  `// Measured from the font files by type-metrics.mjs.

/** What was measured of a family’s regular weight, in parts of the em. */
export interface Metrics {
  name: string;
  licence: string;
  xHeight: number;
  capHeight: number;
  /** Mean advance of a letter of running text. */
  width: number;
  /** Upright stroke of the o. */
  stem: number;
  /** Upright stroke to level stroke of the o: 1 is even. */
  contrast: number;
  /** Least and greatest weight of the file. */
  weights: readonly [number, number];
  /** Languages whose letters it has, all of them. */
  languages: readonly string[];
  /** Size of the Latin file. */
  bytes: number;
}

export const metrics: Record<string, Metrics> = ${JSON.stringify(out, null, 2)};
`,
);
console.log(`${Object.keys(out).length} families measured`);
