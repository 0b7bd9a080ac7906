import { formatHex, parse } from 'culori';
import { COLOUR_ROLES, FINISHES, type Finishes, type Look, type Palette } from '../model/site.js';
import { palettesFrom, weakPairs, WISHED, wishesIn, type WeakPair, type Wishes } from './palette.js';
import { families } from './type.js';

/** A tree of design tokens as the Design Tokens Community Group writes them (Format Module 2025.10). */
export type TokenTree = { [name: string]: unknown };

const part = (hex: string, at: number) => Math.round((parseInt(hex.slice(at, at + 2), 16) / 255) * 10000) / 10000;
const colour = (hex: string) => ({
  $type: 'color',
  $value: { colorSpace: 'srgb', components: [part(hex, 1), part(hex, 3), part(hex, 5)], alpha: 1, hex },
});
const number = ($value: number) => ({ $type: 'number', $value });
const dimension = (value: number, unit = 'px') => ({ $type: 'dimension', $value: { value, unit } });

/** A look as design tokens: what is standard by its standard type, what is ours under its name as a string. */
export function toDesignTokens(look: Look): TokenTree {
  const family = (id: string) => ({
    $type: 'fontFamily',
    $value: [families[id]!.name, ...families[id]!.fallback.split(', ')],
  });
  const palette = (p: Palette) => Object.fromEntries(COLOUR_ROLES.map((role) => [role, colour(p[role])]));
  return {
    $description: `The look ${look.name}`,
    color: { day: palette(look.day), night: palette(look.night), richness: number(look.richness) },
    font: {
      heading: family(look.heading),
      reading: family(look.reading),
      headingWeight: { $type: 'fontWeight', $value: look.headingWeight },
      base: dimension(look.base),
      scale: number(look.scale),
    },
    shape: { corner: dimension(look.corner), line: dimension(look.line), density: number(look.density) },
    finish: Object.fromEntries(
      (Object.keys(FINISHES) as (keyof Finishes)[]).map((k) => [k, { $type: 'string', $value: look[k] }]),
    ),
  };
}

/** What came of reading design tokens: the look, what could not be used and why, and what had to give way to be read. */
export interface TokensRead {
  look: Look;
  /** Sentences, each naming the token it is about. */
  problems: string[];
  /** Wished colours that could not be read on their grounds, with what stands in their place. */
  moved: { role: string; wish: string; now: string; weak: WeakPair[] }[];
}

const at = (tree: unknown, path: string): unknown =>
  path
    .split('.')
    .reduce<unknown>(
      (t, k) => (typeof t === 'object' && t !== null && Object.hasOwn(t, k) ? (t as TokenTree)[k] : undefined),
      tree,
    );

/** The value of a token; a reference in braces, as `{color.day.lead}`, is followed. */
function valueAt(tree: TokenTree, path: string, depth = 0): unknown {
  const token = at(tree, path);
  const value = typeof token === 'object' && token !== null && '$value' in token ? token.$value : token;
  const reference = typeof value === 'string' && /^\{([\w.-]+)\}$/.exec(value);
  return reference && depth < 8 ? valueAt(tree, reference[1]!, depth + 1) : value;
}

