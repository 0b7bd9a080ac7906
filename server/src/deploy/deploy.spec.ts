import { readdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { trustedRoots } from '../certificates/certificates.js';
import { publishSteps } from '../publish/publish.js';
import { smallWorld, type SmallWorld } from '../testing/small-world.js';
import { visit } from '../care/visitor.js';
import { deployJob, deploySteps, pressRelease } from './deploy.js';
import { rollbackSteps } from './rollback.js';
import { Serving } from './serving.js';

describe('a deploy', () => {
  let world: SmallWorld;
  beforeAll(async () => (world = await smallWorld()));
  afterAll(() => world.end());

  const deploy = (site: string, killBefore = '') => world.run(site, (work) => deploySteps(work, world), { killBefore });
  const rollback = (site: string, release: string, killBefore = '') =>
    world.run(site, (work) => rollbackSteps(work, world), { input: { release }, killBefore });
  const live = async (site: string) => (await world.sites.get(site))!.liveRelease;
  const served = async (site: string) => (await (await world.quay()).client.site(site)).pointer?.release ?? null;
  const heading = (site: string, value: string) => world.change(site, { op: 'setFact', field: 'phone', value });

  it('sends everything once, and the second time nothing', async () => {
    const site = await world.site('Quay Joinery');
    const first = await deploy(site);
    expect(first.error).toBeNull();
    const id = await live(site);
    expect(id).toMatch(/^r-[0-9a-f]{16}$/);
    expect(await served(site)).toBe(id);
    expect(first.steps['Send what the server lacks']).toMatch(/^(\d+) of \1 files$/);
    const second = await deploy(site);
    expect(second.steps['Send what the server lacks']).toBe('Nothing: all of it is there');
    expect(await live(site)).toBe(id);
    expect((await world.sites.releases.get(site, id!))!.what).toEqual(['The first release']);
  });

  it('sends what has changed alone, and says what that was', async () => {
    const site = await world.site('Quay Seeds');
    await deploy(site);
    const before = await live(site);
    const all = Object.keys((await world.sites.releases.get(site, before!))!.manifest.files).length;
    await heading(site, '01632 960 777');
    const next = await deploy(site);
    const sent = Number(/^\d+/.exec(next.steps['Send what the server lacks']!)![0]);
    expect(sent).toBeGreaterThan(0);
    expect(sent).toBeLessThan(all / 2);
    const release = (await world.sites.releases.get(site, (await live(site))!))!;
    expect(release.id).not.toBe(before!);
    expect(release.what.length).toBe(1);
    expect(release.what[0]).toBe('Changed “Phone”');
  });

  it('can be killed before any of its steps, and ends the same when it is run again', async () => {
    const site = await world.site('Quay Pottery');
    const steps = Object.keys((await deploy(await world.site('Quay Twin'))).steps);
    expect(steps.length).toBe(6);
    for (const [n, step] of steps.entries()) {
      await heading(site, `01632 960 10${n}`);
      const before = await live(site);
      expect((await deploy(site, step)).error?.message).toBe('killed');
      // Until the last step nobody sees anything of it.
      expect([await live(site), await served(site).catch(() => null)]).toEqual([before, before]);
      expect((await deploy(site)).error).toBeNull();
      expect(await live(site)).not.toBe(before);
      expect(await served(site)).toBe(await live(site));
    }
  });

  it('goes back to a release of before, also when it was killed on the way', async () => {
    const site = await world.site('Quay Ropes');
    await deploy(site);
    const first = (await live(site))!;
    await heading(site, '01632 960 778');
    await deploy(site);
    const second = (await live(site))!;
    expect((await rollback(site, first, 'See what is served')).error?.message).toBe('killed');
    // The server serves it already; here it is known once somebody looks.
    expect([await served(site), await live(site)]).toEqual([first, second]);
    await new Serving(world.sites, world.servers).look();
    expect(await live(site)).toBe(first);
    expect((await rollback(site, second)).error).toBeNull();
    expect([await served(site), await live(site)]).toEqual([second, second]);
    expect((await rollback(site, 'r-0000000000000000')).error?.name).toBe('JobRefused');
  });

  it('is refused with what to do where something is missing', async () => {
    const { id: bare } = await world.sites.create(world.ines.organisation, { name: 'Bare' });
    expect((await deploy(bare)).error?.message).toBe('The site has no server yet. Choose one first.');
    await world.sites.setServer(bare, 'quay');
    expect((await deploy(bare)).error?.message).toContain('no pages yet');
    expect((await deploy('nobody')).error?.message).toBe('The site is gone.');
    await world.sites.setOpen(bare, true);
    const open = await world.run(bare, (work) => deployJob(work, world));
    expect(open.error?.name).toBe('JobRefused');
    expect(Object.keys(open.steps)).toEqual(['Look over the checklist']);
  });

  it('waits for a server that is away, and what is known here stays as it was', async () => {
    const site = await world.site('Quay Cycles');
    await deploy(site);
    const before = await live(site);
    await world.hostDown();
    await heading(site, '01632 960 779');
    expect((await deploy(site)).error?.name).toBe('JobLater');
    await new Serving(world.sites, world.servers).look();
    expect(await live(site)).toBe(before);
    await world.hostUp();
    expect((await deploy(site)).error).toBeNull();
    expect(await served(site)).toBe(await live(site));
  });

  it('gives one release of a document and an address, and another of another address', async () => {
    const { document } = (await world.sites.get(await world.site('Quay Clocks')))!;
    const [one, again, other] = await Promise.all([
      pressRelease(document, 'https://clocks.example'),
      pressRelease(document, 'https://clocks.example'),
      pressRelease(document, 'https://clocks.test'),
    ]);
    expect(again.id).toBe(one.id);
    expect(other.id).not.toBe(one.id);
    expect(one.files.map((f) => f.path)).toContain('/index.html');
  });

  describe('and publishing', () => {
    const publish = (site: string, killBefore = '') =>
      world.run(site, (work) => publishSteps(work, world), { killBefore });
    const page = async (host: string) => {
      const quay = await world.quay();
      return visit({
        ...{ scheme: 'https', host, path: '/', address: quay.address, port: quay.httpsPort },
        roots: trustedRoots(world.config),
      });
    };

    it('bring a site from nothing to visitors over TLS, killed before any step, and do nothing twice', async () => {
      const domain = 'lintel.example';
      const { address } = await world.quay();
      world.register(domain, [
        ['@', 'A', address],
        ['www', 'CNAME', `${domain}.`],
      ]);
      const site = await world.site('Lintel Joinery', domain);
      for (const step of ['Press the release', 'Order at the authority', `Prove ${domain}`, 'Open it to visitors'])
        expect((await publish(site, step)).error?.message)
          .withContext(step)
          .toMatch(/killed/);
      const ran = await publish(site);
      expect(ran.error).toBeNull();
      expect(ran.steps['Go in as a visitor']).toBe('5 of 5 links hold');
      const seen = await page(domain);
      expect([seen.status, seen.certificateError]).toEqual([200, '']);
      expect(seen.certificate!.names.sort()).toEqual([domain, `www.${domain}`]);
      expect((await world.sites.get(site))!.open).toBeTrue();
      const again = await publish(site);
      expect(Object.keys(again.steps)).toEqual([
        'Look over the checklist',
        'Open it to visitors',
        'Go in as a visitor',
      ]);
    });

    it('send again what is damaged or gone on the server', async () => {
      const site = (await world.sites.list(world.ines.organisation)).find((s) => s.domain === 'lintel.example')!.id;
      const blobs = join(world.hostData, 'blobs');
      for (const name of readdirSync(blobs)) rmSync(join(blobs, name), { recursive: true });
      const ran = await publish(site);
      expect(ran.error).toBeNull();
      expect(ran.steps['Send what the server lacks']).toMatch(/^\d+ of \d+ files$/);
      expect((await page('lintel.example')).status).toBe(200);
      expect(readdirSync(blobs).length).toBeGreaterThan(0);
    });

    it('stop at the checklist before anything is done', async () => {
      const { id } = await world.sites.create(world.ines.organisation, { name: 'Without pages' });
      await world.sites.setServer(id, 'quay');
      const ran = await publish(id);
      expect(ran.error?.name).toBe('JobRefused');
      expect(Object.keys(ran.steps)).toEqual(['Look over the checklist']);
    });
  });
});
