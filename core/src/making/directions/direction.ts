import { readText } from '../../brief/reading/read-text.js';
import { seeded, shortHash } from '../../ground/random.js';
import { colourDistance, palettesFrom, partsOf, type Wishes } from '../../look/palette.js';
import { families, familyDistance, rankPairings, type Pairing, type TypeMood } from '../../look/type.js';
import { mixWishes, readColours } from '../../look/wishes.js';
import type { DirectionRef, Facts, Finishes, Look } from '../../model/site.js';
import type { TradePack } from '../../brief/trades/pack.js';
import { layoutFamilies, suits, type LayoutFamily } from './families.js';

/** How things are finished in a direction: the parts of a look that are neither colour nor type. */
export type Finish = Pick<
  Look,
  'density' | 'corner' | 'line' | 'button' | 'edge' | 'picture' | 'icon' | 'motion' | 'pictures'
> &
  Pick<Look, 'scale' | 'headingCase'>;

/** A whole proposal for a site. */
export interface Direction {
  ref: DirectionRef;
  name: string;
  /** Why, in a line. */
  why: string;
  family: LayoutFamily;
  /** Varies the compositions within the family. */
  seed: number;
  wishes: Wishes;
  richness: number;
  pairing: Pairing;
  finish: Finish;
}

const FIRST = [
  'Low',
  'Long',
  'Old',
  'Still',
  'Salt',
  'North',
  'High',
  'Green',
  'Bright',
  'Inner',
  'Lee',
  'Spring',
  'Fore',
  'Slack',
  'Clear',
  'Stone',
  'Early',
  'Tarred',
  'Oak',
  'Copper',
  'Reed',
  'Half',
  'Outer',
];
const SECOND = [
  'Tide',
  'Lantern',
  'Rope',
  'Water',
  'Shingle',
  'Light',
  'Meadow',
  'Slip',
  'Chandlery',
  'Harbour',
  'Ledger',
  'Loft',
  'Wall',
  'Orchard',
  'Reach',
  'Gate',
  'Sail',
  'Quay',
  'Bell',
  'Marsh',
  'Steps',
  'Kiln',
  'Ferry',
  'Weather',
  'Bench',
  'Hedge',
  'Mooring',
  'Window',
  'Lane',
];

/** The name of the n-th direction: two words, no pair twice in more than six hundred. */
const nameOf = (nth: number, shift: number): string =>
  `${FIRST[(nth * 7 + shift) % FIRST.length]} ${SECOND[(nth * 11 + shift) % SECOND.length]}`;

/** How many directions are drawn up together so that they can be held apart. */
const ROUND = layoutFamilies.length;
/** Candidates for colour, type and finish that each direction chooses from. */
const CANDIDATES = 4;

const TONE_MOODS: Record<string, readonly TypeMood[]> = {
  plain: ['plain'],
  warm: ['warm'],
  formal: ['formal'],
  lively: ['lively'],
};

function finishFrom(family: LayoutFamily, random: ReturnType<typeof seeded>): Finish {
  const { finish } = family;
  return {
    density: random.pick(finish.density),
    corner: random.pick(finish.corner),
    line: random.pick(finish.line),
    scale: random.pick(finish.scale),
    headingCase: random.pick(finish.headingCase),
    button: random.pick(finish.button),
    edge: random.pick(finish.edge),
    picture: random.pick(finish.picture),
    icon: random.pick(finish.icon),
    motion: random.pick(finish.motion),
    pictures: random.pick(finish.pictures),
  };
}

/** How far apart the colours of two proposals look, 0 to about 1. */
function wishDistance(a: Wishes, b: Wishes): number {
  const roles = [
    ['lead', 1],
    ['accent', 0.7],
    ['deep', 0.5],
    ['ground', 2],
    ['wash', 1],
  ] as const;
  return Math.min(
    1,
    roles.reduce((sum, [role, weight]) => sum + weight * colourDistance(a[role]!, b[role]!), 0),
  );
}

/** How far apart the layouts of two proposals are, by what their families like and how their sections follow. */
function layoutDistance(a: LayoutFamily, b: LayoutFamily): number {
  if (a === b) return 0;
  const traits = new Set([...Object.keys(a.likes), ...Object.keys(b.likes)]) as Set<keyof LayoutFamily['likes']>;
  let apart = 0;
  for (const t of traits) apart += Math.abs((a.likes[t] ?? 0) - (b.likes[t] ?? 0));
  const rhythm = a.rhythm.filter((g, n) => g !== b.rhythm[n]).length / a.rhythm.length;
  return Math.min(1, apart / 16) * 0.75 + rhythm * 0.25;
}

