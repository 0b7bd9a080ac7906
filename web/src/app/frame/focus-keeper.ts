import { DOCUMENT, inject, Injectable, type OnDestroy } from '@angular/core';

const FOCUSABLE =
  'a[href], button:not(:disabled), input:not(:disabled), select:not(:disabled), textarea:not(:disabled), summary, [tabindex]:not([tabindex="-1"])';
/** How long a page is without a change before it counts as at rest; how long it is waited for at most. */
const AT_REST_MS = 30;
const AT_LAST_MS = 300;
/** How often the focus is looked after again where nothing would take it. */
const AGAIN_MS = 100;
const TRIES = 20;
const shown = (e: Element) => e.isConnected && e.checkVisibility({ visibilityProperty: true });

/**
 * Keeps the focus where the work is: when the control that had it is taken away or can no longer be used, what stands in
 * its place next takes it; on another page its heading does. Without that the next key would begin at the top.
 */
@Injectable({ providedIn: 'root' })
export class FocusKeeper implements OnDestroy {
  private readonly document = inject(DOCUMENT);
  private last: Element | null = null;
  private path = '';
  /** What the last focused control stood in, innermost first, and how many controls were before it there. */
  private trail: [Element, number][] = [];
  private timer: ReturnType<typeof setTimeout> | undefined;
  /** When the page began to change, and how often it has been looked at since it came to rest. */
  private since = 0;
  private tries = 0;
  private readonly observer = new MutationObserver(() => this.soon());
  /** What has the focus only until there is a heading. */
  private stopgap: HTMLElement | null = null;
  private pressedBeside = false;
  private readonly press = (event: Event) =>
    void (this.pressedBeside = !(event.target as Element).closest?.(`${FOCUSABLE}, label`));
  private readonly remember = (event: FocusEvent) => {
    this.pressedBeside = false;
    const target = event.target as Element;
    this.last = target;
    this.path = location.pathname;
    this.trail = [];
    for (let up = target.parentElement; up && up !== this.document.body; up = up.parentElement)
      this.trail.push([up, Array.from(up.querySelectorAll(FOCUSABLE)).indexOf(target)]);
  };

  start(): void {
    this.document.addEventListener('focusin', this.remember);
    this.document.addEventListener('pointerdown', this.press);
    this.observer.observe(this.document.body, {
      childList: true,
      subtree: true,
      attributeFilter: ['disabled', 'hidden', 'class'],
    });
  }
  ngOnDestroy(): void {
    this.document.removeEventListener('focusin', this.remember);
    this.document.removeEventListener('pointerdown', this.press);
    this.observer.disconnect();
    clearTimeout(this.timer);
  }

  /** Looks once the page is at rest; on one that never is, after a while all the same. */
  private soon(): void {
    const now = performance.now();
    if (this.timer === undefined) this.since = now;
    else if (now - this.since > AT_LAST_MS) return;
    this.tries = 0;
    this.lookIn(AT_REST_MS);
  }

  private lookIn(ms: number): void {
    clearTimeout(this.timer);
    this.timer = setTimeout(() => {
      this.timer = undefined;
      this.look();
      // What was to take it may not have been drawn yet, which changes nothing in the page when it is.
      const { activeElement, body } = this.document;
      const lost = this.last !== null && !this.pressedBeside && (activeElement === body || activeElement === null);
      if (lost && this.tries++ < TRIES) this.lookIn(AGAIN_MS);
    }, ms);
  }

  private look(): void {
    const { activeElement, body } = this.document;
    if (activeElement && activeElement === this.stopgap) {
      if (this.headings()[0] !== this.stopgap) this.toHeading();
      return;
    }
    // A control that was turned off keeps the focus in name for a moment, and hears no key.
    if (!this.last || (activeElement && activeElement !== body && !activeElement.matches(':disabled'))) return;
    if (shown(this.last) && !this.last.matches(':disabled')) {
      // Moved to another place in the page, a control loses the focus. Whoever presses beside every control wants that.
      if (!this.pressedBeside && this.last instanceof HTMLElement) this.last.focus({ preventScroll: true });
      return;
    }
    // What stood in for a heading is gone with the page it was of: nothing near it takes its place.
    if (this.last === this.stopgap) return this.toHeading();
    if (location.pathname !== this.path || !this.trail.some(([e]) => shown(e))) return this.toHeading();
    for (const [within, at] of this.trail) {
      if (!shown(within)) continue;
      const there = Array.from(within.querySelectorAll<HTMLElement>(FOCUSABLE)).filter(shown);
      const next = there[Math.min(Math.max(at, 0), there.length - 1)];
      if (next) return next.focus({ preventScroll: true });
    }
    this.toHeading();
  }

  /**
   * What may take the focus of a page, the best first: its heading; where nothing is shown for want of a session, the field
   * that asks for the password; before either is there, what is shown. Nothing that is not drawn: it hears no key.
   */
  private headings(): HTMLElement[] {
    return ['main h1, .strip h1, h1', '.standing input:not([readonly])', '.standing', 'main'].flatMap((selector) =>
      Array.from(this.document.querySelectorAll<HTMLElement>(selector)).filter(shown).slice(0, 1),
    );
  }

  /** Gives the focus to the first that takes it: what is inert, as behind a dialog, does not. */
  private toHeading(): void {
    for (const element of this.headings()) {
      if (element.tabIndex < 0) element.tabIndex = -1;
      element.focus({ preventScroll: true });
      if (this.document.activeElement !== element) continue;
      this.stopgap = element.tagName === 'MAIN' ? element : null;
      return;
    }
  }
}
