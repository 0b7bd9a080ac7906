import { timingSafeEqual } from 'node:crypto';
import { Ajv, type ValidateFunction } from 'ajv';
import { parseCookie, stringifySetCookie } from 'cookie';
import express, { Router, type Request, type Response } from 'express';
import {
  byWeek,
  chipOf,
  checklist,
  pathOf,
  planRecords,
  Problem,
  BriefError,
  readDomain,
  titleOf,
  DirectionRef,
  Facts,
  PARTS,
  REWORKS,
  type ReworkRequest,
} from '@tin-porch/core';
import type { Rounds } from '../care/rounds.js';
import type { Certificates } from '../certificates/certificates.js';
import type { Choices } from '../choosing/choices.js';
import type { PorchConfig } from '../config.js';
import { originOf, tellHost, temporaryOrigin } from '../deploy/deploy.js';
import { lookRound } from '../domains/look-round.js';
import type { Registrar } from '../domains/registrar.js';
import type { Events } from '../events/events.js';
import { tell } from '../events/events.js';
import type { Inbox } from '../inbox/inbox.js';
import type { Jobs, JobKind } from '../jobs/jobs.js';
import { JobLater, JobRefused } from '../jobs/jobs.js';
import { HostRefused } from '../servers/host-client.js';
import { libraryApi } from '../library/library-api.js';
import type { Library } from '../library/library.js';
import type { Pictures } from '../pictures/pictures.js';
import { picturesApi } from '../pictures/pictures-api.js';
import type { References } from '../reference/reference.js';
import type { Servers } from '../servers/servers.js';
import type { Sending } from '../sites/site-log.js';
import type { SiteHead } from '../sites/site-row.js';
import type { Sites } from '../sites/sites.js';
import type { Strangers } from '../strangers/strangers.js';
import type { By, Writing } from '../writing/writing.js';
import { sessionName, type Accounts, type Designer } from './accounts.js';

export interface Parts {
  config: PorchConfig;
  accounts: Accounts;
  sites: Sites;
  servers: Servers;
  jobs: Jobs;
  certificates: Certificates;
  registrar: Registrar;
  rounds: Rounds;
  inbox: Inbox;
  events: Events;
  strangers: Strangers;
  writing: Writing;
  choices: Choices;
  pictures: Pictures;
  library: Library;
  references: References;
}

const COOKIE = 'porch_session';
const BROWSER = 'porch_browser';
const ajv = new Ajv({ strictRequired: false, keywords: ['long'] });
const text = (maxLength: number) => ({ type: 'string', maxLength });
const object = (properties: Record<string, unknown>, required = Object.keys(properties)) =>
  ajv.compile({ type: 'object', additionalProperties: false, required, properties });
