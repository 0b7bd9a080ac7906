import { Type } from '@sinclair/typebox';
import { Page, parentOf, Section, type SiteDocument } from '../../model/site.js';
import { pageForward, sectionForward } from '../forward/older.js';
import { everySection, namedOf, sectionsOf, withoutParent } from '../../model/page.js';
import { OperationError, type Definition } from '../definition.js';
import { indexOfPage, namedKey, PAGES, pageKey, sectionKey, wholePage } from '../keys.js';
import { findSection, inserted, pageOf } from '../reach.js';

const closed = { additionalProperties: false } as const;
const Id = Type.String({ maxLength: 64 });
const Index = Type.Integer({ minimum: 0, maximum: 60 });

/** A page that is not the home page. @throws OperationError where there is none */
function movable(document: SiteDocument, id: string, what: string): Page {
  const page = pageOf(document, id);
  if (page.slug === '') throw new OperationError(`The home page cannot be ${what}.`);
  return page;
}

/** A page with its fields in the order the schema has them, so that taking back a change gives the same bytes. */
const inOrder = ({ id, slug, label, menu, parent, hold, reason, seo, header, footer, sections }: Page): Page => ({
  id,
  slug,
  label,
  ...(menu !== undefined && { menu }),
  ...(parent !== undefined && { parent }),
  ...(hold !== undefined && { hold }),
  reason,
  seo,
  ...(header !== undefined && { header }),
  ...(footer !== undefined && { footer }),
  sections,
});

const InsertPage = Type.Object({ op: Type.Literal('insertPage'), page: Page, at: Index }, closed);
export const insertPage: Definition<typeof InsertPage> = {
  schema: InsertPage,
  apply(document, { page, at }) {
    const { pages } = document;
    if (at === 0 && pages.length) throw new OperationError('The home page stays first.');
    if (pages.some((p) => p.id === page.id)) throw new OperationError(`There is a page “${page.id}” already.`);
    const taken = new Set(everySection(document).map((s) => s.id));
    if (sectionsOf(page).some((s) => taken.has(s.id)))
      throw new OperationError('A section of that page is on the site already.');
    if (page.parent !== undefined && !parentOf(pages, page))
      throw new OperationError(`There is no page “${page.parent}” to be under.`);
    return {
      document: { ...document, pages: inserted(pages, page, at) },
      inverse: { op: 'removePage', page: page.id },
    };
  },
  says: ({ page }) => `Added the page ${page.label}`,
  writes: ({ page }) => wholePage(page),
  needs: ({ page: { parent } }) => (parent === undefined ? [] : [namedKey(parent)]),
  moves: ({ page, at }) => [{ list: PAGES, id: page.id, from: null, to: at }],
  placed: (operation, at) => ({ ...operation, at }),
  forward: (operation) => ({ ...operation, page: pageForward(operation.page) }),
};

const RemovePage = Type.Object({ op: Type.Literal('removePage'), page: Id }, closed);
export const removePage: Definition<typeof RemovePage> = {
  schema: RemovePage,
  apply(document, { page: id }) {
    const page = movable(document, id, 'taken out');
    const back = { op: 'insertPage', page, at: document.pages.indexOf(page) } as const;
    const under = document.pages.filter((p) => p.parent === page.id);
    // What was under it moves up, and back under it when it comes back.
    const lift = under.map((p) => ({ op: 'setPage' as const, ...namedOf(p) }));
    const pages = document.pages.filter((p) => p !== page);
    return {
      document: { ...document, pages: pages.map((p) => (under.includes(p) ? withoutParent(p) : p)) },
      inverse: under.length ? { op: 'batch', operations: [back, ...lift] } : back,
    };
  },
  says: () => 'Took a page out',
  writes: ({ page: id }, document) => [
    ...wholePage(pageOf(document, id)),
    ...document.pages.filter((p) => p.parent === id).map((p) => namedKey(p.id)),
  ],
  moves: ({ page }, document) => [{ list: PAGES, id: page, from: indexOfPage(document, page), to: null }],
};

const MovePage = Type.Object({ op: Type.Literal('movePage'), page: Id, to: Index }, closed);
export const movePage: Definition<typeof MovePage> = {
  schema: MovePage,
  apply(document, { op, page: id, to }) {
    const page = movable(document, id, 'moved');
    if (to === 0) throw new OperationError('The home page stays first.');
    const others = document.pages.filter((p) => p !== page);
    return {
      document: { ...document, pages: inserted(others, page, to) },
      inverse: { op, page: id, to: document.pages.indexOf(page) },
    };
  },
  says: () => 'Moved a page',
  writes: ({ page }) => [`${pageKey(page)}/order`],
  moves: ({ page, to }, document) => [{ list: PAGES, id: page, from: indexOfPage(document, page), to }],
  placed: (operation, to) => ({ ...operation, to }),
};

