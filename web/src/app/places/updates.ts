import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { RouterLink } from '@angular/router';
import { some } from '@tin-porch/core/some';
import {
  catchError,
  debounceTime,
  EMPTY,
  filter,
  firstValueFrom,
  merge,
  startWith,
  Subject,
  switchMap,
  timer,
} from 'rxjs';
import { PorchEvents } from '../api/events';
import type { Answered } from '../api/model';
import { asRefusal, PorchApi } from '../api/porch-api';
import { Dialogs } from '../parts/dialogs';
import { trialState } from '../parts/trial-state';
import { time, when } from '../parts/when';
import { AgentVersions, isOpen } from './agent-versions';
import { ServerVersions } from './server-versions';

type Found = Answered<'GET /updates'>;
type Rollout = NonNullable<Found['rollout']>;
/** So long what has ended is shown, ms. */
const LATELY_MS = 7 * 86_400_000;
/** How often it is looked while sites are being updated or tried, ms. */
const LOOK_MS = 5000;
const RESTS = [
  { minutes: 0, words: 'without a rest' },
  { minutes: 60, words: 'an hour’s rest between' },
  { minutes: 1440, words: 'a day’s rest between' },
];
const WAVES = ['', 'One', 'A few', 'The rest'];
const STATES: Record<Rollout['sites'][number]['state'], string> = {
  waiting: 'waits',
  going: 'being updated',
  done: 'updated',
  left: 'left out',
  trouble: 'trouble',
  stopped: 'not updated',
  back: 'taken back',
};

