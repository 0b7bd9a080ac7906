import { ChangeDetectionStrategy, Component, computed, inject, input, linkedSignal, signal } from '@angular/core';
import { takeUntilDestroyed, toObservable } from '@angular/core/rxjs-interop';
import { Router, RouterLink } from '@angular/router';
import {
  dayWords,
  minuteWords,
  moneyWords,
  monthWords,
  readMinutes,
  totalsOf,
  type InvoiceLine,
  type Party,
  type Unit,
} from '@tin-porch/core/care';
import { catchError, combineLatest, EMPTY, switchMap } from 'rxjs';
import type { Answered } from '../api/model';
import { asRefusal, PorchApi } from '../api/porch-api';
import { invoiceChip, LOST } from '../books/invoice-chip';
import { MoneyField } from '../books/money-field';
import { PartyFields } from '../books/party-fields';
import { ChipView } from '../parts/chip';
import { Dialogs } from '../parts/dialogs';
import { saveFile } from '../parts/save-file';
import { day } from '../parts/when';

type Invoice = Answered<'GET /invoices/:invoice'>;
interface Line extends InvoiceLine {
  /** What is known of it here alone: so that a field stays the field it is. */
  key: number;
  /** Its time as it is typed. */
  time: string;
  unread: boolean;
}
const UNITS: readonly (readonly [Unit, string])[] = [
  ['month', 'months'],
  ['year', 'years'],
  ['minute', 'time, by the hour'],
  ['piece', 'pieces'],
];

