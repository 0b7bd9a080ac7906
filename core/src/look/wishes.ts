import { seeded } from '../ground/random.js';
import { lch, partsOf, type Wishes, type WishedRole } from './palette.js';

/** A colour word: its hue in OKLCH degrees and, where it says so, how light and how strong it is. */
interface ColourWord {
  pattern: RegExp;
  hue: number;
  light?: number;
  strong?: number;
}

/** Colour words by how they begin, in the languages briefs come in, and things that stand for a colour. */
const COLOUR_WORDS: ColourWord[] = [
  { pattern: /navy|marin|midnight|nacht|noche|nuit/, hue: 262, light: 0.34, strong: 0.09 },
  { pattern: /turquoise|teal|türkis|petrol|lagoon/, hue: 195 },
  { pattern: /indigo|ink/, hue: 280, light: 0.38 },
  { pattern: /sky|himmel|ciel|cielo/, hue: 235, light: 0.6 },
  { pattern: /(?:dunkel|hell)?blau|blue|bleu|azul|royal/, hue: 250 },
  { pattern: /olive|moss|sage|lichen|moos/, hue: 120, strong: 0.07 },
  { pattern: /fern|leaf|garden|hedge|garten|jardin|jardín/, hue: 140 },
  { pattern: /pine|forest|bottle|wald|forêt|bosque/, hue: 160, light: 0.38 },
  { pattern: /(?:dunkel|hell)?grün|green|vert|verde/, hue: 150 },
  { pattern: /terracotta|terracota|terre|clay|tile/, hue: 45, light: 0.55 },
  { pattern: /rust(?!i[ckq])|copper|rost|cuivre|cobre|iron/, hue: 42, light: 0.5 },
  { pattern: /brick|ziegel|brique|ladrillo/, hue: 32, light: 0.48 },
  { pattern: /burgundy|maroon|wine|damson|bordeaux/, hue: 12, light: 0.38 },
  { pattern: /(?:dunkel|wein)?rot|red|rouge|roj|granate/, hue: 27, light: 0.5, strong: 0.17 },
  { pattern: /coral|salmon|apricot|peach/, hue: 38, light: 0.7 },
  { pattern: /(?:neon)?orange|naranja|tangerine/, hue: 58, light: 0.68, strong: 0.16 },
  { pattern: /mustard|senf|moutarde|mostaza/, hue: 88, light: 0.7 },
  { pattern: /yellow|gelb|jaune|amarill|lemon|gorse/, hue: 98, light: 0.82, strong: 0.15 },
  { pattern: /gold|brass|bronze|bronce|messing|laiton|latón|dorad|doré|amber|honey/, hue: 82, light: 0.68 },
  { pattern: /ochre|ocker|ocre|sand|straw/, hue: 75, light: 0.66, strong: 0.1 },
  {
    pattern: /brown|braun|brun|marrón|marron|oak|walnut|leather|peat|wood|timber|sawdust|holz|bois\b|madera/,
    hue: 58,
    light: 0.42,
    strong: 0.06,
  },
  { pattern: /violet|purple|violett|morad|plum|heather/, hue: 308 },
  { pattern: /lavender|lavande|lavanda|lilac|lila|mauve|flieder/, hue: 300, light: 0.62 },
  { pattern: /pink|rosa|rose|thrift/, hue: 358, light: 0.62 },
  { pattern: /harbour|harbor|hafen|port\b|puerto|sea\b|meer|\bmer\b|\bmar\b|tide|coast|boat/, hue: 238, light: 0.42 },
  { pattern: /slate|granite|steel|tin\b|storm|schiefer|ardoise/, hue: 245, light: 0.42, strong: 0.03 },
];
const GREYS = /grey|gray|\p{L}{0,6}grau|gris|charcoal|soot|anthra[czk]/u;
const DARK = /black|schwarz|noir|negr/;
const PALE = /white|weiß|weiss|blanc|chalk|lime ?wash|cream|crème|creme|crema|ivory|beige|linen/;

/** Moods by the words that name them: what they do to richness and to the ground. */
const MOODS: { pattern: RegExp; richness?: number; ground?: 'white' | 'cream' | 'tint' }[] = [
  { pattern: /calm|quiet|soft|gentle|ruhig|calme|tranquil|muted|subtle|understated|restrain/, richness: 0.7 },
  { pattern: /bold|bright|lively|vivid|loud|strong|colourful|colorful|kräftig|bunt|vif|viv[oa]/, richness: 1.45 },
  {
    pattern: /warm|cosy|cozy|homely|friendly|gemütlich|chaleur|cálid|hand ?made|rustic|old|traditional|heritage/,
    ground: 'cream',
    richness: 1.05,
  },
  {
    pattern: /clean|crisp|modern|simple|plain|minimal|clear|schlicht|sobre|limpi|nüchtern/,
    ground: 'white',
    richness: 0.9,
  },
  { pattern: /natural|earth|fresh|garden|outdoor/, ground: 'tint', richness: 1 },
];