/** What of the sites and servers is behind, tried on copies, and brought to one, a few, all. */
@Component({
  selector: 'tp-updates',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'contents' },
  imports: [AgentVersions, RouterLink, ServerVersions],
  template: `
    <main class="place">
      <h1>
        Updates <span class="quiet">{{ line() }}</span>
      </h1>
      @if (fault()) {
        <p class="note brick" role="alert">{{ fault() }}</p>
      }
      @if (said()) {
        <p class="note" role="status">{{ said() }}</p>
      }
      @if (found(); as f) {
        @if (lately(); as r) {
          <section class="sheet card" aria-labelledby="rollout">
            <div class="between">
              <h2 id="rollout">{{ headOf(r) }}</h2>
              @if (api.may('designer')) {
                <span class="bar">
                  @if (r.state === 'held') {
                    <button class="act" type="button" [attr.aria-disabled]="busy()" (click)="on()">
                      Go on without it
                    </button>
                  } @else if (r.state === 'going' && r.nextAt) {
                    <button class="plain small" type="button" [attr.aria-disabled]="busy()" (click)="on()">
                      Go on now
                    </button>
                  }
                  @if (r.state === 'going' || r.state === 'held') {
                    <button class="plain small" type="button" [attr.aria-disabled]="busy()" (click)="stop()">
                      Stop it
                    </button>
                  }
                  @if (count(r, 'done')) {
                    <button class="plain small" type="button" [attr.aria-disabled]="busy()" (click)="back(r)">
                      Take all of it back …
                    </button>
                  }
                </span>
              }
            </div>
            <p class="quiet" role="status">{{ wordsOf(r) }}</p>
            @for (w of wavesOf(r); track w.wave) {
              <div class="wave">
                <b>{{ w.name }}</b>
                <span class="bar-of" role="img" [attr.aria-label]="w.words">
                  @for (s of w.sites; track s.site) {
                    <span class="bit {{ s.state }}"></span>
                  }
                </span>
                <span class="quiet">{{ w.words }}</span>
              </div>
            }
            @if (told(r).length) {
              <ul class="plain-list">
                @for (s of told(r); track s.site) {
                  <li>
                    <a [routerLink]="['/sites', s.site, 'care']" fragment="update">{{ nameOf(s.site) }}</a>,
                    {{ states[s.state] }}: <span [class.fault-line]="s.state === 'trouble'">{{ s.words }}</span>
                  </li>
                }
              </ul>
            }
          </section>
        }
        <section aria-labelledby="sites-behind">
          <h2 id="sites-behind">Sites</h2>
          @if (!f.sites.length) {
            <p class="quiet">No site is on a server yet.</p>
          } @else if (!behind().length) {
            <p>
              <span class="chip moss">all of them up to date</span> Each of {{ some(f.sites.length, 'site') }} was drawn
              by version {{ f.engine }}, the newest.
            </p>
          } @else {
            @if (missing().length) {
              <p>
                {{ behind().length }} of {{ some(f.sites.length, 'site') }}
                {{ behind().length === 1 ? 'was' : 'were' }} drawn by an earlier version than {{ f.engine }}. What they
                lack:
              </p>
              <ul>
                @for (c of missing(); track c.says) {
                  <li>
                    {{ c.says }} <span class="quiet">{{ c.matters }}</span>
                  </li>
                }
              </ul>
            } @else {
              <p>What was updated is looked at as its visitors have it.</p>
            }
            <p class="quiet">
              An update draws what visitors have anew, and nothing else: drafts stay drafts. A copy of each site is
              tried first, word by word, point by point at two widths, and for whoever it would keep out.
              @if (!f.able) {
                There is no browser to look with: install Debian’s chromium-headless-shell, and start Tin Porch again.
              }
            </p>
            @if (api.may('helper')) {
              <p class="bar">
                @if (api.may('designer')) {
                  <button class="act" type="button" [attr.aria-disabled]="!mayRoll()" (click)="roll()">
                    Update {{ some(ready().length, 'site') }} …
                  </button>
                  <label class="sr" for="rest">Between one, a few and the rest</label>
                  <select id="rest" (change)="rest.set(+$any($event.target).value)">
                    @for (r of rests; track r.minutes) {
                      <option [value]="r.minutes" [selected]="r.minutes === rest()">{{ r.words }}</option>
                    }
                  </select>
                }
                <button class="plain" type="button" [attr.aria-disabled]="!mayTry()" (click)="tryOut()">
                  {{
                    untried().length ? 'Try it on ' + some(untried().length, 'copy', 'copies') : 'Tried on every copy'
                  }}
                </button>
              </p>
            }
            <table class="rows">
              <thead>
                <tr>
                  <th scope="col">
                    <input
                      type="checkbox"
                      aria-label="All that may be updated"
                      [checked]="picked().size === may().length && may().length > 0"
                      [disabled]="!may().length"
                      (change)="all($any($event.target).checked)"
                    />
                  </th>
                  <th scope="col">Site</th>
                  <th scope="col">Version</th>
                  <th scope="col">A copy of it</th>
                </tr>
              </thead>
              <tbody>
                @for (s of lines(); track s.id) {
                  <tr>
                    <td>
                      <input
                        type="checkbox"
                        [attr.aria-label]="s.name"
                        [checked]="picked().has(s.id)"
                        [disabled]="!s.may"
                        (change)="pick(s.id)"
                      />
                    </td>
                    <td class="name">
                      <a [routerLink]="['/sites', s.id, 'care']" fragment="update">{{ s.name }}</a>
                    </td>
                    <td>{{ s.engine }}</td>
                    <td>
                      <span class="chip {{ s.tone }}">{{ s.chip }}</span>
                      <span class="quiet"> {{ s.words }}</span>
                    </td>
                  </tr>
                }
              </tbody>
            </table>
          }
        </section>
        <section aria-labelledby="servers-behind">
          <h2 id="servers-behind" class="gap">Servers</h2>
          <p class="quiet">
            The agent is Tin Porch’s own. Of their systems it is no master: it says what is behind, and leaves it to
            whoever is.
          </p>
          <div class="shelves">
            @if (f.servers.length) {
              <tp-agent-versions
                class="sheet"
                [agents]="f.agents"
                [servers]="f.servers"
                [now]="now()"
                (changed)="again.next()"
              />
            }
            @for (s of f.servers; track s.name) {
              <tp-server-versions class="sheet" [server]="s" [newest]="f.engine" [now]="now()" />
            } @empty {
              <p class="quiet">No site is on a server yet.</p>
            }
          </div>
        </section>
      } @else if (!fault()) {
        <p class="quiet" role="status">Asking …</p>
      }
    </main>
  `,
  styles: `
    section {
      margin-bottom: 18px;
    }
    main > .note {
      margin-bottom: 12px;
    }
    .card .bar {
      margin: 0;
    }
    section > .bar {
      margin: 12px 0;
    }
    select {
      width: auto;
      min-height: 32px;
      padding: 4px 8px;
    }
    ul:not(.plain-list) {
      margin: 6px 0;
      padding-left: 20px;
    }
    td:first-child,
    th:first-child {
      width: 40px;
    }
    section > p {
      margin: 6px 0 10px;
    }
    .shelves {
      display: grid;
      gap: 12px;
    }
    .wave {
      display: grid;
      grid-template-columns: 70px minmax(0, max-content) minmax(140px, 1fr);
      align-items: center;
      gap: 4px 12px;
      margin: 6px 0;
    }
    .bar-of {
      display: flex;
      gap: 2px;
      min-width: 0;
    }
    .bit {
      flex: 0 1 56px;
      min-width: 2px;
      height: 12px;
      border-radius: 2px;
      background: var(--tin-2);
    }
    .bit.done {
      background: var(--moss);
    }
    .bit.going {
      background: var(--rain);
    }
    .bit.left,
    .bit.back {
      background: var(--lamp);
    }
    .bit.trouble {
      background: var(--brick);
    }
    .fault-line {
      color: var(--brick);
    }
    @media (max-width: 600px) {
      .wave {
        grid-template-columns: 60px minmax(0, 1fr);
      }
      .wave .quiet {
        grid-column: 2;
      }
      table.rows,
      tbody,
      tr {
        display: block;
      }
      thead {
        display: none;
      }
      tr {
        display: grid;
        grid-template-columns: 32px minmax(0, 1fr) auto;
        border-bottom: 1px solid var(--tin-2);
        padding: 6px 12px;
      }
      td {
        border: 0 !important;
        padding: 4px 0 !important;
      }
      td:nth-child(4) {
        grid-column: 2 / 4;
      }
    }
  `,
})
export class UpdatesPlace {
  protected readonly api = inject(PorchApi);
  private readonly dialogs = inject(Dialogs);
  protected readonly found = signal<Found | null>(null);
  protected readonly fault = signal('');
  protected readonly said = signal('');
  protected readonly busy = signal(false);
  protected readonly now = signal(Date.now());
  protected readonly rest = signal(60);
  protected readonly again = new Subject<void>();
  /** Those left out by hand: whatever comes is in. */
  private readonly out = signal<ReadonlySet<string>>(new Set());
  protected readonly rests = RESTS;
  protected readonly states = STATES;
  protected readonly some = some;

