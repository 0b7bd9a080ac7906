import { Problem } from '@tin-porch/core/ground';
import type { FileMedium, SiteDocument, SiteFile } from '@tin-porch/core/model';
import {
  apply,
  describe,
  migrate,
  operationForward,
  OperationError,
  rebaseOver,
  typedWords,
  type LoggedStep,
  type Operation,
  type Part,
} from '@tin-porch/core/operations';
import { summaryOf } from '@tin-porch/core/care';
import { validateDocument, validateOperation } from '@tin-porch/core/validate';
import type pg from 'pg';
import { transaction, type Database } from '../db/database.js';
import { tell } from '../events/events.js';
import type { Documents } from './documents.js';
import type { ReleaseRow } from './releases.js';
import { HEAD, type SiteHead, type SiteRow } from './site-row.js';

/** How a change came: its own id, the tab and part it was made in, and the newest step that tab had seen when it was made. */
export interface Sending {
  id?: string;
  tab?: string;
  base?: number;
  part?: Part;
}

/** Who changes a site: an account, or nobody’s (where it is changed on the site itself), and the name that stands in the history. */
export interface Author {
  id: string | null;
  name: string;
}

/** What a change became: its step, and the operation itself where it reads otherwise than it was sent. */
export interface Taken {
  head: number;
  operation?: Operation;
}

/** A step of a log as it was written, by its own id where it came with one. */
export interface Draft {
  operation: Operation;
  client: string | null;
  /** False where it was taken back again. */
  stands: boolean;
}

/** Has something done with the drafts that count: those that stand; or all, where they do not fit without the others. */
export function withoutTakenBack<T>(run: (counts: (draft: Draft) => boolean) => T): T {
  try {
    return run((d) => d.stands);
  } catch (error) {
    if (!(error instanceof OperationError)) throw error;
    return run(() => true);
  }
}

/** What is to be written into the log of a site that is still at a step. */
export interface Writing {
  id: string;
  head: number;
  operations: readonly Operation[];
}

/** One step as lists of the history tell it. */
export interface HistoryLine {
  seq: number;
  kind: Kind;
  words: string;
  by: string;
  part: Part;
  at: Date;
  /** What the point after this step is called. */
  name: string | null;
}

type Kind = 'do' | 'undo' | 'redo';
/** Of the steps `o` those that were not taken back up to step $3. */
const STANDS = `o.kind = 'do' and (select count(*) filter (where u.kind = 'undo') - count(*) filter (where u.kind = 'redo')
  from operation u where u.site = o.site and u.of = o.seq and u.seq <= $3) = 0`;
interface LogRow {
  seq: number;
  kind: Kind;
  /** For undo and redo: the step of the change. */
  of: number | null;
  op: Operation;
  inverse: Operation;
  by: string;
  author: string | null;
  tab: string | null;
}
const LOG = 'seq, kind, of, op, inverse, by, author, tab';

/** More steps than any log has. */
const MOST_STEPS = 2 ** 31 - 1;
/** So many steps at most are told instead of the whole document. */
const MOST_SINCE = 40;
/** So many steps are taken back at once on the way to an earlier point. */
const BACK_AT_ONCE = 200;
/** Over so many steps at most a change is read anew. Whoever made it has not looked at the site for long. */
const MOST_REBASED = 400;

/** The pictures and files a document has more than the one before it, of which some are not kept for the site. */
async function lackingFiles(
  client: pg.PoolClient,
  site: SiteRow,
  document: SiteDocument,
): Promise<(FileMedium | SiteFile)[]> {
  const hashesOf = (m: FileMedium | SiteFile) =>
    'hash' in m ? [m.hash] : [...m.renditions.map((r) => r.hash), ...(m.source ? [m.source.hash] : [])];
  const files = (d: SiteDocument) => [...d.media.filter((m): m is FileMedium => m.kind === 'file'), ...(d.files ?? [])];
  const before = new Set(files(site.document).flatMap(hashesOf));
  const brought = files(document).filter((m) => hashesOf(m).some((h) => !before.has(h)));
  if (!brought.length) return [];
  const { rows } = await client.query<{ hash: string }>(
    'select hash from site_picture where site = $1 and hash = any($2)',
    [site.id, brought.flatMap(hashesOf)],
  );
  const kept = new Set([...before, ...rows.map((r) => r.hash)]);
  return brought.filter((m) => hashesOf(m).some((h) => !kept.has(h)));
}

