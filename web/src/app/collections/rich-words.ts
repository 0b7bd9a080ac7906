import {
  afterNextRender,
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  effect,
  ElementRef,
  inject,
  input,
  output,
  signal,
  viewChild,
} from '@angular/core';
import type { WordsCommand, WordsState, Written } from '@tin-porch/surface';
import type { WordsEditor } from '@tin-porch/surface/words';
import { LinkField } from '../hand/link-field';

const same = (a: Written, b: Written): boolean =>
  a.value === b.value && JSON.stringify(a.marks ?? []) === JSON.stringify(b.marks ?? []);

/** A text with what stands out in it, written where there is no page to write it on: in a form. */
@Component({
  selector: 'tp-rich-words',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [LinkField],
  host: { '(focusin)': 'here.set(true)', '(focusout)': 'gone($event)' },
  styleUrl: './rich-words.scss',
  template: `
    <p #place class="write" [class.long]="long()" [id]="name()">{{ text().value }}</p>
    @if (linking()) {
      <tp-link-field
        [target]="state()?.link ?? null"
        none="No link"
        (chosen)="link($event)"
        (left)="linking.set(false); do({ name: 'focus' })"
      />
    } @else if (here()) {
      <div class="bar" role="toolbar" [attr.aria-label]="'What stands out in ' + label()">
        @for (mark of marks; track mark.name) {
          <button
            class="plain small {{ mark.name }}"
            type="button"
            [attr.aria-pressed]="state()?.[mark.name] ?? false"
            (mousedown)="$event.preventDefault()"
            (click)="do({ name: mark.name })"
          >
            {{ mark.words }}
          </button>
        }
        <button
          class="plain small"
          type="button"
          [attr.aria-pressed]="(state()?.link ?? null) !== null"
          (mousedown)="$event.preventDefault()"
          (click)="linking.set(true)"
        >
          Link
        </button>
      </div>
    }
  `,
})
export class RichWords {
  protected readonly marks = [
    { name: 'strong', words: 'Strong' },
    { name: 'stress', words: 'Stress' },
  ] as const;
  readonly text = input.required<Written>();
  readonly label = input.required<string>();
  /** The id of what is written in. */
  readonly name = input.required<string>();
  /** Whether it is to have room for many words. */
  readonly long = input(false);
  readonly written = output<Written>();
  /** Whether the hand is in it. */
  protected readonly here = signal(false);
  protected readonly linking = signal(false);
  protected readonly state = signal<WordsState | null>(null);
  private readonly place = viewChild.required<ElementRef<HTMLElement>>('place');
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
  private readonly editor = signal<WordsEditor | null>(null);
  /** True while what is written elsewhere is put in. */
  private taking = false;

  constructor() {
    let left = false;
    inject(DestroyRef).onDestroy(() => {
      left = true;
      this.editor()?.end();
    });
    afterNextRender(async () => {
      const { WordsEditor } = await import('@tin-porch/surface/words');
      if (left) return;
      this.editor.set(
        new WordsEditor({
          element: this.place().nativeElement,
          part: this.name(),
          label: this.label(),
          form: 'prose',
          text: this.text(),
          at: 'none',
          written: (text) => {
            if (!this.taking) this.written.emit(text);
          },
          state: (state) => this.state.set(state),
        }),
      );
    });
    effect(() => {
      const [editor, text] = [this.editor(), this.text()];
      if (!editor || same(editor.written, text)) return;
      this.taking = true;
      editor.do({ name: 'replace', text });
      this.taking = false;
    });
  }

  protected do(command: WordsCommand): void {
    this.editor()?.do(command);
  }
  protected link(target: string | null): void {
    this.linking.set(false);
    this.do(target === null ? { name: 'unlink' } : { name: 'link', target });
  }
  protected gone({ relatedTarget }: FocusEvent): void {
    if (!(relatedTarget instanceof Node && this.host.contains(relatedTarget)) && !this.linking()) this.here.set(false);
  }
}
