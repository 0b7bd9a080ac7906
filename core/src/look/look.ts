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

/** A look for a trade: the same pack and seed always give the same look. */
export function drawLook(pack: TradePack, seed: number): Look {
  const random = seeded(seed * 7919 + 17);
  const [leadHue, accentHue] = random.pick(pack.hues);
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
