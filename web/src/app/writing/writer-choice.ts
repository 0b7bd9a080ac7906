import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { WritingDesk } from './writing-desk';

/** Who writes: the built-in writer, or an outside service where one is set up. */
@Component({
  selector: 'tp-writer-choice',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (desk.service(); as name) {
      <div class="field">
        <span class="label" id="writer">Who writes</span>
        <div class="bar" role="group" aria-labelledby="writer">
          <button
            class="plain small"
            type="button"
            [attr.aria-pressed]="desk.by() === 'house'"
            (click)="desk.choose('house')"
          >
            The built-in writer
          </button>
          <button
            class="plain small"
            type="button"
            [attr.aria-pressed]="desk.by() === 'service'"
            (click)="desk.choose('service')"
          >
            {{ name }}
          </button>
        </div>
        @if (desk.by() === 'service') {
          <p class="quiet">
            An outside service, paid by the word. What it says that nobody has said is put down as to confirm; where it
            fails, the built-in writer goes on.
          </p>
        }
        @if (desk.spent(); as spent) {
          <p class="quiet">{{ spent }}</p>
        }
      </div>
    }
  `,
})
export class WriterChoice {
  protected readonly desk = inject(WritingDesk);
}
