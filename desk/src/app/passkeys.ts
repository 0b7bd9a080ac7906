/** Whether a browser can use passkeys at this address: a name, over TLS or of this machine. */
export const passkeysHere = (): boolean =>
  typeof PublicKeyCredential !== 'undefined' && isSecureContext && !/^[\d.]+$|^\[/.test(location.hostname);

/** Why the browser gave no passkey: it has one already, or nobody touched it. */
export class NoPasskey extends Error {
  constructor(readonly why: 'there' | 'none') {
    super(why);
  }
}
const refused = (error: unknown): never => {
  throw new NoPasskey(error instanceof Error && error.name === 'InvalidStateError' ? 'there' : 'none');
};

/** Has the browser make a passkey (WebAuthn Level 3). @throws NoPasskey */
export async function makePasskey(options: unknown): Promise<object> {
  const { startRegistration } = await import('@simplewebauthn/browser');
  return startRegistration({ optionsJSON: options as never }).catch(refused);
}
/** Has the browser show a passkey. @throws NoPasskey */
export async function showPasskey(options: unknown): Promise<object> {
  const { startAuthentication } = await import('@simplewebauthn/browser');
  return startAuthentication({ optionsJSON: options as never }).catch(refused);
}

/** What a browser calls itself, as far as anybody can read it. */
export function deviceOf(agent: string): string {
  const [, inside] = /\(([^)]*)\)/.exec(agent) ?? [];
  return inside?.split(';').slice(0, 2).join(',') || agent || '?';
}
