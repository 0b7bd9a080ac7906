import { COLOUR_ROLES, type Finishes, type Look, type Palette } from '../model/site.js';
import { between } from './palette.js';
import { families } from './type.js';

const kebab = (s: string) => s.replace(/[A-Z]/g, (c) => `-${c.toLowerCase()}`);
const round = (x: number, digits = 3) => String(Math.round(x * 10 ** digits) / 10 ** digits);

/** The custom properties of a palette. What lies on the deep ground is a shade of it. */
export function colourTokens(p: Palette): Record<string, string> {
  return {
    ...Object.fromEntries(COLOUR_ROLES.map((role) => [`--colour-${kebab(role)}`, p[role]])),
    '--colour-deep-box': between(p.deep, p.onDeep, 0.09),
    '--colour-deep-line': between(p.deep, p.onDeep, 0.3),
    '--colour-deep-edge': between(p.deep, p.onDeep, 0.62),
  };
}

/** The smallest and the greatest width, px, between which sizes grow with the page. */
const NARROW = 360;
const WIDE = 1320;

/** A fluid size: from `least` to `most` rem as the page grows from narrow to wide. */
function fluid(least: number, most: number): string {
  if (most - least < 0.01) return `${round(least)}rem`;
  const slope = ((most - least) * 16 * 100) / (WIDE - NARROW);
  const start = least - (slope * NARROW) / 1600;
  return `clamp(${round(least)}rem, ${round(start)}rem + ${round(slope, 2)}vw, ${round(most)}rem)`;
}

/**
 * The sizes of a look: a modular scale from the size of running text, each step `scale` times the one below on a wide
 * page and less on a narrow one. Narrow families are set larger and wide ones smaller, so that a heading takes the same
 * room in any of them. `by` is how much larger a section has them.
 */
export function sizeTokens(look: Look, by = 1): Record<string, string> {
  const base = look.base / 16;
  const gentle = 1 + (look.scale - 1) * 0.6;
  const { width } = families[look.heading]!;
  // Running text changes by less than headings do.
  const text = 1 + (by - 1) * 0.5;
  const fit = Math.min(1.3, Math.max(0.86, Math.sqrt(0.49 / width))) * (look.headingCase === 'capitals' ? 0.86 : 1);
  const step = (n: number, grow = fit * by) => fluid(base * gentle ** n * grow, base * look.scale ** n * grow);
  return {
    '--size-1': `${round(base * text)}rem`,
    '--size-2': fluid(base * 1.08 * text, base * 1.2 * text),
    '--size-heading-3': step(1),
    '--size-3': step(2.6),
    '--size-4': step(3.8),
    '--size-5': step(4.8),
    '--size-6': step(5.8),
  };
}

/** Words up to so many letters go into a line on the narrowest page whatever the look. */
const SHORT_WORD = 8;
/** Longer ones than this break: headings are not made small for one of them. */
const LONG_WORD = 18;
/** The sizes of large headings, held so that a word of so many letters still goes into one line of a narrow page. */
export function wordSizes(look: Look, letters: number, by = 1): Record<string, string> {
  if (letters <= SHORT_WORD && by <= 1) return {};
  const capitals = look.headingCase === 'capitals' ? 1.3 : 1;
  const heavy = 1 + Math.max(0, look.headingWeight - 400) / 2500;
  const ems = Math.min(Math.max(letters, SHORT_WORD), LONG_WORD) * families[look.heading]!.width * capitals * heavy;
  // What the edges of a narrow page leave.
  const most = `(88cqi - 1rem) / ${round(ems, 2)}`;
  const sizes = sizeTokens(look, by);
  return Object.fromEntries(
    ['--size-3', '--size-4', '--size-5', '--size-6'].map((name) => [name, `min(${sizes[name]!}, ${most})`]),
  );
}

