import { Type, type ArrayOptions, type Static, type TProperties } from '@sinclair/typebox';
import { LANGUAGE_TAGS } from './languages.gen.js';
import { LinkTarget } from './marks.js';
import { Collection, Listing } from './collection.js';
import { Lock } from './locks.js';
import { formOf, Id, line, oneOf, Text, textProperties } from './leaves.js';

export * from './leaves.js';
export * from './collection.js';
export * from './locks.js';

/** The schema version this code writes. Older documents are carried forward by `migrate`. */
export const SCHEMA_VERSION = 9;

export const Service = Type.Object(
  {
    id: Id,
    name: line('Service', 120),
    detail: line('In a sentence or two', 600),
    price: line('Price', 60),
    /** What it is listed under, where services come in groups. */
    group: Type.Optional(line('Group', 60)),
  },
  { additionalProperties: false },
);
export type Service = Static<typeof Service>;

export const Person = Type.Object(
  {
    id: Id,
    name: line('Name', 80),
    role: line('What they do', 120),
    about: Type.Optional(line('In a sentence', 300)),
  },
  { additionalProperties: false },
);
export type Person = Static<typeof Person>;

/** A phone number or mail address beside the main one, or the main one once more, with what it is for. */
export const Contact = Type.Object(
  { id: Id, value: line('Number or address', 254), what: line('What for', 120) },
  { additionalProperties: false },
);
export type Contact = Static<typeof Contact>;

/** A place beside the main one. */
export const Branch = Type.Object(
  {
    id: Id,
    name: line('Place', 80),
    address: Type.String({ title: 'Address', maxLength: 400 }),
    phone: line('Phone', 40),
    hours: Type.String({ title: 'Opening hours', maxLength: 600 }),
  },
  { additionalProperties: false },
);
export type Branch = Static<typeof Branch>;

/** Something with a time of its own: once, or again and again. */
export const BusinessEvent = Type.Object(
  {
    id: Id,
    name: line('What', 120),
    when: line('When', 160),
    place: line('Where', 160),
    detail: line('In a sentence', 300),
  },
  { additionalProperties: false },
);
export type BusinessEvent = Static<typeof BusinessEvent>;

const list = (title: string, maxLength = 160) => Type.Array(Type.String({ maxLength }), { title, maxItems: 24 });

/** What a site is for; each leads to another main action. */
export const AIMS = ['found', 'rung', 'bookings', 'sell', 'inform', 'support'] as const;
export type Aim = (typeof AIMS)[number];

/** How the words of a site speak. */
export const TONES = ['plain', 'warm', 'formal', 'lively'] as const;
export type Tone = (typeof TONES)[number];

/** Where the work is done: with people at a place, at theirs, or nowhere but online. */
export const PREMISES = ['here', 'away', 'online'] as const;
export type Premises = (typeof PREMISES)[number];

/** How much a site says. */
export const LENGTHS = ['short', 'middle', 'long'] as const;
export type Length = (typeof LENGTHS)[number];

/** Whether a site says only what was said, or is filled out with what is to confirm. */
export const FILLS = ['said', 'full'] as const;
export type Fill = (typeof FILLS)[number];

