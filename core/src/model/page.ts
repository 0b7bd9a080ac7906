import type { Page, Section, SiteDocument } from './site.js';

/** What `setPage` says of a page as it is. */
export const namedOf = ({ id, label, slug, menu, parent }: Page) => ({
  page: id,
  label,
  slug,
  ...(menu !== undefined && { menu }),
  ...(parent !== undefined && { parent }),
});
/** A page that is under none. */
export const withoutParent = ({ parent: _, ...page }: Page): Page => page;

/** The sections of a page that visitors get. */
export const shownSections = (page: Page): Section[] => page.sections.filter((s) => !s.hidden);

/** A site as visitors get it: without the sections that wait. What has none is the same object. */
export const asPublished = (document: SiteDocument): SiteDocument =>
  document.pages.some((p) => p.sections.some((s) => s.hidden))
    ? {
        ...document,
        pages: document.pages.map((p) => (p.sections.some((s) => s.hidden) ? { ...p, sections: shownSections(p) } : p)),
      }
    : document;
