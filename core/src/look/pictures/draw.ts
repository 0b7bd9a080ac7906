import { seeded, shortHash, type Random } from '../../ground/random.js';
import type { LanguageTag } from '../../language/registry.gen.js';
import type { Finishes, Format, Look, Medium, Palette, Recipe } from '../../model/site.js';
import { INKS, inksOf, MOODS, paleForm, Pen, type Mood } from './pen.js';
import { sayRecipe } from './said.js';
import { settings } from './settings.js';
import { subjects } from './subjects.js';

/** Size of made pictures by format, CSS px. */
export const SIZES: Record<Format, { width: number; height: number }> = {
  wide: { width: 960, height: 640 },
  square: { width: 800, height: 800 },
  tall: { width: 720, height: 900 },
};

/** A drawn picture: an SVG document and its size. */
export interface Drawn {
  svg: string;
  width: number;
  height: number;
}

/** How things stand in a picture: one by itself, a group, or one so near that it leaves the frame. */
const ARRANGED = ['one', 'side', 'group', 'near'] as const;

/** Names of scenes of before, as subjects of today. */
const OLD_NAMES: Record<string, [subject: string, setting: string]> = {
  bench: ['plane', 'bench'],
  plot: ['cabbage', 'field'],
  seed: ['sprout', 'bed'],
  harbour: ['terrace', 'harbour'],
  wheel: ['bicycle', 'quay'],
};

/** What a recipe leaves open, settled: its subject (a harbour where it is unknown) and setting; and the lots that are left. */
function settle(recipe: Recipe): { name: string; place: string; random: Random } {
  const old = OLD_NAMES[recipe.subject];
  const asked = old && !(recipe.subject === 'wheel' && recipe.setting) ? old[0] : recipe.subject;
  const random = seeded(recipe.seed * 977 + parseInt(shortHash(asked).slice(0, 6), 16));
  for (let n = 0; n < 3; n++) random.next();
  const name = subjects[asked] ? asked : 'terrace';
  const at = subjects[name]!.settings;
  const place = recipe.setting || old?.[1] || at[Math.floor(random.next() ** 1.5 * at.length)]!;
  return { name, place, random };
}

/** What a made picture shows, in words: “A sailing boat in the bay”. */
export function sayPicture(recipe: Recipe, language: LanguageTag): string {
  const { name, place } = settle(recipe);
  return sayRecipe({ ...recipe, subject: name }, subjects[name]!.whole ? '' : place, language);
}

/**
 * Draws the picture of a recipe in the colours of a palette. Repeatable: the same recipe, palette and style give the same
 * bytes. What the recipe leaves open (setting, mood, style) its subject and seed choose; an unknown subject is a harbour.
 */
export function drawRecipe(recipe: Recipe, palette: Palette, style: Finishes['pictures']): Drawn {
  const { name, place, random } = settle(recipe);
  const subject = subjects[name]!;
  const setting = settings[place] ?? settings['plain']!;
  const chosenStyle = recipe.style || style;
  const weather = random.next();
  const mood: Mood = (MOODS as readonly string[]).includes(recipe.mood)
    ? (recipe.mood as Mood)
    : chosenStyle === 'dusk'
      ? setting.outside && weather < 0.35
        ? 'night'
        : 'evening'
      : setting.outside
        ? (['morning', 'noon', 'evening', 'morning', 'mist'] as const)[Math.floor(weather * 5)]!
        : 'morning';
  const { width: w, height: h } = SIZES[recipe.format];
  const pen = new Pen(inksOf(palette, mood), chosenStyle === 'dusk' ? 'flat' : chosenStyle, random);
  pen.out.push(`<path d="M0 0H${w}V${-h}H0Z" fill="${pen.inks.sky}"/>`);
  if (mood === 'night' && setting.outside)
    for (let n = 0; n < 26; n++)
      pen.oval('pale', random.next() * w, h * (0.5 + random.next() * 0.5), 1.5 + random.next() * 2);
  if (subject.whole) {
    subject.whole(pen, w, h);
    return finished(pen, w, h, chosenStyle, recipe.seed);
  }
  const ground = setting.behind(pen, w, h);
  const unit = Math.min(w / 300, (h - ground) / 330);
  const arranged = subject.large
    ? random.next() < 0.6
      ? 'one'
      : 'side'
    : ARRANGED[Math.floor(random.next() * ARRANGED.length)]!;
  const thing = (x: number, size: number, mirrored = false, y = ground) =>
    pen.at(x, y, unit * size, (p) => subject.draw(p), 0, mirrored);
  const third = random.next() < 0.5 ? 0.36 : 0.64;
  if (arranged === 'one') thing(w * (0.5 + (random.next() - 0.5) * 0.06), 0.82, random.next() < 0.3);
  else if (arranged === 'side') thing(w * third, 0.8, third > 0.5);
  else if (arranged === 'near') {
    thing(w * (1 - third), 0.4);
    thing(w * third, 1.06, false, ground - h * 0.03);
  } else {
    const count = recipe.format === 'tall' ? 2 : 3;
    for (let n = 0; n < count; n++)
      thing(w * (0.5 + (n - (count - 1) / 2) * (count === 2 ? 0.42 : 0.29)), [0.5, 0.72, 0.58][n]!, n === 2);
  }
  setting.before?.(pen, w, h, ground);
  if (mood === 'rain')
    for (let n = 0; n < 44; n++) {
      const [x, y] = [random.next() * w, random.next() * h];
      pen.stroke('pale', 2, [
        [x, y],
        [x - 8, y - 34],
      ]);
    }
  if (mood === 'snow')
    for (let n = 0; n < 60; n++) pen.oval('pale', random.next() * w, random.next() * h, 2 + random.next() * 4);
  return finished(pen, w, h, chosenStyle, recipe.seed);
}

