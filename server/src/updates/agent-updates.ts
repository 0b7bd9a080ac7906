import { createHash } from 'node:crypto';
import { fileURLToPath } from 'node:url';
import { some } from '@tin-porch/core/some';
import { aboutIn, packed, versionIn, type AboutAgent } from '@tin-porch/press/programs';
import type { Backups } from '../backups/backups.js';
import { reachOf } from '../care/reach.js';
import { visit } from '../care/visitor.js';
import type { Database } from '../db/database.js';
import { JobLater, JobRefused, type Jobs, type Work } from '../jobs/jobs.js';
import { HostRefused, isTooOld, type HostHealth, type HostProgram } from '../servers/host-client.js';
import type { ServerRow, Servers } from '../servers/servers.js';
import { HEAD, nameOf, type SiteHead } from '../sites/site-row.js';

/** Where the agent lies that Tin Porch was installed with. */
export const OWN_AGENT = fileURLToPath(new URL('../../../', import.meta.url));

/** A version of the agent that was brought to a server, or is just now. */
export interface AgentUpdateRow {
  id: number;
  server: string;
  by: string;
  from: string;
  to: string;
  seen: Record<string, Seen>;
  state: 'going' | 'done' | 'back';
  words: string;
  begunAt: Date;
  endedAt: Date | null;
}
/** What visitors had of a site: its release, and status and SHA-256 of its first page and of one that is not there. */
interface Seen {
  release: string;
  pages: string[];
}

const ROW = `id::int, server, by, from_version as "from", to_version as "to", seen, state, words, begun_at as "begunAt", ended_at as "endedAt"`;
/** Backups that a server is asked to try at a time: what was found is seen as it goes on. */
const TRIED_AT_ONCE = 20;
/** How long an agent may take to be there again, ms, and how often it is looked. */
const [THERE_MS, LOOK_MS] = [60_000, 300];
/** How long until it is seen whether backups were made that are missing, s. */
const BACKUPS_S = 20;
/** Nothing of a site is at this address. */
const NOWHERE = '/nothing-is-here/';

/**
 * Brings the agent that Tin Porch has to hosting servers, one after the other: sent, tried on the newest backup of each site,
 * begun in place of the one before, looked at as visitors do; and the one before is back where anything is wrong.
 */
export class AgentUpdates {
  private own: Promise<(AboutAgent & { version: string }) | null> | undefined;

  constructor(
    private readonly db: Database,
    /** The folder in which the agent lies. */
    private readonly root: string,
    private readonly parts: { servers: Servers; backups: Backups; jobs: Pick<Jobs, 'begin'> },
    private readonly roots: string[],
  ) {}

  /** The agent that Tin Porch has; null where there is none beside it. */
  about = () =>
    (this.own ??= (async () => {
      const version = await versionIn(this.root);
      return version === null ? null : { ...(await aboutIn(this.root)), version };
    })());
  private version = async () => (await this.about())?.version ?? null;

  /** What was brought to servers, the newest first. */
  async newest(limit = 40): Promise<AgentUpdateRow[]> {
    const { rows } = await this.db.query<AgentUpdateRow>(
      `select ${ROW} from agent_update order by agent_update.id desc limit $1`,
      [limit],
    );
    return rows;
  }

  /** The job that brings it to the servers it names, or takes it back there. None is touched after the first trouble. */
  async steps(work: Work): Promise<void> {
    const { servers: names, back, by } = work.job.input as { servers: string[]; back?: boolean; by: string };
    for (const name of names) {
      const server = await this.parts.servers.get(name);
      if (!server) throw new JobRefused(`There is no server ${name} any more.`);
      await (back ? this.back(work, server, by) : this.bring(work, server, by));
    }
  }

  private async bring(work: Work, server: ServerRow, by: string): Promise<void> {
    const version = await this.version();
    if (!version) throw new JobRefused('Tin Porch has no agent beside it that could be sent.');
    const { client, name } = server;
    const now = await this.asked(server);
    const open = await this.open(name);
    if (open && now.running === open.to) return this.look(work, server, open, now);
    if (open) {
      // What became of it is told by the work that began it; work that begins anew goes on.
      await this.orFallen(open, now).catch((error: unknown) => {
        if (work.job.attempt > 1) throw error;
      });
      // It was killed before it was begun.
      await this.db.query(`delete from agent_update where id = $1 and state = 'going'`, [open.id]);
    }
    if (now.running === version) {
      await work.step(name, () => Promise.resolve(`Has version ${version} already`));
      return;
    }
    const [trouble] = troublesOf(await client.health());
    if (trouble) throw new JobRefused(`There is trouble on ${name} already, and that comes first. ${trouble}`);
    const sites = await this.live(name);
    const kept = await this.backedUp(name, sites);
    await work.step(`Send it to ${name}`, async () => {
      await client.putProgram(version, await packed(this.root));
      return `Version ${version}, whole, and what it needs is there`;
    });
    await this.try(work, server, version, sites, kept);
    const row = await work.step(`Look at what ${name} serves`, async () => {
      const seen = await this.see(server, sites);
      const { rows } = await this.db.query<AgentUpdateRow>(
        `insert into agent_update (server, by, from_version, to_version, seen) values ($1, $2, $3, $4, $5) returning ${ROW}`,
        [name, by, now.running, version, JSON.stringify(seen)],
      );
      return { ...rows[0]!, detail: some(sites.length, 'site') };
    });
    await this.begin(work, server, row.to, row);
    await this.look(work, server, row, await this.asked(server));
  }