/** A log without what was taken back again within it. */
function standing(rows: readonly LogRow[]): LogRow[] {
  const balance = new Map<number, number>();
  for (const r of rows) {
    const change = r.of ?? r.seq;
    balance.set(change, (balance.get(change) ?? 0) + (r.kind === 'undo' ? -1 : 1));
  }
  return rows.filter((r) => balance.get(r.of ?? r.seq) !== 0);
}

/** Somebody else wrote the same: what they wrote in words, and both versions for who shows them. */
function overwritten(mine: Operation, theirs: Operation, by: string, self: boolean): Problem {
  const words = typedWords(theirs);
  const wrote = words
    ? `wrote “${words.length > 160 ? `${words.slice(0, 158)}…` : words}”`
    : `changed the same thing: ${describe(theirs)}`;
  return new Problem(409, 'Somebody wrote there meanwhile', `${self ? 'In another window ' : ''}${by} ${wrote}.`, {
    overwritten: true,
    theirs: words,
    mine: typedWords(mine),
  });
}

/** The operation logs of sites: every change there was, and the only way a document is written. */
export class SiteLog {
  constructor(
    private readonly db: Database,
    private readonly documents: Documents,
  ) {}

  private async locked(client: pg.PoolClient, id: string): Promise<SiteRow> {
    const { rows } = await client.query<SiteHead>(`select ${HEAD} from site where id = $1 for update`, [id]);
    if (!rows[0]) throw new Problem(404, 'There is no such site');
    const known = this.documents.at(id, rows[0].head);
    if (known) return { ...rows[0], document: known };
    const stored = await client.query<{ document: unknown }>('select document from site where id = $1', [id]);
    return { ...rows[0], document: migrate(stored.rows[0]!.document) };
  }

  /**
   * What was done to a site after a step, where anybody but this account did something (but this tab, where one is named),
   * or anybody after the step `known`: else nothing.
   * @throws Problem 409 where it is more than can be told
   */
  private async after(
    client: pg.PoolClient,
    site: SiteRow,
    step: number,
    author: string | null,
    tab: string | null,
    known = site.head,
  ): Promise<LogRow[]> {
    const others = await client.query(
      `select 1 from operation where site = $1 and seq > $2
         and (author is distinct from $3 or ($4::text is not null and tab is distinct from $4) or seq > $5) limit 1`,
      [site.id, step, author, tab, known],
    );
    if (!others.rowCount) return [];
    const { rows } = await client.query<LogRow>(
      `select ${LOG} from operation where site = $1 and seq > $2 order by seq limit $3`,
      [site.id, step, MOST_REBASED + 1],
    );
    if (rows.length > MOST_REBASED)
      throw new Problem(409, 'The site has changed meanwhile', 'Too much was changed since. Look at it as it is now.');
    return rows;
  }

  /**
   * An operation made at a step of a site, as it reads now.
   * @throws Problem 409 where somebody wrote the same thing since
   */
  private rebased(
    site: SiteRow,
    rows: readonly LogRow[],
    known: (row: LogRow) => boolean,
    operation: Operation,
    author: Author,
  ) {
    const stands = new Set(standing(rows));
    const steps = rows.map((r): LoggedStep & { row: LogRow } => ({
      row: r,
      operation: r.op,
      inverse: r.inverse,
      known: known(r) || !stands.has(r),
    }));
    if (steps.every((s) => s.known)) return operation;
    // Steps of an older schema meet a document of today.
    let now = site.document;
    for (const step of [...steps].reverse()) {
      step.inverse = operationForward(step.inverse, now);
      const before = applyOrRefuse(now, step.inverse).document;
      step.operation = operationForward(step.operation, before);
      now = before;
    }
    try {
      const made = rebaseOver(site.document, steps, operationForward(operation, now));
      if ('operation' in made) return made.operation;
      const other = steps.find(
        (s) => s.operation === made.met || (s.operation.op === 'batch' && s.operation.operations.includes(made.met)),
      );
      const row = other?.row;
      throw overwritten(operation, made.met, row?.by ?? 'Somebody', row?.author === author.id);
    } catch (error) {
      if (error instanceof OperationError) throw new Problem(409, 'The site has changed meanwhile', error.message);
      throw error;
    }
  }

