import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { takeUntilDestroyed, toObservable } from '@angular/core/rxjs-interop';
import { RouterLink } from '@angular/router';
import { moneyWords, monthWords, type InvoiceState } from '@tin-porch/core/care';
import { some } from '@tin-porch/core/some';
import { catchError, EMPTY, merge, switchMap } from 'rxjs';
import { PorchEvents } from '../api/events';
import type { Answered } from '../api/model';
import { asRefusal, PorchApi } from '../api/porch-api';
import { SellerForm } from '../books/seller-form';
import { invoiceChip } from '../books/invoice-chip';
import { ChipView } from '../parts/chip';
import { Dialogs } from '../parts/dialogs';
import { saveFile } from '../parts/save-file';
import { day } from '../parts/when';

type Books = Answered<'GET /books'>;
const SHOWN: readonly (readonly [InvoiceState | 'all', string])[] = [
  ['all', 'All'],
  ['draft', 'Drafts'],
  ['open', 'Open'],
  ['late', 'Late'],
  ['paid', 'Paid'],
];

/** The end of a month over all sites: what clients are told, what they pay, and what became of it. */
@Component({
  selector: 'tp-books',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'contents' },
  imports: [RouterLink, SellerForm, ChipView],
  template: `
    <main class="place">
      <h1>Books</h1>
      @if (fault()) {
        <p class="note brick" role="alert">{{ fault() }}</p>
      }
      @if (said().length) {
        <div class="note" role="status">
          @for (line of said(); track line) {
            <p>{{ line }}</p>
          }
        </div>
      }
      @if (books(); as b) {
        @if (edits()) {
          <div class="panels">
            <tp-seller-form [seller]="b.seller" (closed)="close($event)" />
          </div>
        } @else {
          <div class="fleet">
            <section aria-label="Invoices">
              @if (b.due.length && api.may('designer')) {
                <p class="note rain between">
                  <span> {{ month(b.month) }} is not charged yet to {{ names(b.due) }}. </span>
                  <button class="plain small" type="button" [attr.aria-disabled]="busy() || null" (click)="draft()">
                    Draft {{ some(b.due.length, 'invoice') }}
                  </button>
                </p>
              }
              <div class="between">
                <h2>Invoices</h2>
                <span class="quiet">{{ owed() }}</span>
              </div>
              <div class="bar" role="group" aria-label="Which invoices">
                @for (s of states; track s[0]) {
                  <button
                    class="plain small"
                    type="button"
                    [attr.aria-pressed]="show() === s[0]"
                    (click)="show.set(s[0])"
                  >
                    {{ s[1] }}
                  </button>
                }
              </div>
              @if (listed().length) {
                <table class="rows" aria-label="Invoices">
                  <thead>
                    <tr>
                      <th>Number</th>
                      <th class="wide">For</th>
                      <th class="wide">Of</th>
                      <th class="amount">To pay</th>
                      <th>State</th>
                    </tr>
                  </thead>
                  <tbody>
                    @for (i of listed(); track i.id) {
                      <tr>
                        <td class="name">
                          <a [routerLink]="['/books', i.id]">{{ i.number ?? 'Draft' }}</a>
                          <span class="narrow quiet">{{ i.siteName }}</span>
                        </td>
                        <td class="wide">{{ i.siteName }}</td>
                        <td class="wide">{{ i.takesBack ? 'taken back' : i.month ? month(i.month) : '' }}</td>
                        <td class="amount">{{ money(i.gross, i.currency) }}</td>
                        <td>
                          <tp-chip [chip]="chip(i)" />
                        </td>
                      </tr>
                    }
                  </tbody>
                </table>
              } @else {
                <p class="quiet">
                  {{
                    b.invoices.length
                      ? 'None of that kind.'
                      : 'There is none yet. Agree on a care plan with a client (in Care of their site), and the end of a month makes one.'
                  }}
                </p>
              }
              @if (b.invoices.length > most && show() === 'all' && !all()) {
                <button class="link" type="button" (click)="all.set(true)">
                  Show {{ some(b.invoices.length - most, 'more', 'more') }}
                </button>
              }
              @if (b.invoices.length) {
                <p class="gap">
                  <button class="plain small" type="button" (click)="csv()">Save the list as a table (CSV)</button>
                </p>
              }
            </section>
            <aside aria-label="Reports, and who writes the invoices">
              <h2>Reports of {{ month(b.month) }}</h2>
              @if (b.reports.length) {
                <ul class="plain-list">
                  @for (r of b.reports; track r.site) {
                    <li>
                      <a [routerLink]="['/sites', r.site, 'reports', r.month]">{{ r.name }}</a>
                      <span [class]="r.lost || r.late ? 'brick' : 'quiet'">{{ stands(r) }}</span>
                    </li>
                  }
                </ul>
                @if (unsent().length && api.may('designer')) {
                  <p class="gap">
                    <button class="plain" type="button" [attr.aria-disabled]="busy() || null" (click)="send()">
                      Send {{ unsent().length === 1 ? 'the one that is' : 'the ' + unsent().length + ' that are' }} not
                      sent
                    </button>
                  </p>
                }
              } @else {
                <p class="quiet">No client is told of their months yet, or none of their sites was up then.</p>
              }
              <h2 class="gap">Who writes the invoices</h2>
              @if (b.known) {
                <p>
                  {{ b.seller.name }}<br />{{ b.seller.street }}<br />{{ b.seller.postcode }} {{ b.seller.city }}
                  @if (b.seller.iban) {
                    <br /><span class="mono quiet">{{ b.seller.iban }}</span>
                  }
                </p>
              } @else {
                <p class="quiet">
                  Nobody has said yet. Without a name, an address and a tax number no invoice gets its number.
                </p>
              }
              @if (api.may('owner')) {
                <button class="plain gap" type="button" (click)="edits.set(true)">
                  {{ b.known ? 'Change it' : 'Say it' }}
                </button>
              }
            </aside>
          </div>
        }
      } @else if (!fault()) {
        <p class="quiet" role="status">Asking …</p>
      }
    </main>
  `,
  styles: `
    .fleet {
      display: grid;
      grid-template-columns: minmax(0, 1fr) minmax(240px, 320px);
      gap: 12px 40px;
      margin-top: 6px;
    }
    .amount {
      text-align: right;
      white-space: nowrap;
    }
    .narrow {
      display: none;
      font-weight: 400;
    }
    .note {
      gap: 8px;
      margin-bottom: 14px;
    }
    .bar {
      margin: 6px 0 10px;
    }
    li {
      padding: 4px 0;
    }
    li .brick {
      color: var(--brick);
    }
    li span {
      display: block;
    }
    @media (max-width: 760px) {
      .fleet {
        grid-template-columns: minmax(0, 1fr);
        row-gap: 24px;
      }
      .wide {
        display: none;
      }
      .narrow {
        display: block;
      }
    }
  `,
})
export class BooksPlace {
  protected readonly api = inject(PorchApi);
  private readonly dialogs = inject(Dialogs);
  protected readonly books = signal<Books | null>(null);
  protected readonly fault = signal('');
  protected readonly said = signal<string[]>([]);
  protected readonly busy = signal(false);
  protected readonly edits = signal(false);
  protected readonly show = signal<InvoiceState | 'all'>('all');
  protected readonly all = signal(false);
  /** So many of all stand there at first. */
  protected readonly most = 40;
  protected readonly states = SHOWN;
  private readonly turn = signal(0);
  protected readonly listed = computed(() => {
    const all = this.books()?.invoices ?? [];
    return this.show() === 'all'
      ? all.slice(0, this.all() ? undefined : this.most)
      : all.filter((i) => i.state === this.show());
  });
  protected readonly unsent = computed(() => this.books()?.reports.filter((r) => !r.sentAt && r.to.length) ?? []);
  /** What is owed, in each currency. */
  protected readonly owed = computed(() => {
    const sums = new Map<string, number>();
    for (const i of this.books()?.invoices ?? [])
      if ((i.state === 'open' || i.state === 'late') && !i.takesBack)
        sums.set(i.currency, (sums.get(i.currency) ?? 0) + i.gross);
    return sums.size ? `Owed: ${[...sums].map(([c, n]) => this.money(n, c as never)).join(', ')}` : '';
  });