/** One invoice: written as long as it is a draft, then what became of it. */
@Component({
  selector: 'tp-invoice',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'contents' },
  imports: [RouterLink, ChipView, MoneyField, PartyFields],
  template: `
    <main class="place">
      @if (invoice(); as i) {
        <p><a routerLink="/books">Books</a></p>
        <div class="between">
          <h1>{{ i.number ? 'Invoice ' + i.number : 'Draft of an invoice' }}</h1>
          <tp-chip [chip]="chip(i)" />
        </div>
        <p class="quiet">
          {{ i.siteName }}{{ i.month ? ', ' + month(i.month) : '' }}{{ i.issued ? '. Issued ' + date(i.issued) : ''
          }}{{ i.sentAt ? ', sent ' + date(i.sentAt) + ' to ' + i.sentTo : '' }}
        </p>
        @if (fault()) {
          <p class="note brick" role="alert">{{ fault() }}</p>
        }
        @if (said()) {
          <p class="note moss" role="status">{{ said() }}</p>
        }
        @if (i.letter && lost.has(i.letter.state)) {
          <p class="note brick" role="alert">
            {{
              i.letter.state === 'failed'
                ? 'The letter to ' + i.sentTo + ' did not arrive'
                : 'Whether the letter to ' + i.sentTo + ' arrived is not known'
            }}: {{ i.letter.error }}
          </p>
        }
        <div class="panels">
          @if (!i.number && api.may('designer')) {
            @if (i.lacks.length) {
              <div class="note lamp">
                <b>Before it may have a number:</b>
                <ul>
                  @for (l of i.lacks; track l) {
                    <li>{{ l }}</li>
                  }
                </ul>
              </div>
            }
            <form novalidate class="sheet card" aria-label="What it says" (submit)="$event.preventDefault(); keep()">
              <h2>For what</h2>
              @for (l of lines(); track l.key; let n = $index) {
                <fieldset>
                  <legend class="sr">Line {{ n + 1 }}</legend>
                  <div class="line">
                    <div class="field words">
                      <label [for]="'line-words-' + l.key">What for</label>
                      <input
                        [id]="'line-words-' + l.key"
                        maxlength="1000"
                        [value]="l.words"
                        (input)="set(n, { words: $any($event.target).value })"
                      />
                    </div>
                    <div class="field unit">
                      <label [for]="'line-unit-' + l.key">Counted in</label>
                      <select [id]="'line-unit-' + l.key" (change)="unit(n, $any($event.target).value)">
                        @for (u of units; track u[0]) {
                          <option [value]="u[0]" [selected]="u[0] === l.unit">{{ u[1] }}</option>
                        }
                      </select>
                    </div>
                    <div class="field short">
                      @if (l.unit === 'minute') {
                        <label [for]="'line-time-' + l.key">How long</label>
                        <input
                          [id]="'line-time-' + l.key"
                          maxlength="12"
                          [value]="l.time"
                          [attr.aria-invalid]="l.quantity ? null : true"
                          (input)="time(n, $any($event.target).value)"
                        />
                      } @else {
                        <label [for]="'line-count-' + l.key">How many</label>
                        <input
                          [id]="'line-count-' + l.key"
                          type="number"
                          min="1"
                          step="1"
                          [value]="l.quantity"
                          (input)="set(n, { quantity: $any($event.target).valueAsNumber || 0 })"
                        />
                      }
                    </div>
                    <tp-money-field
                      [name]="'line-price-' + l.key"
                      label="Price"
                      [currency]="i.currency"
                      [amount]="l.price"
                      (amountChange)="set(n, { price: $event ?? 0 })"
                      (unreadChange)="set(n, { unread: $event })"
                    />
                    <span class="sum">{{ money(sums().lines[n] ?? 0) }}</span>
                    <button
                      class="plain small"
                      type="button"
                      [attr.aria-label]="'Take line ' + (n + 1) + ' away'"
                      (click)="drop(n)"
                    >
                      Take away
                    </button>
                  </div>
                </fieldset>
              }
              <p class="between">
                <button class="plain" type="button" (click)="add()">Another line</button>
                <span
                  ><b>{{ money(sums().net) }}</b> without tax</span
                >
              </p>
              <h2>Who pays</h2>
              <tp-party-fields name="buyer" [(party)]="buyer" />
              <div class="field">
                <label for="invoice-reference">What they want to find on it</label>
                <input
                  id="invoice-reference"
                  maxlength="200"
                  [value]="reference()"
                  (input)="reference.set($any($event.target).value)"
                />
              </div>
              <div class="field">
                <label for="invoice-note">A note on it</label>
                <textarea
                  id="invoice-note"
                  rows="2"
                  maxlength="1000"
                  [value]="note()"
                  (input)="note.set($any($event.target).value)"
                ></textarea>
              </div>
              <p class="bar">
                <button class="act" type="button" [attr.aria-disabled]="busy() || null" (click)="issue()">
                  Give it its number
                </button>
                <button class="plain" type="submit" [attr.aria-disabled]="busy() || null">Keep the draft</button>
                <button class="plain" type="button" [attr.aria-disabled]="busy() || null" (click)="pdf()">
                  See it as PDF
                </button>
                <button class="plain" type="button" [attr.aria-disabled]="busy() || null" (click)="discard()">
                  Throw it away
                </button>
              </p>
            </form>
          } @else {
            <section class="sheet card">
              <table class="rows" aria-label="Lines">
                <thead>
                  <tr>
                    <th>What for</th>
                    <th class="sum">How much</th>
                    <th class="sum wide">Price</th>
                    <th class="sum">Amount</th>
                  </tr>
                </thead>
                <tbody>
                  @for (l of i.lines; track $index) {
                    <tr>
                      <td>{{ l.words }}</td>
                      <td class="sum">{{ quantity(l) }}</td>
                      <td class="sum wide">{{ money(l.price) }}{{ l.unit === 'minute' ? ' an hour' : '' }}</td>
                      <td class="sum">{{ money(sums().lines[$index] ?? 0) }}</td>
                    </tr>
                  }
                </tbody>
              </table>
              <p class="total">
                {{ money(i.net) }} without tax, {{ money(i.tax) }} tax, <b>{{ money(i.gross) }} to pay</b>
              </p>
              <p>
                {{ i.buyer.name }}, {{ i.buyer.street }}, {{ i.buyer.postcode }} {{ i.buyer.city
                }}{{ i.reference ? '. Their reference: ' + i.reference : '' }}
              </p>
              <p class="bar">
                @if (i.number && api.may('designer')) {
                  <button
                    [class]="i.sentAt ? 'plain' : 'act'"
                    type="button"
                    [attr.aria-disabled]="busy() || null"
                    (click)="send()"
                  >
                    {{ i.sentAt ? 'Send it once more' : 'Send it' }}
                  </button>
                }
                <button class="plain" type="button" [attr.aria-disabled]="busy() || null" (click)="pdf()">
                  Save as PDF
                </button>
                @if (i.number) {
                  <button class="plain" type="button" [attr.aria-disabled]="busy() || null" (click)="xml()">
                    Save as electronic invoice
                  </button>
                }
                @if (i.number && !i.takesBack && i.state !== 'taken back' && api.may('designer')) {
                  <button class="plain" type="button" [attr.aria-disabled]="busy() || null" (click)="takeBack()">
                    Take it back
                  </button>
                }
              </p>
              @if (i.state === 'paid') {
                <p class="bar">
                  Paid on {{ date(i.paid!) }}.
                  <button class="plain small" type="button" [attr.aria-disabled]="busy() || null" (click)="pay(null)">
                    It was not paid
                  </button>
                </p>
              } @else if (i.number && (i.state === 'open' || i.state === 'late') && !i.takesBack) {
                <form novalidate class="line" (submit)="$event.preventDefault(); pay(paidOn())">
                  <div class="field short">
                    <label for="paid-on">Paid on</label>
                    <input
                      id="paid-on"
                      type="date"
                      [max]="today"
                      [value]="paidOn()"
                      (input)="paidOn.set($any($event.target).value)"
                    />
                  </div>
                  <button class="plain" type="submit" [attr.aria-disabled]="busy() || !paidOn() || null">
                    Note it as paid
                  </button>
                </form>
              }
            </section>
          }
        </div>
      } @else {
        <h1>Invoice</h1>
        @if (fault()) {
          <p class="note brick" role="alert">{{ fault() }}</p>
          <p><a routerLink="/books">Books</a></p>
        } @else {
          <p class="quiet" role="status">Asking …</p>
        }
      }
    </main>
  `,
  styles: `
    main > .note {
      margin-bottom: 12px;
    }
    fieldset {
      margin: 0;
      padding: 0 0 10px;
      border: 0;
      border-bottom: 1px solid var(--tin-2);
    }
    .words {
      flex: 1 1 100%;
    }
    .unit {
      flex: 0 1 11rem;
    }
    .short {
      flex: 0 1 7.5rem;
    }
    .line tp-money-field {
      flex: 0 1 10rem;
      margin: 0;
    }
    .sum {
      margin-left: auto;
      text-align: right;
      white-space: nowrap;
    }
    .line .sum {
      padding-bottom: 8px;
    }
    .total {
      text-align: right;
    }
    ul {
      margin: 4px 0 0;
    }
    @media (max-width: 760px) {
      .wide {
        display: none;
      }
    }
  `,
})
export class InvoicePlace {
  readonly id = input.required<string>();
  protected readonly api = inject(PorchApi);
  private readonly router = inject(Router);
  private readonly dialogs = inject(Dialogs);
  protected readonly invoice = signal<Invoice | null>(null);
  protected readonly units = UNITS;
  protected readonly lost = LOST;
  protected readonly fault = signal('');
  protected readonly said = signal('');
  protected readonly busy = signal(false);
  private readonly turn = signal(0);
  private next = 0;
  protected readonly lines = linkedSignal<Line[]>(() => (this.invoice()?.lines ?? []).map((l) => this.lineOf(l)));
  protected readonly buyer = linkedSignal<Party>(
    () => this.invoice()?.buyer ?? { name: '', street: '', postcode: '', city: '', country: '', vatId: '', mail: '' },
  );
  protected readonly reference = linkedSignal(() => this.invoice()?.reference ?? '');
  protected readonly note = linkedSignal(() => this.invoice()?.note ?? '');
  protected readonly sums = computed(() => totalsOf({ lines: this.lines(), tax: { category: 'Z', rate: 0 } }));
  protected readonly today = new Date().toISOString().slice(0, 10);
  protected readonly paidOn = signal(this.today);

