import { inject, Injectable } from '@angular/core';
import type { Answer, Session } from '@tin-porch/contract';
import { firstValueFrom } from 'rxjs';
import { PorchApi } from '../api/porch-api';

/** The password was right; this is asked for besides. */
export type SecondAsked = Exclude<Answer<'POST /session'>, Session>;

/** Whether a browser can use passkeys at this address: a name, over TLS or of this machine. */
export const passkeysHere = (): boolean =>
  typeof PublicKeyCredential !== 'undefined' && isSecureContext && !/^[\d.]+$|^\[/.test(location.hostname);

/** The ways to sign in. What the browser itself refuses is thrown in words. */
@Injectable({ providedIn: 'root' })
export class SigningIn {
  private readonly api = inject(PorchApi);

  /** Gives what is asked for besides, or null where the session is open. */
  async withPassword(mail: string, password: string): Promise<SecondAsked | null> {
    const answer = await firstValueFrom(this.api.post<Answer<'POST /session'>>('/session', { mail, password }));
    if ('ticket' in answer) return answer;
    this.api.signedIn(answer);
    return null;
  }

  /** How somebody comes in who has no password at hand. */
  ways = (): Promise<Answer<'GET /session/ways'>> => firstValueFrom(this.api.get('/session/ways'));
  /** Asks for a link to another password; the answer says nothing about whether there is such an account. */
  forgot = (mail: string): Promise<void> => firstValueFrom(this.api.post<void>('/session/forgotten', { mail }));

  async withCode(ticket: string, code: string): Promise<void> {
    this.api.signedIn(await firstValueFrom(this.api.post<Session>('/session/second', { ticket, code })));
  }

  /** With a passkey alone, or as what a ticket asks for besides. */
  async withPasskey(second?: string): Promise<void> {
    const { ticket, options } = await firstValueFrom(
      this.api.post<Answer<'POST /session/passkey/options'>>(
        '/session/passkey/options',
        second ? { ticket: second } : {},
      ),
    );
    const { startAuthentication } = await import('@simplewebauthn/browser');
    const response = await startAuthentication({ optionsJSON: options as never }).catch(refusedByBrowser);
    this.api.signedIn(await firstValueFrom(this.api.post<Session>('/session/passkey', { ticket, response })));
  }

  /** Makes a passkey for whoever is signed in. */
  async makePasskey(name: string): Promise<void> {
    const { ticket, options } = await firstValueFrom(
      this.api.post<Answer<'POST /account/passkeys/options'>>('/account/passkeys/options'),
    );
    const { startRegistration } = await import('@simplewebauthn/browser');
    const response = await startRegistration({ optionsJSON: options as never }).catch(refusedByBrowser);
    await firstValueFrom(this.api.post('/account/passkeys', { ticket, name, response }));
  }
}

/** @throws Error saying why there is no passkey */
function refusedByBrowser(error: unknown): never {
  const name = error instanceof Error ? error.name : '';
  throw new Error(
    name === 'InvalidStateError'
      ? 'There is a passkey of yours on this device already.'
      : 'The browser gave no passkey. Nothing was changed.',
  );
}
