import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { migrate, openDatabase, type Database } from '../db/database.js';
import { makeCluster, makeDatabase, spawnPostgres, untilReady, type Cluster } from '../stack/postgres.js';

let started: Promise<{ cluster: Cluster; stop(): Promise<void> }> | undefined;

/** One PostgreSQL of its own for all suites of a process; gone when the process ends. */
function cluster() {
  started ??= (async () => {
    const folder = mkdtempSync(join(tmpdir(), 'tin-porch-unit-'));
    const made: Cluster = {
      folder: join(folder, 'postgres'),
      address: `127.9.${process.pid % 250}.5`,
      port: 5481,
      password: 'unit-tests-only',
    };
    // PostgreSQL’s user has to be able to walk in.
    const { chmodSync } = await import('node:fs');
    chmodSync(folder, 0o755);
    makeCluster(made);
    const child = spawnPostgres(made);
    const stop = async () => {
      child.kill('SIGKILL');
      rmSync(folder, { recursive: true, force: true });
    };
    process.on('exit', () => void stop());
    await untilReady(made);
    return { cluster: made, stop };
  })();
  return started;
}

let serial = 0;
/** An empty, migrated database. */
export async function realDatabase(): Promise<{ url: string; db: Database; end(): Promise<void> }> {
  const { cluster: made } = await cluster();
  const url = await makeDatabase(made, `unit_${++serial}`, 'unit');
  await migrate(url);
  const db = openDatabase(url);
  return { url, db, end: () => db.end() };
}
