import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { asRefusal, PorchApi } from '../api/porch-api';
import { SecondFactor } from './second-factor';
import { SigningIn, type SecondAsked } from './signing-in';

/** Stands over every place while the session has ended or the server does not answer; signing in happens right there. */
@Component({
  selector: 'tp-signed-out-bar',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [FormsModule, SecondFactor],
  host: { class: 'contents' },
  styleUrl: './signed-out-bar.scss',
  template: `
    @if (api.ended()) {
      <section class="standing" aria-label="Signed out">
        <p role="alert"><b>You are signed out.</b> What you type is kept in this browser and sent once you sign in.</p>
        @if (second(); as asked) {
          <tp-second-factor [asked]="asked" (done)="second.set(null)" (back)="second.set(null)" />
        } @else {
          <form class="bar" (ngSubmit)="signIn()">
            <label for="again-mail" class="sr">Mail</label>
            <input
              id="again-mail"
              name="mail"
              type="email"
              autocomplete="username"
              readonly
              [value]="mail()"
              aria-readonly="true"
            />
            <label for="again-password">Password</label>
            <input
              id="again-password"
              name="password"
              type="password"
              autocomplete="current-password"
              [attr.aria-invalid]="fault() ? true : null"
              [ngModel]="password()"
              (ngModelChange)="password.set($event)"
            />
            <button class="act" type="submit">{{ busy() ? 'Signing in …' : 'Sign in' }}</button>
          </form>
          @if (fault()) {
            <p class="fault" role="alert">{{ fault() }}</p>
          }
        }
      </section>
    } @else if (api.away()) {
      <p class="standing" role="status">
        <b>Tin Porch does not answer.</b> What you type is kept in this browser and sent as soon as it does.
      </p>
    }
  `,
})
export class SignedOutBar {
  protected readonly api = inject(PorchApi);
  private readonly signing = inject(SigningIn);
  protected readonly mail = computed(() => this.api.session()?.designer.mail ?? '');
  protected readonly password = signal('');
  protected readonly fault = signal('');
  protected readonly busy = signal(false);
  protected readonly second = signal<SecondAsked | null>(null);

  protected async signIn(): Promise<void> {
    if (this.busy()) return;
    if (!this.password()) return this.fault.set('Give your password.');
    this.busy.set(true);
    try {
      this.second.set(await this.signing.withPassword(this.mail(), this.password()));
      this.password.set('');
      this.fault.set('');
    } catch (error) {
      this.fault.set(asRefusal(error).message);
    } finally {
      this.busy.set(false);
    }
  }
}
