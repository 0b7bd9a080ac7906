import { DEVICES, type Device, type Page, type Section, type SiteDocument } from './site.js';

/** What `setPage` says of a page as it is. */
export const namedOf = ({ id, label, slug, menu, parent }: Page) => ({
  page: id,
  label,
  slug,
  ...(menu !== undefined && { menu }),
  ...(parent !== undefined && { parent }),
});
/** What stands at the top and at the foot of a page: its own, or what all pages share. */
export const headerOf = (document: SiteDocument, page: Page): Section | null => page.header ?? document.header;
export const footerOf = (document: SiteDocument, page: Page): Section | null => page.footer ?? document.footer;
/** The sections of a page alone: its own header and footer where it has them, and what is between. */
export const sectionsOf = ({ header, sections, footer }: Page): Section[] => [
  ...(header ? [header] : []),
  ...sections,
  ...(footer ? [footer] : []),
];
/** Every section of a site, what is shared first. */
export const everySection = ({ header, footer, pages }: SiteDocument): Section[] => [
  ...(header ? [header] : []),
  ...(footer ? [footer] : []),
  ...pages.flatMap(sectionsOf),
];
/** Whether a section is a header or a footer: it has no place among others, and is laid out by its shape alone. */
export const isFrame = ({ shape }: Section): boolean => /^(?:header|footer)\//.test(shape);

/** A page that is under none. */
export const withoutParent = ({ parent: _, ...page }: Page): Page => page;

/** Whether visitors with a kind of page get a section. */
const shownOn = (s: Section, device: Device): boolean => !(s.on?.[device]?.hidden ?? s.hidden ?? false);
/** Whether visitors get a section whatever they look with. */
export const shownEverywhere = (s: Section): boolean => !s.hidden && DEVICES.every((d) => shownOn(s, d));
/** Whether no visitor gets a section: it waits. */
export const waits = (s: Section): boolean => !!s.hidden && !DEVICES.some((d) => shownOn(s, d));

/** The sections of a page that visitors get, those that only some of them get among them. */
export const shownSections = (page: Page): Section[] => page.sections.filter((s) => !waits(s));

/** Whether every visitor of a page gets a section of it. */
export const hasOpener = (page: Page): boolean => page.sections.some(shownEverywhere);

/** The section that opens a page: the first that every visitor gets. It has the only heading of the first level. */
export const openerOf = (page: Page): Section | undefined =>
  page.sections.find(shownEverywhere) ?? shownSections(page)[0];

/** A site as visitors get it: without the sections that wait. What has none is the same object. */
export const asPublished = (document: SiteDocument): SiteDocument =>
  document.pages.some((p) => p.sections.some(waits))
    ? {
        ...document,
        pages: document.pages.map((p) => (p.sections.some(waits) ? { ...p, sections: shownSections(p) } : p)),
      }
    : document;
