import { Problem } from '@tin-porch/core/ground';
import { reworded, type SiteDocument } from '@tin-porch/core/model';
import {
  apply,
  describe,
  OperationError,
  textAt,
  typedWords,
  wordsMerged,
  type Operation,
  type SingleOperation,
} from '@tin-porch/core/operations';

/** One thing that both wrote: what is live, and what is drafted. */
export interface Side {
  words: string;
  live: string;
  draft: string;
  /** False where what it is about is not among the drafts any more. */
  there: boolean;
  /** What both made of it word by word, where they changed different words. */
  both?: string;
}
export const singles = (operation: Operation): readonly SingleOperation[] =>
  operation.op === 'batch' ? operation.operations : [operation];

/** What a text would be with what both made of it, where that is neither of the two. */
function bothOf(base: SiteDocument | undefined, document: SiteDocument, one: SingleOperation): string | undefined {
  if (one.op !== 'setText') return undefined;
  const [was, now] = [base && textAt(base, one.at), textAt(document, one.at)];
  const merged = was && now ? wordsMerged(was.value, one.text.value, now.value) : null;
  return merged === null || merged === now!.value || merged === one.text.value ? undefined : merged;
}

/** What an operation would say, and what stands there now. `base` is the site both began with, where that is known. */
export function sidesOf(document: SiteDocument, operations: readonly SingleOperation[], base?: SiteDocument): Side[] {
  return operations.map((one) => {
    try {
      const { inverse } = apply(document, one);
      const both = bothOf(base, document, one);
      return {
        words: describe(one),
        live: typedWords(one),
        draft: typedWords(inverse),
        there: true,
        ...(both !== undefined && { both }),
      };
    } catch (error) {
      if (!(error instanceof OperationError)) throw error;
      return { words: describe(one), live: typedWords(one), draft: '', there: false };
    }
  });
}

/** Whether both sides say the same words. */
export const agree = ({ there, live, draft }: Side): boolean => there && live !== '' && live === draft;

/**
 * What is to be written of what both wrote, by the places of what was chosen: as the others wrote it, or as both made it.
 * @throws Problem 409 where both cannot be had
 */
export function chosenOf(
  document: SiteDocument,
  net: readonly SingleOperation[],
  { theirs, both }: { theirs: readonly number[]; both: readonly number[] },
  base?: SiteDocument,
): SingleOperation[] {
  return net.flatMap((one, n): SingleOperation[] => {
    const merged = both.includes(n) ? bothOf(base, document, one) : undefined;
    if (merged !== undefined && one.op === 'setText') {
      const now = textAt(document, one.at)!;
      return [{ ...one, text: { ...reworded(now, merged), from: { kind: 'designer' } } }];
    }
    if (both.includes(n))
      throw new Problem(409, 'Both cannot be had of that', 'It says something else by now: look at it once more.');
    return theirs.includes(n) ? [one] : [];
  });
}
