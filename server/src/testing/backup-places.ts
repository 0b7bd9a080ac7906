import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, readdirSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { reached } from '../stack/reached.js';

const PORT = 8010;

/** Real places for backups, each served by rclone at an address of its own: they go away and come back. */
export function backupPlaces<Name extends string>(net: string, last: Readonly<Record<Name, number>>) {
  const folder = mkdtempSync(join(tmpdir(), 'tin-porch-places-'));
  const running = new Map<Name, ChildProcess>();
  const address = (name: Name) => `${net}.${last[name]}`;
  return {
    at: (name: Name) => ({ name: name as string, repository: `rest:http://x:y@${address(name)}:${PORT}/sites/` }),
    async up(name: Name): Promise<void> {
      const args = ['serve', 'restic', '--addr', `${address(name)}:${PORT}`, '--user', 'x', join(folder, name)];
      const env = { PATH: process.env['PATH']!, RCLONE_CONFIG: join(folder, 'none'), RCLONE_PASS: 'y' };
      running.set(name, spawn('rclone', args, { stdio: 'ignore', env }));
      await reached(address(name), PORT);
    },
    async down(name: Name): Promise<void> {
      const child = running.get(name)!;
      const ended = new Promise((done) => child.once('exit', done));
      child.kill('SIGKILL');
      await ended;
    },
    /** Every file that is kept at a place. */
    files: (name: Name): string[] =>
      readdirSync(join(folder, name), { recursive: true })
        .map((f) => join(folder, name, String(f)))
        .filter((f) => statSync(f).isFile()),
    end(): void {
      for (const child of running.values()) child.kill('SIGKILL');
      rmSync(folder, { recursive: true, force: true });
    },
  };
}
