import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { alsoOn, asThere, isOtherwise, pagesWithout, twinsOf } from '@tin-porch/core/making';
import type { Section } from '@tin-porch/core/model';
import type { Operation } from '@tin-porch/core/operations';
import { SiteStore } from '../site/site-store';

/** A change that is asked for, and what is said when it is made. */
export interface Asked {
  operation: Operation | null;
  said: string;
  /** Whether it is of this page alone, whatever others have. */
  here?: boolean;
}

/**
 * The pages that have one and the same section: put on more of them, changed on all of them or on this one alone, and as it
 * is elsewhere again.
 */
@Component({
  selector: 'tp-section-twins',
  changeDetection: ChangeDetectionStrategy.OnPush,
  styleUrl: './margin-part.scss',
  template: `
    @if (twins().length) {
      <b>The same on {{ names() }}</b>
      <label
        ><input type="checkbox" [checked]="alone()" (change)="work($any($event.target).checked)" />Change it here
        only</label
      >
      @if (otherwise()) {
        <span>Not as elsewhere.</span>
        <select aria-label="Make it what it is on another page" (change)="asOn($any($event.target))">
          <option value="">As on …</option>
          @for (twin of twins(); track twin.section.id) {
            <option [value]="twin.section.id">{{ twin.page.label }}</option>
          }
        </select>
      }
      <button type="button" (click)="part()">Part from the others</button>
    }
    @if (free().length) {
      <select [attr.aria-label]="'Put ' + title() + ' on other pages too'" (change)="also($any($event.target))">
        <option value="">{{ twins().length ? 'On one more …' : 'Also on …' }}</option>
        @if (free().length > 1) {
          <option value="*">every page</option>
        }
        @for (page of free(); track page.id) {
          <option [value]="page.id">{{ page.label }}</option>
        }
      </select>
    }
  `,
})
export class SectionTwins {
  private readonly store = inject(SiteStore);
  readonly section = input.required<Section>();
  readonly title = input.required<string>();
  readonly asked = output<Asked>();

  private readonly document = computed(() => this.store.document()!);
  protected readonly twins = computed(() => twinsOf(this.document(), this.section().id));
  protected readonly names = computed(() =>
    this.twins()
      .map((t) => t.page.label)
      .join(', '),
  );
  protected readonly free = computed(() => pagesWithout(this.document(), this.section().id));
  protected readonly alone = computed(() => this.store.alone().has(this.section().id));
  protected readonly otherwise = computed(() => isOtherwise(this.document(), this.section().id));

  protected work(alone: boolean): void {
    const now = new Set(this.store.alone());
    if (alone) now.add(this.section().id);
    else now.delete(this.section().id);
    this.store.alone.set(now);
  }
  protected also(select: HTMLSelectElement): void {
    const { value } = select;
    select.value = '';
    const pages = this.free().filter((p) => value === '*' || p.id === value);
    if (!pages.length) return;
    const where = pages.length > 1 ? `${pages.length} more pages` : pages[0]!.label;
    this.asked.emit({
      operation: alsoOn(
        this.document(),
        this.section().id,
        pages.map((p) => p.id),
      ),
      said: `${this.title()} is on ${where} too: what you change is changed on all of them.`,
    });
  }
  protected asOn(select: HTMLSelectElement): void {
    const twin = this.twins().find((t) => t.section.id === select.value);
    select.value = '';
    if (!twin) return;
    this.work(false);
    const operation = asThere(this.document(), this.section().id, twin.section.id);
    this.asked.emit({ operation, said: `As on ${twin.page.label} again.`, here: true });
  }
  protected part(): void {
    const operation: Operation = { op: 'setTwin', section: this.section().id, twin: null };
    this.asked.emit({ operation, said: 'From now on it is of this page alone.' });
  }
}
