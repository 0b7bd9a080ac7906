import { Parser } from 'htmlparser2';

/** Elements that draw. What runs, loads, animates or embeds is not among them. */
const ELEMENTS = new Set(
  'svg g path rect circle ellipse line polyline polygon text tspan defs linearGradient radialGradient stop clipPath mask pattern symbol use title desc'.split(
    ' ',
  ),
);
const ATTRIBUTES =
  /^(?:id|class|d|x|y|x1|x2|y1|y2|cx|cy|r|rx|ry|fx|fy|dx|dy|width|height|viewBox|points|transform|opacity|fill(?:-rule|-opacity)?|stroke(?:-width|-linecap|-linejoin|-opacity|-dasharray|-dashoffset|-miterlimit)?|clip-path|clip-rule|mask|offset|stop-color|stop-opacity|gradientUnits|gradientTransform|spreadMethod|patternUnits|patternTransform|patternContentUnits|maskUnits|clipPathUnits|preserveAspectRatio|font-family|font-size|font-weight|font-style|letter-spacing|text-anchor|textLength|lengthAdjust|dominant-baseline|color|vector-effect|xmlns|version|role|aria-label|href|xlink:href)$/;
const MOST = 60000;
/** Elements a drawing comes to once everything it draws by reference is drawn: more would stop a browser. */
const MOST_UNFOLDED = 20_000;
const DEEPEST = 100;

/** An element as far as it counts: what is in it, and what it draws by reference. */
interface Drawn {
  id: string;
  within: Drawn[];
  refers: string[];
}

/** How many elements a drawing comes to, everything referred to counted each time it is drawn; infinite where it draws itself. */
function unfolded(root: Drawn): number {
  const byId = new Map<string, Drawn>();
  const gather = (d: Drawn) => {
    if (d.id && !byId.has(d.id)) byId.set(d.id, d);
    d.within.forEach(gather);
  };
  gather(root);
  const known = new Map<Drawn, number>();
  const under = new Set<Drawn>();
  const count = (d: Drawn): number => {
    if (under.has(d)) return Infinity;
    const before = known.get(d);
    if (before !== undefined) return before;
    under.add(d);
    let sum = 1;
    for (const inner of d.within) sum += count(inner);
    for (const id of d.refers) sum += byId.has(id) ? count(byId.get(id)!) : 0;
    under.delete(d);
    known.set(d, sum);
    return sum;
  };
  return count(root);
}

/** What became of an SVG somebody brought. */
export type SafeSvg = { svg: string; dropped: string[] } | { problem: string };

const quote = (s: string) => s.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/"/g, '&quot;');

/**
 * An SVG with everything gone that is not drawing: scripts, handlers, styles, links to elsewhere, embedded documents.
 * Safe again gives the same bytes. Says why where nothing can be made of it.
 */
export function safeSvg(text: string): SafeSvg {
  if (text.length > MOST * 4)
    return { problem: `The file is too large: ${Math.round(text.length / 1024)} KB; a drawing needs no more than 60.` };
  if (/<!ENTITY/i.test(text))
    return { problem: 'The file defines entities of its own, which can be used to flood a reader. It was not taken.' };
  if (!/<svg[\s>]/i.test(text)) return { problem: 'This is no SVG: there is no <svg> in it.' };
  const dropped = new Set<string>();
  let out = '';
  let inside = 0;
  let skip = 0;
  let drawn = 0;
  let deepest = 0;
  const root: Drawn = { id: '', within: [], refers: [] };
  const open: Drawn[] = [root];
  const parser = new Parser(
    {
      onopentag(name, attributes) {
        if (skip || !ELEMENTS.has(name) || (name !== 'svg' && inside === 0)) {
          if (!skip && name !== '?xml') dropped.add(`<${name}>`);
          skip++;
          return;
        }
        inside++;
        deepest = Math.max(deepest, inside);
        const now: Drawn = {
          id: attributes['id'] ?? '',
          within: [],
          refers: Object.values(attributes).flatMap((v) =>
            [.../(?:^|url\(\s*['"]?)#([\w-]+)/g[Symbol.matchAll](v)].map((m) => m[1]!),
          ),
        };
        if (deepest <= DEEPEST) open.at(-1)!.within.push(now);
        open.push(now);
        if (/^(?:path|rect|circle|ellipse|line|polyline|polygon|text|use)$/.test(name)) drawn++;
        out += `<${name}`;
        if (name === 'svg' && inside === 1) {
          attributes['xmlns'] = 'http://www.w3.org/2000/svg';
          const [w, h] = [attributes['width'], attributes['height']].map((v) => /^([\d.]+)(?:px)?$/.exec(v ?? '')?.[1]);
          // Without a box of its own it would be cut where it is shown smaller.
          if (!attributes['viewBox'] && w && h) attributes['viewBox'] = `0 0 ${w} ${h}`;
        }
        for (const [key, value] of Object.entries(attributes)) {
          const local = !/href$/.test(key) || /^#[\w-]+$/.test(value);
          const quiet = !/url\(\s*['"]?(?!#)|javascript:|expression\(|data:/i.test(value);
          if (ATTRIBUTES.test(key) && local && quiet)
            out += ` ${key === 'xlink:href' ? 'href' : key}="${quote(value)}"`;
          else if (!/^(?:style|xml:space|data-|xmlns:|sodipodi|inkscape|enable-background)/.test(key)) dropped.add(key);
          else dropped.add(key.split(/[:-]/)[0]!);
        }
        out += '>';
      },
      ontext(words) {
        if (inside && !skip && words.trim()) out += quote(words);
      },
      onclosetag(name) {
        if (skip) {
          skip--;
          return;
        }
        inside--;
        open.pop();
        out += `</${name}>`;
      },
    },
    { xmlMode: true },
  );
  parser.end(text.slice(Math.max(0, text.search(/<svg[\s>]/i))));
  if (deepest > DEEPEST) return { problem: 'The drawing is nested deeper than any drawing needs. It was not taken.' };
  if (unfolded(root) > MOST_UNFOLDED)
    return {
      problem: 'The drawing repeats itself so often that browsers would stop at it. It was not taken.',
    };
  if (!out || !drawn) return { problem: 'Nothing in this file draws anything that can be used.' };
  if (out.length > MOST)
    return {
      problem: `The drawing is too large: ${Math.round(out.length / 1024)} KB; a drawing needs no more than 60.`,
    };
  return { svg: out, dropped: [...dropped].sort() };
}
