import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { typedWords } from '@tin-porch/core/operations';
import { copyText } from '../parts/copy-text';
import type { RefusedChange } from '../session/unsent';
import { SiteStore } from './site-store';

/** What the server would not take: each with why and the words in it, until it is sent again or let go. */
@Component({
  selector: 'tp-refused-changes',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'contents' },
  styleUrl: './refused-changes.scss',
  template: `
    @if (store.refused(); as all) {
      @if (all.length) {
        <section class="refused note brick" aria-label="Not saved" role="alert">
          <h2>Not saved</h2>
          <ul class="plain-list">
            @for (change of all; track change.id) {
              <li>
                <p>
                  <b>{{ store.named(change) }}.</b> {{ change.why }}
                </p>
                @if (words(change); as typed) {
                  <p class="typed" tabindex="0">{{ typed }}</p>
                }
                <p class="bar">
                  <button class="plain small" type="button" (click)="store.insist(change)">Put mine there</button>
                  @if (words(change); as typed) {
                    <button class="plain small" type="button" (click)="copy(typed)">Copy my words</button>
                  }
                  <button class="plain small" type="button" (click)="store.letGo(change)">Let it go</button>
                </p>
              </li>
            }
          </ul>
        </section>
      }
    }
  `,
})
export class RefusedChanges {
  protected readonly store = inject(SiteStore);
  protected words = (change: RefusedChange): string => typedWords(change.operation);
  protected copy(words: string): void {
    void copyText(words).then((done) =>
      this.store.said.set({
        words: done ? 'Copied.' : 'The browser would not copy it: select it by hand.',
        bad: !done,
      }),
    );
  }
}
