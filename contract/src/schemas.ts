import { Type, type TSchema } from '@sinclair/typebox';
import { SiteDocument as DocumentSchema, type SiteDocument as Document } from '@tin-porch/core/model';
import { AnyOperation as OperationSchema, PARTS, type Operation as OperationOfSite } from '@tin-porch/core/operations';
import { STEPS } from '@tin-porch/core/care';

const closed = { additionalProperties: false } as const;

/** A closed object: what is not named is refused. */
export const object = <P extends Record<string, TSchema>>(properties: P) => Type.Object(properties, closed);
export const words = (maxLength: number, pattern?: string) =>
  Type.String({ maxLength, ...(pattern !== undefined && { pattern }) });
export const oneOf = <const T extends readonly string[]>(all: T) =>
  Type.Unsafe<T[number]>({ type: 'string', enum: [...all] });
export const orNull = <S extends TSchema>(schema: S) => Type.Union([schema, Type.Null()]);
/** A point in time, RFC 3339 in UTC. */
export const Instant = Type.String({ pattern: '^\\d{4}-\\d\\d-\\d\\dT\\d\\d:\\d\\d:\\d\\d(\\.\\d+)?Z$' });
export const Uuid = Type.String({ pattern: '^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$' });
export const SiteId = Type.String({ pattern: '^[a-z0-9-]{1,64}$' });
export const Count = Type.Integer({ minimum: 0 });
/** What the core makes and only the core reads: told by its type, not by a schema. */
export const given = <T>() => Type.Unsafe<T>({});

/** Schemas that many routes name, by the names they have in the OpenAPI document. */
export const components: Record<string, TSchema> = { SiteDocument: DocumentSchema, Operation: OperationSchema };
const named = <T>(name: keyof typeof components) => Type.Unsafe<T>({ $ref: `#/components/schemas/${name}` });
export const SiteDocument = named<Document>('SiteDocument');
/** Checked whole, with better words, where it is applied. */
export const Operation = named<OperationOfSite>('Operation');

export const PathStep = object({
  step: oneOf(STEPS),
  state: oneOf(['none', 'needs', 'done']),
  words: Type.String(),
});
export const Chip = object({ tone: oneOf(['grey', 'rain', 'moss', 'lamp', 'brick']), words: Type.String() });
export const Part = oneOf(PARTS);
export const OpenFinding = object({
  site: SiteId,
  name: Type.Optional(Type.String()),
  key: Type.String(),
  severity: oneOf(['broken', 'look']),
  title: Type.String(),
  evidence: Type.String(),
  harm: Type.String(),
  fix: Type.String(),
  step: oneOf(['brief', 'look', 'pages', 'seo', 'domain', 'publish', 'care']),
  firstSeen: Instant,
  lastSeen: Instant,
  /** How often the same was found before, and had gone. */
  before: Count,
  /** What Tin Porch can do about it; null where somebody has to. */
  mend: orNull(oneOf(['certificate', 'backup', 'records', 'deploy', 'update'])),
  /** A letter to whoever must, where it is neither Tin Porch nor its people. */
  note: orNull(Type.String()),
  /** What was begun to mend it, and what became of that. */
  mending: orNull(
    object({
      at: Instant,
      by: Type.String(),
      state: oneOf(['running', 'done', 'failed']),
      error: orNull(Type.String()),
    }),
  ),
  snoozed: orNull(object({ until: Instant, reason: Type.String(), by: Type.String() })),
});
/** A time in which nobody got in to a site. */
export const Outage = object({
  site: SiteId,
  name: Type.String(),
  server: Type.String(),
  cause: oneOf(['server', 'site', 'certificate', 'name']),
  detail: Type.String(),
  /** From where it was looked. */
  places: Type.Array(Type.String()),
  beganAt: Instant,
  endedAt: orNull(Instant),
});
export const Named = object({ id: SiteId, name: Type.String() });

export const Job = object({
  id: Uuid,
  site: orNull(SiteId),
  kind: oneOf([
    'deploy',
    'certificate',
    'publish',
    'rollback',
    'round',
    'lab',
    'trial',
    'update',
    'leave',
    'remove',
    'backup',
    'revive',
    'move',
    'own',
    'agent',
    'credentials',
    'cleaning',
  ]),
  input: Type.Record(Type.String(), Type.Unknown()),
  state: oneOf(['waiting', 'running', 'retrying', 'done', 'failed', 'cancelled']),
  steps: Type.Array(
    object({
      name: Type.String(),
      state: oneOf(['running', 'done', 'failed']),
      detail: Type.String(),
      ms: Type.Number(),
    }),
  ),
  error: orNull(Type.String()),
  attempt: Count,
  nextTry: orNull(Instant),
  createdAt: Instant,
  finishedAt: orNull(Instant),
});
export const Begun = object({ job: Job });

export const DomainSeen = object({
  at: Instant,
  leadsHere: Type.Boolean(),
  registration: object({
    state: oneOf(['free', 'ours', 'elsewhere', 'unknown']),
    expires: orNull(Type.String()),
    registrar: orNull(Type.String()),
    page: orNull(Type.String()),
  }),
  records: Type.Array(object({ name: Type.String(), type: Type.String(), ttl: Type.Number(), data: Type.String() })),
  mail: Type.Optional(
    orNull(
      object({
        mechanism: Type.String(),
        selector: Type.String(),
        key: Type.String(),
        from: Type.String(),
        now: orNull(Type.String()),
      }),
    ),
  ),
  error: orNull(Type.String()),
  resolvers: Type.Array(
    object({
      name: Type.String(),
      answer: Type.Array(Type.String()),
      ttl: orNull(Type.Number()),
      state: oneOf(['new', 'old', 'none', 'silent']),
    }),
  ),
});
/** A line of a table of records: what is, what should be, and whether anything is to do. */
export const RecordLine = object({
  label: Type.String(),
  type: Type.String(),
  now: Type.Array(Type.String()),
  should: orNull(Type.String()),
  verdict: oneOf(['right', 'change', 'leave', 'clash']),
  note: Type.String(),
});
export const Certificate = object({
  domain: Type.String(),
  site: SiteId,
  names: Type.Array(Type.String()),
  issuer: Type.String(),
  notBefore: Instant,
  notAfter: Instant,
  installedAt: Instant,
});

/** One thing that both wrote: what is live, and what is drafted. */
export const Side = object({
  words: Type.String(),
  live: Type.String(),
  draft: Type.String(),
  there: Type.Boolean(),
  both: Type.Optional(
    Type.String({ description: 'What both made of it word by word, where they changed different words.' }),
  ),
});
