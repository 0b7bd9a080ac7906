import {
  isPicture,
  isText,
  type Medium,
  type Page,
  type Picture,
  type Section,
  type SiteDocument,
} from '../model/site.js';
import type { Operation, SingleOperation } from '../operations/operation.js';
import type { Place } from '../operations/place.js';
import { shapes } from '../look/shapes/registry.gen.js';
import { recipeFrom, sayPicture, subjectsIn } from '../look/pictures/draw.js';

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
  else if (Array.isArray(value)) for (const v of value) yield* walk(v, `${path}.${(v as { id: string }).id}`, words);
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

/** The pictures of a section, bare places too. */
export const picturesWithin = (section: Section): Picture[] =>
  [...walk(section.content, '', '')].map(({ picture }) => picture);

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

/** The place for a picture there is at a place in a section; undefined where there is none. */
export const picturePlaceAt = (document: SiteDocument, { section, path }: Place): PicturePlace | undefined =>
  picturePlaces(document).find((p) => p.at.section === section && p.at.path === path);

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
  const medium = document.media.find((m) => m.id === to);
  const operations = medium ? usesOf(document, from).flatMap((p) => putAt(document, p, medium)) : [];
  return operations.length ? { op: 'batch', operations } : null;
}

const subjectOf = (m: Medium) => (m.kind === 'made' ? m.recipe.subject : (subjectsIn(m.title)[0] ?? ''));
const wordsIn = (text: string): Set<string> => new Set(text.toLowerCase().match(/\p{L}{4,}/gu) ?? []);

/** How well a picture fits a place: what it shows against what is said beside it. 0 where nothing speaks for it. */
export function fitOf(place: PicturePlace, medium: Medium): number {
  const wanted = subjectsIn(place.words);
  const at = wanted.indexOf(subjectOf(medium));
  const said = wordsIn(place.words);
  const shared = [...wordsIn(medium.title)].filter((w) => said.has(w)).length;
  // What a client brought is of the thing itself; a drawing only stands for it.
  return (at < 0 ? 0 : 4 - Math.min(at, 3)) + shared * 2 + (at >= 0 || shared ? (medium.kind === 'file' ? 2 : 0) : 0);
}

/** The pictures that fit a place best, best first. */
export const fitsFor = (document: SiteDocument, place: PicturePlace, most = 4): Medium[] =>
  document.media
    .map((medium) => ({ medium, fit: fitOf(place, medium) }))
    .filter(({ medium, fit }) => fit > 0 && medium.id !== place.picture.media)
    .sort((a, b) => b.fit - a.fit)
    .slice(0, most)
    .map(({ medium }) => medium);

/** The operation that gives every place of a page (of all, where none is named) the picture of the site that fits its words best. */
export function bestFits(document: SiteDocument, page?: string): Operation | null {
  const left = new Set(document.media);
  const operations: SingleOperation[] = [];
  for (const place of picturePlaces(document).filter((p) => !page || p.page?.id === page)) {
    const best = [...left]
      .map((medium) => ({ medium, fit: fitOf(place, medium) }))
      .reduce((a, b) => (b.fit > a.fit ? b : a), { medium: null as Medium | null, fit: 0 }).medium;
    if (!best) continue;
    left.delete(best);
    if (best.id !== place.picture.media) operations.push(...putAt(document, place, best));
  }
  return operations.length ? { op: 'batch', operations } : null;
}

/** The operation that makes a picture for every bare place whose words say of what, all in the style of the look; none twice. */
export function fillBare(document: SiteDocument, seed: number): Operation | null {
  let now = document;
  const shown = new Set(document.media.map(subjectOf));
  const operations: SingleOperation[] = [];
  for (const place of picturePlaces(document).filter((p) => !p.picture.media)) {
    const subject = subjectsIn(place.words).find((s) => !shown.has(s)) ?? subjectsIn(place.words)[0];
    if (!subject) continue;
    shown.add(subject);
    const recipe = { ...recipeFrom('', seed + operations.length), subject };
    const id = freeMediaId(now, `made-${subject}`);
    const medium: Medium = { id, kind: 'made', title: place.words.slice(0, 120) || subject, recipe };
    now = { ...now, media: [...now.media, medium] };
    operations.push({ op: 'putMedium', medium }, { op: 'setPicture', at: place.at, media: id });
  }
  return operations.length ? { op: 'batch', operations } : null;
}

