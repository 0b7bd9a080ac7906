import { randomBytes } from 'node:crypto';
import { mkdir, open, rename, rm } from 'node:fs/promises';
import { dirname } from 'node:path';

/** Has what was renamed or taken away in a folder on disk. */
export async function syncFolder(folder: string): Promise<void> {
  const handle = await open(folder, 'r');
  try {
    await handle.sync();
  } finally {
    await handle.close();
  }
}

/**
 * Writes a file so that, whatever is killed when, it is afterwards either as it was or whole and on disk: a temporary
 * file beside it, fsync, rename, fsync of the folder.
 * @param time when it is said to have been changed, in seconds since 1970
 */
export async function writeDurable(
  path: string,
  bytes: string | Uint8Array,
  mode = 0o640,
  time?: number,
): Promise<void> {
  await mkdir(dirname(path), { recursive: true });
  const temporary = `${path}.${randomBytes(6).toString('hex')}.part`;
  try {
    const handle = await open(temporary, 'wx', mode);
    try {
      await handle.writeFile(bytes);
      if (time !== undefined) await handle.utimes(time, time);
      await handle.sync();
    } finally {
      await handle.close();
    }
    await rename(temporary, path);
  } catch (error) {
    await rm(temporary, { force: true });
    throw error;
  }
  await syncFolder(dirname(path));
}
