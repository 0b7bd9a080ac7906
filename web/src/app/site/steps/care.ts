import { ChangeDetectionStrategy, Component, computed, effect, inject, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { catchError, EMPTY, filter, merge, switchMap } from 'rxjs';
import { takeUntilDestroyed, toObservable } from '@angular/core/rxjs-interop';
import { PorchEvents } from '../../api/events';
import type { Job, OpenFinding, SiteLine } from '../../api/model';
import { asRefusal, PorchApi } from '../../api/porch-api';
import { DeskPeople } from '../../client/desk-people';
import { TakeAlong } from '../../client/take-along';
import { Going, WholeSite } from '../../client/whole-site';
import { LiveChanges } from '../../client/live-changes';
import { FindingView } from '../../parts/finding';
import { JobSteps } from '../../parts/job-steps';
import { VisitBars } from '../../parts/visit-bars';
import { ReleaseList } from '../release-list';
import { some } from '@tin-porch/core/some';
import { day, daysLeft, when } from '../../parts/when';
import { Worktable } from '../../parts/worktable';
import { SiteBackups } from '../site-backups';
import { SiteHome } from '../site-home';
import { SiteStore } from '../site-store';

/** Work that is not at its end. */
const OPEN: ReadonlySet<Job['state']> = new Set(['waiting', 'running', 'retrying']);
/** The work that is seen here. */
const SHOWN: ReadonlySet<Job['kind']> = new Set(['round', 'rollback', 'backup', 'revive', 'move', 'leave', 'remove']);

@Component({
  selector: 'tp-step',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [
    RouterLink,
    SiteBackups,
    SiteHome,
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
  ],
  template: `
    <tp-worktable controlsName="Findings" besideName="What was measured" [even]="true" [reading]="true">
      @if (store.detail(); as site) {
        <tp-going />
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
        @if (store.detail()?.certificate; as c) {
          <h2 class="gap">Certificate</h2>
          <p>
            {{ some(left(c.notAfter), 'day') }} left, until {{ date(c.notAfter) }}. Renewed by itself when 30 are left.
          </p>
        }
        @if (summary()?.weeks; as weeks) {
          <h2 class="gap">Visits, week by week</h2>
          <tp-visit-bars [weeks]="weeks" />
          <p class="quiet">
            {{ weeks.at(-1) }} in the last seven days, {{ weeks.at(-2) }} in the seven before; from the server’s own
            access logs, without cookies.
          </p>
        }
      </ng-container>
    </tp-worktable>
  `,
})
export class CareStep {
  protected readonly store = inject(SiteStore);
  private readonly api = inject(PorchApi);
  protected readonly summary = signal<SiteLine | null>(null);
  protected readonly findings = signal<OpenFinding[]>([]);
  protected readonly fault = signal('');
  protected readonly job = computed(() => {
    const jobs = (this.store.detail()?.jobs ?? []).filter((j) => SHOWN.has(j.kind));
    // What became of a backup is said where the backups are.
    return jobs.find((j) => OPEN.has(j.state)) ?? jobs.find((j) => j.kind !== 'backup') ?? null;
  });
  protected readonly verdict = computed(() => {
    const n = this.findings().length;
    if (n) return `${some(n, 'thing')} to mend`;
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
          this.api.get<{ sites: SiteLine[]; findings: OpenFinding[] }>('/sites').pipe(
            catchError((error: unknown) => {
              this.fault.set(`What is found was not asked for again. ${asRefusal(error).message}`);
              return EMPTY;
            }),
          ),
        ),
        takeUntilDestroyed(),
      )
      .subscribe(({ sites, findings }) => {
        const id = this.store.id();
        this.fault.set('');
        this.summary.set(sites.find((s) => s.id === id) ?? null);
        this.findings.set(findings.filter((f) => f.site === id));
      });
  }
  protected left = (iso: string) => daysLeft(iso, this.store.now());
  protected date = day;
  protected some = some;
}
