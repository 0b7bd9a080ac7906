import type { fleet as fleetRoutes, serving as servingRoutes } from '@tin-porch/contract';
import { Problem } from '@tin-porch/core/ground';
import { migrate } from '@tin-porch/core/operations';
import { some } from '@tin-porch/core/some';
import type { Manifest } from '@tin-porch/core/page';
import { planMailRecords, readDomain, troubleCause } from '@tin-porch/core/care';
import { comingOf, heldBackFrom } from '../../deploy/coming.js';
import { originOf, temporaryOrigin, tellHost } from '../../deploy/deploy.js';
import { lookAgain } from '../../domains/look-again.js';
import { tell } from '../../events/events.js';
import { JobRefused, type JobKind } from '../../jobs/jobs.js';
import { planPublishing } from '../../publish/planned.js';
import { mayMove } from '../../moving/moving.js';
import type { Measured } from '../../servers/host-client.js';
import { howItIs } from '../../servers/how-it-is.js';
import { logSearch } from '../../servers/log-search.js';
import { nameOf, type SiteHead } from '../../sites/site-row.js';
import type { Parts } from '../parts.js';
import type { Call, Handlers } from '../serve.js';

type AnyCall = Pick<Call<(typeof servingRoutes)['POST /sites/:id/deploy']>, 'me' | 'params' | 'note'>;

/** Nothing new is served of a site that is to go. @throws Problem 409 */
function staying(site: SiteHead): SiteHead {
  if (site.leavesAt) throw new Problem(409, 'The site is to go', 'Keep it first, in Care.');
  return site;
}

/** A staging copy is nothing for visitors: it has their words twice. @throws Problem 409 */
function itsOwn(site: SiteHead): SiteHead {
  if (site.stagingOf)
    throw new Problem(
      409,
      'It is a staging copy',
      'Bring back what was tried, or make it a site of its own first, in Care.',
    );
  return site;
}

/** The SHA-256 of every file of a release, by its path. */
const hashesOf = ({ files }: Manifest): Record<string, string> =>
  Object.fromEntries(Object.entries(files).map(([path, { hash }]) => [path, hash]));

/** @throws Problem 404 */
function snapshotOf({ params }: Pick<AnyCall, 'params'>): string {
  const asked = params['snapshot']!;
  if (!/^[0-9a-f]{8,64}$/.test(asked)) throw new Problem(404, 'There is no such backup');
  return asked;
}

