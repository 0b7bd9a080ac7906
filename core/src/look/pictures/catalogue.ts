import type { Finishes, Format, Palette, Recipe } from '../../model/site.js';
import { drawRecipe, sayPicture } from './draw.js';
import { MATERIALS } from './materials.js';
import { INKS, inksOf, paleForm, type Mood } from './pen.js';
import { settings as places } from './settings.js';
import { subjects } from './subjects.js';

/** One picture of the kit, as a library lists it. */
export interface Listed {
  id: string;
  title: string;
  group: string;
  /** Words it is found by besides its title. */
  tags: string[];
  style: Finishes['pictures'] | 'material';
  format: Format;
  width: number;
  height: number;
}
/** A drawing as SVG with its colours by what they stand for, or the recipe of a material’s close-up. */
export type Drawing = Listed & { svg: string; inks: Record<string, string> };
export type CloseUp = Listed & { colours: readonly string[] };
/** A surface that close-ups in several colours are made from. */
export interface Surfaced {
  material: string;
  variety: string;
  seed: number;
  width: number;
  height: number;
  closeUps: CloseUp[];
}

/** The colours the kit’s drawings come in. */
const KIT: Palette = {
  ground: '#fbf7ee',
  wash: '#e9e2d0',
  deep: '#1f3a44',
  text: '#1d2a2e',
  quiet: '#4f5d60',
  line: '#cfc7b4',
  edge: '#73807f',
  lead: '#2c6674',
  onLead: '#ffffff',
  accent: '#c8673a',
  onAccent: '#ffffff',
  onDeep: '#ffffff',
  good: '#2d6a4d',
  warn: '#8a5a00',
  bad: '#a32a22',
};

/** How each subject is shown: setting by its place in the subject’s list, style, format and mood. */
const VIEWS: readonly [setting: number, style: Finishes['pictures'], format: Format, mood: string][] = [
  [0, 'flat', 'wide', ''],
  [1, 'cut', 'wide', ''],
  [0, 'dusk', 'wide', 'evening'],
  [0, 'line', 'square', ''],
  [1, 'grain', 'tall', ''],
  [0, 'flat', 'tall', 'mist'],
  [1, 'line', 'wide', ''],
];

/** What was looked at and found weak: too little in it, or cut by its frame. */
const WEAK = new Set([
  'net-flat-wide',
  'net-flat-tall',
  'net-cut-wide',
  'saw-flat-wide',
  'saw-flat-tall',
  'tap-flat-tall',
  'window-flat-tall',
  'tree-flat-tall',
]);

const GROUPS: Record<string, string> = {
  places: 'places',
  work: 'work',
  tools: 'tools',
  materials: 'materials',
  hands: 'hands',
  nature: 'nature',
  rooms: 'rooms',
  goods: 'food and goods',
  weather: 'weather',
  abstract: 'abstract',
};
const FOOD = new Set(['cup', 'loaf', 'jar', 'bottle', 'apple', 'cabbage']);

const MOOD_WORDS: Record<string, string[]> = {
  evening: ['evening', 'dusk', 'sunset'],
  mist: ['mist', 'fog', 'morning'],
  night: ['night', 'dark'],
  '': [],
};

/** The words a subject answers to, in every language it knows, without what is only the stem of one. */
const wordsOf = (asked: RegExp): string[] =>
  asked.source
    .replace(/\\b|\(\?:[^)]*\)|\(\?<[^)]*\)/g, '')
    .split('|')
    .filter((w) => /^[\p{L} ]{3,}$/u.test(w));

/** Every drawing of the kit. Repeatable: the same each time. */
export function* drawings(): Generator<Drawing> {
  const names: Record<string, string> = {
    strata: 'Layers',
    arcs: 'Arcs',
    blocks: 'Blocks',
    drift: 'Scattered leaves',
    pebbles: 'Balanced pebbles',
    sails: 'Pennants',
  };
  for (const [subject, { settings, asked, group, whole }] of Object.entries(subjects))
    for (const [n, [at, style, format, mood]] of VIEWS.entries()) {
      const id = `${subject}-${style}-${format}`;
      if (WEAK.has(id)) continue;
      const setting = settings[at] ?? settings[0]!;
      const seed = n * 7 + 3;
      // Mist belongs under the sky.
      const weather = whole || (mood === 'mist' && !places[setting]?.outside) ? '' : mood;
      const recipe: Recipe = { subject, setting: whole ? '' : setting, mood: weather, style, format, seed };
      const said = names[subject] ?? sayPicture(recipe, 'en-GB');
      const { svg, width, height } = drawRecipe(recipe, KIT, style);
      yield {
        id,
        title: said,
        group: FOOD.has(subject) ? 'food and goods' : GROUPS[group]!,
        tags: [...new Set([subject, setting, ...wordsOf(asked), ...MOOD_WORDS[recipe.mood]!])],
        style,
        format,
        width,
        height,
        svg,
        inks: inksIn(svg, recipe.mood as Mood | ''),
      };
    }
}