/** How far apart two directions are, 0 alike to 1: a third each for layout, colours and type. */
export function directionDistance(a: Direction, b: Direction): number {
  const type =
    0.65 * familyDistance(a.pairing.heading, b.pairing.heading) +
    0.35 * familyDistance(a.pairing.reading, b.pairing.reading);
  return (layoutDistance(a.family, b.family) + wishDistance(a.wishes, b.wishes) + type) / 3;
}

const CLAUSES = /[,;.!?\n]|(?<!\p{L})(?:but|aber|mais|pero|rather than|statt|plutôt que|en vez de)(?!\p{L})/iu;
const NOT = /(?<!\p{L})(?:no|not|never|nothing|without|too|kein\p{L}*|nicht|ohne|pas|sans|ni|nada|sin)(?!\p{L})/iu;
/** Words for how a site should look: those of the sheet, and what the client says of it, but for what it should not be. */
function lookWords(facts: Facts): string[] {
  const told = readText(facts.description).told.filter((t) => t.kind === 'style');
  const clauses = told.flatMap((t) => t.text.split(CLAUSES)).filter((c) => /\p{L}{3}/u.test(c) && !NOT.test(c));
  return [...facts.colours, ...facts.style, ...clauses.map((c) => c.trim())];
}

/** What directions are drawn from: only these facts change their order, their layouts and their type. */
const basisOf = (facts: Facts, pack: TradePack): string =>
  JSON.stringify([
    facts.name,
    facts.tone,
    facts.aim,
    facts.style,
    facts.colours,
    facts.dislikes,
    facts.audience,
    pack.id,
  ]);

const rounds = new Map<string, Direction[]>();

/**
 * Draws up a round of directions: every family of layouts once, those first that suit the brief, each with the colours
 * and type that hold it furthest from those before it.
 */
function roundOf(facts: Facts, pack: TradePack, round: number): Direction[] {
  const words = lookWords(facts).join(', ');
  const key = `${round}|${basisOf(facts, pack)}|${words}`;
  const known = rounds.get(key);
  if (known) return known;
  const own = parseInt(shortHash(basisOf(facts, pack)).slice(0, 6), 16);
  const random = seeded(own + round * 7919);
  const order = layoutFamilies
    .map((family) => ({ family, ...suits(family, facts) }))
    .map((f) => ({ ...f, rank: f.score + random.next() * 1.3 }))
    .sort((a, b) => b.rank - a.rank);
  const out: Direction[] = [];
  order.forEach(({ family, words: told }, slot) => {
    const nth = round * ROUND + slot + 1;
    const moods = [...new Set([...(TONE_MOODS[facts.tone] ?? []), ...family.moods])];
    const ranked = rankPairings({ moods }).slice(0, 90);
    let best: { direction: Direction; worth: number } | null = null;
    for (let n = 0; n < CANDIDATES; n++) {
      const seed = own + nth * 613 + n * 131;
      const draw = seeded(seed);
      const { wishes, richness } = mixWishes({ words, hues: pack.hues }, seed);
      const pairing = ranked[Math.floor(draw.next() ** 1.6 * ranked.length)]!;
      const direction: Direction = {
        ref: { layout: nth, colours: nth, type: nth, finish: nth },
        name: nameOf(nth, own % 97),
        why: '',
        family,
        seed,
        wishes,
        richness,
        pairing,
        finish: finishFrom(family, draw),
      };
      const near = out.slice(-5).map((o) => directionDistance(direction, o));
      const worth =
        (near.length ? Math.min(...near) + 0.3 * (near.reduce((a, b) => a + b, 0) / near.length) : 0) +
        pairing.score * 0.25;
      if (!best || worth > best.worth) best = { direction, worth };
    }
    const chosen = best!.direction;
    chosen.why = whyOf(chosen, told, facts);
    out.push(chosen);
  });
  if (rounds.size > 200) rounds.clear();
  rounds.set(key, out);
  return out;
}

