import { ChangeDetectionStrategy, Component, computed, effect, inject, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { Router } from '@angular/router';
import { emptyFacts, type FactField } from '@tin-porch/core/model';
import { coverageOf, type Reading } from '@tin-porch/core/brief';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { ComparePanel } from '../../reading/compare-panel';
import { WordingPanel } from '../../reading/wording-panel';
import { QuestionsPanel } from '../../reading/questions-panel';
import { ReadingPanel } from '../../reading/reading-panel';
import { AIMS_SAID, PREMISES_SAID, REACH, TOLD, WHO, WHY } from '../../reading/brief-rows';
import { FactFields } from '../../reading/fact-fields';
import { FactLists } from '../../reading/fact-lists';
import { EntryLines } from '../../reading/entry-lines';
import { BRANCHES, CONTACTS, EVENTS, PEOPLE, SERVICES } from '../../reading/entry-rows';
import { Drawing } from '../../window/drawing';
import { SiteWindow } from '../../window/window';
import { some } from '@tin-porch/core/some';
import { ViewSwitch } from '../../parts/view-switch';
import { Worktable } from '../../parts/worktable';
import { asRefusal } from '../../api/porch-api';
import { HowWritten } from '../../writing/how-written';
import { costWords, WritingDesk } from '../../writing/writing-desk';
import { SiteStore } from '../site-store';

const VIEWS = [
  ['text', 'Their text'],
  ['ask', 'Questions'],
  ['clearer', 'Clearer'],
  ['compare', 'Compare'],
  ['window', 'Window'],
] as const;

@Component({
  selector: 'tp-step',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [
    FormsModule,
    FactFields,
    EntryLines,
    FactLists,
    Worktable,
    SiteWindow,
    ReadingPanel,
    QuestionsPanel,
    ComparePanel,
    WordingPanel,
    HowWritten,
    ViewSwitch,
  ],
  template: `
    <tp-worktable controlsName="Brief" [besideName]="viewName()" [reading]="view() !== 'window'">
      @if (store.document(); as document) {
        <div class="between">
          <h2>Brief</h2>
          <span class="quiet">Kept as you type</span>
        </div>
        <div class="coverage">
          <progress
            max="1"
            [value]="coverage().share"
            aria-label="How much of what the generator can use is there"
          ></progress>
          <p>
            <b>{{ percent() }}% of what the generator can use.</b>
            @if (coverage().gaps[0]; as gap) {
              Next best to ask: <button class="link" type="button" (click)="view.set('ask')">{{ gap.question }}</button>
            }
          </p>
        </div>
        <tp-fact-fields [rows]="told" />
        <tp-fact-fields [rows]="who" [likely]="reading()?.trades ?? []" />
        <div class="halves">
          <div class="field">
            <label for="f-aim">What the site is for</label>
            <select id="f-aim" (change)="set('aim', $any($event.target).value)">
              @for (aim of aims; track aim[0]) {
                <option [value]="aim[0]" [selected]="aim[0] === document.facts.aim">{{ aim[1] }}</option>
              }
            </select>
          </div>
          <div class="field">
            <label for="f-premises">Where they work</label>
            <select id="f-premises" (change)="set('premises', $any($event.target).value)">
              @for (p of premises; track p[0]) {
                <option [value]="p[0]" [selected]="p[0] === document.facts.premises">{{ p[1] }}</option>
              }
            </select>
          </div>
        </div>
        <tp-entry-lines [rows]="lists.services" />
        <h2 class="gap">How to reach them</h2>
        <tp-fact-fields [rows]="reach" />
        <tp-entry-lines [rows]="lists.contacts" />
        <tp-entry-lines [rows]="lists.branches" />
        <tp-entry-lines [rows]="lists.events" />
        <h2 class="gap">How it is written</h2>
        <tp-how-written />
        <h2 class="gap">People and the rest</h2>
        <tp-fact-fields [rows]="why" />
        <tp-entry-lines [rows]="lists.people" />
        <tp-fact-lists />
      }
      <ng-container beside>
        <tp-view-switch [views]="views" [(shown)]="view" />
        @switch (view()) {
          @case ('text') {
            <tp-reading-panel [reading]="reading()" [ms]="readIn()" />
          }
          @case ('ask') {
            @if (store.document()) {
              @defer (on immediate) {
                <tp-questions-panel />
              } @error {
                <p class="fault" role="alert">{{ notLoaded }}</p>
              }
            }
          }
          @case ('clearer') {
            @defer (on immediate) {
              <tp-wording-panel [reading]="reading()" />
            } @error {
              <p class="fault" role="alert">{{ notLoaded }}</p>
            }
          }
          @case ('compare') {
            @defer (on immediate) {
              <tp-compare-panel />
            } @error {
              <p class="fault" role="alert">{{ notLoaded }}</p>
            }
          }
          @case ('window') {
            @if (store.drawn()) {
              <tp-window [document]="store.shown()!" [(page)]="page" />
            } @else {
              <div class="empty">
                <h2>Nothing is drawn yet</h2>
                <p>
                  Fill in what you know: a name and a few services are enough to begin. What the brief does not say is
                  left out or put down as to confirm, never made up.
                </p>
                <button class="plain" type="button" (click)="generate()">Generate the site</button>
              </div>
            }
          }
        }
      </ng-container>
    </tp-worktable>
  `,
  styles: `
    .coverage {
      margin: 10px 0 14px;
    }
    .coverage p {
      margin-top: 6px;
    }
  `,
})
export class BriefStep {
  protected readonly store = inject(SiteStore);
  private readonly drawing = inject(Drawing);
  private readonly desk = inject(WritingDesk);
  private readonly router = inject(Router);
  protected readonly told = TOLD;
  protected readonly who = WHO;
  protected readonly reach = REACH;
  protected readonly lists = {
    services: SERVICES,
    people: PEOPLE,
    contacts: CONTACTS,
    branches: BRANCHES,
    events: EVENTS,
  };
  protected readonly views = VIEWS;
  protected readonly notLoaded =
    'This part could not be loaded. Reload the page when the server answers again; nothing typed is lost.';
  protected readonly viewName = computed(() => VIEWS.find(([v]) => v === this.view())![1]);
  protected readonly view = signal<'text' | 'ask' | 'clearer' | 'compare' | 'window'>('text');
  protected readonly reading = signal<Reading | null>(null);
  protected readonly readIn = signal(0);
  private asked = 0;
  protected readonly coverage = computed(() => coverageOf(this.store.document()?.facts ?? emptyFacts()));
  protected readonly percent = computed(() => Math.round(this.coverage().share * 100));
  private readonly source = computed(() => this.store.document()?.facts.description ?? '');
  private readonly corrections = computed(() => this.store.document()?.corrections ?? [], {
    equal: (a, b) => JSON.stringify(a) === JSON.stringify(b),
  });
  protected readonly why = WHY;
  protected readonly aims = AIMS_SAID;
  protected readonly premises = PREMISES_SAID;
  protected readonly page = this.store.page;
  private readonly busy = signal(false);
  private readonly named = computed(() => (this.store.document()?.facts.name.trim() ?? '') !== '');

  constructor() {
    // Read again as it is typed, in the worker: typing never waits for it.
    effect(() => (this.asked = this.drawing.read(this.source(), this.corrections())));
    this.drawing.readings.pipe(takeUntilDestroyed()).subscribe((answer) => {
      if (answer.serial !== this.asked) return;
      this.reading.set(answer.reading);
      this.readIn.set(answer.ms);
    });
    effect(() =>
      this.store.main.set({
        label: this.store.drawn() ? 'Write another version' : 'Generate the site',
        run: () => void this.generate(),
        for: 'helper',
        why: this.busy()
          ? 'It is being written.'
          : !this.named() && 'Give the client’s name first: everything is written around it.',
      }),
    );
  }

  protected set(field: FactField, value: string): void {
    this.store.change({ op: 'setFact', field, value });
  }
  protected async generate(): Promise<void> {
    const document = this.store.document();
    if (!document || this.busy() || !this.named()) return;
    const first = !this.store.drawn();
    this.busy.set(true);
    try {
      const { version, ms, note, cost } = await this.desk.version(first ? document.seed : document.seed + 1);
      this.store.change(version, 'writer');
      await this.store.flush();
      const took = ms < 1000 ? `${ms.toFixed(0)} ms` : `${(ms / 1000).toFixed(1)} s`;
      const pages = some(version.pages.length, 'page');
      this.store.said.set({
        words: [
          `Version ${version.seed}, ${pages}, written in ${took}.`,
          note,
          costWords(cost),
          first ? '' : 'The one before is one undo away.',
        ]
          .filter(Boolean)
          .join(' '),
        bad: false,
        undo: !first,
      });
      if (first) void this.router.navigate(['/sites', document.id, 'plan']);
    } catch (error) {
      this.store.said.set({ words: asRefusal(error).message, bad: true });
    } finally {
      this.busy.set(false);
    }
  }
}
