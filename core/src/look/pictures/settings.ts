import type { Ink, Pen, Point } from './pen.js';

/** Where a picture is set. Draws all that lies behind, and says where things stand. */
export interface Setting {
  asked: RegExp;
  /** True under the sky, where weather and time of day are seen. */
  outside: boolean;
  /** Draws into `w` by `h` (heights up from the lower edge) and gives the height things stand at. */
  behind(p: Pen, w: number, h: number): number;
  /** What lies before the things. */
  before?(p: Pen, w: number, h: number, ground: number): void;
}

/** A rolling edge across the picture, filled to its foot. */
function hills(p: Pen, ink: Ink, w: number, y: number, lift: number): void {
  const points: Point[] = [];
  const phase = p.between(0, 6);
  for (let k = 0; k <= 6; k++) points.push([(k / 6) * w * 1.04 - w * 0.02, y + Math.sin(phase + k * 1.7) * lift]);
  p.blob(ink, [-60, -60], [-60, y], ...points, [w + 60, y], [w + 60, -60]);
}
function clouds(p: Pen, w: number, h: number): void {
  for (let k = 0; k < 2; k++) {
    const [x, y] = [p.between(0.1, 0.9) * w, p.between(0.74, 0.92) * h];
    const s = w * 0.045;
    p.blob(
      'pale',
      [x - s * 2, y],
      [x - s, y + s * 0.7],
      [x, y + s * 0.6],
      [x + s * 0.9, y + s * 1.1],
      [x + s * 2, y + s * 0.3],
      [x + s * 2.4, y],
      [x, y - s * 0.1],
    );
  }
}
const sun = (p: Pen, w: number, h: number, y = 0.74) =>
  p.oval('sun', p.between(0.16, 0.84) * w, p.between(y - 0.06, y + 0.08) * h, Math.min(w, h) * p.between(0.08, 0.12));
function boards(p: Pen, ink: Ink, gap: Ink, w: number, y: number, h: number, count: number): void {
  p.box(ink, 0, y, w, h);
  for (let k = 1; k < count; k++)
    p.stroke(gap, 2, [
      [(k / count) * w, y],
      [(k / count) * w, y + h],
    ]);
}
/** A window in a wall with light falling through it. */
function light(p: Pen, x: number, y: number, w: number, h: number): void {
  p.box('pale', x - 10, y - 10, w + 20, h + 20).box('sun', x, y, w, h);
  p.box('pale', x + w / 2 - 4, y, 8, h)
    .box('pale', x, y + h / 2 - 4, w, 8)
    .box('near', x - 18, y - 20, w + 36, 12);
}

