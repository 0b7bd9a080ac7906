import { CdkDrag, CdkDragHandle, CdkDropList, type CdkDragDrop } from '@angular/cdk/drag-drop';
import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { RouterLink } from '@angular/router';
import { NgIcon } from '@ng-icons/core';
import { shapes } from '@tin-porch/core/look';
import {
  addSection,
  nestPage,
  offersFor,
  parentsFor,
  renamePage,
  takeOutPage,
  takeOutSection,
  toConfirm,
} from '@tin-porch/core/making';
import { namedOf, type Page, type Section } from '@tin-porch/core/model';
import type { Operation } from '@tin-porch/core/operations';
import { ChooseThen } from '../parts/choose-then';
import { KeptText } from '../parts/kept-text';
import { RowButtons } from '../parts/row-buttons';
import { SiteStore } from '../site/site-store';

/** One page in the plan: its label and place, and its sections, each with why it is there. */
@Component({
  selector: 'tp-plan-page',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'contents' },
  imports: [RouterLink, NgIcon, CdkDropList, CdkDrag, CdkDragHandle, ChooseThen, KeptText, RowButtons],
  styleUrl: './plan-page.scss',
  template: `
    <section class="sheet plan-page" [class.here]="page().id === store.page()" [attr.aria-label]="page().label">
      <div class="plan-head">
        <input
          class="plan-label"
          maxlength="40"
          [attr.aria-label]="'Menu label of ' + page().label"
          [tpKept]="page().label"
          (focus)="store.page.set(page().id)"
          (typed)="rename($event)"
        />
        <span class="mono quiet">/{{ page().slug }}</span>
        @if (at() > 0) {
          <tp-row-buttons
            [name]="page().label"
            [first]="at() === 1"
            [last]="last()"
            (up)="movePage(at() - 1)"
            (down)="movePage(at() + 1)"
            (out)="takePage()"
          />
        }
      </div>
      <p class="quiet">{{ page().reason }}</p>
      @if (at() > 0) {
        @if (over(); as others) {
          @if (others.length || page().parent) {
            <label class="check"
              >Under
              <select
                [attr.aria-label]="'Page that ' + page().label + ' is under'"
                (change)="nest($any($event.target).value)"
              >
                <option value="" [selected]="!page().parent">none</option>
                @for (other of others; track other.id) {
                  <option [value]="other.id" [selected]="other.id === page().parent">{{ other.label }}</option>
                }
              </select></label
            >
          }
        }
        <label class="check"
          ><input type="checkbox" [checked]="page().menu !== false" (change)="setMenu($any($event.target).checked)" />
          In the menu</label
        >
      }
      <ol cdkDropList [cdkDropListData]="page()" (cdkDropListDropped)="dropped($event)">
        @for (section of page().sections; track section.id; let k = $index, lastOne = $last) {
          <li cdkDrag [cdkDragData]="section" [class.on]="section.id === chosenSection()">
            <span class="grip-dots" cdkDragHandle aria-hidden="true"><ng-icon name="lucideGripVertical" /></span>
            <span class="plan-section">
              <button class="link" type="button" (click)="choose(section)">
                <b>{{ title(section.shape) }}</b> {{ character(section.shape) }}
              </button>
              <span class="quiet">{{ section.reason }}</span>
              @if (section.feeds?.length) {
                <span class="quiet feeds">Fed by {{ section.feeds!.join(', ') }}</span>
              }
            </span>
            <tp-row-buttons
              [name]="title(section.shape)"
              [first]="k === 0"
              [last]="lastOne"
              [stays]="page().sections.length === 1"
              (up)="moveSection(section, page(), k - 1)"
              (down)="moveSection(section, page(), k + 1)"
              (out)="takeSection(section)"
            />
          </li>
        }
      </ol>
      <div class="between">
        <tp-choose-then
          [label]="'Add a section to ' + page().label"
          placeholder="Another section …"
          act="Add"
          [options]="offers()"
          (chosen)="add($event)"
        />
        @if (open(); as count) {
          <a class="chip lamp" routerLink="../pages" (click)="store.page.set(page().id)">{{ count }} to confirm</a>
        }
      </div>
    </section>
  `,
})
export class PlanPage {
  readonly page = input.required<Page>();
  /** Its place among the pages: the first is the home page, which stays where it is. */
  readonly at = input.required<number>();
  readonly last = input.required<boolean>();
  /** The section that is looked at. */
  readonly chosenSection = input<string | null>(null);
  readonly sectionChosen = output<string>();
  protected readonly store = inject(SiteStore);
  protected title = (shape: string) => shapes[shape]?.title ?? shape;
  protected character = (shape: string) => shapes[shape]?.character ?? '';
  protected readonly open = computed(
    () => toConfirm(this.store.document()!).filter((t) => t.page?.id === this.page().id).length,
  );
  protected readonly offers = computed(() =>
    offersFor(this.store.document()!, this.page()).map(
      (o) => [o.shape, `${o.title}, ${o.character}. ${o.reason}`] as const,
    ),
  );
  /** The pages it can be put under. */
  protected readonly over = computed(() => parentsFor(this.store.document()!, this.page()));

  private change(operation: Operation, done?: string): void {
    this.store.change(operation);
    void this.store.flush();
    if (done) this.store.said.set({ words: done, bad: false, undo: true });
  }
  protected choose(section: Section): void {
    this.store.page.set(this.page().id);
    this.sectionChosen.emit(section.id);
  }
  protected rename(typed: string): void {
    const label = typed.trim();
    if (!label || label === this.page().label) return;
    // A page that visitors may know keeps its address: links to it would break.
    const known = (this.store.detail()?.liveRelease ?? null) !== null;
    this.store.change(renamePage(this.store.document()!, this.page().id, label, known));
  }
  protected setMenu(menu: boolean): void {
    this.change({ op: 'setPage', ...namedOf(this.page()), menu });
  }
  protected nest(parent: string): void {
    this.change(nestPage(this.store.document()!, this.page().id, parent || null));
  }
  protected movePage(to: number): void {
    this.change({ op: 'movePage', page: this.page().id, to });
  }
  protected takePage(): void {
    const { id, label } = this.page();
    if (this.store.page() === id) this.store.page.set('home');
    this.change(takeOutPage(this.store.document()!, id), `${label} is taken out, with all it held.`);
  }
  protected moveSection(section: Section, page: Page, to: number): void {
    this.change({ op: 'moveSection', section: section.id, page: page.id, to });
  }
  protected dropped(event: CdkDragDrop<Page, Page, Section>): void {
    if (event.previousContainer === event.container && event.previousIndex === event.currentIndex) return;
    this.moveSection(event.item.data, event.container.data, event.currentIndex);
  }
  protected takeSection(section: Section): void {
    this.change(takeOutSection(this.store.document()!, section.id), `${this.title(section.shape)} is taken out.`);
  }
  protected add(shape: string): void {
    this.store.page.set(this.page().id);
    this.change(addSection(this.store.document()!, this.page().id, shape, this.page().sections.length));
  }
}
