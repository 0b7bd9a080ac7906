import { ChangeDetectionStrategy, Component, inject, input, signal } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { FormsModule } from '@angular/forms';
import { catchError, EMPTY, firstValueFrom } from 'rxjs';
import { DeskApi, refusalOf } from '../desk-api';
import { Session } from '../here';
import { NoPasskey, passkeysHere } from '../passkeys';
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
      @if (ticket()) {
        <label>
          {{ w().code }}
          <input
            name="code"
            autocomplete="one-time-code"
            inputmode="numeric"
            maxlength="20"
            required
            [(ngModel)]="code"
          />
        </label>
        <p class="quiet">{{ w().codeHow }}</p>
      } @else {
        <label>
          {{ w().mail }}
          <input name="mail" type="email" autocomplete="username" inputmode="email" [(ngModel)]="mail" required />
        </label>
        <label>
          {{ w().password }}
          <input name="password" type="password" autocomplete="current-password" [(ngModel)]="password" required />
        </label>
      }
      @if (refused()) {
        <p class="bad" role="alert">{{ refused() }}</p>
      }
      <button class="main" type="submit" [attr.aria-disabled]="busy()">{{ w().signIn }}</button>
      @if (ticket()) {
        <button type="button" (click)="ticket.set('')">{{ w().back }}</button>
      } @else {
        @if (byPasskey()) {
          <button type="button" [attr.aria-disabled]="busy()" (click)="withPasskey()">{{ w().usePasskey }}</button>
        }
        @if (byMail()) {
          <button type="button" (click)="askLink()">{{ w().sendLink }}</button>
          @if (asked()) {
            <p role="status">{{ w().linkSent }}</p>
          }
        } @else {
          <p class="quiet">{{ w().signInHow }}</p>
        }
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
  /** Whether somebody has a passkey for this name, and this browser can show one. */
  protected readonly byPasskey = signal(false);
  /** What stands for the password that was right, where a code is asked for besides; empty before that. */
  protected readonly ticket = signal('');
  protected readonly code = signal('');
  protected readonly asked = signal(false);
  private readonly api = inject(DeskApi);

  constructor() {
    this.api
      .get<{ mail: boolean; passkeys: boolean }>('/ways')
      .pipe(
        catchError(() => EMPTY),
        takeUntilDestroyed(),
      )
      .subscribe(({ mail, passkeys }) => {
        this.byMail.set(mail);
        this.byPasskey.set(passkeys && passkeysHere());
      });
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
    const ticket = this.ticket();
    if (ticket) {
      await this.doing(() => this.session.withCode(ticket, this.code().trim()));
      this.code.set('');
      return;
    }
    if (!this.mail().trim()) return this.refused.set(this.w().mailFirst);
    await this.doing(async () => {
      this.ticket.set((await this.session.signIn(this.mail().trim(), this.password())) ?? '');
      this.password.set('');
    });
  }

  protected withPasskey = (): Promise<void> => this.doing(() => this.session.withPasskey());

  private async doing(work: () => Promise<void>): Promise<void> {
    if (this.busy()) return;
    this.busy.set(true);
    this.refused.set('');
    try {
      await work();
    } catch (error) {
      if (error instanceof NoPasskey) return this.refused.set(this.w().noPasskey[error.why]);
      const refused = refusalOf(error);
      this.refused.set(refused.status === 0 ? this.w().away : refused.message);
      // Five minutes are over: from the beginning, and why stays to be read.
      if (refused.title === 'That took too long') this.ticket.set('');
    } finally {
      this.busy.set(false);
    }
  }
}
