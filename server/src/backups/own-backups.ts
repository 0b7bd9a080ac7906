import { readFile } from 'node:fs/promises';
import { basename } from 'node:path';
import { some } from '@tin-porch/core/some';
import type { Place } from '@tin-porch/press/keeping';
import type { PorchConfig } from '../config.js';
import type { Database } from '../db/database.js';
import { JobLater, JobRefused, type Work } from '../jobs/jobs.js';
import { backUpOwn, keepOwn, proveOwn } from './own-backup.js';

/** How long until a backup that could not be made is tried again, s. */
const AGAIN_S = 600;
/** Fewer letters than these close nothing. */
const LEAST_PASSWORD = 12;

/** How it stands with the backups of Tin Porch at a place; null is what was not yet. */
export interface OwnBackupState {
  place: string;
  madeAt: Date | null;
  sites: number | null;
  added: number | null;
  provenAt: Date | null;
  /** When the one that was proven was made, how many rows of it came back, and in what time. */
  provenOf: Date | null;
  provenRows: number | null;
  provenMs: number | null;
  trouble: string | null;
  troubleSince: Date | null;
}

/** Backups of Tin Porch itself: each night at every place that is set up, each tried out at once. */
export class OwnBackups {
  constructor(
    private readonly db: Database,
    private readonly config: Pick<PorchConfig, 'databaseUrl' | 'secretsKey' | 'backups'>,
  ) {}

  private get own() {
    return this.config.backups?.own;
  }

  /** What they are closed with: it is in a file, for whoever restores has no database. @throws JobRefused */
  private async password(file: string): Promise<string> {
    const password = (await readFile(file, 'utf8').catch(() => '')).trim();
    if (password.length < LEAST_PASSWORD)
      throw new JobRefused(`There is no password of ${LEAST_PASSWORD} letters or more in ${file}.`);
    return password;
  }

  /** Backs Tin Porch up at each place, tries each backup out, and keeps by rule. One place’s trouble is not another’s. */
  async steps(work: Work): Promise<void> {
    const { own } = this;
    if (!own?.places.length) throw new JobRefused('No place for backups of Tin Porch itself is set up.');
    const password = await this.password(own.passwordFile);
    const troubles: string[] = [];
    for (const { name, repository } of own.places) {
      try {
        await this.atPlace(work, name, { repository, password });
        await this.note(name, 'trouble = null, trouble_since = null');
      } catch (error) {
        if (work.signal.aborted) throw error;
        const { message } = error as Error;
        troubles.push(`${name}: ${message}`);
        await this.note(name, 'trouble = $2, trouble_since = coalesce(own_backup.trouble_since, now())', [message]);
      }
    }
    if (troubles.length) throw new JobLater(troubles.join(' '), AGAIN_S);
  }

  private async atPlace(work: Work, name: string, place: Place): Promise<void> {
    const { snapshot } = await work.step(`Back Tin Porch up to ${name}`, async () => {
      const made = await backUpOwn(this.config, place);
      await this.note(name, 'made_at = now(), sites = $2, added = $3', [made.sites, made.added]);
      return { ...made, detail: `${some(made.sites, 'site')}, ${(made.added / 1e6).toFixed(1)} MB of it new` };
    });
    await work.step(`Try it out from ${name}`, async () => {
      const { rows, ms } = await proveOwn(this.config, place, snapshot);
      await this.note(name, 'proven_at = now(), proven_of = own_backup.made_at, proven_rows = $2, proven_ms = $3', [
        rows,
        ms,
      ]);
      return `${some(rows, 'row')} came back as they were, in ${(ms / 1000).toFixed(1)} s`;
    });
    await work.step(`Keep backups at ${name} by rule`, async () => {
      // Those that are kept longer than need be are no harm: the next night does it.
      try {
        await keepOwn(place);
        return 'Done';
      } catch (error) {
        return `Not now: ${(error as Error).message}`;
      }
    });
  }

  private async note(place: string, set: string, values: readonly unknown[] = []): Promise<void> {
    await this.db.query('insert into own_backup (place) values ($1) on conflict do nothing', [place]);
    await this.db.query(`update own_backup set ${set} where place = $1`, [place, ...values]);
  }

  /** How it stands at each place, and how the file with the password is called: null where none is set up. */
  async state(): Promise<{ passwordFile: string; places: OwnBackupState[] } | null> {
    const { own } = this;
    if (!own?.places.length) return null;
    const { rows } = await this.db.query<OwnBackupState>(
      `select p.place, b.made_at as "madeAt", b.sites, b.added::int as added, b.proven_at as "provenAt",
         b.proven_of as "provenOf", b.proven_rows as "provenRows", b.proven_ms as "provenMs", b.trouble,
         b.trouble_since as "troubleSince"
       from unnest($1::text[]) with ordinality as p (place, n) left join own_backup b on b.place = p.place order by p.n`,
      [own.places.map((p) => p.name)],
    );
    // Where it is whoever set it up knows; how it is called says which.
    return { passwordFile: basename(own.passwordFile), places: rows };
  }
}