/** The sheet of business facts. An empty string or list means that nobody has said. */
export const Facts = Type.Object(
  {
    name: line('Client or business name', 120),
    legalName: line('Legal name', 160),
    strapline: line('Strapline', 160),
    trade: line('Trade', 80),
    place: line('Place', 120),
    area: line('Area served', 200),
    description: Type.String({ title: 'What they told you', maxLength: 20000 }),
    phone: line('Phone', 40),
    mail: line('Mail', 254),
    address: Type.String({ title: 'Address', maxLength: 400 }),
    hours: Type.String({ title: 'Opening hours', maxLength: 600 }),
    founded: line('Founded', 4),
    audience: line('For whom', 300),
    apart: Type.String({ title: 'What sets them apart', maxLength: 600 }),
    benefits: list('What people gain'),
    aim: Type.Union([Type.Literal(''), ...oneOf(AIMS)], { title: 'What the site is for' }),
    tone: Type.Union([Type.Literal(''), ...oneOf(TONES)], { title: 'Tone' }),
    premises: Type.Union([Type.Literal(''), ...oneOf(PREMISES)], { title: 'Where they work' }),
    services: Type.Array(Service, { maxItems: 40 }),
    people: Type.Array(Person, { maxItems: 24 }),
    contacts: Type.Array(Contact, { title: 'Further numbers and addresses', maxItems: 24 }),
    branches: Type.Array(Branch, { title: 'Further places', maxItems: 12 }),
    events: Type.Array(BusinessEvent, { title: 'Events', maxItems: 40 }),
    memberships: list('Memberships'),
    registrations: list('Registrations', 200),
    links: list('Elsewhere on the web', 300),
    languages: list('Languages spoken', 40),
    keywords: list('Words to be found by', 80),
    wanted: list('Wanted on the site', 60),
    unwanted: list('Not wanted', 60),
    style: list('Style words', 40),
    colours: list('Colours', 40),
    dislikes: list('Dislikes', 60),
  },
  { additionalProperties: false },
);
export type Facts = Static<typeof Facts>;
/** What a fact is called wherever a person reads of it. */
export const factLabel = (field: keyof Facts): string => String(Facts.properties[field].title ?? field);
export const LIST_FACTS = [
  'benefits',
  'memberships',
  'registrations',
  'links',
  'languages',
  'keywords',
  'wanted',
  'unwanted',
  'style',
  'colours',
  'dislikes',
] as const;
export type ListFact = (typeof LIST_FACTS)[number];
/** Facts that are lists of things with fields of their own. */
export const ENTRY_FACTS = ['services', 'people', 'contacts', 'branches', 'events'] as const;
export type EntryFact = (typeof ENTRY_FACTS)[number];
export type FactField = Exclude<keyof Facts, ListFact | EntryFact>;

/** How many characters a fact, or each line of a list of them, may have: what the schema says. */
export function limitOf(field: FactField | ListFact): number {
  const schema = Facts.properties[field] as { maxLength?: number; items?: { maxLength?: number } };
  return schema.maxLength ?? schema.items?.maxLength ?? 200;
}

/** The lines of a list of facts as they can be kept: none empty, none too long, no more than fit. */
export const fitList = (field: ListFact, lines: readonly string[]): string[] =>
  lines
    .map((l) => l.trim().slice(0, limitOf(field)))
    .filter(Boolean)
    .slice(0, Facts.properties[field].maxItems ?? 24);

/** A reading of the brief that was put right: these words are not that fact, but another one or none. */
export const Correction = Type.Object(
  {
    words: Type.String({ minLength: 1, maxLength: 600 }),
    was: Type.String({ pattern: '^[a-z]{2,20}$' }),
    is: Type.Union([Type.String({ pattern: '^[a-z]{2,20}$' }), Type.Null()]),
  },
  { additionalProperties: false },
);
export type Correction = Static<typeof Correction>;

const Colour = Type.String({ pattern: '^#[0-9a-f]{6}$' });
/** What colours are for. `deep` is a strong ground, `edge` the outline of controls; the rest says what it says. */
export const COLOUR_ROLES = [
  'ground',
  'wash',
  'deep',
  'text',
  'quiet',
  'line',
  'edge',
  'lead',
  'onLead',
  'accent',
  'onAccent',
  'onDeep',
  'good',
  'warn',
  'bad',
] as const;
export type ColourRole = (typeof COLOUR_ROLES)[number];
/** Colours by role of one version (day or night) of a look, as sRGB hex. */
export const Palette = Type.Object(
  {
    ground: Colour,
    wash: Colour,
    deep: Colour,
    text: Colour,
    quiet: Colour,
    line: Colour,
    edge: Colour,
    lead: Colour,
    onLead: Colour,
    accent: Colour,
    onAccent: Colour,
    onDeep: Colour,
    good: Colour,
    warn: Colour,
    bad: Colour,
  },
  { additionalProperties: false },
);
export type Palette = Static<typeof Palette>;

