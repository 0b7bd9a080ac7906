import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { extent, max } from 'd3-array';
import { scaleLinear, scaleUtc } from 'd3-scale';
import { line } from 'd3-shape';
import { BUDGET, inSeconds } from '@tin-porch/core/care';
import { day } from './when';

/** The first page as it was each time a browser timed it. */
export interface TrendPoint {
  at: string;
  release: string;
  /** Largest contentful paint, ms. */
  lcp: number;
  bytes: number;
}

const WIDTH = 480;
const HEIGHT = 132;
const FLOOR = HEIGHT - 22;
const LEFT = 34;
const RIGHT = WIDTH - 8;

/** How long the main part of a page took over time, against what is good, and the same numbers as a table. */
@Component({
  selector: 'tp-lab-trend',
  changeDetection: ChangeDetectionStrategy.OnPush,
  styles: `
    svg {
      display: block;
      width: 100%;
      max-width: 560px;
      margin-top: 8px;
    }
    text {
      font-size: 11px;
      fill: var(--ink-2);
    }
    .axis {
      stroke: var(--tin-3);
    }
    .budget {
      stroke: var(--brick);
      stroke-dasharray: 4 4;
    }
    .line {
      fill: none;
      stroke: var(--moss);
      stroke-width: 1.75;
      stroke-linejoin: round;
    }
    circle {
      fill: var(--moss);
      stroke: var(--sheet);
      stroke-width: 1.5;
    }
    .over {
      fill: var(--brick);
    }
  `,
  template: `
    <svg viewBox="0 0 480 132" role="img" [attr.aria-label]="spoken()">
      <line x1="34" x2="472" [attr.y1]="floor" [attr.y2]="floor" class="axis" />
      <line x1="34" x2="472" [attr.y1]="budgetAt()" [attr.y2]="budgetAt()" class="budget" />
      <text x="28" [attr.y]="budgetAt() + 4" text-anchor="end">{{ budget }}</text>
      <path class="line" [attr.d]="path()" />
      @for (p of dots(); track p.at) {
        <circle [attr.cx]="p.x" [attr.cy]="p.y" r="3.5" [class.over]="p.over" />
      }
      @if (dots()[0]; as first) {
        <text x="34" y="128">{{ first.day }}</text>
      }
      @if (last(); as last) {
        <text x="472" y="128" text-anchor="end">{{ last.day }}</text>
        <text [attr.x]="last.x" [attr.y]="last.y - 8" text-anchor="end">{{ last.words }}</text>
      }
    </svg>
    <details>
      <summary>The numbers</summary>
      <table class="rows">
        <thead>
          <tr>
            <th>When</th>
            <th>Main part after</th>
            <th>Weight</th>
            <th>Release</th>
          </tr>
        </thead>
        <tbody>
          @for (p of newestFirst(); track p.at) {
            <tr>
              <td>{{ p.day }}</td>
              <td>{{ p.words }}</td>
              <td>{{ p.weight }}</td>
              <td class="mono">{{ p.release.slice(0, 8) }}</td>
            </tr>
          }
        </tbody>
      </table>
    </details>
  `,
})
export class LabTrend {
  /** Oldest first. */
  readonly points = input.required<readonly TrendPoint[]>();
  protected readonly floor = FLOOR;
  protected readonly budget = inSeconds(BUDGET.lcp);
  private readonly y = computed(() =>
    scaleLinear([0, 1.15 * Math.max(BUDGET.lcp, max(this.points(), (p) => p.lcp) ?? 0)], [FLOOR, 4]),
  );
  protected readonly budgetAt = computed(() => this.y()(BUDGET.lcp));
  protected readonly dots = computed(() => {
    const [from, to] = extent(this.points(), (p) => Date.parse(p.at));
    // One alone stands at the right, where the newest is.
    const x = scaleUtc([from === to ? from! - 1 : from!, to!], [LEFT, RIGHT]);
    return this.points().map((p) => ({
      ...{ at: p.at, release: p.release, x: x(Date.parse(p.at)), y: this.y()(p.lcp), over: p.lcp > BUDGET.lcp },
      ...{ day: day(p.at), words: inSeconds(p.lcp), weight: `${Math.round(p.bytes / 1000)} kB` },
    }));
  });
  protected readonly last = computed(() => this.dots().at(-1));
  protected readonly newestFirst = computed(() => [...this.dots()].reverse());
  protected readonly path = computed(
    () =>
      line<{ x: number; y: number }>(
        (p) => p.x,
        (p) => p.y,
      )(this.dots()) ?? '',
  );
  protected readonly spoken = computed(
    () =>
      `When the main part of the first page was there, oldest first: ${this.dots()
        .map((p) => p.words)
        .join(', ')}. Good is up to ${this.budget}.`,
  );
}
