import { Problem } from '@tin-porch/core/ground';
import type { SiteDocument } from '@tin-porch/core/model';
import { leavingFolder, type FolderFile } from '@tin-porch/press/leaving';
import { originOf, pressRelease } from '../deploy/deploy.js';
import type { LiveChanges } from '../live/live-changes.js';
import type { Pictures } from '../pictures/pictures.js';
import type { ServerRow, Servers } from '../servers/servers.js';
import type { SiteRow } from '../sites/site-row.js';

/** What of a site is taken along. */
export interface Wanted {
  /** As visitors see it now, or as it is drafted. */
  which: 'live' | 'drafts';
  /** With what visitors sent, what was answered, and who is at the desk. */
  kept: boolean;
}

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
  async folder(site: SiteRow, { which, kept }: Wanted, signal?: AbortSignal): Promise<AsyncIterable<FolderFile>> {
    const server = site.server && site.liveRelease ? await this.servers.get(site.server) : undefined;
    if ((which === 'live' || kept) && !server)
      throw new Problem(409, 'The site is on no server yet', 'It can be taken along as it is drafted.');
    if (!site.document.pages.length) throw new Problem(409, 'There are no pages yet', 'Generate the site first.');
    const document = which === 'live' ? await this.liveDocument(site, server!) : site.document;
    const rows = kept ? await server!.client.kept(site.id) : null;
    const origin = server ? originOf(site, server) : `https://${site.domain ?? `${site.temporary}.example`}`;
    const { files } = await pressRelease(document, origin, this.pictures.readerOf(site.id), signal);
    return leavingFolder({ document, origin, served: files, kept: rows });
  }

  private async liveDocument(site: SiteRow, { client }: ServerRow): Promise<SiteDocument> {
    // The files of photographs that its people brought.
    await this.live.pull(site.id, client);
    return client.document(site.id);
  }
}
