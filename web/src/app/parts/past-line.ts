import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { max } from 'd3-array';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';

const WIDTH = 150;
const HEIGHT = 26;

/** How something was, as a line from zero with gaps where nobody knows; its name before it, what it is now behind it. */
@Component({
  selector: 'tp-past-line',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <span>{{ name() }}</span>
    <svg [attr.viewBox]="'0 0 ${WIDTH} ${HEIGHT}'" role="img" [attr.aria-label]="spoken()" preserveAspectRatio="none">
      <line x1="0" x2="${WIDTH}" y1="${HEIGHT - 1}" y2="${HEIGHT - 1}" class="floor" />
      <path [attr.d]="path()" fill="none" [attr.class]="tone()" />
    </svg>
    <b>{{ now() }}</b>
  `,
  styles: `
    :host {
      display: grid;
      grid-template-columns: 68px minmax(60px, 1fr) 84px;
      align-items: center;
      gap: 10px;
      min-height: 30px;
    }
    svg {
      width: 100%;
      height: ${HEIGHT}px;
    }
    b {
      font-weight: 600;
      white-space: nowrap;
    }
    path {
      stroke-width: 1.75;
      stroke-linejoin: round;
      stroke-linecap: round;
      vector-effect: non-scaling-stroke;
    }
    .floor {
      stroke: var(--tin-2);
      vector-effect: non-scaling-stroke;
    }
    .rain {
      stroke: var(--rain);
    }
    .moss {
      stroke: var(--moss);
    }
    .lamp {
      stroke: var(--lamp-ink);
    }
    .brick {
      stroke: var(--brick);
    }
  `,
})
export class PastLine {
  readonly name = input.required<string>();
  /** What it is now, in words. */
  readonly now = input.required<string>();
  /** The oldest first; null is what nobody knows. */
  readonly values = input.required<readonly (number | null)[]>();
  readonly tone = input<'rain' | 'moss' | 'lamp' | 'brick'>('rain');
  /** Where the scale ends at least: a share ends at 1. */
  readonly most = input(0);
  /** A value as it is read aloud. */
  readonly said = input<(value: number) => string>((v) => v.toFixed(1));
  protected readonly path = computed(() => {
    const values = this.values();
    const x = scaleLinear([0, Math.max(1, values.length - 1)], [1, WIDTH - 1]);
    const top = Math.max(max(values, (v) => v ?? 0) ?? 0, this.most()) || 1;
    const y = scaleLinear([0, top], [HEIGHT - 1, 2]);
    const drawn = line<number | null>(
      (_, n) => x(n),
      (v) => y(v!),
    ).defined((v) => v !== null)(values);
    // One value between two gaps is a dot: a line of no length is not drawn.
    return (drawn ?? '').replace(/M([\d.]+),([\d.]+)Z/g, (_, a: string, b: string) => `M${Number(a) - 1},${b}h2`);
  });
  protected readonly spoken = computed(() => {
    const known = this.values().filter((v): v is number => v !== null);
    if (!known.length) return `${this.name()}: nothing is known of the last day`;
    const said = this.said();
    return `${this.name()} in the last day: ${said(Math.min(...known))} to ${said(Math.max(...known))}, ${said(known.at(-1)!)} at last`;
  });
}
