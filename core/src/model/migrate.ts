import { palettesFrom } from '../look/palette.js';
import { apply, findSection, OperationError } from '../operations/apply.js';
import type { Operation, Place, SingleOperation } from '../operations/operation.js';
import { complete } from '../shapes/complete.js';
import {
  emptyFacts,
  SCHEMA_VERSION,
  type Look,
  type Page,
  type Palette,
  type Section,
  type SiteDocument,
} from './site.js';

type Old = Record<string, unknown> & { schema: number };

/** A look of schema 3 or before, with what it did not know of: the other roles follow from the colours it has. */
function lookForward(old: unknown): Look {
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
const FIRST_DIRECTION = { layout: 1, colours: 1, type: 1, finish: 1 };

/** A section of schema 3 or before, complete: its scene is a picture of the site. */
function sectionForward(section: Section): Section {
  const { scene, alt, ...content } = section.content as Record<string, unknown>;
  const held = typeof scene === 'string' ? { ...content, picture: { media: `made-${scene}`, alt } } : section.content;
  return numbered({ ...section, content: held as Section['content'] });
}
/** A section of schema 4 or before, its items under ids: made from the section’s and their place, the same each time. */
const numbered = (section: Section): Section => ({
  ...section,
  content: complete(section.shape.split('/')[0]!, section.content, section.id),
});
const pageForward = (page: Page): Page => ({ ...page, sections: page.sections.map(sectionForward) });
const SCENES = ['boat', 'clock', 'pot', 'bench', 'plot', 'wheel', 'seed', 'house', 'harbour'];
const sceneMedia = (seed: number) =>
  SCENES.map((scene) => ({
    id: `made-${scene}`,
    kind: 'made' as const,
    title: scene,
    recipe: { subject: scene, setting: '', mood: '', style: '' as const, format: 'wide' as const, seed },
  }));

/** A path that counts items, as the path of the same text by their ids. */
function pathForward(document: SiteDocument, { section: id, path }: Place): Place {
  if (!/\.\d/.test(path)) return { section: id, path };
  let inside: unknown = findSection(document, id)?.content;
  const keys = path.split('.').map((key) => {
    const found = Array.isArray(inside) ? (inside[Number(key)] as { id?: string } | undefined) : undefined;
    inside = Array.isArray(inside) ? found : (inside as Record<string, unknown> | undefined)?.[key];
    return found?.id ?? key;
  });
  return { section: id, path: keys.join('.') };
}

/** A document after an operation; as it is where the operation does not fit it: whoever applies it will say so. */
function afterwards(document: SiteDocument, operation: Operation): SiteDocument {
  try {
    return apply(document, operation).document;
  } catch (error) {
    if (error instanceof OperationError) return document;
    throw error;
  }
}

/**
 * An operation written under an older schema, as it would be written today for the document it is to meet: an undone step of
 * long ago leaves a site of today.
 */
export function operationForward(operation: Operation, document: SiteDocument): Operation {
  if (operation.op === 'batch') {
    let met = document;
    const operations = operation.operations.map((one) => {
      const forward = operationForward(one, met) as SingleOperation;
      met = afterwards(met, forward);
      return forward;
    });
    return { ...operation, operations };
  }
  switch (operation.op) {
    case 'setText':
    case 'setPicture':
      return { ...operation, at: pathForward(document, operation.at) };
    case 'setContent': {
      const section = findSection(document, operation.section);
      return section
        ? { ...operation, content: numbered({ ...section, content: operation.content }).content }
        : operation;
    }
    case 'setLook':
      return { ...operation, look: lookForward(operation.look) };
    case 'putVersion':
      return {
        ...operation,
        header: operation.header && sectionForward(operation.header),
        footer: operation.footer && sectionForward(operation.footer),
        pages: operation.pages.map(pageForward),
        look: lookForward(operation.look),
        direction: operation.direction ?? FIRST_DIRECTION,
        media: operation.media ?? sceneMedia(operation.seed),
      };
    case 'insertPage':
      return { ...operation, page: pageForward(operation.page) };
    case 'insertSection':
      return { ...operation, section: sectionForward(operation.section) };
    default:
      return operation;
  }
}

/** One step each, from the version that is its key to the next. Steps never change once they have been released. */
const STEPS: Record<number, (old: Old) => Old> = {
  1: (old) => ({
    ...old,
    schema: 2,
    facts: { ...emptyFacts(), ...(old['facts'] as object) },
    corrections: [],
    without: [],
  }),
  2: (old) => ({ ...old, schema: 3, length: 'middle', facts: { ...emptyFacts(), ...(old['facts'] as object) } }),
  3: (old) => ({
    ...old,
    schema: 4,
    look: lookForward(old['look']),
    direction: FIRST_DIRECTION,
    board: { shown: [], favourites: [] },
    mark: null,
    media: (old['pages'] as Page[]).length ? sceneMedia((old['look'] as Look).seed) : [],
    header: old['header'] && sectionForward(old['header'] as Section),
    footer: old['footer'] && sectionForward(old['footer'] as Section),
    pages: (old['pages'] as Page[]).map(pageForward),
  }),
  4: (old) => ({
    ...old,
    schema: 5,
    header: old['header'] && numbered(old['header'] as Section),
    footer: old['footer'] && numbered(old['footer'] as Section),
    pages: (old['pages'] as Page[]).map((page) => ({ ...page, sections: page.sections.map(numbered) })),
  }),
};

/**
 * Carries a stored site document forward to the schema this code writes. A document of today comes back as it is.
 * @throws Error where the document is from a newer version than this code knows
 */
export function migrate(stored: unknown): SiteDocument {
  let document = stored as Old;
  if (document.schema > SCHEMA_VERSION)
    throw new Error(`the document is of schema ${document.schema}; this knows ${SCHEMA_VERSION} at most`);
  while (document.schema < SCHEMA_VERSION) document = STEPS[document.schema]!(document);
  return document as unknown as SiteDocument;
}
