import { isDeepStrictEqual } from 'node:util';
import { Problem } from '@tin-porch/core/ground';
import { withFollowing } from '@tin-porch/core/making';
import type { FileMedium, SiteDocument } from '@tin-porch/core/model';
import {
  apply,
  bringIn,
  describe,
  netOf,
  OperationError,
  type BroughtIn,
  type LiveStep,
  type Operation,
} from '@tin-porch/core/operations';
import { transaction, type Database } from '../db/database.js';
import { tell } from '../events/events.js';
import type { Pictures } from '../pictures/pictures.js';
import { EachServer } from '../servers/each-server.js';
import type { HostClient, HostProposal, HostStep } from '../servers/host-client.js';
import type { Servers } from '../servers/servers.js';
import { withoutTakenBack, type Author, type Draft } from '../sites/site-log.js';
import type { Sites } from '../sites/sites.js';
import { agree, chosenOf, sidesOf, singles, type Side } from './sides.js';

interface Row {
  seq: number;
  id: string;
  turn: number;
  release: string;
  op: Operation;
  by: string;
  at: Date;
  state: 'new' | 'taken' | 'held' | 'settled';
}
/** What the people of a site changed and waits for a decision: what several steps come to, up to the last of them. */
export interface HeldChange {
  seq: number;
  by: string;
  at: Date;
  words: string;
  parts: Side[];
}
export interface LiveLine {
  seq: number;
  words: string;
  by: string;
  at: Date;
  state: Row['state'];
}
export interface ProposalLine {
  id: string;
  by: string;
  at: Date;
  note: string;
  words: string;
  parts: Side[];
}

const STEP = 'seq::int, id, turn::int, release, op, by, at, state';
const PAGE = 200;
/** How often it is begun again where the designer writes at the same moment. */
const TRIES = 4;

/** The photographs that were taken in by what was done or is proposed. */
const photographsIn = (all: readonly { operation: Operation }[]): FileMedium[] =>
  all.flatMap(({ operation }) =>
    singles(operation).flatMap((o) => (o.op === 'putMedium' && o.medium.kind === 'file' ? [o.medium] : [])),
  );

/** Whether an operation makes a document read otherwise; one that does not fit it makes nothing. */
function changes(document: SiteDocument, operation: Operation): boolean {
  try {
    return !isDeepStrictEqual(apply(document, operation).document, document);
  } catch (error) {
    if (error instanceof OperationError) return false;
    throw error;
  }
}

/** All that is held of a site, as one decision; none where nothing is. */
function heldOf(document: SiteDocument, rows: readonly Row[], base?: SiteDocument): HeldChange[] {
  const last = rows.at(-1);
  if (!last) return [];
  const net = netOf(
    document,
    rows.map((r) => r.op),
  );
  const by = [...new Set(rows.map((r) => r.by))].join(', ');
  return [{ seq: last.seq, by, at: last.at, words: net.map(describe).join('; '), parts: sidesOf(document, net, base) }];
}

/**
 * What the people of sites change where they are live, fetched from the servers and brought among the drafts: at once where
 * nobody else wrote there, else held until somebody decides. A site with held changes is not deployed.
 */
export class LiveChanges {
  private timer: NodeJS.Timeout | undefined;
  private readonly each = new EachServer();
  private readonly marks = new Map<string, number>();
  private readonly busy = new Map<string, Promise<unknown>>();

  constructor(
    private readonly db: Database,
    private readonly sites: Sites,
    private readonly servers: Servers,
    private readonly pictures: Pick<Pictures, 'takeOver'>,
  ) {}

  start(everyMs = 2000): void {
    this.timer = setInterval(() => void this.fetch().catch(() => undefined), everyMs);
  }
  stop(): void {
    clearInterval(this.timer);
  }

  /** Fetches what is new from every server that answers. */
  async fetch(): Promise<void> {
    await this.each.run(await this.servers.all(), async (server) => {
      const { marks } = await server.client.marks();
      const placed = new Set((await this.sites.placedOn(server.name)).map((s) => s.id));
      for (const [site, mark] of Object.entries(marks)) {
        if (!placed.has(site) || this.marks.get(`${server.name} ${site}`) === mark) continue;
        await this.pull(site, server.client);
        this.marks.set(`${server.name} ${site}`, mark);
      }
    });
  }

