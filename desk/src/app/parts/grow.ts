import { afterRenderEffect, Directive, ElementRef, inject, input } from '@angular/core';

/** A field of several lines that is as high as what stands in it. */
@Directive({ selector: 'textarea[dkGrow]' })
export class Grow {
  readonly dkGrow = input.required<string>();
  private readonly area = inject<ElementRef<HTMLTextAreaElement>>(ElementRef).nativeElement;

  constructor() {
    afterRenderEffect(() => {
      this.dkGrow();
      this.area.style.height = 'auto';
      this.area.style.height = `${this.area.scrollHeight + 2}px`;
    });
  }
}
