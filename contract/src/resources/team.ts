import { Type } from '@sinclair/typebox';
import { route } from '../route.js';
import { Instant, object, oneOf, orNull, Uuid, words } from '../schemas.js';
import { RoleName } from './session.js';

const Person = object({
  id: Uuid,
  mail: Type.String(),
  name: Type.String(),
  role: RoleName,
  second: Type.Boolean({ description: 'Whether a second factor is asked for.' }),
  createdAt: Instant,
  seenAt: orNull(Instant),
});
const Invitation = object({
  id: Uuid,
  mail: Type.String(),
  role: RoleName,
  by: Type.String(),
  endsAt: Instant,
  letter: orNull(
    object({ state: oneOf(['waiting', 'sending', 'sent', 'failed', 'unsure']), error: orNull(Type.String()) }),
  ),
});
/** A link by which somebody makes an account or another password. Its token is told once. */
const LinkMade = object({
  token: Type.String(),
  endsAt: Instant,
  written: Type.Boolean({ description: 'Whether whoever it is for was sent it by letter too.' }),
});

export const team = {
  'GET /team': route({
    says: 'The organisation and its people; open invitations to its owners.',
    role: 'accountant',
    answer: object({
      organisation: Type.String(),
      people: Type.Array(Person),
      invitations: Type.Array(Invitation),
    }),
  }),
  'PUT /team': route({
    says: 'Names the organisation.',
    role: 'owner',
    body: object({ name: Type.String({ minLength: 1, maxLength: 80, pattern: '\\S' }) }),
  }),
  'POST /team/invitations': route({
    says: 'Invites somebody by a link.',
    role: 'owner',
    body: object({ mail: Type.String({ maxLength: 254, pattern: '^[^\\s@]+@[^\\s@]+$' }), role: RoleName }),
    status: 201,
    answer: LinkMade,
  }),
  'DELETE /team/invitations/:invitation': route({ says: 'Takes an invitation back.', role: 'owner' }),
  'PUT /team/people/:person': route({
    says: 'Gives somebody another role.',
    role: 'owner',
    body: object({ role: RoleName }),
  }),
  'DELETE /team/people/:person': route({ says: 'Takes somebody’s account away. What they did stays.', role: 'owner' }),
  'POST /team/people/:person/reset': route({
    says: 'Makes a link by which somebody gives themselves another password; their second factors end with it.',
    role: 'owner',
    status: 201,
    answer: LinkMade,
  }),
  'GET /audit': route({
    says: 'Who did what, newest first.',
    role: 'owner',
    query: Type.Object({ before: Type.Optional(words(20, '^\\d+$')) }, { additionalProperties: false }),
    answer: object({
      lines: Type.Array(
        object({
          id: Type.String(),
          at: Instant,
          by: Type.String(),
          what: Type.String(),
          site: orNull(Type.String()),
        }),
      ),
      more: Type.Boolean(),
    }),
  }),
  'GET /links/:token': route({
    says: 'What a link is for.',
    role: 'anybody',
    answer: object({
      kind: oneOf(['invitation', 'reset', 'forgotten']),
      organisation: Type.String(),
      mail: Type.String(),
      name: Type.String(),
      role: RoleName,
    }),
  }),
  'POST /links/:token': route({
    says: 'Makes the account, or gives it the password.',
    role: 'anybody',
    body: object({ name: words(80), password: words(200) }),
  }),
};
