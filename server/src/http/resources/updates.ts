import type { updates as updateRoutes } from '@tin-porch/contract';
import { Problem } from '@tin-porch/core/ground';
import { changesSince, ENGINE } from '@tin-porch/core/page';
import { some } from '@tin-porch/core/some';
import { nameOf, type SiteHead } from '../../sites/site-row.js';
import type { RolloutRow, RolloutSite } from '../../updates/rollouts.js';
import type { TrialRow } from '../../updates/trials.js';
import type { UpdateRow } from '../../updates/updates.js';
import type { Parts } from '../parts.js';
import type { Handlers } from '../serve.js';

/** How long a server may take to say what it is made of, ms: one that is slow delays the list by no more. */
const VERSIONS_MS = 6000;
/** How long an agent may take to be there again, ms. */
const RENEWAL_MS = 30_000;
/** What is told of the versions before the newest, at most so many back. */
const TOLD_BACK = 5;

const told = (t: TrialRow, live: string | null) => ({
  ...{ at: t.at.toISOString(), engine: t.engine, verdict: t.verdict, words: t.words },
  ...{ counts: t.engine === ENGINE && t.under === live, letBy: t.letBy, letAt: t.letAt && t.letAt.toISOString() },
});
const updated = ({ begunAt, by, fromEngine, toEngine, state, words, endedAt }: UpdateRow) => ({
  ...{ begunAt: begunAt.toISOString(), by, fromEngine, toEngine, state, words },
  endedAt: endedAt && endedAt.toISOString(),
});
function rolledOut(r: RolloutRow & { sites: RolloutSite[] }) {
  const rests = r.state === 'going' && r.waveEndedAt !== null;
  const next = rests ? new Date(r.waveEndedAt!.getTime() + r.restMinutes * 60_000) : null;
  return {
    ...{ engine: r.engine, by: r.by, begunAt: r.begunAt.toISOString(), restMinutes: r.restMinutes, wave: r.wave },
    nextAt: next && next.toISOString(),
    ...{ state: r.state, endedAt: r.endedAt && r.endedAt.toISOString(), sites: r.sites },
  };
}

