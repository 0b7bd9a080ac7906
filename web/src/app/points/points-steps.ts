import { ChangeDetectionStrategy, Component, computed, effect, inject, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { PART_WORDS } from '@tin-porch/core/operations';
import { some } from '@tin-porch/core/some';
import { Difference } from '../parts/difference';
import { time } from '../parts/when';
import { SiteStore } from '../site/site-store';
import { Points, type Line } from './points';

const KINDS: Record<Line['kind'], string> = { do: '', undo: 'Undid: ', redo: 'Put back: ' };

/** The steps beside the window: which point is looked at, what differs, and the way back to it, whole or in part. */
@Component({
  selector: 'tp-points-steps',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [FormsModule, Difference],
  styleUrl: './points-steps.scss',
  template: `
    <h2>History</h2>
    @if (points.fault()) {
      <p class="note brick" role="alert">{{ points.fault() }}</p>
    }
    @if (points.at() === null) {
      <p class="quiet">Move the handle over the window, or press a step: the site is shown as it was then.</p>
    } @else {
      <p class="bar">
        <button class="act" type="button" [disabled]="!points.changes().length || comparing()" (click)="back()">
          Bring back
        </button>
        <button class="plain" type="button" [attr.aria-pressed]="comparing()" (click)="compare()">Compare</button>
        @if (points.live() !== null) {
          <button class="plain" type="button" (click)="withLive()">Compare with what is live</button>
        }
        <button class="plain" type="button" (click)="now()">Back to now</button>
      </p>
      <form class="field" (ngSubmit)="keep()">
        <label for="point-name">Name of this point</label>
        <span class="bar">
          <input
            id="point-name"
            name="point"
            maxlength="60"
            autocomplete="off"
            [ngModel]="name()"
            (ngModelChange)="typed.set($event)"
            (blur)="keep()"
          />
          <button class="plain" type="submit">Keep</button>
        </span>
      </form>
      <h3>
        {{ comparing() ? 'Between the two' : 'Different from now' }}: {{ some(points.changes().length, 'change') }}
      </h3>
      <ul class="differs">
        @for (change of points.changes(); track $index) {
          <li>
            <b>{{ change.words }}</b>
            @if (change.before || change.after) {
              <tp-difference [before]="change.before ?? ''" [after]="change.after ?? ''" />
            }
          </li>
        } @empty {
          <li class="quiet">Nothing differs.</li>
        }
      </ul>
    }
    <h3>Steps, newest first</h3>
    <ol class="trail">
      @for (line of newest(); track line.seq) {
        <li>
          <button
            type="button"
            [attr.aria-current]="line.seq === points.at() ? 'true' : null"
            (click)="points.at.set(line.seq)"
          >
            @if (line.name) {
              <b>{{ line.name }}</b>
            }
            <span>{{ kinds[line.kind] }}{{ line.words }}</span>
            <span class="quiet">{{ line.by }} {{ words[line.part] }} {{ when(line) }}</span>
          </button>
        </li>
      }
    </ol>
  `,
})
export class PointsSteps {
  protected readonly points = inject(Points);
  private readonly store = inject(SiteStore);
  protected readonly kinds = KINDS;
  protected readonly words = PART_WORDS;
  protected readonly some = some;
  protected readonly newest = computed(() => [...this.points.lines()].reverse());
  protected readonly comparing = computed(() => this.points.with() !== null);
  /** What is being typed as a name; that of the point where nothing is. */
  protected readonly typed = signal<string | null>(null);
  protected readonly name = computed(
    () => this.typed() ?? this.points.lines().find((l) => l.seq === this.points.at())?.name ?? '',
  );
  constructor() {
    // What was typed was for the point that was looked at.
    effect(() => {
      this.points.at();
      this.typed.set(null);
    });
  }

  protected when = (line: Line) => time(line.at);

  private keeping = '';
  /** Keeps the name that was typed, when it is sent or left; what is on its way already is not sent again. */
  protected async keep(): Promise<void> {
    const [at, typed] = [this.points.at(), this.typed()];
    if (at === null || typed === null || this.keeping === `${at} ${typed}`) return;
    this.keeping = `${at} ${typed}`;
    if (!(await this.points.name(at, typed))) this.keeping = '';
  }

  protected compare(): void {
    this.points.with.set(this.comparing() ? null : this.points.head());
  }
  protected withLive(): void {
    this.points.with.set(this.points.live());
  }
  protected now(): void {
    this.points.at.set(null);
    this.points.with.set(null);
  }
  protected back(): void {
    const line = this.points.lines().find((l) => l.seq === this.points.at());
    this.points.bringBack(`Back to ${line?.name ?? (line ? time(line.at) : 'the beginning')}`);
  }
}
