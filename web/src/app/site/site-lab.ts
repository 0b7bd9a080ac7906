import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { BUDGET, inKilobytes, inSeconds, labWords, withinBudget } from '@tin-porch/core/care';
import { some } from '@tin-porch/core/some';
import type { Answered } from '../api/model';
import { PorchApi } from '../api/porch-api';
import { LabTrend } from '../parts/lab-trend';
import { when } from '../parts/when';
import { askedAgain } from './asked-again';
import { SiteStore } from './site-store';

type Seen = Answered<'GET /sites/:id/lab'>;
/** So many pages are listed at first. */
const FIRST = 6;

/** How the pages of a site come on a phone, and whom something on them is in the way of, as a browser saw it. */
@Component({
  selector: 'tp-site-lab',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [LabTrend],
  template: `
    <h2 class="gap">As a phone shows it</h2>
    @if (fault()) {
      <p class="note brick" role="alert">{{ fault() }}</p>
    }
    @if (found(); as all) {
      @if (first(); as f) {
        <p>{{ f }}</p>
      } @else if (all.able) {
        <p class="quiet">No browser has timed its first page yet.</p>
      } @else {
        <p class="quiet">
          There is no browser to look with. Install Debian’s chromium-headless-shell, and start Tin Porch again.
        </p>
      }
      @if (all.trend.length > 1) {
        <tp-lab-trend [points]="all.trend" />
      }
      @if (all.able && api.may('helper')) {
        <p class="bar">
          <button class="plain" type="button" [attr.aria-disabled]="busy()" (click)="look()">
            {{ busy() ? 'Looking …' : 'Look at its pages now' }}
          </button>
        </p>
      }
      @if (all.pages.length) {
        <ul class="plain-list">
          @for (p of listed(); track p.path) {
            <li>
              <span class="between">
                <b>{{ p.label }}</b>
                <span class="chip {{ p.tone }}">{{ p.chip }}</span>
              </span>
              <span class="quiet">{{ p.words }}</span>
              @for (a of p.faults; track a.rule) {
                <span class="fault-line">{{ a.help }}: {{ a.elements[0] }}</span>
              }
            </li>
          }
        </ul>
        @if (all.pages.length > listed().length) {
          <button class="plain small" type="button" (click)="whole.set(true)">
            Show the other {{ all.pages.length - listed().length }}
          </button>
        }
        <p class="quiet">
          Loaded three times from nothing, the middle one counts: a middling phone on a slow mobile line. Whom something
          is in the way of is looked for by WCAG 2.2 AA, at both widths; what only people can tell is not found that
          way.
        </p>
      }
    } @else if (!fault()) {
      <p class="quiet" role="status">Asking …</p>
    }
  `,
  styles: `
    :host {
      display: block;
    }
    .bar {
      margin: 10px 0;
    }
    li {
      display: grid;
      gap: 2px;
      padding: 8px 0;
      border-bottom: 1px solid var(--tin-2);
    }
    .between {
      gap: 8px;
    }
    ul + button {
      margin: 8px 0;
    }
    .fault-line {
      overflow-wrap: anywhere;
      color: var(--brick);
    }
  `,
})
export class SiteLab {
  private readonly store = inject(SiteStore);
  protected readonly api = inject(PorchApi);
  private readonly asked = askedAgain<Seen>('/lab', 'What a browser saw');
  protected readonly found = this.asked.found;
  protected readonly fault = this.asked.fault;
  protected readonly whole = signal(false);
  protected readonly busy = computed(
    () =>
      this.store.busy('POST /lab') ||
      (this.store.detail()?.jobs ?? []).some(
        (j) => j.kind === 'lab' && (j.state === 'waiting' || j.state === 'running'),
      ),
  );
  /** The first page in a sentence, with when it was timed. */
  protected readonly first = computed(() => {
    const page = this.found()?.pages.find((p) => p.path === '/');
    if (!page?.figures) return '';
    return `On a middling phone the first page ${labWords(page.figures)} (${when(page.timedAt, this.store.now())}).`;
  });
  protected readonly listed = computed(() => {
    const pages = (this.found()?.pages ?? []).map((p) => {
      const slow = p.figures !== null && !withinBudget(p.figures);
      const things = p.faults.length + (slow ? 1 : 0);
      return {
        ...{ path: p.path, label: p.label, faults: p.faults, things },
        tone: things ? 'lamp' : p.figures ? 'moss' : 'grey',
        chip: things ? some(things, 'thing') + ' to mend' : p.figures ? 'good' : 'not timed',
        words: this.wordsOf(p),
      };
    });
    // What has something to mend comes first, and then the first page.
    pages.sort((a, b) => b.things - a.things || a.path.localeCompare(b.path));
    return this.whole() ? pages : pages.slice(0, FIRST);
  });

  private wordsOf({ figures: f, at, timedAt }: Seen['pages'][number]): string {
    const now = this.store.now();
    if (!f) return `Seen ${when(at, now)}; it was too busy here to time it.`;
    const jumps = f.cls > BUDGET.cls ? `, jumps by ${f.cls}` : '';
    const deaf = f.tbt > BUDGET.tbt ? `, deaf for ${inSeconds(f.tbt)}` : '';
    return `${inSeconds(f.lcp)}${jumps}${deaf}; ${inKilobytes(f.bytes)} in ${some(f.requests, 'request')}; ${when(timedAt, now)}.`;
  }

  protected look(): void {
    if (!this.busy()) void this.store.begin('lab');
  }
}
