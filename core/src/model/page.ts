import type { Page } from './site.js';

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
