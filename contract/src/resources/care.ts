import { Type } from '@sinclair/typebox';
import { route } from '../route.js';
import { Count, Instant, Named, object, oneOf, OpenFinding, orNull, SiteId, Uuid, words } from '../schemas.js';

const closed = { additionalProperties: false } as const;

export const InboxMessage = object({
  id: Uuid,
  site: SiteId,
  siteName: Type.String(),
  form: Type.String(),
  fields: Type.Record(Type.String(), Type.String()),
  receivedAt: Instant,
  readAt: orNull(Instant),
  aside: Type.Boolean(),
});

export const inbox = {
  'GET /inbox': route({
    says: 'Messages from the forms of sites, newest first, a page of them.',
    role: 'accountant',
    query: Type.Object(
      {
        words: Type.Optional(words(200)),
        site: Type.Optional(SiteId),
        show: Type.Optional(oneOf(['all', 'unread', 'aside'])),
        before: Type.Optional(words(40, '^\\d{4}-\\d\\d-\\d\\dT[\\d:.]{8,16}Z$')),
        id: Type.Optional(Uuid),
      },
      closed,
    ),
    answer: object({
      more: Type.Boolean(),
      counts: object({ all: Count, unread: Count, aside: Count }),
      sites: Type.Array(Named),
      messages: Type.Array(InboxMessage),
    }),
  }),
  'DELETE /inbox/aside': route({
    says: 'Erases all that was put aside as a flood.',
    role: 'designer',
    answer: object({ erased: Count }),
  }),
  'DELETE /inbox/:message': route({ says: 'Erases a message.', role: 'designer' }),
  'PUT /inbox/:message': route({
    says: 'Marks a message as read or not.',
    role: 'helper',
    body: object({ read: Type.Boolean() }),
  }),
};

export const rounds = {
  'GET /rounds': route({
    says: 'The last rounds and what is found open.',
    role: 'accountant',
    answer: object({
      rounds: Type.Array(object({ site: SiteId, at: Instant, checks: Count, findings: Count, name: Type.String() })),
      findings: Type.Array(OpenFinding),
      walked: Count,
    }),
  }),
  'POST /rounds': route({
    says: 'Walks all sites now.',
    role: 'helper',
    status: 202,
    answer: object({ jobs: Count }),
  }),
};
