import { spawn, type ChildProcess } from 'node:child_process';
import { createHash, randomBytes, randomInt } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import type { PorchConfig } from '../config.js';
import { LogFile } from './log-file.js';
import { reached } from './reached.js';
import { hasAccounts, hasRetiredPassword, putFirst } from './first-account.js';
import {
  carryDatabase,
  clusterFolder,
  clusterUrl,
  makeCluster,
  makeDatabase,
  spawnPostgres,
  stopLeftover,
  untilReady,
  type Cluster,
} from './postgres.js';

const ROOT = fileURLToPath(new URL('../../..', import.meta.url));

export interface StackOptions {
  data: string;
  port: number;
  /** The first three bytes of the loopback addresses to use; worked out from the data folder where not given. */
  net?: string;
  /** Bytes each hosting server holds back on its disk. */
  reserveBytes?: number;
  /** Domains the certificate authority will not certify. */
  refuses?: string[];
  /** How long a program that ended again and again waits at most before it is started again, ms; half a minute where not given. */
  mostWaitMs?: number;
  /** The password of the first account; one is made up where it is not given. */
  password?: string;
  /** Gives the first account another password. */
  newPassword?: boolean;
  /** The folder of the agent that is brought to servers, where it is another than theirs. */
  agent?: string;
  /** No browser looks at sites unless it is asked to. */
  unlooked?: boolean;
  /** Looks at every answer of the API before it is sent. */
  checkAnswers?: boolean;
  say?(line: string): void;
}

/** What the machine-wide parts of a stack are, kept in the data folder so that a site keeps its addresses and secrets. */
interface StackFacts {
  net: string;
  httpPort: number;
  httpsPort: number;
  temporaryPorts: number[];
  postgresPort: number;
  secrets: Record<string, string>;
}

/**
 * An allocator that gives freed memory back to the machine. The C library's own keeps it where threads that draw and cut
 * come and go: two thirds of what the server held at rest was free. Where it is missing, the C library's is told to share
 * (mallopt(3)).
 */
function allocator(): NodeJS.ProcessEnv {
  const file = ['x86_64-linux-gnu', 'aarch64-linux-gnu']
    .map((machine) => `/usr/lib/${machine}/libjemalloc.so.2`)
    .find((path) => existsSync(path));
  return file
    ? { LD_PRELOAD: file, MALLOC_CONF: 'background_thread:true,dirty_decay_ms:2000,muzzy_decay_ms:0' }
    : { MALLOC_ARENA_MAX: '2' };
}

const POSTGRES_PORT = 5480;
/** Debian’s Chromium without a window: itself, not the script in front of it, which lives on where it is ended. */
const BROWSER = '/usr/lib/chromium/chromium-headless-shell';
export const HOSTS = [
  { name: 'quay', last: 11 },
  { name: 'slip', last: 12 },
];
const RESOLVERS = [
  { name: 'Resolver, north', last: 22 },
  { name: 'Resolver, west', last: 23 },
  { name: 'Resolver, inland', last: 24 },
  { name: 'Resolver, far east', last: 25 },
];

/** Thrown where the stack cannot start for a reason a person can mend. */
export class StackError extends Error {}

const canBind = (port: number, address: string) =>
  new Promise<string | null>((done) => {
    const server = createServer();
    server.once('error', (e: NodeJS.ErrnoException) => done(e.code ?? 'error'));
    server.listen(port, address, () => server.close(() => done(null)));
  });

async function freePort(from: number, address: string, taken: number[]): Promise<number> {
  for (let port = from; port < from + 300; port++)
    if (!taken.includes(port) && (await canBind(port, address)) === null) return port;
  throw new StackError(`No port from ${from} on is free on ${address}.`);
}

const newSecret = () => randomBytes(24).toString('base64url');
const SECRETS = [
  'postgres',
  'porch',
  'registrar',
  'writing',
  'library',
  'store-backups',
  ...HOSTS.flatMap((h) => [h.name, `${h.name}-database`, `${h.name}-postgres`, `${h.name}-backups`]),
];
function writeFacts(file: string, facts: StackFacts): void {
  writeFileSync(`${file}.part`, JSON.stringify(facts, null, 2), { mode: 0o600 });
  renameSync(`${file}.part`, file);
}

