import type { Retouch } from '../../model/site.js';

/** A picture as it was brought. */
export const AS_IT_IS: Retouch = {
  turn: 0,
  straighten: 0,
  crop: [0, 0, 1, 1],
  light: 0,
  contrast: 0,
  warmth: 0,
  richness: 0,
  cutOut: 0,
  outline: 0,
  outlineColour: '#ffffff',
  shadow: 0,
  tint: null,
};

/** Pixels of a picture: red, green, blue and alpha of each, row by row, sRGB, not premultiplied. */
export interface Pixels {
  data: Uint8ClampedArray;
  width: number;
  height: number;
}

/** A rectangle in whole pixels. */
export interface Cut {
  left: number;
  top: number;
  width: number;
  height: number;
}

/**
 * The largest rectangle of a picture’s own proportions that lies wholly within it after it was turned by some degrees,
 * placed in the box that turning makes of it.
 */
export function withinTurned(width: number, height: number, degrees: number): Cut {
  const a = Math.abs((degrees * Math.PI) / 180);
  const [sin, cos] = [Math.sin(a), Math.cos(a)];
  const box = { width: width * cos + height * sin, height: width * sin + height * cos };
  const scale = Math.min(width / box.width, height / box.height);
  const [w, h] = [Math.max(1, Math.floor(width * scale) - 2), Math.max(1, Math.floor(height * scale) - 2)];
  return { left: Math.floor((box.width - w) / 2), top: Math.floor((box.height - h) / 2), width: w, height: h };
}

/** What a crop leaves of a picture, in whole pixels and never outside it. */
export function cropOf(width: number, height: number, [x, y, w, h]: Retouch['crop']): Cut {
  const left = Math.min(Math.round(x * width), width - 1);
  const top = Math.min(Math.round(y * height), height - 1);
  return {
    left,
    top,
    width: Math.max(1, Math.min(Math.round(w * width), width - left)),
    height: Math.max(1, Math.min(Math.round(h * height), height - top)),
  };
}

/** A crop of some proportion (width to height), as large as the picture allows, about a point of it. */
export function cropAbout(
  size: { width: number; height: number },
  proportion: number,
  [x, y]: readonly [number, number],
): Retouch['crop'] {
  const own = size.width / size.height;
  const [w, h] = own > proportion ? [proportion / own, 1] : [1, own / proportion];
  const at = (middle: number, share: number) => Math.min(Math.max(middle - share / 2, 0), 1 - share);
  return [at(x, w), at(y, h), w, h];
}

const rgb = (hex: string) => [1, 3, 5].map((k) => parseInt(hex.slice(k, k + 2), 16)) as [number, number, number];
const luma = (r: number, g: number, b: number) => 0.2126 * r + 0.7152 * g + 0.0722 * b;

/** By value of a channel, what light and contrast make of it: a power for light, an S for contrast; ends stay ends. */
function toneCurve(light: number, contrast: number): Uint8ClampedArray {
  const curve = new Uint8ClampedArray(256);
  for (let v = 0; v < 256; v++) {
    let x = (v / 255) ** (2 ** (-light * 1.2));
    const s = x * x * (3 - 2 * x);
    x = contrast >= 0 ? x + (s - x) * contrast * 1.2 : x + (0.5 - x) * -contrast * 0.6;
    curve[v] = x * 255;
  }
  return curve;
}

/** Light and colour put right, in place. */
function correct({ data }: Pixels, { light, contrast, warmth, richness, tint }: Retouch): void {
  const curve = toneCurve(light, contrast);
  const [warm, cold] = [2 ** (warmth * 0.35), 2 ** (-warmth * 0.35)];
  const rich = richness >= 0 ? 1 + richness * 0.9 : 1 + richness;
  const [dark, pale] = tint ? [rgb(tint[0]), rgb(tint[1])] : [null, null];
  for (let k = 0; k < data.length; k += 4) {
    let r = curve[Math.min(255, data[k]! * warm) | 0]!;
    let g = curve[data[k + 1]!]!;
    let b = curve[Math.min(255, data[k + 2]! * cold) | 0]!;
    const y = luma(r, g, b);
    if (dark && pale) {
      const share = y / 255;
      r = dark[0] + (pale[0] - dark[0]) * share;
      g = dark[1] + (pale[1] - dark[1]) * share;
      b = dark[2] + (pale[2] - dark[2]) * share;
    } else if (rich !== 1) {
      r = y + (r - y) * rich;
      g = y + (g - y) * rich;
      b = y + (b - y) * rich;
    }
    data[k] = r;
    data[k + 1] = g;
    data[k + 2] = b;
  }
}

