import type { Page, SiteDocument } from '../model/site.js';
import { sectionsOf } from '../model/page.js';
import type { Place } from './place.js';

// The things of a site by name, from the whole to the part: who writes `site/page/p1` writes all that is in it.

/** All that a version puts in place. */
export const SITE = 'site';
export const MEDIA = `${SITE}/media`;
/** The files for visitors. */
export const FILES = `${SITE}/files`;
export const PAGES = `${SITE}/pages`;
/** The collections. What a version puts in place leaves them as they are. */
export const COLLECTIONS = 'collections';

export const collectionKey = (collection: string) => `collection/${collection}`;
export const collectionItemsKey = (collection: string) => `${collectionKey(collection)}/items`;
export const collectionItemKey = (collection: string, item: string) => `${collectionKey(collection)}/item/${item}`;

/** What the people of a site leave to their designer. */
export const lockKey = (lock: string) => `locks/${lock}`;

export const pageKey = (page: string) => `${SITE}/page/${page}`;
/** What a page is called, where it is and what it is under. */
export const namedKey = (page: string) => `${pageKey(page)}/named`;
export const sectionsKey = (page: string) => `${pageKey(page)}/sections`;
export const sectionKey = (section: string) => `${SITE}/section/${section}`;
export const contentKey = (section: string) => `${sectionKey(section)}/content`;
/** A text, an item, a list or a place for a picture in the content of a section. */
export const placeKey = ({ section, path }: Place) => `${contentKey(section)}/${path.replaceAll('.', '/')}`;
export const mediumKey = (medium: string) => `${SITE}/medium/${medium}`;
export const fileKey = (file: string) => `${SITE}/file/${file}`;
export const formKey = (form: string) => `${SITE}/form/${form}`;
export const factKey = (field: string) => `facts/${field}`;

/** A page with all that stands on it. */
export const wholePage = (page: Page): string[] => [pageKey(page.id), ...sectionsOf(page).map((s) => sectionKey(s.id))];

/** Where a page stands among all. */
export const indexOfPage = (document: SiteDocument, id: string): number => document.pages.findIndex((p) => p.id === id);

/** Every whole a thing is in, itself included: `a/b/c` is in `a`, `a/b` and `a/b/c`. */
export function wholesOf(key: string): string[] {
  const parts = key.split('/');
  return parts.map((_, n) => parts.slice(0, n + 1).join('/'));
}
