import { layoutCss } from '../../look/layout.js';
import { colourTokens, finishCss, lookTokens, wordSizes } from '../../look/tokens.js';
import { families } from '../../look/type.js';
import type { Look } from '../../model/site.js';
import { kindCss, shapeCss } from '../../look/shapes/registry.gen.js';
import { shortHash } from '../../ground/random.js';

/** What a font file of a site holds: the letters it is cut down to and the weights it keeps. */
export interface FontCut {
  letters: string;
  weights: readonly [number, number];
}

/** Letters every cut has, so that a changed word does not change the file. */
const ALWAYS = ' !"#%&\'()*+,-./0123456789:;?@ABCDEFGHIJKLMNOPQRSTUVWXYZ[]_abcdefghijklmnopqrstuvwxyz ©·–—‘’“”•…€£';

/** How the families of a look are cut for a site with these words: letters used, and no weight that is not. */
export function fontCuts(look: Look, words: string): Record<string, FontCut> {
  const letters = [...new Set([...ALWAYS, ...words])]
    .filter((c) => c >= ' ')
    .sort()
    .join('');
  const weightsOf = (id: string): [number, number] => {
    const [least, most] = families[id]!.weights;
    const within = (w: number) => Math.min(Math.max(w, least), most);
    const heading = within(look.headingWeight);
    const asHeading = id === look.heading ? [heading] : [];
    const asReading = id === look.reading ? [within(400), within(680)] : [];
    // Large running text is set in the heading family at its regular weight.
    const large = id === look.heading ? [within(400)] : [];
    const all = [...asHeading, ...asReading, ...large];
    return [Math.min(...all), Math.max(...all)];
  };
  return Object.fromEntries(
    [...new Set([look.heading, look.reading])].map((id) => [id, { letters, weights: weightsOf(id) }]),
  );
}

/** Where a family’s file lies: named for what it is cut down to on a published site, whole in the window. */
export const fontPath = (id: string, cut?: FontCut): string =>
  cut ? `/fonts/${id}-${shortHash(cut.letters + cut.weights.join())}.woff2` : `/fonts/${id}.woff2`;

const face = (id: string, base: string, display: 'optional' | 'swap', cut?: FontCut) => {
  const f = families[id]!;
  const [least, most] = cut?.weights ?? f.weights;
  return `@font-face {
  font-family: '${f.css}';
  src: url('${base}${fontPath(id, cut)}') format('woff2');
  font-weight: ${least === most ? least : `${least} ${most}`};
  font-display: ${display};
}`;
};

const ROLES = ['ground', 'text', 'quiet', 'line', 'lead', 'on-lead', 'accent', 'on-accent', 'good', 'warn', 'bad'];
const roles = ROLES.map((r) => `  --${r}: var(--colour-${r});`).join('\n');

