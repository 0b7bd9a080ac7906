import { converter, formatHex, parse as parseColour } from 'culori';
import { parse, walk, generate, type CssNode, type Rule } from 'css-tree';
import { Parser } from 'htmlparser2';
import type { TypeClass } from './type.js';

/** What a page somebody likes is like: where a look can begin. Nothing of its words, pictures or code. */
export interface Reference {
  /** Its colours that are colours, strongest first, sRGB hex. */
  colours: string[];
  /** What most of it stands on; null where the page does not say. */
  ground: string | null;
  heading: { kind: TypeClass | null; weight: number | null; capitals: boolean };
  reading: { kind: TypeClass | null; size: number | null };
  /** Corner radius, px; null where none is named. */
  corner: number | null;
  /** Room above and below parts of the page, px; null where none is named. */
  room: number | null;
}

/** What of a page’s markup says which rules of its styles are used: elements and class names; and the styles within it. */
export interface PageParts {
  used: ReadonlySet<string>;
  styles: string[];
  /** Addresses of its stylesheets, as they are written. */
  links: string[];
}

/** Reads the parts of a page that have to do with how it looks. */
export function pageParts(html: string): PageParts {
  const used = new Set<string>();
  const styles: string[] = [];
  const links: string[] = [];
  let style: string | null = null;
  const parser = new Parser({
    onopentag(name, attributes) {
      used.add(name);
      for (const c of (attributes['class'] ?? '').split(/\s+/)) if (c) used.add(`.${c}`);
      if (attributes['id']) used.add(`#${attributes['id']}`);
      if (attributes['style']) styles.push(`${name}{${attributes['style']}}`);
      if (name === 'style') style = '';
      if (name === 'link' && /\bstylesheet\b/i.test(attributes['rel'] ?? '') && attributes['href'])
        if (!/print/i.test(attributes['media'] ?? '')) links.push(attributes['href']);
    },
    ontext(words) {
      if (style !== null) style += words;
    },
    onclosetag(name) {
      if (name !== 'style' || style === null) return;
      styles.push(style);
      style = null;
    },
  });
  parser.end(html);
  return { used, styles, links };
}

