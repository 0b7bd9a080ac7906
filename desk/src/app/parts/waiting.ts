import { ChangeDetectionStrategy, Component, input } from '@angular/core';
import { wording } from '../words/words';
import type { Loaded } from './load';

/** What stands in a place until what it shows has come. */
@Component({
  selector: 'dk-waiting',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (of().fault(); as fault) {
      <p class="bad" role="alert">
        {{ fault }} <button class="plain" type="button" (click)="of().again()">{{ w().again }}</button>
      </p>
    } @else if (of().value() === null) {
      <p class="wait" role="status">{{ w().loading }}</p>
    }
  `,
})
export class Waiting {
  readonly of = input.required<Loaded<unknown>>();
  protected readonly w = wording().words;
}
