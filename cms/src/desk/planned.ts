import type { Pool } from 'pg';
import { instantAt, instantOf, isLocal, localAt, sayWhen } from '@tin-porch/core/collections';
import { Problem } from '@tin-porch/core/ground';
import type { SiteDocument } from '@tin-porch/core/model';
import { describe, type Operation } from '@tin-porch/core/operations';
import { fitted, type Content, type Writer } from '../content.js';
import { operationOf, picturesIn, type Change } from './changes.js';
import type { DeskPictures } from './pictures.js';

/** Changes that wait for their minute, as the desk shows them. */
export interface PlannedLine {
  id: string;
  words: string;
  by: string;
  /** When they go up, in the language and by the clock of the site. */
  when: string;
  /** Why they did not; null while they wait. */
  refused: string | null;
}
interface Row {
  id: string;
  at: Date;
  changes: Change[];
  words: string;
  person: string;
  by: string;
  refused: string | null;
}

const MOST_WAITING = 30;
const MOST_DAYS = 400;

/** Changes of one site that go up by themselves at a minute somebody chose. */
export class Planned {
  constructor(private readonly db: Pool) {}

  /**
   * Keeps changes until their time; the same sent twice is one plan, for the time said last. `local` is by the clock of the site.
   * @throws Problem as `operationOf` does, or 422 where the time is none, is over or far away
   */
  async put(
    id: string,
    local: string,
    changes: readonly Change[],
    document: SiteDocument,
    make: (document: SiteDocument) => Operation,
    writer: Writer,
  ): Promise<string> {
    if (!isLocal(local) || local.length !== 16)
      throw new Problem(422, 'That is not a time', 'A day and a time of day.');
    const at = instantAt(document, local);
    const now = Date.now();
    if (at <= instantOf(now)) throw new Problem(422, 'That time is over', 'Put it up now, or choose a later time.');
    if (at > instantOf(now + MOST_DAYS * 86_400_000)) throw new Problem(422, 'That is too far away', 'A year at most.');
    const operation = make(document);
    fitted(document, operation);
    const { rows } = await this.db.query<{ n: number }>('select count(*)::int as n from planned');
    if (rows[0]!.n >= MOST_WAITING) throw new Problem(409, 'So much is planned already', `${MOST_WAITING} at most.`);
    await this.db.query(
      `insert into planned (id, at, changes, words, person, by) values ($1, $2, $3, $4, $5, $6)
       on conflict (id) do update set at = excluded.at, refused = null`,
      [id, at, JSON.stringify(changes), describe(operation), writer.id, writer.name],
    );
    return at;
  }

  /** What waits, or could not go up: the soonest first. */
  async lines(document: SiteDocument): Promise<PlannedLine[]> {
    const { rows } = await this.db.query<Row>('select id, at, words, by, refused from planned order by at, id');
    return rows.map(({ id, words, by, at, refused }) => ({
      id,
      words,
      by,
      when: sayWhen(document.language, localAt(document, instantOf(at.getTime()))),
      refused,
    }));
  }

  /** Lets go of a plan. @throws Problem 404 where it has gone up, or was let go of */
  async remove(id: string): Promise<void> {
    const { rowCount } = await this.db.query('delete from planned where id = $1', [id]);
    if (!rowCount) throw new Problem(404, 'There is no such plan', 'It may have gone up meanwhile.');
  }

  /**
   * Changes the site by what is due, each plan one step, once; what does not fit it any more, or is no more for whoever
   * planned it to change, says so and waits to be looked at. Gives whether anything was changed.
   */
  async run(content: Content, pictures: Pick<DeskPictures, 'of'>): Promise<boolean> {
    const { rows } = await this.db.query<Row & { may: boolean }>(
      `select p.id, p.changes, p.person, p.by, coalesce(who.role in ('owner', 'publish', 'designer'), false) as may
       from planned p left join person who on who.id = p.person
       where p.refused is null and p.at <= now() order by p.at, p.id`,
    );
    let changed = false;
    for (const { id, changes, person, by, may } of rows)
      try {
        if (!may) throw new Problem(403, `${by} does not change the site any more`);
        const brought = await pictures.of(picturesIn(changes));
        await content.change(id, (document) => operationOf(document, changes, brought), { id: person, name: by });
        await this.db.query('delete from planned where id = $1', [id]);
        changed = true;
      } catch (error) {
        // Whatever else goes wrong is tried again.
        if (!(error instanceof Problem) || error.status >= 500) throw error;
        await this.db.query('update planned set refused = $2 where id = $1', [id, error.message.slice(0, 500)]);
      }
    return changed;
  }
}
