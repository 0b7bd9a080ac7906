import { createHash } from 'node:crypto';
import type { TLSSocket } from 'node:tls';
import { statfs } from 'node:fs/promises';
import { pipeline } from 'node:stream/promises';
import { ANSWERS, type LogQuery } from '@tin-porch/core/care';
import { checkOf, faultsIn, type Check } from '@tin-porch/core/check';
import express, { type Express, type NextFunction, type Request, type Response } from 'express';
import {
  backUp,
  erasedAfter,
  eraseMessages,
  missingMessages,
  putBackMessages,
  handedOverLetter,
  handOver,
  invitationLetter,
  OF_PEOPLE,
  keepDocument,
  messagesAfter,
  NEWEST,
  ROLES,
  type DeskRole,
  type HandOver,
} from '@tin-porch/cms';
import { Problem, problemFrom } from '@tin-porch/core/ground';
import { letters } from '@tin-porch/mail';
import type { SiteDocument } from '@tin-porch/core/model';
import { validateDocument } from '@tin-porch/core/validate';
import { Backups } from './backups/backups.js';
import { ResticError, type Place } from '@tin-porch/press/keeping';
import { lookAtAll, rootsWith, type Looked } from '@tin-porch/press/looking';
import { HASH } from './blobs.js';
import type { Nginx } from './front/nginx.js';
import { Luggage } from './moving/luggage.js';
import type { MovedTo } from './moving/moves.js';
import { previewToken } from './preview.js';
import type { Door } from './door.js';
import type { Measures } from './measuring/measures.js';
import { Room } from './measuring/room.js';
import { forgetVersions, versions } from './measuring/versions.js';
import type { Programs } from './programs/programs.js';
import type { AskedTry } from './program-trial.js';
import type { HostParts } from './public.js';
import { removeSite } from './removal.js';
import { NameTaken, type Site, type SiteSettings } from './sites.js';
import { NotProven } from './whole-site.js';

