import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { takeUntilDestroyed, toObservable } from '@angular/core/rxjs-interop';
import { Router, RouterLink } from '@angular/router';
import { minuteWords, moneyWords, monthWords } from '@tin-porch/core/care';
import { catchError, combineLatest, EMPTY, filter, switchMap } from 'rxjs';
import type { Answered } from '../api/model';
import { asRefusal, PorchApi } from '../api/porch-api';
import { day } from '../parts/when';
import { SiteStore } from '../site/site-store';
import { PlanForm } from './plan-form';
import { TimeNotes } from './time-notes';

type Plan = Answered<'GET /sites/:id/plan'>;

/** What is agreed with the client of a site, the work that is set against it, and what they were told of each month. */
@Component({
  selector: 'tp-site-plan',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [RouterLink, PlanForm, TimeNotes],
  template: `
    <div class="between">
      <h2>With the client</h2>
      @if (plan() && !edits() && api.may('designer')) {
        <button class="plain small" type="button" (click)="edits.set(true)">
          {{ plan()!.plan || plan()!.report ? 'Change what is agreed' : 'Agree on something' }}
        </button>
      }
    </div>
    @if (fault()) {
      <p class="fault" role="alert">{{ fault() }}</p>
    }
    @if (plan(); as p) {
      @if (edits()) {
        <tp-plan-form [site]="store.id()" [plan]="p" (closed)="close($event)" />
      } @else {
        @if (p.plan; as plan) {
          <p>
            <b>{{ plan.name }}</b>, {{ price() }} each {{ plan.every }} without tax{{
              plan.minutes ? ', with ' + minutes(plan.minutes) + ' of work each month' : ''
            }}{{ plan.until ? ', until ' + month(plan.until) : '' }}.
            @if (plan.includes.length) {
              <span class="quiet">{{ plan.includes.join('; ') }}.</span>
            }
          </p>
        } @else {
          <p class="quiet">There is no care plan. Time can be written down all the same.</p>
        }
        <p class="quiet">{{ told() }}</p>
      }
      <tp-time-notes [site]="store.id()" [plan]="p" (changed)="again()" />
      @if (p.reports.length) {
        <h3 class="gap">Months</h3>
        <ul class="plain-list" aria-label="Months">
          @for (r of months(); track r.month) {
            <li class="between">
              <span>
                <a [routerLink]="['/sites', store.id(), 'reports', r.month]">{{ month(r.month) }}</a>
                <span class="quiet"
                  >{{ r.sentAt ? 'report sent ' + date(r.sentAt) : r.month === p.use.month ? 'runs' : 'no report sent'
                  }}{{ p.invoiced.includes(r.month) ? ', on an invoice' : '' }}</span
                >
              </span>
              @if (
                p.plan &&
                !p.invoiced.includes(r.month) &&
                r.month !== p.use.month &&
                r.month >= p.plan.since &&
                api.may('designer')
              ) {
                <button
                  class="plain small"
                  type="button"
                  [attr.aria-label]="'Draft the invoice of ' + month(r.month)"
                  (click)="draft(r.month)"
                >
                  Draft the invoice
                </button>
              }
            </li>
          }
        </ul>
        @if (p.reports.length > months().length) {
          <button class="link" type="button" (click)="all.set(true)">Show the months before</button>
        }
      }
    } @else if (!fault()) {
      <p class="quiet" role="status">Asking …</p>
    }
  `,
  styles: `
    :host {
      display: block;
      margin-top: 20px;
    }
    li {
      padding: 4px 0;
    }
  `,
})
export class SitePlan {
  protected readonly store = inject(SiteStore);
  protected readonly api = inject(PorchApi);
  private readonly router = inject(Router);
  protected readonly plan = signal<Plan | null>(null);
  protected readonly edits = signal(false);
  protected readonly fault = signal('');
  protected readonly all = signal(false);
  private readonly turn = signal(0);
  protected readonly price = computed(() => {
    const plan = this.plan()?.plan;
    return plan ? moneyWords(plan.price, plan.currency) : '';
  });
  protected readonly months = computed(() => this.plan()?.reports.slice(0, this.all() ? undefined : 4) ?? []);
  protected readonly told = computed(() => {
    const report = this.plan()?.report;
    if (!report) return 'They are told of nothing by mail.';
    const to = report.to.length ? report.to.join(', ') : 'nobody yet';
    const day = `day ${report.day} of the next month`;
    return `A report of each month to ${to}${report.itself ? `, by itself on ${day}` : `; you send it, from ${day} on`}.`;
  });

  constructor() {
    combineLatest([toObservable(this.store.id), toObservable(this.turn)])
      .pipe(
        filter(([id]) => id !== ''),
        switchMap(([id]) =>
          this.api.get<Plan>(`/sites/${id}/plan`).pipe(
            catchError((error: unknown) => {
              this.fault.set(asRefusal(error).message);
              return EMPTY;
            }),
          ),
        ),
        takeUntilDestroyed(),
      )
      .subscribe((plan) => {
        this.fault.set('');
        this.plan.set(plan);
      });
  }
  protected again(): void {
    this.turn.update((n) => n + 1);
  }
  protected close(kept: boolean): void {
    this.edits.set(false);
    if (kept) this.again();
  }
  protected draft(month: string): void {
    this.api.post<{ id: string }>(`/sites/${this.store.id()}/invoices`, { month }).subscribe({
      next: ({ id }) => void this.router.navigate(['/books', id]),
      error: (error: unknown) => this.fault.set(asRefusal(error).message),
    });
  }
  protected minutes = minuteWords;
  protected month = (month: string) => monthWords(month);
  protected date = day;
}
