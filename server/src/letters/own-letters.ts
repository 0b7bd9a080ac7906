import type { Letter } from '@tin-porch/mail';

/** Where a link leads that makes an account, or gives it another password. */
const linkTo = (origin: string, token: string): string => `${origin}/link/${token}`;
const day = (at: Date): string => new Intl.DateTimeFormat('en-GB', { dateStyle: 'long', timeZone: 'UTC' }).format(at);

/** A link as it was made: its token is told once. */
export interface MadeLink {
  token: string;
  endsAt: Date;
}

/** The letter by which somebody is asked to come to an organisation. */
export const invitationLetter = (
  origin: string,
  to: string,
  { token, endsAt }: MadeLink,
  { by, organisation }: { by: string; organisation: string },
): Letter => ({
  cause: `invitation ${token.slice(0, 12)}`,
  to,
  subject: `${by} asks you to come to ${organisation}`,
  text: `${by} asks you to look after client sites with ${organisation}, in Tin Porch. This link makes your account. It is good once, until ${day(endsAt)}:\n\n${linkTo(origin, token)}\n\nIf you do not know ${by}, nothing has to be done.\n`,
});

/** The letter with a link by which an owner lets somebody take another password. */
export const resetLetter = (origin: string, to: string, { token, endsAt }: MadeLink, by: string): Letter => ({
  cause: `reset ${token.slice(0, 12)}`,
  to,
  subject: 'Another password for Tin Porch',
  text: `${by} lets you take another password. Codes and passkeys of your account end with the old one. This link is good once, until ${day(endsAt)}:\n\n${linkTo(origin, token)}\n`,
});

/** The letter with a link that somebody asked for who forgot their password. */
export const forgottenLetter = (origin: string, to: string, { token }: MadeLink): Letter => ({
  cause: `forgotten ${token.slice(0, 12)}`,
  to,
  subject: 'Your way back into Tin Porch',
  text: `This link lets you take another password. It is good once, for an hour:\n\n${linkTo(origin, token)}\n\nIf you did not ask for it, nothing has to be done: your password is what it was.\n`,
});