  private async write(
    client: pg.PoolClient,
    site: SiteRow,
    kind: Kind,
    of: number | null,
    operation: Operation,
    author: Author,
    { id, tab, base, part }: Sending = {},
  ): Promise<{ head: number; document: SiteDocument }> {
    const { document, inverse } = applyOrRefuse(site.document, operation);
    const misfits = validateDocument(document, site.document);
    if (misfits.length)
      throw new Problem(
        422,
        'That would leave the site invalid',
        misfits.map((m) => `${m.pointer} ${m.message}`).join('; '),
        { misfits },
      );
    const lacking = await lackingFiles(client, site, document);
    if (lacking.length)
      throw new Problem(
        422,
        'That would leave the site invalid',
        `The files of ${lacking.map((m) => `“${m.title || m.id}”`).join(', ')} are not kept here: bring them again.`,
      );
    const seq = site.head + 1;
    await client.query(
      `insert into operation (site, seq, kind, of, op, inverse, by, author, part, base, client, tab)
       values ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11, $12)`,
      [
        site.id,
        seq,
        kind,
        of,
        operation,
        inverse,
        author.name,
        author.id,
        part ?? 'designer',
        base ?? null,
        id ?? null,
        tab ?? null,
      ],
    );
    if (of !== null)
      await client.query('update operation set taken_back = $3 where site = $1 and seq = $2', [
        site.id,
        of,
        kind === 'undo' ? seq : null,
      ]);
    await client.query('update site set document = $2, summary = $3, head = $4, changed_at = now() where id = $1', [
      site.id,
      JSON.stringify(document),
      JSON.stringify(summaryOf(document)),
      seq,
    ]);
    await tell(client, { kind: 'site', site: site.id, head: seq });
    return { head: seq, document };
  }

  /**
   * Applies an operation to a site and writes it to its log; one that was sent before is answered with what it became
   * then. Made at an older step than the newest, it is read anew over what others did since.
   * @throws Problem 400, 409 (somebody wrote the same thing meanwhile, or what it names is gone) or 422
   */
  async change(id: string, operation: unknown, author: Author, sending: Sending = {}): Promise<Taken> {
    const misfits = validateOperation(operation);
    if (misfits.length)
      throw new Problem(
        400,
        'The change does not fit the site as it is',
        misfits
          .map((m) => `${m.pointer} ${m.message}`)
          .slice(0, 3)
          .join('; '),
        { misfits },
      );
    const sent = operation as Operation;
    const taken = await transaction(this.db, async (client) => {
      const site = await this.locked(client, id);
      if (sending.id) {
        const { rows } = await client.query<{ seq: number; op: Operation }>(
          'select seq, op from operation where site = $1 and client = $2',
          [id, sending.id],
        );
        if (rows[0]) return { head: rows[0].seq, operation: rows[0].op, document: null };
      }
      const { base, tab } = sending;
      // Without a name, a tab is another one each time.
      const since =
        base !== undefined && base < site.head ? await this.after(client, site, base, author.id, tab ?? '') : [];
      const own = (row: LogRow) => tab !== undefined && row.tab === tab && row.author === author.id;
      const made = this.rebased(site, since, own, sent, author);
      const { head, document } = await this.write(client, site, 'do', null, made, author, sending);
      return { head, ...(made !== sent && { operation: made }), document };
    });
    const { document, ...told } = taken;
    if (document) this.documents.keep(id, told.head, document);
    return told;
  }

  /**
   * Applies changes one after the other, as `change` does, and gives the newest step. What is refused keeps none of the rest.
   * @throws Problem the first refusal, when all were tried
   */
  async changeEach(
    id: string,
    changes: readonly (Sending & { operation: unknown })[],
    author: Author,
  ): Promise<number> {
    let newest = 0;
    let refusal: Problem | undefined;
    for (const { operation, ...sending } of changes)
      try {
        newest = Math.max(newest, (await this.change(id, operation, author, sending)).head);
      } catch (error) {
        if (!(error instanceof Problem)) throw error;
        refusal ??= error;
      }
    if (refusal) throw refusal;
    return newest;
  }

