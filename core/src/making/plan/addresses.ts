import type { CollectionItem, Page, SiteDocument } from '../../model/site.js';
import { namedOf } from '../../model/page.js';
import type { Operation, SingleOperation } from '../../operations/operation.js';
import { slugOf } from './slug.js';

/** The path of an address as somebody types or pastes it, as redirects have it; null where it is none. */
export function readPath(typed: string): string | null {
  let path = typed
    .trim()
    .replace(/^https?:\/\/[^/]+/i, '')
    .replace(/[?#].*$/s, '');
  try {
    path = decodeURI(path);
  } catch {
    return null;
  }
  path = `/${path.replace(/^\/+|\/+$/g, '')}`;
  return path.length > 1 &&
    path.length <= 200 &&
    !/[\s"<>\\]|\/\.{1,2}(?:\/|$)|\/\//.test(path) &&
    !path.startsWith('/-/')
    ? path
    : null;
}

/** The page an address is of; undefined where it is of none. */
export const pageAt = (document: SiteDocument, path: string): Page | undefined =>
  document.pages.find((p) => `/${p.slug}` === path);

/**
 * What gives a page another address. Where visitors know the one it has (`live`), that one leads to it from then on; an
 * address that led elsewhere and is the page’s own now does so no more. Null where the address is another page’s, or the
 * page is the home page, which has none of its own.
 */
export function readdress(document: SiteDocument, id: string, wanted: string, live: boolean): Operation | null {
  const page = document.pages.find((p) => p.id === id);
  const slug = slugOf(wanted);
  if (!page?.slug || document.pages.some((p) => p.slug === slug)) return null;
  const operations: SingleOperation[] = [{ op: 'setPage', ...namedOf(page), slug }];
  if (live) operations.push({ op: 'setRedirect', from: `/${page.slug}`, to: `page:${id}` });
  if (document.redirects?.some((r) => r.from === `/${slug}`))
    operations.push({ op: 'setRedirect', from: `/${slug}`, to: null });
  return operations.length > 1 ? { op: 'batch', operations } : operations[0]!;
}

/** How many addresses of an item are remembered. */
const REMEMBERED = 12;
/**
 * The parts of an item that give its page another address. Where visitors may know the one it has (`live`), that one leads to
 * it from then on.
 */
export function readdressedItem(
  { slug: before, was = [], state }: CollectionItem,
  slug: string,
  live: boolean,
): { slug: string; was?: string[] | null } {
  const known = live && state === 'up' ? [before, ...was] : was;
  const kept = [...new Set(known)].filter((s) => s !== slug).slice(0, REMEMBERED);
  if (kept.join() === was.join()) return { slug };
  return { slug, was: kept.length ? kept : null };
}
