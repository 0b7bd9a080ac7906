import { Type } from '@sinclair/typebox';
import { route } from '../route.js';
import {
  Begun,
  Certificate,
  Count,
  DomainSeen,
  Instant,
  Job,
  object,
  oneOf,
  orNull,
  SiteId,
  SiteDocument,
  words,
} from '../schemas.js';

const nothing = object({});
const Looked = object({ domain: Type.String(), seen: DomainSeen });
const job = (says: string, role: 'helper' | 'designer') =>
  route({ says, role, body: nothing, status: 202, answer: Begun });

/** A backup of a site: how much is in it, and whether it came back as it was when it was tried out. */
const SiteBackup = object({
  place: Type.String(),
  snapshot: Type.String(),
  madeAt: Instant,
  files: Count,
  rows: Count,
  /** Bytes that were new at its place. */
  added: Count,
  ms: Count,
  provenAt: orNull(Instant),
  provenMs: orNull(Count),
  fault: orNull(Type.String()),
});

/** What visitors find otherwise once another release is served. */
const Coming = object({
  pages: Type.Array(
    Type.Object(
      {
        path: Type.String(),
        title: Type.String(),
        state: oneOf(['new', 'gone', 'changed']),
        before: Type.Array(Type.String()),
        after: Type.Array(Type.String()),
        pictures: Count,
        links: Type.Array(Type.String()),
        told: Type.Array(Type.String()),
        leadsTo: Type.Optional(orNull(Type.String())),
      },
      { additionalProperties: false },
    ),
  ),
  everywhere: object({ before: Type.Array(Type.String()), after: Type.Array(Type.String()), pages: Count }),
  look: Type.Boolean(),
  files: Type.Array(object({ path: Type.String(), state: oneOf(['new', 'gone', 'changed']) })),
  addresses: Type.Array(object({ from: Type.String(), to: orNull(Type.String()) })),
  more: Count,
});
const ReleaseId = words(64, '^[a-z0-9-]{1,64}$');