  /** Begins a version, and waits until it is the one that answers. */
  private begin = (work: Work, server: ServerRow, version: string, row: AgentUpdateRow) =>
    work.step(`Begin version ${version} on ${server.name}`, async () => {
      const began = performance.now();
      await server.client.beginProgram(version);
      for (;;) {
        await new Promise((done) => setTimeout(done, LOOK_MS));
        work.signal.throwIfAborted();
        const now = await server.client.programs().catch(() => null);
        if (now?.running === version) break;
        if (now) await this.orFallen(row, now);
        if (performance.now() - began > THERE_MS)
          throw new JobLater(`The agent of ${server.name} is not there again so far.`, 5);
      }
      return `Answers after ${((performance.now() - began) / 1000).toFixed(1)} s`;
    });

  /** @throws JobRefused where a version that was begun did not come up */
  private async orFallen(row: AgentUpdateRow, { fallen }: HostProgram): Promise<void> {
    if (fallen?.version !== row.to || Date.parse(fallen.at) < row.begunAt.getTime()) return;
    await this.end(row, 'back', fallen.why);
    throw new JobRefused(`It did not come up on ${row.server}, and the one before serves again. ${fallen.why}`);
  }

  /** The newest backup of each site of a server; null where there is no place for any. @throws JobLater where some have none */
  private async backedUp(server: string, sites: SiteHead[]) {
    const { backups, jobs } = this.parts;
    if (!backups.placesOf(server).length) return null;
    const found = await backups.newestOn(sites.map((s) => s.id));
    const without = sites.filter((s) => !found.has(s.id));
    for (const { id } of without) await jobs.begin(id, 'backup');
    if (without.length) throw new JobLater(`A backup comes first of ${without.map(nameOf).join(', ')}.`, BACKUPS_S);
    return found;
  }

  /** Has every site’s newest backup tried by the version that was sent. @throws JobRefused where anything is wrong with one */
  private async try(
    work: Work,
    server: ServerRow,
    version: string,
    sites: SiteHead[],
    kept: Awaited<ReturnType<AgentUpdates['backedUp']>>,
  ): Promise<void> {
    const what = `Try it on backups of ${server.name}`;
    if (!kept) {
      await work.step(what, () => Promise.resolve('No place for backups is set up: it is tried on none'));
      return;
    }
    await work.step(what, async () => {
      let [rows, step] = [0, 0];
      for (let at = 0; at < sites.length; at += TRIED_AT_ONCE) {
        work.signal.throwIfAborted();
        const turn = sites.slice(at, at + TRIED_AT_ONCE);
        const asked = turn.map(({ id }) => ({ site: id, ...kept.get(id)! }));
        const { tried } = await server.client.tryProgram(version, asked);
        const bad = tried.find((t) => t.wrong !== null);
        const whose = bad && turn.find((s) => s.id === bad.site);
        if (bad)
          throw new JobRefused(
            `Nothing was changed on ${server.name}: it does not do with the backup of ${whose ? nameOf(whose) : bad.site}. ${bad.wrong}`,
          );
        for (const t of tried) [rows, step] = [rows + (t.rows ?? 0), t.step];
      }
      return `${some(sites.length, 'site')} came up with it, ${some(rows, 'row')} went to step ${step} of the tables and back`;
    });
  }

  /** Looks at a version that was begun, and takes it back where anything is otherwise. */
  private async look(work: Work, server: ServerRow, row: AgentUpdateRow, now: HostProgram): Promise<void> {
    const { wrong } = await work.step(`Look again at what ${server.name} serves`, async () => {
      const wrong = await this.wrongWith(server, row).catch((error: Error) => {
        work.signal.throwIfAborted();
        return [error.message];
      });
      return { wrong, detail: wrong[0] ?? `${some(Object.keys(row.seen).length, 'site')} as before` };
    });
    if (!wrong.length) {
      await server.client.programServes(row.to);
      return this.end(row, 'done', '');
    }
    if (!now.before) {
      await this.end(row, 'done', wrong.join(' '));
      throw new JobRefused(`There is trouble on ${server.name}, and no version to go back to. ${wrong.join(' ')}`);
    }
    await this.begin(work, server, now.before, { ...row, to: now.before });
    await server.client.programServes(now.before);
    await this.end(row, 'back', wrong.join(' '));
    throw new JobRefused(`It was taken back on ${server.name}. ${wrong.join(' ')}`);
  }