/** Where a site is served, what of it, and to whom. */
export function servingHandlers(parts: Parts): Handlers<typeof servingRoutes> {
  const { sites, servers, jobs, registrar, rounds, backups, moving } = parts;
  const headOf = ({ me, params }: Pick<AnyCall, 'me' | 'params'>) => sites.headOf(me.organisation, params['id']!);
  const serverOf = async (site: { server: string | null }) =>
    site.server ? await servers.get(site.server) : undefined;

  /** Begins a job, or gives the open one of its kind. */
  const begin =
    (kind: JobKind, did: string, input: Record<string, unknown> = {}) =>
    async (call: AnyCall): Promise<{ job: never }> => {
      const site = staying(await headOf(call));
      if (kind === 'publish') itsOwn(site);
      if (!site.server) throw new Problem(409, 'The site has no server yet', 'Choose one first.');
      if (kind !== 'round' && kind !== 'certificate' && !site.summary.pages)
        throw new Problem(409, 'There are no pages yet', 'Generate the site from its brief first.');
      const job = await jobs.begin(site.id, kind, input);
      await call.note(did);
      return { job: job as never };
    };

  /** Asks all name servers about a site’s domain now. */
  async function lookAt(id: string) {
    const site = (await sites.get(id))!;
    const server = await serverOf(site);
    if (!site.domain) throw new Problem(409, 'The site has no domain yet');
    const seen = await lookAgain(parts, site, site.domain, server);
    return { domain: site.domain, seen };
  }

  return {
    'POST /sites/:id/deploy': begin('deploy', 'Began to deploy'),
    'GET /sites/:id/coming': async (call) => {
      const site = await sites.of(call.me.organisation, call.params['id']!);
      const live = site.liveRelease ? await sites.releases.get(site.id, site.liveRelease) : undefined;
      const server = await serverOf(site);
      const held = heldBackFrom(site.document, new Date().toISOString());
      if (!live || !server) return { live: null, coming: null, people: [], held };
      const [then, people] = await Promise.all([
        // Not what was deployed counts, but what visitors see: its people may have changed it where it is live.
        server.client.document(site.id).then(migrate),
        sites.log.whoSince(live, site.head),
      ]);
      return {
        live: { release: live.id, madeAt: live.madeAt.toISOString() },
        coming: await comingOf(then, site.document, originOf(site, server), hashesOf(live.manifest)),
        people,
        held,
      };
    },
    'GET /sites/:id/releases/:release/coming': async (call) => {
      const site = await headOf(call);
      const release = await sites.releases.get(site.id, call.params['release']!);
      const live = site.liveRelease ? await sites.releases.get(site.id, site.liveRelease) : undefined;
      const server = await serverOf(site);
      if (!release || !live || !server) throw new Problem(404, 'There is no such release');
      const found = await sites.log.withPeopleSince(release);
      const then = call.query.people === 'kept' ? found.document : await sites.log.documentOf(release);
      return {
        coming: await comingOf(
          migrate(await server.client.document(site.id)),
          then,
          originOf(site, server),
          hashesOf(live.manifest),
        ),
        kept: found.kept.length,
        lost: found.left,
      };
    },
    'POST /sites/:id/certificate': begin('certificate', 'Asked for a certificate'),
    'POST /sites/:id/publish': begin('publish', 'Began to publish'),
    'POST /sites/:id/round': begin('round', 'Began a round'),
    'POST /sites/:id/lab': begin('lab', 'Had a browser look at the pages', { asked: true }),
    'POST /sites/:id/backup': begin('backup', 'Began to back up'),
    'GET /sites/:id/backups': async (call) => {
      const site = await headOf(call);
      return { places: site.server ? backups.placesOf(site.server) : [], ...(await backups.of(site.id)) };
    },
    'POST /sites/:id/revival': async (call) => {
      const site = staying(await headOf(call));
      const { server } = call.body;
      if (!site.liveRelease || !site.server) throw new Problem(409, 'The site is on no server yet');
      if (site.server === server) throw new Problem(409, 'The site is on that server already');
      if (!(await servers.get(server))) throw new Problem(404, 'There is no such server');
      const job = await jobs.begin(site.id, 'revive', { server });
      await call.note(`Brought the site up on ${server}`);
      return { job: job as never };
    },
    'GET /sites/:id/moves': async (call) => ({ moves: await moving.of((await headOf(call)).id) }),
    'POST /sites/:id/moves': async (call) => {
      const site = staying(await headOf(call));
      const { server } = call.body;
      mayMove(site, await servers.get(server));
      const job = await jobs.begin(site.id, 'move', { server });
      await call.note(`Began to move the site to ${server}`);
      return { job: job as never };
    },
    'GET /sites/:id/backups/:place/:snapshot/document': async (call) => ({
      document: await backups.document(await headOf(call), call.params['place']!, snapshotOf(call)),
    }),
    'GET /sites/:id/backups/:place/:snapshot/messages': async (call) =>
      backups.missing(await headOf(call), call.params['place']!, snapshotOf(call)),
    'POST /sites/:id/backups/:place/:snapshot/messages': async (call) => {
      const site = await headOf(call);
      const back = await backups.putBack(site, call.params['place']!, snapshotOf(call), call.body.ids);
      await call.note(`Put ${some(back, 'message')} back from a backup`);
      return { back };
    },
    'POST /sites/:id/restores': async (call) => {
      const site = await sites.of(call.me.organisation, call.params['id']!);
      const made = await backups.restore(site, call.body.place, call.body.snapshot);
      await call.note(`Brought a backup back as ${nameOf(made)}`);
      return { id: made.id };
    },
    'DELETE /sites/:id/jobs/:job': async (call) => {
      const site = await headOf(call);
      const id = call.params['job']!;
      const job = /^[0-9a-f-]{36}$/.test(id) ? await jobs.get(id) : undefined;
      if (job?.site !== site.id) throw new Problem(404, 'There is no such job');
      await jobs.cancel(job.id);
      await call.note(`Stopped: ${job.kind}`);
    },
    'PUT /sites/:id/server': async (call) => {
      const site = staying(await headOf(call));
      const { server } = call.body;
      if (!(await servers.get(server))) throw new Problem(404, 'There is no such server');
      if (site.server && site.server !== server && site.liveRelease)
        throw new Problem(
          409,
          'The site is on another server',
          'It is moved there, under Care: its visitors are led on meanwhile.',
        );
      await sites.setServer(site.id, server);
      await call.note(`Chose the server ${server}`);
      return { server };
    },
    'POST /sites/:id/share': async (call) => {
      const site = await headOf(call);
      const server = await serverOf(site);
      if (!server || !site.liveRelease)
        throw new Problem(409, 'There is nothing to share yet', 'Deploy the site first.');
      const { token, until } = await server.client.preview(site.id, call.body.days);
      await call.note('Looked at the site before it is open');
      return { url: `${temporaryOrigin(site, server)}/?preview=${token}`, until };
    },
    'PUT /sites/:id/open': async (call) => {
      const site = staying(await headOf(call));
      const { open } = call.body;
      if (open) itsOwn(site);
      const server = await serverOf(site);
      if (!server || !site.liveRelease) throw new Problem(409, 'The site is on no server yet', 'Deploy it first.');
      await tellHost({ ...site, open }, server);
      await sites.setOpen(site.id, open);
      await tell(sites.db, { kind: 'care', site: site.id });
      await call.note(open ? 'Opened the site' : 'Closed the site');
      return { open };
    },
    'PUT /sites/:id/planned': async (call) => {
      const site = staying(await headOf(call));
      const at = call.body.at === null ? null : new Date(call.body.at);
      if (at) itsOwn(site);
      if (at && !site.server) throw new Problem(409, 'The site has no server yet', 'Choose one first.');
      if (at && !site.summary.pages)
        throw new Problem(409, 'There are no pages yet', 'Generate the site from its brief first.');
      await planPublishing(sites.db, site.id, at, call.me.name);
      await call.note(
        at
          ? `Planned to publish on ${at.toISOString().slice(0, 16).replace('T', ' ')} UTC`
          : 'Publishing is planned no more',
      );
      return { at: at && at.toISOString() };
    },
    'POST /sites/:id/rollback': async (call) => {
      const site = staying(await headOf(call));
      const { release, keeps = false } = call.body;
      if (!site.server || !(await sites.releases.get(site.id, release)))
        throw new Problem(404, 'There is no such release');
      const job = await jobs.begin(site.id, 'rollback', { release, keeps });
      await call.note(
        keeps ? `Went to the release ${release}, with what its people changed since` : `Went to the release ${release}`,
      );
      return { job: job as never };
    },
    'PUT /sites/:id/domain': async (call) => {
      const site = itsOwn(await headOf(call));
      const read = readDomain(call.body.domain);
      if ('error' in read) throw new Problem(422, 'That is no domain', read.error);
      await sites.setDomain(site.id, read.domain);
      const looked = await lookAt(site.id);
      // What stands in our account at the registrar belongs to whoever came for it first.
      if (looked.seen.registration.state === 'ours') await sites.hold(read.domain, call.me.organisation);
      await call.note(`Gave the site the domain ${read.domain}`);
      return looked;
    },
    'DELETE /sites/:id/domain': async (call) => {
      const site = await headOf(call);
      if (site.open)
        throw new Problem(409, 'The site is open on its domain', 'Close it before you take the domain away.');
      await sites.setDomain(site.id, null);
      const server = await serverOf(site);
      // Its letters come from there no more. One that does not answer is told with the next deploy.
      if (server && site.liveRelease)
        await tellHost({ ...site, domain: null, domainSeen: null }, server).catch(() => undefined);
      await tell(sites.db, { kind: 'care', site: site.id });
      await call.note('Took the domain away');
    },
    'POST /sites/:id/domain/look': async (call) => lookAt((await headOf(call)).id),
    'POST /sites/:id/domain/register': async (call) => {
      const site = await headOf(call);
      if (!site.domain) throw new Problem(409, 'The site has no domain yet');
      await registrar.register(site.domain);
      await sites.hold(site.domain, call.me.organisation);
      await call.note(`Registered ${site.domain}`);
      return lookAt(site.id);
    },
    'POST /sites/:id/domain/records': async (call) => {
      const site = await headOf(call);
      const server = await serverOf(site);
      if (!site.domain || !server) throw new Problem(409, 'Give the site a server and a domain first');
      await registrar.leadTo(site.domain, server.address);
      await call.note(`Set the records of ${site.domain}`);
      return lookAt(site.id);
    },
    'POST /sites/:id/domain/mail-records': async (call) => {
      const site = await headOf(call);
      const mail = site.domainSeen?.mail;
      if (!site.domain || !mail)
        throw new Problem(
          409,
          'Nothing is known of the letters of this site yet',
          'Deploy it, and look at its domain.',
        );
      await registrar.letSend(site.domain, (seen) => planMailRecords(site.domain!, mail, seen));
      await call.note(`Set the mail records of ${site.domain}`);
      return lookAt(site.id);
    },
    'POST /sites/:id/way-in': async (call) => {
      const site = await headOf(call);
      return { at: new Date().toISOString(), links: await rounds.wayIn(site.id) };
    },
  };
}

