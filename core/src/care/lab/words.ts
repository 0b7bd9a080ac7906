import { BUDGET, type LabFigures } from './lab.js';

/** A time in seconds, to a tenth: “1.2 s”. */
export const inSeconds = (ms: number): string => `${(ms / 1000).toFixed(1)} s`;
/** Bytes as kilobytes: “310 kB”. */
export const inKilobytes = (bytes: number): string => `${Math.round(bytes / 1000).toLocaleString('en-GB')} kB`;

/** What a phone shows of a page, in a line a client understands. */
export function labWords({ lcp, cls, tbt }: Pick<LabFigures, keyof typeof BUDGET>): string {
  const parts = [
    `shows its main part after ${inSeconds(lcp)}`,
    cls <= BUDGET.cls ? 'stands still' : 'jumps while it loads',
    tbt <= BUDGET.tbt ? 'answers at once' : `answers ${inSeconds(tbt)} late`,
  ];
  return `${parts[0]}, ${parts[1]} and ${parts[2]}`;
}
