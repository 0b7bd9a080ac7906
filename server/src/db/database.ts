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

/**
 * Runs `work` in one transaction. A connection that is lost on the way fails the work, not the program: the pool listens
 * for errors of connections it holds, and this of the one it took out.
 */
export async function transaction<T>(db: Database, work: (client: pg.PoolClient) => Promise<T>): Promise<T> {
  const client = await db.connect();
  let lost: Error | undefined;
  const lose = (error: Error) => void (lost = error);
  client.on('error', lose);
  try {
    await client.query('begin');
    const result = await work(client);
    await client.query('commit');
    return result;
  } catch (error) {
    await client.query('rollback').catch(lose);
    throw error;
  } finally {
    client.off('error', lose);
    // One that is broken is not given back.
    client.release(lost);
  }
}
