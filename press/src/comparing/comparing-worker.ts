import { answerWith } from '../threads/answer.js';
import { compare } from './compare.js';

answerWith<{ before: Uint8Array; now: Uint8Array }>(({ before, now }) => compare(before, now));
