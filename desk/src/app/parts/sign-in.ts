import { ChangeDetectionStrategy, Component, inject, input, signal } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { FormsModule } from '@angular/forms';
import { catchError, EMPTY, firstValueFrom } from 'rxjs';
import { DeskApi, refusalOf } from '../desk-api';
import { Session } from '../here';
import { wording } from '../words/words';

/** Where somebody signs in; over the desk where their session ended, so that nothing they wrote is lost. */
@Component({
  selector: 'dk-sign-in',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [FormsModule],
  template: `
    <form class="sign-in" [class.over]="again()" (ngSubmit)="signIn()">
      <h1>{{ w().desk }}</h1>
      @if (session.fault()) {
        <p class="note" role="alert">{{ session.fault() }}</p>
      }
      <label>
        {{ w().mail }}
        <input name="mail" type="email" autocomplete="username" inputmode="email" [(ngModel)]="mail" required />
      </label>
      <label>
        {{ w().password }}
        <input name="password" type="password" autocomplete="current-password" [(ngModel)]="password" required />
      </label>
      @if (refused()) {
        <p class="bad" role="alert">{{ refused() }}</p>
      }
      <button class="main" type="submit" [attr.aria-disabled]="busy()">{{ w().signIn }}</button>
      @if (byMail()) {
        <button type="button" (click)="askLink()">{{ w().sendLink }}</button>
        @if (asked()) {
          <p role="status">{{ w().linkSent }}</p>
        }
      } @else {
        <p class="quiet">{{ w().signInHow }}</p>
      }
    </form>
  `,
})
export class SignIn {
  readonly again = input(false);
  protected readonly session = inject(Session);
  protected readonly w = wording().words;
  protected readonly mail = signal('');
  protected readonly password = signal('');
  protected readonly refused = signal('');
  protected readonly busy = signal(false);
  /** Whether a link can be sent from here. */
  protected readonly byMail = signal(false);
  protected readonly asked = signal(false);
  private readonly api = inject(DeskApi);

  constructor() {
    this.api
      .get<{ mail: boolean }>('/ways')
      .pipe(
        catchError(() => EMPTY),
        takeUntilDestroyed(),
      )
      .subscribe(({ mail }) => this.byMail.set(mail));
  }

  protected async askLink(): Promise<void> {
    this.refused.set('');
    this.asked.set(false);
    if (!/^[^\s@]+@[^\s@]+$/.test(this.mail().trim())) return this.refused.set(this.w().mailFirst);
    try {
      await firstValueFrom(this.api.post('/ask-link', { mail: this.mail().trim() }));
      this.asked.set(true);
    } catch (error) {
      const refused = refusalOf(error);
      this.refused.set(refused.status === 0 ? this.w().away : refused.message);
    }
  }

  protected async signIn(): Promise<void> {
    if (this.busy()) return;
    if (!this.mail().trim()) return this.refused.set(this.w().mailFirst);
    this.busy.set(true);
    this.refused.set('');
    try {
      await this.session.signIn(this.mail().trim(), this.password());
      this.password.set('');
    } catch (error) {
      const refused = refusalOf(error);
      this.refused.set(refused.status === 0 ? this.w().away : refused.message);
    } finally {
      this.busy.set(false);
    }
  }
}
