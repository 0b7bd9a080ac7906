import type { RenderedFile } from '@tin-porch/core';
import { readAsset } from './read-asset.js';

/** The bytes of every file of a rendered site. */
export function renderedBytes(files: RenderedFile[]): Promise<{ path: string; type: string; bytes: Buffer }[]> {
  return Promise.all(
    files.map(async (f) => ({
      path: f.path,
      type: f.type,
      bytes: 'asset' in f ? await readAsset(f.asset) : Buffer.from(f.text, 'utf8'),
    })),
  );
}
