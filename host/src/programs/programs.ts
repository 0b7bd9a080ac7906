import { spawn } from 'node:child_process';
import { existsSync } from 'node:fs';
import { mkdir, readdir, rename, rm, statfs, symlink } from 'node:fs/promises';
import { setPriority } from 'node:os';
import { dirname, join } from 'node:path';
import { createInterface } from 'node:readline';
import type { Readable } from 'node:stream';
import { Problem } from '@tin-porch/core/ground';
import { AGENT, aboutIn, unmet, unpacked, VERSION, versionIn } from '@tin-porch/press/programs';
import { chosen, readChoice, writeChoice, type Fallen } from './choice.js';
import type { AskedTry, Tried } from '../program-trial.js';

/** The versions of the agent on this server. */
export interface ProgramsState {
  running: string;
  installed: string;
  /** Whether it is known to serve: until then, it is given up where nobody says so. */
  known: boolean;
  /** The one before it, to which it would go back. */
  before: string | null;
  fallen: Fallen | null;
}

/** How long a version may take to try backups, ms: it asks for each of their files. */
const TRY_MS = 30 * 60_000;
/** How far a try stands back behind what serves (nice(2)). */
const NICE = 10;
/** What a version takes on the disk at most, bytes. */
const ROOM = 100_000_000;

/** Takes versions of the agent in, has them tried beside the one that serves, and chooses which is begun next. */
export class Programs {
  private constructor(
    /** The file of the configuration that every version is begun with. */
    private readonly config: string,
    private readonly folder: string,
    /** Bytes that stay free on the disk. */
    private readonly reserve: number,
    private readonly root: string,
    readonly running: string,
    readonly installed: string,
  ) {}

  /** Those of the agent that runs; null where it was begun without a choice: then it cannot be another. */
  static async open(config: string, reserve: number, env = process.env): Promise<Programs | null> {
    const { AGENT_FOLDER: folder, AGENT_INSTALLED: root, AGENT_VERSION: running } = env;
    const installed = root && (await versionIn(root));
    if (!folder || !running || !installed) return null;
    return new Programs(config, folder, reserve, root, running, installed);
  }

  private rootOf = (version: string): string =>
    version === this.installed ? this.root : join(this.folder, checked(version));
  private has = (version: string): boolean => existsSync(join(this.rootOf(version), AGENT));

  state(): ProgramsState {
    const choice = readChoice(this.folder);
    const { running, installed } = this;
    const known = choice?.state !== 'begun' || choice.version !== running;
    const before = choice && choice.before !== running && this.has(choice.before) ? choice.before : null;
    return { running, installed, known, before, fallen: choice?.fallen ?? null };
  }

  /**
   * Takes a version in. It is there afterwards as a whole, or not at all.
   * @throws Problem 422 where what came is not that version, 409 where what it needs is not installed here, 507 where there is
   * no room for it
   */
  async receive(version: string, archive: Readable): Promise<void> {
    if (this.has(checked(version))) {
      archive.resume();
      return;
    }
    const part = join(this.folder, `${version}.part`);
    await rm(part, { recursive: true, force: true });
    await mkdir(part, { recursive: true });
    try {
      const { bavail, bsize } = await statfs(part);
      if (bavail * bsize < ROOM + this.reserve)
        throw new Problem(507, 'There is no room for another version of the agent');
      await unpacked(archive, part);
      const came = await versionIn(part);
      if (came !== version)
        throw new Problem(422, 'That is not the version it is said to be', `It is ${came ?? 'no agent'}.`);
      const wrong = await unmet(await aboutIn(part), join(this.root, AGENT));
      if (wrong.length) throw new Problem(409, 'It cannot run on this server', wrong.join(' '));
      // What is not in its own files is read from where it was installed.
      const packages = join(this.folder, 'node_modules');
      await rm(packages, { force: true });
      await symlink(packagesAbove(this.root), packages);
      await rename(part, join(this.folder, version));
    } catch (error) {
      await rm(part, { recursive: true, force: true });
      if (error instanceof Problem) throw error;
      throw new Problem(422, 'The agent that was sent cannot be put down', (error as Error).message);
    }
  }

  /** Has a version prove backups of sites, beside the one that serves. Gives what it found of each. @throws Problem 404, 422 */
  async try(version: string, asked: AskedTry): Promise<Tried[]> {
    if (!this.has(version)) throw new Problem(404, 'That version is not on this server');
    // Nothing of the way the one that serves was begun is handed on.
    const { STOP_WITH_PARENT: _, ...env } = process.env;
    const child = spawn(process.execPath, [join(this.rootOf(version), AGENT), this.config, 'try'], {
      stdio: ['pipe', 'pipe', 'pipe'],
      env,
    });
    // Visitors come first.
    if (child.pid) setPriority(child.pid, NICE);
    const late = setTimeout(() => child.kill('SIGKILL'), TRY_MS);
    let last = '';
    child.stderr.on('data', (part: Buffer) => (last = (last + part.toString()).slice(-2000)));
    child.stdin.on('error', () => undefined).end(JSON.stringify(asked));
    const tried: Tried[] = [];
    const ended = new Promise<number | null>((done, fail) => child.once('error', fail).once('close', done));
    for await (const line of createInterface({ input: child.stdout }))
      if (line.startsWith('{')) tried.push(JSON.parse(line) as Tried);
    const code = await ended.finally(() => clearTimeout(late));
    if (code === 0 && tried.length === asked.sites.length) return tried;
    const why = /^\w*Error: .*$/m.exec(last)?.[0] ?? last.trim().split('\n').at(-1);
    throw new Problem(422, 'It ended in the middle of a try', why || `It said nothing (${code ?? 'killed'}).`);
  }

  /** Chooses the version that is begun next. @throws Problem 404, 409 where it is the one that runs */
  choose(version: string): void {
    if (!this.has(checked(version))) throw new Problem(404, 'That version is not on this server');
    if (version === this.running) throw new Problem(409, 'That version runs already');
    writeChoice(this.folder, chosen(readChoice(this.folder), version, this));
  }

  /** That the version which runs is known to serve. What is not needed any more is let go. @throws Problem 409 */
  async serves(version: string): Promise<void> {
    if (version !== this.running) throw new Problem(409, 'Another version runs', `It is ${this.running}.`);
    const choice = readChoice(this.folder);
    if (choice?.version === version && choice.state === 'begun') writeChoice(this.folder, { ...choice, state: 'up' });
    const kept = new Set([this.running, choice?.before, 'node_modules', 'choice.json']);
    for (const name of await readdir(this.folder).catch(() => []))
      if (!kept.has(name)) await rm(join(this.folder, name), { recursive: true, force: true });
  }
}

/** @throws Problem 400 */
function checked(version: string): string {
  if (!VERSION.test(version)) throw new Problem(400, 'That is not a version of the agent');
  return version;
}

/** Where packages are installed beside a folder, or above it. */
function packagesAbove(root: string): string {
  for (let folder = root; ; folder = dirname(folder)) {
    const found = join(folder, 'node_modules');
    if (existsSync(found) || folder === dirname(folder)) return found;
  }
}