/** What the edge of a picture is like: its middle colour, and how far most of it is from that, 0 to about 440. */
export function edgeOf({ data, width, height }: Pixels): { colour: [number, number, number]; spread: number } {
  const at: number[] = [];
  const step = Math.max(1, Math.round((width + height) / 400));
  for (let x = 0; x < width; x += step) at.push(x, (height - 1) * width + x);
  for (let y = 0; y < height; y += step) at.push(y * width, y * width + width - 1);
  const middle = (channel: number) => {
    const values = at.map((p) => data[p * 4 + channel]!).sort((a, b) => a - b);
    return values[values.length >> 1]!;
  };
  const colour: [number, number, number] = [middle(0), middle(1), middle(2)];
  const far = at.map((p) => distance(data, p * 4, colour)).sort((a, b) => a - b);
  return { colour, spread: far[Math.floor(far.length * 0.85)]! };
}

const distance = (data: Uint8ClampedArray, k: number, [r, g, b]: readonly [number, number, number]) =>
  Math.hypot(data[k]! - r, data[k + 1]! - g, data[k + 2]! - b);

/** True where a picture stands before a background plain enough to be taken out. */
export const hasPlainBackground = (pixels: Pixels): boolean => edgeOf(pixels).spread < 34;

/** A plane smoothed with a box of some pixels either way, twice: close to a soft brush. */
function soften(plane: Float32Array, width: number, height: number, radius: number): Float32Array {
  if (radius < 1) return plane;
  const pass = (from: Float32Array, lines: number, length: number, line: number, next: number) => {
    const to = new Float32Array(from.length);
    for (let l = 0; l < lines; l++) {
      let sum = 0;
      const start = l * line;
      const value = (k: number) => from[start + Math.min(Math.max(k, 0), length - 1) * next]!;
      for (let k = -radius; k <= radius; k++) sum += value(k);
      for (let k = 0; k < length; k++) {
        to[start + k * next] = sum / (2 * radius + 1);
        sum += value(k + radius + 1) - value(k - radius);
      }
    }
    return to;
  };
  let now = plane;
  for (let n = 0; n < 2; n++) {
    now = pass(now, height, width, width, 1);
    now = pass(now, width, height, 1, width);
  }
  return now;
}

/**
 * Takes the plain background out, in place: what is like the edge of the picture and hangs together with it becomes
 * clear, softly where it meets the thing. Things of the background’s colour inside the thing stay.
 */
function cutOut(pixels: Pixels, strength: number): void {
  const { data, width, height } = pixels;
  const { colour } = edgeOf(pixels);
  const reach = 14 + strength * 130;
  const outside = new Uint8Array(width * height);
  const queue = new Int32Array(width * height);
  let [head, tail] = [0, 0];
  const visit = (p: number) => {
    if (outside[p] || distance(data, p * 4, colour) > reach) return;
    outside[p] = 1;
    queue[tail++] = p;
  };
  for (let x = 0; x < width; x++) {
    visit(x);
    visit((height - 1) * width + x);
  }
  for (let y = 0; y < height; y++) {
    visit(y * width);
    visit(y * width + width - 1);
  }
  while (head < tail) {
    const p = queue[head++]!;
    const x = p % width;
    if (x > 0) visit(p - 1);
    if (x < width - 1) visit(p + 1);
    if (p >= width) visit(p - width);
    if (p < width * (height - 1)) visit(p + width);
  }
  const solid = soften(
    Float32Array.from(outside, (o) => 1 - o),
    width,
    height,
    1,
  );
  for (let p = 0; p < solid.length; p++) {
    // The half of the soft edge that lies in the background goes: no rim of its colour is left.
    const alpha = Math.min(1, Math.max(0, solid[p]! * 2 - 1));
    data[p * 4 + 3] = data[p * 4 + 3]! * (outside[p] ? 0 : Math.max(alpha, solid[p]! > 0.99 ? 1 : 0));
  }
}

/** The smallest box about all that is not clear; all of it where nothing is. */
function boxOf({ data, width, height }: Pixels): Cut {
  let [l, t, r, b] = [width, height, -1, -1];
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++)
      if (data[(y * width + x) * 4 + 3]! > 8) {
        l = Math.min(l, x);
        r = Math.max(r, x);
        t = Math.min(t, y);
        b = Math.max(b, y);
      }
  return r < 0 ? { left: 0, top: 0, width, height } : { left: l, top: t, width: r - l + 1, height: b - t + 1 };
}

