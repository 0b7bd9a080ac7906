import { visit } from '../care/visitor.js';
import { Seal } from '../secrets/seal.js';
import { smallWorld, type SmallWorld } from '../testing/small-world.js';
import { Certificates, trustedRoots } from './certificates.js';

describe('certificates', () => {
  let world: SmallWorld;
  let address: string;
  beforeAll(async () => {
    world = await smallWorld();
    ({ address } = await world.quay());
  });
  afterAll(() => world.end());
  const obtain = (site: string, by = world.certificates) => world.run(site, (work) => by.steps(work));
  const of = async (site: string) => (await world.certificates.of(site))[0];

  it('are for the bare name and for www where that leads here too', async () => {
    world.register('both.example', [
      ['@', 'A', address],
      ['www', 'A', address],
    ]);
    world.register('bare.example', [
      ['@', 'A', address],
      ['www', 'A', '203.0.113.9'],
    ]);
    const [both, bare] = [await world.site('Both', 'both.example'), await world.site('Bare', 'bare.example')];
    expect((await obtain(both)).error).toBeNull();
    expect((await obtain(bare)).error).toBeNull();
    expect((await of(both))!.names.sort()).toEqual(['both.example', 'www.both.example']);
    expect((await of(bare))!.names).toEqual(['bare.example']);
    expect(await world.certificates.good('both.example', ['both.example', 'www.both.example'], 30)).toBeTrue();
    expect(await world.certificates.good('bare.example', ['bare.example', 'www.bare.example'], 30)).toBeFalse();
    expect(await world.certificates.good('both.example', ['both.example'], 4000)).toBeFalse();
  });

  it('are what the server shows from then on, signed by an authority that is trusted, for months', async () => {
    const quay = await world.quay();
    const at = { host: 'bare.example', path: '/', address: quay.address, port: quay.httpsPort };
    const seen = await visit({ scheme: 'https', ...at, roots: trustedRoots(world.config) });
    expect([seen.certificateError, seen.certificate!.names]).toEqual(['', ['bare.example']]);
    expect(Date.parse(seen.certificate!.notAfter)).toBeGreaterThan(Date.now() + 60 * 86_400_000);
    expect((await visit({ scheme: 'https', ...at, roots: [] })).certificateError).not.toBe('');
  });

  it('wait for a name that is not registered, leads elsewhere or is divided, and say which', async () => {
    const free = await world.site('Free', 'not-yet-anybodys.example');
    world.register('astray.example', [['@', 'A', '203.0.113.7']]);
    world.register('empty.example', [['mail', 'A', address]]);
    world.register('divided.example', [
      ['@', 'A', address],
      ['@', 'AAAA', '2001:db8::7'],
    ]);
    const words = async (name: string, site: string) => {
      const { error } = await obtain(site);
      expect(error?.name).withContext(name).toBe('JobLater');
      return error!.message;
    };
    expect(await words('free', free)).toBe('not-yet-anybodys.example is not registered yet.');
    expect(await words('astray', await world.site('Astray', 'astray.example'))).toContain('leads to 203.0.113.7');
    expect(await words('empty', await world.site('Empty', 'empty.example'))).toContain('leads to nothing');
    await words('divided', await world.site('Divided', 'divided.example'));
    expect((await obtain(await world.site('Without a domain'))).error?.message).toBe('The site has no domain yet.');
  });

  it('are refused for good where the authority may not or will not sign', async () => {
    world.register('refused.example', [['@', 'A', address]]);
    world.register('caa.example', [
      ['@', 'A', address],
      ['@', 'CAA', '0 issue "another.example"'],
    ]);
    for (const domain of ['refused.example', 'caa.example']) {
      const ran = await obtain(await world.site(`Of ${domain}`, domain));
      expect(ran.error?.name).withContext(`${domain}: ${ran.error?.message}`).toBe('JobRefused');
      expect(ran.steps['The authority signs']).toBeUndefined();
    }
  });

  it('keep the account at the authority closed, and use it again after a start', async () => {
    const { rows } = await world.db.query<{ key: string; url: string }>('select key, url from acme_account');
    expect(rows.length).toBe(1);
    expect(rows[0]!.key).not.toContain('PRIVATE KEY');
    const anew = new Certificates(
      ...([world.db, world.config, world.sites, world.servers, world.registrar] as const),
      Seal.of(world.config.secretsKey),
    );
    world.register('second.example', [['@', 'A', address]]);
    expect((await obtain(await world.site('Second', 'second.example'), anew)).error).toBeNull();
    const after = await world.db.query<{ url: string }>('select url from acme_account');
    expect(after.rows).toEqual([{ url: rows[0]!.url }]);
  });

  it('name those that end soon', async () => {
    const site = await world.site('Ending', 'ending.example');
    world.register('ending.example', [['@', 'A', address]]);
    await obtain(site);
    expect(await world.certificates.ending(30)).not.toContain(site);
    await world.db.query(`update certificate set not_after = now() + interval '29 days' where site = $1`, [site]);
    expect(await world.certificates.ending(30)).toContain(site);
    // One of a domain the site has no more is nobody’s trouble.
    await world.sites.setDomain(site, 'another-one.example');
    expect(await world.certificates.ending(30)).not.toContain(site);
  });

  it('wait where no name server or no authority answers', async () => {
    const dead = { ...world.config, acme: { ...world.config.acme, directory: `https://${world.net}.99:1/directory` } };
    const seal = Seal.of(world.config.secretsKey);
    const site = await world.site('Waiting', 'waiting.example');
    world.register('waiting.example', [['@', 'A', address]]);
    const by = new Certificates(world.db, dead, world.sites, world.servers, world.registrar, seal);
    const ran = await obtain(site, by);
    expect(ran.error?.name).toBe('JobLater');
    expect(ran.error?.message).toContain('does not answer');
    const mute = { ...dead, dns: { ...dead.dns, authority: { name: 'ns', address: `${world.net}.99`, port: 5390 } } };
    const blind = new Certificates(world.db, mute, world.sites, world.servers, world.registrar, seal);
    await expectAsync(blind.namesOf('waiting.example', address)).toBeRejectedWithError(/does not answer|ECONNREFUSED/);
  });
});
