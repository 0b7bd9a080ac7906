import { families } from '../look/type.js';
import type { Look, Palette } from '../model/site.js';
import { shapeCss } from '../shapes/registry.gen.js';

const kebab = (s: string) => s.replace(/[A-Z]/g, (c) => `-${c.toLowerCase()}`);
const colours = (palette: Palette, indent: string) =>
  Object.entries(palette)
    .map(([role, value]) => `${indent}--${kebab(role)}: ${value};`)
    .join('\n');

/** Where a family’s file lies on a published site. */
export const fontPath = (id: string): string => `/fonts/${id}.woff2`;

const face = (id: string, base: string, display: 'optional' | 'swap') => {
  const f = families[id]!;
  return `@font-face {
  font-family: '${f.css}';
  src: url('${base}${fontPath(id)}') format('woff2');
  font-weight: 200 900;
  font-display: ${display};
}`;
};

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
body {
  margin: 0;
  font: 400 1.0625rem/1.6 var(--reading);
  color: var(--text);
  background: var(--ground);
  container: page / inline-size;
  overflow-wrap: break-word;
}
main {
  display: block;
}
img {
  display: block;
  max-width: 100%;
  height: auto;
}
h1,
h2,
h3 {
  margin: 0 0 0.6em;
  font-family: var(--heading);
  font-weight: var(--heading-weight);
  line-height: 1.14;
  letter-spacing: -0.01em;
  text-wrap: balance;
}
h1 {
  font-size: var(--size-4);
}
h2 {
  font-size: var(--size-3);
}
h3 {
  font-size: 1.2rem;
  line-height: 1.3;
  margin-bottom: 0.35em;
}
p {
  margin: 0 0 1.1em;
  max-width: 62ch;
  text-wrap: pretty;
}
a {
  color: var(--lead);
  text-underline-offset: 0.18em;
}
.lead {
  font-size: var(--size-2);
  line-height: 1.5;
  max-width: 48ch;
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
.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 0.75rem 1rem;
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
.button.quiet {
  color: var(--lead);
  background: transparent;
}
.button:hover {
  text-decoration: underline;
}
:focus-visible {
  outline: 3px solid var(--accent);
  outline-offset: 3px;
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
  .header-bar nav,
  .footer-plain nav,
  form {
    display: none;
  }
}`;

/**
 * The whole stylesheet of a site: its look as custom properties, the base, and the shapes it uses. Visitors get a font
 * only if it is there in time, so that nothing shifts; the window always shows it.
 */
export function siteCss(
  look: Look,
  usedShapes: Iterable<string>,
  display: 'optional' | 'swap' = 'optional',
  fontBase = '',
): string {
  const heading = families[look.heading]!;
  const reading = families[look.reading]!;
  const tokens = `:root {
  color-scheme: light dark;
${colours(look.day, '  ')}
  --heading: '${heading.css}', ${heading.fallback};
  --heading-weight: ${heading.weight};
  --reading: '${reading.css}', ${reading.fallback};
  --corner: ${look.corner}px;
  --density: ${look.density};
  --edge: clamp(1.15rem, 5.5vw, 6rem);
  --size-2: clamp(1.12rem, 1.05rem + 0.35vw, 1.3rem);
  --size-3: clamp(1.55rem, 1.3rem + 1.1vw, 2.2rem);
  --size-4: clamp(2rem, 1.5rem + 2.2vw, 3.1rem);
  --size-5: clamp(2.3rem, 1.6rem + 3.2vw, 4.1rem);
}
@media (prefers-color-scheme: dark) {
  :root {
${colours(look.night, '    ')}
  }
}`;
  const faces = [...new Set([look.heading, look.reading])].map((id) => face(id, fontBase, display));
  const shapes = [...new Set(usedShapes)].sort().map((name) => shapeCss[name] ?? '');
  return [...faces, tokens, BASE, ...shapes].filter(Boolean).join('\n\n') + '\n';
}