  /** One after the other for a site. */
  private alone<T>(site: string, work: () => Promise<T>): Promise<T> {
    const done = (this.busy.get(site) ?? Promise.resolve()).catch(() => undefined).then(work);
    this.busy.set(site, done);
    void done
      .catch(() => undefined)
      .finally(() => {
        if (this.busy.get(site) === done) this.busy.delete(site);
      });
    return done;
  }

  /**
   * Fetches what was changed on a site and brings it in. Gives the last step that is known here now.
   * @throws JobLater where the server does not answer
   */
  pull(site: string, client: HostClient): Promise<number> {
    return this.alone(site, async () => {
      for (;;) {
        const after = await this.known(site);
        const { steps, proposals } = await client.steps(site, after);
        // What is among the drafts can be shown: the files of photographs are here before they are named.
        await this.pictures.takeOver(site, photographsIn([...steps, ...proposals]), (hash) => client.blob(hash));
        await this.keep(site, steps, proposals);
        if (steps.length < PAGE) break;
      }
      await this.bring(site);
      await this.tellAnswers(site, client);
      return this.known(site);
    });
  }
  /** The last step made on a site itself that is known here. */
  async known(site: string): Promise<number> {
    const { rows } = await this.db.query<{ seq: number }>(
      'select coalesce(max(seq), 0)::int as seq from live_step where site = $1',
      [site],
    );
    return rows[0]!.seq;
  }
  private async keep(site: string, steps: readonly HostStep[], proposals: readonly HostProposal[]): Promise<void> {
    const added = await transaction(this.db, async (client) => {
      for (const s of steps)
        await client.query(
          `insert into live_step (site, seq, id, turn, release, op, by, at, state) values ($1, $2, $3, $4, $5, $6, $7, $8, 'new')
           on conflict do nothing`,
          [site, s.seq, s.id, s.turn, s.release, s.operation, s.by, s.at],
        );
      let proposed = 0;
      for (const p of proposals)
        proposed += (
          await client.query(
            `insert into live_proposal (site, id, turn, release, base, op, by, note, at) values ($1, $2, $3, $4, $5, $6, $7, $8, $9)
             on conflict do nothing`,
            [site, p.id, p.turn, p.release, p.base, p.operation, p.by, p.note, p.at],
          )
        ).rowCount!;
      return proposed;
    });
    if (added) await tell(this.db, { kind: 'care', site });
  }

  private async rows(site: string, turn: number): Promise<Row[]> {
    const { rows } = await this.db.query<Row>(
      `select ${STEP} from live_step where site = $1 and turn = $2 order by seq`,
      [site, turn],
    );
    return rows;
  }
  private async mark(site: string, ids: readonly string[], state: Row['state']): Promise<void> {
    if (ids.length)
      await this.db.query('update live_step set state = $3 where site = $1 and id = any($2::uuid[])', [
        site,
        ids,
        state,
      ]);
  }

  private async bring(site: string): Promise<void> {
    const { rows } = await this.db.query<{ turn: number }>(
      `select distinct turn::int from live_step where site = $1 and state = 'new' order by turn`,
      [site],
    );
    for (const { turn } of rows)
      for (let left = TRIES; left > 0; left--) if (await this.bringTurn(site, turn, left === 1)) break;
    if (rows.length) await tell(this.db, { kind: 'care', site });
  }

  /** The live steps of a turn beside the drafts since its release; null where that release is not known here. */
  private async meet(
    site: string,
    rows: readonly Row[],
    live: readonly LiveStep[],
  ): Promise<(BroughtIn & { head: number; among: ReadonlySet<string | null> }) | null> {
    const release = rows[0] && (await this.sites.releases.get(site, rows[0].release));
    if (!release) return null;
    const document = await this.sites.log.documentOf(release);
    const { head, drafts } = await this.sites.log.draftsSince(site, release.head, release.kept);
    const among = new Set(drafts.map((d) => d.client));
    const of = (d: Draft) => ({ operation: d.operation, ...(d.client !== null && { of: d.client }) });
    // What was taken back again meets nobody.
    const came = withoutTakenBack((counts) => bringIn(document, drafts.filter(counts).map(of), live));
    return { ...came, head, among };
  }

