import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { NgIcon } from '@ng-icons/core';
import { idFrom } from '@tin-porch/core/ground';
import { GROUNDS, type Ground, type Section } from '@tin-porch/core/model';
import type { Operation } from '@tin-porch/core/operations';
import { addItem, listsOf, shapesOfKind, type SectionList } from '@tin-porch/core/making';
import { SectionShows } from '../collections/section-shows';
import { RowButtons } from '../parts/row-buttons';
import { SiteStore } from './site-store';

const GROUND_WORDS: Record<Ground, string> = { plain: 'Plain', wash: 'Washed', deep: 'Deep' };

/** How a section is laid out, on what ground, and the items of its lists. Its words stand in their own fields. */
@Component({
  selector: 'tp-section-panel',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [NgIcon, RowButtons, SectionShows],
  template: `
    <tp-section-shows [section]="section()" />
    @for (list of lists(); track list.field) {
      <fieldset class="items">
        <legend>{{ list.one }}, {{ list.items.length }} of at most {{ list.most }}</legend>
        <ol>
          @for (item of list.items; track item.id; let n = $index, last = $last) {
            <li>
              <span [class.quiet]="!item.name">{{ item.name || 'empty' }}</span>
              <tp-row-buttons
                [name]="called(list, n)"
                [first]="n === 0"
                [last]="last"
                (up)="change(move(list, item.id, n - 1))"
                (down)="change(move(list, item.id, n + 1))"
                (out)="remove(list, n)"
              />
            </li>
          }
        </ol>
        <button class="plain small" type="button" [disabled]="list.items.length >= list.most" (click)="add(list)">
          <ng-icon name="lucidePlus" aria-hidden="true" />{{ list.one }}
        </button>
      </fieldset>
    }
    @if (!shared() && shapes().length > 1) {
      <div class="halves">
        <div class="field">
          <label [for]="'shape-' + section().id">Shape</label>
          <select [id]="'shape-' + section().id" (change)="lay($any($event.target).value, section().ground)">
            @for (s of shapes(); track s.shape) {
              <option [value]="s.shape" [selected]="s.shape === section().shape">{{ s.character }}</option>
            }
          </select>
        </div>
        <div class="field">
          <label [for]="'ground-' + section().id">Ground</label>
          <select [id]="'ground-' + section().id" (change)="lay(section().shape, $any($event.target).value)">
            @for (g of grounds; track g) {
              <option [value]="g" [selected]="g === (section().ground ?? 'plain')">{{ groundWords[g] }}</option>
            }
          </select>
        </div>
      </div>
    }
  `,
})
export class SectionPanel {
  private readonly store = inject(SiteStore);
  readonly section = input.required<Section>();
  /** True for what every page shares. */
  readonly shared = input(false);
  protected readonly grounds = GROUNDS;
  protected readonly groundWords = GROUND_WORDS;
  /** What a collection fills has no items of its own. */
  protected readonly lists = computed(() =>
    listsOf(this.section()).filter((l) => !(this.section().shows && l.field === 'items')),
  );
  protected readonly shapes = computed(() => shapesOfKind(this.section()));

  protected called = (list: SectionList, n: number): string =>
    list.items[n]!.name || `${list.one.toLowerCase()} ${n + 1}`;
  private of = (list: SectionList) => ({ section: this.section().id, path: list.field });
  protected move = (list: SectionList, item: string, to: number): Operation => ({
    op: 'moveItem',
    list: this.of(list),
    item,
    to,
  });
  protected change(operation: Operation): void {
    this.store.change(operation);
    void this.store.flush();
  }
  protected add(list: SectionList): void {
    const id = idFrom(crypto.randomUUID());
    this.change(addItem(this.section(), list.field, id));
    this.store.part.set(`${this.section().id}/${list.field}.${id}`);
  }
  protected remove(list: SectionList, n: number): void {
    this.change({ op: 'removeItem', list: this.of(list), item: list.items[n]!.id });
    this.store.said.set({ words: `${this.called(list, n)} is taken out.`, bad: false, undo: true });
  }
  protected lay(shape: string, ground: Ground | undefined): void {
    this.change({ op: 'setShape', section: this.section().id, shape, ...(ground && { ground }) });
  }
}
