import { ChangeDetectionStrategy, Component, computed, effect, input, output, signal } from '@angular/core';
import { diffWordsWithSpace } from 'diff';

/** A stretch of a text that stays, or a change of it that can be left. */
export interface Stretch {
  kept?: string;
  out?: string;
  in?: string;
}

/** How long it is looked for what two texts share. */
const MOST_MS = 200;

/** What two texts share and where they differ, word by word; neighbouring differences are one change. */
export function stretches(before: string, after: string): Stretch[] {
  const out: Stretch[] = [];
  // Long texts that share next to nothing are not told word by word: looking for it would stop the page.
  const parts = diffWordsWithSpace(before, after, { timeout: MOST_MS }) ?? [
    { value: before, removed: true, added: false },
    { value: after, removed: false, added: true },
  ];
  for (const part of parts) {
    const last = out.at(-1);
    if (!part.added && !part.removed) {
      // A lone space between two changes belongs to them: they are one.
      if (last && last.kept === undefined && /^\s$/.test(part.value)) {
        last.out = (last.out ?? '') + part.value;
        last.in = (last.in ?? '') + part.value;
      } else out.push({ kept: part.value });
      continue;
    }
    const change = last && last.kept === undefined ? last : out[out.push({}) - 1]!;
    if (part.removed) change.out = (change.out ?? '') + part.value;
    else change.in = (change.in ?? '') + part.value;
  }
  return out;
}

/** The text with some of its changes left out. */
export const composed = (parts: readonly Stretch[], left: ReadonlySet<number>): string =>
  parts.map((p, n) => p.kept ?? (left.has(n) ? (p.out ?? '') : (p.in ?? ''))).join('');

/** A text before and after: every change is marked, and a click leaves it or takes it again. */
@Component({
  selector: 'tp-changed-text',
  changeDetection: ChangeDetectionStrategy.OnPush,
  // Spaces of the text are its own.
  preserveWhitespaces: false,
  styleUrl: './changed-text.scss',
  template: `<p class="changed">
    @for (part of parts(); track $index; let n = $index) {
      @if (part.kept !== undefined) {
        <span>{{ part.kept }}</span>
      } @else {
        <button type="button" [attr.aria-pressed]="!left().has(n)" (click)="toggle(n)">
          @if (part.out) {
            <del>{{ part.out }}</del>
          }
          @if (part.out && part.in) {
            <span class="sr"> becomes </span>
          }
          @if (part.in) {
            <ins>{{ part.in }}</ins>
          }
        </button>
      }
    }
  </p>`,
})
export class ChangedText {
  readonly before = input.required<string>();
  readonly after = input.required<string>();
  /** The text as it is with what was left out. */
  readonly text = output<string>();
  protected readonly left = signal<ReadonlySet<number>>(new Set());
  protected readonly parts = computed(() => stretches(this.before(), this.after()));

  constructor() {
    effect(() => {
      this.parts();
      this.left.set(new Set());
    });
  }
  protected toggle(n: number): void {
    const next = new Set(this.left());
    if (!next.delete(n)) next.add(n);
    this.left.set(next);
    this.text.emit(composed(this.parts(), next));
  }
}