export const settings: Record<string, Setting> = {
  bay: {
    asked: /bay|sea|water|coast|afloat|meer|mer\b|mar\b|bahía/i,
    outside: true,
    behind: (p, w, h) => {
      sun(p, w, h);
      clouds(p, w, h);
      hills(p, 'far', w, h * 0.44, h * 0.04);
      hills(p, 'mid', w, h * 0.32, h * 0.012);
      return h * 0.24;
    },
    before: (p, w, h) => {
      hills(p, 'near', w, h * 0.2, h * 0.012);
      for (let k = 0; k < 5; k++) {
        const x = p.between(0.05, 0.85) * w;
        const y = p.between(0.05, 0.16) * h;
        p.stroke(
          'mid',
          5,
          [
            [x, y],
            [x + w * 0.04, y + 5],
            [x + w * 0.09, y],
          ],
          true,
        );
      }
    },
  },
  harbour: {
    asked: /harbou?r|port\b|puerto|hafen|marina|dock/i,
    outside: true,
    behind: (p, w, h) => {
      sun(p, w, h, 0.82);
      hills(p, 'far', w, h * 0.5, h * 0.05);
      const count = Math.round(w / 105);
      for (let k = 0; k < count; k++) {
        const x = (k / count) * w;
        const wide = w / count;
        const tall = h * p.between(0.14, 0.26);
        const ink = (['pale', 'mid', 'glow', 'pale', 'warm'] as const)[Math.floor(p.between(0, 5))]!;
        p.box(ink, x, h * 0.34, wide * 0.94, tall).poly(
          'deep',
          [x - 4, h * 0.34 + tall],
          [x + wide * 0.47, h * 0.34 + tall + wide * 0.4],
          [x + wide * 0.98, h * 0.34 + tall],
        );
        p.box('far', x + wide * 0.18, h * 0.34 + tall * 0.5, wide * 0.18, tall * 0.26).box(
          'far',
          x + wide * 0.56,
          h * 0.34 + tall * 0.5,
          wide * 0.18,
          tall * 0.26,
        );
      }
      p.box('deep', 0, h * 0.3, w, h * 0.05);
      hills(p, 'mid', w, h * 0.28, h * 0.008);
      return h * 0.18;
    },
    before: (p, w, h) => hills(p, 'near', w, h * 0.15, h * 0.01),
  },
  quay: {
    asked: /quay|wharf|pier|slip|kai\b|quai|muelle/i,
    outside: true,
    behind: (p, w, h) => {
      sun(p, w, h);
      hills(p, 'far', w, h * 0.52, h * 0.03);
      p.box('mid', 0, h * 0.3, w, h * 0.17);
      for (let k = 0; k < 4; k++)
        p.stroke('far', 4, [
          [p.between(0, 0.8) * w, h * (0.34 + k * 0.03)],
          [p.between(0.2, 1) * w, h * (0.34 + k * 0.03)],
        ]);
      p.box('near', 0, 0, w, h * 0.31).box('pale', 0, h * 0.28, w, h * 0.03);
      for (let k = 0; k < 6; k++)
        p.stroke('deep', 3, [
          [(k / 6 + 0.04) * w, 0],
          [(k / 6 + 0.04) * w, h * 0.27],
        ]);
      return h * 0.2;
    },
  },
  shed: {
    asked: /shed|workshop|barn|studio|werkstatt|atelier|taller/i,
    outside: false,
    behind: (p, w, h) => {
      boards(p, 'mid', 'near', w, 0, h, 11);
      light(p, w * p.between(0.08, 0.2), h * 0.52, w * 0.24, h * 0.28);
      p.poly('sun', [w * 0.16, h * 0.5], [w * 0.38, h * 0.5], [w * 0.62, h * 0.18], [w * 0.3, h * 0.18]);
      p.box('near', 0, h * 0.8, w, h * 0.045).box('near', 0, 0, w, h * 0.19);
      for (let k = 0; k < 5; k++)
        p.box(
          (['warm', 'deep', 'glow', 'pale', 'deep'] as const)[k]!,
          w * (0.55 + k * 0.085),
          h * (0.8 - p.between(0.08, 0.2)),
          w * 0.025,
          h * 0.16,
          3,
        );
      return h * 0.12;
    },
  },
  bench: {
    asked: /bench|werkbank|établi|banco/i,
    outside: false,
    behind: (p, w, h) => {
      p.box('far', 0, 0, w, h);
      p.box('pale', w * 0.06, h * 0.5, w * 0.88, h * 0.4);
      for (let k = 0; k < 7; k++) {
        const x = w * (0.12 + k * 0.115);
        const long = h * p.between(0.12, 0.25);
        p.box((['mid', 'warm', 'near', 'glow'] as const)[k % 4]!, x, h * 0.82 - long, w * 0.022, long, 4).oval(
          'deep',
          x + w * 0.011,
          h * 0.84,
          6,
        );
      }
      p.box('warm', 0, h * 0.18, w, h * 0.1)
        .box('glow', 0, h * 0.26, w, h * 0.035)
        .box('near', 0, 0, w, h * 0.18);
      return h * 0.28;
    },
  },
  wall: {
    asked: /wall|mur\b|pared|wand/i,
    outside: false,
    behind: (p, w, h) => {
      boards(p, 'far', 'mid', w, 0, h, 8);
      p.box('pale', 0, h * 0.14, w, h * 0.02).box('mid', 0, 0, w, h * 0.14);
      return h * 0.16;
    },
  },
  room: {
    asked: /room|inside|home|zimmer|chambre|sala|wohn/i,
    outside: false,
    behind: (p, w, h) => {
      p.box('far', 0, 0, w, h);
      const left = p.random.next() < 0.5;
      light(p, left ? w * 0.1 : w * 0.66, h * 0.44, w * 0.24, h * 0.36);
      p.box('pale', 0, h * 0.2, w, h * 0.025).box('mid', 0, 0, w, h * 0.2);
      p.poly(
        'glow',
        [left ? w * 0.16 : w * 0.6, h * 0.18],
        [left ? w * 0.4 : w * 0.86, h * 0.18],
        [left ? w * 0.5 : w * 0.74, h * 0.02],
        [left ? w * 0.2 : w * 0.42, h * 0.02],
      );
      return h * 0.11;
    },
  },
  table: {
    asked: /table|tisch|mesa/i,
    outside: false,
    behind: (p, w, h) => {
      p.box('far', 0, 0, w, h);
      p.oval('pale', w * p.between(0.3, 0.7), h * 0.56, Math.min(w, h) * 0.34);
      p.box('warm', 0, 0, w, h * 0.24).box('glow', 0, h * 0.2, w, h * 0.05);
      p.poly('pale', [w * 0.12, h * 0.25], [w * 0.88, h * 0.25], [w * 0.97, h * 0.06], [w * 0.03, h * 0.06]);
      return h * 0.17;
    },
  },
  shelf: {
    asked: /shelf|regal|étagère|estante/i,
    outside: false,
    behind: (p, w, h) => {
      p.box('far', 0, 0, w, h);
      p.box('mid', 0, h * 0.84, w, h * 0.035);
      for (let k = 0; k < 8; k++) {
        const x = w * (0.05 + k * 0.12);
        p.turned(
          (['pale', 'mid', 'glow'] as const)[k % 3]!,
          x,
          [w * 0.018, h * 0.875],
          [w * 0.034, h * 0.9],
          [w * 0.024, h * 0.96],
          [w * 0.026, h * 1.01],
        );
      }
      p.box('near', 0, 0, w, h * 0.2).box('warm', 0, h * 0.18, w, h * 0.045);
      return h * 0.225;
    },
  },
  window: {
    asked: /sill|fenster|fenêtre|ventana/i,
    outside: false,
    behind: (p, w, h) => {
      p.box('mid', 0, 0, w, h)
        .box('pale', w * 0.1, h * 0.2, w * 0.8, h * 0.74)
        .box('sky', w * 0.13, h * 0.24, w * 0.74, h * 0.66);
      p.oval('sun', w * 0.68, h * 0.7, Math.min(w, h) * 0.1);
      p.blob(
        'far',
        [w * 0.13, h * 0.24],
        [w * 0.13, h * 0.42],
        [w * 0.34, h * 0.5],
        [w * 0.56, h * 0.4],
        [w * 0.87, h * 0.47],
        [w * 0.87, h * 0.24],
      );
      p.box('pale', w * 0.49, h * 0.24, w * 0.02, h * 0.66)
        .box('pale', 0, h * 0.16, w, h * 0.06)
        .box('near', 0, 0, w, h * 0.16);
      return h * 0.2;
    },
  },
  kitchen: {
    asked: /kitchen|küche|cuisine|cocina/i,
    outside: false,
    behind: (p, w, h) => {
      p.box('pale', 0, 0, w, h);
      const [columns, rows] = [12, 5];
      for (let c = 0; c < columns; c++)
        for (let r = 0; r < rows; r++)
          if ((c + r) % 2) p.box('far', (c / columns) * w + 3, h * (0.3 + r * 0.09) + 3, w / columns - 6, h * 0.09 - 6);
      p.box('near', 0, 0, w, h * 0.2).box('warm', 0, h * 0.2, w, h * 0.05);
      return h * 0.25;
    },
  },
  shop: {
    asked: /shop|store|laden|boutique|tienda|counter/i,
    outside: false,
    behind: (p, w, h) => {
      p.box('far', 0, 0, w, h);
      for (let r = 0; r < 2; r++) {
        const y = h * (0.46 + r * 0.24);
        p.box('near', 0, y, w, h * 0.022);
        for (let k = 0; k < 14; k++) {
          const tall = h * p.between(0.07, 0.15);
          p.box(
            (['mid', 'glow', 'pale', 'sun', 'warm'] as const)[Math.floor(p.between(0, 5))]!,
            w * (0.02 + k * 0.07),
            y + h * 0.022,
            w * 0.05,
            tall,
            5,
          );
        }
      }
      p.box('near', 0, 0, w, h * 0.24).box('warm', 0, h * 0.22, w, h * 0.05);
      return h * 0.27;
    },
  },
  street: {
    asked: /street|town|city|strasse|straße|rue|calle/i,
    outside: true,
    behind: (p, w, h) => {
      sun(p, w, h, 0.86);
      let x = -20;
      while (x < w) {
        const wide = w * p.between(0.16, 0.24);
        const tall = h * p.between(0.36, 0.58);
        const ink = (['far', 'mid', 'pale'] as const)[Math.floor(p.between(0, 3))]!;
        p.box(ink, x, h * 0.18, wide, tall).poly(
          'near',
          [x - 6, h * 0.18 + tall],
          [x + wide / 2, h * 0.18 + tall + wide * 0.34],
          [x + wide + 6, h * 0.18 + tall],
        );
        for (let k = 0; k < 4; k++)
          p.box(
            ink === 'pale' ? 'far' : 'pale',
            x + wide * (k % 2 ? 0.58 : 0.16),
            h * (0.26 + Math.floor(k / 2) * 0.17),
            wide * 0.24,
            h * 0.1,
          );
        x += wide;
      }
      p.box('pale', 0, h * 0.14, w, h * 0.05).box('near', 0, 0, w, h * 0.14);
      return h * 0.09;
    },
  },
  hill: {
    asked: /hill|country|field|land\b|colina|hügel|colline/i,
    outside: true,
    behind: (p, w, h) => {
      sun(p, w, h);
      clouds(p, w, h);
      hills(p, 'far', w, h * 0.44, h * 0.06);
      hills(p, 'mid', w, h * 0.32, h * 0.04);
      hills(p, 'near', w, h * 0.2, h * 0.02);
      return h * 0.19;
    },
  },
  bluff: {
    asked: /cliff|beach|dune|strand|plage|playa/i,
    outside: true,
    behind: (p, w, h) => {
      sun(p, w, h);
      clouds(p, w, h);
      p.box('mid', 0, 0, w, h * 0.42);
      for (let k = 0; k < 5; k++)
        p.stroke('far', 4, [
          [p.between(0, 0.7) * w, h * (0.28 + k * 0.025)],
          [p.between(0.3, 1) * w, h * (0.28 + k * 0.025)],
        ]);
      p.blob(
        'glow',
        [-40, -40],
        [-40, h * 0.26],
        [w * 0.3, h * 0.24],
        [w * 0.62, h * 0.16],
        [w + 40, h * 0.2],
        [w + 40, -40],
      );
      p.blob(
        'pale',
        [-40, -40],
        [-40, h * 0.12],
        [w * 0.4, h * 0.16],
        [w * 0.8, h * 0.08],
        [w + 40, h * 0.11],
        [w + 40, -40],
      );
      return h * 0.14;
    },
  },
  garden: {
    asked: /garden|garten|jardin|jardín|backyard/i,
    outside: true,
    behind: (p, w, h) => {
      sun(p, w, h, 0.84);
      hills(p, 'far', w, h * 0.54, h * 0.02);
      for (let k = 0; k < 9; k++) p.oval('mid', (k / 8) * w, h * p.between(0.4, 0.48), w * 0.09, h * 0.1);
      p.box('mid', -20, 0, w + 40, h * 0.42).box('near', 0, 0, w, h * 0.2);
      for (let k = 0; k < 12; k++)
        p.oval((['sun', 'glow', 'pale'] as const)[k % 3]!, p.between(0, 1) * w, h * p.between(0.22, 0.38), 8);
      return h * 0.12;
    },
    before: (p, w, h) => {
      for (let k = 0; k < 16; k++)
        p.leaf('deep', p.between(0, 1) * w, -10, h * p.between(0.06, 0.13), p.between(60, 120), 0.14);
    },
  },
  bed: {
    asked: /soil|bed\b|beet|parcel|plot/i,
    outside: true,
    behind: (p, w, h) => {
      sun(p, w, h);
      hills(p, 'far', w, h * 0.46, h * 0.03);
      hills(p, 'mid', w, h * 0.34, h * 0.02);
      p.box('warm', -10, 0, w + 20, h * 0.3);
      for (let k = 0; k < 5; k++)
        p.stroke('deep', 5, [
          [w * (0.5 + (k - 2) * 0.1), h * 0.29],
          [w * (0.5 + (k - 2) * 0.42), 0],
        ]);
      return h * 0.16;
    },
  },
  field: {
    asked: /field|farm|acre|champ|campo|feld/i,
    outside: true,
    behind: (p, w, h) => {
      sun(p, w, h);
      clouds(p, w, h);
      hills(p, 'far', w, h * 0.46, h * 0.05);
      hills(p, 'glow', w, h * 0.36, h * 0.02);
      hills(p, 'mid', w, h * 0.27, h * 0.02);
      for (let k = 0; k < 7; k++)
        p.stroke('near', 6, [
          [w * (0.5 + (k - 3) * 0.07), h * 0.27],
          [w * (0.5 + (k - 3) * 0.3), -10],
        ]);
      return h * 0.14;
    },
  },
  orchard: {
    asked: /orchard|verger|huerto|obstgarten/i,
    outside: true,
    behind: (p, w, h) => {
      sun(p, w, h, 0.84);
      hills(p, 'far', w, h * 0.42, h * 0.02);
      for (let k = 0; k < 5; k++) {
        const x = w * (0.06 + k * 0.22);
        p.box('warm', x - 7, h * 0.26, 14, h * 0.16).oval('mid', x, h * 0.5, w * 0.1, h * 0.13);
        for (let m = 0; m < 5; m++) p.oval('glow', x + p.between(-0.07, 0.07) * w, h * p.between(0.43, 0.57), 8);
      }
      p.box('near', 0, 0, w, h * 0.28);
      return h * 0.13;
    },
  },
  yard: {
    asked: /yard|hof\b|cour\b|patio/i,
    outside: true,
    behind: (p, w, h) => {
      sun(p, w, h, 0.86);
      boards(p, 'mid', 'far', w, h * 0.2, h * 0.42, 16);
      p.poly('near', [-10, h * 0.62], [w + 10, h * 0.62], [w + 10, h * 0.72], [w * 0.5, h * 0.8], [-10, h * 0.72]);
      p.box('deep', w * 0.1, h * 0.2, w * 0.26, h * 0.32).box('pale', 0, 0, w, h * 0.2);
      return h * 0.1;
    },
  },
  plain: {
    asked: /plain|abstract/i,
    outside: false,
    behind: (p, w, h) => {
      const side = p.random.next();
      p.box('far', 0, 0, w, h);
      if (side < 0.34) p.oval('pale', w / 2, h / 2, Math.min(w, h) * 0.44);
      else if (side < 0.67) p.box('glow', 0, 0, w * 0.5, h).box('pale', w * 0.5, 0, w * 0.5, h);
      else p.box('pale', w * 0.5 - h * 0.3, 0, h * 0.6, h * 0.86, h * 0.3);
      p.box('mid', 0, 0, w, h * 0.14);
      return h * 0.14;
    },
  },
};
