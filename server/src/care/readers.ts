import { putLetter } from '@tin-porch/mail';
import type { Queryable } from '../db/database.js';

/** Roles that look after sites, and are written to about them. */
export const ROLES_WRITTEN_TO: readonly string[] = ['owner', 'designer'];

/** Who of an organisation is written to about its sites: those who look after them, unless they want no letters. */
export async function readersOf(db: Queryable, organisation: string): Promise<{ id: string; mail: string }[]> {
  const { rows } = await db.query<{ id: string; mail: string }>(
    `select id, mail from account where organisation = $1 and role = any($2) and care_letters order by created_at, id`,
    [organisation, ROLES_WRITTEN_TO],
  );
  return rows;
}

/** Puts a letter by for each of them, once for one cause. Gives how many there are. */
export async function lettersTo(
  db: Queryable,
  organisation: string,
  cause: string,
  letter: { subject: string; text: string },
): Promise<number> {
  let written = 0;
  for (const { id, mail } of await readersOf(db, organisation))
    if (await putLetter(db, { ...letter, cause: `${cause} to ${id}`, to: mail })) written++;
  return written;
}

/** A moment of this day as letters say it. */
export const hour = (at: Date): string => `${at.toISOString().slice(11, 16)} UTC`;
/** Words that began a line, within one. */
export const lower = (words: string): string => words.replace(/^./, (c) => c.toLowerCase());
