/** Keeps what was worked out of the last so many different texts, so that asking again costs nothing. */
export function lately<T>(most: number): (key: string, make: () => T) => T {
  const kept = new Map<string, T>();
  return (key, make) => {
    const known = kept.get(key);
    if (known !== undefined) return known;
    const made = make();
    kept.set(key, made);
    if (kept.size > most) kept.delete(kept.keys().next().value!);
    return made;
  };
}
