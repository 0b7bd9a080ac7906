import { createHash, randomBytes } from 'node:crypto';
import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import compression from 'compression';
import express, { type Express, type NextFunction, type Request, type Response } from 'express';
import helmet from 'helmet';
import { MONTH } from '@tin-porch/core/care';
import { Problem, problemFrom } from '@tin-porch/core/ground';
import { families } from '@tin-porch/core/look';
import { fontPath } from '@tin-porch/core/page';
import { drawnPage } from '@tin-porch/press';
import { readAsset } from '@tin-porch/press/assets';
import { choicePage, directionPage } from '../choosing/pages.js';
import type { PorchConfig } from '../config.js';
import { api, asProblem } from './api.js';
import type { Parts } from './parts.js';
import { sessionToken } from './serve.js';

/** The hosts (RFC 9110, 7.2) the server answers to, and whether each is reached over TLS. */
export function ownNames(config: Pick<PorchConfig, 'address' | 'port' | 'origins'>): Map<string, { secure: boolean }> {
  const loopback = /^127\.|^::1$|^0\.0\.0\.0$|^::$/.test(config.address);
  const own = loopback ? ['127.0.0.1', 'localhost', '[::1]', config.address] : [config.address];
  const names = new Map(own.map((host) => [`${host}:${config.port}`, { secure: false }]));
  if (config.port === 80) for (const host of own) names.set(host, { secure: false });
  for (const origin of config.origins ?? []) {
    const { host, protocol } = new URL(origin);
    names.set(host, { secure: protocol === 'https:' });
  }
  return names;
}

