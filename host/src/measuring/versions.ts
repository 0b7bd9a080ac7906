import { execFile } from 'node:child_process';
import { readdir, readlink, stat } from 'node:fs/promises';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { NEWEST } from '@tin-porch/cms';
import { ENGINE } from '@tin-porch/core/page';

const run = promisify(execFile);

/** A package of the system that the server stands on. */
export interface SystemPackage {
  name: string;
  installed: string;
  /** The newest version its package lists know of. */
  candidate: string;
  /** Whether that comes from where Debian puts what closes holes. */
  security: boolean;
  /** Whether one of its programs still runs as it was before it was renewed. */
  oldRuns: boolean;
}
/** The versions of what a server is made of. */
export interface Versions {
  /** Of the renderer, the newest step of the tables of a site, and what the agent as a whole is called. */
  agent: { engine: number; step: number; node: string; program: string | null };
  /** Null where the system is no Debian. */
  packages: SystemPackage[] | null;
  /** When the package lists were fetched last, ISO 8601; null where there are none: then nobody knows what is newer. */
  listsAt: string | null;
}

/** What a hosting server needs, as patterns of names (dpkg-query(1)). */
const NEEDED = ['nginx', 'postgresql-[0-9]*', 'restic', 'openssl', 'libssl3*', 'nodejs', 'linux-image-[0-9]*'];
/** Programs that go on running, by their package, where they are. */
const RUNNING: readonly [RegExp, string][] = [
  [/^nginx$/, '/usr/sbin/nginx'],
  [/^postgresql-\d+$/, '/usr/lib/postgresql/'],
  [/^nodejs$/, '/usr/bin/node'],
];
/** How long what was found counts, ms. */
const COUNTS_MS = 15 * 60_000;
const WITHIN = { timeout: 20_000, env: { PATH: '/usr/bin:/usr/sbin:/bin:/sbin', LC_ALL: 'C' }, maxBuffer: 8_000_000 };

/**
 * Reads what `apt-cache policy` says of packages (apt-cache(8)): the newest version of each, and whether one that is newer
 * than what is installed closes a hole.
 */
export function readPolicy(text: string): Map<string, { candidate: string; security: boolean }> {
  const found = new Map<string, { candidate: string; security: boolean }>();
  for (const part of text.split(/^(?=\S)/m)) {
    const name = /^(\S+?):?\n/.exec(part)?.[1];
    const candidate = /^ {2}Candidate: (.+)$/m.exec(part)?.[1];
    if (!name || !candidate || candidate === '(none)') continue;
    // The table has the newest first; the sources of a version are the lines below it that are further in.
    const newer = part.slice(part.indexOf('Version table:')).split(/^ \*{3} /m)[0]!;
    found.set(name, { candidate, security: /^ {8}.*-security[/ ]/m.test(newer) });
  }
  return found;
}

/** Whether some process runs a program from before it was renewed: what it was started from is there no more (proc(5)). */
async function oldPrograms(): Promise<string[]> {
  const pids = (await readdir('/proc')).filter((name) => /^\d+$/.test(name));
  const programs = await Promise.all(pids.map((pid) => readlink(`/proc/${pid}/exe`).catch(() => '')));
  return programs.filter((p) => p.endsWith(' (deleted)'));
}

/** When the package lists were fetched last. */
async function listsAt(folder = '/var/lib/apt/lists'): Promise<string | null> {
  const names = (await readdir(folder).catch(() => [])).filter((n) => /_(?:In)?Release$/.test(n));
  const times = await Promise.all(names.map(async (n) => (await stat(join(folder, n))).mtimeMs));
  return times.length ? new Date(Math.max(...times)).toISOString() : null;
}

async function packages(): Promise<SystemPackage[] | null> {
  // What is not there it complains of, and names the rest.
  const { stdout } = await run(
    'dpkg-query',
    ['-W', '-f=${db:Status-Abbrev}\t${Package}\t${Version}\n', ...NEEDED],
    WITHIN,
  ).catch((error: { stdout?: string; code?: unknown }) => ({
    stdout: error.code === 'ENOENT' ? null : (error.stdout ?? ''),
  }));
  if (stdout === null) return null;
  const installed = stdout
    .split('\n')
    .map((line) => line.split('\t'))
    .filter(([state]) => state?.startsWith('ii'))
    .map(([, name, version]) => ({ name: name!, version: version! }));
  if (!installed.length) return [];
  const policy = readPolicy((await run('apt-cache', ['policy', ...installed.map((p) => p.name)], WITHIN)).stdout);
  const old = await oldPrograms();
  return installed.map(({ name, version }) => {
    const { candidate = version, security = false } = policy.get(name) ?? {};
    const program = RUNNING.find(([pattern]) => pattern.test(name))?.[1];
    return {
      ...{ name, installed: version, candidate, security },
      oldRuns: program !== undefined && old.some((p) => p.startsWith(program)),
    };
  });
}

/** Has them looked for anew when they are asked for next. */
export const forgetVersions = (): void => void (known = undefined);

let known: { at: number; found: Promise<Versions> } | undefined;

/** The versions of what this server is made of, a quarter of an hour old at most. @throws Error where apt does not answer */
export function versions(program: string | null, now = Date.now()): Promise<Versions> {
  if (known && now - known.at < COUNTS_MS) return known.found;
  const found = (async () => ({
    agent: { engine: ENGINE, step: NEWEST, node: process.versions.node, program },
    packages: await packages(),
    listsAt: await listsAt(),
  }))();
  known = { at: now, found };
  found.catch(() => (known = undefined));
  return found;
}
