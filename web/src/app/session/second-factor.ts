import { ChangeDetectionStrategy, Component, inject, input, output, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { asRefusal } from '../api/porch-api';
import { passkeysHere, SigningIn, type SecondAsked } from './signing-in';

/** What is asked for beside the password: a code, or a passkey. */
@Component({
  selector: 'tp-second-factor',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [FormsModule],
  template: `
    <form (ngSubmit)="code()">
      @if (asked().ways.includes('code')) {
        <div class="field">
          <label for="second-code"
            >Code <span class="quiet">six digits from your authenticator, or a recovery code</span></label
          >
          <input
            id="second-code"
            name="code"
            autocomplete="one-time-code"
            inputmode="text"
            maxlength="40"
            [attr.aria-invalid]="fault() ? true : null"
            [ngModel]="given()"
            (ngModelChange)="given.set($event)"
          />
        </div>
      }
      @if (fault()) {
        <p class="fault" role="alert">{{ fault() }}</p>
      }
      <p class="bar gap">
        @if (asked().ways.includes('code')) {
          <button class="act" type="submit">{{ busy() ? 'Signing in …' : 'Sign in' }}</button>
        }
        @if (asked().ways.includes('passkey') && here) {
          <button class="plain" type="button" (click)="passkey()">Use your passkey</button>
        }
        <button class="plain" type="button" (click)="back.emit()">Back</button>
      </p>
      @if (!here && !asked().ways.includes('code')) {
        <p class="note lamp">Your passkey cannot be used at this address. Open Tin Porch by its name.</p>
      }
    </form>
  `,
})
export class SecondFactor {
  private readonly signing = inject(SigningIn);
  /** What the server asked for. */
  readonly asked = input.required<SecondAsked>();
  /** The session is open. */
  readonly done = output<void>();
  /** Somebody wants to begin again. */
  readonly back = output<void>();
  protected readonly here = passkeysHere();
  protected readonly given = signal('');
  protected readonly fault = signal('');
  protected readonly busy = signal(false);

  protected code(): Promise<void> {
    if (!this.given().trim()) {
      this.fault.set('Give a code.');
      return Promise.resolve();
    }
    return this.trying(() => this.signing.withCode(this.asked().ticket, this.given()));
  }
  protected passkey = () => this.trying(() => this.signing.withPasskey(this.asked().ticket));

  private async trying(work: () => Promise<void>): Promise<void> {
    if (this.busy()) return;
    this.busy.set(true);
    this.fault.set('');
    try {
      await work();
      this.done.emit();
    } catch (error) {
      this.fault.set(asRefusal(error).message);
    } finally {
      this.busy.set(false);
    }
  }
}
