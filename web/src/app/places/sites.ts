import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { DomSanitizer, type SafeResourceUrl } from '@angular/platform-browser';
import { RouterLink } from '@angular/router';
import { NgIcon } from '@ng-icons/core';
import { merge, startWith } from 'rxjs';
import { debounceTime } from 'rxjs/operators';
import { PorchEvents } from '../api/events';
import type { OpenFinding, SiteLine } from '../api/model';
import { asRefusal, PorchApi } from '../api/porch-api';
import { ChipView } from '../parts/chip';
import { FindingView } from '../parts/finding';
import { SparkLine } from '../parts/spark-line';
import { some } from '@tin-porch/core/some';
import { daysLeft, when } from '../parts/when';
import { Gone } from './gone';
import { STEP_TITLES } from '../site/step-titles';

/** Findings that stand under Today. */
const MOST_FINDINGS = 4;

@Component({
  selector: 'tp-sites',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'contents' },
  imports: [RouterLink, NgIcon, ChipView, SparkLine, FindingView, Gone],
  styleUrl: './sites.scss',
  template: `
    <div class="sites">
      <aside class="today" aria-label="Today">
        <h1>Today</h1>
        <p class="quiet">{{ today() }}</p>
        @for (f of worst(); track f.site + f.key) {
          <tp-finding [finding]="f" [brief]="true" />
        }
        @if (findings().length > worst().length) {
          <p>
            <a routerLink="/rounds">{{ some(findings().length - worst().length, 'finding') }} more, in Rounds</a>
          </p>
        }
        @for (s of shown(); track s.id) {
          <article class="finding rain">
            <h2>{{ s.name }}</h2>
            <p>{{ need(s) }}</p>
            <a class="plain small" [routerLink]="['/sites', s.id, next(s).step]">{{ titles[next(s).step] }}</a>
          </article>
        }
        @if (needing().length > shown().length) {
          <p>
            <button class="plain small" type="button" (click)="all.set(true)">
              Show the other {{ needing().length - shown().length }}
            </button>
          </p>
        }
        @if (lastRound(); as at) {
          <p class="quiet rule">Last round {{ ago(at) }}.</p>
        }
      </aside>
      <main class="lists">
        @if (fault()) {
          <p class="note brick" role="alert">{{ fault() }}</p>
        }
        <div class="between">
          <h2>
            On the bench
            @if (loaded()) {
              <span class="quiet">{{ made().length }} being made</span>
            }
          </h2>
          <a class="act" routerLink="/new"><ng-icon name="lucidePlus" aria-hidden="true" />New brief</a>
        </div>
        <div class="bench">
          @for (s of bench(); track s.id) {
            <a class="sheet" [routerLink]="['/sites', s.id, s.stagingOf ? 'care' : next(s).step]">
              @if (thumb(s); as url) {
                <span class="thumb"
                  ><iframe [src]="url" loading="lazy" tabindex="-1" aria-hidden="true" sandbox="" title=""></iframe
                ></span>
              } @else {
                <span class="thumb none" aria-hidden="true"></span>
              }
              <span class="what">
                <b>{{ s.name || 'A client without a name' }}</b>
                <span class="beads" aria-hidden="true">
                  @for (step of s.path; track step.step) {
                    <i class="{{ step.state }}"></i>
                  }
                </span>
                @if (s.stagingOf) {
                  <span class="quiet">Staging copy</span>
                } @else {
                  <span
                    ><b>{{ titles[next(s).step] }}:</b> {{ next(s).words || 'to begin' }}</span
                  >
                }
              </span>
            </a>
          } @empty {
            @if (loaded()) {
              <p class="quiet">Nothing is being made. A new brief begins with whatever the client has sent you.</p>
            }
          }
        </div>
        <h2 class="gap">
          In the world
          @if (loaded()) {
            <span class="quiet">{{ live().length }} live</span>
          }
        </h2>
        @if (live().length) {
          <table class="rows">
            <thead>
              <tr>
                <th class="wide"><span class="sr">Picture</span></th>
                <th>Site</th>
                <th>State</th>
                <th class="wide">Certificate</th>
                <th class="wide">Visits, 12 weeks</th>
                <th class="wide">This week</th>
              </tr>
            </thead>
            <tbody>
              @for (s of live(); track s.id) {
                <tr>
                  <td class="wide">
                    @if (thumb(s); as url) {
                      <span class="thumb"
                        ><iframe
                          [src]="url"
                          loading="lazy"
                          tabindex="-1"
                          aria-hidden="true"
                          sandbox=""
                          title=""
                        ></iframe
                      ></span>
                    }
                  </td>
                  <td>
                    <a class="name" [routerLink]="['/sites', s.id, 'care']">{{ s.name }}</a><br /><span
                      class="mono quiet"
                      >{{ s.address }}</span
                    >
                  </td>
                  <td><tp-chip [chip]="s.chip" /></td>
                  <td class="wide">{{ s.certificateUntil ? days(s.certificateUntil) : 'none' }}</td>
                  <td class="wide">
                    @if (s.weeks; as weeks) {
                      <tp-spark-line [weeks]="weeks" />
                    } @else {
                      <span class="quiet">not counted yet</span>
                    }
                  </td>
                  <td class="wide">{{ s.weeks?.at(-1) }}</td>
                </tr>
              }
            </tbody>
          </table>
        } @else if (loaded()) {
          <p class="quiet">No site is live yet.</p>
        }
        <tp-gone [sites]="sites()" />
      </main>
    </div>
  `,
})
export class SitesPlace {
  private readonly api = inject(PorchApi);
  private readonly safe = inject(DomSanitizer);
  protected readonly titles = STEP_TITLES;
  protected readonly sites = signal<SiteLine[]>([]);
  protected readonly findings = signal<OpenFinding[]>([]);
  /** What stands here of them: broken things come first, and the rest is gone through in Rounds. */
  protected readonly worst = computed(() => this.findings().slice(0, MOST_FINDINGS));
  protected readonly loaded = signal(false);
  protected readonly fault = signal('');
  protected readonly bench = computed(() => this.sites().filter((s) => !s.open && !s.leavesAt));
  /** Those of them that are to be sites of their own. */
  protected readonly made = computed(() => this.bench().filter((s) => !s.stagingOf));
  protected readonly live = computed(() => this.sites().filter((s) => s.open && !s.leavesAt));
  protected readonly needing = computed(() => [
    ...this.live().filter((s) => s.path.find((p) => p.step === 'publish')?.state === 'needs'),
    // What a staging copy lacks, its site lacks: or it is being tried.
    ...this.made(),
  ]);
  protected readonly all = signal(false);
  protected readonly shown = computed(() => (this.all() ? this.needing() : this.needing().slice(0, 5)));
  protected readonly lastRound = computed(
    () =>
      this.sites()
        .map((s) => s.lastRound)
        .filter((r): r is string => r !== null)
        .sort()
        .at(-1) ?? null,
  );
  protected readonly today = computed(() => {
    if (!this.loaded()) return this.fault() ? 'Not known now.' : 'Asking …';
    const n = this.findings().length + this.needing().length;
    const down = this.findings().filter((f) => f.severity === 'broken').length;
    const needs = n === 0 ? 'Nothing needs you' : some(n, 'thing needs you', 'things need you');
    return `${needs}. ${down ? `${some(down, 'thing is', 'things are')} broken.` : this.lastRound() ? 'Nothing was broken at the last round.' : ''}`;
  });
  private readonly thumbs = new Map<string, SafeResourceUrl>();

