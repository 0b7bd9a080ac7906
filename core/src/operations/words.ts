/** Every text in a part of a section’s content that says something, in order. */
export function wordsWithin(value: unknown): string[] {
  if (Array.isArray(value)) return value.flatMap(wordsWithin);
  if (typeof value !== 'object' || value === null) return [];
  const { value: words, from } = value as { value?: unknown; from?: unknown };
  if (typeof words === 'string' && from !== undefined) return words ? [words] : [];
  return Object.values(value).flatMap(wordsWithin);
}
