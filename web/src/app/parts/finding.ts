import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { some } from '@tin-porch/core/some';
import type { OpenFinding } from '../api/model';
import { PorchApi } from '../api/porch-api';
import { STEP_TITLES } from '../site/step-titles';
import { copyText } from './copy-text';
import { Mending, MENDS } from './mending';
import { PutOff } from './put-off';
import { day, when } from './when';

/** A finding with its evidence, what it does, and how it is mended: here, or at the step where that is done. */
@Component({
  selector: 'tp-finding',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [RouterLink, PutOff],
  template: `
    <article class="finding {{ finding().severity }}" [class.grey]="finding().snoozed" [class.within]="within()">
      @if (finding().name && !within()) {
        <h2>{{ finding().name }}</h2>
      }
      <p>
        @if (within()) {
          <a [routerLink]="['/sites', finding().site, 'care']">{{ finding().name }}</a>
        }
        @if (!within() || titled()) {
          <b>{{ finding().title }}.</b>
        }
        @if (within()) {
          <span class="quiet">First seen {{ since() }}{{ again() }}.</span>
        }
      </p>
      <p class="mono quiet evidence">{{ finding().evidence }}</p>
      @if (!brief()) {
        @if (!within()) {
          <p>{{ finding().harm }}</p>
          <p class="quiet">{{ finding().fix }} First seen {{ since() }}{{ again() }}.</p>
        }
        @if (finding().mending; as m) {
          @switch (m.state) {
            @case ('running') {
              <p class="quiet" role="status">
                Being mended since {{ ago(m.at) }}, by {{ m.by }}{{ m.error ? '; it waits: ' + m.error : '.' }}
              </p>
            }
            @case ('failed') {
              <p>
                <b>Mending failed</b> <span class="quiet">{{ ago(m.at) }}, by {{ m.by }}:</span>
                {{ m.error || 'It was stopped.' }}
              </p>
            }
            @default {
              <p class="quiet">
                Mended {{ ago(m.at) }}, by {{ m.by }};
                {{ finding().lastSeen > m.at ? 'and it is still there.' : 'it is looked at again.' }}
              </p>
            }
          }
        }
        @if (finding().snoozed; as s) {
          <p class="quiet">Put off until {{ until(s.until) }}, by {{ s.by }}: “{{ s.reason }}”</p>
        }
        @if (finding().note && !within()) {
          <details>
            <summary>A letter to whoever holds the domain</summary>
            <p class="letter">{{ finding().note }}</p>
            <button class="plain small" type="button" (click)="copy()">{{ copied() || 'Copy it' }}</button>
          </details>
        }
        @if (fault()) {
          <p class="fault" role="alert">{{ fault() }}</p>
        }
        @if (said()) {
          <p class="quiet" role="status">{{ said() }}</p>
        }
        @if (putting()) {
          <tp-put-off [findings]="[finding()]" (done)="putting.set(false)" />
        } @else {
          <p class="bar">
            @if (finding().mend && may()) {
              <button
                class="plain small"
                type="button"
                [disabled]="busy() || finding().mending?.state === 'running'"
                (click)="mend()"
              >
                {{ mends[finding().mend!] }}
              </button>
            }
            @if (!finding().mend || !may()) {
              <a class="plain small" [routerLink]="['/sites', finding().site, finding().step]"
                >To {{ titles[finding().step] }}</a
              >
            }
            @if (may()) {
              @if (finding().snoozed) {
                <button class="link" type="button" [disabled]="busy()" (click)="wake()">Say it again</button>
              } @else {
                <button class="link" type="button" (click)="putting.set(true)">Put off …</button>
              }
            }
          </p>
        }
      } @else {
        <a class="plain small" [routerLink]="['/sites', finding().site, 'care']">Look at it</a>
      }
    </article>
  `,
  styles: `
    .evidence {
      overflow-wrap: anywhere;
    }
    .grey {
      border-color: var(--tin-4);
    }
    .within {
      padding: 8px 0 0;
      border-left: 0;
      border-top: 1px solid var(--tin-3);
    }
    .within b {
      font-weight: 400;
    }
    .letter {
      white-space: pre-line;
      margin: 8px 0;
    }
    .bar {
      margin-top: 6px;
    }
    .bar .plain {
      margin-top: 0;
    }
  `,
})
export class FindingView {
  protected readonly mending = inject(Mending);
  private readonly api = inject(PorchApi);
  readonly finding = input.required<OpenFinding>();
  readonly now = input(Date.now());
  /** Only what it is and where; what is done about it is done there. */
  readonly brief = input(false);
  /** One of several of its kind, of which title and harm are said above them. */
  readonly within = input(false);
  /** Said all the same, where those of one kind are called differently. */
  readonly titled = input(false);
  protected readonly putting = signal(false);
  protected readonly busy = signal(false);
  protected readonly said = signal('');
  protected readonly fault = signal('');
  protected readonly copied = signal('');
  protected readonly mends = MENDS;
  protected readonly titles = STEP_TITLES;
  protected readonly since = computed(() => when(this.finding().firstSeen, this.now()));
  protected readonly again = computed(() => {
    const n = this.finding().before;
    return n ? `, and ${some(n, 'time', 'times')} before` : '';
  });
  protected readonly may = () => this.api.may('designer');
  protected ago = (iso: string) => when(iso, this.now());
  protected until = day;

  protected mend(): Promise<void> {
    return this.doing(async () => this.said.set((await this.mending.mend([this.finding()])) ?? ''));
  }
  protected wake(): Promise<void> {
    return this.doing(() => this.mending.snooze([this.finding()], null));
  }
  protected async copy(): Promise<void> {
    this.copied.set((await copyText(this.finding().note ?? '')) ? 'Copied' : 'Mark it and copy it by hand');
  }
  private async doing(work: () => Promise<void>): Promise<void> {
    this.fault.set('');
    this.said.set('');
    this.busy.set(true);
    try {
      await work();
    } catch (error) {
      this.fault.set((error as Error).message);
    } finally {
      this.busy.set(false);
    }
  }
}
