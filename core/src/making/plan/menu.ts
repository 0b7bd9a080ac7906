import { childrenOf, type Page, type SiteDocument } from '../../model/site.js';
import { parentsFor } from './plan.js';

/** A page where the menu has it. */
export interface MenuRow {
  page: Page;
  /** Whether it stands under another. */
  under: boolean;
  /** The pages it could stand under. */
  over: Page[];
  /** Where it would stand among all pages were it moved before or after its neighbour; null where it has none. */
  before: number | null;
  after: number | null;
}

/** Every page, those under another after it. */
export function menuRows(document: SiteDocument): MenuRow[] {
  const { pages } = document;
  return childrenOf(pages, null).flatMap((root) =>
    [root, ...childrenOf(pages, root)].map((page) => {
      const beside = childrenOf(pages, page === root ? null : root).filter((p) => p.slug !== '');
      const n = beside.indexOf(page);
      const [before, after] = [beside[n - 1], beside[n + 1]];
      return {
        page,
        under: page !== root,
        over: parentsFor(document, page),
        before: n > 0 && before ? pages.indexOf(before) : null,
        after: after ? pages.indexOf(after) : null,
      };
    }),
  );
}