  /** True where it is done; else the designer wrote at the same moment, and it is to be begun again. */
  private async bringTurn(site: string, turn: number, last: boolean): Promise<boolean> {
    const rows = await this.rows(site, turn);
    const fresh = rows.filter((r) => r.state === 'new').map((r) => r.id);
    const came = await this.meet(
      site,
      rows,
      rows.map((r) => ({ id: r.id, operation: r.op })),
    );
    if (!came) {
      await this.mark(site, fresh, 'held');
      return true;
    }
    // One that was written, and then the program ended before it was noted.
    await this.mark(
      site,
      fresh.filter((id) => came.among.has(id)),
      'taken',
    );
    let base = came.head;
    for (const { id, operation } of came.taken) {
      if (!fresh.includes(id)) continue;
      const author: Author = { id: null, name: rows.find((r) => r.id === id)!.by };
      try {
        const made = await this.take(site, operation, author, base, id);
        await this.mark(site, [id], 'taken');
        if (made === null) return false;
        base = made;
      } catch (error) {
        if (!(error instanceof Problem) || error.status >= 500) throw error;
        if (!last) return false;
        await this.mark(site, [id], 'held');
      }
    }
    const held = rows.filter((r) => fresh.includes(r.id) && came.held.some((h) => h.id === r.id));
    // Where both came to write the same, there is nothing to decide.
    const { document } = (await this.sites.get(site))!;
    const agreed = held.filter((r) => sidesOf(document, singles(r.op)).every(agree)).map((r) => r.id);
    await this.mark(site, agreed, 'settled');
    await this.mark(
      site,
      held.map((r) => r.id).filter((id) => !agreed.includes(id)),
      'held',
    );
    return true;
  }

  /** Writes a step into the drafts, and what follows there from a fact. Gives the newest step, or null where others wrote in between. */
  private async take(
    site: string,
    operation: Operation,
    author: Author,
    base: number,
    id: string,
  ): Promise<number | null> {
    const { document: before } = (await this.sites.get(site))!;
    const { head } = await this.sites.log.change(site, operation, author, { id, part: 'client', base });
    if (head !== base + 1) return null;
    const after = apply(before, operation).document;
    const whole = singles(withFollowing(before, operation));
    // What the step says itself is said; so is what reads as it should.
    const more = whole.slice(singles(operation).length).filter((one) => changes(after, one));
    if (!more.length) return head;
    const follow = await this.sites.log.change(site, { op: 'batch', operations: more }, author, {
      part: 'client',
      base: head,
    });
    return follow.head === head + 1 ? follow.head : null;
  }

  /** The site that both had before them: as it was live before the first of what is held. Undefined where that is not known here. */
  private async baseOf(site: string, held: readonly Row[]): Promise<SiteDocument | undefined> {
    const [first] = held;
    const release = first && (await this.sites.releases.get(site, first.release));
    if (!release) return undefined;
    const before = (await this.rows(site, first.turn)).filter((r) => r.seq < first.seq);
    try {
      return before.reduce((d, r) => apply(d, r.op).document, await this.sites.log.documentOf(release));
    } catch (error) {
      if (error instanceof OperationError) return undefined;
      throw error;
    }
  }

  /** How many changes of the people of a site wait for a decision. */
  async heldCount(site: string): Promise<number> {
    const { rows } = await this.db.query<{ n: number }>(
      `select count(*)::int as n from live_step where site = $1 and state in ('held', 'new')`,
      [site],
    );
    return rows[0]!.n;
  }

