import { isDeepStrictEqual } from 'node:util';
import type { Pool, PoolClient } from 'pg';
import { Problem } from '@tin-porch/core/ground';
import type { SiteDocument } from '@tin-porch/core/model';
import {
  apply,
  describe,
  migrate,
  operationForward,
  OperationError,
  rebaseOver,
  typedWords,
  type Operation,
} from '@tin-porch/core/operations';
import { validateDocument } from '@tin-porch/core/validate';
import { transaction } from './transaction.js';

/** How a site is served, and how what is changed here comes to be served in its place. */
export interface Serving {
  /** The release that stands under what is served: the last its designer sent. Undefined before the first. */
  base(): { release: string; document(): Promise<SiteDocument> } | undefined;
  /** Makes the files of a document, without serving them yet; what it gives serves them, old or new and nothing between. */
  press(document: SiteDocument): Promise<() => Promise<void>>;
  /** Whether visitors should get something else by now of what is served: the time of what was planned has come. */
  stale(): boolean;
}

/** Who changes something. */
export interface Writer {
  /** Who at the desk; null where it is none of them. */
  id: string | null;
  name: string;
}

/** The content of a site as it is live. */
export interface LiveContent {
  /** How many steps were made here. */
  head: number;
  /** The last of them that visitors see. */
  served: number;
  /** Counts the releases that were put in place here. */
  turn: number;
  release: string;
  document: SiteDocument;
}

/** Which version of its row something was read from. */
interface Version {
  version: string;
}

/** A step that was made here. */
export interface ContentStep {
  seq: number;
  id: string;
  kind: 'do' | 'undo';
  of: number | null;
  turn: number;
  release: string;
  operation: Operation;
  by: string;
  at: string;
}
/** A line of what was done, as it is told. */
export interface ContentLine {
  seq: number;
  kind: 'do' | 'undo';
  words: string;
  by: string;
  at: string;
  takenBack: boolean;
}

const STEP = `seq::int, id, kind, "of"::int as "of", turn::int, release, op as operation, inverse, person, by, at, taken_back`;
type Row = Omit<ContentStep, 'at'> & { inverse: Operation; person: string | null; at: Date; taken_back: string | null };

/** Steps that may lie over one that is taken back. */
const MOST_REBASED = 500;

/**
 * What the people of a site change on it, where it is live: a log of steps over the release its designer sent. A step is in
 * the log before it is pressed, and pressed before it is served; what a kill leaves between is caught up with by `serve`.
 */
export class Content {
  private pressing: Promise<void> = Promise.resolve();
  /**
   * The document as it was last read or written here, and the version of its row: one of ten thousand items is some
   * megabytes, which need not be read again while nobody else has written.
   */
  private known: { version: string; document: SiteDocument } | undefined;

  constructor(
    private readonly db: Pool,
    private readonly serving: Serving,
  ) {}

  private async row(client: Pick<PoolClient, 'query'>, lock = ''): Promise<LiveContent | undefined> {
    const { known } = this;
    const { rows } = await client.query<Omit<LiveContent, 'document'> & Version & { document: SiteDocument | null }>(
      `select head::int, served::int, turn::int, release, xmin::text as version,
         case when xmin::text = $1 then null else document end as document from content ${lock}`,
      [known?.version ?? ''],
    );
    if (!rows[0]) return undefined;
    const { version, document, ...row } = rows[0];
    const now = document ? { version, document: migrate(document) } : known!;
    if (document) this.known = now;
    return { ...row, document: now.document };
  }
  /** Writes to the row of the content, of which the document is this from then on. */
  private async put(client: PoolClient, document: SiteDocument, sets: string, values: unknown[]): Promise<void> {
    const { rows } = await client.query<Version>(`update content set ${sets} returning xmin::text as version`, values);
    // Where it is not kept after all, there is no row of this version.
    this.known = rows[0] && { version: rows[0].version, document };
  }

