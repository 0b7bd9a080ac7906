import { Type } from '@sinclair/typebox';
import { DirectionRef, Form, Look, Medium, Page, Section, SiteDocument } from '../../model/site.js';
import { FIRST_DIRECTION, lookForward, pageForward, sceneMedia, sectionForward } from '../forward/older.js';
import type { Definition } from '../definition.js';
import { SITE } from '../keys.js';

const closed = { additionalProperties: false } as const;

/** The language of a site, how much it says and whether it is filled out: what the next version is written in. */
const SetWriting = Type.Object(
  {
    op: Type.Literal('setWriting'),
    language: SiteDocument.properties.language,
    length: SiteDocument.properties.length,
    fill: Type.Optional(SiteDocument.properties.fill),
  },
  closed,
);
export const setWriting: Definition<typeof SetWriting> = {
  schema: SetWriting,
  apply: (document, { op, language, length, fill = document.fill }) => ({
    document: { ...document, language, length, fill },
    inverse: { op, language: document.language, length: document.length, fill: document.fill },
  }),
  says: ({ language, length, fill }) =>
    `Chose the language ${language}, ${length}${fill === 'full' ? ', filled out' : fill ? ', only what was said' : ''}`,
  writes: () => ['writing'],
};

const SetWithout = Type.Object(
  { op: Type.Literal('setWithout'), values: Type.Array(Type.String({ maxLength: 130 }), { maxItems: 200 }) },
  closed,
);
export const setWithout: Definition<typeof SetWithout> = {
  schema: SetWithout,
  apply: (document, { op, values }) => ({
    document: { ...document, without: values },
    inverse: { op, values: document.without },
  }),
  says: () => 'Changed what the plan leaves out',
  writes: () => ['without'],
};

/** Puts a whole generated version in place: pages, what they share, forms and look. */
const PutVersion = Type.Object(
  {
    op: Type.Literal('putVersion'),
    seed: Type.Integer({ minimum: 0, maximum: 2 ** 31 - 1 }),
    header: Type.Union([Section, Type.Null()]),
    pages: Type.Array(Page, { maxItems: 60 }),
    footer: Type.Union([Section, Type.Null()]),
    forms: Type.Array(Form, { maxItems: 10 }),
    look: Look,
    direction: Type.Optional(DirectionRef),
    media: Type.Optional(Type.Array(Medium, { maxItems: 400 })),
  },
  closed,
);
export const putVersion: Definition<typeof PutVersion> = {
  schema: PutVersion,
  apply(document, { op, ...version }) {
    const { seed, header, pages, footer, forms, look, direction, media } = document;
    return {
      document: { ...document, ...version },
      inverse: { op, seed, header, pages, footer, forms, look, direction, media },
    };
  },
  says: ({ pages, seed }) => (pages.length ? `Wrote version ${seed}` : 'Cleared the pages'),
  writes: () => [SITE],
  forward: (operation) => ({
    ...operation,
    header: operation.header && sectionForward(operation.header),
    footer: operation.footer && sectionForward(operation.footer),
    pages: operation.pages.map(pageForward),
    look: lookForward(operation.look),
    direction: operation.direction ?? FIRST_DIRECTION,
    media: operation.media ?? sceneMedia(operation.seed),
  }),
};
