import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { NgIcon } from '@ng-icons/core';
import type { SiteDetail } from '../api/model';

/** Letters of a record that are shown. */
const MOST_SHOWN = 90;

/** The records of a domain: what each is now, what it should be, and whether it is right. */
@Component({
  selector: 'tp-domain-records',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'contents' },
  imports: [NgIcon],
  styles: `
    .data {
      overflow-wrap: anywhere;
      min-width: 5.5em;
    }
  `,
  template: `
    <table class="rows gap">
      <thead>
        <tr>
          <th>Name</th>
          <th>Type</th>
          <th>Is now</th>
          <th>Should be</th>
          <th><span class="sr">Verdict</span></th>
        </tr>
      </thead>
      <tbody class="mono">
        @for (r of records(); track r.label + r.type) {
          <tr>
            <td>{{ r.label }}</td>
            <td>{{ r.type }}</td>
            <td class="data">{{ short(r.now.join(', ')) || 'none' }}</td>
            <td class="data">
              {{
                r.verdict === 'leave'
                  ? 'leave as it is'
                  : short(r.should) || (r.verdict === 'clash' ? 'take it away' : 'as it is')
              }}
            </td>
            <td>
              @if (r.verdict === 'change' || r.verdict === 'clash') {
                <button
                  class="link"
                  type="button"
                  [attr.aria-label]="'Copy ' + r.type + ' ' + r.label"
                  (click)="copy.emit(bare(r.should))"
                >
                  <ng-icon name="lucideCopy" aria-hidden="true" />
                </button>
              } @else {
                <ng-icon name="lucideCheck" aria-label="Right" />
              }
            </td>
          </tr>
          @if (r.note && r.verdict === 'clash') {
            <tr>
              <td colspan="5" class="fault">{{ r.note }}</td>
            </tr>
          }
        }
      </tbody>
    </table>
  `,
})
export class DomainRecords {
  readonly records = input.required<NonNullable<SiteDetail['records']>>();
  /** Asks for words to be copied. */
  readonly copy = output<string>();
  /** A key is not read: its ends tell it from another, and it is copied whole. */
  protected short = (text: string | null): string =>
    text && text.length > MOST_SHOWN ? `${text.slice(0, MOST_SHOWN - 20)} … ${text.slice(-14)}` : (text ?? '');
  /** Pages of registrars take a text without the quotes it has in a zone file. */
  protected bare = (should: string | null): string => (should ?? '').replace(/^"(.*)"$/s, '$1');
}
