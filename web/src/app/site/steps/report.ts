import { ChangeDetectionStrategy, Component, computed, effect, inject, input, signal, untracked } from '@angular/core';
import { takeUntilDestroyed, toObservable } from '@angular/core/rxjs-interop';
import { DomSanitizer } from '@angular/platform-browser';
import { RouterLink } from '@angular/router';
import { monthWords } from '@tin-porch/core/care';
import { catchError, combineLatest, debounceTime, EMPTY, filter, Subject, switchMap } from 'rxjs';
import type { Answered } from '../../api/model';
import { asRefusal, PorchApi } from '../../api/porch-api';
import { LOST } from '../../books/invoice-chip';
import { Dialogs } from '../../parts/dialogs';
import { saveFile } from '../../parts/save-file';
import { day } from '../../parts/when';
import { Worktable } from '../../parts/worktable';
import { SiteStore } from '../site-store';

type Report = Answered<'GET /sites/:id/reports/:month'>;

/** What a client is told of a month: words of the designer left, the page as they get it right. */
@Component({
  selector: 'tp-step',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [RouterLink, Worktable],
  template: `
    <tp-worktable controlsName="Report" besideName="As they get it" [reading]="false">
      <h2>{{ title() }}</h2>
      <p><a routerLink="../../care">Back to Care</a></p>
      @if (fault()) {
        <p class="note brick" role="alert">{{ fault() }}</p>
      }
      @if (report(); as r) {
        @if (r.sentAt) {
          <p class="note moss" role="status">
            Sent {{ date(r.sentAt) }} by {{ r.sentBy }} to {{ r.sentTo.join(', ') }}. It stays as it went.
            @if (r.page) {
              <a [href]="r.page" target="_blank" rel="noopener">Its page</a>, for whoever has the link.
            }
          </p>
          @for (l of r.letters; track l.to) {
            @if (lost.has(l.state)) {
              <p class="note brick" role="alert">
                {{
                  l.state === 'failed'
                    ? 'The letter to ' + l.to + ' did not arrive'
                    : 'Whether the letter to ' + l.to + ' arrived is not known'
                }}: {{ l.error }}. Save the PDF, and send it yourself.
              </p>
            }
          }
        } @else {
          <div class="field gap">
            <label for="report-words">Words of your own, before the rest</label>
            <textarea
              id="report-words"
              rows="5"
              maxlength="4000"
              [value]="words()"
              [readOnly]="!api.may('helper')"
              (input)="type({ words: $any($event.target).value })"
            ></textarea>
          </div>
          <div class="field">
            <label for="report-plans">What you plan, a line each</label>
            <textarea
              id="report-plans"
              rows="3"
              maxlength="4000"
              [value]="plans()"
              [readOnly]="!api.may('helper')"
              (input)="type({ plans: $any($event.target).value })"
            ></textarea>
          </div>
          <p class="quiet" role="status">{{ state() }}</p>
          @if (!r.over) {
            <p class="quiet">The month runs still: what is measured of it grows, and it can be sent once it is over.</p>
          }
        }
        <p class="bar">
          @if (!r.sentAt && r.over && api.may('designer')) {
            <button class="act" type="button" [attr.aria-disabled]="busy() || null" (click)="send()">Send it</button>
          }
          <button class="plain" type="button" [attr.aria-disabled]="busy() || null" (click)="pdf()">Save as PDF</button>
        </p>
      } @else if (!fault()) {
        <p class="quiet" role="status">Asking …</p>
      }
      <ng-container beside>
        @if (report()) {
          <iframe title="The report" sandbox="" [src]="page()"></iframe>
        }
      </ng-container>
    </tp-worktable>
  `,
  styles: `
    .note {
      margin: 8px 0;
    }
    iframe {
      display: block;
      width: 100%;
      height: calc(100vh - 180px);
      min-height: 480px;
      border: 0;
    }
  `,
})
export class ReportStep {
  readonly month = input.required<string>();
  protected readonly store = inject(SiteStore);
  protected readonly api = inject(PorchApi);
  private readonly dialogs = inject(Dialogs);
  private readonly safe = inject(DomSanitizer);
  protected readonly lost = LOST;
  protected readonly report = signal<Report | null>(null);
  protected readonly words = signal('');
  protected readonly plans = signal('');
  protected readonly fault = signal('');
  protected readonly busy = signal(false);
  protected readonly state = signal('Kept as you type');
  private readonly turn = signal(0);
  private readonly typed = new Subject<void>();
  protected readonly title = computed(() => `Report of ${monthWords(this.month())}`);
  /** Another address each time something of it changed, so that it is drawn anew. */
  protected readonly page = computed(() =>
    this.safe.bypassSecurityTrustResourceUrl(`/window/reports/${this.store.id()}/${this.month()}?turn=${this.turn()}`),
  );

