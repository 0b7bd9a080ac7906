import { some } from '@tin-porch/core/some';
import { JobRefused, type Work } from '../jobs/jobs.js';
import { bringInLive, bringRelease, siteAndServer, switchOver, type DeployParts } from './deploy.js';

/** What is said behind the name of a release of what it has besides. */
const BESIDES = /, with \d+ changes? made on the site$/;

/**
 * Serves another release of a site that its server still has: as it was, or with what the people of the site changed since.
 * Every step can be run again: killed anywhere, it starts over and ends with server and database naming the same release.
 */
export async function rollbackSteps(work: Work, parts: DeployParts): Promise<void> {
  const { sites, live } = parts;
  const { site, server } = await siteAndServer(sites, parts.servers, work.job.site);
  const wanted = String(work.job.input['release']);
  const release = await sites.releases.get(site.id, wanted);
  if (!release) throw new JobRefused('There is no such release.');
  // What its people changed is among the drafts then, whatever is served.
  const { knows } = await bringInLive(work, { live }, site, server);
  let id = wanted;
  if (work.job.input['keeps']) {
    const { document, kept } = await work.step('Keep what its people changed since', async () => {
      const found = await sites.log.withPeopleSince(release);
      return { ...found, detail: keptInWords(found) };
    });
    if (kept.length) {
      const named = (release.what[0] ?? 'The same words').replace(BESIDES, '');
      const besides = [...release.kept, ...kept];
      id = await bringRelease(work, parts, { site, server }, document, {
        head: release.head,
        kept: besides,
        what: () => Promise.resolve([`${named}, with ${some(besides.length, 'change')} made on the site`]),
      });
    }
  }
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

const keptInWords = ({ kept, left }: { kept: readonly number[]; left: number }): string =>
  [
    kept.length ? some(kept.length, 'change') : 'Nothing was changed there since that could be kept',
    ...(left ? [`${left} ${left === 1 ? 'is' : 'are'} about what was not there then`] : []),
  ].join('; ');
