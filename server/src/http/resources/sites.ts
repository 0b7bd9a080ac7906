import type { look as lookRoutes, sites as siteRoutes, SiteLine, writing as writingRoutes } from '@tin-porch/contract';
import { Problem } from '@tin-porch/core/ground';
import { BriefError } from '@tin-porch/core/brief';
import type { ReworkRequest } from '@tin-porch/core/making';
import { byWeek, chipOf, pathOf, planMailRecords, planRecords } from '@tin-porch/core/care';
import type { Response } from 'express';
import { originOf, temporaryOrigin, tellHost } from '../../deploy/deploy.js';
import { nameOf, type SiteHead } from '../../sites/site-row.js';
import type { Parts } from '../parts.js';
import type { Handlers, Sendable } from '../serve.js';

/** Aborted when whoever asked has gone: nobody pays for an answer that nobody reads. */
function goneWith(res: Response): AbortSignal {
  const gone = new AbortController();
  res.on('close', () => gone.abort());
  return gone.signal;
}

/** What is to be seen of the letters of a site at its domain; null where nothing is known of it. */
function mailOf(site: SiteHead) {
  const { domain, domainSeen } = site;
  if (!domain || !domainSeen?.mail || domainSeen.error) return null;
  const { mail, records } = domainSeen;
  // Where they come from as its server says it, not as it should be.
  return {
    records: planMailRecords(domain, mail, records),
    from: mail.now ?? mail.from,
    own: mail.now !== null,
  };
}

/** The state of a site that is to go, in three words. */
const goingChip = (at: Date) => ({
  tone: 'grey' as const,
  words: `Goes on ${at.toLocaleDateString('en-GB', { day: 'numeric', month: 'long', timeZone: 'UTC' })}`,
});

/** What a site is that is not one of its own, or not for long; nothing of others. */
const apartChip = ({ leavesAt, stagingOf }: Pick<SiteHead, 'leavesAt' | 'stagingOf'>) =>
  leavesAt ? goingChip(leavesAt) : stagingOf ? { tone: 'grey' as const, words: 'Staging copy' } : undefined;

