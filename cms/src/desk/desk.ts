import { join } from 'node:path';
import { buffer } from 'node:stream/consumers';
import { parseCookie } from 'cookie';
import express, { Router, type NextFunction, type Request, type Response } from 'express';
import { rateLimit } from 'express-rate-limit';
import type { Pool } from 'pg';
import { checkOf, faultsIn, type Check } from '@tin-porch/core/check';
import { Problem, problemFrom } from '@tin-porch/core/ground';
import { colourTokens } from '@tin-porch/core/look';
import { DESK_KINDS, isCollectionLocked, isKindLocked, type SiteDocument } from '@tin-porch/core/model';
import { expand, instantAt, instantOf, isLocal, itemPageId, sayWhen, zoneOf } from '@tin-porch/core/collections';
import { renderPage } from '@tin-porch/core/page';
import { MOST_BYTES } from '@tin-porch/press/darkroom';
import { leavingFolder, within, writeZip, type ServedFile } from '@tin-porch/press/leaving';
import { bindsPasskeys, SecondFactors, type Place } from '@tin-porch/sign-in';
import { backUp, OF_PEOPLE } from '../backup.js';
import { Content, fitted, type LiveContent, type Serving } from '../content.js';
import { CHANGES, isKept, operationOf, picturesIn, type Change } from './changes.js';
import { DeskPictures, picturesBySection, type PictureStore } from './pictures.js';
import { collectionOf, collectionsOf, itemsOf } from './items.js';
import { DeskInbox, type DeskFound, type NewAnswer } from './inbox.js';
import { answerLetter, invitationLetter, linkLetter, linkTo } from './letters.js';
import { LINK_MINUTES, People, ROLES, type DeskRole, type DeskSession, type Doer, type Person } from './people.js';
import { Shares } from '../shares.js';
import { factsOf, pagesOf, standsOn } from './places.js';
import { Planned } from './planned.js';
import { Proposals } from './proposals.js';

/** What the desk of one site needs: its database, how it is served, and what is served now. */
export interface DeskSite {
  db: Pool;
  serving: Serving;
  current(): { document: SiteDocument; origin: string; stylesheet?: string | undefined } | undefined;
  /** Visits by day of the last two weeks, where they are counted. */
  visits?(): Promise<Record<string, { visits: number; pages: number }>>;
  pictures: PictureStore;
  /** The files that visitors are served now, for whoever takes the site along. */
  served(): AsyncIterable<ServedFile>;
  /** Told when a letter was written; left out where none goes out from here. */
  post?(): void;
  /** Told when something was changed, so that whoever brings it in elsewhere knows where to look. */
  changed?(): void;
}

const COOKIE = 'desk';
const closed = { type: 'object', additionalProperties: false } as const;
const UUID = { type: 'string', pattern: '^[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}$' } as const;
const words = (maxLength: number) => ({ type: 'string', maxLength });
const checks = {
  signIn: checkOf({
    ...closed,
    required: ['mail', 'password'],
    properties: { mail: words(254), password: words(300) },
  }),
  askLink: checkOf({ ...closed, required: ['mail'], properties: { mail: words(254) } }),
  code: checkOf({ ...closed, required: ['ticket', 'code'], properties: { ticket: words(60), code: words(40) } }),
  firstCode: checkOf({ ...closed, required: ['code'], properties: { code: words(40) } }),
  shown: checkOf({
    ...closed,
    required: ['ticket', 'response'],
    properties: { ticket: words(60), response: { type: 'object' } },
  }),
  made: checkOf({
    ...closed,
    required: ['ticket', 'name', 'response'],
    properties: { ticket: words(60), name: words(80), response: { type: 'object' } },
  }),
  follow: checkOf({ ...closed, required: ['link'], properties: { link: words(60) } }),
  password: checkOf({ ...closed, required: ['password'], properties: { password: words(300) } }),
  changes: checkOf({
    ...closed,
    required: ['id', 'changes'],
    properties: { id: UUID, changes: CHANGES, ask: words(1000), at: words(16) },
  }),
  preview: checkOf({
    ...closed,
    required: ['changes', 'page'],
    properties: { changes: { ...CHANGES, minItems: 0 }, page: words(64), touch: { type: 'boolean' } },
  }),
  takeBack: checkOf({
    ...closed,
    required: ['id', 'seq'],
    properties: { id: UUID, seq: { type: 'integer', minimum: 1 } },
  }),
  invite: checkOf({
    ...closed,
    required: ['name', 'mail', 'role'],
    properties: {
      name: { ...words(80), pattern: '\\S' },
      mail: { ...words(254), pattern: '^[^\\s@<>]+@[^\\s@<>]+\\.[^\\s@<>]+$' },
      role: { enum: ROLES },
    },
  }),
  role: checkOf({ ...closed, required: ['role'], properties: { role: { enum: ROLES } } }),
  answer: checkOf({
    ...closed,
    required: ['id', 'words'],
    properties: { id: UUID, words: { ...words(8000), minLength: 1 } },
  }),
  // So much that it is somebody, or something, that is meant.
  eraseFound: checkOf({
    ...closed,
    required: ['words', 'unread', 'count'],
    properties: {
      words: { ...words(200), pattern: '\\S.*\\S.*\\S' },
      unread: { type: 'boolean' },
      label: words(40),
      mine: { type: 'boolean' },
      count: { type: 'integer', minimum: 1 },
    },
  }),
  keeping: checkOf({
    ...closed,
    required: ['months'],
    properties: { months: { anyOf: [{ type: 'integer', minimum: 1, maximum: 120 }, { type: 'null' }] } },
  }),
  mark: checkOf({
    ...closed,
    properties: {
      read: { type: 'boolean' },
      note: words(2000),
      labels: { type: 'array', maxItems: 12, items: words(40) },
      takenBy: { anyOf: [UUID, { type: 'null' }] },
    },
  }),
};
const isUuid = checkOf(UUID);
function body<T>(req: Request, check: Check): T {
  if (!check(req.body)) throw new Problem(400, 'The request is not valid', faultsIn(check.errors, 'body'));
  return req.body as T;
}

