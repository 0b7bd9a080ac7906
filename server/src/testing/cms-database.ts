import pg from 'pg';
import { migrateTables } from '@tin-porch/cms';
import { realDatabase } from './real-database.js';

/** A real database with the tables of a site, for one suite; `end` takes it away. */
export async function cmsDatabase(): Promise<{ db: pg.Pool; end(): Promise<void> }> {
  const database = await realDatabase();
  const db = new pg.Pool({ connectionString: await database.another(''), max: 6 });
  await migrateTables(db);
  return {
    db,
    async end() {
      await db.end();
      await database.end();
    },
  };
}
