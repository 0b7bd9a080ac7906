import type { SiteDocument } from '../model/site.js';
import { apply } from './apply.js';
import type { Move } from './definition.js';
import { wholesOf } from './keys.js';
import { definitionOf, type Operation, type SingleOperation } from './operation.js';

/** An operation as it reads after another; or the one it met, where both write the same thing. */
export type Rebased = { operation: Operation } | { met: SingleOperation };

const singles = (operation: Operation): readonly SingleOperation[] =>
  operation.op === 'batch' ? operation.operations : [operation];
const again = (like: Operation, operations: SingleOperation[]): Operation =>
  like.op === 'batch' ? { ...like, operations } : operations[0]!;

/** What one operation touches, on the document it was made for. */
interface Touched {
  one: SingleOperation;
  writes: readonly string[];
  needs: readonly string[];
  moves: readonly Move[];
}
function touchedBy(document: SiteDocument, one: SingleOperation): Touched {
  const definition = definitionOf(one);
  return {
    one,
    writes: definition.writes(one, document),
    needs: definition.needs?.(one) ?? [],
    moves: definition.moves?.(one, document) ?? [],
  };
}
function touchedByAll(document: SiteDocument, operation: Operation): Touched[] {
  let now = document;
  return singles(operation).map((one) => {
    const touched = touchedBy(now, one);
    now = apply(now, one).document;
    return touched;
  });
}

/** The first of theirs that one of mine meets: it writes a thing that mine writes or needs, a part of one, or a whole one is in. */
function met(mine: readonly Touched[], theirs: readonly Touched[]): SingleOperation | null {
  const written = new Set(mine.flatMap((t) => t.writes));
  // What theirs may not write: all mine is in, and all mine needs.
  const over = new Set(mine.flatMap((t) => [...t.writes, ...t.needs]).flatMap(wholesOf));
  const meets = ({ writes, needs }: Touched) =>
    writes.some((key) => over.has(key)) || [...writes, ...needs].flatMap(wholesOf).some((key) => written.has(key));
  return theirs.find(meets)?.one ?? null;
}

/** A place in a list that one thing is to be put at, after another thing was moved in that list. */
function shifted(own: Move, other: Move): number {
  const to = own.to!;
  // Both places are counted without either thing; the thing with the lesser id goes first where they are the same.
  const otherFrom = other.from === null ? null : other.from - (own.from !== null && own.from < other.from ? 1 : 0);
  const without = to - (otherFrom !== null && otherFrom < to ? 1 : 0);
  if (other.to === null) return without;
  const ownFrom = own.from === null ? null : own.from - (other.from !== null && other.from < own.from ? 1 : 0);
  const otherTo = other.to - (ownFrom !== null && ownFrom < other.to ? 1 : 0);
  return otherTo < without || (otherTo === without && other.id < own.id) ? without + 1 : without;
}

/** One operation after another that it does not meet: its thing goes where it was meant to go. */
function after(mine: Touched, theirs: Touched): SingleOperation {
  const own = mine.moves.find((m) => m.to !== null);
  const moved = own && theirs.moves.filter((m) => m.list === own.list);
  if (!own || !moved?.length) return mine.one;
  const to = moved.reduce((at, other) => shifted({ ...own, to: at }, other), own.to!);
  // Where it says no place it would go to the end, which is another one by now.
  return definitionOf(mine.one).placed!(mine.one, to);
}

/**
 * An operation that was made on a document, as it reads after another one made on the same document. Applied after it,
 * it gives the same document as the other way round; where both write one thing it gives the one it met.
 * @throws OperationError where either does not fit that document
 */
export function rebase(document: SiteDocument, mine: Operation, theirs: Operation): Rebased {
  const [own, other] = [touchedByAll(document, mine), touchedByAll(document, theirs)];
  const meets = met(own, other);
  if (meets) return { met: meets };
  const lists = new Set(own.flatMap((t) => t.moves.map((m) => m.list)));
  if (!other.some((t) => t.moves.some((m) => lists.has(m.list)))) return { operation: mine };
  // Each of mine passes through all of theirs, which in turn are moved behind it for the next.
  let start = document;
  let through = singles(theirs);
  const operations: SingleOperation[] = [];
  for (const one of singles(mine)) {
    let now = start;
    let moving = one;
    const behind: SingleOperation[] = [];
    for (const their of through) {
      const [a, b] = [touchedBy(now, moving), touchedBy(now, their)];
      moving = after(a, b);
      behind.push(after(b, a));
      now = apply(now, their).document;
    }
    operations.push(moving);
    start = apply(start, one).document;
    through = behind;
  }
  return { operation: again(mine, operations) };
}

/** A step of the log of a site. */
export interface LoggedStep {
  operation: Operation;
  inverse: Operation;
  /** Whether the operation that is rebased knows of it: made in the same place, or part of what it takes back. */
  known: boolean;
}

/**
 * An operation that was made before the last steps of a site, as it reads after them.
 * @param document the site as it is now @param steps what was done since, oldest first
 * @throws OperationError where it does not fit the site as it was, or a step cannot be taken back
 */
export function rebaseOver(document: SiteDocument, steps: readonly LoggedStep[], operation: Operation): Rebased {
  if (steps.every((s) => s.known)) return { operation };
  let now = steps.reduceRight((d, { inverse }) => apply(d, inverse).document, document);
  let moving = operation;
  for (const step of steps) {
    if (!step.known) {
      const rebased = rebase(now, moving, step.operation);
      if ('met' in rebased) return rebased;
      moving = rebased.operation;
    }
    now = apply(now, step.operation).document;
  }
  return { operation: moving };
}
