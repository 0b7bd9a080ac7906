import { metrics, type Metrics } from './metrics.js';

/** How a family is built. */
export const TYPE_CLASSES = ['serif', 'sans', 'slab', 'display', 'mono', 'hand'] as const;
export type TypeClass = (typeof TYPE_CLASSES)[number];
/** What a family says before a word is read. */
export type TypeMood = 'warm' | 'formal' | 'plain' | 'lively' | 'old' | 'modern' | 'craft' | 'strong';

/** A type family that ships with the product; `file` is the specifier of its Latin variable WOFF2 in its package. */
export interface Family extends Metrics {
  id: string;
  /** Its name in a stylesheet. */
  css: string;
  kind: TypeClass;
  moods: readonly TypeMood[];
  file: string;
  /** Weight used for headings. */
  weight: number;
  fallback: string;
}

const BUILT: Record<string, [kind: TypeClass, weight: number, moods: string]> = {
  'albert-sans': ['sans', 650, 'plain modern'],
  aleo: ['slab', 600, 'craft warm'],
  antonio: ['display', 600, 'strong modern lively'],
  archivo: ['sans', 700, 'strong modern plain'],
  'atkinson-hyperlegible-next': ['sans', 640, 'plain warm'],
  'big-shoulders-display': ['display', 700, 'strong craft lively'],
  bitter: ['slab', 640, 'craft warm'],
  'bricolage-grotesque': ['sans', 660, 'lively craft warm'],
  caveat: ['hand', 600, 'warm lively'],
  commissioner: ['sans', 620, 'plain modern'],
  'crimson-pro': ['serif', 550, 'formal old'],
  'dm-sans': ['sans', 600, 'modern plain warm'],
  'eb-garamond': ['serif', 500, 'formal old'],
  epilogue: ['sans', 680, 'modern strong'],
  'familjen-grotesk': ['sans', 620, 'lively modern'],
  figtree: ['sans', 640, 'warm plain modern'],
  fraunces: ['serif', 560, 'warm craft old lively'],
  gabarito: ['display', 650, 'lively warm'],
  gelasio: ['serif', 560, 'formal old warm'],
  'hanken-grotesk': ['sans', 640, 'plain modern'],
  'instrument-sans': ['sans', 620, 'modern plain'],
  inter: ['sans', 640, 'plain modern formal'],
  'jetbrains-mono': ['mono', 600, 'modern plain'],
  karla: ['sans', 650, 'warm lively plain'],
  'league-spartan': ['display', 640, 'strong modern'],
  'libre-baskerville': ['serif', 600, 'formal old'],
  literata: ['serif', 560, 'warm old formal'],
  manrope: ['sans', 680, 'modern plain'],
  mulish: ['sans', 680, 'plain warm'],
  newsreader: ['serif', 500, 'formal old plain'],
  'nunito-sans': ['sans', 680, 'warm plain'],
  onest: ['sans', 640, 'modern plain'],
  oswald: ['display', 550, 'strong craft'],
  outfit: ['sans', 580, 'modern lively'],
  piazzolla: ['serif', 620, 'craft lively old'],
  podkova: ['slab', 600, 'craft old warm'],
  'public-sans': ['sans', 660, 'plain formal'],
  'roboto-slab': ['slab', 560, 'strong plain craft'],
  rubik: ['sans', 600, 'warm lively'],
  'schibsted-grotesk': ['sans', 660, 'plain strong modern'],
  sora: ['sans', 600, 'modern lively'],
  'source-sans-3': ['sans', 640, 'plain formal'],
  'source-serif-4': ['serif', 560, 'formal plain old'],
  syne: ['display', 680, 'lively modern'],
  urbanist: ['sans', 640, 'modern warm'],
  'work-sans': ['sans', 600, 'plain craft'],
};
const FALLBACK: Record<TypeClass, string> = {
  serif: 'Georgia, serif',
  slab: 'Georgia, serif',
  sans: 'system-ui, sans-serif',
  display: 'system-ui, sans-serif',
  mono: 'ui-monospace, monospace',
  hand: 'cursive',
};

/** Every family that ships, by its id. */
export const families: Record<string, Family> = Object.fromEntries(
  Object.entries(BUILT).map(([id, [kind, weight, moods]]) => {
    const measured = metrics[id]!;
    return [
      id,
      {
        ...measured,
        id,
        css: measured.name,
        kind,
        weight: Math.min(Math.max(weight, measured.weights[0]), measured.weights[1]),
        moods: moods.split(' ') as TypeMood[],
        file: `@fontsource-variable/${id}/files/${id}-latin-wght-normal.woff2`,
        fallback: FALLBACK[kind],
      },
    ];
  }),
);