/** Type families by what their names say; the generic one at the end of a list says the rest. */
const KINDS: [RegExp, TypeClass][] = [
  [/mono|courier|consol|code/i, 'mono'],
  [/script|hand|cursive|brush|caveat/i, 'hand'],
  [/slab|rockwell|clarendon|zilla|arvo|bitter|aleo|podkova/i, 'slab'],
  [/display|condensed|black|impact|anton|oswald|bebas|poster/i, 'display'],
  [/sans|grotesk|grotesque|gothic|helvetica|arial|system-ui|roboto|inter|verdana|segoe|futura|avenir/i, 'sans'],
  [/serif|georgia|times|garamond|baskerville|caslon|bodoni|playfair|lora|palatino|mincho|antiqua/i, 'serif'],
];
function kindOfFamily(list: string): TypeClass | null {
  for (const family of list.split(',')) {
    const name = family.trim().replace(/['"]/g, '');
    // The generic “serif” would be found in “sans-serif” too: the order of KINDS says which is meant.
    const kind = KINDS.find(([p]) => p.test(name))?.[1];
    if (kind) return kind;
  }
  return null;
}

const LONGEST_VALUE = 2000;
const oklch = converter('oklch');
const COLOUR = /#[0-9a-f]{3,8}\b|\b(?:rgb|hsl|hwb|oklch|oklab|lab|lch)a?\([^()]*\)|\b[a-z]{3,20}\b/gi;
/** The colours named in a value, opaque ones only. */
function coloursIn(value: string): string[] {
  return (value.match(COLOUR) ?? []).flatMap((word) => {
    if (
      /^(?:none|inherit|initial|unset|transparent|currentcolor|url|solid|dashed|linear|radial|gradient|to|deg|auto)$/i.test(
        word,
      )
    )
      return [];
    const colour = parseColour(word);
    return colour && (colour.alpha ?? 1) > 0.85 ? [formatHex(colour)] : [];
  });
}
const pixels = (value: string, em = 16): number | null => {
  const found = /^(-?[\d.]+)(px|rem|em|pt)?$/.exec(value.trim());
  if (!found) return null;
  const n = Number(found[1]);
  return n * ({ rem: 16, em, pt: 1.333 }[found[2] ?? ''] ?? 1);
};
const middle = (values: number[]): number | null =>
  values.length ? [...values].sort((a, b) => a - b)[values.length >> 1]! : null;

/**
 * What the styles of a page say about how it looks: only rules whose elements and classes the page has, custom properties
 * followed (CSS Variables 1), what is for print or the dark left out. Styles that cannot be parsed are passed over.
 */
export function readReference(parts: PageParts, sheets: readonly string[]): Reference {
  const variables = new Map<string, string>();
  const rules: { selector: string; property: string; value: string }[] = [];
  for (const css of [...sheets, ...parts.styles]) {
    let tree: CssNode;
    try {
      tree = parse(css, { parseValue: false, parseCustomProperty: false });
    } catch {
      continue;
    }
    let skip = 0;
    walk(tree, {
      enter(node: CssNode) {
        if (node.type === 'Atrule' && node.prelude && /print|prefers-color-scheme:\s*dark/.test(generate(node.prelude)))
          skip++;
        if (node.type !== 'Rule' || skip) return;
        const selector = generate((node as Rule).prelude);
        node.block.children.forEach((d: CssNode) => {
          if (d.type !== 'Declaration') return;
          const value = generate(d.value).trim();
          if (d.property.startsWith('--')) {
            if (!variables.has(d.property)) variables.set(d.property, value);
          } else rules.push({ selector, property: d.property.toLowerCase(), value });
        });
      },
      leave(node: CssNode) {
        if (node.type === 'Atrule' && node.prelude && /print|prefers-color-scheme:\s*dark/.test(generate(node.prelude)))
          skip--;
      },
    });
  }
  const followed = (value: string): string => {
    let now = value;
    // A value that unfolds to more than any value needs says nothing.
    for (let n = 0; n < 5 && now.includes('var('); n++) {
      if (now.length > LONGEST_VALUE) return '';
      now = now.replace(/var\(\s*(--[\w-]+)\s*(?:,([^()]*))?\)/g, (_, name: string, or: string | undefined) =>
        (variables.get(name) ?? or ?? '').slice(0, LONGEST_VALUE),
      );
    }
    return now.length > LONGEST_VALUE ? '' : now;
  };
  const matters = (selector: string): boolean =>
    selector.split(',').some((one) => {
      const names = one.replace(/::?[\w-]+(\([^)]*\))?|\[[^\]]*\]/g, ' ').match(/[.#]?[A-Za-z][\w-]*/g) ?? [];
      return names.every((name) => parts.used.has(/^[.#]/.test(name) ? name : name.toLowerCase()) || name === 'root');
    });
  const of = (selector: string, pattern: RegExp) =>
    selector.split(',').some((one) =>
      pattern.test(
        one
          .trim()
          .split(/[\s>+~]+/)
          .at(-1)!,
      ),
    );
  const BODY = /^(?:html|body|:root)\b/;
  const HEADING = /^(?:h[1-3]\b|\.(?:\w*-)?(?:title|headline|heading))/;
  const BUTTON = /btn|button|cta/i;
  const BANDS = /^(?:header|footer|section|main|nav|article)\b|hero|band|banner|section/i;

  const weights = new Map<string, number>();
  let ground: string | null = null;
  const corners: number[] = [];
  const rooms: number[] = [];
  const result: Reference = {
    colours: [],
    ground: null,
    heading: { kind: null, weight: null, capitals: false },
    reading: { kind: null, size: null },
    corner: null,
    room: null,
  };
  for (const { selector, property, value: raw } of rules) {
    if (!matters(selector)) continue;
    const value = followed(raw);
    const strength = of(selector, BUTTON)
      ? 5
      : of(selector, BANDS)
        ? 4
        : of(selector, HEADING)
          ? 3
          : /^a\b|\ba$/.test(selector)
            ? 3
            : 1;
    if (/^(?:background|background-color|color|border|border-color|fill)$/.test(property))
      for (const colour of coloursIn(value).slice(0, 2)) {
        weights.set(colour, (weights.get(colour) ?? 0) + strength);
        if (of(selector, BODY) && property.startsWith('background')) ground = colour;
      }
    if (property === 'font-family' || property === 'font') {
      const list = property === 'font' ? (/(?:\d[\w.%]*(?:\s*\/\s*[\w.%]+)?)\s+(.+)$/.exec(value)?.[1] ?? '') : value;
      const kind = kindOfFamily(list);
      if (kind && of(selector, HEADING)) result.heading.kind = kind;
      else if (kind && of(selector, BODY)) result.reading.kind = kind;
      if (property === 'font' && of(selector, BODY))
        result.reading.size = pixels(/[\d.]+(?:px|rem)/.exec(value)?.[0] ?? '');
    }
    if (property === 'font-size' && of(selector, BODY)) result.reading.size = pixels(value) ?? result.reading.size;
    if (property === 'font-weight' && of(selector, HEADING))
      result.heading.weight = { normal: 400, bold: 700 }[value] ?? (Number(value) || result.heading.weight);
    if (property === 'text-transform' && of(selector, HEADING)) result.heading.capitals = value === 'uppercase';
    if (property === 'border-radius') {
      const px = pixels(value.split(/[\s/]+/)[0] ?? '');
      if (px !== null && px < 60) corners.push(...Array<number>(of(selector, BUTTON) ? 3 : 1).fill(px));
      else if (px !== null) corners.push(24);
    }
    if (/^padding(?:-(?:top|bottom|block))?$/.test(property) && of(selector, BANDS)) {
      const px = pixels(value.split(/\s+/)[0] ?? '');
      if (px !== null && px >= 16) rooms.push(px);
    }
  }
  const partsOf = (hex: string) => oklch(hex)!;
  result.ground = ground;
  result.corner = middle(corners);
  result.room = middle(rooms);
  result.colours = [...weights]
    .filter(([hex]) => (partsOf(hex).c ?? 0) > 0.035 && partsOf(hex).l > 0.12 && partsOf(hex).l < 0.97)
    .sort((a, b) => b[1] * (0.3 + (partsOf(b[0]).c ?? 0)) - a[1] * (0.3 + (partsOf(a[0]).c ?? 0)))
    .map(([hex]) => hex)
    .filter((hex, n, all) => all.findIndex((other) => near(other, hex)) === n)
    .slice(0, 5);
  return result;
}

/** True for two shades of one colour. */
const near = (a: string, b: string): boolean => {
  const [x, y] = [oklch(a)!, oklch(b)!];
  const turn = Math.abs((((x.h ?? 0) - (y.h ?? 0) + 540) % 360) - 180);
  return turn < 22 && Math.abs(x.l - y.l) < 0.16;
};
