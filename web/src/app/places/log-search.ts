import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { some } from '@tin-porch/core/some';
import { firstValueFrom } from 'rxjs';
import type { Answered } from '../api/model';
import { asRefusal, PorchApi } from '../api/porch-api';
import { time } from '../parts/when';

type Found = Answered<'GET /logs'>;
type Line = Found['lines'][number];

const ANSWERS = [
  { value: 'any', words: 'whatever was answered' },
  { value: 'refused', words: 'what was not given' },
  { value: 'failed', words: 'what failed' },
  { value: 'led', words: 'what was led on' },
  { value: 'given', words: 'what was given' },
];
const toneOf = (status: number): string =>
  status >= 500 ? 'brick' : status >= 400 ? 'lamp' : status >= 300 ? 'grey' : 'moss';

/** Looks through the access logs of all sites, wherever they are, and says what lies behind what was answered. */
@Component({
  selector: 'tp-log-search',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [RouterLink],
  template: `
    <h2>What was asked of them</h2>
    <p class="quiet">
      The access logs of every site, on every server. Addresses of people are shortened; logs are thrown away after
      three months.
    </p>
    <form class="bar" novalidate role="search" (submit)="$event.preventDefault(); search()">
      <label class="sr" for="log-text">In an address, a page before, or the name of a program</label>
      <input
        id="log-text"
        type="search"
        maxlength="200"
        placeholder="/an-address/, where from, or a program"
        [value]="text()"
        (input)="text.set($any($event.target).value)"
      />
      <label class="sr" for="log-answers">What was answered</label>
      <select id="log-answers" (change)="answers.set($any($event.target).value)">
        @for (a of choices; track a.value) {
          <option [value]="a.value" [selected]="a.value === answers()">{{ a.words }}</option>
        }
      </select>
      <label class="sr" for="log-site">Of which site</label>
      <select id="log-site" (change)="site.set($any($event.target).value)">
        <option value="" [selected]="site() === ''">of every site</option>
        @for (s of sites(); track s.id) {
          <option [value]="s.id" [selected]="s.id === site()">{{ s.name }}</option>
        }
      </select>
      <button class="plain" type="submit" [attr.aria-disabled]="busy()">{{ busy() ? 'Looking …' : 'Look' }}</button>
    </form>
    @if (fault()) {
      <p class="note brick" role="alert">{{ fault() }}</p>
    }
    @if (lines(); as all) {
      @for (g of gaps(); track g.server) {
        <p class="note">{{ g.server }} was not looked through: {{ g.why }}</p>
      }
      <p class="quiet" role="status">{{ sum() }}</p>
      @if (all.length) {
        <ul class="plain-list sheet">
          @for (g of groups(); track $index) {
            @let l = g.newest;
            <li>
              <span class="mono when">{{ at(l) }}</span>
              <span class="chip {{ tone(l) }}">{{ l.status }}</span>
              <span class="what">
                <span>
                  <span class="mono">{{ l.method }} {{ l.path }}</span>
                  @if (g.count > 1) {
                    <b> {{ g.count }} times since {{ g.since }}</b>
                  }
                </span>
                @if (l.cause) {
                  <span>{{ l.cause }}</span>
                }
                <span class="quiet">
                  <a [routerLink]="['/sites', l.site, 'care']">{{ l.name }}</a>, on {{ l.server }};
                  {{ l.machine ? 'a program' : 'somebody' }} at {{ l.address }}{{ l.from ? ', from ' + l.from : '' }}
                </span>
                <span class="quiet agent">{{ l.agent }}</span>
              </span>
            </li>
          }
        </ul>
      }
      @if (earlier()) {
        <button class="plain" type="button" [attr.aria-disabled]="busy()" (click)="more()">Earlier ones</button>
      }
    }
  `,
  styles: `
    :host {
      display: block;
      margin-top: 28px;
    }
    form {
      margin: 10px 0;
    }
    input {
      flex: 1 1 220px;
      max-width: 380px;
    }
    select {
      width: auto;
      max-width: 100%;
    }
    li {
      display: grid;
      grid-template-columns: max-content 60px minmax(0, 1fr);
      align-items: baseline;
      gap: 2px 12px;
      padding: 8px 14px;
      border-bottom: 1px solid var(--tin-2);
    }
    .what {
      display: grid;
      gap: 2px;
      overflow-wrap: anywhere;
    }
    .chip {
      justify-self: start;
    }
    .agent {
      font-size: 12px;
    }
    ul {
      margin-bottom: 12px;
    }
    @media (max-width: 600px) {
      li {
        grid-template-columns: max-content 1fr;
      }
      .what {
        grid-column: 1 / -1;
      }
    }
  `,
})
export class LogSearch {
  /** Sites that may be looked for. */
  readonly sites = input.required<readonly { id: string; name: string }[]>();
  private readonly api = inject(PorchApi);
  protected readonly choices = ANSWERS;
  protected readonly text = signal('');
  protected readonly answers = signal('any');
  protected readonly site = signal('');
  protected readonly busy = signal(false);
  protected readonly fault = signal('');
  protected readonly lines = signal<Line[] | null>(null);
  protected readonly gaps = signal<Found['gaps']>([]);
  protected readonly earlier = signal<string | null>(null);
  /** What the lines are of: what is typed since is looked for next. */
  private asked = new URLSearchParams();
  /** Lines that say the same of the same address, as one with the newest of them; in the order of their newest. */
  protected readonly groups = computed(() => {
    const byWhat = new Map<string, Line[]>();
    for (const l of this.lines() ?? []) {
      const what = [l.site, l.method, l.path, l.status, l.cause, l.machine].join('\n');
      byWhat.set(what, [...(byWhat.get(what) ?? []), l]);
    }
    return [...byWhat.values()].map((of) => ({ newest: of[0]!, count: of.length, since: time(of.at(-1)!.at) }));
  });
  protected at = (l: Line) => time(l.at);
  protected tone = (l: Line) => toneOf(l.status);
  protected sum(): string {
    const all = this.lines() ?? [];
    if (!all.length) return this.earlier() ? 'Nothing of it so far.' : 'Nothing of it is in the logs.';
    return `${some(all.length, 'line')}, the newest first${this.earlier() ? '; there are earlier ones' : ''}.`;
  }

  protected search(): Promise<void> {
    this.asked = new URLSearchParams({ answers: this.answers() });
    if (this.text().trim()) this.asked.set('text', this.text().trim());
    if (this.site()) this.asked.set('site', this.site());
    return this.look('', []);
  }
  protected more = (): Promise<void> => this.look(`&before=${this.earlier()!}`, this.lines() ?? []);

  private async look(before: string, above: Line[]): Promise<void> {
    if (this.busy()) return;
    this.busy.set(true);
    this.fault.set('');
    try {
      const found = await firstValueFrom(this.api.get<Found>(`/logs?${this.asked.toString()}${before}`));
      this.lines.set([...above, ...found.lines]);
      this.gaps.set(found.gaps);
      this.earlier.set(found.earlier);
    } catch (error) {
      this.fault.set(asRefusal(error).message);
    }
    this.busy.set(false);
  }
}
