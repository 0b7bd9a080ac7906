import type { client as clientRoutes } from '@tin-porch/contract';
import { Problem } from '@tin-porch/core/ground';
import { leaveAll } from '@tin-porch/core/operations';
import { temporaryOrigin } from '../../deploy/deploy.js';
import { within, writeZip } from '@tin-porch/press/leaving';
import { JobLater, JobRefused } from '../../jobs/jobs.js';
import { HostRefused } from '../../servers/host-client.js';
import type { SiteHead } from '../../sites/site-row.js';
import type { ServerRow } from '../../servers/servers.js';
import type { Parts } from '../parts.js';
import type { Call, Handlers } from '../serve.js';

type AnyCall = Pick<Call<(typeof clientRoutes)['GET /sites/:id/live']>, 'me' | 'params'>;
const UUID = /^[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}$/;
const MINUTE = 60_000;
const linked = (origin: string, token: string, minutes: number) => ({
  link: `${origin}/-/desk/#link=${token}`,
  until: new Date(Date.now() + minutes * MINUTE).toISOString(),
});
const WEEK = 7 * 24 * 60;

/** What a server says no to, as the answer of whoever asked. */
const told = (error: unknown): never => {
  if (error instanceof HostRefused) throw new Problem(error.status, error.message);
  if (!(error instanceof JobLater || error instanceof JobRefused)) throw error;
  // It is not Tin Porch that does not answer (RFC 9110, 15.6.3).
  throw new Problem(502, 'The server of this site does not answer', error.message);
};

/** What the people of a site do on it, and who they are. */
export function clientHandlers({ sites, servers, live, leaving }: Parts): Handlers<typeof clientRoutes> {
  const headOf = ({ me, params }: AnyCall) => sites.headOf(me.organisation, params['id']!);
  const placed = async (call: AnyCall): Promise<{ site: SiteHead; server: ServerRow }> => {
    const site = await headOf(call);
    const server = site.server ? await servers.get(site.server) : undefined;
    if (!server || !site.liveRelease) throw new Problem(409, 'The site is on no server yet', 'Deploy it first.');
    return { site, server };
  };
  /** Where its people open the desk: at the domain once that leads there. */
  const origin = (site: SiteHead, server: ServerRow) =>
    site.domain && site.open && site.domainSeen?.leadsHere ? `https://${site.domain}` : temporaryOrigin(site, server);
  const person = (call: AnyCall): string => {
    const id = call.params['person']!;
    if (!UUID.test(id)) throw new Problem(404, 'There is no such person');
    return id;
  };

  return {
    'GET /sites/:id/live': async (call) => live.of((await headOf(call)).id),
    'PUT /sites/:id/live/:seq': async (call) => {
      const site = await headOf(call);
      const seq = Number(call.params['seq']);
      if (!Number.isSafeInteger(seq)) throw new Problem(404, 'There is nothing to decide');
      await live.settle(site.id, seq, call.body, call.me);
      await call.note('Decided over a change of the client');
    },
    'PUT /sites/:id/proposals/:proposal': async (call) => {
      const { site, server } = await placed(call);
      const id = call.params['proposal']!;
      if (!UUID.test(id)) throw new Problem(404, 'There is no such proposal');
      await live.answer(site.id, id, call.body.take, call.body.words, call.me);
      // Where it does not answer now, it is told with what is fetched next.
      await live.tellAnswers(site.id, server.client).catch(() => undefined);
      await call.note(call.body.take ? 'Took a proposal of the client in' : 'Left a proposal of the client');
    },
    'GET /sites/:id/folder': async (call) => {
      const site = await sites.of(call.me.organisation, call.params['id']!);
      const { which, kept } = call.query;
      const gone = new AbortController();
      call.res.on('close', () => gone.abort());
      const files = await leaving.folder(site, { which, kept: kept === 'with' }, gone.signal).catch(told);
      await call.note(kept === 'with' ? 'Took the site along, with messages and people' : 'Took the site along');
      const name = `${site.id}-${new Date().toISOString().slice(0, 10)}`;
      call.res.attachment(`${name}.zip`).type('application/zip');
      await writeZip(within(name, files), call.res, new Date());
      return undefined;
    },
    'GET /sites/:id/desk': async (call) => {
      const { site, server } = await placed(call);
      const desk = await server.client.desk(site.id).catch(told);
      return { address: `${origin(site, server)}/-/desk/`, ...desk };
    },
    'POST /sites/:id/desk': async (call) => {
      const { site, server } = await placed(call);
      const { token } = await server.client.deskLink(site.id, call.me.name, call.body.as ?? null).catch(told);
      await call.note(call.body.as ? 'Went to the desk as the client' : 'Went to the desk');
      return linked(temporaryOrigin(site, server), token, 10);
    },
    'POST /sites/:id/people': async (call) => {
      const { site, server } = await placed(call);
      const at = origin(site, server);
      const { token, written } = await server.client
        .invite(site.id, { ...call.body, by: call.me.name, origin: at })
        .catch(told);
      await call.note(`Let ${call.body.name} in at the desk`);
      return { ...linked(at, token, WEEK), written };
    },
    'PUT /sites/:id/people/:person': async (call) => {
      const { site, server } = await placed(call);
      await server.client.setRole(site.id, person(call), call.body.role, call.me.name).catch(told);
      await call.note('Changed what somebody may do at the desk');
    },
    'DELETE /sites/:id/people/:person': async (call) => {
      const { site, server } = await placed(call);
      await server.client.removePerson(site.id, person(call), call.me.name).catch(told);
      await call.note('Let somebody in at the desk no more');
    },
    'POST /sites/:id/handover': async (call) => {
      const { site, server } = await placed(call);
      const at = origin(site, server);
      const { token, written } = await server.client
        .handOver(site.id, { ...call.body, by: call.me.name, origin: at })
        .catch(told);
      await call.note('Handed the site over');
      if (call.body.unlock) {
        // Where it does not answer now, what it left to its people is fetched with what comes next.
        await live.pull(site.id, server.client).catch(() => undefined);
        const left = leaveAll((await sites.of(call.me.organisation, site.id)).document);
        if (left) await sites.log.change(site.id, left, call.me);
      }
      return token ? { ...linked(at, token, WEEK), written } : { link: null, until: null, written };
    },
    'POST /sites/:id/people/:person/link': async (call) => {
      const { site, server } = await placed(call);
      const { token } = await server.client.linkFor(site.id, person(call), call.me.name).catch(told);
      await call.note('Made a link to the desk');
      return linked(origin(site, server), token, WEEK);
    },
  };
}
