import { differenceEuclidean, filterDeficiencyDeuter, filterDeficiencyProt, filterDeficiencyTrit } from 'culori';
import { formatHex, oklch, rgb, toGamut, wcagContrast } from 'culori';
import type { ColourRole, Palette } from '../model/site.js';

const fit = toGamut('rgb', 'oklch');

/** An OKLCH colour (lightness 0–1, chroma, hue in degrees) as the nearest sRGB hex. */
export const lch = (l: number, c: number, h: number): string => formatHex(fit({ mode: 'oklch', l, c, h }))!;

/** Lightness, chroma and hue (OKLCH) of a hex colour; a grey has the hue 0. */
export function partsOf(hex: string): { l: number; c: number; h: number } {
  const { l, c, h } = oklch(hex)!;
  return { l, c, h: h ?? 0 };
}

/** WCAG 2.2 contrast ratio of two hex colours, 1 to 21. */
export const contrast = (a: string, b: string): number => wcagContrast(a, b);

/** A colour between two, in OKLCH; `share` 0 gives the first, 1 the second. */
export function between(a: string, b: string, share: number): string {
  const x = oklch(a)!;
  const y = oklch(b)!;
  const turn = (((y.h ?? x.h ?? 0) - (x.h ?? y.h ?? 0) + 540) % 360) - 180;
  return lch(x.l + (y.l - x.l) * share, x.c + (y.c - x.c) * share, (x.h ?? y.h ?? 0) + turn * share);
}

/** Every pair of roles that must be told apart, with the least contrast it must have: text 4.5 or more, controls 3. */
export const PAIRS: readonly (readonly [ColourRole, ColourRole, number])[] = [
  ['text', 'ground', 7],
  ['text', 'wash', 7],
  ['quiet', 'ground', 4.5],
  ['quiet', 'wash', 4.5],
  ['lead', 'ground', 4.5],
  ['lead', 'wash', 4.5],
  ['onLead', 'lead', 4.5],
  ['onAccent', 'accent', 4.5],
  ['onDeep', 'deep', 7],
  ['accent', 'deep', 3],
  ['edge', 'ground', 3],
  ['edge', 'wash', 3],
  ['good', 'ground', 4.5],
  ['good', 'wash', 4.5],
  ['warn', 'ground', 4.5],
  ['warn', 'wash', 4.5],
  ['bad', 'ground', 4.5],
  ['bad', 'wash', 4.5],
];

/** A pair of a palette that cannot be told apart well enough. */
export interface WeakPair {
  role: ColourRole;
  on: ColourRole;
  ratio: number;
  needed: number;
}

/** The pairs of a palette that fall short, worst first; none in a palette of ours. */
export const weakPairs = (palette: Palette): WeakPair[] =>
  PAIRS.map(([role, on, needed]) => ({ role, on, ratio: contrast(palette[role], palette[on]), needed }))
    .filter((p) => p.ratio < p.needed)
    .sort((a, b) => a.ratio / a.needed - b.ratio / b.needed);

/** The colour nearest in lightness to a wish that reads at `ratio` or better on every one of `grounds`; its hue stays. */
export function nearestReadable(wish: string, grounds: readonly string[], ratio: number): string {
  const works = (colour: string) => grounds.every((g) => contrast(colour, g) >= ratio);
  if (works(wish)) return wish;
  const { l, c, h } = partsOf(wish);
  for (let step = 0.005; step <= 1; step += 0.005)
    for (const way of [-step, step]) {
      const now = l + way;
      if (now < 0 || now > 1) continue;
      // What is pushed far towards black or white gives up its chroma as it goes.
      const colour = lch(now, c * (1 - Math.max(0, step - 0.3)), h);
      if (works(colour)) return colour;
    }
  return works('#000000') ? '#000000' : '#ffffff';
}

/** The better of near-black and near-white on a fill. */
function inkOn(fill: string, h: number): string {
  const dark = lch(0.19, 0.03, h);
  const light = lch(0.99, 0.006, h);
  const best = contrast(light, fill) >= contrast(dark, fill) ? light : dark;
  return contrast(best, fill) >= 4.5
    ? best
    : contrast('#ffffff', fill) >= contrast('#000000', fill)
      ? '#ffffff'
      : '#000000';
}

/** The colours a palette is made from: a few real ones. What is left out follows from the others. */
export interface Wishes {
  lead: string;
  accent: string;
  ground?: string;
  wash?: string;
  deep?: string;
  text?: string;
}
/** The roles a person can wish a colour for. */
export const WISHED = ['lead', 'accent', 'wash', 'ground', 'deep', 'text'] as const satisfies readonly ColourRole[];
export type WishedRole = (typeof WISHED)[number];

/** Colours for states, told apart by lightness as well as hue so that no kind of colour-blindness makes two one. */
function states(night: boolean, grounds: readonly string[]): Pick<Palette, 'good' | 'warn' | 'bad'> {
  const [good, warn, bad] = night
    ? [lch(0.88, 0.09, 195), lch(0.8, 0.13, 85), lch(0.72, 0.15, 22)]
    : [lch(0.5, 0.085, 205), lch(0.49, 0.1, 75), lch(0.37, 0.15, 24)];
  return {
    good: nearestReadable(good, grounds, 4.5),
    warn: nearestReadable(warn, grounds, 4.5),
    bad: nearestReadable(bad, grounds, 4.5),
  };
}

