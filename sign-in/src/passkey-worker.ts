import {
  verifyAuthenticationResponse,
  verifyRegistrationResponse,
  type VerifyAuthenticationResponseOpts,
  type VerifyRegistrationResponseOpts,
} from '@simplewebauthn/server';
import { answerWith } from '@tin-porch/press/threads';
import type { PasskeyRequest, ShownPasskey } from './passkeys.js';

/** What an authenticator sends is CBOR made by anybody: it is read here, where reading it can hold up nobody. */
answerWith<PasskeyRequest>(async ({ what, options }): Promise<ShownPasskey | null> => {
  if (what === 'registration') {
    const made = await verifyRegistrationResponse(options as VerifyRegistrationResponseOpts);
    if (!made.verified) return null;
    const { id, publicKey, counter, transports = [] } = made.registrationInfo.credential;
    return { id, publicKey, counter, transports };
  }
  const { credential } = options as VerifyAuthenticationResponseOpts;
  const shown = await verifyAuthenticationResponse(options as VerifyAuthenticationResponseOpts);
  return shown.verified
    ? { ...credential, transports: credential.transports ?? [], counter: shown.authenticationInfo.newCounter }
    : null;
});