/** Sites: lists of them, one of them, and changes of it. */
export function siteHandlers(parts: Parts): Handlers<typeof siteRoutes> {
  const {
    sites,
    servers,
    jobs,
    certificates,
    rounds,
    visits: visitDays,
    inbox,
    keptSections,
    strangers,
    departures,
    staging,
    config,
  } = parts;

  async function lines(rows: readonly SiteHead[]): Promise<Sendable<SiteLine>[]> {
    const [known, visits, all] = await Promise.all([
      sites.states.known(rows),
      visitDays.of(rows.map((r) => r.id)),
      servers.all(),
    ]);
    const now = new Date().toISOString();
    return rows.map((r) => {
      const k = known.get(r.id)!;
      const server = all.find((s) => s.name === r.server);
      const days = visits.get(r.id);
      return {
        id: r.id,
        head: r.head,
        drawn: r.summary.pages > 0,
        name: nameOf(r),
        trade: r.summary.trade,
        domain: r.domain,
        server: r.server,
        address: r.domain ?? (server && r.liveRelease ? new URL(temporaryOrigin(r, server)).host : null),
        open: r.open,
        leavesAt: r.leavesAt,
        stagingOf: r.stagingOf,
        changedAt: r.changedAt,
        chip: apartChip(r) ?? chipOf(k, now),
        path: pathOf(k),
        certificateUntil: k.certificateUntil,
        lastRound: k.lastRound,
        weeks: days ? byWeek(days, now.slice(0, 10), 12) : null,
      };
    });
  }

  const step =
    (kind: 'undo' | 'redo'): Handlers<typeof siteRoutes>['POST /sites/:id/undo'] =>
    async ({ body, me, params }) => {
      const site = await sites.headOf(me.organisation, params['id']!);
      return { head: await sites.log.step(site.id, kind, me, body) };
    };

  return {
    'GET /sites': async ({ me }) => {
      const rows = await sites.list(me.organisation);
      const going = new Set(rows.filter((r) => r.leavesAt).map((r) => r.id));
      return {
        sites: await lines(rows),
        // What is to go needs no mending, and what was put off is not said.
        findings: (await rounds.findings(me.organisation)).filter((f) => !going.has(f.site) && !f.snoozed),
        unread: await inbox.unread(me.organisation),
      };
    },
    'POST /sites': async ({ body, me, note }) => {
      const site = await sites.create(me.organisation, body);
      await note(`Made the site ${site.summary.name}`);
      return { id: site.id };
    },
    'POST /briefs': async ({ body }) => {
      try {
        return { facts: await strangers.brief(body.text) };
      } catch (error) {
        if (error instanceof BriefError) throw new Problem(422, 'The brief cannot be used yet', error.message);
        throw error;
      }
    },
    'GET /sites/:id': async ({ me, params, query }) => {
      const site = await sites.headOf(me.organisation, params['id']!);
      const [operations, history, state, releases, recent, certificate, server, copies, of] = await Promise.all([
        query.since === undefined ? null : sites.log.since(site, Number(query.since)),
        sites.log.canStep(site.id, me.id),
        sites.states.of(site),
        sites.releases.of(site.id),
        jobs.recent(site.id),
        certificates.of(site.id),
        site.server ? servers.get(site.server) : undefined,
        staging.of(site.id),
        site.stagingOf ? sites.headOf(me.organisation, site.stagingOf) : null,
      ]);
      // Only who does not know the document is sent it; it may be a step further than the rest by now.
      const whole = operations ? null : (await sites.get(site.id))!;
      const about = {
        id: site.id,
        head: whole?.head ?? site.head,
        changedAt: site.changedAt,
        history,
        ...state,
        server: server
          ? { name: server.name, address: server.address, httpPort: server.httpPort, httpsPort: server.httpsPort }
          : null,
        temporary: server ? temporaryOrigin(site, server) : null,
        origin: server ? originOf(site, server) : null,
        called: site.called,
        leavesAt: site.leavesAt,
        planned: site.plannedAt && { at: site.plannedAt, by: site.plannedBy ?? '' },
        stagingOf: of && { id: of.id, name: nameOf(of) },
        staging: copies,
        ...(apartChip(site) && { chip: apartChip(site) }),
        domain: site.domain,
        domainSeen: site.domainSeen,
        records:
          site.domain && server && site.domainSeen
            ? planRecords(site.domain, server.address, site.domainSeen.records, config.acme.caaName)
            : null,
        mail: mailOf(site),
        certificate: certificate.find((c) => c.domain === site.domain) ?? null,
        open: site.open,
        publishedAt: site.publishedAt,
        liveRelease: site.liveRelease,
        releases: releases.map(({ manifest, kept: _, ...r }) => ({ ...r, origin: manifest.origin })),
        jobs: recent,
      };
      return operations ? { ...about, operations } : { ...about, document: whole!.document };
    },
    'PUT /sites/:id/name': async ({ body, me, params, note }) => {
      const site = await sites.headOf(me.organisation, params['id']!);
      const called = body.called.trim() || null;
      await sites.call(site.id, called);
      await note(called ? `Called the site ${called}` : 'Called the site by the name of the client');
      return { called };
    },
    'POST /sites/:id/copies': async ({ body, me, params, note }) => {
      const site = await sites.of(me.organisation, params['id']!);
      const called = body.called.trim() || `${nameOf(site)}, ${body.staging ? 'staging' : 'a copy'}`;
      const made = body.staging ? await staging.make(site, called) : await sites.copy(site, called);
      await note(`Copied the site as ${nameOf(made)}`);
      return { id: made.id };
    },
    'GET /sites/:id/staging': async ({ me, params }) =>
      staging.state(await sites.headOf(me.organisation, params['id']!)),
    'POST /sites/:id/staging/back': async ({ body, me, params, note }) => {
      const copy = await sites.headOf(me.organisation, params['id']!);
      const done = await staging.bringBack(copy, body.heads, body, me);
      await note(`Brought back what was tried on ${nameOf(copy)}`);
      return done;
    },
    'POST /sites/:id/staging/anew': async ({ body, me, params, note }) => {
      const copy = await sites.headOf(me.organisation, params['id']!);
      await staging.renew(copy, body.heads, me);
      await note(`Made ${nameOf(copy)} the same as its site again`);
    },
    'DELETE /sites/:id/staging': async ({ me, params, note }) => {
      const copy = await sites.headOf(me.organisation, params['id']!);
      if (!copy.stagingOf) throw new Problem(404, 'It is a copy of no site');
      await staging.part(copy);
      const server = copy.server && copy.liveRelease ? await servers.get(copy.server) : undefined;
      // One that does not answer hears of it with the next deploy.
      if (server) await tellHost({ ...copy, stagingOf: null }, server).catch(() => undefined);
      await note(`Made ${nameOf(copy)} a site of its own`);
    },
    'PUT /sites/:id/departure': async ({ me, params, note }) => {
      const site = await sites.headOf(me.organisation, params['id']!);
      const job = await jobs.begin(site.id, 'leave');
      const leavesAt = await departures.begin(site, site.server ? await servers.get(site.server) : undefined);
      await note(`Let the site go on ${leavesAt.toISOString().slice(0, 10)}`);
      return { leavesAt, job: job as never };
    },
    'DELETE /sites/:id/departure': async ({ me, params, note }) => {
      const site = await sites.headOf(me.organisation, params['id']!);
      if (!site.leavesAt) throw new Problem(409, 'The site is not to go');
      await departures.takeBack(site, jobs);
      await note('Kept the site after all');
    },
    'POST /sites/:id/departure/now': async ({ body, me, params, note }) => {
      const site = await sites.headOf(me.organisation, params['id']!);
      if (!site.leavesAt) throw new Problem(409, 'The site is not to go', 'Let it go first.');
      const job = await jobs.begin(site.id, 'remove', { without: body.without });
      await note(`Removed the site ${nameOf(site)}`);
      return { job: job as never };
    },
    'GET /departures': async ({ me }) => ({ departed: await departures.gone(me.organisation) }),
    'GET /departures/:site/archive': async ({ me, params, res, note }) => {
      const site = params['site']!;
      const bytes = await departures.archiveOf(me.organisation, site);
      await note(`Took the archive of ${site} along`);
      res.attachment(`${site}.zip`).type('application/zip').send(bytes);
      return undefined;
    },
    'DELETE /departures/:site': async ({ me, params, note }) => {
      await departures.throwAway(me.organisation, params['site']!);
      await note(`Threw the archive of ${params['site']!} away`);
    },
    'GET /sites/:id/history': async ({ me, params, query }) => {
      const site = await sites.headOf(me.organisation, params['id']!);
      return { lines: await sites.log.history(site.id, Number(query.most ?? 60)) };
    },
    'GET /sites/:id/points/:step': async ({ me, params }) => {
      const site = await sites.headOf(me.organisation, params['id']!);
      return { document: await sites.log.documentAt(site.id, stepOf(params['step']!)) };
    },
    'PUT /sites/:id/points/:step': async ({ body, me, params }) => {
      const site = await sites.headOf(me.organisation, params['id']!);
      return { name: await sites.log.namePoint(site.id, stepOf(params['step']!), body.name, me) };
    },
    'GET /kept-sections': async ({ me }) => ({ sections: await keptSections.list(me.organisation) }),
    'POST /sites/:id/kept-sections': async ({ body, me, params }) => {
      const { document } = await sites.of(me.organisation, params['id']!);
      return { id: await keptSections.keep(me, document, body.section) };
    },
    'DELETE /kept-sections/:kept': async ({ me, params }) => {
      const id = params['kept']!;
      if (!/^[0-9a-f-]{36}$/.test(id)) throw new Problem(404, 'There is no such kept section');
      await keptSections.forget(me.organisation, id);
    },
    'POST /sites/:id/operations': async ({ body: { operation, ...sending }, me, params }) => {
      const site = await sites.headOf(me.organisation, params['id']!);
      return sites.log.change(site.id, operation, me, sending);
    },
    'POST /sites/:id/operations/left': async ({ body: { changes }, me, params }) => {
      const site = await sites.headOf(me.organisation, params['id']!);
      return { head: await sites.log.changeEach(site.id, changes, me) };
    },
    'POST /sites/:id/undo': step('undo'),
    'POST /sites/:id/redo': step('redo'),
  };
}

