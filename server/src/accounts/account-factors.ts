import { SecondFactors } from '@tin-porch/sign-in';
import type { Database } from '../db/database.js';
import type { Seal } from '../secrets/seal.js';
import type { Tries } from './tries.js';

/** The second factors of our own accounts; their secrets are kept closed. */
export const accountFactors = (db: Database, seal: Seal, tries: Tries): SecondFactors =>
  new SecondFactors({
    db,
    whose: 'account',
    issuer: 'Tin Porch',
    seal,
    counted: (mail, kind, work) => tries.counted(mail, kind, work),
  });
