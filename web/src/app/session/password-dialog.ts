import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { NgbActiveModal } from '@ng-bootstrap/ng-bootstrap';
import { asRefusal, PorchApi } from '../api/porch-api';

/** Somebody changes their own password. Their other sessions end with it. */
@Component({
  selector: 'tp-password-dialog',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [FormsModule],
  template: `
    <form class="jumper" (ngSubmit)="change()">
      <h2 id="password-title">Change your password</h2>
      @if (done()) {
        <p class="note moss" role="status">It is changed. Wherever else you were signed in, you are not any more.</p>
        <p class="bar gap"><button class="plain" type="button" (click)="modal.close()">Close</button></p>
      } @else {
        <input
          class="sr"
          type="text"
          name="mail"
          autocomplete="username"
          tabindex="-1"
          readonly
          aria-hidden="true"
          [value]="mail"
        />
        <div class="field">
          <label for="password-now">The one you have</label>
          <input
            id="password-now"
            name="now"
            type="password"
            ngbAutofocus
            autocomplete="current-password"
            [ngModel]="now()"
            (ngModelChange)="now.set($event)"
          />
        </div>
        <div class="field">
          <label for="password-next">The new one <span class="quiet">12 characters or more</span></label>
          <input
            id="password-next"
            name="next"
            type="password"
            autocomplete="new-password"
            [ngModel]="next()"
            (ngModelChange)="next.set($event)"
          />
        </div>
        @if (fault()) {
          <p class="fault" role="alert">{{ fault() }}</p>
        }
        <p class="bar gap">
          <button class="act" type="submit">{{ busy() ? 'Changing …' : 'Change it' }}</button>
          <button class="plain" type="button" (click)="modal.dismiss()">Leave it as it is</button>
        </p>
      }
    </form>
  `,
})
export class PasswordDialog {
  protected readonly modal = inject(NgbActiveModal);
  private readonly api = inject(PorchApi);
  protected readonly mail = this.api.session()?.designer.mail ?? '';
  protected readonly now = signal('');
  protected readonly next = signal('');
  protected readonly fault = signal('');
  protected readonly busy = signal(false);
  protected readonly done = signal(false);

  protected change(): void {
    if (this.busy()) return;
    if (!this.now() || !this.next()) return this.fault.set('Give both.');
    this.busy.set(true);
    this.fault.set('');
    this.api.put('/session/password', { now: this.now(), next: this.next() }).subscribe({
      next: () => {
        this.busy.set(false);
        this.done.set(true);
      },
      error: (error: unknown) => {
        this.busy.set(false);
        this.fault.set(asRefusal(error).message);
      },
    });
  }
}
