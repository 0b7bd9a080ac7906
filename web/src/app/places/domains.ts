import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import type { CertificateInfo, DomainSeen } from '../api/model';
import { asRefusal, PorchApi } from '../api/porch-api';
import { daysLeft, day, when } from '../parts/when';
import { some } from '@tin-porch/core/some';

interface Line {
  site: string;
  name: string;
  domain: string;
  seen: DomainSeen | null;
  certificate: CertificateInfo | null;
}

@Component({
  selector: 'tp-domains',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'contents' },
  imports: [RouterLink],
  template: `
    <main class="place">
      <h1>Domains</h1>
      @if (fault()) {
        <p class="note brick" role="alert">{{ fault() }}</p>
      }
      @if (lines().length) {
        <table class="rows">
          <thead>
            <tr>
              <th>Domain</th>
              <th>Leads here</th>
              <th class="wide">Registered</th>
              <th class="wide">Registered until</th>
              <th class="wide">Certificate</th>
            </tr>
          </thead>
          <tbody>
            @for (l of lines(); track l.domain) {
              <tr>
                <td>
                  <a class="mono" [routerLink]="['/sites', l.site, 'domain']">{{ l.domain }}</a><br /><span
                    class="quiet"
                    >{{ l.name }}</span
                  >
                </td>
                <td>
                  <span class="chip" [class.moss]="l.seen?.leadsHere" [class.brick]="l.seen && !l.seen.leadsHere">{{
                    !l.seen ? 'Not asked yet' : l.seen.leadsHere ? 'Yes' : 'No'
                  }}</span>
                  <span class="quiet">{{ l.seen ? ago(l.seen.at) : '' }}</span>
                </td>
                <td class="wide">{{ held(l) }}</td>
                <td class="wide">
                  {{ l.seen?.registration?.expires ? date(l.seen!.registration.expires!) : 'not known' }}
                </td>
                <td class="wide">{{ l.certificate ? some(left(l.certificate.notAfter), 'day') + ' left' : 'none' }}</td>
              </tr>
            }
          </tbody>
        </table>
      } @else if (loaded()) {
        <p class="quiet">No site has a domain yet. It is given on a site’s Domain step.</p>
      }
    </main>
  `,
})
export class DomainsPlace {
  protected readonly lines = signal<Line[]>([]);
  protected readonly fault = signal('');
  protected readonly loaded = signal(false);
  constructor() {
    inject(PorchApi)
      .get<{ domains: Line[] }>('/domains')
      .subscribe({
        next: ({ domains }) => {
          this.lines.set(domains);
          this.loaded.set(true);
        },
        error: (e: unknown) => this.fault.set(asRefusal(e).message),
      });
  }
  protected held = (l: Line) =>
    ({ free: 'not registered', ours: 'in your account', elsewhere: 'by the client', unknown: 'not known' })[
      l.seen?.registration.state ?? 'unknown'
    ];
  protected ago = (iso: string) => when(iso);
  protected date = day;
  protected left = (iso: string) => daysLeft(iso);
  protected readonly some = some;
}