const closed = { type: 'object', additionalProperties: false } as const;
const name = { type: 'string', minLength: 1, maxLength: 120 };
const domain = { type: 'string', maxLength: 253, pattern: '^[a-z0-9-]+(\\.[a-z0-9-]+)+$' };
const id = { type: 'string', pattern: '^[a-z0-9][a-z0-9-]{0,63}$' };
const mail = { type: 'string', maxLength: 254, pattern: '^[^\\s@<>]+@[^\\s@<>]+\\.[^\\s@<>]+$' };
const personName = { type: 'string', minLength: 1, maxLength: 80 };
const uuid = { type: 'string', pattern: '^[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}$' };
/** An address of the Internet Protocol, of its fourth version as a server has one here. */
const address = { type: 'string', pattern: '^\\d{1,3}(?:\\.\\d{1,3}){3}$' };
const deskOrigin = { type: 'string', pattern: '^https?://[a-z0-9.:-]+$' };
const place = {
  ...closed,
  required: ['repository', 'password'],
  properties: {
    repository: { type: 'string', maxLength: 500, pattern: '^rest:https?://[^\\s]+$' },
    password: { type: 'string', minLength: 20, maxLength: 200 },
  },
};
/** What a designer gives somebody to do: a site is handed over, not given by a role. */
const GIVEN = ROLES.filter((r) => r !== 'owner');
const checks = {
  looks: checkOf({
    ...closed,
    required: ['looks'],
    properties: {
      looks: {
        type: 'array',
        maxItems: 2000,
        items: {
          ...closed,
          required: ['host', 'address', 'port'],
          properties: { host: domain, address, port: { type: 'integer', minimum: 1, maximum: 65535 } },
        },
      },
    },
  }),
  settings: checkOf({
    ...closed,
    required: ['name', 'temporary', 'domain', 'open', 'previewKey'],
    properties: {
      name: { type: 'string', minLength: 1, maxLength: 200 },
      temporary: { type: 'string', pattern: '^[a-z0-9]([a-z0-9-]{0,61}[a-z0-9])?$' },
      domain: { anyOf: [domain, { type: 'null' }] },
      open: { type: 'boolean' },
      previewKey: { type: 'string', pattern: '^[0-9a-f]{64}$' },
      sender: {
        anyOf: [
          { type: 'string', maxLength: 254, pattern: '^[a-z0-9._%+-]+@[a-z0-9-]+(\\.[a-z0-9-]+)+$' },
          { type: 'null' },
        ],
      },
      staging: { type: 'boolean' },
      holding: {
        ...closed,
        required: ['opens', 'words'],
        properties: {
          opens: { anyOf: [{ type: 'string', pattern: '^\\d{4}-\\d\\d-\\d\\d$' }, { type: 'null' }] },
          words: { type: 'string', maxLength: 400 },
        },
      },
      previews: {
        type: 'array',
        maxItems: 100,
        items: {
          ...closed,
          required: ['token', 'until', 'lock'],
          properties: {
            token: { type: 'string', pattern: '^[\\w-]{22}$' },
            until: { type: 'string', pattern: '^\\d{4}-\\d\\d-\\d\\dT\\d\\d:\\d\\d:\\d\\d\\.\\d{3}Z$' },
            lock: {
              anyOf: [{ type: 'string', maxLength: 200, pattern: '^scrypt(?:\\$[\\w-]+){5}$' }, { type: 'null' }],
            },
          },
        },
      },
    },
  }),
  hashes: checkOf({
    ...closed,
    required: ['hashes'],
    properties: { hashes: { type: 'array', maxItems: 20000, items: { type: 'string', pattern: HASH.source } } },
  }),
  release: checkOf({
    ...closed,
    required: ['manifest', 'document'],
    properties: {
      document: { type: 'string', maxLength: 40_000_000 },
      manifest: {
        ...closed,
        required: ['files', 'document', 'origin', 'engine'],
        properties: {
          document: { type: 'string', pattern: HASH.source },
          origin: { type: 'string', pattern: '^https?://[a-z0-9.:-]+$' },
          engine: { type: 'integer' },
          at: { type: 'string', pattern: '^\\d{4}-\\d{2}-\\d{2}T\\d{2}:\\d{2}Z$' },
          files: {
            type: 'object',
            propertyNames: { pattern: '^(/[A-Za-z0-9_-][A-Za-z0-9_.-]*)+$', maxLength: 300 },
            additionalProperties: {
              ...closed,
              required: ['hash', 'size', 'type'],
              properties: {
                hash: { type: 'string', pattern: HASH.source },
                size: { type: 'integer', minimum: 0 },
                type: { type: 'string', pattern: '^[a-z]+/[a-z0-9.+-]+(; charset=utf-8)?$' },
              },
            },
          },
        },
      },
    },
  }),
  current: checkOf({
    ...closed,
    required: ['release', 'knows'],
    properties: { release: id, knows: { type: 'integer', minimum: 0 } },
  }),
  drawn: checkOf({ ...closed, required: ['release', 'over'], properties: { release: id, over: id } }),
  person: checkOf({
    ...closed,
    required: ['name', 'mail', 'role', 'by', 'origin'],
    properties: {
      name: personName,
      mail,
      role: { enum: GIVEN },
      by: name,
      origin: deskOrigin,
    },
  }),
  role: checkOf({ ...closed, required: ['role', 'by'], properties: { role: { enum: GIVEN }, by: name } }),
  by: checkOf({ ...closed, required: ['by'], properties: { by: name } }),
  handOver: checkOf({
    ...closed,
    required: ['id', 'to', 'by', 'unlock', 'origin'],
    properties: {
      id: uuid,
      to: {
        anyOf: [
          { ...closed, required: ['person'], properties: { person: uuid } },
          { ...closed, required: ['name', 'mail'], properties: { name: personName, mail } },
        ],
      },
      by: name,
      unlock: { type: 'boolean' },
      origin: deskOrigin,
    },
  }),
  goTo: checkOf({
    ...closed,
    required: ['by', 'as'],
    properties: { by: name, as: { enum: [...GIVEN, null] } },
  }),
  answer: checkOf({ ...closed, required: ['answer'], properties: { answer: { type: 'string', maxLength: 500 } } }),
  preview: checkOf({
    ...closed,
    required: ['days'],
    properties: { days: { type: 'integer', minimum: 1, maximum: 90 } },
  }),
  erase: checkOf({
    anyOf: [
      {
        ...closed,
        required: ['ids'],
        properties: {
          ids: { type: 'array', maxItems: 1000, items: { type: 'string', pattern: '^[0-9a-f-]{36}$' } },
        },
      },
      { ...closed, required: ['aside'], properties: { aside: { const: true } } },
    ],
  }),
  pairing: checkOf({
    ...closed,
    required: ['proof'],
    properties: { proof: { type: 'string', pattern: '^[0-9a-f]{64}$' } },
  }),
  nextPairing: checkOf({
    ...closed,
    required: ['certificate'],
    properties: { certificate: { type: 'string', maxLength: 4000 } },
  }),
  place: checkOf({ ...closed, required: ['place'], properties: { place } }),
  nextPassword: checkOf({
    ...closed,
    required: ['place', 'next'],
    properties: { place, next: { type: 'string', minLength: 20, maxLength: 200 } },
  }),
  putBack: checkOf({
    ...closed,
    required: ['place', 'ids'],
    properties: {
      place,
      ids: { type: 'array', minItems: 1, maxItems: 1000, items: { type: 'string', pattern: '^[0-9a-f-]{36}$' } },
    },
  }),
  bringUp: checkOf({
    ...closed,
    required: ['place', 'after'],
    properties: { place, after: { type: 'integer', minimum: 0 } },
  }),
  keep: checkOf({
    ...closed,
    required: ['place', 'gone'],
    properties: { place, gone: { type: 'array', maxItems: 10_000, items: id } },
  }),
  moved: checkOf({
    ...closed,
    required: ['token', 'to'],
    properties: {
      token: { type: 'string', pattern: '^(?:[0-9a-f]{32})?$' },
      to: {
        ...closed,
        required: ['address', 'httpPort', 'httpsPort', 'temporary'],
        properties: {
          address,
          httpPort: { type: 'integer', minimum: 1, maximum: 65535 },
          httpsPort: { type: 'integer', minimum: 1, maximum: 65535 },
          temporary: deskOrigin,
        },
      },
    },
  }),
  friends: checkOf({
    ...closed,
    required: ['addresses'],
    properties: { addresses: { type: 'array', maxItems: 200, items: address } },
  }),
  search: checkOf({
    ...closed,
    required: ['sites', 'text', 'answers', 'before', 'most'],
    properties: {
      sites: { type: 'array', maxItems: 2000, items: id },
      text: { type: 'string', maxLength: 200 },
      answers: { enum: Object.keys(ANSWERS) },
      before: {
        anyOf: [{ type: 'string', pattern: '^\\d{4}-\\d\\d-\\d\\dT\\d\\d:\\d\\d:\\d\\d\\.000Z$' }, { type: 'null' }],
      },
      most: { type: 'integer', minimum: 1, maximum: 500 },
    },
  }),
  tries: checkOf({
    ...closed,
    required: ['sites'],
    properties: {
      sites: {
        type: 'array',
        minItems: 1,
        maxItems: 50,
        items: {
          ...closed,
          required: ['site', 'snapshot', 'place'],
          properties: { site: id, snapshot: { type: 'string', pattern: '^[0-9a-f]{8,64}$' }, place },
        },
      },
    },
  }),
  challenge: checkOf({
    ...closed,
    required: ['answer'],
    properties: { answer: { type: 'string', pattern: '^[\\w-]{1,200}\\.[\\w-]{1,200}$' } },
  }),
  certificate: checkOf({
    ...closed,
    required: ['key', 'chain'],
    properties: { key: { type: 'string', maxLength: 20000 }, chain: { type: 'string', maxLength: 100000 } },
  }),
};
/** How long logs may be looked through for one question, ms: no other is begun after that. */
const SEARCH_MS = 4000;
const isId = checkOf(id);
const isDomain = checkOf(domain);
const isUuid = checkOf({ type: 'string', pattern: '^[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}$' });

