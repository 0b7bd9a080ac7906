import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { Told } from '@tin-porch/core/brief';
import { some } from '@tin-porch/core/some';

const GROUPS: [Told['kind'], string][] = [
  ['wish', 'Asked for'],
  ['style', 'How it should look'],
  ['dont', 'Not to be there'],
];

/** What the client wants of the site and what they do not want, in their own words. */
@Component({
  selector: 'tp-told',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (told().length) {
      <details class="told gap">
        <summary>{{ summary() }}</summary>
        @for (group of groups(); track group.title) {
          <h3>{{ group.title }}</h3>
          <ul class="plain-list">
            @for (t of group.told; track $index) {
              <li>{{ t.text }}</li>
            }
          </ul>
        }
        <p class="quiet">None of this is put on a page.</p>
      </details>
    }
  `,
  styles: `
    .told summary {
      min-height: 28px;
      cursor: pointer;
    }
    .told h3 {
      margin: 10px 0 2px;
    }
    .told li {
      padding: 3px 0;
    }
  `,
})
export class ToldPanel {
  readonly told = input.required<readonly Told[]>();
  protected readonly groups = computed(() =>
    GROUPS.map(([kind, title]) => ({ title, told: this.told().filter((t) => t.kind === kind) })).filter(
      (g) => g.told.length,
    ),
  );
  protected readonly summary = computed(() => {
    const donts = this.told().filter((t) => t.kind === 'dont').length;
    const wishes = this.told().length - donts;
    return (
      [wishes && some(wishes, 'wish', 'wishes'), donts && some(donts, 'don’t', 'don’ts')]
        .filter(Boolean)
        .join(' and ') + ' of the client'
    );
  });
}
