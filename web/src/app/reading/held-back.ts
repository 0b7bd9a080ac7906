import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { toObservable, toSignal } from '@angular/core/rxjs-interop';
import { debounceTime } from 'rxjs';
import { confirmation, factsToConfirm, refusal, type FactToConfirm } from '@tin-porch/core/brief';
import { factOperations } from '@tin-porch/core/operations';
import { CLEARED, clearedIn, heldBack, type HeldBack } from '@tin-porch/core/making';
import { some } from '@tin-porch/core/some';
import { SingleKeys } from '../frame/single-keys';
import { SiteStore } from '../site/site-store';

const REST_MS = 400;

/** What nobody has looked at yet: facts read out of running text, and sentences kept off the site until they are cleared. */
@Component({
  selector: 'tp-held-back',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (unsure().length) {
      <section class="note lamp gap" aria-labelledby="unsure-title">
        <h3 id="unsure-title">To confirm</h3>
        @if (single.on()) {
          <p class="quiet keys">
            In this list: <kbd>Y</kbd> it is right, <kbd>N</kbd> it is wrong, <kbd>↑</kbd> <kbd>↓</kbd> another.
          </p>
        }
        <ul class="plain-list" (keydown)="key($event, unsure(), confirm, refuse)">
          @for (f of unsure(); track f.what) {
            <li class="between">
              <span
                >{{ f.what }}: <b>{{ f.value }}</b></span
              >
              <span class="bar">
                <button
                  class="plain small"
                  type="button"
                  [attr.aria-label]="'It is right: ' + f.what"
                  (click)="confirm(f)"
                >
                  It is right
                </button>
                <button
                  class="plain small"
                  type="button"
                  [attr.aria-label]="'It is wrong: ' + f.what"
                  (click)="refuse(f)"
                >
                  It is wrong
                </button>
              </span>
            </li>
          }
        </ul>
        <p class="between">
          <span class="quiet"
            >Read out of the client’s text. What is wrong goes out of the facts; the right one is written into its
            field.</span
          >
          @if (unsure().length > 1) {
            <button class="plain small" type="button" (click)="confirmAll()">All of these are right</button>
          }
        </p>
      </section>
    }
    @if (held().length || cleared().length) {
      <details class="held gap">
        <summary>Held back: {{ some(held().length, 'sentence') }} nobody has cleared for visitors</summary>
        @if (single.on() && held().length) {
          <p class="quiet keys">In this list: <kbd>Y</kbd> it is for visitors, <kbd>↑</kbd> <kbd>↓</kbd> another.</p>
        }
        <ul class="plain-list" (keydown)="key($event, held(), clear)">
          @for (h of held(); track $index) {
            <li class="between">
              <span dir="auto"
                >{{ h.text }} <span class="quiet">{{ h.why }}</span></span
              >
              <button
                class="plain small"
                type="button"
                [attr.aria-label]="'It is for visitors: ' + h.text"
                (click)="clear(h)"
              >
                It is for visitors
              </button>
            </li>
          }
          @for (words of cleared(); track $index) {
            <li class="between">
              <span>{{ words }} <span class="quiet">cleared; the next version may say it</span></span>
              <button
                class="plain small"
                type="button"
                [attr.aria-label]="'Hold it back: ' + words"
                (click)="holdBack(words)"
              >
                Hold it back
              </button>
            </li>
          }
        </ul>
      </details>
    }
  `,
  styles: `
    .held summary {
      min-height: 28px;
      cursor: pointer;
    }
    .held li {
      padding: 5px 0;
    }
  `,
})
export class HeldBackPanel {
  private readonly store = inject(SiteStore);
  protected readonly single = inject(SingleKeys);
  protected readonly some = some;
  private readonly corrections = computed(() => this.store.document()?.corrections ?? []);
  private readonly told = computed(() => this.store.document()?.facts.description ?? '');
  /** The client’s text once the hand rests: typing waits for nothing here. */
  private readonly rested = toSignal(toObservable(this.told).pipe(debounceTime(REST_MS)), {
    initialValue: this.told(),
  });
  private readonly looked = computed(() => {
    const document = this.store.document();
    return document && { ...document, facts: { ...document.facts, description: this.rested() } };
  });
  protected readonly unsure = computed(() => (this.looked() ? factsToConfirm(this.looked()!) : []));
  protected readonly held = computed(() => {
    const document = this.looked();
    return document ? heldBack(document.facts, document.corrections) : [];
  });
  protected readonly cleared = computed(() => clearedIn(this.corrections()));

  protected readonly confirm = (fact: FactToConfirm): void =>
    this.store.change({ op: 'setCorrections', corrections: [...this.corrections(), confirmation(fact)] });
  protected readonly refuse = (fact: FactToConfirm): void => {
    const { facts } = this.store.document()!;
    const out = refusal(facts, fact);
    this.store.change({
      op: 'batch',
      operations: [
        { op: 'setCorrections', corrections: [...this.corrections(), ...out.corrections] },
        ...factOperations(facts, out.facts),
      ],
    });
  };
  /** Keys of a list: yes and no to the line the focus is in, up and down to another. */
  protected key<T>(event: KeyboardEvent, all: readonly T[], yes: (one: T) => void, no?: (one: T) => void): void {
    const list = event.currentTarget as HTMLElement;
    const lines = Array.from(list.children);
    const at = lines.findIndex((l) => l.contains(event.target as Node));
    const focus = (n: number) => lines[n]?.querySelector<HTMLElement>('button')?.focus();
    const pressed = this.single.pressed(event).toLowerCase();
    const done: Record<string, (() => void) | undefined> = {
      y: () => all[at] !== undefined && yes(all[at]),
      n: no && (() => all[at] !== undefined && no(all[at])),
      arrowdown: () => focus(Math.min(at + 1, lines.length - 1)),
      arrowup: () => focus(Math.max(at - 1, 0)),
    };
    if (at < 0 || !done[pressed]) return;
    event.preventDefault();
    done[pressed]();
  }
  protected confirmAll(): void {
    const all = this.unsure().map(confirmation);
    this.store.change({ op: 'setCorrections', corrections: [...this.corrections(), ...all] });
  }
  protected readonly clear = (held: HeldBack): void => {
    const words = held.text.slice(0, 600);
    this.store.change({
      op: 'setCorrections',
      corrections: [...this.corrections(), { words, was: CLEARED, is: null }],
    });
  };
  protected holdBack(words: string): void {
    this.store.change({
      op: 'setCorrections',
      corrections: this.corrections().filter((c) => !(c.was === CLEARED && c.words === words)),
    });
  }
}
