import { ChangeDetectionStrategy, Component, computed, ElementRef, inject, input } from '@angular/core';
import { Drafts } from '../drafts';
import type { Change } from '../model';
import { wording } from '../words/words';

type OrderChange = Extract<Change, { kind: 'order' }>;
/** Something that stands in a row with others. */
export interface Ordered {
  id: string;
  name: string;
}

/** The order of things as somebody changed it and has not put up yet: what came since stands where it is. */
export function inOrder<T extends { id: string }>(all: readonly T[], change: OrderChange | undefined): T[] {
  if (!change) return [...all];
  const members = new Set(change.was);
  const wanted = change.value.flatMap((id) => all.find((r) => r.id === id) ?? []);
  return all.flatMap((r) => (members.has(r.id) ? (wanted.shift() ?? []) : [r]));
}

/** Changes the order of things, one step up or down at a time: by touch, by keys, and said as it is read out. */
@Component({
  selector: 'dk-order',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (rows().length > 1) {
      <section class="fields" [class.changed]="change()">
        <h2>{{ w().order.title }}</h2>
        @if (otherThere()) {
          <p class="differs" role="status">
            {{ w().order.differs }}
            <button class="plain" type="button" (click)="drafts.drop(key())">{{ w().takeTheirs }}</button>
          </p>
        }
        <ol class="order">
          @for (r of shown(); track r.id; let first = $first; let last = $last) {
            <li>
              <span>{{ r.name }}</span>
              <button
                type="button"
                [id]="'up-' + r.id"
                [attr.aria-label]="w().order.up + ': ' + r.name"
                [attr.aria-disabled]="first"
                (click)="move(r.id, -1)"
              >
                ↑
              </button>
              <button
                type="button"
                [id]="'down-' + r.id"
                [attr.aria-label]="w().order.down + ': ' + r.name"
                [attr.aria-disabled]="last"
                (click)="move(r.id, 1)"
              >
                ↓
              </button>
            </li>
          }
        </ol>
      </section>
    }
  `,
})
export class OrderPart {
  /** What is in that order, as the site knows it: `page/home`. */
  readonly of = input.required<string>();
  /** All of it, in the order visitors see. */
  readonly rows = input.required<readonly Ordered[]>();
  protected readonly drafts = inject(Drafts);
  private readonly element = inject<ElementRef<HTMLElement>>(ElementRef);
  protected readonly w = wording().words;
  protected readonly key = computed(() => `order ${this.of()}`);
  protected readonly change = computed(() => this.drafts.about(this.key()) as OrderChange | undefined);
  protected readonly shown = computed(() => inOrder(this.rows(), this.change()));
  /** Whether they stand in another order by now than when it was changed here. */
  protected readonly otherThere = computed(() => {
    const was = this.change()?.was;
    if (!was) return false;
    const members = new Set(was);
    return (
      this.rows()
        .filter((r) => members.has(r.id))
        .map((r) => r.id)
        .join() !== was.join()
    );
  });

  protected move(id: string, by: 1 | -1): void {
    const value = this.shown().map((r) => r.id);
    const at = value.indexOf(id);
    if (!value[at + by]) return;
    [value[at], value[at + by]] = [value[at + by]!, id];
    this.drafts.put({ kind: 'order', of: this.of(), was: this.rows().map((r) => r.id), value });
    // Where it moved to, it can be moved on.
    const button = `#${CSS.escape(`${by < 0 ? 'up' : 'down'}-${id}`)}`;
    setTimeout(() => this.element.nativeElement.querySelector<HTMLElement>(button)?.focus());
  }
}