/** The places for pictures that a section, or one item of it, can have a picture in or do without. */
export const picturePartsOf = (
  document: SiteDocument,
  section: Section,
  item: { list: { field: string }; id: string } | null,
): PicturePlace[] =>
  picturePlaces(document).filter(
    ({ at }) =>
      at.section === section.id &&
      (item
        ? at.path.startsWith(`${item.list.field}.${item.id}.`) && at.path.split('.').length === 3
        : !at.path.includes('.')),
  );

/**
 * Puts a picture into a bare place, or leaves it bare: one of the site’s that fits what is said there and that is shown
 * nowhere yet, else one that is made.
 */
export function switchPicture(document: SiteDocument, place: PicturePlace, seed: number): Operation {
  if (place.picture.media) return { op: 'setPicture', at: place.at, media: '' };
  const unused = new Set(unusedMedia(document));
  const medium = fitsFor(document, place, 40).find((m) => unused.has(m));
  if (medium) return { op: 'batch', operations: putAt(document, place, medium) };
  const made = makePicture(document, place.words || document.facts.trade || document.facts.name, seed);
  return { op: 'batch', operations: [{ op: 'putMedium', medium: made }, ...putAt(document, place, made)] };
}

/** The pictures nothing shows, but for those another was cut from. */
export function unusedMedia(document: SiteDocument): Medium[] {
  const used = new Set(
    picturePlaces(document).flatMap(({ picture }) => [picture.media, ...Object.values(picture.on ?? {})]),
  );
  for (const m of document.media) if (m.kind === 'file' && m.cutFrom) used.add(m.cutFrom);
  return document.media.filter((m) => !used.has(m.id));
}

const CAMERA_NAME = /^(?:img|dsc|dscn|pxl|p|image|photo|picture|foto|bild|wa|screenshot|scan)?[-_ ]?\d[\d\s_-]*$/i;

/** What could be said of a picture where it stands: what it shows, or what the words beside it are about. Empty where nothing is known. */
export function proposedAlt(
  document: SiteDocument,
  place: PicturePlace,
  medium = document.media.find((m) => m.id === place.picture.media),
): string {
  if (!medium) return '';
  const { language } = document;
  const shown =
    medium.kind === 'made'
      ? sayPicture(medium.recipe, language)
      : // A library speaks English; a file is called what somebody called it.
        CAMERA_NAME.test(medium.title) || (medium.kind === 'drawn' && !language.startsWith('en'))
        ? ''
        : medium.title;
  const about = place.words.trim().replace(/\.+$/, '');
  if (!shown) return about;
  // The name of an item says whose picture it is; the heading of a page says no more than the page does.
  return about && place.at.path.split('.').length > 2 && !shown.toLowerCase().includes(about.toLowerCase())
    ? `${about}: ${lowered(shown, language)}`
    : shown;
}
const lowered = (s: string, language: string) => (language === 'de' ? s : s[0]!.toLowerCase() + s.slice(1));

/** The operation that says every picture that needs words in those proposed for it. */
export function sayAll(document: SiteDocument): Operation | null {
  const operations = withoutWords(document).flatMap((place): SingleOperation[] => {
    const value = proposedAlt(document, place);
    const at = { ...place.at, path: `${place.at.path}.alt` };
    return value ? [{ op: 'setText', at, text: { value, from: { kind: 'designer' } } }] : [];
  });
  return operations.length ? { op: 'batch', operations } : null;
}

/** True for a place whose picture says something: shown large and by itself, not as decoration beside its words. */
const speaks = (place: PicturePlace): boolean => /^(opening|gallery|compare|feature)\//.test(place.section.shape);

/** Pictures that say something and are not said in words. */
export const withoutWords = (document: SiteDocument): PicturePlace[] =>
  picturePlaces(document).filter((p) => p.picture.media && !p.picture.alt.value && speaks(p));

/** The operations that put a picture into a place, with words of its own: those there were spoke of another. */
export function putAt(document: SiteDocument, place: PicturePlace, medium: Medium): SingleOperation[] {
  const value = speaks(place) || place.picture.alt.value ? proposedAlt(document, place, medium) : '';
  const at = { ...place.at, path: `${place.at.path}.alt` };
  return [
    { op: 'setPicture', at: place.at, media: medium.id },
    ...(value === place.picture.alt.value
      ? []
      : [{ op: 'setText' as const, at, text: { value, from: { kind: 'designer' as const } } }]),
  ];
}