  /** The content, held until the transaction ends. What was put in place past it is taken over first. @throws Problem 409 before the first release */
  private async held(client: PoolClient): Promise<LiveContent> {
    const base = this.serving.base();
    if (!base) throw new Problem(409, 'The site is not there yet', 'Its designer has not put it up so far.');
    const known = await this.row(client, 'for update');
    if (known?.release === base.release) return known;
    const document = await base.document();
    const row = known ?? (await this.first(client, base.release, document));
    return row.release === base.release ? row : this.place(client, row, base.release, document);
  }

  private async place(
    client: PoolClient,
    row: LiveContent,
    release: string,
    document: SiteDocument,
  ): Promise<LiveContent> {
    await this.put(client, document, 'release = $1, document = $2, turn = turn + 1, served = head', [
      release,
      JSON.stringify(document),
    ]);
    return { ...row, release, document, turn: row.turn + 1, served: row.head };
  }

  /** The content as it is. @throws Problem 409 before the first release */
  async read(): Promise<LiveContent> {
    const row = await this.row(this.db);
    if (row && row.release === this.serving.base()?.release) return row;
    return transaction(this.db, (client) => this.held(client));
  }

  /**
   * Puts a release of the designer in place. `knows` is the last step made here that it has seen; `put` is what makes
   * visitors see it.
   * @throws Problem 409 where something was changed here that it has not seen: nothing is served otherwise then
   */
  async take(release: string, document: SiteDocument, knows: number, put: () => Promise<void>): Promise<void> {
    // What is being pressed meanwhile finds another turn when it comes to be served, and lets go.
    await transaction(this.db, async (client) => {
      const row = await this.first(client, release, document);
      if (knows < row.head)
        throw new Problem(
          409,
          'The site was changed where it is live',
          `${row.head - knows} ${row.head - knows === 1 ? 'change' : 'changes'} of its people would be lost. Bring them in first.`,
          { head: row.head },
        );
      await put();
      await this.place(client, row, release, document);
    });
  }

  /**
   * Has the same content served as another drew it: `put` is what makes visitors see that. Whose turn it is stays.
   * @throws Problem 409 where something was changed here that visitors do not see yet
   */
  async exchange(put: () => Promise<void>): Promise<void> {
    await transaction(this.db, async (client) => {
      const row = await this.row(client, 'for update');
      if (row && (row.served !== row.head || row.release !== this.serving.base()?.release))
        throw new Problem(409, 'The site is being changed at this moment', 'It is served anew first.');
      await put();
    });
  }

  /** The content, held; made of this release where there was none. Two that meet here for the first time make one. */
  private async first(client: PoolClient, release: string, document: SiteDocument): Promise<LiveContent> {
    await client.query(
      `insert into content (head, served, turn, release, document) values (0, 0, 1, $1, $2) on conflict do nothing`,
      [release, JSON.stringify(document)],
    );
    return (await this.row(client, 'for update'))!;
  }

  private async since(client: PoolClient, turn: number, seq: number): Promise<Row[]> {
    const { rows } = await client.query<Row>(
      `select ${STEP} from step where turn = $1 and seq > $2 order by seq limit $3`,
      [turn, seq, MOST_REBASED + 1],
    );
    if (rows.length > MOST_REBASED)
      throw new Problem(409, 'The site has changed meanwhile', 'Too much was changed since. Load the page again.');
    return rows;
  }

  private async write(
    client: PoolClient,
    content: LiveContent,
    step: { id: string; kind: 'do' | 'undo'; of: number | null; operation: Operation; writer: Writer },
  ): Promise<number> {
    const { document, inverse } = fitted(content.document, step.operation);
    const misfits = validateDocument(document, content.document);
    if (misfits.length)
      throw new Problem(422, 'That does not fit the site', misfits[0]!.message, {
        misfits: misfits.map((m) => ({ pointer: m.pointer, message: m.message })),
      });
    const seq = content.head + 1;
    await client.query(
      `insert into step (seq, id, kind, "of", turn, release, op, inverse, person, by) values ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10)`,
      [
        seq,
        step.id,
        step.kind,
        step.of,
        content.turn,
        content.release,
        step.operation,
        inverse,
        step.writer.id,
        step.writer.name,
      ],
    );
    await this.put(client, document, 'head = $1, document = $2', [seq, JSON.stringify(document)]);
    return seq;
  }