/** Where a site is served, what of it, and to whom. */
export const serving = {
  'POST /sites/:id/deploy': job('Deploys the site as it is.', 'designer'),
  'GET /sites/:id/coming': route({
    says: 'What a deploy would change for visitors, by whom it was changed, and what is held back; null where nothing is live.',
    role: 'accountant',
    answer: object({
      live: orNull(object({ release: Type.String(), madeAt: Instant })),
      coming: orNull(Coming),
      people: Type.Array(object({ name: Type.String(), steps: Count })),
      held: Type.Array(Type.String()),
    }),
  }),
  'POST /sites/:id/certificate': job('Gets a certificate for the domain.', 'designer'),
  'POST /sites/:id/publish': job('Opens the site to visitors.', 'designer'),
  'POST /sites/:id/round': job('Walks the site now.', 'helper'),
  'POST /sites/:id/lab': job('Looks at its pages with a browser now.', 'helper'),
  'POST /sites/:id/backup': job('Backs the site up at each of its places, and tries each backup out.', 'helper'),
  'GET /sites/:id/backups': route({
    says: 'The backups of a site, the newest first, with whether each was found to be one.',
    role: 'accountant',
    answer: object({
      places: Type.Array(Type.String()),
      backups: Type.Array(SiteBackup),
      troubles: Type.Array(object({ place: Type.String(), words: Type.String(), since: Instant })),
    }),
  }),
  'GET /sites/:id/backups/:place/:snapshot/document': route({
    says: 'The site as visitors saw it when a backup was made.',
    role: 'designer',
    answer: object({ document: SiteDocument }),
  }),
  'GET /sites/:id/backups/:place/:snapshot/messages': route({
    says: 'Messages in a backup that are not there any more, the newest first: how many, and the newest of them.',
    role: 'designer',
    answer: object({
      all: Count,
      missing: Count,
      messages: Type.Array(
        object({
          id: Type.String(),
          form: Type.String(),
          fields: Type.Record(Type.String(), Type.String()),
          receivedAt: Instant,
          aside: Type.Boolean(),
          answers: Count,
          erased: Type.Boolean(),
        }),
      ),
    }),
  }),
  'POST /sites/:id/backups/:place/:snapshot/messages': route({
    says: 'Puts messages back that a backup has: they come into the inbox and to the desk again.',
    role: 'designer',
    body: object({
      ids: Type.Array(Type.String({ pattern: '^[0-9a-f-]{36}$' }), { minItems: 1, maxItems: 200 }),
    }),
    answer: object({ back: Count }),
  }),
  'POST /sites/:id/restores': route({
    says: 'Makes a site beside this one, as visitors saw it when a backup was made.',
    role: 'designer',
    body: object({ place: words(80), snapshot: words(64, '^[0-9a-f]{8,64}$') }),
    status: 201,
    answer: object({ id: SiteId }),
  }),
  'POST /sites/:id/revival': route({
    says: 'Brings the site up on another server from its newest proven backup, where its own does not answer any more.',
    role: 'designer',
    body: object({ server: words(64) }),
    status: 202,
    answer: Begun,
  }),
  'GET /sites/:id/moves': route({
    says: 'The servers a site was on before that still lead its visitors on, and until when.',
    role: 'accountant',
    answer: object({
      moves: Type.Array(
        object({
          from: Type.String(),
          to: Type.String(),
          movedAt: Instant,
          led: Type.Integer(),
          lastLedAt: Instant,
          waits: Type.String(),
        }),
      ),
    }),
  }),
  'POST /sites/:id/moves': route({
    says: 'Moves the site to another server while both are asked: nothing is refused meanwhile.',
    role: 'designer',
    body: object({ server: words(64) }),
    status: 202,
    answer: Begun,
  }),
  'DELETE /sites/:id/jobs/:job': route({ says: 'Stops a job.', role: 'helper' }),
  'PUT /sites/:id/server': route({
    says: 'Chooses the server.',
    role: 'designer',
    body: object({ server: words(64) }),
    answer: object({ server: Type.String() }),
  }),
  'POST /sites/:id/share': route({
    says: 'Makes a link by which whoever works here looks at a closed site; others are given one with a name.',
    role: 'helper',
    body: object({ days: Type.Integer({ minimum: 1, maximum: 7 }) }),
    answer: object({ url: Type.String(), until: Instant }),
  }),
  'PUT /sites/:id/open': route({
    says: 'Opens a site to visitors, or closes it.',
    role: 'designer',
    body: object({ open: Type.Boolean() }),
    answer: object({ open: Type.Boolean() }),
  }),
  'PUT /sites/:id/planned': route({
    says: 'Has a site published by itself at a time, or with null not.',
    role: 'designer',
    body: object({ at: orNull(Instant) }),
    answer: object({ at: orNull(Instant) }),
  }),
  'POST /sites/:id/rollback': route({
    says: 'Serves another release than the live one: as it was, or with what the people of the site changed since.',
    role: 'designer',
    body: Type.Object({ release: ReleaseId, keeps: Type.Optional(Type.Boolean()) }, { additionalProperties: false }),
    status: 202,
    answer: Begun,
  }),
  'GET /sites/:id/releases/:release/coming': route({
    says: 'What serving another release would change for visitors: as it was, or with what the people of the site changed since.',
    role: 'designer',
    query: object({ people: oneOf(['kept', 'left']) }),
    answer: object({
      coming: Coming,
      /** Changes of its people since: those that can be kept, and those about what is not in it. */
      kept: Count,
      lost: Count,
    }),
  }),
  'PUT /sites/:id/domain': route({
    says: 'Gives a site its domain.',
    role: 'designer',
    body: object({ domain: words(300) }),
    answer: Looked,
  }),
  'DELETE /sites/:id/domain': route({ says: 'Takes the domain of a closed site away.', role: 'designer' }),
  'POST /sites/:id/domain/look': route({
    says: 'Asks all name servers about the domain now.',
    role: 'helper',
    answer: Looked,
  }),
  'POST /sites/:id/domain/register': route({ says: 'Registers the domain.', role: 'designer', answer: Looked }),
  'POST /sites/:id/domain/records': route({
    says: 'Sets the records by which the domain leads to the server.',
    role: 'designer',
    answer: Looked,
  }),
  'POST /sites/:id/domain/mail-records': route({
    says: 'Sets the records by which letters of the site may come from its domain. Everything else in its zone stays.',
    role: 'designer',
    answer: Looked,
  }),
  'POST /sites/:id/way-in': route({
    says: 'Goes the way in to a site as a visitor does.',
    role: 'helper',
    answer: object({
      at: Instant,
      links: Type.Array(
        object({
          title: Type.String(),
          state: oneOf(['good', 'bad', 'open']),
          detail: Type.String(),
          ms: orNull(Type.Number()),
        }),
      ),
    }),
  }),
};

export const ServerInfo = Type.Object(
  {
    name: Type.String(),
    address: Type.String(),
    temporaryBase: Type.String(),
    /** Those of the organisation; `live` where the site is there to be moved. */
    /** Those of the organisation; `live` where the site is there to be moved; what it takes there, bytes, where that is known. */
    sites: Type.Array(
      object({
        id: SiteId,
        name: Type.String(),
        live: Type.Boolean(),
        room: orNull(object({ files: Count, rows: Count, logs: Count })),
      }),
    ),
    /** What sites of others take. */
    others: object({ sites: Count, bytes: Count }),
    error: Type.Optional(Type.String()),
    now: Type.Optional(
      object({
        load: Type.Number(),
        cores: Count,
        memoryBytes: Count,
        memoryFreeBytes: Count,
        diskBytes: Count,
        diskFreeBytes: Count,
        database: Type.Boolean(),
        requests: orNull(Count),
        connections: orNull(Count),
        troubles: Count,
        sites: Count,
        upSeconds: Count,
      }),
    ),
    state: object({ tone: oneOf(['moss', 'lamp', 'brick']), words: Type.String(), advice: Type.String() }),
    /** How it was in the last day, half an hour each, the oldest first; null is what nobody knows. */
    past: Type.Array(
      object({
        at: Instant,
        requests: orNull(Type.Number()),
        troubles: orNull(Count),
        load: orNull(Type.Number()),
        memory: orNull(Type.Number()),
        disk: orNull(Type.Number()),
      }),
    ),
  },
  { additionalProperties: false },
);

