import { Type } from '@sinclair/typebox';
import type { SiteDocument } from './site.js';

/** What the people of a site change at its desk, by kind. Each kind can be kept by their designer. */
export const DESK_KINDS = ['words', 'pictures', 'contact', 'hours', 'prices', 'people', 'items', 'order'] as const;
export type DeskKind = (typeof DESK_KINDS)[number];

/** What a kind of change is called where a designer reads of it. */
export const DESK_KIND_TITLES: Readonly<Record<DeskKind, string>> = {
  words: 'Words on the pages',
  pictures: 'Pictures on the pages',
  contact: 'Phone, mail and address',
  hours: 'Opening hours',
  prices: 'What is offered, and prices',
  people: 'Who works there',
  items: 'News, events and the like',
  order: 'The order of what stands on a page',
};

/** The parts of a site that can be locked by themselves, with what stands in them. */
export const LOCK_PARTS = ['page', 'section', 'collection'] as const;

/**
 * Something that the people of a site leave to their designer: a kind of change, or a part, as `kind/hours` or `page/home`.
 * One whose part is gone locks nothing, and counts again when the part comes back.
 */
export const Lock = Type.String({
  pattern: `^(kind/(${DESK_KINDS.join('|')})|(${LOCK_PARTS.join('|')})/[a-z0-9][a-z0-9-]{0,63})$`,
});

const has = ({ locks }: SiteDocument, lock: string): boolean => !!locks?.includes(lock);

/** Whether a kind of change is the designer’s alone. */
export const isKindLocked = (document: SiteDocument, kind: DeskKind): boolean => has(document, `kind/${kind}`);

/** Whether all of a page is the designer’s alone. */
export const isPageLocked = (document: SiteDocument, id: string): boolean => has(document, `page/${id}`);

/** Whether a section is the designer’s alone: by itself, with its page, or as one and the same with a section that is. */
export function isSectionLocked(document: SiteDocument, id: string): boolean {
  if (!document.locks) return false;
  const placed = document.pages.flatMap((page) => page.sections.map((section) => ({ page, section })));
  const twin = placed.find((p) => p.section.id === id)?.section.twin;
  return (
    has(document, `section/${id}`) ||
    placed.some(
      ({ page, section }) =>
        (section.id === id || (twin !== undefined && section.twin === twin)) &&
        (has(document, `section/${section.id}`) || has(document, `page/${page.id}`)),
    )
  );
}

/** Whether the items of a collection are the designer’s alone: by themselves, or with the page theirs are under. */
export function isCollectionLocked(document: SiteDocument, id: string): boolean {
  if (isKindLocked(document, 'items') || has(document, `collection/${id}`)) return true;
  const page = document.collections?.find((c) => c.id === id)?.page;
  return page !== undefined && has(document, `page/${page}`);
}
