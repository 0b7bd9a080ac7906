import { readdir, rm, stat } from 'node:fs/promises';
import { join } from 'node:path';
import type { HostParts } from './public.js';
import { filesNamed } from './named.js';

type Clearing = Pick<HostParts, 'config' | 'sites' | 'blobs' | 'databases' | 'log'>;
/** So many of the designer’s releases can be gone back to; what the people of a site made of them stays for a while. */
export const KEPT_RELEASES = 30;
const DAY_MS = 86_400_000;

/**
 * Takes away what nobody needs any more: releases but the newest, and files that nothing kept of any site names and that came
 * more than a day ago. Where of one site nobody knows what it needs, no file goes.
 */
export async function clearAway(parts: Clearing, now = Date.now()): Promise<{ releases: number; files: number }> {
  const { config, sites, blobs, databases, log } = parts;
  const folder = join(config.data, 'sites');
  let releases = 0;
  for (const { settings, pointer, damage } of sites.all()) {
    if (damage.length) continue;
    const own = join(folder, settings.id, 'releases');
    const all = await Promise.all(
      (await readdir(own).catch(() => []))
        .filter((name) => name.endsWith('.json'))
        .map(async (name) => ({ id: name.slice(0, -5), at: (await stat(join(own, name))).mtimeMs })),
    );
    const newest = all.filter((r) => !r.id.startsWith('c-')).sort((a, b) => b.at - a.at);
    const kept = new Set([
      ...newest.slice(0, KEPT_RELEASES).map((r) => r.id),
      ...[pointer?.release, pointer?.before, pointer?.of],
    ]);
    for (const { id, at } of all)
      if (!kept.has(id) && now - at > DAY_MS) {
        await rm(join(own, `${id}.json`), { force: true });
        releases++;
      }
  }
  const needed = new Set<string>();
  try {
    for (const id of await sites.folders())
      for (const hash of await filesNamed({ databases, folder }, id)) needed.add(hash);
  } catch (error) {
    log.error({ err: error }, 'what sites need is not known: no file is cleared away');
    return { releases, files: 0 };
  }
  let files = 0;
  for (const hash of await blobs.all()) {
    // One that came lately may be of a release that is still on its way.
    if (needed.has(hash) || now - (await blobs.cameAt(hash)) < DAY_MS) continue;
    await blobs.takeOut(hash);
    files++;
  }
  return { releases, files };
}
