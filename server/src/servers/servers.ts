import type { ServerConfig } from '../config.js';
import type { Database } from '../db/database.js';
import type { Seal } from '../secrets/seal.js';
import { HostClient } from './host-client.js';

export interface ServerRow extends Omit<ServerConfig, 'token'> {
  client: HostClient;
}

const COLUMNS = `name, address, http_port as "httpPort", https_port as "httpsPort", temporary_base as "temporaryBase", temporary_port as "temporaryPort", control_url as "controlUrl", token`;

/** The hosting servers Tin Porch knows. */
export class Servers {
  constructor(
    private readonly db: Database,
    private readonly seal: Seal,
  ) {}

  /** Takes over what the configuration says. The tokens are kept closed. */
  async put(servers: ServerConfig[]): Promise<void> {
    for (const s of servers)
      await this.db.query(
        `insert into server (name, address, http_port, https_port, temporary_base, temporary_port, control_url, token) values ($1,$2,$3,$4,$5,$6,$7,$8)
         on conflict (name) do update set address = $2, http_port = $3, https_port = $4, temporary_base = $5, temporary_port = $6, control_url = $7, token = $8`,
        [
          s.name,
          s.address,
          s.httpPort,
          s.httpsPort,
          s.temporaryBase,
          s.temporaryPort,
          s.controlUrl,
          this.seal.close(s.token),
        ],
      );
  }

  async all(): Promise<ServerRow[]> {
    const { rows } = await this.db.query<ServerConfig>(`select ${COLUMNS} from server order by name`);
    return rows.map(({ token, ...r }) => ({
      ...r,
      client: new HostClient(r.name, r.controlUrl, this.seal.open(token)),
    }));
  }

  async get(name: string): Promise<ServerRow | undefined> {
    return (await this.all()).find((s) => s.name === name);
  }
}