/** Which of the colours in a drawing stands for which ink: in its mood, and in the pale form outlines are filled with. */
function inksIn(svg: string, mood: Mood | ''): Record<string, string> {
  const found: Record<string, string> = {};
  for (const m of [mood || 'morning', 'morning', 'noon', 'evening', 'mist', 'night'] as Mood[]) {
    const inks = inksOf(KIT, m);
    for (const ink of INKS)
      for (const [name, colour] of [
        [ink, inks[ink]],
        [`${ink}pale`, paleForm(inks, ink)],
      ] as const)
        if (!found[name] && svg.includes(colour)) found[name] = colour;
  }
  return found;
}

const COLOURS: Record<string, Record<string, readonly string[]>> = {
  stone: { grey: ['#45433f', '#96928a', '#d8d4ca'], sand: ['#5a4630', '#b3935f', '#e9d4a6'] },
  timber: { oak: ['#4a2a14', '#a8713c', '#e0b57c'], silver: ['#4a4741', '#99948a', '#d3cec2'] },
  linen: { natural: ['#85796a', '#cdc1ab', '#f0e8d8'], indigo: ['#152036', '#3d5680', '#a6b6d0'] },
  tin: { bright: ['#3a4247', '#8d989e', '#dde3e5'], rust: ['#3a1f14', '#8a4f30', '#cfae94'] },
  water: { sea: ['#0c2c37', '#2d6a7a', '#aed0d3'], peat: ['#170f08', '#5a3d1f', '#c29b62'] },
  paper: { cream: ['#b7a98f', '#e7dcc6', '#fcf8ef'], blue: ['#5d7286', '#a9bccb', '#e4ecf1'] },
  soil: { brown: ['#1e130c', '#50362a', '#937356'], red: ['#2a0f08', '#7a3a20', '#bd8058'] },
  glaze: { sea: ['#16303a', '#3c7a85', '#dfe8da'], ochre: ['#3a2208', '#b3741e', '#f3e2b8'] },
};
const MATERIAL_WORDS: Record<string, string[]> = {
  stone: ['rock', 'mason', 'granite', 'slate', 'piedra', 'pierre', 'stein'],
  timber: ['wood', 'oak', 'joinery', 'board', 'madera', 'bois', 'holz'],
  linen: ['cloth', 'fabric', 'textile', 'weave', 'lino', 'lin', 'leinen'],
  tin: ['metal', 'steel', 'iron', 'sheet', 'metal', 'métal', 'blech'],
  water: ['sea', 'wet', 'river', 'agua', 'eau', 'wasser'],
  paper: ['page', 'print', 'stationery', 'papel', 'papier'],
  soil: ['earth', 'ground', 'garden', 'tierra', 'terre', 'erde'],
  glaze: ['pottery', 'ceramic', 'enamel', 'esmalte', 'émail', 'glasur'],
};
const VARIETY_NAMES: Record<string, string> = {
  cut: 'Cut stone',
  wall: 'A stone wall',
  cobbles: 'Cobbles',
  grain: 'The grain of timber',
  boards: 'Boards',
  end: 'The end of a trunk',
  plain: 'Linen, plainly woven',
  folds: 'Linen in folds',
  brushed: 'Brushed tin',
  sheet: 'Corrugated sheet',
  beaten: 'Beaten tin',
  ripples: 'Ripples on water',
  shallows: 'Light in shallow water',
  laid: 'Laid paper',
  creased: 'Creased paper',
  torn: 'Torn paper',
  crumbs: 'Crumbs of soil',
  furrows: 'Furrows',
  run: 'A glaze that ran',
  crackle: 'A crackled glaze',
  speckle: 'A speckled glaze',
};

/** Every surface there are close-ups of, each in its colours. */
export function* surfaces(): Generator<Surfaced> {
  let seed = 11;
  for (const [material, varieties] of Object.entries(MATERIALS))
    for (const variety of varieties) {
      seed += 13;
      const [width, height] = seed % 3 === 0 ? [900, 900] : [1080, 720];
      const listed = (hue: string, colours: readonly string[]): CloseUp => ({
        id: `${material}-${variety}-${hue}`,
        title: `${VARIETY_NAMES[variety]!}, ${hue}`,
        group: 'textures',
        tags: [...new Set([material, variety, hue, 'texture', 'background', 'close-up', ...MATERIAL_WORDS[material]!])],
        style: 'material',
        format: width === height ? 'square' : 'wide',
        width,
        height,
        colours,
      });
      const closeUps = Object.entries(COLOURS[material]!).map(([hue, colours]) => listed(hue, colours));
      yield { material, variety, seed, width, height, closeUps };
    }
}
