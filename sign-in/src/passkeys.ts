import type { VerifyAuthenticationResponseOpts, VerifyRegistrationResponseOpts } from '@simplewebauthn/server';
import { Thread } from '@tin-porch/press/threads';

/** What a browser sent of a passkey: nobody has looked at it yet. */
export interface Sent {
  readonly id?: unknown;
}
/** What was sent (WebAuthn Level 3, 7.1 and 7.2) and what it is held against. */
export type PasskeyRequest =
  | { what: 'registration'; options: Held<VerifyRegistrationResponseOpts> }
  | { what: 'authentication'; options: Held<VerifyAuthenticationResponseOpts> };
type Held<O> = Omit<O, 'response'> & { response: Sent };
type OptionsOf<W> = Extract<PasskeyRequest, { what: W }>['options'];

/** A passkey that was shown or made. `counter` is how often it has been used by its own account. */
export interface ShownPasskey {
  id: string;
  publicKey: Uint8Array;
  counter: number;
  transports: string[];
}

const reading = new Thread(
  (ending) => new URL(`./passkey-worker${ending}`, import.meta.url),
  import.meta.url.endsWith('.mjs'),
  { mostMs: 3000, mostWaiting: 20, memory: { maxOldGenerationSizeMb: 64, stackSizeMb: 2 } },
);

/** The passkey somebody has shown or made, read in a thread with limits; null where it is none, or not the one asked for. */
export async function verified<W extends PasskeyRequest['what']>(
  what: W,
  options: OptionsOf<W>,
): Promise<ShownPasskey | null> {
  return (await reading.ask({ what, options }).catch(() => null)) as ShownPasskey | null;
}
