import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import type { Span } from '@tin-porch/core/brief';
import { FIELD_NAMES } from './field-names';

/** One run of a text: plain, or marked by the narrowest stretch that covers it. */
interface Run {
  text: string;
  span: Span | null;
  /** True on the last run of a stretch, where its name is put. */
  last: boolean;
}

/** Cuts a text at the edges of its spans; where spans lie inside each other, the narrower one shows. */
export function runsOf(source: string, spans: readonly Span[]): Run[] {
  const edges = [...new Set([0, source.length, ...spans.flatMap((s) => [s.from, s.to])])].sort((a, b) => a - b);
  const runs: Run[] = [];
  for (const [n, from] of edges.entries()) {
    const to = edges[n + 1];
    if (to === undefined) break;
    const span =
      spans.filter((s) => s.from <= from && to <= s.to).sort((a, b) => a.to - a.from - (b.to - b.from))[0] ?? null;
    const before = runs.at(-1);
    if (before && before.span === span) before.text += source.slice(from, to);
    else runs.push({ text: source.slice(from, to), span, last: false });
  }
  const seen = new Set<Span>();
  for (const run of [...runs].reverse())
    if (run.span && !seen.has(run.span)) {
      run.last = true;
      seen.add(run.span);
    }
  return runs;
}

/** A text with what was read in it marked and named; a mark can be chosen. */
@Component({
  selector: 'tp-marked-text',
  changeDetection: ChangeDetectionStrategy.OnPush,
  // White space is the text’s own here: none of the template’s may come between.
  preserveWhitespaces: false,
  template: `
    <div class="marked" dir="auto" #whole (mouseup)="select(whole)">
      @for (run of runs(); track $index) {
        @if (run.span; as span) {
          <span
            role="button"
            tabindex="0"
            class="read"
            [class.on]="span === chosen()"
            [attr.aria-pressed]="span === chosen()"
            (click)="choose.emit(span)"
            (keydown.enter)="choose.emit(span)"
            (keydown.space)="choose.emit(span); $event.preventDefault()"
            (keydown.delete)="refuse.emit(span); $event.preventDefault()"
            (keydown.backspace)="refuse.emit(span); $event.preventDefault()"
            ><span [textContent]="run.text"></span>
            @if (run.last) {
              <span class="as">{{ names[span.field] }}</span>
            }
          </span>
        } @else {
          <span [textContent]="run.text"></span>
        }
      }
    </div>
  `,
  styles: `
    .marked {
      margin-top: 12px;
      max-width: 68ch;
      line-height: 2;
      white-space: pre-wrap;
      overflow-wrap: anywhere;
    }
    .read .as {
      margin-left: 4px;
      font-family: var(--mono);
      font-size: 11px;
      color: var(--ink-2);
    }
  `,
})
export class MarkedText {
  readonly source = input.required<string>();
  readonly spans = input.required<readonly Span[]>();
  readonly chosen = input<Span | null>(null);
  readonly choose = output<Span>();
  /** A mark that was taken off by a key. */
  readonly refuse = output<Span>();
  /** Words that were selected, as they stand in the text. */
  readonly selected = output<string>();
  protected readonly names = FIELD_NAMES;
  protected readonly runs = computed(() => runsOf(this.source(), this.spans()));

  protected select(whole: HTMLElement): void {
    const selection = getSelection();
    if (
      !selection?.rangeCount ||
      selection.isCollapsed ||
      !whole.contains(selection.anchorNode) ||
      !whole.contains(selection.focusNode)
    )
      return;
    // The names of marks stand between the words and are none of them.
    const part = selection.getRangeAt(0).cloneContents();
    for (const name of part.querySelectorAll('.as')) name.remove();
    const words = (part.textContent ?? '').trim();
    if (words) this.selected.emit(words);
  }
}
