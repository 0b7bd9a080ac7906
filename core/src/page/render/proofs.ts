import type { CollectionItem, SiteDocument } from '../../model/site.js';

/** A page as it was drawn, and what it was drawn from. */
export interface Proof<Share> {
  /** All that a page has of the site, as text; the same text for all pages of one rendering. */
  shared: string;
  /** The page itself, as text. */
  page: string;
  html: string;
  /** The ids of the pictures on it. */
  pictures: readonly string[];
  /** Its share picture; null where it has none. */
  share: Share;
}

/**
 * What was drawn of a site before. A rendering that is given it draws only the pages of which something is otherwise than
 * it was, and gives the same bytes as one that draws them all.
 */
export class Proofs<Share> {
  private pages = new Map<string, Proof<Share>>();
  private next = new Map<string, Proof<Share>>();
  private items = new Map<string, { json: string; item: CollectionItem }>();
  /** How many pages the last rendering drew. */
  drawn = 0;

  /**
   * A site with the items that are as they were being the very same objects as before: what is known of them is known by
   * that. The same site where it has no collections.
   */
  settled(site: SiteDocument): SiteDocument {
    if (!site.collections) return site;
    const before = this.items;
    this.items = new Map();
    const same = (collection: string, item: CollectionItem): CollectionItem => {
      const key = `${collection} ${item.id}`;
      const known = before.get(key);
      const json = JSON.stringify(item);
      const kept = known?.json === json ? known : { json, item };
      this.items.set(key, kept);
      return kept.item;
    };
    return {
      ...site,
      collections: site.collections.map((c) => ({ ...c, items: c.items.map((i) => same(c.id, i)) })),
    };
  }

  /** Begins a rendering. */
  begin(): void {
    this.next = new Map();
    this.drawn = 0;
  }

  /** A page as it was drawn from the same before, or drawn now. `before` says which of the two. */
  of(
    id: string,
    shared: string,
    page: string,
    draw: () => Pick<Proof<Share>, 'html' | 'pictures' | 'share'>,
  ): { proof: Proof<Share>; before: boolean } {
    const known = this.pages.get(id);
    const before = known !== undefined && known.page === page && known.shared === shared;
    const proof = before ? known : { shared, page, ...draw() };
    // The text of now, so that that of before is not kept beside it.
    if (before) [proof.shared, proof.page] = [shared, page];
    else this.drawn++;
    this.next.set(id, proof);
    return { proof, before };
  }

  /** Ends a rendering: pages that are gone are forgotten. */
  end(): void {
    this.pages = this.next;
    this.next = new Map();
  }
}
