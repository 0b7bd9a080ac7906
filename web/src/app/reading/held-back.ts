import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { toObservable, toSignal } from '@angular/core/rxjs-interop';
import { debounceTime } from 'rxjs';
import { confirmation, factsToConfirm, type FactToConfirm } from '@tin-porch/core/brief';
import { CLEARED, clearedIn, heldBack, type HeldBack } from '@tin-porch/core/making';
import { some } from '@tin-porch/core/some';
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
        <ul class="plain-list">
          @for (f of unsure(); track f.what) {
            <li class="between">
              <span
                >{{ f.what }}: <b>{{ f.value }}</b></span
              >
              <button
                class="plain small"
                type="button"
                [attr.aria-label]="'It is right: ' + f.what"
                (click)="confirm(f)"
              >
                It is right
              </button>
            </li>
          }
        </ul>
        <p class="between">
          <span class="quiet">Read out of the client’s text. Where it is wrong, write over it in its field.</span>
          @if (unsure().length > 1) {
            <button class="plain small" type="button" (click)="confirmAll()">All of these are right</button>
          }
        </p>
      </section>
    }
    @if (held().length || cleared().length) {
      <details class="held gap">
        <summary>Held back: {{ some(held().length, 'sentence') }} nobody has cleared for visitors</summary>
        <ul class="plain-list">
          @for (h of held(); track $index) {
            <li class="between">
              <span
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

  protected confirm(fact: FactToConfirm): void {
    this.store.change({ op: 'setCorrections', corrections: [...this.corrections(), confirmation(fact)] });
  }
  protected confirmAll(): void {
    const all = this.unsure().map(confirmation);
    this.store.change({ op: 'setCorrections', corrections: [...this.corrections(), ...all] });
  }
  protected clear(held: HeldBack): void {
    const words = held.text.slice(0, 600);
    this.store.change({
      op: 'setCorrections',
      corrections: [...this.corrections(), { words, was: CLEARED, is: null }],
    });
  }
  protected holdBack(words: string): void {
    this.store.change({
      op: 'setCorrections',
      corrections: this.corrections().filter((c) => !(c.was === CLEARED && c.words === words)),
    });
  }
}
