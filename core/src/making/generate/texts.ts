import type { Text } from '../../model/site.js';

/** Words of the brief, or a fact as a page has it. */
export const brief = (value: string, quote = value, fact?: string): Text => ({
  value,
  from: { kind: 'brief', quote: quote.slice(0, 2000), ...(fact !== undefined && { fact }) },
});
/** A line of the house that claims nothing. */
export const invitation = (value: string, line: string): Text => ({
  value,
  from: { kind: 'pack', line, claim: false },
});
/** A line that says what a business does: to confirm until somebody vouches for it. */
export const claim = (value: string, line: string): Text => ({ value, from: { kind: 'pack', line, claim: true } });
/** What stands in a place only the client can fill, and what to ask. */
export const placeholder = (value: string, ask: string): Text => ({ value, from: { kind: 'placeholder', ask } });
export const nothing: Text = { value: '', from: { kind: 'designer' } };
