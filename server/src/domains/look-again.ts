import type { PorchConfig } from '../config.js';
import { senderOf, tellHost } from '../deploy/deploy.js';
import type { ServerRow } from '../servers/servers.js';
import type { DomainSeen, SiteHead } from '../sites/site-row.js';
import type { Sites } from '../sites/sites.js';
import { lookRound } from './look-round.js';
import type { Registrar } from './registrar.js';

/**
 * Asks all name servers about the domain of a site, and keeps what they say. Where letters of the site may come from its
 * domain by that and do not, or do and may not, its server is told.
 */
export async function lookAgain(
  { sites, config, registrar }: { sites: Sites; config: PorchConfig; registrar: Registrar },
  site: SiteHead,
  domain: string,
  server: ServerRow | undefined,
): Promise<DomainSeen> {
  const known = site.domainSeen?.mail ?? null;
  // A server that does not answer now has the key it had.
  const mail = server && site.liveRelease ? await server.client.mail(site.id).catch(() => known) : null;
  const seen = await lookRound(domain, server?.address ?? '0.0.0.0', config, registrar, mail);
  const wanted = senderOf({ ...site, domain, domainSeen: seen });
  // Where nobody answered nothing is known, and nothing is changed; a server that does not answer now is told next time.
  if (server && seen.mail && !seen.error && seen.mail.now !== wanted)
    await tellHost({ ...site, domain, domainSeen: seen }, server).then(
      () => (seen.mail = { ...seen.mail!, now: wanted }),
      () => undefined,
    );
  await sites.setDomainSeen(site.id, seen);
  return seen;
}
