import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { NgIcon } from '@ng-icons/core';

/** What can be done with a line of a list: moved up, moved down, taken out. Each button says of what. */
@Component({
  selector: 'tp-row-buttons',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [NgIcon],
  template: `
    <span class="bar tight">
      <button
        class="square small"
        type="button"
        [attr.aria-label]="'Move ' + name() + ' up'"
        [disabled]="first()"
        (click)="up.emit()"
      >
        <ng-icon name="lucideArrowUp" aria-hidden="true" />
      </button>
      <button
        class="square small"
        type="button"
        [attr.aria-label]="'Move ' + name() + ' down'"
        [disabled]="last()"
        (click)="down.emit()"
      >
        <ng-icon name="lucideArrowDown" aria-hidden="true" />
      </button>
      <button
        class="square small"
        type="button"
        [attr.aria-label]="'Take out ' + name()"
        [disabled]="stays()"
        (click)="out.emit()"
      >
        <ng-icon name="lucideTrash2" aria-hidden="true" />
      </button>
    </span>
  `,
  styles: `
    .bar.tight {
      gap: 2px;
      flex-wrap: nowrap;
    }
  `,
})
export class RowButtons {
  readonly name = input.required<string>();
  readonly first = input(false);
  readonly last = input(false);
  /** True where it cannot be taken out. */
  readonly stays = input(false);
  readonly up = output<void>();
  readonly down = output<void>();
  readonly out = output<void>();
}
