import { idFrom } from '../../ground/ids.js';
import type { Page, Section, SiteDocument } from '../../model/site.js';
import type { Operation } from '../../operations/operation.js';
import { anew } from '../../look/shapes/complete.js';
import { shapes } from '../../look/shapes/registry.gen.js';

/** The page a section stands on, and its place there; undefined for what every page shares. */
export function whereIs(document: SiteDocument, section: string): { page: Page; at: number } | undefined {
  for (const page of document.pages) {
    const at = page.sections.findIndex((s) => s.id === section);
    if (at >= 0) return { page, at };
  }
  return undefined;
}

/** Whether a section can be there twice: a form would send what it is given to one place from two. */
export const canRepeat = (section: Section): boolean => !/^contact\//.test(section.shape);

/** Puts the same once more under a section, its words and items of their own from then on; null where it cannot be. */
export function twice(document: SiteDocument, id: string): Operation | null {
  const place = whereIs(document, id);
  const section = place?.page.sections[place.at];
  if (!place || !section || !canRepeat(section) || place.page.sections.length >= 40) return null;
  const { twin: _, anchor: __, ...alone } = section;
  const copy = `x${idFrom(`${id} ${JSON.stringify(document.pages)}`).slice(1)}`;
  return {
    op: 'insertSection',
    page: place.page.id,
    section: { ...alone, id: copy, content: anew(section.shape.split('/')[0]!, section.content, copy) },
    at: place.at + 1,
  };
}

/** Carries a section to another page, to its end; null where it cannot leave the one it is on. */
export function carryTo(document: SiteDocument, id: string, page: string): Operation | null {
  const from = whereIs(document, id);
  const to = document.pages.find((p) => p.id === page);
  if (!from || !to || from.page === to || from.page.sections.length < 2 || to.sections.length >= 40) return null;
  return { op: 'moveSection', section: id, page, to: to.sections.length };
}

/** True where a section stands on a ground of its own choosing, whatever ground it is given. */
export const hasOwnGround = (section: Section): boolean => shapes[section.shape]?.ownGround ?? false;

/** The operation that gives a page a header or a footer of its own: what all pages share, as it is, to be changed there alone. */
export function ownFrame(document: SiteDocument, page: string, part: 'header' | 'footer'): Operation | null {
  const shared = document[part];
  if (!shared || !document.pages.some((p) => p.id === page && !p[part])) return null;
  const id = `x${idFrom(`${part} ${page} ${JSON.stringify(document.pages)}`).slice(1)}`;
  return { op: 'setFrame', page, part, section: { ...shared, id, content: anew(part, shared.content, id) } };
}