/** Where the files of pictures are for whoever is at the desk, by their SHA-256. */
const PICTURE_FILES = '/-/desk/api/pictures/files';

/** How many items of a list are shown at once. */
const ITEMS_SHOWN = 40;
/** The page of the first item that is put up, where it has one at that minute. */
function itemChanged(document: SiteDocument, changes: readonly Change[], at: string): string {
  const first = changes.find((c) => c.kind === 'item' && c.value?.up);
  if (first?.kind !== 'item') return '';
  const id = itemPageId(first.collection, first.item);
  return expand(document, at).items.has(id) ? id : '';
}

/** Photographs that come in for one site at a time. */
const bringing = new Shares(2);
/** Archives that are put together of one site at a time. */
const leaving = new Shares(1);

const MOST_KEPT = 200;
/** What takes a drawing of the whole site to be known, kept as long as nothing changes there. */
function asLong<T>(): (site: string, { turn, head }: LiveContent, make: () => T) => T {
  const all = new Map<string, { at: string; what: T }>();
  return (site, { turn, head }, make) => {
    const at = `${turn} ${head}`;
    const known = all.get(site);
    if (known?.at === at) return known.what;
    const what = make();
    all.delete(site);
    all.set(site, { at, what });
    if (all.size > MOST_KEPT) all.delete(all.keys().next().value!);
    return what;
  };
}
/** Which pages say which fact, and which pictures are drawn. */
const [standing, drawn] = [asLong<ReturnType<typeof standsOn>>(), asLong<ReturnType<typeof picturesBySection>>()];

/** What a desk is sent with: its own script and style, nothing foreign; the page that is looked at stands in a frame of its own. */
const HEADERS = {
  'x-content-type-options': 'nosniff',
  'x-robots-tag': 'noindex',
  'referrer-policy': 'no-referrer',
  'content-security-policy':
    "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data:; font-src 'self'; connect-src 'self'; frame-src 'self'; media-src 'self'; base-uri 'self'; form-action 'none'; frame-ancestors 'none'",
} as const;

/** The address a request was sent to, as the browser names it. */
function placeOf(req: Request): Place {
  const authority = (req.headers.host ?? '').toLowerCase();
  return { origin: `${req.secure ? 'https' : 'http'}://${authority}`, host: authority.replace(/:\d+$/, '') };
}

/** What the page itself is worked on in: it runs its one script, stands in the desk only, and asks for nothing but pictures. */
const WINDOW_HEADERS = {
  'x-content-type-options': 'nosniff',
  'x-robots-tag': 'noindex',
  'referrer-policy': 'no-referrer',
  'content-security-policy':
    "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data:; font-src 'self'; base-uri 'none'; form-action 'none'; frame-ancestors 'self'",
} as const;

