import type { Backups } from '../backups/backups.js';
import { JobLater, JobRefused, type Work } from '../jobs/jobs.js';
import type { Servers } from '../servers/servers.js';

/** Seconds until it is tried again what could not be given other keys. */
const AGAIN_S = 60;

/** By what Tin Porch is let in elsewhere, and since when. */
export interface Credential {
  kind: 'server' | 'place';
  name: string;
  /** Null where it is as it was made. */
  since: Date | null;
}

/** The keys by which servers and Tin Porch know each other, and the passwords of backup places: all made anew in one go. */
export class Credentials {
  /** @param backUp has Tin Porch itself backed up */
  constructor(
    private readonly servers: Servers,
    private readonly backups: Backups,
    private readonly backUp: () => Promise<void>,
  ) {}

  /** All of them, the servers first. */
  async all(): Promise<Credential[]> {
    const [keys, passwords] = [await this.servers.keys(), await this.backups.passwords()];
    return [
      ...keys.map((k) => ({ kind: 'server' as const, ...k })),
      ...passwords.map((p) => ({ kind: 'place' as const, ...p })),
    ];
  }

  /**
   * The job of it: one after the other, those that are done since it was asked for once; what does not answer keeps none of
   * the others, and is tried again. A copy of Tin Porch of before opens none of them: another is made at the end.
   */
  async steps(work: Work): Promise<void> {
    const since = new Date(String(work.job.input['since']));
    const troubles: string[] = [];
    const refused: string[] = [];
    for (const { kind, name, since: at } of await this.all()) {
      if (at && at >= since) continue;
      try {
        await work.step(kind === 'server' ? `Keys of ${name}` : `Password of ${name}`, async () => {
          await (kind === 'server' ? this.servers.renewKeys(name) : this.backups.renewPassword(name));
          return 'Others from now on; those of before open nothing';
        });
      } catch (error) {
        if (work.signal.aborted) throw error;
        // What trying again does not mend holds nothing up.
        (error instanceof JobRefused ? refused : troubles).push((error as Error).message);
      }
    }
    if (troubles.length) throw new JobLater(troubles.join(' '), AGAIN_S);
    await this.backUp();
    if (refused.length) throw new JobRefused(refused.join(' '));
  }
}
