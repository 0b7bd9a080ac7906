import { CdkDropListGroup } from '@angular/cdk/drag-drop';
import { afterNextRender, ChangeDetectionStrategy, Component, computed, inject, Injector, signal } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { RouterLink } from '@angular/router';
import {
  catchError,
  EMPTY,
  filter,
  firstValueFrom,
  merge,
  startWith,
  switchMap,
  timer,
  type OperatorFunction,
} from 'rxjs';
import { debounceTime } from 'rxjs/operators';
import { some } from '@tin-porch/core/some';
import { PorchEvents } from '../api/events';
import type { Answered, ServerInfo } from '../api/model';
import { asRefusal, PorchApi } from '../api/porch-api';
import { Dialogs } from '../parts/dialogs';
import { LogSearch } from './log-search';
import { ServerShelf } from './server-shelf';
import { CredentialsPanel } from './credentials';
import { OwnBackups } from './own-backups';

type Move = Answered<'GET /moves'>['moves'][number];
/** How often the servers are looked at while somebody looks, ms. */
const LOOK_MS = 30_000;
const OPEN: ReadonlySet<Move['job']['state']> = new Set(['waiting', 'running', 'retrying']);

@Component({
  selector: 'tp-servers',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'contents' },
  imports: [LogSearch, RouterLink, OwnBackups, CredentialsPanel, ServerShelf, CdkDropListGroup],
  template: `
    <main class="place">
      <h1>
        Servers <span class="quiet">{{ all() }}</span>
      </h1>
      @if (fault()) {
        <p class="note brick" role="alert">{{ fault() }}</p>
      }
      @if (moves().length) {
        <section class="sheet card moving">
          <div class="between">
            <h2>{{ underWay() ? 'Moving' : 'Moved' }}</h2>
            @if (underWay() && api.may('designer')) {
              <button class="plain small" type="button" (click)="stop()" [disabled]="busy()">Stop all of it</button>
            }
          </div>
          <p class="quiet" role="status">{{ sum() }}</p>
          <ul class="plain-list">
            @for (m of moves(); track m.site) {
              <li>
                <a [routerLink]="['/sites', m.site, 'care']">{{ m.name }}</a>
                <span class="quiet"> to {{ m.server }}. </span>
                <span [class.fault]="m.job.state === 'failed'">{{ words(m) }}</span>
              </li>
            }
          </ul>
        </section>
      }
      <div class="shelves" cdkDropListGroup>
        @for (s of servers(); track s.name) {
          <tp-server-shelf
            [server]="s"
            [moving]="onTheWay()"
            [carries]="api.may('designer') && servers().length > 1"
            (put)="carry($event.site, $event.from, s)"
            (taken)="begin(s, $event.id)"
          >
            @if (api.may('designer') && !s.error && movable(s).length && others(s).length && emptying() !== s.name) {
              <button class="plain small" type="button" (click)="begin(s)">Move its sites</button>
            }
            <ng-container ngProjectAs="[below]">
              @if (emptying() === s.name) {
                <div class="picking">
                  <ul class="plain-list">
                    @for (site of s.sites; track site.id) {
                      <li>
                        <label>
                          <input
                            type="checkbox"
                            [checked]="picked().has(site.id)"
                            [disabled]="!site.live"
                            (change)="pick(site.id)"
                          />
                          {{ site.name }}
                          @if (!site.live) {
                            <span class="quiet">not deployed yet</span>
                          }
                        </label>
                      </li>
                    }
                  </ul>
                  <p class="bar">
                    <label [for]="'to-' + s.name">To</label>
                    <select [id]="'to-' + s.name" (change)="to.set($any($event.target).value)">
                      @for (o of others(s); track o.name) {
                        <option [value]="o.name" [selected]="o.name === to()" [disabled]="!well(o)">
                          {{ o.name }}{{ well(o) ? '' : ', does not answer' }}
                        </option>
                      }
                    </select>
                    <button
                      class="act"
                      type="button"
                      [disabled]="!picked().size || !canGo() || busy()"
                      (click)="move(s)"
                    >
                      Move {{ some(picked().size, 'site') }} …
                    </button>
                    <button class="plain" type="button" (click)="emptying.set('')">Leave them here</button>
                  </p>
                </div>
              }
            </ng-container>
          </tp-server-shelf>
        }
      </div>
      @if (api.may('designer') && servers().length > 1) {
        <p class="quiet gap">
          Drag a site to another shelf to move it, or go to it by key and press M. It answers all the while.
        </p>
      }
      @if (anySites().length) {
        <tp-log-search [sites]="anySites()" />
      }
      @if (api.may('helper')) {
        <tp-own-backups />
        @if (api.may('owner')) {
          <tp-credentials />
        }
      }
    </main>
  `,
  styles: `
    .shelves {
      display: grid;
      gap: 12px;
    }
    .moving {
      margin-bottom: 16px;
    }
    .bar {
      margin: 12px 0 0;
    }
    .picking {
      margin-top: 12px;
    }
    select {
      width: auto;
      min-height: 32px;
      padding: 4px 8px;
    }
    label {
      display: inline-flex;
      align-items: baseline;
      gap: 8px;
    }
  `,
})
export class ServersPlace {
  protected readonly api = inject(PorchApi);
  private readonly dialogs = inject(Dialogs);
  private readonly injector = inject(Injector);
  protected readonly servers = signal<ServerInfo[]>([]);
  /** Sites of which there may be logs. */
  protected readonly anySites = computed(() =>
    this.servers()
      .flatMap((s) => s.sites)
      .filter((s) => s.live)
      .sort((a, b) => a.name.localeCompare(b.name)),
  );
  protected readonly moves = signal<Move[]>([]);
  protected readonly fault = signal('');
  /** The server whose sites are picked to be moved, those that are, and where to. */
  protected readonly emptying = signal('');
  protected readonly picked = signal<ReadonlySet<string>>(new Set());
  protected readonly to = signal('');
  protected readonly busy = signal(false);
  protected readonly underWay = computed(() => this.moves().some((m) => OPEN.has(m.job.state)));
  protected readonly sum = computed(() => {
    const count = (states: Move['job']['state'][]) => this.moves().filter((m) => states.includes(m.job.state)).length;
    return [
      `${count(['done'])} of ${some(this.moves().length, 'site')} moved`,
      count(['failed']) && `${count(['failed'])} could not be`,
      count(['cancelled']) && `${count(['cancelled'])} stopped`,
    ]
      .filter(Boolean)
      .join(', ');
  });
  /** What there is, in a line. */
  protected readonly all = computed(() => {
    const servers = this.servers();
    if (!servers.length) return '';
    const sites = servers.reduce((n, s) => n + s.sites.length, 0);
    const ill = servers.filter((s) => s.state.tone !== 'moss').length;
    const state = ill ? `${ill} of them to look at` : `all of them well`;
    return `${some(servers.length, 'server')}, ${some(sites, 'site')}, ${servers.length > 1 ? state : servers[0]!.state.words.toLowerCase()}.`;
  });
  protected readonly onTheWay = computed(
    () =>
      new Set(
        this.moves()
          .filter((m) => OPEN.has(m.job.state))
          .map((m) => m.site),
      ),
  );
  protected readonly canGo = computed(() => this.servers().some((s) => s.name === this.to() && this.well(s)));

