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
  /** How many pages the last rendering drew. */
  drawn = 0;

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
  ): Proof<Share> & { before: boolean } {
    const known = this.pages.get(id);
    const before = known !== undefined && known.page === page && known.shared === shared;
    // The text of now, so that that of before is not kept beside it.
    const proof = before ? { ...known, shared, page } : { shared, page, ...draw() };
    if (!before) this.drawn++;
    this.next.set(id, proof);
    return { ...proof, before };
  }

  /** Ends a rendering: pages that are gone are forgotten. */
  end(): void {
    this.pages = this.next;
    this.next = new Map();
  }
}