  constructor() {
    merge(toObservable(this.turn), inject(PorchEvents).back)
      .pipe(
        switchMap(() =>
          this.api.get<Books>('/books').pipe(
            catchError((error: unknown) => {
              this.fault.set(asRefusal(error).message);
              return EMPTY;
            }),
          ),
        ),
        takeUntilDestroyed(),
      )
      .subscribe((books) => {
        this.fault.set('');
        this.books.set(books);
      });
  }
  private again(): void {
    this.busy.set(false);
    this.turn.update((n) => n + 1);
  }
  private refused = (error: unknown): void => {
    this.busy.set(false);
    this.fault.set(asRefusal(error).message);
  };
  protected draft(): void {
    if (this.busy()) return;
    this.busy.set(true);
    this.api.post<{ made: number }>('/books/drafts', { month: this.books()!.month }).subscribe({
      next: ({ made }) => {
        this.said.set([
          made
            ? `${some(made, 'draft is', 'drafts are')} there. Look at each, and give it its number.`
            : 'There was nothing to charge.',
        ]);
        this.again();
      },
      error: this.refused,
    });
  }
  protected async send(): Promise<void> {
    if (this.busy()) return;
    const n = this.unsent().length;
    const sure = await this.dialogs.confirm({
      title: `Send ${some(n, 'report')}?`,
      words: 'Each goes to the addresses of its care plan, with a PDF, and stays as it is.',
      act: 'Send them',
    });
    if (!sure) return;
    this.busy.set(true);
    this.api.post<{ sent: number; refused: string[] }>('/books/reports').subscribe({
      next: ({ sent, refused }) => {
        this.said.set([`${some(sent, 'report is', 'reports are')} on the way.`, ...refused]);
        this.again();
      },
      error: this.refused,
    });
  }
  protected csv(): void {
    this.api.bytes('/books/csv').subscribe({
      next: (bytes) => saveFile('invoices.csv', bytes, 'text/csv'),
      error: this.refused,
    });
  }
  protected close(kept: boolean): void {
    this.edits.set(false);
    if (kept) this.again();
  }
  protected names(due: Books['due']): string {
    const names = due.slice(0, 3).map((d) => d.name);
    return names.join(', ') + (due.length > 3 ? ` and ${some(due.length - 3, 'other')}` : '');
  }
  /** How a report stands. */
  protected stands(r: Books['reports'][number]): string {
    if (r.sentAt) return `sent ${day(r.sentAt)}${r.lost ? ', and a letter did not arrive' : ''}`;
    if (!r.to.length) return 'nobody named to send it to';
    if (r.late) return 'should have gone by itself: send it, and see why it did not';
    return r.itself ? 'goes by itself' : 'not sent';
  }
  protected chip = invoiceChip;
  protected money = moneyWords;
  protected month = (month: string) => monthWords(month);
  protected some = some;
}
