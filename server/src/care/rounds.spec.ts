import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import type { InsideEvidence } from '@tin-porch/core/care';
import { ownPage } from '@tin-porch/core/making';
import { ENGINE } from '@tin-porch/core/page';
import { publishSteps } from '../publish/publish.js';
import { smallWorld, type SmallWorld } from '../testing/small-world.js';

describe('a round', () => {
  let world: SmallWorld;
  let site: string;
  const domain = 'round.example';
  const zone = () => world.names.get(domain)!;
  const lead = (records: [string, string, string][]) =>
    world.names.setRecords(zone(), records.map(([name, type, data]) => ({ name, type, ttl: 1, data })) as never);
  const walk = () => world.run(site, (work) => world.rounds.steps(work));
  const findings = async () => (await world.rounds.findings(world.ines.organisation, site)).map((f) => f.key);

  beforeAll(async () => {
    world = await smallWorld();
    const { address } = await world.quay();
    world.register(domain, [
      ['@', 'A', address],
      ['www', 'CNAME', `${domain}.`],
    ]);
    site = await world.site('Round House', domain);
  });
  afterAll(() => world.end());

  it('is refused while the site is on no server', async () => {
    expect((await walk()).error?.name).toBe('JobRefused');
  });

  it('finds nothing at a site that is well, and says how much it looked at', async () => {
    expect((await world.run(site, (work) => publishSteps(work, world))).error).toBeNull();
    const ran = await walk();
    expect(ran.error).toBeNull();
    expect(await findings()).toEqual([]);
    const [, pages] = /(\d+) of \1 open/.exec(ran.steps['Pages']!) ?? [];
    expect(Number(pages)).toBeGreaterThan(1);
    const [last] = await world.rounds.last(world.ines.organisation, 1);
    // Three things of the name, five from inside, four of the certificate, ten of each page, each link and address that was followed, eight
    // files that may lie about, what is said to search engines, and a message.
    const [, followed, led] = /^(\d+) .*, (\d+) addresses/.exec(ran.steps['Links']!) ?? [];
    expect(Number(followed)).toBeGreaterThan(0);
    // http, and the www name.
    expect(Number(led)).toBe(2);
    expect(ran.steps['What others see']).toBe(`${pages} pages in the site map`);
    expect(ran.steps['A message']).toMatch(/^\/-\/forms\/\S+ in \d+ ms$/);
    expect(last!.checks).toBe(3 + 5 + 4 + 10 * Number(pages) + Number(followed) + Number(led) + 8 + 2 + 1);
    expect(last!.findings).toBe(0);
  });

  it('leaves nothing of the message it tried: none is kept, no letter is written', async () => {
    const { rows } = await world.hostDb(
      site,
      'select (select count(*) from message) + (select count(*) from outgoing) as n',
    );
    expect(Number(rows[0]!.n)).toBe(0);
    const { rows: seq } = await world.hostDb(site, `select count(*) as n from erased`);
    expect(Number(seq[0]!.n)).toBe(0);
  });

  it('is not among the visits', async () => {
    const { client } = await world.quay();
    expect(await client.visits(site, '2020-01-01')).toEqual({});
  });

  it('finds that messages do not arrive where the database of the site takes none', async () => {
    await world.hostDb(site, 'alter table message add constraint none check (false) not valid');
    await walk();
    const [lost] = await world.rounds.findings(world.ines.organisation, site);
    expect(lost!.key).toBe('message-lost');
    expect(lost!.evidence).toContain('503');
    await world.hostDb(site, 'alter table message drop constraint none');
    await walk();
    expect(await findings()).toEqual([]);
  });

  it('does not look for pages that are drafted and not deployed', async () => {
    const { document } = (await world.sites.get(site))!;
    await world.change(site, ownPage(document, 'Not deployed yet'));
    expect((await world.sites.get(site))!.document.pages.length).toBe(document.pages.length + 1);
    await walk();
    expect(await findings()).toEqual([]);
  });

  it('finds a name that leads astray, keeps since when, and ends it when it leads here again', async () => {
    const { address } = await world.quay();
    lead([['@', 'A', '203.0.113.44']]);
    await walk();
    const [first] = await world.rounds.findings(world.ines.organisation, site);
    expect(first!.key).toBe('domain-astray');
    expect(first!.evidence).toContain('203.0.113.44');
    // The pages themselves are well: they are fetched from the server, and one trouble hides no other.
    expect(await findings()).toEqual(['domain-astray']);
    await walk();
    const [again] = await world.rounds.findings(world.ines.organisation, site);
    expect(again!.firstSeen).toEqual(first!.firstSeen);
    expect(again!.lastSeen.getTime()).toBeGreaterThan(first!.lastSeen.getTime());
    lead([
      ['@', 'A', address],
      ['www', 'CNAME', `${domain}.`],
    ]);
    await walk();
    expect(await findings()).toEqual([]);
    lead([['@', 'A', '203.0.113.44']]);
    await walk();
    const [anew] = await world.rounds.findings(world.ines.organisation, site);
    expect(anew!.firstSeen.getTime()).toBeGreaterThan(first!.firstSeen.getTime());
    lead([['@', 'A', address]]);
  });

  it('looks from inside: rehearses the renewal for real, and says who may change it and was not there for long', async () => {
    const inside = async () =>
      (
        await world.db.query<{ inside: InsideEvidence }>(
          `select evidence->'inside' as inside from round where site = $1 order by at desc limit 1`,
          [site],
        )
      ).rows[0]!.inside;
    const { client } = await world.quay();
    const tom = {
      name: 'Tom',
      mail: 'tom@post.example',
      role: 'publish' as const,
      by: 'Ines',
      origin: 'http://x.example',
    };
    await client.invite(site, tom);
    await walk();
    expect(await findings()).toEqual([]);
    expect(await inside()).toEqual({
      version: { drew: ENGINE, newest: ENGINE, since: jasmine.any(String) },
      mail: null,
      people: [jasmine.objectContaining({ name: 'Tom', role: 'publish', seenAt: null })],
      guesses: [],
      renewal: { works: true, detail: '' },
    } as never);
    await world.hostDb(
      site,
      `update person set made_at = now() - interval '3 years', seen_at = now() - interval '2 years'`,
    );
    await walk();
    expect(await findings()).toEqual(['people-away']);
    await client.removePerson(site, (await client.desk(site)).people[0]!.id, 'Ines');
    // A question that is answered otherwise than it was meant to be.
    const wrong = spyOn(world.servers, 'get').and.callFake(async (name) => {
      const server = (await world.servers.all()).find((s) => s.name === name)!;
      const { putChallenge } = server.client;
      server.client.putChallenge = (token) => putChallenge(token, 'another.answer');
      return server;
    });
    await walk();
    expect(await findings()).toEqual(['renewal-fails']);
    wrong.and.callThrough();
    await walk();
    expect(await findings()).toEqual([]);
  });

  it('finds a file whose bytes have changed on the server', async () => {
    const folder = join(world.hostData, 'blobs');
    const files = readdirSync(folder, { recursive: true, withFileTypes: true }).filter((f) => f.isFile());
    const big = files
      .map((f) => join(f.parentPath, f.name))
      .find((f) => readFileSync(f, 'utf8').startsWith('<!doctype html>'))!;
    const was = readFileSync(big);
    writeFileSync(big, was.subarray(0, was.length - 9));
    await walk();
    expect((await findings()).some((key) => key === 'files-damaged' || key.startsWith('page-'))).toBeTrue();
    writeFileSync(big, was);
    await walk();
    expect(await findings()).toEqual([]);
  });

  it('finds a server that is away', async () => {
    await world.hostDown();
    expect((await walk()).error?.name).toBe('JobLater');
    const links = await world.rounds.wayIn(site);
    expect(links.map((l) => l.state)).toEqual(['good', 'bad', 'open', 'open', 'open']);
    await world.hostUp();
    expect((await world.rounds.wayIn(site)).map((l) => l.state)).toEqual(['good', 'good', 'good', 'good', 'good']);
  });
});