  protected readonly behind = computed(() => {
    const f = this.found();
    // One that is served and was not looked at so far is not there yet.
    return f ? f.sites.filter((s) => s.engine !== null && (s.engine < f.engine || s.last?.state === 'going')) : [];
  });
  protected readonly lines = computed(() =>
    this.behind().map((s) => {
      const state = trialState(s);
      return { ...{ id: s.id, name: s.name, engine: s.engine }, ...state, may: state.tone !== 'brick' };
    }),
  );
  protected readonly may = computed(() => this.lines().filter((l) => l.may));
  protected readonly picked = computed(() => new Set(this.may().flatMap((l) => (this.out().has(l.id) ? [] : [l.id]))));
  /** What would be updated, and what is to be tried first. */
  protected readonly ready = computed(() => [...this.picked()]);
  protected readonly untried = computed(() =>
    this.behind()
      .filter((s) => !s.trial?.counts && !s.wanted && !s.job)
      .map((s) => s.id),
  );
  protected readonly under = computed(() => ['going', 'held'].includes(this.found()?.rollout?.state ?? ''));
  /** What the oldest of them lacks. */
  protected readonly missing = computed(() => {
    const least = Math.min(...this.behind().map((s) => s.engine!));
    return this.found()?.changes.filter((c) => c.engine > least) ?? [];
  });
  protected readonly line = computed(() => {
    const f = this.found();
    if (!f) return '';
    const { newest } = f.agents;
    const agents = f.servers.filter((s) => newest && s.program && s.program.running !== newest.version).length;
    const holes = f.servers.filter((s) => s.packages?.some((p) => p.security)).length;
    return [
      this.behind().length ? `${some(this.behind().length, 'site')} behind` : 'Every site up to date',
      agents ? `${some(agents, 'agent')} behind` : '',
      holes ? `${some(holes, 'server')} with a hole to close` : '',
    ]
      .filter(Boolean)
      .join(', ');
  });

  constructor() {
    const events = inject(PorchEvents);
    merge(
      events.all.pipe(
        filter((e) => e.kind === 'care' || e.kind === 'job'),
        debounceTime(250),
      ),
      events.back,
      this.again,
      // Nobody is told of what belongs to no site.
      timer(LOOK_MS, LOOK_MS).pipe(filter(() => isOpen(this.found()?.agents.job ?? null))),
      timer(LOOK_MS, LOOK_MS).pipe(filter(() => this.under() || this.behind().some((s) => s.wanted || s.job))),
    )
      .pipe(
        startWith(null),
        switchMap(() =>
          this.api.get<Found>('/updates').pipe(
            catchError((error: unknown) => {
              this.fault.set(asRefusal(error).message);
              return EMPTY;
            }),
          ),
        ),
        takeUntilDestroyed(),
      )
      .subscribe((found) => {
        this.fault.set('');
        this.now.set(Date.now());
        this.found.set(found);
      });
  }

  /** What is under way, or was not long ago. */
  protected readonly lately = computed(() => {
    const r = this.found()?.rollout;
    return r && (!r.endedAt || this.now() - Date.parse(r.endedAt) < LATELY_MS) ? r : null;
  });