/** The choices of a look that are one of a few, each with its values. */
export const FINISHES = {
  headingCase: ['sentence', 'capitals'],
  button: ['solid', 'outline', 'pill', 'block', 'underline'],
  edge: ['straight', 'rule', 'slant', 'inset', 'scallop'],
  picture: ['plain', 'frame', 'arch', 'offset', 'leaf', 'tilt'],
  icon: ['fine', 'firm', 'badge', 'none'],
  motion: ['still', 'rise', 'slide', 'grow'],
  pictures: ['flat', 'line', 'cut', 'dusk', 'grain'],
} as const;
export type Finishes = { [K in keyof typeof FINISHES]: (typeof FINISHES)[K][number] };

/** How a site looks, whole: every value a token of the stylesheet is made from. */
export const Look = Type.Object(
  {
    name: line('Name', 60),
    seed: Type.Integer({ minimum: 0 }),
    day: Palette,
    night: Palette,
    richness: Type.Number({ minimum: 0.2, maximum: 2, description: 'multiplies chroma' }),
    heading: Id,
    reading: Id,
    headingWeight: Type.Integer({ minimum: 100, maximum: 1000 }),
    headingCase: Type.Union(oneOf(FINISHES.headingCase)),
    scale: Type.Number({ minimum: 1.1, maximum: 1.6, description: 'each size to the next' }),
    base: Type.Number({ minimum: 15, maximum: 21, description: 'size of running text, px' }),
    density: Type.Number({ minimum: 0.7, maximum: 1.4, description: 'multiplies the vertical rhythm' }),
    corner: Type.Integer({ minimum: 0, maximum: 24, description: 'corner radius, px' }),
    line: Type.Integer({ minimum: 0, maximum: 4, description: 'thickness of strong lines, px' }),
    button: Type.Union(oneOf(FINISHES.button)),
    edge: Type.Union(oneOf(FINISHES.edge)),
    picture: Type.Union(oneOf(FINISHES.picture)),
    icon: Type.Union(oneOf(FINISHES.icon)),
    motion: Type.Union(oneOf(FINISHES.motion)),
    pictures: Type.Union(oneOf(FINISHES.pictures), { description: 'the style made pictures are drawn in' }),
  },
  { additionalProperties: false },
);
export type Look = Static<typeof Look>;

/** Formats a picture is drawn or cut in. */
export const FORMATS = ['wide', 'square', 'tall'] as const;
export type Format = (typeof FORMATS)[number];

/** What a made picture shows: drawn anew in the colours of the look wherever it stands, the same each time. */
export const Recipe = Type.Object(
  {
    subject: Type.String({ pattern: '^[a-z]{2,24}$' }),
    setting: Type.String({ pattern: '^[a-z]{0,24}$' }),
    mood: Type.String({ pattern: '^[a-z]{0,24}$' }),
    /** Empty for the style of the look. */
    style: Type.Union([Type.Literal(''), ...oneOf(FINISHES.pictures)]),
    format: Type.Union(oneOf(FORMATS)),
    seed: Type.Integer({ minimum: 0, maximum: 2 ** 31 - 1 }),
  },
  { additionalProperties: false },
);
export type Recipe = Static<typeof Recipe>;

const Credit = Type.Object(
  { by: line('By', 160), licence: line('Licence', 80), address: line('Found at', 400) },
  { additionalProperties: false },
);
export type Credit = Static<typeof Credit>;

/** What a picture may be put together with: a set of its own among the pictures of the site. */
const PictureSet = Type.Optional(Type.String({ title: 'Collection', minLength: 1, maxLength: 60 }));
const share = (least = 0) => Type.Number({ minimum: least, maximum: 1 });