const distance = differenceEuclidean('oklab');
/** How far apart two colours look (OKLab, 0 alike to 1), to good sight and to each kind of colour-blindness: the least. */
export const leastDistance = (a: string, b: string): number =>
  Math.min(
    distance(a, b),
    ...[filterDeficiencyProt, filterDeficiencyDeuter, filterDeficiencyTrit].map((blind) => {
      const seen = (hex: string) => formatHex(blind(1)(rgb(hex)!))!;
      return distance(seen(a), seen(b));
    }),
  );
/** How far apart two colours look, OKLab. */
export const colourDistance = (a: string, b: string): number => distance(a, b);

/**
 * A palette for the day from a few wished colours: every pair of `PAIRS` holds by construction. A wish that cannot be
 * met is met by the nearest colour that can.
 */
function dayFrom(w: Wishes, richness: number): Palette {
  const { h: leadHue } = partsOf(w.lead);
  const accentParts = partsOf(w.accent);
  // A ground lies where nearly black reads at 8 : 1 or better, so that all else finds room.
  const paper = (wish: string, least: number) => {
    const { l, c, h } = partsOf(wish);
    return lch(Math.max(l, least), Math.min(c, 0.06), h);
  };
  const ground = paper(w.ground ?? lch(0.992, 0.004 * richness, leadHue), 0.9);
  const wash = paper(w.wash ?? lch(partsOf(ground).l - 0.04, 0.017 * richness, accentParts.h), 0.86);
  const both = [ground, wash];
  const text = nearestReadable(w.text ?? lch(0.24, 0.028, leadHue), both, 7);
  const lead = nearestReadable(w.lead, both, 4.5);
  const deep = deepFrom(w.deep ?? lch(0.3, Math.min(0.07, partsOf(w.lead).c * 0.8), leadHue));
  const accent = nearestReadable(w.accent, [deep], 3);
  return {
    ground,
    wash,
    deep,
    text,
    quiet: nearestReadable(lch(0.48, 0.025, leadHue), both, 4.5),
    line: between(wash, text, 0.13),
    edge: nearestReadable(lch(0.58, 0.03, leadHue), both, 3),
    lead,
    onLead: inkOn(lead, leadHue),
    accent,
    onAccent: inkOn(accent, accentParts.h),
    onDeep: nearestReadable(lch(0.97, 0.012, accentParts.h), [deep], 7),
    ...states(false, both),
  };
}
const deepFrom = (wish: string): string => {
  const { l, c, h } = partsOf(wish);
  return lch(Math.min(l, 0.42), c, h);
};

/** The night version of the same wishes: the same hues on dark grounds. */
function nightFrom(w: Wishes, richness: number): Palette {
  const lead = partsOf(w.lead);
  const accent = partsOf(w.accent);
  const tint = partsOf(w.ground ?? w.lead);
  const ground = lch(0.185, 0.016 * richness, tint.c > 0.004 ? tint.h : lead.h);
  const wash = lch(0.235, 0.022 * richness, lead.h);
  const both = [ground, wash];
  const nightLead = nearestReadable(lch(Math.max(lead.l, 0.74), Math.min(lead.c, 0.12), lead.h), both, 4.5);
  const deep = lch(0.3, Math.min(0.06, lead.c * 0.7), lead.h);
  const nightAccent = nearestReadable(lch(Math.max(accent.l, 0.7), Math.min(accent.c, 0.14), accent.h), [deep], 3);
  return {
    ground,
    wash,
    deep,
    text: nearestReadable(lch(0.94, 0.01, lead.h), both, 7),
    quiet: nearestReadable(lch(0.72, 0.02, lead.h), both, 4.5),
    line: lch(0.36, 0.025, lead.h),
    edge: nearestReadable(lch(0.55, 0.03, lead.h), both, 3),
    lead: nightLead,
    onLead: inkOn(nightLead, lead.h),
    accent: nightAccent,
    onAccent: inkOn(nightAccent, accent.h),
    onDeep: nearestReadable(lch(0.97, 0.012, accent.h), [deep], 7),
    ...states(true, both),
  };
}

/** A day and a night palette from a few wished colours. `richness` multiplies the chroma of what follows from them. */
export const palettesFrom = (wishes: Wishes, richness = 1): { day: Palette; night: Palette } => ({
  day: dayFrom(wishes, richness),
  night: nightFrom(wishes, richness),
});

/** Wishes from a lead hue and an accent hue (degrees, OKLCH). */
export const wishesOf = (leadHue: number, accentHue: number, richness = 1): Wishes => ({
  lead: lch(0.46, 0.085 * richness, leadHue),
  accent: lch(0.74, 0.13 * richness, accentHue),
});

/** What became of a wish for a role: the colour that was asked for where it works, and why not and the nearest where not. */
export interface Wish {
  wish: string;
  nearest: string;
  weak: WeakPair[];
}

/** Tries a colour for a role of a day palette: which pairs it would break, by how much, and the nearest that breaks none. */
export function tryWish(wishes: Wishes, role: WishedRole, wish: string, richness = 1): Wish {
  const made = dayFrom({ ...wishes, [role]: wish }, richness);
  const asked = { ...made, [role]: wish };
  return { wish, nearest: made[role], weak: made[role] === wish ? [] : weakPairs(asked) };
}

/** The wishes a day palette would have come from. */
export const wishesIn = (day: Palette): Required<Wishes> => ({
  lead: day.lead,
  accent: day.accent,
  ground: day.ground,
  wash: day.wash,
  deep: day.deep,
  text: day.text,
});
