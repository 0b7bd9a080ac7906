import { families } from '../type.js';
import type { Look, Mark, Palette } from '../../model/site.js';

/** Simple symbols for marks: SVG paths in a box of 64 by 64. */
export const symbols: Record<string, { asked: RegExp; path: string }> = {
  sail: { asked: /boat|sail|harbou?r|marine|yacht/i, path: 'M30 6v40H8zM34 14l20 32H34zM6 50h52l-8 10H14z' },
  wave: {
    asked: /sea|water|fish|coast|swim/i,
    path: 'M4 22c8-10 16-10 24 0s16 10 32 0v10c-16 10-24 10-32 0s-16-10-24 0zM4 42c8-10 16-10 24 0s16 10 32 0v10c-16 10-24 10-32 0s-16-10-24 0z',
  },
  sun: {
    asked: /bright|solar|light|guest|stay|summer/i,
    path: 'M32 18a14 14 0 1 1 0 28 14 14 0 0 1 0-28zM30 2h4v10h-4zM30 52h4v10h-4zM2 30h10v4H2zM52 30h10v4H52zM9 12l3-3 7 7-3 3zM45 48l3-3 7 7-3 3zM9 52l7-7 3 3-7 7zM45 16l7-7 3 3-7 7z',
  },
  leaf: {
    asked: /garden|plant|seed|tree|allot|herb|green/i,
    path: 'M56 8C24 8 8 24 8 44c0 6 2 10 4 12C14 36 26 26 42 22 28 30 20 40 18 58c28 4 40-18 38-50z',
  },
  house: { asked: /house|home|build|roof|guest|property|joiner/i, path: 'M32 6 4 32h8v26h16V42h8v16h16V32h8z' },
  wheel: {
    asked: /cycle|bike|wheel|motor|engine|taxi/i,
    path: 'M32 4a28 28 0 1 0 0 56 28 28 0 0 0 0-56zm0 8a20 20 0 0 1 18 12L36 30V12zm-8 2 4 16-17-5a20 20 0 0 1 13-11zM12 33l16 3-11 13a20 20 0 0 1-5-16zm12 18 8-14 8 14a20 20 0 0 1-16 0zm23-2L36 36l16-3a20 20 0 0 1-5 16z',
  },
  pot: {
    asked: /pot|ceram|clay|kitchen|glaze|brew/i,
    path: 'M20 6h24v8h-3c13 8 17 18 15 28-2 9-8 14-12 16H20C16 56 10 51 8 42 6 32 10 22 23 14h-3z',
  },
  clock: {
    asked: /clock|watch|time|horolog/i,
    path: 'M32 4a28 28 0 1 0 0 56 28 28 0 0 0 0-56zm0 7a21 21 0 1 1 0 42 21 21 0 0 1 0-42zm-3 7v15l-11 8 4 5 13-10V18z',
  },
  hammer: {
    asked: /joiner|carpent|build|repair|mend|smith|tool|wood/i,
    path: 'M14 6h28c6 0 10 4 12 10l-10 2v6H34v36h-8V24h-8V12h-4z',
  },
  bloom: {
    asked: /flower|florist|bee|honey|soap|textile|wool/i,
    path: 'M32 24a9 9 0 1 1 0 17 9 9 0 0 1 0-17zM32 2c9 6 9 14 0 20-9-6-9-14 0-20zM32 44c9 6 9 14 0 20-9-6-9-14 0-20zM2 32c6-9 14-9 20 0-6 9-14 9-20 0zM42 32c6-9 14-9 20 0-6 9-14 9-20 0zM11 11c10-2 16 4 14 14-10 2-16-4-14-14zM39 25c-2-10 4-16 14-14 2 10-4 16-14 14zM25 39c2 10-4 16-14 14-2-10 4-16 14-14zM39 39c10-2 16 4 14 14-10 2-16-4-14-14z',
  },
  book: {
    asked: /book|print|paper|letter|bind|stationer/i,
    path: 'M4 10c12-4 20-2 26 4v44c-6-6-14-8-26-4zM60 10c-12-4-20-2-26 4v44c6-6 14-8 26-4z',
  },
  key: {
    asked: /key|lock|let|hire|secur/i,
    path: 'M22 8a16 16 0 1 1-4 31v5h-6v8H4V40l13-13A16 16 0 0 1 22 8zm0 9a7 7 0 1 0 0 14 7 7 0 0 0 0-14zM36 36h24v8h-4v8h-8v-8H34z',
  },
  knot: {
    asked: /rope|rig|net|knit|weav|craft/i,
    path: 'M20 8a20 20 0 0 1 20 20v4h-8v-4a12 12 0 1 0-12 12h24a12 12 0 1 1-12-12v-8a20 20 0 1 1-20 20v-4h8v4a12 12 0 1 0 12 12V24A20 20 0 1 1 20 8z',
  },
  arch: {
    asked: /door|stone|mason|church|hall|museum/i,
    path: 'M6 60V30a26 26 0 0 1 52 0v30H46V32a14 14 0 0 0-28 0v28z',
  },
  star: { asked: /theatre|music|festival|club|youth/i, path: 'M32 2l8 22 22 8-22 8-8 22-8-22-22-8 22-8z' },
  tile: {
    asked: /tile|floor|mosaic|design|studio/i,
    path: 'M4 4h26v26A26 26 0 0 0 4 4zM60 4a26 26 0 0 0-26 26V4zM4 60a26 26 0 0 0 26-26v26zM60 60H34V34a26 26 0 0 0 26 26z',
  },
};

