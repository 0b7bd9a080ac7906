import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import type { Answer, Session } from '@tin-porch/contract';
import { some } from '@tin-porch/core/some';
import { firstValueFrom } from 'rxjs';
import { asRefusal, PorchApi } from '../api/porch-api';
import { Dialogs } from '../parts/dialogs';
import { time } from '../parts/when';
import { CodesPanel } from '../session/codes-panel';
import { PasswordDialog } from '../session/password-dialog';
import { passkeysHere, SigningIn } from '../session/signing-in';

type Account = Answer<'GET /account'>;

/** A browser as its user-agent string names it, in a few words. */
export function browserOf(agent: string): string {
  const system =
    /Android/.exec(agent)?.[0] ??
    (/iPhone|iPad/.exec(agent)?.[0] ||
      (/Mac OS X/.test(agent) ? 'macOS' : /Windows/.test(agent) ? 'Windows' : /Linux/.test(agent) ? 'Linux' : ''));
  const browser = /Firefox/.test(agent)
    ? 'Firefox'
    : /Edg\//.test(agent)
      ? 'Edge'
      : /Chrom/.test(agent)
        ? 'Chromium'
        : /Safari/.test(agent)
          ? 'Safari'
          : '';
  return [browser || 'A program', system].filter(Boolean).join(' on ');
}

/** One’s own account: name, password, second factors, and where one is signed in. */
@Component({
  selector: 'tp-account',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'contents' },
  imports: [FormsModule, CodesPanel],
  template: `
    <main class="place">
      <h1>Your account</h1>
      @if (fault()) {
        <p class="note brick" role="alert">{{ fault() }}</p>
      }
      <div class="panels">
        @if (session(); as s) {
          <section class="sheet card">
            <h2>{{ s.designer.mail }}</h2>
            <form class="line" (ngSubmit)="rename()">
              <div class="field">
                <label for="account-name">Name</label
                ><input id="account-name" name="name" autocomplete="name" maxlength="80" [(ngModel)]="name" />
              </div>
              <button class="plain" type="submit">Rename</button>
            </form>
            <p class="bar">
              <button class="plain password" type="button" (click)="password()">Change password</button>
              <span class="quiet">{{ roles[s.designer.role] }} of {{ s.organisation }}</span>
            </p>
          </section>
        }
        @if (account(); as a) {
          @if (a.letters !== null) {
            <section class="sheet card">
              <h2>Letters about sites</h2>
              <label class="bar nowrap">
                <input type="checkbox" [checked]="a.letters" [disabled]="busy()" (change)="want($event)" />
                <span>
                  At once where nobody gets in to a site, and each morning what there is to do. Where all is well there
                  is no letter.
                </span>
              </label>
            </section>
          }
          <tp-codes-panel [on]="a.codes" [left]="a.recoveryLeft" (changed)="look()" />
          <section class="sheet card">
            <h2>Passkeys</h2>
            <p class="quiet">
              A passkey of a phone, a computer or a key signs you in without your password, and stands beside it as the
              second factor.
            </p>
            @if (a.passkeys.length) {
              <table class="rows">
                <thead>
                  <tr>
                    <th>Name</th>
                    <th class="wide">Made</th>
                    <th>Used</th>
                    <th><span class="sr">Take away</span></th>
                  </tr>
                </thead>
                <tbody>
                  @for (p of a.passkeys; track p.id) {
                    <tr>
                      <td>
                        {{ p.name }}
                        @if (p.host && p.host !== host) {
                          <span class="quiet">for {{ p.host }}</span>
                        }
                      </td>
                      <td class="wide">{{ at(p.madeAt) }}</td>
                      <td>{{ p.usedAt ? at(p.usedAt) : 'not yet' }}</td>
                      <td>
                        <button
                          class="plain small"
                          type="button"
                          [attr.aria-label]="'Take away the passkey ' + p.name"
                          (click)="forget(p)"
                        >
                          Take away
                        </button>
                      </td>
                    </tr>
                  }
                </tbody>
              </table>
            }
            @if (a.passkeysHere && here) {
              <form class="line" (ngSubmit)="makePasskey()">
                <div class="field">
                  <label for="passkey-name">Name of a new one</label
                  ><input
                    id="passkey-name"
                    name="name"
                    maxlength="80"
                    placeholder="Ines’s phone"
                    [(ngModel)]="passkeyName"
                  />
                </div>
                <button class="plain" type="submit">
                  {{ busy() ? 'Waiting for the browser …' : 'Make a passkey' }}
                </button>
              </form>
            } @else {
              <p class="note lamp">
                Passkeys are bound to a name. Open Tin Porch by one (on this machine: localhost) to make any.
              </p>
            }
          </section>
          <section class="sheet card">
            <div class="between">
              <h2>Signed in</h2>
              @if (a.sessions.length > 1) {
                <button class="plain small" type="button" (click)="endOthers()">
                  End {{ some(a.sessions.length - 1, 'other') }}
                </button>
              }
            </div>
            <table class="rows">
              <thead>
                <tr>
                  <th>With</th>
                  <th class="wide">From</th>
                  <th class="wide">Since</th>
                  <th>Seen</th>
                  <th><span class="sr">End</span></th>
                </tr>
              </thead>
              <tbody>
                @for (x of a.sessions; track x.id) {
                  <tr>
                    <td>{{ browser(x.agent) }}</td>
                    <td class="wide mono">{{ x.address }}</td>
                    <td class="wide">{{ at(x.createdAt) }}</td>
                    <td>{{ x.here ? 'here, now' : at(x.seenAt) }}</td>
                    <td>
                      @if (!x.here) {
                        <button
                          class="plain small"
                          type="button"
                          [attr.aria-label]="'End the session with ' + browser(x.agent)"
                          (click)="end(x.id)"
                        >
                          End
                        </button>
                      }
                    </td>
                  </tr>
                }
              </tbody>
            </table>
          </section>
        }
      </div>
    </main>
  `,
})
export class AccountPlace {
  private readonly api = inject(PorchApi);
  private readonly dialogs = inject(Dialogs);
  private readonly signing = inject(SigningIn);
  protected readonly session = computed(() => this.api.session());
  protected readonly account = signal<Account | null>(null);
  protected readonly name = signal(this.api.session()?.designer.name ?? '');
  protected readonly passkeyName = signal('');
  protected readonly fault = signal('');
  protected readonly busy = signal(false);
  protected readonly here = passkeysHere();
  protected readonly host = location.hostname;
  protected readonly at = time;
  protected readonly some = some;
  protected readonly browser = browserOf;
  protected readonly roles = { owner: 'Owner', designer: 'Designer', helper: 'Helper', accountant: 'Accountant' };

