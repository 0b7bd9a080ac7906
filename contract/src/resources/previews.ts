import { Type } from '@sinclair/typebox';
import { route } from '../route.js';
import { Count, Instant, object, orNull, words } from '../schemas.js';

/** A link by which others look at a site before it is open. */
export const Preview = object({
  id: Type.String(),
  /** Whom or what it is for. */
  name: Type.String(),
  url: Type.String(),
  until: Instant,
  over: Type.Boolean(),
  /** Whether a password is asked for. */
  locked: Type.Boolean(),
  madeAt: Instant,
  by: Type.String(),
  /** How many different browsers looked, at how many pages, and when; null where the server does not say so now. */
  looked: orNull(object({ lookers: Count, pages: Count, first: Type.String(), last: Type.String() })),
});
/** What the page says that stands before a site: the day it opens, and words of its own. */
export const Holding = object({
  opens: orNull(Type.String({ pattern: '^\\d{4}-(?:0[1-9]|1[0-2])-(?:0[1-9]|[12]\\d|3[01])$' })),
  words: words(400),
});
const Password = Type.String({ maxLength: 200 });

/** How a site is seen before it is open. */
export const previews = {
  'GET /sites/:id/previews': route({
    says: 'The links by which others look at a site before it is open, and who did.',
    role: 'helper',
    answer: object({
      previews: Type.Array(Preview),
      /** False where its server did not say who looked. */
      counted: Type.Boolean(),
      /** Where the page can be seen that stands before it; null before it is deployed. */
      before: orNull(Type.String()),
      holding: Holding,
    }),
  }),
  'POST /sites/:id/previews': route({
    says: 'Makes a link by which others look at a site while it is closed: until a time, with a password or without.',
    role: 'helper',
    body: Type.Object(
      { name: words(80), until: Instant, password: Type.Optional(Password) },
      { additionalProperties: false },
    ),
    answer: Preview,
  }),
  'DELETE /sites/:id/previews': route({ says: 'Ends every link for looking at it.', role: 'helper' }),
  'PUT /sites/:id/previews/:preview': route({
    says: 'Changes what a link is called, until when it is good, or its password.',
    role: 'helper',
    body: Type.Object(
      {
        name: Type.Optional(words(80)),
        until: Type.Optional(Instant),
        password: Type.Optional(orNull(Password)),
      },
      { additionalProperties: false },
    ),
  }),
  'DELETE /sites/:id/previews/:preview': route({ says: 'Ends a link for looking at it.', role: 'helper' }),
  'PUT /sites/:id/holding': route({
    says: 'Says what stands on the page before a site that is closed.',
    role: 'designer',
    body: Holding,
    answer: Holding,
  }),
};
