import { ChangeDetectionStrategy, Component, computed, effect, inject, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { catchError, EMPTY, filter, forkJoin, merge, switchMap } from 'rxjs';
import { takeUntilDestroyed, toObservable } from '@angular/core/rxjs-interop';
import { PorchEvents } from '../../api/events';
import type { Answered, Job, SiteLine } from '../../api/model';
import { asRefusal, PorchApi } from '../../api/porch-api';
import { DeskPeople } from '../../client/desk-people';
import { TakeAlong } from '../../client/take-along';
import { Going, WholeSite } from '../../client/whole-site';
import { LiveChanges } from '../../client/live-changes';
import { FindingView } from '../../parts/finding';
import { JobSteps } from '../../parts/job-steps';
import { OutageLines } from '../../parts/outage-lines';
import { VisitBars } from '../../parts/visit-bars';
import { ReleaseList } from '../release-list';
import { some } from '@tin-porch/core/some';
import { day, daysLeft, when } from '../../parts/when';
import { SitePlan } from '../../books/site-plan';
import { Worktable } from '../../parts/worktable';
import { SiteBackups } from '../site-backups';
import { SiteHome } from '../site-home';
import { SiteLab } from '../site-lab';
import { SiteUpdates } from '../site-updates';
import { SiteVisits } from '../site-visits';
import { SiteStore } from '../site-store';
import { StagingCopy } from '../staging-copy';

type Watched = Answered<'GET /sites/:id/care'>;
/** Work that is not at its end. */
const OPEN: ReadonlySet<Job['state']> = new Set(['waiting', 'running', 'retrying']);
/** The work that is seen here. */
const SHOWN: ReadonlySet<Job['kind']> = new Set([
  'round',
  'lab',
  'trial',
  'update',
  'rollback',
  'backup',
  'revive',
  'move',
  'leave',
  'remove',
]);

@Component({
  selector: 'tp-step',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [
    RouterLink,
    SiteBackups,
    StagingCopy,
    SiteHome,
    SiteLab,
    SiteUpdates,
    SitePlan,
    SiteVisits,
    LiveChanges,
    DeskPeople,
    TakeAlong,
    Going,
    WholeSite,
    Worktable,
    JobSteps,
    VisitBars,
    FindingView,
    ReleaseList,
    OutageLines,
  ],
  template: `
    <tp-worktable controlsName="Findings" besideName="What was measured" [even]="true" [reading]="true">
      @if (store.detail(); as site) {
        <tp-going />
        <tp-staging-copy />
        @if (site.liveRelease) {
          <tp-live-changes />
        }
        <h2>{{ verdict() }}</h2>
        @if (fault()) {
          <p class="note brick" role="alert">{{ fault() }}</p>
        }
        @for (f of findings(); track f.key) {
          <tp-finding [finding]="f" [now]="store.now()" />
        }
        @if (putOff().length) {
          <details>
            <summary>Put off: {{ some(putOff().length, 'thing') }}</summary>
            @for (f of putOff(); track f.key) {
              <tp-finding [finding]="f" [now]="store.now()" />
            }
          </details>
        }
        @if (!site.liveRelease) {
          <p class="quiet">Rounds begin once the site is on a server. <a routerLink="../publish">To publishing</a></p>
        }
        @if (site.releases.length > 1) {
          <h2 class="gap">Releases</h2>
          <p class="quiet">If something went wrong with the one that is live, another is served in a moment.</p>
          <tp-release-list />
        }
        @if (site.liveRelease) {
          <tp-desk-people />
        }
        @if (site.liveRelease) {
          <tp-site-backups />
        }
        @if (site.liveRelease) {
          <tp-site-plan />
        }
        <tp-site-home />
        @if (site.document.pages.length) {
          <tp-take-along />
        }
        <tp-whole-site />
      }
      <ng-container beside>
        @if (job(); as job) {
          <tp-job-steps [job]="job" [now]="store.now()" (cancel)="store.cancel(job)" />
        } @else {
          <h2>No round yet</h2>
        }
        @if (watched(); as w) {
          @if (w.looks) {
            <h2 class="gap">Whether visitors get in</h2>
            <p>
              <b>{{ w.share }} %</b> of {{ w.looks === 1 ? '1 look' : w.looks.toLocaleString('en-GB') + ' looks' }} in
              the last 30 days, each minute from {{ w.places.join(' and from ')
              }}{{ w.lookedAt ? '; the last ' + ago(w.lookedAt) : '' }}.
            </p>
            @if (w.outages.length) {
              <tp-outage-lines [outages]="w.outages" [named]="false" />
            }
          }
        }
        @if (store.detail()?.certificate; as c) {
          <h2 class="gap">Certificate</h2>
          <p>
            {{ some(left(c.notAfter), 'day') }} left, until {{ date(c.notAfter) }}. Renewed by itself when 30 are left.
          </p>
        }
        @if (store.detail()?.liveRelease) {
          <tp-site-visits />
        }
        @if (summary()?.weeks; as weeks) {
          <h3 class="gap">Week by week</h3>
          <tp-visit-bars [weeks]="weeks" />
        }
        @if (store.detail()?.liveRelease) {
          <tp-site-lab />
          <tp-site-updates />
        }
      </ng-container>
    </tp-worktable>
  `,
})
export class CareStep {
  protected readonly store = inject(SiteStore);
  private readonly api = inject(PorchApi);
  protected readonly summary = signal<SiteLine | null>(null);
  protected readonly watched = signal<Watched | null>(null);
  protected readonly findings = computed(() => this.watched()?.findings.filter((f) => !f.snoozed) ?? []);
  protected readonly putOff = computed(() => this.watched()?.findings.filter((f) => f.snoozed) ?? []);
  protected readonly fault = signal('');
  protected readonly job = computed(() => {
    const jobs = (this.store.detail()?.jobs ?? []).filter((j) => SHOWN.has(j.kind));
    // What became of a backup is said where the backups are.
    return jobs.find((j) => OPEN.has(j.state)) ?? jobs.find((j) => j.kind !== 'backup') ?? null;
  });
  protected readonly verdict = computed(() => {
    const n = this.findings().length;
    if (n) return `${some(n, 'thing')} to mend`;
    if (this.putOff().length) return 'Well but for what is put off';
    return this.summary()?.lastRound
      ? `All well, ${when(this.summary()!.lastRound, this.store.now())}`
      : 'Not looked at yet';
  });

  constructor() {
    effect(() => {
      const site = this.store.detail();
      this.store.main.set(
        site?.liveRelease && !site.leavesAt
          ? {
              label: 'Walk a round',
              run: () => void this.store.begin('round'),
              for: 'helper',
              why: this.store.openJob()?.kind === 'round' && 'A round is being walked now.',
            }
          : null,
      );
    });
    // What stands there is asked for again after each change of this site and each round over it; the newest answer counts.
    merge(
      toObservable(this.store.detail),
      inject(PorchEvents).all.pipe(filter((e) => e.kind === 'care' && e.site === this.store.id())),
    )
      .pipe(
        filter(() => this.store.detail() !== null),
        switchMap(() =>
          forkJoin([
            this.api.get<{ sites: SiteLine[] }>('/sites'),
            this.api.get<Watched>(`/sites/${this.store.id()}/care`),
          ]).pipe(
            catchError((error: unknown) => {
              this.fault.set(`What is found was not asked for again. ${asRefusal(error).message}`);
              return EMPTY;
            }),
          ),
        ),
        takeUntilDestroyed(),
      )
      .subscribe(([{ sites }, watched]) => {
        const id = this.store.id();
        this.fault.set('');
        this.summary.set(sites.find((s) => s.id === id) ?? null);
        this.watched.set(watched);
      });
  }
  protected ago = (iso: string) => when(iso, this.store.now());
  protected left = (iso: string) => daysLeft(iso, this.store.now());
  protected date = day;
  protected some = some;
}