  /**
   * Writes into the logs of several sites, all of it or nothing, where each is still at the step that is named; `first` is
   * done with it. Gives the newest step of each.
   * @throws Problem 409 where one is further by now, 404 or 422
   */
  async writeAll(
    writings: readonly Writing[],
    author: Author,
    first: (client: pg.PoolClient) => Promise<void>,
  ): Promise<number[]> {
    const written = await transaction(this.db, async (client) => {
      // In one order: two that write into the same logs wait for each other.
      const sites = new Map<string, SiteRow>();
      for (const id of writings.map((w) => w.id).sort()) sites.set(id, await this.locked(client, id));
      for (const { id, head } of writings)
        if (sites.get(id)!.head !== head)
          throw new Problem(409, 'The site has changed meanwhile', 'Look at it as it is now.');
      await first(client);
      for (const { id, operations } of writings)
        for (const operation of operations) {
          const site = sites.get(id)!;
          sites.set(id, { ...site, ...(await this.write(client, site, 'do', null, operation, author)) });
        }
      return writings.map((w) => sites.get(w.id)!);
    });
    for (const { id, head, document } of written) this.documents.keep(id, head, document);
    return written.map((site) => site.head);
  }

  /** The change of an account that undo or redo would be about: its newest that stands; or the last it took back, unless it changed something since. */
  private async next(
    db: Pick<pg.PoolClient, 'query'>,
    site: string,
    kind: 'undo' | 'redo',
    author: string | null,
    base: number | null = null,
  ): Promise<number | null> {
    const { rows } = await db.query<{ seq: number }>(
      kind === 'undo'
        ? `select seq from operation where site = $1 and author = $2 and kind = 'do' and taken_back is null
             and ($3::int is null or seq <= $3) order by seq desc limit 1`
        : `select seq from operation where site = $1 and author = $2 and taken_back > (
             select max(seq) from operation where site = $1 and author = $2 and kind = 'do'
           ) and ($3::int is null or taken_back <= $3) order by taken_back desc limit 1`,
      [site, author, base],
    );
    return rows[0]?.seq ?? null;
  }

  /**
   * Takes back the last change of this account that stands, or puts back the last one it took back: what others did
   * since stays. With `of`, that change and no other; with `base`, the newest step whoever asks knows of, none that came
   * after it: what one typed on may be here before the question.
   * @throws Problem 409 where there is none, another than `of`, or somebody wrote over it
   */
  async step(
    id: string,
    kind: 'undo' | 'redo',
    author: Author,
    { of: only, base }: { of?: number; base?: number } = {},
  ): Promise<number> {
    const { head, document } = await transaction(this.db, async (client) => {
      const site = await this.locked(client, id);
      const of = await this.next(client, id, kind, author.id, base);
      if (of === null)
        throw new Problem(409, kind === 'undo' ? 'There is nothing to undo' : 'There is nothing to redo');
      if (only !== undefined && only !== of)
        throw new Problem(409, 'Something was changed since', 'Take that back first, from the newest on.');
      // The step by which it came to stand, or to stand no more: its inverse is what is to be done.
      const { rows } = await client.query<LogRow>(
        `select ${LOG} from operation where site = $1 and (seq = $2 or of = $2) order by seq desc limit 1`,
        [id, of],
      );
      const last = rows[0]!;
      const known = base ?? site.head;
      const since = await this.after(client, site, last.seq, author.id, null, known);
      // What this account did until then is taken back already, or was there before.
      const own = (row: LogRow) => row.author === author.id && row.seq <= known;
      const made = this.rebased(site, since, own, last.inverse, author);
      // One of an older schema that nothing came after.
      const today = made === last.inverse ? operationForward(made, site.document) : made;
      return this.write(client, site, kind, of, today, author);
    });
    this.documents.keep(id, head, document);
    return head;
  }

