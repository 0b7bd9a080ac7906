import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { RouterLink } from '@angular/router';
import { catchError, debounceTime, EMPTY, filter, merge, startWith, switchMap } from 'rxjs';
import { PorchEvents } from '../api/events';
import type { Answered } from '../api/model';
import { asRefusal, PorchApi } from '../api/porch-api';
import { FindingView } from '../parts/finding';
import { OutageLines } from '../parts/outage-lines';
import { some } from '@tin-porch/core/some';
import { when } from '../parts/when';
import { FindingGroup } from './finding-group';

/** So many of the last rounds stand there at first. */
const FIRST = 6;
type Fleet = Answered<'GET /rounds'>;

/** The daily round: what of the fleet needs somebody, the most needed first; and what was, in case somebody asks. */
@Component({
  selector: 'tp-rounds',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'contents' },
  imports: [RouterLink, FindingView, FindingGroup, OutageLines],
  template: `
    <main class="place">
      <div class="between">
        <h1>Rounds</h1>
        @if (api.may('helper')) {
          <button class="act" type="button" (click)="walk()">Walk them all now</button>
        }
      </div>
      @if (fault()) {
        <p class="note brick" role="alert">{{ fault() }}</p>
      }
      @if (said()) {
        <p class="note" role="status">{{ said() }}</p>
      }
      @if (fleet(); as f) {
        <div class="fleet">
          <section aria-label="What there is to do">
            @if (f.walked) {
              <p class="stands">{{ f.line }}</p>
            } @else {
              <p class="quiet">No site is on a server yet. The first round begins as soon as one is.</p>
            }
            @if (down().length) {
              <div class="note brick" role="alert">
                <b>Nobody gets in to {{ some(down().length, 'site') }}.</b>
                <tp-outage-lines [outages]="down()" />
              </div>
            }
            @for (g of f.groups; track g.kind) {
              <tp-finding-group [group]="g" [now]="now()" />
            }
            @if (f.snoozed.length) {
              <details class="gap">
                <summary>Put off: {{ some(f.snoozed.length, 'thing') }}</summary>
                @for (x of f.snoozed; track x.site + x.key) {
                  <tp-finding [finding]="x" [now]="now()" />
                }
              </details>
            }
          </section>
          <aside aria-label="What was">
            <h2>Whether visitors get in</h2>
            @if (f.watched.lookedAt; as at) {
              <p>
                {{ letIn(f) }} let visitors in who come by their names, looked at {{ ago(at) }} from
                {{ f.watched.places.join(', ') }}.
                @if (f.watched.open > f.watched.sites) {
                  {{ some(f.watched.open - f.watched.sites, 'site has', 'sites have') }} not been looked at yet.
                }
              </p>
            } @else {
              <p class="quiet">No site is open on its own domain yet. Each that is, is looked at every minute.</p>
            }
            @if (past().length) {
              <h3>When nobody got in, in 90 days</h3>
              <tp-outage-lines [outages]="past()" />
            }
            <h2>Mended in the last week</h2>
            <ul class="plain-list">
              @for (m of f.mended; track m.site + m.endedAt + m.title) {
                <li>
                  <a [routerLink]="['/sites', m.site, 'care']">{{ m.name }}</a>: {{ m.title }}
                  <span class="quiet">{{ ago(m.endedAt) }}, by {{ m.by }}</span>
                </li>
              } @empty {
                <li class="quiet">Nothing.</li>
              }
            </ul>
            <h2>Walked</h2>
            <p class="quiet">Each site once a day, at an hour of its own, and after each mend.</p>
            <ul class="plain-list">
              @for (r of rounds(); track r.site + r.at) {
                <li>
                  <a [routerLink]="['/sites', r.site, 'care']">{{ r.name }}</a>
                  <span class="quiet">
                    {{ ago(r.at) }}: {{ some(r.checks, 'check') }},
                    {{ r.findings ? some(r.findings, 'finding') : 'nothing found' }}
                  </span>
                </li>
              } @empty {
                <li class="quiet">No round has been walked yet.</li>
              }
            </ul>
            @if (f.rounds.length > rounds().length) {
              <button class="link" type="button" (click)="all.set(true)">
                Show the {{ f.rounds.length - rounds().length }} before
              </button>
            }
          </aside>
        </div>
      } @else if (!fault()) {
        <p class="quiet" role="status">Asking …</p>
      }
    </main>
  `,
  styles: `
    .fleet {
      display: grid;
      grid-template-columns: minmax(0, 1fr) minmax(260px, 340px);
      gap: 12px 40px;
      margin-top: 6px;
    }
    aside h2:not(:first-child),
    aside h3 {
      margin-top: 20px;
    }
    @media (max-width: 760px) {
      .fleet {
        grid-template-columns: minmax(0, 1fr);
        row-gap: 24px;
      }
    }
    main > .note {
      margin-bottom: 12px;
    }
    .stands {
      font-size: 17px;
      font-weight: 600;
    }
    li {
      padding: 4px 0;
    }
    .note.brick {
      margin-top: 14px;
    }
    details.gap {
      margin-top: 20px;
    }
  `,
})
export class RoundsPlace {
  protected readonly api = inject(PorchApi);
  protected readonly fleet = signal<Fleet | null>(null);
  protected readonly said = signal('');
  protected readonly fault = signal('');
  protected readonly now = signal(Date.now());
  protected readonly some = some;
  protected readonly down = computed(() => this.fleet()?.outages.filter((o) => !o.endedAt) ?? []);
  protected readonly past = computed(() => this.fleet()?.outages.filter((o) => o.endedAt) ?? []);
  protected readonly all = signal(false);
  protected readonly rounds = computed(() => this.fleet()?.rounds.slice(0, this.all() ? undefined : FIRST) ?? []);

  constructor() {
    const events = inject(PorchEvents);
    merge(events.all.pipe(filter((e) => e.kind === 'care' || e.kind === 'job')), events.back)
      .pipe(
        startWith(null),
        debounceTime(200),
        switchMap(() =>
          this.api.get<Fleet>('/rounds').pipe(
            catchError((e: unknown) => {
              this.fault.set(asRefusal(e).message);
              return EMPTY;
            }),
          ),
        ),
        takeUntilDestroyed(),
      )
      .subscribe((fleet) => {
        this.now.set(Date.now());
        this.fleet.set(fleet);
        this.fault.set('');
      });
  }
  /** How many sites let visitors in: all only where all were looked at. */
  protected letIn({ watched: { open, sites } }: Fleet): string {
    const well = sites - this.down().length;
    return well === open ? `All ${some(open, 'site')}` : `${some(well, 'site')} of ${open}`;
  }
  protected walk(): void {
    this.api.post<{ jobs: number }>('/rounds').subscribe({
      next: ({ jobs }) =>
        this.said.set(`${some(jobs, 'round has', 'rounds have')} begun; what they find appears below as they end.`),
      error: (e: unknown) => this.fault.set(asRefusal(e).message),
    });
  }
  protected ago = (iso: string) => when(iso, this.now());
}
