import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import type { ServerInfo } from '../api/model';
import { asRefusal, PorchApi } from '../api/porch-api';
import { some } from '@tin-porch/core/some';
import { bytes } from './bytes';
import { SiteStore } from '../site/site-store';

/** Chooses the server a site will live on, by what each answers now. */
@Component({
  selector: 'tp-server-choice',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <ul class="choices">
      @for (s of servers(); track s.name) {
        <li class="sheet between">
          <span
            ><b>{{ s.name }}</b> <span class="mono quiet">{{ s.address }}</span><br /><span class="quiet">{{
              s.error ??
                some(s.sites.length, 'of your sites', 'of your sites') + ', ' + size(s.now!.diskFreeBytes) + ' free'
            }}</span></span
          >
          <button class="plain" type="button" (click)="store.put('/server', { server: s.name })" [disabled]="s.error">
            Use {{ s.name }}
          </button>
        </li>
      } @empty {
        <li [class.quiet]="!fault()" [class.fault]="fault()" [attr.role]="fault() ? 'alert' : null">
          {{ fault() || 'Asking the servers …' }}
        </li>
      }
    </ul>
  `,
})
export class ServerChoice {
  protected readonly store = inject(SiteStore);
  protected readonly servers = signal<ServerInfo[]>([]);
  protected readonly fault = signal('');
  constructor() {
    inject(PorchApi)
      .get<{ servers: ServerInfo[] }>('/servers')
      .subscribe({
        next: ({ servers }) => this.servers.set(servers),
        error: (error: unknown) => this.fault.set(asRefusal(error).message),
      });
  }
  protected readonly some = some;
  protected size = bytes;
}
