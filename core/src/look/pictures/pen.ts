import type { Random } from '../../ground/random.js';
import { between } from '../palette.js';
import type { Finishes, Palette } from '../../model/site.js';

/** Colours by what they do in a picture. */
export interface Inks {
  sky: string;
  sun: string;
  far: string;
  mid: string;
  near: string;
  deep: string;
  pale: string;
  glow: string;
  warm: string;
}
export type Ink = keyof Inks;
export const INKS: readonly Ink[] = ['sky', 'sun', 'far', 'mid', 'near', 'deep', 'pale', 'glow', 'warm'];

/** Times and weathers, and what they do to the colours. */
export const MOODS = ['morning', 'noon', 'evening', 'night', 'rain', 'mist', 'snow'] as const;
export type Mood = (typeof MOODS)[number];

/** The inks of a palette in a mood. */
export function inksOf(palette: Palette, mood: Mood): Inks {
  const { lead, accent, wash, ground, deep } = palette;
  const dark = between(deep, '#0c1114', 0.35);
  const day: Inks = {
    sky: between(wash, lead, 0.08),
    sun: between(accent, ground, 0.12),
    far: between(wash, lead, 0.26),
    mid: between(wash, lead, 0.5),
    near: between(wash, lead, 0.8),
    deep: between(lead, dark, 0.62),
    pale: between(ground, accent, 0.12),
    glow: between(accent, lead, 0.2),
    warm: between(accent, dark, 0.28),
  };
  const shift = (to: string, share: number, ...inks: Ink[]) =>
    ({ ...day, ...Object.fromEntries(inks.map((i) => [i, between(day[i], to, share)])) }) as Inks;
  switch (mood) {
    case 'evening':
      return {
        ...shift(accent, 0.22, 'sky', 'far'),
        sky: between(wash, accent, 0.34),
        sun: between(accent, '#ffffff', 0.25),
      };
    case 'night':
      return {
        ...shift(dark, 0.5, 'far', 'mid', 'near', 'glow', 'warm'),
        sky: between(deep, dark, 0.35),
        deep: between(dark, '#000000', 0.35),
        pale: between(day.pale, deep, 0.22),
        sun: between(ground, accent, 0.35),
      };
    case 'rain':
      return shift(between(lead, '#7d858a', 0.6), 0.3, 'sky', 'sun', 'pale', 'glow', 'far');
    case 'mist':
      return shift(between(ground, wash, 0.5), 0.4, 'far', 'mid', 'near', 'sun');
    case 'snow':
      return {
        ...shift('#ffffff', 0.4, 'far', 'mid'),
        sky: between(wash, lead, 0.2),
        near: between(ground, lead, 0.12),
        pale: '#ffffff',
      };
    case 'noon':
      return { ...day, sky: between(wash, lead, 0.14) };
    default:
      return day;
  }
}

/** The pale form of an ink, which drawings in outline are filled with. */
export const paleForm = (inks: Inks, ink: Ink): string => between(inks[ink], inks.pale, 0.62);

const n = (x: number) => String(Math.round(x * 10) / 10);
export type Point = readonly [x: number, y: number];

/** A smooth path through points (Catmull-Rom as cubic Béziers, SVG path data), closed or open. */
function smooth(points: readonly Point[], closed: boolean): string {
  const at = (k: number): Point =>
    closed ? points[(k + points.length) % points.length]! : points[Math.min(Math.max(k, 0), points.length - 1)]!;
  const last = closed ? points.length : points.length - 1;
  let d = `M${n(points[0]![0])} ${n(-points[0]![1])}`;
  for (let k = 0; k < last; k++) {
    const [a, b, c, e] = [at(k - 1), at(k), at(k + 1), at(k + 2)];
    d += `C${n(b[0] + (c[0] - a[0]) / 6)} ${n(-(b[1] + (c[1] - a[1]) / 6))} ${n(c[0] - (e[0] - b[0]) / 6)} ${n(-(c[1] - (e[1] - b[1]) / 6))} ${n(c[0])} ${n(-c[1])}`;
  }
  return closed ? `${d}Z` : d;
}

/**
 * Draws shapes as SVG in the inks of a picture and in one of the styles. Heights go up; things stand on 0.
 */
export class Pen {
  readonly out: string[] = [];
  /** What strokes are divided by where things are drawn larger. */
  private scale = 1;
  constructor(
    readonly inks: Inks,
    readonly style: Finishes['pictures'],
    readonly random: Random,
  ) {}

  /** A number between two, drawn by lot. */
  between(least: number, most: number): number {
    return least + this.random.next() * (most - least);
  }

