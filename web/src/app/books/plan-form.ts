import { ChangeDetectionStrategy, Component, inject, input, linkedSignal, output, signal } from '@angular/core';
import { CURRENCIES, MONTH, readMinutes, minuteWords, type CarePlan, type Party } from '@tin-porch/core/care';
import type { Answered } from '../api/model';
import { asRefusal, PorchApi } from '../api/porch-api';
import { MoneyField } from './money-field';
import { PartyFields } from './party-fields';

type Plan = Answered<'GET /sites/:id/plan'>;
type Buyer = NonNullable<Plan['buyer']>;

/** What is agreed with a client: the plan, the report of each month, and who pays. */
@Component({
  selector: 'tp-plan-form',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [MoneyField, PartyFields],
  template: `
    <form novalidate class="sheet card" aria-label="Care plan" (submit)="$event.preventDefault(); save()">
      <label class="check"
        ><input type="checkbox" [checked]="has()" (change)="has.set($any($event.target).checked)" /> There is a care
        plan</label
      >
      @if (has()) {
        @let p = draft();
        <div class="field">
          <label for="plan-name">What it is called</label>
          <input
            id="plan-name"
            maxlength="120"
            autocomplete="off"
            [value]="p.name"
            (input)="set({ name: $any($event.target).value })"
          />
        </div>
        <div class="line">
          <tp-money-field
            name="plan-price"
            label="Price, without tax"
            [currency]="p.currency"
            [amount]="p.price"
            [(unread)]="priceUnread"
            (amountChange)="price.set($event)"
          />
          <div class="field short">
            <label for="plan-currency">Currency</label>
            <select id="plan-currency" (change)="set({ currency: $any($event.target).value })">
              @for (c of currencies; track c) {
                <option [value]="c" [selected]="c === p.currency">{{ c }}</option>
              }
            </select>
          </div>
          <div class="field short">
            <label for="plan-every">Charged</label>
            <select id="plan-every" (change)="set({ every: $any($event.target).value })">
              <option value="month" [selected]="p.every === 'month'">each month</option>
              <option value="year" [selected]="p.every === 'year'">each year</option>
            </select>
          </div>
        </div>
        <div class="line">
          <div class="field short">
            <label for="plan-minutes">Work in it each month</label>
            <input
              id="plan-minutes"
              maxlength="12"
              autocomplete="off"
              placeholder="1:00"
              [value]="time()"
              (input)="time.set($any($event.target).value)"
            />
          </div>
          <tp-money-field
            name="plan-rate"
            label="Each hour beyond"
            [currency]="p.currency"
            [amount]="p.rate"
            [(unread)]="rateUnread"
            (amountChange)="set({ rate: $event })"
          />
        </div>
        <p class="quiet">Where no price for an hour stands there, nothing beyond is charged.</p>
        <div class="field">
          <label for="plan-includes">What is in it, a line each</label>
          <textarea
            id="plan-includes"
            rows="3"
            [value]="includes()"
            (input)="includes.set($any($event.target).value)"
          ></textarea>
        </div>
        <div class="line">
          <div class="field short">
            <label for="plan-since">From the month</label>
            <input
              id="plan-since"
              type="month"
              placeholder="2026-01"
              [value]="p.since"
              (input)="set({ since: $any($event.target).value })"
            />
          </div>
          <div class="field short">
            <label for="plan-until">To the month, if it ends</label>
            <input
              id="plan-until"
              type="month"
              placeholder="2026-12"
              [value]="p.until ?? ''"
              (input)="set({ until: $any($event.target).value || null })"
            />
          </div>
        </div>
      }
      <label class="check"
        ><input type="checkbox" [checked]="tells()" (change)="tells.set($any($event.target).checked)" /> They are told
        of each month</label
      >
      @if (tells()) {
        <div class="line">
          <div class="field wide">
            <label for="report-to">To these mail addresses, a line each</label>
            <textarea id="report-to" rows="2" [value]="to()" (input)="to.set($any($event.target).value)"></textarea>
          </div>
          <div class="field short">
            <label for="report-day">On this day of the next month</label>
            <input
              id="report-day"
              type="number"
              min="1"
              max="28"
              [value]="onDay()"
              (input)="onDay.set($any($event.target).valueAsNumber)"
            />
          </div>
        </div>
        <label class="check"
          ><input type="checkbox" [checked]="itself()" (change)="itself.set($any($event.target).checked)" /> It goes by
          itself, read by nobody before</label
        >
      }
      @if (has()) {
        <h3 class="gap">Who pays</h3>
        <tp-party-fields name="buyer" [(party)]="buyer" />
        <div class="field">
          <label for="buyer-reference">What they want to find on an invoice (an order, a cost centre)</label>
          <input
            id="buyer-reference"
            maxlength="200"
            autocomplete="off"
            [value]="reference()"
            (input)="reference.set($any($event.target).value)"
          />
        </div>
      }
      @if (fault()) {
        <p class="fault" role="alert">{{ fault() }}</p>
      }
      <p class="bar">
        <button class="act" type="submit" [disabled]="busy()">Keep it</button>
        <button class="plain" type="button" (click)="closed.emit(false)">Leave it as it was</button>
      </p>
    </form>
  `,
  styles: `
    .short {
      flex: 0 1 11rem;
    }
    .wide {
      flex: 1 1 16rem;
    }
    .check {
      display: flex;
      gap: 8px;
      align-items: center;
    }
    .line tp-money-field {
      flex: 0 1 12rem;
      margin: 0;
    }
  `,
})
export class PlanForm {
  readonly site = input.required<string>();
  readonly plan = input.required<Plan>();
  /** Says whether something was kept. */
  readonly closed = output<boolean>();
  private readonly api = inject(PorchApi);
  protected readonly currencies = CURRENCIES;
  protected readonly has = linkedSignal(() => this.plan().plan !== null);
  protected readonly draft = linkedSignal<CarePlan>(
    () =>
      this.plan().plan ?? {
        ...{ name: 'Care', price: 0, currency: 'GBP', every: 'month', minutes: 60, rate: null, until: null },
        includes: ['Rounds over every page each day', 'Backups each night, each one tried', 'A report each month'],
        since: this.plan().use.month,
      },
  );
  protected readonly price = linkedSignal<number | null>(() => this.plan().plan?.price ?? null);
  protected readonly priceUnread = signal(false);
  protected readonly rateUnread = signal(false);
  protected readonly time = linkedSignal(() => minuteWords(this.draft().minutes));
  protected readonly includes = linkedSignal(() => this.draft().includes.join('\n'));
  protected readonly tells = linkedSignal(() => this.plan().report !== null);
  protected readonly to = linkedSignal(() =>
    (this.plan().report?.to ?? [this.plan().suggested.mail]).filter(Boolean).join('\n'),
  );
  protected readonly onDay = linkedSignal(() => this.plan().report?.day ?? 2);
  protected readonly itself = linkedSignal(() => this.plan().report?.itself ?? false);
  protected readonly buyer = linkedSignal<Party>(() => this.plan().buyer ?? this.plan().suggested);
  protected readonly reference = linkedSignal(() => this.plan().buyer?.reference ?? '');
  protected readonly fault = signal('');
  protected readonly busy = signal(false);

