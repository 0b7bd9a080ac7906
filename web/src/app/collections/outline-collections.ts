import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { COLLECTION_KINDS, COLLECTIONS, type Collection, type CollectionKind } from '@tin-porch/core/model';
import { some } from '@tin-porch/core/some';
import { Collections } from './collections';

/** What grows on the site: its collections, each with how much is in it, and the way to a new one. */
@Component({
  selector: 'tp-outline-collections',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [FormsModule],
  styles: `
    h2 {
      margin-top: 20px;
    }
    p {
      margin: 4px 0 8px;
    }
    .bar {
      margin-bottom: 20px;
    }
    .bar select,
    .bar input {
      width: auto;
      flex: 1 1 9rem;
      min-width: 0;
    }
    ul {
      margin: 6px 0;
      padding: 0;
      list-style: none;
    }
    li {
      display: flex;
      flex-wrap: wrap;
      align-items: baseline;
      gap: 2px 10px;
      padding: 3px 0;
    }
  `,
  template: `
    <h2>Collections</h2>
    @if (collections.all().length) {
      <ul>
        @for (c of collections.all(); track c.id) {
          <li>
            <button type="button" class="link" [id]="'collection-' + c.id" (click)="open(c)">{{ c.name }}</button>
            <span class="quiet">{{ counted(c) }}</span>
          </li>
        }
      </ul>
    } @else {
      <p class="quiet">News, events, products: what grows over the years, and has a page for each.</p>
    }
    <form class="bar" (ngSubmit)="begin()">
      <select aria-label="What a new collection is of" name="kind" [ngModel]="kind()" (ngModelChange)="choose($event)">
        <option value="">A collection of …</option>
        @for (k of kinds; track k) {
          <option [value]="k">{{ of[k].title }}</option>
        }
      </select>
      @if (kind()) {
        <input type="text" aria-label="What it is called" name="name" maxlength="60" [(ngModel)]="name" />
        <button class="plain small" type="submit" [disabled]="!name().trim()">Begin it</button>
      }
    </form>
  `,
})
export class OutlineCollections {
  protected readonly collections = inject(Collections);
  protected readonly kinds = COLLECTION_KINDS;
  protected readonly of = COLLECTIONS;
  protected readonly kind = signal<CollectionKind | ''>('');
  protected readonly name = signal('');

  protected counted(c: Collection): string {
    const waiting = c.items.filter((i) => i.state === 'draft').length;
    return [some(c.items.length, 'item'), waiting && some(waiting, 'draft')].filter(Boolean).join(', ');
  }
  protected open({ id }: Collection): void {
    this.collections.open.set({ collection: id, item: null });
  }
  protected choose(kind: CollectionKind | ''): void {
    this.kind.set(kind);
    this.name.set(kind && kind !== 'own' ? COLLECTIONS[kind].title : '');
  }
  protected begin(): void {
    const kind = this.kind();
    if (!kind || !this.name().trim()) return;
    this.collections.begin(kind, this.name().trim());
    this.choose('');
  }
}
