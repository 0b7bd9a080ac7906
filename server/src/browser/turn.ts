import { Problem } from '@tin-porch/core/ground';

/** Whose turn it is with the browser: two that look at once would take each other’s time. */
export class BrowserTurn {
  private open = 0;
  private last: Promise<unknown> = Promise.resolve();

  /** Whether somebody looks at something. */
  get busy(): boolean {
    return this.open > 0;
  }

  /** @throws Problem 409 where somebody else looks */
  async now<T>(look: () => Promise<T>): Promise<T> {
    if (this.busy) throw new Problem(409, 'The browser looks at another site just now');
    return this.after(look);
  }

  /** Waits for its turn. */
  after<T>(look: () => Promise<T>): Promise<T> {
    this.open++;
    const done = this.last.then(look).finally(() => this.open--);
    this.last = done.catch(() => undefined);
    return done;
  }
}
