import { ENGINE } from '@tin-porch/core/page';
import { Accounts } from '../accounts/accounts.js';
import type { Database } from '../db/database.js';
import { JobRefused, type Job, type JobKind } from '../jobs/jobs.js';
import { Sites } from '../sites/sites.js';
import { realDatabase } from '../testing/real-database.js';
import { Rollouts } from './rollouts.js';

describe('many sites that are updated', () => {
  let db: Database;
  let end: () => Promise<void>;
  let organisation: string;
  let ids: string[];
  let rollouts: Rollouts;
  /** Work that was begun, the newest last, and what is refused to. */
  let begun: string[];
  let refused: Set<string>;
  const jobs = {
    async begin(site: string | null, kind: JobKind, input: Record<string, unknown> = {}): Promise<Job> {
      if (refused.has(site!)) throw new JobRefused('Another release is being put in place.');
      begun.push(`${input['back'] ? 'back' : kind} ${site}`);
      await db.query(
        `insert into job (site, kind, input) values ($1, $2, $3) on conflict (coalesce(site, ''), kind) where state in ('waiting', 'running', 'retrying') do nothing`,
        [site, kind, input],
      );
      return {} as Job;
    },
    cancel: (id: string) => jobs.finish('id', id, 'cancelled'),
    finish: async (by: 'id' | 'site', id: string, state: Job['state'], error: string | null = null) =>
      void (await db.query(
        `update job set state = $2, error = $3, finished_at = now() where ${by}::text = $1 and finished_at is null`,
        [...[id, state, error]],
      )),
  };
  const begin = (rest = 0, sites = ids) => rollouts.begin(organisation, sites, rest, 'Ines');
  const newest = async () => (await rollouts.newest(organisation))!;
  const states = async () => (await newest()).sites.map((s) => s.state).join(' ');
  /** A site is through: its work says so, and is at its end. */
  async function through(n: number, state: 'done' | 'left' | 'trouble' = 'done', words = ''): Promise<void> {
    await rollouts.ended(ids[n]!, state, words);
    await jobs.finish('site', ids[n]!, state === 'done' ? 'done' : 'failed');
    if (state === 'done') await db.query('update site set live_engine = $2 where id = $1', [ids[n], ENGINE]);
    await rollouts.goOn();
  }

  beforeAll(async () => {
    ({ db, end } = await realDatabase());
    await new Accounts(db).put('ines@tinporch.example', 'Ines', 'a-dry-place-to-work');
    organisation = (await db.query<{ organisation: string }>('select organisation from account')).rows[0]!.organisation;
    const sites = new Sites(db);
    ids = [];
    for (let n = 0; n < 6; n++) ids.push((await sites.create(organisation, { name: `Mooring ${n}` })).id);
    // The later ones are those that more come to.
    for (const [n, id] of ids.entries())
      await db.query('insert into visit_day (site, day, visits, pages) values ($1, current_date, $2, $2)', [
        id,
        n * 10,
      ]);
  });
  beforeEach(async () => {
    [begun, refused, rollouts] = [[], new Set(), new Rollouts(db, jobs)];
    await db.query('delete from rollout');
    await db.query('delete from job');
    await db.query(`update site set live_release = 'r-1', live_engine = $1, leaves_at = null`, [ENGINE - 1]);
  });
  afterAll(() => end());

  it('begin with the one that fewest come to, then a few, then the rest', async () => {
    await begin(0, [...ids].reverse());
    expect(begun).toEqual([`update ${ids[0]}`]);
    await rollouts.goOn();
    expect(begun.length).toBe(1);
    await through(0);
    // Two at once, so that other work has its turn.
    expect(begun.slice(1)).toEqual([`update ${ids[1]}`, `update ${ids[2]}`]);
    await through(2);
    expect(begun.slice(3)).toEqual([`update ${ids[3]}`]);
    await through(1);
    expect((await newest()).wave).toBe(2);
    await through(3);
    expect(begun.slice(4)).toEqual([`update ${ids[4]}`, `update ${ids[5]}`]);
    await through(4);
    await through(5);
    const { state, endedAt, by, engine } = await newest();
    expect([state, endedAt !== null, by, engine, await states()]).toEqual([
      ...['done', true, 'Ines', ENGINE, 'done done done done done done'],
    ]);
    await expectAsync(begin()).toBeRejectedWith(jasmine.objectContaining({ status: 422 }));
  });

  it('rest between the waves, or go on at once where somebody says so', async () => {
    await begin(60);
    await through(0);
    expect(begun.length).toBe(1);
    const { waveEndedAt } = await newest();
    const later = (minutes: number) => new Date(waveEndedAt!.getTime() + minutes * 60_000);
    await rollouts.goOn(later(59));
    expect(begun.length).toBe(1);
    await rollouts.goOn(later(60));
    expect(begun.length).toBe(3);
    for (const n of [1, 2, 3]) await through(n);
    expect((await newest()).wave).toBe(2);
    await rollouts.release(organisation);
    expect([(await newest()).wave, begun.length]).toEqual([3, 6]);
  });

  it('are held at the first trouble, and go on without it', async () => {
    await begin();
    await through(0, 'trouble', 'It was taken back. / answers 500.');
    expect([(await newest()).state, begun.length]).toEqual(['held', 1]);
    await rollouts.goOn();
    expect(begun.length).toBe(1);
    expect((await newest()).sites[0]).toEqual(
      jasmine.objectContaining({ state: 'trouble', words: 'It was taken back. / answers 500.' }),
    );
    // While it is held, nothing else begins.
    await expectAsync(begin()).toBeRejectedWith(jasmine.objectContaining({ status: 409 }));
    await rollouts.release(organisation);
    expect([await states(), begun.length]).toEqual(['left going going waiting waiting waiting', 3]);
    expect((await newest()).sites[0]!.words).toBe('It was taken back. / answers 500.');
  });

  it('leave out what somebody has to look at first, and hold nobody up', async () => {
    await begin();
    await through(0, 'left', 'Somebody should look first.');
    expect([(await newest()).state, await states()]).toEqual(['going', 'left going going waiting waiting waiting']);
  });

  it('wait for what is put in place otherwise, and take it up then', async () => {
    refused.add(ids[0]!);
    await begin();
    expect([begun, await states()]).toEqual([[], 'waiting waiting waiting waiting waiting waiting']);
    expect((await newest()).sites[0]!.words).toMatch(/^Another release/);
    refused.clear();
    await rollouts.goOn();
    expect(begun).toEqual([`update ${ids[0]}`]);
    expect((await newest()).sites[0]!.words).toBe('');
  });

  it('are known to have ended by their work, where nobody said so', async () => {
    await begin();
    await jobs.finish('site', ids[0]!, 'done');
    await rollouts.goOn();
    expect(await states()).toBe('done going going waiting waiting waiting');
    await jobs.finish('site', ids[1]!, 'cancelled');
    await jobs.finish('site', ids[2]!, 'failed', 'The disk is full.');
    await rollouts.goOn();
    expect((await newest()).state).toBe('held');
    expect((await newest()).sites.slice(1, 3).map((s) => [s.state, s.words])).toEqual([
      ['left', 'It was stopped.'],
      ['trouble', 'The disk is full.'],
    ]);
    // Marked, and then the program ended before the work was begun.
    await db.query('delete from job');
    await db.query(`update rollout set state = 'going'`);
    await db.query(`update rollout_site set state = case when site = $1 then 'going' else 'left' end`, [ids[3]]);
    const before = begun.length;
    await rollouts.goOn();
    expect(begun.slice(before)).toEqual([`update ${ids[3]}`]);
  });

  it('are stopped: what has its update keeps it, what is under way is let go', async () => {
    await begin();
    await through(0);
    await rollouts.stop(organisation);
    expect([(await newest()).state, await states()]).toEqual([
      'stopped',
      'done stopped stopped stopped stopped stopped',
    ]);
    const { rows } = await db.query<{ n: number }>(`select count(*)::int as n from job where state = 'cancelled'`);
    expect(rows[0]!.n).toBe(2);
    // What ends afterwards all the same changes nothing of it.
    await rollouts.ended(ids[1]!, 'trouble', 'late');
    await rollouts.goOn();
    expect([(await newest()).state, begun.length]).toEqual(['stopped', 3]);
    await expectAsync(rollouts.stop(organisation)).toBeRejectedWith(jasmine.objectContaining({ status: 409 }));
    await expectAsync(rollouts.release(organisation)).toBeRejectedWith(jasmine.objectContaining({ status: 409 }));
  });

  it('are taken back, each that has its update; what something else is done to says so', async () => {
    await expectAsync(rollouts.takeBack(organisation, 'Ines')).toBeRejectedWith(
      jasmine.objectContaining({ status: 409 }),
    );
    await begin();
    for (const n of [0, 1, 2]) await through(n);
    refused.add(ids[1]!);
    begun = [];
    expect(await rollouts.takeBack(organisation, 'Ines')).toBe(2);
    expect(begun).toEqual([`back ${ids[0]}`, `back ${ids[2]}`]);
    // Begun is not done.
    expect([(await newest()).state, await states()]).toEqual(['stopped', 'done done done stopped stopped stopped']);
    await rollouts.returned(ids[0]!, null);
    await rollouts.returned(ids[2]!, 'The site was changed or deployed since.');
    await rollouts.returned(ids[5]!, null);
    expect(await states()).toBe('back done done stopped stopped stopped');
    const words = (await newest()).sites.map((s) => s.words);
    expect(words.slice(0, 3)).toEqual([
      '',
      jasmine.stringMatching(/^Another release/),
      'The site was changed or deployed since.',
    ] as never);
  });

  it('are only those of the organisation that are live, stay, and are behind', async () => {
    await db.query(`update site set live_engine = $2 where id = $1`, [ids[0], ENGINE]);
    await db.query(`update site set leaves_at = now() where id = $1`, [ids[1]]);
    await db.query(`update site set live_release = null where id = $1`, [ids[2]]);
    await begin(0, [...ids, 'nobody']);
    expect((await newest()).sites.map((s) => s.site)).toEqual(ids.slice(3));
    const other = '00000000-0000-4000-8000-000000000000';
    await db.query(`insert into organisation (id, name) values ($1, 'Other') on conflict do nothing`, [other]);
    await expectAsync(rollouts.begin(other, ids, 0, 'Tom')).toBeRejectedWith(jasmine.objectContaining({ status: 422 }));
    expect(await rollouts.newest(other)).toBeNull();
  });
});
