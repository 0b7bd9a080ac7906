import { ChangeDetectionStrategy, Component, computed, ElementRef, inject, linkedSignal, signal } from '@angular/core';
import { takesMarks, withMarksOf, type ButtonFamily, type ButtonText, type Text } from '@tin-porch/core/model';
import { hasFamily, placeWords, targetOfButton, targetWords, type ReworkKind } from '@tin-porch/core/making';
import { asRefusal } from '../api/porch-api';
import { SiteStore } from '../site/site-store';
import { WAYS } from '../writing/ways';
import { WritingDesk } from '../writing/writing-desk';
import { Hand } from './hand';
import { LinkField } from './link-field';
import { sourceOf } from './source-words';

/** How many ways to work words over have a button of their own. */
const AT_HAND = 2;
/** The tools of the text in hand: what sets its words off, other words for it, where they come from, and whether they hold. */
@Component({
  selector: 'tp-words-foot',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [LinkField],
  host: { class: 'contents', '(keydown.escape)': 'back($event)' },
  styleUrl: './foot.scss',
  template: `
    @if (hand.text(); as text) {
      <div class="tools" role="toolbar" [attr.aria-label]="text.label + ', in hand'">
        <b class="in-hand">{{ text.label }}</b>
        @if (hand.trial(); as trial) {
          <span class="quiet" role="status">{{ trial.measured }}</span>
          <button class="plain small" type="button" (click)="take()">Take it</button>
          <button class="plain small" type="button" (click)="leave()">Leave it</button>
          <button class="plain small" type="button" [disabled]="desk.busy()" (click)="ask(asked())">Once more</button>
        } @else if (linking()) {
          <tp-link-field
            [target]="isButton() ? leads() : (hand.words()?.link ?? null)"
            [none]="isButton() ? 'Where its place leads' : 'No link'"
            (chosen)="link($event)"
            (left)="back()"
          />
        } @else {
          @if (isButton()) {
            <button class="plain small leads" type="button" (click)="linking.set(true)">{{ leadsWords() }}</button>
          }
          @if (hasFamily(text)) {
            <select aria-label="What kind of button it is" (change)="setFamily($any($event.target).value)">
              @for (f of families; track f.value) {
                <option [value]="f.value" [selected]="f.value === family()">{{ f.words }}</option>
              }
            </select>
          }
          @if (takesMarks(text.form) && writing()) {
            <button
              class="plain small strong"
              type="button"
              [attr.aria-pressed]="hand.words()?.strong ?? false"
              (click)="hand.do({ name: 'strong' })"
            >
              Strong
            </button>
            <button
              class="plain small stress"
              type="button"
              [attr.aria-pressed]="hand.words()?.stress ?? false"
              (click)="hand.do({ name: 'stress' })"
            >
              Stress
            </button>
            <button
              class="plain small"
              type="button"
              [attr.aria-pressed]="hand.words()?.link !== null && hand.words()?.link !== undefined"
              (click)="linking.set(true)"
            >
              Link
            </button>
          }
          @for (way of ways; track way[0]) {
            <button class="plain small" type="button" [disabled]="desk.busy()" (click)="ask(way[0])">
              {{ way[1] }}
            </button>
          }
          <select
            aria-label="Other ways to work it over"
            [disabled]="desk.busy()"
            (change)="ask($any($event.target).value); $any($event.target).value = ''"
          >
            <option value="">More …</option>
            @for (way of moreWays; track way[0]) {
              <option [value]="way[0]">{{ way[1] }}</option>
            }
          </select>
          @if (hand.unsure()) {
            <span class="chip lamp" [title]="why()">To confirm</span>
            <button class="plain small" type="button" (click)="vouch()">The client says so</button>
            <button class="plain small" type="button" (click)="leaveOut()">Leave it out</button>
          } @else if (hand.doubts().length) {
            <span class="chip lamp" role="status" [title]="hand.doubts().join('; ')"
              >Nobody has said: {{ hand.doubts().join('; ') }}</span
            >
            <button class="plain small" type="button" (click)="vouch()">The client says so</button>
          } @else {
            <span class="chip rain" [title]="why()">{{ source() }}</span>
          }
        }
        @if (note()) {
          <span class="quiet" role="status">{{ note() }}</span>
        }
      </div>
    }
  `,
})
export class WordsFoot {
  protected readonly hand = inject(Hand);
  protected readonly desk = inject(WritingDesk);
  private readonly store = inject(SiteStore);
  private readonly element = inject<ElementRef<HTMLElement>>(ElementRef);
  protected readonly ways = WAYS.slice(0, AT_HAND);
  protected readonly moreWays = WAYS.slice(AT_HAND);
  private readonly taken = computed(() => `${this.hand.text()?.section.id}/${this.hand.text()?.path}`);
  /** Of the text in hand alone: another one begins afresh. */
  protected readonly linking = linkedSignal({ source: this.taken, computation: () => false });
  protected readonly note = linkedSignal({ source: this.taken, computation: () => '' });
  protected readonly asked = signal<ReworkKind>('another');
  private turn = 0;
  protected readonly writing = computed(
    () => this.hand.writing() !== null && this.hand.writing() === this.store.part(),
  );
  protected readonly takesMarks = takesMarks;
  protected readonly isButton = computed(() => this.hand.text()?.form === 'button');
  protected readonly families = [
    { value: '', words: 'As its place has it' },
    { value: 'main', words: 'The main one' },
    { value: 'second', words: 'Beside it' },
    { value: 'quiet', words: 'As a link' },
  ] as const;
  protected readonly hasFamily = hasFamily;
  protected readonly family = computed(() => (this.hand.text()?.text as ButtonText | undefined)?.as ?? '');
  protected setFamily(value: ButtonFamily | ''): void {
    const text = this.hand.text();
    if (!text) return;
    this.store.change({ op: 'setFamily', at: { section: text.section.id, path: text.path }, as: value || null });
    void this.store.flush();
  }
  /** Where the button in hand is told to lead. */
  protected readonly leads = computed(() => {
    const text = this.hand.text()?.text;
    return text ? targetOfButton(text) : null;
  });
  protected readonly leadsWords = computed(() => {
    const [document, text, to] = [this.store.document(), this.hand.text(), this.leads()];
    if (!document || !text) return '';
    const words = to === null ? placeWords(document, text) : targetWords(document, to);
    return words ? `Leads to ${words}` : 'Leads where its place does';
  });
  protected readonly source = computed(() => {
    const text = this.hand.text()?.text;
    return text ? sourceOf(text) : '';
  });
  /** The words of the brief, the line of the pack or the question that a text stands on. */
  protected readonly why = computed(() => {
    const from = this.hand.text()?.text.from;
    switch (from?.kind) {
      case 'brief':
        return `“${from.quote}”`;
      case 'pack':
        return from.line;
      case 'placeholder':
        return `Ask: ${from.ask}`;
      case 'service':
        return from.unbacked.length ? `Nobody has said: ${from.unbacked.join('; ')}` : '';
      default:
        return '';
    }
  });

