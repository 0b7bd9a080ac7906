import { Component, computed, effect, inject, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { Router } from '@angular/router';
import { knownTrades, type FactField, type Service } from '@tin-porch/core';
import { NgIcon } from '@ng-icons/core';
import { Drawing } from '../../window/drawing';
import { SiteWindow } from '../../window/window';
import { Worktable } from '../../parts/worktable';
import { SiteStore } from '../site-store';

interface Row {
  field: FactField;
  label: string;
  hint?: string;
  long?: number;
  type?: string;
  complete?: string;
}

const ROWS: Row[] = [
  { field: 'name', label: 'Client or business name' },
  { field: 'trade', label: 'Trade', hint: 'boatyard, joiner, guest house …' },
  { field: 'place', label: 'Place' },
  { field: 'strapline', label: 'Strapline', hint: 'if they have one' },
  { field: 'description', label: 'What they told you', hint: 'in their words; a pasted mail will do', long: 8 },
];
const REACH: Row[] = [
  { field: 'phone', label: 'Phone', type: 'tel' },
  { field: 'mail', label: 'Mail', type: 'email' },
  { field: 'address', label: 'Address', long: 3 },
  { field: 'hours', label: 'Opening hours', hint: 'one line a rule: Mon–Fri 8.00–17.00', long: 3 },
  { field: 'founded', label: 'Founded', hint: 'a year' },
];

@Component({
  selector: 'tp-step',
  imports: [FormsModule, NgIcon, Worktable, SiteWindow],
  template: `
    <tp-worktable controlsName="Brief">
      @if (store.document(); as document) {
        <div class="between">
          <h2>Brief</h2>
          <span class="quiet">Kept as you type</span>
        </div>
        <datalist id="trades">
          @for (trade of trades; track trade) {
            <option [value]="trade"></option>
          }
        </datalist>
        @for (row of rows; track row.field) {
          <div class="field">
            <label [for]="'f-' + row.field"
              >{{ row.label }} <span class="quiet">{{ row.hint }}</span></label
            >
            @if (row.long) {
              <textarea
                [id]="'f-' + row.field"
                [rows]="row.long"
                [ngModel]="document.facts[row.field]"
                (ngModelChange)="set(row.field, $event)"
              ></textarea>
            } @else {
              <input
                [id]="'f-' + row.field"
                [attr.list]="row.field === 'trade' ? 'trades' : null"
                [attr.maxlength]="row.field === 'founded' ? 4 : 160"
                [ngModel]="document.facts[row.field]"
                (ngModelChange)="set(row.field, $event)"
              />
            }
          </div>
        }
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
        @for (row of reach; track row.field) {
          <div class="field">
            <label [for]="'f-' + row.field"
              >{{ row.label }} <span class="quiet">{{ row.hint }}</span></label
            >
            @if (row.long) {
              <textarea
                [id]="'f-' + row.field"
                [rows]="row.long"
                [ngModel]="document.facts[row.field]"
                (ngModelChange)="set(row.field, $event)"
              ></textarea>
            } @else {
              <input
                [id]="'f-' + row.field"
                [type]="row.type ?? 'text'"
                [attr.maxlength]="row.field === 'founded' ? 4 : 254"
                [ngModel]="document.facts[row.field]"
                (ngModelChange)="set(row.field, $event)"
              />
            }
          </div>
        }
      }
      <ng-container beside>
        @if (store.drawn()) {
          <tp-window [document]="store.document()!" [(page)]="page" />
        } @else {
          <div class="empty">
            <h2>Nothing is drawn yet</h2>
            <p>
              Fill in what you know: a name and a few services are enough to begin. What the brief does not say is left
              out or marked, never made up.
            </p>
            <button class="plain" type="button" (click)="generate()">Generate the site</button>
          </div>
        }
      </ng-container>
    </tp-worktable>
  `,
})
export class BriefStep {
  protected readonly store = inject(SiteStore);
  private readonly drawing = inject(Drawing);
  private readonly router = inject(Router);
  protected readonly rows = ROWS;
  protected readonly reach = REACH;
  protected readonly trades = knownTrades();
  protected readonly page = this.store.page;
  private readonly busy = signal(false);
  private readonly named = computed(() => (this.store.document()?.facts.name.trim() ?? '') !== '');

  constructor() {
    effect(() =>
      this.store.main.set({
        label: this.store.drawn() ? 'Write another version' : 'Generate the site',
        run: () => void this.generate(),
        disabled: this.busy() || !this.named(),
      }),
    );
  }

  protected set(field: FactField, value: string): void {
    this.store.change({ op: 'setFact', field, value });
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
      const { version, ms } = await this.drawing.write(document.facts, first ? document.seed : document.seed + 1);
      this.store.change(version);
      await this.store.flush();
      this.store.said.set({
        words: `Version ${version.seed}, ${version.pages.length} pages, written in ${ms.toFixed(0)} ms.${first ? '' : ' The one before is one undo away.'}`,
        bad: false,
        undo: !first,
      });
      if (first) void this.router.navigate(['/sites', document.id, 'plan']);
    } finally {
      this.busy.set(false);
    }
  }
}
