import { Component, inject, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { ActivatedRoute, Router } from '@angular/router';
import type { Session } from '../api/model';
import { asRefusal, PorchApi } from '../api/porch-api';

@Component({
  selector: 'tp-sign-in',
  imports: [FormsModule],
  template: `
    <main class="place gate">
      <form class="sheet" (ngSubmit)="signIn()">
        <h1><img src="/mark.svg" alt="" width="28" height="28" /> Tin Porch</h1>
        <p class="quiet">Client sites, from the brief to the daily round.</p>
        <div class="field">
          <label for="mail">Mail</label>
          <input id="mail" name="mail" type="email" autocomplete="username" required [(ngModel)]="mail" />
        </div>
        <div class="field">
          <label for="password">Password</label>
          <input
            id="password"
            name="password"
            type="password"
            autocomplete="current-password"
            required
            [(ngModel)]="password"
          />
        </div>
        @if (fault()) {
          <p class="fault" role="alert">{{ fault() }}</p>
        }
        <button class="act" type="submit" [disabled]="busy()">Sign in</button>
      </form>
    </main>
  `,
})
export class SignIn {
  private readonly api = inject(PorchApi);
  private readonly router = inject(Router);
  private readonly route = inject(ActivatedRoute);
  protected mail = '';
  protected password = '';
  protected readonly fault = signal('');
  protected readonly busy = signal(false);

  protected signIn(): void {
    if (this.busy()) return;
    if (!this.mail || !this.password) return void this.fault.set('Give your mail address and your password.');
    this.busy.set(true);
    this.api.post<Session>('/session', { mail: this.mail, password: this.password }).subscribe({
      next: (session) => {
        this.api.signedIn(session);
        const to = this.route.snapshot.queryParamMap.get('to') ?? '/';
        void this.router.navigateByUrl(/^\/(?!\/)/.test(to) ? to : '/');
      },
      error: (error: unknown) => {
        this.busy.set(false);
        this.fault.set(asRefusal(error).message);
      },
    });
  }
}