  /** Brings the keys to the tools. */
  focus(): void {
    this.element.nativeElement.querySelector<HTMLElement>('button, select, input')?.focus();
  }
  /** Back to the words, with what was selected in them. */
  protected back(event?: Event): void {
    event?.stopPropagation();
    this.linking.set(false);
    this.hand.do({ name: 'focus' });
  }
  protected link(target: string | null): void {
    this.linking.set(false);
    const text = this.hand.text();
    if (text && this.isButton()) {
      this.store.change({ op: 'setTarget', at: { section: text.section.id, path: text.path }, to: target });
      void this.store.flush();
      this.hand.do({ name: 'focus' });
      return;
    }
    this.hand.do(target === null ? { name: 'unlink' } : { name: 'link', target });
  }

  protected async ask(kind: ReworkKind | ''): Promise<void> {
    const text = this.hand.text();
    if (!kind || !text || this.desk.busy()) return;
    this.asked.set(kind);
    this.note.set('');
    try {
      const { changes, note } = await this.desk.rework({
        kind,
        scope: { text: { section: text.section.id, path: text.path } },
        seed: this.store.document()!.seed + ++this.turn,
      });
      const [change] = changes;
      if (change && this.hand.text()?.path === text.path) this.hand.try(change.after, change.measured);
      else this.note.set(note);
    } catch (error) {
      this.note.set(asRefusal(error).message);
    }
  }
  protected take(): void {
    this.hand.takeTrial();
    this.hand.do({ name: 'focus' });
  }
  protected leave(): void {
    this.hand.leaveTrial();
    this.hand.do({ name: 'focus' });
  }

  private set(text: Text): void {
    const { section, path } = this.hand.text()!;
    this.store.change({ op: 'setText', at: { section: section.id, path }, text });
    void this.store.flush();
  }
  protected vouch(): void {
    const { text } = this.hand.text()!;
    this.set(withMarksOf(text, { value: text.value, from: { kind: 'client' } }));
  }
  protected leaveOut(): void {
    this.set({ value: '', from: { kind: 'designer' } });
    this.hand.rest();
    this.store.said.set({ words: 'It is left out of the page.', bad: false, undo: true });
  }
}
