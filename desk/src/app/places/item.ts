import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  linkedSignal,
  signal,
} from '@angular/core';
import { toObservable } from '@angular/core/rxjs-interop';
import { Router } from '@angular/router';
import { switchMap } from 'rxjs';
import { Drafts } from '../drafts';
import type { Change, FieldType, ItemSaid, ItemsOf, ListField, Shown } from '../model';
import { Grow } from '../parts/grow';
import { loaded } from '../parts/load';
import { PictureField } from '../parts/picture';
import { Top } from '../parts/top';
import { Waiting } from '../parts/waiting';
import { wording } from '../words/words';

type ItemChange = Extract<Change, { kind: 'item' }>;
const MOST: Partial<Record<FieldType, number>> = { prose: 4000, money: 60 };
const EMPTY: ItemSaid = { title: '', up: true, from: '', until: '', values: {} };
const NONE: Shown = { media: '', alt: '' };
const keysOf = (a: object = {}, b: object = {}) => [...new Set([...Object.keys(a), ...Object.keys(b)])];
const samePicture = (a = NONE, b = NONE) => a.media === b.media && a.alt === b.alt;
const same = (a: ItemSaid, b: ItemSaid) =>
  a.title === b.title &&
  a.up === b.up &&
  a.from === b.from &&
  a.until === b.until &&
  keysOf(a.values, b.values).every((k) => (a.values[k] ?? '') === (b.values[k] ?? '')) &&
  keysOf(a.pictures, b.pictures).every((k) => samePicture(a.pictures?.[k], b.pictures?.[k]));

