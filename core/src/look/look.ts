import { seeded } from '../generate/random.js';
import type { Look } from '../model/site.js';
import type { TradePack } from '../trades/pack.js';
import { palettes } from './palette.js';
import { pairings } from './type.js';

const NAMES = [
  'Slipway',
  'Lantern',
  'Saltgrass',
  'Chandler',
  'Limewash',
  'Tideline',
  'Hawser',
  'Gorse',
  'Ropewalk',
  'Shingle',
];

/** Hues of colour words in OKLCH degrees, by how the word begins in the languages briefs come in. */
const HUES: [RegExp, number][] = [
  [/navy|marin/, 262],
  [/turquoise|teal|türkis/, 195],
  [/indigo/, 280],
  [/blue|blau|bleu|azul|sky|royal/, 248],
  [/olive|moss|sage/, 120],
  [/green|grün|vert|verde/, 152],
  [/terracotta|terracota|terre|rust|brick|copper/, 42],
  [/burgundy|maroon|red|rot|rouge|roj/, 25],
  [/orange|naranja|coral/, 55],
  [/mustard|yellow|gelb|jaune|amarill|gold|brass|dorad|doré/, 90],
  [/ochre|ocker|ocre|sand|beige|cream|crème|creme|crema|ivory/, 80],
  [/brown|braun|brun|marrón|marron/, 60],
  [/violet|purple|violett|morad|lavender/, 305],
  [/pink|rosa|rose/, 355],
];

/** The hues that colour words name, in their order; words that name no hue, as grey and white, give none. */
export const huesOf = (colours: readonly string[]): number[] =>
  colours.flatMap((word) => HUES.find(([pattern]) => pattern.test(word.toLowerCase()))?.[1] ?? []);

/** A look for a trade and the colours a client has asked for: the same pack and seed always give the same look. */
export function drawLook(pack: TradePack, seed: number, colours: readonly string[] = []): Look {
  const random = seeded(seed * 7919 + 17);
  const [packLead, packAccent] = random.pick(pack.hues);
  const [leadHue = packLead, accentHue = packAccent] = huesOf(colours);
  const [heading, reading] = random.pick(pairings);
  const shift = (random.next() - 0.5) * 16;
  return {
    name: random.pick(NAMES),
    ...palettes(leadHue + shift, accentHue + shift / 2, 0.8 + random.next() * 0.45),
    heading: heading!,
    reading: reading!,
    corner: random.pick([0, 2, 4, 10]),
    density: random.pick([0.9, 1, 1.12]),
    scene: pack.scene,
    seed,
  };
}
