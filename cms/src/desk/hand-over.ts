import type { Pool } from 'pg';
import type { Letter } from '@tin-porch/mail';
import { leaveAll } from '@tin-porch/core/operations';
import type { Content } from '../content.js';
import { transaction } from '../transaction.js';
import { People } from './people.js';

/** A site that is handed over: to whom, by whom, and whether all of it is to be theirs to change. */
export interface HandOver {
  /** What the step is called by which parts that were kept are left to them: sent twice, it is one. */
  id: string;
  to: { person: string } | { name: string; mail: string };
  by: string;
  unlock: boolean;
}

/**
 * Hands a site over: it is somebody’s own from then on, and what was kept from them is theirs to change, both or neither.
 * Gives the token of a link for whoever was not at the desk before, and whether the site has a step that is not served yet.
 * @throws Problem 404, or 409 where the address is taken or the site is not there yet
 */
export async function handOver(
  db: Pool,
  content: Content,
  { id, to, by, unlock }: HandOver,
  write?: (to: { name: string; mail: string }, token: string | null) => Letter,
): Promise<{ token: string | null; changed: boolean }> {
  return transaction(db, async (client) => {
    const { token } = await new People(db).handOver(client, to, by, write);
    const step = unlock ? await content.changeWithin(client, id, leaveAll, { id: null, name: by }) : null;
    return { token, changed: step !== null };
  });
}