  protected set(change: Partial<CarePlan>): void {
    // What stands in the fields of its own is not typed over by it.
    const [time, includes] = [this.time(), this.includes()];
    this.draft.set({ ...this.draft(), ...change });
    this.time.set(time);
    this.includes.set(includes);
  }

  /** What is wrong with what was typed; null where nothing is. */
  private wrong(): string | null {
    const p = this.draft();
    if (this.has()) {
      if (!p.name.trim()) return 'The plan has no name.';
      if (this.priceUnread() || this.rateUnread()) return 'An amount cannot be read.';
      if (this.minutes() === null) return `“${this.time()}” is not a time: write 1:30, 1.5 h, or 90 for minutes.`;
      if (!MONTH.test(p.since)) return 'Say from which month on it is good, as 2026-01.';
      if (p.until && !MONTH.test(p.until)) return 'Say to which month it is good, as 2026-12, or leave it empty.';
      if (p.until && p.until < p.since) return 'The plan ends before it begins.';
    }
    if (this.tells() && !(this.onDay() >= 1 && this.onDay() <= 28))
      return 'The day is one from 1 to 28: every month has those.';
    return null;
  }
  private minutes(): number | null {
    const typed = this.time()
      .trim()
      .replace(/(\d) h (\d+) min/, (_, h: string, m: string) => `${h}:${m.padStart(2, '0')}`);
    return typed === '' || /^0+( ?min)?$/.test(typed) ? 0 : readMinutes(typed);
  }

  protected save(): void {
    const wrong = this.wrong();
    if (wrong) return this.fault.set(wrong);
    const rows = (text: string) =>
      text
        .split('\n')
        .map((line) => line.trim())
        .filter(Boolean);
    const buyer: Buyer = { ...this.buyer(), reference: this.reference() };
    this.busy.set(true);
    this.api
      .put(`/sites/${this.site()}/plan`, {
        plan: this.has()
          ? { ...this.draft(), price: this.price() ?? 0, minutes: this.minutes(), includes: rows(this.includes()) }
          : null,
        report: this.tells() ? { day: this.onDay(), to: rows(this.to()), itself: this.itself() } : null,
        buyer: this.has() ? buyer : this.plan().buyer,
      })
      .subscribe({
        next: () => this.closed.emit(true),
        error: (error: unknown) => {
          this.busy.set(false);
          this.fault.set(asRefusal(error).message);
        },
      });
  }
}
