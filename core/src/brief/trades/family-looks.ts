import type { Family } from '../../model/family.js';
import type { TradePack } from './pack.js';

/** Hues of lead and accent, OKLCH degrees, and the scene of trades that have none of their own. */
export const FAMILY_LOOKS: Record<Family, Pick<TradePack, 'hues' | 'scene'>> = {
  craft: {
    hues: [
      [50, 250],
      [25, 190],
      [85, 320],
    ],
    scene: 'bench',
  },
  repair: {
    hues: [
      [250, 60],
      [200, 35],
      [30, 230],
    ],
    scene: 'bench',
  },
  building: {
    hues: [
      [245, 55],
      [30, 210],
      [140, 45],
    ],
    scene: 'house',
  },
  land: {
    hues: [
      [140, 60],
      [115, 30],
      [160, 85],
    ],
    scene: 'plot',
  },
  food: {
    hues: [
      [30, 130],
      [85, 20],
      [10, 95],
    ],
    scene: 'plot',
  },
  shop: {
    hues: [
      [20, 200],
      [300, 80],
      [190, 40],
    ],
    scene: 'house',
  },
  stay: {
    hues: [
      [220, 70],
      [155, 40],
      [65, 240],
    ],
    scene: 'house',
  },
  club: {
    hues: [
      [260, 75],
      [150, 25],
      [15, 225],
    ],
    scene: 'harbour',
  },
  culture: {
    hues: [
      [285, 70],
      [25, 240],
      [200, 50],
    ],
    scene: 'harbour',
  },
  office: {
    hues: [
      [255, 190],
      [225, 65],
      [170, 265],
    ],
    scene: 'harbour',
  },
  person: {
    hues: [
      [175, 20],
      [330, 160],
      [210, 50],
    ],
    scene: 'house',
  },
  transport: {
    hues: [
      [230, 50],
      [200, 85],
      [260, 30],
    ],
    scene: 'harbour',
  },
};
