import type { Pool, PoolClient } from 'pg';

/**
 * Runs `work` in one transaction. A connection that is lost on the way fails the work, not the program, and is not given
 * back to the pool.
 */
export async function transaction<T>(db: Pool, work: (client: PoolClient) => Promise<T>): Promise<T> {
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
    client.release(lost);
  }
}
