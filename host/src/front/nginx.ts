import { spawn } from 'node:child_process';
import { existsSync, readFileSync } from 'node:fs';
import { mkdir, readdir, readFile, readlink, realpath, rename, rm, stat } from 'node:fs/promises';
import { createConnection } from 'node:net';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { Problem } from '@tin-porch/core/ground';
import { writeDurable } from '../durable.js';
import { nginxConf, STATUS_SOCKET, TROUBLES, type FrontAddresses } from './nginx-conf.js';

const NGINX = '/usr/sbin/nginx';
const MODULES = '/usr/lib/nginx/modules';
/** The authorities this machine trusts. */
const SYSTEM_ROOTS = '/etc/ssl/certs/ca-certificates.crt';
const FRIENDS = 'friends.json';
const WAITING_PID = 'waiting.pid';
/** How often it is looked whether it runs, how long it may take to begin and to end, ms. */
const LOOK_MS = 300;
const BEGIN_MS = 10_000;
const END_MS = 2500;
/** How long it may take to be there once it was started, ms, and how often it is started. */
const THERE_MS = 1000;
const TRIES = 3;
/** After how many looks its own log is looked at, and how long that may become, bytes. */
const TURNS = 100;
const MOST_LOG = 5_000_000;

const pause = (ms: number) => new Promise((done) => setTimeout(done, ms));
/** Whether a process runs. One that ended and that nobody has asked how does not. */
function runs(pid: number): boolean {
  try {
    const stat = readFileSync(`/proc/${pid}/stat`, 'utf8');
    return stat.slice(stat.lastIndexOf(')') + 2, stat.lastIndexOf(')') + 3) !== 'Z';
  } catch {
    return false;
  }
}
/** The process that began one (proc(5)). */
function parentOf(pid: number): number {
  const stat = readFileSync(`/proc/${pid}/stat`, 'utf8');
  return Number(stat.slice(stat.lastIndexOf(')') + 2).split(' ')[1]);
}
function kill(pid: number, signal: NodeJS.Signals): void {
  try {
    process.kill(pid, signal);
  } catch {
    // It ended meanwhile.
  }
}
/** A process of nginx: the first of them, or one that answers, or one that only ends what it has begun. */
interface Found {
  pid: number;
  parent: number;
  first: boolean;
  leaving: boolean;
}
/** Every nginx that works in a folder, its first process before its workers: whoever began it may be gone. */
async function nginxIn(folder: string): Promise<Found[]> {
  const there = await realpath(folder);
  const found: Found[] = [];
  for (const name of await readdir('/proc')) {
    if (!/^\d+$/.test(name)) continue;
    try {
      if ((await readlink(`/proc/${name}/cwd`)) !== there) continue;
      const said = await readFile(`/proc/${name}/cmdline`, 'utf8');
      if (/^nginx: |^\S*\/nginx\0/.test(said) && runs(Number(name)))
        found.push({
          pid: Number(name),
          parent: parentOf(Number(name)),
          first: !said.startsWith('nginx: worker'),
          leaving: said.includes('is shutting down'),
        });
    } catch {
      // It ended, or is somebody else’s.
    }
  }
  return found.sort((a, b) => Number(b.first) - Number(a.first));
}
const listens = (port: number, address: string) =>
  new Promise<boolean>((done) => {
    const socket = createConnection({ port, host: address, timeout: 1000 })
      .on('connect', () => void (socket.destroy(), done(true)))
      .on('timeout', () => void (socket.destroy(), done(false)))
      .on('error', () => done(false));
  });

/**
 * The nginx of this server, with a prefix of its own. It is no child that ends with the agent: while the agent is away,
 * pages and files are served on; the next agent takes it over as it runs.
 */
export class Nginx {
  private pid: number | null = null;
  private stopped = false;
  private watching: Promise<void> = Promise.resolve();

  private friends: string[] = [];

  /** @param trusted PEM files of authorities by which other servers are known, beside the machine’s own */
  constructor(
    private readonly prefix: string,
    private readonly at: FrontAddresses,
    private readonly trusted: readonly string[],
    private readonly log: { error(o: object, m: string): void },
  ) {}

  /** Has it run with this configuration. @throws Error with its own words where it cannot */
  async start(): Promise<void> {
    for (const name of ['tmp/body', 'tmp/proxy', 'tmp/none'])
      await mkdir(join(this.prefix, name), { recursive: true, mode: 0o700 });
    this.friends = await readFile(join(this.prefix, FRIENDS), 'utf8')
      .then((text) => JSON.parse(text) as string[])
      .catch(() => []);
    await this.openWaitingRoom();
    await this.configure();
    const running = await this.first();
    if (running) {
      this.pid = running.pid;
      kill(running.pid, 'SIGHUP');
      await this.up(running.pid);
    } else await this.begin();
    this.watching = this.watch();
  }

