import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { followsTime, instantOf } from '@tin-porch/core/collections';
import { canCollect, canShow, collect, listItems } from '@tin-porch/core/making';
import type { Listing, Section } from '@tin-porch/core/model';
import { some } from '@tin-porch/core/some';
import { SiteStore } from '../site/site-store';
import { Collections } from './collections';

const SHOWS: Record<Listing['show'], string> = {
  newest: 'the newest first',
  upcoming: 'what is to come',
  past: 'what was',
  kept: 'in the order they are kept',
  chosen: 'the chosen ones',
};

/** Whether a section shows items of its own or of a collection, and which of those. */
@Component({
  selector: 'tp-section-shows',
  changeDetection: ChangeDetectionStrategy.OnPush,
  styles: `
    .chosen {
      max-height: 10rem;
      overflow: auto;
    }
    .chosen label {
      display: block;
    }
  `,
  template: `
    @if (can()) {
      @if (collections.all().length) {
        <div class="field">
          <label [for]="'shows-' + section().id">Items</label>
          <select [id]="'shows-' + section().id" (change)="show($any($event.target).value)">
            <option value="" [selected]="!section().shows">of its own</option>
            @for (c of collections.all(); track c.id) {
              <option [value]="c.id" [selected]="c.id === section().shows?.collection">of {{ c.name }}</option>
            }
          </select>
        </div>
      }
      @if (section().shows; as shows) {
        <div class="halves">
          <div class="field">
            <label [for]="'which-' + section().id">Which</label>
            <select [id]="'which-' + section().id" (change)="set({ show: $any($event.target).value })">
              @for (w of ways; track w[0]) {
                <option [value]="w[0]" [selected]="w[0] === shows.show">{{ w[1] }}</option>
              }
            </select>
          </div>
          <div class="field">
            <label [for]="'most-' + section().id">At most</label>
            <input
              type="number"
              min="1"
              max="48"
              [id]="'most-' + section().id"
              [value]="shows.most"
              (change)="most($any($event.target))"
            />
          </div>
        </div>
        @if (tags().length) {
          <div class="field">
            <label [for]="'tag-' + section().id">With the tag</label>
            <select [id]="'tag-' + section().id" (change)="set({ tag: $any($event.target).value })">
              <option value="">any or none</option>
              @for (t of tags(); track t) {
                <option [value]="t" [selected]="t === shows.tag">{{ t }}</option>
              }
            </select>
          </div>
        }
        @if (shows.show === 'chosen') {
          <fieldset class="field chosen">
            <legend>Chosen</legend>
            @for (i of items(); track i.id) {
              <label class="check"
                ><input type="checkbox" [checked]="shows.chosen?.includes(i.id) ?? false" (change)="choose(i.id)" />{{
                  i.title.value
                }}</label
              >
            }
          </fieldset>
        }
        <label class="check"
          ><input
            type="checkbox"
            [checked]="shows.further ?? false"
            (change)="set({ further: $any($event.target).checked })"
          />The rest on further pages</label
        >
        @if (byTime()) {
          <label class="check"
            ><input
              type="checkbox"
              [checked]="shows.monthly ?? false"
              (change)="set({ monthly: $any($event.target).checked })"
            />Under their months</label
          >
        }
        <p>
          <button class="plain small" type="button" (click)="open(shows.collection)">Open {{ name() }}</button>
        </p>
      } @else if (gathers()) {
        <p>
          <button class="plain small" type="button" (click)="gather()">Make a collection of these</button>
        </p>
      }
    }
  `,
})
export class SectionShows {
  private readonly store = inject(SiteStore);
  protected readonly collections = inject(Collections);
  readonly section = input.required<Section>();
  protected readonly ways = Object.entries(SHOWS) as [Listing['show'], string][];
  private readonly collection = computed(() =>
    this.collections.all().find((c) => c.id === this.section().shows?.collection),
  );
  protected readonly name = computed(() => this.collection()?.name ?? '');
  protected readonly items = computed(() => this.collection()?.items ?? []);
  protected readonly tags = computed(() => [...new Set(this.items().flatMap((i) => i.tags ?? []))].sort());
  /** Whether they follow each other by their time, and so by their months. */
  protected readonly byTime = computed(() => followsTime(this.section().shows?.show ?? 'kept'));
  protected readonly gathers = computed(() => canCollect(this.section()));
  protected readonly can = computed(
    () => canShow(this.section()) && (this.collections.all().length > 0 || this.gathers()),
  );

  protected show(collection: string): void {
    const document = this.store.document()!;
    if (!collection) return this.change({ op: 'setShows', section: this.section().id, shows: null });
    const found = this.collections.all().find((c) => c.id === collection)!;
    const show = found.kind === 'events' ? 'upcoming' : found.kind === 'news' ? 'newest' : 'kept';
    this.change({
      op: 'batch',
      operations: listItems(document, this.section().id, { collection, show, most: 6 }),
    });
  }
  private change(operation: Parameters<SiteStore['change']>[0], done?: string): void {
    this.store.change(operation);
    void this.store.flush();
    if (done) this.store.said.set({ words: done, bad: false, undo: true });
  }
  protected set(patch: {
    show?: Listing['show'];
    most?: number;
    tag?: string;
    further?: boolean;
    monthly?: boolean;
    chosen?: string[];
  }): void {
    const { tag, further, monthly, chosen, ...rest } = { ...this.section().shows!, ...patch };
    this.change({
      op: 'setShows',
      section: this.section().id,
      shows: {
        ...rest,
        ...(further && { further }),
        ...(monthly && followsTime(rest.show) && { monthly }),
        ...(tag && { tag }),
        ...(chosen?.length && { chosen }),
      },
    });
  }
  protected most(field: HTMLInputElement): void {
    const most = Math.round(Math.min(48, Math.max(1, Number(field.value) || 1)));
    field.value = String(most);
    this.set({ most });
  }
  protected choose(id: string): void {
    const chosen = this.section().shows!.chosen ?? [];
    this.set({ chosen: chosen.includes(id) ? chosen.filter((c) => c !== id) : [...chosen, id].slice(-48) });
  }
  protected open(collection: string): void {
    this.collections.open.set({ collection, item: null });
  }
  protected gather(): void {
    const operation = collect(this.store.document()!, this.section().id, instantOf(Date.now()));
    if (!operation) return this.store.said.set({ words: 'Nothing in it has a name.', bad: true });
    const before = this.collections.all().length;
    this.change(operation, 'They are a collection now.');
    const made = this.collections.all()[before];
    if (made) {
      this.store.said.set({
        words: `${made.name} has ${some(made.items.length, 'item')} now, each with a page of its own.`,
        bad: false,
        undo: true,
      });
      this.open(made.id);
    }
  }
}
