import { ChangeDetectionStrategy, Component, input } from '@angular/core';
import { RouterLink } from '@angular/router';
import { wording } from '../words/words';

/** The head of a place: what it is, where its words stand, and the way back. */
@Component({
  selector: 'dk-top',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [RouterLink],
  template: `
    <header>
      @if (back(); as to) {
        <a [routerLink]="to">{{ w().back }}</a>
      }
      <h1>{{ title() }}</h1>
      @if (under()) {
        <p>{{ under() }}</p>
      }
    </header>
  `,
})
export class Top {
  readonly title = input.required<string>();
  readonly under = input('');
  readonly back = input('');
  protected readonly w = wording().words;
}
