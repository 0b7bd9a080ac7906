import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { instantAt, itemPath, localAt, wordsOf, zoneOf } from '@tin-porch/core/collections';
import {
  fieldsOf,
  isPicture,
  isText,
  withMarksOf,
  type Collection,
  type CollectionItem,
  type Field,
  type FieldValue,
  type Picture,
  type Text,
} from '@tin-porch/core/model';
import { readdressedItem, slugOf } from '@tin-porch/core/making';
import type { Written } from '@tin-porch/surface';
import { KeptText } from '../parts/kept-text';
import { RowButtons } from '../parts/row-buttons';
import { PictureImages } from '../look/picture-image';
import { SiteStore } from '../site/site-store';
import { Collections, type ItemChange } from './collections';
import { RichWords } from './rich-words';
import { STATE_CHIPS, STATE_WORDS } from './state-words';

/** All that one item of a collection says, and when visitors get it. */
@Component({
  selector: 'tp-item-form',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [KeptText, RichWords, RowButtons],
  providers: [PictureImages],
  styleUrl: './item-form.scss',
  template: `
    <div class="between">
      <h2>{{ item().title.value || 'A new ' + kind().one }}</h2>
      <span class="chip {{ chips[state()] }}">{{ stateWords[state()] }}</span>
    </div>
    <div class="field">
      <label for="item-title">{{ kind().titled }}</label>
      <input id="item-title" maxlength="200" [tpKept]="item().title.value" (typed)="title($event)" />
    </div>
    @for (field of fields(); track field.id) {
      <div class="field">
        @switch (field.type) {
          @case ('prose') {
            <span class="label">{{ field.label }}</span>
            <tp-rich-words
              [name]="idOf(field)"
              [label]="field.label"
              [long]="field.id === 'body'"
              [text]="written(field)"
              (written)="put(field, $event.value ? textOf($event) : null)"
            />
          }
          @case ('number') {
            <label [for]="idOf(field)">{{ field.label }}</label>
            <input
              type="number"
              step="any"
              [id]="idOf(field)"
              [value]="plain(field)"
              (change)="number(field, $any($event.target).value)"
            />
          }
          @case ('date') {
            <label [for]="idOf(field)">{{ field.label }}</label>
            <input
              type="date"
              [id]="idOf(field)"
              [value]="plain(field)"
              (change)="value(field, $any($event.target).value)"
            />
          }
          @case ('time') {
            <fieldset class="moment">
              <legend>{{ field.label }}</legend>
              <input
                type="date"
                [attr.aria-label]="field.label + ', day'"
                [id]="idOf(field)"
                [value]="plain(field).slice(0, 10)"
                (change)="time(field, $any($event.target).value, plain(field).slice(11))"
              />
              <input
                type="time"
                [attr.aria-label]="field.label + ', time'"
                [value]="plain(field).slice(11)"
                [disabled]="!plain(field)"
                (change)="time(field, plain(field).slice(0, 10), $any($event.target).value)"
              />
            </fieldset>
          }
          @case ('picture') {
            <label [for]="idOf(field)">{{ field.label }}</label>
            <div class="picture">
              @if (shown(field); as src) {
                <img [src]="src" alt="" />
              }
              <select [id]="idOf(field)" (change)="picture(field, $any($event.target).value)">
                <option value="">None</option>
                @for (m of media(); track m.id) {
                  <option [value]="m.id" [selected]="m.id === pictureOf(field)?.media">{{ m.title || m.id }}</option>
                }
              </select>
            </div>
            @if (pictureOf(field); as there) {
              <label class="quiet" [for]="idOf(field) + '-alt'">Picture in words</label>
              <input
                [id]="idOf(field) + '-alt'"
                maxlength="300"
                [tpKept]="there.alt.value"
                (typed)="alt(field, there, $event)"
              />
            }
          }
          @case ('file') {
            <label [for]="idOf(field)">{{ field.label }}</label>
            <select [id]="idOf(field)" (change)="value(field, $any($event.target).value)">
              <option value="">None</option>
              @for (f of files(); track f.id) {
                <option [value]="'file:' + f.id" [selected]="'file:' + f.id === plain(field)">{{ f.title }}</option>
              }
            </select>
          }
          @case ('choice') {
            <label [for]="idOf(field)">{{ field.label }}</label>
            <select [id]="idOf(field)" (change)="value(field, $any($event.target).value)">
              <option value="">None</option>
              @for (c of field.choices; track c) {
                <option [value]="c" [selected]="c === plain(field)">{{ c }}</option>
              }
            </select>
          }
          @case ('reference') {
            <label [for]="idOf(field)">{{ field.label }}</label>
            <select [id]="idOf(field)" (change)="value(field, $any($event.target).value)">
              <option value="">None</option>
              @for (i of referred(field); track i.id) {
                <option [value]="i.id" [selected]="i.id === plain(field)">{{ i.title.value }}</option>
              }
            </select>
          }
          @case ('link') {
            <label [for]="idOf(field)">{{ field.label }}</label>
            <input
              type="url"
              placeholder="https://"
              [id]="idOf(field)"
              [value]="plain(field)"
              (change)="value(field, $any($event.target).value)"
            />
          }
          @default {
            <label [for]="idOf(field)">{{ field.label }}</label>
            <input [id]="idOf(field)" maxlength="400" [tpKept]="words(field)" (typed)="write(field, $event)" />
          }
        }
      </div>
    }
    <h3>Before visitors</h3>
    <div class="bar">
      @if (state() === 'draft') {
        <button class="act" type="button" [disabled]="!item().title.value.trim()" (click)="set({ state: 'up' })">
          Put it up
        </button>
      } @else {
        <button class="plain" type="button" (click)="set({ state: 'draft' })">Back to drafts</button>
      }
      <span class="quiet">{{ about() }}</span>
    </div>
    <div class="halves">
      <div class="field">
        <label for="item-from">From</label>
        <input
          id="item-from"
          type="datetime-local"
          [value]="local(item().from)"
          (change)="set({ from: instant($any($event.target).value) })"
        />
      </div>
      <div class="field">
        <label for="item-until">Until</label>
        <input
          id="item-until"
          type="datetime-local"
          [value]="local(item().until)"
          (change)="set({ until: instant($any($event.target).value) })"
        />
      </div>
    </div>
    <p class="quiet">Times are those of {{ zone() }}. It comes and goes by itself, at the minute.</p>
    <div class="halves">
      <div class="field">
        <label for="item-by">Author</label>
        <input id="item-by" maxlength="80" [tpKept]="item().by ?? ''" (typed)="set({ by: $event.trim() || null })" />
      </div>
      <div class="field">
        <label for="item-tags">Tags, with commas between</label>
        <input id="item-tags" maxlength="300" [tpKept]="(item().tags ?? []).join(', ')" (typed)="tags($event)" />
      </div>
    </div>
    <div class="field">
      <label for="item-language">Language, where it is another than the site’s</label>
      <input
        id="item-language"
        maxlength="14"
        placeholder="fr"
        [value]="item().language ?? ''"
        (change)="language($any($event.target))"
      />
    </div>
    @if (path(); as at) {
      <div class="field">
        <label for="item-slug">Address</label>
        <input id="item-slug" maxlength="80" [value]="item().slug" (change)="slug($any($event.target))" />
        <span class="quiet mono">{{ at }}</span>
      </div>
    }
    <div class="bar">
      <span class="quiet">{{ at() + 1 }} of {{ collection().items.length }} in the order they are kept</span>
      <tp-row-buttons
        [name]="item().title.value || 'it'"
        [first]="at() === 0"
        [last]="at() === collection().items.length - 1"
        (up)="collections.move(item().id, at() - 1)"
        (down)="collections.move(item().id, at() + 1)"
        (out)="collections.takeOutItems([item().id])"
      />
    </div>
  `,
})
export class ItemForm {
  protected readonly collections = inject(Collections);
  private readonly store = inject(SiteStore);
  private readonly images = inject(PictureImages);
  readonly collection = input.required<Collection>();
  readonly item = input.required<CollectionItem>();
  protected readonly chips = STATE_CHIPS;
  protected readonly stateWords = STATE_WORDS;
  protected readonly kind = this.collections.kind;
  protected readonly fields = computed(() => fieldsOf(this.collection()));
  protected readonly state = computed(() => this.collections.stateOf(this.collection(), this.item()));
  protected readonly media = computed(() => this.store.document()!.media);
  protected readonly files = computed(() => this.store.document()!.files ?? []);
  protected readonly zone = computed(() => zoneOf(this.store.document()!).replace(/^.*\//, '').replaceAll('_', ' '));
  protected readonly path = computed(() => itemPath(this.store.document()!, this.collection(), this.item()));
  protected readonly at = computed(() => this.collection().items.findIndex((i) => i.id === this.item().id));
  protected readonly about = computed(() => {
    switch (this.state()) {
      case 'draft':
        return 'Nobody gets it so far.';
      case 'planned':
        return 'It comes when its time has come.';
      case 'over':
        return 'It is on no list any more; its page says that it is over.';
      case 'up':
        return 'With the next deploy it is what visitors get.';
    }
  });

  /** Whether the site is up, and its items may be known by their addresses. */
  private readonly isLive = computed(() => (this.store.detail()?.liveRelease ?? null) !== null);
  protected idOf = ({ id }: Field): string => `item-${id}`;
  private valueOf = ({ id }: Field): FieldValue | undefined => this.item().values[id];
  protected words = (field: Field): string => wordsOf(this.store.document()!, this.valueOf(field));
  protected written(field: Field): Written {
    const value = this.valueOf(field);
    return isText(value) ? value : { value: '' };
  }
  protected textOf = (written: Written): Text => ({ ...written, from: { kind: 'designer' } });
  protected plain(field: Field): string {
    const value = this.valueOf(field);
    return typeof value === 'string' || typeof value === 'number' ? String(value) : '';
  }
  protected pictureOf(field: Field): Picture | undefined {
    const value = this.valueOf(field);
    return isPicture(value) && value.media ? value : undefined;
  }
  protected shown(field: Field): string | null {
    const media = this.pictureOf(field)?.media;
    const medium = this.media().find((m) => m.id === media);
    return medium ? this.images.of(medium) : null;
  }
  protected referred = ({ of }: Field): CollectionItem[] =>
    (this.store.document()!.collections ?? []).find((c) => c.id === of)?.items ?? [];

  protected set(change: ItemChange): void {
    this.collections.setItem(this.item().id, change);
  }
  protected put(field: Field, value: FieldValue | null): void {
    this.set({ values: { [field.id]: value } });
  }
  protected title(value: string): void {
    const { item, collection } = { item: this.item(), collection: this.collection() };
    // An address follows the title until somebody could have been told of it.
    const follows = item.state === 'draft' && value.trim() && !this.isLive();
    const slug = slugOf(value);
    const free = follows && slug !== item.slug && !collection.items.some((i) => i !== item && i.slug === slug);
    this.set({ title: withMarksOf(item.title, { value, from: { kind: 'designer' as const } }), ...(free && { slug }) });
  }
  protected write(field: Field, value: string): void {
    const before = this.valueOf(field);
    const text = { value, from: { kind: 'designer' as const } };
    this.put(field, value ? (isText(before) ? withMarksOf(before, text) : text) : null);
  }
  protected number(field: Field, typed: string): void {
    this.put(field, typed === '' || Number.isNaN(Number(typed)) ? null : Number(typed));
  }
  protected value(field: Field, typed: string): void {
    this.put(field, typed || null);
  }
  protected time(field: Field, day: string, clock: string): void {
    this.put(field, day ? (clock ? `${day}T${clock.slice(0, 5)}` : day) : null);
  }
  protected picture(field: Field, media: string): void {
    this.put(field, media ? { media, alt: { value: '', from: { kind: 'designer' } } } : null);
  }
  protected alt(field: Field, there: Picture, value: string): void {
    this.put(field, { ...there, alt: { value, from: { kind: 'designer' } } });
  }
  protected tags(typed: string): void {
    const tags = [
      ...new Set(
        typed
          .split(',')
          .map((t) => t.trim().slice(0, 40))
          .filter(Boolean),
      ),
    ].slice(0, 12);
    this.set({ tags: tags.length ? tags : null });
  }
  protected language(field: HTMLInputElement): void {
    const tag = field.value.trim();
    // BCP 47, as far as a page has use for it.
    const good = !tag || /^[a-z]{2,3}(-[A-Za-z0-9]{2,8}){0,2}$/.test(tag);
    if (good) this.set({ language: tag || null });
    else this.store.said.set({ words: `“${tag}” is no language tag such as fr or de-CH.`, bad: true });
    field.value = good ? tag : (this.item().language ?? '');
  }
  protected slug(field: HTMLInputElement): void {
    const slug = slugOf(field.value);
    const taken = this.collection().items.some((i) => i.id !== this.item().id && i.slug === slug);
    if (taken) this.store.said.set({ words: `Another ${this.kind().one} is at “${slug}”.`, bad: true });
    else if (slug !== this.item().slug) this.set(readdressedItem(this.item(), slug, this.isLive()));
    field.value = taken ? this.item().slug : slug;
  }
  protected local = (instant: string | undefined): string =>
    instant === undefined ? '' : localAt(this.store.document()!, instant);
  protected instant = (local: string): string | null =>
    local ? instantAt(this.store.document()!, local.slice(0, 16)) : null;
}