async function factsOf(options: StackOptions): Promise<StackFacts> {
  const file = join(options.data, 'stack.json');
  if (existsSync(file)) {
    const kept = JSON.parse(readFileSync(file, 'utf8')) as StackFacts;
    const missing = SECRETS.filter((k) => !kept.secrets[k]);
    // A folder from before a program was added has no secret for it yet.
    if (missing.length === 0) return kept;
    const facts = {
      ...kept,
      secrets: { ...kept.secrets, ...Object.fromEntries(missing.map((k) => [k, newSecret()])) },
    };
    writeFacts(file, facts);
    return facts;
  }
  const digest = createHash('sha256').update(resolve(options.data)).digest();
  const own = `127.${20 + (digest[0]! % 200)}.${digest[1]!}`;
  // The default folder of a clone has the plain addresses, unless another clone’s is running on them.
  const plain = resolve(options.data) === join(ROOT, '.data') && (await canBind(POSTGRES_PORT, '127.0.0.5')) === null;
  const net = options.net ?? (plain ? '127.0.0' : own);
  const standard = (await canBind(80, `${net}.11`)) === null && (await canBind(443, `${net}.11`)) === null;
  const temporaryPorts: number[] = [];
  // All stacks share this address: two that start at once look for their ports in places of their own.
  const from = net === '127.0.0' ? 8711 : 12_000 + (digest.readUInt16BE(2) % 800) * 10;
  for (const _ of HOSTS) temporaryPorts.push(await freePort(from, '127.0.0.1', [options.port, ...temporaryPorts]));
  const facts: StackFacts = {
    net,
    httpPort: standard ? 80 : 8080,
    httpsPort: standard ? 443 : 8443,
    temporaryPorts,
    postgresPort: POSTGRES_PORT,
    secrets: Object.fromEntries(SECRETS.map((k) => [k, newSecret()])),
  };
  writeFacts(file, facts);
  return facts;
}

/** Claims the data folder. A claim whose process is gone does not count. */
function claim(data: string, url: string): void {
  const file = join(data, 'running.json');
  if (existsSync(file)) {
    const held = JSON.parse(readFileSync(file, 'utf8') || '{}') as { pid?: number; url?: string; born?: string };
    if (held.pid && held.pid !== process.pid && bornAt(held.pid) === held.born)
      throw new StackError(
        `Tin Porch is already running on this data folder, at ${held.url ?? 'an unknown address'} (process ${held.pid}).`,
      );
  }
  writeFileSync(file, JSON.stringify({ pid: process.pid, born: bornAt(process.pid), url }));
}

/** When a process was started, in clock ticks since boot: with the pid, it names one process for good. */
function bornAt(pid: number): string | null {
  try {
    const stat = readFileSync(`/proc/${pid}/stat`, 'utf8');
    const fields = stat.slice(stat.lastIndexOf(')') + 2).split(' ');
    // A zombie has ended; only nobody has asked how.
    return fields[0] === 'Z' ? null : (fields[19] ?? null);
  } catch {
    return null;
  }
}

/** A program of the stack: started again when it dies, until the stack stops. */
class Program {
  child: ChildProcess | null = null;
  private stopping = false;
  private failures = 0;
  private upSince = 0;

  constructor(
    readonly name: string,
    private readonly launch: () => ChildProcess,
    private readonly ready: (child: ChildProcess) => Promise<void>,
    private readonly say: (line: string) => void,
    private readonly log: LogFile,
    private readonly mostWaitMs = 30_000,
  ) {}

  async start(): Promise<void> {
    const child = this.launch();
    this.child = child;
    let last = '';
    child.stderr?.on('data', (part: Buffer) => {
      last = (last + part.toString()).slice(-3000);
      this.log.write(part);
    });
    let up = false;
    const died = new Promise<never>((_, fail) =>
      child.once('exit', (code, signal) => {
        fail(
          new StackError(
            `${this.name} ended (${signal ?? `code ${code}`}).\n${last.trim().split('\n').slice(-6).join('\n')}`,
          ),
        );
        if (this.stopping || !up) return;
        // One that ran well for a while begins with a short wait again.
        if (Date.now() - this.upSince > 60_000) this.failures = 0;
        this.again(`${this.name} ended (${signal ?? code})`);
      }),
    );
    died.catch(() => undefined);
    try {
      await Promise.race([this.ready(child), died]);
    } catch (error) {
      child.kill('SIGKILL');
      throw error;
    }
    up = true;
    this.upSince = Date.now();
  }

