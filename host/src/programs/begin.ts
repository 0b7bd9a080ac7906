import { existsSync, readFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';
import { isMainThread, Worker, workerData } from 'node:worker_threads';
import { AGENT, versionIn } from '@tin-porch/press/programs';
import { decide, fallenFrom, readChoice, writeChoice } from './choice.js';

// usage: [AGENT_KNOWN_S=120] agent.mjs CONFIG.json
// Begins the agent of a hosting server in the version that was chosen for it. One that is new has to be known to serve before
// long: where it ends, hangs or is not reached, the one before it is begun again. Whoever starts this starts it anew when it ends.

/** So long after it was begun a new version has to be known to serve, ms. */
const KNOWN_MS = Number(process.env['AGENT_KNOWN_S'] ?? 120) * 1000;
const LOOK_MS = 500;

/** Looks from a thread of its own, which goes on where the agent hangs, whether a version is known to serve. */
function watch(folder: string): void {
  const end = Date.now() + KNOWN_MS;
  const look = setInterval(() => {
    const choice = readChoice(folder);
    if (choice?.state !== 'begun') return clearInterval(look);
    if (Date.now() < end) return;
    writeChoice(folder, fallenFrom(choice, `Nobody heard of it within ${KNOWN_MS / 1000} s that it serves.`));
    process.kill(process.pid, 'SIGKILL');
  }, LOOK_MS);
}

/** Where the agent keeps everything, by its configuration; null where that cannot be read. */
function dataIn(file: string): string | null {
  try {
    return (JSON.parse(readFileSync(file, 'utf8')) as { data?: string }).data ?? null;
  } catch {
    return null;
  }
}

async function begin(): Promise<void> {
  const file = process.argv[2];
  if (!file) {
    console.error('usage: agent.mjs CONFIG.json');
    process.exit(2);
  }
  const installed = fileURLToPath(new URL('../../../', import.meta.url));
  const data = dataIn(file);
  // What is wrong with it is said by the agent itself.
  if (data === null) return void (await import(pathToFileURL(join(installed, AGENT)).href));
  const folder = resolve(data, 'programs');
  const own = (await versionIn(installed))!;
  const rootOf = (version: string) => (version === own ? installed : join(folder, version));
  const before = readChoice(folder);
  const { version, choice, watched } = decide(before, own, (v) => existsSync(join(rootOf(v), AGENT)));
  if (JSON.stringify(choice) !== JSON.stringify(before)) writeChoice(folder, choice);
  Object.assign(process.env, { AGENT_FOLDER: folder, AGENT_INSTALLED: installed, AGENT_VERSION: version });
  if (watched) new Worker(fileURLToPath(import.meta.url), { workerData: folder }).unref();
  try {
    await import(pathToFileURL(join(rootOf(version), AGENT)).href);
  } catch (error) {
    const now = readChoice(folder);
    if (now?.state === 'begun') writeChoice(folder, fallenFrom(now, `It does not start: ${(error as Error).message}`));
    throw error;
  }
}

if (isMainThread) await begin();
else watch(workerData as string);
