import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import type { Job, JobStep } from '../api/model';
import { when } from './when';

const NAMES = {
  deploy: 'Deploy',
  publish: 'Publish',
  certificate: 'Certificate',
  rollback: 'Another release',
  round: 'Round',
  lab: 'Browser',
  trial: 'Try of an update',
  update: 'Update',
  backup: 'Backup',
  revive: 'Coming up elsewhere',
  move: 'Moving',
  leave: 'Letting go',
  remove: 'Removal',
  own: 'Backup of Tin Porch itself',
  agent: 'Another version of the agent',
  credentials: 'Other keys and passwords',
  cleaning: 'Cleaning',
};
const STATES = {
  waiting: 'about to start',
  running: 'running',
  retrying: 'tries again',
  done: 'done',
  failed: 'stopped',
  cancelled: 'cancelled',
};

/** A piece of long work, step by step, with what each took and what came of it. */
@Component({
  selector: 'tp-job-steps',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="between">
      <h3>
        {{ name() }} <span class="quiet">{{ state() }}</span>
      </h3>
      @if (job().state === 'retrying' || job().state === 'running' || job().state === 'waiting') {
        <button class="plain small" type="button" (click)="cancel.emit()">Stop trying</button>
      } @else {
        <span class="quiet">{{ total() }}</span>
      }
    </div>
    <ol class="steps" aria-live="polite">
      @for (step of job().steps; track $index) {
        <li>
          <span class="dot {{ stateOf(step) }}"></span>
          <b
            >{{ step.name }}<span class="sr">: {{ said[stateOf(step)] }}</span></b
          >
          <span class="mono quiet ms">{{ times(step) }}</span>
          @if (step.detail) {
            <span class="detail">{{ step.detail }}</span>
          }
        </li>
      }
    </ol>
    @if (job().error; as error) {
      <p class="note" [class.brick]="job().state === 'failed'">
        {{ error }}
        @if (job().state === 'retrying') {
          Nothing is lost; the next try is {{ next() }}.
        }
      </p>
    }
  `,
})
export class JobSteps {
  readonly job = input.required<Job>();
  readonly now = input(Date.now());
  readonly cancel = output<void>();
  protected readonly said = { running: 'under way', done: 'done', failed: 'failed', broken: 'broken off' };
  /** A step of work that has ended is not under way any more, whatever it said last. */
  protected stateOf = (step: JobStep) =>
    step.state === 'running' && ['done', 'failed', 'cancelled'].includes(this.job().state) ? 'broken' : step.state;
  protected times = (step: JobStep) =>
    ({ running: '…', broken: 'broken off', done: `${step.ms} ms`, failed: `${step.ms} ms` })[this.stateOf(step)];
  protected readonly name = computed(() => NAMES[this.job().kind]);
  protected readonly state = computed(() => STATES[this.job().state]);
  protected readonly next = computed(() => {
    const next = this.job().nextTry;
    return next && Date.parse(next) > this.now() ? when(next, this.now()) : 'now';
  });
  protected readonly total = computed(
    () =>
      `${(this.job().steps.reduce((sum, s) => sum + s.ms, 0) / 1000).toFixed(1)} s, ${when(this.job().finishedAt, this.now())}`,
  );
}
