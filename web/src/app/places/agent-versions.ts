import { ChangeDetectionStrategy, Component, computed, inject, input, output, signal } from '@angular/core';
import { some } from '@tin-porch/core/some';
import { firstValueFrom } from 'rxjs';
import type { Answered } from '../api/model';
import { asRefusal, PorchApi } from '../api/porch-api';
import { Dialogs } from '../parts/dialogs';
import { JobSteps } from '../parts/job-steps';
import { when } from '../parts/when';

type Found = Answered<'GET /updates'>;
type Brought = Found['agents']['updates'][number];
/** So long it is shown what came of it, ms. */
const LATELY_MS = 7 * 86_400_000;
/** Letters of a version that tell it from others. */
const LETTERS = 8;

/** Whether work for the house is under way. */
export const isOpen = (job: Found['agents']['job']): boolean =>
  job !== null && ['waiting', 'running', 'retrying'].includes(job.state);

/** The versions of the agent on the servers: what of them is behind, how it is brought there, and how it went. */
@Component({
  selector: 'tp-agent-versions',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [JobSteps],
  template: `
    <div class="between">
      <h3>The agent on them</h3>
      <span class="chip {{ state().tone }}">{{ state().chip }}</span>
    </div>
    <p>{{ state().words }}</p>
    @if (behind().length && api.may('designer') && !open()) {
      <p class="quiet">
        It is sent, tried on the newest backup of each site, and begun in place of the one before. Where it does not
        come up or anything reads otherwise, the one before is back by itself. Pages go on meanwhile; whoever sends a
        form or is at a desk just then waits for a second or two.
      </p>
      <p class="bar">
        @if (behind().length > 1) {
          <button class="act" type="button" [attr.aria-disabled]="busy()" (click)="bring(behind())">
            Bring it to {{ some(behind().length, 'server') }}, one after the other
          </button>
        }
        @for (name of behind(); track name) {
          <button class="plain" type="button" [attr.aria-disabled]="busy()" (click)="bring([name])">
            Bring it to {{ name }}
          </button>
        }
      </p>
    }
    @if (fault()) {
      <p class="note brick" role="alert">{{ fault() }}</p>
    }
    @if (shownJob(); as job) {
      @if (job.state === 'done') {
        <details>
          <summary>How it went {{ when(job.finishedAt, now()) }}</summary>
          <tp-job-steps [job]="job" [now]="now()" />
        </details>
      } @else {
        <tp-job-steps [job]="job" [now]="now()" (cancel)="stop()" />
      }
    }
    @for (f of fallen(); track f.name) {
      <p class="note lamp">
        On {{ f.name }}, version <span class="mono">{{ short(f.version) }}</span> did not come up
        {{ when(f.at, now()) }}: {{ f.why }}
      </p>
    }
    @if (log().length) {
      <details>
        <summary>What was brought, and what was taken back</summary>
        <ul class="plain-list">
          @for (b of log(); track $index) {
            <li>
              <span class="chip {{ b.tone }}">{{ b.chip }}</span>
              <span>
                {{ b.server }}, <span class="mono">{{ short(b.from) }} → {{ short(b.to) }}</span>
              </span>
              <span class="quiet">{{ b.words }}</span>
            </li>
          }
        </ul>
        @if (api.may('designer') && !open()) {
          @for (b of before(); track b.name) {
            <button class="plain small" type="button" [attr.aria-disabled]="busy()" (click)="back(b)">
              Go back on {{ b.name }} to {{ short(b.version) }} …
            </button>
          }
        }
      </details>
    }
  `,
  styles: `
    :host {
      display: block;
      padding: 12px 16px;
    }
    p {
      margin: 6px 0;
    }
    li {
      display: flex;
      flex-wrap: wrap;
      align-items: baseline;
      gap: 2px 10px;
      padding: 4px 0;
    }
    summary {
      padding: 3px 0;
    }
    tp-job-steps {
      display: block;
      margin: 10px 0;
    }
  `,
})
export class AgentVersions {
  readonly agents = input.required<Found['agents']>();
  readonly servers = input.required<Found['servers']>();
  readonly now = input(Date.now());
  /** That something was begun or stopped. */
  readonly changed = output<void>();
  protected readonly api = inject(PorchApi);
  private readonly dialogs = inject(Dialogs);
  protected readonly busy = signal(false);
  protected readonly fault = signal('');
  protected readonly some = some;
  protected readonly when = when;
  protected short = (version: string) => version.slice(0, LETTERS);

