import { ChangeDetectionStrategy, Component, effect, inject, signal } from '@angular/core';
import { PART_WORDS } from '@tin-porch/core/operations';
import { some } from '@tin-porch/core/some';
import type { Answer } from '@tin-porch/contract';
import { PorchApi } from '../api/porch-api';
import { SiteStore } from './site-store';

type Line = Answer<'GET /sites/:id/history'>['lines'][number];
const KINDS: Record<Line['kind'], string> = { do: '', undo: 'Undid: ', redo: 'Put back: ' };

/** What was changed at the site that is open, newest first: asked for when somebody looks, and again while they do. */
@Component({
  selector: 'tp-history-list',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <details class="history" (toggle)="open.set($any($event.target).open)">
      <summary>History, {{ some(store.detail()?.head ?? 0, 'step') }}</summary>
      <ol>
        @for (line of lines(); track line.seq) {
          <li>
            {{ kinds[line.kind] }}{{ line.words }}
            <span class="quiet">{{ line.by }} {{ parts[line.part] }}</span>
          </li>
        }
      </ol>
    </details>
  `,
  styles: `
    .history {
      margin-top: 16px;
    }
  `,
})
export class HistoryList {
  protected readonly store = inject(SiteStore);
  private readonly api = inject(PorchApi);
  protected readonly open = signal(false);
  protected readonly lines = signal<readonly Line[]>([]);
  protected readonly kinds = KINDS;
  protected readonly parts = PART_WORDS;
  protected readonly some = some;

  constructor() {
    effect((onCleanup) => {
      const head = this.store.detail()?.head;
      if (!this.open() || head === undefined) return;
      const asked = this.api.get<Answer<'GET /sites/:id/history'>>(`/sites/${this.store.id()}/history`).subscribe({
        next: ({ lines }) => this.lines.set(lines),
        // Those that were there stay: the next step asks again.
        error: () => undefined,
      });
      onCleanup(() => asked.unsubscribe());
    });
  }
}
