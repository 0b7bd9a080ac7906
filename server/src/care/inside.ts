import { randomBytes } from 'node:crypto';
import { planMailRecords, type InsideEvidence } from '@tin-porch/core/care';
import { GUESSED, IN_AFTER_GUESSES } from '@tin-porch/core/model';
import { ENGINE } from '@tin-porch/core/page';
import type { HostSite } from '../servers/host-client.js';
import type { ServerRow } from '../servers/servers.js';
import type { DomainSeen, SiteHead } from '../sites/site-row.js';
import { visit } from './visitor.js';

/** Looks at a site as whoever looks after it: what its server says of it, and whether its certificate could be renewed. */
export async function lookInside(
  site: Pick<SiteHead, 'id' | 'domain' | 'open'>,
  server: ServerRow,
  served: HostSite | null,
  seen: DomainSeen | null,
): Promise<InsideEvidence> {
  const { engine, pointer } = served ?? {};
  const [desk, renewal] = await Promise.all([
    server.client.desk(site.id).catch(() => null),
    site.domain && site.open && leadsHere(site.domain, server, seen) ? rehearse(site.domain, server) : null,
  ]);
  return {
    version: engine && pointer ? { drew: engine, newest: ENGINE, since: pointer.switchedAt } : null,
    mail: site.domain && seen && !seen.error ? mailOf(site.domain, seen) : null,
    people: desk && desk.people.map(({ name, role, madeAt, seenAt }) => ({ name, role, madeAt, seenAt })),
    guesses:
      desk &&
      desk.log
        .filter(({ what }) => what === GUESSED || what === IN_AFTER_GUESSES)
        .map(({ at, by, what }) => ({ at, by, in: what === IN_AFTER_GUESSES })),
    renewal,
  };
}

/** Whether a name leads to its server: where it does not, that is the trouble, and it is said already. */
const leadsHere = (domain: string, { address }: ServerRow, seen: DomainSeen | null): boolean =>
  seen !== null && !seen.error && seen.records.some((r) => r.name === domain && r.type === 'A' && r.data === address);

function mailOf(domain: string, { mail, records }: DomainSeen): InsideEvidence['mail'] {
  if (!mail) return null;
  // What judges nobody yet is no trouble of ours.
  const plans = planMailRecords(domain, mail, records).slice(0, 2);
  const wrong = plans.filter((p) => p.verdict !== 'right');
  if (!wrong.length || wrong.length === plans.length) return null;
  return {
    from: mail.now ?? mail.from,
    wrong: wrong.map(({ label, type, now, should }) => ({
      ...{ name: label === '@' ? domain : `${label}.${domain}`, type, now, should: should ?? '' },
    })),
  };
}

/** Has the question answered that a certificate authority asks before it renews (RFC 8555, 8.3), and asks it as one would. */
async function rehearse(domain: string, { client, address, httpPort }: ServerRow): Promise<InsideEvidence['renewal']> {
  const [token, thumb] = [randomBytes(24).toString('base64url'), randomBytes(24).toString('base64url')];
  const answer = `${token}.${thumb}`;
  const path = `/.well-known/acme-challenge/${token}`;
  try {
    await client.putChallenge(token, answer);
  } catch {
    // The server does not answer now: that is another finding.
    return null;
  }
  try {
    const came = await visit({ scheme: 'http', host: domain, path, address, port: httpPort, roots: [] });
    const works = came.status === 200 && came.body.trim() === answer;
    const what = came.status === 200 ? 'answers something else than it was given' : `answers ${came.status}`;
    return { works, detail: works ? '' : `http://${domain}${path} ${what}.` };
  } catch (error) {
    return { works: false, detail: `http://${domain}${path} does not answer: ${(error as Error).message}.` };
  } finally {
    await client.dropChallenge(token).catch(() => undefined);
  }
}
