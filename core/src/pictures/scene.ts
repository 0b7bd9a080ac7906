import { seeded } from '../generate/random.js';
import { between } from '../look/palette.js';
import type { Palette } from '../model/site.js';

/** Size of every scene, CSS px. */
export const SCENE = { width: 720, height: 540 } as const;
const { width: W, height: H } = SCENE;

interface Ink {
  sky: string;
  sun: string;
  far: string;
  mid: string;
  near: string;
  deep: string;
  pale: string;
  glow: string;
}

const n = (x: number) => String(Math.round(x * 10) / 10);
const path = (d: string, fill: string) => `<path d="${d}" fill="${fill}"/>`;
const rect = (x: number, y: number, w: number, h: number, fill: string, r = 0) =>
  `<rect x="${n(x)}" y="${n(y)}" width="${n(w)}" height="${n(h)}"${r ? ` rx="${r}"` : ''} fill="${fill}"/>`;
const disc = (x: number, y: number, r: number, fill: string) =>
  `<circle cx="${n(x)}" cy="${n(y)}" r="${n(r)}" fill="${fill}"/>`;
const ring = (x: number, y: number, r: number, stroke: string, width: number) =>
  `<circle cx="${n(x)}" cy="${n(y)}" r="${n(r)}" fill="none" stroke="${stroke}" stroke-width="${width}"/>`;
const stroke = (d: string, colour: string, width: number) =>
  `<path d="${d}" fill="none" stroke="${colour}" stroke-width="${width}" stroke-linecap="round" stroke-linejoin="round"/>`;

/** A band of hill or water across the whole scene, its upper edge a soft wave. */
function band(y: number, lift: number, phase: number, fill: string): string {
  const k = W / 3;
  const up = (m: number) => n(y + Math.sin(phase + m * 1.9) * lift);
  return path(
    `M0 ${up(0)}C${n(k * 0.5)} ${up(1)} ${n(k)} ${up(2)} ${n(k * 1.5)} ${up(3)}S${n(k * 2.5)} ${up(4)} ${W} ${up(5)}V${H}H0Z`,
    fill,
  );
}

type Draw = (ink: Ink, random: () => number) => string;

