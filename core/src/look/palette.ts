import { formatHex, oklch, toGamut, wcagContrast } from 'culori';
import type { Palette } from '../model/site.js';

const fit = toGamut('rgb', 'oklch');

/** An OKLCH colour (lightness 0–1, chroma, hue in degrees) as the nearest sRGB hex. */
export const lch = (l: number, c: number, h: number): string => formatHex(fit({ mode: 'oklch', l, c, h }))!;

/** WCAG 2.2 contrast ratio of two hex colours, 1 to 21. */
export const contrast = (a: string, b: string): number => wcagContrast(a, b);

/** A colour between two, in OKLCH; `share` 0 gives the first, 1 the second. */
export function between(a: string, b: string, share: number): string {
  const x = oklch(a)!;
  const y = oklch(b)!;
  const turn = (((y.h ?? x.h ?? 0) - (x.h ?? y.h ?? 0) + 540) % 360) - 180;
  return lch(x.l + (y.l - x.l) * share, x.c + (y.c - x.c) * share, (x.h ?? y.h ?? 0) + turn * share);
}

/** Moves lightness from `l` by `step` until the colour reads at `ratio` or better on every one of `grounds`. */
function readable(l: number, c: number, h: number, step: number, ratio: number, grounds: string[]): string {
  for (let now = l; now >= 0 && now <= 1; now += step) {
    const colour = lch(now, c, h);
    if (grounds.every((g) => contrast(colour, g) >= ratio)) return colour;
  }
  return step < 0 ? '#000000' : '#ffffff';
}

/** The better of near-black and white on a fill. */
const inkOn = (fill: string, h: number): string => {
  const dark = lch(0.2, 0.03, h);
  return contrast('#ffffff', fill) >= contrast(dark, fill) ? '#ffffff' : dark;
};

/** Every pair of roles that carries text, with the least contrast it must have. */
export const TEXT_PAIRS: readonly (readonly [keyof Palette, keyof Palette, number])[] = [
  ['text', 'ground', 7],
  ['text', 'wash', 7],
  ['quiet', 'ground', 4.5],
  ['quiet', 'wash', 4.5],
  ['lead', 'ground', 4.5],
  ['lead', 'wash', 4.5],
  ['onLead', 'lead', 4.5],
  ['onAccent', 'accent', 4.5],
];

/** A day and a night palette from a lead hue and an accent hue (degrees, OKLCH). Text pairs meet `TEXT_PAIRS` by construction. */
export function palettes(leadHue: number, accentHue: number, richness = 1): { day: Palette; night: Palette } {
  const c = 0.085 * richness;
  const ground = lch(0.992, 0.004 * richness, leadHue);
  const wash = lch(0.953, 0.016 * richness, accentHue);
  const lead = readable(0.46, c, leadHue, -0.01, 4.6, [ground, wash, '#ffffff']);
  const accent = lch(0.74, 0.13 * richness, accentHue);
  const nightGround = lch(0.19, 0.018 * richness, leadHue);
  const nightWash = lch(0.245, 0.024 * richness, leadHue);
  const nightLead = readable(0.74, 0.09 * richness, leadHue, 0.01, 4.6, [nightGround, nightWash]);
  const nightAccent = lch(0.76, 0.12 * richness, accentHue);
  return {
    day: {
      ground,
      wash,
      text: lch(0.24, 0.028, leadHue),
      quiet: readable(0.5, 0.025, leadHue, -0.01, 4.6, [ground, wash]),
      line: lch(0.87, 0.018, leadHue),
      lead,
      onLead: inkOn(lead, leadHue),
      accent,
      onAccent: inkOn(accent, leadHue),
    },
    night: {
      ground: nightGround,
      wash: nightWash,
      text: lch(0.94, 0.01, leadHue),
      quiet: readable(0.7, 0.02, leadHue, 0.01, 4.6, [nightGround, nightWash]),
      line: lch(0.36, 0.025, leadHue),
      lead: nightLead,
      onLead: inkOn(nightLead, leadHue),
      accent: nightAccent,
      onAccent: inkOn(nightAccent, leadHue),
    },
  };
}
