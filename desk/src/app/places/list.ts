import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { toObservable } from '@angular/core/rxjs-interop';
import { combineLatest, debounceTime, switchMap } from 'rxjs';
import { RouterLink } from '@angular/router';
import { Drafts } from '../drafts';
import { Session } from '../here';
import type { Change, ItemsOf } from '../model';
import { loaded } from '../parts/load';
import { OrderPart } from '../parts/order';
import { Top } from '../parts/top';
import { Waiting } from '../parts/waiting';
import { wording } from '../words/words';

type ItemChange = Extract<Change, { kind: 'item' }>;
/** As many as can be put in order by hand are seen at once. */
const STEP = 60;
/** How long the hand rests before it is looked for what was typed, ms. */
const REST_MS = 150;

/** One list: what is in it, the newest first, found by its words, and the way to something new. */
@Component({
  selector: 'dk-list',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [OrderPart, RouterLink, Top, Waiting],
  template: `
    <dk-top [title]="name()" [back]="several() ? '/lists' : ''" />
    <dk-waiting [of]="items" />
    @if (items.value(); as all) {
      @if (all.list.locked) {
        <p class="quiet pad">{{ w().locked }}</p>
      } @else {
        <p class="acts pad">
          <a class="button main" [routerLink]="['/lists', list(), 'new']">{{
            w().newOf(w().kinds[all.list.kind] ?? name())
          }}</a>
        </p>
      }
      @if (all.list.count > 6 || words()) {
        <p class="pad">
          <input
            type="search"
            [attr.aria-label]="w().findIn(name())"
            [placeholder]="w().findIn(name())"
            [value]="words()"
            (input)="words.set($any($event.target).value)"
          />
        </p>
      }
      <ul class="rows">
        @for (c of fresh(); track c.item) {
          <li class="to changed">
            <a [routerLink]="['/lists', list(), c.item]">
              <strong>{{ c.value?.title || w().itemTitle }}</strong>
              <span class="quiet">{{ w().tray(1) }}</span>
            </a>
          </li>
        }
        @for (i of all.items; track i.id) {
          @if (all.list.locked) {
            <li>
              <h2>{{ i.title }}</h2>
              <p class="quiet">{{ i.when }} · {{ w().states[i.state] }}</p>
            </li>
          } @else {
            <li class="to" [class.changed]="changeOf(i.id)">
              <a [routerLink]="['/lists', list(), i.id]">
                <strong>{{ changeOf(i.id)?.value?.title || i.title }}</strong>
                <span class="quiet">{{ i.when }} · {{ w().states[i.state] }}</span>
              </a>
            </li>
          }
        } @empty {
          @if (!fresh().length) {
            <li>
              <p>{{ words() ? w().noneFound : w().nothingIn }}</p>
            </li>
          }
        }
      </ul>
      @if (all.list.ordered && !all.list.locked && !words() && all.found === all.items.length) {
        <dk-order [of]="'list/' + list()" [rows]="named()" />
      }
      @if (all.found > all.items.length) {
        <p class="acts pad">
          <button type="button" (click)="most.set(most() + step)">
            {{ w().moreItems(all.found - all.items.length) }}
          </button>
        </p>
      }
    }
  `,
})
export class ListPlace {
  /** The id of the list, from the address. */
  readonly list = input.required<string>();
  private readonly session = inject(Session);
  private readonly drafts = inject(Drafts);
  protected readonly w = wording().words;
  protected readonly step = STEP;
  protected readonly words = signal('');
  protected readonly most = signal(STEP);
  private readonly asked = toObservable(computed(() => [this.list(), this.words(), this.most()] as const));
  protected readonly items = loaded((api) =>
    combineLatest([this.asked]).pipe(
      debounceTime(REST_MS),
      switchMap(([[list, words, most]]) =>
        api.get<ItemsOf>(`/lists/${list}?most=${most}&words=${encodeURIComponent(words)}`),
      ),
    ),
  );
  protected readonly several = computed(() => (this.session.here()?.lists.length ?? 0) > 1);
  protected readonly name = computed(
    () => this.items.value()?.list.name ?? this.session.here()?.lists.find((l) => l.id === this.list())?.name ?? '',
  );
  private readonly changes = computed(() =>
    this.drafts.all().filter((c): c is ItemChange => c.kind === 'item' && c.collection === this.list()),
  );
  /** What is new and not up yet. */
  protected readonly fresh = computed(() => this.changes().filter((c) => c.was === null));
  /** What is in it by its names, for its order. */
  protected readonly named = computed(() =>
    (this.items.value()?.items ?? []).map(({ id, title }) => ({ id, name: title })),
  );
  protected changeOf = (id: string): ItemChange | undefined => this.changes().find((c) => c.item === id);
}
