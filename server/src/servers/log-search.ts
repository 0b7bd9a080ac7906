import { answerCause, type Answers, type LogFound } from '@tin-porch/core/care';
import { some } from '@tin-porch/core/some';
import { nameOf, type SiteHead } from '../sites/site-row.js';
import type { Sites } from '../sites/sites.js';
import { isTooOld } from './host-client.js';
import type { ServerRow, Servers } from './servers.js';

/** Lines that are told at a time. */
const MOST = 100;

/** What is looked for, as whoever asks says it. */
export interface LogAsked {
  text?: string;
  answers?: Answers;
  site?: string;
  before?: string;
}
/** A line, of which site it is, where, and what lies behind it. */
export interface LogLine extends LogFound {
  site: string;
  name: string;
  server: string;
  cause: string;
}

/** Looks through the access logs of the sites of an organisation, on every server they are on. */
export function logSearch(sites: Pick<Sites, 'list'>, servers: Pick<Servers, 'all'>) {
  const ask = async (server: ServerRow, own: SiteHead[], { text = '', answers = 'any', before }: LogAsked) => {
    const query = { text, answers, before: before ?? null, sites: own.map((s) => s.id), most: MOST };
    const { sites: found } = await server.client.searchLogs(query);
    return found.map(({ site: id, found: lines, whole, since }) => {
      const site = own.find((s) => s.id === id)!;
      const hosts = new Set([`${site.temporary}.${server.temporaryBase}`, ...(site.domain ? [site.domain] : [])]);
      const told = lines.map((line) => ({
        ...{ ...line, site: id, name: nameOf(site), server: server.name, cause: answerCause(line, hosts) },
      }));
      // What is older than this is not known as a whole; '' where all of it is.
      const known = whole ? '' : since === null ? null : (lines.at(-1)?.at ?? `${since}T00:00:00.000Z`);
      return { lines: told, known };
    });
  };

  return async (
    organisation: string,
    asked: LogAsked,
  ): Promise<{ lines: LogLine[]; earlier: string | null; gaps: { server: string; why: string }[] }> => {
    const own = (await sites.list(organisation)).filter((s) => s.server && (!asked.site || s.id === asked.site));
    const gaps: { server: string; why: string }[] = [];
    const all: Awaited<ReturnType<typeof ask>> = [];
    await Promise.all(
      (await servers.all()).map(async (server) => {
        const there = own.filter((s) => s.server === server.name);
        if (!there.length) return;
        try {
          const found = await ask(server, there, asked);
          all.push(...found);
          const late = found.filter((f) => f.known === null).length;
          if (late) gaps.push({ server: server.name, why: `There was no time for the logs of ${some(late, 'site')}.` });
        } catch (error) {
          const why = isTooOld(error)
            ? 'Its agent is too old to be asked: bring it the newer one.'
            : (error as Error).message;
          gaps.push({ server: server.name, why });
        }
      }),
    );
    const known = all.reduce((from, a) => (a.known !== null && a.known > from ? a.known : from), '');
    const sorted = all
      .flatMap((a) => a.lines)
      .filter((l) => l.at >= known)
      .sort((a, b) => (a.at < b.at ? 1 : a.at > b.at ? -1 : 0));
    const last = sorted[MOST - 1]?.at;
    const lines = last === undefined ? sorted : sorted.filter((l, n) => n < MOST || l.at === last);
    const more = known !== '' || lines.length < sorted.length;
    return {
      lines,
      earlier: more ? (lines.at(-1)?.at ?? known) : null,
      gaps: gaps.sort((a, b) => a.server.localeCompare(b.server)),
    };
  };
}
