import { JobRefused, type JobKind } from '../jobs/jobs.js';
import { smallWorld, type SmallWorld } from '../testing/small-world.js';
import { planPublishing, publishPlanned } from './planned.js';

describe('publishing that is planned', () => {
  let world: SmallWorld;
  let id: string;
  let other: string;
  const NOW = new Date('2026-11-29T10:00:00.000Z');
  const later = (minutes: number) => new Date(NOW.getTime() + minutes * 60_000);
  const plan = (at: Date | null, site = id) => planPublishing(world.db, site, at, 'Ines', NOW);
  const planned = async (site = id) => {
    const { plannedAt, plannedBy } = (await world.sites.get(site))!;
    return [plannedAt, plannedBy];
  };
  /** What is begun when it is looked at a time. */
  async function begun(now: Date, begin?: (site: string) => Promise<void>): Promise<string[]> {
    const all: string[] = [];
    await publishPlanned(
      world.db,
      {
        begin: async (site: string | null, kind: JobKind) => {
          await begin?.(site!);
          all.push(`${kind} ${site}`);
          return {} as never;
        },
      },
      now,
    );
    return all;
  }

  beforeAll(async () => {
    world = await smallWorld();
    id = await world.site('Dory');
    other = await world.site('Punt');
  });
  afterAll(() => world.end());

  it('is kept with who said so, for a time to come of the next year', async () => {
    for (const at of [NOW, later(-1), later(367 * 24 * 60)])
      await expectAsync(plan(at)).toBeRejectedWith(jasmine.objectContaining({ status: 422 }));
    await plan(later(30));
    expect(await planned()).toEqual([later(30), 'Ines']);
    await plan(null);
    expect(await planned()).toEqual([null, null]);
  });

  it('begins at its time, once, and those of others at theirs', async () => {
    await plan(later(30));
    await plan(later(60), other);
    expect(await begun(later(29))).toEqual([]);
    expect(await begun(later(30))).toEqual([`publish ${id}`]);
    expect(await planned()).toEqual([null, null]);
    expect(await begun(later(31))).toEqual([]);
    // Also where the database has it to the microsecond.
    await world.db.query(`update site set planned_at = $2::timestamptz + interval '7 microseconds' where id = $1`, [
      id,
      later(40),
    ]);
    expect(await begun(later(41))).toEqual([`publish ${id}`]);
    expect(await begun(later(42))).toEqual([]);
    // Nobody looked for a day: it is begun as soon as somebody does.
    expect(await begun(later(24 * 60))).toEqual([`publish ${other}`]);
  });

  it('waits while another release is being put in place, and holds up nobody', async () => {
    await plan(later(5));
    await plan(later(6), other);
    const held = (site: string) =>
      site === id ? Promise.reject(new JobRefused('Another release is being put in place.')) : Promise.resolve();
    expect(await begun(later(10), held)).toEqual([`publish ${other}`]);
    expect(await planned()).toEqual([later(5), 'Ines']);
    expect(await begun(later(11))).toEqual([`publish ${id}`]);
  });

  it('keeps what somebody planned anew while it began, and begins nothing of a site that is to go', async () => {
    await plan(later(5));
    expect(await begun(later(10), () => plan(later(90)))).toEqual([`publish ${id}`]);
    expect(await planned()).toEqual([later(90), 'Ines']);
    await world.db.query(`update site set leaves_at = now() where id = $1`, [id]);
    expect(await begun(later(100))).toEqual([]);
  });
});
