import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { firstValueFrom } from 'rxjs';
import { DeskApi, refusalOf } from '../desk-api';
import type { Factors, NewCodes } from '../model';
import { deviceOf, makePasskey, NoPasskey, passkeysHere } from '../passkeys';
import { Wording } from '../words/words';
import { loaded } from './load';
import { Waiting } from './waiting';

/** What somebody signs in with besides a password: passkeys, and codes where they have one. */
@Component({
  selector: 'dk-factors',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [FormsModule, Waiting],
  template: `
    <dk-waiting [of]="factors" />
    @if (factors.value(); as f) {
      @if (f.passkeys.length || (f.passkeysHere && here)) {
        <section class="fields">
          <h2>{{ w().passkeys }}</h2>
          <p class="quiet">{{ w().passkeysHow }}</p>
          @for (p of f.passkeys; track p.id) {
            <p class="acts">
              <span>
                {{ p.name }}
                <span class="quiet">
                  {{ p.usedAt ? w().usedOn(words.day(p.usedAt)) : w().madeOn(words.day(p.madeAt)) }}
                  {{ p.here ? '' : ' · ' + p.host }}
                </span>
              </span>
              <button
                class="plain"
                type="button"
                [attr.aria-label]="w().takeOut + ': ' + p.name"
                (click)="forget(p.id)"
              >
                {{ w().takeOut }}
              </button>
            </p>
          }
          @if (f.passkeysHere && here) {
            <p class="acts">
              <button type="button" [attr.aria-disabled]="busy()" (click)="make()">{{ w().makePasskey }}</button>
            </p>
          }
          @if (fault()?.at === 'passkeys') {
            <p class="bad" role="alert">{{ fault()!.words }}</p>
          }
        </section>
      }
      @if (password() || f.codes) {
        <section class="fields">
          <h2>{{ w().codes }}</h2>
          @if (spare().length) {
            <p role="status">{{ w().spare }}</p>
            <ul class="spare" [attr.aria-label]="w().codes">
              @for (code of spare(); track code) {
                <li>{{ code }}</li>
              }
            </ul>
            <p class="acts">
              <button class="main" type="button" (click)="spare.set([])">{{ w().spareKept }}</button>
            </p>
          } @else if (f.codes) {
            <p class="quiet">{{ w().codesAsked(f.recoveryLeft) }}</p>
            <p class="acts">
              <button type="button" [attr.aria-disabled]="busy()" (click)="turnOff()">{{ w().codesOff }}</button>
            </p>
          } @else if (begun()) {
            <p>{{ w().codesRead }}</p>
            <img class="code" [src]="picture()" alt="" width="180" height="180" />
            <p class="secret">{{ begun()!.secret }}</p>
            <form (ngSubmit)="turnOn()">
              <label>
                {{ w().firstCode }}
                <input name="code" autocomplete="one-time-code" inputmode="numeric" maxlength="12" [(ngModel)]="code" />
              </label>
              <p class="acts">
                <button class="main" type="submit" [attr.aria-disabled]="busy()">{{ w().codesOn }}</button>
                <button class="plain" type="button" (click)="begun.set(null)">{{ w().close }}</button>
              </p>
            </form>
          } @else {
            <p class="quiet">{{ w().codesHow }}</p>
            <p class="acts">
              <button type="button" [attr.aria-disabled]="busy()" (click)="begin()">{{ w().codesSet }}</button>
            </p>
          }
          @if (fault()?.at === 'codes') {
            <p class="bad" role="alert">{{ fault()!.words }}</p>
          }
        </section>
      }
    }
  `,
})
export class FactorsPart {
  private readonly api = inject(DeskApi);
  protected readonly words = inject(Wording);
  protected readonly w = this.words.words;
  /** Whether they have a password: without one there is nothing that codes would stand beside. */
  readonly password = input.required<boolean>();
  protected readonly factors = loaded((api) => api.get<Factors>('/factors'));
  protected readonly here = passkeysHere();
  protected readonly begun = signal<NewCodes | null>(null);
  /** The picture as an address: no markup is put into the page. */
  protected readonly picture = computed(() => `data:image/svg+xml;utf8,${encodeURIComponent(this.begun()?.svg ?? '')}`);
  protected readonly code = signal('');
  protected readonly spare = signal<string[]>([]);
  /** What did not work, and with which of the two. */
  protected readonly fault = signal<{ at: 'passkeys' | 'codes'; words: string } | null>(null);
  protected readonly busy = signal(false);

  private async doing(at: 'passkeys' | 'codes', work: () => Promise<unknown>): Promise<void> {
    if (this.busy()) return;
    this.busy.set(true);
    this.fault.set(null);
    try {
      await work();
      this.factors.again();
    } catch (error) {
      const refused = refusalOf(error);
      const words =
        error instanceof NoPasskey
          ? this.w().noPasskey[error.why]
          : refused.status === 0
            ? this.w().away
            : refused.message;
      this.fault.set({ at, words });
    } finally {
      this.busy.set(false);
    }
  }

  protected make = (): Promise<void> =>
    this.doing('passkeys', async () => {
      const { ticket, options } = await firstValueFrom(
        this.api.post<{ ticket: string; options: unknown }>('/passkeys/options', {}),
      );
      const response = await makePasskey(options);
      await firstValueFrom(
        this.api.post('/passkeys', { ticket, name: deviceOf(navigator.userAgent).slice(0, 80), response }),
      );
    });
  protected forget = (id: string): Promise<void> =>
    this.doing('passkeys', () => firstValueFrom(this.api.delete(`/passkeys/${id}`)));
  protected begin = (): Promise<void> =>
    this.doing('codes', async () => this.begun.set(await firstValueFrom(this.api.post<NewCodes>('/codes', {}))));
  protected turnOn = (): Promise<void> =>
    this.doing('codes', async () => {
      const { recovery } = await firstValueFrom(
        this.api.put<{ recovery: string[] }>('/codes', { code: this.code().trim() }),
      );
      this.spare.set(recovery);
      this.begun.set(null);
      this.code.set('');
    });
  protected turnOff = (): Promise<void> => this.doing('codes', () => firstValueFrom(this.api.delete('/codes')));
}
