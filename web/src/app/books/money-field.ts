import { ChangeDetectionStrategy, Component, computed, input, linkedSignal, model } from '@angular/core';
import { decimal, moneyWords, readMoney, type Currency } from '@tin-porch/core/care';

/** A field for an amount, typed the way people type it, with how it is read beside it. Its value is in hundredths. */
@Component({
  selector: 'tp-money-field',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'field' },
  template: `
    <label [for]="name()">
      {{ label() }}
      @if (typed() && amount() !== null) {
        <span class="quiet">{{ words() }}</span>
      }
    </label>
    <input
      [id]="name()"
      inputmode="decimal"
      autocomplete="off"
      maxlength="20"
      [value]="typed()"
      [attr.aria-invalid]="bad() ? true : null"
      [attr.aria-describedby]="bad() ? name() + '-fault' : null"
      (input)="take($any($event.target).value)"
    />
    @if (bad()) {
      <p class="fault" role="alert" [id]="name() + '-fault'">
        “{{ typed() }}” is not an amount. Write it as 45 or 45.50.
      </p>
    }
  `,
})
export class MoneyField {
  readonly name = input.required<string>();
  readonly label = input.required<string>();
  readonly currency = input.required<Currency>();
  /** Hundredths; null where nothing, or nothing that can be read, stands there. */
  readonly amount = model<number | null>(null);
  /** Whether something stands there that is no amount. */
  readonly unread = model(false);
  private last: number | null | undefined;
  protected readonly typed = linkedSignal<number | null, string>({
    source: this.amount,
    computation: (amount, before) =>
      before && amount === this.last ? before.value : amount === null ? '' : decimal(amount).replace(/\.00$/, ''),
  });
  protected readonly bad = computed(() => this.typed().trim() !== '' && readMoney(this.typed()) === null);
  protected readonly words = computed(() => moneyWords(this.amount() ?? 0, this.currency()));

  protected take(text: string): void {
    this.last = readMoney(text);
    this.typed.set(text);
    this.amount.set(this.last);
    this.typed.set(text);
    this.unread.set(this.bad());
  }
}
