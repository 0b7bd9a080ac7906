import { mkdirSync, readFileSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import { createServer as createHttpsServer } from 'node:https';
import { join } from 'node:path';
import { acmeApp } from './acme/acme.js';
import { Authority } from './acme/authority-keys.js';
import type { StandinsConfig } from './config.js';
import { answerAs } from './dns/authority.js';
import { cachingResolver } from './dns/resolver.js';
import { serveDns } from './dns/server.js';
import { libraryApp } from './library/library.js';
import { Names } from './registrar/names.js';
import { registrarApp } from './registrar/registrar.js';
import { writingApp } from './writing/writing.js';

// usage: main.js CONFIG.json
const config = JSON.parse(readFileSync(process.argv[2] ?? '', 'utf8')) as StandinsConfig;
mkdirSync(config.data, { recursive: true });
const listen = (server: Server, port: number, address: string) =>
  new Promise<void>((done, fail) => server.once('error', fail).listen(port, address, done));

const names = new Names(join(config.data, 'names.json'));
const { authority, resolvers } = config.dns;
const serverZone = authority.name.split('.').slice(1).join('.');
if (!names.get(serverZone))
  names.register(serverZone, 'other', 10, [
    { name: authority.name.split('.')[0]!, type: 'A', ttl: 3600, data: authority.address },
  ]);
await serveDns(authority, false, answerAs(names, authority.name));
for (const resolver of resolvers) await serveDns(resolver, true, cachingResolver(authority));

const registrar = {
  ...config.registrar,
  origin: `http://${config.registrar.address}:${config.registrar.port}`,
  nameServer: authority.name,
};
await listen(createServer(registrarApp(names, registrar)), registrar.port, registrar.address);

await listen(createServer(writingApp(config.writing)), config.writing.port, config.writing.address);

const { library } = config;
const shelves = libraryApp({ ...library, origin: `http://${library.address}:${library.port}` });
await listen(createServer(shelves), library.port, library.address);

const signer = await Authority.open(config.data);
const app = acmeApp(signer, {
  ...config.acme,
  origin: `https://${config.acme.address}:${config.acme.port}`,
  data: config.data,
  dns: authority,
});
await listen(createHttpsServer(await signer.own(config.acme.address), app), config.acme.port, config.acme.address);

console.log('ready');
process.on('SIGTERM', () => process.exit(0)).on('SIGINT', () => process.exit(0));
// Started by another program: its end of the pipe closes when it dies, however it dies.
if (process.env['STOP_WITH_PARENT']) process.stdin.resume().on('end', () => process.exit(0));