/** What words say about colour: hues in their order, mood, and whether they name greys, black or pale colours. */
export interface ColourReading {
  colours: { hue: number; light?: number; strong?: number; word: string }[];
  richness: number;
  ground: 'white' | 'cream' | 'tint' | null;
  grey: boolean;
  dark: boolean;
  pale: boolean;
}

/** Reads words for colour: “harbour, calm, a bit of rust” gives a blue, then rust, at low richness. */
export function readColours(words: string): ColourReading {
  const said = words.toLowerCase();
  const found: (ColourReading['colours'][number] & { at: number; end: number })[] = [];
  for (const { pattern, hue, light, strong } of COLOUR_WORDS) {
    const hit = new RegExp(`(?<![\\p{L}])(?:${pattern.source})`, 'u').exec(said);
    if (!hit || found.some((f) => hit.index < f.end && f.at < hit.index + hit[0].length)) continue;
    // “Deep green” and “pale blue” say how light a colour is.
    const before = said.slice(Math.max(0, hit.index - 12), hit.index);
    const shift = /(deep|dark|dunkel|foncé)\W*$/.test(before)
      ? -0.12
      : /(pale|light|soft|hell|clair)\W*$/.test(before)
        ? 0.14
        : 0;
    const now = (light ?? 0.46) + shift;
    found.push({
      hue,
      word: hit[0],
      at: hit.index,
      end: hit.index + hit[0].length,
      ...((light !== undefined || shift !== 0) && { light: now }),
      ...(strong !== undefined && { strong }),
    });
  }
  // “A bit of rust” is not what a look is led by.
  const weight = (at: number) =>
    /(bit|touch|hint|dash|little) (of )?$/.test(said.slice(Math.max(0, at - 14), at)) ? 1 : 0;
  found.sort((a, b) => weight(a.at) - weight(b.at) || a.at - b.at);
  const moods = MOODS.filter((m) => m.pattern.test(said));
  return {
    colours: found.map(({ at: _, end: __, ...c }) => c),
    richness: moods.reduce((r, m) => r * (m.richness ?? 1), 1),
    ground: PALE.test(said) ? 'cream' : (moods.find((m) => m.ground)?.ground ?? null),
    grey: GREYS.test(said),
    dark: DARK.test(said),
    pale: PALE.test(said),
  };
}

/** The hues that colour words name, in their order; words that name no hue, as grey and white, give none. */
export const huesOf = (colours: readonly string[]): number[] =>
  readColours(colours.join(', ')).colours.map((c) => c.hue);

/** How an accent can stand to its lead, in degrees. */
const SCHEMES = [165, 195, 140, -140, 95, -95, 40, -40, 60, 180];

/** What a mix starts from. */
export interface MixFrom {
  /** Words to take colours and mood from. */
  words?: string;
  /** Colours to build on, lead first: a seed colour, or those of a logo or a picture. */
  colours?: readonly string[];
  /** Hues of the trade: used where nothing else says. */
  hues?: readonly (readonly [number, number])[];
  /** Roles that stay as they are. */
  keep?: Partial<Record<WishedRole, string>>;
}

