import { createNoise2D } from 'simplex-noise';
import { seeded } from '../../ground/random.js';
import type { Pixels } from './retouch.js';

/** A surface before light falls on it, at a point of it in parts of its height. */
interface Surface {
  /** Height in parts of the picture’s height; what light sees. */
  height(x: number, y: number): number;
  /** Its own colour, 0 (dark) to 1 (pale) along the colours of the material. */
  colour(x: number, y: number): number;
  /** How it shines: strength and tightness of the highlight. */
  gloss: [strength: number, power: number];
  /** How strongly heights are seen. */
  relief: number;
}

type Noise = (x: number, y: number) => number;

/** Noise of several sizes, each half as strong and twice as fine (fractional Brownian motion), about −1 to 1. */
const layers = (noise: Noise, x: number, y: number, count: number): number => {
  let [sum, strength, size] = [0, 0.5, 1];
  for (let k = 0; k < count; k++) {
    sum += noise(x * size, y * size) * strength;
    strength /= 2;
    size *= 2;
  }
  return sum;
};
/** Noise with sharp crests, 0 to 1. */
const ridges = (noise: Noise, x: number, y: number, count: number): number => {
  let [sum, strength, size] = [0, 0.5, 1];
  for (let k = 0; k < count; k++) {
    sum += (1 - Math.abs(noise(x * size, y * size))) * strength;
    strength /= 2;
    size *= 2.1;
  }
  return sum;
};

/** Cells about scattered points (Worley): distance to the nearest and the next, and a number of the nearest’s own. */
function cells(seed: number, x: number, y: number): { near: number; next: number; own: number } {
  const [cx, cy] = [Math.floor(x), Math.floor(y)];
  let [near, next, own] = [9, 9, 0];
  for (let i = -1; i <= 1; i++)
    for (let j = -1; j <= 1; j++) {
      const h = hash(seed, cx + i, cy + j);
      const dx = cx + i + (h & 1023) / 1023 - x;
      const dy = cy + j + ((h >> 10) & 1023) / 1023 - y;
      const d = Math.sqrt(dx * dx + dy * dy);
      if (d < near) {
        next = near;
        near = d;
        own = ((h >> 20) & 1023) / 1023;
      } else if (d < next) next = d;
    }
  return { near, next, own };
}
function hash(seed: number, x: number, y: number): number {
  let h = Math.imul(x, 374761393) ^ Math.imul(y, 668265263) ^ Math.imul(seed, 1274126177);
  h = Math.imul(h ^ (h >>> 13), 1274126177);
  return (h ^ (h >>> 16)) >>> 0;
}
const step = (from: number, to: number, x: number): number => {
  const t = Math.min(1, Math.max(0, (x - from) / (to - from)));
  return t * t * (3 - 2 * t);
};

type Make = (noise: Noise, seed: number) => Surface;