/** How a picture file is worked over, in this order. What is 0 or null changes nothing. */
export const Retouch = Type.Object(
  {
    /** Quarter turns to the right. */
    turn: Type.Integer({ minimum: 0, maximum: 3 }),
    /** Degrees to the right; what has no picture any more is cut away. */
    straighten: Type.Number({ minimum: -20, maximum: 20 }),
    /** Left, top, width and height of what stays, as shares of the picture. */
    crop: Type.Tuple([share(), share(), share(0.02), share(0.02)]),
    light: share(-1),
    contrast: share(-1),
    warmth: share(-1),
    richness: share(-1),
    /** How unlike the background a thing must be to stay when the background is taken out; 0 leaves it in. */
    cutOut: share(),
    /** Width of a line around what was cut out, as a share of the shorter side, and its colour. */
    outline: Type.Number({ minimum: 0, maximum: 0.05 }),
    outlineColour: Colour,
    /** Strength of a soft shadow under what was cut out. */
    shadow: share(),
    /** The colours its darkest and lightest become, with all between them. */
    tint: Type.Union([Type.Tuple([Colour, Colour]), Type.Null()]),
  },
  { additionalProperties: false },
);
export type Retouch = Static<typeof Retouch>;

/** A picture of a site: made from a recipe, drawn by somebody as SVG whose inks follow the look, or a file in sizes. */
export const Medium = Type.Union([
  Type.Object(
    { id: Id, kind: Type.Literal('made'), title: line('Title', 120), recipe: Recipe, collection: PictureSet },
    { additionalProperties: false },
  ),
  Type.Object(
    {
      id: Id,
      kind: Type.Literal('drawn'),
      title: line('Title', 120),
      width: Type.Integer({ minimum: 1, maximum: 20000 }),
      height: Type.Integer({ minimum: 1, maximum: 20000 }),
      svg: Type.String({ maxLength: 60000 }),
      /** Which of its colours stands for which ink of the look. */
      inks: Type.Record(Type.String({ pattern: '^[a-z]{2,12}$' }), Colour),
      credit: Credit,
      collection: PictureSet,
    },
    { additionalProperties: false },
  ),
  Type.Object(
    {
      id: Id,
      kind: Type.Literal('file'),
      title: line('Title', 120),
      width: Type.Integer({ minimum: 1, maximum: 20000 }),
      height: Type.Integer({ minimum: 1, maximum: 20000 }),
      /** What shows until it is there, and under it where it cannot be. */
      colour: Colour,
      /** What must stay in sight when it is cut, as shares of its width and height. */
      focus: Type.Tuple([Type.Number({ minimum: 0, maximum: 1 }), Type.Number({ minimum: 0, maximum: 1 })]),
      renditions: Type.Array(
        Type.Object(
          {
            type: Type.Union(oneOf(['image/avif', 'image/webp', 'image/jpeg', 'image/png'] as const)),
            width: Type.Integer({ minimum: 1, maximum: 8000 }),
            height: Type.Integer({ minimum: 1, maximum: 8000 }),
            hash: Type.String({ pattern: '^[0-9a-f]{64}$' }),
            bytes: Type.Integer({ minimum: 1 }),
          },
          { additionalProperties: false },
        ),
        { minItems: 1, maxItems: 30 },
      ),
      /** The file it was made from, upright and without what cameras write into it; absent where it is not kept. */
      source: Type.Optional(
        Type.Object(
          {
            hash: Type.String({ pattern: '^[0-9a-f]{64}$' }),
            width: Type.Integer({ minimum: 1, maximum: 20000 }),
            height: Type.Integer({ minimum: 1, maximum: 20000 }),
          },
          { additionalProperties: false },
        ),
      ),
      retouch: Type.Optional(Retouch),
      /** The picture this one was cut from, for one of its places. */
      cutFrom: Type.Optional(Id),
      credit: Credit,
      collection: PictureSet,
    },
    { additionalProperties: false },
  ),
]);
export type Medium = Static<typeof Medium>;
export type FileMedium = Extract<Medium, { kind: 'file' }>;

