import { randomBytes } from 'node:crypto';
import { mkdir, open, readFile, rename } from 'node:fs/promises';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { Darkroom } from '@tin-porch/press/darkroom';
import type { PictureStore } from './desk/pictures.js';
import type { OwnReleases } from './own-releases.js';

const HASH = /^[0-9a-f]{64}$/;
/** Photographs that may wait to be developed. */
const MOST_WAITING = 6;

/** Whether what photographs are developed with is installed: it is the one thing that has to be, and is not asked for otherwise. */
function canDevelop(): boolean {
  try {
    createRequire(import.meta.url).resolve('sharp');
    return true;
  } catch {
    return false;
  }
}

/**
 * The pictures of a site that runs by itself: those it was exported with, and photographs that are brought, kept beside its
 * releases. None are taken in where they cannot be developed.
 */
export async function ownPictures(releases: Pick<OwnReleases, 'pictures' | 'files'>): Promise<PictureStore> {
  const { pictures: folder } = releases;
  const kept = (hash: string) => (HASH.test(hash) ? readFile(join(folder, hash)) : Promise.reject(new Error(hash)));
  const store: PictureStore = {
    read: (hash, address) =>
      kept(hash)
        .catch(() => readFile(join(releases.files(), address)))
        .catch(() => undefined),
  };
  if (!canDevelop()) return store;
  await mkdir(folder, { recursive: true });
  const darkroom = new Darkroom(MOST_WAITING);
  return {
    ...store,
    taking: {
      develop: (bytes, noted) => darkroom.bring(bytes, noted),
      async keep({ hash, bytes }) {
        const part = join(folder, `${hash}.${randomBytes(4).toString('hex')}.part`);
        const file = await open(part, 'wx', 0o640);
        try {
          await file.writeFile(bytes);
          await file.sync();
        } finally {
          await file.close();
        }
        await rename(part, join(folder, hash));
      },
    },
  };
}
