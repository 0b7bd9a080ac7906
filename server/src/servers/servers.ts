import { createHash } from 'node:crypto';
import type { Agent } from 'undici';
import {
  agentFor,
  fingerprintOf,
  newIdentity,
  NotPaired,
  pairWith,
  takeNext,
  type Identity,
} from '@tin-porch/sign-in/pairing';
import type { ServerConfig } from '../config.js';
import type { Database } from '../db/database.js';
import { JobLater, JobRefused } from '../jobs/jobs.js';
import type { Seal } from '../secrets/seal.js';
import { HostClient } from './host-client.js';

export interface ServerRow extends Omit<ServerConfig, 'code'> {
  client: HostClient;
}
/** How a server knows us and we know it. */
interface Pairing {
  code: string | null;
  ownKey: string;
  ownCertificate: string;
  /** What it is known by since it was paired. */
  certificate: string | null;
  /** What both sides are to have next; the last is null until the server has made ready. */
  nextKey: string | null;
  nextOwnCertificate: string | null;
  nextCertificate: string | null;
}
const PAIRING = `code, own_key as "ownKey", own_certificate as "ownCertificate", certificate, next_key as "nextKey", next_own_certificate as "nextOwnCertificate", next_certificate as "nextCertificate"`;

const COLUMNS = `name, address, http_port as "httpPort", https_port as "httpsPort", temporary_base as "temporaryBase", temporary_port as "temporaryPort", control_url as "controlUrl"`;
const digestOf = (text: string): string => createHash('sha256').update(text).digest('hex');

/** The hosting servers Tin Porch knows. */
export class Servers {
  /** Connections that are open, by server, and which certificate they are to. */
  private readonly agents = new Map<string, { agent: Agent; to: string }>();

  constructor(
    private readonly db: Database,
    private readonly seal: Seal,
  ) {}

  /** Takes over what the configuration says. A code that was not seen before pairs the server anew when it is next spoken to. */
  async put(servers: ServerConfig[]): Promise<void> {
    for (const s of servers) {
      const own = await newIdentity('Tin Porch');
      await this.db.query(
        `insert into server (name, address, http_port, https_port, temporary_base, temporary_port, control_url, code, code_digest, own_key, own_certificate)
         values ($1,$2,$3,$4,$5,$6,$7,$8,$9,$10,$11)
         on conflict (name) do update set address = $2, http_port = $3, https_port = $4, temporary_base = $5, temporary_port = $6, control_url = $7,
           code = case when server.code_digest = $9 then server.code else $8 end, code_digest = $9,
           own_key = coalesce(server.own_key, $10), own_certificate = coalesce(server.own_certificate, $11)`,
        [
          s.name,
          s.address,
          s.httpPort,
          s.httpsPort,
          s.temporaryBase,
          s.temporaryPort,
          s.controlUrl,
          this.seal.close(s.code),
          digestOf(s.code),
          this.seal.close(own.key),
          own.certificate,
        ],
      );
    }
  }

  async all(): Promise<ServerRow[]> {
    const { rows } = await this.db.query<Omit<ServerConfig, 'code'>>(`select ${COLUMNS} from server order by name`);
    return rows.map((r) => ({
      ...r,
      client: new HostClient(r.name, r.controlUrl, () => this.connections(r.name, r.controlUrl)),
    }));
  }

  async get(name: string): Promise<ServerRow | undefined> {
    return (await this.all()).find((s) => s.name === name);
  }

  /** Ends every connection that rests. */
  async close(): Promise<void> {
    await Promise.allSettled([...this.agents.values()].map(({ agent }) => agent.destroy()));
    this.agents.clear();
  }

  private async pairing(name: string): Promise<Pairing> {
    const { rows } = await this.db.query<Pairing>(`select ${PAIRING} from server where name = $1`, [name]);
    if (!rows[0]) throw new JobRefused(`There is no server ${name} any more.`);
    return rows[0];
  }

