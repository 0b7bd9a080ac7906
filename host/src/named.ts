import { readdir, readFile } from 'node:fs/promises';
import { join } from 'node:path';
import type { Databases } from './databases.js';

/** What of a site’s tables names files: pictures that were brought, and documents and changes with pictures in them. */
const NAMING = [
  ['picture', 'medium'],
  ['content', 'document'],
  ['document', 'body'],
  ['step', 'op'],
  ['step', 'inverse'],
  ['proposal', 'op'],
  ['planned', 'changes'],
] as const;

/** Every SHA-256 in a text, be it of a served file, of a picture in some size, or of what one was made from. */
const named = (text: string): string[] => text.match(/\b[0-9a-f]{64}\b/g) ?? [];

/**
 * Every file that something kept of a site names: its releases, and what its people brought or changed. Some may not be here.
 * @param releases those that count; all that are kept where left out
 * @throws Error where a release cannot be read or the database does not answer: then nobody knows
 */
export async function filesNamed(
  { databases, folder }: { databases: Pick<Databases, 'has' | 'pool'>; folder: string },
  id: string,
  releases?: ReadonlySet<string>,
): Promise<Set<string>> {
  const found = new Set<string>();
  const own = join(folder, id, 'releases');
  const names = await readdir(own).catch((error: NodeJS.ErrnoException) => {
    if (error.code !== 'ENOENT') throw error;
    return [];
  });
  for (const name of names) {
    if (!name.endsWith('.json') || (releases && !releases.has(name.slice(0, -5)))) continue;
    for (const hash of named(await readFile(join(own, name), 'utf8'))) found.add(hash);
  }
  if (await databases.has(id)) {
    const pool = await databases.pool(id);
    for (const [table, column] of NAMING) {
      const { rows } = await pool.query<{ hash: string }>(
        `select distinct (regexp_matches(${column}::text, '\\y[0-9a-f]{64}\\y', 'g'))[1] as hash from ${table}`,
      );
      for (const { hash } of rows) found.add(hash);
    }
  }
  return found;
}
