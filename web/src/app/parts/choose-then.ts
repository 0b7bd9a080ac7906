import { ChangeDetectionStrategy, Component, input, linkedSignal, output } from '@angular/core';

let serial = 0;

/** One of several things to do: chosen in a list, done by the button beside it, never by going through the list. */
@Component({
  selector: 'tp-choose-then',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="bar nowrap choose-then">
      <label class="sr" [for]="id">{{ label() }}</label>
      <select [id]="id" (change)="value.set($any($event.target).value)">
        <option value="" [selected]="value() === ''">{{ placeholder() }}</option>
        @for (o of options(); track o[0]) {
          <option [value]="o[0]" [selected]="o[0] === value()">{{ o[1] }}</option>
        }
      </select>
      <button
        class="plain small"
        type="button"
        [disabled]="value() === ''"
        [attr.aria-label]="act() + ': ' + label()"
        (click)="go()"
      >
        {{ act() }}
      </button>
    </div>
  `,
  styles: `
    .choose-then {
      min-width: 0;
    }
    .choose-then select {
      flex: 1;
      min-width: 0;
    }
    .choose-then .plain {
      flex: none;
    }
  `,
})
export class ChooseThen {
  readonly label = input.required<string>();
  readonly placeholder = input.required<string>();
  readonly act = input.required<string>();
  /** Value and words of each. */
  readonly options = input.required<readonly (readonly [string, string])[]>();
  readonly chosen = output<string>();
  protected readonly id = `choose-${++serial}`;
  /** Empty again where what was chosen is no longer among the options. */
  protected readonly value = linkedSignal<readonly (readonly [string, string])[], string>({
    source: this.options,
    computation: (options, before) => (options.some(([v]) => v === before?.value) ? before!.value : ''),
  });

  protected go(): void {
    const value = this.value();
    this.value.set('');
    if (value !== '') this.chosen.emit(value);
  }
}
