import { toDesignTokens } from '@tin-porch/core/look';
import type { SiteDocument } from '@tin-porch/core/model';
import { contentFiles } from '@tin-porch/core/page';
import { cmsFiles } from './cms-files.js';

/** A file of a site that stands by itself; its path is within the site’s folder. */
export interface FolderFile {
  path: string;
  bytes: string | Uint8Array;
}
/** A file that visitors are served, by its address. */
export interface ServedFile {
  path: string;
  bytes: string | Uint8Array;
}

/** The folders that are made anew whole, whenever a site is put beside one that was there. */
export const OWN_FOLDERS = ['public', 'content', 'cms'] as const;
/** What a site’s kept rows are called in its folder, for `restore`. */
export const KEPT_FILE = 'kept.jsonl.gz';

/**
 * All that a site needs to stand by itself: its files as they are served, its document, its words as Markdown, its look as
 * design tokens, and the CMS it runs on.
 */
export async function* siteFolder(
  document: SiteDocument,
  served: Iterable<ServedFile> | AsyncIterable<ServedFile>,
): AsyncGenerator<FolderFile> {
  for await (const f of served) yield { path: `public${f.path}`, bytes: f.bytes };
  for (const f of contentFiles(document)) yield { path: `content/${f.path}`, bytes: f.text };
  yield* await cmsFiles();
  yield { path: 'tokens.json', bytes: `${JSON.stringify(toDesignTokens(document.look), null, 2)}\n` };
  yield { path: 'site.json', bytes: `${JSON.stringify(document, null, 2)}\n` };
}

const readmeOf = (name: string, origin: string, kept: boolean): string => `# ${name}

This folder is the whole site, and what it runs on: \`public/\` has its files, \`site.json\` its document, \`content/\` its words as Markdown, \`tokens.json\` its look, \`cms/\` the CMS with the desk of its people (MIT licence, \`cms/README.md\`).${
  kept
    ? ` \`${KEPT_FILE}\` has what visitors sent, what was answered, and who is at the desk: keep it as you would keep letters.`
    : ''
}

The files of \`public/\` can be served by any web server as they are. With forms and the desk it needs Node 20 and PostgreSQL:

    createdb mysite
    export DATABASE_URL=postgres://me@127.0.0.1/mysite
${kept ? `    node cms/cms.mjs restore ${KEPT_FILE}\n` : ''}    node cms/cms.mjs serve --origin ${origin}
${
  kept
    ? '\nPeople come in at the desk with the passwords they had; whoever came by links is let in anew by `invite`.\n'
    : '\nNobody is at the desk yet: `node cms/cms.mjs invite MAIL NAME` lets somebody in.\n'
}`;

/** What goes with whoever takes a site elsewhere. */
export interface Leaver {
  document: SiteDocument;
  /** Where visitors read it. */
  origin: string;
  served: Iterable<ServedFile> | AsyncIterable<ServedFile>;
  /** What is kept of people, as a backup; null where that stays. */
  kept: Uint8Array | null;
}
/** A site by itself, with what is kept of people where that goes along, and what to do with all of it. */
export async function* leavingFolder({ document, origin, served, kept }: Leaver): AsyncGenerator<FolderFile> {
  yield { path: 'README.md', bytes: readmeOf(document.facts.name || document.id, origin, kept !== null) };
  // Nobody is there any more to whom something would be left.
  const { locks: _, ...own } = document;
  yield* siteFolder(own, served);
  if (kept) yield { path: KEPT_FILE, bytes: kept };
}