/** How well a family carries running text, 0 to 1: an open x-height, an even width, a stroke neither thin nor heavy. */
export function readability(f: Family): number {
  if (f.kind === 'hand' || f.kind === 'display') return 0;
  const near = (x: number, best: number, room: number) => Math.max(0, 1 - Math.abs(x - best) / room);
  const relative = f.xHeight / f.capHeight;
  const score =
    0.3 * near(relative, 0.72, 0.2) +
    0.3 * near(f.width / f.xHeight, 1, 0.28) +
    0.25 * near(f.stem / f.xHeight, 0.175, 0.08) +
    0.15 * near(f.contrast, 1.3, 1.6);
  return f.kind === 'mono' ? score * 0.45 : score;
}

/** How fit a family is for headings, 0 to 1. */
const presence = (f: Family): number =>
  f.kind === 'mono' ? 0.35 : f.kind === 'hand' ? 0.45 : 0.6 + 0.4 * Math.min(1, (f.weights[1] - 400) / 400);

/** Two families for a site, how well they go together (0 to 1) and why, in a line. */
export interface Pairing {
  heading: string;
  reading: string;
  score: number;
  why: string;
}

/** What is looked for in a pairing. */
export interface PairingWish {
  moods?: readonly TypeMood[];
  /** Language subtag the letters are needed for. */
  language?: string;
  heading?: string;
  reading?: string;
}

const shared = (a: readonly string[], b: readonly string[]) => a.filter((x) => b.includes(x)).length;

/**
 * Scores a heading and a reading family from what was measured of them. Two families go together where one sees at once
 * that they are two (class, contrast of stroke, width) and yet sit on a line as one (x-height, weight of stroke).
 */
export function scorePairing(heading: Family, reading: Family, moods: readonly TypeMood[] = []): Pairing {
  const sameFamily = heading.id === reading.id;
  const alike = Math.abs(heading.xHeight / heading.capHeight - reading.xHeight / reading.capHeight);
  const strokes = Math.abs(Math.log(heading.stem / reading.stem));
  const sight =
    (heading.kind === reading.kind ? 0 : 0.55) +
    Math.min(0.3, Math.abs(heading.contrast - reading.contrast) * 0.25) +
    Math.min(0.25, Math.abs(heading.width - reading.width) * 2.2);
  const apart = sameFamily ? 0.62 : Math.min(1, sight);
  const together = Math.max(0, 1 - alike * 3.2) * 0.6 + Math.max(0, 1 - strokes * 1.6) * 0.4;
  const mood = moods.length
    ? Math.min(1, (shared(heading.moods, moods) * 1.4 + shared(reading.moods, moods)) / (moods.length + 0.8))
    : 0.6;
  const score = 0.26 * apart + 0.2 * together + 0.26 * readability(reading) + 0.08 * presence(heading) + 0.2 * mood;
  const why = sameFamily
    ? `one family for both: weight and size alone make the difference`
    : `${
        heading.kind === reading.kind
          ? `both ${heading.kind}, told apart by ${Math.abs(heading.contrast - reading.contrast) > 0.5 ? 'stroke' : 'width'}`
          : `${heading.kind} over ${reading.kind}`
      }; x-heights ${alike < 0.05 ? 'meet' : alike < 0.1 ? 'are close' : 'differ'}, strokes ${strokes < 0.12 ? 'match' : 'differ a little'}`;
  return { heading: heading.id, reading: reading.id, score: Math.round(score * 1000) / 1000, why };
}

/** Pairings ranked, best first: with one of the two given, the best partners for it; letters of the language are a must. */
export function rankPairings(wish: PairingWish = {}): Pairing[] {
  const able = Object.values(families).filter((f) => !wish.language || f.languages.includes(wish.language));
  const headings = able.filter((f) => !wish.heading || f.id === wish.heading);
  const readings = able.filter((f) => (wish.reading ? f.id === wish.reading : readability(f) > 0.45));
  return headings
    .flatMap((h) =>
      readings
        // Two that one cannot tell apart are a mistake, not a pairing.
        .filter((r) => h === r || h.kind !== r.kind || Math.abs(h.contrast - r.contrast) > 0.5 || h.kind === 'display')
        .filter((r) => h !== r || h.kind === 'sans')
        .map((r) => scorePairing(h, r, wish.moods)),
    )
    .sort((a, b) => b.score - a.score);
}

/** How far apart two families look, 0 to 1. */
export function familyDistance(a: string, b: string): number {
  if (a === b) return 0;
  const x = families[a]!;
  const y = families[b]!;
  return Math.min(
    1,
    0.18 +
      (x.kind === y.kind ? 0 : 0.5) +
      Math.min(0.2, Math.abs(x.width - y.width)) +
      Math.min(0.2, Math.abs(x.contrast - y.contrast) * 0.15) +
      Math.min(0.15, Math.abs(x.xHeight - y.xHeight)),
  );
}