/** A step of a log, as an address has it. @throws Problem 404 where it is no number */
function stepOf(said: string): number {
  if (!/^\d{1,9}$/.test(said)) throw new Problem(404, 'There is no such step');
  return Number(said);
}

/** Words from the writers. */
export function writingHandlers({ sites, writing }: Parts): Handlers<typeof writingRoutes> {
  return {
    'GET /writing': () => ({ service: writing.service && { name: writing.service.name } }),
    'GET /sites/:id/writing': async ({ me, params }) => {
      const site = await sites.of(me.organisation, params['id']!);
      return { spent: await writing.spent(site.id) };
    },
    'POST /sites/:id/read': async ({ me, params, res, note }) => {
      const site = await sites.of(me.organisation, params['id']!);
      await note('Had the language service read the brief');
      return writing.read(site.id, site.document, goneWith(res));
    },
    'POST /sites/:id/rework': async ({ body: { by, ...request }, me, params, res }) => {
      const site = await sites.of(me.organisation, params['id']!);
      return writing.rework(site.id, site.document, request as ReworkRequest, by, goneWith(res));
    },
    'POST /sites/:id/ask': async ({ body: { said, on }, me, params, res }) => {
      const site = await sites.of(me.organisation, params['id']!);
      return writing.propose(site.id, site.document, said, on, goneWith(res));
    },
    'POST /sites/:id/write': async ({ body: { seed, by }, me, params, res }) => {
      const site = await sites.of(me.organisation, params['id']!);
      return writing.version(site.id, site.document, seed, by, site.open, goneWith(res));
    },
  };
}

/** Links by which a client chooses, and looks taken from a page. */
export function lookHandlers({ sites, choices, references }: Parts): Handlers<typeof lookRoutes> {
  return {
    'GET /sites/:id/choice': async ({ me, params }) => {
      const site = await sites.headOf(me.organisation, params['id']!);
      return { choice: await choices.latest(site.id) };
    },
    'POST /sites/:id/choice': async ({ body, me, params, note }) => {
      const site = await sites.headOf(me.organisation, params['id']!);
      if (!site.summary.pages) throw new Problem(409, 'There are no pages to choose a direction for yet');
      const choice = await choices.make(site.id, body.directions);
      await note('Made a link for the client to choose a direction');
      return { choice };
    },
    'DELETE /sites/:id/choice': async ({ me, params }) => {
      const site = await sites.headOf(me.organisation, params['id']!);
      await choices.end(site.id);
    },
    'POST /references': ({ body: { address, html } }) =>
      html === undefined ? references.at((address ?? '').trim()) : references.read(html),
  };
}
