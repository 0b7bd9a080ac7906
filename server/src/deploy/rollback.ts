import { JobRefused, type Work } from '../jobs/jobs.js';
import type { Servers } from '../servers/servers.js';
import type { Sites } from '../sites/sites.js';
import { siteAndServer } from './deploy.js';

/**
 * Serves another release of a site that its server still has. Every step can be run again: killed anywhere, it starts
 * over and ends with server and database naming the same release.
 */
export async function rollbackSteps(work: Work, sites: Sites, servers: Servers): Promise<void> {
  const { site, server } = await siteAndServer(sites, servers, work.job.site);
  const id = String(work.job.input['release']);
  const release = await sites.releases.get(site.id, id);
  if (!release) throw new JobRefused('There is no such release.');
  await work.step('Serve it', async () => {
    await server.client.switchTo(site.id, id);
    return release.what[0] ?? id;
  });
  await work.step('See what is served', async () => {
    const { pointer } = await server.client.site(site.id);
    if (pointer?.release !== id) throw new Error(`${server.name} serves ${pointer?.release ?? 'nothing'}.`);
    await sites.releases.markLive(site.id, id);
    return 'Served from now on';
  });
}