  constructor() {
    const events = inject(PorchEvents);
    const told = events.all.pipe(
      filter((e) => e.kind === 'job' || e.kind === 'care'),
      debounceTime(150),
    );
    merge(told, events.back)
      .pipe(
        startWith(null),
        switchMap(() => this.api.get<Answered<'GET /moves'>>('/moves').pipe(this.saying())),
        takeUntilDestroyed(),
      )
      .subscribe(({ moves }) => this.moves.set(moves));
    // Which site is where is another after each move; how the servers are is asked with it.
    merge(
      events.all.pipe(
        filter((e) => e.kind === 'care'),
        debounceTime(400),
      ),
      events.back,
      timer(LOOK_MS, LOOK_MS),
    )
      .pipe(
        startWith(null),
        switchMap(() => this.api.get<Answered<'GET /servers'>>('/servers').pipe(this.saying())),
        takeUntilDestroyed(),
      )
      .subscribe(({ servers }) => {
        this.fault.set('');
        this.servers.set(servers);
      });
  }

  /** Says what could not be asked for; what was there stays. */
  private saying<T>(): OperatorFunction<T, T> {
    return catchError((error: unknown) => {
      this.fault.set(asRefusal(error).message);
      return EMPTY;
    });
  }

  protected movable = (s: ServerInfo) => s.sites.filter((site) => site.live);
  protected others = (s: ServerInfo) => this.servers().filter((o) => o.name !== s.name);
  protected well = (s: ServerInfo): boolean => !s.error && s.now?.database === true;
  /** Has sites of a server picked: one of them, or all that can be moved. */
  protected begin(s: ServerInfo, only?: string): void {
    this.emptying.set(s.name);
    this.picked.set(new Set(only ? [only] : this.movable(s).map((site) => site.id)));
    this.to.set(this.others(s).find((o) => this.well(o))?.name ?? '');
    afterNextRender({ read: () => document.getElementById(`to-${s.name}`)?.focus() }, { injector: this.injector });
  }
  /** One that was carried to another shelf by hand. */
  protected async carry(site: ServerInfo['sites'][number], from: string, to: ServerInfo): Promise<void> {
    const own = this.servers().find((s) => s.name === from);
    if (!own || this.busy()) return;
    this.emptying.set('');
    this.picked.set(new Set([site.id]));
    this.to.set(to.name);
    await this.move(own);
  }
  protected pick(id: string): void {
    const picked = new Set(this.picked());
    if (!picked.delete(id)) picked.add(id);
    this.picked.set(picked);
  }