/** Mixes wishes for a palette: what is kept stays, what words and colours say is followed, the rest varies by seed. */
export function mixWishes(from: MixFrom, seed: number): { wishes: Wishes; richness: number } {
  const random = seeded(seed * 6151 + 29);
  const said = readColours(from.words ?? '');
  const richness = Math.min(1.9, Math.max(0.3, said.richness * (0.82 + random.next() * 0.4)));
  const strengths = { lead: 0.05 + random.next() * 0.07, accent: 0.1 + random.next() * 0.06 };
  const [tradeLead, tradeAccent] = from.hues?.length ? random.pick(from.hues) : [random.next() * 360, 0];
  const shift = (random.next() - 0.5) * (said.colours.length ? 10 : 26);
  const scheme = random.pick(SCHEMES);
  const given = from.colours ?? [];
  const kept = from.keep ?? {};
  const first = said.colours[0];
  const leadLight = [0.4, 0.46, 0.5, 0.33][Math.floor(random.next() * 4)]!;
  const lead =
    kept.lead ??
    given[0] ??
    (first
      ? lch(first.light ?? leadLight, (first.strong ?? strengths.lead + 0.03) * richness, first.hue + shift)
      : said.grey || said.dark
        ? lch(said.dark ? 0.24 : 0.4, 0.012, tradeLead)
        : lch(leadLight, strengths.lead * richness, tradeLead + shift));
  const leadHue = partsOf(lead).h;
  const second = said.colours[1];
  // “Grey and green”, “blue and white”: who names a colour and what has none wants no third.
  const noThird = !second && first && !given.length && (said.grey || said.dark || said.pale);
  const tradeScheme = from.hues?.length && !kept.lead && !given[0] && !first;
  const accentLight = [0.74, 0.68, 0.8, 0.62][Math.floor(random.next() * 4)]!;
  const accent =
    kept.accent ??
    given[1] ??
    (second
      ? lch(
          Math.max(second.light ?? accentLight, 0.55),
          (second.strong ?? strengths.accent) * richness,
          second.hue + shift / 2,
        )
      : noThird
        ? lch(accentLight, said.grey || said.dark ? 0.02 : 0.05 * richness, leadHue + shift)
        : lch(
            accentLight,
            strengths.accent * richness,
            tradeScheme && random.next() < 0.6 ? tradeAccent! + shift : leadHue + scheme,
          ));
  const accentHue = partsOf(accent).h;
  const character = said.ground ?? random.pick(['white', 'cream', 'tint', 'tint', 'white'] as const);
  const tintHue = character === 'cream' ? 85 : random.next() < 0.5 ? leadHue : accentHue;
  const strength = { white: 0.002, cream: 0.016, tint: 0.012 }[character] * richness;
  const groundLight = { white: 0.995, cream: 0.975, tint: 0.98 }[character];
  const washHue = random.next() < 0.5 ? accentHue : tintHue;
  const dark = random.next();
  return {
    richness,
    wishes: {
      lead,
      accent,
      ground: kept.ground ?? lch(groundLight, strength, tintHue),
      wash: kept.wash ?? lch(groundLight - 0.035 - random.next() * 0.035, strength + 0.014 * richness, washHue),
      deep:
        kept.deep ??
        lch(0.25 + random.next() * 0.12, (dark < 0.25 ? 0.015 : 0.05) * richness, dark < 0.7 ? leadHue : accentHue),
      text: kept.text ?? lch(0.2 + random.next() * 0.06, 0.025, leadHue),
    },
  };
}

/**
 * The few colours that make up a picture, most telling first, from its pixels (RGBA, 4 bytes each): nearby colours are
 * gathered in a grid of OKLCH cells, and a cell counts by how many pixels it has and how strong its colour is. Clear
 * pixels count nothing.
 */
export function coloursOfPixels(rgba: ArrayLike<number>, most = 5): string[] {
  const cells = new Map<string, { n: number; r: number; g: number; b: number }>();
  const step = Math.max(1, Math.floor(rgba.length / 4 / 20000)) * 4;
  for (let at = 0; at + 3 < rgba.length; at += step) {
    if (rgba[at + 3]! < 128) continue;
    const [r, g, b] = [rgba[at]!, rgba[at + 1]!, rgba[at + 2]!];
    const key = `${r >> 5},${g >> 5},${b >> 5}`;
    const cell = cells.get(key) ?? { n: 0, r: 0, g: 0, b: 0 };
    cell.n++;
    cell.r += r;
    cell.g += g;
    cell.b += b;
    cells.set(key, cell);
  }
  const hex = (x: number) => Math.round(x).toString(16).padStart(2, '0');
  const ranked = [...cells.values()]
    .map(({ n, r, g, b }) => {
      const colour = `#${hex(r / n)}${hex(g / n)}${hex(b / n)}`;
      const { l, c } = partsOf(colour);
      const usable = l > 0.15 && l < 0.93 ? 1 : 0.15;
      return { colour, worth: Math.sqrt(n) * (0.08 + c) * usable };
    })
    .sort((a, b) => b.worth - a.worth);
  const out: string[] = [];
  for (const { colour } of ranked) {
    const { l, c, h } = partsOf(colour);
    const near = out.some((o) => {
      const p = partsOf(o);
      const turn = Math.abs(((p.h - h + 540) % 360) - 180);
      return Math.abs(p.l - l) < 0.14 && (turn < 28 || Math.min(c, p.c) < 0.03);
    });
    if (!near) out.push(colour);
    if (out.length === most) break;
  }
  return out;
}