/** What is shown of it as figures; the rest is told in words. */
const shown = ({ writable: _, clock: __, ...now }: Measured) => now;

/** How long a host may take to say how it is, ms: one that is slow delays the list by no more. */
const HEALTH_MS = 4000;

/** Servers and domains of all sites. */
export function fleetHandlers({
  sites,
  servers,
  certificates,
  jobs,
  ownBackups,
  credentials,
  watching,
}: Parts): Handlers<typeof fleetRoutes> {
  const searchLogs = logSearch(sites, servers);
  return {
    'GET /own-backups': async () => ({
      own: await ownBackups.state(),
      job: ((await jobs.newestOfHouse('own')) ?? null) as never,
    }),
    'GET /credentials': async () => ({
      credentials: await credentials.all(),
      job: ((await jobs.newestOfHouse('credentials')) ?? null) as never,
    }),
    'POST /credentials': async (call) => {
      const job = await jobs.begin(null, 'credentials', { since: new Date().toISOString() });
      await call.note('Began to make keys and passwords anew');
      return { job: job as never };
    },
    'POST /own-backups': async (call) => {
      if (!(await ownBackups.state())) throw new Problem(409, 'No place for backups of Tin Porch itself is set up');
      const job = await jobs.begin(null, 'own');
      await call.note('Began to back Tin Porch up');
      return { job: job as never };
    },
    'GET /moves': async ({ me }) => {
      const names = new Map((await sites.list(me.organisation)).map((s) => [s.id, nameOf(s)]));
      const moves = await jobs.ofKind(me.organisation, 'move');
      return {
        moves: moves.map((job) => ({
          ...{ site: job.site!, name: names.get(job.site!) ?? job.site!, server: String(job.input['server']) },
          job: job as never,
        })),
      };
    },
    'POST /moves': async (call) => {
      const { server, sites: wanted } = call.body;
      const to = await servers.get(server);
      const begun: string[] = [];
      const refused: { site: string; words: string }[] = [];
      for (const id of new Set(wanted)) {
        const site = await sites.headOf(call.me.organisation, id);
        try {
          mayMove(staying(site), to);
          await jobs.begin(id, 'move', { server });
          begun.push(id);
        } catch (error) {
          if (!(error instanceof Problem || error instanceof JobRefused)) throw error;
          refused.push({ site: id, words: error.message });
        }
      }
      if (begun.length) await call.note(`Began to move ${some(begun.length, 'site')} to ${server}`);
      return { begun, refused };
    },
    'DELETE /moves': async (call) => {
      for (const job of await jobs.ofKind(call.me.organisation, 'move'))
        if (['waiting', 'running', 'retrying'].includes(job.state)) await jobs.cancel(job.id);
      await call.note('Stopped every move');
    },
    'GET /servers': async ({ me }) => {
      const [all, rows] = await Promise.all([servers.all(), sites.list(me.organisation)]);
      return {
        servers: await Promise.all(
          all.map(async (s) => {
            const own = rows.filter((r) => r.server === s.name);
            const [said, made, past, roomDays, troubles] = await Promise.all([
              s.client.measures(HEALTH_MS).catch((error: Error) => error),
              s.client.versions(HEALTH_MS).catch(() => null),
              watching.past(s.name),
              watching.roomDays(s.name),
              watching.troubles(s.name),
            ]);
            const failed = said instanceof Error;
            const room = failed ? {} : said.room.sites;
            const ids = new Set(own.map((r) => r.id));
            const others = Object.entries(room).filter(([id]) => !ids.has(id));
            return {
              ...{ name: s.name, address: s.address, temporaryBase: s.temporaryBase },
              sites: own.map((r) => ({
                ...{ id: r.id, name: nameOf(r), live: r.liveRelease !== null && r.leavesAt === null },
                room: room[r.id] ?? null,
              })),
              others: {
                sites: others.length,
                bytes: others.reduce((sum, [, { files, rows, logs }]) => sum + files + rows + logs, 0),
              },
              ...(failed ? { error: said.message } : { now: shown(said.now) }),
              state: howItIs(said, {
                ...{ roomDays, troubles },
                holes: made?.packages ? made.packages.filter((p) => p.security).length : null,
              }),
              past: past.map((p) => ({ ...p, at: p.at.toISOString() })),
            };
          }),
        ),
        at: new Date().toISOString(),
      };
    },
    'GET /servers/:name/troubles': async ({ me, params }) => {
      const server = await servers.get(params['name']!);
      if (!server) throw new Problem(404, 'There is no such server');
      const names = new Map((await sites.list(me.organisation)).map((s) => [s.id, nameOf(s)]));
      const all = await server.client.troubles();
      return {
        // What was asked of sites of others is theirs to know.
        troubles: all
          .filter((t) => t.site === null || names.has(t.site))
          .map(({ at, site, method, path, status, behind }) => ({
            ...{ at, site, name: site === null ? '' : names.get(site)!, method, path, status },
            cause: troubleCause(status, behind),
          })),
      };
    },
    'GET /logs': ({ me, query }) => searchLogs(me.organisation, query),
    'GET /domains': async ({ me }) => {
      const rows = (await sites.list(me.organisation)).filter((r) => r.domain);
      const held = await certificates.ofAll(rows.map((r) => r.id));
      return {
        domains: rows.map((r) => ({
          site: r.id,
          name: nameOf(r),
          domain: r.domain!,
          seen: r.domainSeen,
          certificate: held.find((c) => c.site === r.id && c.domain === r.domain) ?? null,
          open: r.open,
        })),
      };
    },
  };
}
