// The JSON forms of WebAuthn Level 3, as far as they are handed on.

interface Described {
  id: string;
  type: string;
  transports?: string[];
}

export interface PublicKeyCredentialRequestOptionsJSON {
  challenge: string;
  timeout?: number;
  rpId?: string;
  allowCredentials?: Described[];
  userVerification?: string;
}
export interface PublicKeyCredentialCreationOptionsJSON {
  rp: { name: string; id?: string };
  user: { id: string; name: string; displayName: string };
  challenge: string;
  pubKeyCredParams: { alg: number; type: 'public-key' }[];
  timeout?: number;
  excludeCredentials?: Described[];
  attestation?: string;
}
interface Credential {
  id: string;
  rawId: string;
  type: 'public-key';
  clientExtensionResults: object;
}
export interface AuthenticationResponseJSON extends Credential {
  response: { clientDataJSON: string; authenticatorData: string; signature: string; userHandle?: string };
}
export interface RegistrationResponseJSON extends Credential {
  response: { clientDataJSON: string; attestationObject: string; transports?: string[] };
}