/** One request at the desk. */
interface Call {
  site: DeskSite;
  content: Content;
  people: People;
  factors: SecondFactors;
  inbox: DeskInbox;
  proposals: Proposals;
  planned: Planned;
  pictures: DeskPictures;
}

/** One `Content` a site: it serves one change after the other. */
const contents = new WeakMap<Pool, Content>();
const settled = <T>(work: Promise<T>): Promise<{ done?: T; fault?: Error }> =>
  work.then(
    (done) => ({ done }),
    (fault: Error) => ({ fault }),
  );
/** Changes a site by what was planned for a minute that has come, and makes visitors see it. */
export async function catchUp(site: Pick<DeskSite, 'db' | 'serving' | 'pictures' | 'changed'>): Promise<void> {
  const content = contentOf(site);
  // What hinders a plan hinders nothing else.
  const [planned, served] = [
    await settled(new Planned(site.db).run(content, new DeskPictures(site.db, site.pictures))),
    await settled(content.serve()),
  ];
  if (planned.done) site.changed?.();
  for (const { fault } of [planned, served]) if (fault) throw fault;
}

/** The content of a site, the same one for the same database. */
export function contentOf(site: Pick<DeskSite, 'db' | 'serving'>): Content {
  let content = contents.get(site.db);
  if (!content) contents.set(site.db, (content = new Content(site.db, site.serving)));
  return content;
}

/**
 * The desk of a site, under `/-/desk/`: its application from `folder`, and what it asks for under `api/`. Whoever is signed
 * in has a cookie that goes nowhere else; what changes something has to say by a header that it comes from the desk itself.
 */