/** A drawn mark: the name set in the heading family, with a symbol or without. */
export const MARK_LAYOUTS = ['words', 'beside', 'over', 'badge', 'initials'] as const;
export const Mark = Type.Union([
  Type.Object(
    {
      kind: Type.Literal('drawn'),
      layout: Type.Union(oneOf(MARK_LAYOUTS)),
      symbol: Type.String({ pattern: '^[a-z]{0,24}$' }),
      text: line('Words of the mark', 60),
      /** The role the symbol is drawn in. */
      colour: Type.Union(oneOf(['lead', 'accent', 'text'] as const)),
    },
    { additionalProperties: false },
  ),
  Type.Object({ kind: Type.Literal('file'), svg: Type.String({ maxLength: 60000 }) }, { additionalProperties: false }),
]);
export type Mark = Static<typeof Mark>;

const Nth = Type.Integer({ minimum: 1, maximum: 100000 });
/** A proposal for a site: whose layout, colours, type and finish it has, each the number of a direction. */
export const DirectionRef = Type.Object(
  { layout: Nth, colours: Nth, type: Nth, finish: Nth },
  { additionalProperties: false },
);
export type DirectionRef = Static<typeof DirectionRef>;

/** The grounds a section can stand on. */
export const GROUNDS = ['plain', 'wash', 'deep'] as const;
export type Ground = (typeof GROUNDS)[number];

/** Kinds of page a section can be laid out for by itself; their widths are in `look/layout.ts`. */
export const DEVICES = ['tablet', 'phone'] as const;
export type Device = (typeof DEVICES)[number];

/** How a section can be laid out otherwise than its shape and the look have it, on every kind of page or on one. */
export const LAYOUTS = {
  /** The room above and below. */
  room: ['close', 'wide'],
  /** The step its words are set at. */
  size: ['smaller', 'larger'],
  /** Where its heading and the words on their own stand. */
  align: ['start', 'middle'],
  /** Where the picture stands: on the other side, or where there is one column, on the other side of the words. */
  side: ['other'],
  /** How many stand in a row. */
  columns: ['1', '2', '3', '4'],
} as const;
/** The same on every kind of page: how wide a section is, how its ground ends, how and when it enters. */
export const WHOLE_LAYOUTS = {
  width: ['narrow', 'full'],
  edge: FINISHES.edge,
  motion: FINISHES.motion,
  /** When what is in it enters: later, all of it at once, or the last of it first. */
  pace: ['later', 'together', 'reverse'],
} as const;
export const ALL_LAYOUTS = { ...LAYOUTS, ...WHOLE_LAYOUTS } as const;
export type LayoutName = keyof typeof ALL_LAYOUTS;
export type Layouts = { [K in LayoutName]?: (typeof ALL_LAYOUTS)[K][number] };

const layoutFields = {
  room: Type.Optional(Type.Union(oneOf(LAYOUTS.room))),
  size: Type.Optional(Type.Union(oneOf(LAYOUTS.size))),
  align: Type.Optional(Type.Union(oneOf(LAYOUTS.align))),
  side: Type.Optional(Type.Union(oneOf(LAYOUTS.side))),
  columns: Type.Optional(Type.Union(oneOf(LAYOUTS.columns))),
};
/** How a section is laid out on one kind of page alone: `look` is as if nothing were said for every kind. */
const OnDevice = Type.Object(
  {
    hidden: Type.Optional(Type.Boolean()),
    room: Type.Optional(Type.Union(oneOf([...LAYOUTS.room, 'look']))),
    size: Type.Optional(Type.Union(oneOf([...LAYOUTS.size, 'look']))),
    align: Type.Optional(Type.Union(oneOf([...LAYOUTS.align, 'look']))),
    side: Type.Optional(Type.Union(oneOf([...LAYOUTS.side, 'look']))),
    columns: Type.Optional(Type.Union(oneOf([...LAYOUTS.columns, 'look']))),
  },
  { additionalProperties: false, minProperties: 1 },
);
export type OnDevice = Static<typeof OnDevice>;