  /** The process that is named in a file of it; 0 where there is none. */
  private said = async (file: string): Promise<number> =>
    Number(await readFile(join(this.prefix, file), 'utf8').catch(() => '')) || 0;
  /** The first process of the one that takes whoever comes, as it says itself; undefined where none runs. */
  private async first(): Promise<Found | undefined> {
    const pid = await this.said('nginx.pid');
    const all = await nginxIn(this.prefix);
    return all.find((n) => n.pid === pid) ?? all.find((n) => n.first);
  }

  /** Has somebody there to wait with, who stays while the agent ends. */
  private async openWaitingRoom(): Promise<void> {
    const program = new URL(`./waiting-room${import.meta.url.endsWith('.mjs') ? '.mjs' : '.js'}`, import.meta.url);
    if (await this.waitingRoom()) return;
    const child = spawn(process.execPath, [fileURLToPath(program), this.prefix], {
      ...{ cwd: this.prefix, detached: true, stdio: 'ignore' },
      env: { PATH: process.env['PATH'] },
    });
    child.on('error', (error) => this.log.error({ err: error }, 'nobody is there to wait with'));
    child.unref();
    if (child.pid) await writeDurable(join(this.prefix, WAITING_PID), String(child.pid));
  }
  /** The process of it; null where none runs. */
  private async waitingRoom(): Promise<number | null> {
    const pid = Number(await readFile(join(this.prefix, WAITING_PID), 'utf8').catch(() => ''));
    // Another process may have that number by now.
    const there = pid && (await readlink(`/proc/${pid}/cwd`).catch(() => ''));
    return there === (await realpath(this.prefix)) && runs(pid) ? pid : null;
  }
  /** Whoever waits there is let go. */
  private async closeWaitingRoom(): Promise<void> {
    const pid = await this.waitingRoom();
    if (pid) kill(pid, 'SIGTERM');
  }

  /**
   * Has it start anew, with the program that is installed by now: the new one listens before the old one ends, and what is
   * under way is answered (nginx(8): USR2, QUIT). @throws Problem 409 where the one before
   * it still answers something, Error where the new one does not begin
   */
  async renew(): Promise<void> {
    const old = this.pid;
    if (!old || !runs(old)) throw new Error('nginx does not run');
    // nginx takes no other over while there are two.
    const leaving = await this.said('nginx.pid.oldbin');
    if (leaving && (await nginxIn(this.prefix)).some((n) => n.pid === leaving))
      throw new Problem(409, 'It was started anew a moment ago', 'The one before still answers what it had begun.');
    kill(old, 'SIGUSR2');
    for (const until = Date.now() + BEGIN_MS; ; await pause(30)) {
      const pid = await this.said('nginx.pid');
      // It has its own workers beside those that are there.
      if (pid && pid !== old && (await nginxIn(this.prefix)).some((n) => n.parent === pid)) {
        this.pid = pid;
        kill(old, 'SIGQUIT');
        return;
      }
      if (Date.now() > until) throw new Error('The new nginx does not begin; the old one goes on');
    }
  }

  /** Servers that lead visitors here: from now on they are believed whom they lead. */
  async befriend(addresses: readonly string[]): Promise<void> {
    this.friends = [...new Set(addresses)].sort();
    await writeDurable(join(this.prefix, FRIENDS), JSON.stringify(this.friends));
    // What is under way is answered as it was.
    if (await this.configure()) await this.reload();
  }

  /** Has it take its configuration, and waits until nobody new is served by another. */
  private async reload(): Promise<void> {
    const { pid } = this;
    if (!pid) return;
    const before = new Set((await nginxIn(this.prefix)).map((n) => n.pid));
    kill(pid, 'SIGHUP');
    for (const until = Date.now() + BEGIN_MS; Date.now() < until; await pause(20)) {
      const workers = (await nginxIn(this.prefix)).filter((n) => !n.first && !n.leaving);
      if (workers.length && !workers.some((n) => before.has(n.pid))) return;
    }
    throw new Error('nginx does not take its configuration');
  }

  /** Writes its configuration. True where that is another now. */
  private async configure(): Promise<boolean> {
    const modules = existsSync(join(MODULES, 'ngx_http_brotli_static_module.so')) ? MODULES : null;
    const user = process.getuid?.() === 0 ? 'root' : null;
    const roots = await Promise.all([SYSTEM_ROOTS, ...this.trusted].map((f) => readFile(f, 'utf8').catch(() => '')));
    const trusted = roots.filter(Boolean).join('\n');
    const conf = nginxConf(this.at, { modules, user, friends: this.friends, trusts: trusted !== '' });
    let other = false;
    for (const [name, text] of [
      ['trusted.pem', trusted],
      ['nginx.conf', conf],
    ] as const) {
      const file = join(this.prefix, name);
      if ((await readFile(file, 'utf8').catch(() => null)) === text) continue;
      await writeDurable(file, text);
      other = true;
    }
    return other;
  }

