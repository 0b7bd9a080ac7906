import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { some } from '@tin-porch/core/some';
import type { Answered } from '../api/model';
import { asRefusal, PorchApi } from '../api/porch-api';
import { bytes } from '../parts/bytes';
import { Dialogs } from '../parts/dialogs';
import { time } from '../parts/when';
import { askedAgain } from './asked-again';
import { SiteStore } from './site-store';

/** The server a site is on, the servers that still lead its visitors there, and a move to another. */
@Component({
  selector: 'tp-site-home',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (store.detail(); as site) {
      @if (site.server; as server) {
        <h2 class="gap">Its server</h2>
        @if (asked.fault(); as words) {
          <p class="note brick" role="alert">{{ words }}</p>
        }
        <p>
          {{ store.detail()?.liveRelease ? 'It is on' : 'It goes on' }} <b>{{ server.name }}</b>
          <span class="mono quiet">{{ server.address }}</span>
        </p>
        @for (m of asked.found()?.moves ?? []; track m.from) {
          <p class="led">
            <span class="chip grey">{{ m.from }} leads here</span>
            <span>
              Since {{ at(m.movedAt) }}, {{ m.led ? some(m.led, 'request') + ' so far' : 'nobody so far' }}.
              {{ m.waits || 'It is taken off ' + m.from + ' soon.' }}
            </span>
          </p>
        }
        @if (api.may('designer') && site.liveRelease && !site.leavesAt) {
          <p class="bar">
            <label class="sr" for="new-home">To which server</label>
            <select
              id="new-home"
              [value]="other()"
              (focus)="askServers()"
              (change)="other.set($any($event.target).value)"
            >
              <option value="">{{ asking() ? 'Asking the servers …' : 'To which server?' }}</option>
              @for (s of others(); track s.name) {
                <option [value]="s.name" [disabled]="!s.well">{{ s.name }}{{ s.words }}</option>
              }
            </select>
            <button class="plain" type="button" [disabled]="!chosen() || busy()" (click)="move()">Move it …</button>
          </p>
          @if (said()) {
            <p class="fault" role="alert">{{ said() }}</p>
          }
        }
      }
    }
  `,
  styles: `
    :host {
      display: block;
    }
    .led {
      display: flex;
      flex-wrap: wrap;
      align-items: baseline;
      gap: 2px 10px;
    }
    .bar {
      margin: 10px 0;
    }
    select {
      width: auto;
      min-height: 32px;
      padding: 4px 8px;
    }
  `,
})
export class SiteHome {
  protected readonly store = inject(SiteStore);
  protected readonly api = inject(PorchApi);
  private readonly dialogs = inject(Dialogs);
  protected readonly asked = askedAgain<Answered<'GET /sites/:id/moves'>>('/moves', 'Where it was before');
  private readonly servers = signal<Answered<'GET /servers'>['servers']>([]);
  protected readonly asking = signal(false);
  protected readonly said = signal('');
  protected readonly other = signal('');
  protected readonly others = computed(() =>
    this.servers()
      .filter((s) => s.name !== this.store.detail()!.server?.name)
      .map((s) => ({
        name: s.name,
        well: !s.error && s.now?.database === true,
        words: s.error
          ? ', does not answer'
          : s.now?.database
            ? `, ${bytes(s.now.diskFreeBytes)} free`
            : ', its database does not answer',
      })),
  );
  /** The server that is chosen, where it is still one to move to. */
  protected readonly chosen = computed(() => this.others().find((s) => s.name === this.other() && s.well)?.name);
  protected readonly busy = computed(
    () =>
      this.store.busy('POST /moves') ||
      this.store.detail()!.jobs.some((j) => j.kind === 'move' && ['waiting', 'running', 'retrying'].includes(j.state)),
  );

  /** Asks the servers how they are: each time somebody is about to choose. */
  protected askServers(): void {
    if (this.asking()) return;
    this.asking.set(true);
    this.api.get<Answered<'GET /servers'>>('/servers').subscribe({
      next: ({ servers }) => {
        this.asking.set(false);
        this.said.set('');
        this.servers.set(servers);
      },
      error: (error: unknown) => {
        this.asking.set(false);
        this.said.set(asRefusal(error).message);
      },
    });
  }

  protected async move(): Promise<void> {
    const to = this.chosen();
    const { server, domain, domainSeen } = this.store.detail()!;
    if (!to) return;
    const led =
      domain && domainSeen?.registration.state !== 'ours'
        ? ` The records of ${domain} are kept elsewhere: until they are set, ${server!.name} leads visitors on.`
        : '';
    const sure = await this.dialogs.confirm({
      title: `Move it to ${to}?`,
      words: `Visitors notice nothing: it is served as ever while its files are copied; whoever sends something at the last moment waits a second. ${server!.name} leads on whoever still comes there, for two days at least.${led}`,
      act: `Move it to ${to}`,
    });
    if (!sure) return;
    if (await this.store.post('/moves', { server: to })) this.other.set('');
  }
  protected at = (iso: string) => time(iso);
  protected some = some;
}
