import { ChangeDetectionStrategy, Component, computed, DestroyRef, ElementRef, inject, signal } from '@angular/core';
import { scaleLinear, scalePoint } from 'd3-scale';
import { day, time } from '../parts/when';
import { Points, type Line } from './points';

const ROW = 22;
const TOP = 16;

/** Time as a line over the window: a mark a step, a row for each person, a handle that shows the site then. */
@Component({
  selector: 'tp-points-line',
  changeDetection: ChangeDetectionStrategy.OnPush,
  styleUrl: './points-line.scss',
  template: `
    <svg [attr.viewBox]="'0 0 ' + width() + ' ' + height()" role="img" [attr.aria-label]="spoken()">
      @for (mark of days(); track mark.x) {
        <line class="day" [attr.x1]="mark.x" [attr.x2]="mark.x" y1="10" [attr.y2]="height()" />
        <text [attr.x]="mark.x + 4" y="9">{{ mark.label }}</text>
      }
      @for (row of rows(); track row.name) {
        <line class="row" x1="0" [attr.x2]="width()" [attr.y1]="row.y" [attr.y2]="row.y" />
        <text class="who" x="0" [attr.y]="row.y - 4">{{ row.name }}</text>
      }
      @for (mark of marks(); track mark.seq) {
        <circle
          [attr.cx]="mark.x"
          [attr.cy]="mark.y"
          [attr.r]="mark.named ? 6 : 3.5"
          [class.named]="mark.named"
          [class.live]="mark.seq === points.live()"
        />
      }
      @if (points.with() !== null) {
        <line class="with" [attr.x1]="x(points.with()!)" [attr.x2]="x(points.with()!)" y1="0" [attr.y2]="height()" />
      }
      <line class="at" [attr.x1]="x(at())" [attr.x2]="x(at())" y1="0" [attr.y2]="height()" />
    </svg>
    <label class="handle">
      <span
        >The site as of <b>{{ called(at()) }}</b></span
      >
      <input
        type="range"
        [min]="points.first()"
        [max]="points.head()"
        [value]="at()"
        [attr.aria-valuetext]="called(at())"
        (input)="points.at.set(+$any($event.target).value)"
      />
    </label>
    @if (points.with() !== null) {
      <label class="handle">
        <span
          >beside <b>{{ called(points.with()!) }}</b></span
        >
        <input
          type="range"
          [min]="points.first()"
          [max]="points.head()"
          [value]="points.with()!"
          [attr.aria-valuetext]="called(points.with()!)"
          (input)="points.with.set(+$any($event.target).value)"
        />
      </label>
    }
  `,
})
export class PointsLine {
  protected readonly points = inject(Points);
  protected readonly width = signal(800);
  protected readonly at = computed(() => this.points.at() ?? this.points.head());
  private readonly scale = computed(() =>
    scaleLinear([this.points.first(), Math.max(this.points.head(), this.points.first() + 1)], [10, this.width() - 10]),
  );
  constructor() {
    // Drawn at the size it has: words in it are as large as words anywhere.
    const element = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
    const observer = new ResizeObserver(() => this.width.set(Math.max(240, element.clientWidth - 28)));
    observer.observe(element);
    inject(DestroyRef).onDestroy(() => observer.disconnect());
  }
  protected x = (step: number) => this.scale()(step);
  private readonly people = computed(() => [...new Set(this.points.lines().map((l) => l.by))]);
  private readonly y = computed(() =>
    scalePoint(this.people(), [TOP + ROW, TOP + ROW * Math.max(1, this.people().length)]),
  );
  protected readonly height = computed(() => TOP + ROW * Math.max(1, this.people().length) + 10);
  protected readonly rows = computed(() => this.people().map((name) => ({ name, y: this.y()(name) ?? 0 })));
  protected readonly marks = computed(() =>
    this.points.lines().map((l) => ({ seq: l.seq, x: this.x(l.seq), y: this.y()(l.by) ?? 0, named: l.name !== null })),
  );
  /** Where another day begins. */
  protected readonly days = computed(() => {
    const lines = this.points.lines();
    const out: { x: number; label: string }[] = [];
    lines.forEach((l, n) => {
      const before = lines[n - 1];
      if (before && day(before.at) === day(l.at)) return;
      const x = this.x(l.seq - 0.5);
      if (!out.length || x - out.at(-1)!.x > 90) out.push({ x, label: day(l.at) });
    });
    return out;
  });
  protected readonly spoken = computed(
    () =>
      `${this.points.lines().length} steps by ${this.people().join(', ')}, the newest ${this.called(this.points.head())}`,
  );
  /** A point in words: its name, or when it was and what was done. */
  protected called(step: number): string {
    const line: Line | undefined = this.points.lines().find((l) => l.seq === step);
    if (!line) return step <= this.points.first() ? 'before all of these' : `step ${step}`;
    const live = step === this.points.live() ? ', live' : '';
    return `${line.name ? `${line.name}: ` : ''}${time(line.at)}${live}`;
  }
}
