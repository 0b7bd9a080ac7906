import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { Session } from '../here';
import type { Kind } from '../model';
import { wording } from '../words/words';

const KEY = 'desk first steps';
const STEPS = ['look', 'hours', 'words', 'password'] as const;
type Step = (typeof STEPS)[number];
const TO: Partial<Record<Step, string>> = { hours: '/us/hours', words: '/pages', password: '/me' };
const OPEN: Partial<Record<Step, Kind>> = { hours: 'hours', words: 'words' };

/** What this device remembers of somebody’s first steps, by site and person. */
function remembered(): Record<string, string[]> {
  try {
    return (JSON.parse(localStorage.getItem(KEY) ?? '{}') as Record<string, string[]> | null) ?? {};
  } catch {
    return {};
  }
}

/** What somebody new does first: one thing after the other, each crossed out once it was gone to, until all are or they say so. */
@Component({
  selector: 'dk-first-steps',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [RouterLink],
  template: `
    @if (shown()) {
      <section class="fields" [attr.aria-label]="w().first.title">
        <h2>{{ w().first.title }}</h2>
        <ol class="steps">
          @for (step of steps(); track step) {
            <li>
              @if (done().includes(step)) {
                <s>{{ w().first.steps[step] }}</s>
              } @else if (to[step]; as address) {
                <a [routerLink]="address" (click)="did(step)">{{ w().first.steps[step] }}</a>
              } @else {
                <a href="/" target="_blank" rel="noopener" (click)="did(step)">{{ w().first.steps[step] }}</a>
              }
            </li>
          }
        </ol>
        <p class="acts">
          <button class="plain" type="button" (click)="did('all')">{{ w().first.enough }}</button>
        </p>
      </section>
    }
  `,
})
export class FirstSteps {
  private readonly session = inject(Session);
  protected readonly w = wording().words;
  protected readonly to = TO;
  private readonly who = computed(() => {
    const here = this.session.here();
    return here ? `${here.site.address} ${here.me.mail}` : '';
  });
  private readonly kept = signal(remembered());
  protected readonly done = computed(() => {
    const done = this.kept()[this.who()] ?? [];
    return this.session.here()?.me.password ? [...done, 'password'] : done;
  });
  protected readonly steps = computed(() => {
    const here = this.session.here();
    return STEPS.filter((step) => {
      const kind = OPEN[step];
      return !kind || (here?.me.role !== 'messages' && !here?.locked.includes(kind));
    });
  });
  /** Not to a designer, who knows their way. */
  protected readonly shown = computed(
    () =>
      !!this.session.here()?.me.mail &&
      !this.done().includes('all') &&
      this.steps().some((step) => !this.done().includes(step)),
  );

  protected did(step: Step | 'all'): void {
    const all = { ...this.kept(), [this.who()]: [...new Set([...(this.kept()[this.who()] ?? []), step])] };
    this.kept.set(all);
    try {
      localStorage.setItem(KEY, JSON.stringify(all));
    } catch {
      // A device that keeps nothing asks again the next time.
    }
  }
}
