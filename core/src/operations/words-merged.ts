import { diff3Merge } from 'node-diff3';

/** Words, and what stands between them. */
const pieces = (text: string): string[] => text.match(/[\p{L}\p{N}’'-]+|\s+|[^\s\p{L}\p{N}]/gu) ?? [];

/**
 * What two made of one text, word by word: what either changed, where the other left it as it was. Null where both changed
 * the same words. @param base what both of them had before them
 */
export function wordsMerged(base: string, one: string, other: string): string | null {
  const merged = diff3Merge(pieces(one), pieces(base), pieces(other), { excludeFalseConflicts: true });
  return merged.some((part) => part.conflict) ? null : merged.flatMap((part) => part.ok ?? []).join('');
}
