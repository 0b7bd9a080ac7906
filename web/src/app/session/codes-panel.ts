import { ChangeDetectionStrategy, Component, computed, inject, input, output, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import type { Answer } from '@tin-porch/contract';
import { some } from '@tin-porch/core/some';
import { firstValueFrom } from 'rxjs';
import { asRefusal, PorchApi } from '../api/porch-api';
import { copyText } from '../parts/copy-text';

type Begun = Answer<'POST /account/codes'>;

/** One-time codes: turned on with a first one, turned off with the password. */
@Component({
  selector: 'tp-codes-panel',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'contents' },
  imports: [FormsModule],
  template: `
    <section class="sheet card">
      <div class="between">
        <h2>One-time codes</h2>
        <span class="chip" [class.moss]="on()">{{ on() ? 'Asked for' : 'Off' }}</span>
      </div>
      @if (recovery().length) {
        <p role="status">
          <b>Codes are asked for from now on.</b> Keep these recovery codes where your authenticator is not: each signs
          you in once, and they are not shown again.
        </p>
        <ul class="recovery mono" aria-label="Recovery codes">
          @for (code of recovery(); track code) {
            <li>{{ code }}</li>
          }
        </ul>
        <p class="bar">
          <button class="plain" type="button" (click)="copy()">{{ copied() ? 'Copied' : 'Copy them' }}</button>
          <button class="plain" type="button" (click)="recovery.set([])">They are kept</button>
        </p>
      } @else if (on()) {
        <p class="quiet">
          After your password a code from your authenticator is asked for. {{ some(left(), 'recovery code') }} left.
        </p>
        <form class="line" (ngSubmit)="turnOff()">
          <div class="field">
            <label for="codes-password">Your password</label
            ><input
              id="codes-password"
              name="password"
              type="password"
              autocomplete="current-password"
              [(ngModel)]="password"
            />
          </div>
          <button class="plain" type="submit">Turn codes off</button>
        </form>
      } @else if (begun()) {
        <div class="codes">
          <img [src]="picture()" alt="A code for your authenticator to read" width="180" height="180" />
          <div class="stack">
            <p>Let your authenticator read this, or give it the secret:</p>
            <p class="mono secret">{{ begun()!.secret }}</p>
            <form class="line" (ngSubmit)="turnOn()">
              <div class="field">
                <label for="codes-first">The code it shows</label
                ><input
                  id="codes-first"
                  name="code"
                  autocomplete="one-time-code"
                  inputmode="numeric"
                  maxlength="12"
                  [(ngModel)]="code"
                />
              </div>
              <button class="act" type="submit">Turn codes on</button>
              <button class="plain" type="button" (click)="begun.set(null)">Leave it</button>
            </form>
          </div>
        </div>
      } @else {
        <p class="quiet">
          A code that changes every half minute, from an authenticator on your phone, beside the password.
        </p>
        <p><button class="plain" type="button" (click)="begin()">Set codes up</button></p>
      }
      @if (fault()) {
        <p class="fault" role="alert">{{ fault() }}</p>
      }
    </section>
  `,
  styles: `
    .codes {
      display: flex;
      flex-wrap: wrap;
      gap: 1.25rem;
      align-items: center;
    }
    .codes img {
      background: #fff;
      border-radius: 4px;
    }
    .secret {
      overflow-wrap: anywhere;
    }
    .recovery {
      columns: 2;
      list-style: none;
      padding: 0;
      margin: 0;
      max-width: 26rem;
      line-height: 1.9;
    }
  `,
})
export class CodesPanel {
  private readonly api = inject(PorchApi);
  /** Whether codes are asked for. */
  readonly on = input.required<boolean>();
  /** How many recovery codes are not used yet, from 0. */
  readonly left = input.required<number>();
  /** Codes were turned on or off. */
  readonly changed = output<void>();
  protected readonly begun = signal<Begun | null>(null);
  /** The picture as an address: the markup of the server is never put into the page. */
  protected readonly picture = computed(() => `data:image/svg+xml;utf8,${encodeURIComponent(this.begun()?.svg ?? '')}`);
  protected readonly code = signal('');
  protected readonly password = signal('');
  protected readonly recovery = signal<string[]>([]);
  protected readonly copied = signal(false);
  protected readonly fault = signal('');
  protected readonly some = some;

  private async doing(work: () => Promise<void>): Promise<void> {
    this.fault.set('');
    try {
      await work();
    } catch (error) {
      this.fault.set(asRefusal(error).message);
    }
  }

  protected begin = () =>
    this.doing(async () => this.begun.set(await firstValueFrom(this.api.post<Begun>('/account/codes'))));
  protected turnOn = () =>
    this.doing(async () => {
      const { recovery } = await firstValueFrom(
        this.api.put<Answer<'PUT /account/codes'>>('/account/codes', { code: this.code() }),
      );
      this.recovery.set(recovery);
      this.begun.set(null);
      this.code.set('');
      this.changed.emit();
    });
  protected turnOff = () =>
    this.doing(async () => {
      await firstValueFrom(this.api.post('/account/codes/off', { password: this.password() }));
      this.password.set('');
      this.changed.emit();
    });
  protected async copy(): Promise<void> {
    this.copied.set(await copyText(this.recovery().join('\n')));
  }
}
