import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { ActivatedRoute, Router } from '@angular/router';
import { asRefusal } from '../api/porch-api';
import { SecondFactor } from './second-factor';
import { passkeysHere, SigningIn, type SecondAsked } from './signing-in';

@Component({
  selector: 'tp-sign-in',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [FormsModule, SecondFactor],
  template: `
    <main class="place gate">
      <div class="sheet">
        <h1><img src="/mark.svg" alt="" width="28" height="28" /> Tin Porch</h1>
        <p class="quiet">Client sites, from the brief to the daily round.</p>
        @if (second(); as asked) {
          <tp-second-factor [asked]="asked" (done)="enter()" (back)="second.set(null)" />
        } @else {
          <form (ngSubmit)="signIn()">
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
            <p class="bar">
              <button class="act" type="submit" [disabled]="busy()">Sign in</button>
              @if (passkeys) {
                <button class="plain" type="button" [disabled]="busy()" (click)="withPasskey()">Use a passkey</button>
              }
            </p>
            @if (letters()) {
              @if (asked()) {
                <p class="quiet" role="status">
                  If there is an account of {{ asked() }}, a link is on its way there. It is good for an hour.
                </p>
              } @else {
                <p>
                  <button class="plain small" type="button" [disabled]="busy()" (click)="forgot()">
                    Forgot the password
                  </button>
                </p>
              }
            }
          </form>
        }
      </div>
    </main>
  `,
})
export class SignIn {
  private readonly signing = inject(SigningIn);
  private readonly router = inject(Router);
  private readonly route = inject(ActivatedRoute);
  protected readonly mail = signal('');
  protected readonly password = signal('');
  protected readonly fault = signal('');
  protected readonly busy = signal(false);
  protected readonly second = signal<SecondAsked | null>(null);
  protected readonly passkeys = passkeysHere();
  /** Whether a link can be sent; and to which address it was asked for. */
  protected readonly letters = signal(false);
  protected readonly asked = signal('');

  constructor() {
    // Whoever cannot be told is not offered it.
    this.signing.ways().then(
      ({ mail }) => this.letters.set(mail),
      () => undefined,
    );
  }

  protected async forgot(): Promise<void> {
    const mail = this.mail().trim();
    if (!/^[^\s@]+@[^\s@]+$/.test(mail)) return this.fault.set('Give the mail address of your account first.');
    await this.trying(async () => {
      await this.signing.forgot(mail);
      this.asked.set(mail);
      return 'asked';
    });
  }
  protected signIn(): Promise<void> {
    if (!this.mail() || !this.password()) {
      this.fault.set('Give your mail address and your password.');
      return Promise.resolve();
    }
    return this.trying(() => this.signing.withPassword(this.mail(), this.password()));
  }
  protected withPasskey = () =>
    this.trying(async () => {
      await this.signing.withPasskey();
      return null;
    });

  private async trying(work: () => Promise<SecondAsked | 'asked' | null>): Promise<void> {
    if (this.busy()) return;
    this.busy.set(true);
    this.fault.set('');
    try {
      const asked = await work();
      if (asked === 'asked') return;
      this.second.set(asked);
      if (!asked) this.enter();
    } catch (error) {
      this.fault.set(asRefusal(error).message);
    } finally {
      this.busy.set(false);
    }
  }

  protected enter(): void {
    const to = this.route.snapshot.queryParamMap.get('to') ?? '/';
    void this.router.navigateByUrl(/^\/(?!\/)/.test(to) ? to : '/');
  }
}
