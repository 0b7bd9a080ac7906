import { CdkDropListGroup } from '@angular/cdk/drag-drop';
import { ChangeDetectionStrategy, Component, computed, effect, inject, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { RouterLink } from '@angular/router';
import type { Operation } from '@tin-porch/core/operations';
import { ownPage, pageOffers, type PageOffer } from '@tin-porch/core/making';
import { ViewSwitch } from '../../parts/view-switch';
import { Worktable } from '../../parts/worktable';
import { proposed, ProposedPlan } from '../../plan/proposed-plan';
import { PageLike } from '../../plan/page-like';
import { PlanPage } from '../../plan/plan-page';
import { SiteMap } from '../../plan/site-map';
import { WishAnswers } from '../../plan/wish-answers';
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
    CdkDropListGroup,
    Worktable,
    SiteWindow,
    SiteMap,
    ProposedPlan,
    Wireframe,
    ViewSwitch,
    PageLike,
    PlanPage,
    WishAnswers,
  ],
  template: `
    <tp-worktable controlsName="Plan" [besideName]="viewName()" [reading]="view() !== 'window'">
      @if (store.drawn()) {
        <div class="between">
          <h2>Plan</h2>
          <span class="quiet">Every section, and why it is there</span>
        </div>
        <tp-wish-answers />
        <div cdkDropListGroup>
          @for (page of store.document()!.pages; track page.id; let n = $index, last = $last) {
            <tp-plan-page
              [page]="page"
              [at]="n"
              [last]="last"
              [chosenSection]="section()"
              (sectionChosen)="section.set($event)"
            />
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
        <tp-page-like (added)="store.page.set($event)" />
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
                <tp-wireframe [page]="page" [section]="section()" (choose)="section.set($event)" />
              }
            }
            @case ('window') {
              <tp-window [document]="store.shown()!" [(page)]="store.page" />
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
  /** The section that is looked at. */
  protected readonly section = signal<string | null>(null);
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
  private change(operation: Operation, done?: string): void {
    this.store.change(operation);
    void this.store.flush();
    if (done) this.store.said.set({ words: done, bad: false, undo: true });
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