  /** Starts it again after a while: at once the first time, then twice as late each time. */
  private again(why: string): void {
    if (this.stopping) return;
    const wait = Math.min(this.mostWaitMs, 200 * 2 ** this.failures++);
    this.say(`${why}; starting it again${wait > 1000 ? ` in ${Math.round(wait / 1000)} s` : ''}.`);
    this.log.write(`${new Date().toISOString()} ${why}\n`);
    setTimeout(() => {
      if (!this.stopping) void this.start().catch((error: Error) => this.again(error.message));
    }, wait);
  }

  async stop(signal: NodeJS.Signals = 'SIGTERM'): Promise<void> {
    this.stopping = true;
    const child = this.child;
    if (!child || child.exitCode !== null || child.signalCode !== null) return;
    const ended = new Promise((done) => child.once('exit', done));
    child.kill(signal);
    const late = setTimeout(() => child.kill('SIGKILL'), 6000);
    await ended;
    clearTimeout(late);
  }
}

export interface Stack {
  url: string;
  facts: StackFacts;
  config: PorchConfig;
  /** By name: postgres, postgres-quay, postgres-slip, backups-quay, backups-slip, backups-store, standins, quay, slip, porch. */
  programs: Map<string, Program>;
  /** The password of the first account where it was made up just now; nowhere kept but as a hash. */
  password: string | null;
  stop(): Promise<void>;
}

export const FIRST_DESIGNER = { mail: 'ines@tinporch.example', name: 'Ines Tarrant' };
/** A password nobody has to think up: letters and digits that are not mistaken for each other, in fours. */
const madeUpPassword = (): string =>
  Array.from({ length: 4 }, () =>
    Array.from({ length: 4 }, () => 'abcdefghijkmnpqrstuvwxyz23456789'[randomInt(32)]).join(''),
  ).join('-');

