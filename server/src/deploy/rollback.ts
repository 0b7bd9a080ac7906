import { JobRefused, type Work } from '../jobs/jobs.js';
import { bringInLive, siteAndServer, switchOver, type DeployParts } from './deploy.js';

/**
 * Serves another release of a site that its server still has. Every step can be run again: killed anywhere, it starts
 * over and ends with server and database naming the same release.
 */
export async function rollbackSteps(
  work: Work,
  { sites, servers, live }: Pick<DeployParts, 'sites' | 'servers' | 'live'>,
): Promise<void> {
  const { site, server } = await siteAndServer(sites, servers, work.job.site);
  const id = String(work.job.input['release']);
  const release = await sites.releases.get(site.id, id);
  if (!release) throw new JobRefused('There is no such release.');
  // What its people changed is among the drafts then, whatever is served.
  const { knows } = await bringInLive(work, { live }, site, server);
  await work.step('Serve it', async () => {
    await switchOver(server, site.id, id, knows);
    return release.what[0] ?? id;
  });
  await work.step('See what is served', async () => {
    const { pointer } = await server.client.site(site.id);
    if (pointer?.release !== id) throw new Error(`${server.name} serves ${pointer?.release ?? 'nothing'}.`);
    await sites.releases.markLive(site.id, id);
    return 'Served from now on';
  });
}
