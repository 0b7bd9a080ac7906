import type { Pool } from 'pg';
import { Problem } from '@tin-porch/core/ground';
import type { SiteDocument } from '@tin-porch/core/model';
import { describe, type Operation } from '@tin-porch/core/operations';
import { validateDocument } from '@tin-porch/core/validate';
import { fitted, type LiveContent, type Writer } from '../content.js';

/** A change that somebody wants their designer to look at first. */
export interface Proposal {
  id: string;
  operation: Operation;
  /** What was live when it was made: so many steps, over that release. */
  turn: number;
  release: string;
  base: number;
  by: string;
  note: string;
  at: string;
}
export interface ProposalLine {
  id: string;
  words: string;
  by: string;
  note: string;
  at: string;
  /** What the designer said to it; null while it waits. */
  answer: string | null;
}
const MOST_WAITING = 50;

/** What waits for the designer of one site. */
export class Proposals {
  constructor(private readonly db: Pool) {}

  /** Keeps a proposal; the same sent twice is one. @throws Problem 409 or 422 where it does not fit the site as it is */
  async put(
    id: string,
    content: LiveContent,
    make: (document: SiteDocument) => Operation,
    note: string,
    writer: Writer,
  ): Promise<void> {
    const { rows } = await this.db.query<{ n: number }>(
      'select count(*)::int as n from proposal where ended_at is null',
    );
    if (rows[0]!.n >= MOST_WAITING)
      throw new Problem(409, 'So many changes wait already', 'Your designer has to look at them first.');
    const operation = make(content.document);
    const misfits = validateDocument(fitted(content.document, operation).document, content.document);
    if (misfits.length) throw new Problem(422, 'That does not fit the site', misfits[0]!.message);
    await this.db.query(
      `insert into proposal (id, op, turn, release, base, person, by, note) values ($1, $2, $3, $4, $5, $6, $7, $8)
       on conflict (id) do nothing`,
      [id, operation, content.turn, content.release, content.head, writer.id, writer.name, note.slice(0, 1000)],
    );
  }

  /** Those that wait, the oldest first. */
  async waiting(): Promise<Proposal[]> {
    const { rows } = await this.db.query<Omit<Proposal, 'at'> & { at: Date }>(
      `select id, op as operation, turn::int, release, base::int, by, note, at from proposal where ended_at is null order by at`,
    );
    return rows.map((r) => ({ ...r, at: r.at.toISOString() }));
  }

  /** The newest, answered or not. */
  async lines(limit = 20): Promise<ProposalLine[]> {
    const { rows } = await this.db.query<{
      id: string;
      op: Operation;
      by: string;
      note: string;
      at: Date;
      answer: string | null;
    }>('select id, op, by, note, at, answer from proposal order by at desc limit $1', [limit]);
    return rows.map(({ op, at, ...r }) => ({ ...r, words: describe(op), at: at.toISOString() }));
  }

  /** What the designer says to one. Said twice, the first holds. */
  async answer(id: string, answer: string): Promise<void> {
    await this.db.query('update proposal set ended_at = now(), answer = $2 where id = $1 and ended_at is null', [
      id,
      answer.slice(0, 500),
    ]);
  }
}