const HUE_NAMES: [number, string][] = [
  [20, 'red'],
  [50, 'rust'],
  [75, 'ochre'],
  [105, 'yellow'],
  [140, 'moss green'],
  [170, 'green'],
  [210, 'teal'],
  [250, 'blue'],
  [280, 'ink blue'],
  [320, 'plum'],
  [361, 'rose'],
];
/** A colour in a word or two. */
export function colourName(hex: string): string {
  const { l, c, h } = partsOf(hex);
  if (c < 0.025) return l > 0.9 ? 'chalk' : l > 0.5 ? 'grey' : 'slate';
  const name = HUE_NAMES.find(([most]) => h < most)![1];
  return l < 0.33 ? `dark ${name}` : l > 0.78 ? `pale ${name}` : name;
}

const capital = (s: string) => s[0]!.toUpperCase() + s.slice(1);
function whyOf(d: Direction, told: readonly string[], facts: Facts): string {
  const asked = readColours(lookWords(facts).join(', ')).colours.length > 0;
  const because = told.length ? `, for “${told[0]}” in the brief` : facts.tone ? `, in a ${facts.tone} tone` : '';
  const colours = `${colourName(d.wishes.lead)} with ${colourName(d.wishes.accent)}${asked ? ' as asked for' : ''}`;
  return `${capital(d.family.says)}${because}. ${capital(colours)}; ${families[d.pairing.heading]!.name}${
    d.pairing.heading === d.pairing.reading ? ' throughout' : ` over ${families[d.pairing.reading]!.name}`
  }.`;
}

/** The n-th direction for a site, from 1. The same facts give the same; dozens of them without running out. */
const nth = (facts: Facts, pack: TradePack, n: number): Direction =>
  roundOf(facts, pack, Math.floor((n - 1) / ROUND))[(n - 1) % ROUND]!;

/** A direction put together from the layout, colours, type and finish of up to four others. */
export function directionOf(facts: Facts, pack: TradePack, ref: DirectionRef): Direction {
  const layout = nth(facts, pack, ref.layout);
  if (ref.colours === ref.layout && ref.type === ref.layout && ref.finish === ref.layout) return layout;
  const [colours, type, finish] = [ref.colours, ref.type, ref.finish].map((n) => nth(facts, pack, n)) as [
    Direction,
    Direction,
    Direction,
  ];
  const others = [...new Set([colours, type, finish].filter((d) => d !== layout).map((d) => d.name))];
  const mixed: Direction = {
    ...layout,
    ref,
    name: `${layout.name} with ${others[0]}`,
    wishes: colours.wishes,
    richness: colours.richness,
    pairing: type.pairing,
    finish: finish.finish,
  };
  return { ...mixed, why: whyOf(mixed, [], facts) };
}

/** The look of a direction. */
export function lookOf(d: Direction): Look {
  return {
    name: d.name,
    seed: d.ref.colours,
    ...palettesFrom(d.wishes, d.richness),
    richness: Math.round(Math.min(2, Math.max(0.2, d.richness)) * 100) / 100,
    heading: d.pairing.heading,
    reading: d.pairing.reading,
    headingWeight: headingWeightOf(d),
    headingCase: d.finish.headingCase,
    scale: d.finish.scale,
    base: families[d.pairing.reading]!.xHeight < 0.45 ? 19 : families[d.pairing.reading]!.xHeight > 0.52 ? 16.5 : 17.5,
    density: d.finish.density,
    corner: d.finish.corner,
    line: d.finish.line,
    button: d.finish.button,
    edge: d.finish.edge,
    picture: d.finish.picture,
    icon: d.finish.icon,
    motion: d.finish.motion,
    pictures: d.finish.pictures,
  };
}

/** Quiet families want lighter headings, strong ones heavier. */
function headingWeightOf(d: Direction): number {
  const family = families[d.pairing.heading]!;
  const shift = (d.family.likes.bold ?? 0) * 40 + (d.family.likes.quiet ?? 0) * -25;
  return Math.round(Math.min(Math.max(family.weight + shift, family.weights[0], 400), family.weights[1], 850));
}

/** The name a finish has in the interface. */
export const finishNames: { [K in keyof Finishes]: string } = {
  headingCase: 'Headings',
  button: 'Buttons',
  edge: 'Section edges',
  picture: 'Pictures',
  icon: 'Icons',
  motion: 'Motion',
  pictures: 'Made pictures',
};
