import { tradeWords } from '../trade-words.js';
import { tradeLines } from './trade-lines.js';

/** Trades by their id. */
export const trades = tradeWords(tradeLines, (noun) => `${/^[aeiou]/i.test(noun) ? 'an' : 'a'} ${noun}`);