  protected nameOf = (id: string) => this.found()?.sites.find((s) => s.id === id)?.name ?? id;
  protected count = (r: Rollout, state: Rollout['sites'][number]['state']) =>
    r.sites.filter((s) => s.state === state).length;
  protected headOf(r: Rollout): string {
    return {
      going: `Updating ${some(r.sites.length, 'site')} to version ${r.engine}`,
      held: 'Held: a site has trouble',
      stopped: `The update to version ${r.engine} was stopped`,
      done: `Updated to version ${r.engine}`,
    }[r.state];
  }
  protected wordsOf(r: Rollout): string {
    const begun = `Begun by ${r.by} ${when(r.begunAt, this.now())}.`;
    if (r.state === 'held') return `${begun} No other is updated until you say how to go on.`;
    if (r.state === 'going' && r.nextAt) {
      const next = WAVES[r.wave + 1]!.toLowerCase();
      return `${begun} It rests; ${next} ${r.wave + 1 === 3 ? 'follows' : 'follow'} ${Date.parse(r.nextAt) > this.now() ? `at ${time(r.nextAt)}` : 'now'}.`;
    }
    return r.endedAt ? `${begun} Ended ${when(r.endedAt, this.now())}.` : begun;
  }
  protected wavesOf(r: Rollout) {
    return [1, 2, 3].flatMap((wave) => {
      const sites = r.sites.filter((s) => s.wave === wave);
      if (!sites.length) return [];
      const counts = new Map<string, number>();
      for (const s of sites) counts.set(STATES[s.state], (counts.get(STATES[s.state]) ?? 0) + 1);
      const words = [...counts].map(([state, n]) => (n === sites.length && n === 1 ? state : `${n} ${state}`));
      return [{ wave, name: WAVES[wave]!, sites, words: words.join(', ') }];
    });
  }
  /** Sites of which there is something to be said. */
  protected told = (r: Rollout) => r.sites.filter((s) => s.words);

  protected all(checked: boolean): void {
    this.out.set(new Set(checked ? [] : this.may().map((l) => l.id)));
  }
  protected pick(id: string): void {
    const out = new Set(this.out());
    if (!out.delete(id)) out.add(id);
    this.out.set(out);
  }

  protected readonly mayTry = computed(() => !this.busy() && this.untried().length > 0);
  protected readonly mayRoll = computed(() => !this.busy() && !this.under() && this.ready().length > 0);
  protected tryOut = async () => {
    if (!this.mayTry()) return;
    await this.ask(async () => {
      const { wanted } = await firstValueFrom(
        this.api.post<Answered<'POST /updates/trials'>>('/updates/trials', { sites: this.untried() }),
      );
      this.said.set(`${some(wanted, 'copy is', 'copies are')} tried one after the other; what is found appears below.`);
    });
  };
  protected async roll(): Promise<void> {
    if (!this.mayRoll()) return;
    const sites = this.ready();
    const look = this.lines().filter((l) => this.picked().has(l.id) && l.tone === 'lamp').length;
    const sure = await this.dialogs.confirm({
      title: `Update ${some(sites.length, 'site')}?`,
      words: [
        'First the one that fewest come to, then a few, then the rest. Each is gone into as a visitor afterwards, and taken back where something is wrong; then no other is updated.',
        look
          ? `${some(look, 'site looks', 'sites look')} otherwise and ${look === 1 ? 'is' : 'are'} left out until somebody lets ${look === 1 ? 'it' : 'them'} through.`
          : '',
      ]
        .filter(Boolean)
        .join(' '),
      act: `Update ${sites.length === 1 ? 'it' : 'them'}`,
    });
    if (sure)
      await this.ask(async () => {
        await firstValueFrom(this.api.post('/updates/rollout', { sites, restMinutes: this.rest() }));
        this.said.set('');
      });
  }
  protected stop = () => this.ask(() => firstValueFrom(this.api.delete('/updates/rollout')));
  protected on = () => this.ask(() => firstValueFrom(this.api.post('/updates/rollout/on')));
  protected async back(r: Rollout): Promise<void> {
    const n = this.count(r, 'done');
    const sure = await this.dialogs.confirm({
      title: `Take the update of ${some(n, 'site')} back?`,
      words: 'Each is served again as it was before. What was deployed or changed since stays as it is.',
      act: 'Take it back',
    });
    if (sure) await this.ask(() => firstValueFrom(this.api.post('/updates/rollout/back')));
  }
  private async ask(what: () => Promise<unknown>): Promise<void> {
    if (this.busy()) return;
    this.busy.set(true);
    this.fault.set('');
    try {
      await what();
      this.found.set(await firstValueFrom(this.api.get<Found>('/updates')));
    } catch (error) {
      this.fault.set(asRefusal(error).message);
    }
    this.busy.set(false);
  }
}
