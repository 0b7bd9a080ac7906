import { closeSync, fsyncSync, mkdirSync, openSync, readFileSync, renameSync, rmSync, writeSync } from 'node:fs';
import { dirname, join } from 'node:path';

/** Which version of the agent is begun on this server. */
export interface Choice {
  version: string;
  /** The version that was installed when it was chosen: where another one is installed since, that is begun. */
  installed: string;
  /** The one that is begun again where this one does not come up. */
  before: string;
  /** Whether that one was known to serve. */
  served: boolean;
  /** Chosen and not begun; begun and not known to serve; known to serve. */
  state: 'new' | 'begun' | 'up';
  at: string;
  /** The newest that did not come up, and why. */
  fallen?: Fallen;
}
export interface Fallen {
  version: string;
  at: string;
  why: string;
}
/** What is begun now, what is to be kept of the choice, and whether somebody has to say that it serves. */
export interface Decided {
  version: string;
  choice: Choice | null;
  watched: boolean;
}

const fileIn = (folder: string): string => join(folder, 'choice.json');

/** The choice that is kept in a folder; null where none is, or it cannot be read: then what is installed is begun. */
export function readChoice(folder: string): Choice | null {
  try {
    return JSON.parse(readFileSync(fileIn(folder), 'utf8')) as Choice;
  } catch {
    return null;
  }
}

/** Keeps a choice so that it is there, whole, whatever is killed when. */
export function writeChoice(folder: string, choice: Choice | null): void {
  const file = fileIn(folder);
  if (!choice) return rmSync(file, { force: true });
  mkdirSync(folder, { recursive: true });
  const part = openSync(`${file}.part`, 'w', 0o640);
  writeSync(part, JSON.stringify(choice));
  fsyncSync(part);
  closeSync(part);
  renameSync(`${file}.part`, file);
  const at = openSync(dirname(file), 'r');
  fsyncSync(at);
  closeSync(at);
}

/**
 * The choice of a version in place of the one that runs. The one before it, where it was known to serve, is not to prove it
 * again: whoever goes back to it may be gone by then, and it would give way to what was left.
 */
export const chosen = (
  before: Choice | null,
  version: string,
  { running, installed }: { running: string; installed: string },
  now = new Date(),
): Choice => ({
  ...{ version, installed, before: running, at: now.toISOString() },
  // One that was never chosen is the one that is installed, and has served all the while.
  served: before?.version !== running || before.state === 'up',
  state: before?.version === running && before.before === version && before.served ? 'up' : 'new',
});

/** The choice after the one that was begun did not come up: the one before it counts again. */
export const fallenFrom = (choice: Choice, why: string, now = new Date()): Choice => ({
  ...{ version: choice.before, installed: choice.installed, before: choice.before, served: true, state: 'up' },
  at: now.toISOString(),
  fallen: { version: choice.version, at: now.toISOString(), why },
});

/**
 * What is begun. A version that was chosen gets one start; where it ends before somebody said that it serves, the one
 * before it is begun again. @param has whether a version is there @param installed the one that is installed
 */
export function decide(choice: Choice | null, installed: string, has: (version: string) => boolean): Decided {
  if (!choice || choice.installed !== installed) return { version: installed, choice: null, watched: false };
  if (choice.state === 'new' && has(choice.version))
    return { version: choice.version, choice: { ...choice, state: 'begun' }, watched: true };
  if (choice.state === 'up' && has(choice.version)) return { version: choice.version, choice, watched: false };
  const why = has(choice.version)
    ? 'It ended before it was known to serve.'
    : 'It is not on the disk of the server any more.';
  const fallen = fallenFrom(choice, choice.fallen?.version === choice.version ? choice.fallen.why : why);
  if (has(fallen.version)) return { version: fallen.version, choice: fallen, watched: false };
  return { version: installed, choice: { ...fallen, version: installed, before: installed }, watched: false };
}
