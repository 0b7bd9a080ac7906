import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  linkedSignal,
  signal,
  untracked,
} from '@angular/core';
import { SlicePipe } from '@angular/common';
import { FormsModule } from '@angular/forms';
import { NgIcon } from '@ng-icons/core';
import { sayDay, sayShort, startOf, wordsOf, type ItemState } from '@tin-porch/core/collections';
import { isText, type CollectionItem, type Field } from '@tin-porch/core/model';
import { some } from '@tin-porch/core/some';
import { Dialogs } from '../parts/dialogs';
import { KeptText } from '../parts/kept-text';
import { LockBox } from '../client/lock';
import { SiteStore } from '../site/site-store';
import { CollectionFields } from './collection-fields';
import { CollectionFiles } from './collection-files';
import { Collections } from './collections';
import { ItemForm } from './item-form';
import { STATE_CHIPS, STATE_WORDS } from './state-words';

type Column = 'title' | 'second' | 'state' | 'when';
/** How many rows are drawn at once; more are asked for. */
const ROWS = 100;
/** The field that stands beside the title, of a kind that has one worth it. */
const SECOND = ['price', 'role', 'place', 'address', 'detail', 'answer'];

/**
 * A collection as a table: found, sorted, edited in its cells, many taken at once. What is pressed is in hand, with all that it
 * says, and the window shows its page.
 */
