import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { stretches } from '../writing/changed-text';

/** From so many letters on, what differs is told word by word; less is told whole, before and after. */
const LONG = 40;

/** What stood there and what stands there then: word by word where it is long. Lines stay lines. */
@Component({
  selector: 'tp-difference',
  changeDetection: ChangeDetectionStrategy.OnPush,
  // Between the stretches there is nothing but what is in them.
  preserveWhitespaces: false,
  template: `@if (whole()) {
      @if (before()) {
        <del>{{ before() }}</del>
      }
      @if (before() && after()) {
        <span class="quiet"> now </span>
      }
      @if (after()) {
        <ins>{{ after() }}</ins>
      }
    } @else {
      @for (part of parts(); track $index) {
        @if (part.kept !== undefined) {
          <span>{{ part.kept }}</span>
        } @else {
          @if (part.out) {
            <del>{{ part.out }}</del>
          }
          @if (part.in) {
            <ins>{{ part.in }}</ins>
          }
        }
      }
    }`,
  styles: `
    :host {
      display: block;
      white-space: pre-line;
      overflow-wrap: anywhere;
    }
    del {
      color: var(--brick);
    }
    ins {
      color: var(--moss);
      text-decoration-thickness: 1px;
      text-underline-offset: 2px;
    }
  `,
})
export class Difference {
  readonly before = input('');
  readonly after = input('');
  protected readonly whole = computed(
    () => !this.before() || !this.after() || Math.max(this.before().length, this.after().length) < LONG,
  );
  protected readonly parts = computed(() => stretches(this.before(), this.after()));
}
