import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Drafts } from '../drafts';
import type { Change, Facts, Priced } from '../model';
import { Grow } from '../parts/grow';
import { loaded } from '../parts/load';
import { OrderPart } from '../parts/order';
import { Top } from '../parts/top';
import { Waiting } from '../parts/waiting';
import { wording } from '../words/words';

type ServiceChange = Extract<Change, { kind: 'service' }>;
const FIELDS = ['name', 'price', 'detail'] as const;

/** What is offered, and what it costs. */
@Component({
  selector: 'dk-prices',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Top, Waiting, Grow, OrderPart],
  template: `
    <dk-top [title]="w().prices" back="/us" />
    <dk-waiting [of]="facts" />
    @if (locked()) {
      <p class="quiet pad">{{ w().locked }}</p>
    }
    @for (s of rows(); track s.id) {
      <section class="fields" [class.gone]="!s.now">
        @if (s.now; as now) {
          @for (field of fields; track field) {
            <label [class.changed]="now[field] !== (s.was?.[field] ?? '')">
              {{ field === 'name' ? w().priceName : field === 'price' ? w().price : w().detail }}
              <textarea
                rows="1"
                [readOnly]="locked()"
                [attr.maxlength]="field === 'detail' ? 600 : field === 'name' ? 120 : 60"
                [dkGrow]="now[field]"
                [value]="now[field]"
                (input)="write(s, field, $any($event.target).value)"
              ></textarea>
            </label>
          }
          @if (!locked()) {
            <p class="acts">
              <button class="plain" type="button" (click)="takeOut(s)">{{ w().takeOut }}</button>
            </p>
          }
        } @else {
          <p>
            <s>{{ s.was?.name }}</s>
            <button class="plain" type="button" (click)="drafts.drop('service ' + s.id)">{{ w().takeBack }}</button>
          </p>
        }
      </section>
    } @empty {
      @if (facts.value()) {
        <p class="pad">{{ w().noPrices }}</p>
      }
    }
    @if (facts.value(); as all) {
      @if (!locked()) {
        <dk-order of="services" [rows]="all.services" />
      }
    }
    @if (facts.value() && !locked()) {
      <p class="acts pad">
        <button type="button" (click)="another()">{{ w().another }}</button>
      </p>
    }
  `,
})
export class PricesPlace {
  protected readonly drafts = inject(Drafts);
  protected readonly w = wording().words;
  protected readonly fields = FIELDS;
  protected readonly facts = loaded((api) => api.get<Facts>('/facts'));

  protected readonly locked = computed(() => this.facts.value()?.locked.prices ?? false);
  private readonly changes = computed(() => this.drafts.all().filter((c): c is ServiceChange => c.kind === 'service'));
  /** What is there, as it is changed, and what is added. */
  protected readonly rows = computed(() => {
    const all = this.facts.value()?.services ?? [];
    const changes = this.changes();
    return [
      ...all.map(({ id, ...was }) => {
        const change = changes.find((c) => c.service === id);
        return { id, was: was as Priced | null, now: change ? change.value : was };
      }),
      ...changes
        .filter((c) => c.was === null && !all.some((s) => s.id === c.service))
        .map((c) => ({ id: c.service, was: null, now: c.value })),
    ];
  });

  protected write(
    row: { id: string; was: Priced | null; now: Priced | null },
    field: keyof Priced,
    value: string,
  ): void {
    const next = { ...row.now!, [field]: value.replace(/\s*\n\s*/g, ' ') };
    this.drafts.put({ kind: 'service', service: row.id, was: row.was, value: next });
  }
  protected takeOut(row: { id: string; was: Priced | null }): void {
    if (row.was) this.drafts.put({ kind: 'service', service: row.id, was: row.was, value: null });
    else this.drafts.drop(`service ${row.id}`);
  }
  protected another(): void {
    const service = `d${crypto.randomUUID().slice(0, 8)}`;
    this.drafts.put({ kind: 'service', service, was: null, value: { name: '', detail: '', price: '' } });
  }
}
