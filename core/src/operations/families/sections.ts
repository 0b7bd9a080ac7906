import { Type, type Static } from '@sinclair/typebox';
import {
  ALL_LAYOUTS,
  DEVICES,
  LAYOUTS,
  Section,
  WHOLE_LAYOUTS,
  type LayoutName,
  type Page,
  type SiteDocument,
} from '../../model/site.js';
import { hasOpener, openerOf } from '../../model/page.js';
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

/** True where a page would show nothing to some visitors without a section, though others are on it. */
const isLastShown = (page: Page, section: Section) =>
  hasOpener(page) && !hasOpener({ ...page, sections: page.sections.filter((s) => s !== section) });
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

/** Puts another section in the place of one: of another kind, under the same id. */
const PutSection = Type.Object({ op: Type.Literal('putSection'), section: Section }, closed);
export const putSection: Definition<typeof PutSection> = {
  schema: PutSection,
  apply(document, { op, section }) {
    const { page, section: before } = placeOf(document, section.id);
    if (/^(?:header|footer)\//.test(section.shape)) throw new OperationError(`“${section.shape}” is none of a page.`);
    const sections = page.sections.map((s) => (s === before ? section : s));
    if (!hasOpener({ ...page, sections })) throw new OperationError(NOTHING_LEFT(page));
    return {
      document: { ...document, pages: document.pages.map((p) => (p === page ? { ...p, sections } : p)) },
      inverse: { op, section: before },
    };
  },
  says: () => 'Made a section one of another kind',
  writes: ({ section }) => [sectionKey(section.id)],
  forward: (operation) => ({ ...operation, section: sectionForward(operation.section) }),
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

/** Says with which others a section is one and the same, or with null that it is of its page alone. */
const SetTwin = Type.Object(
  {
    op: Type.Literal('setTwin'),
    section: Id,
    twin: Type.Union([Type.String({ pattern: '^[a-z0-9][a-z0-9-]{0,63}$' }), Type.Null()]),
  },
  closed,
);
export const setTwin: Definition<typeof SetTwin> = {
  schema: SetTwin,
  apply(document, { op, section: id, twin }) {
    const { page, section } = placeOf(document, id);
    const { twin: before, ...rest } = section;
    const changed = inOrder({ ...rest, ...(twin !== null && { twin }) });
    return {
      document: withSections(document, page.id, (all) => all.map((s) => (s === section ? changed : s))),
      inverse: { op, section: id, twin: before ?? null },
    };
  },
  says: ({ twin }) =>
    twin === null ? 'Made a section one of its page alone' : 'Made a section the same on several pages',
  writes: ({ section }) => [`${sectionKey(section)}/twin`],
};

/** Names a section for links within its page; null for the word of its kind. */
const SetAnchor = Type.Object(
  { op: Type.Literal('setAnchor'), section: Id, anchor: Type.Union([Section.properties.anchor, Type.Null()]) },
  closed,
);
export const setAnchor: Definition<typeof SetAnchor> = {
  schema: SetAnchor,
  apply(document, { op, section: id, anchor }) {
    const { page, section } = placeOf(document, id);
    if (anchor && page.sections.some((s) => s !== section && s.anchor === anchor))
      throw new OperationError(`Another section of “${page.label}” is named “${anchor}”.`);
    const { anchor: before, ...rest } = section;
    const changed = inOrder({ ...rest, ...(anchor && { anchor }) });
    return {
      document: withSections(document, page.id, (all) => all.map((s) => (s === section ? changed : s))),
      inverse: { op, section: id, anchor: before ?? null },
    };
  },
  says: ({ anchor }) => (anchor ? `Named a section #${anchor}` : 'Gave a section the name of its kind'),
  field: ({ section }) => `anchor ${section}`,
  writes: ({ section }) => [`${sectionKey(section)}/anchor`],
};

const orLook = <const T extends readonly string[]>(values: T) =>
  Type.Optional(Type.Union([...values, 'look', 'same'].map((v) => Type.Literal(v as T[number] | 'look' | 'same'))));

/**
 * Whether a section is shown and how it is laid out, on every kind of page or on one; what is left out stays as it is.
 * `look` is what its shape and the look have. On one kind of page `same` gives up what is otherwise there.
 */
const SetSection = Type.Object(
  {
    op: Type.Literal('setSection'),
    section: Id,
    on: Type.Optional(Type.Union(DEVICES.map((d) => Type.Literal(d)))),
    hidden: Type.Optional(Type.Union([Type.Boolean(), Type.Literal('same')])),
    room: orLook(LAYOUTS.room),
    size: orLook(LAYOUTS.size),
    align: orLook(LAYOUTS.align),
    side: orLook(LAYOUTS.side),
    columns: orLook(LAYOUTS.columns),
    width: orLook(WHOLE_LAYOUTS.width),
    edge: orLook(WHOLE_LAYOUTS.edge),
    motion: orLook(WHOLE_LAYOUTS.motion),
    pace: orLook(WHOLE_LAYOUTS.pace),
  },
  closed,
);
type SetSection = Static<typeof SetSection>;
const LAYOUT_NAMES = Object.keys(LAYOUTS) as (keyof typeof LAYOUTS)[];
const ALL_NAMES = Object.keys(ALL_LAYOUTS) as LayoutName[];
/** What an operation sets: the names of it. */
const setBy = (o: SetSection) => (['hidden', ...ALL_NAMES] as const).filter((name) => o[name] !== undefined);

/** A section as an operation leaves it. */
function laidOut(section: Section, operation: SetSection): Section {
  const { on: device } = operation;
  if (!device) {
    const set = Object.fromEntries(
      setBy(operation).map((name) => {
        const value = operation[name];
        return [name, value === 'look' || value === 'same' || value === false ? undefined : value];
      }),
    );
    return inOrder({ ...section, ...set });
  }
  const own: Record<string, unknown> = { ...section.on?.[device] };
  for (const name of setBy(operation)) {
    if (operation[name] === 'same') delete own[name];
    else own[name] = operation[name];
  }
  const kept = Object.fromEntries(['hidden', ...LAYOUT_NAMES].flatMap((n) => (n in own ? [[n, own[n]]] : [])));
  const both = { ...section.on, [device]: Object.keys(kept).length ? kept : undefined };
  const on = Object.fromEntries(DEVICES.flatMap((d) => (both[d] ? [[d, both[d]]] : [])));
  const { on: _, ...rest } = section;
  return inOrder(Object.keys(on).length ? { ...rest, on } : rest);
}

export const setSection: Definition<typeof SetSection> = {
  schema: SetSection,
  apply(document, operation) {
    const { op, section: id, on } = operation;
    const { page, section } = placeOf(document, id);
    const whole = on && setBy(operation).find((name) => name in WHOLE_LAYOUTS);
    if (whole) throw new OperationError(`The ${whole} of a section is the same on every kind of page.`);
    const changed = laidOut(section, operation);
    const after = { ...page, sections: page.sections.map((s) => (s === section ? changed : s)) };
    if (operation.hidden === true && !hasOpener(after))
      throw new OperationError(
        `It is all that visitors get of “${page.label}”. Take the page out of the menu, or take it out.`,
      );
    if (on && operation.hidden === true && openerOf(page) === section)
      throw new OperationError(`It opens “${page.label}”, and has its heading: it stays on every kind of page.`);
    if (!hasOpener(after)) throw new OperationError(NOTHING_LEFT(page));
    const was = (name: 'hidden' | LayoutName) =>
      on
        ? ((section.on?.[on] as Record<string, unknown> | undefined)?.[name] ?? 'same')
        : (section[name] ?? (name === 'hidden' ? false : 'look'));
    return {
      document: { ...document, pages: document.pages.map((p) => (p === page ? after : p)) },
      inverse: {
        op,
        section: id,
        ...(on && { on }),
        ...Object.fromEntries(setBy(operation).map((name) => [name, was(name)])),
      } as SetSection,
    };
  },
  says(operation) {
    const where = operation.on ? ` on the ${operation.on}` : '';
    const set = setBy(operation);
    if (set.join() === 'hidden')
      return operation.hidden === true ? `Hid a section${where}` : `Showed a section again${where}`;
    if (set.join() === 'room') return `Gave a section other room${where}`;
    return `Laid out a section otherwise${where}`;
  },
  writes: (operation) =>
    setBy(operation).map((name) => `${sectionKey(operation.section)}/${operation.on ?? 'all'}/${name}`),
};
