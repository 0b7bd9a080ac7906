import type { ReworkKind } from '@tin-porch/core/making';

export type Way = Exclude<ReworkKind, 'free' | 'keywords'>;
/** The ways words can be worked over, those asked for most first. */
export const WAYS: readonly (readonly [Way, string])[] = [
  ['shorter', 'Shorter'],
  ['another', 'Another'],
  ['longer', 'Longer'],
  ['plainer', 'Plainer'],
  ['warmer', 'Warmer'],
  ['formal', 'More formal'],
  ['livelier', 'Livelier'],
  ['list', 'As a list'],
  ['spelling', 'Spelling'],
];
