/** Lines in the log of a desk by which a guess at a password, or at a code, is known to whoever looks after the site. */
export const GUESSED = 'Wrong passwords or codes, again and again';
export const IN_AFTER_GUESSES = 'Signed in after wrong passwords or codes, again and again';
