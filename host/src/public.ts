import compression from 'compression';
import type { Pool } from 'pg';
import express, { type Express, type NextFunction, type Request, type Response } from 'express';
import { desk, dynamicParts, PAGE_HEADERS, passwordFits, Shares, type DeskSite } from '@tin-porch/cms';
import { Problem, problemFrom } from '@tin-porch/core/ground';
import {
  holdingPage,
  isLasting,
  isOfHolding,
  NO_HOLDING,
  previewLock,
  redirectOf,
  stylesheetOf,
  type PreviewFault,
} from '@tin-porch/core/page';
import type { AccessLogs } from './access-log.js';
import type { Blobs } from './blobs.js';
import type { Certificates } from './certificates.js';
import type { HostConfig } from './config.js';
import type { Databases } from './databases.js';
import { ASKED_AGAIN, COUNTED, HSTS, LASTING, LED_ON, LED_TO, MEANT } from './front/nginx-conf.js';
import type { Desks } from './desk/desks.js';
import type { MailKeys } from './desk/mail-keys.js';
import type { Post } from './desk/post.js';
import type { Moves } from './moving/moves.js';
import { previewLeft } from './preview.js';
import type { Previews } from './previews.js';
import type { Site, Sites } from './sites.js';
import type { Tries } from './tries.js';

/** Requests that one site is working on at a time, and those of one address: pages and files are not among them. */
const MOST_AT_ONCE = 120;
const MOST_OF_ADDRESS = 30;

export interface HostParts {
  config: HostConfig;
  sites: Sites;
  blobs: Blobs;
  certificates: Certificates;
  databases: Databases;
  logs: AccessLogs;
  desks: Desks;
  mailKeys: MailKeys;
  /** Sites that move to another server, or have. */
  moves: Moves;
  /** Carries letters, where there is a server for them. */
  post: Post | null;
  /** http-01 answers by token (RFC 8555, 8.3). */
  challenges: Map<string, string>;
  /** Links to sites that are closed, and who looked. */
  previews: Previews;
  /** Marks of messages by which rounds try the way of messages. */
  tries: Tries;
  /** Changes with every message of a site, so that whoever fetches messages knows where to look. */
  marks: Map<string, number>;
  startedAt: number;
  log: { error(o: object, m: string): void };
}

declare module 'express-serve-static-core' {
  interface Locals {
    site?: Site;
  }
}

function hostOf(req: Request): string | null {
  const header = req.headers.host ?? '';
  const m = /^([a-z0-9]([a-z0-9.-]{0,251}[a-z0-9])?)(:\d{1,5})?$/i.exec(header);
  return m ? m[1]!.toLowerCase() : null;
}

function cookie(req: Request, name: string): string {
  for (const part of (req.headers.cookie ?? '').split(';')) {
    const [key, value] = part.trim().split('=');
    if (key === name) return value ?? '';
  }
  return '';
}

/**
 * The path and query a request asks for, as a Location may carry them: one slash in front, so that no other host is named
 * (RFC 3986, 4.2), and nothing of an absolute-form target (RFC 9112, 3.2.2).
 */