  /**
   * What was done to a site after a step of its log, in order: applied one after the other to the document of that step
   * they give the document of now. Null where the site is not that far, or it is too much: then the document is less.
   */
  async since(site: { id: string; head: number }, step: number): Promise<Operation[] | null> {
    if (step > site.head || site.head - step > MOST_SINCE) return null;
    if (step === site.head) return [];
    const { rows } = await this.db.query<{ op: Operation }>(
      'select op from operation where site = $1 and seq > $2 and seq <= $3 order by seq',
      [site.id, step, site.head],
    );
    return rows.length === site.head - step ? rows.map((r) => r.op) : null;
  }

  /**
   * All steps of a site after one, oldest first, and the newest of them. Those of an older schema come forward. @param but
   * steps that are not wanted: whoever asks has them already
   */
  async draftsSince(id: string, step: number, but: readonly number[] = []): Promise<{ head: number; drafts: Draft[] }> {
    const { rows } = await this.db.query<LogRow & { client: string | null }>(
      `select ${LOG}, client from operation where site = $1 and seq > $2 order by seq`,
      [id, step],
    );
    const known = new Set(but);
    // Of a step that is known, what took it back is news.
    const stands = new Set(standing(rows.filter((r) => !known.has(r.seq))));
    let document = await this.documentAt(id, step);
    const drafts = rows.flatMap((r): Draft[] => {
      const operation = operationForward(r.op, document);
      document = applyOrRefuse(document, operation).document;
      return known.has(r.seq) ? [] : [{ operation, client: r.client, stands: stands.has(r) }];
    });
    return { head: rows.at(-1)?.seq ?? step, drafts };
  }

  /**
   * All steps of a site after one as they read today, and what takes them back again, the newest first; taken back or not.
   * Those of an older schema come forward.
   */
  async between(id: string, step: number): Promise<{ on: Operation[]; back: Operation[] }> {
    const { rows } = await this.db.query<{ op: Operation }>(
      'select op from operation where site = $1 and seq > $2 order by seq',
      [id, step],
    );
    let document = await this.documentAt(id, step);
    const [on, back]: [Operation[], Operation[]] = [[], []];
    for (const { op } of rows) {
      const operation = operationForward(op, document);
      const made = applyOrRefuse(document, operation);
      document = made.document;
      on.push(operation);
      back.unshift(made.inverse);
    }
    return { on, back };
  }

  /** The document a release was pressed of. */
  async documentOf({ site, head, kept }: Pick<ReleaseRow, 'site' | 'head' | 'kept'>): Promise<SiteDocument> {
    const document = await this.documentAt(site, head);
    return kept.length ? (await this.withSteps(document, site, kept)).document : document;
  }

  /**
   * What a release was pressed of, with what the people of its site changed since and stands. `kept` are the steps that came
   * to it; `left` is how many are about what is not in it.
   */
  async withPeopleSince(
    release: Pick<ReleaseRow, 'site' | 'head' | 'kept'>,
  ): Promise<{ document: SiteDocument; kept: number[]; left: number }> {
    const { site, head, kept } = release;
    const { rows } = await this.db.query<{ seq: number }>(
      `select o.seq from operation o where o.site = $1 and o.seq > $2 and o.part = 'client' and not o.seq = any($4) and ${STANDS}`,
      [site, head, MOST_STEPS, kept],
    );
    return this.withSteps(
      await this.documentOf(release),
      site,
      rows.map((r) => r.seq),
    );
  }

  /** A document with some steps of the log of its site, but for those that do not fit it. */
  private async withSteps(
    document: SiteDocument,
    site: string,
    seqs: readonly number[],
  ): Promise<{ document: SiteDocument; kept: number[]; left: number }> {
    const { rows } = await this.db.query<{ seq: number; op: Operation }>(
      'select seq, op from operation where site = $1 and seq = any($2) order by seq',
      [site, seqs],
    );
    const kept: number[] = [];
    for (const { seq, op } of rows)
      try {
        const next = apply(document, operationForward(op, document)).document;
        if (validateDocument(next, document).length) continue;
        document = next;
        kept.push(seq);
      } catch (error) {
        if (!(error instanceof OperationError)) throw error;
      }
    return { document, kept, left: rows.length - kept.length };
  }

  /** What an account could take back or put back. */
  async canStep(id: string, author: string): Promise<{ canUndo: boolean; canRedo: boolean }> {
    const [undo, redo] = await Promise.all([
      this.next(this.db, id, 'undo', author),
      this.next(this.db, id, 'redo', author),
    ]);
    return { canUndo: undo !== null, canRedo: redo !== null };
  }