  constructor() {
    this.look();
  }

  protected look(): void {
    this.api.get<Account>('/account').subscribe({
      next: (account) => this.account.set(account),
      error: (error: unknown) => this.fault.set(asRefusal(error).message),
    });
  }

  private async doing(work: () => Promise<unknown>): Promise<void> {
    if (this.busy()) return;
    this.busy.set(true);
    this.fault.set('');
    try {
      await work();
      this.look();
    } catch (error) {
      this.fault.set(asRefusal(error).message);
    } finally {
      this.busy.set(false);
    }
  }

  protected rename(): Promise<void> {
    const name = this.name().trim();
    if (!name) {
      this.fault.set('Say what you are called.');
      return Promise.resolve();
    }
    return this.doing(async () => {
      await firstValueFrom(this.api.put('/account', { name }));
      this.api.session.set(await firstValueFrom(this.api.get<Session>('/session')));
    });
  }
  protected async want(event: Event): Promise<void> {
    const box = event.target as HTMLInputElement;
    const wanted = box.checked;
    await this.doing(() => firstValueFrom(this.api.put('/account/letters', { wanted })));
    // Where that was refused, the box says what holds.
    box.checked = this.account()?.letters ?? wanted;
  }
  protected password(): void {
    this.dialogs.open(PasswordDialog, 'password-title');
  }
  protected makePasskey = () =>
    this.doing(async () => {
      await this.signing.makePasskey(this.passkeyName());
      this.passkeyName.set('');
    });
  protected async forget(passkey: Account['passkeys'][number]): Promise<void> {
    const sure = await this.dialogs.confirm({
      title: `Take the passkey “${passkey.name}” away?`,
      words: 'Nobody signs in with it any more.',
      act: 'Take it away',
    });
    if (sure) await this.doing(() => firstValueFrom(this.api.delete(`/account/passkeys/${passkey.id}`)));
  }
  protected end = (id: string) => this.doing(() => firstValueFrom(this.api.delete(`/account/sessions/${id}`)));
  protected endOthers = () => this.doing(() => firstValueFrom(this.api.delete('/account/sessions')));
}
