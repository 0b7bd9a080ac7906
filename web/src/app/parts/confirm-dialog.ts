import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { NgbActiveModal } from '@ng-bootstrap/ng-bootstrap';

/** What is asked before something is done: the question, what would follow, and what the button that does it says. */
export interface Question {
  title: string;
  words: string;
  act: string;
}

@Component({
  selector: 'tp-confirm-dialog',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="jumper">
      <h2 id="confirm-title">{{ question()?.title }}</h2>
      <p>{{ question()?.words }}</p>
      <p class="bar gap">
        <button class="act" type="button" (click)="modal.close()">{{ question()?.act }}</button>
        <button class="plain" type="button" ngbAutofocus (click)="modal.dismiss()">Leave it as it is</button>
      </p>
    </div>
  `,
})
export class ConfirmDialog {
  protected readonly modal = inject(NgbActiveModal);
  readonly question = signal<Question | null>(null);
}
