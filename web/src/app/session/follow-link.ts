import { ChangeDetectionStrategy, Component, inject, input, signal, type OnInit } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { Router } from '@angular/router';
import type { Answer } from '@tin-porch/contract';
import { firstValueFrom } from 'rxjs';
import { asRefusal, PorchApi } from '../api/porch-api';
import { SigningIn } from './signing-in';

const ROLES = { owner: 'an owner', designer: 'a designer', helper: 'a helper', accountant: 'an accountant' };

/** Where a link leads by which somebody makes an account, or gives theirs another password. */
@Component({
  selector: 'tp-follow-link',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [FormsModule],
  template: `
    <main class="place gate">
      <div class="sheet">
        <h1><img src="/mark.svg" alt="" width="28" height="28" /> Tin Porch</h1>
        @if (link(); as l) {
          <p>
            @if (l.kind === 'invitation') {
              You are asked to come to <b>{{ l.organisation }}</b> as {{ roles[l.role] }}. Your account will be
              {{ l.mail }}.
            } @else {
              Another password for <b>{{ l.mail }}</b>.
              {{ l.kind === 'reset' ? 'Codes and passkeys of the account end with the old one.' : '' }}
            }
          </p>
          <form (ngSubmit)="go()">
            <input
              class="sr"
              type="text"
              name="mail"
              autocomplete="username"
              tabindex="-1"
              readonly
              aria-hidden="true"
              [value]="l.mail"
            />
            @if (l.kind === 'invitation') {
              <div class="field">
                <label for="link-name">Your name <span class="quiet">as it stands in the history</span></label>
                <input id="link-name" name="name" autocomplete="name" maxlength="80" [(ngModel)]="name" />
              </div>
            }
            <div class="field">
              <label for="link-password">Password <span class="quiet">12 characters or more</span></label>
              <input
                id="link-password"
                name="password"
                type="password"
                autocomplete="new-password"
                [(ngModel)]="password"
              />
            </div>
            @if (fault()) {
              <p class="fault" role="alert">{{ fault() }}</p>
            }
            <button class="act" type="submit" [disabled]="busy()">
              {{ l.kind === 'invitation' ? 'Make the account' : 'Take the password' }}
            </button>
          </form>
        } @else if (fault()) {
          <p class="fault" role="alert">{{ fault() }}</p>
          <a class="plain" href="/sign-in">To the sign-in</a>
        }
      </div>
    </main>
  `,
})
export class FollowLink implements OnInit {
  private readonly api = inject(PorchApi);
  private readonly signing = inject(SigningIn);
  private readonly router = inject(Router);
  /** The token of the link, from the address. */
  readonly token = input.required<string>();
  protected readonly roles = ROLES;
  protected readonly link = signal<Answer<'GET /links/:token'> | null>(null);
  protected readonly name = signal('');
  protected readonly password = signal('');
  protected readonly fault = signal('');
  protected readonly busy = signal(false);

  ngOnInit(): void {
    this.api.get<Answer<'GET /links/:token'>>(`/links/${encodeURIComponent(this.token())}`).subscribe({
      next: (link) => this.link.set(link),
      error: (error: unknown) => this.fault.set(asRefusal(error).message),
    });
  }

  protected async go(): Promise<void> {
    const link = this.link();
    if (!link || this.busy()) return;
    this.busy.set(true);
    this.fault.set('');
    try {
      await firstValueFrom(this.api.post(`/links/${this.token()}`, { name: this.name(), password: this.password() }));
      await this.signing.withPassword(link.mail, this.password());
      void this.router.navigateByUrl('/');
    } catch (error) {
      this.fault.set(asRefusal(error).message);
    } finally {
      this.busy.set(false);
    }
  }
}