const scenes: Record<string, Draw> = {
  boat: (c, r) => {
    const x = 300 + r() * 90;
    return [
      disc(560 - r() * 60, 120 + r() * 40, 58, c.sun),
      band(300, 22, r() * 6, c.far),
      path(`M${n(x)} 86L${n(x - 108)} 330H${n(x)}Z`, c.glow),
      path(`M${n(x + 12)} 116L${n(x + 138)} 330H${n(x + 12)}Z`, c.pale),
      rect(x, 70, 9, 276, c.deep),
      path(`M${n(x - 150)} 344H${n(x + 176)}L${n(x + 128)} 408H${n(x - 96)}Z`, c.deep),
      path(`M${n(x - 150)} 344H${n(x + 176)}L${n(x + 166)} 358H${n(x - 138)}Z`, c.pale),
      band(398, 12, r() * 6, c.mid),
      band(462, 14, r() * 6, c.near),
    ].join('');
  },
  clock: (c, r) => {
    const ticks = Array.from({ length: 12 }, (_, k) => {
      const a = (k * Math.PI) / 6;
      const [s, o] = [Math.sin(a), -Math.cos(a)];
      const inner = k % 3 ? 138 : 126;
      return stroke(
        `M${n(360 + s * inner)} ${n(262 + o * inner)}L${n(360 + s * 152)} ${n(262 + o * 152)}`,
        c.deep,
        k % 3 ? 4 : 8,
      );
    });
    const hand = (turn: number, length: number, width: number) =>
      stroke(`M360 262L${n(360 + Math.sin(turn) * length)} ${n(262 - Math.cos(turn) * length)}`, c.deep, width);
    return [
      rect(0, 0, W, H, c.far),
      rect(118, 0, 484, H, c.near),
      rect(146, 0, 428, H, c.mid),
      path('M146 150C240 60 480 60 574 150V-10H146Z', c.near),
      disc(360, 262, 186, c.sun),
      disc(360, 262, 170, c.pale),
      ...ticks,
      hand((305 * Math.PI) / 180, 84, 10),
      hand((60 * Math.PI) / 180, 124, 7),
      disc(360, 262, 12, c.glow),
      rect(226, 478, 268, 62, c.deep),
      disc(360, 500 + r() * 10, 44, c.sun),
    ].join('');
  },
  pot: (c, r) => {
    const pot = (x: number, w: number, h: number, body: string, glaze: string) => {
      const y = 420;
      const k = w / 2;
      return (
        path(
          `M${n(x - k * 0.5)} ${n(y - h)}H${n(x + k * 0.5)}C${n(x + k * 0.6)} ${n(y - h * 0.82)} ${n(x + k)} ${n(y - h * 0.7)} ${n(x + k)} ${n(y - h * 0.4)}S${n(x + k * 0.66)} ${y} ${n(x + k * 0.5)} ${y}H${n(x - k * 0.5)}C${n(x - k * 0.66)} ${y} ${n(x - k)} ${n(y - h * 0.12)} ${n(x - k)} ${n(y - h * 0.4)}S${n(x - k * 0.6)} ${n(y - h * 0.82)} ${n(x - k * 0.5)} ${n(y - h)}Z`,
          body,
        ) +
        path(
          `M${n(x - k * 0.5)} ${n(y - h)}H${n(x + k * 0.5)}C${n(x + k * 0.6)} ${n(y - h * 0.82)} ${n(x + k)} ${n(y - h * 0.7)} ${n(x + k)} ${n(y - h * 0.42)}C${n(x + k * 0.4)} ${n(y - h * 0.28)} ${n(x - k * 0.2)} ${n(y - h * 0.56)} ${n(x - k)} ${n(y - h * 0.38)}C${n(x - k)} ${n(y - h * 0.7)} ${n(x - k * 0.6)} ${n(y - h * 0.82)} ${n(x - k * 0.5)} ${n(y - h)}Z`,
          glaze,
        ) +
        rect(x - k * 0.58, y - h - 10, k * 1.16, 14, body, 7)
      );
    };
    return [
      rect(0, 0, W, H, c.far),
      disc(150 + r() * 60, 120, 64, c.pale),
      pot(190, 190, 190, c.deep, c.sun),
      pot(388, 170, 300, c.near, c.pale),
      pot(566, 200, 140 + r() * 50, c.mid, c.glow),
      rect(0, 420, W, 26, c.deep),
      rect(0, 446, W, 94, c.near),
    ].join('');
  },
  bench: (c, r) => {
    const boards = Array.from({ length: 6 }, (_, k) =>
      rect(60 + k * 104, 60 + r() * 60, 84, 320, [c.mid, c.glow, c.near, c.pale, c.sun, c.mid][k]!, 3),
    );
    const curl = (x: number, y: number, s: number) =>
      stroke(
        `M${n(x)} ${n(y)}c${n(-30 * s)} ${n(-34 * s)} ${n(34 * s)} ${n(-58 * s)} ${n(34 * s)} ${n(-22 * s)}s${n(-36 * s)} ${n(18 * s)} ${n(-22 * s)} ${n(-10 * s)}`,
        c.pale,
        7,
      );
    return [
      rect(0, 0, W, H, c.far),
      ...boards,
      rect(0, 374, W, 44, c.deep),
      rect(0, 418, W, 122, c.near),
      path('M214 374V330C214 312 232 306 250 306H470C500 306 506 340 524 374Z', c.deep),
      path('M262 306C262 262 300 250 318 268C330 282 320 300 318 306Z', c.glow),
      disc(438, 290, 24, c.glow),
      path('M384 306L408 232L426 238L410 306Z', c.pale),
      curl(566, 372, 1.1),
      curl(632, 374, 0.8),
      curl(130, 372, 0.9),
    ].join('');
  },
  plot: (c, r) => {
    const rows = Array.from({ length: 5 }, (_, k) => {
      const [x, w] = [-60 + k * 176, 74];
      const bed = path(
        `M${n(360 + (x - 360) * 0.42)} 300L${n(360 + (x + w - 360) * 0.42)} 300L${x + w + 46} ${H}H${x - 30}Z`,
        k % 2 ? c.mid : c.near,
      );
      const leaves = Array.from({ length: 6 }, (_, m) => {
        const t = m / 5.2;
        const px = 360 + (x + w / 2 - 360) * (0.42 + t * 0.6);
        return disc(px, 308 + t * 206, 7 + t * 19, k % 2 ? c.glow : c.pale);
      });
      return bed + leaves.join('');
    });
    return [
      disc(170 + r() * 380, 110, 60, c.sun),
      band(240, 30, r() * 6, c.far),
      rect(0, 296, W, 244, c.deep),
      ...rows,
      rect(536, 196, 118, 104, c.near),
      path('M520 200L595 142L670 200Z', c.deep),
      rect(580, 236, 34, 64, c.sun),
    ].join('');
  },
  wheel: (c, r) => {
    const wheel = (x: number) => {
      const spokes = Array.from({ length: 10 }, (_, k) => {
        const a = (k * Math.PI) / 5 + r();
        return stroke(`M${x} 360L${n(x + Math.cos(a) * 98)} ${n(360 + Math.sin(a) * 98)}`, c.pale, 2);
      });
      return spokes.join('') + ring(x, 360, 104, c.deep, 13) + disc(x, 360, 11, c.deep);
    };
    return [
      disc(556, 116 + r() * 30, 56, c.sun),
      band(230, 16, r() * 6, c.far),
      rect(0, 272, W, 180, c.mid),
      ...Array.from({ length: 6 }, (_, k) => rect(k * 128 - 20 + r() * 20, 286 + (k % 2) * 62, 108, 46, c.near, 4)),
      rect(0, 452, W, 88, c.near),
      wheel(222),
      wheel(510),
      stroke('M222 360L314 224H460L376 360H222L300 236', c.glow, 13),
      stroke('M376 360L300 206', c.glow, 13),
      stroke('M510 360L452 196L492 180', c.glow, 13),
      stroke('M272 204H326', c.deep, 15),
      stroke('M492 180C520 180 524 204 506 210', c.deep, 10),
      disc(376, 360, 22, c.deep),
    ].join('');
  },
  seed: (c, r) => {
    const shoot = (x: number, h: number) => {
      const y = 408;
      const k = h * 0.34;
      return (
        stroke(
          `M${n(x)} ${y}C${n(x - 6)} ${n(y - h * 0.5)} ${n(x + 4)} ${n(y - h * 0.7)} ${n(x)} ${n(y - h)}`,
          c.deep,
          7,
        ) +
        path(
          `M${n(x)} ${n(y - h)}c${n(-k)} ${n(-k * 0.2)} ${n(-k * 1.3)} ${n(-k * 0.9)} ${n(-k * 1.5)} ${n(-k * 1.2)}c${n(k * 0.9)} ${n(-k * 0.1)} ${n(k * 1.5)} ${n(k * 0.3)} ${n(k * 1.5)} ${n(k * 1.2)}Z`,
          c.glow,
        ) +
        path(
          `M${n(x)} ${n(y - h)}c${n(k)} ${n(-k * 0.2)} ${n(k * 1.3)} ${n(-k * 0.9)} ${n(k * 1.5)} ${n(-k * 1.2)}c${n(-k * 0.9)} ${n(-k * 0.1)} ${n(-k * 1.5)} ${n(k * 0.3)} ${n(-k * 1.5)} ${n(k * 1.2)}Z`,
          c.mid,
        )
      );
    };
    return [
      disc(540 - r() * 380, 150, 72, c.sun),
      band(330, 18, r() * 6, c.far),
      ...Array.from({ length: 6 }, (_, k) => shoot(84 + k * 112, 110 + r() * 110)),
      band(412, 8, r() * 6, c.deep),
      band(476, 10, r() * 6, c.near),
      ...Array.from({ length: 14 }, () => disc(r() * W, 492 + r() * 40, 5, c.pale)),
    ].join('');
  },
  house: (c, r) => {
    const window = (x: number, y: number, lit: boolean) =>
      rect(x, y, 44, 62, lit ? c.sun : c.pale, 2) + rect(x + 20, y, 4, 62, c.deep);
    return [
      disc(140 + r() * 60, 120, 46, c.pale),
      band(330, 20, r() * 6, c.far),
      rect(120, 250, 130, 190, c.mid),
      path('M108 252L185 190L262 252Z', c.deep),
      rect(250, 150, 240, 290, c.near),
      path('M234 154L370 56L506 154Z', c.deep),
      rect(430, 66, 34, 70, c.deep),
      rect(490, 232, 150, 208, c.glow),
      path('M478 236L565 170L652 236Z', c.deep),
      window(286, 190, r() > 0.5),
      window(410, 190, true),
      window(286, 290, true),
      window(410, 290, r() > 0.5),
      window(160, 290, r() > 0.4),
      window(543, 280, r() > 0.4),
      rect(344, 350, 52, 90, c.deep, 3),
      disc(386, 398, 4, c.sun),
      band(444, 5, r() * 6, c.mid),
      band(486, 9, r() * 6, c.near),
    ].join('');
  },
  harbour: (c, r) =>
    [
      disc(500 + r() * 90, 150, 60, c.sun),
      band(270, 26, r() * 6, c.far),
      ...Array.from({ length: 7 }, (_, k) => {
        const [x, h] = [20 + k * 98, 70 + r() * 80];
        return (
          rect(x, 340 - h, 84, h + 20, [c.mid, c.pale, c.glow, c.near][k % 4]!) +
          path(`M${n(x - 8)} ${n(342 - h)}L${n(x + 42)} ${n(300 - h)}L${n(x + 92)} ${n(342 - h)}Z`, c.deep)
        );
      }),
      rect(0, 352, W, 26, c.deep),
      band(404, 10, r() * 6, c.mid),
      band(468, 12, r() * 6, c.near),
    ].join(''),
};

