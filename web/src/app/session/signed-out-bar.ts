import { Component, computed, inject, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import type { Session } from '../api/model';
import { asRefusal, PorchApi } from '../api/porch-api';

/** Stands over every place while the session has ended or the server does not answer; signing in happens right there. */
@Component({
  selector: 'tp-signed-out-bar',
  imports: [FormsModule],
  host: { class: 'contents' },
  template: `
    @if (api.ended()) {
      <section class="standing" aria-label="Signed out">
        <p role="alert"><b>You are signed out.</b> What you type is kept in this browser and sent once you sign in.</p>
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
  protected readonly mail = computed(() => this.api.session()?.designer.mail ?? '');
  protected readonly password = signal('');
  protected readonly fault = signal('');
  protected readonly busy = signal(false);

  protected signIn(): void {
    if (this.busy()) return;
    if (!this.password()) return this.fault.set('Give your password.');
    this.busy.set(true);
    this.api.post<Session>('/session', { mail: this.mail(), password: this.password() }).subscribe({
      next: (session) => {
        this.busy.set(false);
        this.password.set('');
        this.fault.set('');
        this.api.signedIn(session);
      },
      error: (error: unknown) => {
        this.busy.set(false);
        this.fault.set(asRefusal(error).message);
      },
    });
  }
}