function pathAsked(req: Request): string {
  const target = req.originalUrl.replace(/^[a-z][a-z0-9+.-]*:\/\/[^/?#]*/i, '');
  return `/${target.replace(/^[/\\]+/, '')}`;
}

/**
 * What of visitors’ requests is not simply a file of a site that is open to everybody: its forms and desk, its holding page,
 * previews, redirects, and what is not there. The front stands before it and says who asks, and whether by TLS; without one
 * it serves every file itself.
 */
export function publicApp(parts: HostParts): Express {
  const { config, sites, blobs, certificates, databases, moves, previews } = parts;
  const [asked, asking] = [new Shares(MOST_AT_ONCE), new Shares(MOST_OF_ADDRESS)];
  const app = express();
  app.disable('x-powered-by');
  app.set('etag', false);
  // The front is the one that asks; whom for is what it says.
  app.set('trust proxy', 1);

  /** Leads a visitor on to where a site has moved to. False where it has not. */
  const leadOn = (req: Request, res: Response, { site, via }: NonNullable<ReturnType<Sites['find']>>): boolean => {
    const { id } = site.settings;
    const to = moves.to(id);
    if (!to) return false;
    moves.led(id);
    // The name under a server’s own domain is another there.
    if (via === 'temporary') res.set('cache-control', 'no-store').redirect(307, to.temporary + pathAsked(req));
    else
      res
        .set('x-accel-redirect', '@led_on')
        .set(LED_TO, `${req.secure ? 'https' : 'http'}://${to.address}:${req.secure ? to.httpsPort : to.httpPort}`)
        .end();
    return true;
  };

  /** What is said of a site to who may not see its pages: by itself, and nobody is to keep or find it. */
  const apart = (res: Response): Response =>
    res
      .set({
        'cache-control': 'no-store',
        'x-robots-tag': 'noindex',
        'x-content-type-options': 'nosniff',
        'referrer-policy': 'no-referrer',
        'content-security-policy':
          "default-src 'none'; style-src 'self' 'unsafe-inline'; font-src 'self'; img-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'",
      })
      .type('html');
  const closed = ({ settings, live }: Site) => ({ name: settings.name, live });
  const before = (res: Response, site: Site, ended = false): void =>
    void apart(res).send(
      holdingPage(closed(site), site.settings.holding ?? NO_HOLDING, new Date().toISOString().slice(0, 10), ended),
    );
  const readForm = express.urlencoded({ extended: false, limit: '4kb' });
  /** Lets somebody look at a closed site, who is told so by what they carry from then on. */
  const comeIn = (req: Request, res: Response, { value, seconds }: { value: string; seconds: number }, to: string) =>
    void res
      .set(
        'set-cookie',
        `preview=${value}; Path=/; Max-Age=${seconds}; HttpOnly; SameSite=Lax${req.secure ? '; Secure' : ''}`,
      )
      .set('cache-control', 'no-store')
      .redirect(303, to);
  /** Takes the password of a preview. */
  const unlock = async (req: Request, res: Response, site: Site): Promise<void> => {
    const form = (req.body ?? {}) as Record<string, unknown>;
    const [token, password, asked] = ['preview', 'password', 'to'].map((k) =>
      typeof form[k] === 'string' ? form[k] : '',
    );
    const to = `/${asked!.replace(/^[/\\]+|[?#].*$|[\r\n]/gs, '')}`;
    const preview = previews.find(site.settings, token!);
    if (!preview) return before(res.status(403), site, true);
    const again = (status: number, fault: PreviewFault) =>
      void apart(res.status(status)).send(previewLock(closed(site), token!, to, fault));
    if (preview.lock) {
      if (!previews.mayTry(preview.token)) return again(429, 'often');
      // Counted before it is known: those that are tried at once are tried one by one.
      previews.failed(preview.token);
      if (password!.length > 200 || !(await passwordFits(password!, preview.lock))) return again(403, 'wrong');
      previews.fits(preview.token);
    }
    comeIn(req, res, previews.admit(site.settings, preview), to);
  };

  app.get('/.well-known/acme-challenge/:token', (req, res) => {
    const answer = parts.challenges.get(req.params.token);
    if (!answer) {
      const host = hostOf(req);
      const found = host && sites.find(host);
      if (found && leadOn(req, res, found)) return;
      throw new Problem(404, 'No such challenge');
    }
    res.type('application/octet-stream').send(answer);
  });

  app.use(async (req, res, next) => {
    const host = hostOf(req);
    if (!host) throw new Problem(400, 'The host header cannot be read');
    const found = sites.find(host);
    if (!found) throw new Problem(421, 'No site here answers to that name');
    const { site, via } = found;
    // Led away from here and back: it is about to be here again.
    if (req.get(LED_ON) && moves.to(site.settings.id)) await moves.back(site.settings.id);
    if (leadOn(req, res, found)) return;
    const { secure } = req;
    const { domain } = site.settings;
    res.locals.site = site;
    const https = via !== 'temporary' && certificates.for(host) !== undefined;
    const port = https
      ? config.httpsPort === 443
        ? ''
        : `:${config.httpsPort}`
      : config.httpPort === 80
        ? ''
        : `:${config.httpPort}`;
    if (via === 'www' || (https && !secure)) {
      // A name without a certificate of its own cannot lead to https.
      const scheme = certificates.for(domain!) ? 'https' : 'http';
      const target = `${scheme}://${domain!}${scheme === 'https' ? (config.httpsPort === 443 ? '' : `:${config.httpsPort}`) : port}`;
      return void res
        .set('cache-control', 'max-age=300')
        .redirect(req.method === 'GET' || req.method === 'HEAD' ? 301 : 308, target + pathAsked(req));
    }
    if (secure) res.set('strict-transport-security', HSTS);
    // Its people are at work behind the holding page too.
    if (/^\/-\/desk(?:\/|$)/.test(req.path)) return next();

    const { settings } = site;
    if (via === 'temporary') res.set('x-robots-tag', 'noindex');
    if (req.path === '/-/preview' && req.method === 'POST')
      return readForm(req, res, (error?: unknown) => (error ? next(error) : void unlock(req, res, site).catch(next)));
    if (req.path === '/-/holding') return before(res.status(200), site);
    const given = typeof req.query['preview'] === 'string' ? req.query['preview'] : '';
    const bare = pathAsked(req).replace(/\?.*$/s, '');
    const carried = cookie(req, 'preview');
    if (given) {
      const left = previewLeft(given, settings.id, settings.previewKey, Date.now());
      if (left) return comeIn(req, res, { value: given, seconds: left }, bare);
      const preview = previews.find(settings, given);
      if (preview && previews.admitted(settings, carried)?.preview === preview)
        return void res.set('cache-control', 'no-store').redirect(303, bare);
      if (preview?.lock) return apart(res.status(403)).send(previewLock(closed(site), given, bare));
      if (preview) return comeIn(req, res, previews.admit(settings, preview), bare);
    }
    const looking = previews.admitted(settings, carried);
    const previewing = looking || previewLeft(carried, settings.id, settings.previewKey, Date.now()) > 0;
    if (!site.live || (!settings.open && !previewing)) {
      // The page that stands before it is made with these.
      if (isOfHolding(closed(site), req.path)) {
        res.set(PAGE_HEADERS);
        return next();
      }
      res.status(503).set({ 'retry-after': '3600', [MEANT]: '1' });
      return before(res, site, given !== '' || carried !== '');
    }
    if (looking && req.method === 'GET' && /\/$/.test(req.path))
      void previews.looked(settings.id, looking.preview.token, looking.looker);
    if (via === 'domain' && site.settings.open) res.set(COUNTED, '1');
    res.set(PAGE_HEADERS);
    next();
  });

  app.use(compression());
  app.use(async (req: Request, res: Response, next: NextFunction) => {
    if (!req.path.startsWith('/-/')) return next();
    // One address that is slow on purpose is not to have all that the site has.
    const taken = [asking.take(req.ip ?? '-'), asked.take(res.locals.site!.settings.id)];
    for (const giveBack of taken) if (giveBack) res.on('close', giveBack);
    if (taken.includes(null)) {
      res.set('retry-after', '5');
      throw new Problem(503, 'Much is asked of this site at this moment', 'Go back and try again in a few seconds.');
    }
    // What may change a site waits while it is being moved, and goes on where it is then.
    const { site } = res.locals as { site: Site };
    const ended = await moves.begin(site.settings.id);
    if (!ended) return void leadOn(req, res, sites.find(hostOf(req)!)!);
    // Whoever asked may be gone by now: nobody would say that it has ended.
    if (res.closed) return ended();
    res.on('close', ended);
    // The pool is made before the CMS asks, so that it meets a database and not a promise of one.
    res.locals['db'] = await databases.pool(res.locals.site!.settings.id).catch((error: NodeJS.ErrnoException) => {
      // Named, but not placed so far.
      if (error.code === 'ENOENT') throw new Problem(404, 'There is nothing at this address');
      throw error;
    });
    if (req.path.startsWith('/-/desk')) res.locals['desk'] = await parts.desks.of(res.locals.site!);
    next();
  });
  app.use(desk(parts.desks.folder, (req) => req.res!.locals['desk'] as DeskSite));
  app.use(
    dynamicParts((req) => {
      const { site, db } = req.res!.locals as { site: Site; db: Pool };
      return {
        db,
        mail: parts.post !== null && !site.settings.staging,
        tried: (mark) => parts.tries.take(site.settings.id, mark),
        kept: () => {
          parts.marks.set(site.settings.id, Date.now() + Math.random());
          parts.post?.wake(site.settings.id);
        },
        current: async () =>
          site.live
            ? {
                document: site.live.document,
                origin: site.live.manifest.origin,
                stylesheet: stylesheetOf(site.live.manifest),
              }
            : undefined,
      };
    }),
  );

  app.use(async (req, res, next) => {
    if (req.method !== 'GET' && req.method !== 'HEAD') throw new Problem(405, 'This address is for reading only');
    const site = res.locals.site!;
    let path: string;
    try {
      path = decodeURIComponent(req.path);
    } catch {
      throw new Problem(400, 'The address cannot be read');
    }
    if (/[\0\\]|(^|\/)\.\.?(\/|$)/.test(path)) throw new Problem(400, 'The address cannot be read');
    const { files } = site.live!.manifest;
    if (!path.endsWith('/') && !Object.hasOwn(files, path) && Object.hasOwn(files, `${path}/index.html`))
      return void res.redirect(301, `${encodeURI(path)}/`);
    const wanted = path.endsWith('/') ? `${path}index.html` : path;
    const own = (f: typeof files | undefined) => (f && Object.hasOwn(f, wanted) ? f[wanted] : undefined);
    const fingerprinted = isLasting(wanted);
    const entry = own(files) ?? (fingerprinted ? own(site.before?.manifest.files) : undefined);
    const elsewhere = entry ? null : redirectOf(site.live!.document, path);
    if (elsewhere) return void res.redirect(301, elsewhere);
    const served = entry ?? files['/404.html'];
    if (!entry) res.status(404);
    if (!served) throw new Problem(404, 'There is nothing at this address');
    if (!(await blobs.good(served.hash)))
      throw new Problem(
        500,
        'This page is damaged',
        'Its file on the server is not what was put there. Whoever looks after the site is told.',
      );
    const lasting = fingerprinted || wanted.startsWith('/fonts/');
    res.set({
      'content-type': served.type,
      // Weak: compressed on the way it has other bytes and says the same (RFC 9110, 8.8.1).
      etag: `W/"${served.hash.slice(0, 32)}"`,
      vary: 'accept-encoding',
      'cache-control': lasting ? LASTING : ASKED_AGAIN,
    });
    res.sendFile(
      blobs.path(served.hash),
      { root: blobs.folder, dotfiles: 'allow', etag: false, lastModified: false, cacheControl: false },
      (error) => {
        if (error && !res.headersSent) next(error);
      },
    );
  });

  app.use((error: unknown, req: Request, res: Response, _next: NextFunction) => {
    const problem = problemFrom(error);
    if (problem.status >= 500) parts.log.error({ err: error, path: req.path }, 'a visitor’s request failed');
    if (res.headersSent) return void res.destroy();
    res
      .status(problem.status)
      .set('cache-control', 'no-store')
      .type('application/problem+json')
      .send(JSON.stringify(problem.body()));
  });
  return app;
}
