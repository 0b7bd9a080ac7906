import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { needsConfirming, type Text } from '@tin-porch/core/model';
import { textAt } from '@tin-porch/core/operations';
import { takeChanges, type Reworked, type ReworkKind, type ReworkScope } from '@tin-porch/core/making';
import { asRefusal } from '../api/porch-api';
import { SiteStore } from '../site/site-store';
import { ChangedText } from './changed-text';
import { costWords, WritingDesk } from './writing-desk';
import { WAYS } from './ways';
import { WriterChoice } from './writer-choice';
import { some } from '@tin-porch/core/some';

type Reach = 'text' | 'section' | 'page' | 'site';

interface Proposal extends Reworked {
  /** The text with what was left out of it. */
  chosen: string;
}

/** Texts worked over: what is proposed stands beside what is there, word by word, and is taken or left in parts. */
@Component({
  selector: 'tp-rework-panel',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [FormsModule, ChangedText, WriterChoice],
  template: `
    <h2>Work the words over</h2>
    <div class="field gap">
      <span class="label" id="reach">What</span>
      <div class="bar" role="group" aria-labelledby="reach">
        @for (r of reaches(); track r[0]) {
          <button class="plain small" type="button" [attr.aria-pressed]="reach() === r[0]" (click)="wanted.set(r[0])">
            {{ r[1] }}
          </button>
        }
      </div>
    </div>
    <div class="field">
      <span class="label" id="how">How</span>
      <div class="bar" role="group" aria-labelledby="how">
        @for (kind of kinds; track kind[0]) {
          <button class="plain small" type="button" [disabled]="desk.busy()" (click)="ask(kind[0])">
            {{ kind[1] }}
          </button>
        }
      </div>
    </div>
    <form class="field" (ngSubmit)="askInWords()">
      <label for="order">Or in words <span class="quiet">shorter, and leave out the cat; mention the slip</span></label>
      <span class="bar">
        <input
          id="order"
          name="order"
          class="wide"
          maxlength="600"
          [ngModel]="order()"
          (ngModelChange)="order.set($event)"
        />
        <button class="plain" type="submit" [disabled]="desk.busy() || !order().trim()">Do it</button>
      </span>
    </form>
    <form class="field" (ngSubmit)="ask('keywords', keywords())">
      <label for="keywords">Words to be found by <span class="quiet">each placed once; commas between</span></label>
      <span class="bar">
        <input
          id="keywords"
          name="keywords"
          class="wide"
          maxlength="400"
          [ngModel]="keywords()"
          (ngModelChange)="typed.set($event)"
        />
        <button class="plain" type="submit" [disabled]="desk.busy() || !keywords().trim()">Place them</button>
      </span>
    </form>
    <tp-writer-choice />
    @if (desk.busy()) {
      <p class="quiet gap" role="status">
        @if (desk.progress(); as p) {
          {{ p.characters }} characters so far: <span class="mono">… {{ p.tail }}</span>
        } @else {
          Working …
        }
      </p>
    }
    @if (note()) {
      <p class="note rain gap" role="status">{{ note() }}</p>
    }
    @if (proposals().length) {
      <div class="between gap">
        <h2>{{ some(proposals().length, 'change') }} to take or leave</h2>
        <span class="bar">
          <button class="plain small" type="button" (click)="takeAll()">Take all</button>
          <button class="plain small" type="button" (click)="leaveAll()">Leave all</button>
        </span>
      </div>
      <p class="quiet">A click on a changed stretch leaves it, another takes it again.</p>
      <ul class="choices proposals">
        @for (p of proposals(); track p.at.section + p.at.path) {
          <li class="sheet">
            <div class="between">
              <b>{{ p.page }}: {{ p.label }}</b>
              <span class="bar">
                <button class="plain small" type="button" (click)="take(p)">Take</button>
                <button class="plain small" type="button" (click)="leave(p)">Leave</button>
              </span>
            </div>
            <tp-changed-text [before]="p.before.value" [after]="p.after.value" (text)="p.chosen = $event" />
            <p class="quiet">
              @if (unsure(p)) {
                <span class="chip lamp">To confirm</span>
              }
              {{ p.measured }}
            </p>
          </li>
        }
      </ul>
    }
  `,
})
export class ReworkPanel {
  protected readonly some = some;
  protected readonly store = inject(SiteStore);
  protected readonly desk = inject(WritingDesk);
  protected readonly kinds = WAYS;
  protected readonly order = signal('');
  protected readonly typed = signal<string | null>(null);
  protected readonly keywords = computed(() => this.typed() ?? this.store.document()?.facts.keywords.join(', ') ?? '');
  protected readonly note = signal('');
  protected readonly proposals = signal<Proposal[]>([]);
  protected readonly wanted = signal<Reach>('page');
  private readonly page = computed(
    () => this.store.document()?.pages.find((p) => p.id === this.store.page()) ?? this.store.document()?.pages[0],
  );
  private readonly part = computed(() => {
    const [section, path] = this.store.part()?.split('/') ?? [];
    return section ? { section, path: path ?? '' } : null;
  });
  protected readonly reaches = computed<readonly (readonly [Reach, string])[]>(() => [
    ...(this.part()?.path ? ([['text', 'The chosen text']] as const) : []),
    ...(this.part() ? ([['section', 'Its section']] as const) : []),
    ['page', this.page()?.label ?? 'The page'],
    ['site', 'All pages'],
  ]);
  /** What is worked over: the wish, where there is such a thing. */
  protected readonly reach = computed<Reach>(() =>
    this.reaches().some(([r]) => r === this.wanted()) ? this.wanted() : 'page',
  );
  private readonly scope = computed<ReworkScope>(() => {
    const part = this.part();
    switch (this.reach()) {
      case 'text':
        return { text: { section: part!.section, path: part!.path } };
      case 'section':
        return { section: part!.section };
      case 'page':
        return { page: this.page()!.id };
      default:
        return 'site';
    }
  });
  private turn = 0;

