import { readingTask, readOutside, type OutsideFact } from '@tin-porch/core/brief';
import type { SiteDocument } from '@tin-porch/core/model';
import type { PutVersion } from '@tin-porch/core/operations';
import {
  askingTask,
  readAnswer,
  readProposal,
  rework,
  reworkTask,
  rewriteVersion,
  versionTask,
  withTexts,
  type InHand,
  type Proposal,
  type Reply,
  type Reworked,
  type ReworkRequest,
  type WritingAnswer,
  type WritingTask,
} from '@tin-porch/core/making';
import { tell } from '../events/events.js';
import type { Database } from '../db/database.js';
import type { Spellings } from './spelling.js';
import { WritingFailed, type Asked, type WritingClient, type WritingCost } from './writing-client.js';

/** Who writes: the built-in writer, or the outside service. */
export type By = 'house' | 'service';

interface Written {
  /** Who did it in the end. */
  by: By;
  /** What to tell the person. */
  note: string;
  cost: WritingCost | null;
}

/** Words for sites, written by the house or by an outside service, which reads briefs too; where it fails, the house goes on. */
export class Writing {
  constructor(
    private readonly db: Database,
    readonly service: { client: WritingClient; name: string } | null,
    private readonly spellings: Spellings,
  ) {}

  private async ask(
    site: string,
    document: SiteDocument,
    task: WritingTask,
    what: 'write' | 'rework',
    cancel?: AbortSignal,
  ): Promise<{ changes: Reworked[]; cost: WritingCost }> {
    const { answer, cost } = await this.asked<WritingAnswer>(site, task, what, cancel);
    const known = await this.spellings.knownIn(document.language, answer.texts.map((t) => t.value).join(' '));
    return { changes: readAnswer(task, document.facts, document, answer, known), cost };
  }

  /** Asks the service for a site, tells how far it is, and keeps what it cost. */
  private async asked<T>(
    site: string,
    task: Asked,
    what: 'read' | 'write' | 'rework' | 'ask',
    cancel?: AbortSignal,
  ): Promise<{ answer: T; cost: WritingCost }> {
    if (!this.service) throw new WritingFailed('None is set up.', false);
    let told = 0;
    const progress = (characters: number, tail: string) => {
      // Often enough to see it move, seldom enough to carry.
      if (Date.now() - told < 150) return;
      told = Date.now();
      void tell(this.db, { kind: 'writing', site, characters, tail: tail.replace(/\s+/g, ' ') }).catch(() => undefined);
    };
    try {
      const answered = await this.service.client.ask<T>(task, progress, cancel);
      await this.keep(site, what, answered.cost);
      return answered;
    } catch (error) {
      // Answers that were of no use are paid for all the same.
      if (error instanceof WritingFailed && error.spent) await this.keep(site, what, error.spent);
      throw error;
    }
  }

  private async keep(site: string, what: string, cost: WritingCost): Promise<void> {
    const { input, output, amount, currency, estimated } = cost;
    await this.db.query(
      `insert into language_cost (site, what, input, output, amount, currency, estimated)
       values ($1, $2, $3, $4, $5, $6, $7)`,
      [site, what, input, output, amount, currency, estimated],
    );
  }

  /** What the service was paid for a site so far, a currency each. */
  async spent(site: string): Promise<{ answers: number; amount: number; currency: string; estimated: boolean }[]> {
    const { rows } = await this.db.query<{ answers: number; amount: number; currency: string; estimated: boolean }>(
      `select count(*)::int as answers, sum(amount)::float8 as amount, currency, bool_or(estimated) as estimated
       from language_cost where site = $1 group by currency order by currency`,
      [site],
    );
    return rows;
  }

  /** What the service reads in a brief, each with its stretch of it. Nothing is changed. */
  async read(
    site: string,
    document: SiteDocument,
    cancel?: AbortSignal,
  ): Promise<{ facts: OutsideFact[]; dropped: number; held: number; note: string; cost: WritingCost | null }> {
    try {
      const task = readingTask(document.facts.description);
      const { answer, cost } = await this.asked<{ facts: OutsideFact[] }>(site, task, 'read', cancel);
      return { ...readOutside(document.facts, answer), note: '', cost };
    } catch (error) {
      if (!(error instanceof WritingFailed)) throw error;
      return { facts: [], dropped: 0, held: 0, note: `The service did not read it: ${error.message}`, cost: null };
    }
  }

  /** What a request that the house did not understand comes to, as the service sees it. Nothing is changed. */
  async propose(
    site: string,
    document: SiteDocument,
    request: string,
    on: InHand,
    cancel?: AbortSignal,
  ): Promise<{ reply: Reply; cost: WritingCost | null }> {
    try {
      const task = askingTask(document, request, on);
      const { answer, cost } = await this.asked<Proposal>(site, task, 'ask', cancel);
      const written = answer.changes.map(({ operation: o }) => ('text' in o && o.text ? o.text.value : '')).join(' ');
      const known = await this.spellings.knownIn(document.language, written);
      return { reply: readProposal(document, request, answer, known), cost };
    } catch (error) {
      if (!(error instanceof WritingFailed)) throw error;
      return { reply: { kind: 'no', words: `The service did not answer it: ${error.message}` }, cost: null };
    }
  }

  /** Proposals for texts worked over. Nothing is changed. */
  async rework(
    site: string,
    document: SiteDocument,
    request: ReworkRequest,
    by: By,
    cancel?: AbortSignal,
  ): Promise<Written & { changes: Reworked[] }> {
    let failed = '';
    if (by === 'service')
      try {
        const task = reworkTask(document, request);
        if (!task.texts.size) return { changes: [], note: 'There is no text to work over here.', by, cost: null };
        const { changes, cost } = await this.ask(site, document, task, 'rework', cancel);
        return { changes, note: changes.length ? '' : 'It changed nothing.', by, cost };
      } catch (error) {
        if (!(error instanceof WritingFailed)) throw error;
        failed = `The writing service failed: ${error.message} The built-in writer did it. `;
      }
    const { changes, note } =
      request.kind === 'spelling' ? await this.spellings.rework(document, request) : rework(document, request);
    return { changes, note: `${failed}${note}`.trim(), by: 'house', cost: null };
  }

  /** A version of the whole site; what people have done to it stays. */
  async version(
    site: string,
    document: SiteDocument,
    seed: number,
    by: By,
    keepAddresses: boolean,
    cancel?: AbortSignal,
  ): Promise<Written & { version: PutVersion }> {
    const version = rewriteVersion(document, seed, keepAddresses);
    if (by === 'house') return { version, note: '', by, cost: null };
    try {
      const { drawn, ...task } = versionTask(document, version);
      const { changes, cost } = await this.ask(site, drawn, task, 'write', cancel);
      return {
        version: withTexts(document, version, changes),
        note: `${changes.length} texts by the service.`,
        by,
        cost,
      };
    } catch (error) {
      if (!(error instanceof WritingFailed)) throw error;
      return {
        version,
        note: `The writing service failed: ${error.message} The built-in writer wrote it.`,
        by: 'house',
        cost: null,
      };
    }
  }
}
