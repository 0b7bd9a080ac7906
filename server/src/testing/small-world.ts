import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import pg from 'pg';
import { Problem } from '@tin-porch/core/ground';
import { startHost, type HostConfig } from '@tin-porch/host';
import { startStandins } from '@tin-porch/standins';
import { demoFacts } from '@tin-porch/core/fixtures';
import { writeVersion } from '@tin-porch/core/making';
import type { Operation } from '@tin-porch/core/operations';
import { Accounts } from '../accounts/accounts.js';
import { Rounds } from '../care/rounds.js';
import { Visits } from '../care/visits.js';
import { Certificates } from '../certificates/certificates.js';
import type { PorchConfig } from '../config.js';
import { Registrar } from '../domains/registrar.js';
import type { Job, Work } from '../jobs/jobs.js';
import { LiveChanges } from '../live/live-changes.js';
import { Pictures } from '../pictures/pictures.js';
import { Seal } from '../secrets/seal.js';
import { Servers } from '../servers/servers.js';
import { Sites } from '../sites/sites.js';
import { Strangers } from '../strangers/strangers.js';
import { realDatabase } from './real-database.js';

const AUTHORITY = 'authority.saltmarrow.example';
const CODE = 'a-code-of-at-least-24-characters';

/** What one run of the steps of a job came to. */
export interface Ran {
  /** Steps that were begun, and what those that ended came to. */
  steps: Record<string, string>;
  /** What was thrown, where something was. */
  error: Error | null;
}

/** So many there were in this process: what one of them left running is in no other’s way. */
let worlds = 0;

/**
 * All that a site meets on its way, in this process and for real: database, a hosting server, name servers, registrar
 * and certificate authority on loopback addresses of their own. For one suite; `end` takes everything away.
 */
