import type { SiteDocument } from '../model/site.js';
import { apply } from './apply.js';
import { OperationError } from './definition.js';
import { definitionOf, type Operation, type SingleOperation } from './operation.js';
import { rebase } from './rebase.js';

/** A step that was made where the site is live, on the release that is served there. */
export interface LiveStep {
  id: string;
  operation: Operation;
}
/** A step of the log of drafts since that release; `of` is the live step it brought in, where it is one. */
export interface DraftStep {
  operation: Operation;
  of?: string;
}
/** A live step that cannot be brought in by itself. */
export interface HeldStep {
  id: string;
  /** The draft that wrote the same; null where what it changes is not there any more. */
  draft: Operation | null;
}
/** What the live steps come to among the drafts. */
export interface BroughtIn {
  /** Those that are not among the drafts yet, as they read after them, in order. */
  taken: LiveStep[];
  /** Those that wait for a person, all of them, known ones too. */
  held: HeldStep[];
  /** The drafts with all that was taken. */
  document: SiteDocument;
}

const singles = (operation: Operation): readonly SingleOperation[] =>
  operation.op === 'batch' ? operation.operations : [operation];
const then = (first: Operation, second: Operation | null): Operation =>
  second ? { op: 'batch', operations: [...singles(first), ...singles(second)] } : first;

/** Both logs of a site, walked side by side: every live step passes through the drafts that did not know of it. */
class Meeting {
  readonly held: HeldStep[] = [];
  /** What takes the held steps out of the live document again. */
  private without: Operation | null = null;
  /** The drafts as they read after the live steps that were taken, each with what it was written as. */
  private drafts: { now: Operation; as: Operation }[] = [];
  /** The live document without what is held: what the drafts stand on. */
  private clean: SiteDocument;

  constructor(private live: SiteDocument) {
    this.clean = live;
  }

  draft(operation: Operation): void {
    this.drafts.push({ now: operation, as: operation });
  }

  /** Passes one live step; gives it as it reads after the drafts, or null where it is held. */
  pass({ id, operation }: LiveStep): Operation | null {
    const { document, inverse } = apply(this.live, operation);
    const hold = (draft: Operation | null): null => {
      this.held.push({ id, draft });
      this.without = then(inverse, this.without);
      this.live = document;
      return null;
    };
    // What hangs on a step that is held is held with it.
    let own = operation;
    let without = this.without;
    if (without) {
      const [a, b] = [rebase(this.live, operation, without), rebase(this.live, without, operation)];
      if ('met' in a || 'met' in b) return hold(null);
      [own, without] = [a.operation, b.operation];
    }
    let now = this.clean;
    let moving = own;
    const behind: typeof this.drafts = [];
    try {
      for (const draft of this.drafts) {
        const [a, b] = [rebase(now, moving, draft.now), rebase(now, draft.now, moving)];
        if ('met' in a || 'met' in b) return hold(draft.as);
        behind.push({ ...draft, now: b.operation });
        now = apply(now, draft.now).document;
        moving = a.operation;
      }
      apply(now, moving);
      this.clean = apply(this.clean, own).document;
    } catch (error) {
      if (error instanceof OperationError) return hold(null);
      throw error;
    }
    this.without = without;
    this.live = document;
    this.drafts = behind;
    return moving;
  }

  /** The drafts on what is live, but for what is held. */
  document = (): SiteDocument => this.drafts.reduce((d, { now }) => apply(d, now).document, this.clean);
}

/**
 * What was done where a site is live, brought among the drafts: each step as it reads after all that was drafted since the
 * release both began from. Where both wrote one thing, or a step needs one that is held, it is held for a person; nothing
 * is written over, on neither side. Pure: the same logs give the same, however often and in however many parts they are
 * brought together.
 * @param release the document of the release @param drafts all steps of the log since, oldest first @param live all live
 * steps since, oldest first
 * @throws OperationError where a log does not fit the release
 */
export function bringIn(release: SiteDocument, drafts: readonly DraftStep[], live: readonly LiveStep[]): BroughtIn {
  const meeting = new Meeting(release);
  let next = 0;
  for (const draft of drafts) {
    const at = draft.of === undefined ? -1 : live.findIndex((l, n) => n >= next && l.id === draft.of);
    if (at < 0) {
      meeting.draft(draft.operation);
      continue;
    }
    // Those before it that are not among the drafts were held when it was taken.
    for (; next < at; next++) meeting.pass(live[next]!);
    if (!meeting.pass(live[next++]!)) meeting.draft(draft.operation);
  }
  const taken: LiveStep[] = [];
  for (const step of live.slice(next)) {
    const operation = meeting.pass(step);
    if (operation) taken.push({ id: step.id, operation });
  }
  return { taken, held: meeting.held, document: meeting.document() };
}

/** What an operation writes, as a key; what is not there any more goes by its own words. */
function thingOf(document: SiteDocument, one: SingleOperation): string {
  try {
    return [one.op, ...definitionOf(one).writes(one, document)].join(' ');
  } catch (error) {
    if (error instanceof OperationError) return `${one.op} ${definitionOf(one).says(one)}`;
    throw error;
  }
}

/** What several steps come to: of those that write one thing the last, where the first of them stood. */
export function netOf(document: SiteDocument, operations: readonly Operation[]): SingleOperation[] {
  const last = new Map<string, SingleOperation>();
  for (const one of operations.flatMap(singles)) last.set(thingOf(document, one), one);
  return [...last.values()];
}
