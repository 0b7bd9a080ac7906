import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { RouterLink } from '@angular/router';
import type { OpenFinding } from '../api/model';
import { when } from './when';

/** A finding with its evidence and where to mend it. */
@Component({
  selector: 'tp-finding',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [RouterLink],
  template: `
    <article class="finding {{ finding().severity }}">
      @if (finding().name) {
        <h2>{{ finding().name }}</h2>
      }
      <p>
        <b>{{ finding().title }}.</b>
      </p>
      <p class="mono quiet">{{ finding().evidence }}</p>
      <p class="quiet">{{ finding().fix }} First seen {{ since() }}.</p>
      <a class="plain small" [routerLink]="['/sites', finding().site, finding().step]">Mend it</a>
    </article>
  `,
})
export class FindingView {
  readonly finding = input.required<OpenFinding>();
  readonly now = input(Date.now());
  protected readonly since = computed(() => when(this.finding().firstSeen, this.now()));
}
