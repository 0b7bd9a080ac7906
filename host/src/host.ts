import { mkdir, open, rm } from 'node:fs/promises';
import { createServer, type Server } from 'node:http';
import { createServer as createTlsServer } from 'node:https';
import { join } from 'node:path';
import express, { type Express } from 'express';
import { bounceServer } from '@tin-porch/mail/bounces';
import type { Identity } from '@tin-porch/sign-in/pairing';
import { AccessLogs } from './access-log.js';
import { Blobs } from './blobs.js';
import { clearAway } from './clearing.js';
import { Certificates } from './certificates.js';
import type { HostConfig } from './config.js';
import { controlApp, type Anew } from './control.js';
import { Databases } from './databases.js';
import { Door } from './door.js';
import { Desks } from './desk/desks.js';
import { Front } from './front/front.js';
import { Nginx } from './front/nginx.js';
import { MailKeys } from './desk/mail-keys.js';
import { Post } from './desk/post.js';
import { Measures } from './measuring/measures.js';
import { Previews } from './previews.js';
import { Moves } from './moving/moves.js';
import { publicApp, type HostParts } from './public.js';
import { finishRemovals } from './removal.js';
import { Sites } from './sites.js';
import { Tries } from './tries.js';

/** Where the front finds the agent; a path too long for a socket (unix(7): 108 bytes) is taken by way of its open folder. */
async function socketIn(folder: string): Promise<{ path: string; close(): Promise<void> }> {
  const path = join(folder, 'agent.sock');
  await rm(path, { force: true });
  if (Buffer.byteLength(path) < 100) return { path, close: () => Promise.resolve() };
  const held = await open(folder, 'r');
  return { path: `/proc/self/fd/${held.fd}/agent.sock`, close: () => held.close() };
}

/** What is measured, for whoever keeps such figures and is let at its address (OpenMetrics 1.0). */
function metricsApp(measures: Measures): Express {
  const app = express();
  app.disable('x-powered-by');
  app.get('/metrics', async (_req, res) => {
    const { type, text } = await measures.text();
    res.type(type).send(text);
  });
  return app;
}

/** How long what is under way may take while the agent is started anew, ms. */
const HAND_OVER_MS = 15_000;

/** A hosting server that runs. */
export interface RunningHost {
  /** Ends all of it. */
  close(): Promise<void>;
  /** Ends the agent so that another can take its place: what is under way is answered, who comes meanwhile waits. */
  handOver(): Promise<void>;
  /** Ends the agent alone, as a kill would: its front goes on with what it has. */
  abandon(): Promise<void>;
}

/**
 * Starts a hosting server: its front with public HTTP and HTTPS and temporary addresses, what answers behind it, and the
 * control API. Resolves once all listen.
 */