  private fill(d: string, ink: Ink, flat = false): this {
    const colour = this.inks[ink];
    const edge = this.inks.deep;
    if (this.style === 'line' && !flat)
      this.out.push(
        `<path d="${d}" fill="${paleForm(this.inks, ink)}" stroke="${edge}" stroke-width="${n(4 / this.scale)}" stroke-linejoin="round"/>`,
      );
    else {
      if (this.style === 'cut' && !flat)
        this.out.push(
          `<path d="${d}" transform="translate(${n(5 / this.scale)} ${n(7 / this.scale)})" fill="${edge}" opacity=".2"/>`,
        );
      this.out.push(`<path d="${d}" fill="${colour}"/>`);
      if (this.style === 'grain' && !flat) this.out.push(`<path d="${d}" fill="url(#g)"/>`);
    }
    return this;
  }
  /** A shape with straight sides. */
  poly(ink: Ink, ...points: Point[]): this {
    return this.fill(`M${points.map(([x, y]) => `${n(x)} ${n(-y)}`).join('L')}Z`, ink);
  }
  /** A shape with a soft outline through its points. */
  blob(ink: Ink, ...points: Point[]): this {
    return this.fill(smooth(points, true), ink);
  }
  /** A box standing on `y`, its corners rounded by `r`. */
  box(ink: Ink, x: number, y: number, w: number, h: number, r = 0): this {
    const k = Math.min(r, w / 2, h / 2);
    const [l, t, right, bottom] = [x, -(y + h), x + w, -y];
    return this.fill(
      k
        ? `M${n(l + k)} ${n(t)}H${n(right - k)}Q${n(right)} ${n(t)} ${n(right)} ${n(t + k)}V${n(bottom - k)}Q${n(right)} ${n(bottom)} ${n(right - k)} ${n(bottom)}H${n(l + k)}Q${n(l)} ${n(bottom)} ${n(l)} ${n(bottom - k)}V${n(t + k)}Q${n(l)} ${n(t)} ${n(l + k)} ${n(t)}Z`
        : `M${n(l)} ${n(t)}H${n(right)}V${n(bottom)}H${n(l)}Z`,
      ink,
    );
  }
  oval(ink: Ink, x: number, y: number, rx: number, ry = rx): this {
    return this.fill(
      `M${n(x - rx)} ${n(-y)}a${n(rx)} ${n(ry)} 0 1 0 ${n(2 * rx)} 0a${n(rx)} ${n(ry)} 0 1 0 ${n(-2 * rx)} 0Z`,
      ink,
    );
  }
  /** A turned body: half its outline, from the foot up, as radius and height. */
  turned(ink: Ink, x: number, ...half: Point[]): this {
    const right = half.map(([r, y]): Point => [x + r, y]);
    const left = [...half].reverse().map(([r, y]): Point => [x - r, y]);
    const up = smooth(right, false);
    const down = smooth(left, false).replace(/^M/, 'L');
    return this.fill(`${up}${down}Z`, ink);
  }
  /** A stroke through points, straight or smooth. */
  stroke(ink: Ink, width: number, points: readonly Point[], soft = false): this {
    const d = soft ? smooth(points, false) : `M${points.map(([x, y]) => `${n(x)} ${n(-y)}`).join('L')}`;
    this.out.push(
      `<path d="${d}" fill="none" stroke="${this.inks[this.style === 'line' && ink !== 'pale' ? 'deep' : ink]}" stroke-width="${n(width)}" stroke-linecap="round" stroke-linejoin="round"/>`,
    );
    return this;
  }
  ring(ink: Ink, x: number, y: number, r: number, width: number): this {
    this.out.push(
      `<circle cx="${n(x)}" cy="${n(-y)}" r="${n(r)}" fill="none" stroke="${this.inks[ink]}" stroke-width="${n(width)}"/>`,
    );
    return this;
  }
  /** A leaf from a point, so long, towards an angle (degrees, 90 is up). */
  leaf(ink: Ink, x: number, y: number, length: number, angle: number, width = 0.32): this {
    const a = (angle * Math.PI) / 180;
    const [ux, uy] = [Math.cos(a), Math.sin(a)];
    const side = length * width;
    const tip: Point = [x + ux * length, y + uy * length];
    const mid = [x + ux * length * 0.45, y + uy * length * 0.45] as const;
    return this.fill(
      `M${n(x)} ${n(-y)}Q${n(mid[0] - uy * side)} ${n(-(mid[1] + ux * side))} ${n(tip[0])} ${n(-tip[1])}Q${n(mid[0] + uy * side)} ${n(-(mid[1] - ux * side))} ${n(x)} ${n(-y)}Z`,
      ink,
    );
  }
  /** Something drawn at a place, larger or smaller, perhaps turned or mirrored. */
  at(x: number, y: number, scale: number, draw: (pen: Pen) => void, turn = 0, mirrored = false): this {
    this.out.push(
      `<g transform="translate(${n(x)} ${n(-y)})${turn ? ` rotate(${n(turn)})` : ''} scale(${n(mirrored ? -scale * 100 : scale * 100)} ${n(scale * 100)}) scale(.01)">`,
    );
    const outer = this.scale;
    this.scale = outer * scale;
    draw(this);
    this.scale = outer;
    this.out.push('</g>');
    return this;
  }
}
