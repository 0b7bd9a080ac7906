import { Type } from '@sinclair/typebox';
import { Medium } from '../../model/site.js';
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

/** Puts a picture of the site into a place for one. `media` is empty to leave the place bare. */
const SetPicture = Type.Object(
  { op: Type.Literal('setPicture'), at: Place, media: Type.String({ maxLength: 64 }) },
  closed,
);
export const setPicture: Definition<typeof SetPicture> = {
  schema: SetPicture,
  apply(document, { op, at, media }) {
    const before = pictureAt(document, at);
    if (!before) throw new OperationError(`There is no place for a picture at ${at.section}, ${at.path}.`);
    return {
      document: withLeaf(document, at.section, [...at.path.split('.'), 'media'], media),
      inverse: { op, at, media: before.media },
    };
  },
  says: () => 'Changed a picture',
  writes: ({ at }) => [`${placeKey(at)}/media`],
  needs: ({ media }) => (media ? [mediumKey(media)] : []),
  forward: (operation, document) => ({ ...operation, at: pathForward(document, operation.at) }),
};