  private async begin(): Promise<void> {
    // Workers whose first process was killed hold the ports.
    for (const { pid } of await nginxIn(this.prefix)) kill(pid, 'SIGKILL');
    for (const until = Date.now() + END_MS; Date.now() < until; await pause(10))
      if (!(await nginxIn(this.prefix)).length) break;
    // What was killed leaves its socket, on which nobody could listen.
    for (const name of ['nginx.pid', STATUS_SOCKET]) await rm(join(this.prefix, name), { force: true });
    for (let n = 0; n < TRIES; n++) {
      await this.launch();
      for (const until = Date.now() + THERE_MS; Date.now() < until; await pause(10)) {
        const first = await this.first();
        if (!first) continue;
        if (!(await this.up(first.pid))) break;
        this.pid = first.pid;
        return;
      }
    }
    throw new Error('nginx was started and ended again');
  }

  /** Starts it: it lets its parent go once it has its ports, and is nobody’s child from then on. @throws Error with its own words */
  private async launch(): Promise<void> {
    // Its paths are relative, that of the socket too: it may be longer than a socket’s can be.
    const child = spawn(NGINX, ['-p', this.prefix, '-c', 'nginx.conf', '-e', 'error.log'], {
      cwd: this.prefix,
      detached: true,
      stdio: ['ignore', 'ignore', 'pipe'],
      env: { PATH: process.env['PATH'], TZ: 'UTC' },
    });
    let words = '';
    child.stderr.on('data', (part: Buffer) => (words = (words + part.toString()).slice(-2000)));
    const fault = await new Promise<string | null>((done) => {
      child.once('error', (error) => done(error.message));
      child.once('exit', (code) => done(code === 0 ? null : words.trim() || `it ended with ${code}`));
    });
    child.stderr.destroy();
    if (fault !== null) throw new Error(`nginx could not be started: ${fault}`);
  }

  /** Waits until it listens. False where it ended meanwhile. */
  private async up(pid: number): Promise<boolean> {
    const { address, httpPort, httpsPort, temporary } = this.at;
    const until = Date.now() + BEGIN_MS;
    for (const [port, host] of [
      [httpPort, address],
      [httpsPort, address],
      [temporary.port, temporary.address],
    ] as const)
      while (!(await listens(port, host))) {
        if (Date.now() > until) throw new Error(`nginx does not listen on ${host}:${port}`);
        if (!runs(pid)) return false;
        await pause(15);
      }
    return runs(pid);
  }

  private async watch(): Promise<void> {
    for (let n = 1; !this.stopped; n++) {
      await pause(LOOK_MS);
      if (n % TURNS === 0) await this.turn().catch(() => undefined);
      if (this.stopped || (this.pid && runs(this.pid))) continue;
      this.log.error({}, 'nginx ended and is started again');
      await this.begin().catch(async (error: Error) => {
        this.pid = null;
        this.log.error({ err: error }, 'nginx could not be started');
        await pause(LOOK_MS);
      });
    }
  }

  /** Begins another file for what it has to say, once that is long; the one before is kept. */
  private async turn(): Promise<void> {
    for (const name of ['error.log', TROUBLES]) {
      const file = join(this.prefix, name);
      if (!this.pid || (await stat(file).catch(() => ({ size: 0 }))).size < MOST_LOG) continue;
      await rename(file, `${file}.1`);
      kill(this.pid, 'SIGUSR1');
    }
  }

  /** Looks after it no more, and leaves it as it runs. */
  leave(): void {
    this.stopped = true;
  }

  /** Ends it: what is under way is answered first, for a moment. */
  async stop(): Promise<void> {
    this.stopped = true;
    await this.watching;
    await this.closeWaitingRoom();
    // One that was renewed may still be answering what it had begun.
    const all = (await nginxIn(this.prefix)).filter((n) => n.first).map((n) => n.pid);
    for (const signal of ['SIGQUIT', 'SIGTERM'] as const) {
      for (const pid of all.filter(runs)) kill(pid, signal);
      for (let waited = 0; all.some(runs) && waited < END_MS; waited += 20) await pause(20);
    }
    // Nothing of it stays, on a machine that has no time for it either: the next one needs its ports.
    for (const { pid } of await nginxIn(this.prefix)) kill(pid, 'SIGKILL');
  }
}
