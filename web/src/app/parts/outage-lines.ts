import { ChangeDetectionStrategy, Component, input } from '@angular/core';
import { RouterLink } from '@angular/router';
import { lasted } from '@tin-porch/core/some';
import type { Answered } from '../api/model';
import { time } from './when';

type Outage = Answered<'GET /rounds'>['outages'][number];
const WAS: Record<Outage['cause'], string> = {
  server: 'the server did not answer',
  site: 'the site answered with an error',
  certificate: 'browsers did not trust the certificate',
  name: 'the domain led elsewhere',
};
const IS: Record<Outage['cause'], string> = {
  server: 'the server does not answer',
  site: 'the site answers with an error',
  certificate: 'browsers do not trust the certificate',
  name: 'the domain leads elsewhere',
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
          @if (o.endedAt) {
            {{ at(o.beganAt) }}, {{ lasted(o.beganAt, o.endedAt) }}: {{ was[o.cause] }}
          } @else {
            since {{ at(o.beganAt) }}: {{ is[o.cause] }}
          }
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
  protected readonly was = WAS;
  protected readonly is = IS;
  protected at = time;
  protected lasted = (from: string, to: string) => lasted(Date.parse(to) - Date.parse(from));
}