@Component({
  selector: 'tp-collection-table',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [CollectionFields, CollectionFiles, FormsModule, ItemForm, KeptText, LockBox, NgIcon, SlicePipe],
  styleUrl: './collection-table.scss',
  template: `
    @if (collections.collection(); as collection) {
      @if (collections.item(); as item) {
        <p class="bar">
          <button class="plain small" type="button" id="to-table" (click)="close()">
            <ng-icon name="lucideArrowLeft" aria-hidden="true" />{{ collection.name }}
          </button>
        </p>
        <tp-item-form [collection]="collection" [item]="item" />
      } @else {
        <p class="bar">
          <button class="plain small" type="button" (click)="collections.open.set(null)">
            <ng-icon name="lucideArrowLeft" aria-hidden="true" />Pages
          </button>
        </p>
        <div class="head">
          <label class="sr" for="collection-name">Name of the collection</label>
          <input id="collection-name" class="name" maxlength="60" [tpKept]="collection.name" (typed)="rename($event)" />
          <span class="quiet">{{ counted() }}</span>
        </div>
        <tp-lock [lock]="'collection/' + collection.id" />
        <div class="bar tools">
          <button class="act" type="button" (click)="collections.add()">
            <ng-icon name="lucidePlus" aria-hidden="true" />New {{ kind().one }}
          </button>
          <input
            type="search"
            [attr.aria-label]="'Find in ' + collection.name"
            placeholder="Find"
            [ngModel]="query()"
            (ngModelChange)="query.set($event)"
          />
          <select aria-label="Which of them" [ngModel]="only()" (ngModelChange)="only.set($event)">
            <option value="">All</option>
            @for (s of states; track s) {
              <option [value]="s">{{ stateWords[s] }}</option>
            }
          </select>
          @if (tags().length) {
            <select aria-label="With which tag" [ngModel]="tag()" (ngModelChange)="tag.set($event)">
              <option value="">Any tag</option>
              @for (t of tags(); track t) {
                <option [value]="t">{{ t }}</option>
              }
            </select>
          }
        </div>
        @if (taken().length) {
          <div class="bar several" role="group" aria-label="What is done to those taken">
            <b>{{ some(taken().length, 'item') }}</b>
            <button class="plain small" type="button" (click)="putUp()">Put up</button>
            <button class="plain small" type="button" (click)="draft()">Back to drafts</button>
            <button class="plain small" type="button" (click)="takeOut()">Take out</button>
            <button class="plain small" type="button" (click)="marked.set(none)">Let go</button>
          </div>
        }
        @if (rows().length) {
          <table>
            <thead>
              <tr>
                <th scope="col">
                  <input
                    type="checkbox"
                    aria-label="Take all of them"
                    [checked]="taken().length === rows().length"
                    (change)="takeAll()"
                  />
                </th>
                @for (column of columns(); track column[0]) {
                  <th
                    scope="col"
                    [class]="column[0]"
                    [attr.aria-sort]="sorted().by === column[0] ? (sorted().up ? 'ascending' : 'descending') : null"
                  >
                    <button type="button" class="link" (click)="sort(column[0])">{{ column[1] }}</button>
                  </th>
                }
                <th scope="col"><span class="sr">More</span></th>
              </tr>
            </thead>
            <tbody>
              @for (item of rows() | slice: 0 : shown(); track item.id) {
                <tr>
                  <td>
                    <input
                      type="checkbox"
                      [attr.aria-label]="'Take ' + called(item)"
                      [checked]="marked().has(item.id)"
                      (change)="take(item.id)"
                    />
                  </td>
                  <td class="title">
                    <input
                      [attr.aria-label]="kind().titled + ' of ' + called(item)"
                      maxlength="200"
                      [tpKept]="item.title.value"
                      (typed)="title(item, $event)"
                    />
                  </td>
                  @if (second(); as field) {
                    <td class="second">
                      <input
                        [attr.aria-label]="field.label + ' of ' + called(item)"
                        maxlength="400"
                        [tpKept]="words(item, field)"
                        (typed)="write(item, field, $event)"
                      />
                    </td>
                  }
                  <td class="when">{{ when(item) }}</td>
                  <td class="state">
                    <span class="chip {{ chips[state(item)] }}">{{ stateWords[state(item)] }}</span>
                  </td>
                  <td>
                    <button
                      class="square small"
                      type="button"
                      [id]="'open-' + item.id"
                      [attr.aria-label]="'Open ' + called(item)"
                      (click)="open(item)"
                    >
                      <ng-icon name="lucidePencilLine" aria-hidden="true" />
                    </button>
                  </td>
                </tr>
              }
            </tbody>
          </table>
          @if (rows().length > shown()) {
            <p>
              <button class="plain small" type="button" (click)="shown.set(shown() + many)">
                {{ some(rows().length - shown(), 'more', 'more') }}
              </button>
            </p>
          }
        } @else if (collection.items.length) {
          <p class="quiet" role="status">Nothing of it is like that.</p>
        } @else {
          <p class="quiet">Nothing is in it so far.</p>
        }
        <tp-collection-fields [collection]="collection" />
        <tp-collection-files [collection]="collection" />
        <p class="bar">
          <button class="plain small" type="button" (click)="takeOutCollection()">Take the collection out …</button>
        </p>
      }
    }
  `,
})
export class CollectionTable {
  protected readonly collections = inject(Collections);
  private readonly store = inject(SiteStore);
  private readonly dialogs = inject(Dialogs);
  protected readonly kind = this.collections.kind;
  protected readonly states = Object.keys(STATE_WORDS) as ItemState[];
  protected readonly stateWords = STATE_WORDS;
  protected readonly chips = STATE_CHIPS;
  protected readonly some = some;
  protected readonly many = ROWS;
  protected readonly none: ReadonlySet<string> = new Set();
  private readonly id = computed(() => this.collections.open()?.collection);
  protected readonly query = linkedSignal({ source: this.id, computation: () => '' });
  protected readonly only = linkedSignal<string | undefined, ItemState | ''>({
    source: this.id,
    computation: () => '',
  });
  protected readonly tag = linkedSignal({ source: this.id, computation: () => '' });
  protected readonly sorted = linkedSignal<string | undefined, { by: Column; up: boolean } | { by: null; up: true }>({
    source: this.id,
    // As visitors find them, where that is by time.
    computation: () => {
      const { show } = untracked(this.kind);
      return show === 'newest' || show === 'upcoming'
        ? { by: 'when', up: show === 'upcoming' }
        : { by: null, up: true };
    },
  });
  protected readonly shown = linkedSignal({ source: this.id, computation: () => ROWS });
  protected readonly marked = linkedSignal<string | undefined, ReadonlySet<string>>({
    source: this.id,
    computation: () => this.none,
  });
  /** The item that was in hand last: the keys go back to it. */
  private readonly last = signal('');

  constructor() {
    effect(() => {
      const item = this.collections.item()?.id;
      const last = untracked(this.last);
      if (item) this.last.set(item);
      // The way back is where one came from.
      else if (last) {
        this.last.set('');
        setTimeout(() => document.getElementById(`open-${last}`)?.focus());
      }
    });
  }

