import { idFrom } from '../../ground/ids.js';
import { canRepeat } from './sections.js';
import type { Page, Section, SiteDocument } from '../../model/site.js';
import { shownEverywhere, withoutParent } from '../../model/page.js';
import type { Operation, SingleOperation } from '../../operations/operation.js';
import { apply } from '../../operations/apply.js';
import { anew } from '../../look/shapes/complete.js';
import { asKept, layIn } from './kept.js';
import { kindOf } from './plan.js';
import { slugOf } from './slug.js';

/** A label that no page of a site has. */
function freeLabel({ pages }: SiteDocument, label: string): string {
  const taken = new Set(pages.map((p) => p.label.toLowerCase()));
  for (let n = 1; ; n++) {
    const tried = n === 1 ? label : `${label.slice(0, 36)} ${n}`;
    if (!taken.has(tried.toLowerCase())) return tried;
  }
}

/** The sections of a page as they are, under ids of their own; those that are the same on several pages are so on this one too. */
const copied = (document: SiteDocument, page: Page): Section[] =>
  page.sections.filter(canRepeat).map((section) => {
    const id = `x${idFrom(`like ${section.id} ${JSON.stringify(document.pages)}`).slice(1)}`;
    return section.twin === undefined
      ? { ...section, id, content: anew(kindOf(section.shape), section.content, id) }
      : { ...section, id };
  });

/** The sections of a page of another site as this one would have them, and the pictures that come along. */
function brought(document: SiteDocument, from: SiteDocument, page: Page, words: boolean) {
  const sections: Section[] = [];
  const pictures: SingleOperation[] = [];
  let now = document;
  for (const { id } of page.sections) {
    const kept = asKept(from, id);
    const operation = kept && layIn(now, document.pages[0]!.id, 0, kept, words);
    if (!operation) continue;
    for (const one of operation.op === 'batch' ? operation.operations : [operation])
      if (one.op === 'insertSection') sections.push(one.section);
      else {
        pictures.push(one);
        now = apply(now, one).document;
      }
  }
  return { sections, pictures };
}

/**
 * The operation that adds a page like one of this site or of another: of this one as it is, of another with its words, which
 * are to confirm here, or with the words of this site. A form, which belongs where it is, does not come along. Null where
 * there is nothing to bring, or no room.
 */
export function pageLike(
  document: SiteDocument,
  from: SiteDocument,
  id: string,
  words: boolean,
): { operation: Operation; page: string } | null {
  const page = from.pages.find((p) => p.id === id);
  if (!page || !document.pages.length || document.pages.length >= 60) return null;
  const { sections, pictures } =
    from.id === document.id ? { sections: copied(document, page), pictures: [] } : brought(document, from, page, words);
  // What nobody would be shown is no page.
  if (!sections.some(shownEverywhere)) return null;
  const label = freeLabel(document, page.label);
  const made = `p${idFrom(`like ${from.id} ${id} ${JSON.stringify(document.pages)}`).slice(1)}`;
  const wanted = slugOf(label);
  // A header or footer of its own alone stays with the page that has it.
  const { header: _, footer: __, ...bare } = withoutParent(page);
  const insert: SingleOperation = {
    op: 'insertPage',
    page: {
      ...bare,
      id: made,
      label,
      slug: document.pages.some((p) => p.slug === wanted) ? `${wanted.slice(0, 40)}-${made}` : wanted,
      reason: 'Asked for by the designer.',
      seo: { title: null, description: null },
      sections,
    },
    at: document.pages.length,
  };
  return { operation: { op: 'batch', operations: [...pictures, insert] }, page: made };
}
