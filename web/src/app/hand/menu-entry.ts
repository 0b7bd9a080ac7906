import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { menuRows, nestPage, renamePage } from '@tin-porch/core/making';
import { namedOf } from '@tin-porch/core/model';
import type { Operation } from '@tin-porch/core/operations';
import { KeptText } from '../parts/kept-text';
import { SiteStore } from '../site/site-store';

/** One page of the menu, taken in the header: what it is called there, where it stands, and whether it does. */
@Component({
  selector: 'tp-menu-entry',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [KeptText],
  styleUrl: './margin-part.scss',
  template: `
    @if (row(); as row) {
      <b>In the menu: {{ row.page.label }}</b>
      <input aria-label="What the menu calls it" maxlength="40" [tpKept]="row.page.label" (typed)="rename($event)" />
      <button type="button" [disabled]="row.before === null" (click)="move(row.before)">Before</button>
      <button type="button" [disabled]="row.after === null" (click)="move(row.after)">After</button>
      @if (row.over.length || row.page.parent) {
        <select aria-label="The page it stands under" (change)="nest($any($event.target).value)">
          <option value="" [selected]="!row.page.parent">under none</option>
          @for (other of row.over; track other.id) {
            <option [value]="other.id" [selected]="other.id === row.page.parent">under {{ other.label }}</option>
          }
        </select>
      }
      <button type="button" (click)="leaveOut()">Out of the menu</button>
    }
  `,
})
export class MenuEntry {
  private readonly store = inject(SiteStore);
  readonly page = input.required<string>();
  protected readonly row = computed(() => {
    const document = this.store.document();
    return (document && menuRows(document).find((r) => r.page.id === this.page() && r.page.slug !== '')) || null;
  });

  private change(operation: Operation, said?: string): void {
    this.store.change(operation);
    if (said) this.store.said.set({ words: said, bad: false, undo: true });
  }
  protected rename(typed: string): void {
    const label = typed.trim();
    const live = (this.store.detail()?.liveRelease ?? null) !== null;
    const page = this.row()?.page;
    if (page && label && label !== page.label) this.change(renamePage(this.store.document()!, page.id, label, live));
  }
  protected move(to: number | null): void {
    if (to !== null) this.change({ op: 'movePage', page: this.page(), to });
  }
  protected nest(parent: string): void {
    this.change(nestPage(this.store.document()!, this.page(), parent || null));
  }
  protected leaveOut(): void {
    const page = this.row()?.page;
    if (page)
      this.change(
        { op: 'setPage', ...namedOf(page), menu: false },
        `${page.label} is out of the menu; the footer leads to it.`,
      );
  }
}
