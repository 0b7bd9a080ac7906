import { temporaryAddress } from '../deploy/deploy.js';
import { HostRefused, type HostClient } from '../servers/host-client.js';
import type { ServerRow } from '../servers/servers.js';
import type { ReleaseRow } from '../sites/releases.js';
import type { SiteHead, SiteRow } from '../sites/site-row.js';
import type { Sites } from '../sites/sites.js';

/** Where a visitor finds a site: at its domain over TLS where it is open; else at its temporary address, with a ticket. */
export interface Reach {
  secure: boolean;
  host: string;
  /** Where the server itself is, wherever the name leads. */
  address: string;
  port: number;
  /** What a preview is seen with. */
  preview: string | null;
}

/** How a site is reached from outside, its server asked for itself: so one trouble does not hide another. */
export async function reachOf(
  site: Pick<SiteHead, 'id' | 'domain' | 'open' | 'temporary'>,
  server: ServerRow & { client: HostClient },
): Promise<Reach> {
  if (site.domain !== null && site.open)
    return { secure: true, host: site.domain, address: server.address, port: server.httpsPort, preview: null };
  return {
    ...{ secure: false, host: `${site.temporary}.${server.temporaryBase}` },
    ...{ address: temporaryAddress(server), port: server.temporaryPort },
    preview: (await server.client.preview(site.id, 1)).token,
  };
}

/** The release visitors see, whatever has been drafted since, and what its server says of it; undefined where there is none. */
export async function servedOf(sites: Sites, site: SiteRow, client: HostClient) {
  const served = await client.site(site.id).catch((error: unknown) => {
    if (error instanceof HostRefused && error.status === 404) return null;
    throw error;
  });
  const id = served?.pointer?.of ?? served?.pointer?.release ?? site.liveRelease;
  const release = id ? await sites.releases.get(site.id, id) : undefined;
  return release && { served, release, paths: pathsOf(release) };
}

/** The paths of the pages of a release, in order. */
export const pathsOf = ({ manifest }: Pick<ReleaseRow, 'manifest'>): string[] =>
  Object.keys(manifest.files)
    .filter((path) => path.endsWith('/index.html'))
    .map((path) => path.slice(0, -'index.html'.length))
    .sort();