  constructor() {
    const events = inject(PorchEvents);
    merge(events.all, events.back)
      .pipe(startWith(null), debounceTime(50), takeUntilDestroyed())
      .subscribe(() =>
        this.api.get<{ sites: SiteLine[]; findings: OpenFinding[] }>('/sites').subscribe({
          next: ({ sites, findings }) => {
            this.sites.set(sites);
            this.findings.set(findings.map((f) => ({ ...f, name: sites.find((s) => s.id === f.site)?.name ?? '' })));
            this.loaded.set(true);
            this.fault.set('');
          },
          error: (error: unknown) => this.fault.set(asRefusal(error).message),
        }),
      );
  }
  /** The step that needs the designer first. */
  protected next = (s: SiteLine) =>
    (s.open ? s.path.find((p) => p.step === 'publish') : s.path.find((p) => p.state === 'needs')) ??
    s.path.find((p) => p.state === 'none') ??
    s.path[0]!;
  protected need(s: SiteLine): string {
    const step = this.next(s);
    return s.open
      ? 'Has changes that are not on the live site yet.'
      : `${this.titles[step.step]}: ${step.words || 'to begin'}.`;
  }
  protected thumb(s: SiteLine): SafeResourceUrl | null {
    if (!s.drawn) return null;
    const url = `/window/sites/${s.id}?head=${s.head}`;
    let safe = this.thumbs.get(url);
    if (!safe) this.thumbs.set(url, (safe = this.safe.bypassSecurityTrustResourceUrl(url)));
    return safe;
  }
  protected readonly some = some;
  protected days = (iso: string) => some(daysLeft(iso), 'day');
  protected ago = (iso: string) => when(iso);
}
