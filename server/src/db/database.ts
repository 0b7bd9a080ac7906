import { fileURLToPath } from 'node:url';
import { runner } from 'node-pg-migrate';
import pg from 'pg';

export type Database = pg.Pool;
export type Queryable = Pick<pg.Pool, 'query'>;

/** A pool of connections that survives the database going away and coming back. */
export function openDatabase(url: string): Database {
  const pool = new pg.Pool({
    connectionString: url,
    max: 12,
    connectionTimeoutMillis: 5000,
    idleTimeoutMillis: 30_000,
  });
  pool.on('error', () => undefined);
  return pool;
}

/** Brings the schema up to date; several servers may start at once. */
export async function migrate(url: string): Promise<void> {
  // The migrations are plain SQL beside the sources; the build leaves them there.
  const dir = fileURLToPath(new URL('../../src/db/migrations', import.meta.url));
  await runner({
    databaseUrl: url,
    dir,
    direction: 'up',
    migrationsTable: 'migration',
    advisoryLockMode: 'wait',
    log: () => undefined,
  } as Parameters<typeof runner>[0]);
}

/** Runs `work` in one transaction. */
export async function transaction<T>(db: Database, work: (client: pg.PoolClient) => Promise<T>): Promise<T> {
  const client = await db.connect();
  try {
    await client.query('begin');
    const result = await work(client);
    await client.query('commit');
    return result;
  } catch (error) {
    await client.query('rollback').catch(() => undefined);
    throw error;
  } finally {
    client.release();
  }
}
