import { join } from 'node:path';
import { filesNamed } from './named.js';
import type { HostParts } from './public.js';

type Removing = Pick<
  HostParts,
  'sites' | 'blobs' | 'databases' | 'certificates' | 'logs' | 'marks' | 'moves' | 'previews' | 'log' | 'config'
>;
/** How long until what could not be removed is tried again, ms. */
const AGAIN_MS = 5000;

/**
 * Takes a site off this server with all it kept: from the next request on nobody is served any of it. Begun once, it is
 * brought to its end by the next start where it was killed on the way; safe to ask for again.
 * @throws Error where the database does not answer: what is left is removed later
 */
export async function removeSite(parts: Removing, id: string): Promise<void> {
  await parts.sites.leave(id);
  await finish(parts, id);
}

/** Ends what an earlier run began, as soon as the database lets it. */
export async function finishRemovals(parts: Removing, stopped: () => boolean): Promise<void> {
  for (const id of await parts.sites.leaving())
    while (!stopped()) {
      const done = await finish(parts, id).then(
        () => true,
        (error: Error) => {
          parts.log.error({ err: error, site: id }, 'a site could not be removed so far');
          return false;
        },
      );
      if (done) break;
      await new Promise((again) => setTimeout(again, AGAIN_MS).unref());
    }
}

async function finish(
  { sites, blobs, databases, certificates, logs, marks, moves, previews, config }: Removing,
  id: string,
): Promise<void> {
  const settings = await sites.settingsOfLeaving(id);
  if (!settings) return;
  await databases.takeOut(id);
  // Whoever has the domain by now needs its certificate.
  if (settings.domain && !sites.find(settings.domain)) await certificates.takeOut(settings.domain);
  await logs.takeOut(id);
  const folder = join(config.data, 'sites');
  const own = await filesNamed({ databases, folder }, id);
  for (const other of await sites.folders()) {
    if (!own.size) break;
    if (other !== id) for (const hash of await filesNamed({ databases, folder }, other)) own.delete(hash);
  }
  for (const hash of own) await blobs.takeOut(hash);
  marks.delete(id);
  await moves.forget(id);
  previews.forget(id);
  await sites.forget(id);
}
