import type { Finding } from '@tin-porch/core/care';
import { JobRefused, type JobKind } from '../jobs/jobs.js';
import { smallWorld, type SmallWorld } from '../testing/small-world.js';
import { Mending, OURSELVES } from './mending.js';
import { dueForRound } from './turns.js';

/** Findings in a real database, and work that is begun and not done. */
describe('what rounds found', () => {
  let world: SmallWorld;
  let mending: Mending;
  let site: string;
  let other: string;
  let begun: string[];
  let refuses: JobKind | null;
  const domain = 'mend.example';
  const put = (of: string, key: string, over: Partial<Finding> = {}) =>
    world.db.query(
      `insert into finding (site, key, severity, title, evidence, fix, step, mend) values ($1, $2, $3, 'T', 'E', 'F', 'care', $4)`,
      [of, key, over.severity ?? 'look', over.mend ?? null],
    );
  const org = () => world.ines.organisation;
  const open = async () => world.rounds.findings(org());
  const mend = (...keys: string[]) =>
    mending.mend(
      org(),
      keys.map((key) => ({ site, key })),
      'Ines',
    );

  beforeAll(async () => {
    world = await smallWorld();
    world.register(domain, [['@', 'A', '203.0.113.5']]);
    site = await world.site('Mending', domain);
    other = await world.site('Other');
    const begin = async (of: string | null, kind: JobKind) => {
      if (kind === refuses) throw new JobRefused('Another release is being put in place.');
      begun.push(`${kind} ${of === site ? 'site' : 'other'}`);
      const { rows } = await world.db.query<{ id: string }>(
        `insert into job (site, kind, state, finished_at, error) values ($1, $2, 'failed', now(), 'no authority answers') returning id`,
        [of, kind],
      );
      return { id: rows[0]!.id } as never;
    };
    mending = new Mending(world.db, { begin }, world.registrar, world.servers);
  });
  beforeEach(async () => {
    begun = [];
    refuses = null;
    await world.db.query('delete from finding');
    await world.db.query('delete from job');
  });
  afterAll(() => world.end());

  it('is mended by the job that mends it, and says who began that and what became of it', async () => {
    await put(site, 'certificate-ending', { mend: 'certificate' });
    expect(await mend('certificate-ending')).toEqual({ begun: 1, refused: [] });
    expect(begun).toEqual(['certificate site']);
    const [f] = await open();
    expect(f!.mending).toEqual(
      jasmine.objectContaining({ by: 'Ines', state: 'failed', error: 'no authority answers' }),
    );
    expect(f!.mending!.at).toBeInstanceOf(Date);
  });

  it('is mended at many sites at once; what cannot be begun keeps nothing else from it', async () => {
    await put(site, 'files-damaged', { mend: 'deploy' });
    await put(other, 'backups-unproven', { mend: 'backup' });
    await put(site, 'page-slow /');
    refuses = 'deploy';
    const which = [
      { site, key: 'files-damaged' },
      { site: other, key: 'backups-unproven' },
      { site, key: 'page-slow /' },
    ];
    const did = await mending.mend(org(), which, 'Ines');
    expect(did.begun).toBe(1);
    expect(did.refused.length).toBe(2);
    expect(begun).toEqual(['backup other']);
    expect((await open()).filter((f) => f.mending).map((f) => f.key)).toEqual(['backups-unproven']);
  });

  it('sets the records of a domain of the own account, for real, and has it looked at', async () => {
    await put(site, 'domain-astray', { mend: 'records', severity: 'broken' });
    expect((await mend('domain-astray')).begun).toBe(1);
    const { address } = await world.quay();
    const records = await world.registrar.records(domain);
    expect(records.find((r) => r.name === '@' && r.type === 'A')!.data).toBe(address);
    expect(begun).toEqual(['round site']);
    expect((await open())[0]!.mending!.state).toBe('done');
  });

  it('belongs to its organisation, and to nobody once it is gone', async () => {
    await put(site, 'certificate-ending', { mend: 'certificate' });
    await expectAsync(
      mending.mend('00000000-0000-4000-8000-000000000000', [{ site, key: 'certificate-ending' }], 'X'),
    ).toBeRejectedWithError(/Nothing of that is open/);
    await world.db.query('update finding set ended_at = now()');
    await expectAsync(mend('certificate-ending')).toBeRejectedWithError(/Nothing of that is open/);
    expect(begun).toEqual([]);
  });

  it('is mended without being asked where that changes nothing for visitors, once a day', async () => {
    await put(site, 'certificate-ending', { mend: 'certificate' });
    await put(site, 'backups-unproven', { mend: 'backup' });
    await put(site, 'files-damaged', { mend: 'deploy' });
    await put(site, 'page-slow /');
    await mending.unasked(site);
    expect(begun.sort()).toEqual(['backup site', 'certificate site']);
    expect((await open()).filter((f) => f.mending?.by === OURSELVES).length).toBe(2);
    await mending.unasked(site);
    expect(begun.length).toBe(2);
    await world.db.query(`update finding set mend_at = now() - interval '21 hours' where mend = 'backup'`);
    await mending.unasked(site);
    expect(begun.length).toBe(3);
  });

  it('asks for no certificate while the name leads elsewhere', async () => {
    await put(site, 'certificate-ended', { mend: 'certificate', severity: 'broken' });
    await put(site, 'domain-astray', { mend: 'records', severity: 'broken' });
    await mending.unasked(site);
    expect(begun).toEqual([]);
  });

  it('is looked at again after work at its site, and only where something was open', async () => {
    await mending.after(site);
    expect(begun).toEqual([]);
    await put(site, 'page-slow /');
    await mending.after(site);
    await mending.after(other);
    expect(begun).toEqual(['round site']);
    refuses = 'round';
    await expectAsync(mending.after(site)).toBeResolved();
  });

  it('is put off with a reason until a day, and said again by hand', async () => {
    await put(site, 'page-slow /');
    const which = [{ site, key: 'page-slow /' }];
    const until = new Date(Date.now() + 86_400_000);
    expect(await mending.snooze(org(), which, { until, reason: 'The client knows' }, 'Ines')).toEqual({ put: 1 });
    expect((await open())[0]!.snoozed).toEqual({ until, reason: 'The client knows', by: 'Ines' });
    await mending.snooze(org(), which, null, 'Ines');
    expect((await open())[0]!.snoozed).toBeNull();
    for (const days of [-1, 367])
      await expectAsync(
        mending.snooze(org(), which, { until: new Date(Date.now() + days * 86_400_000), reason: 'x' }, 'Ines'),
      ).toBeRejectedWithError(/past|year/);
  });

  it('counts how often it came before', async () => {
    for (const day of [3, 2])
      await world.db.query(
        `insert into finding (site, key, severity, title, evidence, fix, step, first_seen, ended_at)
         values ($1, 'page-slow /', 'look', 'T', 'E', 'F', 'care', now() - make_interval(days => $2), now())`,
        [site, day],
      );
    await put(site, 'page-slow /');
    expect((await open()).map((f) => f.before)).toEqual([2]);
  });

  describe('and when the next round is', () => {
    const at = (hour: number, minute = 0) => new Date(Date.UTC(2030, 0, 2, hour, minute));
    beforeAll(async () => {
      await world.db.query('update site set live_release = $1', ['r']);
    });
    beforeEach(() => world.db.query('delete from round'));

    it('is at once after it went up, then once in each day at a minute of its own', async () => {
      expect((await dueForRound(world.db, at(12))).sort()).toEqual([site, other].sort());
      await world.db.query(`insert into round (site, at, checks, evidence) select id, $1, 1, '{}' from site`, [
        at(0, 0),
      ]);
      const minutes: Record<string, number[]> = { [site]: [], [other]: [] };
      for (let m = 1; m <= 1440; m += 1) {
        const due = await dueForRound(world.db, new Date(at(0).getTime() + m * 60_000));
        for (const id of due) {
          minutes[id]!.push(m);
          await world.db.query(`insert into round (site, at, checks, evidence) values ($1, $2, 1, '{}')`, [
            id,
            new Date(at(0).getTime() + m * 60_000),
          ]);
        }
      }
      for (const all of Object.values(minutes)) expect(all.length).toBe(1);
      expect(minutes[site]).not.toEqual(minutes[other]);
    });

    it('is not begun twice, and not all at once', async () => {
      expect((await dueForRound(world.db, at(12), 1)).length).toBe(1);
      await world.db.query(`insert into job (site, kind) values ($1, 'round')`, [site]);
      expect(await dueForRound(world.db, at(12))).toEqual([other]);
    });

    it('is none of a site that goes', async () => {
      await world.db.query(`update site set leaves_at = now() + interval '9 days' where id = $1`, [other]);
      expect(await dueForRound(world.db, at(12))).toEqual([site]);
      await world.db.query('update site set leaves_at = null');
    });
  });
});
