import type { ServerInfo } from '../api/model';

/** What a server says that has little to do. */
export const MEASURED: NonNullable<ServerInfo['now']> = {
  ...{ load: 0.2, cores: 2, memoryBytes: 4e9, memoryFreeBytes: 3e9, diskBytes: 9e9, diskFreeBytes: 4e9 },
  ...{ database: true, requests: 90, connections: 1, troubles: 0, sites: 3, upSeconds: 90 },
};

/** A server that is well, with nothing on it. */
export const aServer = (name: string, more: Partial<ServerInfo> = {}): ServerInfo => ({
  ...{ name, address: '127.0.0.11', temporaryBase: `${name}.localhost`, sites: [], others: { sites: 0, bytes: 0 } },
  ...{ now: MEASURED, past: [], state: { tone: 'moss', words: 'Well', advice: '' } },
  ...more,
});
