import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { compareListing, FileError, servicesCsv, vcardOf } from '@tin-porch/core/brief';
import { jsonLd } from '@tin-porch/core/page';
import { Drafts } from '../session/drafts';
import { saveFile } from '../parts/save-file';
import { SiteStore } from '../site/site-store';

const VERDICTS = { same: 'same', differs: 'differs', missing: 'left out', unknown: 'not in the facts' };
const TONES = { same: 'moss', differs: 'brick', missing: 'lamp', unknown: 'grey' };

/** The sheet against what stands elsewhere, and the sheet as files others can read. */
@Component({
  selector: 'tp-compare-panel',
  changeDetection: ChangeDetectionStrategy.OnPush,
  // Lines of a cell are the value’s own: none of the template’s may come between.
  preserveWhitespaces: false,
  imports: [FormsModule],
  template: `
    <h2>The facts against a listing elsewhere</h2>
    <div class="field gap">
      <label for="listing"
        >A directory entry, a page, a card <span class="quiet">pasted as it stands, HTML too</span></label
      >
      <textarea
        id="listing"
        rows="6"
        maxlength="200000"
        [ngModel]="listing()"
        (ngModelChange)="listing.set($event)"
      ></textarea>
    </div>
    @if (fault()) {
      <p class="fault" role="alert">{{ fault() }}</p>
    }
    @if (rows().length) {
      <table class="rows">
        <thead>
          <tr>
            <th>Fact</th>
            <th>Facts</th>
            <th>Listing</th>
            <th class="verdict-column"><span class="sr">Verdict</span></th>
          </tr>
        </thead>
        <tbody>
          @for (row of rows(); track row.field) {
            <tr>
              <td>{{ row.field }}</td>
              <td class="lines">{{ row.ours || '–' }}</td>
              <td class="lines">
                {{ row.theirs || '–' }}
                @if (row.note) {
                  <br /><span class="quiet">{{ row.note }}</span>
                }
              </td>
              <td>
                <span class="chip {{ tones[row.verdict] }}">{{ verdicts[row.verdict] }}</span>
              </td>
            </tr>
          }
        </tbody>
      </table>
    }
    <h2 class="gap">The facts as a file</h2>
    <p class="bar">
      <button class="plain small" type="button" (click)="save('vcf')">Business card (vCard)</button>
      <button class="plain small" type="button" (click)="save('csv')">Services (CSV)</button>
      <button class="plain small" type="button" (click)="save('json')">Structured data (JSON-LD)</button>
    </p>
  `,
  styles: `
    .verdict-column {
      width: 128px;
    }
  `,
})
export class ComparePanel {
  private readonly store = inject(SiteStore);
  protected readonly verdicts = VERDICTS;
  protected readonly tones = TONES;
  protected readonly listing = inject(Drafts).of(this.store.id(), 'listing');
  private readonly compared = computed(() => {
    const facts = this.store.document()?.facts;
    if (!facts || !this.listing().trim()) return { rows: [], fault: '' };
    try {
      return { rows: compareListing(facts, this.listing()), fault: '' };
    } catch (error) {
      if (error instanceof FileError) return { rows: [], fault: error.message };
      throw error;
    }
  });
  protected readonly rows = computed(() => this.compared().rows);
  protected readonly fault = computed(() => this.compared().fault);

  protected save(kind: 'vcf' | 'csv' | 'json'): void {
    const document_ = this.store.document()!;
    const origin = this.store.detail()?.origin ?? `https://${document_.id}.example`;
    const [text, type] = {
      vcf: [() => vcardOf(document_.facts), 'text/vcard'],
      csv: [() => servicesCsv(document_.facts), 'text/csv'],
      json: [() => `${JSON.stringify(jsonLd(document_, origin), null, 2)}\n`, 'application/ld+json'],
    }[kind] as [() => string, string];
    saveFile(`${document_.id}.${kind}`, text(), `${type};charset=utf-8`);
  }
}