  protected async move(s: ServerInfo): Promise<void> {
    const [sites, server] = [[...this.picked()], this.to()];
    const only = sites.length === 1 ? s.sites.find((site) => site.id === sites[0])?.name : undefined;
    const sure = await this.dialogs.confirm({
      title: `Move ${only ?? some(sites.length, 'site')} to ${server}?`,
      words: `${only ? '' : 'A few at a time. '}Visitors notice nothing, and ${s.name} leads on whoever still comes there, for two days at least. ${only ? 'It' : 'Each'} can be moved back.`,
      act: `Move ${only ? 'it' : 'them'} to ${server}`,
    });
    if (!sure) return;
    await this.ask(async () => {
      const { refused } = await firstValueFrom(this.api.post<Answered<'POST /moves'>>('/moves', { server, sites }));
      this.emptying.set('');
      const name = (id: string) => s.sites.find((site) => site.id === id)?.name ?? id;
      if (refused.length) this.fault.set(refused.map((r) => `${name(r.site)}: ${r.words}.`).join(' '));
    });
  }
  protected stop = () => this.ask(async () => void (await firstValueFrom(this.api.delete('/moves'))));
  private async ask(what: () => Promise<void>): Promise<void> {
    this.busy.set(true);
    this.fault.set('');
    await what().catch((error: unknown) => this.fault.set(asRefusal(error).message));
    this.busy.set(false);
  }

  protected words({ job }: Move): string {
    const step = job.steps.at(-1)?.name;
    if (job.state === 'running') return step ? `${step} …` : 'It begins …';
    return (
      {
        waiting: 'It waits for its turn',
        retrying: `It is tried again. ${job.error ?? ''}`,
        done: 'Moved',
        failed: job.error ?? 'It could not be moved',
        cancelled: 'Stopped',
      } as Record<string, string>
    )[job.state]!;
  }
  protected some = some;
}
