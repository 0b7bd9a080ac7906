import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import type { ServerInfo } from '../api/model';
import { asRefusal, PorchApi } from '../api/porch-api';

@Component({
  selector: 'tp-servers',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'contents' },
  imports: [RouterLink],
  template: `
    <main class="place">
      <h1>Servers</h1>
      @if (fault()) {
        <p class="note brick" role="alert">{{ fault() }}</p>
      }
      <div class="cards">
        @for (s of servers(); track s.name) {
          <section class="sheet card">
            <div class="between">
              <h2>{{ s.name }}</h2>
              <span class="chip" [class.moss]="!s.error && s.database" [class.brick]="s.error || !s.database">{{
                s.error ? 'Does not answer' : s.database ? 'Answers' : 'Its database does not answer'
              }}</span>
            </div>
            <p class="mono quiet">{{ s.address }}, temporary addresses under {{ s.temporaryBase }}</p>
            @if (s.error) {
              <p>{{ s.error }}</p>
            } @else {
              <p>Up {{ up(s.upSeconds!) }}. {{ gb(s.freeBytes!) }} of {{ gb(s.totalBytes!) }} GB free.</p>
            }
            <ul class="plain-list">
              @for (site of s.sites; track site.id) {
                <li>
                  <a [routerLink]="['/sites', site.id, 'publish']">{{ site.name }}</a>
                </li>
              } @empty {
                <li class="quiet">None of your sites is here.</li>
              }
            </ul>
          </section>
        }
      </div>
    </main>
  `,
  styles: `
    .cards {
      display: grid;
      grid-template-columns: repeat(auto-fill, minmax(min(100%, 380px), 1fr));
      gap: 16px;
    }
  `,
})
export class ServersPlace {
  protected readonly servers = signal<ServerInfo[]>([]);
  protected readonly fault = signal('');
  constructor() {
    inject(PorchApi)
      .get<{ servers: ServerInfo[] }>('/servers')
      .subscribe({
        next: ({ servers }) => this.servers.set(servers),
        error: (e: unknown) => this.fault.set(asRefusal(e).message),
      });
  }
  protected gb = (bytes: number) => (bytes / 1e9).toFixed(0);
  protected up = (s: number) =>
    s > 7200 ? `${Math.floor(s / 3600)} hours` : s > 120 ? `${Math.floor(s / 60)} minutes` : `${s} seconds`;
}
