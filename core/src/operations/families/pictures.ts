import { Type } from '@sinclair/typebox';
import { DEVICES, Film, Medium, type Device, type Picture, type SiteDocument } from '../../model/site.js';
import { pathForward } from '../forward/older.js';
import { OperationError, type Definition } from '../definition.js';
import { MEDIA, mediumKey, placeKey } from '../keys.js';
import { Place } from '../place.js';
import { inserted, pictureAt, withLeaf } from '../reach.js';

const closed = { additionalProperties: false } as const;

/** Adds a picture to the site’s, or puts one in the place of that with its id. */
const PutMedium = Type.Object(
  { op: Type.Literal('putMedium'), medium: Medium, at: Type.Optional(Type.Integer({ minimum: 0, maximum: 400 })) },
  closed,
);
export const putMedium: Definition<typeof PutMedium> = {
  schema: PutMedium,
  apply(document, { op, medium, at }) {
    const { media } = document;
    const there = media.findIndex((m) => m.id === medium.id);
    if (there < 0)
      return {
        document: { ...document, media: inserted(media, medium, at ?? media.length) },
        inverse: { op: 'removeMedium', medium: medium.id },
      };
    return {
      document: { ...document, media: media.map((m, n) => (n === there ? medium : m)) },
      inverse: { op, medium: media[there]! },
    };
  },
  says: ({ medium }) => `Took in the picture ${medium.title}`,
  field: ({ medium }) => `medium ${medium.id}`,
  writes: ({ medium }) => [`${mediumKey(medium.id)}/file`],
  moves: ({ medium: { id }, at }, { media }) =>
    media.some((m) => m.id === id) ? [] : [{ list: MEDIA, id, from: null, to: at ?? media.length }],
  placed: (operation, at) => ({ ...operation, at }),
};

const RemoveMedium = Type.Object({ op: Type.Literal('removeMedium'), medium: Type.String({ maxLength: 64 }) }, closed);
export const removeMedium: Definition<typeof RemoveMedium> = {
  schema: RemoveMedium,
  apply(document, { medium: id }) {
    const at = document.media.findIndex((m) => m.id === id);
    if (at < 0) throw new OperationError(`There is no picture “${id}”.`);
    return {
      document: { ...document, media: document.media.filter((_, n) => n !== at) },
      inverse: { op: 'putMedium', medium: document.media[at]!, at },
    };
  },
  says: () => 'Took a picture out',
  writes: ({ medium }) => [mediumKey(medium)],
  moves: ({ medium: id }, { media }) => [{ list: MEDIA, id, from: media.findIndex((m) => m.id === id), to: null }],
};

/** The picture at a place. @throws OperationError where there is no place for one */
function placeIn(document: SiteDocument, at: Place): Picture {
  const there = pictureAt(document, at);
  if (!there) throw new OperationError(`There is no place for a picture at ${at.section}, ${at.path}.`);
  return there;
}
/** A picture in its place with something of it changed: what is not said is left out, so that undo gives the same bytes. */
function withPart({ media, alt, on, film }: Picture, part: Partial<Picture>): Picture {
  const next = { on, film, ...part };
  const own = DEVICES.flatMap((d) => (next.on?.[d] ? [[d, next.on[d]]] : []));
  return {
    media: part.media ?? media,
    alt,
    ...(own.length && { on: Object.fromEntries(own) as Picture['on'] }),
    ...(next.film && { film: next.film }),
  } as Picture;
}
const withPicture = (document: SiteDocument, at: Place, picture: Picture) =>
  withLeaf(document, at.section, at.path.split('.'), picture);

/**
 * Puts a picture of the site into a place for one, on every kind of page or `on` one. `media` is empty to leave the place
 * bare; on one kind of page it is what it is elsewhere then.
 */
const SetPicture = Type.Object(
  {
    op: Type.Literal('setPicture'),
    at: Place,
    media: Type.String({ maxLength: 64 }),
    on: Type.Optional(Type.Union(DEVICES.map((d) => Type.Literal(d)))),
  },
  closed,
);
export const setPicture: Definition<typeof SetPicture> = {
  schema: SetPicture,
  apply(document, { op, at, media, on }) {
    const before = placeIn(document, at);
    if (!on)
      return {
        document: withPicture(document, at, withPart(before, { media })),
        inverse: { op, at, media: before.media },
      };
    const own: Partial<Record<Device, string>> = { ...before.on, [on]: media };
    return {
      document: withPicture(document, at, withPart(before, { on: own })),
      inverse: { op, at, media: before.on?.[on] ?? '', on },
    };
  },
  says: ({ on }) => (on ? `Changed a picture on the ${on}` : 'Changed a picture'),
  writes: ({ at, on }) => [`${placeKey(at)}/${on ?? 'media'}`],
  needs: ({ media }) => (media ? [mediumKey(media)] : []),
  forward: (operation, document) => ({ ...operation, at: pathForward(document, operation.at) }),
};

/** Puts a film into the place of a picture, which stands for it until it is played; with null the picture stands for itself. */
const SetFilm = Type.Object({ op: Type.Literal('setFilm'), at: Place, film: Type.Union([Film, Type.Null()]) }, closed);
export const setFilm: Definition<typeof SetFilm> = {
  schema: SetFilm,
  apply(document, { op, at, film }) {
    const before = placeIn(document, at);
    return {
      document: withPicture(document, at, withPart(before, { film: film ?? undefined })),
      inverse: { op, at, film: before.film ?? null },
    };
  },
  says: ({ film }) => (film ? 'Put a film in the place of a picture' : 'Took a film out'),
  writes: ({ at }) => [`${placeKey(at)}/film`],
};