  /**
   * Changes the site: `make` gives the change for the document as it is now, and refuses what was meant for another. Sent
   * twice, it is one step. Kept when this returns; `serve` brings it before visitors.
   * @throws Problem as `make` does, 409 where what it changes is gone, or 422 where the site would not be valid
   */
  change(id: string, make: (document: SiteDocument) => Operation, writer: Writer): Promise<number> {
    return transaction(this.db, (client) => this.changeWithin(client, id, make, writer));
  }
  /** Changes the site as part of what else is written in a transaction. @throws Problem as `change` does */
  async changeWithin<O extends Operation | null>(
    client: PoolClient,
    id: string,
    make: (document: SiteDocument) => O,
    writer: Writer,
  ): Promise<number | Extract<O, null>> {
    const content = await this.held(client);
    const sent = await client.query<{ seq: number }>('select seq::int from step where id = $1', [id]);
    if (sent.rows[0]) return sent.rows[0].seq;
    const operation = make(content.document);
    // Nothing of it is left to do.
    if (operation === null) return null as Extract<O, null>;
    return this.write(client, content, { id, kind: 'do', of: null, operation, writer });
  }

  /**
   * Takes a step back; what was done since stays. `kept` says whether a step is no more for this writer to take back.
   * @throws Problem 404, 409 where something was built on it, or 403
   */
  async takeBack(
    id: string,
    seq: number,
    writer: Writer,
    kept: (document: SiteDocument, operation: Operation) => boolean = () => false,
  ): Promise<number> {
    return transaction(this.db, async (client) => {
      const content = await this.held(client);
      const sent = await client.query<{ seq: number }>('select seq::int from step where id = $1', [id]);
      if (sent.rows[0]) return sent.rows[0].seq;
      const { rows } = await client.query<Row>(`select ${STEP} from step where seq = $1 and kind = 'do'`, [seq]);
      const step = rows[0];
      if (!step) throw new Problem(404, 'There is no such change');
      if (step.taken_back !== null) return Number(step.taken_back);
      if (kept(content.document, step.operation))
        throw new Problem(
          403,
          'Your designer looks after that',
          'It is not changed here. Tell them what it is to say.',
        );
      const back = operationForward(step.inverse, content.document);
      const operation =
        step.turn === content.turn
          ? over(content.document, await this.since(client, content.turn, seq), back)
          : stillSo(content.document, step.operation) && back;
      if (!operation) throw new Problem(409, 'It reads otherwise by now', 'Somebody has written there since.');
      const made = await this.write(client, content, { id, kind: 'undo', of: seq, operation, writer });
      await client.query('update step set taken_back = $2 where seq = $1', [seq, made]);
      return made;
    });
  }

  /**
   * Makes visitors see the newest step, once one is not seen yet, and what was planned once its time has come. One at a time;
   * called again by whoever starts after a kill.
   */
  serve(): Promise<void> {
    this.pressing = this.pressing.catch(() => undefined).then(() => this.catchUp());
    return this.pressing;
  }

  private async catchUp(): Promise<void> {
    for (;;) {
      const stale = this.serving.stale();
      // Whoever has changed nothing so far has no content of their own yet.
      const now = stale ? await this.read() : await this.row(this.db);
      if (!now || (now.served === now.head && !stale) || this.serving.base()?.release !== now.release) return;
      const put = await this.serving.press(now.document);
      const done = await transaction(this.db, async (client) => {
        const { rows } = await client.query<{ head: number; turn: number }>(
          'select head::int, turn::int from content for update',
        );
        // What came in between is pressed before anything is served.
        if (rows[0]?.head !== now.head || rows[0].turn !== now.turn) return false;
        await put();
        await this.put(client, now.document, 'served = head', []);
        return true;
      });
      if (done) return;
    }
  }

