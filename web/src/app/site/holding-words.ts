import { ChangeDetectionStrategy, Component, computed, inject, input, linkedSignal, signal } from '@angular/core';
import type { Answered } from '../api/model';
import { dateOf, day } from '../parts/when';
import { SiteStore } from './site-store';

type Holding = Answered<'GET /sites/:id/previews'>['holding'];

/** What the page says that stands before a site: the day it opens, and words of its own. */
@Component({
  selector: 'tp-holding-words',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <p class="quiet">
      The name, the line under it, phone and mail, in the look and the language of the site; and that it opens soon, or
      what you say here.
    </p>
    <form novalidate (submit)="$event.preventDefault(); keep()">
      <div class="field">
        <label for="holding-opens"
          >The day it opens <span class="quiet">if you like; once it is past, it is not said</span></label
        >
        <input
          id="holding-opens"
          type="date"
          [min]="today()"
          [value]="opens()"
          [attr.aria-invalid]="fault() ? true : null"
          (input)="opens.set($any($event.target).value); fault.set('')"
        />
        @if (planned(); as at) {
          @if (opens() !== at) {
            <button class="link" type="button" (click)="opens.set(at); fault.set('')">
              {{ sayDay(at) }}, when it is published by itself
            </button>
          }
        }
      </div>
      <div class="field">
        <label for="holding-words"
          >Other words <span class="quiet">in the language of the site, if you like</span></label
        >
        <textarea
          id="holding-words"
          rows="3"
          dir="auto"
          maxlength="400"
          [value]="words()"
          (input)="words.set($any($event.target).value)"
        ></textarea>
      </div>
      @if (fault()) {
        <p class="fault" role="alert">{{ fault() }}</p>
      }
      <p class="bar">
        <button class="plain" type="submit" [attr.aria-disabled]="busy() || !changed()">Put it up</button>
        @if (before(); as address) {
          <a [href]="address" target="_blank" rel="noopener">Look at the page as it is</a>
        }
      </p>
    </form>
  `,
  styles: `
    form {
      display: grid;
      gap: 10px;
      max-width: 30rem;
      margin-top: 12px;
    }
    .bar {
      margin: 0;
      align-items: center;
    }
    input[type='date'] {
      width: auto;
      justify-self: start;
    }
  `,
})
export class HoldingWords {
  readonly holding = input.required<Holding>();
  /** Where it can be seen; null before the site is deployed. */
  readonly before = input<string | null>(null);
  private readonly store = inject(SiteStore);
  // What is typed stays where somebody else changes something meanwhile.
  private readonly kept = linkedSignal<Holding, Holding>({
    source: this.holding,
    computation: (now, last) => (last?.value && same(last.value, now) ? last.value : now),
  });
  protected readonly opens = linkedSignal(() => this.kept().opens ?? '');
  protected readonly words = linkedSignal(() => this.kept().words);
  protected readonly fault = signal('');
  protected readonly today = computed(() => dateOf(this.store.now()));
  protected readonly busy = computed(() => this.store.busy('PUT /holding'));
  protected readonly changed = computed(() => !same(this.wanted(), this.kept()));
  /** The day it is published by itself, where that is planned. */
  protected readonly planned = computed(() => {
    const at = this.store.detail()?.planned?.at;
    return at ? dateOf(Date.parse(at)) : null;
  });
  private readonly wanted = computed(() => ({ opens: this.opens() || null, words: this.words().trim() }));
  protected sayDay = (date: string): string => day(`${date}T12:00:00`);

  protected async keep(): Promise<void> {
    if (this.busy() || !this.changed()) return;
    const { opens, words } = this.wanted();
    if (opens && opens < this.today())
      return this.fault.set('That day is past. Choose one that is still to come, or none.');
    const done = await this.store.put('/holding', { opens, words });
    if (done !== undefined)
      this.store.said.set({
        words: this.store.detail()?.open
          ? 'Kept: that is what stands there when the site is closed.'
          : 'The page that stands before the site says that now.',
        bad: false,
      });
  }
}

const same = (a: Holding, b: Holding): boolean => a.opens === b.opens && a.words === b.words;
