import { execFileSync } from 'node:child_process';
import { mkdirSync, rmSync, statfsSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

/** A disk of its own under a folder, of so many MB: it becomes full, and refuses to be written to, for real (tmpfs(5)). */
export function smallDisk(folder: string, megabytes: number) {
  mkdirSync(folder, { recursive: true });
  const mount = (...args: string[]) => execFileSync('mount', args, { stdio: ['ignore', 'ignore', 'pipe'] });
  mount('-t', 'tmpfs', '-o', `size=${megabytes}m,mode=0755`, 'tmpfs', folder);
  const unmount = (): void => void execFileSync('umount', ['-l', folder]);
  const ballast = join(folder, 'ballast');
  return {
    /** Takes all the room there is. */
    fill(): void {
      for (let n = 0; ; n++) {
        const { bavail, bsize } = statfsSync(folder);
        if (!bavail) return;
        writeFileSync(`${ballast}-${n}`, Buffer.alloc(bavail * bsize));
      }
    },
    /** Gives the room back. */
    free(): void {
      for (let n = 0; n < 100; n++) rmSync(`${ballast}-${n}`, { force: true });
    },
    /** Has it refuse whatever would be written from now on, or take it again; what is open for writing stays so. */
    readOnly(on: boolean): void {
      if (!on) return void unmount();
      mount('--bind', folder, folder);
      mount('-o', 'remount,bind,ro', folder);
    },
    end: unmount,
  };
}

/** Whether this machine lets us have disks of our own: who is not its root, or in a closed room, may not. */
export function mayMount(folder: string): boolean {
  try {
    smallDisk(folder, 1).end();
    return true;
  } catch {
    return false;
  }
}
