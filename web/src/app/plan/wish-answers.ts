import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import type { Chip } from '@tin-porch/core/care';
import { answerWishes, wishNote, type WishAnswer, type WishState } from '@tin-porch/core/making';
import { some } from '@tin-porch/core/some';
import { ChipView } from '../parts/chip';
import { copyText } from '../parts/copy-text';
import { SiteStore } from '../site/site-store';

const CHIPS: Record<WishState, Chip> = {
  done: { tone: 'moss', words: 'Done' },
  begun: { tone: 'lamp', words: 'Begun' },
  open: { tone: 'lamp', words: 'Not done' },
  yours: { tone: 'rain', words: 'For you' },
};

/** Everything the client asked for and does not want, each with what was done about it or what would do it. */
@Component({
  selector: 'tp-wish-answers',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [ChipView],
  template: `
    @if (answers().length) {
      <details class="sheet answers" [open]="unfinished() > 0">
        <summary>
          <b>What the client asked for</b>
          <span class="quiet">{{ summary() }}</span>
        </summary>
        <ul class="plain-list">
          @for (answer of answers(); track $index) {
            <li>
              <tp-chip [chip]="chips[answer.state]" />
              <div>
                <q>{{ answer.said }}</q>
                <p class="quiet">{{ answer.words }}</p>
              </div>
            </li>
          }
        </ul>
        <p class="bar">
          <button class="plain small" type="button" (click)="copy()">Copy a note for the client</button>
          <span class="quiet" role="status">{{ copied() }}</span>
        </p>
      </details>
    }
  `,
  styles: `
    .answers {
      margin: 12px 0 16px;
      padding: 12px 14px;
    }
    summary {
      display: flex;
      flex-wrap: wrap;
      gap: 4px 10px;
      align-items: baseline;
      cursor: pointer;
    }
    ul {
      margin: 12px 0 4px;
      padding: 0;
      list-style: none;
    }
    li {
      display: grid;
      grid-template-columns: 5.2rem 1fr;
      gap: 0 12px;
      padding: 8px 0;
      border-top: 1px solid var(--tin-3);
    }
    li p {
      margin: 2px 0 0;
    }
    q {
      overflow-wrap: anywhere;
    }
    @media (max-width: 500px) {
      li {
        grid-template-columns: 1fr;
      }
    }
  `,
})
export class WishAnswers {
  private readonly store = inject(SiteStore);
  protected readonly chips = CHIPS;
  protected readonly copied = signal('');
  protected readonly answers = computed((): WishAnswer[] => {
    const document = this.store.document();
    return document ? answerWishes(document) : [];
  });
  protected readonly unfinished = computed(() => this.answers().filter((a) => a.state !== 'done').length);
  protected readonly summary = computed(() => {
    const all = this.answers().length;
    const left = this.unfinished();
    return left ? `${some(all, 'line')}, ${left} not done yet` : `${some(all, 'line')}, each done`;
  });
  protected async copy(): Promise<void> {
    const done = await copyText(wishNote(this.store.document()!, this.answers()));
    this.copied.set(done ? 'Copied.' : 'The browser would not copy it: select the lines by hand.');
  }
}