  constructor() {
    combineLatest([toObservable(this.id), toObservable(this.turn)])
      .pipe(
        switchMap(([id]) =>
          this.api.get<Invoice>(`/invoices/${id}`).pipe(
            catchError((error: unknown) => {
              this.fault.set(asRefusal(error).message);
              return EMPTY;
            }),
          ),
        ),
        takeUntilDestroyed(),
      )
      .subscribe((invoice) => this.invoice.set(invoice));
  }

  private lineOf = (l: InvoiceLine): Line => ({
    ...{ ...l, key: this.next++, unread: false },
    time: l.unit === 'minute' ? clock(l.quantity) : '',
  });
  protected set(at: number, change: Partial<Line>): void {
    this.lines.update((all) => all.map((l, n) => (n === at ? { ...l, ...change } : l)));
  }
  protected time = (at: number, time: string): void => this.set(at, { time, quantity: readMinutes(time) ?? 0 });
  protected unit(at: number, unit: Unit): void {
    const was = this.lines()[at]!;
    if (unit === 'minute') this.set(at, { unit, quantity: 60, time: '1:00' });
    else this.set(at, { unit, ...(was.unit === 'minute' && { quantity: 1 }) });
  }
  protected add(): void {
    this.lines.update((all) => [...all, this.lineOf({ words: '', quantity: 1, unit: 'piece', price: 0 })]);
  }
  protected drop(at: number): void {
    this.lines.update((all) => all.filter((_, n) => n !== at));
  }