/** The custom properties a look is: nothing else of it reaches the stylesheet but the rules its finishes choose. */
export function lookTokens(look: Look): Record<string, string> {
  const heading = families[look.heading]!;
  const reading = families[look.reading]!;
  return {
    '--heading': `'${heading.css}', ${heading.fallback}`,
    '--heading-weight': String(Math.min(Math.max(look.headingWeight, heading.weights[0]), heading.weights[1])),
    '--reading': `'${reading.css}', ${reading.fallback}`,
    ...sizeTokens(look),
    '--measure': `${Math.round(30 / Math.max(0.4, reading.width))}ch`,
    '--leading': round(1.36 + reading.xHeight * 0.5, 2),
    '--density': round(look.density, 2),
    '--gap': `calc(clamp(3rem, 6cqi, 5rem) * ${round(look.density, 2)})`,
    '--gap-small': `calc(clamp(1.75rem, 3.5cqi, 3rem) * ${round(look.density, 2)})`,
    '--edge': 'max(clamp(1.15rem, 5.5cqi, 6rem), (100cqi - 80rem) / 2)',
    '--corner': `${look.corner}px`,
    '--rule': `${look.line}px`,
  };
}

const BUTTONS: Record<Finishes['button'], string> = {
  solid: '',
  outline: `.button {
  color: var(--lead);
  background: transparent;
}
.button:hover {
  color: var(--on-lead);
  background: var(--lead);
}
.button.second {
  border-color: transparent;
  text-decoration: underline;
}`,
  pill: `.button {
  padding-inline: 1.6rem;
  border-radius: 99px;
}`,
  block: `.button {
  padding: 0.95rem 1.7rem;
  border-radius: 0;
  box-shadow: 0.3rem 0.3rem 0 var(--accent);
}
.button.second {
  box-shadow: none;
}`,
  underline: `.button,
.button.second {
  padding: 0.45rem 0.1rem;
  color: var(--lead);
  background: transparent;
  border: 0;
  border-bottom: max(3px, var(--rule)) solid var(--accent);
  border-radius: 0;
}
.button.second {
  border-bottom-width: 1px;
}
button.button {
  padding: 0.7rem 1.3rem;
  color: var(--on-lead);
  background: var(--lead);
}`,
};

const PICTURES: Record<Finishes['picture'], string> = {
  plain: '',
  frame: `.pic:not(.bleed, .bare) {
  padding: clamp(0.35rem, 0.8cqi, 0.7rem);
  background: var(--ground);
  border: max(1px, var(--rule)) solid var(--edge-line);
}`,
  arch: `.pic:not(.bleed, .bare, .small) {
  border-radius: 50vw 50vw 0 0;
}`,
  offset: `.pic:not(.bleed, .bare, .small, .tall, .frieze) {
  box-shadow: -0.7rem 0.7rem 0 var(--accent);
}`,
  leaf: `.pic:not(.bleed, .bare) {
  border-radius: 0 clamp(1.5rem, 5cqi, 4rem);
}`,
  tilt: `.pic:not(.bleed, .bare, .small, .frieze) {
  rotate: -1.2deg;
}
.pic.small {
  rotate: 0.6deg;
}`,
};

const EDGES: Record<Finishes['edge'], string> = {
  straight: '',
  rule: `.band + .band:not(.on-deep, .on-wash) {
  position: relative;
}
.band + .band:not(.on-deep, .on-wash)::before {
  content: '';
  position: absolute;
  inset: 0 var(--edge) auto;
  border-top: 1px solid var(--line);
}`,
  slant: `.band.on-wash,
.band.on-deep {
  padding-bottom: calc(var(--gap) + 2.4cqi);
  clip-path: polygon(0 0, 100% 0, 100% calc(100% - 2.4cqi), 0 100%);
}`,
  inset: `.band.on-wash,
.band.on-deep {
  margin: 0 clamp(0.5rem, 1.8cqi, 2rem) clamp(0.5rem, 1.8cqi, 2rem);
  padding-inline: max(clamp(1rem, 3.7cqi, 4rem), var(--edge) - clamp(0.5rem, 1.8cqi, 2rem));
  border-radius: max(var(--corner) * 1.5, 4px);
  overflow: clip;
}`,
  scallop: `.band.on-wash,
.band.on-deep {
  --bump: clamp(0.6rem, 1.4cqi, 1.1rem);
  padding-bottom: calc(var(--gap) + var(--bump));
  mask:
    linear-gradient(#000 0 0) top / 100% calc(100% - var(--bump)) no-repeat,
    radial-gradient(circle at 50% 0, #000 calc(var(--bump) - 0.5px), transparent var(--bump)) bottom left /
      calc(var(--bump) * 2) var(--bump) repeat-x;
}`,
};

