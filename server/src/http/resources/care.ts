import type { inbox as inboxRoutes, rounds as roundRoutes } from '@tin-porch/contract';
import { byNeed, byWeek, fleetLine, visitWords } from '@tin-porch/core/care';
import { Problem } from '@tin-porch/core/ground';
import { pagePath } from '@tin-porch/core/page';
import { some } from '@tin-porch/core/some';
import { nameOf } from '../../sites/site-row.js';
import type { Parts } from '../parts.js';
import type { Handlers } from '../serve.js';

const messageOf = (id: string | undefined): string => {
  if (!id || !/^[0-9a-f-]{36}$/.test(id)) throw new Problem(404, 'There is no such message');
  return id;
};

/** Messages from the forms of sites. */
export function inboxHandlers({ sites, inbox }: Parts): Handlers<typeof inboxRoutes> {
  return {
    'GET /inbox': async ({ me, query }) => {
      const [rows, counts, { messages, more }] = await Promise.all([
        sites.list(me.organisation),
        inbox.counts(me.organisation),
        inbox.list(me.organisation, {
          ...(query.words && { words: query.words }),
          ...(query.site && { site: query.site }),
          unread: query.show === 'unread',
          aside: query.show === 'aside',
          ...(query.before && query.id && { after: { receivedAt: query.before, id: query.id } }),
        }),
      ]);
      const names = new Map(rows.map((r) => [r.id, nameOf(r)]));
      return {
        more,
        counts,
        sites: rows.map((r) => ({ id: r.id, name: nameOf(r) })),
        messages: messages.map((m) => ({ ...m, siteName: names.get(m.site) ?? m.site })),
      };
    },
    'DELETE /inbox/aside': async ({ me, note }) => {
      const erased = await inbox.eraseAside(me.organisation);
      await note(`Erased ${erased} messages that were put aside`);
      return { erased };
    },
    'DELETE /inbox/:message': async ({ me, params, note }) => {
      await inbox.erase(me.organisation, messageOf(params['message']));
      await note('Erased a message');
    },
    'PUT /inbox/:message': async ({ body, me, params }) => {
      if (!(await inbox.mark(me.organisation, messageOf(params['message']), body.read)))
        throw new Problem(404, 'There is no such message');
    },
  };
}

/** Rounds over all sites, what they found, and whether visitors get in. */
export function roundHandlers({
  sites,
  servers,
  rounds,
  jobs,
  mending,
  visits,
  watch,
  lab,
  config,
}: Parts): Handlers<typeof roundRoutes> {
  return {
    'GET /rounds': async ({ me }) => {
      const [rows, last, all, outages, mended] = await Promise.all([
        sites.list(me.organisation),
        rounds.last(me.organisation),
        rounds.findings(me.organisation),
        watch.outages(me.organisation),
        rounds.mended(me.organisation),
      ]);
      const names = new Map(rows.map((r) => [r.id, nameOf(r)]));
      const named = <T extends { site: string }>(x: T) => ({ ...x, name: names.get(x.site) ?? x.site });
      const walked = rows.filter((r) => r.liveRelease && !r.leavesAt);
      const staying = new Set(walked.map((r) => r.id));
      const findings = all.filter((f) => staying.has(f.site)).map(named);
      const open = findings.filter((f) => !f.snoozed);
      const came = await visits.of(walked.map((r) => r.id));
      const now = new Date().toISOString();
      const groups = byNeed(
        open.map((f) => ({ ...f, firstSeen: f.firstSeen.toISOString() })),
        (site) => byWeek(came.get(site) ?? {}, now.slice(0, 10), 1)[0]!,
        now,
      );
      return {
        line: fleetLine(open, walked.length),
        groups,
        snoozed: findings.filter((f) => f.snoozed),
        outages: outages.map(named),
        mended: mended.map(({ key: _, ...m }) => named(m)),
        rounds: last.map(named),
        walked: walked.length,
        watched: {
          open: walked.filter((r) => r.open && r.domain).length,
          ...(await watch.fleet(me.organisation)),
        },
      };
    },
    'GET /sites/:id/visits': async ({ me, params, query }) => {
      const site = await sites.of(me.organisation, params['id']!);
      const server = site.server ? await servers.get(site.server) : undefined;
      // What came today is with its server; where that does not answer now, what was known stands.
      if (server && site.liveRelease) await visits.take(site.id, server.client).catch(() => undefined);
      const span = await visits.span(site.id, Number(query.days ?? '28'));
      const labels = new Map(site.document.pages.map((p) => [pagePath(p), p.label]));
      const words = visitWords(span.now, span.before, (p) => labels.get(p) ?? p, site.document.forms.length > 0);
      return { ...span, words, labels: Object.fromEntries(labels) };
    },
    'POST /findings/mend': async ({ body, me, note }) => {
      const did = await mending.mend(me.organisation, body.which, me.name);
      if (did.begun) await note(`Began to mend ${some(did.begun, 'finding')}`);
      return did;
    },
    'PUT /findings/snooze': async ({ body, me, note }) => {
      const off = body.off && { until: new Date(body.off.until), reason: body.off.reason.trim() };
      const did = await mending.snooze(me.organisation, body.which, off, me.name);
      await note(
        off ? `Put ${some(did.put, 'finding')} off: ${off.reason}` : `Has ${some(did.put, 'finding')} said again`,
      );
      return did;
    },
    'GET /sites/:id/care': async ({ me, params }) => {
      const site = await sites.headOf(me.organisation, params['id']!);
      const [findings, seen, outages] = await Promise.all([
        rounds.findings(me.organisation, site.id),
        watch.of(site.id),
        watch.outages(me.organisation, site.id),
      ]);
      return { findings, ...seen, outages: outages.map((o) => ({ ...o, name: nameOf(site) })) };
    },
    'GET /sites/:id/lab': async ({ me, params }) => {
      const site = await sites.of(me.organisation, params['id']!);
      const labels = new Map(site.document.pages.map((p) => [pagePath(p), p.label]));
      const { pages, trend } = await lab.of(site.id);
      return {
        able: config.browser !== undefined,
        pages: pages.map((p) => ({ ...p, label: labels.get(p.path) ?? p.path })),
        trend,
      };
    },
    'POST /rounds': async ({ me, note }) => {
      const rows = (await sites.list(me.organisation)).filter((r) => r.liveRelease && !r.leavesAt);
      const begun = await Promise.all(rows.map((r) => jobs.begin(r.id, 'round')));
      await note('Began a round of all sites');
      return { jobs: begun.length };
    },
  };
}
