import { palettesFrom } from '../../look/palette.js';
import type { Place } from '../place.js';
import { findSection } from '../reach.js';
import type { TSchema } from '@sinclair/typebox';
import { complete } from '../../look/shapes/complete.js';
import { fill } from '../../look/shapes/fill.js';
import { shapes } from '../../look/shapes/registry.gen.js';
import type { Look, Page, Palette, Section, SiteDocument } from '../../model/site.js';

// How parts of a document that were stored under older schemas come forward: in documents and in operations alike.

/** A look of schema 3 or before, with what it did not know of: the other roles follow from the colours it has. */
export function lookForward(old: unknown): Look {
  const look = old as Look & { scene?: string };
  if (look.day.deep) return look;
  const { lead, accent, ground, wash, text } = look.day as Palette;
  return {
    name: look.name,
    seed: look.seed,
    ...palettesFrom({ lead, accent, ground, wash, text }),
    richness: 1,
    heading: look.heading,
    reading: look.reading,
    headingWeight: 620,
    headingCase: 'sentence',
    scale: 1.27,
    base: 17,
    density: look.density,
    corner: look.corner,
    line: 2,
    button: 'solid',
    edge: 'straight',
    picture: 'plain',
    icon: 'fine',
    motion: 'still',
    pictures: 'flat',
  };
}
export const FIRST_DIRECTION = { layout: 1, colours: 1, type: 1, finish: 1 };

/** A section of schema 3 or before, complete: its scene is a picture of the site. */
export function sectionForward(section: Section): Section {
  const { scene, alt, ...content } = section.content as Record<string, unknown>;
  const held = typeof scene === 'string' ? { ...content, picture: { media: `made-${scene}`, alt } } : section.content;
  return numbered({ ...section, content: held as Section['content'] });
}
/** A section of schema 4 or before, its items under ids: made from the section’s and their place, the same each time. */
export const numbered = (section: Section): Section => ({
  ...section,
  content: complete(section.shape.split('/')[0]!, section.content, section.id),
});
export const pageForward = (page: Page): Page => ({
  ...page,
  ...(page.header && { header: sectionForward(page.header) }),
  ...(page.footer && { footer: sectionForward(page.footer) }),
  sections: page.sections.map(sectionForward),
});
const SCENES = ['boat', 'clock', 'pot', 'bench', 'plot', 'wheel', 'seed', 'house', 'harbour'];
export const sceneMedia = (seed: number) =>
  SCENES.map((scene) => ({
    id: `made-${scene}`,
    kind: 'made' as const,
    title: scene,
    recipe: { subject: scene, setting: '', mood: '', style: '' as const, format: 'wide' as const, seed },
  }));

/** A path that counts items, as the path of the same text by their ids. */
export function pathForward(document: SiteDocument, { section: id, path }: Place): Place {
  if (!/\.\d/.test(path)) return { section: id, path };
  let inside: unknown = findSection(document, id)?.content;
  const keys = path.split('.').map((key) => {
    const found = Array.isArray(inside) ? (inside[Number(key)] as { id?: string } | undefined) : undefined;
    inside = Array.isArray(inside) ? found : (inside as Record<string, unknown> | undefined)?.[key];
    return found?.id ?? key;
  });
  return { section: id, path: keys.join('.') };
}

/** An item as its list has it today; as it is where there is no such list. */
export function itemForward<I extends { id: string }>(
  document: SiteDocument,
  { section: id, path }: Place,
  item: I,
): I {
  const section = findSection(document, id);
  const lists =
    section && (shapes[section.shape]?.content.properties as Record<string, { items?: TSchema }> | undefined);
  const items = lists?.[path]?.items;
  return items ? (fill(items, item, id) as I) : item;
}
