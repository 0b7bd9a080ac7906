import { ChangeDetectionStrategy, Component, inject, input, linkedSignal, output, signal } from '@angular/core';
import { countsUp, isIban, numberOf, type Party, type Seller, type TaxCategory } from '@tin-porch/core/care';
import { asRefusal, PorchApi } from '../api/porch-api';
import { PartyFields } from './party-fields';

const TAXES: readonly (readonly [TaxCategory, string])[] = [
  ['S', 'VAT at a rate'],
  ['Z', 'VAT at zero'],
  ['E', 'No VAT: exempt'],
  ['AE', 'No VAT: whoever pays owes it (reverse charge)'],
  ['O', 'No VAT: not subject to it'],
];

/** Who writes the invoices: name, tax, account, and how they are numbered. */
@Component({
  selector: 'tp-seller-form',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [PartyFields],
  template: `
    <form novalidate class="sheet card" aria-label="Who writes the invoices" (submit)="$event.preventDefault(); save()">
      <h2>Who writes the invoices</h2>
      <tp-party-fields name="seller" [party]="draft()" (partyChange)="party($event)" />
      <div class="line">
        <div class="field">
          <label for="seller-contact">Whom to ask</label>
          <input
            id="seller-contact"
            maxlength="200"
            autocomplete="off"
            [value]="draft().contact"
            (input)="set({ contact: $any($event.target).value })"
          />
        </div>
        <div class="field">
          <label for="seller-phone">Phone</label>
          <input
            id="seller-phone"
            maxlength="60"
            autocomplete="off"
            [value]="draft().phone"
            (input)="set({ phone: $any($event.target).value })"
          />
        </div>
      </div>
      <h3 class="gap">Tax</h3>
      <div class="line">
        <div class="field">
          <label for="seller-tax">On invoices</label>
          <select id="seller-tax" (change)="tax($any($event.target).value)">
            @for (t of taxes; track t[0]) {
              <option [value]="t[0]" [selected]="t[0] === draft().tax.category">{{ t[1] }}</option>
            }
          </select>
        </div>
        @if (draft().tax.category === 'S') {
          <div class="field short">
            <label for="seller-rate">Rate, percent</label>
            <input
              id="seller-rate"
              inputmode="decimal"
              maxlength="6"
              autocomplete="off"
              [value]="rate()"
              (input)="rate.set($any($event.target).value)"
            />
          </div>
        }
        <div class="field">
          <label for="seller-taxnumber">Tax number, where you have no VAT number</label>
          <input
            id="seller-taxnumber"
            maxlength="60"
            autocomplete="off"
            [value]="draft().taxNumber"
            (input)="set({ taxNumber: $any($event.target).value })"
          />
        </div>
      </div>
      @if (draft().tax.category === 'E' || draft().tax.category === 'O') {
        <div class="field">
          <label for="seller-reason">Why no tax is due, as the invoice says it</label>
          <input
            id="seller-reason"
            maxlength="300"
            autocomplete="off"
            [value]="draft().taxReason"
            (input)="set({ taxReason: $any($event.target).value })"
          />
        </div>
      }
      <h3 class="gap">Paying, and numbers</h3>
      <div class="line">
        <div class="field">
          <label for="seller-iban">Account number (IBAN)</label>
          <input
            id="seller-iban"
            class="mono"
            maxlength="60"
            autocomplete="off"
            [value]="draft().iban"
            [attr.aria-invalid]="badIban() ? true : null"
            (input)="set({ iban: $any($event.target).value })"
          />
        </div>
        <div class="field short">
          <label for="seller-bic">BIC</label>
          <input
            id="seller-bic"
            class="mono"
            maxlength="20"
            autocomplete="off"
            [value]="draft().bic"
            (input)="set({ bic: $any($event.target).value })"
          />
        </div>
        <div class="field short">
          <label for="seller-days">Days to pay</label>
          <input
            id="seller-days"
            type="number"
            min="0"
            max="120"
            [value]="draft().dueDays"
            (input)="set({ dueDays: $any($event.target).valueAsNumber })"
          />
        </div>
      </div>
      @if (badIban()) {
        <p class="fault" role="alert">The check digits of that account number do not fit.</p>
      }
      <div class="line">
        <div class="field">
          <label for="seller-numbering"
            >How numbers are made <span class="quiet">{{ example() }}</span></label
          >
          <input
            id="seller-numbering"
            class="mono"
            maxlength="60"
            autocomplete="off"
            [value]="draft().numbering"
            (input)="set({ numbering: $any($event.target).value })"
          />
        </div>
      </div>
      <p class="quiet">
        {{ '{count}' }} counts without a gap, from one anew each year where {{ '{year}' }} stands in it too.
      </p>
      <div class="field">
        <label for="seller-note">A line under every invoice</label>
        <input
          id="seller-note"
          maxlength="500"
          autocomplete="off"
          [value]="draft().note"
          (input)="set({ note: $any($event.target).value })"
        />
      </div>
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
      flex: 0 1 8rem;
    }
  `,
})
export class SellerForm {
  readonly seller = input.required<Seller>();
  readonly closed = output<boolean>();
  private readonly api = inject(PorchApi);
  protected readonly taxes = TAXES;
  protected readonly draft = linkedSignal(() => this.seller());
  protected readonly rate = linkedSignal(() => String(this.seller().tax.rate / 100));
  protected readonly fault = signal('');
  protected readonly busy = signal(false);

  protected set(change: Partial<Seller>): void {
    const rate = this.rate();
    this.draft.set({ ...this.draft(), ...change });
    this.rate.set(rate);
  }
  protected party = (party: Party): void => this.set(party);
  protected tax = (category: TaxCategory): void => this.set({ tax: { ...this.draft().tax, category } });
  protected badIban = (): boolean => this.draft().iban.trim().length > 8 && !isIban(this.draft().iban);
  protected example(): string {
    const { numbering } = this.draft();
    return countsUp(numbering) ? `such as ${numberOf(numbering, new Date().getFullYear(), 7)}` : '';
  }

  protected save(): void {
    const draft = this.draft();
    const rate = Number(this.rate().replace(',', '.').replace('%', ''));
    if (draft.tax.category === 'S' && !(rate > 0 && rate <= 100))
      return this.fault.set(`“${this.rate()}” is not a rate in percent.`);
    if (!countsUp(draft.numbering))
      return this.fault.set('Numbers have to count: write {count} where the count stands.');
    if (!Number.isInteger(draft.dueDays) || draft.dueDays < 0)
      return this.fault.set('Say how many days there are to pay.');
    const tax = { ...draft.tax, rate: draft.tax.category === 'S' ? Math.round(rate * 100) : 0 };
    this.busy.set(true);
    this.api.put('/books/seller', { ...draft, tax }).subscribe({
      next: () => this.closed.emit(true),
      error: (error: unknown) => {
        this.busy.set(false);
        this.fault.set(asRefusal(error).message);
      },
    });
  }
}
