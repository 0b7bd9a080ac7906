/** The address that what becomes of a letter is reported to (RFC 5321, 4.5.5): an address of its own for each. */
export const bounceAddress = (letter: string, domain: string): string => `bounce-${letter}@${domain}`;
