import { publishSteps } from '../publish/publish.js';
import { smallWorld, type SmallWorld } from '../testing/small-world.js';
import { morningLetter, writeMornings, type Morning } from './morning.js';
import type { OpenFinding } from './rounds.js';
import { HERE, Watch } from './watch.js';

/** A real server with two open sites over TLS, looked at for real. */
describe('watching the sites', () => {
  let world: SmallWorld;
  let watch: Watch;
  let sites: string[];
  let woken: number;
  const minute = (n: number) => new Date(Date.UTC(2030, 0, 1, 12, n));
  const letters = async () =>
    (
      await world.db.query<{ subject: string; body: string; recipient: string }>(
        'select subject, body, recipient from outgoing order by made_at',
      )
    ).rows;
  const org = () => world.ines.organisation;

  beforeAll(async () => {
    world = await smallWorld();
    const { address } = await world.quay();
    sites = [];
    for (const domain of ['one.example', 'two.example']) {
      world.register(domain, [['@', 'A', address]]);
      const site = await world.site(domain, domain);
      expect((await world.run(site, (work) => publishSteps(work, world))).error).toBeNull();
      sites.push(site);
    }
    watch = new Watch(world.db, world.config, world.servers, { wake: () => void woken++ });
  });
  beforeEach(async () => {
    woken = 0;
    await world.db.query('delete from outage');
    await world.db.query('delete from site_watch');
    await world.db.query('delete from watch_day');
    await world.db.query('delete from outgoing');
  });
  afterAll(() => world.end());

  it('sees that visitors get in, and counts each look', async () => {
    for (const n of [0, 1, 2]) await watch.look(minute(n));
    expect(await watch.outages(org())).toEqual([]);
    await world.db.query(`update watch_day set day = current_date`);
    const seen = await watch.of(sites[0]!);
    expect([seen.looks, seen.share, seen.places]).toEqual([3, '100', [HERE]]);
    expect(seen.lookedAt).toBe(minute(2).toISOString());
    expect(woken).toBe(0);
  });

  it('tells of a server that is away once for all its sites, and once that it is back', async () => {
    await watch.look(minute(0));
    await world.hostDown();
    await watch.look(minute(1));
    expect(await letters()).toEqual([]);
    await watch.look(minute(2));
    await watch.look(minute(3));
    const down = await watch.outages(org());
    expect(down.map((o) => o.site).sort()).toEqual([...sites].sort());
    for (const o of down) {
      expect([o.cause, o.endedAt, o.beganAt]).toEqual(['server', null, minute(1)]);
      expect(o.detail).toContain('ECONNREFUSED');
    }
    expect((await letters()).map((l) => l.subject)).toEqual(['quay does not answer: none of its sites is to be had']);
    await world.hostUp();
    await watch.look(minute(4));
    await watch.look(minute(5));
    expect((await watch.outages(org())).map((o) => o.endedAt)).toEqual([minute(4), minute(4)]);
    const all = await letters();
    expect(all.length).toBe(2);
    expect(all[1]!.subject).toBe('quay is to be had again, after 3 minutes');
    expect(all[1]!.recipient).toBe('ines@tinporch.example');
    await world.db.query(`update watch_day set day = current_date`);
    // Six looks, of which those of the second and third minute met an outage that was sure.
    expect((await watch.of(sites[0]!)).share).toBe('66.66');
  });

  it('writes to nobody who wants no letters, and to no accountant', async () => {
    await world.db.query('update account set care_letters = false');
    await world.hostDown();
    for (const n of [1, 2]) await watch.look(minute(n));
    expect(await letters()).toEqual([]);
    await world.hostUp();
    await watch.look(minute(3));
    await world.db.query(`update account set care_letters = true, role = 'accountant'`);
    await world.hostDown();
    for (const n of [4, 5]) await watch.look(minute(n));
    expect((await watch.outages(org())).length).toBe(4);
    expect(await letters()).toEqual([]);
    await world.db.query(`update account set role = 'owner'`);
    await world.hostUp();
  });

  it('looks no more at a site that is closed, and does not call it down', async () => {
    await world.hostDown();
    for (const n of [1, 2]) await watch.look(minute(n));
    await world.db.query('update site set open = false where id = $1', [sites[0]]);
    await watch.look(minute(3));
    const of = async (site: string) => (await watch.outages(org(), site)).map((o) => o.endedAt);
    expect(await of(sites[0]!)).toEqual([minute(3)]);
    expect(await of(sites[1]!)).toEqual([null]);
    await world.db.query('update site set open = true');
    await world.hostUp();
  });

  it('looks from another server too, and believes what only one of them sees for the line of that one', async () => {
    // A second server that says of every site that it is well, and then that none is.
    const says = { cause: null as 'server' | null };
    const looks = (all: readonly unknown[]) => Promise.resolve(all.map(() => ({ cause: says.cause, detail: 'told' })));
    const quay = await world.quay();
    const servers = { all: () => Promise.resolve([quay, { ...quay, name: 'jetty', client: { looks } }]) } as never;
    const both = new Watch(world.db, world.config, servers, { wake: () => undefined });
    await world.hostDown();
    for (const n of [1, 2, 3]) await both.look(minute(n));
    expect(await both.outages(org())).toEqual([]);
    expect((await both.of(sites[0]!)).places).toEqual([HERE, 'jetty']);
    says.cause = 'server';
    for (const n of [4, 5]) await both.look(minute(n));
    const [down] = await both.outages(org());
    expect(down!.beganAt).toEqual(minute(4));
    expect(down!.detail).toContain('jetty: told');
    await world.hostUp();
  });

  it('knows nothing where it is itself cut off, and says nothing of sites then', async () => {
    const nobody = {
      ...world.config,
      dns: { ...world.config.dns, resolvers: [{ name: 'None', address: '127.0.0.1', port: 9 }] },
    };
    const alone = new Watch(world.db, nobody, world.servers, { wake: () => void woken++ });
    await alone.look(minute(0));
    expect((await watch.of(sites[0]!)).lookedAt).toBe(minute(0).toISOString());
    await world.hostDown();
    for (const n of [1, 2, 3]) await alone.look(minute(n));
    expect(await watch.outages(org())).toEqual([]);
    // The last that is known stays what it was, and how old it is.
    expect((await watch.of(sites[0]!)).lookedAt).toBe(minute(0).toISOString());
    await world.hostUp();
  });

  it('comes by the name, as a visitor does: what leads nowhere or elsewhere is down, whatever the server would answer', async () => {
    const { address } = await world.quay();
    const zone = world.names.get('one.example')!;
    const lead = (data: string | null) =>
      world.names.setRecords(zone, (data ? [{ name: '@', type: 'A', ttl: 1, data }] : []) as never);
    const [site] = sites;
    // Resolvers keep an answer for a second.
    const learnt = () => new Promise((done) => setTimeout(done, 1200));
    lead('127.0.0.9');
    await learnt();
    for (const n of [1, 2]) await watch.look(minute(n));
    const [down] = await watch.outages(org(), site);
    expect([down!.cause, down!.endedAt]).toEqual(['name', null]);
    expect(down!.detail).toContain(`one.example leads to 127.0.0.9, not to ${address}`);
    expect(await watch.outages(org(), sites[1])).toEqual([]);
    lead(address);
    await learnt();
    await watch.look(minute(3));
    expect((await watch.outages(org(), site))[0]!.endedAt).toEqual(minute(3));
    lead(null);
    await learnt();
    for (const n of [4, 5]) await watch.look(minute(n));
    expect((await watch.outages(org(), site))[0]!.detail).toBe('one.example has no address');
    lead(address);
    expect((await letters()).map((l) => l.subject)).toEqual([
      'one.example is not to be had',
      'one.example is to be had again, after 2 minutes',
      'one.example is not to be had',
    ]);
  });

  it('looks at other sites from a real server when it is asked to', async () => {
    const { client, address, httpsPort } = await world.quay();
    const looks = await client.looks([
      { host: 'one.example', address, port: httpsPort },
      { host: 'nobody.example', address, port: httpsPort },
      { host: 'one.example', address, port: 9 },
    ]);
    expect(looks.map((l) => l.cause === null)).toEqual([true, false, false]);
    expect(looks[2]!.cause).toBe('server');
  });

  describe('and the letter of a morning', () => {
    const now = '2030-01-02T06:30:00.000Z';
    const finding = (over: Partial<OpenFinding> = {}): OpenFinding => ({
      ...{
        site: 'a',
        key: 'page-slow /',
        severity: 'look',
        title: '/ is slow',
        evidence: '',
        harm: '',
        fix: '',
        step: 'care',
      },
      ...{
        mend: null,
        note: null,
        firstSeen: new Date(now),
        lastSeen: new Date(now),
        before: 0,
        mending: null,
        snoozed: null,
      },
      ...over,
    });
    const morning = (over: Partial<Morning> = {}) =>
      morningLetter({
        sites: [
          { id: 'a', name: 'Yard', visits: 4 },
          { id: 'b', name: 'Clocks', visits: 90 },
        ],
        ...{ findings: [], mended: [], outages: [], servers: [], origin: 'https://porch.example', now },
        ...over,
      });

    it('is none where all is well, or nobody wants to hear of what is not', () => {
      expect(morning()).toBeNull();
      const snoozed = { until: new Date(now), reason: 'known', by: 'Ines' };
      expect(morning({ findings: [finding({ snoozed })] })).toBeNull();
    });

    it('says what is broken at servers before what is at their sites, also where nothing is there', () => {
      const servers = Array.from({ length: 7 }, (_, n) => ({ server: `s${n}`, words: 'Nearly full' }));
      const { subject, text } = morning({ servers })!;
      expect(subject).toBe('s0: nearly full');
      expect(text).toContain('s4: nearly full.\n\nand 2 more\n\n');
    });

    it('says the few things to do, the most needed first, and where', () => {
      const { subject, text } = morning({
        findings: [
          finding(),
          finding({ site: 'b', key: 'certificate-ended', severity: 'broken', title: 'The certificate has ended' }),
          ...['/b/', '/c/'].map((p) => finding({ site: 'b', key: `link ${p}`, title: 'A link leads nowhere' })),
        ],
        mended: [{ site: 'a', title: 'No backup was proven' }],
      })!;
      expect(subject).toBe('1 site has something broken, 1 site has something to look at');
      expect(text).toBe(
        [
          '1 site has something broken, 1 site has something to look at.',
          '- Clocks: the certificate has ended\n- Links lead nowhere: Clocks\n- Yard: / is slow',
          'Mended: Yard (no backup was proven).',
          'https://porch.example/rounds\n',
        ].join('\n\n'),
      );
    });

    it('can be read in ten seconds, however much there is', () => {
      const findings = Array.from({ length: 300 }, (_, n) =>
        finding({ key: `kind-${'abcdefghijklmnop'[n % 16]} ${n}`, site: 'b' }),
      );
      const outages = Array.from({ length: 40 }, (_, n) => ({
        ...{
          site: `s${n}`,
          server: 'quay',
          cause: n ? ('server' as const) : ('site' as const),
          detail: 'answered 502',
        },
        ...{ places: [HERE], beganAt: minute(0), endedAt: minute(9) },
      }));
      const mended = Array.from({ length: 40 }, (_, n) => ({ site: `s${n}`, title: 'It was' }));
      const { text } = morning({ findings, outages, mended })!;
      expect(text).toContain('and 11 things more');
      expect(text).toContain('quay with its sites was not to be had for 9 minutes.');
      expect(text).toContain('s4 (it was), and 35 more.');
      expect(text.split(/\s+/).length).toBeLessThan(120);
    });

    it('is written once a morning, to who looks after the sites', async () => {
      await world.db.query(
        `insert into finding (site, key, severity, title, evidence, fix, step) values ($1, 'page-slow /', 'look', '/ is slow', 'E', 'F', 'care')`,
        [sites[0]],
      );
      const broken = [{ server: 'quay', words: 'Its clock is 24 hours slow' }];
      const parts = {
        rounds: world.rounds,
        watch,
        troubles: { of: () => Promise.resolve(broken as never) },
        post: { wake: () => void woken++ },
        origin: 'https://porch.example',
      };
      expect(await writeMornings(world.db, parts, minute(0))).toBe(1);
      expect(await writeMornings(world.db, parts, minute(5))).toBe(0);
      expect(await writeMornings(world.db, parts, new Date(minute(0).getTime() + 86_400_000))).toBe(1);
      expect(woken).toBe(2);
      const [first] = await letters();
      expect(first!.body).toContain('one.example: / is slow');
      expect([first!.subject, first!.body.split('\n')[0]]).toEqual([
        'quay: its clock is 24 hours slow',
        'quay: its clock is 24 hours slow.',
      ]);
    });
  });
});
