import { Problem } from '@tin-porch/core/ground';
import type { SiteDocument } from '@tin-porch/core/model';
import { originOf, pressRelease } from '../deploy/deploy.js';
import type { LiveChanges } from '../live/live-changes.js';
import type { Pictures } from '../pictures/pictures.js';
import type { ServerRow, Servers } from '../servers/servers.js';
import type { SiteRow } from '../sites/site-row.js';
import { siteFolder, type FolderFile } from './site-folder.js';

/** What of a site is taken along. */
export interface Wanted {
  /** As visitors see it now, or as it is drafted. */
  which: 'live' | 'drafts';
  /** With what visitors sent, what was answered, and who is at the desk. */
  kept: boolean;
}
/** What a site’s kept rows are called in its folder, for `restore`. */
export const KEPT_FILE = 'kept.jsonl.gz';

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

/** Takes sites out of here whole, so that they stand by themselves. */
export class Leaving {
  constructor(
    private readonly servers: Pick<Servers, 'get'>,
    private readonly live: LiveChanges,
    private readonly pictures: Pictures,
  ) {}

  /**
   * All files of a site by itself. What its people changed is brought in first, so that none of it stays behind.
   * @throws Problem 409 where there is nothing to take along, JobLater where its server does not answer
   */
  async folder(site: SiteRow, { which, kept }: Wanted, signal?: AbortSignal): Promise<FolderFile[]> {
    const server = site.server && site.liveRelease ? await this.servers.get(site.server) : undefined;
    if ((which === 'live' || kept) && !server)
      throw new Problem(409, 'The site is on no server yet', 'It can be taken along as it is drafted.');
    if (!site.document.pages.length) throw new Problem(409, 'There are no pages yet', 'Generate the site first.');
    // Nobody is there any more to whom something would be left.
    const { locks: _, ...document } = which === 'live' ? await this.liveDocument(site, server!) : site.document;
    const rows = kept ? await server!.client.kept(site.id) : null;
    const origin = server ? originOf(site, server) : `https://${site.domain ?? `${site.temporary}.example`}`;
    const { files } = await pressRelease(document, origin, this.pictures.readerOf(site.id), signal);
    return [
      { path: 'README.md', bytes: readmeOf(site.summary.name || site.id, origin, kept) },
      ...(await siteFolder(document, files)),
      ...(rows ? [{ path: KEPT_FILE, bytes: rows }] : []),
    ];
  }

  private async liveDocument(site: SiteRow, { client }: ServerRow): Promise<SiteDocument> {
    // The files of photographs that its people brought.
    await this.live.pull(site.id, client);
    return client.document(site.id);
  }
}