/** A made-up picture in the colours of a palette, as an SVG document. Repeatable by seed; an unknown scene draws the harbour. */
export function drawScene(name: string, palette: Palette, seed: number): string {
  const { lead, accent, wash } = palette;
  const ink: Ink = {
    sky: between(wash, lead, 0.07),
    sun: accent,
    far: between(wash, lead, 0.28),
    mid: between(wash, lead, 0.52),
    near: between(wash, lead, 0.78),
    deep: between(lead, '#10161a', 0.42),
    pale: between(palette.ground, accent, 0.1),
    glow: between(accent, lead, 0.22),
  };
  const draw = scenes[name] ?? scenes['harbour']!;
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${W} ${H}" width="${W}" height="${H}">${rect(0, 0, W, H, ink.sky)}${draw(ink, seeded(seed + 101).next)}</svg>\n`;
}

/** The favicon: the first letter of the name on the lead colour. */
export function drawFavicon(name: string, palette: Palette): string {
  const letter = [...name.trim().toUpperCase()].find((ch) => /[\p{L}\p{N}]/u.test(ch)) ?? '·';
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 32 32"><rect width="32" height="32" rx="6" fill="${palette.lead}"/><text x="16" y="23" font-family="Georgia, serif" font-size="20" font-weight="700" text-anchor="middle" fill="${palette.onLead}">${letter.replace(/[&<>]/g, '')}</text></svg>\n`;
}
