import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { NgIcon } from '@ng-icons/core';
import type { Facts } from '@tin-porch/core/model';
import { factOperations } from '@tin-porch/core/operations';
import { SiteStore } from '../site/site-store';
import type { EntryRows } from './entry-rows';

type Entry = Record<string, string> & { id: string };

/** A list of the facts, its entries one under the other. */
@Component({
  selector: 'tp-entry-lines',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'contents' },
  imports: [FormsModule, NgIcon],
  template: `
    <h3 class="gap">{{ rows().title }}</h3>
    <p class="quiet">{{ rows().hint }}</p>
    @for (entry of entries(); track entry.id; let n = $index) {
      <fieldset class="entry">
        <legend class="sr">{{ rows().one }} {{ n + 1 }}</legend>
        @for (field of rows().fields; track field.key) {
          @if (field.long) {
            <textarea
              rows="2"
              [attr.aria-label]="field.says + ' ' + (n + 1)"
              [attr.placeholder]="field.placeholder"
              [attr.maxlength]="field.most"
              [ngModel]="entry[field.key]"
              (ngModelChange)="set(n, field.key, $event)"
            ></textarea>
          } @else {
            <input
              [attr.aria-label]="field.says + ' ' + (n + 1)"
              [attr.placeholder]="field.placeholder"
              [attr.maxlength]="field.most"
              [ngModel]="entry[field.key]"
              (ngModelChange)="set(n, field.key, $event)"
            />
          }
        }
        <button
          class="plain small drop"
          type="button"
          [attr.aria-label]="'Take out ' + (nameOf(entry) || rows().one.toLowerCase() + ' ' + (n + 1))"
          (click)="drop(n)"
        >
          <ng-icon name="lucideTrash2" aria-hidden="true" />
        </button>
      </fieldset>
    }
    <p>
      <button class="plain small" type="button" (click)="add()" [disabled]="entries().length >= rows().most">
        <ng-icon name="lucidePlus" aria-hidden="true" />{{ rows().one }}
      </button>
    </p>
  `,
  styles: `
    .entry {
      display: grid;
      grid-template-columns: minmax(0, 3fr) minmax(0, 2fr) auto;
      gap: 6px;
      margin: 8px 0;
      padding: 0;
      border: 0;
    }
    input,
    textarea {
      grid-column: 1 / -1;
      padding: 5px 8px;
      border: 1px solid var(--tin-4);
      border-radius: var(--r);
    }
    .sr + input,
    .sr + input + input {
      grid-column: auto;
    }
    .drop {
      grid-area: 1 / 3;
    }
  `,
})
export class EntryLines {
  private readonly store = inject(SiteStore);
  readonly rows = input.required<EntryRows>();
  protected readonly entries = computed(
    () => (this.store.document()?.facts[this.rows().list] ?? []) as unknown as Entry[],
  );

  private change(change: (list: Entry[]) => Entry[]): void {
    const { facts } = this.store.document()!;
    const { list } = this.rows();
    const [operation] = factOperations(facts, { [list]: change(facts[list] as unknown as Entry[]) } as Partial<Facts>);
    if (operation) this.store.change(operation);
  }
  protected nameOf = (entry: Entry) => entry[this.rows().fields[0]!.key] ?? '';
  protected set(n: number, key: string, value: string): void {
    this.change((list) => list.map((e, k) => (k === n ? { ...e, [key]: value } : e)));
  }
  protected drop(n: number): void {
    this.change((list) => list.filter((_, k) => k !== n));
  }
  protected add(): void {
    const { id, fields } = this.rows();
    this.change((list) => [
      ...list,
      {
        ...Object.fromEntries(fields.map((f) => [f.key, ''])),
        id: `${id}${Math.max(0, ...list.map((e) => Number(e.id.replace(/\D/g, '')) || 0)) + 1}`,
      },
    ]);
  }
}
