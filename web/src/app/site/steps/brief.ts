import { ChangeDetectionStrategy, Component, computed, effect, inject, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { Router } from '@angular/router';
import { emptyFacts, fitList, limitOf, type FactField, type ListFact, type Service } from '@tin-porch/core/model';
import { coverageOf, suggestTrades, type TradeOffer, type Reading } from '@tin-porch/core/brief';
import { NgTemplateOutlet } from '@angular/common';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { ComparePanel } from '../../reading/compare-panel';
import { WordingPanel } from '../../reading/wording-panel';
import { QuestionsPanel } from '../../reading/questions-panel';
import { ReadingPanel } from '../../reading/reading-panel';
import { NgbHighlight, NgbTypeahead } from '@ng-bootstrap/ng-bootstrap';
import { NgIcon } from '@ng-icons/core';
import { debounceTime, distinctUntilChanged, map, type OperatorFunction } from 'rxjs';
import { Drawing } from '../../window/drawing';
import { SiteWindow } from '../../window/window';
import { KeptText } from '../../parts/kept-text';
import { some } from '@tin-porch/core/some';
import { ViewSwitch } from '../../parts/view-switch';
import { Worktable } from '../../parts/worktable';
import { asRefusal } from '../../api/porch-api';
import { HowWritten } from '../../writing/how-written';
import { costWords, WritingDesk } from '../../writing/writing-desk';
import { SiteStore } from '../site-store';

interface Row {
  field: FactField;
  label: string;
  hint?: string;
  long?: number;
  type?: string;
}

const WHO: Row[] = [
  { field: 'name', label: 'Client or business name' },
  { field: 'trade', label: 'Trade', hint: 'boatyard, joiner, guest house …' },
  { field: 'place', label: 'Place' },
  { field: 'area', label: 'Area served', hint: 'within 20 miles of …' },
  { field: 'strapline', label: 'Strapline', hint: 'if they have one' },
  { field: 'founded', label: 'Founded', hint: 'a year' },
  { field: 'legalName', label: 'Legal name', hint: 'where it is another' },
];
const WHY: Row[] = [
  { field: 'audience', label: 'For whom', hint: 'as it would follow “for”' },
  { field: 'apart', label: 'What sets them apart', long: 2 },
];
const TOLD: Row[] = [
  { field: 'description', label: 'What they told you', hint: 'in their words; a pasted mail will do', long: 8 },
];
const REACH: Row[] = [
  { field: 'phone', label: 'Phone', type: 'tel' },
  { field: 'mail', label: 'Mail', type: 'email' },
  { field: 'address', label: 'Address', long: 3 },
  { field: 'hours', label: 'Opening hours', hint: 'one line a rule: Mon–Fri 8.00–17.00', long: 3 },
];
const LISTS: { field: ListFact; label: string; hint: string }[] = [
  { field: 'benefits', label: 'What people gain', hint: 'a sentence each' },
  { field: 'memberships', label: 'Memberships', hint: 'guilds, registers' },
  { field: 'languages', label: 'Languages spoken', hint: 'German, French' },
  { field: 'keywords', label: 'Words to be found by', hint: 'each placed once' },
  { field: 'links', label: 'Elsewhere on the web', hint: 'addresses' },
  { field: 'colours', label: 'Colours', hint: 'lead the next look' },
  { field: 'style', label: 'Style words', hint: 'suggest the tone' },
  { field: 'dislikes', label: 'Dislikes', hint: 'kept for you' },
  { field: 'wanted', label: 'Wanted on the site', hint: 'steers the plan' },
  { field: 'unwanted', label: 'Not wanted', hint: 'prices, bookings, contact form' },
];

const AIMS_SAID = [
  ['', 'not said'],
  ['found', 'to be found'],
  ['rung', 'to be phoned'],
  ['bookings', 'to take bookings'],
  ['sell', 'to sell'],
  ['inform', 'to inform'],
  ['support', 'to gather support'],
] as const;
const PREMISES_SAID = [
  ['', 'not said'],
  ['here', 'people come to them'],
  ['away', 'they come to people'],
  ['online', 'online only'],
] as const;
const VIEWS = [
  ['text', 'Their text'],
  ['ask', 'Questions'],
  ['clearer', 'Clearer'],
  ['compare', 'Compare'],
  ['window', 'Window'],
] as const;

/** An id for a person that is new at a place in the list. */
const freeId = (people: readonly { id: string }[], n: number): string => {
  for (let k = n + 1; ; k++) if (!people.some((p) => p.id === `p${k}`)) return `p${k}`;
};

@Component({
  selector: 'tp-step',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [
    FormsModule,
    NgIcon,
    NgTemplateOutlet,
    Worktable,
    SiteWindow,
    ReadingPanel,
    QuestionsPanel,
    ComparePanel,
    WordingPanel,
    HowWritten,
    NgbTypeahead,
    NgbHighlight,
    ViewSwitch,
    KeptText,
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
        <ng-container *ngTemplateOutlet="fields; context: { $implicit: told }" />
        <ng-container *ngTemplateOutlet="fields; context: { $implicit: who }" />
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
        <h2>Services</h2>
        <p class="quiet">One line each. A sentence and a price, where there are any, go on the site as they are.</p>
        @for (service of document.facts.services; track service.id; let n = $index) {
          <fieldset class="service">
            <legend class="sr">Service {{ n + 1 }}</legend>
            <input
              [attr.aria-label]="'Service ' + (n + 1)"
              placeholder="Service"
              maxlength="120"
              [ngModel]="service.name"
              (ngModelChange)="setService(n, { name: $event })"
            />
            <input
              [attr.aria-label]="'Price of service ' + (n + 1)"
              placeholder="Price"
              maxlength="60"
              class="price"
              [ngModel]="service.price"
              (ngModelChange)="setService(n, { price: $event })"
            />
            <button
              class="plain small"
              type="button"
              [attr.aria-label]="'Take out ' + (service.name || 'service ' + (n + 1))"
              (click)="dropService(n)"
            >
              <ng-icon name="lucideTrash2" aria-hidden="true" />
            </button>
            <textarea
              rows="2"
              maxlength="600"
              [attr.aria-label]="'More about service ' + (n + 1)"
              placeholder="In a sentence or two"
              [ngModel]="service.detail"
              (ngModelChange)="setService(n, { detail: $event })"
            ></textarea>
          </fieldset>
        }
        <p>
          <button
            class="plain small"
            type="button"
            (click)="addService()"
            [disabled]="document.facts.services.length >= 40"
          >
            <ng-icon name="lucidePlus" aria-hidden="true" />Service
          </button>
        </p>
        <h2 class="gap">How to reach them</h2>
        <ng-container *ngTemplateOutlet="fields; context: { $implicit: reach }" />
        <h2 class="gap">How it is written</h2>
        <tp-how-written />
        <h2 class="gap">People and the rest</h2>
        <ng-container *ngTemplateOutlet="fields; context: { $implicit: why }" />
        <div class="field">
          <label for="f-people">People <span class="quiet">a line each: name, what they do</span></label>
          <textarea
            id="f-people"
            rows="3"
            maxlength="2000"
            [tpKept]="peopleText()"
            (typed)="setPeople($event)"
          ></textarea>
        </div>
        @for (list of lists; track list.field) {
          <div class="field">
            <label [for]="'f-' + list.field"
              >{{ list.label }} <span class="quiet">{{ list.hint }}; commas between</span></label
            >
            <input
              [id]="'f-' + list.field"
              maxlength="1200"
              [tpKept]="document.facts[list.field].join(', ')"
              (typed)="setList(list.field, $event)"
            />
          </div>
        }
        <ng-template #trade let-offer="result" let-term="term">
          <ngb-highlight [result]="offer.noun" [term]="term" />
          @if (offer.by !== offer.noun) {
            <span class="quiet">{{ offer.by }}</span>
          }
        </ng-template>
        <ng-template #fields let-rows>
          @for (row of $any(rows); track row.field) {
            <div class="field">
              <label [for]="'f-' + row.field"
                >{{ row.label }} <span class="quiet">{{ row.hint }}</span></label
              >
              @if (row.long) {
                <textarea
                  [id]="'f-' + row.field"
                  [rows]="row.long"
                  [attr.maxlength]="most(row.field)"
                  [ngModel]="fact(row.field)"
                  (ngModelChange)="set(row.field, $event)"
                ></textarea>
              } @else if (row.field === 'trade') {
                <input
                  id="f-trade"
                  autocomplete="off"
                  [maxlength]="most(row.field)"
                  [ngModel]="fact(row.field)"
                  (ngModelChange)="set(row.field, asTrade($event))"
                  [ngbTypeahead]="suggest"
                  [inputFormatter]="tradeNoun"
                  [resultTemplate]="trade"
                  [editable]="true"
                />
              } @else {
                <input
                  [id]="'f-' + row.field"
                  [type]="row.type ?? 'text'"
                  [attr.maxlength]="most(row.field)"
                  [ngModel]="fact(row.field)"
                  (ngModelChange)="set(row.field, $event)"
                />
              }
            </div>
          }
        </ng-template>
      }
      <ng-container beside>
        <tp-view-switch [views]="views" [(shown)]="view" />
        @switch (view()) {
          @case ('text') {
            <tp-reading-panel [reading]="reading()" [ms]="readIn()" />
          }
          @case ('ask') {
            @if (store.document()) {
              <tp-questions-panel />
            }
          }
          @case ('clearer') {
            <tp-wording-panel [reading]="reading()" />
          }
          @case ('compare') {
            <tp-compare-panel />
          }
          @case ('window') {
            @if (store.drawn()) {
              <tp-window [document]="store.document()!" [(page)]="page" />
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
  protected readonly lists = LISTS;
  protected readonly views = VIEWS;
  protected readonly viewName = computed(() => VIEWS.find(([v]) => v === this.view())![1]);
  protected readonly view = signal<'text' | 'ask' | 'clearer' | 'compare' | 'window'>('text');
  protected readonly reading = signal<Reading | null>(null);
  protected readonly readIn = signal(0);
  private asked = 0;
  protected readonly coverage = computed(() => coverageOf(this.store.document()?.facts ?? emptyFacts()));
  protected readonly percent = computed(() => Math.round(this.coverage().share * 100));
  protected readonly peopleText = computed(() =>
    (this.store.document()?.facts.people ?? []).map((p) => [p.name, p.role].filter(Boolean).join(', ')).join('\n'),
  );
  private readonly source = computed(() => this.store.document()?.facts.description ?? '');
  private readonly corrections = computed(() => this.store.document()?.corrections ?? [], {
    equal: (a, b) => JSON.stringify(a) === JSON.stringify(b),
  });
  protected readonly why = WHY;
  protected readonly aims = AIMS_SAID;
  protected readonly premises = PREMISES_SAID;
  /** Trades that fit what is typed; any other is good too. */
  protected readonly suggest: OperatorFunction<string, readonly TradeOffer[]> = (typed) =>
    typed.pipe(
      debounceTime(80),
      distinctUntilChanged(),
      map((t) => (t.trim().length < 2 ? [] : suggestTrades(t))),
    );
  protected readonly tradeNoun = (offer: TradeOffer | string) => (typeof offer === 'string' ? offer : offer.noun);
  protected asTrade = (value: TradeOffer | string) => this.tradeNoun(value);
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
  protected fact = (field: FactField): string => this.store.document()?.facts[field] ?? '';
  protected most = limitOf;
  protected setList(field: ListFact, text: string): void {
    this.store.change({ op: 'setList', field, values: fitList(field, text.split(',')) });
  }
  protected setPeople(text: string): void {
    const before = this.store.document()!.facts.people;
    const people = text
      .split('\n')
      .filter((l) => l.trim())
      .slice(0, 24)
      .map((line, n) => {
        const [name = '', ...role] = line.split(',');
        return {
          id: before[n]?.id ?? freeId(before, n),
          name: name.trim().slice(0, 80),
          role: role.join(',').trim().slice(0, 120),
        };
      });
    this.store.change({ op: 'setPeople', people });
  }
  private services(change: (list: Service[]) => Service[]): void {
    this.store.change({ op: 'setServices', services: change(this.store.document()!.facts.services) });
  }
  protected setService(n: number, part: Partial<Service>): void {
    this.services((list) => list.map((s, k) => (k === n ? { ...s, ...part } : s)));
  }
  protected dropService(n: number): void {
    this.services((list) => list.filter((_, k) => k !== n));
  }
  protected addService(): void {
    this.services((list) => [
      ...list,
      {
        id: `v${Math.max(0, ...list.map((s) => Number(s.id.replace(/\D/g, '')) || 0)) + 1}`,
        name: '',
        detail: '',
        price: '',
      },
    ]);
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
