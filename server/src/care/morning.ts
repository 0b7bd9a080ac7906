import { byNeed, fleetLine } from '@tin-porch/core/care';
import { lasted, some } from '@tin-porch/core/some';
import type { Letter } from '@tin-porch/mail';
import { transaction, type Database } from '../db/database.js';
import type { ServerTroubles } from '../servers/server-troubles.js';
import { lettersTo, lower } from './readers.js';
import type { OpenFinding, Rounds } from './rounds.js';
import type { Outage, Watch } from './watch.js';

/** Things that are named in a letter; of the rest how many. */
const NAMED = 5;

/** The first of some lines, and how many more there are. */
const few = (all: readonly string[]): string[] =>
  all.length > NAMED ? [...all.slice(0, NAMED), `and ${some(all.length - NAMED, 'more', 'more')}`] : [...all];

/** What there is to say of a fleet in the morning. */
export interface Morning {
  sites: { id: string; name: string; visits: number }[];
  findings: readonly OpenFinding[];
  /** What Tin Porch or somebody mended since the morning before. */
  mended: readonly { site: string; title: string }[];
  /** Since the morning before. */
  outages: readonly Outage[];
  /** What is broken at servers now, in words. */
  servers: readonly { server: string; words: string }[];
  origin: string;
  /** ISO 8601. */
  now: string;
}

/**
 * The letter of a morning, to be read in ten seconds: how the fleet stands, the few things to do first, what was mended.
 * Null where all is well and nothing happened: then there is nothing to read.
 */
export function morningLetter({
  sites,
  findings,
  mended,
  outages,
  servers,
  origin,
  now,
}: Morning): Omit<Letter, 'cause' | 'to'> | null {
  const said = findings.filter((f) => !f.snoozed);
  if (!said.length && !outages.length && !servers.length) return null;
  const name = (id: string) => sites.find((s) => s.id === id)?.name ?? id;
  const visits = (id: string) => sites.find((s) => s.id === id)?.visits ?? 0;
  const groups = byNeed(
    said.map((f) => ({ ...f, firstSeen: f.firstSeen.toISOString() })),
    visits,
    now,
  );
  const line = fleetLine(said, sites.length);
  const broken = servers.map((s) => `${s.server}: ${lower(s.words)}.`);
  const lines = groups
    .slice(0, NAMED)
    .map((g) =>
      g.findings.length === 1
        ? `- ${name(g.findings[0]!.site)}: ${lower(g.title)}`
        : `- ${g.title}: ${[...new Set(g.findings.map((f) => name(f.site)))].slice(0, 4).join(', ')}${g.findings.length > 4 ? ' and others' : ''}`,
    );
  const more = groups.length - NAMED;
  const down = [
    // Where a server was away, all its sites were: that is one thing.
    ...new Set(
      outages.map((o) => {
        const what = o.cause === 'server' ? `${o.server} with its sites` : name(o.site);
        const long = o.endedAt ? `for ${lasted(o.endedAt.getTime() - o.beganAt.getTime())}` : 'and still is not';
        return `${what} was not to be had ${long}${o.cause === 'server' ? '' : `: ${o.detail}`}.`;
      }),
    ),
  ];
  return {
    // A server comes before the sites on it.
    subject: (broken[0] ?? line).replace(/\.$/, ''),
    text:
      [
        ...few(broken),
        line,
        ...(lines.length ? [[...lines, ...(more > 0 ? [`- and ${some(more, 'thing')} more`] : [])].join('\n')] : []),
        ...few(down),
        ...(mended.length
          ? [`Mended: ${few(mended.map((m) => `${name(m.site)} (${lower(m.title)})`)).join(', ')}.`]
          : []),
        `${origin}/rounds`,
      ].join('\n\n') + '\n',
  };
}

/** Writes the letter of this morning to everybody who wants it, once a day. */
export async function writeMornings(
  db: Database,
  {
    rounds,
    watch,
    troubles,
    post,
    origin,
  }: {
    rounds: Rounds;
    watch: Watch;
    troubles: Pick<ServerTroubles, 'of'>;
    post: { wake(): void } | null;
    origin: string;
  },
  now = new Date(),
): Promise<number> {
  if (!post) return 0;
  const { rows } = await db.query<{ id: string }>('select id from organisation order by id');
  let written = 0;
  for (const { id } of rows) {
    const { rows: sites } = await db.query<{ id: string; name: string; visits: number }>(
      `select s.id, coalesce(s.called, s.summary->>'name') as name,
         (select coalesce(sum(visits), 0)::int from visit_day v where v.site = s.id and v.day > current_date - 7) as visits
       from site s where s.organisation = $1 and s.live_release is not null and s.leaves_at is null`,
      [id],
    );
    const live = new Set(sites.map((s) => s.id));
    const since = now.getTime() - 86_400_000;
    const letter = morningLetter({
      sites,
      findings: (await rounds.findings(id)).filter((f) => live.has(f.site)),
      mended: (await rounds.mended(id)).filter((m) => m.endedAt.getTime() > since),
      outages: (await watch.outages(id)).filter((o) => live.has(o.site) && (!o.endedAt || o.endedAt.getTime() > since)),
      servers: await troubles.of(id),
      origin,
      now: now.toISOString(),
    });
    if (!letter) continue;
    const day = now.toISOString().slice(0, 10);
    written += await transaction(db, (client) => lettersTo(client, id, `morning ${day}`, letter));
  }
  if (written) post.wake();
  return written;
}