/** The name of a section for links within its page. */
export const ANCHOR = '^[a-z][a-z0-9]*(-[a-z0-9]+)*$';

export const Section = Type.Object(
  {
    id: Id,
    shape: Type.String({ pattern: '^[a-z]+/[a-z]+$' }),
    reason: line('Why it is here', 300),
    /** What of a collection it shows, in the stead of items of its own. */
    shows: Type.Optional(Listing),
    /** The facts it was written from. */
    feeds: Type.Optional(Type.Array(Type.String({ maxLength: 40 }), { maxItems: 24 })),
    /** What it stands on; plain where left out. */
    ground: Type.Optional(Type.Union(oneOf(GROUNDS))),
    /** What it is called where it is one and the same section on several pages: those with one name are changed together. */
    twin: Type.Optional(Id),
    /** What links within the page find it by; the word of its kind where left out. */
    anchor: Type.Optional(Type.String({ pattern: ANCHOR, maxLength: 40 })),
    /** True where visitors do not get it: it waits. */
    hidden: Type.Optional(Type.Literal(true)),
    /** As its shape and the look have it where left out. */
    ...layoutFields,
    width: Type.Optional(Type.Union(oneOf(WHOLE_LAYOUTS.width))),
    edge: Type.Optional(Type.Union(oneOf(WHOLE_LAYOUTS.edge))),
    motion: Type.Optional(Type.Union(oneOf(WHOLE_LAYOUTS.motion))),
    pace: Type.Optional(Type.Union(oneOf(WHOLE_LAYOUTS.pace))),
    /** What is otherwise on one kind of page alone. */
    on: Type.Optional(
      Type.Object(
        { tablet: Type.Optional(OnDevice), phone: Type.Optional(OnDevice) },
        { additionalProperties: false, minProperties: 1 },
      ),
    ),
    content: Type.Record(Type.String({ pattern: '^[a-z][a-zA-Z]*$' }), Type.Unknown()),
  },
  { additionalProperties: false },
);
export type Section = Static<typeof Section>;

export const Seo = Type.Object(
  { title: Type.Union([Text, Type.Null()]), description: Type.Union([Text, Type.Null()]) },
  { additionalProperties: false },
);

export const Page = Type.Object(
  {
    id: Id,
    slug: Type.String({
      pattern: '^([a-z0-9]+(-[a-z0-9]+)*)?$',
      maxLength: 60,
      description: 'empty for the home page',
    }),
    label: line('Menu label', 40),
    /** False: the footer leads to it, the menu does not. Left out: the menu does. */
    menu: Type.Optional(Type.Boolean()),
    /** The page it belongs under. Its address does not follow: links to it stay good wherever it is moved. */
    parent: Type.Optional(Id),
    /** What visitors read in its stead while it is on hold; empty for the words of the language. Left out: it is there. */
    hold: Type.Optional(line('On hold', 300)),
    reason: line('Why it is here', 300),
    seo: Seo,
    /** Where they are others than those that all pages share. */
    header: Type.Optional(Section),
    footer: Type.Optional(Section),
    sections: Type.Array(Section, { minItems: 1, maxItems: 40 }),
  },
  { additionalProperties: false },
);
export type Page = Static<typeof Page>;

