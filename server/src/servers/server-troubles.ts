import type { serverFaults, ServerFault } from '@tin-porch/core/care';
import { lasted, some } from '@tin-porch/core/some';
import { hour, lettersTo, lower } from '../care/readers.js';
import { transaction, type Database, type Queryable } from '../db/database.js';

/** So many looks one after the other have to see it before it counts: what is over by then is nobody’s. */
const LOOKS = 2;
/**
 * What is written of at once. That a front is gone is told by the sites behind it; a clock does harm by and by, and is told in
 * the morning.
 */
const AT_ONCE: ReadonlySet<ServerFault> = new Set(['database', 'disk', 'full']);
/** Days for which it is known what was broken once. */
const KEPT_DAYS = 400;
/** Sites that are named in a letter. */
const NAMED = 4;

/** Something that is broken at a server. */
export interface ServerTrouble {
  id: string;
  server: string;
  fault: ServerFault;
  words: string;
  advice: string;
  looks: number;
  told: boolean;
  beganAt: Date;
}
const TROUBLE = 'id, server, fault, words, advice, looks, told, began_at as "beganAt"';

/** What is broken at servers that answer: written of once, and once that it is over, to those who have sites there. */
export class ServerTroubles {
  constructor(
    private readonly db: Database,
    private readonly post: { wake(): void } | null,
  ) {}

  /** Takes in what one look at a server found to be broken: all of it. */
  async keep(server: string, found: ReturnType<typeof serverFaults>, now: Date): Promise<void> {
    const letters = await transaction(this.db, async (client) => {
      let written = 0;
      const { rows: over } = await client.query<ServerTrouble>(
        `update server_trouble set ended_at = $3 where server = $1 and ended_at is null and not fault = any($2)
         returning ${TROUBLE}`,
        [server, found.map((f) => f.fault), now],
      );
      for (const trouble of over)
        if (trouble.told)
          written += await this.write(client, trouble, 'over', () => ({
            subject: `Over, after ${lasted(now.getTime() - trouble.beganAt.getTime())}: ${server}, ${lower(trouble.words)}`,
            text: `It is no longer so since ${hour(now)}; it was since ${hour(trouble.beganAt)}.\n`,
          }));
      await client.query(
        `delete from server_trouble where server = $1
           and (ended_at = $2 and looks < $3 or ended_at < $2::timestamptz - make_interval(days => $4))`,
        [server, now, LOOKS, KEPT_DAYS],
      );
      for (const { fault, words, advice } of found) {
        const { rows } = await client.query<ServerTrouble>(
          `insert into server_trouble (server, fault, words, advice, began_at) values ($1, $2, $3, $4, $5)
           on conflict (server, fault) where ended_at is null
             do update set looks = server_trouble.looks + 1, words = excluded.words, advice = excluded.advice
           returning ${TROUBLE}`,
          [server, fault, words, advice, now],
        );
        const trouble = rows[0]!;
        if (trouble.looks < LOOKS || trouble.told || !AT_ONCE.has(fault)) continue;
        await client.query('update server_trouble set told = true where id = $1', [trouble.id]);
        written += await this.write(client, trouble, 'begun', (sites) => ({
          subject: `${server}: ${lower(words)}`,
          text: `${words}, since ${hour(trouble.beganAt)}. ${advice}\n\nOn it: ${few(sites)}. You are told once, and again when it is over.\n`,
        }));
      }
      return written;
    });
    if (letters) this.post?.wake();
  }

  /** What is broken at servers on which an organisation has sites, the longest first. */
  async of(organisation: string): Promise<ServerTrouble[]> {
    const { rows } = await this.db.query<ServerTrouble>(
      `select ${TROUBLE} from server_trouble t where ended_at is null and looks >= $2
         and exists (select 1 from site s where s.server = t.server and s.organisation = $1 and s.live_release is not null)
       order by began_at, fault`,
      [organisation, LOOKS],
    );
    return rows;
  }

  /** Writes to everybody who looks after sites on a server, once each. Gives how many letters there are. */
  private async write(
    client: Queryable,
    { id, server }: ServerTrouble,
    what: 'begun' | 'over',
    letter: (sites: string[]) => { subject: string; text: string },
  ): Promise<number> {
    if (!this.post) return 0;
    const { rows } = await client.query<{ organisation: string; names: string[] }>(
      `select organisation, array_agg(coalesce(called, summary->>'name') order by coalesce(called, summary->>'name')) as names
       from site where server = $1 and live_release is not null group by 1`,
      [server],
    );
    let written = 0;
    for (const { organisation, names } of rows)
      written += await lettersTo(client, organisation, `server trouble ${id} ${what}`, letter(names));
    return written;
  }
}

const few = (names: readonly string[]): string =>
  names.length > NAMED
    ? `${names.slice(0, NAMED).join(', ')} and ${some(names.length - NAMED, 'more', 'more')}`
    : names.join(', ');
