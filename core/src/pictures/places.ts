import {
  isPicture,
  isText,
  type Medium,
  type Page,
  type Picture,
  type Section,
  type SiteDocument,
} from '../model/site.js';
import type { Operation, Place, SingleOperation } from '../operations/operation.js';
import { shapes } from '../shapes/registry.gen.js';
import { recipeFrom, subjectsIn } from './draw.js';

/** A place for a picture, and what it speaks of. */
export interface PicturePlace {
  at: Place;
  page: Page | null;
  section: Section;
  picture: Picture;
  /** What it is called: the section, and the item it belongs to. */
  label: string;
  /** The words beside it, for choosing a picture that fits. */
  words: string;
}

function* walk(
  value: unknown,
  path: string,
  words: string,
): Generator<{ path: string; picture: Picture; words: string }> {
  if (isPicture(value)) yield { path, picture: value, words };
  else if (Array.isArray(value)) for (const [n, v] of value.entries()) yield* walk(v, `${path}.${n}`, words);
  else if (typeof value === 'object' && value !== null && !isText(value)) {
    const own = Object.entries(value as Record<string, unknown>)
      .filter(([k]) => k === 'name' || k === 'caption' || k === 'heading')
      .map(([, v]) => (isText(v) ? v.value : ''))
      .join(' ')
      .trim();
    for (const [k, v] of Object.entries(value as Record<string, unknown>))
      yield* walk(v, path ? `${path}.${k}` : k, own || words);
  }
}

/** Every place for a picture on a site, those that are bare too, page by page. */
export function picturePlaces(document: SiteDocument): PicturePlace[] {
  const of = (section: Section | null, page: Page | null): PicturePlace[] =>
    section
      ? [...walk(section.content, '', '')].map(({ path, picture, words }) => ({
          at: { section: section.id, path },
          page,
          section,
          picture,
          label: `${shapes[section.shape]?.title ?? section.shape}${words ? `: ${words.slice(0, 40)}` : ''}`,
          words,
        }))
      : [];
  return document.pages.flatMap((p) => p.sections.flatMap((s) => of(s, p)));
}

/** The places that show a picture. */
export const usesOf = (document: SiteDocument, media: string): PicturePlace[] =>
  picturePlaces(document).filter((p) => p.picture.media === media);

/** An id for a new picture that no other has. */
export function freeMediaId(document: SiteDocument, base: string): string {
  const stem =
    base
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-+|-+$/g, '')
      .slice(0, 40) || 'picture';
  const taken = new Set(document.media.map((m) => m.id));
  if (!taken.has(stem)) return stem;
  for (let n = 2; ; n++) if (!taken.has(`${stem}-${n}`)) return `${stem}-${n}`;
}

/** A picture made from words, for a site. */
export const makePicture = (document: SiteDocument, words: string, seed: number): Medium => {
  const recipe = recipeFrom(words, seed);
  return { id: freeMediaId(document, `made-${recipe.subject}`), kind: 'made', title: words.slice(0, 120), recipe };
};

/** The operation that puts one picture wherever another stands. */
export function replaceEverywhere(document: SiteDocument, from: string, to: string): Operation | null {
  const operations = usesOf(document, from).map((p): SingleOperation => ({ op: 'setPicture', at: p.at, media: to }));
  return operations.length ? { op: 'batch', operations } : null;
}

/** The operation that gives every place of a page (of all, where none is named) the picture of the site that fits its words best. */
export function bestFits(document: SiteDocument, page?: string): Operation | null {
  const subjectOf = (m: Medium) => (m.kind === 'made' ? m.recipe.subject : (subjectsIn(m.title)[0] ?? ''));
  const left = [...document.media];
  const operations: SingleOperation[] = [];
  for (const place of picturePlaces(document).filter((p) => !page || p.page?.id === page)) {
    const wanted = subjectsIn(place.words);
    const at = left.findIndex((m) => wanted.includes(subjectOf(m)));
    if (at < 0) continue;
    const [medium] = left.splice(at, 1);
    if (medium!.id !== place.picture.media) operations.push({ op: 'setPicture', at: place.at, media: medium!.id });
  }
  return operations.length ? { op: 'batch', operations } : null;
}

/** Pictures that say something and are not said in words: shown large, by themselves, without an alternative text. */
export const withoutWords = (document: SiteDocument): PicturePlace[] =>
  picturePlaces(document).filter(
    (p) => p.picture.media && !p.picture.alt.value && /^(opening|gallery|compare|feature)\//.test(p.section.shape),
  );
