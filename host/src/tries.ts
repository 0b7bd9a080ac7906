import { randomBytes } from 'node:crypto';

/** How long a mark is good, ms. */
const GOOD_MS = 60_000;
/** More than are ever in use at once. */
const MOST = 1000;

/** Marks for messages of rounds: given out to Tin Porch alone, each good once, for one site and a minute. */
export class Tries {
  private readonly given = new Map<string, { site: string; until: number }>();

  constructor(private readonly now: () => number = Date.now) {}

  /** A new mark for a site. */
  give(site: string): string {
    for (const [mark, { until }] of this.given)
      if (until < this.now() || this.given.size >= MOST) this.given.delete(mark);
    const mark = randomBytes(18).toString('base64url');
    this.given.set(mark, { site, until: this.now() + GOOD_MS });
    return mark;
  }

  /** True, once, for a mark that was given for this site and is not too old. */
  take(site: string, mark: string): boolean {
    const known = this.given.get(mark);
    if (known?.site !== site || known.until < this.now()) return false;
    return this.given.delete(mark);
  }
}
