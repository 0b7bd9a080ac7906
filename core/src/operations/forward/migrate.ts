import { FIRST_DIRECTION, lookForward, numbered, pageForward, sceneMedia, sectionForward } from './older.js';
import { emptyFacts, SCHEMA_VERSION, type Look, type Page, type Section, type SiteDocument } from '../../model/site.js';

type Old = Record<string, unknown> & { schema: number };

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
  5: (old) => ({ ...old, schema: 6, fill: 'said' }),
  6: (old) => ({
    ...old,
    schema: 7,
    facts: { ...(old['facts'] as object), contacts: [], branches: [], events: [], registrations: [] },
  }),
  // Texts may have marks from now on; those of before have none.
  7: (old) => ({ ...old, schema: 8 }),
  // Pieces of sections made by hand say in what order they stand and how they are set.
  8: (old) => ({
    ...old,
    schema: 9,
    pages: (old['pages'] as Page[]).map((page) => ({
      ...page,
      sections: page.sections.map((s) => (s.shape.startsWith('rows/') ? numbered(s) : s)),
    })),
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
