import { Problem } from '@tin-porch/core/ground';
import {
  isCollectionLocked,
  isFrame,
  isPageLocked,
  type Collection,
  type Page,
  type SiteDocument,
} from '@tin-porch/core/model';
import type { SingleOperation } from '@tin-porch/core/operations';

/** How many things in a row are put in another order by hand. */
export const MOST_IN_ORDER = 60;

/**
 * Things that are to stand in another order: what is offered (`services`), who works there (`people`), the parts of a page (`page/home`), or the items of a
 * list (`list/works`). `was` are their ids in the order whoever changed it saw.
 */
export interface OrderChange {
  kind: 'order';
  of: string;
  was: string[];
  value: string[];
}

/** The parts of a page whose order can be changed: what stands around it is its designer’s. */
export const partsOf = (page: Page) => page.sections.filter((s) => !isFrame(s));

/** Whether a collection stands somewhere in the order it is kept in, so that it is of any use to change that. */
export const isOrdered = (document: SiteDocument, collection: Collection): boolean =>
  collection.items.length <= MOST_IN_ORDER &&
  document.pages.some((p) => p.sections.some((s) => s.shows?.collection === collection.id && s.shows.show === 'kept'));

/** The steps that put things in the wanted order, one at a time: each says what goes where, counted without itself. */
export function movesTo(now: readonly string[], wanted: readonly string[]): { id: string; to: number }[] {
  const order = [...now];
  const moves: { id: string; to: number }[] = [];
  for (const [to, id] of wanted.entries()) {
    const at = order.indexOf(id);
    if (at === to) continue;
    order.splice(at, 1);
    order.splice(to, 0, id);
    moves.push({ id, to });
  }
  return moves;
}

/** All that is there, with what was put in another order in the places it had together. */
function whole(all: readonly string[], { was, value }: OrderChange): string[] {
  const members = new Set(was);
  const wanted = [...value];
  return all.map((id) => (members.has(id) ? wanted.shift()! : id));
}

/** What an order is about, as the document has it. @throws Problem 404 or 409 */
function aboutOf(document: SiteDocument, of: string): { ids: string[]; page?: Page; collection?: Collection } {
  const [what, id] = of.split('/');
  if (what === 'services' || what === 'people') return { ids: document.facts[what].map((s) => s.id) };
  const page = what === 'page' ? document.pages.find((p) => p.id === id) : undefined;
  if (page) return { ids: partsOf(page).map((s) => s.id), page };
  const collection = what === 'list' ? document.collections?.find((c) => c.id === id) : undefined;
  if (collection) return { ids: collection.items.map((i) => i.id), collection };
  throw new Problem(409, 'The site has changed meanwhile', 'What this is about is not there any more.');
}

/** @throws Problem 409 where they stand in another order by now, or 422 where it is not an order of the same things */
export function orderOperations(document: SiteDocument, change: OrderChange): SingleOperation[] {
  const { was, value } = change;
  if ([...was].sort().join() !== [...value].sort().join() || new Set(was).size !== was.length)
    throw new Problem(422, 'That is not an order of the same things');
  const { ids, page, collection } = aboutOf(document, change.of);
  const members = new Set(was);
  // What came since keeps its place; what is gone, or stands otherwise, is looked at again.
  if (ids.filter((id) => members.has(id)).join() !== was.join())
    throw new Problem(409, 'It says something else by now', 'The order was changed meanwhile.');
  if (!page && !collection) {
    const inOrder = <T extends { id: string }>(all: readonly T[]) =>
      whole(ids, change).map((id) => all.find((e) => e.id === id)!);
    const { services, people } = document.facts;
    return [
      change.of === 'people'
        ? { op: 'setPeople', people: inOrder(people) }
        : { op: 'setServices', services: inOrder(services) },
    ];
  }
  if (collection)
    return movesTo(ids, whole(ids, change)).map(({ id, to }) => ({
      op: 'moveEntry',
      collection: collection.id,
      item: id,
      to,
    }));
  const all = page!.sections.map((s) => s.id);
  return movesTo(all, whole(all, change)).map(({ id, to }) => ({ op: 'moveSection', section: id, page: page!.id, to }));
}

/** Whether an order is its designer’s, beside what is locked by its kind. */
export const isOrderLocked = (document: SiteDocument, of: string): boolean => {
  const [what, id] = of.split('/');
  if (what === 'list') return isCollectionLocked(document, id!);
  return what === 'page' && isPageLocked(document, id!);
};
