import { serverState, type ServerSeen, type ServerState } from '@tin-porch/core/care';
import type { HostClient, Measured } from './host-client.js';

/** What is known of a server that does not answer. */
const NOT_MEASURED: Measured = {
  ...{ load: 0, cores: 1, memoryBytes: 0, memoryFreeBytes: 0, diskBytes: 0, diskFreeBytes: 0, database: false },
  ...{ requests: null, connections: null, troubles: 0, sites: 0, upSeconds: 0 },
};

/** How a server is by what it says of itself, or by why it says nothing. @param known what is kept of it here */
export function howItIs(
  said: Awaited<ReturnType<HostClient['measures']>> | Error,
  known: Pick<ServerSeen, 'roomDays' | 'troubles' | 'holes'>,
): ServerState {
  const failed = said instanceof Error;
  const { writable = true, ...now } = failed ? NOT_MEASURED : said.now;
  return serverState({
    ...now,
    ...known,
    error: failed ? said.message : undefined,
    front: now.requests !== null,
    writable,
    clockAheadS: failed ? null : said.clockAheadS,
  });
}