  protected readonly second = computed(() => {
    const fields = this.collections.fields();
    return SECOND.map((id) => fields.find((f) => f.id === id)).find(Boolean);
  });
  protected readonly columns = computed<(readonly [Column, string])[]>(() => {
    const second = this.second();
    return [
      ['title', this.kind().titled],
      ...(second ? [['second', second.label] as const] : []),
      ['when', this.collections.collection()?.kind === 'events' ? 'When' : 'Since'],
      ['state', 'State'],
    ];
  });
  protected readonly tags = computed(() =>
    [...new Set(this.collections.collection()?.items.flatMap((i) => i.tags ?? []) ?? [])].sort(),
  );
  protected readonly counted = computed(() => {
    const { items } = this.collections.collection()!;
    const up = items.filter((i) => this.state(i) === 'up').length;
    return `${some(items.length, 'item')}, ${up} up`;
  });
  protected readonly rows = computed<CollectionItem[]>(() => {
    const collection = this.collections.collection();
    if (!collection) return [];
    const query = this.query().trim().toLowerCase();
    const [only, tag] = [this.only(), this.tag()];
    const found = collection.items.filter(
      (i) =>
        (!only || this.state(i) === only) &&
        (!tag || i.tags?.includes(tag)) &&
        (!query || this.said(i).includes(query)),
    );
    const { by, up } = this.sorted();
    if (by === null) return found;
    const key = (i: CollectionItem): string =>
      by === 'title'
        ? i.title.value
        : by === 'second'
          ? this.words(i, this.second()!)
          : by === 'state'
            ? STATE_WORDS[this.state(i)]
            : (startOf(collection, i) ?? i.from ?? i.made);
    const order = new Intl.Collator(this.store.document()!.language, { numeric: true });
    return found
      .map((item) => ({ item, key: key(item) }))
      .sort((a, b) => order.compare(a.key, b.key) * (up ? 1 : -1))
      .map(({ item }) => item);
  });
  protected readonly taken = computed(() => this.rows().flatMap((i) => (this.marked().has(i.id) ? [i.id] : [])));

  private said = (i: CollectionItem): string =>
    [i.title.value, i.by ?? '', ...(i.tags ?? []), ...Object.values(i.values).map((v) => (isText(v) ? v.value : ''))]
      .join(' ')
      .toLowerCase();
  protected called = (item: CollectionItem): string => item.title.value || `${this.kind().one} without a name`;
  protected state = (item: CollectionItem): ItemState => this.collections.stateOf(this.collections.collection()!, item);
  protected words = (item: CollectionItem, { id }: Field): string => wordsOf(this.store.document()!, item.values[id]);
  protected when(item: CollectionItem): string {
    const document = this.store.document()!;
    const collection = this.collections.collection()!;
    const starts = startOf(collection, item);
    return starts === undefined ? sayDay(document, item.from ?? item.made) : sayShort(document.language, starts);
  }

  protected rename(name: string): void {
    if (name.trim()) this.collections.set({ name: name.trim() });
  }
  protected title(item: CollectionItem, value: string): void {
    this.collections.setItem(item.id, { title: { value, from: { kind: 'designer' } } });
  }
  protected write(item: CollectionItem, { id }: Field, value: string): void {
    this.collections.setItem(item.id, {
      values: { [id]: value ? { value, from: { kind: 'designer' as const } } : null },
    });
  }
  protected sort(by: Column): void {
    const now = this.sorted();
    this.sorted.set(now.by === by ? (now.up ? { by, up: false } : { by: null, up: true }) : { by, up: true });
  }
  protected take(id: string): void {
    const marked = new Set(this.marked());
    if (!marked.delete(id)) marked.add(id);
    this.marked.set(marked);
  }
  protected takeAll(): void {
    const all = this.taken().length === this.rows().length;
    this.marked.set(all ? this.none : new Set(this.rows().map((i) => i.id)));
  }
  protected open(item: CollectionItem): void {
    this.collections.open.set({ collection: this.collections.collection()!.id, item: item.id });
    setTimeout(() => document.getElementById('to-table')?.focus());
  }
  protected close(): void {
    this.collections.open.set({ collection: this.collections.collection()!.id, item: null });
  }
  protected putUp(): void {
    this.collections.many(this.taken(), { state: 'up', from: null, until: null }, 'Put up.');
  }
  protected draft(): void {
    this.collections.many(this.taken(), { state: 'draft' }, 'They are drafts again.');
  }
  protected takeOut(): void {
    this.collections.takeOutItems(this.taken());
    this.marked.set(this.none);
  }
  protected async takeOutCollection(): Promise<void> {
    const collection = this.collections.collection()!;
    const sure = await this.dialogs.confirm({
      title: `Take ${collection.name} out?`,
      words: `${some(collection.items.length, 'item')} with their pages and addresses would be gone from the site. It can be taken back with Undo.`,
      act: 'Take it out',
    });
    if (sure) this.collections.takeOut(collection);
  }
}