/** How each material is made. The second name is its variety. */
const SURFACES: Record<string, Record<string, Make>> = {
  stone: {
    cut: (n) => ({
      height: (x, y) => layers(n, x * 3, y * 3, 7) * 0.05 + Math.max(0, n(x * 40, y * 40) - 0.55) * -0.02,
      colour: (x, y) => 0.5 + layers(n, x * 5 + 9, y * 5, 5) * 0.5 + n(x * 90, y * 90) * 0.12,
      gloss: [0.05, 8],
      relief: 1,
    }),
    wall: (n, seed) => {
      const at = (x: number, y: number) =>
        cells(seed, x * 4 + n(x * 3, y * 3) * 0.12, y * 7 + n(x * 3 + 5, y * 3) * 0.16);
      return {
        height: (x, y) => {
          const { near, next } = at(x, y);
          return step(0.02, 0.3, next - near) * 0.05 + layers(n, x * 12, y * 12, 4) * 0.012;
        },
        colour: (x, y) => {
          const { near, next, own } = at(x, y);
          return step(0, 0.16, next - near) * (0.4 + own * 0.42) + layers(n, x * 14, y * 14, 4) * 0.22 + 0.08;
        },
        gloss: [0.04, 6],
        relief: 1.2,
      };
    },
    cobbles: (n, seed) => {
      const at = (x: number, y: number) => cells(seed + 3, x * 7, y * 7);
      return {
        height: (x, y) => {
          const { near, next } = at(x, y);
          return (
            Math.sqrt(Math.max(0, 1 - near * near)) * step(0, 0.18, next - near) * 0.07 +
            layers(n, x * 22, y * 22, 3) * 0.004
          );
        },
        colour: (x, y) => {
          const { near, next, own } = at(x, y);
          return step(0, 0.12, next - near) * (0.32 + own * 0.5) + layers(n, x * 20, y * 20, 3) * 0.12;
        },
        gloss: [0.28, 24],
        relief: 1,
      };
    },
  },
  timber: {
    grain: (n) => {
      const ring = (x: number, y: number) => {
        const bend = layers(n, x * 0.7, y * 2.2, 3) * 0.28;
        return Math.sin((y + bend) * 46 + n(x * 2, y * 9) * 1.4);
      };
      return {
        height: (x, y) => ring(x, y) * 0.0025 + n(x * 9, y * 210) * 0.0018,
        colour: (x, y) => 0.52 + ring(x, y) * 0.2 + n(x * 5, y * 160) * 0.14 + n(x * 1.2, y * 3) * 0.14,
        gloss: [0.12, 14],
        relief: 1.2,
      };
    },
    boards: (n, seed) => {
      const board = (y: number) => Math.floor(y * 5);
      const ring = (x: number, y: number) => {
        const b = board(y);
        return Math.sin((y * 5 - b + layers(n, x * 0.8 + b * 7, y * 3, 3) * 0.5) * 15 + b);
      };
      const gap = (y: number) => {
        const t = y * 5 - board(y);
        return step(0, 0.035, t) * step(1, 0.965, t);
      };
      return {
        height: (x, y) => gap(y) * 0.03 + ring(x, y) * 0.002 + n(x * 9, y * 200) * 0.0015,
        colour: (x, y) =>
          gap(y) *
            (0.44 +
              ((hash(seed, board(y), 1) & 255) / 255 - 0.5) * 0.3 +
              ring(x, y) * 0.14 +
              n(x * 6, y * 150) * 0.12) +
          0.08,
        gloss: [0.08, 10],
        relief: 1,
      };
    },
    end: (n) => {
      const far = (x: number, y: number) => Math.hypot(x - 0.62, y - 0.46) + layers(n, x * 2, y * 2, 3) * 0.07;
      return {
        height: (x, y) => Math.sin(far(x, y) * 120) * 0.002 + n(x * 120, y * 120) * 0.001,
        colour: (x, y) => 0.56 + Math.sin(far(x, y) * 120) * 0.2 - far(x, y) * 0.16 + n(x * 60, y * 60) * 0.06,
        gloss: [0.05, 8],
        relief: 1,
      };
    },
  },
  linen: {
    plain: (n) => {
      const thread = (x: number, y: number) => {
        const [u, v] = [x * 74 + n(x * 3, y * 3) * 0.5, y * 74 + n(x * 3 + 7, y * 3) * 0.5];
        const over = (Math.floor(u) + Math.floor(v)) % 2 === 0;
        const across = Math.abs(Math.sin(Math.PI * v)) * (0.75 + n(x * 2, Math.floor(v) * 3.7) * 0.25);
        const along = Math.abs(Math.sin(Math.PI * u)) * (0.75 + n(Math.floor(u) * 3.7, y * 2) * 0.25);
        return over ? Math.max(across, along * 0.55) : Math.max(along, across * 0.55);
      };
      return {
        height: (x, y) => thread(x, y) * 0.006 + layers(n, x * 2, y * 2, 2) * 0.03,
        colour: (x, y) => 0.34 + thread(x, y) * 0.42 + n(x * 6, y * 6) * 0.07,
        gloss: [0.02, 4],
        relief: 1.1,
      };
    },
    folds: (n) => {
      const fold = (x: number, y: number) => {
        const along = x * 0.94 - y * 0.34 + layers(n, x * 0.8, y * 0.8, 2) * 0.24;
        return Math.abs(Math.sin(along * 9 + n(x * 0.7, y * 0.7))) ** 0.8 * 0.06 * (0.7 + n(x, y * 1.3) * 0.5);
      };
      return {
        height: (x, y) => fold(x, y) + n(x * 150, y * 150) * 0.0006,
        colour: (x, y) => 0.6 + fold(x, y) * 3 + n(x * 110, y * 110) * 0.03,
        gloss: [0.05, 5],
        relief: 0.7,
      };
    },
  },
  tin: {
    brushed: (n) => ({
      height: (x, y) => n(x * 2.5, y * 190) * 0.0022 + layers(n, x * 1.1, y * 1.1, 2) * 0.09,
      colour: (x, y) => 0.56 + n(x * 3, y * 260) * 0.1 + n(x * 1.4, y * 1.4) * 0.1,
      gloss: [0.55, 18],
      relief: 0.8,
    }),
    sheet: (n) => ({
      height: (x, y) => Math.sin(x * 52) * 0.016 + layers(n, x * 3, y * 3, 3) * 0.012,
      colour: (x, y) => 0.55 - step(0.1, 0.7, layers(n, x * 2.4, y * 6, 5)) * 0.45 + n(x * 40, y * 40) * 0.05,
      gloss: [0.5, 16],
      relief: 1,
    }),
    beaten: (n, seed) => ({
      height: (x, y) => {
        const { near } = cells(seed, x * 11, y * 11);
        return near * near * 0.03 + layers(n, x * 2, y * 2, 2) * 0.04;
      },
      colour: (x, y) => 0.52 + n(x * 3, y * 3) * 0.12 + cells(seed, x * 11, y * 11).own * 0.1,
      gloss: [0.7, 26],
      relief: 1,
    }),
  },
  water: {
    ripples: (n) => {
      const wave = (x: number, y: number) => {
        const depth = 1.5 + y * 4;
        const bend = n(x * depth * 0.6, y * depth * 1.6) * 0.5;
        return layers(n, x * depth * 1.5 + bend, y * depth * 5 + bend, 4);
      };
      return {
        height: (x, y) => wave(x, y) * 0.07,
        colour: (x, y) => 0.34 + wave(x, y) * 0.34 + (1 - y) * 0.22,
        gloss: [0.75, 30],
        relief: 0.8,
      };
    },
    shallows: (n) => {
      const net = (x: number, y: number) => {
        const [u, v] = [x * 3 + n(x * 2, y * 2) * 0.6, y * 3 + n(x * 2 + 8, y * 2) * 0.6];
        return Math.pow(ridges(n, u, v, 3) / 0.9, 6);
      };
      return {
        height: (x, y) => layers(n, x * 4, y * 4, 3) * 0.02,
        colour: (x, y) => 0.3 + Math.min(1, net(x, y)) * 0.55 + layers(n, x * 2, y * 2, 3) * 0.16,
        gloss: [0.2, 20],
        relief: 0.6,
      };
    },
  },
  paper: {
    laid: (n) => ({
      height: (x, y) => layers(n, x * 30, y * 30, 4) * 0.004 + Math.sin(y * 260) * 0.0006,
      colour: (x, y) => 0.8 + layers(n, x * 50, y * 50, 3) * 0.1 + Math.sin(y * 260) * 0.012 + n(x * 2, y * 2) * 0.04,
      gloss: [0, 1],
      relief: 1.1,
    }),
    creased: (n, seed) => {
      const facet = (x: number, y: number) => {
        const a = cells(seed, x * 2.6, y * 2.6);
        const b = cells(seed + 9, x * 5.2, y * 5.2);
        return (a.next - a.near) * 0.06 * (a.own - 0.2) + (b.next - b.near) * 0.025 * (b.own - 0.4);
      };
      return {
        height: (x, y) => facet(x, y) + layers(n, x * 40, y * 40, 3) * 0.0012,
        colour: (x, y) => 0.78 + facet(x, y) * 1.2 + layers(n, x * 60, y * 60, 2) * 0.06,
        gloss: [0.02, 6],
        relief: 1,
      };
    },
    torn: (n) => {
      const sheet = (x: number, y: number) => {
        let top = 0;
        for (let k = 1; k <= 4; k++) {
          const edge = k * 0.21 + layers(n, x * 2 + k * 5, k * 3, 3) * 0.1 + n(x * 60, k * 9) * 0.006;
          if (y > edge) top = k;
        }
        return top;
      };
      return {
        height: (x, y) => sheet(x, y) * -0.02 + layers(n, x * 30, y * 30, 3) * 0.003,
        colour: (x, y) => 0.94 - sheet(x, y) * 0.17 + layers(n, x * 50, y * 50, 2) * 0.07,
        gloss: [0, 1],
        relief: 0.9,
      };
    },
  },
  soil: {
    crumbs: (n, seed) => {
      const crumb = (x: number, y: number, size: number) => {
        const { near, own } = cells(seed + size, x * size + n(x * 9, y * 9) * 0.3, y * size);
        return Math.sqrt(Math.max(0, 0.7 - near)) * (0.4 + own);
      };
      return {
        height: (x, y) => crumb(x, y, 9) * 0.04 + crumb(x, y, 24) * 0.022 + crumb(x, y, 60) * 0.009,
        colour: (x, y) => 0.16 + crumb(x, y, 9) * 0.2 + crumb(x, y, 24) * 0.18 + layers(n, x * 8, y * 8, 3) * 0.16,
        gloss: [0.02, 5],
        relief: 1.1,
      };
    },
    furrows: (n, seed) => {
      const row = (x: number, y: number) => Math.sin((x + y * 0.22) * 26 + n(x * 2, y * 2) * 0.5);
      const crumb = (x: number, y: number) => {
        const { near, own } = cells(seed, x * 40, y * 40);
        return Math.sqrt(Math.max(0, 0.7 - near)) * own;
      };
      return {
        height: (x, y) => row(x, y) * 0.035 + crumb(x, y) * 0.016 + layers(n, x * 16, y * 16, 3) * 0.014,
        colour: (x, y) => 0.3 + row(x, y) * 0.12 + crumb(x, y) * 0.22 + layers(n, x * 9, y * 9, 3) * 0.14,
        gloss: [0.02, 5],
        relief: 1,
      };
    },
  },
  glaze: {
    run: (n, seed) => {
      // A wavy edge, and drops that ran further than the rest.
      const drops = Array.from({ length: 9 }, (_, k) => {
        const h = hash(seed, k, 5);
        return {
          at: (k + (h & 255) / 255) * 0.19,
          wide: 0.022 + ((h >> 8) & 255) / 9000,
          far: ((h >> 16) & 255) / 900,
        };
      });
      const edge = (x: number) =>
        0.56 +
        n(x * 1.6, 2) * 0.07 +
        drops.reduce((sum, d) => sum + d.far * Math.exp(-(((x - d.at) / d.wide) ** 2)), 0);
      const over = (x: number, y: number) => step(edge(x) + 0.012, edge(x) - 0.012, y);
      return {
        height: (x, y) =>
          over(x, y) * 0.018 +
          step(0.09, 0, Math.abs(y - edge(x) + 0.03)) * over(x, y) * 0.014 +
          layers(n, x * 2, y, 2) * 0.012,
        colour: (x, y) =>
          over(x, y) *
            (0.5 + layers(n, x * 6, y * 1.4, 4) * 0.42 + step(0.5, 0, y) * 0.12 - step(0.16, 0, edge(x) - y) * 0.16) +
          (1 - over(x, y)) * (0.93 + n(x * 90, y * 90) * 0.05 + n(x * 3, y * 30) * 0.04),
        gloss: [0.6, 46],
        relief: 0.9,
      };
    },
    crackle: (n, seed) => {
      const crack = (x: number, y: number) => {
        const { near, next } = cells(
          seed,
          x * 8 + layers(n, x * 3, y * 3, 2) * 0.6,
          y * 8 + layers(n, x * 3 + 4, y * 3, 2) * 0.6,
        );
        return step(0.035, 0, next - near);
      };
      return {
        height: (x, y) => layers(n, x * 1.2, y * 1.2, 2) * 0.03 - crack(x, y) * 0.002,
        colour: (x, y) => 0.66 + layers(n, x * 3, y * 3, 4) * 0.24 - crack(x, y) * 0.34,
        gloss: [0.6, 34],
        relief: 0.8,
      };
    },
    speckle: (n, seed) => ({
      height: (x, y) => layers(n, x * 1.2, y * 1.2, 2) * 0.04,
      colour: (x, y) => {
        const { near, own } = cells(seed, x * 26, y * 26);
        return 0.74 + layers(n, x * 2, y * 2, 3) * 0.18 - (own > 0.62 ? step(0.2 * own, 0.08, near) * 0.55 : 0);
      },
      gloss: [0.6, 34],
      relief: 0.8,
    }),
  },
};