export function desk(folder: string, site: (req: Request) => DeskSite): Router {
  const router = Router();
  const call = (req: Request): Call => {
    const at = site(req);
    const people = new People(at.db);
    return {
      site: at,
      content: contentOf(at),
      people,
      factors: new SecondFactors({
        db: at.db,
        whose: 'person',
        issuer: at.current()?.document.facts.name || placeOf(req).host,
        // Whoever has the tables has the site: there is no other place for a key.
        seal: { close: (secret) => secret, open: (kept) => kept },
        counted: (mail, kind, work) => people.counted(mail, kind, work),
      }),
      inbox: new DeskInbox(at.db),
      proposals: new Proposals(at.db),
      planned: new Planned(at.db),
      pictures: new DeskPictures(at.db, at.pictures),
    };
  };
  const current = (at: DeskSite) => {
    const now = at.current();
    if (!now) throw new Problem(409, 'The site is not there yet', 'Its designer has not put it up so far.');
    return now;
  };
  const secure = (req: Request) => (req.secure ? '; Secure' : '');
  const begin = (req: Request, res: Response, token: string) =>
    void res
      .set('set-cookie', `${COOKIE}=${token}; Path=/-/desk; Max-Age=2592000; HttpOnly; SameSite=Strict${secure(req)}`)
      .status(204)
      .end();
  /** Signs somebody in who has shown who they are. */
  const open = async (req: Request, res: Response, person: string) =>
    begin(req, res, await call(req).people.open(person, agent(req)));
  const tokenOf = (req: Request) => parseCookie(req.headers.cookie ?? '')[COOKIE] ?? '';
  const origin = (req: Request) => req.ip ?? '-';
  const agent = (req: Request) => req.headers['user-agent'] ?? '';

  router.use('/-/desk', (req, res, next) => {
    res.removeHeader('x-powered-by');
    res.set(req.path.startsWith('/window/') ? WINDOW_HEADERS : HEADERS);
    next();
  });
  // The colours of the site, so that its desk is at home there.
  router.get('/-/desk/look.css', (req, res) => {
    const { document } = current(site(req));
    const rules = (tokens: Record<string, string>) =>
      Object.entries(tokens)
        .map(([name, value]) => `${name.startsWith('--') ? name : `--${name}`}: ${value};`)
        .join(' ');
    res
      .set('cache-control', 'no-cache')
      .type('css')
      .send(`:root { ${rules(colourTokens(document.look.day))} --corner: ${Math.min(document.look.corner, 10)}px; }\n`);
  });

  const api = Router();
  api.use(
    rateLimit({
      windowMs: 60_000,
      limit: 600,
      standardHeaders: 'draft-8',
      legacyHeaders: false,
      handler: (_req, _res, next) => next(new Problem(429, 'Too many requests', 'Wait a minute.')),
    }),
  );
  api.use((req, res, next) => {
    res.set('cache-control', 'no-store');
    // Another site can send a form here, but neither this header nor this cookie.
    if (req.method !== 'GET' && req.headers['x-desk'] !== '1')
      throw new Problem(403, 'That did not come from the desk');
    next();
  });
  api.use(express.json({ limit: '256kb' }));

  api.post('/sign-in', async (req, res) => {
    const { mail, password } = body<{ mail: string; password: string }>(req, checks.signIn);
    const { people, factors } = call(req);
    const person = await people.byPassword(mail, password, origin(req));
    // A passkey stands for itself; beside a password there may be codes.
    if ((await factors.waysOf(person)).includes('code'))
      return void res.json({ ticket: await factors.ticket('second', person) });
    await open(req, res, person);
  });
  api.post('/sign-in/code', async (req, res) => {
    const { ticket, code } = body<{ ticket: string; code: string }>(req, checks.code);
    await open(req, res, await call(req).factors.withCode(ticket, code));
  });
  api.post('/sign-in/passkey/options', async (req, res) => {
    res.json(await call(req).factors.ask(placeOf(req)));
  });
  api.post('/sign-in/passkey', async (req, res) => {
    const { ticket, response } = body<{ ticket: string; response: object }>(req, checks.shown);
    await open(req, res, await call(req).factors.withPasskey(placeOf(req), ticket, response));
  });
  api.post('/follow', async (req, res) => {
    begin(req, res, await call(req).people.follow(body<{ link: string }>(req, checks.follow).link, agent(req)));
  });

  // Whether a link can be asked for: where no letter goes out, none comes. And whether anybody has a passkey for this name.
  api.get('/ways', async (req, res) => {
    const { site: at, factors } = call(req);
    res.json({ mail: at.post !== undefined, passkeys: await factors.anyAt(placeOf(req)) });
  });
  api.post('/ask-link', (req, res) => {
    const { mail } = body<{ mail: string }>(req, checks.askLink);
    const { site: at, people } = call(req);
    const { document } = current(at);
    const own = placeOf(req).origin;
    // Answered before anything is looked up: neither words nor time say whether the address is known.
    res.status(204).end();
    if (at.post)
      void people
        .linkByMail(mail, origin(req), (to, token, minutes) => linkLetter(document, to, own, token, minutes))
        .then((written) => written && at.post?.())
        .catch(() => undefined);
  });

  // From here on for whoever is signed in.
  api.use(async (req, res, next) => {
    const session = await call(req).people.session(tokenOf(req));
    if (!session) throw new Problem(401, 'Sign in first');
    res.locals['session'] = session;
    next();
  });
  const sessionOf = (res: Response) => res.locals['session'] as DeskSession;
  const me = (res: Response): Person => sessionOf(res).person;
  const may =
    (...roles: Person['role'][]) =>
    (_req: Request, res: Response, next: NextFunction) => {
      if (!roles.includes(me(res).role))
        throw new Problem(403, 'That is not for you to do', 'Your designer says who may.');
      next();
    };
  /** Whoever changes what they sign in with; a designer comes in by a link. */
  const own = (res: Response): Person => {
    if (me(res).designer) throw new Problem(403, 'A designer comes in by a link');
    return me(res);
  };
  const writers = may('owner', 'publish', 'write', 'designer');

  api.post('/sign-out', async (req, res) => {
    const { person, name } = sessionOf(res);
    await call(req).people.end(person.id, name);
    res.set('set-cookie', `${COOKIE}=; Path=/-/desk; Max-Age=0; HttpOnly; SameSite=Strict`).status(204).end();
  });
  api.get('/here', async (req, res) => {
    const { site: at, inbox, people } = call(req);
    const { document, origin } = current(at);
    const person = me(res);
    const [own] = (await people.list()).filter((p) => p.id === person.id);
    res.json({
      site: { name: document.facts.name, address: new URL(origin).host, language: document.language },
      me: {
        name: person.name,
        mail: person.designer ? '' : person.mail,
        role: person.role,
        designer: person.designer,
        password: own?.password ?? false,
      },
      unread: await inbox.unread(),
      mail: at.post !== undefined,
      pictures: at.pictures.taking !== undefined,
      lists: (document.collections ?? []).map(({ id, kind, name }) => ({
        id,
        kind,
        name,
        locked: isCollectionLocked(document, id),
      })),
      // What their designer keeps is not offered.
      locked: DESK_KINDS.filter((kind) => isKindLocked(document, kind)),
    });
  });
  api.put('/password', async (req, res) => {
    await call(req).people.setPassword(
      own(res),
      body<{ password: string }>(req, checks.password).password,
      sessionOf(res).name,
    );
    res.status(204).end();
  });
  api.get('/factors', async (req, res) => {
    const place = placeOf(req);
    const { passkeys, ...codes } = await call(req).factors.of(own(res).id);
    res.json({
      ...codes,
      passkeys: passkeys.map((p) => ({ ...p, here: p.host === place.host })),
      passkeysHere: bindsPasskeys(place.host),
    });
  });
  api.post('/codes', async (req, res) => void res.json(await call(req).factors.begin(own(res))));
  api.put('/codes', async (req, res) => {
    const { site: at, people, factors } = call(req);
    const person = own(res);
    const recovery = await factors.turnOn(person, body<{ code: string }>(req, checks.firstCode).code);
    await people.note(at.db, person.name, 'Turned one-time codes on');
    res.json({ recovery });
  });
  api.delete('/codes', async (req, res) => {
    const { site: at, people, factors } = call(req);
    await factors.turnOff(own(res).id);
    await people.note(at.db, own(res).name, 'Turned one-time codes off');
    res.status(204).end();
  });
  api.post('/passkeys/options', async (req, res) => {
    res.json(await call(req).factors.offer(own(res), placeOf(req)));
  });
  api.post('/passkeys', async (req, res) => {
    const { site: at, people, factors } = call(req);
    const { ticket, name, response } = body<{ ticket: string; name: string; response: object }>(req, checks.made);
    const id = await factors.keep(own(res), placeOf(req), ticket, name, response);
    await people.note(at.db, own(res).name, 'Made a passkey');
    res.json({ id });
  });
  api.delete('/passkeys/:id', async (req, res) => {
    const { site: at, people, factors } = call(req);
    if (!isUuid(req.params['id'])) throw new Problem(404, 'There is no such passkey');
    await factors.forget(own(res).id, req.params['id']);
    await people.note(at.db, own(res).name, 'Took a passkey away');
    res.status(204).end();
  });
  api.get('/sessions', async (req, res) => {
    const { person, name } = sessionOf(res);
    const all = await call(req).people.sessions(person.id);
    res.json({ sessions: all.map((s) => ({ ...s, here: s.name === name })) });
  });
  api.delete('/sessions/:name', async (req, res) => {
    await call(req).people.end(me(res).id, req.params['name']!);
    res.status(204).end();
  });

  // Whose the site is says who else is at its desk, sees what was done there, and takes the site along.
  const owners = may('owner');
  const doer = (res: Response): Doer => ({ name: me(res).name, owner: true });
  const personOf = (req: Request): string => {
    if (!isUuid(req.params['person'])) throw new Problem(404, 'There is no such person');
    return req.params['person'] as string;
  };
  const linked = (req: Request, token: string) => ({
    link: linkTo(placeOf(req).origin, token),
    until: new Date(Date.now() + LINK_MINUTES.invitation * 60_000).toISOString(),
  });
  api.get('/people', owners, async (req, res) => {
    const { people } = call(req);
    res.json({ people: await people.list(), log: await people.log(), me: me(res).id });
  });
  api.post('/people', owners, async (req, res) => {
    const { site: at, people } = call(req);
    const who = body<{ name: string; mail: string; role: DeskRole }>(req, checks.invite);
    const { document } = current(at);
    const { origin } = placeOf(req);
    const { token } = await people.invite(
      who,
      me(res).name,
      at.post && ((to, token) => invitationLetter(document, to, origin, token)),
    );
    at.post?.();
    res.status(201).json({ ...linked(req, token), written: at.post !== undefined });
  });
  api.put('/people/:person', owners, async (req, res) => {
    await call(req).people.setRole(personOf(req), body<{ role: DeskRole }>(req, checks.role).role, doer(res));
    res.status(204).end();
  });
  api.delete('/people/:person', owners, async (req, res) => {
    if (personOf(req) === me(res).id)
      throw new Problem(
        409,
        'The site would be nobody’s',
        'Give it back to your designer, or to somebody else, first.',
      );
    await call(req).people.remove(personOf(req), doer(res));
    res.status(204).end();
  });
  api.post('/people/:person/link', owners, async (req, res) => {
    res.status(201).json(linked(req, await call(req).people.linkAgain(personOf(req), me(res).name)));
  });
  api.get('/site.zip', owners, async (req, res) => {
    const { site: at, people } = call(req);
    const { document, origin } = current(at);
    const served = at.served();
    const done = leaving.take(document.id);
    if (!done) throw new Problem(503, 'It is being put together already', 'Wait until that is done.');
    res.on('close', done);
    const kept = await buffer(backUp(at.db, OF_PEOPLE));
    await people.note(at.db, me(res).name, 'Took the site along');
    const name = `${new URL(origin).hostname}-${new Date().toISOString().slice(0, 10)}`;
    // What limits its site, what would press it and what writes it all listen for its end.
    res.setMaxListeners(20).attachment(`${name}.zip`).type('application/zip');
    await writeZip(within(name, leavingFolder({ document, origin, served, kept })), res, new Date()).catch((error) => {
      // Whoever takes it sees that it ended in the middle: an archive has its end last.
      if (!res.headersSent) throw error;
      res.destroy();
    });
  });

  api.get('/today', async (req, res) => {
    const { site: at, content, inbox, planned, proposals } = call(req);
    const [{ messages }, lines, waiting, visits, now] = await Promise.all([
      inbox.list({ unread: true }),
      content.lines(12),
      proposals.lines(6),
      at.visits?.() ?? Promise.resolve(null),
      content.read(),
    ]);
    res.json({
      messages: messages.slice(0, 3),
      lines,
      proposals: waiting,
      // Whoever only reads messages plans nothing, and is not asked about it.
      planned: me(res).role === 'messages' ? [] : await planned.lines(now.document),
      visits,
      // What is kept and not yet seen by visitors is said, not hidden.
      pressing: now.head - now.served,
    });
  });
  api.get('/pages', writers, async (req, res) => {
    const now = await call(req).content.read();
    const { document } = now;
    res.json({
      pages: pagesOf(
        document,
        drawn(document.id, now, () => picturesBySection(document)),
      ),
    });
  });
  api.get('/facts', writers, async (req, res) => {
    const { site: at, content } = call(req);
    const now = await content.read();
    const { document } = now;
    const { origin } = current(at);
    res.json(
      factsOf(
        document,
        standing(document.id, now, () => standsOn(document, origin)),
      ),
    );
  });
  api.get('/lists', writers, async (req, res) => {
    res.json({ lists: collectionsOf((await call(req).content.read()).document) });
  });
  api.get('/lists/:list', writers, async (req, res) => {
    const { document } = await call(req).content.read();
    const collection = collectionOf(document, String(req.params['list']));
    const { words, most, item } = req.query;
    const limit = Math.min(400, Math.max(1, Number(most) || ITEMS_SHOWN));
    const only = typeof item === 'string' ? collection.items.filter((i) => i.id === item) : collection.items;
    res.json({
      list: collectionsOf(document).find((c) => c.id === collection.id),
      zone: zoneOf(document),
      ...itemsOf(document, { ...collection, items: only }, typeof words === 'string' ? words.slice(0, 200) : '', limit),
    });
  });
  // A photograph is held in memory until it is developed.
  api.post('/pictures', writers, (req, res, next) => {
    const done = bringing.take(current(site(req)).document.id);
    if (!done) throw new Problem(503, 'Many pictures come at once', 'Try again in a minute.');
    res.on('close', done);
    next();
  });
  api.post('/pictures', express.raw({ type: () => true, limit: MOST_BYTES }), async (req, res) => {
    const { name } = req.query;
    if (!Buffer.isBuffer(req.body) || !req.body.length) throw new Problem(400, 'There is no picture in it');
    const { content, pictures } = call(req);
    const { id, title, width, height } = await pictures.bring(
      (await content.read()).document,
      typeof name === 'string' ? name.slice(0, 200) : '',
      req.body,
      me(res),
    );
    res.status(201).json({ id, title, width, height });
  });
  const sent = (res: Response, { type, bytes }: { type: string; bytes: Buffer | string }) =>
    // A drawing opened by itself runs nothing.
    void res
      .set({
        'cache-control': 'private, no-cache',
        'content-security-policy': "default-src 'none'; style-src 'unsafe-inline'; sandbox",
      })
      .type(type)
      .send(bytes);
  api.get('/pictures/:id', writers, async (req, res) => {
    const { content, pictures } = call(req);
    sent(res, await pictures.sight((await content.read()).document, String(req.params['id'])));
  });
  api.get('/pictures/files/:hash', writers, async (req, res) => {
    const { content, pictures } = call(req);
    sent(res, await pictures.fileOf((await content.read()).document, String(req.params['hash'])));
  });
  api.post('/preview', writers, async (req, res) => {
    const { site: at, content, pictures } = call(req);
    const { changes, page, touch } = body<{ changes: Change[]; page: string; touch?: boolean }>(req, checks.preview);
    const { document } = await content.read();
    const { origin, stylesheet } = current(at);
    const brought = await pictures.of(picturesIn(changes));
    const after = changes.length ? fitted(document, operationOf(document, changes, brought)).document : document;
    // What is planned is looked at as it will be then.
    const planned = changes.flatMap((c) => (c.kind === 'item' && c.value?.from ? [c.value.from] : []));
    const now = [instantOf(Date.now()), ...planned.filter(isLocal).map((l) => instantAt(document, l))].sort().at(-1)!;
    const drawn = (of: SiteDocument, id: string) =>
      renderPage(of, id, {
        origin,
        at: now,
        ...(touch ? { window: { fontBase: '', mediaBase: PICTURE_FILES } } : { mediaBase: PICTURE_FILES }),
        ...(stylesheet && { stylesheet }),
      });
    // Where no page is named, it is the first on which something reads otherwise.
    const id =
      page ||
      itemChanged(after, changes, now) ||
      (after.pages.find((p) => drawn(document, p.id) !== drawn(after, p.id)) ?? after.pages[0])?.id ||
      '';
    const html = drawn(after, id);
    if (html === undefined) throw new Problem(404, 'There is no such page');
    res.json({ html, page: id, ...(touch && { stylesheet }) });
  });
  api.post('/changes', writers, async (req, res) => {
    const { site: at, content, proposals, planned, pictures } = call(req);
    const {
      id,
      changes,
      ask,
      at: local,
    } = body<{ id: string; changes: Change[]; ask?: string; at?: string }>(req, checks.changes);
    const brought = await pictures.of(picturesIn(changes));
    const make = (document: SiteDocument) => operationOf(document, changes, brought);
    const { role, ...writer } = me(res);
    if (ask !== undefined || role === 'write') {
      await proposals.put(id, await content.read(), make, ask ?? '', writer);
      at.changed?.();
      return void res.json({ asked: true });
    }
    if (local !== undefined) {
      const { document } = await content.read();
      await planned.put(id, local, changes, document, make, writer);
      return void res.json({ planned: sayWhen(document.language, local) });
    }
    const seq = await content.change(id, make, writer);
    // It is kept: what goes wrong from here on is caught up with, and said.
    const live = await content.serve().then(
      () => true,
      () => false,
    );
    at.changed?.();
    res.json({ seq, live });
  });
  api.delete('/planned/:id', may('owner', 'publish', 'designer'), async (req, res) => {
    if (!isUuid(req.params['id'])) throw new Problem(404, 'There is no such plan');
    const { site: at, people, planned } = call(req);
    await planned.remove(req.params['id'] as string);
    await people.note(at.db, me(res).name, 'Let go of what was planned');
    res.status(204).end();
  });
  api.post('/take-back', may('owner', 'publish', 'designer'), async (req, res) => {
    const { site: at, content } = call(req);
    const { id, seq } = body<{ id: string; seq: number }>(req, checks.takeBack);
    const made = await content.takeBack(id, seq, me(res), me(res).designer ? undefined : isKept);
    const live = await content.serve().then(
      () => true,
      () => false,
    );
    at.changed?.();
    res.json({ seq: made, live });
  });

  const labelsOf = (document: SiteDocument) =>
    Object.fromEntries(document.forms.flatMap((f) => f.fields.map((x) => [`${f.id} ${x.name}`, x.label])));
  const sought = ({ words, show, label }: Request['query'], me: Person): DeskFound => ({
    ...(typeof words === 'string' && { words: words.slice(0, 200) }),
    ...(typeof label === 'string' && { label: label.slice(0, 40) }),
    ...(show === 'mine' && { takenBy: me.id }),
    unread: show === 'unread',
  });
  api.get('/messages', async (req, res) => {
    const { site: at, inbox, people } = call(req);
    const { before } = req.query;
    const list = await inbox.list({
      ...sought(req.query, me(res)),
      ...(typeof before === 'string' && isUuid(before) && { before }),
    });
    const labels = labelsOf(current(at).document);
    res.json({
      ...list,
      unread: await inbox.unread(),
      labels: await inbox.labels(),
      people: (await people.list()).map(({ id, name }) => ({ id, name })),
      messages: list.messages.map((m) => ({
        ...m,
        fields: Object.entries(m.fields).map(([name, value]) => ({
          name,
          label: labels[`${m.form} ${name}`] ?? name,
          value,
        })),
      })),
    });
  });
  const messageOf = (req: Request): string => {
    if (!isUuid(req.params['id'])) throw new Problem(404, 'There is no such message');
    return req.params['id'] as string;
  };
  api.put('/messages/:id', async (req, res) => {
    await call(req).inbox.mark(messageOf(req), body(req, checks.mark));
    res.status(204).end();
  });
  api.post('/messages/:id/answer', async (req, res) => {
    const { site: at, inbox } = call(req);
    const answer = body<NewAnswer>(req, checks.answer);
    if (!answer.words.trim()) throw new Problem(422, 'There is nothing in the answer');
    if (!at.post) throw new Problem(409, 'No letters go out from here', 'Answer from your own mail program.');
    const { document } = current(at);
    await inbox.answer(messageOf(req), answer, me(res), (m) => answerLetter(document, answer.id, answer.words, m));
    at.post();
    res.status(204).end();
  });
  // What is found, to be given out to whoever asks for what is kept of them.
  api.get('/messages.csv', async (req, res) => {
    const { site: at, inbox, people } = call(req);
    const table = await inbox.table(sought(req.query, me(res)), labelsOf(current(at).document));
    await people.note(at.db, me(res).name, 'Saved messages as a table');
    res.type('text/csv').set('content-disposition', 'attachment; filename="messages.csv"').send(table);
  });
  api.post('/messages/erase', may('owner', 'publish', 'designer'), async (req, res) => {
    const { site: at, inbox, people } = call(req);
    const { count, mine, ...found } = body<{
      words: string;
      unread: boolean;
      label?: string;
      mine?: boolean;
      count: number;
    }>(req, checks.eraseFound);
    await inbox.eraseFound({ ...found, ...(mine && { takenBy: me(res).id }) }, count);
    await people.note(at.db, me(res).name, `Erased ${count} ${count === 1 ? 'message' : 'messages'} that were found`);
    at.changed?.();
    res.status(204).end();
  });
  api.get('/keeping', async (req, res) => void res.json({ months: await call(req).inbox.keeping() }));
  api.put('/keeping', may('owner', 'publish', 'designer'), async (req, res) => {
    const { site: at, inbox, people } = call(req);
    const { months } = body<{ months: number | null }>(req, checks.keeping);
    const erased = await inbox.keep(months);
    const said = months === null ? 'Messages are kept for good' : `Messages are kept for ${months} months`;
    await people.note(at.db, me(res).name, erased ? `${said}; ${erased} older ones were erased` : said);
    at.changed?.();
    res.json({ erased });
  });

  // Who only reads or writes takes nothing away for good.
  api.delete('/messages/:id', may('owner', 'publish', 'designer'), async (req, res) => {
    const { inbox, people } = call(req);
    await inbox.erase(messageOf(req));
    await people.note(site(req).db, me(res).name, 'Erased a message');
    site(req).changed?.();
    res.status(204).end();
  });
  api.use((req) => {
    throw new Problem(404, 'There is no such call', req.path);
  });
  router.use('/-/desk/api', api);
  router.use('/-/desk/api', (error: unknown, req: Request, res: Response, next: NextFunction) => {
    if (res.headersSent) return next(error);
    const { code = '', message = '' } = (error ?? {}) as { code?: string; message?: string };
    const problem =
      // Gone, ended what took too long, takes no more of this site, or none of its connections came free.
      /^(?:ECONN|57P|57014|53300|08)/.test(code) || /^timeout exceeded when trying to connect/.test(message)
        ? new Problem(503, 'The database does not answer', 'Nothing was lost here: try again in a moment.')
        : problemFrom(error);
    res
      .status(problem.status)
      .type('application/problem+json')
      .send(JSON.stringify(problem.body(req.path)));
  });

  router.use(
    '/-/desk',
    express.static(folder, {
      index: 'index.html',
      setHeaders: (res, path) =>
        void res.setHeader(
          'cache-control',
          /-[A-Z0-9]{8}\.(?:js|css)$/.test(path) ? 'public, max-age=31536000, immutable' : 'no-cache',
        ),
    }),
  );
  // Every place of the desk is one page; what is no place of it says so itself.
  router.get('/-/desk/*place', (req, res, next) => {
    if (/\.[a-z0-9]+$/i.test(req.path)) return next();
    res.set('cache-control', 'no-cache').sendFile(join(folder, 'index.html'));
  });
  return router;
}
