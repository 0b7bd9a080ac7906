import type { SiteDocument } from '@tin-porch/core/model';

/** Of so many sites the document is kept parsed. */
const MOST = 24;

/**
 * Documents of sites, parsed once for a step. A step that was committed has one document for good, so what is kept is
 * right for it whoever else writes.
 */
export class Documents {
  private readonly kept = new Map<string, { head: number; document: SiteDocument }>();

  /** The document of a site at a step; undefined where it is not kept. */
  at(id: string, head: number): SiteDocument | undefined {
    const known = this.kept.get(id);
    if (known?.head !== head) return undefined;
    this.keep(id, head, known.document);
    return known.document;
  }

  /** Keeps the document of a step that is committed; that of the site asked for longest ago is let go. */
  keep(id: string, head: number, document: SiteDocument): void {
    this.kept.delete(id);
    this.kept.set(id, { head, document });
    if (this.kept.size > MOST) this.kept.delete(this.kept.keys().next().value!);
  }
}