  /** Since when each server and Tin Porch know each other by the keys they have; null where that is since they were paired. */
  async keys(): Promise<{ name: string; since: Date | null }[]> {
    const { rows } = await this.db.query<{ name: string; since: Date | null }>(
      'select name, keys_at as since from server order by name',
    );
    return rows;
  }

  /**
   * Gives a server and Tin Porch other keys, by which they know each other from then on. Safe to run again wherever it was
   * killed: either the ones before count on both sides, or the next ones.
   * @throws JobLater where the server does not answer, JobRefused where it is not paired
   */
  async renewKeys(name: string): Promise<void> {
    const server = await this.get(name);
    if (!server) throw new JobRefused(`There is no server ${name} any more.`);
    const next = await newIdentity('Tin Porch');
    await this.db.query(
      'update server set next_key = $2, next_own_certificate = $3, next_certificate = null where name = $1 and next_key is null',
      [name, this.seal.close(next.key), next.certificate],
    );
    const { ownCertificate, nextOwnCertificate } = await this.pairing(name);
    const certificate = await server.client.nextKeys(nextOwnCertificate!);
    await this.db.query('update server set next_certificate = $3 where name = $1 and next_own_certificate = $2', [
      name,
      nextOwnCertificate,
      certificate,
    ]);
    await server.client.health();
    // What is asked next is asked with them, by whoever asks.
    if ((await this.pairing(name)).ownCertificate === ownCertificate)
      throw new JobLater(`${name} did not take the other keys into use so far.`, 5);
  }

  /** Takes the next keys into use where both sides have them. Where the server does not answer, those of before stay. */
  private async takeNext(name: string, url: string, row: Pairing): Promise<Pairing> {
    const { nextKey, nextOwnCertificate, nextCertificate, certificate } = row;
    if (!nextKey || !nextOwnCertificate || !nextCertificate || !certificate) return row;
    const next: Identity = { key: this.seal.open(nextKey), certificate: nextOwnCertificate };
    const taken = await takeNext(url, next, certificate, nextCertificate).catch(() => null);
    if (taken === null) return row;
    // Where the server knows nothing of them, it is another than it was, and they are made anew.
    await this.db.query(
      `update server set own_key = case when $3 then next_key else own_key end,
         own_certificate = case when $3 then next_own_certificate else own_certificate end,
         certificate = case when $3 then next_certificate else certificate end,
         keys_at = case when $3 then now() else keys_at end,
         next_key = null, next_own_certificate = null, next_certificate = null
       where name = $1 and next_certificate = $2`,
      [name, nextCertificate, taken],
    );
    return this.pairing(name);
  }

  /** Connections to a server as it was paired; it is paired first where it has a code that was not used so far. */
  private async connections(name: string, url: string): Promise<Agent> {
    const row = await this.takeNext(name, url, await this.pairing(name));
    const own: Identity = { key: this.seal.open(row.ownKey), certificate: row.ownCertificate };
    const certificate = row.code ? await this.pair(name, url, this.seal.open(row.code), own) : row.certificate;
    if (!certificate) throw new JobRefused(`${name} is not paired: its code is missing.`);
    const to = `${fingerprintOf(own.certificate)} ${fingerprintOf(certificate)}`;
    const known = this.agents.get(name);
    if (known?.to === to) return known.agent;
    const agent = agentFor(own, certificate);
    this.agents.set(name, { agent, to });
    // What is under way over the others is answered.
    void known?.agent.close().catch(() => undefined);
    return agent;
  }

  private async pair(name: string, url: string, code: string, own: Identity): Promise<string> {
    const certificate = await pairWith(url, code, own).catch((error: Error) => {
      if (error instanceof NotPaired) throw new JobRefused(`${name} cannot be paired: ${error.message}.`);
      throw error;
    });
    await this.db.query(
      `update server set certificate = $2, code = null, keys_at = now(), next_key = null, next_own_certificate = null,
         next_certificate = null where name = $1 and code_digest = $3`,
      [name, certificate, digestOf(code)],
    );
    return certificate;
  }
}
