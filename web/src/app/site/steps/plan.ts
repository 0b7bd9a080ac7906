import { CdkDrag, CdkDragHandle, CdkDropList, CdkDropListGroup, type CdkDragDrop } from '@angular/cdk/drag-drop';
import { ChangeDetectionStrategy, Component, computed, effect, inject, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { RouterLink } from '@angular/router';
import { NgIcon } from '@ng-icons/core';
import { namedOf, type Page, type Section } from '@tin-porch/core/model';
import { shapes } from '@tin-porch/core/look';
import type { Operation } from '@tin-porch/core/operations';
import {
  addSection,
  askPlan,
  nestPage,
  parentsFor,
  offersFor,
  ownPage,
  pageOffers,
  renamePage,
  takeOutPage,
  takeOutSection,
  toConfirm,
  unmetWishes,
  type PageOffer,
} from '@tin-porch/core/making';
import { ChooseThen } from '../../parts/choose-then';
import { KeptText } from '../../parts/kept-text';
import { RowButtons } from '../../parts/row-buttons';
import { ViewSwitch } from '../../parts/view-switch';
import { Worktable } from '../../parts/worktable';
import { proposed, ProposedPlan } from '../../plan/proposed-plan';
import { SiteMap } from '../../plan/site-map';
import { Wireframe } from '../../plan/wireframe';
import { asRefusal } from '../../api/porch-api';
import { Drafts } from '../../session/drafts';
import { costWords, WritingDesk } from '../../writing/writing-desk';
import { SiteWindow } from '../../window/window';
import { SiteStore } from '../site-store';

const VIEWS = [
  ['map', 'Map and wireframe'],
  ['window', 'Window'],
] as const;

@Component({
  selector: 'tp-step',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [
    RouterLink,
    FormsModule,
    NgIcon,
    CdkDropListGroup,
    CdkDropList,
    CdkDrag,
    CdkDragHandle,
    Worktable,
    SiteWindow,
    SiteMap,
    ProposedPlan,
    Wireframe,
    ViewSwitch,
    ChooseThen,
    KeptText,
    RowButtons,
  ],
  styleUrl: './plan.scss',
  template: `
    <tp-worktable controlsName="Plan" [besideName]="viewName()" [reading]="view() !== 'window'">
      @if (store.drawn()) {
        <div class="between">
          <h2>Plan</h2>
          <span class="quiet">Every section, and why it is there</span>
        </div>
        <form class="field" (ngSubmit)="askFor()">
          <label for="plan-ask">Ask in words <span class="quiet">add a page about rigging under services</span></label>
          <span class="bar">
            <input
              id="plan-ask"
              name="ask"
              class="wide"
              maxlength="200"
              autocomplete="off"
              [ngModel]="asked()"
              (ngModelChange)="asked.set($event)"
            />
            <button class="plain" type="submit" [disabled]="!asked().trim()">Ask</button>
          </span>
          @if (answer()) {
            <p class="fault" role="alert">{{ answer() }}</p>
          }
        </form>
        @if (unmet(); as wishes) {
          <p class="note">
            The client wants {{ wishes }}: there is no section for it yet. Tell them, or say it in words.
          </p>
        }
        <div cdkDropListGroup>
          @for (page of store.document()!.pages; track page.id; let n = $index, last = $last) {
            <section class="sheet plan-page" [class.here]="page.id === store.page()" [attr.aria-label]="page.label">
              <div class="plan-head">
                <input
                  class="plan-label"
                  maxlength="40"
                  [attr.aria-label]="'Menu label of ' + page.label"
                  [tpKept]="page.label"
                  (focus)="store.page.set(page.id)"
                  (typed)="rename(page, $event)"
                />
                <span class="mono quiet">/{{ page.slug }}</span>
                @if (n > 0) {
                  <tp-row-buttons
                    [name]="page.label"
                    [first]="n === 1"
                    [last]="last"
                    (up)="movePage(page, n - 1)"
                    (down)="movePage(page, n + 1)"
                    (out)="takePage(page)"
                  />
                }
              </div>
              <p class="quiet">{{ page.reason }}</p>
              @if (n > 0) {
                @if (parents(page); as over) {
                  @if (over.length || page.parent) {
                    <label class="check"
                      >Under
                      <select
                        [attr.aria-label]="'Page that ' + page.label + ' is under'"
                        (change)="nest(page, $any($event.target).value)"
                      >
                        <option value="" [selected]="!page.parent">none</option>
                        @for (other of over; track other.id) {
                          <option [value]="other.id" [selected]="other.id === page.parent">{{ other.label }}</option>
                        }
                      </select></label
                    >
                  }
                }
                <label class="check"
                  ><input
                    type="checkbox"
                    [checked]="page.menu !== false"
                    (change)="setMenu(page, $any($event.target).checked)"
                  />
                  In the menu</label
                >
              }
              <ol cdkDropList [cdkDropListData]="page" (cdkDropListDropped)="dropped($event)">
                @for (section of page.sections; track section.id; let k = $index, lastOne = $last) {
                  <li cdkDrag [cdkDragData]="section" [class.on]="section.id === section_()">
                    <span class="grip-dots" cdkDragHandle aria-hidden="true"
                      ><ng-icon name="lucideGripVertical"
                    /></span>
                    <span class="plan-section">
                      <button class="link" type="button" (click)="chooseSection(page, section)">
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
                      [stays]="page.sections.length === 1"
                      (up)="moveSection(section, page, k - 1)"
                      (down)="moveSection(section, page, k + 1)"
                      (out)="takeSection(section)"
                    />
                  </li>
                }
              </ol>
              <div class="between">
                <tp-choose-then
                  [label]="'Add a section to ' + page.label"
                  placeholder="Another section …"
                  act="Add"
                  [options]="offers(page)"
                  (chosen)="add(page, $event)"
                />
                @if (open(page); as count) {
                  <a class="chip lamp" routerLink="../pages" (click)="store.page.set(page.id)"
                    >{{ count }} to confirm</a
                  >
                }
              </div>
            </section>
          }
        </div>
        <h2 class="gap">Another page</h2>
        <ul class="choices">
          @for (offer of pages(); track offer.page.id) {
            <li class="sheet between">
              <span
                ><b>{{ offer.label }}</b
                ><br /><span class="quiet">{{ offer.reason }}</span></span
              >
              <button class="plain small" type="button" (click)="addPage(offer)">Add it</button>
            </li>
          }
        </ul>
        <form class="bar gap" (ngSubmit)="addOwn()">
          <input
            class="plan-label"
            name="own"
            maxlength="40"
            aria-label="Label of a page of your own"
            placeholder="A page of your own"
            [ngModel]="own()"
            (ngModelChange)="own.set($event)"
          />
          <button class="plain" type="submit" [disabled]="!own().trim()">Add it</button>
        </form>
      } @else {
        @if (named()) {
          <h2>Plan</h2>
          <tp-proposed-plan />
        } @else {
          <div class="stack">
            <h2>No plan yet</h2>
            <p>The plan is made from the brief, which does not say yet whom the site is for.</p>
            <a class="plain" routerLink="../brief">To the brief</a>
          </div>
        }
      }
      <ng-container beside>
        @if (!store.drawn() && draft(); as document) {
          <h2>Site map</h2>
          <tp-site-map [pages]="document.pages" [page]="store.page()" (choose)="store.page.set($event)" />
          @if (draftPage(); as page) {
            <h2 class="gap">{{ page.label }}</h2>
            <tp-wireframe [page]="page" [section]="null" />
          }
        }
        @if (store.drawn()) {
          <tp-view-switch [views]="views" [(shown)]="view" />
          @switch (view()) {
            @case ('map') {
              <h2>Site map</h2>
              <tp-site-map [pages]="store.document()!.pages" [page]="store.page()" (choose)="store.page.set($event)" />
              @if (current(); as page) {
                <h2 class="gap">{{ page.label }}</h2>
                <tp-wireframe [page]="page" [section]="section_()" (choose)="section_.set($event)" />
              }
            }
            @case ('window') {
              <tp-window [document]="store.document()!" [(page)]="store.page" />
            }
          }
        }
      </ng-container>
    </tp-worktable>
  `,
})
export class PlanStep {
  protected readonly store = inject(SiteStore);
  private readonly desk = inject(WritingDesk);
  protected readonly views = VIEWS;
  protected readonly viewName = computed(() => VIEWS.find(([v]) => v === this.view())![1]);
  protected readonly view = signal<'map' | 'window'>('map');
  /** What the client wants that no section can do yet. */
  protected readonly unmet = computed(() => unmetWishes(this.store.document()!.facts).join(', '));
  /** There is somebody to make a plan for. */
  protected readonly named = computed(() => (this.store.document()?.facts.name.trim() ?? '') !== '');
  /** The site as it would be made with what is ticked. */
  protected readonly draft = computed(() => {
    const document = this.store.document();
    return document && this.named() && !this.store.drawn() ? proposed(document, false) : null;
  });
  protected readonly draftPage = computed(
    () => this.draft()?.pages.find((p) => p.id === this.store.page()) ?? this.draft()?.pages[0],
  );
  private readonly drafts = inject(Drafts);
  protected readonly own = this.drafts.of(this.store.id(), 'own-page');
  protected readonly asked = this.drafts.of(this.store.id(), 'plan-ask');
  protected readonly answer = signal('');
  /** The section that is looked at. */
  protected readonly section_ = signal<string | null>(null);
  protected readonly current = computed(
    () => this.store.document()?.pages.find((p) => p.id === this.store.page()) ?? this.store.document()?.pages[0],
  );
  protected readonly pages = computed(() => (this.store.document() ? pageOffers(this.store.document()!) : []));

  constructor() {
    effect(() =>
      this.store.main.set({
        label: this.store.drawn() ? 'Write another version' : 'Generate the site',
        run: () => void this.again(),
        for: 'helper',
        why: this.desk.busy()
          ? 'It is being written.'
          : !this.named() && 'Give the client’s name in the Brief first: everything is written around it.',
      }),
    );
  }
  protected title = (shape: string) => shapes[shape]?.title ?? shape;
  protected character = (shape: string) => shapes[shape]?.character ?? '';
  protected open = (page: Page) => toConfirm(this.store.document()!).filter((t) => t.page?.id === page.id).length;
  private readonly offered = computed(() => {
    const document = this.store.document();
    return new Map(
      (document?.pages ?? []).map((p) => [
        p.id,
        offersFor(document!, p).map((o) => [o.shape, `${o.title}, ${o.character}. ${o.reason}`] as const),
      ]),
    );
  });
  protected offers = (page: Page) => this.offered().get(page.id) ?? [];

  private change(operation: Operation, done?: string): void {
    this.store.change(operation);
    void this.store.flush();
    if (done) this.store.said.set({ words: done, bad: false, undo: true });
  }
  protected chooseSection(page: Page, section: Section): void {
    this.store.page.set(page.id);
    this.section_.set(section.id);
  }
  protected rename(page: Page, typed: string): void {
    const label = typed.trim();
    if (!label || label === page.label) return;
    this.store.change(renamePage(this.store.document()!, page.id, label, this.known()));
  }
  /** A page that visitors may know keeps its address: links to it would break. */
  private known = () => (this.store.detail()?.liveRelease ?? null) !== null;
  protected setMenu(page: Page, menu: boolean): void {
    this.change({ op: 'setPage', ...namedOf(page), menu });
  }
  protected parents = (page: Page) => parentsFor(this.store.document()!, page);
  protected nest(page: Page, parent: string): void {
    this.change(nestPage(this.store.document()!, page.id, parent || null));
  }
  protected askFor(): void {
    const answer = askPlan(this.store.document()!, this.asked(), this.known());
    if (!answer?.operation) {
      this.answer.set(
        answer?.words ??
          'Not understood. Try: add a page about rigging; add opening hours to the home page; put about under services; remove the form from contact.',
      );
      return;
    }
    this.change(answer.operation, answer.words);
    this.asked.set('');
    this.answer.set('');
  }
  protected movePage(page: Page, to: number): void {
    this.change({ op: 'movePage', page: page.id, to });
  }
  protected takePage(page: Page): void {
    if (this.store.page() === page.id) this.store.page.set('home');
    this.change(takeOutPage(this.store.document()!, page.id), `${page.label} is taken out, with all it held.`);
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
  protected add(page: Page, shape: string): void {
    this.store.page.set(page.id);
    this.change(addSection(this.store.document()!, page.id, shape, page.sections.length));
  }
  protected addPage(offer: PageOffer): void {
    this.change({ op: 'insertPage', page: offer.page, at: this.store.document()!.pages.length });
    this.store.page.set(offer.page.id);
  }
  protected addOwn(): void {
    const operation = ownPage(this.store.document()!, this.own().trim());
    this.change(operation);
    this.own.set('');
    if (operation.op === 'insertPage') this.store.page.set(operation.page.id);
  }

  private async again(): Promise<void> {
    const document = this.store.document()!;
    try {
      const first = !this.store.drawn();
      const { version, note, cost } = await this.desk.version(first ? document.seed : document.seed + 1);
      this.store.change(version, 'writer');
      this.store.said.set({
        words: [
          `Version ${version.seed} is in place.`,
          note,
          costWords(cost),
          first
            ? 'Pages and sections you left out are not in it.'
            : 'What you wrote or changed stayed; the version before is one undo away.',
        ]
          .filter(Boolean)
          .join(' '),
        bad: false,
        undo: true,
      });
    } catch (error) {
      this.store.said.set({ words: asRefusal(error).message, bad: true });
    }
  }
}