export const Form = Type.Object(
  {
    id: Id,
    deliverTo: line('Messages also go to', 254),
    fields: Type.Array(
      Type.Object(
        {
          name: Id,
          label: line('Label', 80),
          type: Type.Union([Type.Literal('text'), Type.Literal('email'), Type.Literal('tel'), Type.Literal('long')]),
          required: Type.Boolean(),
        },
        { additionalProperties: false },
      ),
      { minItems: 1, maxItems: 20 },
    ),
  },
  { additionalProperties: false },
);
export type Form = Static<typeof Form>;

/** What a file for visitors can be: no kind of it runs anything of its own in a browser. By its ending. */
export const FILE_TYPES = {
  pdf: 'application/pdf',
  docx: 'application/vnd.openxmlformats-officedocument.wordprocessingml.document',
  xlsx: 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
  pptx: 'application/vnd.openxmlformats-officedocument.presentationml.presentation',
  odt: 'application/vnd.oasis.opendocument.text',
  ods: 'application/vnd.oasis.opendocument.spreadsheet',
  odp: 'application/vnd.oasis.opendocument.presentation',
  epub: 'application/epub+zip',
  zip: 'application/zip',
  csv: 'text/csv; charset=utf-8',
  txt: 'text/plain; charset=utf-8',
  ics: 'text/calendar; charset=utf-8',
  vcf: 'text/vcard; charset=utf-8',
  // Some browsers draw any XML, and run what is in it.
  gpx: 'application/octet-stream',
  mp3: 'audio/mpeg',
  mp4: 'video/mp4',
  webm: 'video/webm',
  vtt: 'text/vtt; charset=utf-8',
} as const;
export type FileEnding = keyof typeof FILE_TYPES;

/** A file for visitors to take away. Its address is made of its id: another version of it has the same one. */
export const SiteFile = Type.Object(
  {
    id: Id,
    title: line('Title', 120),
    ending: Type.Union(oneOf(Object.keys(FILE_TYPES) as FileEnding[])),
    bytes: Type.Integer({ minimum: 1 }),
    hash: Type.String({ pattern: '^[0-9a-f]{64}$' }),
  },
  { additionalProperties: false },
);
export type SiteFile = Static<typeof SiteFile>;

/** An address that is none of a page, such as one that a page had before, and where it leads. */
export const Redirect = Type.Object(
  {
    from: Type.String({
      pattern: '^(/[^\\s/"<>?#]+)+$',
      maxLength: 200,
      description: 'path, decoded, without a slash at its end',
    }),
    to: LinkTarget,
  },
  { additionalProperties: false },
);
export type Redirect = Static<typeof Redirect>;

/** A client site, whole: the one model every other part of Tin Porch reads. */
export const SiteDocument = Type.Object(
  {
    schema: Type.Literal(SCHEMA_VERSION),
    id: Id,
    seed: Type.Integer({ minimum: 0, maximum: 2 ** 31 - 1 }),
    language: Type.Union(oneOf(LANGUAGE_TAGS)),
    length: Type.Union(oneOf(LENGTHS)),
    fill: Type.Union(oneOf(FILLS)),
    facts: Facts,
    /** How the reading of the brief was put right, so that it stays right when the text is read again. */
    corrections: Type.Array(Correction, { maxItems: 200 }),
    /** What the designer took out of the plan, as `page` or `page/kind`: another version does not bring it back. */
    without: Type.Array(Type.String({ maxLength: 130 }), { maxItems: 200 }),
    look: Look,
    /** The direction it is dressed in, and those the designer has called up and marked, so that none is lost. */
    direction: DirectionRef,
    board: Type.Object(
      { shown: Type.Array(DirectionRef, { maxItems: 120 }), favourites: Type.Array(DirectionRef, { maxItems: 120 }) },
      { additionalProperties: false },
    ),
    mark: Type.Union([Mark, Type.Null()]),
    media: Type.Array(Medium, { maxItems: 400 }),
    header: Type.Union([Section, Type.Null()]),
    pages: Type.Array(Page, { maxItems: 60 }),
    footer: Type.Union([Section, Type.Null()]),
    forms: Type.Array(Form, { maxItems: 10 }),
    redirects: Type.Optional(Type.Array(Redirect, { minItems: 1, maxItems: 300 })),
    files: Type.Optional(Type.Array(SiteFile, { minItems: 1, maxItems: 100 })),
    collections: Type.Optional(Type.Array(Collection, { minItems: 1, maxItems: 40 })),
    /** The time zone its times are meant in (IANA); that of the country of its language where left out. */
    zone: Type.Optional(Type.String({ pattern: '^[A-Z][A-Za-z_]+(/[A-Z][A-Za-z_+-]+){0,2}$', maxLength: 60 })),
    /** What its people leave to their designer; all else that the desk can change is theirs to change. */
    locks: Type.Optional(Type.Array(Lock, { minItems: 1, maxItems: 1000, uniqueItems: true })),
  },
  { additionalProperties: false, $id: 'site-document' },
);
export type SiteDocument = Static<typeof SiteDocument>;

