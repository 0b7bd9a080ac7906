import { serverFaults, serverState, type ServerSeen, type ServerState } from '@tin-porch/core/care';
import type { HostClient, Measured } from './host-client.js';

/** What is known of a server that does not answer. */
const NOT_MEASURED: Measured = {
  ...{ load: 0, cores: 1, memoryBytes: 0, memoryFreeBytes: 0, diskBytes: 0, diskFreeBytes: 0, database: false },
  ...{ requests: null, connections: null, troubles: 0, sites: 0, upSeconds: 0 },
};

type Said = Awaited<ReturnType<HostClient['measures']>>;
type Known = Pick<ServerSeen, 'roomDays' | 'troubles' | 'holes'>;

/** What is known of a server at this moment. An agent of before does not say whether its disk takes anything. */
function seenOf(said: Said | Error, known: Known): ServerSeen {
  const failed = said instanceof Error;
  const { writable = true, ...now } = failed ? NOT_MEASURED : said.now;
  return {
    ...now,
    ...known,
    error: failed ? said.message : undefined,
    front: now.requests !== null,
    writable,
    clockAheadS: failed ? null : said.clockAheadS,
  };
}

/** What is broken at a server, by what it says of itself. */
export const brokenAt = (said: Said): ReturnType<typeof serverFaults> =>
  serverFaults(seenOf(said, { roomDays: null, troubles: 0, holes: null }));

/** How a server is by what it says of itself, or by why it says nothing. @param known what is kept of it here */
export const howItIs = (said: Said | Error, known: Known): ServerState => serverState(seenOf(said, known));