/** What a database that does not answer is told as. */
function noDatabase(error: unknown): never {
  const { code = '', message = '' } = error as { code?: string; message?: string };
  if (!/^(?:ECONN|57P|08)/.test(code) && !/timeout|Connection terminated/i.test(message)) throw error;
  throw new Problem(503, 'The database of this server does not answer', (error as Error).message);
}
/** What is said where another site has the name; whatever else it is, as it is. */
const nameTaken = (error: unknown): unknown =>
  error instanceof NameTaken
    ? new Problem(409, 'The name is taken', `${error.taken} belongs to another site on this server.`)
    : error;
/** @throws Problem 400 */
function dayOf(req: Request): string {
  const day = String(req.params['day']);
  if (!/^\d{4}-\d\d-\d\d$/.test(day)) throw new Problem(400, 'That is not a day');
  return day;
}
/** “after”, the number of the last that is known. @throws Problem 400 */
function wholeNumber(said: unknown): number {
  const after = Number(said ?? 0);
  if (!Number.isSafeInteger(after) || after < 0) throw new Problem(400, '“after” is a whole number');
  return after;
}

function body<T>(req: Request, check: Check): T {
  if (!check(req.body)) throw new Problem(400, 'The request is not valid', faultsIn(check.errors, 'body'));
  return req.body as T;
}

/** Messages of a backup that are told of at once. */
const MOST_MISSING = 200;

/** The id a backup is asked for by: the site itself may be here no more. @throws Problem 400 */
function backedUp(req: Request): string {
  const asked: unknown = req.params['id'];
  if (!isId(asked)) throw new Problem(400, 'That is not the id of a site');
  return asked as string;
}
/** @throws Problem 400 */
function snapshotOf(req: Request): string {
  const asked = String(req.params['snapshot']);
  if (!/^[0-9a-f]{8,64}$/.test(asked)) throw new Problem(400, 'That is not the id of a backup');
  return asked;
}

/** How the agent is begun anew. */
export interface Anew {
  /** Begins it again; left out where nobody would. */
  again?: () => void;
  /** Its versions; left out where it was begun in the only one there is. */
  programs?: Programs | null;
}