/** What a thing in a list is known by, whatever becomes of its words and its place; never given to another one. */
export const ItemId = Type.String({ pattern: '^[a-z][a-z0-9]{0,23}$', $comment: 'id' });
/** A list of a kind of section: items with an id and these fields. */
export const itemsField = <P extends TProperties>(fields: P, options: ArrayOptions) =>
  Type.Array(Type.Object({ id: ItemId, ...fields }, { additionalProperties: false }), options);
/** One of a few, each with what it is called; the first where nothing is said. */
export interface ChoiceSchema {
  $comment: 'choice';
  title: string;
  choices: Readonly<Record<string, string>>;
}
export const choiceField = <K extends string>(title: string, choices: Readonly<Record<K, string>>) =>
  Type.Union(oneOf(Object.keys(choices) as K[]), { title, choices, $comment: 'choice' });
/** A list of texts and nothing else, each with an id: paragraphs, points. */
export const textsField = (title: string, options: ArrayOptions, long = false, form = formOf(title, long)) =>
  Type.Array(
    Type.Object(
      { id: ItemId, ...textProperties(form) },
      { additionalProperties: false, $comment: 'text', title, long, form },
    ),
    options,
  );

export const needsConfirming = (text: Text): boolean =>
  text.value !== '' &&
  (text.from.kind === 'placeholder' ||
    (text.from.kind === 'pack' && text.from.claim) ||
    (text.from.kind === 'service' && text.from.unbacked.length > 0));

/** The page that a page belongs under, where it is still on the site. */
export const parentOf = (pages: readonly Page[], page: Page): Page | undefined =>
  page.parent === undefined ? undefined : pages.find((p) => p.id === page.parent && p.parent === undefined);

/** The pages under a page; of `null`, those that are under none. */
export const childrenOf = (pages: readonly Page[], parent: Page | null): Page[] =>
  pages.filter((p) => (parentOf(pages, p)?.id ?? null) === (parent?.id ?? null));

export const emptyFacts = (): Facts => ({
  name: '',
  legalName: '',
  strapline: '',
  trade: '',
  place: '',
  area: '',
  description: '',
  phone: '',
  mail: '',
  address: '',
  hours: '',
  founded: '',
  audience: '',
  apart: '',
  benefits: [],
  aim: '',
  tone: '',
  premises: '',
  services: [],
  people: [],
  contacts: [],
  branches: [],
  events: [],
  memberships: [],
  registrations: [],
  links: [],
  languages: [],
  keywords: [],
  wanted: [],
  unwanted: [],
  style: [],
  colours: [],
  dislikes: [],
});

/** A label made of the last word of a path. */
export const shortLabel = (path: string): string => {
  const word =
    path
      .split('.')
      .filter((p) => !/^i[0-9a-f]{10}$/.test(p))
      .at(-1) ?? path;
  return word[0]!.toUpperCase() + word.slice(1);
};