  protected unsure = (p: Proposal) => needsConfirming(p.after);

  protected async ask(kind: ReworkKind, instruction?: string): Promise<void> {
    if (this.desk.busy()) return;
    this.note.set('');
    this.proposals.set([]);
    try {
      const { changes, note, cost } = await this.desk.rework({
        kind,
        scope: this.scope(),
        // Asked again it is another answer.
        seed: this.store.document()!.seed + ++this.turn,
        ...(instruction?.trim() && { instruction: instruction.trim() }),
      });
      this.proposals.set(changes.map((c) => ({ ...c, chosen: c.after.value })));
      this.note.set([note, costWords(cost)].filter(Boolean).join(' '));
    } catch (error) {
      this.note.set(asRefusal(error).message);
    }
  }
  protected askInWords(): void {
    void this.ask('free', this.order());
  }

  /** The text that is taken: whole as it was proposed, or as it is with what was left out. */
  private taken(p: Proposal): Text {
    if (p.chosen === p.after.value) return p.after;
    return { value: p.chosen, from: p.chosen === p.before.value ? p.before.from : p.after.from };
  }
  /** True where the text still is what the proposal was made of; what was written since is not written over. */
  private fits = (p: Proposal) => {
    const document = this.store.document();
    return document !== null && textAt(document, p.at)?.value === p.before.value;
  };
  private put(all: readonly Proposal[]): number {
    const fitting = all.filter(this.fits);
    if (fitting.length)
      this.store.change(takeChanges(fitting.map((p) => ({ at: p.at, after: this.taken(p) }))), 'writer');
    const late = all.length - fitting.length;
    if (late) this.note.set(`${some(late, 'text was', 'texts were')} changed since this was proposed, and left alone.`);
    return fitting.length;
  }
  protected take(p: Proposal): void {
    this.put([p]);
    this.leave(p);
  }
  protected leave(p: Proposal): void {
    this.proposals.update((all) => all.filter((o) => o !== p));
  }
  protected takeAll(): void {
    const count = this.put(this.proposals());
    if (count)
      this.store.said.set({
        words: `${some(count, 'text is', 'texts are')} changed.`,
        bad: false,
        undo: true,
      });
    this.proposals.set([]);
  }
  protected leaveAll(): void {
    this.proposals.set([]);
  }
}