const SENDING = {
  id: { type: 'string', pattern: '^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$' },
  tab: text(64),
  base: { type: 'integer', minimum: 0 },
  part: { enum: [...PARTS] },
};
const checks = {
  password: object({ now: text(200), next: text(200) }),
  signIn: object({ mail: text(254), password: text(200) }),
  brief: object({ text: text(200_000) }),
  facts: object({ ...Facts.properties }, ['name']),
  operation: object({ operation: { type: 'object' }, ...SENDING }, ['operation']),
  left: object({
    changes: {
      type: 'array',
      minItems: 1,
      maxItems: 500,
      items: {
        type: 'object',
        additionalProperties: false,
        required: ['operation'],
        properties: { operation: { type: 'object' }, ...SENDING },
      },
    },
  }),
  step: object({ of: { type: 'integer', minimum: 1 } }, []),
  nothing: object({}),
  server: object({ server: text(64) }),
  domain: object({ domain: text(300) }),
  release: object({ release: { type: 'string', pattern: '^[a-z0-9-]{1,64}$' } }),
  open: object({ open: { type: 'boolean' } }),
  choice: object({ directions: { type: 'array', minItems: 1, maxItems: 6, items: DirectionRef } }),
  read: object({ read: { type: 'boolean' } }),
  rework: object(
    {
      kind: { enum: [...REWORKS] },
      scope: {
        anyOf: [
          { const: 'site' },
          { type: 'object', additionalProperties: false, required: ['page'], properties: { page: text(64) } },
          { type: 'object', additionalProperties: false, required: ['section'], properties: { section: text(64) } },
          {
            type: 'object',
            additionalProperties: false,
            required: ['text'],
            properties: {
              text: {
                type: 'object',
                additionalProperties: false,
                required: ['section', 'path'],
                properties: { section: text(64), path: text(200) },
              },
            },
          },
        ],
      },
      instruction: text(600),
      seed: { type: 'integer', minimum: 0, maximum: 2 ** 31 - 1 },
      by: { enum: ['house', 'service'] },
    },
    ['kind', 'scope', 'by'],
  ),
  write: object({ seed: { type: 'integer', minimum: 0, maximum: 2 ** 31 - 1 }, by: { enum: ['house', 'service'] } }),
  reference: ajv.compile({
    type: 'object',
    additionalProperties: false,
    minProperties: 1,
    maxProperties: 1,
    properties: { address: text(2000), html: text(1_900_000) },
  }),
  inbox: ajv.compile<Record<string, string>>({
    type: 'object',
    additionalProperties: false,
    properties: {
      words: text(200),
      site: { type: 'string', pattern: '^[a-z0-9-]{1,64}$' },
      show: { enum: ['all', 'unread', 'aside'] },
      before: { type: 'string', pattern: '^\\d{4}-\\d\\d-\\d\\dT[\\d:.]{8,16}Z$' },
      id: { type: 'string', pattern: '^[0-9a-f-]{36}$' },
    },
  }),
  since: ajv.compile<{ since?: string }>({
    type: 'object',
    additionalProperties: false,
    properties: { since: { type: 'string', pattern: '^[0-9]{1,9}$' } },
  }),
  share: object({ days: { type: 'integer', minimum: 1, maximum: 90 } }),
};

function body<T>(req: Request, check: ValidateFunction): T {
  if (!check(req.body ?? {}))
    throw new Problem(400, 'The request is not valid', ajv.errorsText(check.errors, { dataVar: 'body' }));
  return (req.body ?? {}) as T;
}

function query<T>(req: Request, check: ValidateFunction): T {
  if (!check(req.query))
    throw new Problem(400, 'The request is not valid', ajv.errorsText(check.errors, { dataVar: 'query' }));
  return req.query as T;
}

/** How deep a request may be nested: a document is less than half as deep. */
const DEEPEST = 40;
/** True where a string inside could not be kept by PostgreSQL (NUL, or half of a surrogate pair), or it is nested too deep. */
export function unkeepable(value: unknown, depth = 0): boolean {
  if (typeof value === 'string')
    return value.includes('\0') || !(value as string & { isWellFormed(): boolean }).isWellFormed();
  if (typeof value !== 'object' || value === null) return false;
  if (depth >= DEEPEST) return true;
  if (Array.isArray(value)) return value.some((v) => unkeepable(v, depth + 1));
  return Object.entries(value).some(([k, v]) => unkeepable(k) || unkeepable(v, depth + 1));
}

/** Aborted when whoever asked has gone: nobody pays for an answer that nobody reads. */
function goneWith(res: Response): AbortSignal {
  const gone = new AbortController();
  res.on('close', () => gone.abort());
  return gone.signal;
}

/** The host an Origin header names (RFC 6454, 7); null where it is none. */
const hostOfOrigin = (origin: string): string | null => (URL.canParse(origin) ? new URL(origin).host : null);
const same = (a: string, b: string) => a.length === b.length && timingSafeEqual(Buffer.from(a), Buffer.from(b));

declare module 'express-serve-static-core' {
  interface Locals {
    designer: Designer;
  }
}

/** A cookie for this application alone; only over TLS where the request came over TLS, or to a name that has it. */
const cookieOf = (req: Request, name: string, value: string, maxAge: number) =>
  stringifySetCookie({
    name,
    value,
    httpOnly: true,
    sameSite: 'strict',
    path: '/',
    maxAge,
    secure: req.secure || req.res?.locals['secure'] === true,
  });
/** The session token a request carries, or an empty string. */
export const sessionToken = (req: Request): string => parseCookie(req.headers.cookie ?? '')[COOKIE] ?? '';

