import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { factOperations } from '@tin-porch/core/operations';
import { coverageOf, questionList, readAnswers } from '@tin-porch/core/brief';
import { copyText } from '../parts/copy-text';
import { some } from '@tin-porch/core/some';
import { Drafts } from '../session/drafts';
import { SiteStore } from '../site/site-store';

/** What the generator could use and nobody has said: each gap with what it would improve, to ask the client, and the answers read back. */
@Component({
  selector: 'tp-questions-panel',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [FormsModule],
  template: `
    @if (gaps().length) {
      <div class="between">
        <h2>To ask the client</h2>
        <span class="bar">
          <button class="plain small" type="button" (click)="copy()">Copy the questions</button>
          <a class="plain small" [href]="mailTo()">Mail them</a>
        </span>
      </div>
      <ol class="gaps">
        @for (gap of gaps(); track gap.id) {
          <li>
            <b>{{ gap.question }}</b>
            <span class="quiet">{{ gap.label }}: would improve {{ gap.improves }}.</span>
          </li>
        }
      </ol>
      <div class="field gap">
        <label for="answers"
          >Their answer <span class="quiet">pasted as it came; the numbers say what answers what</span></label
        >
        <textarea
          id="answers"
          rows="7"
          maxlength="20000"
          [ngModel]="answers()"
          (ngModelChange)="answers.set($event)"
          placeholder="1. We mend sash windows, from £310 …"
        ></textarea>
      </div>
      <p class="bar">
        <button class="plain" type="button" (click)="take()" [disabled]="!answers().trim()">Read the answers</button>
        <span class="quiet" role="status">{{ said() }}</span>
      </p>
    } @else {
      <h2>Nothing left to ask</h2>
      <p class="quiet">The facts say everything the generator can use.</p>
      <p class="quiet" role="status">{{ said() }}</p>
    }
  `,
  styles: `
    .gaps {
      margin: 10px 0 0;
      padding-left: 22px;
    }
    .gaps li {
      padding: 6px 0;
    }
    .gaps b,
    .gaps span {
      display: block;
    }
  `,
})
export class QuestionsPanel {
  protected readonly store = inject(SiteStore);
  protected readonly answers = inject(Drafts).of(this.store.id(), 'answers');
  protected readonly said = signal('');
  protected readonly gaps = computed(() => coverageOf(this.store.document()!.facts).gaps);
  protected readonly mailTo = computed(() => {
    const { mail, name } = this.store.document()!.facts;
    const body = `A few questions for the site of ${name}. Short answers will do; please leave the numbers in.\n\n${questionList(this.gaps())}`;
    return `mailto:${encodeURIComponent(mail)}?subject=${encodeURIComponent(`Questions for the site of ${name}`)}&body=${encodeURIComponent(body)}`;
  });
  protected copy(): void {
    void copyText(questionList(this.gaps())).then((done) =>
      this.said.set(done ? 'Copied.' : 'The browser would not copy them: select them by hand.'),
    );
  }
  protected take(): void {
    const { facts } = this.store.document()!;
    const operations = factOperations(facts, readAnswers(this.gaps(), this.answers(), facts));
    if (!operations.length) return this.said.set('No numbered answer was found in it. It is still here.');
    this.store.change(operations.length === 1 ? operations[0]! : { op: 'batch', operations });
    this.said.set(`${some(operations.length, 'answer is', 'answers are')} in the facts.`);
    this.answers.set('');
  }
}
