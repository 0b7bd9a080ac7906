import { Type, type Static } from '@sinclair/typebox';
import { LinkTarget, takesMarks, TextMark, type FieldForm } from './marks.js';

// What the content of a site is made of at its ends: texts with where they come from, and pictures in their places.

/** What a thing of a site is known by. */
export const Id = Type.String({ pattern: '^[a-z0-9][a-z0-9-]{0,63}$' });
export const line = (title: string, maxLength = 200) => Type.String({ title, maxLength });

/** Where a text comes from; what nobody has vouched for is a claim still to confirm. */
export const Provenance = Type.Union([
  Type.Object(
    {
      kind: Type.Literal('brief'),
      quote: Type.String({ maxLength: 2000 }),
      /** The fact it says and nothing else, such as `services/v2/price`: it follows where that changes. */
      fact: Type.Optional(Type.String({ pattern: '^[a-z][a-zA-Z]{1,20}(/[a-z0-9-]{1,64}){0,2}$' })),
    },
    { additionalProperties: false },
  ),
  Type.Object(
    { kind: Type.Literal('pack'), line: Type.String({ maxLength: 80 }), claim: Type.Boolean() },
    { additionalProperties: false },
  ),
  Type.Object(
    { kind: Type.Literal('placeholder'), ask: Type.String({ maxLength: 300 }) },
    { additionalProperties: false },
  ),
  // Words of an outside writing service, with what in them nobody has said: while there is any, they are to confirm.
  Type.Object(
    {
      kind: Type.Literal('service'),
      unbacked: Type.Array(Type.String({ maxLength: 300 }), { maxItems: 40 }),
    },
    { additionalProperties: false },
  ),
  Type.Object({ kind: Type.Literal('designer') }, { additionalProperties: false }),
  Type.Object({ kind: Type.Literal('client') }, { additionalProperties: false }),
]);
export type Provenance = Static<typeof Provenance>;

/** Words with where they come from, and what stands out in them: the marks are in the form `cleanMarks` gives. */
export const Text = Type.Object(
  {
    value: Type.String({ maxLength: 4000 }),
    from: Provenance,
    marks: Type.Optional(Type.Array(TextMark, { minItems: 1, maxItems: 200 })),
  },
  { additionalProperties: false, $comment: 'text' },
);
export type Text = Static<typeof Text>;
const { marks: _, ...bareText } = Text.properties;
/** The families of buttons: what is to be done first, what beside it, and what is there for who looks for it. */
export const BUTTON_FAMILIES = ['main', 'second', 'quiet'] as const;
export type ButtonFamily = (typeof BUTTON_FAMILIES)[number];
/** The words of a button, where it leads and how it looks where that is not what its place is for. */
const buttonText = {
  ...bareText,
  to: Type.Optional(LinkTarget),
  as: Type.Optional(Type.Union(BUTTON_FAMILIES.map((f) => Type.Literal(f)))),
};
export type ButtonText = Text & { to?: string; as?: ButtonFamily };

/** What a text of a field may have beside its words: none of it where they are a label, a price or a name. */
export const formOf = (title: string, long: boolean): FieldForm =>
  long
    ? 'prose'
    : /^(?:Heading|Caption|Point|Note|Line above)$/.test(title)
      ? 'line'
      : /(?:^|[ a-z])button$|^Link /i.test(title)
        ? 'button'
        : 'words';
export const textProperties = (form: FieldForm) =>
  (takesMarks(form) ? Text.properties : form === 'button' ? buttonText : bareText) as typeof Text.properties;

/**
 * A text field of a section shape: `title` is its label beside the window, `long` asks for several lines, `form` says what
 * may be done with its words.
 */
export const textField = (title: string, long = false, form = formOf(title, long)) =>
  ({
    ...Type.Object(textProperties(form), { additionalProperties: false, $comment: 'text' }),
    title,
    long,
    form,
  }) as typeof Text;

export const oneOf = <T extends string>(values: readonly T[]) => values.map((v) => Type.Literal(v));

export const FileTarget = Type.String({ pattern: '^file:[a-z0-9][a-z0-9-]{0,63}$' });
/** A film in the place of a picture, and what is said in it (WebVTT): files of the site. */
export const Film = Type.Object(
  { file: FileTarget, captions: Type.Optional(FileTarget) },
  { additionalProperties: false },
);
export type Film = Static<typeof Film>;

/**
 * A picture in its place: which of the site’s, and what it shows in words. `media` is empty where there is none. `on` is
 * another one for one kind of page alone; with a film the picture stands for it until it is played.
 */
export const Picture = Type.Object(
  {
    media: Type.String({ pattern: '^([a-z0-9][a-z0-9-]{0,63})?$' }),
    alt: textField('Picture in words'),
    on: Type.Optional(
      Type.Object(
        { tablet: Type.Optional(Id), phone: Type.Optional(Id) },
        { additionalProperties: false, minProperties: 1 },
      ),
    ),
    film: Type.Optional(Film),
  },
  { additionalProperties: false, $comment: 'picture' },
);
export type Picture = Static<typeof Picture>;
/** A picture field of a kind of section: `title` is its label. */
export const pictureField = (title: string) => ({ ...Picture, title }) as typeof Picture;

/** True for the leaves of a section's content that are pictures. */
export function isPicture(value: unknown): value is Picture {
  return typeof value === 'object' && value !== null && 'media' in value && 'alt' in value;
}

/** True for the leaves of a section's content that are texts. */
export function isText(value: unknown): value is Text {
  return typeof value === 'object' && value !== null && 'value' in value && 'from' in value;
}