  /** How many steps were made over another release than this one, which it has not seen. */
  async stepsOver(release: string): Promise<number> {
    const { rows } = await this.db.query<{ n: number }>(
      'select count(*)::int as n from step s join content c on s.turn = c.turn where c.release <> $1',
      [release],
    );
    return rows[0]!.n;
  }

  /** Says that the files of what was served are gone, as on another machine: `serve` makes them anew. */
  async lost(): Promise<void> {
    await this.db.query(
      'update content c set served = head - 1 where exists (select 1 from step s where s.turn = c.turn)',
    );
  }

  /** Steps after one, oldest first, for whoever brings them in elsewhere. */
  async steps(after: number, limit = 200): Promise<ContentStep[]> {
    const { rows } = await this.db.query<Row>(`select ${STEP} from step where seq > $1 order by seq limit $2`, [
      after,
      limit,
    ]);
    return rows.map(({ inverse: _, person: __, taken_back: ___, at, ...r }) => ({ ...r, at: at.toISOString() }));
  }

  /** The newest lines of what was done here, the newest first. */
  async lines(limit = 40): Promise<ContentLine[]> {
    const { rows } = await this.db.query<Row>(`select ${STEP} from step order by seq desc limit $1`, [limit]);
    return rows.map((r) => ({
      seq: r.seq,
      kind: r.kind,
      words: describe(r.operation),
      by: r.by,
      at: r.at.toISOString(),
      takenBack: r.taken_back !== null,
    }));
  }
}

/** An operation on a document. @throws Problem 409 where what it changes is not there any more */
export function fitted(document: SiteDocument, operation: Operation) {
  try {
    return apply(document, operation);
  } catch (error) {
    if (error instanceof OperationError)
      throw new Problem(409, 'The site has changed meanwhile', 'What this is about is not there any more.');
    throw error;
  }
}

/** Whether a document reads as an operation left it. */
function stillSo(document: SiteDocument, operation: Operation): boolean {
  return isDeepStrictEqual(fitted(document, operation).document, document);
}

/** An operation over what was done since. @throws Problem 409 where somebody wrote the same */
function over(document: SiteDocument, since: readonly Row[], operation: Operation): Operation {
  // What was taken back again meets nobody, and neither does what took it back.
  const gone = new Set(since.flatMap((r) => (r.taken_back === null ? [] : [r.seq])));
  const steps = since.map((r) => ({
    operation: r.operation,
    inverse: r.inverse,
    known: gone.has(r.seq) || (r.of !== null && gone.has(r.of)),
  }));
  let made;
  try {
    made = rebaseOver(document, steps, operation);
  } catch (error) {
    if (error instanceof OperationError)
      throw new Problem(409, 'The site has changed meanwhile', 'What this is about is not there any more.');
    throw error;
  }
  if ('operation' in made) return made.operation;
  const { met } = made;
  const row = since.find(
    (r) => r.operation === met || (r.operation.op === 'batch' && r.operation.operations.includes(met)),
  );
  const words = typedWords(met).slice(0, 300);
  throw new Problem(
    409,
    'Somebody has changed the same since',
    `${row?.by ?? 'Somebody'} ${words ? `wrote “${words}”` : 'changed it'}. Take that back first, or change it as it shall be.`,
  );
}

/**
 * Has the next step of a site be none that was made there before: where a backup was put in place of what was lost, somebody
 * knows of steps that it does not have. @param base the designer’s release that is served @param seq the last that is known
 */
export async function goOnAfter(
  db: Pool,
  base: { release: string; document: SiteDocument },
  seq: number,
): Promise<void> {
  await transaction(db, async (client) => {
    await client.query(
      `insert into content (head, served, turn, release, document) values (0, 0, 1, $1, $2) on conflict do nothing`,
      [base.release, JSON.stringify(base.document)],
    );
    await client.query(
      'update content set served = case when served = head then $1 else served end, head = $1 where head < $1',
      [seq],
    );
  });
}