  constructor() {
    effect(() => this.store.main.set(null));
    combineLatest([toObservable(this.store.id), toObservable(this.month)])
      .pipe(
        filter(([id]) => id !== ''),
        switchMap(() => this.ask()),
        takeUntilDestroyed(),
      )
      .subscribe((report) => this.take(report));
    this.typed
      .pipe(
        debounceTime(500),
        // What is being sent has gone with it, or goes with the next change.
        filter(() => !this.busy() && !this.report()?.sentAt),
        switchMap(() =>
          this.api.put(this.path(), { words: this.words(), plans: this.plans() }).pipe(
            catchError((error: unknown) => {
              this.state.set('');
              this.fault.set(`What you typed is not kept yet. ${asRefusal(error).message}`);
              return EMPTY;
            }),
          ),
        ),
        takeUntilDestroyed(),
      )
      .subscribe(() => {
        this.fault.set('');
        this.state.set('Kept');
        this.turn.update((n) => n + 1);
      });
    // What could not be kept while nobody answered, or nobody was signed in, is sent again once that is over.
    effect(() => {
      if (!this.api.away() && !this.api.ended() && untracked(this.state) === '') this.typed.next();
    });
  }

  private path = () => `/sites/${this.store.id()}/reports/${this.month()}`;
  private ask = () =>
    this.api.get<Report>(this.path()).pipe(
      catchError((error: unknown) => {
        this.fault.set(asRefusal(error).message);
        return EMPTY;
      }),
    );
  private take(report: Report): void {
    this.fault.set('');
    this.report.set(report);
    this.words.set(report.words);
    this.plans.set(report.plans);
    this.turn.update((n) => n + 1);
  }
  protected type(change: { words?: string; plans?: string }): void {
    if (change.words !== undefined) this.words.set(change.words);
    if (change.plans !== undefined) this.plans.set(change.plans);
    this.state.set('Not kept yet …');
    this.typed.next();
  }

  protected async send(): Promise<void> {
    if (this.busy()) return;
    const { name } = this.store.document()!.facts;
    const sure = await this.dialogs.confirm({
      title: `Send ${name} the report?`,
      words: 'It goes to the addresses of the care plan, with a PDF, and stays as it is.',
      act: 'Send it',
    });
    if (!sure) return;
    this.busy.set(true);
    const kept = { words: this.words(), plans: this.plans() };
    this.api
      .put(this.path(), kept)
      .pipe(
        switchMap(() => this.api.post(`${this.path()}/send`)),
        switchMap(() => this.ask()),
      )
      .subscribe({
        next: (report) => {
          this.busy.set(false);
          this.take(report);
        },
        error: (error: unknown) => {
          this.busy.set(false);
          this.fault.set(asRefusal(error).message);
        },
      });
  }
  protected pdf(): void {
    if (this.busy()) return;
    this.busy.set(true);
    this.api.bytes(`${this.path()}/pdf`).subscribe({
      next: (bytes) => {
        this.busy.set(false);
        saveFile(`${this.store.id()}-${this.month()}.pdf`, bytes, 'application/pdf');
      },
      error: (error: unknown) => {
        this.busy.set(false);
        this.fault.set(asRefusal(error).message);
      },
    });
  }
  protected date = day;
}