/** The API of the interface. Answers JSON; says no with problem details (RFC 9457). */
export function api(parts: Parts): Router {
  const { references } = parts;
  const {
    accounts,
    sites,
    servers,
    jobs,
    certificates,
    registrar,
    rounds,
    inbox,
    events,
    strangers,
    writing,
    choices,
    config,
  } = parts;
  const router = Router();

  const me = (res: Response) => res.locals.designer;
  router.use((_req, res, next) => {
    res.set('cache-control', 'no-store');
    next();
  });
  // A page of another origin may neither post here nor be told anything (Fetch Metadata, and Origin for older browsers).
  router.use((req, _res, next) => {
    const site = req.headers['sec-fetch-site'];
    const origin = req.headers.origin;
    if (
      req.method !== 'GET' &&
      ((site && site !== 'same-origin' && site !== 'none') ||
        (origin && origin !== 'null' && hostOfOrigin(origin) !== req.headers.host) ||
        origin === 'null')
    )
      throw new Problem(403, 'The request comes from another site');
    next();
  });
  router.use(express.json({ limit: '2mb', strict: true }));
  router.use((req, _res, next) => {
    const sent =
      req.method !== 'GET' &&
      req.method !== 'HEAD' &&
      req.method !== 'DELETE' &&
      Number(req.headers['content-length'] ?? 0) > 0;
    const picture = /^\/sites\/[^/]+\/pictures$/.test(req.path) && req.is('application/octet-stream');
    if (sent && !picture && !req.is('application/json'))
      throw new Problem(415, 'The request is of a type this address does not take', 'Send application/json.');
    if (unkeepable(req.body))
      throw new Problem(
        400,
        'The request holds what cannot be stored',
        'A NUL, half a character, or lists within lists without end.',
      );
    next();
  });

  router.post('/session', async (req, res) => {
    const { mail, password } = body<{ mail: string; password: string }>(req, checks.signIn);
    const { token, maxAge, browser } = await accounts.signIn(
      mail,
      password,
      req.socket.remoteAddress ?? '',
      parseCookie(req.headers.cookie ?? '')[BROWSER] ?? '',
    );
    res.set('set-cookie', [
      cookieOf(req, COOKIE, token, maxAge),
      // So that strangers’ guesses never make this browser wait.
      cookieOf(req, BROWSER, browser, 400 * 86_400),
    ]);
    const session = (await accounts.session(token))!;
    res.json({ designer: { mail: session.designer.mail, name: session.designer.name }, csrf: session.csrf });
  });

  // Everything below needs a session, and everything that changes something its token.
  router.use(async (req, res, next) => {
    const session = await accounts.session(sessionToken(req));
    if (!session) throw new Problem(401, 'Sign in first');
    if (
      req.method !== 'GET' &&
      req.method !== 'HEAD' &&
      !same(String(req.headers['x-porch-token'] ?? ''), session.csrf)
    )
      throw new Problem(403, 'The request lacks the token of its session', 'Load the page again.');
    res.locals.designer = session.designer;
    next();
  });
  router.get('/session', async (req, res) => {
    const session = (await accounts.session(sessionToken(req)))!;
    res.json({ designer: { mail: session.designer.mail, name: session.designer.name }, csrf: session.csrf });
  });
  router.delete('/session', async (req, res) => {
    await accounts.signOut(sessionToken(req));
    res.set('set-cookie', cookieOf(req, COOKIE, '', 0));
    res.status(204).end();
  });
  router.put('/session/password', async (req, res) => {
    const { now, next } = body<{ now: string; next: string }>(req, checks.password);
    await accounts.changePassword(me(res), now, next, sessionToken(req));
    res.status(204).end();
  });

  router.get('/events', (req, res) => {
    res.set({ 'content-type': 'text/event-stream', 'x-accel-buffering': 'no' });
    res.flushHeaders();
    res.write('retry: 1500\n\n');
    const token = sessionToken(req);
    const close = () => res.end();
    const remove = events.add({
      designer: me(res).id,
      session: sessionName(token),
      tell: (event) => void res.write(`data: ${JSON.stringify(event)}\n\n`),
      close,
    });
    const beat = setInterval(() => {
      res.write(': still here\n\n');
      // A session that has run out is told by nobody.
      void accounts.session(token).then(
        (session) => session ?? close(),
        () => undefined,
      );
    }, 20_000);
    req.on('close', () => {
      clearInterval(beat);
      remove();
    });
  });

  const ownHead = (req: Request, res: Response) => sites.headOf(me(res).id, String(req.params['id']));
  const own = (req: Request, res: Response) => sites.of(me(res).id, String(req.params['id']));

  async function summary(rows: SiteHead[]) {
    const [known, visits, all] = await Promise.all([
      sites.states.known(rows),
      rounds.visitsOf(rows.map((r) => r.id)),
      servers.all(),
    ]);
    const now = new Date().toISOString();
    return rows.map((r) => {
      const k = known.get(r.id)!;
      const server = all.find((s) => s.name === r.server);
      const days = visits.get(r.id);
      return {
        id: r.id,
        head: r.head,
        drawn: r.summary.pages > 0,
        name: r.summary.name,
        trade: r.summary.trade,
        domain: r.domain,
        server: r.server,
        address: r.domain ?? (server && r.liveRelease ? new URL(temporaryOrigin(r, server)).host : null),
        open: r.open,
        changedAt: r.changedAt,
        chip: chipOf(k, now),
        path: pathOf(k),
        certificateUntil: k.certificateUntil,
        lastRound: k.lastRound,
        weeks: days ? byWeek(days, now.slice(0, 10), 12) : null,
      };
    });
  }

  router.get('/sites', async (_req, res) => {
    const rows = await sites.list(me(res).id);
    res.json({
      sites: await summary(rows),
      findings: await rounds.findings(me(res).id),
      unread: await inbox.unread(me(res).id),
    });
  });
  router.post('/sites', async (req, res) => {
    const site = await sites.create(me(res).id, body<Partial<Facts>>(req, checks.facts));
    res.status(201).json({ id: site.id });
  });
  /** Reads a pasted brief into facts, without keeping anything. */
  router.post('/briefs', async (req, res) => {
    try {
      res.json({ facts: await strangers.brief(body<{ text: string }>(req, checks.brief).text) });
    } catch (error) {
      if (error instanceof BriefError) throw new Problem(422, 'The brief cannot be used yet', error.message);
      throw error;
    }
  });

  /** A site whole; with `since`, a step of its log, what was changed after that step instead of the document. */
  router.get('/sites/:id', async (req, res) => {
    const site = await own(req, res);
    const { since } = query<{ since?: string }>(req, checks.since);
    const [operations, history, state, releases, recent, certificate, server] = await Promise.all([
      since === undefined ? null : sites.log.since(site, Number(since)),
      sites.log.history(site.id, me(res).id),
      sites.states.of(site),
      sites.releases.of(site.id),
      jobs.recent(site.id),
      certificates.of(site.id),
      site.server ? servers.get(site.server) : undefined,
    ]);
    res.json({
      id: site.id,
      ...(operations ? { operations } : { document: site.document }),
      head: site.head,
      changedAt: site.changedAt,
      history,
      ...state,
      server: server && {
        name: server.name,
        address: server.address,
        httpPort: server.httpPort,
        httpsPort: server.httpsPort,
      },
      temporary: server && temporaryOrigin(site, server),
      origin: server && originOf(site, server),
      domain: site.domain,
      domainSeen: site.domainSeen,
      records:
        site.domain && server && site.domainSeen
          ? planRecords(site.domain, server.address, site.domainSeen.records, config.acme.caaName)
          : null,
      certificate: certificate.find((c) => c.domain === site.domain) ?? null,
      open: site.open,
      publishedAt: site.publishedAt,
      liveRelease: site.liveRelease,
      releases: releases.map(({ manifest, ...r }) => ({ ...r, origin: manifest.origin })),
      jobs: recent,
      checklist: checklist(site.document),
      titles: site.document.pages.map((p) => titleOf(site.document, p)),
    });
  });

  router.post('/sites/:id/operations', async (req, res) => {
    const site = await ownHead(req, res);
    const { operation, ...sending } = body<{ operation: unknown } & Sending>(req, checks.operation);
    res.json(await sites.log.change(site.id, operation, me(res), sending));
  });
  /** What a page that went away had not sent yet, in order. Stops at the first change that is refused. */
  router.post('/sites/:id/operations/left', async (req, res) => {
    const site = await ownHead(req, res);
    const { changes } = body<{ changes: ({ operation: unknown } & Sending)[] }>(req, checks.left);
    let head = site.head;
    for (const { operation, ...sending } of changes)
      ({ head } = await sites.log.change(site.id, operation, me(res), sending));
    res.json({ head });
  });
  /** Who can write: the built-in writer always, an outside service where one is set up. */
  router.get('/writing', (_req, res) => void res.json({ service: writing.service && { name: writing.service.name } }));
  router.post('/sites/:id/rework', async (req, res) => {
    const site = await own(req, res);
    const { by, ...request } = body<ReworkRequest & { by: By }>(req, checks.rework);
    res.json(await writing.rework(site.id, site.document, request, by, goneWith(res)));
  });
  router.get('/sites/:id/choice', async (req, res) => {
    const site = await own(req, res);
    res.json({ choice: await choices.latest(site.id) });
  });
  /** Makes a link by which a client chooses one of these directions. */
  router.post('/sites/:id/choice', async (req, res) => {
    const site = await own(req, res);
    const { directions } = body<{ directions: DirectionRef[] }>(req, checks.choice);
    if (!site.document.pages.length) throw new Problem(409, 'There are no pages to choose a direction for yet');
    res.status(201).json({ choice: await choices.make(site.id, directions) });
  });
  /** Takes the links back by which a client chooses. */
  router.delete('/sites/:id/choice', async (req, res) => {
    const site = await own(req, res);
    await choices.end(site.id);
    res.status(204).end();
  });
  router.post('/sites/:id/write', async (req, res) => {
    const site = await own(req, res);
    const { seed, by } = body<{ seed: number; by: By }>(req, checks.write);
    res.json(await writing.version(site.id, site.document, seed, by, site.open, goneWith(res)));
  });
  for (const kind of ['undo', 'redo'] as const)
    router.post(`/sites/:id/${kind}`, async (req, res) => {
      const { of } = body<{ of?: number }>(req, checks.step);
      const site = await ownHead(req, res);
      const head = await sites.log.step(site.id, kind, me(res), of);
      res.json({ head });
    });

  /** What a page somebody likes looks like: at an address, or saved. */
  router.post('/references', async (req, res) => {
    const asked = body<{ address: string } | { html: string }>(req, checks.reference);
    res.json(await ('html' in asked ? references.read(asked.html) : references.at(asked.address.trim())));
  });
  router.use(picturesApi(parts, own));
  router.use(libraryApi(parts, own));

  /** Begins a job, or gives the open one of its kind. */
  const begin = (kind: JobKind) =>
    router.post(`/sites/:id/${kind}`, async (req, res) => {
      body(req, checks.nothing);
      const site = await own(req, res);
      if (!site.server) throw new Problem(409, 'The site has no server yet', 'Choose one first.');
      if (kind !== 'round' && kind !== 'certificate' && !site.document.pages.length)
        throw new Problem(409, 'There are no pages yet', 'Generate the site from its brief first.');
      res.status(202).json({ job: await jobs.begin(site.id, kind) });
    });
  begin('deploy');
  begin('certificate');
  begin('publish');
  begin('round');
  router.delete('/sites/:id/jobs/:job', async (req, res) => {
    const site = await own(req, res);
    const job = /^[0-9a-f-]{36}$/.test(req.params.job) ? await jobs.get(req.params.job) : undefined;
    if (job?.site !== site.id) throw new Problem(404, 'There is no such job');
    await jobs.cancel(job.id);
    res.status(204).end();
  });

  router.put('/sites/:id/server', async (req, res) => {
    const site = await own(req, res);
    const { server } = body<{ server: string }>(req, checks.server);
    if (!(await servers.get(server))) throw new Problem(404, 'There is no such server');
    if (site.server && site.server !== server && site.liveRelease)
      throw new Problem(409, 'The site is on another server', 'Moving a site between servers is not built yet.');
    await sites.setServer(site.id, server);
    res.json({ server });
  });
  router.post('/sites/:id/share', async (req, res) => {
    const site = await own(req, res);
    const { days } = body<{ days: number }>(req, checks.share);
    const server = site.server ? await servers.get(site.server) : undefined;
    if (!server || !site.liveRelease) throw new Problem(409, 'There is nothing to share yet', 'Deploy the site first.');
    const { token, until } = await server.client.preview(site.id, days);
    res.json({ url: `${temporaryOrigin(site, server)}/?preview=${token}`, until });
  });
  /** Takes every link for review back: none that was given out opens the site any more. */
  router.delete('/sites/:id/share', async (req, res) => {
    const site = await own(req, res);
    const server = site.server ? await servers.get(site.server) : undefined;
    const previewKey = await sites.newPreviewKey(site.id);
    if (server && site.liveRelease) await tellHost({ ...site, previewKey }, server);
    res.status(204).end();
  });
  router.put('/sites/:id/open', async (req, res) => {
    const site = await own(req, res);
    const { open } = body<{ open: boolean }>(req, checks.open);
    const server = site.server ? await servers.get(site.server) : undefined;
    if (!server || !site.liveRelease) throw new Problem(409, 'The site is on no server yet', 'Deploy it first.');
    await tellHost({ ...site, open }, server);
    await sites.setOpen(site.id, open);
    await tell(sites.db, { kind: 'care', site: site.id });
    res.json({ open });
  });
  router.post('/sites/:id/rollback', async (req, res) => {
    const site = await own(req, res);
    const { release } = body<{ release: string }>(req, checks.release);
    if (!site.server || !(await sites.releases.get(site.id, release)))
      throw new Problem(404, 'There is no such release');
    res.status(202).json({ job: await jobs.begin(site.id, 'rollback', { release }) });
  });

  router.put('/sites/:id/domain', async (req, res) => {
    const site = await own(req, res);
    const read = readDomain(body<{ domain: string }>(req, checks.domain).domain);
    if ('error' in read) throw new Problem(422, 'That is no domain', read.error);
    await sites.setDomain(site.id, read.domain);
    const looked = await lookAt(site.id);
    // What stands in our account at the registrar belongs to whoever came for it first.
    if (looked.seen.registration.state === 'ours') await sites.hold(read.domain, me(res).id);
    res.json(looked);
  });
  router.delete('/sites/:id/domain', async (req, res) => {
    const site = await own(req, res);
    if (site.open)
      throw new Problem(409, 'The site is open on its domain', 'Close it before you take the domain away.');
    await sites.setDomain(site.id, null);
    await tell(sites.db, { kind: 'care', site: site.id });
    res.status(204).end();
  });
  /** Asks all name servers about a site’s domain now. */
  async function lookAt(id: string) {
    const site = (await sites.get(id))!;
    const server = site.server ? await servers.get(site.server) : undefined;
    if (!site.domain) throw new Problem(409, 'The site has no domain yet');
    const seen = await lookRound(site.domain, server?.address ?? '0.0.0.0', config, registrar);
    await sites.setDomainSeen(id, seen);
    return { domain: site.domain, seen };
  }
  router.post('/sites/:id/domain/look', async (req, res) => {
    const site = await own(req, res);
    res.json(await lookAt(site.id));
  });
  router.post('/sites/:id/domain/register', async (req, res) => {
    const site = await own(req, res);
    if (!site.domain) throw new Problem(409, 'The site has no domain yet');
    await registrar.register(site.domain);
    await sites.hold(site.domain, me(res).id);
    res.json(await lookAt(site.id));
  });
  router.post('/sites/:id/domain/records', async (req, res) => {
    const site = await own(req, res);
    const server = site.server ? await servers.get(site.server) : undefined;
    if (!site.domain || !server) throw new Problem(409, 'Give the site a server and a domain first');
    await registrar.leadTo(site.domain, server.address);
    res.json(await lookAt(site.id));
  });
  router.post('/sites/:id/way-in', async (req, res) => {
    const site = await own(req, res);
    res.json({ at: new Date().toISOString(), links: await rounds.wayIn(site.id) });
  });

  router.get('/servers', async (_req, res) => {
    const all = await servers.all();
    const rows = await sites.list(me(res).id);
    res.json({
      servers: await Promise.all(
        all.map(async (s) => {
          const health = await s.client.health().catch((error: Error) => error);
          const base = {
            name: s.name,
            address: s.address,
            temporaryBase: s.temporaryBase,
            sites: rows.filter((r) => r.server === s.name).map((r) => ({ id: r.id, name: r.summary.name })),
          };
          return health instanceof Error
            ? { ...base, error: health.message }
            : {
                ...base,
                upSeconds: health.upSeconds,
                database: health.database,
                freeBytes: health.freeBytes,
                totalBytes: health.totalBytes,
              };
        }),
      ),
      at: new Date().toISOString(),
    });
  });
  router.get('/domains', async (_req, res) => {
    const rows = (await sites.list(me(res).id)).filter((r) => r.domain);
    const held = await Promise.all(rows.map((r) => certificates.of(r.id)));
    res.json({
      domains: rows.map((r, n) => ({
        site: r.id,
        name: r.summary.name,
        domain: r.domain,
        seen: r.domainSeen,
        certificate: held[n]!.find((c) => c.domain === r.domain) ?? null,
        open: r.open,
      })),
    });
  });
  router.get('/inbox', async (req, res) => {
    const rows = await sites.list(me(res).id);
    const asked = query<Record<string, string>>(req, checks.inbox);
    const { messages, more } = await inbox.list(me(res).id, {
      ...(asked['words'] && { words: asked['words'] }),
      ...(asked['site'] && { site: asked['site'] }),
      unread: asked['show'] === 'unread',
      aside: asked['show'] === 'aside',
      ...(asked['before'] && asked['id'] && { after: { receivedAt: asked['before'], id: asked['id'] } }),
    });
    res.json({
      more,
      counts: await inbox.counts(me(res).id),
      sites: rows.map((r) => ({ id: r.id, name: r.summary.name })),
      messages: messages.map((m) => ({
        ...m,
        siteName: rows.find((r) => r.id === m.site)?.summary.name,
      })),
    });
  });
  /** Erases all that was put aside as a flood. */
  router.delete('/inbox/aside', async (_req, res) => void res.json({ erased: await inbox.eraseAside(me(res).id) }));
  router.delete('/inbox/:message', async (req, res) => {
    if (!/^[0-9a-f-]{36}$/.test(req.params.message)) throw new Problem(404, 'There is no such message');
    await inbox.erase(me(res).id, req.params.message);
    res.status(204).end();
  });
  router.put('/inbox/:message', async (req, res) => {
    const { read } = body<{ read: boolean }>(req, checks.read);
    if (!/^[0-9a-f-]{36}$/.test(req.params.message) || !(await inbox.mark(me(res).id, req.params.message, read)))
      throw new Problem(404, 'There is no such message');
    res.status(204).end();
  });
  router.get('/rounds', async (_req, res) => {
    const rows = await sites.list(me(res).id);
    const name = (id: string) => rows.find((r) => r.id === id)?.summary.name ?? id;
    res.json({
      rounds: (await rounds.last(me(res).id)).map((r) => ({ ...r, name: name(r.site) })),
      findings: (await rounds.findings(me(res).id)).map((f) => ({ ...f, name: name(f.site) })),
      walked: rows.filter((r) => r.liveRelease).length,
    });
  });
  router.post('/rounds', async (_req, res) => {
    const rows = (await sites.list(me(res).id)).filter((r) => r.liveRelease);
    const begun = await Promise.all(rows.map((r) => jobs.begin(r.id, 'round')));
    res.status(202).json({ jobs: begun.length });
  });

  router.use(() => {
    throw new Problem(404, 'There is no such call');
  });
  return router;
}

/** What a host or a job says no with, as the problem the interface shows. */
export function asProblem(error: unknown): unknown {
  if (error instanceof HostRefused) return new Problem(409, 'The server refuses', error.message);
  if (error instanceof JobLater) return new Problem(502, 'Not now', error.message);
  if (error instanceof JobRefused) return new Problem(409, 'That cannot be done yet', error.message);
  return error;
}
