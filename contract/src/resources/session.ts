import { Type } from '@sinclair/typebox';
import type {
  PublicKeyCredentialCreationOptionsJSON,
  PublicKeyCredentialRequestOptionsJSON,
  AuthenticationResponseJSON,
  RegistrationResponseJSON,
} from '../webauthn.js';
import { ROLES, route } from '../route.js';
import { Count, given, Instant, object, oneOf, orNull, Uuid, words } from '../schemas.js';

/** A role somebody has. */
export const RoleName = oneOf(ROLES);
/** Whoever signed in, in which organisation, and the token that every change has to carry. */
export const Session = object({
  designer: object({ id: Uuid, mail: Type.String(), name: Type.String(), role: RoleName }),
  organisation: Type.String(),
  csrf: Type.String(),
});
/** The password was right, and a second factor is asked for. */
export const SecondAsked = object({ ticket: Type.String(), ways: Type.Array(oneOf(['code', 'passkey'])) });

const Ticket = words(64, '^[\\w-]{43}$');
const Password = words(200);
const Code = words(40);
/** What an authenticator answers (WebAuthn, 5.1); the server checks it whole. */
const Assertion = Type.Unsafe<AuthenticationResponseJSON>({ type: 'object' });
const Attestation = Type.Unsafe<RegistrationResponseJSON>({ type: 'object' });

export const session = {
  'POST /session': route({
    says: 'Signs in with a password.',
    role: 'anybody',
    body: object({ mail: words(254), password: Password }),
    answer: Type.Union([Session, SecondAsked]),
  }),
  'POST /session/second': route({
    says: 'Goes on signing in with a one-time code (RFC 6238) or a recovery code.',
    role: 'anybody',
    body: object({ ticket: Ticket, code: Code }),
    answer: Session,
  }),
  'POST /session/passkey/options': route({
    says: 'Begins signing in with a passkey: alone, or as the second factor a ticket asks for.',
    role: 'anybody',
    body: Type.Object({ ticket: Type.Optional(Ticket) }, { additionalProperties: false }),
    answer: object({ ticket: Ticket, options: given<PublicKeyCredentialRequestOptionsJSON>() }),
  }),
  'POST /session/passkey': route({
    says: 'Signs in with a passkey.',
    role: 'anybody',
    body: object({ ticket: Ticket, response: Assertion }),
    answer: Session,
  }),
  'GET /session/ways': route({
    says: 'Whether a link can be sent to whoever forgot their password.',
    role: 'anybody',
    answer: object({ mail: Type.Boolean() }),
  }),
  'POST /session/forgotten': route({
    says: 'Writes a link to another password to that address, where there is an account of it. The answer says nothing about that.',
    role: 'anybody',
    body: object({ mail: words(254) }),
  }),
  'GET /session': route({ says: 'Who is signed in.', role: 'accountant', answer: Session }),
  'DELETE /session': route({ says: 'Signs out.', role: 'accountant' }),
  'PUT /session/password': route({
    says: 'Changes one’s password; one’s other sessions end.',
    role: 'accountant',
    body: object({ now: Password, next: Password }),
  }),
};

export const account = {
  'GET /account': route({
    says: 'One’s sessions and second factors.',
    role: 'accountant',
    answer: object({
      sessions: Type.Array(
        object({
          id: Uuid,
          here: Type.Boolean(),
          agent: Type.String(),
          address: Type.String(),
          createdAt: Instant,
          seenAt: Instant,
        }),
      ),
      codes: Type.Boolean(),
      recoveryLeft: Count,
      passkeys: Type.Array(
        object({
          id: Uuid,
          name: Type.String(),
          host: Type.String({ description: 'The name it is bound to; empty where that was not kept.' }),
          madeAt: Instant,
          usedAt: orNull(Instant),
        }),
      ),
      passkeysHere: Type.Boolean({
        description: 'False where the address is an IP address: browsers allow none there.',
      }),
      letters: orNull(
        Type.Boolean({
          description: 'Whether letters about sites are wanted; null where none go out, or not to this role.',
        }),
      ),
    }),
  }),
  'PUT /account': route({
    says: 'Changes one’s name.',
    role: 'accountant',
    body: object({ name: Type.String({ minLength: 1, maxLength: 80, pattern: '\\S' }) }),
  }),
  'PUT /account/letters': route({
    says: 'Says whether one wants letters about sites: what cannot wait, and each morning what there is to do.',
    role: 'designer',
    body: object({ wanted: Type.Boolean() }),
  }),
  'DELETE /account/sessions/:session': route({ says: 'Ends one of one’s sessions.', role: 'accountant' }),
  'DELETE /account/sessions': route({ says: 'Ends all of one’s other sessions.', role: 'accountant' }),
  'POST /account/codes': route({
    says: 'Makes a secret for one-time codes. They are asked for once a first one was given.',
    role: 'accountant',
    answer: object({ secret: Type.String(), uri: Type.String(), svg: Type.String() }),
  }),
  'PUT /account/codes': route({
    says: 'Turns one-time codes on with a first one; answers the recovery codes, once.',
    role: 'accountant',
    body: object({ code: Code }),
    answer: object({ recovery: Type.Array(Type.String()) }),
  }),
  'POST /account/codes/off': route({
    says: 'Turns one-time codes off.',
    role: 'accountant',
    body: object({ password: Password }),
  }),
  'POST /account/passkeys/options': route({
    says: 'Begins making a passkey.',
    role: 'accountant',
    answer: object({ ticket: Ticket, options: given<PublicKeyCredentialCreationOptionsJSON>() }),
  }),
  'POST /account/passkeys': route({
    says: 'Keeps a passkey.',
    role: 'accountant',
    body: object({ ticket: Ticket, name: words(80), response: Attestation }),
    status: 201,
    answer: object({ id: Uuid }),
  }),
  'DELETE /account/passkeys/:passkey': route({ says: 'Takes a passkey away.', role: 'accountant' }),
};
