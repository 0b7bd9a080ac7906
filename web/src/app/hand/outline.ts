import { CdkDrag, CdkDragHandle, CdkDropList, CdkDropListGroup, type CdkDragDrop } from '@angular/cdk/drag-drop';
import { ChangeDetectionStrategy, Component, computed, inject, output, signal } from '@angular/core';
import { NgIcon } from '@ng-icons/core';
import { shapes } from '@tin-porch/core/look';
import {
  carryTo,
  layoutWords,
  hasOwnGround,
  listsOf,
  menuRows,
  nestPage,
  renamePage,
  takeOutPage,
  takeOutSection,
  textsOf,
  toSeveral,
} from '@tin-porch/core/making';
import {
  GROUNDS,
  namedOf,
  waits,
  type Ground,
  type Page,
  type Section,
  type SiteDocument,
} from '@tin-porch/core/model';
import type { Operation } from '@tin-porch/core/operations';
import { some } from '@tin-porch/core/some';
import { KeptText } from '../parts/kept-text';
import { RowButtons } from '../parts/row-buttons';
import { LockBox } from '../client/lock';
import { SiteStore } from '../site/site-store';
import { OutlineCollections } from '../collections/outline-collections';
import { OutlineLists } from './outline-lists';

const GROUND_WORDS: Record<Ground, string> = { plain: 'plain', wash: 'washed', deep: 'deep' };

/**
 * What the site is made of, in step with the window: its pages as the menu has them, the sections of the one that is open
 * and what is in those. Pages are named, put in order and under one another here; several sections are taken at once.
 */
