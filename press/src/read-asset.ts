import { createRequire } from 'node:module';
import { readFile } from 'node:fs/promises';

const require = createRequire(import.meta.url);
const cache = new Map<string, Promise<Buffer>>();

/** The bytes of a file that ships in a package, by its specifier. Read once, then kept. */
export function readAsset(specifier: string): Promise<Buffer> {
  let bytes = cache.get(specifier);
  if (!bytes) cache.set(specifier, (bytes = readFile(require.resolve(specifier))));
  return bytes;
}
