import { ChangeDetectionStrategy, Component, computed, inject, input, output, signal } from '@angular/core';
import { CHARGES, minuteWords, readMinutes, type Charge } from '@tin-porch/core/care';
import { some } from '@tin-porch/core/some';
import type { Answered } from '../api/model';
import { asRefusal, PorchApi } from '../api/porch-api';
import { day } from '../parts/when';

type Plan = Answered<'GET /sites/:id/plan'>;
const CHARGED: Record<Charge, string> = { plan: 'in the plan', extra: 'charged apart', free: 'not charged' };
/** So many notes stand there at first. */
const FIRST = 5;

/** Work that was done, written down in a line, and how it stands against the plan. */
@Component({
  selector: 'tp-time-notes',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h3 class="gap">Work</h3>
    @let use = plan().use;
    @if (use.used || use.included) {
      <p>
        This month {{ minutes(use.used) }}{{ use.included ? ' of ' + minutes(use.included) : '' }} in the plan{{
          use.beyond ? ', ' + minutes(use.beyond) + ' beyond it' : ''
        }}{{ use.extra ? '; ' + minutes(use.extra) + ' charged apart' : '' }}.
      </p>
    }
    @if (api.may('helper')) {
      <form novalidate class="line" (submit)="$event.preventDefault(); add()">
        <div class="field words">
          <label for="work-words">What was done</label>
          <input
            id="work-words"
            maxlength="300"
            autocomplete="off"
            [value]="words()"
            (input)="words.set($any($event.target).value)"
          />
        </div>
        <div class="field short">
          <label for="work-time">
            How long
            @if (read(); as m) {
              <span class="quiet">{{ minutes(m) }}</span>
            }
          </label>
          <input
            id="work-time"
            maxlength="12"
            autocomplete="off"
            placeholder="1:30"
            [attr.aria-invalid]="typed() && read() === null ? true : null"
            [value]="typed()"
            (input)="typed.set($any($event.target).value)"
          />
        </div>
        <div class="field short">
          <label for="work-day">Day</label>
          <input id="work-day" type="date" [max]="today()" [value]="on()" (input)="on.set($any($event.target).value)" />
        </div>
        <div class="field short">
          <label for="work-charge">Set against</label>
          <select id="work-charge" (change)="charge.set($any($event.target).value)">
            @for (c of charges; track c) {
              <option [value]="c" [selected]="c === charge()">{{ charged[c] }}</option>
            }
          </select>
        </div>
        <button class="plain" type="submit" [disabled]="busy()">Write it down</button>
      </form>
    }
    @if (fault()) {
      <p class="fault" role="alert">{{ fault() }}</p>
    }
    <ul class="plain-list" aria-label="Work of the last two months">
      @for (n of shown(); track n.id) {
        <li>
          <span>
            {{ n.words }}
            <span class="quiet"
              >{{ date(n.day) }}, {{ minutes(n.minutes) }}, {{ charged[n.charge] }}, by {{ n.by }}</span
            >
          </span>
          @if (api.may('helper')) {
            <button
              class="plain small"
              type="button"
              [attr.aria-label]="'Take away: ' + n.words"
              (click)="forget(n.id)"
            >
              Take away
            </button>
          }
        </li>
      } @empty {
        <li class="quiet">Nothing was written down in the last two months.</li>
      }
    </ul>
    @if (plan().notes.length > shown().length) {
      <button class="link" type="button" (click)="all.set(true)">
        Show {{ some(plan().notes.length - shown().length, 'more', 'more') }}
      </button>
    }
  `,
  styles: `
    .words {
      flex: 1 1 100%;
    }
    .short {
      flex: 0 1 9rem;
    }
    li {
      display: grid;
      grid-template-columns: minmax(0, 1fr) auto;
      gap: 0 12px;
      align-items: start;
      padding: 4px 0;
    }
    form {
      margin: 8px 0;
    }
  `,
})
export class TimeNotes {
  readonly site = input.required<string>();
  readonly plan = input.required<Plan>();
  readonly changed = output();
  protected readonly api = inject(PorchApi);
  protected readonly words = signal('');
  protected readonly typed = signal('');
  protected readonly today = signal(localDay());
  protected readonly on = signal(localDay());
  protected readonly charge = signal<Charge>('plan');
  protected readonly fault = signal('');
  protected readonly busy = signal(false);
  protected readonly all = signal(false);
  protected readonly charges = CHARGES;
  protected readonly charged = CHARGED;
  protected readonly read = computed(() => readMinutes(this.typed()));
  protected readonly shown = computed(() => this.plan().notes.slice(0, this.all() ? undefined : FIRST));
  /** What a note is known by: sent again after no answer came, it is the same one. */
  private id = crypto.randomUUID();

  protected add(): void {
    const minutes = this.read();
    if (!this.words().trim()) return this.fault.set('Say what was done: it stands in the report to the client.');
    if (minutes === null) return this.fault.set('Say how long: 1:30, 1.5 h, or 90 for minutes.');
    if (!this.on()) return this.fault.set('Give the day.');
    this.busy.set(true);
    const note = { id: this.id, day: this.on(), minutes, words: this.words().trim(), charge: this.charge() };
    this.api.post(`/sites/${this.site()}/time`, note).subscribe({
      next: () => {
        this.id = crypto.randomUUID();
        this.words.set('');
        this.typed.set('');
        this.done();
      },
      error: (error: unknown) => this.refused(error),
    });
  }
  protected forget(id: string): void {
    this.api.delete(`/sites/${this.site()}/time/${id}`).subscribe({
      next: () => this.done(),
      error: (error: unknown) => this.refused(error),
    });
  }
  private done(): void {
    this.fault.set('');
    this.busy.set(false);
    this.changed.emit();
  }
  private refused(error: unknown): void {
    this.busy.set(false);
    this.fault.set(asRefusal(error).message);
  }
  protected minutes = minuteWords;
  protected date = day;
  protected some = some;
}

/** Today, where the person is, ISO 8601. */
function localDay(): string {
  const now = new Date();
  return new Date(now.getTime() - now.getTimezoneOffset() * 60_000).toISOString().slice(0, 10);
}