@Component({
  selector: 'tp-outline',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [
    LockBox,
    CdkDrag,
    CdkDragHandle,
    CdkDropList,
    CdkDropListGroup,
    KeptText,
    NgIcon,
    OutlineCollections,
    OutlineLists,
    RowButtons,
  ],
  styleUrl: './outline.scss',
  template: `
    <ol class="pages" cdkDropListGroup aria-label="Pages, as the menu has them">
      @for (row of pages(); track row.page.id) {
        <li [class.under]="row.under" [class.here]="row.page.id === here()?.id">
          <div
            class="page"
            cdkDropList
            [cdkDropListData]="row.page.id"
            [cdkDropListDisabled]="row.page.id === here()?.id"
            (cdkDropListDropped)="dropped($event)"
          >
            <input
              maxlength="40"
              [attr.aria-label]="'Name of the page ' + row.page.label"
              [tpKept]="row.page.label"
              (focus)="open(row.page.id)"
              (typed)="rename(row.page, $event)"
            />
            @if (row.page.slug) {
              <tp-row-buttons
                [name]="'the page ' + row.page.label"
                [first]="row.before === null"
                [last]="row.after === null"
                (up)="movePage(row.page, row.before!)"
                (down)="movePage(row.page, row.after!)"
                (out)="takePage(row.page)"
              />
            }
          </div>
          @if (row.page.id === here()?.id) {
            @if (row.page.slug) {
              <div class="bar about">
                <label class="check"
                  ><input type="checkbox" [checked]="row.page.menu !== false" (change)="inMenu(row.page)" />In the
                  menu</label
                >
                @if (row.over.length || row.page.parent) {
                  <label
                    >Under
                    <select
                      [attr.aria-label]="'Page that ' + row.page.label + ' is under'"
                      (change)="nest(row.page, $any($event.target).value)"
                    >
                      <option value="" [selected]="!row.page.parent">none</option>
                      @for (other of row.over; track other.id) {
                        <option [value]="other.id" [selected]="other.id === row.page.parent">{{ other.label }}</option>
                      }
                    </select></label
                  >
                }
              </div>
            }
            <div class="bar about">
              <label class="check"
                ><input
                  type="checkbox"
                  [checked]="row.page.hold !== undefined"
                  (change)="hold(row.page, row.page.hold === undefined ? '' : null)"
                />On hold</label
              >
              @if (row.page.hold !== undefined) {
                <input
                  [attr.aria-label]="'What visitors of ' + row.page.label + ' read while it is on hold'"
                  placeholder="This page is being worked on."
                  maxlength="300"
                  [tpKept]="row.page.hold"
                  (typed)="hold(row.page, $event)"
                />
              }
            </div>
            @if (row.page.id === here()?.id) {
              <tp-lock [lock]="'page/' + row.page.id" />
            }
            <ol
              class="sections"
              cdkDropList
              [cdkDropListData]="row.page.id"
              (cdkDropListDropped)="dropped($event)"
              [attr.aria-label]="'Sections of ' + row.page.label"
            >
              @for (section of row.page.sections; track section.id; let n = $index) {
                <li cdkDrag [cdkDragData]="section.id" [class.on]="section.id === chosen()">
                  <span class="grip-dots" cdkDragHandle aria-hidden="true"><ng-icon name="lucideGripVertical" /></span>
                  <input
                    type="checkbox"
                    [attr.aria-label]="'Take ' + title(section) + ' with others'"
                    [checked]="taken().has(section.id)"
                    (change)="take(section.id)"
                  />
                  <div class="of">
                    <button
                      type="button"
                      class="link"
                      [id]="'outline-' + section.id"
                      [attr.aria-expanded]="section.id === chosen()"
                      (click)="choose(section)"
                      (keydown)="key($event, row.page, n)"
                    >
                      {{ title(section) }}
                    </button>
                    <span class="quiet">{{ said(section) }}</span>
                    @if (section.id === chosen()) {
                      @for (list of lists(section); track list.field) {
                        <ol class="within">
                          @for (item of list.items; track item.id; let k = $index) {
                            <li>
                              <button type="button" class="link" (click)="go(section, list.field + '.' + item.id)">
                                {{ item.name || list.one + ' ' + (k + 1) }}
                              </button>
                            </li>
                          }
                        </ol>
                      }
                    }
                  </div>
                </li>
              }
            </ol>
            @if (several(); as many) {
              <div class="bar several" role="group" aria-label="What is done to those taken">
                <b>{{ many }}</b>
                <button class="plain small" type="button" (click)="hide(true)">Hide</button>
                <button class="plain small" type="button" (click)="hide(false)">Show</button>
                <select
                  aria-label="Ground of those taken"
                  (change)="ground($any($event.target).value); $any($event.target).value = ''"
                >
                  <option value="">Ground …</option>
                  @for (g of grounds; track g) {
                    <option [value]="g">{{ groundWords[g] }}</option>
                  }
                </select>
                <select
                  aria-label="Carry those taken to another page"
                  (change)="carry($any($event.target).value); $any($event.target).value = ''"
                >
                  <option value="">Carry to …</option>
                  @for (other of store.document()!.pages; track other.id) {
                    @if (other.id !== row.page.id) {
                      <option [value]="other.id">{{ other.label }}</option>
                    }
                  }
                </select>
                <button class="plain small" type="button" (click)="takeOut()">Take out</button>
                <button class="plain small" type="button" (click)="taken.set(none)">Let go</button>
              </div>
            }
          }
        </li>
      }
    </ol>
    <p class="quiet">The header’s menu has them in this order. Those that are not in it are in the footer.</p>
    <tp-outline-collections />
    @if (here(); as page) {
      <tp-outline-lists [page]="page" (go)="wanted.emit($event)" />
    }
  `,
})
export class Outline {
  protected readonly store = inject(SiteStore);
  /** A part (`section/path`) that is to be gone to. */
  readonly wanted = output<string>();
  protected readonly grounds = GROUNDS;
  protected readonly groundWords = GROUND_WORDS;
  protected readonly none: ReadonlySet<string> = new Set();
  protected readonly here = computed(() => {
    const pages = this.store.document()?.pages ?? [];
    return pages.find((p) => p.id === this.store.page()) ?? pages[0];
  });
  protected readonly chosen = computed(() => this.store.part()?.split('/')[0]);
  /** Every page, those under another after it; where each would stand among all were it moved up or down. */
  protected readonly pages = computed(() => {
    const document = this.store.document();
    return document ? menuRows(document) : [];
  });
  /** The sections that are taken together; those that are gone, or on a page that is not open, are not. */
  protected readonly taken = signal<ReadonlySet<string>>(this.none);
  private readonly together = computed(() =>
    (this.here()?.sections ?? []).filter((s) => this.taken().has(s.id)).map((s) => s.id),
  );
  protected readonly several = computed(() => (this.together().length ? some(this.together().length, 'section') : ''));

  protected title = (s: Section) => shapes[s.shape]?.title ?? s.shape;
  protected said(s: Section): string {
    if (waits(s)) return 'hidden';
    const layout = layoutWords(s);
    const heading = textsOf(s).find((t) => t.path === 'heading')?.text.value;
    return [heading, ...layout].filter(Boolean).join('; ');
  }
  protected lists = (s: Section) => listsOf(s).filter((l) => l.items.length);

