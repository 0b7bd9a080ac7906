import { mkdir, rm } from 'node:fs/promises';
import { join } from 'node:path';
import { NEWEST } from '@tin-porch/cms';
import type { Place } from '@tin-porch/press/keeping';
import { AccessLogs } from './access-log.js';
import { Backups } from './backups/backups.js';
import { Blobs } from './blobs.js';
import { Certificates } from './certificates.js';
import type { HostConfig } from './config.js';
import { Databases } from './databases.js';
import { Desks } from './desk/desks.js';
import { MailKeys } from './desk/mail-keys.js';
import { Moves } from './moving/moves.js';
import { Previews } from './previews.js';
import type { HostParts } from './public.js';
import { Sites } from './sites.js';
import { Tries } from './tries.js';

/** Backups that are to be tried, and the step of the tables that the agent which serves keeps. */
export interface AskedTry {
  step: number;
  sites: { site: string; snapshot: string; place: Place }[];
}
/** What was found of one: what of it came back and went forward and back, or what is wrong. */
export type Tried = { site: string; step: number } & (
  { wrong: null; files: number; rows: number; ms: number } | { wrong: string }
);

/** A hosting server with nothing on it, in a folder of its own beside the one that serves. */
async function emptyServer(config: HostConfig, folder: string, log: HostParts['log']): Promise<HostParts> {
  const at = (name: string) => join(folder, name);
  const sites = await Sites.load(at('sites'), config.temporary.base);
  const own = {
    config: { ...config, data: folder },
    sites,
    ...{
      blobs: new Blobs(at('blobs'), 0),
      moves: Moves.none(),
      databases: new Databases(config.databaseUrl, at('sites')),
    },
    certificates: await Certificates.load(at('certificates'), at('front')),
    logs: new AccessLogs(at('logs'), () => new Set()),
    ...{ mailKeys: new MailKeys(at('sites')), challenges: new Map(), tries: new Tries() },
    ...{ previews: new Previews(at('sites')), marks: new Map(), startedAt: Date.now(), log, post: null },
  };
  return { ...own, desks: new Desks(own) };
}

/** Proves backups by this version of the agent, one after the other, and tells what it finds of each. */
export async function tryBackups(
  config: HostConfig,
  { step, sites }: AskedTry,
  tell: (tried: Tried) => void,
  log: HostParts['log'],
): Promise<void> {
  const folder = join(config.data, 'programs', 'try');
  await rm(folder, { recursive: true, force: true });
  await mkdir(folder, { recursive: true });
  const parts = await emptyServer(config, folder, log);
  const backups = new Backups(parts);
  try {
    for (const { site, snapshot, place } of sites)
      tell(
        await backups.prove(site, place, snapshot, step).then(
          (proven) => ({ site, step: NEWEST, wrong: null, ...proven }),
          (error: Error) => ({ site, step: NEWEST, wrong: error.message }),
        ),
      );
  } finally {
    await parts.databases.close();
    await rm(folder, { recursive: true, force: true });
  }
}
