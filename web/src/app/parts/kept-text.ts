import { Directive, effect, ElementRef, inject, input, output } from '@angular/core';

/**
 * A field whose text is read into something else (a list, people, a name) as it is typed: while the hand is in it it
 * shows what was typed, afterwards how that was understood.
 */
@Directive({ selector: 'input[tpKept], textarea[tpKept]', host: { '(input)': 'take()', '(blur)': 'settle()' } })
export class KeptText {
  readonly tpKept = input.required<string>();
  readonly typed = output<string>();
  private readonly field = inject<ElementRef<HTMLInputElement | HTMLTextAreaElement>>(ElementRef).nativeElement;

  constructor() {
    effect(() => {
      const text = this.tpKept();
      if (document.activeElement !== this.field) this.field.value = text;
    });
  }
  protected take(): void {
    this.typed.emit(this.field.value);
  }
  protected settle(): void {
    if (this.field.value !== this.tpKept()) this.field.value = this.tpKept();
  }
}
