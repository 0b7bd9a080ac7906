import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { FILLS, LENGTHS, TONES, type Fill, type Length } from '@tin-porch/core/model';
import { LANGUAGE_TAGS, languages, type LanguageTag } from '@tin-porch/core/language';
import { toneOf } from '@tin-porch/core/making';
import { SiteStore } from '../site/site-store';
import { WriterChoice } from './writer-choice';

const LENGTH_NAMES: Record<Length, string> = { short: 'short', middle: 'of middle length', long: 'long' };

const FILL_NAMES: Record<Fill, string> = { said: 'left out', full: 'filled out' };

/** The language, tone and length the next version is written in, and by whom. */
@Component({
  selector: 'tp-how-written',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [WriterChoice],
  template: `
    @if (store.document(); as document) {
      <div class="thirds">
        <div class="field">
          <label for="f-language">Language</label>
          <select
            id="f-language"
            [value]="document.language"
            (change)="write($any($event.target).value, document.length, document.fill)"
          >
            @for (tag of tags; track tag) {
              <option [value]="tag" [selected]="tag === document.language">{{ names[tag].name }}</option>
            }
          </select>
        </div>
        <div class="field">
          <label for="f-tone">Tone</label>
          <select
            id="f-tone"
            (change)="store.change({ op: 'setFact', field: 'tone', value: $any($event.target).value })"
          >
            <option value="" [selected]="document.facts.tone === ''">{{ supposed() }}, from the brief</option>
            @for (tone of tones; track tone) {
              <option [value]="tone" [selected]="tone === document.facts.tone">{{ tone }}</option>
            }
          </select>
        </div>
        <div class="field">
          <label for="f-length">Length</label>
          <select id="f-length" (change)="write(document.language, $any($event.target).value, document.fill)">
            @for (length of lengths; track length) {
              <option [value]="length" [selected]="length === document.length">{{ lengthNames[length] }}</option>
            }
          </select>
        </div>
        <div class="field">
          <label for="f-fill">What nobody said</label>
          <select id="f-fill" (change)="write(document.language, document.length, $any($event.target).value)">
            @for (fill of fills; track fill) {
              <option [value]="fill" [selected]="fill === document.fill">{{ fillNames[fill] }}</option>
            }
          </select>
        </div>
      </div>
      <p class="quiet">Taken up by the next version that is written.</p>
      <tp-writer-choice />
    }
  `,
  styles: `
    .thirds {
      display: grid;
      grid-template-columns: repeat(auto-fit, minmax(7rem, 1fr));
      gap: 0 12px;
    }
  `,
})
export class HowWritten {
  protected readonly store = inject(SiteStore);
  protected readonly tags = LANGUAGE_TAGS;
  protected readonly names = languages;
  protected readonly tones = TONES;
  protected readonly lengths = LENGTHS;
  protected readonly lengthNames = LENGTH_NAMES;
  protected readonly fills = FILLS;
  protected readonly fillNames = FILL_NAMES;
  protected readonly supposed = computed(() => {
    const facts = this.store.document()?.facts;
    return facts ? toneOf({ ...facts, tone: '' }) : 'plain';
  });
  protected write(language: LanguageTag, length: Length, fill: Fill): void {
    this.store.change({ op: 'setWriting', language, length, fill });
  }
}