/** The API through which Tin Porch looks after the sites of this server. Nobody else is let in. */
export function controlApp(
  parts: HostParts,
  door: Door,
  nginx: Pick<Nginx, 'befriend' | 'renew'>,
  measures: Measures,
  { again, programs }: Anew,
): Express {
  const room = new Room(parts);
  const roots = rootsWith(parts.config.trust ?? []);
  const { config, sites, blobs, databases, certificates, logs, challenges, desks, mailKeys, moves } = parts;
  const app = express();
  app.disable('x-powered-by');
  app.post('/v1/pairing', express.json({ limit: '1kb' }), async (req, res) => {
    res.json({ proof: await door.pair(req.socket as TLSSocket, body<{ proof: string }>(req, checks.pairing).proof) });
  });
  // Said by whoever has the keys that were made ready, and is not let in with them before.
  app.post('/v1/pairing/next/taken', async (req, res) => {
    await door.take(req.socket as TLSSocket);
    res.status(204).end();
  });
  app.use((req, _res, next) => {
    door.letIn(req.socket as TLSSocket);
    next();
  });
  app.put('/v1/pairing/next', express.json({ limit: '8kb' }), async (req, res) => {
    res.json({
      certificate: await door.prepare(body<{ certificate: string }>(req, checks.nextPairing).certificate),
    });
  });
  // A site with ten thousand items is some megabytes of words.
  const json = express.json({ limit: '64mb' });
  const siteOf = (req: Request): Site => {
    const site = sites.get(String(req.params['id']));
    if (!site) throw new Problem(404, 'There is no such site on this server');
    return site;
  };
  const backups = new Backups(parts);
  /** What of a backup place cannot be done, as whoever asked is told. */
  const atPlace = (error: unknown): never => {
    if (error instanceof ResticError) throw new Problem(503, 'The backup place cannot be used', error.message);
    if (error instanceof NotProven) throw new Problem(422, 'The backup is not what it should be', error.message);
    return noDatabase(error);
  };
  const luggage = new Luggage(parts);
  // What is not only looked at stays as it is while a site moves, and after it has.
  app.use('/v1/sites/:id', (req, _res, next) => {
    if (!['GET', 'HEAD'].includes(req.method) && !/^\/(?:moving|luggage|$)/.test(req.path)) moves.stays(req.params.id);
    next();
  });
  const show = (site: Site) => ({
    ...site.settings,
    previewKey: undefined,
    previews: undefined,
    pointer: site.pointer,
    damage: site.damage,
    engine: site.live?.manifest.engine ?? null,
    moved: moves.to(site.settings.id)
      ? { to: moves.to(site.settings.id)!.address, ...moves.ledSoFar(site.settings.id) }
      : null,
  });

  app.get('/v1/health', async (_req, res) => {
    const disk = await statfs(config.data);
    res.json({
      name: config.name,
      address: config.address,
      upSeconds: Math.round(process.uptime()),
      process: process.pid,
      database: await databases.answers(),
      freeBytes: disk.bavail * disk.bsize,
      totalBytes: disk.blocks * disk.bsize,
      sites: sites.all().map(show),
      unreadable: Object.fromEntries(sites.unreadable),
    });
  });

  app.get('/v1/measures', async (_req, res) => {
    res.json({ now: await measures.now(), room: room.now() });
  });
  app.get('/v1/versions', async (_req, res) => {
    res.json(
      await versions(programs?.running ?? null).catch((error: Error) => {
        throw new Problem(503, 'The system does not say what it is made of', error.message.split('\n')[0]!);
      }),
    );
  });
  app.post('/v1/logs/search', json, async (req, res) => {
    const { sites: ids, most, ...query } = body<LogQuery & { sites: string[]; most: number }>(req, checks.search);
    const deadline = Date.now() + SEARCH_MS;
    const all = [];
    // One after the other: the disk is the visitors’.
    for (const site of ids.filter((one) => sites.get(one)))
      all.push({ site, ...(await logs.search(site, query, most, deadline)) });
    res.json({ sites: all });
  });
  app.get('/v1/troubles', async (_req, res) => {
    res.json({
      troubles: (await measures.wrong()).map((t) => ({ ...t, site: sites.find(t.host)?.site.settings.id ?? null })),
    });
  });

  // What Tin Porch cannot see from where it is: how sites of other servers look from here.
  app.post('/v1/looks', json, async (req, res) => {
    const { looks } = body<{ looks: Looked[] }>(req, checks.looks);
    res.json({ looks: await lookAtAll(looks, roots) });
  });

  app.put('/v1/sites/:id', json, async (req, res) => {
    const siteId = req.params['id'];
    if (!isId(siteId)) throw new Problem(400, 'That is not the id of a site');
    const settings: SiteSettings = { id: siteId as string, ...body<Omit<SiteSettings, 'id'>>(req, checks.settings) };
    if (await sites.settingsOfLeaving(settings.id))
      throw new Problem(409, 'The site is being removed', 'What is left of it goes as soon as the database answers.');
    try {
      await databases.setUp(settings.id);
    } catch (error) {
      throw new Problem(503, 'The database of this server does not answer', (error as Error).message);
    }
    try {
      res.json(show(await sites.put(settings)));
      await parts.previews.keepOnly(settings);
    } catch (error) {
      throw nameTaken(error);
    }
  });
  app.delete('/v1/sites/:id', async (req, res) => {
    const siteId = req.params['id'];
    if (!isId(siteId)) throw new Problem(400, 'That is not the id of a site');
    await removeSite(parts, siteId as string).catch(noDatabase);
    res.status(204).end();
  });
  /** Paths of the live release whose bytes are not what they should be. */
  app.get('/v1/sites/:id/damage', async (req, res) => {
    const site = siteOf(req);
    const files = Object.entries(site.live?.manifest.files ?? {});
    const bad = new Set(await blobs.missing(files.map(([, f]) => f.hash)));
    const { domain } = site.settings;
    res.json({
      damaged: [
        ...site.damage,
        ...(domain && certificates.unreadable.has(domain) ? [`the certificate of ${domain}`] : []),
        ...files.filter(([, f]) => bad.has(f.hash)).map(([path]) => path),
      ],
    });
  });
  app.get('/v1/sites/:id', (req, res) => void res.json(show(siteOf(req))));

  app.post(
    '/v1/missing',
    json,
    async (req, res) =>
      void res.json({ missing: await blobs.missing(body<{ hashes: string[] }>(req, checks.hashes).hashes) }),
  );
  app.put('/v1/blobs/:hash', async (req, res) => {
    if (!HASH.test(req.params['hash'])) throw new Problem(400, 'That is not a SHA-256 in hex');
    await blobs.put(req.params['hash'], req);
    res.status(204).end();
  });

  app.get('/v1/blobs/:hash', async (req, res) => {
    const bytes = HASH.test(req.params['hash']) ? await blobs.read(req.params['hash']) : undefined;
    if (!bytes) throw new Problem(404, 'There is no such file');
    res.type('application/octet-stream').send(bytes);
  });

  app.put('/v1/sites/:id/releases/:release', json, async (req, res) => {
    const site = siteOf(req);
    const release = req.params['release']!;
    if (!isId(release)) throw new Problem(400, 'That is not the id of a release');
    const { manifest, document: text } = body<{ manifest: never; document: string }>(req, checks.release);
    const { files, document: hash } = manifest as { files: Record<string, { hash: string }>; document: string };
    if (createHash('sha256').update(text).digest('hex') !== hash)
      throw new Problem(422, 'The document does not match its hash');
    let document: SiteDocument;
    try {
      document = JSON.parse(text) as SiteDocument;
    } catch {
      throw new Problem(422, 'The document is not JSON');
    }
    const misfits = validateDocument(document);
    if (misfits.length)
      throw new Problem(422, 'The document does not fit its schema', `${misfits[0]!.pointer} ${misfits[0]!.message}`);
    const missing = await blobs.missing(Object.values(files).map((f) => f.hash));
    if (missing.length)
      throw new Problem(409, 'Some files have not arrived', `${missing.length} are missing.`, { missing });
    await keepDocument(await databases.pool(site.settings.id), release, document).catch((error: Error) => {
      throw new Problem(503, 'The database of this server does not answer', error.message);
    });
    await sites.keepRelease(site.settings.id, { id: release, manifest, document });
    res.status(204).end();
  });

  app.post('/v1/sites/:id/current', json, async (req, res) => {
    const site = siteOf(req);
    const { release: id, knows } = body<{ release: string; knows: number }>(req, checks.current);
    const release = await sites.release(site.settings.id, id);
    if (!release) throw new Problem(404, 'There is no such release');
    const missing = await blobs.missing(Object.values(release.manifest.files).map((f) => f.hash));
    if (missing.length) throw new Problem(409, 'Some files of that release are gone', '', { missing });
    const put = () => sites.switchTo(site, release, new Date().toISOString());
    // What its people changed since the designer looked is not to be lost.
    if (await databases.has(site.settings.id))
      await (await desks.content(site)).take(release.id, release.document, knows, put).catch(noDatabase);
    else await put();
    res.json(show(site));
  });

  /** Serves the same document as another version of the renderer drew it, in place of what was looked at (`over`). */
  app.post('/v1/sites/:id/drawn', json, async (req, res) => {
    const site = siteOf(req);
    const { release: wanted, over } = body<{ release: string; over: string }>(req, checks.drawn);
    const release = await sites.release(site.settings.id, wanted);
    if (!release) throw new Problem(404, 'There is no such release');
    const missing = await blobs.missing(Object.values(release.manifest.files).map((f) => f.hash));
    if (missing.length) throw new Problem(409, 'Some files of that release are gone', '', { missing });
    const put = () => {
      const { live, pointer } = site;
      if (pointer?.release !== over || !live)
        throw new Problem(409, 'The site was changed meanwhile', 'What was drawn is of what was served before.');
      if (JSON.stringify(release.document) !== JSON.stringify(live.document))
        throw new Problem(409, 'That is another document', 'It is not the one that is served.');
      return sites.switchTo(site, release, new Date().toISOString(), pointer.of ?? pointer.release);
    };
    if (await databases.has(site.settings.id)) await (await desks.content(site)).exchange(put).catch(noDatabase);
    else await put();
    res.json(show(site));
  });

  /** What is served now: the manifest, and the document it was drawn from. */
  app.get('/v1/sites/:id/current', (req, res) => {
    const { live, pointer } = siteOf(req);
    if (!live) throw new Problem(404, 'The site is not there yet');
    res.json({ release: live.id, of: pointer?.of ?? live.id, manifest: live.manifest, document: live.document });
  });

  /** The document that visitors see, with what the people of the site changed since it was sent. */
  app.get('/v1/sites/:id/document', (req, res) => {
    const { live } = siteOf(req);
    if (!live) throw new Problem(404, 'The site is not there yet');
    res.json(live.document);
  });
  /** What is kept of people in the site’s database, for whoever takes the site elsewhere. */
  app.get('/v1/sites/:id/kept', async (req, res) => {
    const { settings } = siteOf(req);
    if (!(await databases.has(settings.id))) throw new Problem(404, 'The site has no database yet');
    res.type('application/gzip');
    await pipeline(backUp(await databases.pool(settings.id), OF_PEOPLE), res).catch(noDatabase);
  });

  /** What letters of the site are sent with, for the records of its domain. */
  app.get('/v1/sites/:id/mail', async (req, res) => {
    const { id, sender = null } = siteOf(req).settings;
    if (!config.mail) throw new Problem(404, 'No letters go out from this server');
    res.json(await mailKeys.sender(id, config.name, config.mail, sender));
  });

  app.get('/v1/sites/:id/steps', async (req, res) => {
    const site = siteOf(req);
    const after = wholeNumber(req.query['after']);
    if (!(await databases.has(site.settings.id))) return void res.json({ steps: [], proposals: [] });
    const [content, proposals] = [await desks.content(site), await desks.proposals(site)];
    res.json({ steps: await content.steps(after), proposals: await proposals.waiting() });
  });
  app.put('/v1/sites/:id/proposals/:proposal', json, async (req, res) => {
    if (!isUuid(req.params['proposal'])) throw new Problem(404, 'There is no such proposal');
    const proposals = await desks.proposals(siteOf(req));
    await proposals.answer(req.params['proposal'] as string, body<{ answer: string }>(req, checks.answer).answer);
    res.status(204).end();
  });
  app.get('/v1/sites/:id/desk', async (req, res) => {
    const site = siteOf(req);
    if (!(await databases.has(site.settings.id)))
      return void res.json({ people: [], log: [], letters: [], mail: parts.post !== null });
    const people = await desks.people(site);
    const db = await databases.pool(site.settings.id);
    res.json({
      people: await people.list(),
      log: await people.log(),
      letters: await letters(db, 12),
      mail: parts.post !== null,
    });
  });
  app.post('/v1/sites/:id/people', json, async (req, res) => {
    const { by, origin, ...who } = body<{ name: string; mail: string; role: DeskRole; by: string; origin: string }>(
      req,
      checks.person,
    );
    const site = siteOf(req);
    const document = site.live?.document;
    // They are written to where letters go out from here; the link is told in any case.
    const write =
      parts.post && document
        ? (to: { name: string; mail: string }, token: string) => invitationLetter(document, to, origin, token)
        : undefined;
    const made = await (await desks.people(site)).invite(who, by, write);
    parts.post?.wake(site.settings.id);
    res.status(201).json({ ...made, written: write !== undefined });
  });
  const personOf = (req: Request): string => {
    if (!isUuid(req.params['person'])) throw new Problem(404, 'There is no such person');
    return req.params['person'] as string;
  };
  app.put('/v1/sites/:id/people/:person', json, async (req, res) => {
    const { role, by } = body<{ role: DeskRole; by: string }>(req, checks.role);
    await (await desks.people(siteOf(req))).setRole(personOf(req), role, { name: by, owner: false });
    res.status(204).end();
  });
  app.delete('/v1/sites/:id/people/:person', json, async (req, res) => {
    const { by } = body<{ by: string }>(req, checks.by);
    await (await desks.people(siteOf(req))).remove(personOf(req), { name: by, owner: false });
    res.status(204).end();
  });
  app.post('/v1/sites/:id/people/:person/link', json, async (req, res) => {
    const { by } = body<{ by: string }>(req, checks.by);
    res.status(201).json({ token: await (await desks.people(siteOf(req))).linkAgain(personOf(req), by) });
  });
  /** Makes the site somebody’s own. What is left to them by it is before visitors once this is answered, or soon after. */
  app.post('/v1/sites/:id/handover', json, async (req, res) => {
    const { origin, ...wanted } = body<HandOver & { origin: string }>(req, checks.handOver);
    const site = siteOf(req);
    const document = site.live?.document;
    if (!document) throw new Problem(409, 'The site is not there yet');
    const write = parts.post
      ? (to: { name: string; mail: string }, token: string | null) => handedOverLetter(document, to, origin, token)
      : undefined;
    const content = await desks.content(site);
    const { token, changed } = await handOver(await databases.pool(site.settings.id), content, wanted, write);
    parts.post?.wake(site.settings.id);
    if (changed) {
      await content.serve().catch(() => undefined);
      desks.mark(site.settings.id);
    }
    res.status(201).json({ token, written: write !== undefined });
  });
  app.post('/v1/sites/:id/desk', json, async (req, res) => {
    const { by, as } = body<{ by: string; as: DeskRole | null }>(req, checks.goTo);
    res.status(201).json({ token: await (await desks.people(siteOf(req))).designerLink(by, as) });
  });

  app.put('/v1/challenges/:token', json, (req, res) => {
    if (!/^[\w-]{16,200}$/.test(req.params['token']!)) throw new Problem(400, 'That is not a challenge token');
    challenges.set(req.params['token']!, body<{ answer: string }>(req, checks.challenge).answer);
    res.status(204).end();
  });
  app.delete('/v1/challenges/:token', (req, res) => {
    challenges.delete(req.params['token']!);
    res.status(204).end();
  });
  app.put('/v1/certificates/:domain', json, async (req, res) => {
    if (!isDomain(req.params['domain'])) throw new Problem(400, 'That is not a domain');
    const { key, chain } = body<{ key: string; chain: string }>(req, checks.certificate);
    // One that comes while the site is carried over would stay behind.
    const found = sites.find(req.params['domain'] as string);
    if (found) moves.stays(found.site.settings.id);
    res.json(await certificates.put(req.params['domain'] as string, key, chain));
  });

  app.get('/v1/sites/:id/messages', async (req, res) => {
    const site = siteOf(req);
    const after = wholeNumber(req.query['after']);
    const db = await databases.pool(site.settings.id);
    const erased = await erasedAfter(db, wholeNumber(req.query['erased']));
    res.json({ messages: await messagesAfter(db, after), erased });
  });

  // A mark for a message that tries the way, and whether letters that tell of messages would go out.
  app.post('/v1/sites/:id/tries', async (req, res) => {
    const { settings } = siteOf(req);
    res.json({ mark: parts.tries.give(settings.id), mail: (await parts.post?.fault()) ?? null });
  });

  app.delete('/v1/sites/:id/messages', json, async (req, res) => {
    const site = siteOf(req);
    const which = body<{ ids: string[] } | { aside: true }>(req, checks.erase);
    res.json({ erased: await eraseMessages(await databases.pool(site.settings.id), which) });
  });

  app.post('/v1/sites/:id/backups', json, async (req, res) => {
    const { place } = body<{ place: Place }>(req, checks.place);
    res.json(await backups.backUp(siteOf(req), place).catch(atPlace));
  });
  app.post('/v1/sites/:id/backups/:snapshot/try', json, async (req, res) => {
    const { place } = body<{ place: Place }>(req, checks.place);
    res.json(await backups.prove(backedUp(req), place, snapshotOf(req)).catch(atPlace));
  });
  app.post('/v1/sites/:id/backups/:snapshot/document', json, async (req, res) => {
    const { place } = body<{ place: Place }>(req, checks.place);
    const document = await backups.document(backedUp(req), place, snapshotOf(req)).catch(atPlace);
    if (!document) throw new Problem(404, 'The site was not live then');
    res.json(document);
  });
  // Those that are not there any more, the newest first.
  app.post('/v1/sites/:id/backups/:snapshot/messages', json, async (req, res) => {
    const { place } = body<{ place: Place }>(req, checks.place);
    const site = siteOf(req);
    const { id } = site.settings;
    const all = (await backups.messages(id, place, snapshotOf(req)).catch(atPlace)).reverse();
    const db = await databases.pool(id);
    const missing = await missingMessages(
      db,
      all.map(({ message, answers }) => ({
        id: String(message['id']),
        form: String(message['form']),
        fields: message['fields'],
        receivedAt: new Date(String(message['received_at'])).toISOString(),
        aside: message['aside'] === true,
        answers: answers.length,
      })),
    );
    res.json({ all: all.length, missing: missing.length, messages: missing.slice(0, MOST_MISSING) });
  });
  app.post('/v1/sites/:id/backups/:snapshot/messages/back', json, async (req, res) => {
    const { place, ids } = body<{ place: Place; ids: string[] }>(req, checks.putBack);
    const site = siteOf(req);
    const { id } = site.settings;
    moves.stays(id);
    const wanted = new Set(ids);
    const all = await backups.messages(id, place, snapshotOf(req)).catch(atPlace);
    const back = all.filter(({ message }) => wanted.has(String(message['id'])));
    if (back.length < wanted.size) throw new Problem(404, 'That message is not in that backup');
    const count = await putBackMessages(await databases.pool(id), back);
    // They are fetched as new ones are.
    parts.marks.set(id, Date.now() + Math.random());
    res.json({ back: count });
  });
  app.post('/v1/sites/:id/backups/:snapshot/live', json, async (req, res) => {
    const { place, after } = body<{ place: Place; after: number }>(req, checks.bringUp);
    res.json(
      await backups.bringUp(backedUp(req), place, snapshotOf(req), after).catch((error: unknown) => {
        const told = nameTaken(error);
        if (told instanceof Problem) throw told;
        return atPlace(told);
      }),
    );
  });
  // A place opens with both for a while: then what it opened with before is taken away.
  app.post('/v1/backups/password', json, async (req, res) => {
    const { place, next } = body<{ place: Place; next: string }>(req, checks.nextPassword);
    res.json({ there: await backups.addPassword(place, next).catch(atPlace) });
  });
  app.post('/v1/backups/password/alone', json, async (req, res) => {
    const { place } = body<{ place: Place }>(req, checks.place);
    await backups.leavePassword(place).catch(atPlace);
    res.status(204).end();
  });
  app.post('/v1/backups', json, async (req, res) => {
    const { place, gone } = body<{ place: Place; gone: string[] }>(req, checks.keep);
    await backups.keep(place, gone).catch(atPlace);
    res.json({ kept: await backups.all(place).catch(atPlace) });
  });

  app.get('/v1/sites/:id/files', async (req, res) => {
    res.json(await luggage.files(siteOf(req)).catch(noDatabase));
  });
  app.get('/v1/sites/:id/logs', async (req, res) => {
    res.json({ days: await logs.days(siteOf(req).settings.id) });
  });
  app.get('/v1/sites/:id/logs/:day', async (req, res) => {
    const text = await logs.ofDay(siteOf(req).settings.id, dayOf(req));
    if (text === null) throw new Problem(404, 'There is no log of that day');
    res.type('text/plain').send(text);
  });
  app.post('/v1/sites/:id/moving', async (req, res) => {
    res.status(201).json({ token: await moves.hold(siteOf(req).settings.id) });
  });
  app.delete('/v1/sites/:id/moving', (req, res) => {
    moves.letGo(siteOf(req).settings.id);
    res.status(204).end();
  });
  app.put('/v1/sites/:id/moving', json, async (req, res) => {
    const site = siteOf(req);
    const { token, to } = body<{ token: string; to: MovedTo }>(req, checks.moved);
    await moves.leave(site.settings.id, token, to);
    await sites.showAgain(site);
    res.status(204).end();
  });
  app.get('/v1/sites/:id/luggage', async (req, res) => {
    const site = siteOf(req);
    moves.isHeldBy(site.settings.id, String(req.query['token']));
    res.type('application/x-tar');
    await pipeline(await luggage.pack(site).catch(noDatabase), res);
  });
  app.put('/v1/sites/:id/luggage', async (req, res) => {
    const siteId = backedUp(req);
    res.json(
      await luggage.unpack(siteId, req, wholeNumber(req.query['after'])).catch((error: unknown) => {
        throw nameTaken(error);
      }),
    );
  });
  app.put('/v1/sites/:id/luggage/logs/:day', express.text({ type: '*/*', limit: '64mb' }), async (req, res) => {
    const siteId = backedUp(req);
    await luggage.mayCome(siteId);
    await logs.replace(siteId, dayOf(req), typeof req.body === 'string' ? req.body : '');
    res.status(204).end();
  });
  app.delete('/v1/sites/:id/luggage', async (req, res) => {
    const siteId = backedUp(req);
    if (await luggage.arrives(siteId)) await removeSite(parts, siteId).catch(noDatabase);
    res.status(204).end();
  });
  app.post('/v1/sites/:id/luggage/arrived', async (req, res) => {
    await luggage.arrived(siteOf(req));
    parts.marks.set(siteOf(req).settings.id, Date.now() + Math.random());
    res.status(204).end();
  });
  // One after the other, and without a refused request.
  app.post('/v1/renewals/front', async (_req, res) => {
    await nginx.renew().catch((error: Error) => {
      if (error instanceof Problem) throw error;
      throw new Problem(503, 'Its front is not started anew', error.message);
    });
    forgetVersions();
    res.status(204).end();
  });
  app.post('/v1/renewals/agent', (_req, res) => {
    if (!again) throw new Problem(409, 'Nobody would start the agent again');
    res.status(202).json({ process: process.pid });
    res.on('finish', again);
  });
  const programsHere = (): Programs => {
    if (!programs || !again) throw new Problem(409, 'The agent was not begun so that it could be another');
    return programs;
  };
  const version = (req: Request) => String(req.params['version']);
  app.get('/v1/programs', (_req, res) => void res.json(programsHere().state()));
  app.put('/v1/programs/:version', async (req, res) => {
    await programsHere().receive(version(req), req);
    res.status(204).end();
  });
  app.post('/v1/programs/:version/tries', json, async (req, res) => {
    const asked = body<Omit<AskedTry, 'step'>>(req, checks.tries);
    res.json({ tried: await programsHere().try(version(req), { step: NEWEST, ...asked }) });
  });
  // From here on the one before it counts again, unless somebody says in time that this one serves.
  app.post('/v1/programs/:version/beginning', (req, res) => {
    programsHere().choose(version(req));
    res.status(202).json({ process: process.pid });
    res.on('finish', again!);
  });
  app.post('/v1/programs/:version/serving', async (req, res) => {
    await programsHere().serves(version(req));
    res.status(204).end();
  });
  app.put('/v1/friends', json, async (req, res) => {
    await nginx.befriend(body<{ addresses: string[] }>(req, checks.friends).addresses);
    res.status(204).end();
  });

  app.get(
    '/v1/marks',
    (_req, res) =>
      void res.json({
        marks: Object.fromEntries(
          // Of one that has moved, there is nothing new here.
          sites
            .all()
            .filter((s) => !moves.to(s.settings.id))
            .map((s) => [s.settings.id, parts.marks.get(s.settings.id) ?? parts.startedAt]),
        ),
      }),
  );
  app.post('/v1/sites/:id/preview', json, (req, res) => {
    const { id: siteId, previewKey } = siteOf(req).settings;
    const until = Math.floor(Date.now() / 1000) + body<{ days: number }>(req, checks.preview).days * 86_400;
    res.json({ token: previewToken(siteId, until, previewKey), until: new Date(until * 1000).toISOString() });
  });

  /** Who looked at a site while it was closed, by the links they came by. */
  app.get(
    '/v1/sites/:id/previews',
    async (req, res) => void res.json({ previews: await parts.previews.counts(siteOf(req).settings.id) }),
  );

  const since = (req: Request) => {
    const day = String(req.query['since'] ?? '0000-00-00');
    if (!/^\d{4}-\d\d-\d\d$/.test(day)) throw new Problem(400, '“since” is a day such as 2026-11-02');
    return day;
  };
  app.get('/v1/sites/:id/visits', async (req, res) => {
    res.json({ days: await logs.visits(siteOf(req).settings.id, since(req)) });
  });
  app.put('/v1/sites/:id/logs/:day', express.text({ type: '*/*', limit: '16mb' }), async (req, res) => {
    const site = siteOf(req);
    const day = dayOf(req);
    if (day >= new Date().toISOString().slice(0, 10))
      throw new Problem(400, 'A log can be taken over for a past day only');
    res.json({ lines: await logs.replace(site.settings.id, day, typeof req.body === 'string' ? req.body : '') });
  });

  app.use(() => {
    throw new Problem(404, 'There is no such call');
  });
  app.use((error: unknown, req: Request, res: Response, _next: NextFunction) => {
    const problem = problemFrom(error);
    if (problem.status >= 500 && problem.status !== 507)
      parts.log.error({ err: error, path: req.path }, 'a control request failed');
    if (res.headersSent) return void res.destroy();
    res
      .status(problem.status)
      .type('application/problem+json')
      .send(JSON.stringify(problem.body(req.path)));
  });
  return app;
}
