import { mkdirSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import { createServer as createHttpsServer } from 'node:https';
import { join } from 'node:path';
import { acmeApp } from './acme/acme.js';
import { Authority } from './acme/authority-keys.js';
import type { StandinsConfig } from './config.js';
import { answerAs } from './dns/authority.js';
import { cachingResolver } from './dns/resolver.js';
import { serveDns } from './dns/server.js';
import { mailPage, mailServer } from './mail/mail.js';
import { libraryApp } from './library/library.js';
import { Names } from './registrar/names.js';
import { registrarApp } from './registrar/registrar.js';
import { writingApp } from './writing/writing.js';

/** Stand-ins at work: the register of names behind them, and the root their authority signs under, as a PEM file. */
export interface Standins {
  names: Names;
  root: string;
  close(): Promise<void>;
}

/**
 * Starts name server, resolvers, registrar, certificate authority, writing service, picture library and mail server. Resolves once
 * all of them listen. @throws Error where an address is taken
 */
export async function startStandins(config: StandinsConfig): Promise<Standins> {
  mkdirSync(config.data, { recursive: true });
  const closes: (() => Promise<void>)[] = [];
  const listen = async (server: Server, { port, address }: { port: number; address: string }) => {
    await new Promise<void>((done, fail) => server.once('error', fail).listen(port, address, done));
    closes.push(
      () =>
        new Promise((done) => {
          server.close(() => done());
          server.closeAllConnections();
        }),
    );
  };

  const names = new Names(join(config.data, 'names.json'));
  const { authority, resolvers } = config.dns;
  const serverZone = authority.name.split('.').slice(1).join('.');
  if (!names.get(serverZone))
    names.register(serverZone, 'other', 10, [
      { name: authority.name.split('.')[0]!, type: 'A', ttl: 3600, data: authority.address },
    ]);
  const dns = [await serveDns(authority, false, answerAs(names, authority.name))];
  for (const resolver of resolvers) dns.push(await serveDns(resolver, true, cachingResolver(authority)));
  closes.push(...dns.map((d) => () => d.close()));

  const { registrar, writing, library, mail, acme } = config;
  const shop = { ...registrar, origin: `http://${registrar.address}:${registrar.port}`, nameServer: authority.name };
  await listen(createServer(registrarApp(names, shop)), registrar);
  if (writing) await listen(createServer(writingApp(writing)), writing);
  if (library) {
    const shelves = libraryApp({ ...library, origin: `http://${library.address}:${library.port}` });
    await listen(createServer(shelves), library);
  }

  if (mail) {
    const folder = join(config.data, 'mail');
    const server = mailServer(folder, mail.exchangers);
    await new Promise<void>((done, fail) => {
      server.on('error', fail);
      server.listen(mail.port, mail.address, done);
    });
    // One client’s trouble is no trouble of the others.
    server.removeAllListeners('error').on('error', () => undefined);
    closes.push(() => new Promise((done) => server.close(() => done())));
    await listen(createServer(mailPage(folder)), { address: mail.address, port: mail.page });
  }

  const signer = await Authority.open(config.data);
  const app = acmeApp(signer, {
    ...acme,
    origin: `https://${acme.address}:${acme.port}`,
    data: config.data,
    dns: authority,
  });
  await listen(createHttpsServer(await signer.own(acme.address), app), acme);
  return {
    names,
    root: join(config.data, 'root.pem'),
    close: async () => void (await Promise.all(closes.map((close) => close()))),
  };
}