const finished = (pen: Pen, w: number, h: number, style: Finishes['pictures'], seed: number): Drawn => ({
  svg: svgDocument(w, h, pen.out.join(''), style === 'grain' ? grain(pen.inks.deep, seed) : ''),
  width: w,
  height: h,
});

/** A pattern of specks that gives flat shapes a tooth. */
function grain(colour: string, seed: number): string {
  const random = seeded(seed + 5);
  let dots = '';
  for (let n = 0; n < 46; n++)
    dots += `M${Math.round(random.next() * 78)} ${Math.round(random.next() * 78)}h${(0.8 + random.next() * 1.6).toFixed(1)}`;
  return `<defs><pattern id="g" width="80" height="80" patternUnits="userSpaceOnUse"><path d="${dots}" stroke="${colour}" stroke-width="1.5" stroke-linecap="round" opacity=".3"/></pattern></defs>`;
}

const svgDocument = (w: number, h: number, body: string, defs = ''): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${w} ${h}" width="${w}" height="${h}">${defs}<g transform="translate(0 ${h})">${body}</g></svg>\n`;

/** A drawing of somebody else in the inks of a palette: each of its named colours gives way to ours. */
export function tintDrawing(medium: Medium & { kind: 'drawn' }, palette: Palette): Drawn {
  const inks = inksOf(palette, 'morning');
  const to = new Map<string, string>();
  for (const ink of INKS) {
    const from = medium.inks[ink];
    if (from) to.set(from.toLowerCase(), inks[ink]);
    // Drawings in outline fill with a pale form of each ink.
    const pale = medium.inks[`${ink}pale`];
    if (pale) to.set(pale.toLowerCase(), paleForm(inks, ink));
  }
  const svg = medium.svg.replace(/#[0-9a-f]{6}\b/gi, (hex) => to.get(hex.toLowerCase()) ?? hex);
  return { svg, width: medium.width, height: medium.height };
}

const MOST_KEPT = 160;
const kept = new Map<string, Drawn>();

/** A picture of a site as SVG in its look; null for those that are files. Drawn once, then kept: the same object again. */
export function drawMedium(medium: Medium, look: Look): Drawn | null {
  if (medium.kind === 'file') return null;
  const { day, pictures } = look;
  const key = JSON.stringify([medium.kind === 'made' ? medium.recipe : medium, day, pictures]);
  let drawn = kept.get(key);
  kept.delete(key);
  drawn ??= medium.kind === 'made' ? drawRecipe(medium.recipe, day, pictures) : tintDrawing(medium, day);
  kept.set(key, drawn);
  if (kept.size > MOST_KEPT) kept.delete(kept.keys().next().value!);
  return drawn;
}

const wholeWords = new Map<RegExp, RegExp>();
/** A pattern that only begins where a word does: “open” is no pen. */
function wholeWord(pattern: RegExp): RegExp {
  let whole = wholeWords.get(pattern);
  if (!whole) wholeWords.set(pattern, (whole = new RegExp(`(?<![\\p{L}])(?:${pattern.source})`, 'iu')));
  return whole;
}

/** The subjects some words call for, most telling first; none where no word is known. */
export function subjectsIn(words: string): string[] {
  const found = Object.entries(subjects).flatMap(([name, s]) => {
    const hit = wholeWord(s.asked).exec(words);
    return hit ? [{ name, at: hit.index, length: hit[0].length }] : [];
  });
  return found.sort((a, b) => a.at - b.at || b.length - a.length).map((f) => f.name);
}

/** A recipe from words: “a boat in the harbour at night” gives subject, setting and mood; what is not said is left open. */
export function recipeFrom(words: string, seed: number, format: Format = 'wide', otherwise = 'terrace'): Recipe {
  const said = words.toLowerCase();
  const moods: [RegExp, Mood][] = [
    [/night|stars|moon|nacht|nuit|noche/, 'night'],
    [/evening|dusk|sunset|abend|soir|tarde|atardecer/, 'evening'],
    [/rain|wet|storm|regen|pluie|lluvia/, 'rain'],
    [/mist|fog|haze|nebel|brume|niebla/, 'mist'],
    [/snow|winter|frost|schnee|neige|nieve/, 'snow'],
    [/noon|midday|bright|mittag|midi/, 'noon'],
    [/morning|dawn|morgen|matin|mañana/, 'morning'],
  ];
  const styles: [RegExp, Finishes['pictures']][] = [
    [/line|outline|drawn|ink\b/, 'line'],
    [/cut|collage/, 'cut'],
    [/grain|print|speckle/, 'grain'],
    [/flat/, 'flat'],
  ];
  const [subject] = subjectsIn(said);
  const rest = subject ? said.replace(wholeWord(subjects[subject]!.asked), ' ') : said;
  const setting = Object.entries(settings).find(([, s]) => wholeWord(s.asked).test(rest))?.[0] ?? '';
  return {
    subject: subject ?? otherwise,
    setting,
    mood: moods.find(([p]) => p.test(said))?.[1] ?? '',
    style: styles.find(([p]) => p.test(said))?.[1] ?? '',
    format,
    seed,
  };
}
