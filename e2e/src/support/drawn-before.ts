import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ENGINE } from '@tin-porch/core/page';

/**
 * Has what is served of a site on a hosting server be of the version of the renderer before: as an agent of that version
 * would have left it. The agent knows once it is started again. @param folder where the server keeps what is its own
 */
export function drawnBefore(folder: string, site: string): void {
  const own = join(folder, 'sites', site);
  const { release } = JSON.parse(readFileSync(join(own, 'current.json'), 'utf8')) as { release: string };
  const file = join(own, 'releases', `${release}.json`);
  const kept = JSON.parse(readFileSync(file, 'utf8')) as { manifest: { engine: number } };
  if (kept.manifest.engine !== ENGINE) throw new Error(`It is of version ${kept.manifest.engine} already.`);
  kept.manifest.engine = ENGINE - 1;
  writeFileSync(file, JSON.stringify(kept));
}