/** What a page is called, where it is, which page it is under and whether the menu leads to it (it does where `menu` is left out). */
const SetPage = Type.Object(
  {
    op: Type.Literal('setPage'),
    page: Id,
    label: Page.properties.label,
    slug: Page.properties.slug,
    menu: Type.Optional(Type.Boolean()),
    parent: Page.properties.parent,
  },
  closed,
);
export const setPage: Definition<typeof SetPage> = {
  schema: SetPage,
  apply(document, { op, page: id, label, slug, menu, parent }) {
    const page = pageOf(document, id);
    if ((page.slug === '') !== (slug === ''))
      throw new OperationError('The home page keeps its address, and no other page has it.');
    if (parent !== undefined) {
      const over = document.pages.find((p) => p.id === parent);
      if (!over || over === page || page.slug === '' || over.slug === '')
        throw new OperationError(`“${page.label}” cannot be under that page.`);
      if (over.parent !== undefined || document.pages.some((p) => p.parent === page.id))
        throw new OperationError('Pages nest one level deep: a page under another has none under it.');
    }
    const { menu: _menu, parent: _parent, ...rest } = page;
    const changed = inOrder({
      ...rest,
      label,
      slug,
      ...(menu !== undefined && { menu }),
      ...(parent !== undefined && { parent }),
    });
    return {
      document: { ...document, pages: document.pages.map((p) => (p === page ? changed : p)) },
      inverse: { op, ...namedOf(page) },
    };
  },
  says: ({ label }) => `Called a page ${label}`,
  field: ({ page }) => `page ${page}`,
  writes: ({ page }) => [namedKey(page)],
  needs: ({ parent }) => (parent === undefined ? [] : [namedKey(parent)]),
  words: ({ label }) => label,
};

/** Puts a page on hold: visitors read these words in its stead (those of the language where they are empty). With null it is there again. */
const SetHold = Type.Object(
  { op: Type.Literal('setHold'), page: Id, hold: Type.Union([Type.String({ maxLength: 300 }), Type.Null()]) },
  closed,
);
export const setHold: Definition<typeof SetHold> = {
  schema: SetHold,
  apply(document, { op, page: id, hold }) {
    const page = pageOf(document, id);
    const { hold: before, ...rest } = page;
    const changed = inOrder({ ...rest, ...(hold !== null && { hold }) });
    return {
      document: { ...document, pages: document.pages.map((p) => (p === page ? changed : p)) },
      inverse: { op, page: id, hold: before ?? null },
    };
  },
  says: ({ hold }) => (hold === null ? 'Showed a page again' : 'Put a page on hold'),
  field: ({ page }) => `hold ${page}`,
  writes: ({ page }) => [`${pageKey(page)}/hold`],
  words: ({ hold }) => hold ?? '',
};

/** Gives a page a header or a footer of its own, or with null the one that all pages share again. */
const SetFrame = Type.Object(
  {
    op: Type.Literal('setFrame'),
    page: Id,
    part: Type.Union([Type.Literal('header'), Type.Literal('footer')]),
    section: Type.Union([Section, Type.Null()]),
  },
  closed,
);
export const setFrame: Definition<typeof SetFrame> = {
  schema: SetFrame,
  apply(document, { op, page: id, part, section }) {
    const page = pageOf(document, id);
    const before = page[part] ?? null;
    if (section) {
      if (!section.shape.startsWith(`${part}/`)) throw new OperationError(`“${section.shape}” is no ${part}.`);
      const there = findSection(document, section.id);
      if (there && there !== before) throw new OperationError(`There is a section “${section.id}” already.`);
    }
    const { [part]: _, ...rest } = page;
    const changed = inOrder(section ? { ...rest, [part]: section } : rest);
    return {
      document: { ...document, pages: document.pages.map((p) => (p === page ? changed : p)) },
      inverse: { op, page: id, part, section: before },
    };
  },
  says: ({ part, section }) =>
    section ? `Gave a page a ${part} of its own` : `Gave a page the ${part} of all pages again`,
  writes: ({ page: id, part, section }, document) => {
    const before = pageOf(document, id)[part];
    return [`${pageKey(id)}/${part}`, ...[before, section].flatMap((s) => (s ? [sectionKey(s.id)] : []))];
  },
  needs: ({ page }) => [namedKey(page)],
  forward: (operation) => ({ ...operation, section: operation.section && sectionForward(operation.section) }),
};
