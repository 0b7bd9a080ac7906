import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { some } from '@tin-porch/core/some';
import type { Answered } from '../api/model';
import { PorchApi } from '../api/porch-api';
import { houseWork } from '../parts/house-work';
import { time, when } from '../parts/when';

type Found = Answered<'GET /own-backups'>;
/** Two nights without a proven one are one too many. */
const LATE_MS = 48 * 3_600_000;

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
  private readonly work = houseWork<Found>('/own-backups', 'What is backed up was not asked for.');
  protected readonly found = this.work.found;
  protected readonly fault = this.work.fault;
  protected readonly busy = this.work.busy;
  protected readonly doing = this.work.doing;
  protected readonly backUp = this.work.begin;
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
}
