import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { COLLECTIONS, FIELD_TYPES, fieldsOf, type Collection, type Field, type FieldType } from '@tin-porch/core/model';
import { shapes } from '@tin-porch/core/look';
import { KeptText } from '../parts/kept-text';
import { RowButtons } from '../parts/row-buttons';
import { SiteStore } from '../site/site-store';
import { Collections } from './collections';

const TYPE_WORDS: Record<FieldType, string> = {
  text: 'Text',
  prose: 'Longer text',
  number: 'Number',
  money: 'Price',
  date: 'Day',
  time: 'Day and time',
  place: 'Place',
  picture: 'Picture',
  file: 'File',
  choice: 'One of a few',
  link: 'Link',
  reference: 'Item of a collection',
};

/** Where the items of a collection have their pages, in which shape, and the fields that are its own. */
@Component({
  selector: 'tp-collection-fields',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [FormsModule, KeptText, RowButtons],
  styles: `
    details {
      margin: 14px 0 6px;
    }
    ul {
      margin: 6px 0;
      padding: 0;
      list-style: none;
    }
    li {
      display: flex;
      flex-wrap: wrap;
      align-items: center;
      gap: 4px 8px;
      padding: 3px 0;
    }
    li input {
      flex: 1 1 8rem;
      min-width: 0;
    }
  `,
  template: `
    <details>
      <summary>Pages and fields</summary>
      <div class="halves">
        <div class="field">
          <label for="collection-page">Listed on</label>
          <select id="collection-page" (change)="collections.set({ page: $any($event.target).value || null })">
            <option value="">no page of its own</option>
            @for (p of pages(); track p.id) {
              <option [value]="p.id" [selected]="p.id === collection().page">{{ p.label }}</option>
            }
          </select>
        </div>
        @if (kind().pages) {
          <div class="field">
            <label for="collection-shape">Shape of the pages of its items</label>
            <select id="collection-shape" (change)="collections.set({ shape: $any($event.target).value || null })">
              <option value="">as suits each</option>
              @for (s of stories; track s[0]) {
                <option [value]="s[0]" [selected]="s[0] === collection().shape">{{ s[1] }}</option>
              }
            </select>
          </div>
        }
      </div>
      <p class="quiet">Each has: {{ given() }}.</p>
      <ul>
        @for (field of collection().fields; track field.id; let n = $index) {
          <li class="bar">
            <input
              type="text"
              maxlength="60"
              [attr.aria-label]="'Name of the field ' + field.label"
              [tpKept]="field.label"
              (typed)="rename(n, $event)"
            />
            <span class="quiet">{{ words[field.type] }}</span>
            <tp-row-buttons
              [name]="'the field ' + field.label"
              [first]="n === 0"
              [last]="n === collection().fields.length - 1"
              (up)="swap(n, n - 1)"
              (down)="swap(n, n + 1)"
              (out)="out(n)"
            />
          </li>
        }
      </ul>
      <form class="bar" (ngSubmit)="add()">
        <input
          type="text"
          aria-label="Name of a new field"
          name="label"
          maxlength="60"
          placeholder="Another field"
          [(ngModel)]="label"
        />
        <select aria-label="What it holds" name="type" [(ngModel)]="type">
          @for (t of types; track t) {
            <option [value]="t">{{ words[t] }}</option>
          }
        </select>
        @if (type() === 'choice') {
          <input
            type="text"
            aria-label="What there is to choose, with commas between"
            name="choices"
            [(ngModel)]="choices"
          />
        }
        @if (type() === 'reference') {
          <select aria-label="Of which collection" name="of" [(ngModel)]="of">
            <option value="">Which?</option>
            @for (c of collections.all(); track c.id) {
              <option [value]="c.id">{{ c.name }}</option>
            }
          </select>
        }
        <button class="plain small" type="submit" [disabled]="!ready()">Add the field</button>
      </form>
    </details>
  `,
})
export class CollectionFields {
  protected readonly collections = inject(Collections);
  private readonly store = inject(SiteStore);
  readonly collection = input.required<Collection>();
  protected readonly types = FIELD_TYPES;
  protected readonly words = TYPE_WORDS;
  protected readonly kind = this.collections.kind;
  protected readonly stories = Object.entries(shapes).flatMap(([id, { character }]) =>
    id.startsWith('story/') ? [[id, character] as const] : [],
  );
  protected readonly pages = computed(() => this.store.document()!.pages);
  protected readonly given = computed(() =>
    [
      COLLECTIONS[this.collection().kind].titled,
      ...fieldsOf({ ...this.collection(), fields: [] }).map((f) => f.label),
    ].join(', '),
  );
  protected readonly label = signal('');
  protected readonly type = signal<FieldType>('text');
  protected readonly choices = signal('');
  protected readonly of = signal('');
  private readonly options = computed(() => [
    ...new Set(
      this.choices()
        .split(',')
        .map((c) => c.trim())
        .filter(Boolean),
    ),
  ]);
  protected readonly ready = computed(
    () =>
      !!this.label().trim() &&
      (this.type() !== 'choice' || this.options().length > 1) &&
      (this.type() !== 'reference' || !!this.of()),
  );

  private set(fields: Field[]): void {
    this.collections.set({ fields });
  }
  protected add(): void {
    if (!this.ready()) return;
    const taken = new Set(fieldsOf(this.collection()).map((f) => f.id));
    const stem =
      this.label()
        .normalize('NFD')
        .toLowerCase()
        .replace(/[^a-z0-9]/g, '')
        .replace(/^[0-9]+/, '')
        .slice(0, 18) || 'field';
    let id = stem;
    for (let n = 2; taken.has(id); n++) id = `${stem}${n}`;
    const type = this.type();
    this.set([
      ...this.collection().fields,
      {
        id,
        label: this.label().trim(),
        type,
        ...(type === 'choice' && { choices: this.options().slice(0, 40) }),
        ...(type === 'reference' && { of: this.of() }),
      },
    ]);
    this.label.set('');
    this.choices.set('');
  }
  protected rename(n: number, label: string): void {
    if (label.trim()) this.set(this.collection().fields.map((f, k) => (k === n ? { ...f, label: label.trim() } : f)));
  }
  protected swap(a: number, b: number): void {
    const fields = [...this.collection().fields];
    [fields[a], fields[b]] = [fields[b]!, fields[a]!];
    this.set(fields);
  }
  /** What the items held in it is kept, and there again where the field is put back. */
  protected out(n: number): void {
    const { label } = this.collection().fields[n]!;
    this.set(this.collection().fields.filter((_, k) => k !== n));
    this.store.said.set({ words: `The field ${label} is taken out.`, bad: false, undo: true });
  }
}
