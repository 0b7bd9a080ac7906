/** A seeded source of numbers: the same seed gives the same numbers everywhere. */
export interface Random {
  /** The next number, from 0 up to but not including 1. */
  next(): number;
  /** One of the items. */
  pick<T>(items: readonly T[]): T;
}

/** The mulberry32 generator: 32 bits of state, enough to vary a site, not for secrets. */
export function seeded(seed: number): Random {
  let state = seed >>> 0;
  const next = () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
  return { next, pick: (items) => items[Math.floor(next() * items.length)]! };
}

/** A 32-bit FNV-1a hash of a string, as 8 hex digits: names content, protects nothing. */
export function shortHash(text: string): string {
  let hash = 0x811c9dc5;
  for (let n = 0; n < text.length; n++) hash = Math.imul(hash ^ text.charCodeAt(n), 0x01000193);
  return (hash >>> 0).toString(16).padStart(8, '0');
}
