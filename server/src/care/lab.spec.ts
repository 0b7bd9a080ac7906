import { randomBytes } from 'node:crypto';
import { existsSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { publishSteps } from '../publish/publish.js';
import type { Work } from '../jobs/jobs.js';
import { smallWorld, type SmallWorld } from '../testing/small-world.js';
import { dueForLab, inTurn, Lab } from './lab.js';
import { LabBrowser } from './lab-browser.js';

const CHROMIUM = '/usr/lib/chromium/chromium-headless-shell';

describe('a look with a browser', () => {
  let world: SmallWorld;
  let lab: Lab;
  let site: string;
  const domain = 'lab.example';
  /** Times whatever is asked of it, at the pace it has here. */
  const looking = (program: string | null = CHROMIUM, pace = 0) =>
    new Lab(world.db, world.sites, world.servers, new LabBrowser(program, { pace, runs: 1 }));
  const look = (of = lab, input: Record<string, unknown> = {}) => world.run(site, (w: Work) => of.steps(w), { input });
  const findings = async () => (await world.rounds.findings(world.ines.organisation, site)).map((f) => f.key);
  const due = (hours: number) => dueForLab(world.db, new Date(Date.now() + hours * 3_600_000));

  beforeAll(async () => {
    world = await smallWorld();
    const { address } = await world.quay();
    world.register(domain, [['@', 'A', address]]);
    site = await world.site('Lab House', domain, 2);
    lab = looking();
  });
  afterAll(() => world.end());

  it('is refused while the site is on no server, and where there is no browser', async () => {
    expect((await look()).error?.message).toBe('The site is on no server yet.');
    expect(await due(0)).toBeNull();
    expect((await world.run(site, (work) => publishSteps(work, world))).error).toBeNull();
    const none = await look(looking(null));
    expect([none.error?.name, none.error?.message]).toEqual([
      'JobRefused',
      'There is no browser: Install Debian’s chromium-headless-shell, and start Tin Porch again.',
    ]);
    expect((await lab.of(site)).pages).toEqual([]);
    expect(await due(0)).toBe(site);
  });

  it('times a site as a phone loads it, over TLS by its name, and finds nothing in anybody’s way', async () => {
    const ran = await look(lab, { asked: true });
    expect(ran.error).toBeNull();
    const { pages, trend } = await lab.of(site);
    const paths = pages.map((p) => p.path);
    expect(paths).toContain('/');
    expect(ran.steps['As a browser shows it']).toMatch(
      new RegExp(`^${paths.length} of ${paths.length} pages; the first shows its main part after \\d+\\.\\d s, `),
    );
    for (const { path, figures, faults } of pages) {
      expect(faults).withContext(path).toEqual([]);
      // Two ways there and back over a slow line, at least: a figure that was not slowed down is none.
      expect(figures!.lcp).withContext(path).toBeGreaterThan(300);
      expect(figures!.fcp).withContext(path).toBeLessThanOrEqual(figures!.lcp);
      expect(figures!.bytes).withContext(path).toBeGreaterThan(5000);
      expect(figures!.requests).withContext(path).toBeGreaterThan(2);
      expect(figures!.largest.element).withContext(path).not.toBe('');
    }
    expect(trend.map((t) => [t.release, t.lcp])).toEqual([
      [pages[0]!.release, pages.find((p) => p.path === '/')!.figures!.lcp],
    ]);
    expect((await findings()).filter((k) => k.startsWith('access'))).toEqual([]);
  });

  it('is not among the visits', async () => {
    expect(await (await world.quay()).client.visits(site, '2020-01-01')).toEqual({});
  });

  it('has its next turn a week later, or an hour after a deploy', async () => {
    expect([await due(2), await due(24 * 6.9)]).toEqual([null, null]);
    expect(await due(24 * 7 + 1)).toBe(site);
    await world.db.query(`update lab_page set release = 'one before'`);
    expect([await due(0.9), await due(1.1)]).toEqual([null, site]);
    await world.db.query(`insert into job (site, kind, state) values ($1, 'lab', 'running')`, [site]);
    expect(await due(1.1)).toBeNull();
    await world.db.query(`delete from job`);
  });

  it('finds what is in somebody’s way where it is served, until it is gone', async () => {
    const first = (await lab.of(site)).pages.find((p) => p.path === '/')!;
    // As a page of another hand would be: a picture that says nothing, words one can hardly see, a link without any.
    const broken = `<!doctype html><html lang="en"><title>Quay</title><body text="#cccccc"><!--${randomBytes(700_000).toString('base64')}--><main><h1>Quay</h1>
      <img src="/favicon.svg" width="9" height="9"><a href="/about/"></a></main>`;
    await served('/index.html', broken, async () => {
      const ran = await look();
      expect(ran.error).toBeNull();
      expect(ran.steps['As a browser shows it']).not.toContain('/:');
      expect((await findings()).filter((k) => k.startsWith('access')).sort()).toEqual([
        'access color-contrast',
        'access image-alt',
        'access link-name',
      ]);
      // What no packing makes smaller than 700 kB, over a line of 200 kB a second.
      expect(await findings()).toContain('lab-late /');
      // A round has no browser, and says nothing of it.
      await world.run(site, (work) => world.rounds.steps(work));
      expect((await findings()).filter((k) => k.startsWith('access')).length).toBe(3);
      const now = (await lab.of(site)).pages.find((p) => p.path === '/')!;
      expect(now.faults.find((f) => f.rule === 'link-name')).toEqual(
        jasmine.objectContaining({ impact: 'serious', width: 'both', count: 1 }),
      );
      expect(now.at > first.at).toBeTrue();
    });
    await look();
    expect((await findings()).filter((k) => /^(access|lab-)/.test(k))).toEqual([]);
  });

  it('keeps what it knew where it is too busy here to time anything, and says so', async () => {
    const before = (await lab.of(site)).pages.find((p) => p.path === '/')!;
    const busy = await look(looking(CHROMIUM, Number.MAX_SAFE_INTEGER));
    expect(busy.error).toBeNull();
    expect(busy.steps['As a browser shows it']).toContain('not all timed: it was too busy here');
    const after = (await lab.of(site)).pages.find((p) => p.path === '/')!;
    expect([after.figures, after.timedAt]).toEqual([before.figures, before.timedAt]);
    expect(after.at > before.at).toBeTrue();
    // What was never timed, or not for a week, has its turn again the same day.
    await world.db.query('update lab_page set figures = null');
    expect([await due(5.9), await due(6.1)]).toEqual([null, site]);
  });

  it('waits where the site does not answer, and goes on with nothing of it changed', async () => {
    const before = await lab.of(site);
    await world.hostDown();
    try {
      expect((await look()).error).not.toBeNull();
    } finally {
      await world.hostUp();
    }
    expect(await lab.of(site)).toEqual(before);
  });

  it('claims nothing of a page on which nothing is drawn', async () => {
    const before = (await lab.of(site)).pages.find((p) => p.path === '/')!;
    await served('/index.html', '<!doctype html><html lang="en"><title>Quay</title>', async () => {
      expect((await look()).steps['As a browser shows it']).toContain('/: Nothing of it was drawn.');
    });
    expect((await lab.of(site)).pages.find((p) => p.path === '/')).toEqual(before);
  });

  it('looks at one site after the other, and whoever waits keeps nobody from their work', async () => {
    const browser = new LabBrowser(CHROMIUM, { pace: 0, runs: 1 });
    const both = new Lab(world.db, world.sites, world.servers, browser);
    const first = look(both);
    while (!browser.turn.busy) await new Promise((done) => setTimeout(done, 5));
    const second = await look(both);
    expect([second.error?.name, second.error?.message]).toEqual([
      'JobLater',
      'The browser looks at another site just now.',
    ]);
    expect(second.steps).toEqual({});
    expect((await first).error).toBeNull();
    expect(browser.turn.busy).toBeFalse();
  });

  it('asks nobody but the site’s own server, and ends where it is stopped', async () => {
    const browser = () => new LabBrowser(CHROMIUM, { pace: 0, runs: 1 });
    const { address, httpsPort } = await world.quay();
    const reach = { secure: true, host: domain, address, port: httpsPort, preview: null };
    const none = await browser().look({ ...reach, port: 1 }, ['/'], new AbortController().signal);
    expect([none.pages, none.silent.length]).toEqual([[], 1]);
    // While it starts, and while a page loads.
    for (const ms of [1, 1500]) {
      const stop = new AbortController();
      setTimeout(() => stop.abort(new Error('stopped')), ms);
      const paths = Array.from({ length: 12 }, () => '/');
      await expectAsync(browser().look(reach, paths, stop.signal))
        .withContext(`${ms} ms`)
        .toBeRejected();
    }
  });

  it('takes the first page first, then what is new, then what was seen longest ago', () => {
    const at = (day: number, release: string) => ({ at: new Date(Date.UTC(2026, 9, day)), release });
    const known = new Map([
      ['/', at(9, 'b')],
      ['/old/', at(2, 'b')],
      ['/seen/', at(8, 'b')],
      ['/changed/', at(7, 'a')],
    ]);
    expect(inTurn(['/seen/', '/changed/', '/new/', '/old/', '/'], 'b', known)).toEqual([
      '/',
      '/new/',
      '/changed/',
      '/old/',
      '/seen/',
    ]);
  });

  /** Something else is served in place of a file for a while: what leads to it in front of the site is another. */
  async function served(path: string, bytes: string, during: () => Promise<void>): Promise<void> {
    const [release] = await world.sites.releases.of(site);
    const link = join(world.hostData, 'front/releases', site, release!.id, path);
    // What was packed beforehand would be served in its place.
    const links = [link, `${link}.br`, `${link}.gz`].filter((l) => existsSync(l));
    for (const l of links) renameSync(l, `${l}.kept`);
    writeFileSync(link, bytes);
    try {
      await during();
    } finally {
      rmSync(link);
      for (const l of links) renameSync(`${l}.kept`, l);
    }
  }
});