/** The materials there are close-ups of, each with its varieties. */
export const MATERIALS: Record<string, readonly string[]> = Object.fromEntries(
  Object.entries(SURFACES).map(([material, varieties]) => [material, Object.keys(varieties)]),
);

/** A material in light, before it has its colours: for each point its own colour (0 to 1), the light on it and its shine. */
export interface Lit {
  width: number;
  height: number;
  own: Float32Array;
  light: Float32Array;
  shine: Float32Array;
}

/**
 * A close-up of a material: a surface made of noise, with light falling across it from the upper left. Repeatable: the
 * same seed gives the same surface.
 */
export function materialInLight(material: string, variety: string, seed: number, width: number, height: number): Lit {
  const random = seeded(seed);
  const surface = SURFACES[material]![variety]!(
    createNoise2D(() => random.next()),
    seed,
  );
  const angle = 2.1 + random.next() * 0.5;
  const sun = [Math.cos(angle) * 0.62, -Math.sin(angle) * 0.62, 0.78];
  // Half way between the light and the eye above the picture.
  const half = [sun[0]! / 1.89, sun[1]! / 1.89, (sun[2]! + 1) / 1.89];
  const heights = new Float32Array((width + 1) * (height + 1));
  for (let y = 0; y <= height; y++)
    for (let x = 0; x <= width; x++) heights[y * (width + 1) + x] = surface.height(x / height, y / height);
  const plane = () => new Float32Array(width * height);
  const lit: Lit = { width, height, own: plane(), light: plane(), shine: plane() };
  const [strength, power] = surface.gloss;
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const k = y * (width + 1) + x;
      const dx = (heights[k + 1]! - heights[k]!) * height * surface.relief;
      const dy = (heights[k + width + 1]! - heights[k]!) * height * surface.relief;
      const length = Math.sqrt(dx * dx + dy * dy + 1);
      const p = y * width + x;
      // Darker towards the corners.
      const edge = 1 - 0.32 * ((x / width - 0.5) ** 2 + (y / height - 0.5) ** 2);
      lit.own[p] = Math.min(0.9999, Math.max(0, surface.colour(x / height, y / height)));
      lit.light[p] = (0.24 + Math.max(0, (-dx * sun[0]! - dy * sun[1]! + sun[2]!) / length) * 0.98) * edge;
      lit.shine[p] = strength * 0.6 * edge * Math.max(0, (-dx * half[0]! - dy * half[1]! + half[2]!) / length) ** power;
    }
  return lit;
}

/** A material in colours from dark to pale (sRGB hex); light is mixed where it is linear. */
export function inColours({ width, height, own, light, shine }: Lit, colours: readonly string[]): Pixels {
  const ramp = colours.map((c) => [1, 3, 5].map((k) => (parseInt(c.slice(k, k + 2), 16) / 255) ** 2.2));
  const data = new Uint8ClampedArray(width * height * 4);
  for (let p = 0; p < own.length; p++) {
    const at = own[p]! * (ramp.length - 1);
    const [from, to, t] = [ramp[Math.floor(at)]!, ramp[Math.floor(at) + 1]!, at % 1];
    for (let c = 0; c < 3; c++) {
      const linear = (from[c]! + (to[c]! - from[c]!) * t) * light[p]! + shine[p]!;
      data[p * 4 + c] = Math.min(1, linear) ** (1 / 2.2) * 255;
    }
    data[p * 4 + 3] = 255;
  }
  return { data, width, height };
}
