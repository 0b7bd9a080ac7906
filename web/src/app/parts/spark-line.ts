import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { max } from 'd3-array';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';

/** Weekly visits as a small line from zero, with the numbers for reading aloud. */
@Component({
  selector: 'tp-spark-line',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <svg
      [attr.width]="width()"
      [attr.height]="height()"
      [attr.viewBox]="'0 0 ' + width() + ' ' + height()"
      role="img"
      [attr.aria-label]="spoken()"
    >
      <path
        [attr.d]="path()"
        fill="none"
        [attr.stroke]="falling() ? 'var(--lamp-ink)' : 'var(--moss)'"
        stroke-width="1.75"
        stroke-linejoin="round"
      />
    </svg>
  `,
})
export class SparkLine {
  readonly weeks = input.required<number[]>();
  readonly width = input(96);
  readonly height = input(28);
  protected readonly path = computed(() => {
    const weeks = this.weeks();
    const x = scaleLinear([0, Math.max(1, weeks.length - 1)], [2, this.width() - 2]);
    const y = scaleLinear([0, max(weeks) || 1], [this.height() - 2, 3]);
    return (
      line<number>(
        (_, n) => x(n),
        (v) => y(v),
      )(weeks) ?? ''
    );
  });
  protected readonly falling = computed(() => {
    const w = this.weeks();
    const mean = (part: number[]) => part.reduce((a, b) => a + b, 0) / (part.length || 1);
    return mean(w.slice(-4)) < 0.7 * mean(w.slice(0, -4));
  });
  protected readonly spoken = computed(
    () => `Visits a week over ${this.weeks().length} weeks, oldest first: ${this.weeks().join(', ')}`,
  );
}
