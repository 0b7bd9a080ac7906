import { Type } from '@sinclair/typebox';
import { DirectionRef, Facts, type Facts as AllFacts } from '@tin-porch/core/model';
import type { OutsideFact } from '@tin-porch/core/brief';
import type { Reference } from '@tin-porch/core/look';
import type { PutVersion } from '@tin-porch/core/operations';
import { REWORKS, type Kept, type Reply, type Reworked } from '@tin-porch/core/making';
import { route } from '../route.js';
import {
  Certificate,
  Chip,
  Count,
  DomainSeen,
  given,
  Instant,
  Job,
  object,
  oneOf,
  OpenFinding,
  Operation,
  orNull,
  Part,
  PathStep,
  SiteDocument,
  SiteId,
  Uuid,
  words,
  RecordLine,
  Side,
} from '../schemas.js';

const closed = { additionalProperties: false } as const;
const Seed = Type.Integer({ minimum: 0, maximum: 2 ** 31 - 1 });
const Writer = oneOf(['house', 'service']);

export const SiteLine = object({
  id: SiteId,
  head: Count,
  drawn: Type.Boolean(),
  name: Type.String(),
  trade: Type.String(),
  domain: orNull(Type.String()),
  server: orNull(Type.String()),
  address: orNull(Type.String()),
  open: Type.Boolean(),
  /** When it goes for good, where it is to go. */
  leavesAt: orNull(Instant),
  /** The site it is a staging copy of, where it is one. */
  stagingOf: orNull(SiteId),
  changedAt: Instant,
  chip: Chip,
  path: Type.Array(PathStep),
  certificateUntil: orNull(Instant),
  lastRound: orNull(Instant),
  weeks: orNull(Type.Array(Type.Number())),
});

/** A site that is gone; `whole` says whether what was on its server is in its archive too. */
export const Departed = object({
  site: SiteId,
  name: Type.String(),
  address: orNull(Type.String()),
  leftAt: Instant,
  keepUntil: Instant,
  bytes: Count,
  whole: Type.Boolean(),
});

export const Release = object({
  id: Type.String(),
  site: SiteId,
  head: Count,
  files: Count,
  bytes: Count,
  sent: Count,
  madeAt: Instant,
  liveAt: orNull(Instant),
  origin: Type.String(),
  what: Type.Array(Type.String()),
});

export const HistoryLine = object({
  seq: Count,
  kind: oneOf(['do', 'undo', 'redo']),
  words: Type.String(),
  by: Type.String(),
  part: Part,
  at: Instant,
  /** What the point after this step is called, where it has a name. */
  name: Type.Union([Type.String(), Type.Null()]),
});

const Named = object({ id: SiteId, name: Type.String() });

/** What is told of a site beside its document. */
const About = {
  id: SiteId,
  head: Count,
  changedAt: Instant,
  history: object({ canUndo: Type.Boolean(), canRedo: Type.Boolean() }),
  path: Type.Array(PathStep),
  chip: Chip,
  server: orNull(object({ name: Type.String(), address: Type.String(), httpPort: Count, httpsPort: Count })),
  temporary: orNull(Type.String()),
  origin: orNull(Type.String()),
  /** What the designer calls it, where that is not the name of the client. */
  called: orNull(Type.String()),
  /** The site it is a staging copy of, and its own staging copies, the newest first. */
  stagingOf: orNull(Named),
  staging: Type.Array(Named),
  leavesAt: orNull(Instant),
  /** When it is published by itself, and who said so. */
  planned: orNull(object({ at: Instant, by: Type.String() })),
  domain: orNull(Type.String()),
  domainSeen: orNull(DomainSeen),
  records: orNull(Type.Array(RecordLine)),
  /** The records by which letters of the site may come from its domain, and where they come from now. */
  mail: orNull(object({ records: Type.Array(RecordLine), from: Type.String(), own: Type.Boolean() })),
  certificate: orNull(Certificate),
  open: Type.Boolean(),
  publishedAt: orNull(Instant),
  liveRelease: orNull(Type.String()),
  releases: Type.Array(Release),
  jobs: Type.Array(Job),
};
export const SiteDetail = object({ ...About, document: SiteDocument });
/** What is new of a site that is known already: what was changed of its document, and all the rest of it. */
export const SiteNews = object({ ...About, operations: Type.Array(Operation) });

/** The steps of both logs that somebody had before them. */
const Heads = object({ copy: Count, original: Count });

const Sending = {
  id: Type.Optional(Uuid),
  tab: Type.Optional(words(64)),
  base: Type.Optional(Count),
  part: Type.Optional(Part),
};
const Change = Type.Object({ operation: Operation, ...Sending }, closed);
const Head = object({ head: Count });

