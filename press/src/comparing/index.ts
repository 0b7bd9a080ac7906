import { Thread } from '../threads/thread.js';
import type { Compared } from './compare.js';

export type { Compared } from './compare.js';

/** How long two pictures may take to be compared, ms. */
const MOST_MS = 60_000;

/** Compares pictures of pages, in a thread of its own: two tall ones are tens of millions of points. */
export class Comparing {
  private readonly thread = new Thread(
    (ending) => new URL(`./comparing-worker${ending}`, import.meta.url),
    import.meta.url.endsWith('.mjs'),
    { idleMs: 30_000, mostMs: MOST_MS },
  );

  /** @throws Error where they are of different widths, or no pictures */
  compare = (before: Uint8Array, now: Uint8Array): Promise<Compared> =>
    this.thread.ask({ before, now }) as Promise<Compared>;

  close = (): Promise<void> => this.thread.close();
}
