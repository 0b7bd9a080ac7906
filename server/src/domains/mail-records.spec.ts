import { authenticate } from 'mailauth';
import { planMailRecords, type MailSender } from '@tin-porch/core/care';
import { deploySteps, senderOf } from '../deploy/deploy.js';
import { smallWorld, type SmallWorld } from '../testing/small-world.js';
import { askDns } from './dns-client.js';
import { lookAgain } from './look-again.js';
import { Registrar } from './registrar.js';

const DOMAIN = 'tolliver.example';
interface Letter {
  n: number;
  to: string[];
  from: string;
}

/** Letters of a site from its own domain: the records they need, set for real, and judged as whoever takes them in does. */
describe('mail from the domain of a site', () => {
  let world: SmallWorld;
  let mail: MailSender;
  let id: string;
  const row = async () => (await world.sites.get(id))!;
  const look = async () => lookAgain(world, await row(), DOMAIN, await world.quay());
  const zone = async (): Promise<string[]> =>
    (await world.registrar.records(DOMAIN)).map((r) => `${r.name} ${r.type} ${r.data.slice(0, 60)}`);
  const set = async () => world.registrar.letSend(DOMAIN, (seen) => planMailRecords(DOMAIN, mail, seen));
  const letters = async (): Promise<Letter[]> =>
    ((await (await fetch(`http://${world.net}.34:8034/letters`)).json()) as { letters: Letter[] }).letters;
  let count = 0;
  /** The letter by which somebody is let in, as it arrived. */
  const letter = async (): Promise<Letter> => {
    const to = `tom-${++count}@post.example`;
    const { client } = await world.quay();
    await client.invite(id, { name: 'Tom', mail: to, role: 'publish', by: 'Ines', origin: 'http://tolliver.example' });
    for (let left = 100; left > 0; left--) {
      const found = (await letters()).find((l) => l.to.includes(to));
      if (found) return found;
      await new Promise((done) => setTimeout(done, 50));
    }
    throw new Error('No letter came.');
  };
  const judged = async ({ n }: Letter, sender: string, ip = `${world.net}.34`) => {
    const raw = Buffer.from(await (await fetch(`http://${world.net}.34:8034/letters/${n}.eml`)).arrayBuffer());
    return authenticate(raw, {
      ip,
      helo: 'mail.quay.example',
      sender,
      resolver: async (name, type) => {
        const { records } = await askDns(world.config.dns.authority!, name, type as 'TXT');
        if (!records.length) throw Object.assign(new Error('none'), { code: 'ENOTFOUND' });
        return records.map((r) =>
          type === 'TXT'
            ? [r.data.slice(1, -1)]
            : type === 'MX'
              ? { priority: 10, exchange: r.data.split(' ')[1]!.replace(/\.$/, '') }
              : r.data,
        );
      },
    });
  };

  beforeAll(async () => {
    world = await smallWorld();
    id = await world.site('Tolliver & Son', DOMAIN);
    world.register(DOMAIN, [
      ['@', 'A', `${world.net}.11`],
      ['@', 'MX', '10 mx.elsewhere.example.'],
      ['@', 'TXT', '"library-proof=77"'],
      ['@', 'TXT', '"v=spf1 ip4:198.51.100.9 -all"'],
    ]);
    expect((await world.run(id, (work) => deploySteps(work, world))).error).toBeNull();
  });
  afterAll(() => world.end());

  it('comes from the server until the domain lets it, and says what is missing', async () => {
    const seen = await look();
    expect(seen.mail).toEqual(
      jasmine.objectContaining({ mechanism: `ip4:${world.net}.34`, selector: 'quay', from: 'post@quay.example' }),
    );
    mail = seen.mail!;
    expect(planMailRecords(DOMAIN, seen.mail!, seen.records).map((r) => r.verdict)).toEqual([
      'change',
      'change',
      'change',
    ]);
    expect(senderOf(await row())).toBeNull();
    expect((await letter()).from).toContain('<post@quay.example>');
    // The same key, whoever asks and however often.
    const { client } = await world.quay();
    const keys = await Promise.all([1, 2, 3].map(async () => (await client.mail(id))!.key));
    expect(new Set([...keys, seen.mail!.key]).size).toBe(1);
  });

  it('comes from the domain once its records are there; all else in the zone is as it was', async () => {
    const before = await zone();
    await set();
    const after = await zone();
    for (const line of before.filter((l) => !l.includes('v=spf1'))) expect(after).toContain(line);
    expect(after.filter((l) => l.includes('v=spf1'))).toEqual([
      `@ TXT "v=spf1 ip4:198.51.100.9 ip4:${world.net}.34 -all"`,
    ]);
    expect(after.length).toBe(before.length + 2);
    // Set once more, nothing is there twice.
    await set();
    expect((await zone()).sort()).toEqual(after.sort());
    await look();
    expect(senderOf(await row())).toBe('post@tolliver.example');
    expect((await row()).domainSeen!.mail!.now).toBe('post@tolliver.example');
    const came = await letter();
    expect(came.from).toContain('<post@tolliver.example>');
    const { dkim, spf, dmarc } = await judged(came, 'post@tolliver.example');
    expect(dkim.results.map((r) => [r.status.result, r.signingDomain, r.selector])).toEqual([['pass', DOMAIN, 'quay']]);
    expect([spf.status.result, dmarc.status.result]).toEqual(['pass', 'pass']);
    // Those who sent mail of the domain before still may; others as little as before.
    const from = async (ip: string) => (await judged(came, 'post@tolliver.example', ip)).spf.status.result;
    expect([await from('198.51.100.9'), await from('192.0.2.1')]).toEqual(['pass', 'fail']);
  });

  it('comes from the server again where a record is gone, and stays where nobody can be asked', async () => {
    const silent = {
      ...world,
      config: {
        ...world.config,
        dns: { ...world.config.dns, authority: { address: `${world.net}.99`, port: 5390, name: 'nobody' } },
      },
    };
    const seen = await lookAgain(silent, await row(), DOMAIN, await world.quay());
    expect(seen.error).not.toBeNull();
    expect((await letter()).from).toContain('<post@tolliver.example>');
    await look();
    world.register(DOMAIN, [['@', 'TXT', '"v=spf1 ip4:198.51.100.9 -all"']]);
    // Its server could not be told: what is shown is what it said, and it is told with the next look.
    const quay = await world.quay();
    const deaf = Object.assign(Object.create(quay.client) as typeof quay.client, {
      putSite: () => Promise.reject(new Error('It does not answer.')),
    });
    const shown = await lookAgain(world, await row(), DOMAIN, { ...quay, client: deaf });
    expect([shown.mail!.now, senderOf(await row())]).toEqual(['post@tolliver.example', null]);
    expect((await look()).mail!.now).toBeNull();
    expect((await letter()).from).toContain('<post@quay.example>');
  });

  it('takes a record in several strings for the one it is: there are never two', async () => {
    let zone = [{ name: '@', type: 'TXT', ttl: 60, data: '"v=spf1 ip4:198.51.100.9 " "-all"' }];
    const registrar = new Registrar(world.config);
    spyOn(registrar, 'records').and.callFake(() => Promise.resolve(zone));
    spyOn(
      registrar as unknown as { api(m: string, p: string, b: { records: typeof zone }): Promise<void> },
      'api',
    ).and.callFake((_, __, { records }) => {
      zone = records;
      return Promise.resolve();
    });
    await registrar.letSend(DOMAIN, (seen) => planMailRecords(DOMAIN, mail, seen));
    expect(zone.filter((r) => r.data.includes('v=spf1')).map((r) => r.data)).toEqual([
      `"v=spf1 ip4:198.51.100.9 ${mail.mechanism} -all"`,
    ]);
  });
});