/** One item of a list: what it says, and when visitors see it. */
@Component({
  selector: 'dk-item',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Top, Waiting, Grow, PictureField],
  template: `
    <dk-top [title]="now()?.title || title()" [back]="'/lists/' + list()" [under]="under()" />
    <dk-waiting [of]="loaded" />
    @if (loaded.value(); as all) {
      @if (differs()) {
        <p class="differs pad" role="status">
          {{ w().differs }} <q>{{ there()?.title }}</q>
          <button class="plain" type="button" (click)="drop()">{{ w().takeTheirs }}</button>
        </p>
      }
      @if (all.list.locked) {
        <p class="quiet pad">{{ w().locked }}</p>
      } @else if (now(); as it) {
        <section class="fields">
          <label [class.changed]="it.title !== (was()?.title ?? '')">
            {{ w().itemTitle }}
            <textarea
              rows="1"
              maxlength="200"
              id="item-title"
              [dkGrow]="it.title"
              [value]="it.title"
              (input)="set({ title: line($any($event.target).value) })"
            ></textarea>
          </label>
          @for (f of all.list.fields; track f.id) {
            @switch (f.type) {
              @case ('choice') {
                <label>
                  {{ label(f) }}
                  <select (change)="value(f, $any($event.target).value)">
                    <option value=""></option>
                    @for (c of f.choices; track c) {
                      <option [value]="c" [selected]="c === it.values[f.id]">{{ c }}</option>
                    }
                  </select>
                </label>
              }
              @case ('picture') {
                <dk-picture
                  [label]="label(f)"
                  [shown]="picture(it, f)"
                  [changed]="pictureChanged(it, f)"
                  (shownChange)="show(f, $event)"
                />
              }
              @case ('date') {
                <label>
                  {{ label(f) }}
                  <input type="date" [value]="it.values[f.id] ?? ''" (change)="value(f, $any($event.target).value)" />
                </label>
              }
              @case ('time') {
                <fieldset>
                  <legend>{{ label(f) }}</legend>
                  <p class="acts">
                    <input
                      type="date"
                      [attr.aria-label]="label(f) + ', ' + w().day"
                      [value]="day(it, f)"
                      (change)="moment(f, $any($event.target).value, clock(it, f))"
                    />
                    <input
                      type="time"
                      [attr.aria-label]="label(f) + ', ' + w().time"
                      [value]="clock(it, f)"
                      (change)="moment(f, day(it, f), $any($event.target).value)"
                    />
                  </p>
                </fieldset>
              }
              @default {
                <label [class.changed]="(it.values[f.id] ?? '') !== (was()?.values?.[f.id] ?? '')">
                  {{ label(f) }}
                  <textarea
                    [rows]="f.id === 'body' ? 5 : 1"
                    [attr.maxlength]="most(f)"
                    [attr.inputmode]="f.type === 'number' ? 'decimal' : null"
                    [dkGrow]="it.values[f.id] ?? ''"
                    [value]="it.values[f.id] ?? ''"
                    (input)="value(f, f.type === 'prose' ? $any($event.target).value : line($any($event.target).value))"
                  ></textarea>
                </label>
              }
            }
          }
          <fieldset>
            <legend>{{ w().whenUp }}</legend>
            <label class="tick"
              ><input type="radio" name="up" [checked]="way() === 'now'" (change)="choose('now')" />
              {{ w().upNow }}</label
            >
            <label class="tick"
              ><input type="radio" name="up" [checked]="way() === 'from'" (change)="choose('from')" />
              {{ w().upFrom }}</label
            >
            @if (way() === 'from') {
              <label>
                {{ w().from }}
                <input
                  type="datetime-local"
                  [value]="it.from"
                  (change)="set({ from: $any($event.target).value.slice(0, 16) })"
                />
              </label>
            }
            <label class="tick"
              ><input type="radio" name="up" [checked]="way() === 'not'" (change)="choose('not')" />
              {{ w().upNot }}</label
            >
            @if (way() !== 'not') {
              <label>
                {{ w().untilWhen }}
                <input
                  type="datetime-local"
                  [value]="it.until"
                  (change)="set({ until: $any($event.target).value.slice(0, 16) })"
                />
              </label>
              <p class="quiet">{{ w().ofZone(zone()) }}</p>
            }
          </fieldset>
          <p class="acts">
            <button class="plain" type="button" (click)="takeOut()">{{ w().takeItOut }}</button>
          </p>
        </section>
      } @else if (change()) {
        <section class="fields gone">
          <p>
            <s>{{ was()?.title }}</s> {{ w().willGo }}
            <button class="plain" type="button" (click)="drop()">{{ w().takeBack }}</button>
          </p>
        </section>
      } @else {
        <p class="pad">{{ w().noneFound }}</p>
      }
    }
  `,
})
export class ItemPlace {
  /** The ids of the list and of the item, from the address; `new` for one that is not there yet. */
  readonly list = input.required<string>();
  readonly item = input.required<string>();
  private readonly drafts = inject(Drafts);
  private readonly router = inject(Router);
  protected readonly w = wording().words;
  private readonly at = toObservable(computed(() => [this.list(), this.item()] as const));
  protected readonly loaded = loaded((api) =>
    this.at.pipe(
      switchMap(([list, item]) => api.get<ItemsOf>(`/lists/${list}?most=1&item=${encodeURIComponent(item)}`)),
    ),
  );
  /** What a new item is known by, as soon as something is written in it. */
  private readonly id = linkedSignal(() =>
    this.item() === 'new' ? `d${crypto.randomUUID().replaceAll('-', '').slice(0, 12)}` : this.item(),
  );
  protected readonly there = computed(() => this.loaded.value()?.items.find((i) => i.id === this.id())?.said);
  protected readonly change = computed(() =>
    this.drafts
      .all()
      .find((c): c is ItemChange => c.kind === 'item' && c.collection === this.list() && c.item === this.id()),
  );
  /** What it was when it was first changed, or is where nothing was. */
  protected readonly was = computed(() => this.change()?.was ?? this.there() ?? null);
  private readonly blank = computed(() => this.item() === 'new');
  protected readonly now = computed<ItemSaid | null>(() => {
    const change = this.change();
    if (change) return change.value;
    return this.there() ?? (this.blank() ? EMPTY : null);
  });
  protected readonly differs = computed(() => {
    const [change, there] = [this.change(), this.there()];
    return !!change?.was && !!there && !same(change.was, there);
  });
  /** Chosen while no time was named yet. */
  private readonly planning = signal(false);
  protected readonly way = computed(() => {
    const now = this.now();
    return !now?.up ? 'not' : now.from || this.planning() ? 'from' : 'now';
  });
  protected readonly zone = computed(() => (this.loaded.value()?.zone ?? '').replace(/^.*\//, '').replaceAll('_', ' '));
  protected readonly title = computed(() => {
    const list = this.loaded.value()?.list;
    return list ? (this.w().kinds[list.kind] ?? list.name) : '';
  });
  protected readonly under = computed(() => this.loaded.value()?.list.name ?? '');

  constructor() {
    // What is new has its own address once something stands in it: come back to, it is found again.
    effect(() => {
      if (this.blank() && this.change())
        void this.router.navigate(['/lists', this.list(), this.id()], { replaceUrl: true });
    });
  }

  protected label = ({ id, label }: ListField): string => this.w().fields[id] ?? label;
  protected most = ({ type }: ListField): number => MOST[type] ?? 400;
  protected line = (typed: string): string => typed.replace(/\s*\n\s*/g, ' ');
  protected day = (it: ItemSaid, { id }: ListField): string => (it.values[id] ?? '').slice(0, 10);
  protected clock = (it: ItemSaid, { id }: ListField): string => (it.values[id] ?? '').slice(11);

  protected set(patch: Partial<ItemSaid>): void {
    const value = { ...(this.now() ?? EMPTY), ...patch };
    this.drafts.put({ kind: 'item', collection: this.list(), item: this.id(), was: this.was(), value });
  }
  protected value({ id }: ListField, typed: string): void {
    this.set({ values: { ...this.now()?.values, [id]: typed } });
  }
  protected picture = (it: ItemSaid, { id }: ListField): Shown => it.pictures?.[id] ?? NONE;
  protected pictureChanged = (it: ItemSaid, f: ListField): boolean =>
    !samePicture(it.pictures?.[f.id], this.was()?.pictures?.[f.id]);
  protected show({ id }: ListField, shown: Shown): void {
    this.set({ pictures: { ...this.now()?.pictures, [id]: shown } });
  }
  protected moment(field: ListField, day: string, clock: string): void {
    this.value(field, day ? (clock ? `${day}T${clock.slice(0, 5)}` : day) : '');
  }
  protected choose(way: 'now' | 'from' | 'not'): void {
    this.planning.set(way === 'from');
    this.set(way === 'not' ? { up: false } : { up: true, ...(way === 'now' && { from: '' }) });
  }
  protected drop(): void {
    this.drafts.drop(`item ${this.list()} ${this.id()}`);
  }
  protected takeOut(): void {
    const was = this.was();
    if (was) {
      this.drafts.put({ kind: 'item', collection: this.list(), item: this.id(), was, value: null });
      return;
    }
    this.drop();
    void this.router.navigate(['/lists', this.list()]);
  }
}
