import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { filledFrom, type Reading } from '@tin-porch/core/brief';
import { clearerBrief, takePiece, wholeWording, type WordingPiece } from '@tin-porch/core/making';
import { SiteStore } from '../site/site-store';

/** The brief put more clearly, beside what it says now: taken whole or piece by piece. */
@Component({
  selector: 'tp-wording-panel',
  changeDetection: ChangeDetectionStrategy.OnPush,
  // Lines of the wording are its own.
  preserveWhitespaces: false,
  styleUrl: './wording-panel.scss',
  template: `
    @if (pieces().length) {
      <div class="between">
        <h2>The brief, put more clearly</h2>
        <button class="plain small" type="button" (click)="takeAll()">Take it whole</button>
      </div>
      <p class="quiet">
        Made only of what the facts and the client’s own sentences say. Read again it gives the same facts.
      </p>
      @for (piece of pieces(); track piece.id) {
        <section class="sheet wording" [attr.aria-label]="piece.title">
          <div class="between">
            <h3>{{ piece.title }}</h3>
            <button class="plain small" type="button" (click)="take(piece)">Take this</button>
          </div>
          <div class="sides">
            <div>
              <span class="quiet">Now</span>
              @for (sentence of piece.before; track $index) {
                <p>{{ sentence }}</p>
              } @empty {
                <p class="quiet">Only in the facts.</p>
              }
            </div>
            <div>
              <span class="quiet">Clearer</span>
              <p class="lines">{{ piece.after }}</p>
            </div>
          </div>
        </section>
      }
    } @else {
      <h2>It is clear as it is</h2>
      <p class="quiet">The brief says what the facts say, in order.</p>
    }
  `,
})
export class WordingPanel {
  private readonly store = inject(SiteStore);
  readonly reading = input.required<Reading | null>();
  private readonly all = computed(() => {
    const facts = this.store.document()?.facts;
    const reading = this.reading();
    // What was read and is not in the sheet yet belongs into it too.
    return facts && reading && facts.description.trim() ? clearerBrief(filledFrom(facts, reading.facts), reading) : [];
  });
  protected readonly pieces = computed(() => this.all().filter((p) => !p.same));

  private put(description: string, done: string): void {
    this.store.change({ op: 'setFact', field: 'description', value: description.slice(0, 20_000) });
    void this.store.flush();
    this.store.said.set({ words: done, bad: false, undo: true });
  }
  protected take(piece: WordingPiece): void {
    this.put(takePiece(this.store.document()!.facts, piece, this.reading()!), `${piece.title}: put more clearly.`);
  }
  protected takeAll(): void {
    this.put(wholeWording(this.all()), 'The brief is put more clearly.');
  }
}
