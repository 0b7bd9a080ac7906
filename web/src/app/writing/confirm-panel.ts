import { ChangeDetectionStrategy, Component, computed, inject, output, signal } from '@angular/core';
import { withMarksOf } from '@tin-porch/core/model';
import { questionFor, toConfirm, type PlacedText } from '@tin-porch/core/making';
import { copyText } from '../parts/copy-text';
import { some } from '@tin-porch/core/some';
import { SiteStore } from '../site/site-store';

/** Everything on the site that nobody has vouched for, with what to ask the client: settled here or sent as questions. */
@Component({
  selector: 'tp-confirm-panel',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (open().length) {
      <div class="between">
        <h2>{{ open().length }} to confirm</h2>
        <button class="plain small" type="button" (click)="copy()">Copy the questions</button>
      </div>
      <p class="quiet" role="status">{{ said() || 'Nothing of this goes live unnoticed.' }}</p>
      <ul class="choices proposals gap">
        @for (t of open(); track t.section.id + t.path) {
          <li class="sheet">
            <p>
              <b>{{ t.text.value }}</b>
            </p>
            <p class="quiet">{{ t.page?.label ?? 'Every page' }}, {{ t.label }}. Ask: {{ question(t) }}</p>
            <p class="bar">
              <button class="plain small" type="button" (click)="vouch(t)">The client says so</button>
              <button class="plain small" type="button" (click)="leave(t)">Leave it out</button>
              <button class="plain small" type="button" (click)="go.emit(t)">Write it</button>
            </p>
          </li>
        }
      </ul>
    } @else {
      <h2>Nothing to confirm</h2>
      <p class="quiet">Every sentence comes from the brief, or somebody has vouched for it.</p>
    }
  `,
})
export class ConfirmPanel {
  private readonly store = inject(SiteStore);
  /** A text that is to be written by hand. */
  readonly go = output<PlacedText>();
  protected readonly said = signal('');
  protected readonly open = computed(() => {
    const document = this.store.document();
    return document ? toConfirm(document) : [];
  });
  protected question = (t: PlacedText) => questionFor(t.text);

  private put(t: PlacedText, value: string, kind: 'client' | 'designer'): void {
    this.store.change({
      op: 'setText',
      at: { section: t.section.id, path: t.path },
      text: withMarksOf(t.text, { value, from: { kind } }),
    });
  }
  protected vouch(t: PlacedText): void {
    this.put(t, t.text.value, 'client');
  }
  protected leave(t: PlacedText): void {
    this.put(t, '', 'designer');
  }
  protected async copy(): Promise<void> {
    const questions = [...new Set(this.open().map((t) => this.question(t)))];
    const done = await copyText(questions.map((q, n) => `${n + 1}. ${q}`).join('\n\n'));
    this.said.set(
      done ? `${some(questions.length, 'question')} copied.` : 'The browser would not copy them: select them by hand.',
    );
  }
}
