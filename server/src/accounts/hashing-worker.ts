import { scryptSync } from 'node:crypto';
import { answerWith } from '@tin-porch/press/threads';

/** A password to be hashed by scrypt (RFC 7914). */
export interface HashRequest {
  password: string;
  salt: Uint8Array;
  length: number;
  cost: { N: number; r: number; p: number };
}

answerWith<HashRequest>(({ password, salt, length, cost }) =>
  scryptSync(password, salt, length, { ...cost, maxmem: 64 * 1024 * 1024 }),
);
