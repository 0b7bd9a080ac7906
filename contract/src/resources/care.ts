import { Type } from '@sinclair/typebox';
import { route } from '../route.js';
import { Count, Instant, Named, object, oneOf, OpenFinding, orNull, Outage, SiteId, Uuid, words } from '../schemas.js';

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

const Counts = Type.Record(Type.String(), Count);
const VisitDay = object({
  visits: Count,
  pages: Count,
  byPage: Counts,
  from: Counts,
  devices: object({ phone: Count, tablet: Count, desktop: Count }),
  forms: Count,
  missing: Counts,
  machines: Count,
});
const Which = Type.Array(object({ site: SiteId, key: Type.String({ minLength: 1, maxLength: 2000 }) }), {
  minItems: 1,
  maxItems: 2000,
});

export const rounds = {
  'GET /rounds': route({
    says: 'How the fleet stands: what is to mend, by kind and need; when nobody got in; what was mended; the last rounds.',
    role: 'accountant',
    answer: object({
      line: Type.String(),
      groups: Type.Array(
        object({
          kind: Type.String(),
          title: Type.String(),
          severity: oneOf(['broken', 'look']),
          findings: Type.Array(OpenFinding),
        }),
      ),
      snoozed: Type.Array(OpenFinding),
      outages: Type.Array(Outage),
      mended: Type.Array(
        object({ site: SiteId, name: Type.String(), title: Type.String(), endedAt: Instant, by: Type.String() }),
      ),
      rounds: Type.Array(object({ site: SiteId, at: Instant, checks: Count, findings: Count, name: Type.String() })),
      walked: Count,
      watched: object({ open: Count, sites: Count, lookedAt: orNull(Instant), places: Type.Array(Type.String()) }),
    }),
  }),
  'GET /sites/:id/visits': route({
    says: 'What the access logs say about visits in some days that end today, and in as many before.',
    role: 'accountant',
    query: Type.Object({ days: Type.Optional(oneOf(['7', '28', '84'])) }, closed),
    answer: object({
      days: Count,
      now: VisitDay,
      before: orNull(VisitDay),
      words: object({
        lines: Type.Array(Type.String()),
        next: orNull(object({ words: Type.String(), step: oneOf(['seo', 'pages', 'publish']) })),
      }),
      labels: Type.Record(Type.String(), Type.String()),
    }),
  }),
  'POST /findings/mend': route({
    says: 'Begins to mend some findings, those Tin Porch can. Which could not be begun, and why, is in the answer.',
    role: 'designer',
    body: object({ which: Which }),
    answer: object({ begun: Count, refused: Type.Array(Type.String()) }),
  }),
  'PUT /findings/snooze': route({
    says: 'Puts some findings off until a time, with a reason; with null they are said again.',
    role: 'designer',
    body: object({
      which: Which,
      off: orNull(object({ until: Instant, reason: Type.String({ minLength: 1, maxLength: 300, pattern: '\\S' }) })),
    }),
    answer: object({ put: Count }),
  }),
  'GET /sites/:id/care': route({
    says: 'What is found at a site, put off or not; how it was watched in the last month; when nobody got in.',
    role: 'accountant',
    answer: object({
      findings: Type.Array(OpenFinding),
      looks: Count,
      share: orNull(Type.String({ description: 'Percent of the looks that got in, never rounded up to 100.' })),
      places: Type.Array(Type.String()),
      lookedAt: orNull(Instant),
      outages: Type.Array(Outage),
    }),
  }),
  'GET /sites/:id/lab': route({
    says: 'What a browser showed of the pages of a site: how fast they come on a phone, and whom something is in the way of.',
    role: 'accountant',
    answer: object({
      /** Whether there is a browser to look with. */
      able: Type.Boolean(),
      pages: Type.Array(
        object({
          path: Type.String(),
          label: Type.String(),
          at: Instant,
          release: Type.String(),
          timedAt: orNull(Instant),
          figures: orNull(
            object({
              ...{
                lcp: Type.Number(),
                fcp: Type.Number(),
                ttfb: Type.Number(),
                cls: Type.Number(),
                tbt: Type.Number(),
              },
              ...{ bytes: Count, requests: Count, jumped: Type.String() },
              largest: object({ element: Type.String(), path: orNull(Type.String()) }),
            }),
          ),
          faults: Type.Array(
            object({
              ...{ rule: Type.String(), help: Type.String(), count: Count, elements: Type.Array(Type.String()) },
              impact: oneOf(['minor', 'moderate', 'serious', 'critical']),
              width: oneOf(['phone', 'wide', 'both']),
            }),
          ),
        }),
      ),
      /** The first page, each time it was timed, the oldest first. */
      trend: Type.Array(
        object({
          ...{ at: Instant, release: Type.String(), lcp: Type.Number(), cls: Type.Number(), tbt: Type.Number() },
          bytes: Count,
        }),
      ),
    }),
  }),
  'POST /rounds': route({
    says: 'Walks all sites now.',
    role: 'helper',
    status: 202,
    answer: object({ jobs: Count }),
  }),
};