/** A colour value of either form of the format, or any CSS colour, as hex; undefined where it is none. */
function hexOf(value: unknown): string | undefined {
  if (typeof value === 'string') return formatHex(parse(value));
  if (typeof value !== 'object' || value === null) return undefined;
  const { hex, components, colorSpace } = value as { hex?: unknown; components?: unknown; colorSpace?: unknown };
  if (typeof hex === 'string' && /^#[0-9a-f]{6}$/i.test(hex)) return hex.toLowerCase();
  if (!Array.isArray(components) || components.length !== 3 || !components.every((c) => typeof c === 'number'))
    return undefined;
  const [a, b, c] = components as [number, number, number];
  if (colorSpace === 'srgb' || colorSpace === undefined) return formatHex({ mode: 'rgb', r: a, g: b, b: c });
  if (colorSpace === 'oklch') return formatHex({ mode: 'oklch', l: a, c: b, h: c });
  return undefined;
}
const sizeOf = (value: unknown): number | undefined => {
  if (typeof value === 'number') return value;
  const m = typeof value === 'string' ? /^(-?[\d.]+)(px|rem)?$/.exec(value.trim()) : null;
  if (m) return Number(m[1]) * (m[2] === 'rem' ? 16 : 1);
  if (typeof value === 'object' && value !== null && 'value' in value && typeof value.value === 'number')
    return value.value * ('unit' in value && value.unit === 'rem' ? 16 : 1);
  return undefined;
};

/**
 * Reads design tokens over a look: what they name is taken, the rest stays as it is. Colours go through the same rules as
 * any wish, so that what comes out can be read; unknown names are told of, nothing is thrown.
 * @throws Error where it is no JSON object at all
 */
export function fromDesignTokens(json: string, base: Look): TokensRead {
  let tree: TokenTree;
  try {
    tree = JSON.parse(json) as TokenTree;
  } catch (error) {
    throw new Error(`This is no JSON: ${(error as Error).message}`);
  }
  if (typeof tree !== 'object' || tree === null || Array.isArray(tree))
    throw new Error('Design tokens are a JSON object.');
  const problems: string[] = [];
  const look: Look = { ...base };
  const wishes: Wishes = wishesIn(base.day);
  const asked: Partial<Record<string, string>> = {};
  for (const role of WISHED) {
    const value = valueAt(tree, `color.day.${role}`) ?? valueAt(tree, `color.${role}`);
    if (value === undefined) continue;
    const hex = hexOf(value);
    if (hex) asked[role] = wishes[role] = hex;
    else problems.push(`color.${role} is no colour that can be read.`);
  }
  const clamp = (name: string, path: string, least: number, most: number, put: (x: number) => void, whole = false) => {
    const raw = valueAt(tree, path);
    if (raw === undefined) return;
    const size = sizeOf(raw);
    if (size === undefined || !Number.isFinite(size)) return void problems.push(`${path} is no number.`);
    const fit = Math.min(most, Math.max(least, whole ? Math.round(size) : size));
    if (fit !== size && Math.abs(fit - size) > 0.51)
      problems.push(`${path} was ${size}; ${name} goes from ${least} to ${most}, so it is ${fit}.`);
    put(fit);
  };
  clamp('richness', 'color.richness', 0.2, 2, (x) => (look.richness = x));
  clamp('the size of running text', 'font.base', 15, 21, (x) => (look.base = x));
  clamp('the scale', 'font.scale', 1.1, 1.6, (x) => (look.scale = x));
  clamp('heading weight', 'font.headingWeight', 100, 1000, (x) => (look.headingWeight = x), true);
  clamp('corners', 'shape.corner', 0, 24, (x) => (look.corner = x), true);
  clamp('lines', 'shape.line', 0, 4, (x) => (look.line = x), true);
  clamp('density', 'shape.density', 0.7, 1.4, (x) => (look.density = x));
  for (const role of ['heading', 'reading'] as const) {
    const value = valueAt(tree, `font.${role}`);
    if (value === undefined) continue;
    const names = (Array.isArray(value) ? value : [value]).map((v) => String(v).toLowerCase().replace(/['"]/g, ''));
    const found = Object.values(families).find((f) => names.includes(f.name.toLowerCase()) || names.includes(f.id));
    if (found) look[role] = found.id;
    else
      problems.push(`font.${role}: “${names[0]}” does not ship with the product; ${families[base[role]]!.name} stays.`);
  }
  for (const key of Object.keys(FINISHES) as (keyof Finishes)[]) {
    const value = valueAt(tree, `finish.${key}`);
    if (value === undefined) continue;
    if ((FINISHES[key] as readonly unknown[]).includes(value))
      (look as unknown as Record<string, unknown>)[key] = value;
    else problems.push(`finish.${key} is one of ${FINISHES[key].join(', ')}, not “${String(value)}”.`);
  }
  const known = new Set(['color', 'font', 'shape', 'finish']);
  for (const name of Object.keys(tree))
    if (!name.startsWith('$') && !known.has(name)) problems.push(`“${name}” is not used.`);
  const made = palettesFrom(wishes, look.richness);
  const moved = Object.entries(asked).flatMap(([role, wish]) => {
    const now = made.day[role as keyof Palette];
    return now === wish ? [] : [{ role, wish: wish!, now, weak: weakPairs({ ...made.day, [role]: wish! }) }];
  });
  return { look: { ...look, ...(Object.keys(asked).length ? made : {}) }, problems, moved };
}
