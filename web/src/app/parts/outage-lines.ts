import { ChangeDetectionStrategy, Component, input } from '@angular/core';
import { RouterLink } from '@angular/router';
import { lasted } from '@tin-porch/core/some';
import type { Answered } from '../api/model';
import { time } from './when';

type Outage = Answered<'GET /rounds'>['outages'][number];
const CAUSES: Record<Outage['cause'], string> = {
  server: 'the server did not answer',
  site: 'the site answered with an error',
  certificate: 'browsers did not trust the certificate',
  name: 'the domain led elsewhere',
};

/** When nobody got in, how long, and why. */
@Component({
  selector: 'tp-outage-lines',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [RouterLink],
  template: `
    <ul class="plain-list">
      @for (o of outages(); track o.site + o.beganAt) {
        <li>
          @if (named()) {
            <a [routerLink]="['/sites', o.site, 'care']">{{ o.name }}</a>
          }
          {{ at(o.beganAt) }}, {{ o.endedAt ? lasted(o.beganAt, o.endedAt) : 'and still' }}:
          {{ causes[o.cause] }}
          <span class="mono quiet">{{ o.detail }}</span>
        </li>
      }
    </ul>
  `,
  styles: `
    li {
      margin-bottom: 6px;
      overflow-wrap: anywhere;
    }
  `,
})
export class OutageLines {
  readonly outages = input.required<readonly Outage[]>();
  readonly named = input(true);
  protected readonly causes = CAUSES;
  protected at = time;
  protected lasted = (from: string, to: string) => lasted(Date.parse(to) - Date.parse(from));
}
