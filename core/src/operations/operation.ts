import { Type, type Static } from '@sinclair/typebox';
import {
  Correction,
  DirectionRef,
  Facts,
  Form,
  LIST_FACTS,
  Look,
  Mark,
  Medium,
  Page,
  Person,
  Section,
  Service,
  SiteDocument,
  Text,
  type FactField,
} from '../model/site.js';

const lists: readonly string[] = [...LIST_FACTS, 'services', 'people'];
const factField = Type.Union(
  (Object.keys(Facts.properties).filter((k) => !lists.includes(k)) as FactField[]).map((k) => Type.Literal(k)),
);

/**
 * The place of a text: a section (`header`, `footer` or a section id) and a dotted path in its content, with items by their
 * ids, as `items.i0b1c2d3e4f.name`.
 */
export const Place = Type.Object(
  {
    section: Type.String({ maxLength: 64 }),
    path: Type.String({ pattern: '^[a-z][a-zA-Z]*(\\.[a-z][a-zA-Z0-9]*)*$' }),
  },
  { additionalProperties: false },
);
export type Place = Static<typeof Place>;

const closed = { additionalProperties: false } as const;

export const SetFact = Type.Object(
  { op: Type.Literal('setFact'), field: factField, value: Type.String({ maxLength: 20000 }) },
  closed,
);
export const SetServices = Type.Object(
  { op: Type.Literal('setServices'), services: Type.Array(Service, { maxItems: 40 }) },
  closed,
);
export const SetPeople = Type.Object(
  { op: Type.Literal('setPeople'), people: Type.Array(Person, { maxItems: 24 }) },
  closed,
);
export const SetList = Type.Object(
  {
    op: Type.Literal('setList'),
    field: Type.Union(LIST_FACTS.map((k) => Type.Literal(k))),
    values: Type.Array(Type.String({ maxLength: 300 }), { maxItems: 24 }),
  },
  closed,
);
export const SetCorrections = Type.Object(
  { op: Type.Literal('setCorrections'), corrections: Type.Array(Correction, { maxItems: 200 }) },
  closed,
);
export const SetText = Type.Object({ op: Type.Literal('setText'), at: Place, text: Text }, closed);
export const SetSeo = Type.Object(
  {
    op: Type.Literal('setSeo'),
    page: Type.String({ maxLength: 64 }),
    field: Type.Union([Type.Literal('title'), Type.Literal('description')]),
    text: Type.Union([Text, Type.Null()]),
  },
  closed,
);
export const SetLook = Type.Object({ op: Type.Literal('setLook'), look: Look }, closed);
/** Lays a section out in another shape of its kind, on a ground (plain where left out). Its content stays. */
export const SetShape = Type.Object(
  {
    op: Type.Literal('setShape'),
    section: Type.String({ maxLength: 64 }),
    shape: Section.properties.shape,
    ground: Section.properties.ground,
  },
  closed,
);
/** Which direction a site is in: what the look and the shapes were taken from. */
export const SetDirection = Type.Object({ op: Type.Literal('setDirection'), direction: DirectionRef }, closed);
/** The directions that were called up and those marked. */
export const SetBoard = Type.Object({ op: Type.Literal('setBoard'), board: SiteDocument.properties.board }, closed);
export const SetMark = Type.Object({ op: Type.Literal('setMark'), mark: Type.Union([Mark, Type.Null()]) }, closed);
/** Adds a picture to the site’s, or puts one in the place of that with its id. */
export const PutMedium = Type.Object(
  { op: Type.Literal('putMedium'), medium: Medium, at: Type.Optional(Type.Integer({ minimum: 0, maximum: 400 })) },
  closed,
);
export const RemoveMedium = Type.Object(
  { op: Type.Literal('removeMedium'), medium: Type.String({ maxLength: 64 }) },
  closed,
);
/** Puts a picture of the site into a place for one. `media` is empty to leave the place bare. */
export const SetPicture = Type.Object(
  { op: Type.Literal('setPicture'), at: Place, media: Type.String({ maxLength: 64 }) },
  closed,
);
/** Puts other content into a section: items added, taken out or moved. */
export const SetContent = Type.Object(
  { op: Type.Literal('setContent'), section: Type.String({ maxLength: 64 }), content: Section.properties.content },
  closed,
);
export const SetForm = Type.Object(
  { op: Type.Literal('setForm'), form: Type.String({ maxLength: 64 }), deliverTo: Type.String({ maxLength: 254 }) },
  closed,
);
const PageId = Type.String({ maxLength: 64 });
const Index = Type.Integer({ minimum: 0, maximum: 60 });
export const InsertPage = Type.Object({ op: Type.Literal('insertPage'), page: Page, at: Index }, closed);
export const RemovePage = Type.Object({ op: Type.Literal('removePage'), page: PageId }, closed);
export const MovePage = Type.Object({ op: Type.Literal('movePage'), page: PageId, to: Index }, closed);
/** What a page is called, where it is, which page it is under and whether the menu leads to it (it does where `menu` is left out). */
export const SetPage = Type.Object(
  {
    op: Type.Literal('setPage'),
    page: PageId,
    label: Page.properties.label,
    slug: Page.properties.slug,
    menu: Type.Optional(Type.Boolean()),
    parent: Page.properties.parent,
  },
  closed,
);
export const InsertSection = Type.Object(
  { op: Type.Literal('insertSection'), page: PageId, section: Section, at: Index },
  closed,
);
export const RemoveSection = Type.Object({ op: Type.Literal('removeSection'), section: PageId }, closed);
/** Moves a section to a place on its page or on another; `to` counts without the section itself. */
export const MoveSection = Type.Object(
  { op: Type.Literal('moveSection'), section: PageId, page: PageId, to: Index },
  closed,
);
/** The language of a site and how much it says: what the next version is written in. */
export const SetWriting = Type.Object(
  {
    op: Type.Literal('setWriting'),
    language: SiteDocument.properties.language,
    length: SiteDocument.properties.length,
  },
  closed,
);
export const SetWithout = Type.Object(
  { op: Type.Literal('setWithout'), values: Type.Array(Type.String({ maxLength: 130 }), { maxItems: 200 }) },
  closed,
);
/** Puts a whole generated version in place: pages, what they share, forms and look. */
export const PutVersion = Type.Object(
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
export const Single = Type.Union([
  SetFact,
  SetServices,
  SetPeople,
  SetList,
  SetCorrections,
  SetText,
  SetSeo,
  SetLook,
  SetShape,
  SetDirection,
  SetBoard,
  SetMark,
  PutMedium,
  RemoveMedium,
  SetPicture,
  SetContent,
  SetForm,
  PutVersion,
  InsertPage,
  RemovePage,
  MovePage,
  SetPage,
  InsertSection,
  RemoveSection,
  MoveSection,
  SetWithout,
  SetWriting,
]);
/** Several changes that are one step of history. */
export const Batch = Type.Object(
  { op: Type.Literal('batch'), operations: Type.Array(Single, { minItems: 1, maxItems: 500 }) },
  closed,
);
export type SingleOperation = Static<typeof Single>;
export type Operation = SingleOperation | Static<typeof Batch>;
export type PutVersion = Static<typeof PutVersion>;