/** The web application: the interface, its API, and the fonts the window draws with. */
export function porchApp(parts: Parts, log: { error(o: object, m: string): void }): Express {
  const app = express();
  const names = ownNames(parts.config);
  app.disable('x-powered-by');
  app.set('trust proxy', false);
  app.use((req, res, next) => {
    res.locals['nonce'] = randomBytes(16).toString('base64');
    // A name somebody else made to lead here (DNS rebinding) is not one of ours: no page of theirs gets an answer.
    const name = names.get((req.headers.host ?? '').toLowerCase());
    if (!name) throw new Problem(421, 'Nothing here answers to that name', 'Open Tin Porch at its own address.');
    res.locals['secure'] = name.secure;
    next();
  });
  const nonce = (_req: unknown, res: unknown) => `'nonce-${String((res as Response).locals['nonce'])}'`;
  const headers = helmet({
    contentSecurityPolicy: {
      useDefaults: false,
      directives: {
        defaultSrc: ["'none'"],
        scriptSrc: ["'self'"],
        workerSrc: ["'self'"],
        styleSrc: ["'self'", nonce],
        // The one style attribute that stands in the markup of a component: the layer of the dialogs’ backdrop.
        styleSrcAttr: ["'unsafe-hashes'", `'sha256-${createHash('sha256').update('z-index: 1055;').digest('base64')}'`],
        imgSrc: ["'self'", 'data:', 'blob:'],
        fontSrc: ["'self'"],
        connectSrc: ["'self'"],
        frameSrc: ["'self'"],
        baseUri: ["'self'"],
        formAction: ["'self'"],
        frameAncestors: ["'none'"],
      },
    },
    strictTransportSecurity: false,
    originAgentCluster: false,
    crossOriginResourcePolicy: false,
  });
  // The window’s frame is an origin of its own (sandbox without same-origin): it may run its one script and nothing else.
  const frameHeaders = helmet({
    contentSecurityPolicy: {
      useDefaults: false,
      directives: {
        defaultSrc: ["'none'"],
        scriptSrc: ["'self'"],
        imgSrc: ["'self'", 'data:'],
        styleSrc: ["'self'"],
        fontSrc: ["'self'"],
        frameAncestors: ["'self'"],
        sandbox: ['allow-scripts'],
      },
    },
    strictTransportSecurity: false,
    originAgentCluster: false,
    xFrameOptions: false,
    crossOriginResourcePolicy: false,
    crossOriginOpenerPolicy: false,
  });
  app.use((req, res, next) => (req.path.startsWith('/window/') ? frameHeaders : headers)(req, res, next));
  app.use(
    compression({ filter: (req, res) => !req.originalUrl.startsWith('/api/events') && compression.filter(req, res) }),
  );
  app.use('/api', api(parts));

  // A site as its own picture: the home page drawn from the document, for the list of sites.
  app.get('/window/sites/:id', async (req, res) => {
    const session = await parts.accounts.session(sessionToken(req));
    if (!session) throw new Problem(401, 'Sign in first');
    const site = await parts.sites.of(session.designer.organisation, req.params.id);
    const drawn = await drawnPage(site.document, 'home', `/window/media/${site.id}`);
    if (!drawn) throw new Problem(404, 'There are no pages yet');
    const nonce = String(res.locals['nonce']);
    res.set(
      'content-security-policy',
      `default-src 'none'; img-src data: 'self'; style-src 'nonce-${nonce}'; font-src 'self'; frame-ancestors 'self'; sandbox`,
    );
    res
      .set('cache-control', 'private, max-age=600')
      .type('html')
      .send(
        drawn.html
          .replace(/<link rel="(stylesheet|preload|icon)"[^>]*>/g, '')
          .replace('</head>', `<style nonce="${nonce}">${drawn.css}</style></head>`),
      );
  });

  // Picture files for the window, whose frame sends no cookie. Who asks knows the SHA-256 of what is asked for.
  const sendPicture = async (res: Response, site: string, hash: string) => {
    if (!/^[0-9a-f]{64}$/.test(hash)) throw new Problem(404, 'There is no such picture');
    const { type, bytes } = await parts.pictures.of(site, hash);
    res.set({
      'cache-control': 'private, max-age=31536000, immutable',
      'content-security-policy': "default-src 'none'",
    });
    res.type(type).send(bytes);
  };
  app.get('/window/media/:site/:hash', (req, res) => sendPicture(res, req.params.site, req.params.hash));

  // Where a client looks at directions and chooses: no account, only the link. No script runs there.
  const drawnPolicy = (nonce: string) =>
    `default-src 'none'; img-src data: 'self'; style-src 'nonce-${nonce}'; font-src 'self'; frame-ancestors 'self'; sandbox`;
  app.get('/choose/:token', async (req, res) => {
    const choice = await parts.choices.of(req.params.token);
    const site = await parts.sites.get(choice.site);
    if (!site) throw new Problem(404, 'This link is not good any more');
    res
      .set('cache-control', 'no-store')
      .type('html')
      .send(choicePage(choice, site.document, String(res.locals['nonce'])));
  });
  app.get('/choose/:token/media/:hash', async (req, res) =>
    sendPicture(res, (await parts.choices.of(req.params.token)).site, req.params.hash),
  );
  app.get('/choose/:token/:n', async (req, res) => {
    const choice = await parts.choices.of(req.params.token);
    const site = await parts.sites.get(choice.site);
    const nonce = String(res.locals['nonce']);
    const page = typeof req.query['page'] === 'string' ? req.query['page'] : 'home';
    const html = site && (await directionPage(choice, site.document, Number(req.params.n), page, nonce));
    if (!html) throw new Problem(404, 'There is no such direction');
    res.set({ 'content-security-policy': drawnPolicy(nonce), 'cache-control': 'no-store' });
    res.removeHeader('x-frame-options');
    res.type('html').send(html);
  });
  app.post('/choose/:token', express.urlencoded({ extended: false, limit: '16kb' }), async (req, res) => {
    const { chosen, by = '', note = '' } = (req.body ?? {}) as Record<string, string>;
    await parts.choices.choose(req.params.token, Number(chosen ?? NaN), String(by), String(note));
    res.redirect(303, `/choose/${req.params.token}`);
  });

  // What a client is told of a month: for whoever is signed in as it stands now, and by its link as it was sent. No script runs.
  const sendReport = (res: Response, html: string) => {
    res.set({
      'content-security-policy':
        "default-src 'none'; style-src 'unsafe-inline'; font-src 'self'; frame-ancestors 'self'; sandbox",
      'cache-control': 'no-store',
    });
    res.removeHeader('x-frame-options');
    res.type('html').send(html);
  };
  app.get('/window/reports/:id/:month', async (req, res) => {
    const session = await parts.accounts.session(sessionToken(req));
    if (!session) throw new Problem(401, 'Sign in first');
    if (!MONTH.test(req.params.month)) throw new Problem(404, 'There is no such month');
    const site = await parts.sites.of(session.designer.organisation, req.params.id);
    sendReport(res, await parts.reports.page(site, req.params.month));
  });
  app.get('/report/:token', async (req, res) => sendReport(res, await parts.reports.byToken(req.params.token)));

  const fonts = new Map(Object.keys(families).map((id) => [fontPath(id), families[id]!.file]));
  app.get('/fonts/:file', async (req, res) => {
    const specifier = fonts.get(`/fonts/${req.params.file}`);
    if (!specifier) throw new Problem(404, 'There is no such font');
    res
      .set({ 'access-control-allow-origin': '*', 'cache-control': 'public, max-age=31536000, immutable' })
      .type('font/woff2')
      .send(await readAsset(specifier));
  });
  app.use(
    express.static(parts.config.web, {
      index: false,
      setHeaders: (res, path) =>
        void res.setHeader(
          'cache-control',
          /-[A-Z0-9]{8}\.\w+$/.test(path) ? 'public, max-age=31536000, immutable' : 'no-cache',
        ),
    }),
  );
  app.get('/{*splat}', async (req, res) => {
    if (/\.\w+$/.test(req.path)) throw new Problem(404, 'There is nothing at this address');
    // Read each time: it is small, and a new build brings new names in it.
    const index = await readFile(join(parts.config.web, 'index.html'), 'utf8');
    res
      .set('cache-control', 'no-store')
      .type('html')
      .send(index.replaceAll('NONCE', String(res.locals['nonce'])));
  });
  app.use((_req: Request, _res: Response) => {
    throw new Problem(404, 'There is nothing at this address');
  });
  app.use((error: unknown, req: Request, res: Response, _next: NextFunction) => {
    const code = (error as { code?: string } | null)?.code ?? '';
    const away =
      /^(ECONNREFUSED|ECONNRESET|57P0\d|08\w{3})$/.test(code) ||
      /Connection terminated|timeout exceeded when trying to connect/.test((error as Error | null)?.message ?? '');
    const problem = away
      ? new Problem(503, 'The database does not answer', 'Nothing was lost. Try again in a moment.')
      : problemFrom(asProblem(error));
    if (problem.status === 500) log.error({ err: error, path: req.path }, 'a request failed');
    if (res.headersSent) return void res.destroy();
    res
      .status(problem.status)
      .type('application/problem+json')
      .send(JSON.stringify(problem.body(req.originalUrl)));
  });
  return app;
}
