import { Injectable } from '@angular/core';

const STILL_MS = 140;

/**
 * Whose turn it is to be drawn: one frame after the other, and none while the page is scrolled, so that scrolling stays
 * smooth. The nearest to what is in sight comes first.
 */
@Injectable({ providedIn: 'root' })
export class GlimpseTurns {
  private readonly waiting = new Map<Element, () => void>();
  private lastScroll = 0;
  private timer: ReturnType<typeof setTimeout> | undefined;

  constructor() {
    addEventListener('scroll', () => (this.lastScroll = performance.now()), { capture: true, passive: true });
  }

  /** Calls `begin` when it is the turn of what stands in `place`. The next comes when `done` is called, or soon. */
  wait(place: Element, begin: () => void): void {
    this.waiting.set(place, begin);
    this.go(0);
  }
  leave(place: Element): void {
    this.waiting.delete(place);
  }
  /** Something has been drawn: the next may begin. */
  done(): void {
    this.go(0);
  }

  private go(after: number): void {
    clearTimeout(this.timer);
    this.timer = setTimeout(() => {
      const still = performance.now() - this.lastScroll;
      if (still < STILL_MS) return this.go(STILL_MS - still);
      const middle = innerHeight / 2;
      const far = (e: Element) => Math.abs(e.getBoundingClientRect().top - middle);
      const [next] = [...this.waiting.keys()].sort((a, b) => far(a) - far(b));
      if (!next) return;
      const begin = this.waiting.get(next)!;
      this.waiting.delete(next);
      begin();
      // Where no drawing is ever reported, the others do not wait for ever.
      this.go(400);
    }, after);
  }
}
