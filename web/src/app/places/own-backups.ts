import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { some } from '@tin-porch/core/some';
import { catchError, EMPTY, firstValueFrom, merge, startWith, Subject, switchMap, timer } from 'rxjs';
import { PorchEvents } from '../api/events';
import type { Answered } from '../api/model';
import { asRefusal, PorchApi } from '../api/porch-api';
import { time, when } from '../parts/when';

type Found = Answered<'GET /own-backups'>;
/** While one is being made it is looked at this often, ms. Nobody is told of what belongs to no site. */
const LOOK_MS = 1500;
/** Two nights without a proven one are one too many. */
const LATE_MS = 48 * 3_600_000;
const OPEN: readonly string[] = ['waiting', 'running', 'retrying'];

/** The backups of Tin Porch itself: whether there is one at each place that was found to be one. */
@Component({
  selector: 'tp-own-backups',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2>Tin Porch itself</h2>
    @if (fault()) {
      <p class="note brick" role="alert">{{ fault() }}</p>
    }
    @if (found(); as all) {
      @for (p of states(); track p.place) {
        <p class="keeper">
          <span class="chip {{ p.tone }}">{{ p.place }}</span>
          <span>{{ p.words }}</span>
        </p>
      } @empty {
        <p>
          It is not backed up. Sites, pictures, messages and history that are on no hosting server are on this machine
          alone.
        </p>
      }
      @if (all.own; as own) {
        <p class="quiet">
          Everything of every site, and the key that secrets are closed with, each night.
          <span class="mono">./porch restore</span> puts it on an empty machine, with what is in the file
          <span class="mono">{{ own.passwordFile }}</span>: keep that elsewhere too. Nothing opens a backup without it.
        </p>
        @if (api.may('designer')) {
          <p class="bar">
            <button class="plain" type="button" [disabled]="busy()" (click)="backUp()">Back it up now</button>
            @if (doing(); as words) {
              <span class="quiet" role="status">{{ words }}</span>
            }
          </p>
        }
      }
    }
  `,
  styles: `
    :host {
      display: block;
      margin-top: 28px;
      max-width: 76ch;
    }
    .keeper {
      display: flex;
      flex-wrap: wrap;
      align-items: baseline;
      gap: 2px 10px;
      margin: 6px 0;
    }
    .bar {
      margin: 10px 0;
    }
    .mono {
      overflow-wrap: anywhere;
    }
  `,
})
export class OwnBackups {
  protected readonly api = inject(PorchApi);
  protected readonly found = signal<Found | null>(null);
  protected readonly fault = signal('');
  private readonly asking = signal(false);
  private readonly again = new Subject<void>();
  private readonly open = computed(() => OPEN.includes(this.found()?.job?.state ?? ''));
  protected readonly busy = computed(
    () => this.asking() || ['waiting', 'running'].includes(this.found()?.job?.state ?? ''),
  );
  /** What is being done, or waited for. */
  protected readonly doing = computed(() => {
    const job = this.found()?.job;
    if (!job || !this.open()) return job?.state === 'failed' ? (job.error ?? '') : '';
    if (job.state === 'retrying') return `Tried again ${when(job.nextTry)}.`;
    return `${job.steps.at(-1)?.name ?? 'About to start'} …`;
  });
  protected readonly states = computed(() =>
    (this.found()?.own?.places ?? []).map((p) => {
      const proven = p.provenAt
        ? `Proven ${when(p.provenAt)}, in ${((p.provenMs ?? 0) / 1000).toFixed(1)} s: ${some(p.provenRows ?? 0, 'row')} came back as they were.`
        : '';
      if (p.trouble)
        return {
          place: p.place,
          tone: 'brick',
          words: `None since ${time(p.troubleSince!)}: ${p.trouble}${proven && ` Before that: ${proven}`}`,
        };
      if (!p.madeAt) return { place: p.place, tone: 'grey', words: 'None was made here so far.' };
      if (!proven) return { place: p.place, tone: 'grey', words: `Made ${when(p.madeAt)}, and not tried out so far.` };
      const late = Date.now() - Date.parse(p.provenAt!) > LATE_MS;
      return { place: p.place, tone: late ? 'brick' : 'moss', words: proven };
    }),
  );

  constructor() {
    merge(this.again, inject(PorchEvents).back)
      .pipe(
        startWith(null),
        switchMap(() =>
          this.api.get<Found>('/own-backups').pipe(
            catchError((error: unknown) => {
              this.fault.set(`What is backed up was not asked for. ${asRefusal(error).message}`);
              return EMPTY;
            }),
          ),
        ),
        switchMap((all) => {
          this.fault.set('');
          this.found.set(all);
          return this.open() ? timer(LOOK_MS) : EMPTY;
        }),
        takeUntilDestroyed(),
      )
      .subscribe(() => this.again.next());
  }

  protected async backUp(): Promise<void> {
    this.asking.set(true);
    try {
      await firstValueFrom(this.api.post('/own-backups'));
      this.again.next();
    } catch (error) {
      this.fault.set(asRefusal(error).message);
    } finally {
      this.asking.set(false);
    }
  }
}
