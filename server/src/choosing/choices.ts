import { randomBytes } from 'node:crypto';
import { Problem } from '@tin-porch/core/ground';
import type { DirectionRef } from '@tin-porch/core/model';
import { tell } from '../events/events.js';
import { transaction, type Database } from '../db/database.js';

/** How long a link is good for, days. */
const DAYS = 30;

/** Directions that were put before a client, and what became of it. */
export interface Choice {
  token: string;
  site: string;
  directions: DirectionRef[];
  madeAt: Date;
  endsAt: Date;
  /** Which of the directions was chosen, from 0; null while none is. */
  chosen: number | null;
  by: string;
  note: string;
  chosenAt: Date | null;
}
const CHOICE = `token, site, directions, made_at as "madeAt", ends_at as "endsAt", chosen, by, note, chosen_at as "chosenAt"`;

/** Words of a stranger as PostgreSQL can keep them: no NUL, no half characters, no longer than wanted. */
const keepable = (words: string, most: number): string =>
  (words as string & { toWellFormed(): string }).toWellFormed().replaceAll('\0', '').slice(0, most);

/** Links by which clients choose a direction: made by the designer, good for a month, open to whoever has them. */
export class Choices {
  constructor(private readonly db: Database) {}

  /** A new link for these directions; those made before stay good. */
  async make(site: string, directions: readonly DirectionRef[]): Promise<Choice> {
    const token = randomBytes(24).toString('base64url');
    const { rows } = await this.db.query<Choice>(
      `insert into choice (token, site, directions, ends_at) values ($1, $2, $3, now() + make_interval(days => $4)) returning ${CHOICE}`,
      [token, site, JSON.stringify(directions), DAYS],
    );
    return rows[0]!;
  }

  /** The newest link of a site, or null. */
  async latest(site: string): Promise<Choice | null> {
    const { rows } = await this.db.query<Choice>(
      `select ${CHOICE} from choice where site = $1 and (ends_at > now() or chosen is not null) order by made_at desc limit 1`,
      [site],
    );
    return rows[0] ?? null;
  }

  /** Takes every link of a site back, with what was chosen on it. */
  async end(site: string): Promise<void> {
    await this.db.query('delete from choice where site = $1', [site]);
    await tell(this.db, { kind: 'choice', site });
  }

  /** What a link leads to. @throws Problem 404 where there is none, or it is no longer good */
  async of(token: string): Promise<Choice> {
    const known = /^[\w-]{32}$/.test(token)
      ? (await this.db.query<Choice>(`select ${CHOICE} from choice where token = $1 and ends_at > now()`, [token]))
          .rows[0]
      : undefined;
    if (!known) throw new Problem(404, 'This link is not good any more', 'Ask for a new one.');
    return known;
  }

  /** Writes down what the client chose; another choice takes its place. @throws Problem 400 or 404 */
  async choose(token: string, chosen: number, by: string, note: string): Promise<void> {
    const choice = await this.of(token);
    if (!Number.isInteger(chosen) || chosen < 0 || chosen >= choice.directions.length)
      throw new Problem(400, 'Choose one of the directions');
    await transaction(this.db, async (client) => {
      await client.query('update choice set chosen = $2, by = $3, note = $4, chosen_at = now() where token = $1', [
        token,
        chosen,
        keepable(by, 80),
        keepable(note, 2000),
      ]);
      await tell(client, { kind: 'choice', site: choice.site });
    });
  }
}
