import { expand, pictureOfItem } from '@tin-porch/core/collections';
import { createHash } from 'node:crypto';
import { sharePicture } from '@tin-porch/core/look';
import type { SiteDocument } from '@tin-porch/core/model';
import { drawnAt, makeManifest } from '@tin-porch/core/page';
import { checklist, maySend, senderAt } from '@tin-porch/core/care';
import { press, type BlobReader } from '@tin-porch/press';
import { JobLater, JobRefused, type Work } from '../jobs/jobs.js';
import type { LiveChanges } from '../live/live-changes.js';
import type { Pictures } from '../pictures/pictures.js';
import { HostRefused } from '../servers/host-client.js';
import type { ServerRow, Servers } from '../servers/servers.js';
import type { SiteHead, SiteRow } from '../sites/site-row.js';
import type { Sites } from '../sites/sites.js';
import { some } from '@tin-porch/core/some';

const sha256 = (bytes: Uint8Array | string) => createHash('sha256').update(bytes).digest('hex');

/** The address a site answers to before it has a domain. */
export const temporaryOrigin = (site: Pick<SiteRow, 'temporary'>, server: ServerRow): string =>
  `http://${site.temporary}.${server.temporaryBase}:${server.temporaryPort}`;

/** Where temporary addresses of a server are reached: names under localhost are loopback by definition (RFC 6761, 6.3). */
export const temporaryAddress = (server: ServerRow): string =>
  /(^|\.)localhost$/.test(server.temporaryBase) ? '127.0.0.1' : server.address;

/** The origin a site’s canonical addresses are on: its domain, or its temporary address until it has one. */
export const originOf = (site: Pick<SiteRow, 'temporary' | 'domain'>, server: ServerRow): string =>
  site.domain ? `https://${site.domain}` : temporaryOrigin(site, server);

/** A site with its server. @throws JobRefused where one of them is missing */
export async function siteAndServer(
  sites: Sites,
  servers: Servers,
  id: string | null,
): Promise<{ site: SiteRow; server: ServerRow }> {
  const site = id === null ? undefined : await sites.get(id);
  if (!site) throw new JobRefused('The site is gone.');
  const server = site.server ? await servers.get(site.server) : undefined;
  if (!server) throw new JobRefused('The site has no server yet. Choose one first.');
  return { site, server };
}

/** The address letters of a site come from, where its domain lets them; else null, and they come from its server’s. */
export function senderOf({ domain, domainSeen, summary }: SiteHead): string | null {
  const { mail, records, error } = domainSeen ?? {};
  return domain && mail && !error && maySend(domain, mail, records!) ? senderAt(domain, summary.mail) : null;
}

/** Tells the host what it should know of a site. Safe to repeat. */
export const tellHost = (site: SiteHead, server: ServerRow) =>
  server.client.putSite(site.id, {
    name: site.summary.name || site.id,
    temporary: site.temporary,
    domain: site.domain,
    open: site.open,
    previewKey: site.previewKey,
    sender: senderOf(site),
    // An agent of before does not know of these. Those that are over open nothing, and it still knows who looked.
    ...(site.stagingOf && { staging: true }),
    ...(site.holding && { holding: site.holding }),
    ...(site.previews.length && { previews: site.previews.map(({ token, until, lock }) => ({ token, until, lock })) }),
  });

/**
 * Presses a release of a document: its files and its manifest. The same document and origin give the same release, but for
 * what of its collections is there at this minute, and of which year its days are.
 */
export async function pressRelease(document: SiteDocument, origin: string, blobs?: BlobReader, signal?: AbortSignal) {
  const at = drawnAt(document, Date.now());
  const files = await press(document, origin, blobs, signal, at);
  const json = JSON.stringify(document);
  const manifest = makeManifest(files, json, origin, sha256, at);
  return { files, json, manifest, id: `r-${sha256(JSON.stringify(manifest)).slice(0, 16)}` };
}

/** Nothing that visitors would see goes up while the checklist has a stop: the step that looks it over. */
export const lookOver = (work: Work, site: SiteRow): Promise<string> =>
  work.step('Look over the checklist', () => {
    const stops = checklist(site.document).filter((c) => c.state === 'stop');
    if (stops.length) throw new JobRefused(stops.map((s) => `${s.title}: ${s.detail}`).join(' '));
    return Promise.resolve('Nothing stands in the way');
  });

/** What deploying stands on. */
export interface DeployParts {
  sites: Sites;
  servers: Servers;
  pictures: Pictures;
  live: LiveChanges;
}

/**
 * The step that fetches what the people of a site changed where it is live; gives the last of it. Nothing goes up while some
 * of it waits for a decision: it would be written over.
 */
export const bringInLive = (
  work: Work,
  { live }: Pick<DeployParts, 'live'>,
  site: SiteRow,
  server: ServerRow,
): Promise<{ knows: number; detail: string }> =>
  work.step('Bring in what was changed on the site', async () => {
    const before = await live.known(site.id);
    const knows = await live.pull(site.id, server.client);
    const held = await live.heldCount(site.id);
    if (held)
      throw new JobRefused(
        `${some(held, 'change')} made on the site itself ${held === 1 ? 'says' : 'say'} something else than the drafts. Decide in Care which is to be.`,
      );
    const came = knows - before;
    return { knows, detail: came ? some(came, 'change') : knows ? 'Nothing new' : 'Nothing was changed there' };
  });

