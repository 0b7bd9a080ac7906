import { Type } from '@sinclair/typebox';
import { DirectionRef, Look, Mark, Section, SiteDocument } from '../../model/site.js';
import { lookForward } from '../forward/older.js';
import { OperationError, type Definition } from '../definition.js';
import { SITE, sectionKey } from '../keys.js';
import { inOrder, sectionOf, withSection } from '../reach.js';

const closed = { additionalProperties: false } as const;

const SetLook = Type.Object({ op: Type.Literal('setLook'), look: Look }, closed);
export const setLook: Definition<typeof SetLook> = {
  schema: SetLook,
  apply: (document, { op, look }) => ({
    document: { ...document, look },
    inverse: { op, look: document.look },
  }),
  says: ({ look }) => `Put on the look ${look.name}`,
  field: () => 'look',
  writes: () => [`${SITE}/look`],
  forward: (operation) => ({ ...operation, look: lookForward(operation.look) }),
};

/** Lays a section out in another shape of its kind, on a ground (plain where left out). Its content stays. */
const SetShape = Type.Object(
  {
    op: Type.Literal('setShape'),
    section: Type.String({ maxLength: 64 }),
    shape: Section.properties.shape,
    ground: Section.properties.ground,
  },
  closed,
);
export const setShape: Definition<typeof SetShape> = {
  schema: SetShape,
  apply(document, { op, section: id, shape, ground }) {
    const section = sectionOf(document, id);
    const kind = section.shape.split('/')[0]!;
    if (shape.split('/')[0] !== kind) throw new OperationError(`“${shape}” is no shape of ${kind}.`);
    const { ground: before, ...rest } = section;
    return {
      document: withSection(document, id, () => inOrder({ ...rest, shape, ...(ground !== undefined && { ground }) })),
      inverse: { op, section: id, shape: section.shape, ...(before !== undefined && { ground: before }) },
    };
  },
  says: () => 'Laid a section out anew',
  writes: ({ section }) => [`${sectionKey(section)}/shape`],
};

/** Which direction a site is in: what the look and the shapes were taken from. */
const SetDirection = Type.Object({ op: Type.Literal('setDirection'), direction: DirectionRef }, closed);
export const setDirection: Definition<typeof SetDirection> = {
  schema: SetDirection,
  apply: (document, { op, direction }) => ({
    document: { ...document, direction },
    inverse: { op, direction: document.direction },
  }),
  says: () => 'Took another direction',
  writes: () => [`${SITE}/direction`],
};

/** The directions that were called up and those that were shortlisted. */
const SetBoard = Type.Object({ op: Type.Literal('setBoard'), board: SiteDocument.properties.board }, closed);
export const setBoard: Definition<typeof SetBoard> = {
  schema: SetBoard,
  apply: (document, { op, board }) => ({ document: { ...document, board }, inverse: { op, board: document.board } }),
  says: () => 'Asked for or shortlisted directions',
  writes: () => ['board'],
};

const SetMark = Type.Object({ op: Type.Literal('setMark'), mark: Type.Union([Mark, Type.Null()]) }, closed);
export const setMark: Definition<typeof SetMark> = {
  schema: SetMark,
  apply: (document, { op, mark }) => ({ document: { ...document, mark }, inverse: { op, mark: document.mark } }),
  says: ({ mark }) => (mark ? 'Changed the mark' : 'Took the mark away'),
  writes: () => ['mark'],
};