export async function smallWorld(
  /** Is given the folder of the hosting server before that is started. */
  disk: (folder: string) => void = () => undefined,
) {
  const net = `127.${230 + (worlds++ % 20)}.${process.pid % 250}`;
  const data = mkdtempSync(join(tmpdir(), 'tin-porch-world-'));
  const database = await realDatabase('createdb');
  const { db } = database;
  const hostDatabase = await database.another('createrole');
  const authority = { address: `${net}.21`, port: 5390, name: 'ns1.brinegate.example' };
  const resolvers = [{ name: 'Resolver, north', address: `${net}.22`, port: 5390 }];
  const registrarAt = { address: `${net}.31`, port: 8041, apiKey: 'key-of-the-registrar' };
  const mail = { address: `${net}.34`, port: 2525, page: 8034 };
  const standins = await startStandins({
    data: join(data, 'standins'),
    dns: { authority, resolvers },
    registrar: registrarAt,
    mail,
    acme: { address: `${net}.41`, port: 14010, caaName: AUTHORITY, httpPort: 8081, refuses: ['refused.example'] },
  });
  const hostConfig: HostConfig = {
    name: 'quay',
    address: `${net}.11`,
    httpPort: 8081,
    httpsPort: 8444,
    temporary: { base: 'quay.test', address: `${net}.11`, port: 8712 },
    control: { address: `${net}.11`, port: 9012, code: CODE },
    data: join(data, 'quay'),
    databaseUrl: hostDatabase,
    reserveBytes: 0,
    trust: [standins.root],
    mail: { host: mail.address, port: mail.port, from: 'post@quay.example' },
  };
  /** It is being ended: what is under way there fails then. */
  let leaving = false;
  const startQuay = () =>
    startHost(hostConfig, {
      // What fails there without anybody having thought of it is said where the failing spec is seen.
      error: (o) => {
        const { err } = o as { err?: unknown };
        if (err && !(err instanceof Problem) && !leaving) console.error('quay:', err);
      },
    });
  disk(hostConfig.data);
  let host: Awaited<ReturnType<typeof startHost>> | null = await startQuay();
  const config: PorchConfig = {
    address: '127.0.0.1',
    port: 0,
    databaseUrl: database.url,
    secretsKey: join(data, 'secrets.key'),
    web: data,
    servers: [
      {
        name: 'quay',
        address: hostConfig.address,
        httpPort: hostConfig.httpPort,
        httpsPort: hostConfig.httpsPort,
        temporaryBase: hostConfig.temporary.base,
        temporaryPort: hostConfig.temporary.port,
        controlUrl: `https://${hostConfig.control.address}:${hostConfig.control.port}`,
        code: CODE,
      },
    ],
    dns: { authority, resolvers, port: 5390 },
    rdap: `http://${registrarAt.address}:${registrarAt.port}/rdap`,
    registrar: { url: `http://${registrarAt.address}:${registrarAt.port}/v1`, key: registrarAt.apiKey },
    writing: null,
    library: null,
    acme: {
      directory: `https://${net}.41:14010/acme/directory`,
      contact: 'ines@tinporch.example',
      caaName: AUTHORITY,
    },
    trust: [standins.root],
    morningCron: '30 6 * * *',
  };
  const seal = Seal.of(config.secretsKey);
  const sites = new Sites(db);
  const servers = new Servers(db, seal);
  await servers.put(config.servers);
  const strangers = new Strangers();
  const registrar = new Registrar(config);
  const certificates = new Certificates(db, config, sites, servers, registrar, seal);
  const visits = new Visits(db);
  const rounds = new Rounds(db, config, sites, servers, registrar, strangers, visits);
  const pictures = new Pictures(db, strangers);
  const live = new LiveChanges(db, sites, servers, pictures);
  await new Accounts(db).put('ines@tinporch.example', 'Ines', 'a-dry-place-to-work');
  const { rows } = await db.query<{ id: string; organisation: string }>('select id, organisation from account');
  const ines = { ...rows[0]!, name: 'Ines' };

  return {
    ...{
      net,
      db,
      config,
      sites,
      servers,
      certificates,
      rounds,
      visits,
      pictures,
      live,
      registrar,
      names: standins.names,
      ines,
    },
    quay: async () => (await servers.get('quay'))!,
    hostConfig,
    hostData: hostConfig.data,
    /** Something done in the database of a site on its server. */
    async hostDb(id: string, sql: string): Promise<pg.QueryResult> {
      const client = new pg.Client({ connectionString: hostDatabase });
      await client.connect();
      try {
        await client.query(`set search_path to site_${id.replace(/-/g, '_')}`);
        return await client.query(sql);
      } finally {
        await client.end();
      }
    },

    /** Makes a site of some pages on the server, not yet deployed; of `most` of them, the first before the others. */
    async site(name: string, domain: string | null = null, most = Infinity): Promise<string> {
      const facts = { ...demoFacts, name };
      const { id } = await sites.create(ines.organisation, facts);
      await this.change(id, writeVersion(facts, 1));
      for (const { id: page } of (await sites.get(id))!.document.pages.slice(most))
        await this.change(id, { op: 'removePage', page });
      await sites.setServer(id, 'quay');
      if (domain) await sites.setDomain(id, domain);
      return id;
    },
    change: (id: string, operation: Operation) => sites.log.change(id, operation, ines),

    /** Registers a domain whose zone has these records beside none. */
    register: (domain: string, records: [name: string, type: string, data: string][]): void =>
      void standins.names.register(
        domain,
        'account',
        1,
        records.map(([owner, type, value]) => ({ name: owner, type, ttl: 1, data: value })),
      ),

    /** Runs the steps of a job here and now. Killed before a step, it ends there as if the program had died. */
    async run(
      site: string,
      steps: (work: Work) => Promise<void>,
      { input = {}, killBefore = '' }: { input?: Record<string, unknown>; killBefore?: string } = {},
    ): Promise<Ran> {
      const ran: Ran = { steps: {}, error: null };
      const job = { id: '0', site, kind: 'deploy', input, attempt: 1 } as unknown as Job;
      const work: Work = {
        job,
        signal: new AbortController().signal,
        async step(name, run) {
          if (name === killBefore) throw new Error('killed');
          ran.steps[name] = '';
          const came = await run();
          ran.steps[name] = typeof came === 'string' ? came : came.detail;
          return came;
        },
      };
      await steps(work).catch((error: Error) => (ran.error = error));
      return ran;
    },

    /** The hosting server goes away, and comes back. */
    async hostDown(): Promise<void> {
      leaving = true;
      await host?.close();
      host = null;
    },
    async hostUp(): Promise<void> {
      leaving = false;
      host ??= await startQuay();
    },

    async end(): Promise<void> {
      leaving = true;
      await host?.close();
      await standins.close();
      await database.end();
      rmSync(data, { recursive: true, force: true });
    },
  };
}
export type SmallWorld = Awaited<ReturnType<typeof smallWorld>>;
