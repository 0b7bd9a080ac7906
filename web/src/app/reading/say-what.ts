import { ChangeDetectionStrategy, Component, computed, inject, linkedSignal, input } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { NOTHING, SPAN_FIELDS, type SpanField } from '@tin-porch/core/brief';
import { ChooseThen } from '../parts/choose-then';
import { SiteStore } from '../site/site-store';
import { FIELD_NAMES } from './field-names';

const MOST = 600;

/** Words of the text that nothing was read from: selected or typed, and said what they are. */
@Component({
  selector: 'tp-say-what',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [FormsModule, ChooseThen],
  template: `
    <div class="field gap" role="group" aria-label="Something that was missed">
      <label for="missed-words"
        >Missed something? <span class="quiet">Select it in the text, or type its words.</span></label
      >
      <div class="bar">
        <input
          id="missed-words"
          [maxlength]="most"
          [ngModel]="words()"
          (ngModelChange)="words.set($event)"
          [attr.aria-describedby]="fault() ? 'missed-fault' : null"
        />
        @if (words().trim() && !fault()) {
          <tp-choose-then
            label="What these words are"
            placeholder="It is …"
            act="Say so"
            [options]="options"
            (chosen)="say($any($event))"
          />
        }
      </div>
      @if (fault()) {
        <p id="missed-fault" class="fault">{{ fault() }}</p>
      }
    </div>
  `,
  styles: `
    .bar input {
      flex: 1 1 220px;
      min-width: 0;
    }
  `,
})
export class SayWhat {
  private readonly store = inject(SiteStore);
  /** Words that were selected in the text. */
  readonly selected = input('');
  protected readonly most = MOST;
  protected readonly words = linkedSignal(() => this.selected().slice(0, MOST));
  protected readonly options = SPAN_FIELDS.map((f) => [f, FIELD_NAMES[f]] as const);
  protected readonly fault = computed(() => {
    const words = this.words().trim().toLowerCase();
    const told = this.store.document()?.facts.description.toLowerCase() ?? '';
    return words && !told.includes(words) ? 'The text does not say that. Take words as they stand in it.' : '';
  });

  protected say(is: SpanField): void {
    const words = this.words().trim();
    const before = this.store.document()!.corrections;
    this.words.set('');
    if (!words || before.some((c) => c.words === words && c.was === NOTHING && c.is === is)) return;
    this.store.change({ op: 'setCorrections', corrections: [...before, { words, was: NOTHING, is }] });
  }
}
