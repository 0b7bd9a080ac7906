import { toDesignTokens } from '@tin-porch/core/look';
import type { SiteDocument } from '@tin-porch/core/model';
import { contentFiles } from '@tin-porch/core/page';
import type { PressedFile } from '@tin-porch/press';
import { cmsFiles } from './cms-files.js';

/** A file of a site that stands by itself; its path is within the site’s folder. */
export interface FolderFile {
  path: string;
  bytes: string | Uint8Array;
}

/** The folders that are made anew whole, whenever a site is put beside one that was there. */
export const OWN_FOLDERS = ['public', 'content', 'cms'] as const;

/**
 * All that a site needs to stand by itself: its pressed files, its document, its words as Markdown, its look as design
 * tokens, and the CMS it runs on.
 */
export async function siteFolder(document: SiteDocument, pressed: readonly PressedFile[]): Promise<FolderFile[]> {
  return [
    ...pressed.map((f) => ({ path: `public${f.path}`, bytes: f.bytes })),
    ...contentFiles(document).map((f) => ({ path: `content/${f.path}`, bytes: f.text })),
    ...(await cmsFiles()),
    { path: 'tokens.json', bytes: `${JSON.stringify(toDesignTokens(document.look), null, 2)}\n` },
    { path: 'site.json', bytes: `${JSON.stringify(document, null, 2)}\n` },
  ];
}