export const fleet = {
  'GET /servers': route({
    says: 'The hosting servers, asked now.',
    role: 'accountant',
    answer: object({ servers: Type.Array(ServerInfo), at: Instant }),
  }),
  'GET /servers/:name/troubles': route({
    says: 'Answers that were none lately, of the sites of the organisation, the newest first, and what lies behind each.',
    role: 'accountant',
    answer: object({
      troubles: Type.Array(
        object({
          at: Instant,
          site: orNull(SiteId),
          name: Type.String(),
          method: Type.String(),
          path: Type.String(),
          status: Count,
          cause: Type.String(),
        }),
      ),
    }),
  }),
  'GET /logs': route({
    says: 'Looks through the access logs of sites on every server: the newest lines first, what lies behind each, and what could not be looked through.',
    role: 'accountant',
    query: Type.Object(
      {
        text: Type.Optional(Type.String({ maxLength: 200 })),
        answers: Type.Optional(oneOf(['any', 'given', 'led', 'refused', 'failed'])),
        site: Type.Optional(SiteId),
        before: Type.Optional(Type.String({ pattern: '^\\d{4}-\\d\\d-\\d\\dT\\d\\d:\\d\\d:\\d\\d\\.000Z$' })),
      },
      { additionalProperties: false },
    ),
    answer: object({
      lines: Type.Array(
        object({
          at: Instant,
          site: SiteId,
          name: Type.String(),
          server: Type.String(),
          address: Type.String(),
          method: Type.String(),
          path: Type.String(),
          status: Count,
          from: Type.String(),
          agent: Type.String(),
          machine: Type.Boolean(),
          cause: Type.String(),
        }),
      ),
      /** Before what instant there may be earlier ones; null where there are none. */
      earlier: orNull(Instant),
      /** Servers whose logs were not looked through, or not to their beginning, and why. */
      gaps: Type.Array(object({ server: Type.String(), why: Type.String() })),
    }),
  }),
  'GET /own-backups': route({
    says: 'How it stands with the backups of Tin Porch itself at each place; null where none are made.',
    role: 'helper',
    answer: object({
      own: orNull(
        object({
          passwordFile: Type.String(),
          places: Type.Array(
            object({
              place: Type.String(),
              madeAt: orNull(Instant),
              sites: orNull(Count),
              added: orNull(Count),
              provenAt: orNull(Instant),
              provenOf: orNull(Instant),
              provenRows: orNull(Count),
              provenMs: orNull(Count),
              trouble: orNull(Type.String()),
              troubleSince: orNull(Instant),
            }),
          ),
        }),
      ),
      job: orNull(Job),
    }),
  }),
  'GET /credentials': route({
    says: 'By what Tin Porch is let in at servers and backup places, and since when; null where that is as it was made. What it is is told to nobody.',
    role: 'owner',
    answer: object({
      credentials: Type.Array(
        object({ kind: oneOf(['server', 'place']), name: Type.String(), since: orNull(Instant) }),
      ),
      job: orNull(Job),
    }),
  }),
  'POST /credentials': route({
    says: 'Makes all of them anew in one go; those of before open nothing then.',
    role: 'owner',
    body: nothing,
    status: 202,
    answer: Begun,
  }),
  'POST /own-backups': job('Backs Tin Porch itself up, and tries each backup out.', 'designer'),
  'GET /moves': route({
    says: 'Sites that move, and those of the last day that have or could not, the newest first.',
    role: 'accountant',
    answer: object({
      moves: Type.Array(
        object({
          site: SiteId,
          name: Type.String(),
          server: Type.String(),
          job: Job,
        }),
      ),
    }),
  }),
  'POST /moves': route({
    says: 'Moves many sites to a server, a few at a time; says of which it could not be begun.',
    role: 'designer',
    body: object({ server: words(64), sites: Type.Array(SiteId, { minItems: 1, maxItems: 500 }) }),
    status: 202,
    answer: object({
      begun: Type.Array(SiteId),
      refused: Type.Array(object({ site: SiteId, words: Type.String() })),
    }),
  }),
  'DELETE /moves': route({ says: 'Stops every move that is not at its end.', role: 'designer' }),
  'GET /domains': route({
    says: 'The domains of all sites.',
    role: 'accountant',
    answer: object({
      domains: Type.Array(
        object({
          site: SiteId,
          name: Type.String(),
          domain: Type.String(),
          seen: orNull(DomainSeen),
          certificate: orNull(Certificate),
          open: Type.Boolean(),
        }),
      ),
    }),
  }),
};
