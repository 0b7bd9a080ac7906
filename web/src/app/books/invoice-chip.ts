import type { InvoiceState } from '@tin-porch/core/care';
import { day } from '../parts/when';

/** What a letter came to that did not arrive, or may not have. */
export const LOST: ReadonlySet<string> = new Set(['failed', 'unsure']);

interface Told {
  state: InvoiceState;
  due: string | null;
  paid: string | null;
  takesBack: string | null;
  sentAt: string | null;
  letter: { state: string } | null;
  lacks: readonly string[];
}

/** How an invoice stands, as a chip. */
export function invoiceChip(i: Told): { tone: 'grey' | 'rain' | 'moss' | 'lamp' | 'brick'; words: string } {
  if (i.takesBack) return { tone: 'grey', words: 'Takes back' };
  switch (i.state) {
    case 'draft':
      return i.lacks.length ? { tone: 'lamp', words: 'Draft, not whole' } : { tone: 'rain', words: 'Draft' };
    case 'taken back':
      return { tone: 'grey', words: 'Taken back' };
    case 'paid':
      return { tone: 'moss', words: `Paid ${day(i.paid!)}` };
    case 'late':
      return { tone: 'brick', words: `Late since ${day(i.due!)}` };
    case 'open':
      if (i.letter && LOST.has(i.letter.state)) return { tone: 'brick', words: 'Did not arrive' };
      return i.sentAt ? { tone: 'rain', words: `Due ${day(i.due!)}` } : { tone: 'lamp', words: 'Not sent yet' };
  }
}
