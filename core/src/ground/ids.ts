import { shortHash } from './random.js';

/**
 * An id of eleven characters made from what it is for (a version, a section, a place in it): the same words give the same
 * id, other words another one but for one chance in 2⁴⁰. It begins with a letter, so that it is never taken for a number.
 */
export const idFrom = (...about: readonly (string | number)[]): string => {
  const words = about.join('\n');
  return `i${shortHash(words)}${shortHash(`again\n${words}`).slice(0, 2)}`;
};
