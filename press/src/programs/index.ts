import { createHash } from 'node:crypto';
import { createReadStream } from 'node:fs';
import { readdir, readFile } from 'node:fs/promises';
import { dirname, join, relative } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { createGzip } from 'node:zlib';
import type { Readable } from 'node:stream';
import { create, extract } from 'tar';

/** Where the parts of an agent lie under the folder it is in: itself, and what is served at the desk of a site. */
const PARTS = ['host/dist/run', 'desk/dist/browser'] as const;
/** The file by which it is begun. */
export const AGENT = 'host/dist/run/main.mjs';
const ABOUT = 'host/dist/run/about.json';
/** What a version is called: the first letters of the SHA-256 of all that it is made of. */
export const VERSION = /^[0-9a-f]{12}$/;

/** What an agent says of itself: what it draws pages by, the newest step of the tables of a site that it knows, what it needs. */
export interface AboutAgent extends Needs {
  engine: number;
  step: number;
}
/** What has to be installed beside it: Node, and packages that are not in its own files, by name. */
export interface Needs {
  node: string;
  packages: Record<string, string>;
}

/** The files of an agent, in order, as paths under its folder. Maps are for whoever mends it, and stay where they are. */
async function filesOf(root: string): Promise<string[]> {
  const found: string[] = [];
  for (const part of PARTS) {
    const entries = await readdir(join(root, part), { recursive: true, withFileTypes: true }).catch(() => []);
    for (const e of entries)
      if (e.isFile() && !e.name.endsWith('.map')) found.push(relative(root, join(e.parentPath, e.name)));
  }
  return found.sort();
}

/** The version of the agent that lies in a folder; null where none does. */
export async function versionIn(root: string): Promise<string | null> {
  const files = await filesOf(root);
  if (!files.includes(AGENT)) return null;
  const all = createHash('sha256');
  for (const file of files) {
    const one = createHash('sha256');
    await pipeline(createReadStream(join(root, file)), one);
    all.update(`${file}\0${one.digest('hex')}\n`);
  }
  return all.digest('hex').slice(0, 12);
}

/** An agent as it is sent: a tar archive (POSIX.1-2001) in gzip. */
export async function packed(root: string): Promise<Readable> {
  // Sent once and thrown away: less time counts for more than fewer bytes.
  const gzip = createGzip({ level: 1 });
  create({ cwd: root, portable: true, follow: true }, await filesOf(root)).pipe(gzip);
  return gzip;
}

/**
 * Puts an agent that was sent into a folder. Nothing is written outside of it, and nothing but the files it is made of: what
 * else came along would run beside it, and be no part of what it is called.
 * @throws Error where it cannot be read to its end
 */
export async function unpacked(archive: Readable, root: string): Promise<void> {
  await pipeline(
    archive,
    extract({
      ...{ cwd: root, strict: true },
      filter: (path, entry) =>
        (!('type' in entry) || entry.type === 'File') && PARTS.some((part) => path.startsWith(`${part}/`)),
    }),
  );
}

/** What the agent in a folder says of itself. @throws Error where it does not */
export const aboutIn = async (root: string): Promise<AboutAgent> =>
  JSON.parse(await readFile(join(root, ABOUT), 'utf8')) as AboutAgent;

const numbers = (version: string): [number, number] => {
  const [, major, minor] = /^v?(\d+)\.(\d+)/.exec(version) ?? ['', '0', '0'];
  return [Number(major), Number(minor)];
};

/**
 * What of its needs is not met, in words; empty where all is. A package does where its first number is the same and what is
 * installed is no older (Semantic Versioning 2.0.0, 8; of those below 1.0 the second number counts).
 * @param from the file beside which packages are looked for, upwards
 */
export async function unmet({ node, packages }: Needs, from: string): Promise<string[]> {
  const wrong: string[] = [];
  if (numbers(process.version)[0] < numbers(node)[0])
    wrong.push(`It needs Node ${numbers(node)[0]}; here is ${process.version}.`);
  for (const [name, wanted] of Object.entries(packages)) {
    const installed = await versionOfPackage(name, dirname(from));
    if (installed === null) {
      wrong.push(`It needs ${name} ${wanted}, which is not installed here.`);
      continue;
    }
    const [[major, minor], [hasMajor, hasMinor]] = [numbers(wanted), numbers(installed)];
    const meets = major === hasMajor && (major === 0 ? minor === hasMinor : hasMinor >= minor);
    if (!meets) wrong.push(`It needs ${name} ${wanted}; here is ${installed}.`);
  }
  return wrong;
}

async function versionOfPackage(name: string, from: string): Promise<string | null> {
  for (let folder = from; ; folder = dirname(folder)) {
    const found = await readFile(join(folder, 'node_modules', name, 'package.json'), 'utf8').catch(() => null);
    if (found) return (JSON.parse(found) as { version: string }).version;
    if (folder === dirname(folder)) return null;
  }
}
