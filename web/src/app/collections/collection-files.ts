import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import {
  arriving,
  hasCalendar,
  hasCards,
  instantOf,
  readItems,
  textsIn,
  toCalendar,
  toCards,
  toCsv,
  toJson,
  toMarkdown,
  zipped,
  type Arriving,
} from '@tin-porch/core/collections';
import { freeSlug, slugOf } from '@tin-porch/core/making';
import type { Collection } from '@tin-porch/core/model';
import { some } from '@tin-porch/core/some';
import { ChooseThen } from '../parts/choose-then';
import { saveFile } from '../parts/save-file';
import { SiteStore } from '../site/site-store';
import { Collections } from './collections';

/** The largest file that is read, bytes. */
const MOST_BYTES = 30_000_000;
const SHOWN = 12;

/** A collection out to files, and in from them: what that would change is shown before it does. */
@Component({
  selector: 'tp-collection-files',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [ChooseThen],
  styles: `
    details {
      margin: 6px 0 14px;
    }
    ul {
      margin: 4px 0 8px;
      padding-left: 18px;
    }
    .bar {
      margin: 8px 0;
    }
  `,
  template: `
    <details>
      <summary>Files</summary>
      <div class="bar">
        <tp-choose-then
          label="What it is saved as"
          placeholder="As a file …"
          act="Save it"
          [options]="formats()"
          (chosen)="save($event)"
        />
      </div>
      <div class="bar">
        <label class="plain small">
          <span>Bring in …</span>
          <input
            class="sr"
            type="file"
            multiple
            accept=".csv,.tsv,.json,.md,.markdown,.ics,.vcf,.zip"
            (change)="read($any($event.target))"
          />
        </label>
        <span class="quiet"
          >CSV, JSON, Markdown, a calendar, vCards, or a ZIP file of those. Nothing is taken out.</span
        >
      </div>
      @if (coming(); as came) {
        <div class="note" role="status">
          <p>
            <b>{{ told() }}</b>
          </p>
          @if (came.added.length) {
            <p>New: {{ few(came.added) }}</p>
          }
          @if (came.changed.length) {
            <ul>
              @for (c of came.changed.slice(0, shown); track $index) {
                <li>
                  {{ c.title }} <span class="quiet">{{ c.columns.join(', ') }}</span>
                </li>
              }
            </ul>
          }
          @if (came.faults.length) {
            <p class="fault">What cannot be taken:</p>
            <ul>
              @for (f of came.faults.slice(0, shown); track $index) {
                <li>{{ f }}</li>
              }
            </ul>
          }
          <p class="bar">
            @if (came.operations.length) {
              <button class="act" type="button" (click)="take()">Bring it in</button>
            }
            <button class="plain" type="button" (click)="coming.set(null)">Leave it</button>
          </p>
        </div>
      }
    </details>
  `,
})
export class CollectionFiles {
  private readonly store = inject(SiteStore);
  private readonly collections = inject(Collections);
  readonly collection = input.required<Collection>();
  protected readonly shown = SHOWN;
  protected readonly coming = signal<Arriving | null>(null);
  protected readonly formats = computed<(readonly [string, string])[]>(() => [
    ['csv', 'Table (CSV)'],
    ['json', 'Everything (JSON)'],
    ['md', 'Texts (Markdown, in a ZIP file)'],
    ...(hasCalendar(this.collection()) ? [['ics', 'Calendar (iCalendar)'] as const] : []),
    ...(hasCards(this.collection()) ? [['vcf', 'Cards (vCard)'] as const] : []),
  ]);
  protected readonly told = computed(() => {
    const came = this.coming();
    if (!came) return '';
    const { added, changed, same } = came;
    return `${some(added.length, 'item')} new, ${changed.length} otherwise, ${same} as ${same === 1 ? 'it is' : 'they are'}.`;
  });

  protected few = (titles: readonly string[]): string =>
    titles.slice(0, SHOWN).join(', ') + (titles.length > SHOWN ? ` and ${titles.length - SHOWN} more` : '');

  protected save(format: string): void {
    const document = this.store.document()!;
    const collection = this.collection();
    const name = slugOf(collection.name);
    const made: Record<string, () => [string, BlobPart, string]> = {
      csv: () => [`${name}.csv`, toCsv(document, collection), 'text/csv;charset=utf-8'],
      json: () => [`${name}.json`, toJson(collection), 'application/json'],
      md: () => [`${name}.zip`, zipped(toMarkdown(document, collection)) as BlobPart, 'application/zip'],
      ics: () => [`${name}.ics`, toCalendar(document, collection), 'text/calendar;charset=utf-8'],
      vcf: () => [`${name}.vcf`, toCards(collection), 'text/vcard;charset=utf-8'],
    };
    const [file, bytes, type] = made[format]!();
    saveFile(file, bytes, type);
  }

  protected async read(field: HTMLInputElement): Promise<void> {
    const files = [...(field.files ?? [])];
    // The same file can be chosen once more.
    field.value = '';
    if (!files.length) return;
    const large = files.find((f) => f.size > MOST_BYTES);
    if (large)
      return this.store.said.set({ words: `${large.name} is larger than 30 MB: bring it in by parts.`, bad: true });
    try {
      const texts = await Promise.all(files.map(async (f) => textsIn(f.name, new Uint8Array(await f.arrayBuffer()))));
      const document = this.store.document()!;
      const into = this.collection();
      this.coming.set(
        arriving(document, into, readItems(document, into, texts.flat()), instantOf(Date.now()), freeSlug),
      );
    } catch {
      this.store.said.set({ words: `${files.map((f) => f.name).join(', ')} could not be read.`, bad: true });
    }
  }
  protected take(): void {
    const came = this.coming()!;
    this.coming.set(null);
    this.collections.bringIn(came.operations, this.brought(came));
  }
  private brought = ({ added, changed }: Arriving): string =>
    `${some(added.length, 'item')} ${added.length === 1 ? 'is' : 'are'} new, ${changed.length} changed.`;
}
