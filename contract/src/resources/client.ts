import { Type } from '@sinclair/typebox';
import { route } from '../route.js';
import { Count, Instant, object, oneOf, orNull, Side, Uuid, words } from '../schemas.js';

export const HeldChange = object({
  seq: Count,
  by: Type.String(),
  at: Instant,
  words: Type.String(),
  parts: Type.Array(Side),
});
export const LiveLine = object({
  seq: Count,
  words: Type.String(),
  by: Type.String(),
  at: Instant,
  state: oneOf(['new', 'taken', 'held', 'settled']),
});
export const Proposal = object({
  id: Uuid,
  by: Type.String(),
  at: Instant,
  note: Type.String(),
  words: Type.String(),
  parts: Type.Array(Side),
});
const role = oneOf(['publish', 'write', 'messages']);
export const DeskPerson = object({
  id: Uuid,
  name: Type.String(),
  mail: Type.String(),
  role: oneOf(['owner', 'publish', 'write', 'messages']),
  madeAt: Instant,
  seenAt: orNull(Instant),
  password: Type.Boolean(),
  ownerSince: orNull(Instant),
});
const personName = words(80, '\\S');
const personMail = words(254, '^[^\\s@<>]+@[^\\s@<>]+\\.[^\\s@<>]+$');
/** `written`: whether whoever it is for was sent it by letter too. */
const Link = object({ link: Type.String(), until: Instant, written: Type.Optional(Type.Boolean()) });

/** What the people of a site do on it, and who they are. */
export const client = {
  'GET /sites/:id/live': route({
    says: 'What the people of a site changed where it is live: what waits for a decision, what is proposed, what came in.',
    role: 'accountant',
    answer: object({
      held: Type.Array(HeldChange),
      lines: Type.Array(LiveLine),
      proposals: Type.Array(Proposal),
    }),
  }),
  'PUT /sites/:id/live/:seq': route({
    says: 'Decides over a change that says something else than the drafts: which parts of it are to be, and which are to be what both made of them, by their place.',
    role: 'helper',
    body: object({
      live: Type.Array(Count, { maxItems: 500 }),
      both: Type.Optional(Type.Array(Count, { maxItems: 500 })),
    }),
  }),
  'PUT /sites/:id/proposals/:proposal': route({
    says: 'Answers what the people of a site want looked at first.',
    role: 'helper',
    body: object({ take: Type.Boolean(), words: words(500) }),
  }),
  'GET /sites/:id/folder': route({
    says: 'The whole site with the CMS it runs on, as a ZIP archive: to be served elsewhere, without Tin Porch.',
    role: 'designer',
    query: object({ which: oneOf(['live', 'drafts']), kept: oneOf(['with', 'without']) }),
    gives: 'application/zip',
  }),
  'GET /sites/:id/desk': route({
    says: 'Who is at the desk of a site, and what was done there.',
    role: 'helper',
    answer: object({
      address: Type.String(),
      people: Type.Array(DeskPerson),
      log: Type.Array(object({ at: Instant, by: Type.String(), what: Type.String() })),
      letters: Type.Array(
        object({
          id: Uuid,
          to: Type.String(),
          subject: Type.String(),
          state: oneOf(['waiting', 'sending', 'sent', 'failed', 'unsure']),
          tries: Count,
          error: orNull(Type.String()),
          madeAt: Instant,
          sentAt: orNull(Instant),
        }),
      ),
      mail: Type.Boolean(),
    }),
  }),
  'POST /sites/:id/desk': route({
    says: 'Makes a link by which the designer comes to the desk of a site, good for ten minutes and written in its log. `as`: to see there what somebody in a role does.',
    role: 'designer',
    body: object({ as: Type.Optional(role) }),
    answer: Link,
  }),
  'POST /sites/:id/people': route({
    says: 'Lets somebody in at the desk of a site. The link is good once, for a week.',
    role: 'designer',
    body: object({ name: personName, mail: personMail, role }),
    status: 201,
    answer: Link,
  }),
  'PUT /sites/:id/people/:person': route({
    says: 'Says what somebody may do at the desk.',
    role: 'designer',
    body: object({ role }),
  }),
  'POST /sites/:id/handover': route({
    says: 'Makes a site somebody’s own, who is at its desk or is let in by it: they say from then on who else is. `unlock` leaves them what was kept. Sent twice with one `id`, it is done once.',
    role: 'designer',
    body: object({
      id: Uuid,
      to: Type.Union([object({ person: Uuid }), object({ name: personName, mail: personMail })]),
      unlock: Type.Boolean(),
    }),
    status: 201,
    answer: object({ link: orNull(Type.String()), until: orNull(Instant), written: Type.Boolean() }),
  }),
  'DELETE /sites/:id/people/:person': route({ says: 'Lets somebody in no more, at once.', role: 'designer' }),
  'POST /sites/:id/people/:person/link': route({
    says: 'Makes another link for somebody; those before it open nothing any more.',
    role: 'designer',
    status: 201,
    answer: Link,
  }),
};
