/** A type family that ships with the product; `file` is the specifier of its Latin variable WOFF2 in its package. */
export interface Family {
  id: string;
  css: string;
  file: string;
  /** Weight used for headings. */
  weight: number;
  fallback: string;
  licence: 'OFL-1.1';
}

const family = (id: string, css: string, weight: number, fallback: string): Family => ({
  id,
  css,
  weight,
  fallback,
  file: `@fontsource-variable/${id}/files/${id}-latin-wght-normal.woff2`,
  licence: 'OFL-1.1',
});

export const families: Record<string, Family> = Object.fromEntries(
  [
    family('fraunces', 'Fraunces', 560, 'Georgia, serif'),
    family('bitter', 'Bitter', 640, 'Georgia, serif'),
    family('bricolage-grotesque', 'Bricolage Grotesque', 660, 'system-ui, sans-serif'),
    family('source-sans-3', 'Source Sans 3', 640, 'system-ui, sans-serif'),
    family('atkinson-hyperlegible-next', 'Atkinson Hyperlegible Next', 640, 'system-ui, sans-serif'),
  ].map((f) => [f.id, f]),
);

/** Heading and reading families that go together. */
export const pairings: readonly (readonly [string, string])[] = [
  ['fraunces', 'source-sans-3'],
  ['bitter', 'source-sans-3'],
  ['bricolage-grotesque', 'atkinson-hyperlegible-next'],
  ['fraunces', 'atkinson-hyperlegible-next'],
];
