import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { max } from 'd3-array';
import { scaleBand, scaleLinear } from 'd3-scale';

const WIDTH = 480;
const HEIGHT = 148;
const FLOOR = HEIGHT - 22;
const dayMonth = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', timeZone: 'UTC' });
const fullDay = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long', year: 'numeric', timeZone: 'UTC' });

/** Visits week by week as bars from zero on a time axis, and the same numbers as a table. */
@Component({
  selector: 'tp-visit-bars',
  changeDetection: ChangeDetectionStrategy.OnPush,
  styleUrl: './visit-bars.scss',
  template: `
    <svg class="visit-bars" viewBox="0 0 480 148" role="img" [attr.aria-label]="spoken()">
      <line x1="0" x2="480" [attr.y1]="floor" [attr.y2]="floor" class="axis" />
      @for (bar of bars(); track bar.to) {
        <rect [attr.x]="bar.x" [attr.y]="bar.y" [attr.width]="bar.width" [attr.height]="bar.height" rx="1" />
        @if (bar.labelled) {
          <text [attr.x]="bar.x + bar.width / 2" [attr.y]="bar.y - 5" text-anchor="middle">{{ bar.visits }}</text>
          <text class="day" [attr.x]="bar.dayAt" y="144" [attr.text-anchor]="bar.anchor">{{ bar.from }}</text>
        }
      }
    </svg>
    <details>
      <summary>The numbers</summary>
      <table class="rows">
        <thead>
          <tr>
            <th>Seven days to</th>
            <th>Visits</th>
          </tr>
        </thead>
        <tbody>
          @for (bar of bars(); track bar.to) {
            <tr>
              <td>{{ bar.to }}</td>
              <td>{{ bar.visits }}</td>
            </tr>
          }
        </tbody>
      </table>
    </details>
  `,
})
export class VisitBars {
  /** Visits of each seven days, oldest first; the last ends today. */
  readonly weeks = input.required<number[]>();
  /** The day the last week ends, ISO 8601. */
  readonly until = input(new Date().toISOString().slice(0, 10));
  protected readonly floor = FLOOR;
  protected readonly bars = computed(() => {
    const weeks = this.weeks();
    const x = scaleBand(
      weeks.map((_, n) => n),
      [0, WIDTH],
    ).paddingInner(0.28);
    const y = scaleLinear([0, max(weeks) || 1], [FLOOR, 18]);
    const end = Date.parse(this.until());
    const highest = weeks.indexOf(max(weeks) ?? 0);
    return weeks.map((visits, n) => {
      const last = end - (weeks.length - 1 - n) * 7 * 86_400_000;
      return {
        visits,
        x: x(n)!,
        width: x.bandwidth(),
        y: y(visits),
        height: FLOOR - y(visits),
        dayAt: n === 0 ? 0 : n === weeks.length - 1 ? WIDTH : x(n)! + x.bandwidth() / 2,
        anchor: n === 0 ? 'start' : n === weeks.length - 1 ? 'end' : 'middle',
        from: dayMonth.format(last - 6 * 86_400_000),
        to: fullDay.format(last),
        labelled: n === 0 || n === weeks.length - 1 || (n === highest && n > 1 && n < weeks.length - 2),
      };
    });
  });
  protected readonly spoken = computed(
    () => `Visits in each of the last ${this.weeks().length} weeks, oldest first: ${this.weeks().join(', ')}`,
  );
}