export const sites = {
  'GET /sites': route({
    says: 'The sites of the organisation, what is found at them, and how many messages are unread.',
    role: 'accountant',
    answer: object({ sites: Type.Array(SiteLine), findings: Type.Array(OpenFinding), unread: Count }),
  }),
  'POST /sites': route({
    says: 'Makes a site from facts.',
    role: 'helper',
    body: Type.Object({ ...Type.Partial(Facts).properties, name: Facts.properties.name }, closed),
    status: 201,
    answer: object({ id: SiteId }),
  }),
  'POST /briefs': route({
    says: 'Reads a pasted brief into facts, without keeping anything.',
    role: 'helper',
    body: object({ text: words(200_000) }),
    answer: object({ facts: given<Partial<AllFacts>>() }),
  }),
  'GET /sites/:id': route({
    says: 'A site whole; with `since`, a step of its log, what was changed after it instead of the document.',
    role: 'accountant',
    query: Type.Object({ since: Type.Optional(words(9, '^[0-9]{1,9}$')) }, closed),
    answer: Type.Union([SiteDetail, SiteNews]),
  }),
  'PUT /sites/:id/name': route({
    says: 'What the site is called here: visitors are told nothing of it. An empty name is that of the client.',
    role: 'helper',
    body: object({ called: words(120) }),
    answer: object({ called: orNull(Type.String()) }),
  }),
  'POST /sites/:id/copies': route({
    says: 'Makes a site like this one as it is drafted, with its pictures and files; on no server, and without its history. A staging copy knows what it is a copy of, is meant for the same server, and is not opened to visitors.',
    role: 'designer',
    body: Type.Object({ called: words(120), staging: Type.Optional(Type.Boolean()) }, closed),
    status: 201,
    answer: object({ id: SiteId }),
  }),
  'GET /sites/:id/staging': route({
    says: 'How a staging copy differs from the site it is of: what was tried there, what was changed in the site meanwhile, and what both changed.',
    role: 'accountant',
    answer: object({
      of: Named,
      heads: Heads,
      tried: Type.Array(Type.String()),
      meanwhile: Type.Array(Type.String()),
      parts: Type.Array(Side),
    }),
  }),
  'POST /sites/:id/staging/back': route({
    says: 'Brings what was tried on a staging copy back into its site, as it was looked at; then both are the same. Of what both changed, `theirs` are by their place what is to be as on the copy, `both` what is to be as both made it.',
    role: 'designer',
    body: object({
      heads: Heads,
      theirs: Type.Array(Count, { maxItems: 500 }),
      both: Type.Array(Count, { maxItems: 500 }),
    }),
    answer: object({ head: Count, brought: Count }),
  }),
  'POST /sites/:id/staging/anew': route({
    says: 'Makes a staging copy the same as its site is now. What was tried on it is in its history alone.',
    role: 'designer',
    body: object({ heads: Heads }),
  }),
  'DELETE /sites/:id/staging': route({ says: 'Makes a staging copy a site of its own.', role: 'designer' }),
  'PUT /sites/:id/departure': route({
    says: 'Has a site go in thirty days: it is closed at once, and all of it is kept in an archive.',
    role: 'designer',
    answer: object({ leavesAt: Instant, job: Job }),
  }),
  'DELETE /sites/:id/departure': route({ says: 'Keeps a site that was to go. It stays closed.', role: 'designer' }),
  'POST /sites/:id/departure/now': route({
    says: 'Removes a site that is to go, before its day; with `without`, what its server does not answer for is left there.',
    role: 'owner',
    body: object({ without: Type.Boolean() }),
    answer: object({ job: Job }),
  }),
  'GET /departures': route({
    says: 'Sites that are gone, and how long the archive of each is kept.',
    role: 'accountant',
    answer: object({ departed: Type.Array(Departed) }),
  }),
  'GET /departures/:site/archive': route({
    says: 'All of a site that goes or is gone, as a ZIP archive.',
    role: 'designer',
    gives: 'application/zip',
  }),
  'DELETE /departures/:site': route({ says: 'Throws the archive of a site that is gone away.', role: 'owner' }),
  'GET /sites/:id/history': route({
    says: 'What was changed, newest first: the last sixty steps, or as many as are asked for.',
    role: 'accountant',
    query: Type.Object({ most: Type.Optional(words(3, '^[0-9]{1,3}$')) }, closed),
    answer: object({ lines: Type.Array(HistoryLine) }),
  }),
  'GET /sites/:id/points/:step': route({
    says: 'The site as it was after a step of its log; 0 is before the first.',
    role: 'accountant',
    answer: object({ document: SiteDocument }),
  }),
  'PUT /sites/:id/points/:step': route({
    says: 'Gives the point after a step a name, or takes it away with an empty one.',
    role: 'helper',
    body: object({ name: words(60) }),
    answer: object({ name: Type.Union([Type.String(), Type.Null()]) }),
  }),
  'GET /kept-sections': route({
    says: 'The sections that were put by for other sites, the newest first.',
    role: 'accountant',
    answer: object({
      sections: Type.Array(
        object({
          id: Uuid,
          name: Type.String(),
          siteName: Type.String(),
          by: Type.String(),
          at: Instant,
          kept: given<Kept>(),
        }),
      ),
    }),
  }),
  'POST /sites/:id/kept-sections': route({
    says: 'Puts a section of a site by for other sites, as it stands now.',
    role: 'helper',
    body: object({ section: Type.String({ minLength: 1, maxLength: 64 }) }),
    status: 201,
    answer: object({ id: Uuid }),
  }),
  'DELETE /kept-sections/:kept': route({
    says: 'Forgets a section that was put by. Where it was laid in, it stays.',
    role: 'helper',
  }),
  'POST /sites/:id/operations': route({
    says: 'Changes a site. What others did since `base` is kept: the change is read anew over it, or refused.',
    role: 'helper',
    body: Change,
    answer: Type.Object({ head: Count, operation: Type.Optional(Operation) }, closed),
  }),
  'POST /sites/:id/operations/left': route({
    says: 'What a page that went away had not sent yet, in order. The first refusal is the answer; what is not refused is taken nevertheless.',
    role: 'helper',
    body: object({ changes: Type.Array(Change, { minItems: 1, maxItems: 500 }) }),
    answer: Head,
  }),
  'POST /sites/:id/undo': route({
    says: 'Takes back one’s last change that stands; with `of`, that one and no other; with `base`, the newest step one knows of, none after it.',
    role: 'helper',
    body: Type.Object({ of: Type.Optional(Type.Integer({ minimum: 1 })), base: Type.Optional(Count) }, closed),
    answer: Head,
  }),
  'POST /sites/:id/redo': route({
    says: 'Puts back the last change one took back.',
    role: 'helper',
    body: Type.Object({ of: Type.Optional(Type.Integer({ minimum: 1 })), base: Type.Optional(Count) }, closed),
    answer: Head,
  }),
};

