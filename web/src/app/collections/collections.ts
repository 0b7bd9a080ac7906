import { computed, inject, Injectable, signal } from '@angular/core';
import { instantOf, itemPageId, itemPath, stateOf, type ItemState } from '@tin-porch/core/collections';
import { idFrom } from '@tin-porch/core/ground';
import {
  COLLECTIONS,
  fieldsOf,
  type Collection,
  type CollectionItem,
  type CollectionKind,
} from '@tin-porch/core/model';
import { newCollection, newItem, takeOutCollection } from '@tin-porch/core/making';
import type { Operation, OperationNamed, SingleOperation } from '@tin-porch/core/operations';
import { some } from '@tin-porch/core/some';
import { SiteStore } from '../site/site-store';

/** What of an item can be set, beside what says which it is. */
export type ItemChange = Omit<OperationNamed<'setEntry'>, 'op' | 'collection' | 'item'>;

/** How many changes one step of the log may be. */
const MOST_AT_ONCE = 500;
/** How many letters one request has at most: the server takes two million bytes. */
const MOST_LETTERS = 600_000;

/** The collection that is open beside the window, and the item of it that is in hand. */
@Injectable()
export class Collections {
  private readonly store = inject(SiteStore);
  readonly open = signal<{ collection: string; item: string | null } | null>(null);
  readonly all = computed(() => this.store.document()?.collections ?? []);
  readonly collection = computed(() => this.all().find((c) => c.id === this.open()?.collection));
  readonly item = computed(() => this.collection()?.items.find((i) => i.id === this.open()?.item));
  readonly fields = computed(() => {
    const collection = this.collection();
    return collection ? fieldsOf(collection) : [];
  });
  readonly kind = computed(() => COLLECTIONS[this.collection()?.kind ?? 'own']);
  /** The page the window shows: that of the item in hand, else that on which they are listed. */
  readonly page = computed(() => {
    const [collection, item] = [this.collection(), this.item()];
    if (!collection) return '';
    return item && this.kind().pages && this.listed()
      ? itemPageId(collection.id, item.id)
      : (this.listed()?.id ?? 'home');
  });
  /** The page of the site on which a collection stands. */
  readonly listed = computed(() => this.store.document()?.pages.find((p) => p.id === this.collection()?.page));

  stateOf(collection: Collection, item: CollectionItem): ItemState {
    return stateOf(this.store.document()!, collection, item, instantOf(this.store.now()));
  }

  /** Takes the item in hand whose page is at an address. */
  openAt(path: string): void {
    const document = this.store.document()!;
    for (const collection of this.all())
      for (const item of collection.items)
        if (itemPath(document, collection, item) === path) this.open.set({ collection: collection.id, item: item.id });
  }

  private change(operation: Operation, done?: string): void {
    this.store.change(operation);
    void this.store.flush();
    if (done) this.store.said.set({ words: done, bad: false, undo: true });
  }

  begin(kind: CollectionKind, name: string): void {
    const operation = newCollection(this.store.document()!, kind, name, instantOf(Date.now()));
    this.change(operation);
    const id = (operation as { operations: SingleOperation[] }).operations.find((o) => o.op === 'insertCollection');
    if (id?.op === 'insertCollection') this.open.set({ collection: id.collection.id, item: null });
  }
  takeOut(collection: Collection): void {
    this.open.set(null);
    this.change(
      takeOutCollection(this.store.document()!, collection.id),
      `${collection.name} is taken out, with ${some(collection.items.length, 'item')}. Its page stays.`,
    );
  }
  set(patch: Omit<OperationNamed<'setCollection'>, 'op' | 'collection'>): void {
    this.store.change({ op: 'setCollection', collection: this.collection()!.id, ...patch });
  }
  /** Puts a new item into the collection that is open, and takes it in hand. */
  add(): void {
    const collection = this.collection()!;
    const id = idFrom(crypto.randomUUID());
    const title = { value: '', from: { kind: 'designer' as const } };
    this.change(newItem(collection, id, instantOf(Date.now()), title));
    this.open.set({ collection: collection.id, item: id });
  }
  setItem(item: string, patch: ItemChange): void {
    // Sent when the hand rests.
    this.store.change({ op: 'setEntry', collection: this.collection()!.id, item, ...patch });
  }
  move(item: string, to: number): void {
    this.change({ op: 'moveEntry', collection: this.collection()!.id, item, to });
  }
  /** The same with many at once. */
  many(items: readonly string[], patch: ItemChange, done: string): void {
    const collection = this.collection()!.id;
    this.atOnce(
      items.map((item) => ({ op: 'setEntry', collection, item, ...patch })),
      done,
    );
  }
  takeOutItems(items: readonly string[]): void {
    const collection = this.collection()!;
    const said = collection.items.find((i) => i.id === items[0])?.title.value;
    const what = items.length === 1 ? (said ?? 'It') : some(items.length, 'item');
    if (items.includes(this.open()?.item ?? '')) this.open.set({ collection: collection.id, item: null });
    this.atOnce(
      items.map((item) => ({ op: 'removeEntry', collection: collection.id, item })),
      `${what} ${items.length === 1 ? 'is' : 'are'} taken out.`,
    );
  }
  bringIn(operations: SingleOperation[], done: string): void {
    this.atOnce(operations, done);
  }
  private atOnce(operations: SingleOperation[], done: string): void {
    for (let n = 0; n < operations.length;) {
      const part: SingleOperation[] = [];
      for (let size = 0; n < operations.length && part.length < MOST_AT_ONCE; n++) {
        size += JSON.stringify(operations[n]).length;
        if (part.length && size > MOST_LETTERS) break;
        part.push(operations[n]!);
      }
      this.change(part.length === 1 ? part[0]! : { op: 'batch', operations: part }, done);
    }
  }
}
