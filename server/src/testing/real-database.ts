import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { migrate, openDatabase, type Database } from '../db/database.js';
import { makeCluster, makeDatabase, spawnPostgres, untilReady, type Cluster } from '../stack/postgres.js';

const started = new Map<number, Promise<Cluster>>();

/**
 * A PostgreSQL for all suites of a process, gone when the process ends; the first where no other is asked for. Roles are of
 * a PostgreSQL, not of a database in it: two servers that have one site need two.
 */
function cluster(nth = 0) {
  const made = started.get(nth) ?? start(nth);
  started.set(nth, made);
  return made;
}
function start(nth: number): Promise<Cluster> {
  return (async () => {
    const folder = mkdtempSync(join(tmpdir(), 'tin-porch-unit-'));
    const made: Cluster = {
      folder: join(folder, 'postgres'),
      // No two processes have the same: one would write into what the other takes for its own.
      address: `127.9.${process.pid % 250}.${5 + nth}`,
      port: 5481 + (Math.floor(process.pid / 250) % 400),
      password: 'unit-tests-only',
    };
    // PostgreSQL’s user has to be able to walk in.
    chmodSync(folder, 0o755);
    await makeCluster(made);
    const child = spawnPostgres(made);
    process.on('exit', () => {
      child.kill('SIGKILL');
      rmSync(folder, { recursive: true, force: true });
    });
    await untilReady(made);
    return made;
  })();
}

let serial = 0;
/** An empty, migrated database, whose role has some rights of its own; `another` is the address of one more, empty, whose role has some rights. */
export async function realDatabase(own = ''): Promise<{
  url: string;
  db: Database;
  another(rights: string): Promise<string>;
  end(): Promise<void>;
}> {
  const made = await cluster();
  const another = (rights = '') => makeDatabase(made, `unit_${++serial}`, 'unit', rights);
  const url = await another(own);
  await migrate(url);
  const db = openDatabase(url);
  return { url, db, another, end: () => db.end() };
}

/** The address of an empty database in a PostgreSQL of its own, as another hosting server has it. */
export const databaseElsewhere = async (rights: string): Promise<string> =>
  makeDatabase(await cluster(1), `unit_${++serial}`, 'unit', rights);
