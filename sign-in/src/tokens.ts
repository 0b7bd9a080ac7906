import { createHash, randomBytes } from 'node:crypto';

/** A token nobody guesses: 32 random bytes, base64url. Only its digest is kept. */
export const newToken = (): string => randomBytes(32).toString('base64url');
export const isToken = (token: string): boolean => /^[\w-]{43}$/.test(token);
export const digest = (token: string): Buffer => createHash('sha256').update(token).digest();
/** What a session is called where its token must not be told. */
export const sessionName = (token: string): string => digest(token).toString('hex').slice(0, 32);
