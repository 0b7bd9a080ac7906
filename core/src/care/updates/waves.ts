/** A site that is to be updated with others, and how many visits it had lately. */
export interface InWaves {
  site: string;
  visits: number;
}

/** Of every so many sites one is in the second wave, and so many at least. */
const FEW_OF = 10;
const FEW = 3;

/**
 * The order many sites are updated in: one, a few, the rest. Those that fewest come to are first: if something is wrong, it
 * is met by fewest. Pure.
 */
export function inWaves(sites: readonly InWaves[]): { site: string; wave: 1 | 2 | 3 }[] {
  const few = Math.max(FEW, Math.ceil(sites.length / FEW_OF));
  return [...sites]
    .sort((a, b) => a.visits - b.visits || a.site.localeCompare(b.site))
    .map(({ site }, n) => ({ site, wave: n === 0 ? 1 : n <= few ? 2 : 3 }));
}
