import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Drafts } from '../drafts';
import type { Change, Facts } from '../model';
import { Grow } from '../parts/grow';
import { loaded } from '../parts/load';
import { OrderPart } from '../parts/order';
import { Top } from '../parts/top';
import { Waiting } from '../parts/waiting';
import { wording } from '../words/words';

type EntryChange = Extract<Change, { kind: 'service' | 'person' }>;
/** What is said of something offered, or of somebody who works there: fields by name, each with what it takes at most. */
type Said = Record<string, string>;
interface Row {
  id: string;
  was: Said | null;
  now: Said | null;
}
const FIELDS = {
  services: { name: 120, price: 60, detail: 600 },
  people: { name: 80, role: 120, about: 300 },
} as const;

/** What is offered and what it costs, or who works there: a list of facts, each said once and shown wherever it stands. */
@Component({
  selector: 'dk-entries',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Top, Waiting, Grow, OrderPart],
  template: `
    <dk-top [title]="what() === 'people' ? w().whoTitle : w().prices" back="/us" />
    <dk-waiting [of]="facts" />
    @if (locked()) {
      <p class="quiet pad">{{ w().locked }}</p>
    }
    @for (s of rows(); track s.id) {
      <section class="fields" [class.gone]="!s.now">
        @if (s.now; as now) {
          @for (field of fields(); track field.id) {
            <label [class.changed]="now[field.id] !== (s.was?.[field.id] ?? '')">
              {{ label(field.id) }}
              <textarea
                rows="1"
                [readOnly]="locked()"
                [attr.maxlength]="field.most"
                [dkGrow]="now[field.id]!"
                [value]="now[field.id]!"
                (input)="write(s, field.id, $any($event.target).value)"
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
            <s>{{ s.was?.['name'] }}</s>
            <button class="plain" type="button" (click)="drafts.drop(key(s.id))">{{ w().takeBack }}</button>
          </p>
        }
      </section>
    } @empty {
      @if (facts.value()) {
        <p class="pad">{{ what() === 'people' ? w().whoNone : w().noPrices }}</p>
      }
    }
    @if (facts.value(); as all) {
      @if (!locked()) {
        <dk-order [of]="what()" [rows]="all[what()]" />
      }
    }
    @if (facts.value() && !locked()) {
      <p class="acts pad">
        <button type="button" (click)="another()">{{ w().another }}</button>
      </p>
    }
  `,
})
export class EntriesPlace {
  /** Which list of facts it is, from the way here. */
  readonly what = input<'services' | 'people'>('services');
  protected readonly drafts = inject(Drafts);
  protected readonly w = wording().words;
  protected readonly facts = loaded((api) => api.get<Facts>('/facts'));
  protected readonly fields = computed(() => Object.entries(FIELDS[this.what()]).map(([id, most]) => ({ id, most })));

  protected readonly locked = computed(() => {
    const locked = this.facts.value()?.locked;
    return (this.what() === 'people' ? locked?.people : locked?.prices) ?? false;
  });
  private readonly changes = computed(() =>
    this.drafts.all().filter((c): c is EntryChange => c.kind === (this.what() === 'people' ? 'person' : 'service')),
  );
  private readonly idOf = (c: EntryChange): string => (c.kind === 'person' ? c.person : c.service);
  /** What is there, as it is changed, and what is added. */
  protected readonly rows = computed((): Row[] => {
    const all = (this.facts.value()?.[this.what()] ?? []).map(({ id, ...was }) => ({ id, was: { ...was } as Said }));
    const changes = this.changes();
    return [
      ...all.map(({ id, was }) => {
        const change = changes.find((c) => this.idOf(c) === id);
        return { id, was, now: change ? (change.value as Said | null) : was };
      }),
      ...changes
        .filter((c) => c.was === null && !all.some((s) => s.id === this.idOf(c)))
        .map((c) => ({ id: this.idOf(c), was: null, now: c.value as Said | null })),
    ];
  });

  protected label(field: string): string {
    const w = this.w();
    const people: Said = { name: w.whoName, role: w.fields['role']!, about: w.detail };
    const services: Said = { name: w.priceName, price: w.price, detail: w.detail };
    return (this.what() === 'people' ? people : services)[field]!;
  }
  protected key = (id: string): string => `${this.what() === 'people' ? 'person' : 'service'} ${id}`;
  private put(id: string, was: Said | null, value: Said | null): void {
    this.drafts.put(
      (this.what() === 'people'
        ? { kind: 'person', person: id, was, value }
        : { kind: 'service', service: id, was, value }) as unknown as EntryChange,
    );
  }
  protected write(row: Row, field: string, value: string): void {
    this.put(row.id, row.was, { ...row.now!, [field]: value.replace(/\s*\n\s*/g, ' ') });
  }
  protected takeOut(row: Row): void {
    if (row.was) this.put(row.id, row.was, null);
    else this.drafts.drop(this.key(row.id));
  }
  protected another(): void {
    const said = Object.fromEntries(this.fields().map(({ id }) => [id, '']));
    this.put(`d${crypto.randomUUID().slice(0, 8)}`, null, said);
  }
}
