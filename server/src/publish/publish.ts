import type { Rounds } from '../care/rounds.js';
import type { Certificates } from '../certificates/certificates.js';
import { deploySteps, lookOver, originOf, siteAndServer, tellHost, type DeployParts } from '../deploy/deploy.js';
import { JobLater, type Work } from '../jobs/jobs.js';
import { HostRefused } from '../servers/host-client.js';

/** Renew a certificate when it has fewer days left than this. */
export const RENEW_DAYS = 30;

/**
 * The whole of publishing, from a click: look at the checklist, bring the newest document to the server, have a
 * certificate where the domain needs one, open the site, and walk the way in as a visitor.
 */
export async function publishSteps(
  work: Work,
  parts: DeployParts & { certificates: Certificates; rounds: Rounds },
): Promise<void> {
  const { sites, servers, certificates, rounds } = parts;
  const { site, server } = await siteAndServer(sites, servers, work.job.site);
  await lookOver(work, site);
  // Not what was meant to be served counts, but what is.
  const served = await server.client.site(site.id).catch((error: unknown) => {
    if (error instanceof HostRefused && error.status === 404) return null;
    throw error;
  });
  const live = served?.pointer
    ? await sites.releases.get(site.id, served.pointer.of ?? served.pointer.release)
    : undefined;
  const lacking = live ? await server.client.missing(Object.values(live.manifest.files).map((f) => f.hash)) : [];
  if (
    !live ||
    live.head < site.head ||
    live.manifest.origin !== originOf(site, server) ||
    lacking.length ||
    served?.damage.length
  )
    await deploySteps(work, parts);
  if (site.domain) {
    const names = await certificates.namesOf(site.domain, server.address);
    if (!(await certificates.good(site.domain, names, RENEW_DAYS))) await certificates.steps(work);
  }
  await work.step('Open it to visitors', async () => {
    const now = (await sites.get(site.id))!;
    await tellHost({ ...now, open: true }, server);
    await sites.setOpen(site.id, true);
    return 'The holding page is off';
  });
  if (!site.domain) return;
  await work.step('Go in as a visitor', async () => {
    const links = await rounds.wayIn(site.id);
    const bad = links.find((l) => l.state !== 'good');
    if (bad) throw new JobLater(`${bad.title}: ${bad.detail}`, 10);
    return `${links.length} of ${links.length} links hold`;
  });
}
