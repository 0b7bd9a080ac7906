import { writeLogLine, type VisitDay } from '@tin-porch/core/care';
import { smallWorld, type SmallWorld } from '../testing/small-world.js';

describe('visits that are kept', () => {
  let world: SmallWorld;
  let site: string;
  const NOW = new Date('2030-03-31T12:00:00Z');
  const day = (back: number) => new Date(NOW.getTime() - back * 86_400_000).toISOString().slice(0, 10);
  const told = (visits: number, over: Partial<VisitDay> = {}): VisitDay => ({
    ...{ visits, pages: visits * 2, byPage: { '/': visits }, from: { '': visits }, forms: 0, missing: {}, machines: 1 },
    devices: { phone: visits, tablet: 0, desktop: 0 },
    ...over,
  });
  let asked: string;
  const take = (days: Record<string, VisitDay>) =>
    world.visits.take(
      site,
      {
        visits: (_, since) => {
          asked = since;
          return Promise.resolve(days);
        },
      },
      NOW,
    );

  beforeAll(async () => {
    world = await smallWorld();
    site = await world.site('Visited');
  });
  beforeEach(() => world.db.query('delete from visit_day'));
  afterAll(() => world.end());

  it('are taken over each day once, the later count standing, and only what may have changed is asked for', async () => {
    await take({ [day(3)]: told(3), [day(1)]: told(4) });
    expect(asked).toBe(day(84));
    await take({ [day(1)]: told(6), [day(0)]: told(1) });
    expect(asked).toBe(day(1));
    const { now, before } = await world.visits.span(site, 7, NOW);
    expect([now.visits, now.pages, now.machines, now.devices.phone]).toEqual([10, 20, 3, 10]);
    // Nobody counted for two weeks: there is nothing to compare with.
    expect(before).toBeNull();
  });

  it('are compared with as many days before, where all of those were counted', async () => {
    await take({
      [day(13)]: told(5, { byPage: { '/a/': 5 } }),
      [day(7)]: told(2),
      [day(6)]: told(9),
      [day(0)]: told(1),
    });
    const { now, before } = await world.visits.span(site, 7, NOW);
    expect([now.visits, before!.visits]).toEqual([10, 7]);
    expect(before!.byPage).toEqual({ '/a/': 5, '/': 2 });
    expect((await world.visits.span(site, 28, NOW)).before).toBeNull();
  });

  it('of days that were counted without more are numbers alone', async () => {
    await world.db.query('insert into visit_day (site, day, visits, pages) values ($1, $2, 8, 9)', [site, day(2)]);
    const { now } = await world.visits.span(site, 7, NOW);
    expect([now.visits, now.pages, now.byPage]).toEqual([8, 9, {}]);
    // And they are asked for anew.
    await take({});
    expect(asked).toBe(day(84));
  });

  it('are counted by a real server, from what was asked of it', async () => {
    const { client } = await world.quay();
    await client.putSite(site, {
      ...{ name: 'Visited', temporary: 'visited', domain: null, open: false, previewKey: 'a'.repeat(64), sender: null },
    });
    const yesterday = new Date(Date.now() - 86_400_000);
    const line = (path: string, status: number, referrer = '') =>
      writeLogLine({
        ...{
          address: '198.51.100.7',
          time: yesterday,
          method: 'GET',
          path,
          status,
          bytes: 5,
          referrer,
          agent: 'Reader/1',
        },
      });
    const log = [line('/', 200, 'https://search.example/'), line('/old', 404)].join('\n');
    await client.putLog(site, yesterday.toISOString().slice(0, 10), log);
    await world.visits.take(site, client);
    const { now } = await world.visits.span(site, 7);
    expect(now.from).toEqual({ 'search.example': 1 });
    expect(now.missing).toEqual({ '/old': 1 });
  });
});
