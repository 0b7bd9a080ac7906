import { ChangeDetectionStrategy, Component, computed, effect, inject, signal } from '@angular/core';
import { takeUntilDestroyed, toObservable } from '@angular/core/rxjs-interop';
import { RouterLink } from '@angular/router';
import { some } from '@tin-porch/core/some';
import { catchError, EMPTY, filter, switchMap } from 'rxjs';
import type { Answered } from '../api/model';
import { asRefusal, PorchApi } from '../api/porch-api';
import { SiteStore } from './site-store';
import { STEP_TITLES } from './step-titles';

type Span = Answered<'GET /sites/:id/visits'>;
/** So many lines stand in a list at first. */
const FIRST = 5;

/** Visits in plain words with the one thing to do next, and the lists behind them. */
@Component({
  selector: 'tp-site-visits',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [RouterLink],
  template: `
    <div class="between">
      <h2>Visits</h2>
      <label class="bar">
        <span class="sr">Of how many days</span>
        <select (change)="days.set($any($event.target).value)">
          @for (o of spans; track o[0]) {
            <option [value]="o[0]" [selected]="o[0] === days()">{{ o[1] }}</option>
          }
        </select>
      </label>
    </div>
    @if (fault()) {
      <p class="fault" role="alert">{{ fault() }}</p>
    }
    @if (span(); as s) {
      <p>{{ s.words.lines.join(' ') }}</p>
      @if (s.words.next; as next) {
        <p class="note rain between">
          <span>{{ next.words }}</span>
          <a class="plain small" [routerLink]="['/sites', store.id(), next.step]">To {{ titles[next.step] }}</a>
        </p>
      }
      @if (lists().length) {
        <div class="lists">
          @for (list of lists(); track list.title) {
            <section>
              <h3>{{ list.title }}</h3>
              <ol>
                @for (line of list.lines; track line.words) {
                  <li>
                    <span class="words">{{ line.words }}</span>
                    <span class="mono quiet">{{ line.count.toLocaleString('en-GB') }}</span>
                    <i aria-hidden="true" [style.width.%]="line.share"></i>
                  </li>
                }
              </ol>
              @if (list.more) {
                <p class="quiet">and {{ some(list.more, 'more', 'more') }}</p>
              }
            </section>
          }
        </div>
      }
      <p class="quiet">
        From the server’s own access logs, without cookies; one address and browser on one day is a visit.
        {{
          s.now.machines
            ? some(s.now.machines, 'request') +
              ' of machines ' +
              (s.now.machines === 1 ? 'is' : 'are') +
              ' not among them.'
            : ''
        }}
      </p>
    } @else if (!fault()) {
      <p class="quiet" role="status">Asking …</p>
    }
  `,
  styles: `
    :host {
      display: block;
      margin-top: 16px;
    }
    select {
      width: auto;
    }
    .lists {
      display: grid;
      grid-template-columns: repeat(auto-fill, minmax(220px, 1fr));
      gap: 14px 24px;
      margin: 10px 0;
    }
    ol {
      margin: 4px 0 0;
      padding: 0;
      list-style: none;
    }
    li {
      display: grid;
      grid-template-columns: minmax(0, 1fr) auto;
      gap: 0 8px;
      padding: 3px 0;
    }
    .words {
      overflow-wrap: anywhere;
    }
    i {
      grid-column: 1 / -1;
      height: 3px;
      background: var(--moss);
    }
    .note {
      margin-top: 8px;
      gap: 8px;
    }
  `,
})
export class SiteVisits {
  protected readonly store = inject(SiteStore);
  private readonly api = inject(PorchApi);
  protected readonly spans: readonly (readonly [string, string])[] = [
    ['7', '7 days'],
    ['28', '4 weeks'],
    ['84', '12 weeks'],
  ];
  protected readonly days = signal('28');
  protected readonly span = signal<Span | null>(null);
  protected readonly fault = signal('');
  protected readonly titles = STEP_TITLES;
  protected readonly some = some;
  private readonly asked = computed(() => {
    const id = this.store.id();
    return id ? `/sites/${id}/visits?days=${this.days()}` : '';
  });
  protected readonly lists = computed(() => {
    const span = this.span();
    if (!span) return [];
    const { byPage, from, devices, missing } = span.now;
    return [
      this.list('What was read', byPage, (path) => span.labels[path] ?? path),
      this.list('Where from', from, (host) => host || 'straight here'),
      this.list(
        'With what',
        devices,
        (device) => ({ phone: 'a phone', tablet: 'a tablet', desktop: 'a desk' })[device] ?? device,
      ),
      this.list('Asked for and not there', missing, (path) => path),
    ].filter((list) => list.lines.length);
  });

  constructor() {
    // What stood there was of other days.
    effect(() => {
      this.asked();
      this.fault.set('');
    });
    toObservable(this.asked)
      .pipe(
        filter((path) => path !== ''),
        switchMap((path) =>
          this.api.get<Span>(path).pipe(
            catchError((error: unknown) => {
              this.fault.set(asRefusal(error).message);
              return EMPTY;
            }),
          ),
        ),
        takeUntilDestroyed(),
      )
      .subscribe((span) => this.span.set(span));
  }

  private list(title: string, counts: Record<string, number>, words: (key: string) => string) {
    const all = Object.entries(counts)
      .filter(([, count]) => count > 0)
      .sort((a, b) => b[1] - a[1]);
    const most = all[0]?.[1] ?? 1;
    return {
      title,
      lines: all
        .slice(0, FIRST)
        .map(([key, count]) => ({ words: words(key), count, share: Math.round((count / most) * 100) })),
      more: Math.max(0, all.length - FIRST),
    };
  }
}