/** How grounds end, written for the sections `of` a site. */
export const edgeCss = (edge: Finishes['edge'], of = '.band'): string =>
  EDGES[edge].replace(/\.band \+ \.band|\.band/g, (said) => (said === '.band' ? of : `.band + ${of}`));

const ICONS: Record<Finishes['icon'], string> = {
  none: '',
  fine: `.icon {
  --stroke: 1.25;
}`,
  firm: `.icon {
  --stroke: 2.25;
}`,
  badge: `.icon {
  --stroke: 1.75;
  padding: 0.5rem;
  inline-size: 2.6rem;
  block-size: 2.6rem;
  color: var(--on-lead);
  background: var(--lead);
  border-radius: max(var(--corner), 3px);
}
.ticks .icon {
  padding: 0.15rem;
  inline-size: 1.3rem;
  block-size: 1.3rem;
}`,
};

const FRAMES: Record<Exclude<Finishes['motion'], 'still'>, string> = {
  rise: 'translate: 0 1.6rem;',
  slide: 'translate: -1.4rem 0;',
  grow: 'scale: 0.96;',
};
/** What enters of a section, one after the other in a row: how far it has come in, in per cent, when that begins. */
const ENTERS = '.grid > *, .rows > *, .head, .pic:not(.bleed, .bare)';
const STEP = 12;
const LATER = 21;
const entry = (from: number) => `entry ${from}% entry ${from + 55}%`;

/**
 * Entrances bound to scrolling, each item of a row a little after the one before; none for those who want none. `of` says
 * of which sections.
 */
export const motionCss = (motion: Finishes['motion'], of = '', name = 'enter'): string =>
  motion === 'still'
    ? ''
    : `@media screen and (prefers-reduced-motion: no-preference) {
  @supports (animation-timeline: view()) {
    @keyframes ${name} {
      from {
        ${FRAMES[motion]}
      }
    }
    main > .band${of}:not(:first-child) :is(${ENTERS}) {
      animation: ${name} linear backwards;
      animation-timeline: view();
      animation-range: ${entry(0)};
    }
    main > .band${of} .grid > :nth-child(3n + 2) {
      animation-range: ${entry(STEP)};
    }
    main > .band${of} .grid > :nth-child(3n) {
      animation-range: ${entry(2 * STEP)};
    }
  }
}`;

/** When what is in some sections enters, whatever way it does: `of` says which. */
export function paceCss(pace: 'later' | 'together' | 'reverse', of: string): string {
  const first = pace === 'later' ? LATER : pace === 'reverse' ? 2 * STEP : 0;
  const step = pace === 'later' ? STEP : pace === 'reverse' ? -STEP : 0;
  const rows = [3, 2, 1].map(
    (n) => `  ${of} .grid > :nth-child(3n + ${n}) {\n    animation-range: ${entry(first + step * (n - 1))};\n  }`,
  );
  return `@media screen and (prefers-reduced-motion: no-preference) {
  ${of}:not(:first-child) :is(${ENTERS}) {
    animation-range: ${entry(first)};
  }
${rows.reverse().join('\n')}
}`;
}

/**
 * The rules that the finishes of a look choose: buttons, pictures, edges of sections, icons, motion, case of headings.
 * Sections with an edge or a motion of their `own` are left out of those.
 */
export function finishCss(look: Look, own: { edge?: boolean; motion?: boolean } = {}): string[] {
  return [
    BUTTONS[look.button],
    PICTURES[look.picture],
    edgeCss(look.edge, own.edge ? '.band:not([data-edge])' : '.band'),
    ICONS[look.icon],
    look.headingCase === 'capitals'
      ? `h1,
h2,
.header-block .name,
.header-ruled .name {
  text-transform: uppercase;
  letter-spacing: 0.015em;
}`
      : '',
    motionCss(look.motion, own.motion ? ':not([data-motion])' : ''),
  ].filter(Boolean);
}
