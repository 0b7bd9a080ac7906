import type { ItemState } from '@tin-porch/core/collections';

/** What the state of an item is called, and the chip it has. */
export const STATE_WORDS: Readonly<Record<ItemState, string>> = {
  draft: 'Draft',
  planned: 'Planned',
  up: 'Up',
  over: 'Over',
};
export const STATE_CHIPS: Readonly<Record<ItemState, string>> = { draft: '', planned: 'rain', up: 'moss', over: '' };
