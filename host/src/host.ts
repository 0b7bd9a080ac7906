import { mkdir } from 'node:fs/promises';
import { createServer as createHttpServer, type Server } from 'node:http';
import { createServer as createHttpsServer } from 'node:https';
import { join } from 'node:path';
import type { Express } from 'express';
import { bounceServer } from '@tin-porch/mail/bounces';
import { AccessLogs } from './access-log.js';
import { Blobs } from './blobs.js';
import { Certificates } from './certificates.js';
import type { HostConfig } from './config.js';
import { controlApp } from './control.js';
import { Databases } from './databases.js';
import { Desks } from './desk/desks.js';
import { MailKeys } from './desk/mail-keys.js';
import { Post } from './desk/post.js';
import { publicApp, type HostParts } from './public.js';
import { finishRemovals } from './removal.js';
import { Sites } from './sites.js';

/** Starts a hosting server: public HTTP and HTTPS, temporary addresses, and the control API. Resolves once all listen. */
export async function startHost(config: HostConfig, log: HostParts['log']): Promise<{ close(): Promise<void> }> {
  const at = (name: string) => join(config.data, name);
  await mkdir(at('blobs'), { recursive: true });
  const blobs = new Blobs(at('blobs'), config.reserveBytes);
  await blobs.tidy();
  const own = {
    config,
    sites: await Sites.load(at('sites'), config.temporary.base),
    blobs,
    certificates: await Certificates.load(at('certificates')),
    databases: new Databases(config.databaseUrl, at('sites')),
    logs: new AccessLogs(at('logs')),
    mailKeys: new MailKeys(at('sites')),
    challenges: new Map<string, string>(),
    marks: new Map<string, number>(),
    startedAt: Date.now(),
    log,
  };
  const post = config.mail ? new Post(own, config.mail) : null;
  const parts: HostParts = { ...own, post, desks: new Desks({ ...own, post }) };
  const servers: Server[] = [];
  const listen = async (server: Server, port: number, address: string) => {
    server.headersTimeout = 15_000;
    server.requestTimeout = 60_000;
    await new Promise<void>((done, fail) => server.once('error', fail).listen(port, address, done));
    servers.push(server);
  };
  const plain = (app: Express) => createHttpServer({ maxHeaderSize: 16_384 }, app);
  const open = publicApp(parts, false);
  await listen(plain(open), config.httpPort, config.address);
  await listen(plain(open), config.temporary.port, config.temporary.address);
  await listen(
    createHttpsServer(
      {
        maxHeaderSize: 16_384,
        minVersion: 'TLSv1.2',
        SNICallback: (name, done) => {
          const found = parts.certificates.for(name);
          if (found) done(null, found.context);
          else done(new Error('no certificate for that name'));
        },
      },
      publicApp(parts, true),
    ),
    config.httpsPort,
    config.address,
  );
  await listen(plain(controlApp(parts)), config.control.port, config.control.address);
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
  const shorten = () => void parts.logs.shorten(new Date()).catch(() => undefined);
  const forget = () => void parts.desks.forget().catch(() => undefined);
  shorten();
  const daily = setInterval(() => {
    shorten();
    forget();
  }, 6 * 3_600_000).unref();
  const stopScrubbing = blobs.scrub();
  return {
    async close() {
      closed = true;
      stopScrubbing();
      parts.desks.stop();
      post?.stop();
      clearInterval(daily);
      if (reports) await new Promise<void>((done) => reports.close(() => done()));
      for (const server of servers) server.closeAllConnections();
      await Promise.all(servers.map((s) => new Promise((done) => s.close(done))));
      await parts.databases.close();
    },
  };
}
