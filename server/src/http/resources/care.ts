import type { inbox as inboxRoutes, rounds as roundRoutes } from '@tin-porch/contract';
import { Problem } from '@tin-porch/core/ground';
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

/** Rounds over all sites. */
export function roundHandlers({ sites, rounds, jobs }: Parts): Handlers<typeof roundRoutes> {
  return {
    'GET /rounds': async ({ me }) => {
      const [rows, last, findings] = await Promise.all([
        sites.list(me.organisation),
        rounds.last(me.organisation),
        rounds.findings(me.organisation),
      ]);
      const names = new Map(rows.map((r) => [r.id, nameOf(r)]));
      const name = (id: string) => names.get(id) ?? id;
      return {
        rounds: last.map((r) => ({ ...r, name: name(r.site) })),
        findings: findings.map((f) => ({ ...f, name: name(f.site) })),
        walked: rows.filter((r) => r.liveRelease).length,
      };
    },
    'POST /rounds': async ({ me, note }) => {
      const rows = (await sites.list(me.organisation)).filter((r) => r.liveRelease);
      const begun = await Promise.all(rows.map((r) => jobs.begin(r.id, 'round')));
      await note('Began a round of all sites');
      return { jobs: begun.length };
    },
  };
}
