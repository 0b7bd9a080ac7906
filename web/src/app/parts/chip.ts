import { ChangeDetectionStrategy, Component, input } from '@angular/core';
import type { Chip } from '@tin-porch/core/care';

/** A state in a few words; colour never speaks alone. */
@Component({
  selector: 'tp-chip',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `<span class="chip {{ chip().tone }}">{{ chip().words }}</span>`,
})
export class ChipView {
  readonly chip = input.required<Chip>();
}
