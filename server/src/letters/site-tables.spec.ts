import { migrateTables, NEWEST } from '@tin-porch/cms';
import { cmsDatabase } from '../testing/cms-database.js';

describe('the tables of a site', () => {
  let at: Awaited<ReturnType<typeof cmsDatabase>>;
  beforeAll(async () => (at = await cmsDatabase()));
  afterAll(() => at.end());

  const columns = async () =>
    (
      await at.db.query<{ c: string }>(
        `select table_name || '.' || column_name || ' ' || data_type as c from information_schema.columns
         where table_schema = 'public' order by 1`,
      )
    ).rows.map((r) => r.c);
  const kept = async () =>
    (await at.db.query<{ id: number; down: string | null }>('select id, down from cms_migration order by id')).rows;
  /** As a newer program would have left them. */
  const newer = (id: number, up: string, down: string | null) =>
    at.db.query(
      `${up}; insert into cms_migration (id, down) values (${id}, ${down === null ? 'null' : `$$${down}$$`})`,
    );

  it('go back over every step and on again, and are what they were', async () => {
    const [before, steps] = [await columns(), await kept()];
    expect(steps.map((s) => s.id)).toEqual(Array.from({ length: NEWEST }, (_, n) => n + 1));
    expect(steps.filter((s) => !s.down)).toEqual([]);
    for (let step = NEWEST - 1; step >= 0; step--) expect(await migrateTables(at.db, step)).toEqual([step + 1]);
    expect((await columns()).filter((c) => !c.startsWith('cms_migration.'))).toEqual([]);
    expect((await migrateTables(at.db)).length).toBe(NEWEST);
    expect([await columns(), (await kept()).length]).toEqual([before, NEWEST]);
  });

  it('of a newer program stay as they are, unless it is meant that they go back over its steps', async () => {
    const before = await columns();
    await newer(NEWEST + 1, 'alter table message add column weight integer', 'alter table message drop column weight');
    await newer(NEWEST + 2, 'create table weight (of integer)', 'drop table weight');
    const words = `The tables are of step ${NEWEST + 2}; this program knows ${NEWEST} at most.`;
    await expectAsync(migrateTables(at.db)).toBeRejectedWithError(words);
    await expectAsync(migrateTables(at.db, NEWEST - 1)).toBeRejectedWithError(words);
    expect(await columns()).not.toEqual(before);
    expect(await migrateTables(at.db, NEWEST, { goBack: true })).toEqual([NEWEST + 2, NEWEST + 1]);
    expect(await columns()).toEqual(before);
  });

  it('do not go back where a step left no way, or its way fails: then nothing is changed', async () => {
    await newer(NEWEST + 1, 'create table one (of integer)', null);
    await newer(NEWEST + 2, 'create table two (of integer)', 'drop table two');
    const before = await columns();
    await expectAsync(migrateTables(at.db, NEWEST, { goBack: true })).toBeRejectedWithError(/at most/);
    await at.db.query(`update cms_migration set down = 'drop table nowhere' where id = ${NEWEST + 1}`);
    await expectAsync(migrateTables(at.db, NEWEST, { goBack: true })).toBeRejectedWithError(/nowhere/);
    expect([await columns(), (await kept()).length]).toEqual([before, NEWEST + 2]);
    await at.db.query(`update cms_migration set down = 'drop table one' where id = ${NEWEST + 1}`);
    await migrateTables(at.db, NEWEST, { goBack: true });
  });

  it('from before ways back were kept have them from then on', async () => {
    await at.db.query('alter table cms_migration drop column down');
    expect(await migrateTables(at.db)).toEqual([]);
    expect((await kept()).filter((s) => !s.down)).toEqual([]);
  });
});