export async function startHost(
  config: HostConfig,
  log: HostParts['log'],
  /** How it is begun anew; nobody does where it is left out. */
  anew: Anew = {},
): Promise<RunningHost> {
  const at = (name: string) => join(config.data, name);
  await mkdir(at('blobs'), { recursive: true });
  const blobs = new Blobs(at('blobs'), config.reserveBytes);
  await blobs.tidy();
  const front = await Front.load({
    folder: at('front'),
    blobs,
    logs: at('logs'),
    base: config.temporary.base,
    secured: (domain) => certificates.for(domain) !== undefined,
    isAway: (id) => moves.to(id) !== undefined,
    log,
  });
  const sites = await Sites.load(at('sites'), config.temporary.base, front);
  const certificates = await Certificates.load(at('certificates'), at('front/certificates'), (domain) =>
    sites.showAgain(sites.find(domain)?.site),
  );
  const moves: Moves = await Moves.load(
    at('sites'),
    sites.all().map((s) => s.settings.id),
  );
  const own = {
    config,
    moves,
    sites,
    blobs,
    certificates,
    databases: new Databases(config.databaseUrl, at('sites')),
    logs: new AccessLogs(at('logs'), (id) => {
      const site = sites.get(id)?.settings;
      return new Set(site ? [...(site.domain ? [site.domain] : []), `${site.temporary}.${config.temporary.base}`] : []);
    }),
    mailKeys: new MailKeys(at('sites')),
    challenges: new Map<string, string>(),
    tries: new Tries(),
    previews: new Previews(at('sites')),
    marks: new Map<string, number>(),
    startedAt: Date.now(),
    log,
  };
  const post = config.mail ? new Post(own, config.mail) : null;
  const parts: HostParts = { ...own, post, desks: new Desks({ ...own, post }) };
  for (const site of sites.all())
    await front.show(site).catch((error: Error) => {
      log.error({ err: error, site: site.settings.id }, 'a site could not be laid out: the agent serves it');
    });
  await front.tidy(sites.all().map((s) => s.settings.id));
  const servers: Server[] = [];
  const listen = async (server: Server, ...where: [number, string] | [string]) => {
    server.headersTimeout = 15_000;
    server.requestTimeout = 60_000;
    // Longer than the front keeps a connection that rests: it is the front that closes it.
    server.keepAliveTimeout = 90_000;
    await new Promise<void>((done, fail) => server.once('error', fail).listen(...(where as [number, string]), done));
    servers.push(server);
  };
  const socket = await socketIn(at('front'));
  const visitors = createServer({ maxHeaderSize: 32_768 }, publicApp(parts));
  await listen(visitors, socket.path);
  await socket.close();
  const nginx = new Nginx(at('front'), config, config.trust ?? [], log);
  await nginx.start();
  const measures = new Measures(parts);
  await measures.start();
  const door = await Door.open(at('control'), config.name, config.control.code);
  const context = ({ key, certificate }: Identity) => ({ key, cert: certificate, minVersion: 'TLSv1.3' as const });
  const control = createTlsServer(
    {
      ...{ ...context(door.identity), maxHeaderSize: 32_768 },
      // Nobody vouches for either side: who it is is looked at with every request.
      ...{ requestCert: true, rejectUnauthorized: false },
    },
    controlApp(parts, door, nginx, measures, anew),
  );
  // Who comes from then on sees the other one; what is under way goes on.
  door.renewed = (identity) => control.setSecureContext(context(identity));
  await listen(control, config.control.port, config.control.address);
  if (config.metrics) await listen(createServer(metricsApp(measures)), config.metrics.port, config.metrics.address);
  const { bounces } = config;
  const reports =
    post && bounces && config.mail?.bounces
      ? bounceServer(config.mail.bounces, (letter, words) => post.bounced(letter, words))
      : null;
  if (reports) {
    await new Promise<void>((done, fail) => {
      reports.on('error', fail);
      reports.listen(bounces!.port, bounces!.address, done);
    });
    // One client’s trouble is no trouble of the others.
    reports.removeAllListeners('error').on('error', () => undefined);
  }
  let closed = false;
  void parts.databases.tidy().catch(() => undefined);
  void finishRemovals(parts, () => closed);
  void parts.databases.bringForward(parts.sites.all().map((s) => s.settings.id)).then(() => {
    parts.desks.start();
    forget();
    post?.start();
  });
  const clear = () =>
    void clearAway(parts).catch((error: Error) => log.error({ err: error }, 'nothing was cleared away'));
  const forgetVisitors = () =>
    void parts.logs
      .forget(new Date())
      .catch((error: Error) => log.error({ err: error }, 'access logs are kept longer than they should be'));
  const forget = () => void parts.desks.forget().catch(() => undefined);
  forgetVisitors();
  const daily = setInterval(() => {
    forgetVisitors();
    forget();
    clear();
  }, 6 * 3_600_000).unref();
  const stopScrubbing = blobs.scrub();
  const stopWatching = await blobs.watch();
  const abandon = async () => {
    closed = true;
    stopScrubbing();
    stopWatching();
    nginx.leave();
    await front.stop();
    parts.desks.stop();
    post?.stop();
    await parts.previews.write();
    clearInterval(daily);
    if (reports) await new Promise<void>((done) => reports.close(() => done()));
    for (const server of servers) server.closeAllConnections();
    await Promise.all(servers.map((s) => new Promise((done) => s.close(done))));
    await parts.databases.close();
  };
  return {
    abandon,
    async handOver() {
      // Who keeps a connection open hears with the next answer that it is the last.
      visitors.prependListener('request', (_req, res) => void res.setHeader('connection', 'close'));
      const answered = new Promise((done) => visitors.close(done));
      await Promise.race([answered, new Promise((done) => setTimeout(done, HAND_OVER_MS).unref())]);
      servers.splice(servers.indexOf(visitors), 1);
      visitors.closeAllConnections();
      await abandon();
    },
    async close() {
      await nginx.stop();
      await abandon();
    },
  };
}