  /** What was typed, to be kept; null where some of it cannot be read. */
  private typed() {
    const lines = this.lines();
    const bad = lines.findIndex((l) => l.unread || !Number.isInteger(l.quantity) || l.quantity < 1 || !l.words.trim());
    if (bad >= 0) {
      this.fault.set(`Line ${bad + 1} is not whole: say what for, how much of it, and its price.`);
      return null;
    }
    return {
      lines: lines.map(({ words, quantity, unit, price }) => ({ words: words.trim(), quantity, unit, price })),
      ...{ buyer: this.buyer(), reference: this.reference(), note: this.note() },
    };
  }
  private path = () => `/invoices/${this.id()}`;
  private done(said: string): void {
    this.busy.set(false);
    this.fault.set('');
    this.said.set(said);
    this.turn.update((n) => n + 1);
  }
  private refused = (error: unknown): void => {
    this.busy.set(false);
    this.said.set('');
    this.fault.set(asRefusal(error).message);
  };
  protected keep(): void {
    if (this.busy()) return;
    const typed = this.typed();
    if (!typed) return;
    this.busy.set(true);
    this.api.put(this.path(), typed).subscribe({ next: () => this.done('The draft is kept.'), error: this.refused });
  }
  protected async issue(): Promise<void> {
    if (this.busy()) return;
    const typed = this.typed();
    if (!typed) return;
    const sure = await this.dialogs.confirm({
      title: 'Give it its number?',
      words: 'From then on nothing of it changes: it can be sent, paid, or taken back by another one.',
      act: 'Give it its number',
    });
    if (!sure) return;
    this.busy.set(true);
    this.api
      .put(this.path(), typed)
      .pipe(switchMap(() => this.api.post<{ number: string }>(`${this.path()}/issue`)))
      .subscribe({
        next: ({ number }) => this.done(`It is invoice ${number}.`),
        error: (error: unknown) => {
          // What was typed is kept by now; what it lacks is said anew.
          this.refused(error);
          this.turn.update((n) => n + 1);
        },
      });
  }
  protected async send(): Promise<void> {
    if (this.busy()) return;
    const { buyer, number } = this.invoice()!;
    const sure = await this.dialogs.confirm({
      title: `Send invoice ${number}?`,
      words: `It goes to ${buyer.mail || 'nobody: no mail address is known'}, as PDF and as electronic invoice.`,
      act: 'Send it',
    });
    if (!sure) return;
    this.busy.set(true);
    this.api.post<{ to: string }>(`${this.path()}/send`).subscribe({
      next: ({ to }) => this.done(`It is on the way to ${to}.`),
      error: this.refused,
    });
  }
  protected async takeBack(): Promise<void> {
    if (this.busy()) return;
    const sure = await this.dialogs.confirm({
      title: `Take invoice ${this.invoice()!.number} back?`,
      words: 'Another one with a number of its own and the same amounts below zero is issued. That cannot be undone.',
      act: 'Take it back',
    });
    if (!sure) return;
    this.busy.set(true);
    this.api.post<{ number: string }>(`${this.path()}/back`).subscribe({
      next: ({ number }) => this.done(`It is taken back, by ${number}.`),
      error: this.refused,
    });
  }
  protected pay(day: string | null): void {
    if (this.busy() || day === '') return;
    this.busy.set(true);
    this.api.put(`${this.path()}/paid`, { day }).subscribe({
      next: () => this.done(day ? 'Noted as paid.' : 'Noted as not paid.'),
      error: this.refused,
    });
  }
  protected async discard(): Promise<void> {
    if (this.busy()) return;
    const sure = await this.dialogs.confirm({
      title: 'Throw this draft away?',
      words: 'It has no number yet: nothing is missing without it. The month can be drafted again.',
      act: 'Throw it away',
    });
    if (!sure) return;
    this.busy.set(true);
    this.api.delete(this.path()).subscribe({ next: () => void this.router.navigate(['/books']), error: this.refused });
  }
  protected pdf(): void {
    if (this.busy()) return;
    const { number } = this.invoice()!;
    const typed = number ? null : this.typed();
    if (!number && !typed) return;
    this.busy.set(true);
    const paper = this.api.bytes(`${this.path()}/pdf`);
    // A draft is printed as it stands here.
    (typed ? this.api.put(this.path(), typed).pipe(switchMap(() => paper)) : paper).subscribe({
      next: (bytes) => {
        this.done('');
        saveFile(`${number ?? 'draft'}.pdf`, bytes, 'application/pdf');
      },
      error: this.refused,
    });
  }
  protected xml(): void {
    if (this.busy()) return;
    this.busy.set(true);
    this.api.bytes(`${this.path()}/xml`).subscribe({
      next: (bytes) => {
        this.done('');
        saveFile(`${this.invoice()!.number}.xml`, bytes, 'application/xml');
      },
      error: this.refused,
    });
  }
  protected quantity({ unit, quantity: n }: InvoiceLine): string {
    return unit === 'minute' ? `${n < 0 ? '−' : ''}${minuteWords(Math.abs(n))}` : String(n).replace('-', '−');
  }
  protected money = (amount: number) => moneyWords(amount, this.invoice()!.currency);
  protected chip = invoiceChip;
  protected month = (month: string) => monthWords(month);
  protected date = (iso: string) => (iso.length > 10 ? day(iso) : dayWords(iso));
}

/** Minutes as a clock has them: “1:20”. */
const clock = (minutes: number): string => `${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, '0')}`;