/** The symbols that suit some words, best first; then the rest. */
export const symbolsFor = (words: string): string[] => {
  const names = Object.keys(symbols);
  return [
    ...names.filter((s) => symbols[s]!.asked.test(words)),
    ...names.filter((s) => !symbols[s]!.asked.test(words)),
  ];
};

const escape = (s: string) =>
  s.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;').replace(/"/g, '&quot;');
/** The first letters of the first two words of a name. */
export const initialsOf = (name: string): string =>
  name
    .split(/\s+/)
    .filter((w) => /[\p{L}\p{N}]/u.test(w) && !/^(and|the|of|und|et|y|de|la)$/i.test(w))
    .slice(0, 2)
    .map((w) => [...w].find((c) => /[\p{L}\p{N}]/u.test(c))!.toUpperCase())
    .join('') || '·';

/**
 * A mark as an SVG document in the colours of a palette. Words are set in the heading family where it is at hand and in
 * its fallback where not, and are held to the width they were measured at so that the drawing never runs over.
 */
export function drawMark(
  mark: Mark & { kind: 'drawn' },
  look: Look,
  palette: Palette,
): { svg: string; width: number; height: number } {
  const family = families[look.heading]!;
  const colour = palette[mark.colour];
  const on = mark.colour === 'lead' ? palette.onLead : mark.colour === 'accent' ? palette.onAccent : palette.ground;
  const symbol = symbols[mark.symbol]?.path ?? symbols['sail']!.path;
  const caps = look.headingCase === 'capitals';
  const words = caps ? mark.text.toUpperCase() : mark.text;
  const wide = (text: string, size: number) =>
    Math.round([...text].length * family.width * size * (caps ? 1.28 : 1.06));
  const text = (x: number, y: number, size: number, value: string, fill: string, anchor = 'start') =>
    `<text x="${x}" y="${y}" font-family="'${family.css}', ${family.fallback.replace(/"/g, '')}" font-size="${size}" font-weight="${look.headingWeight}" fill="${fill}" text-anchor="${anchor}" textLength="${wide(value, size)}" lengthAdjust="spacingAndGlyphs">${escape(value)}</text>`;
  const draw = (x: number, y: number, s: number, fill: string) =>
    `<path transform="translate(${x} ${y}) scale(${s})" d="${symbol}" fill="${fill}"/>`;
  const done = (width: number, height: number, body: string) => ({
    svg: `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}" width="${width}" height="${height}">${body}</svg>\n`,
    width,
    height,
  });
  const length = wide(words, 34);
  switch (mark.layout) {
    case 'words':
      return done(length + 8, 56, text(4, 40, 34, words, palette.text));
    case 'over': {
      const width = Math.max(length, 64) + 8;
      return done(
        width,
        112,
        draw(width / 2 - 28, 0, 0.88, colour) + text(width / 2, 100, 34, words, palette.text, 'middle'),
      );
    }
    case 'badge': {
      const small = wide(words, 17);
      const width = Math.max(120, small + 32);
      return done(
        width,
        120,
        `<rect width="${width}" height="120" rx="${Math.min(60, look.corner * 2)}" fill="${colour}"/>${draw(width / 2 - 26, 18, 0.8, on)}${text(width / 2, 100, 17, words, on, 'middle')}`,
      );
    }
    case 'initials':
      return done(
        64,
        64,
        `<rect width="64" height="64" rx="${Math.min(32, look.corner * 1.6)}" fill="${colour}"/>${text(32, 43, 30, initialsOf(mark.text), on, 'middle')}`,
      );
    default:
      return done(length + 76, 60, draw(2, 2, 0.875, colour) + text(72, 42, 34, words, palette.text));
  }
}

/** The favicon of a site: the symbol of its mark, else its first letter, on the lead colour. */
export function drawFavicon(name: string, mark: Mark | null, palette: Palette): string {
  const symbol =
    mark?.kind === 'drawn' && mark.layout !== 'words' && mark.layout !== 'initials'
      ? symbols[mark.symbol]?.path
      : undefined;
  const letter = [...name.trim().toUpperCase()].find((ch) => /[\p{L}\p{N}]/u.test(ch)) ?? '·';
  const inside = symbol
    ? `<path transform="translate(5 5) scale(.344)" d="${symbol}" fill="${palette.onLead}"/>`
    : `<text x="16" y="23" font-family="Georgia, serif" font-size="20" font-weight="700" text-anchor="middle" fill="${palette.onLead}">${escape(letter)}</text>`;
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 32 32"><rect width="32" height="32" rx="6" fill="${palette.lead}"/>${inside}</svg>\n`;
}
