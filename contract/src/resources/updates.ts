import { Type } from '@sinclair/typebox';
import { route } from '../route.js';
import { Begun, Count, Instant, Job, object, oneOf, orNull, SiteId, words } from '../schemas.js';

const Share = Type.Number({ minimum: 0, maximum: 1 });
const Rules = Type.Record(Type.String(), Count);

/** What was found of a copy of a site, drawn by the newest version of the renderer, beside what visitors have. */
const Trial = object({
  at: Instant,
  engine: Count,
  verdict: oneOf(['same', 'otherwise', 'worse']),
  words: Type.Array(Type.String()),
  /** Whether it is of what is served now, and by the newest version. */
  counts: Type.Boolean(),
  letBy: orNull(Type.String()),
  letAt: orNull(Instant),
});
const PageTried = object({
  path: Type.String(),
  before: Type.Array(Type.String()),
  after: Type.Array(Type.String()),
  widths: Type.Array(
    object({
      width: Count,
      changed: Share,
      where: orNull(Type.Tuple([Share, Share])),
      sideways: Type.Tuple([Count, Count]),
      faults: orNull(Type.Tuple([Rules, Rules])),
      errors: Type.Array(Type.String()),
    }),
  ),
  /** The widths of which both sides can be seen. */
  parts: Type.Array(Count),
});
const Updated = object({
  begunAt: Instant,
  by: Type.String(),
  fromEngine: Count,
  toEngine: Count,
  state: oneOf(['going', 'done', 'back']),
  words: Type.String(),
  endedAt: orNull(Instant),
});
/** The versions of the agent on a server: which runs, whether it is known to serve, and which one it would go back to. */
const Program = object({
  running: Type.String(),
  installed: Type.String(),
  known: Type.Boolean(),
  before: orNull(Type.String()),
  fallen: orNull(object({ version: Type.String(), at: Instant, why: Type.String() })),
});
const Sites = Type.Array(SiteId, { minItems: 1, maxItems: 2000 });

/** Versions of what draws and serves sites: what is behind, tried on copies, brought to one, a few, all. */
export const updates = {
  'GET /updates': route({
    says: 'Which sites were drawn by an earlier version, what was found of copies of them, and what the servers are made of.',
    role: 'accountant',
    answer: object({
      engine: Count,
      /** Whether there is a browser to look at copies with. */
      able: Type.Boolean(),
      changes: Type.Array(object({ engine: Count, says: Type.String(), matters: Type.String() })),
      sites: Type.Array(
        object({
          id: SiteId,
          name: Type.String(),
          server: Type.String(),
          engine: orNull(Count),
          trial: orNull(Trial),
          wanted: Type.Boolean(),
          job: orNull(Job),
          last: orNull(Updated),
        }),
      ),
      agents: object({
        /** What Tin Porch has to send; null where it has none. */
        newest: orNull(object({ version: Type.String(), engine: Count, step: Count })),
        job: orNull(Job),
        updates: Type.Array(
          object({
            server: Type.String(),
            by: Type.String(),
            from: Type.String(),
            to: Type.String(),
            state: oneOf(['going', 'done', 'back']),
            words: Type.String(),
            begunAt: Instant,
            endedAt: orNull(Instant),
          }),
        ),
      }),
      rollout: orNull(
        object({
          engine: Count,
          by: Type.String(),
          begunAt: Instant,
          restMinutes: Count,
          wave: Count,
          /** When the next wave begins; null where none waits for its time. */
          nextAt: orNull(Instant),
          state: oneOf(['going', 'held', 'stopped', 'done']),
          endedAt: orNull(Instant),
          sites: Type.Array(
            object({
              site: SiteId,
              wave: Count,
              state: oneOf(['waiting', 'going', 'done', 'left', 'trouble', 'stopped', 'back']),
              words: Type.String(),
            }),
          ),
        }),
      ),
      servers: Type.Array(
        object({
          name: Type.String(),
          error: orNull(Type.String()),
          agent: orNull(object({ engine: Count, step: Count, node: Type.String(), program: orNull(Type.String()) })),
          program: orNull(Program),
          /** Null where they are not known. */
          packages: orNull(
            Type.Array(
              object({
                name: Type.String(),
                installed: Type.String(),
                candidate: Type.String(),
                security: Type.Boolean(),
                oldRuns: Type.Boolean(),
              }),
            ),
          ),
          listsAt: orNull(Instant),
        }),
      ),
    }),
  }),
  'POST /updates/trials': route({
    says: 'Has copies of sites drawn by the newest version and compared with what visitors have.',
    role: 'helper',
    body: object({ sites: Sites }),
    status: 202,
    answer: object({ wanted: Count }),
  }),
  'POST /updates/rollout': route({
    says: 'Updates sites: one, a few, the rest, with a rest between; held where one has trouble.',
    role: 'designer',
    body: object({ sites: Sites, restMinutes: Type.Integer({ minimum: 0, maximum: 10_080 }) }),
    status: 202,
  }),
  'DELETE /updates/rollout': route({ says: 'Stops it: what has its update keeps it.', role: 'designer' }),
  'POST /updates/rollout/on': route({ says: 'Goes on after trouble, or before the rest is over.', role: 'designer' }),
  'POST /updates/rollout/back': route({
    says: 'Takes the newest back: each site is served as it was before.',
    role: 'designer',
    status: 202,
    answer: object({ begun: Count }),
  }),
  'POST /updates/agents': route({
    says: 'Brings the agent that Tin Porch has to servers, one after the other, tried on the backups of their sites first; with `back`, the one before is begun again there.',
    role: 'designer',
    body: object({ servers: Type.Array(words(40), { minItems: 1, maxItems: 200 }), back: Type.Boolean() }),
    status: 202,
    answer: Begun,
  }),
  'DELETE /updates/agents': route({
    says: 'Stops it; one that was begun and is not known to serve gives way to the one before by itself.',
    role: 'designer',
  }),
  'POST /servers/:name/renewals': route({
    says: 'Starts the front or the agent of a server anew; whoever comes meanwhile waits for a moment.',
    role: 'designer',
    body: object({ what: oneOf(['front', 'agent']) }),
    answer: object({ ms: Count }),
  }),
  'GET /sites/:id/updates': route({
    says: 'What was updated of a site and what was taken back, and what was found of a copy of it, page by page.',
    role: 'accountant',
    answer: object({
      engine: orNull(Count),
      newest: Count,
      /** Whether a copy is to be tried as soon as there is time. */
      wanted: Type.Boolean(),
      updates: Type.Array(Updated),
      trial: orNull(
        object({
          ...Trial.properties,
          pages: Count,
          otherwise: Count,
          browser: Type.Boolean(),
          seen: Type.Array(PageTried),
        }),
      ),
    }),
  }),
  'GET /sites/:id/trial/:width/:side': route({
    says: 'A part of a page that looks otherwise, as visitors have it or as the copy has it.',
    role: 'accountant',
    query: Type.Object({ path: words(300), at: words(40) }, { additionalProperties: false }),
    gives: 'image/webp',
  }),
  'PUT /sites/:id/trial': route({
    says: 'Lets what is otherwise in a copy go to visitors.',
    role: 'designer',
    body: object({ at: Instant }),
  }),
  'POST /sites/:id/update': route({
    says: 'Updates one site; with `back`, serves it again as it was before its last update.',
    role: 'designer',
    body: object({ back: Type.Boolean() }),
    status: 202,
    answer: Begun,
  }),
};
