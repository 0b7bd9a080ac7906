import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { NgbHighlight, NgbTypeahead } from '@ng-bootstrap/ng-bootstrap';
import { suggestTrades, type TradeOffer } from '@tin-porch/core/brief';
import { limitOf, type FactField } from '@tin-porch/core/model';
import { debounceTime, distinctUntilChanged, map, type OperatorFunction } from 'rxjs';
import { SiteStore } from '../site/site-store';
import type { Row } from './brief-rows';

/** Some fields of the brief, each kept as it is typed. */
@Component({
  selector: 'tp-fact-fields',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'contents' },
  imports: [FormsModule, NgbTypeahead, NgbHighlight],
  template: `
    <ng-template #trade let-offer="result" let-term="term">
      <ngb-highlight [result]="offer.noun" [term]="term" />
      @if (offer.by !== offer.noun) {
        <span class="quiet">{{ offer.by }}</span>
      }
    </ng-template>
    @for (row of rows(); track row.field) {
      <div class="field">
        <label [for]="'f-' + row.field"
          >{{ row.label }} <span class="quiet">{{ row.hint }}</span></label
        >
        @if (row.long) {
          <textarea
            dir="auto"
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
          @if (others().length) {
            <p class="bar quiet" role="group" aria-label="Likely trades">
              Likely, by the text:
              @for (other of others(); track other) {
                <button class="link" type="button" (click)="set('trade', other)">{{ other }}</button>
              }
            </p>
          }
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
  `,
})
export class FactFields {
  /** In the order they are shown in. */
  readonly rows = input.required<readonly Row[]>();
  /** Trades that the text may be of, where it makes none sure. */
  readonly likely = input<readonly string[]>([]);
  protected readonly others = computed(() => this.likely().filter((t) => t !== this.fact('trade')));
  private readonly store = inject(SiteStore);
  /** Trades that fit what is typed; any other is good too. */
  protected readonly suggest: OperatorFunction<string, readonly TradeOffer[]> = (typed) =>
    typed.pipe(
      debounceTime(80),
      distinctUntilChanged(),
      map((t) => (t.trim().length < 2 ? [] : suggestTrades(t))),
    );
  protected readonly tradeNoun = (offer: TradeOffer | string) => (typeof offer === 'string' ? offer : offer.noun);
  protected asTrade = (value: TradeOffer | string) => this.tradeNoun(value);
  protected set(field: FactField, value: string): void {
    this.store.change({ op: 'setFact', field, value });
  }
  protected fact = (field: FactField): string => this.store.document()?.facts[field] ?? '';
  protected most = limitOf;
}