  /** The newest lines of a site’s history. */
  async history(id: string, limit = 60): Promise<HistoryLine[]> {
    const { rows } = await this.db.query<HistoryLine & { op: Operation }>(
      // What was taken back or put back goes by the name of the change itself, not by that of its inverse.
      `select o.seq, o.kind, coalesce(d.op, o.op) as op, o.by, o.part, o.at, p.name
       from operation o left join operation d on d.site = o.site and d.seq = o.of
         left join point p on p.site = o.site and p.seq = o.seq
       where o.site = $1 order by o.seq desc limit $2`,
      [id, limit],
    );
    return rows.map(({ op, ...line }) => ({ ...line, words: describe(op) }));
  }

  /**
   * A site as it was after a step of its log: what was done since is taken back, the newest first.
   * @throws Problem 404 where there is no such step
   */
  async documentAt(id: string, step: number): Promise<SiteDocument> {
    // Steps never change once they are there: nothing needs to be held while they are read.
    const { rows } = await this.db.query<{ head: number; document: unknown }>(
      'select head, document from site where id = $1',
      [id],
    );
    const [site] = rows;
    if (!site || step > site.head) throw new Problem(404, 'There is no such step');
    let document = this.documents.at(id, site.head) ?? migrate(site.document);
    for (let upper = site.head; upper > step; upper -= BACK_AT_ONCE) {
      const back = await this.db.query<{ inverse: Operation }>(
        'select inverse from operation where site = $1 and seq > $2 and seq <= $3 order by seq desc',
        [id, Math.max(step, upper - BACK_AT_ONCE), upper],
      );
      for (const { inverse } of back.rows)
        document = applyOrRefuse(document, operationForward(inverse, document)).document;
    }
    return document;
  }

  /** Gives the point after a step a name, or takes it away with an empty one. @throws Problem 404 where there is no such step */
  async namePoint(id: string, step: number, name: string, author: Author): Promise<string | null> {
    const wanted = name.trim();
    const { rowCount } = await this.db.query('select 1 from operation where site = $1 and seq = $2', [id, step]);
    if (!rowCount) throw new Problem(404, 'There is no such step');
    if (!wanted) await this.db.query('delete from point where site = $1 and seq = $2', [id, step]);
    else
      await this.db.query(
        `insert into point (site, seq, name, by) values ($1, $2, $3, $4)
         on conflict (site, seq) do update set name = excluded.name, by = excluded.by, at = now()`,
        [id, step, wanted, author.name],
      );
    return wanted || null;
  }

  /** Who made the changes that stand since a release was drafted, up to a step, and how many; without what it has besides. */
  async whoSince(
    { site, head, kept }: Pick<ReleaseRow, 'site' | 'head' | 'kept'>,
    until: number,
  ): Promise<{ name: string; steps: number }[]> {
    const { rows } = await this.db.query<{ name: string; steps: number }>(
      `select o.by as name, count(*)::int as steps from operation o
       where o.site = $1 and o.seq > $2 and o.seq <= $3 and not o.seq = any($4) and ${STANDS} group by 1 order by 2 desc, 1`,
      [site, head, until, kept],
    );
    return rows;
  }

  /** The changes that stand since a release was drafted, up to a step, newest first, each named once; without what it has besides. */
  async changesSince(
    { site, head, kept }: Pick<ReleaseRow, 'site' | 'head' | 'kept'>,
    until: number,
  ): Promise<string[]> {
    const { rows } = await this.db.query<{ op: Operation }>(
      `select o.op from operation o
       where o.site = $1 and o.seq > $2 and o.seq <= $3 and not o.seq = any($4) and ${STANDS}
       order by o.seq desc limit 100`,
      [site, head, until, kept],
    );
    return [...new Set(rows.map((r) => describe(r.op)))];
  }
}

function applyOrRefuse(document: SiteDocument, operation: Operation) {
  try {
    return apply(document, operation);
  } catch (error) {
    if (error instanceof OperationError) throw new Problem(409, 'The site has changed meanwhile', error.message);
    throw error;
  }
}
