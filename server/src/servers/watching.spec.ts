import { cleaningSteps } from '../jobs/cleaning.js';
import { realDatabase } from '../testing/real-database.js';
import type { Measured } from './host-client.js';
import type { Servers } from './servers.js';
import { STRETCHES, STRETCH_MINUTES, Watching } from './watching.js';

const MINUTE = 60_000;
const measured = (more: Partial<Measured> = {}): Measured => ({
  ...{ load: 1, cores: 2, memoryBytes: 4e9, memoryFreeBytes: 1e9, diskBytes: 40e9, diskFreeBytes: 30e9 },
  ...{ database: true, requests: 0, connections: 1, troubles: 0, sites: 3, upSeconds: 9 },
  ...more,
});

describe('how the servers were', () => {
  let test: Awaited<ReturnType<typeof realDatabase>>;
  let watching: Watching;
  let answers: Record<string, Measured | Error>;
  /** What was found broken, look by look. */
  let broken: [server: string, faults: string[]][];
  const NOW = new Date('2026-11-29T10:10:00.000Z');
  const ago = (minutes: number) => new Date(NOW.getTime() - minutes * MINUTE);
  /** What the stretch that is under way says, and those before it by how many they are before. */
  const stretch = async (before = 0) => (await watching.past('quay', NOW)).at(-1 - before)!;

  beforeAll(async () => {
    test = await realDatabase();
    for (const name of ['quay', 'slip'])
      await test.db.query(
        `insert into server (name, address, http_port, https_port, temporary_base, temporary_port, control_url)
         values ($1, '127.0.0.1', 80, 443, $1, 90, 'https://x.test')`,
        [name],
      );
    const client = (name: string) => ({
      measures: () => {
        const answer = answers[name]!;
        return answer instanceof Error
          ? Promise.reject(answer)
          : Promise.resolve({ now: answer, room: { at: null, sites: {} }, clockAheadS: 0 });
      },
    });
    watching = new Watching(
      test.db,
      {
        all: () => Promise.resolve(['quay', 'slip'].map((name) => ({ name, client: client(name) }))),
      } as unknown as Servers,
      { keep: (...looked) => Promise.resolve(void broken.push([looked[0], looked[1].map((f) => f.fault)])) },
    );
  });
  afterAll(() => test.end());
  beforeEach(async () => {
    broken = [];
    await test.db.query('delete from server_sample');
  });

  it('are kept once a minute, whoever asks, and trouble with one is none of the others', async () => {
    answers = { quay: measured({ requests: 5 }), slip: new Error('no answer') };
    await watching.look(NOW);
    await watching.look(new Date(NOW.getTime() + 20_000));
    await watching.look(new Date(NOW.getTime() + MINUTE));
    const { rows } = await test.db.query('select server, at from server_sample order by at');
    expect(rows).toEqual([
      { server: 'quay', at: NOW },
      { server: 'quay', at: new Date(NOW.getTime() + MINUTE) },
    ]);
  });

  it('are told with all that is broken at each that answers; of one that does not, nothing', async () => {
    answers = { quay: measured({ database: false, writable: false }), slip: measured() };
    await watching.look(NOW);
    answers = { quay: new Error('no answer'), slip: measured({ requests: null }) };
    await watching.look(NOW);
    expect(broken.sort()).toEqual([
      ['quay', ['database', 'disk']],
      ['slip', []],
      ['slip', ['front']],
    ]);
  });

  it('are told in stretches that are all there, and say nothing of what nobody knows', async () => {
    const past = await watching.past('quay', NOW);
    expect(past.length).toBe(STRETCHES);
    expect(past.every((p) => p.requests === null && p.load === null && p.troubles === null)).toBeTrue();
    // The last one is under way; they follow each other without a gap.
    expect(past.at(-1)!.at.toISOString()).toBe('2026-11-29T10:00:00.000Z');
    for (const [n, p] of past.slice(1).entries())
      expect(p.at.getTime() - past[n]!.at.getTime()).toBe(STRETCH_MINUTES * MINUTE);
  });

  it('are requests a second, also over a gap and where the counter began anew', async () => {
    for (const [minutes, requests] of [
      [42, 1000],
      [41, 1600],
      // It was not asked for ten minutes, which ended in the stretch between.
      [31, 7600],
      [9, 100],
      [8, 220],
    ] as const)
      await watching.keep('quay', measured({ requests }), ago(minutes));
    // 09:28 to 09:30: one whole minute and nothing before it.
    expect((await stretch(2)).requests).toBe(10);
    // 09:39 was the first answer after ten minutes.
    expect((await stretch(1)).requests).toBe(10);
    // Begun anew 22 minutes before 10:01: a hundred in those, 120 in the last.
    expect((await stretch()).requests).toBeCloseTo(220 / (23 * 60), 6);
    // A front that does not say how many is not one that has none.
    await test.db.query('delete from server_sample');
    await watching.keep('quay', measured({ requests: null }), ago(3));
    await watching.keep('quay', measured({ requests: null, memoryFreeBytes: 3e9 }), ago(2));
    expect((await stretch()).requests).toBeNull();
    expect((await stretch()).memory).toBeCloseTo(0.5, 6);
    expect((await stretch()).disk).toBeCloseTo(0.25, 6);
  });

  it('are troubles of the last hour, of one server alone', async () => {
    for (const [minutes, troubles] of [
      [70, 50],
      [61, 90],
      [50, 92],
      // The agent began anew.
      [20, 1],
      [5, 4],
    ] as const) {
      await watching.keep('quay', measured({ troubles }), ago(minutes));
      await watching.keep('slip', measured({ troubles: 7 }), ago(minutes));
    }
    expect(await watching.troubles('quay', NOW)).toBe(2 + 1 + 3);
    expect(await watching.troubles('slip', NOW)).toBe(0);
    expect((await watching.past('quay', NOW)).reduce((sum, p) => sum + (p.troubles ?? 0), 0)).toBe(40 + 2 + 1 + 3);
  });

  it('tell in how many days one is full, and the past is kept by the hour', async () => {
    for (let hour = 0; hour < 20 * 24; hour++)
      await watching.keep('quay', measured({ diskFreeBytes: 12e9 + hour * 1e8 }), ago(hour * 60 + 10));
    expect(await watching.roomDays('quay', NOW)).toBeCloseTo(5, 1);
    expect(await watching.roomDays('slip', NOW)).toBeNull();
    await test.db.query('delete from server_sample');
    const hour = (before: string) => `date_trunc('hour', now()) - interval '${before}'`;
    const all = [
      hour('401 days'),
      `${hour('5 days')} + interval '7 minutes'`,
      hour('5 days'),
      `${hour('1 day')} + interval '7 minutes'`,
    ];
    for (const at of all)
      await test.db.query(
        `insert into server_sample (server, at, load, cores, memory_bytes, memory_free, disk_bytes, disk_free, database, troubles)
         values ('quay', ${at}, 0, 1, 1, 1, 1, 1, true, 0)`,
      );
    const count = async () =>
      (await test.db.query<{ n: number }>('select count(*)::int as n from server_sample')).rows[0]!.n;
    await cleaningSteps({ step: (_: string, work: () => Promise<unknown>) => work() } as never, test.db);
    expect(await count()).toBe(2);
  });
});