  /** Takes the version that runs back: the one before it is begun again. */
  private async back(work: Work, server: ServerRow, by: string): Promise<void> {
    const { name, client } = server;
    const now = await this.asked(server);
    if (!now.before) throw new JobRefused(`There is no version on ${name} to go back to.`);
    const sites = await this.live(name);
    const { rows } = await this.db.query<AgentUpdateRow>(
      `insert into agent_update (server, by, from_version, to_version, seen) values ($1, $2, $3, $4, $5)
       on conflict (server) where state = 'going' do update set by = $2, from_version = $3, to_version = $4, seen = $5
       returning ${ROW}`,
      [name, by, now.running, now.before, JSON.stringify(await this.see(server, sites))],
    );
    const row = rows[0]!;
    await this.begin(work, server, row.to, row);
    await client.programServes(row.to);
    await this.db.query(
      `update agent_update set state = 'back', words = $3 where server = $1 and to_version = $2 and state = 'done'`,
      [name, row.from, `Taken back by ${by}`],
    );
    const wrong = await this.wrongWith(server, row);
    await this.end(row, 'done', wrong.join(' '));
    if (wrong.length) throw new JobRefused(`${name} went back, and there is trouble: ${wrong.join(' ')}`);
  }

  private async asked({ client, name }: ServerRow): Promise<HostProgram> {
    return client.programs().catch((error: unknown) => {
      if (isTooOld(error))
        throw new JobRefused(`The agent of ${name} cannot be another by itself yet: put the newer one there by hand.`);
      if (error instanceof HostRefused) throw new JobRefused(error.message);
      throw error;
    });
  }

  private async open(server: string): Promise<AgentUpdateRow | undefined> {
    const { rows } = await this.db.query<AgentUpdateRow>(
      `select ${ROW} from agent_update where server = $1 and state = 'going'`,
      [server],
    );
    return rows[0];
  }

  private async end({ id }: AgentUpdateRow, state: 'done' | 'back', words: string): Promise<void> {
    await this.db.query('update agent_update set state = $2, words = $3, seen = $4, ended_at = now() where id = $1', [
      id,
      state,
      words,
      '{}',
    ]);
  }

  private async live(server: string): Promise<SiteHead[]> {
    const { rows } = await this.db.query<SiteHead>(
      `select ${HEAD} from site where server = $1 and live_release is not null and leaves_at is null order by id`,
      [server],
    );
    return rows;
  }

  /** What visitors have of each site. */
  private async see(server: ServerRow, sites: SiteHead[]): Promise<Record<string, Seen>> {
    const served = new Map((await server.client.health()).sites.map((s) => [s.id, s.pointer?.release ?? '']));
    const seen: Record<string, Seen> = {};
    for (const site of sites) {
      const { secure, host, address, port, preview } = await reachOf(site, server);
      const pages = [];
      for (const path of ['/', NOWHERE]) {
        const came = await visit({
          ...{ scheme: secure ? 'https' : 'http', host, path, address, port, roots: this.roots },
          ...(preview && { cookie: `preview=${preview}` }),
        });
        pages.push(`${came.status} ${createHash('sha256').update(came.body).digest('hex')}`);
      }
      seen[site.id] = { release: served.get(site.id) ?? '', pages };
    }
    return seen;
  }

  /** What is otherwise on a server than before, in words; empty where nothing is. */
  private async wrongWith(server: ServerRow, { seen: before }: AgentUpdateRow): Promise<string[]> {
    const wrong = troublesOf(await server.client.health());
    const sites = (await this.live(server.name)).filter((s) => before[s.id]);
    const after = await this.see(server, sites);
    for (const site of sites) {
      const { id } = site;
      const [was, is] = [before[id]!, after[id]!];
      // What was changed meanwhile is not what the agent did.
      if (was.release !== is.release) continue;
      for (const n of [0, 1])
        if (was.pages[n] !== is.pages[n]) {
          const [then, now] = [was.pages[n]!, is.pages[n]!].map((p) => p.slice(0, 3));
          wrong.push(
            `${n ? 'An address that is none' : 'The first page'} of ${nameOf(site)} ${then === now ? 'is not what it was' : `answers ${now}, and answered ${then}`}.`,
          );
        }
    }
    return wrong;
  }
}

/** What is wrong with a server as a whole, in words. */
const troublesOf = ({ database, unreadable }: HostHealth): string[] => [
  ...(database ? [] : ['Its database does not answer.']),
  ...Object.entries(unreadable).map(([id, [why]]) => `${id} cannot be read: ${why}`),
];