  /** What waits for a decision, what came in lately, and what is proposed. */
  async of(site: string): Promise<{ held: HeldChange[]; lines: LiveLine[]; proposals: ProposalLine[] }> {
    const [row, steps, proposals] = await Promise.all([
      this.sites.get(site),
      this.db.query<Row>(
        `(select ${STEP} from live_step where site = $1 and state = 'held')
         union (select ${STEP} from live_step where site = $1 order by seq desc limit 12) order by seq desc`,
        [site],
      ),
      this.db.query<{ id: string; op: Operation; by: string; note: string; at: Date }>(
        'select id, op, by, note, at from live_proposal where site = $1 and answer is null order by at',
        [site],
      ),
    ]);
    const { document } = row!;
    const held = steps.rows.filter((s) => s.state === 'held').reverse();
    return {
      held: heldOf(document, held, await this.baseOf(site, held)),
      lines: steps.rows.slice(0, 12).map(({ seq, by, at, op, state }) => ({ seq, by, at, words: describe(op), state })),
      proposals: proposals.rows.map(({ op, ...p }) => ({
        ...p,
        words: describe(op),
        parts: sidesOf(document, singles(op)),
      })),
    };
  }

  /**
   * Decides over what is held up to a step: `live` are the parts of it, by their place, that take the place of what is
   * drafted, `both` those that are to be what both made of them; the others stay as they are drafted.
   * @throws Problem 404, or 409 where a part is not among the drafts any more
   */
  settle(
    site: string,
    seq: number,
    { live, both = [] }: { live: readonly number[]; both?: readonly number[] },
    author: Author,
  ): Promise<void> {
    return this.alone(site, async () => {
      const { rows } = await this.db.query<Row>(
        `select ${STEP} from live_step where site = $1 and seq <= $2 and state = 'held' order by seq`,
        [site, seq],
      );
      const row = await this.sites.get(site);
      if (!row || rows.at(-1)?.seq !== seq)
        throw new Problem(404, 'There is nothing to decide', 'Somebody has decided it already.');
      const net = netOf(
        row.document,
        rows.map((r) => r.op),
      );
      const base = both.length ? await this.baseOf(site, rows) : undefined;
      const operations = chosenOf(row.document, net, { theirs: live, both }, base);
      if (operations.length)
        await this.sites.log.change(
          site,
          operations.length === 1 ? operations[0]! : { op: 'batch', operations },
          author,
          { part: 'client' },
        );
      await this.mark(
        site,
        rows.map((r) => r.id),
        'settled',
      );
      await tell(this.db, { kind: 'care', site });
    });
  }

  /**
   * Answers a proposal: it is brought among the drafts, or left with a word to whoever made it.
   * @throws Problem 404, or 409 where the drafts say something else by now
   */
  answer(site: string, id: string, take: boolean, words: string, author: Author): Promise<void> {
    return this.alone(site, async () => {
      const { rows } = await this.db.query<{ turn: number; base: number; op: Operation; by: string; release: string }>(
        'select turn::int, base::int, op, by, release from live_proposal where site = $1 and id = $2 and answer is null',
        [site, id],
      );
      const proposal = rows[0];
      if (!proposal) throw new Problem(404, 'There is no such proposal', 'Somebody has answered it already.');
      if (take) {
        const steps = (await this.rows(site, proposal.turn)).filter((r) => r.seq <= proposal.base);
        const came = await this.meet(site, steps.length ? steps : [proposal as unknown as Row], [
          ...steps.map((r) => ({ id: r.id, operation: r.op })),
          { id, operation: proposal.op },
        ]);
        const taken = came?.taken.find((t) => t.id === id);
        if (!taken)
          throw new Problem(
            409,
            'The drafts say something else there by now',
            'Write it as it shall be, and leave the proposal with a word.',
          );
        await this.sites.log.change(site, taken.operation, author, { part: 'import', base: came!.head });
      }
      await this.db.query('update live_proposal set answer = $3 where site = $1 and id = $2', [
        site,
        id,
        words.trim() || (take ? `${author.name} took it in.` : `${author.name} left it as it was.`),
      ]);
      await tell(this.db, { kind: 'care', site });
    });
  }

  /** Tells the server of a site what was answered and it does not know yet. */
  async tellAnswers(site: string, client: HostClient): Promise<void> {
    const { rows } = await this.db.query<{ id: string; answer: string }>(
      'select id, answer from live_proposal where site = $1 and answer is not null and not told',
      [site],
    );
    for (const { id, answer } of rows) {
      await client.answerProposal(site, id, answer);
      await this.db.query('update live_proposal set told = true where site = $1 and id = $2', [site, id]);
    }
  }
}
