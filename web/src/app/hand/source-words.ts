import type { Text } from '@tin-porch/core/model';

const SOURCES: Record<Text['from']['kind'], string> = {
  brief: 'from the brief',
  pack: 'from the trade pack',
  placeholder: 'a placeholder',
  designer: 'yours',
  client: 'the client’s',
  service: 'from the writing service',
};

/** Where the words of a text come from, in a few of them. */
export const sourceOf = ({ value, from }: Text): string => (value ? SOURCES[from.kind] : 'empty');
