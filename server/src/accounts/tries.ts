import { Problem } from '@tin-porch/core/ground';
import { transaction, type Database } from '../db/database.js';

/** Wrong tries of one account from one place that cost no wait; each more doubles it, up to the longest. */
const FREE_TRIES = 5;
const LONGEST_WAIT_S = 300;
/** Tries from one address within a quarter of an hour, whatever the account. */
const MOST_FROM_ADDRESS = 60;

/** Tries at passwords and codes: counted, so that guessing takes for ever. */
export class Tries {
  constructor(private readonly db: Database) {}

  /**
   * Counts a try before the work of it is done, so that many at once are counted too, and takes it off the count where
   * it went well. The wait grows with each wrong try of this account from this place, and is nobody else’s.
   * @throws Problem 429, or what `work` throws
   */
  async counted<T>(mail: string, origin: string, work: () => Promise<T>): Promise<T> {
    const id = await transaction(this.db, async (client) => {
      await client.query('select pg_advisory_xact_lock(7243, hashtext($1))', [`${mail} ${origin}`]);
      const { rows } = await client.query<{ tries: number; since: number; from: number }>(
        `select count(*) filter (where mail = $1)::int as tries,
           coalesce(extract(epoch from clock_timestamp() - max(at) filter (where mail = $1)), 1e6)::float8 as since,
           count(*)::int as from
         from sign_in_try where origin = $2 and at > now() - interval '15 minutes'`,
        [mail, origin],
      );
      const { tries, since, from } = rows[0]!;
      const wait = tries < FREE_TRIES ? 0 : Math.min(LONGEST_WAIT_S, 2 ** (tries - FREE_TRIES + 1)) - since;
      const left = Math.ceil(from >= MOST_FROM_ADDRESS ? Math.max(60, wait) : wait);
      if (left > 0)
        throw new Problem(
          429,
          'Too many tries',
          `Wait ${left < 60 ? `${left} s` : `${Math.ceil(left / 60)} min`} before the next one.`,
        );
      const made = await client.query<{ id: string }>(
        'insert into sign_in_try (mail, origin) values ($1, $2) returning id',
        [mail.slice(0, 254), origin],
      );
      return made.rows[0]!.id;
    });
    try {
      const result = await work();
      await this.db.query('delete from sign_in_try where mail = $1 and origin = $2', [mail, origin]);
      return result;
    } catch (error) {
      // Where we had no time for it, it was no try.
      if (error instanceof Problem && error.status === 503)
        await this.db.query('delete from sign_in_try where id = $1', [id]);
      throw error;
    }
  }
}
