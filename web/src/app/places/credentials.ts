import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import type { Answered } from '../api/model';
import { Dialogs } from '../parts/dialogs';
import { houseWork } from '../parts/house-work';
import { day } from '../parts/when';

type Found = Answered<'GET /credentials'>;

/** By what Tin Porch is let in at servers and backup places, how old that is, and how all of it is made anew in one go. */
@Component({
  selector: 'tp-credentials',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2>Keys and passwords</h2>
    @if (work.fault()) {
      <p class="note brick" role="alert">{{ work.fault() }}</p>
    }
    @if (lines(); as all) {
      @for (c of all; track c.kind + c.name) {
        <p class="keeper">
          <span class="chip grey">{{ c.name }}</span>
          <span>{{ c.words }}</span>
        </p>
      }
      <p class="quiet">
        Nobody reads them, you neither: each server and Tin Porch know each other by a key on both sides, and a backup
        place opens with a password that is kept here. Make them anew where somebody may have had this machine or a copy
        of it. The password of Tin Porch’s own backups stays: it is in a file of yours.
      </p>
      <p class="bar">
        <button class="plain" type="button" [attr.aria-disabled]="work.busy() || null" (click)="anew()">
          Make all of them anew …
        </button>
        @if (work.doing(); as words) {
          <span class="quiet" role="status">{{ words }}</span>
        }
      </p>
      @if (troubles().length && !work.busy()) {
        <div class="note brick" role="alert">
          @for (words of troubles(); track $index) {
            <p>{{ words }}</p>
          }
        </div>
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
    .note p {
      margin: 2px 0;
      overflow-wrap: anywhere;
    }
  `,
})
export class CredentialsPanel {
  private readonly dialogs = inject(Dialogs);
  protected readonly work = houseWork<Found>('/credentials', 'How old keys and passwords are was not asked for.');
  protected readonly lines = computed(() =>
    this.work.found()?.credentials.map(({ kind, name, since }) => ({
      ...{ kind, name },
      words:
        (kind === 'server' ? 'Keys on both sides' : 'Password of the backups there') +
        (since ? `, since ${day(since)}` : kind === 'server' ? ', as they were paired' : ', as it was made'),
    })),
  );
  /** What could not be given others so far. */
  protected readonly troubles = computed(() => {
    const job = this.work.found()?.job;
    return job && job.state !== 'done' && job.state !== 'cancelled'
      ? job.steps.filter((s) => s.state === 'failed').map((s) => `${s.name}: ${s.detail}`)
      : [];
  });

  protected async anew(): Promise<void> {
    if (this.work.busy()) return;
    const sure = await this.dialogs.confirm({
      title: 'Make all keys and passwords anew?',
      words:
        'Visitors notice nothing, and work that is under way goes on. Those of before open nothing then: a copy of Tin Porch of before, put back, opens no backup place and has to be paired with each server anew. So it is backed up at the end: see that it was.',
      act: 'Make them anew',
    });
    if (sure) await this.work.begin();
  }
}
