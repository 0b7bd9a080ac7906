import { Type } from '@sinclair/typebox';
import { Retouch, type Credit, type FileMedium, type Medium, type SiteFile } from '@tin-porch/core/model';
import { route } from '../route.js';
import { Count, given, object, words } from '../schemas.js';

/** A picture that was brought: how it stands in a document, and what of it was left out. */
const Brought = object({
  medium: given<Medium>(),
  plainBackground: Type.Boolean(),
  dropped: Type.Array(Type.String()),
});

export const LibraryPicture = object({
  id: Type.String(),
  title: Type.String(),
  group: Type.String(),
  style: Type.String(),
  format: Type.String(),
  width: Type.Number(),
  height: Type.Number(),
  drawn: Type.Boolean(),
  credit: given<Credit>(),
  preview: Type.String(),
});

const optional = (maxLength: number) => Type.Optional(words(maxLength));

export const pictures = {
  'POST /sites/:id/pictures': route({
    says: 'Takes the bytes of one picture; puts nothing into the document.',
    role: 'helper',
    takes: 'application/octet-stream',
    query: Type.Object({ name: optional(400) }, { additionalProperties: false }),
    status: 201,
    answer: Brought,
  }),
  'POST /sites/:id/files': route({
    says: 'Takes the bytes of a file for visitors; puts nothing into the document.',
    role: 'helper',
    takes: 'application/octet-stream',
    query: Type.Object({ name: words(400), instead: optional(64) }, { additionalProperties: false }),
    status: 201,
    answer: given<SiteFile>(),
  }),
  'POST /sites/:id/pictures/:source/sight': route({
    says: 'What a retouch would look like, small.',
    role: 'helper',
    body: object({ retouch: Retouch }),
    gives: 'image/webp',
  }),
  'POST /sites/:id/pictures/:source/print': route({
    says: 'Makes the renditions of a retouch.',
    role: 'helper',
    body: object({ retouch: Retouch }),
    answer: given<Pick<FileMedium, 'width' | 'height' | 'colour' | 'renditions'>>(),
  }),
  'GET /sites/:id/pictures/:source/light': route({
    says: 'Light and colour that would put a picture right.',
    role: 'accountant',
    answer: given<Pick<Retouch, 'light' | 'contrast' | 'warmth'>>(),
  }),
};

export const library = {
  'GET /library': route({
    says: 'Looks through the outside picture library. `name` is null where none is set up.',
    role: 'accountant',
    query: Type.Object(
      {
        q: optional(200),
        group: optional(200),
        style: optional(200),
        format: optional(200),
        page: optional(20),
        per: optional(20),
      },
      { additionalProperties: false },
    ),
    answer: Type.Union([
      object({ name: Type.Null() }),
      object({
        name: Type.String(),
        total: Count,
        page: Count,
        pages: Count,
        groups: Type.Array(Type.String()),
        styles: Type.Array(Type.String()),
        pictures: Type.Array(LibraryPicture),
      }),
    ]),
  }),
  'GET /library/:id/preview': route({ says: 'A small sight of a picture.', role: 'accountant', gives: 'image/*' }),
  'POST /sites/:id/library': route({
    says: 'Takes a picture of the library for a site.',
    role: 'helper',
    body: Type.Object({ picture: words(80), tint: Type.Optional(Type.Boolean()) }, { additionalProperties: false }),
    status: 201,
    answer: Brought,
  }),
};