const BASE = `*,
*::before,
*::after {
  box-sizing: border-box;
}
html {
  -webkit-text-size-adjust: 100%;
  text-size-adjust: 100%;
  scroll-behavior: smooth;
}
body,
.on-plain {
${roles}
  --box: var(--colour-wash);
  --edge-line: var(--colour-edge);
}
.on-wash {
  --ground: var(--colour-wash);
  --box: var(--colour-ground);
}
.on-deep {
  --ground: var(--colour-deep);
  --text: var(--colour-on-deep);
  --quiet: var(--colour-on-deep);
  --lead: var(--colour-on-deep);
  --on-lead: var(--colour-deep);
  --line: var(--colour-deep-line);
  --edge-line: var(--colour-deep-edge);
  --box: var(--colour-deep-box);
  --good: var(--colour-on-deep);
  --warn: var(--colour-on-deep);
  --bad: var(--colour-on-deep);
}
body {
  margin: 0;
  font: 400 var(--size-1) / var(--leading) var(--reading);
  color: var(--text);
  background: var(--ground);
  container: page / inline-size;
  overflow-wrap: anywhere;
}
main {
  display: block;
}
td,
th {
  overflow-wrap: normal;
}
.band,
.head,
.grid > *,
.cols,
.cols > * {
  grid-template-columns: minmax(0, 1fr);
  min-inline-size: 0;
}
.band > * {
  min-inline-size: 0;
}
.band {
  padding: var(--gap) var(--edge);
  color: var(--text);
  background: var(--ground);
}
.band:not(.on-wash, .on-deep):has(+ .band:not(.on-wash, .on-deep)) {
  padding-bottom: calc(var(--gap) * 0.6);
}
img {
  display: block;
  max-width: 100%;
  height: auto;
}
picture {
  display: contents;
}
source {
  display: none;
}
.pic {
  object-fit: cover;
  object-position: var(--look-at, 50% 50%);
  border-radius: var(--corner);
}
.pic.bleed,
.pic.bare {
  border-radius: 0;
}
h1,
h2,
h3,
h4 {
  margin: 0 0 0.6em;
  font-family: var(--heading);
  font-weight: var(--heading-weight);
  line-height: 1.12;
  letter-spacing: -0.01em;
  text-wrap: balance;
}
h1 {
  font-size: var(--size-4);
  line-height: 1.08;
}
h2 {
  font-size: var(--size-3);
}
h3,
h2.sub {
  font-size: var(--size-heading-3);
  line-height: 1.25;
  margin-bottom: 0.3em;
}
p {
  margin: 0 0 1.1em;
  max-width: var(--measure);
  text-wrap: pretty;
}
blockquote {
  margin: 0 0 0.8rem;
  text-wrap: pretty;
}
figure {
  margin: 0;
}
figcaption {
  padding-top: 0.5rem;
  font-size: 0.92em;
  color: var(--quiet);
}
figcaption strong {
  display: block;
  color: var(--text);
}
address {
  font-style: normal;
}
a {
  color: var(--lead);
  text-underline-offset: 0.18em;
}
.head {
  margin-bottom: calc(1.8rem * var(--density));
}
.head > :last-child {
  margin-bottom: 0;
}
.head.middle {
  text-align: center;
}
.head.middle > * {
  margin-inline: auto;
}
.to-tell {
  text-decoration: underline dotted 1px;
  text-underline-offset: 0.3em;
}
.lead {
  font-size: var(--size-2);
  line-height: 1.5;
  max-width: 46ch;
}
.kicker {
  margin-bottom: 0.9rem;
  font-size: 0.95em;
  font-weight: 620;
  color: var(--lead);
}
.quiet,
.role,
.date,
.place,
.note,
.small-print {
  color: var(--quiet);
}
.date,
.small-print,
.place {
  font-size: 0.94em;
}
.small-print span + span::before {
  content: ' · ';
}
.price {
  font-weight: 650;
  font-variant-numeric: tabular-nums;
}
.line {
  display: block;
}
.reach a,
.reach span {
  display: block;
  width: fit-content;
  padding-block: 0.15rem;
}
.reach .what {
  display: block;
  margin-bottom: 0.4rem;
  color: var(--quiet);
}
.registered {
  font-size: 0.85em;
}
.grid {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: calc(1.8rem * var(--density)) clamp(1.2rem, 3cqi, 2.5rem);
  margin: 0;
  padding: 0;
  list-style: none;
}
.grid > * > :last-child {
  margin-bottom: 0;
}
@container page (min-width: 36rem) {
  .across-2,
  .across-3,
  .across-4 {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
  .across-3 > :last-child:nth-child(odd) {
    grid-column: 1 / -1;
  }
}
@container page (min-width: 52rem) {
  .across-3 {
    grid-template-columns: repeat(3, minmax(0, 1fr));
  }
  .across-3 > :last-child:nth-child(odd) {
    grid-column: auto;
  }
  .across-3.last-wide > :last-child {
    grid-column: 1 / -1;
  }
}
@container page (min-width: 62rem) {
  .across-4 {
    grid-template-columns: repeat(4, minmax(0, 1fr));
  }
}
.rows {
  margin: 0;
  padding: 0;
  list-style: none;
  border-bottom: 1px solid var(--line);
}
.rows > * {
  border-top: 1px solid var(--line);
}
.rows > * > :last-child {
  margin-bottom: 0;
}
.rows h3 {
  margin-bottom: 0.15em;
}
.card {
  background: var(--box);
  border-radius: var(--corner);
  overflow: clip;
}
.card .pic {
  border-radius: 0;
}
.card .inside {
  padding: calc(1.2rem * var(--density)) 1.3rem;
}
.card .inside > :last-child {
  margin-bottom: 0;
}
.line-up {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  justify-content: space-between;
  gap: 0 1.2rem;
}
.line-up > * {
  margin-bottom: 0.15em;
}
.ticks {
  margin: 0 0 1.1em;
  padding: 0;
  list-style: none;
}
.ticks:empty {
  display: none;
}
.ticks li {
  display: flex;
  gap: 0.7rem;
  align-items: start;
  padding-block: 0.25rem;
}
.ticks .icon {
  inline-size: 1.2em;
  block-size: 1.2em;
  margin-top: 0.2em;
}
.prose > :last-child {
  margin-bottom: 0;
}
.points {
  margin: 0 0 1em;
  padding-inline-start: 1.2em;
}
dt {
  font-weight: 650;
}
dd {
  margin: 0;
}
.more {
  margin: calc(1.8rem * var(--density)) 0 0;
  font-weight: 620;
}
.icon {
  flex: none;
  display: inline-block;
  inline-size: 1.8rem;
  block-size: 1.8rem;
  color: var(--lead);
}
.icon svg {
  display: block;
  inline-size: 100%;
  block-size: 100%;
}
.icon svg * {
  stroke-width: var(--stroke, 1.75);
}
.buttons {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.75rem 1.2rem;
  max-width: none;
  margin: 1.6rem 0 0;
}
.button {
  display: inline-block;
  padding: 0.7rem 1.25rem;
  font: 650 1rem/1.3 var(--reading);
  text-decoration: none;
  cursor: pointer;
  color: var(--on-lead);
  background: var(--lead);
  border: 2px solid var(--lead);
  border-radius: var(--corner);
}
.button.second {
  color: var(--lead);
  background: transparent;
}
.button:hover {
  text-decoration: underline;
}
.home {
  color: var(--text);
  text-decoration: none;
}
.name {
  font: var(--heading-weight) 1.3rem/1.2 var(--heading);
}
.mark {
  inline-size: auto;
  block-size: 2.8rem;
  max-width: min(100%, 16rem);
}
.mark.plate {
  padding: 0.3rem 0.5rem;
  background: #ffffff;
  border-radius: min(var(--corner), 6px);
}
@media (prefers-color-scheme: dark) {
  .mark.plate-by-night {
    padding: 0.3rem 0.5rem;
    background: #ffffff;
    border-radius: min(var(--corner), 6px);
  }
}
.menu ul,
.under ul {
  display: flex;
  flex-wrap: wrap;
  gap: 0 1.6rem;
  margin: 0;
  padding: 0;
  list-style: none;
}
.menu a,
.under a {
  display: block;
  padding-block: 0.45rem;
  color: var(--text);
  text-decoration: none;
}
.menu a:hover,
.menu a[aria-current],
.under a:hover,
.under a[aria-current] {
  text-decoration: underline;
  text-decoration-thickness: 2px;
  text-underline-offset: 0.4em;
}
.menu a.action {
  color: var(--lead);
  font-weight: 650;
}
.under {
  margin-top: 0.35rem;
  border-top: 1px solid var(--line);
  font-size: 0.95em;
}
.name-line .name {
  font-size: 1.1rem;
}
.all-pages ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
.all-pages a {
  display: inline-block;
  padding-block: 0.15rem;
}
.all-pages li ul {
  padding-inline-start: 1rem;
}
form > p {
  margin: 0 0 1.1rem;
  max-width: none;
}
label {
  display: block;
  margin-bottom: 0.3rem;
  font-weight: 600;
}
small {
  font-weight: 400;
  color: var(--quiet);
}
input,
textarea {
  display: block;
  width: 100%;
  padding: 0.6rem 0.7rem;
  font: inherit;
  color: var(--text);
  background: var(--ground);
  border: 1px solid var(--edge-line);
  border-radius: min(var(--corner), 6px);
}
textarea {
  resize: vertical;
}
.refused,
.thanks {
  margin: 0 0 1.5rem;
  padding: 1rem 1.2rem;
  background: var(--ground);
  border-inline-start: 4px solid var(--good);
}
.refused {
  border-color: var(--bad);
}
.refused > :first-child {
  font-size: var(--size-2);
}
.error {
  display: block;
  margin-top: 0.3rem;
  color: var(--bad);
  font-weight: 600;
}
.leave-empty {
  position: absolute;
  inline-size: 1px;
  block-size: 1px;
  overflow: hidden;
  clip-path: inset(50%);
}
:focus-visible {
  outline: 3px solid var(--lead);
  outline-offset: 3px;
}
.picture-credits {
  padding: 0.7rem var(--edge);
  font-size: 0.85em;
  color: var(--quiet);
}
.picture-credits p {
  margin: 0;
  max-width: none;
}
.around {
  padding: calc(1rem * var(--density)) var(--edge) calc(2rem * var(--density));
}
.around ul {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem 2rem;
  margin: 0;
  padding: 0;
  list-style: none;
}
.around .next {
  margin-inline-start: auto;
}
.skip {
  position: absolute;
  left: -100vw;
}
.skip:focus {
  left: 0.5rem;
  top: 0.5rem;
  padding: 0.5rem 1rem;
  background: var(--ground);
}
@media (prefers-reduced-motion: reduce) {
  html {
    scroll-behavior: auto;
  }
}
@media print {
  .menu,
  .under,
  .all-pages,
  form {
    display: none;
  }
  .band {
    padding-block: 1.5rem;
    break-inside: avoid-page;
    mask: none;
    clip-path: none;
  }
  body,
  .on-wash,
  .on-deep {
    --ground: #ffffff;
    --box: #ffffff;
    --text: #000000;
    --quiet: #000000;
    --lead: #000000;
    --on-lead: #ffffff;
  }
}`;