  private change(operation: Operation | null, done?: string): boolean {
    if (!operation) return false;
    this.store.change(operation);
    void this.store.flush();
    if (done) this.store.said.set({ words: done, bad: false, undo: true });
    return true;
  }
  protected open(page: string): void {
    if (this.store.page() === page) return;
    this.store.page.set(page);
    this.store.part.set(null);
  }
  protected rename(page: Page, typed: string): void {
    const label = typed.trim();
    const live = (this.store.detail()?.liveRelease ?? null) !== null;
    if (label && label !== page.label) this.change(renamePage(this.store.document()!, page.id, label, live));
  }
  protected movePage(page: Page, to: number): void {
    this.change({ op: 'movePage', page: page.id, to });
  }
  protected inMenu(page: Page): void {
    this.change({ op: 'setPage', ...namedOf(page), menu: page.menu === false });
  }
  /** Puts a page on hold with words in its stead, or shows it again. */
  protected hold(page: Page, hold: string | null): void {
    this.change({ op: 'setHold', page: page.id, hold });
  }
  protected nest(page: Page, parent: string): void {
    this.change(nestPage(this.store.document()!, page.id, parent || null));
  }
  protected takePage(page: Page): void {
    if (this.store.page() === page.id) this.open(this.store.document()!.pages[0]!.id);
    this.change(takeOutPage(this.store.document()!, page.id), `${page.label} is taken out, with all it held.`);
  }

  protected choose(section: Section): void {
    this.go(section, textsOf(section)[0]?.path ?? '');
  }
  protected go({ id }: Section, path: string): void {
    this.store.part.set(`${id}/${path}`);
  }
  /** Arrows walk, with Alt they move the section. */
  protected key(event: KeyboardEvent, page: Page, at: number): void {
    const by = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0;
    const section = page.sections[at];
    const next = page.sections[at + by];
    if (!by || !section) return;
    event.preventDefault();
    if (!next) return;
    if (event.altKey) this.change({ op: 'moveSection', section: section.id, page: page.id, to: at + by });
    const id = `outline-${(event.altKey ? section : next).id}`;
    // Put elsewhere in the list, it loses the keys.
    setTimeout(() => document.getElementById(id)?.focus());
  }
  protected dropped({
    item,
    container,
    previousContainer,
    currentIndex,
    previousIndex,
  }: CdkDragDrop<string, string, string>): void {
    const document = this.store.document()!;
    if (container === previousContainer) {
      if (currentIndex !== previousIndex)
        this.change({ op: 'moveSection', section: item.data, page: container.data, to: currentIndex });
      return;
    }
    const to = document.pages.find((p) => p.id === container.data);
    if (!this.change(carryTo(document, item.data, container.data), `It is on ${to?.label ?? ''} now, at its end.`))
      this.store.said.set({ words: 'It is all there is on its page, and stays.', bad: true });
  }

  protected take(section: string): void {
    const taken = new Set(this.taken());
    if (!taken.delete(section)) taken.add(section);
    this.taken.set(taken);
  }
  private all(done: string, what: (document: SiteDocument, id: string) => Operation | null): void {
    const { operation, refused } = toSeveral(this.store.document()!, this.together(), what);
    if (operation) this.change(operation, [done, ...refused].join(' '));
    else
      this.store.said.set({
        words: refused.join(' ') || 'Nothing of that would be a change.',
        bad: refused.length > 0,
      });
  }
  protected hide(hidden: boolean): void {
    this.all(hidden ? 'Hidden.' : 'Shown again.', (d, section) =>
      d.pages.some((p) => p.sections.some((s) => s.id === section && !!s.hidden !== hidden))
        ? { op: 'setSection', section, hidden }
        : null,
    );
  }
  protected ground(ground: Ground): void {
    this.all(`On ${GROUND_WORDS[ground]} ground.`, (d, id) => {
      const section = d.pages.flatMap((p) => p.sections).find((s) => s.id === id)!;
      return hasOwnGround(section) || (section.ground ?? 'plain') === ground
        ? null
        : { op: 'setShape', section: id, shape: section.shape, ground };
    });
  }
  protected carry(page: string): void {
    const to = this.store.document()!.pages.find((p) => p.id === page);
    if (to) this.all(`On ${to.label} now, at its end.`, (d, id) => carryTo(d, id, page));
  }
  protected takeOut(): void {
    this.all('Taken out.', takeOutSection);
    this.store.part.set(null);
  }
}