/** The job of bringing a document to its server. Behind the holding page anything may go up, open to visitors not. */
export async function deployJob(work: Work, parts: DeployParts): Promise<void> {
  const { site } = await siteAndServer(parts.sites, parts.servers, work.job.site);
  if (site.open) await lookOver(work, site);
  await deploySteps(work, parts);
}

/** When nothing of a site is planned any more. */
const IN_THE_END = '9999-12-31T23:59Z';
/**
 * Hashes of the picture files that whoever presses the site elsewhere needs beside those that are served now: what share
 * pictures are made of, and the pictures of items that are planned, or not up yet.
 */
function sourcesOf(document: SiteDocument): string[] {
  const { pages } = expand(document, IN_THE_END).document;
  const pictures = new Set((document.collections ?? []).flatMap((c) => c.items.flatMap((i) => pictureOfItem(i) ?? [])));
  return [
    ...new Set([
      ...pages.flatMap((page) => sharePicture(document, page).file?.hash ?? []),
      ...document.media.flatMap((m) =>
        m.kind === 'file' && pictures.has(m.id) ? m.renditions.map((r) => r.hash) : [],
      ),
    ]),
  ];
}

/** Serves a release. @throws JobLater where something was changed on the site meanwhile: it is fetched first then */
export async function switchOver(server: ServerRow, site: string, release: string, knows: number): Promise<void> {
  try {
    await server.client.switchTo(site, release, knows);
  } catch (error) {
    if (error instanceof HostRefused && error.status === 409 && typeof error.body['head'] === 'number')
      throw new JobLater('The site was changed where it is live at this moment. It is brought in first.', 1);
    throw error;
  }
}

/**
 * The steps that bring a site’s document to its server: CMS set up, release drawn, missing files sent, release
 * registered, pointer switched. Every step can be run again, so a killed deploy simply starts over.
 */
export async function deploySteps(work: Work, parts: DeployParts): Promise<void> {
  const { sites, servers } = parts;
  const { server, ...found } = await siteAndServer(sites, servers, work.job.site);
  let { site } = found;
  if (!site.document.pages.length)
    throw new JobRefused('There are no pages yet. Generate the site from its brief first.');
  await work.step(`Set up the CMS on ${server.name}`, async () => {
    await tellHost(site, server);
    return 'A schema and a role of its own';
  });
  const { knows } = await bringInLive(work, parts, site, server);
  site = (await siteAndServer(sites, servers, work.job.site)).site;
  const release = await bringRelease(work, parts, { site, server }, site.document, {
    head: site.head,
    what: async () => {
      const live = site.liveRelease ? await sites.releases.get(site.id, site.liveRelease) : undefined;
      return live ? sites.log.changesSince(live, site.head) : ['The first release'];
    },
  });
  await work.step('Serve it', async () => {
    await switchOver(server, site.id, release, knows);
    await sites.releases.markLive(site.id, release);
    return 'Served from now on';
  });
}

/**
 * The steps that press a document, and bring what comes of it to a server as a release that nobody is served so far. Gives
 * its id. @param of which step of the log it is, what it has besides, and what came with it
 */
export async function bringRelease(
  work: Work,
  { sites, pictures }: Pick<DeployParts, 'sites' | 'pictures'>,
  { site, server }: { site: SiteRow; server: ServerRow },
  document: SiteDocument,
  of: { head: number; kept?: readonly number[]; what: () => Promise<string[]> },
): Promise<string> {
  const drawn = await work.step('Press the release', async () => {
    const release = await pressRelease(document, originOf(site, server), pictures.readerOf(site.id), work.signal);
    return {
      ...release,
      detail: `${some(release.files.length, 'file')}, ${Math.ceil(release.files.reduce((s, f) => s + f.bytes.byteLength, 0) / 1024)} KB`,
    };
  });
  const byHash = new Map(drawn.files.map((f) => [drawn.manifest.files[f.path]!.hash, f.bytes]));
  const sent = await work.step('Send what the server lacks', async () => {
    const missing = await server.client.missing([...byHash.keys()]);
    for (const hash of missing) await server.client.putBlob(hash, byHash.get(hash)!);
    // The site is pressed there too, when its people change it.
    const read = pictures.readerOf(site.id);
    for (const hash of await server.client.missing(sourcesOf(document)))
      await server.client.putBlob(hash, await read(hash));
    return {
      count: missing.length,
      detail: missing.length ? `${missing.length} of ${some(byHash.size, 'file')}` : 'Nothing: all of it is there',
    };
  });
  await work.step('Take the release in', async () => {
    await server.client.putRelease(site.id, drawn.id, drawn.manifest, drawn.json);
    await sites.releases.keep({
      id: drawn.id,
      site: site.id,
      head: of.head,
      ...(of.kept && { kept: of.kept }),
      manifest: drawn.manifest,
      sent: sent.count,
      what: await of.what(),
    });
    return drawn.id;
  });
  return drawn.id;
}