  protected readonly open = computed(() => isOpen(this.agents().job));
  protected readonly behind = computed(() => {
    const version = this.agents().newest?.version;
    return this.servers().flatMap(({ name, program }) =>
      version && program && program.running !== version ? [name] : [],
    );
  });
  /** Those that cannot be another by themselves, though they answer. */
  private readonly byHand = computed(() =>
    this.servers().flatMap((s) => (s.agent && !s.agent.program ? [s.name] : [])),
  );
  /** Those of which the work that is shown does not say it already. */
  protected readonly fallen = computed(() =>
    this.shownJob()?.state === 'failed'
      ? []
      : this.servers().flatMap(({ name, program }) =>
          program?.fallen && this.now() - Date.parse(program.fallen.at) < LATELY_MS
            ? [{ name, ...program.fallen }]
            : [],
        ),
  );
  protected readonly before = computed(() =>
    this.servers().flatMap(({ name, program }) => (program?.before ? [{ name, version: program.before }] : [])),
  );
  protected readonly shownJob = computed(() => {
    const { job } = this.agents();
    return job && (this.open() || this.now() - Date.parse(job.finishedAt ?? job.createdAt) < LATELY_MS) ? job : null;
  });
  protected readonly state = computed(() => {
    const { newest } = this.agents();
    const of = (tone: string, chip: string, words: string) => ({ tone, chip, words });
    if (!newest) return of('grey', 'not known', 'Tin Porch has no agent beside it that could be brought to them.');
    const own = this.short(newest.version);
    if (this.open()) return of('rain', 'under way', `Version ${own} is being brought to them.`);
    const behind = this.behind();
    if (behind.length)
      return of(
        'lamp',
        `${some(behind.length, 'agent')} behind`,
        `Tin Porch has version ${own}; ${behind.join(' and ')} ${behind.length === 1 ? 'has' : 'have'} another. ${this.otherwise()}`,
      );
    const [hand, silent] = [
      this.byHand(),
      this.servers()
        .filter((s) => !s.agent || (s.agent.program && !s.program))
        .map((s) => s.name),
    ];
    if (hand.length)
      return of(
        'grey',
        'not known',
        `The agent of ${hand.join(' and ')} was not begun so that it could be another: there it is put in place by hand.`,
      );
    if (silent.length) return of('grey', 'not asked', `${silent.join(' and ')} did not answer.`);
    return of('moss', 'up to date', `Each is version ${own}, the one that Tin Porch has.`);
  });
  /** What is otherwise in the one that Tin Porch has. */
  private otherwise(): string {
    const { engine, step } = this.agents().newest!;
    const behind = this.servers().filter((s) => this.behind().includes(s.name));
    const theirs = (of: 'engine' | 'step') => [...new Set(behind.map((s) => s.agent?.[of] ?? 0))].sort().join(' and ');
    const [engines, steps] = [theirs('engine'), theirs('step')];
    const said = [
      engines === String(engine) ? '' : `It draws pages by version ${engine}, where they do by ${engines}.`,
      steps === String(step) ? '' : `It keeps tables of step ${step}, where they do of ${steps}.`,
    ].filter(Boolean);
    return said.length ? said.join(' ') : 'It draws the same pages, and keeps the same tables.';
  }
  protected readonly log = computed(() =>
    this.agents().updates.map((b) => ({
      ...{ server: b.server, from: b.from, to: b.to, ...this.cameTo(b) },
      words: [`By ${b.by} ${when(b.begunAt, this.now())}.`, b.words].filter(Boolean).join(' '),
    })),
  );
  private cameTo({ state }: Brought): { tone: string; chip: string } {
    if (state === 'done') return { tone: 'moss', chip: 'brought' };
    if (state === 'back') return { tone: 'lamp', chip: 'taken back' };
    return this.open() ? { tone: 'rain', chip: 'under way' } : { tone: 'grey', chip: 'broken off' };
  }

  protected bring = (servers: string[]) => this.ask(() => this.api.post('/updates/agents', { servers, back: false }));
  protected stop = () => this.ask(() => this.api.delete('/updates/agents'));
  protected async back({ name, version }: { name: string; version: string }): Promise<void> {
    const sure = await this.dialogs.confirm({
      title: `Go back on ${name} to version ${this.short(version)}?`,
      words:
        'It is begun in place of the one that runs. The tables of the sites go back with it: what only the newer one has room for is not kept.',
      act: 'Go back',
    });
    if (sure) await this.ask(() => this.api.post('/updates/agents', { servers: [name], back: true }));
  }
  private async ask(what: () => ReturnType<PorchApi['post']>): Promise<void> {
    if (this.busy()) return;
    this.busy.set(true);
    this.fault.set('');
    try {
      await firstValueFrom(what());
    } catch (error) {
      this.fault.set(asRefusal(error).message);
    }
    this.busy.set(false);
    this.changed.emit();
  }
}
