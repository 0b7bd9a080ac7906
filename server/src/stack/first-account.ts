import { migrate, openDatabase } from '../db/database.js';
import { Accounts } from '../accounts/accounts.js';

/** Whether anybody can sign in yet. Brings the schema up to date on the way. */
export async function hasAccounts(databaseUrl: string): Promise<boolean> {
  await migrate(databaseUrl);
  const db = openDatabase(databaseUrl);
  try {
    return ((await db.query('select 1 from account limit 1')).rowCount ?? 0) > 0;
  } finally {
    await db.end();
  }
}

/** The password every first account once had: whoever still has it is given another. */
const RETIRED = 'a-dry-place-to-work';

/** Whether the first account still has the password that was the same for everybody. */
export async function hasRetiredPassword(databaseUrl: string, mail: string): Promise<boolean> {
  const db = openDatabase(databaseUrl);
  try {
    return await new Accounts(db).passwordIs(mail, RETIRED);
  } finally {
    await db.end();
  }
}

/** Makes the first account, or gives it this password. */
export async function putFirst(
  databaseUrl: string,
  { mail, name, password }: { mail: string; name: string; password: string },
): Promise<void> {
  const db = openDatabase(databaseUrl);
  try {
    const accounts = new Accounts(db);
    if (!(await accounts.put(mail, name, password))) await accounts.resetPassword(mail, password);
  } finally {
    await db.end();
  }
}