/** Versions of what draws and serves sites. */
export function updateHandlers(parts: Parts): Handlers<typeof updateRoutes> {
  const { config, sites, servers, jobs, trials, updates, rollouts, agents } = parts;
  const liveOf = async (organisation: string): Promise<SiteHead[]> =>
    (await sites.list(organisation)).filter((s) => s.liveRelease !== null && s.leavesAt === null && s.server !== null);

  return {
    'GET /updates': async ({ me }) => {
      const org = me.organisation;
      const [live, tried, wanted, rollout, last, all, brought, ...open] = await Promise.all([
        liveOf(org),
        trials.all(org),
        trials.wanted(org),
        rollouts.newest(org),
        updates.newestOfAll(org),
        servers.all(),
        Promise.all([agents.about(), jobs.newestOfHouse('agent'), agents.newest()]),
        jobs.ofKind(org, 'trial'),
        jobs.ofKind(org, 'update'),
      ]);
      const ownServers = new Set(live.map((s) => s.server));
      const under = open.flat().filter((j) => ['waiting', 'running', 'retrying'].includes(j.state));
      return {
        ...{ engine: ENGINE, able: config.browser !== undefined, changes: changesSince(ENGINE - TOLD_BACK) },
        sites: live.map((s) => {
          const trial = tried.find((t) => t.site === s.id);
          const one = last.get(s.id);
          return {
            ...{ id: s.id, name: nameOf(s), server: s.server!, engine: s.liveEngine },
            trial: trial ? told(trial, s.liveRelease) : null,
            wanted: wanted.has(s.id),
            job: (under.find((j) => j.site === s.id) ?? null) as never,
            last: one ? updated(one) : null,
          };
        }),
        agents: {
          newest: brought[0] && { version: brought[0].version, engine: brought[0].engine, step: brought[0].step },
          job: (brought[1] ?? null) as never,
          updates: brought[2].map(({ server, by, from, to, state, words, begunAt, endedAt }) => ({
            ...{ server, by, from, to, state, words, begunAt: begunAt.toISOString() },
            endedAt: endedAt && endedAt.toISOString(),
          })),
        },
        rollout: rollout && rolledOut(rollout),
        servers: await Promise.all(
          all
            .filter((s) => ownServers.has(s.name))
            .map(async (s) => {
              const said = await s.client.versions(VERSIONS_MS).catch((error: Error) => error);
              if (said instanceof Error)
                return { name: s.name, error: said.message, agent: null, program: null, packages: null, listsAt: null };
              const { agent } = said;
              return {
                ...{ name: s.name, error: null, ...said, agent: { ...agent, program: agent.program ?? null } },
                program: agent.program ? await s.client.programs(VERSIONS_MS).catch(() => null) : null,
              };
            }),
        ),
      };
    },
    'POST /updates/trials': async ({ me, body, note }) => {
      const live = new Set((await liveOf(me.organisation)).map((s) => s.id));
      const wanted = [...new Set(body.sites)].filter((id) => live.has(id));
      if (!wanted.length) throw new Problem(422, 'None of these sites is on a server');
      await trials.want(wanted);
      await trials.beginWanted(jobs);
      await note(`Has the update tried on ${some(wanted.length, 'copy', 'copies')}`);
      return { wanted: wanted.length };
    },
    'POST /updates/rollout': async ({ me, body, note }) => {
      await rollouts.begin(me.organisation, body.sites, body.restMinutes, me.name);
      await note(`Began to update ${some(body.sites.length, 'site')}`);
    },
    'DELETE /updates/rollout': async ({ me, note }) => {
      await rollouts.stop(me.organisation);
      await note('Stopped updating sites');
    },
    'POST /updates/rollout/on': async ({ me, note }) => {
      await rollouts.release(me.organisation);
      await note('Went on updating sites');
    },
    'POST /updates/rollout/back': async ({ me, note }) => {
      const begun = await rollouts.takeBack(me.organisation, me.name);
      await note(`Takes the update of ${some(begun, 'site')} back`);
      return { begun };
    },
    'POST /updates/agents': async ({ me, body, note }) => {
      const known = new Set((await servers.all()).map((s) => s.name));
      const unknown = body.servers.find((s) => !known.has(s));
      if (unknown !== undefined) throw new Problem(404, 'There is no such server', unknown);
      const job = await jobs.begin(null, 'agent', { ...body, by: me.name });
      await note(`${body.back ? 'Takes the agent back on' : 'Brings the agent to'} ${body.servers.join(', ')}`);
      return { job: job as never };
    },
    'DELETE /updates/agents': async ({ note }) => {
      const job = await jobs.newestOfHouse('agent');
      if (!job || !['waiting', 'running', 'retrying'].includes(job.state))
        throw new Problem(409, 'No agent is being brought');
      await jobs.cancel(job.id);
      await note('Stopped bringing the agent');
    },
    'POST /servers/:name/renewals': async ({ params, body, note }) => {
      const server = await servers.get(params['name']!);
      if (!server) throw new Problem(404, 'There is no such server');
      const began = performance.now();
      if (body.what === 'front') await server.client.renewFront();
      else {
        const { process: old } = await server.client.renewAgent();
        // It is there again once another process answers.
        for (;;) {
          await new Promise((done) => setTimeout(done, 150));
          const health = await server.client.health(VERSIONS_MS).catch(() => null);
          if (health && health.process !== old) break;
          if (performance.now() - began > RENEWAL_MS)
            throw new Problem(
              502,
              'The agent is not there again',
              'Look at its machine: whoever started it is to start it anew.',
            );
        }
      }
      await note(`Started the ${body.what} of ${server.name} anew`);
      return { ms: Math.round(performance.now() - began) };
    },
    'GET /sites/:id/updates': async ({ me, params }) => {
      const site = await sites.headOf(me.organisation, params['id']!);
      const [trial, wanted, list, parts] = await Promise.all([
        ...([trials.of(site.id), trials.isWanted(site.id)] as const),
        ...([updates.of(site.id), trials.parts(site.id)] as const),
      ]);
      return {
        ...{ engine: site.liveEngine, newest: ENGINE, wanted, updates: list.map(updated) },
        trial: trial
          ? {
              ...told(trial, site.liveRelease),
              ...{ pages: trial.tried.pages, otherwise: trial.tried.otherwise, browser: trial.tried.browser },
              seen: trial.tried.seen.map((p) => ({
                ...p,
                parts: parts.filter((x) => x.path === p.path).map((x) => x.width),
              })),
            }
          : null,
      };
    },
    'GET /sites/:id/trial/:width/:side': async ({ me, params, query, res }) => {
      const site = await sites.headOf(me.organisation, params['id']!);
      const { width, side } = params;
      if (!/^\d{2,5}$/.test(width!) || (side !== 'before' && side !== 'now'))
        throw new Problem(404, 'There is no such picture');
      const bytes = await trials.part(site.id, query.path, Number(width), side);
      // Its address has the time of the trial: another has another.
      res.set({ 'cache-control': 'private, max-age=86400', 'content-security-policy': "default-src 'none'" });
      res.type('image/webp').send(bytes);
      return undefined;
    },
    'PUT /sites/:id/trial': async ({ me, params, body, note }) => {
      const site = await sites.headOf(me.organisation, params['id']!);
      await trials.letThrough(site.id, new Date(body.at), me.name);
      await note('Let an update through as it looks');
    },
    'POST /sites/:id/update': async ({ me, params, body, note }) => {
      const site = await sites.headOf(me.organisation, params['id']!);
      if (site.leavesAt) throw new Problem(409, 'The site is to go', 'Keep it first, in Care.');
      if (!site.liveRelease) throw new Problem(409, 'The site is on no server yet');
      const job = await jobs.begin(site.id, 'update', { by: me.name, ...(body.back && { back: true }) });
      await note(body.back ? 'Takes its update back' : 'Began to update the site');
      return { job: job as never };
    },
  };
}
