import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { some } from '@tin-porch/core/some';
import type { Answered } from '../api/model';
import { PorchApi } from '../api/porch-api';
import { FindingView } from '../parts/finding';
import { Mending, MENDS } from '../parts/mending';
import { PutOff } from '../parts/put-off';

type Group = Answered<'GET /rounds'>['groups'][number];
/** So many of a kind stand there at first. */
const FIRST = 4;

/** Findings of one kind over the fleet: what they do is said once, and they are mended or put off together. */
@Component({
  selector: 'tp-finding-group',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [FindingView, PutOff],
  template: `
    @if (one()) {
      <tp-finding [finding]="group().findings[0]!" [now]="now()" />
    } @else {
      <section class="finding {{ group().severity }}" [attr.aria-label]="group().title">
        <div class="between">
          <h3>
            {{ group().title }} <span class="quiet">{{ count() }}</span>
          </h3>
          @if (may()) {
            <span class="bar">
              @if (way(); as way) {
                <button class="plain small" type="button" [disabled]="busy() || !toMend().length" (click)="mend()">
                  {{ mends[way] }}: {{ toMend().length === group().findings.length ? 'all' : toMend().length }}
                </button>
              }
              <button class="link" type="button" (click)="putting.set(!putting())">Put all off …</button>
            </span>
          }
        </div>
        <p class="quiet">{{ group().findings[0]!.harm }} {{ group().findings[0]!.fix }}</p>
        @if (fault()) {
          <p class="fault" role="alert">{{ fault() }}</p>
        }
        @if (said()) {
          <p class="quiet" role="status">{{ said() }}</p>
        }
        @if (putting()) {
          <tp-put-off [findings]="group().findings" (done)="putting.set(false)" />
        }
        @for (f of shown(); track f.site + f.key) {
          <tp-finding [finding]="f" [now]="now()" [within]="true" [titled]="titled()" />
        }
        @if (group().findings.length > shown().length) {
          <button class="link" type="button" (click)="all.set(true)">
            Show the other {{ group().findings.length - shown().length }}
          </button>
        }
      </section>
    }
  `,
  styles: `
    :host {
      display: block;
    }
    .between {
      align-items: baseline;
    }
    h3 {
      font-size: 15px;
    }
    tp-finding {
      display: block;
      margin-left: 2px;
    }
  `,
})
export class FindingGroup {
  private readonly mending = inject(Mending);
  private readonly api = inject(PorchApi);
  readonly group = input.required<Group>();
  readonly now = input(Date.now());
  protected readonly all = signal(false);
  protected readonly putting = signal(false);
  protected readonly busy = signal(false);
  protected readonly said = signal('');
  protected readonly fault = signal('');
  protected readonly mends = MENDS;
  protected readonly one = computed(() => this.group().findings.length === 1);
  protected readonly shown = computed(() => {
    const { findings } = this.group();
    return this.all() || findings.length <= FIRST + 1 ? findings : findings.slice(0, FIRST);
  });
  /** Whether those of one kind are called differently. */
  protected readonly titled = computed(
    () =>
      new Set(this.group().findings.map((f) => f.title)).size > 1 ||
      this.group().findings[0]!.title !== this.group().title,
  );
  protected readonly way = computed(() => this.mending.wayOf(this.group().findings));
  /** Those that nobody is at yet. */
  protected readonly toMend = computed(() => this.group().findings.filter((f) => f.mending?.state !== 'running'));
  protected readonly count = computed(() => {
    const { findings } = this.group();
    const sites = new Set(findings.map((f) => f.site)).size;
    return sites === findings.length ? some(sites, 'site') : `${findings.length} at ${some(sites, 'site')}`;
  });
  protected readonly may = () => this.api.may('designer');

  protected async mend(): Promise<void> {
    this.fault.set('');
    this.busy.set(true);
    try {
      this.said.set((await this.mending.mend(this.toMend())) ?? '');
    } catch (error) {
      this.fault.set((error as Error).message);
    } finally {
      this.busy.set(false);
    }
  }
}