const Cost = orNull(
  object({
    input: Count,
    output: Count,
    amount: Type.Number(),
    currency: Type.String(),
    estimated: Type.Boolean(),
  }),
);
const Scope = Type.Union([
  Type.Literal('site'),
  object({ page: words(64) }),
  object({ section: words(64) }),
  object({ text: object({ section: words(64), path: words(200) }) }),
]);

export const writing = {
  'GET /writing': route({
    says: 'The outside language service, where one is set up.',
    role: 'accountant',
    answer: object({ service: orNull(object({ name: Type.String() })) }),
  }),
  'GET /sites/:id/writing': route({
    says: 'What the language service was paid for a site so far.',
    role: 'accountant',
    answer: object({
      spent: Type.Array(
        object({ answers: Count, amount: Type.Number(), currency: Type.String(), estimated: Type.Boolean() }),
      ),
    }),
  }),
  'POST /sites/:id/read': route({
    says: 'Has the language service read the brief, which goes out whole. Nothing is changed by it.',
    role: 'helper',
    body: object({}),
    answer: object({ facts: given<OutsideFact[]>(), dropped: Count, held: Count, note: Type.String(), cost: Cost }),
  }),
  'POST /sites/:id/rework': route({
    says: 'Proposes other words. Nothing is changed by it.',
    role: 'helper',
    body: Type.Object(
      {
        kind: oneOf(REWORKS),
        scope: Scope,
        instruction: Type.Optional(words(600)),
        seed: Type.Optional(Seed),
        by: Writer,
      },
      closed,
    ),
    answer: object({ changes: given<Reworked[]>(), note: Type.String(), by: Writer, cost: Cost }),
  }),
  'POST /sites/:id/ask': route({
    says: 'Has the language service say what a request comes to, as operations. Nothing is changed by it.',
    role: 'helper',
    body: object({
      said: words(600),
      on: Type.Object(
        {
          page: Type.Optional(words(64)),
          section: Type.Optional(words(64)),
          path: Type.Optional(words(200)),
        },
        closed,
      ),
    }),
    answer: object({ reply: given<Reply>(), cost: Cost }),
  }),
  'POST /sites/:id/write': route({
    says: 'Proposes a version of the whole site.',
    role: 'helper',
    body: object({ seed: Seed, by: Writer }),
    answer: object({ version: given<PutVersion>(), note: Type.String(), by: Writer, cost: Cost }),
  }),
};

/** Directions that were put before a client by a link, and which was chosen. */
export const ClientChoice = object({
  token: Type.String(),
  site: SiteId,
  directions: Type.Array(DirectionRef),
  madeAt: Instant,
  endsAt: Instant,
  chosen: orNull(Count),
  by: Type.String(),
  note: Type.String(),
  chosenAt: orNull(Instant),
});

export const look = {
  'GET /sites/:id/choice': route({
    says: 'The newest link by which the client chooses a direction.',
    role: 'accountant',
    answer: object({ choice: orNull(ClientChoice) }),
  }),
  'POST /sites/:id/choice': route({
    says: 'Makes a link by which a client chooses one of these directions.',
    role: 'helper',
    body: object({ directions: Type.Array(DirectionRef, { minItems: 1, maxItems: 6 }) }),
    status: 201,
    answer: object({ choice: ClientChoice }),
  }),
  'DELETE /sites/:id/choice': route({ says: 'Takes the links back by which a client chooses.', role: 'helper' }),
  'POST /references': route({
    says: 'What a page somebody likes looks like: at an address, or saved.',
    role: 'helper',
    body: Type.Object(
      { address: Type.Optional(words(2000)), html: Type.Optional(words(1_900_000)) },
      { ...closed, minProperties: 1, maxProperties: 1 },
    ),
    answer: given<Reference>(),
  }),
};