/** Custom properties as lines of a stylesheet. */
const declarations = (tokens: Record<string, string>, indent: string) =>
  Object.entries(tokens)
    .map(([name, value]) => `${indent}${name}: ${value};`)
    .join('\n');

/** The third family of buttons, on the sites that have one. */
const QUIET_BUTTONS = `.button.quiet,
.button.quiet:hover {
  padding: 0.45rem 0;
  color: var(--lead);
  background: transparent;
  border: 0;
  border-radius: 0;
  box-shadow: none;
  text-decoration: underline;
  text-underline-offset: 0.25em;
}
.button.quiet:hover {
  text-decoration-thickness: 2px;
}`;

export interface CssOptions {
  display?: 'optional' | 'swap';
  fontBase?: string;
  /** How the fonts are cut; whole where left out. */
  cuts?: Record<string, FontCut>;
  /** What must stay in sight of cut pictures, and what shows until they are there: rules by class name. */
  pictures?: readonly string[];
  /** How sections are laid out otherwise than the look has it (`layoutsUsed`). */
  layouts?: ReadonlySet<string>;
  /** What becomes of a section that is not for the kind of page at hand: it is not there, where left out. */
  gone?: string;
  /** Whether there are buttons of the third family. */
  quiet?: boolean;
  /** Letters of the longest word in a heading. */
  longestWord?: number;
  /** Only one version, whatever the reader’s device prefers: for looking at it. */
  only?: 'day' | 'night';
}

