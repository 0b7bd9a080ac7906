import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { RouterLink } from '@angular/router';
import { catchError, debounceTime, EMPTY, filter, merge, startWith, switchMap } from 'rxjs';
import { PorchEvents } from '../api/events';
import type { OpenFinding } from '../api/model';
import { asRefusal, PorchApi } from '../api/porch-api';
import { FindingView } from '../parts/finding';
import { some } from '@tin-porch/core/some';
import { time } from '../parts/when';

interface Line {
  site: string;
  name: string;
  at: string;
  checks: number;
  findings: number;
}

@Component({
  selector: 'tp-rounds',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'contents' },
  imports: [RouterLink, FindingView],
  template: `
    <main class="place">
      <div class="between">
        <h1>
          Rounds
          <span class="quiet">every day at 07:00 UTC{{ loaded() ? ', over ' + some(walked(), 'site') : '' }}</span>
        </h1>
        <button class="act" type="button" (click)="walk()">Walk one now</button>
      </div>
      @if (fault()) {
        <p class="note brick" role="alert">{{ fault() }}</p>
      }
      @if (said()) {
        <p class="note" role="status">{{ said() }}</p>
      }
      @if (loaded() || !fault()) {
        <h2>{{ !loaded() ? 'Asking …' : findings().length ? 'To mend' : 'Nothing to mend' }}</h2>
      }
      @for (f of findings(); track f.site + f.key) {
        <tp-finding [finding]="f" />
      }
      <h2 class="gap">
        Walked lately <span class="quiet">{{ some(checks(), 'check') }}</span>
      </h2>
      <table class="rows">
        <thead>
          <tr>
            <th>When</th>
            <th>Site</th>
            <th>Checks</th>
            <th>Findings</th>
          </tr>
        </thead>
        <tbody>
          @for (r of rounds(); track r.site + r.at) {
            <tr>
              <td>{{ at(r.at) }}</td>
              <td>
                <a [routerLink]="['/sites', r.site, 'care']">{{ r.name }}</a>
              </td>
              <td>{{ r.checks }}</td>
              <td>{{ r.findings || 'none' }}</td>
            </tr>
          } @empty {
            @if (loaded()) {
              <tr>
                <td colspan="4" class="quiet">No round has been walked yet.</td>
              </tr>
            }
          }
        </tbody>
      </table>
    </main>
  `,
})
export class RoundsPlace {
  private readonly api = inject(PorchApi);
  protected readonly rounds = signal<Line[]>([]);
  protected readonly findings = signal<OpenFinding[]>([]);
  protected readonly walked = signal(0);
  protected readonly said = signal('');
  protected readonly fault = signal('');
  protected readonly loaded = signal(false);
  protected readonly some = some;
  protected readonly checks = computed(() => this.rounds().reduce((sum, r) => sum + r.checks, 0));
  constructor() {
    const events = inject(PorchEvents);
    merge(events.all.pipe(filter((e) => e.kind === 'care')), events.back)
      .pipe(
        startWith(null),
        debounceTime(60),
        switchMap(() =>
          this.api.get<{ rounds: Line[]; findings: OpenFinding[]; walked: number }>('/rounds').pipe(
            catchError((e: unknown) => {
              this.fault.set(asRefusal(e).message);
              return EMPTY;
            }),
          ),
        ),
        takeUntilDestroyed(),
      )
      .subscribe((r) => {
        this.rounds.set(r.rounds);
        this.findings.set(r.findings);
        this.walked.set(r.walked);
        this.loaded.set(true);
        this.fault.set('');
      });
  }
  protected walk(): void {
    this.api.post<{ jobs: number }>('/rounds').subscribe({
      next: ({ jobs }) =>
        this.said.set(`${some(jobs, 'round has', 'rounds have')} begun; what they find appears below as they end.`),
      error: (e: unknown) => this.fault.set(asRefusal(e).message),
    });
  }
  protected at = time;
}
