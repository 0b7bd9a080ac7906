import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { firstValueFrom } from 'rxjs';
import { DeskApi, refusalOf } from '../desk-api';
import { Session } from '../here';
import type { SessionLine } from '../model';
import { FactorsPart } from '../parts/factors';
import { loaded } from '../parts/load';
import { Top } from '../parts/top';
import { Waiting } from '../parts/waiting';
import { deviceOf } from '../passkeys';
import { Wording } from '../words/words';

/** The person themselves: their password and what stands beside it, where they are signed in, the way out. */
@Component({
  selector: 'dk-me',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [FormsModule, FactorsPart, Top, Waiting],
  template: `
    @if (session.here(); as here) {
      <dk-top [title]="here.me.name" [under]="here.me.mail" back="/us" />
      <p class="pad">
        {{ w().role[here.me.role] }}
        @if (here.me.designer && here.me.role !== 'designer') {
          {{ w().asClient }}
        }
      </p>
      @if (!here.me.designer) {
        <form class="fields" (ngSubmit)="setPassword()">
          <h2>{{ here.me.password ? w().otherPassword : w().setPassword }}</h2>
          <input
            class="hidden"
            type="text"
            name="mail"
            autocomplete="username"
            [value]="here.me.mail"
            tabindex="-1"
            aria-hidden="true"
          />
          <label>
            {{ w().newPassword }}
            <input type="password" name="password" autocomplete="new-password" [(ngModel)]="password" />
          </label>
          <p class="quiet">{{ w().passwordHow }}</p>
          @if (said(); as s) {
            <p [class.bad]="s.bad" [attr.role]="s.bad ? 'alert' : 'status'">{{ s.words }}</p>
          }
          <p class="acts">
            <button class="main" type="submit">{{ here.me.password ? w().otherPassword : w().setPassword }}</button>
          </p>
        </form>
        <dk-factors [password]="here.me.password" />
      }
      <h2 class="pad">{{ w().devices }}</h2>
      <dk-waiting [of]="sessions" />
      <ul class="rows">
        @for (s of sessions.value()?.sessions ?? []; track s.name) {
          <li>
            <p>{{ deviceOf(s.agent) }}</p>
            <p class="quiet">{{ words.day(s.seenAt) }}{{ s.here ? ' · ' + w().here : '' }}</p>
            @if (!s.here) {
              <button class="plain" type="button" (click)="end(s)">{{ w().end }}</button>
            }
          </li>
        }
      </ul>
      @if (notOut()) {
        <p class="bad pad" role="alert">{{ notOut() }}</p>
      }
      <p class="acts pad">
        <button type="button" (click)="signOut()">{{ w().signOut }}</button>
      </p>
    }
  `,
})
export class MePlace {
  protected readonly session = inject(Session);
  private readonly api = inject(DeskApi);
  protected readonly words = inject(Wording);
  protected readonly w = this.words.words;
  protected readonly password = signal('');
  protected readonly said = signal<{ words: string; bad: boolean } | null>(null);
  protected readonly sessions = loaded((api) => api.get<{ sessions: SessionLine[] }>('/sessions'));

  protected async setPassword(): Promise<void> {
    this.said.set(null);
    try {
      await firstValueFrom(this.api.put('/password', { password: this.password() }));
      this.password.set('');
      await this.session.load();
      this.sessions.again();
      this.said.set({ words: this.w().passwordKept, bad: false });
    } catch (error) {
      this.said.set({ words: refusalOf(error).message || this.w().away, bad: true });
    }
  }
  /** Why somebody is still signed in; empty where they are not, or did not ask to be signed out. */
  protected readonly notOut = signal('');
  private async out(what: () => Promise<unknown>): Promise<void> {
    this.notOut.set('');
    await what().catch((error: unknown) => this.notOut.set(refusalOf(error).message || this.w().away));
  }
  protected async end(s: SessionLine): Promise<void> {
    await this.out(() => firstValueFrom(this.api.delete(`/sessions/${s.name}`)));
    this.sessions.again();
  }
  protected signOut = (): Promise<void> => this.out(() => this.session.signOut());
  protected readonly deviceOf = deviceOf;
}
