import { Type } from '@sinclair/typebox';
import { ROOMS, Section, type Page, type SiteDocument } from '../../model/site.js';
import { shownSections } from '../../model/page.js';
import { sectionForward } from '../forward/older.js';
import { OperationError, type Definition } from '../definition.js';
import { pageKey, sectionKey, sectionsKey } from '../keys.js';
import { findSection, inOrder, inserted, pageOf } from '../reach.js';

const closed = { additionalProperties: false } as const;
const Id = Type.String({ maxLength: 64 });
const Index = Type.Integer({ minimum: 0, maximum: 60 });

/** Where on a page a section stands. @throws OperationError where it stands on none */
function placeOf(document: SiteDocument, id: string): { page: Page; section: Section; at: number } {
  for (const page of document.pages) {
    const at = page.sections.findIndex((s) => s.id === id);
    if (at >= 0) return { page, section: page.sections[at]!, at };
  }
  throw new OperationError(`There is no section “${id}” on a page.`);
}
function withSections(document: SiteDocument, id: string, change: (all: Section[]) => Section[]): SiteDocument {
  const page = pageOf(document, id);
  const changed = { ...page, sections: change(page.sections) };
  return { ...document, pages: document.pages.map((p) => (p === page ? changed : p)) };
}

/** True where a page would show nothing without a section, though others wait on it. */
const isLastShown = (page: Page, section: Section) => shownSections(page).every((s) => s === section);
const NOTHING_LEFT = ({ label }: Page) =>
  `It is all that visitors get of “${label}”: the other sections there are hidden. Show one of them first.`;

const InsertSection = Type.Object({ op: Type.Literal('insertSection'), page: Id, section: Section, at: Index }, closed);
export const insertSection: Definition<typeof InsertSection> = {
  schema: InsertSection,
  apply(document, { page, section, at }) {
    if (findSection(document, section.id)) throw new OperationError(`There is a section “${section.id}” already.`);
    return {
      document: withSections(document, page, (all) => inserted(all, section, at)),
      inverse: { op: 'removeSection', section: section.id },
    };
  },
  says: () => 'Added a section',
  writes: ({ section }) => [sectionKey(section.id)],
  needs: ({ page }) => [pageKey(page)],
  moves: ({ page, section, at }) => [{ list: sectionsKey(page), id: section.id, from: null, to: at }],
  placed: (operation, at) => ({ ...operation, at }),
  forward: (operation) => ({ ...operation, section: sectionForward(operation.section) }),
};

const RemoveSection = Type.Object({ op: Type.Literal('removeSection'), section: Id }, closed);
export const removeSection: Definition<typeof RemoveSection> = {
  schema: RemoveSection,
  apply(document, { section: id }) {
    const { page, section, at } = placeOf(document, id);
    if (page.sections.length === 1)
      throw new OperationError(`It is the only section of “${page.label}”. Take out the page instead.`);
    if (isLastShown(page, section)) throw new OperationError(NOTHING_LEFT(page));
    return {
      document: withSections(document, page.id, (all) => all.filter((s) => s !== section)),
      inverse: { op: 'insertSection', page: page.id, section, at },
    };
  },
  says: () => 'Took a section out',
  writes: ({ section }) => [sectionKey(section)],
  moves({ section: id }, document) {
    const { page, at } = placeOf(document, id);
    return [{ list: sectionsKey(page.id), id, from: at, to: null }];
  },
};

/** Moves a section to a place on its page or on another; `to` counts without the section itself. */
const MoveSection = Type.Object({ op: Type.Literal('moveSection'), section: Id, page: Id, to: Index }, closed);
export const moveSection: Definition<typeof MoveSection> = {
  schema: MoveSection,
  apply(document, { op, section: id, page: target, to }) {
    const { page, section, at } = placeOf(document, id);
    if (page.id !== target && page.sections.length === 1)
      throw new OperationError(`It is the only section of “${page.label}”.`);
    if (page.id !== target && isLastShown(page, section)) throw new OperationError(NOTHING_LEFT(page));
    const without = withSections(document, page.id, (all) => all.filter((s) => s !== section));
    return {
      document: withSections(without, target, (all) => inserted(all, section, to)),
      inverse: { op, section: id, page: page.id, to: at },
    };
  },
  says: () => 'Moved a section',
  writes: ({ section }) => [`${sectionKey(section)}/order`],
  needs: ({ page }) => [pageKey(page)],
  moves({ section: id, page: target, to }, document) {
    const { page, at } = placeOf(document, id);
    if (page.id === target) return [{ list: sectionsKey(target), id, from: at, to }];
    return [
      { list: sectionsKey(page.id), id, from: at, to: null },
      { list: sectionsKey(target), id, from: null, to },
    ];
  },
  placed: (operation, to) => ({ ...operation, to }),
};

/** Whether a section is shown, and the room it has; what is left out stays as it is. `look` is what the look gives it. */
const SetSection = Type.Object(
  {
    op: Type.Literal('setSection'),
    section: Id,
    hidden: Type.Optional(Type.Boolean()),
    room: Type.Optional(Type.Union([...ROOMS, 'look' as const].map((r) => Type.Literal(r)))),
  },
  closed,
);
export const setSection: Definition<typeof SetSection> = {
  schema: SetSection,
  apply(document, { op, section: id, hidden, room }) {
    const { page, section } = placeOf(document, id);
    if (hidden && isLastShown(page, section))
      throw new OperationError(
        `It is all that visitors get of “${page.label}”. Take the page out of the menu, or take it out.`,
      );
    const { hidden: wasHidden, room: hadRoom, ...rest } = section;
    const [hides, has] = [hidden ?? wasHidden ?? false, room ?? hadRoom ?? 'look'];
    const changed = inOrder({
      ...rest,
      ...(hides && { hidden: true as const }),
      ...(has !== 'look' && { room: has }),
    });
    return {
      document: withSections(document, page.id, (all) => all.map((s) => (s === section ? changed : s))),
      inverse: {
        op,
        section: id,
        ...(hidden !== undefined && { hidden: wasHidden ?? false }),
        ...(room !== undefined && { room: hadRoom ?? 'look' }),
      },
    };
  },
  says: ({ hidden }) =>
    hidden === undefined ? 'Gave a section other room' : hidden ? 'Hid a section' : 'Showed a section again',
  writes: ({ section, hidden, room }) => [
    ...(hidden === undefined ? [] : [`${sectionKey(section)}/hidden`]),
    ...(room === undefined ? [] : [`${sectionKey(section)}/room`]),
  ],
};