/** Starts everything on this machine: PostgreSQL, the stand-ins, two hosting servers and Tin Porch. */
export async function startStack(options: StackOptions): Promise<Stack> {
  const data = resolve(options.data);
  const say = options.say ?? (() => undefined);
  mkdirSync(data, { recursive: true });
  const url = `http://127.0.0.1:${options.port}`;
  claim(data, url);
  const portFault = await canBind(options.port, '127.0.0.1');
  if (portFault)
    throw new StackError(
      portFault === 'EADDRINUSE'
        ? `Port ${options.port} is taken by another program. Try ./start --port ${options.port + 20}`
        : `Port ${options.port} cannot be used (${portFault}).`,
    );
  const facts = await factsOf({ ...options, data });
  const at = (last: number) => `${facts.net}.${last}`;
  const secret = (name: string) => facts.secrets[name]!;
  const cluster: Cluster = {
    folder: clusterFolder(data),
    address: at(5),
    port: facts.postgresPort,
    password: secret('postgres'),
  };
  // Each hosting server keeps its database to itself, as if it stood elsewhere: nobody there gets at what is ours.
  const hostClusters = new Map<string, Cluster>(
    HOSTS.map(({ name, last }) => [
      name,
      {
        folder: clusterFolder(data, `postgres-${name}`),
        address: at(last),
        port: facts.postgresPort,
        password: secret(`${name}-postgres`),
      },
    ]),
  );
  const programs = new Map<string, Program>();
  const stop = async () => {
    for (const name of ['porch', ...HOSTS.map((h) => h.name), 'standins']) await programs.get(name)?.stop();
    await Promise.all([...programs].filter(([name]) => name.startsWith('backups-')).map(([, p]) => p.stop()));
    // A fast shutdown: connections are ended, everything committed is on disk.
    await Promise.all(
      ['postgres', ...HOSTS.map((h) => `postgres-${h.name}`)].map((name) => programs.get(name)?.stop('SIGINT')),
    );
    writeFileSync(join(data, 'running.json'), '{}');
  };
  try {
    if (!existsSync(join(cluster.folder, 'made'))) say('Making a PostgreSQL cluster …');
    if (!cluster.folder.startsWith(data))
      say(`PostgreSQL keeps its files in ${cluster.folder}, since its user cannot reach ${data}.`);
    const clusters = [cluster, ...hostClusters.values()];
    await Promise.all(clusters.map((c) => makeCluster(c)));
    for (const c of clusters) {
      stopLeftover(c);
      const fault = await canBind(c.port, c.address);
      if (fault)
        throw new StackError(
          fault === 'EADDRINUSE'
            ? `${c.address}:${c.port} is in use, perhaps by a Tin Porch of another folder. Stop it, or use another folder: ./start --data DIR`
            : `${c.address}:${c.port} cannot be used (${fault}).`,
        );
    }
    const add = async (name: string, launch: () => ChildProcess, ready: (c: ChildProcess) => Promise<void>) => {
      const program = new Program(
        name,
        launch,
        ready,
        say,
        new LogFile(join(data, 'logs', `${name}.log`)),
        options.mostWaitMs,
      );
      programs.set(name, program);
      await program.start();
    };
    const node = (name: string, script: string, config: object, env: NodeJS.ProcessEnv = {}) => {
      const file = join(data, `${name}.json`);
      writeFileSync(file, JSON.stringify(config, null, 2), { mode: 0o600 });
      return add(
        name,
        () =>
          spawn(process.execPath, ['--enable-source-maps', join(ROOT, script), file], {
            detached: true,
            stdio: ['pipe', 'pipe', 'pipe'],
            env: { ...process.env, ...env, STOP_WITH_PARENT: '1', NODE_ENV: 'production' },
          }),
        (child) =>
          new Promise<void>((done) =>
            child.stdout!.on('data', (part: Buffer) => part.toString().includes('ready') && done()),
          ),
      );
    };
    const authority = { address: at(21), port: 5300, name: 'ns1.brinegate.example' };
    const resolvers = RESOLVERS.map((r) => ({ name: r.name, address: at(r.last), port: 5300 }));
    const registrar = { address: at(31), port: 8031, apiKey: secret('registrar') };
    const writing = { address: at(32), port: 8032, apiKey: secret('writing'), behaviour: 'good' };
    const library = {
      address: at(33),
      port: 8033,
      apiKey: secret('library'),
      behaviour: 'good',
      folder: join(ROOT, 'standins/dist/shelves'),
    };
    const mail = {
      address: at(34),
      port: 2525,
      page: 8034,
      exchangers: Object.fromEntries(
        HOSTS.map(({ name, last }) => [`${name}.example`, { address: at(last), port: 2525 }]),
      ),
    };
    const acme = {
      address: at(41),
      port: 14000,
      caaName: 'authority.saltmarrow.example',
      httpPort: facts.httpPort,
      refuses: options.refuses ?? ['refused.example'],
    };
    // Each hosting server keeps backups of the other’s sites, and a store that is neither keeps all of them.
    const keepers = [...HOSTS.map(({ name, last }) => ({ name, last, server: name })), { name: 'store', last: 35 }].map(
      ({ last, ...keeper }) => ({
        ...keeper,
        ...{ address: at(last), port: 8010, key: secret(`${keeper.name}-backups`) },
        folder: join(data, 'backups', keeper.name),
      }),
    );
    // What Tin Porch’s own backups are closed with: in a file, for whoever restores them has no database.
    const ownPassword = join(data, 'own-backups.password');
    if (!existsSync(ownPassword)) writeFileSync(ownPassword, `${madeUpPassword()}\n`, { mode: 0o600 });
    const keeping = keepers.map(({ name, address, port, key, folder }) => {
      mkdirSync(folder, { recursive: true });
      return add(
        `backups-${name}`,
        () =>
          spawn('rclone', ['serve', 'restic', '--addr', `${address}:${port}`, '--user', 'tin-porch', folder], {
            stdio: ['ignore', 'ignore', 'pipe'],
            // What is in the environment is in no list of processes.
            env: { PATH: process.env['PATH'], RCLONE_CONFIG: join(data, 'rclone.conf'), RCLONE_PASS: key },
          }),
        () => reached(address, port),
      );
    });
    const standins = node('standins', 'standins/dist/run/main.mjs', {
      data: join(data, 'standins'),
      dns: { authority, resolvers },
      registrar,
      writing,
      library,
      mail,
      acme,
    });
    // A host asks its database for nothing before the first site comes: it loads while PostgreSQL comes up.
    const starting = HOSTS.map(({ name, last }, n) => {
      const config = {
        name,
        address: at(last),
        httpPort: facts.httpPort,
        httpsPort: facts.httpsPort,
        temporary: { base: `${name}.localhost`, address: '127.0.0.1', port: facts.temporaryPorts[n]! },
        control: { address: at(last), port: 9011, code: secret(name) },
        metrics: { address: at(last), port: 9464 },
        data: join(data, 'hosts', name),
        databaseUrl: clusterUrl(hostClusters.get(name)!, `host_${name}`, secret(`${name}-database`), `host_${name}`),
        reserveBytes: options.reserveBytes ?? 64 * 1024 * 1024,
        trust: [join(data, 'standins/root.pem')],
        mail: { host: mail.address, port: mail.port, from: `post@${name}.example`, bounces: `${name}.example` },
        bounces: { address: at(last), port: 2525 },
      };
      return { config, up: node(name, 'host/dist/run/agent.mjs', config) };
    });
    const allUp = Promise.all([standins, ...keeping, ...starting.map((s) => s.up)]);
    // Whatever fails is thrown where it is awaited, below.
    allUp.catch(() => undefined);
    const postgres = (name: string, c: Cluster) =>
      add(
        name,
        () => spawnPostgres(c),
        () => untilReady(c),
      );
    await Promise.all([
      postgres('postgres', cluster),
      ...HOSTS.map(({ name }) => postgres(`postgres-${name}`, hostClusters.get(name)!)),
    ]);
    const databaseUrl = await makeDatabase(cluster, 'porch', secret('porch'), 'createdb');
    for (const { name } of HOSTS) {
      const own = hostClusters.get(name)!;
      await makeDatabase(own, `host_${name}`, secret(`${name}-database`), 'createrole');
      await carryDatabase(cluster, own, `host_${name}`);
    }
    const servers = starting.map(({ config: c }) => ({
      name: c.name,
      address: c.address,
      httpPort: c.httpPort,
      httpsPort: c.httpsPort,
      temporaryBase: c.temporary.base,
      temporaryPort: c.temporary.port,
      controlUrl: `https://${c.control.address}:${c.control.port}`,
      code: c.control.code,
    }));
    await standins;
    const config: PorchConfig = {
      address: '127.0.0.1',
      port: options.port,
      databaseUrl,
      secretsKey: join(data, 'secrets.key'),
      web: join(ROOT, 'web/dist/browser'),
      servers,
      dns: {
        authority: { name: authority.name, address: authority.address, port: authority.port },
        resolvers,
        port: 5300,
      },
      rdap: `http://${registrar.address}:${registrar.port}/rdap`,
      writing: {
        url: `http://${writing.address}:${writing.port}/v1`,
        key: writing.apiKey,
        name: 'Quillfoot, a stand-in',
        model: 'quillfoot-small',
        price: { input: 2, output: 2, currency: 'GBP' },
      },
      library: {
        url: `http://${library.address}:${library.port}`,
        key: library.apiKey,
        name: 'Lanternfold, a stand-in',
      },
      registrar: { url: `http://${registrar.address}:${registrar.port}/v1`, key: registrar.apiKey },
      acme: {
        directory: `https://${acme.address}:${acme.port}/acme/directory`,
        contact: FIRST_DESIGNER.mail,
        caaName: acme.caaName,
      },
      trust: [join(data, 'standins/root.pem')],
      morningCron: '30 6 * * *',
      metrics: { address: at(5), port: 9464 },
      backups: {
        cron: '40 1 * * *',
        places: keepers.map(({ name, address, port, key, ...keeper }) => ({
          name,
          repository: `rest:http://tin-porch:${key}@${address}:${port}/sites/`,
          ...('server' in keeper && { server: keeper.server }),
        })),
        own: {
          passwordFile: ownPassword,
          places: keepers.map(({ name, address, port, key }) => ({
            name,
            repository: `rest:http://tin-porch:${key}@${address}:${port}/own/`,
          })),
        },
      },
      mail: { host: mail.address, port: mail.port, from: 'porch@tinporch.example' },
      ...(existsSync(BROWSER) && { browser: BROWSER }),
      ...(options.agent && { agent: options.agent }),
      ...(!options.unlooked && { lookCron: '* * * * *' }),
      ...(options.checkAnswers && { checkAnswers: true }),
    };
    // Made up once and said once: the account keeps a hash of it, and nothing else does.
    const first = !(await hasAccounts(databaseUrl));
    const anew = first || options.newPassword || (await hasRetiredPassword(databaseUrl, FIRST_DESIGNER.mail));
    const password = anew ? (options.password ?? madeUpPassword()) : null;
    if (password) await putFirst(databaseUrl, { ...FIRST_DESIGNER, password });
    await node('porch', 'server/dist/run/main.mjs', config, allocator());
    await allUp;
    return { url, facts, config, programs, password, stop };
  } catch (error) {
    await stop();
    throw error;
  }
}
