import type { PorchConfig } from '../config.js';
import { openDatabase } from '../db/database.js';
import { Seal } from '../secrets/seal.js';
import type { HostClient } from './host-client.js';
import { Servers } from './servers.js';

/** Speaks with a hosting server as Tin Porch does, from another program with the same configuration. */
export async function withServer<T>(
  config: PorchConfig,
  name: string,
  use: (client: HostClient) => Promise<T>,
): Promise<T> {
  const db = openDatabase(config.databaseUrl);
  const servers = new Servers(db, Seal.of(config.secretsKey));
  try {
    const server = await servers.get(name);
    if (!server) throw new Error(`There is no server ${name}.`);
    return await use(server.client);
  } finally {
    await servers.close();
    await db.end();
  }
}