/**
 * The whole stylesheet of a site: its look as custom properties, the base, the finishes its look chooses and the shapes
 * it uses. Visitors get a font only if it is there in time, so that nothing shifts; the window always shows it.
 */
export function siteCss(look: Look, usedShapes: Iterable<string>, options: CssOptions = {}): string {
  const { display = 'optional', fontBase = '', cuts, only } = options;
  const has = (name: string) => [...(options.layouts ?? [])].some((f) => f.startsWith(`${name} `));
  const first = only === 'night' ? look.night : look.day;
  const tokens = `:root {
  color-scheme: ${only ? (only === 'day' ? 'light' : 'dark') : 'light dark'};
${declarations({ ...colourTokens(first), ...lookTokens(look), ...wordSizes(look, options.longestWord ?? 0) }, '  ')}
}`;
  const night = only
    ? ''
    : `@media (prefers-color-scheme: dark) {
  :root {
${declarations(colourTokens(look.night), '    ')}
  }
}`;
  const faces = [...new Set([look.heading, look.reading])].map((id) => face(id, fontBase, display, cuts?.[id]));
  const used = [...new Set(usedShapes)].sort();
  const kinds = [...new Set(used.map((name) => name.split('/')[0]!))].map((kind) => kindCss[kind] ?? '');
  const shapes = used.map((name) => shapeCss[name] ?? '');
  return (
    [
      ...faces,
      tokens,
      night,
      BASE,
      ...kinds,
      ...shapes,
      ...finishCss(look, { edge: has('edge'), motion: has('motion') }),
      ...layoutCss(options.layouts ?? new Set(), look, options.longestWord ?? 0, options.gone),
      options.quiet ? QUIET_BUTTONS : '',
      ...(options.pictures ?? []),
    ]
      .filter(Boolean)
      .join('\n\n') + '\n'
  );
}