/** What was cut out by itself, with room about it for its line and shadow, those drawn under it. */
function setOff(pixels: Pixels, { outline, outlineColour, shadow }: Retouch): Pixels {
  const box = boxOf(pixels);
  const short = Math.min(box.width, box.height);
  const line = Math.round(outline * short);
  const blur = shadow ? Math.max(2, Math.round(short * 0.03)) : 0;
  const room = line + blur * 3 + 4;
  const [width, height] = [box.width + room * 2, box.height + room * 2];
  const alpha = new Float32Array(width * height);
  for (let y = 0; y < box.height; y++)
    for (let x = 0; x < box.width; x++)
      alpha[(y + room) * width + x + room] = pixels.data[((y + box.top) * pixels.width + x + box.left) * 4 + 3]! / 255;
  const rim = line
    ? soften(alpha, width, height, Math.max(1, Math.round(line / 2))).map((a) => Math.min(1, a * 12))
    : alpha;
  const cast = blur ? soften(rim, width, height, blur) : null;
  const drop = blur;
  const [r, g, b] = rgb(outlineColour);
  const data = new Uint8ClampedArray(width * height * 4);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const p = y * width + x;
      const own = alpha[p]!;
      const [sx, sy] = [x - room + box.left, y - room + box.top];
      const k = (sy * pixels.width + sx) * 4;
      // From below: shadow, line, thing; each over what is under it (source-over).
      let [cr, cg, cb] = [0, 0, 0];
      let ca = cast && y >= drop ? cast[p - drop * width]! * shadow * 0.6 : 0;
      const over = (ar: number, ag: number, ab: number, aa: number) => {
        const out = aa + ca * (1 - aa);
        if (out <= 0) return;
        cr = (ar * aa + cr * ca * (1 - aa)) / out;
        cg = (ag * aa + cg * ca * (1 - aa)) / out;
        cb = (ab * aa + cb * ca * (1 - aa)) / out;
        ca = out;
      };
      if (line) over(r, g, b, rim[p]!);
      if (own) over(pixels.data[k]!, pixels.data[k + 1]!, pixels.data[k + 2]!, own);
      data.set([cr, cg, cb, ca * 255], p * 4);
    }
  return { data, width, height };
}

/** Everything of a retouch that is done to pixels: light and colour, the background, line and shadow. */
export function retouchPixels(pixels: Pixels, retouch: Retouch): Pixels {
  const { light, contrast, warmth, richness, tint } = retouch;
  // The background is found in the colours the camera saw.
  if (retouch.cutOut) cutOut(pixels, retouch.cutOut);
  if (light || contrast || warmth || richness || tint) correct(pixels, retouch);
  return retouch.cutOut ? setOff(pixels, retouch) : pixels;
}

/** True where a retouch changes pixels and not only which of them stay. */
export const changesPixels = (r: Retouch): boolean =>
  !!(r.light || r.contrast || r.warmth || r.richness || r.cutOut || r.tint);

/**
 * What would put the light and colour of a picture right: its middle brought to the middle, a narrow range stretched, a
 * cast of warm or cold taken half away. Small numbers: a picture that was meant to be dark stays rather dark.
 */
export function rightLight({ data }: Pixels): Pick<Retouch, 'light' | 'contrast' | 'warmth'> {
  const count = new Float64Array(256);
  let [red, blue] = [0, 0];
  for (let k = 0; k < data.length; k += 4) {
    const [r, g, b] = [data[k]!, data[k + 1]!, data[k + 2]!];
    count[Math.round(luma(r, g, b))]!++;
    red += r;
    blue += b;
  }
  const n = data.length / 4;
  const at = (share: number) => {
    let sum = 0;
    for (let v = 0; v < 256; v++) if ((sum += count[v]!) >= share * n) return v / 255;
    return 1;
  };
  const within = (x: number, most: number) => Math.round(Math.min(most, Math.max(-most, x)) * 100) / 100;
  const middle = Math.min(0.95, Math.max(0.05, at(0.5)));
  const range = at(0.98) - at(0.02);
  return {
    // The power that brings the middle to 0.46, two thirds of the way.
    light: within((-Math.log2(Math.log(0.46) / Math.log(middle)) / 1.2) * 0.66, 0.6),
    contrast: within((0.82 - range) * 1.1, 0.5),
    warmth: within((Math.log2((blue + 1) / (red + 1)) / 0.7) * 0.5, 0.4),
  };
}
