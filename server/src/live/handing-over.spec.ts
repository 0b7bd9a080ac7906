import { randomUUID } from 'node:crypto';
import { unzipSync } from 'fflate';
import type { SiteDocument } from '@tin-porch/core/model';
import { deploySteps } from '../deploy/deploy.js';
import { DeskClient, type Answered } from '../demo/desk-client.js';
import { Leaving } from '../leaving/leaving.js';
import { smallWorld, type SmallWorld } from '../testing/small-world.js';

interface People {
  people: { id: string; name: string; role: string; ownerSince: string | null }[];
  log: { by: string; what: string }[];
  me: string;
}

describe('a site that is handed over', () => {
  let world: SmallWorld;
  let id: string;
  let tom: DeskClient;
  let ada: DeskClient;
  const origin = 'http://gant.example';
  const somebody = () => new DeskClient({ address: `${world.net}.11`, port: 8712, host: `${id}.quay.test` });
  const client = async () => (await world.quay()).client;
  const desk = async () => (await client()).desk(id);
  const idOf = async (name: string) => (await desk()).people.find((p) => p.name === name)!.id;
  const invited = async (name: string, role: 'publish' | 'write' = 'publish') => {
    const who = somebody();
    const { token } = await (
      await client()
    ).invite(id, { name, mail: `${name.toLowerCase()}@gant.example`, role, by: 'Ines', origin });
    await who.follow(token);
    return who;
  };
  const over = async (to: { person: string } | { name: string; mail: string }, unlock = false, as = randomUUID()) =>
    (await client()).handOver(id, { id: as, to, by: 'Ines', unlock, origin });
  const refusedAs = async (status: number, what: Promise<unknown>) =>
    expectAsync(what).toBeRejectedWith(jasmine.objectContaining({ status }) as never);
  const statusOf = async (answered: Promise<Answered>) => (await answered).status;
  const letters = async () => (await desk()).letters.map((l) => [l.to, l.subject]);

  beforeAll(async () => {
    world = await smallWorld();
    id = await world.site('Gant & Sons');
    for (const lock of ['kind/hours', 'kind/prices'])
      await world.change(id, { op: 'setLock', lock, locked: true } as never);
    await world.sites.setOpen(id, true);
    expect((await world.run(id, (work) => deploySteps(work, world))).error).toBeNull();
    tom = await invited('Tom');
    ada = await invited('Ada', 'write');
  });
  afterAll(() => world.end());

  it('is nobody’s before: no role makes an owner, and nobody there says who comes in', async () => {
    await refusedAs(400, (await client()).setRole(id, await idOf('Tom'), 'owner' as never, 'Ines'));
    await refusedAs(
      400,
      (await client()).invite(id, { name: 'X', mail: 'x@gant.example', role: 'owner' as never, by: 'Ines', origin }),
    );
    for (const [method, path] of [
      ['GET', '/people'],
      ['POST', '/people'],
      ['PUT', `/people/${await idOf('Ada')}`],
      ['DELETE', `/people/${await idOf('Ada')}`],
      ['GET', '/site.zip'],
    ] as const)
      expect(await statusOf(tom.api(method, path, /P/.test(method) ? {} : undefined)))
        .withContext(`${method} ${path}`)
        .toBe(403);
  });

  it('goes to somebody who is at the desk, once, with what was locked, and they are written to', async () => {
    const as = randomUUID();
    const hours = () => tom.read<{ locked: { hours: boolean; prices: boolean } }>('/facts').then((f) => f.locked);
    expect(await hours()).toEqual(jasmine.objectContaining({ hours: true, prices: true }));
    const person = await idOf('Tom');
    const first = await over({ person }, true, as);
    expect(first).toEqual({ token: null, written: true });
    expect(await over({ person }, true, as)).toEqual({ token: null, written: true });
    const { people, log } = await desk();
    expect(people.filter((p) => p.role === 'owner').map((p) => [p.name, p.ownerSince !== null])).toEqual([
      ['Tom', true],
    ]);
    expect(log.filter((l) => l.what === 'Handed the site over to Tom').length).toBe(1);
    expect(
      (await letters()).filter(([to, subject]) => to === 'tom@gant.example' && subject === 'Gant & Sons is yours')
        .length,
    ).toBe(1);
    expect(await hours()).toEqual(jasmine.objectContaining({ hours: false, prices: false }));
    // What was left to them comes to the designer as a step of the site, and takes the drafts along.
    await world.live.pull(id, await client());
    expect((await world.sites.get(id))!.document.locks).toBeUndefined();
    expect((await world.live.of(id)).held).toEqual([]);
  });

  it('is theirs: the designer changes nothing about them, and they about everybody', async () => {
    const [t, a] = [await idOf('Tom'), await idOf('Ada')];
    await refusedAs(409, (await client()).setRole(id, t, 'write', 'Ines'));
    await refusedAs(409, (await client()).removePerson(id, t, 'Ines'));
    expect(await statusOf(tom.api('PUT', `/people/${a}`, { role: 'publish' }))).toBe(204);
    expect(await statusOf(tom.api('PUT', `/people/${a}`, { role: 'designer' }))).toBe(400);
    expect(await statusOf(tom.api('DELETE', `/people/${t}`))).toBe(409);
    expect(await statusOf(tom.api('DELETE', `/people/${randomUUID()}`))).toBe(404);
    expect(await statusOf(tom.api('DELETE', '/people/nobody'))).toBe(404);
    for (const bad of [
      { name: ' ', mail: 'w@gant.example', role: 'write' },
      { name: 'W', mail: 'w', role: 'write' },
    ])
      expect(await statusOf(tom.api('POST', '/people', bad))).toBe(400);
    const made = await tom.api('POST', '/people', { name: 'Wilma', mail: 'wilma@gant.example', role: 'messages' });
    const { link, written } = JSON.parse(made.body) as { link: string; written: boolean };
    expect([made.status, written]).toEqual([201, true]);
    const wilma = somebody();
    await wilma.follow(link.split('#link=')[1]!);
    expect(await statusOf(tom.api('POST', '/people', { name: 'W', mail: 'WILMA@gant.example', role: 'write' }))).toBe(
      409,
    );
    const { people, log, me } = await tom.read<People>('/people');
    expect([me, people.find((p) => p.name === 'Ada')!.role]).toEqual([t, 'publish']);
    expect(log.map((l) => l.what)).toContain('Let Wilma in');
    // From that moment on.
    const w = people.find((p) => p.name === 'Wilma')!.id;
    expect(await statusOf(tom.api('DELETE', `/people/${w}`))).toBe(204);
    expect(await statusOf(wilma.api('GET', '/today'))).toBe(401);
    // The designer comes as before, and each time is written down; owning it is nothing to come as.
    await refusedAs(400, (await client()).deskLink(id, 'Ines', 'owner' as never));
    const ines = somebody();
    await ines.follow((await (await client()).deskLink(id, 'Ines', null)).token);
    expect(await statusOf(ines.api('GET', '/people'))).toBe(403);
    expect((await tom.read<People>('/people')).log.map((l) => l.what)).toContain('Came in as the designer');
  });

  it('is taken along at the desk as the designer takes it, with all that is kept', async () => {
    const phone = (await world.sites.get(id))!.document.facts.phone;
    expect(await statusOf(tom.change([{ kind: 'fact', field: 'phone', was: phone, value: '01632 960 444' }]))).toBe(
      200,
    );
    const own = unzipSync(await tom.bytes('/-/desk/api/site.zip'));
    const leaving = new Leaving(world.servers, world.live, world.pictures);
    const theirs = new Map<string, Buffer>();
    for await (const f of await leaving.folder((await world.sites.get(id))!, { which: 'live', kept: true }))
      theirs.set(f.path, Buffer.from(f.bytes as Uint8Array));
    const [root] = Object.keys(own)[0]!.split('/');
    expect(root).toMatch(/^[a-z0-9.-]+-\d{4}-\d\d-\d\d$/);
    expect(Object.keys(own).sort()).toEqual([...theirs.keys()].map((p) => `${root}/${p}`).sort());
    // When it was taken stands in what is kept.
    for (const [path, bytes] of theirs)
      if (!path.endsWith('.gz'))
        expect(Buffer.from(own[`${root}/${path}`]!).equals(bytes))
          .withContext(path)
          .toBeTrue();
    const site = JSON.parse(Buffer.from(own[`${root}/site.json`]!).toString('utf8')) as SiteDocument;
    expect(site.facts.phone).toBe('01632 960 444');
  });

  it('goes to somebody new by a link, who is an owner beside the first', async () => {
    await refusedAs(409, over({ name: 'Ada', mail: 'ada@gant.example' }));
    await refusedAs(404, over({ person: randomUUID() }));
    const { token } = await over({ name: 'Brede', mail: 'brede@gant.example' });
    const brede = somebody();
    await brede.follow(token!);
    expect((await brede.read<People>('/people')).people.filter((p) => p.role === 'owner').map((p) => p.name)).toEqual([
      'Tom',
      'Brede',
    ]);
    // One owner lets another in no more, and is let in no more by nobody else.
    expect(await statusOf(brede.api('PUT', `/people/${await idOf('Tom')}`, { role: 'messages' }))).toBe(204);
    expect(await statusOf(tom.api('GET', '/people'))).toBe(403);
    expect(await statusOf(tom.api('GET', '/site.zip'))).toBe(403);
    // What they may no longer is no longer theirs by a session from before either.
    expect(await statusOf(tom.api('POST', '/changes', { id: randomUUID(), changes: [] }))).toBe(403);
  });

  it('is given back by its owner, and the designer says again who comes in', async () => {
    const brede = (await desk()).people.find((p) => p.role === 'owner')!;
    const him = somebody();
    await him.follow((await (await client()).linkFor(id, brede.id, 'Ines')).token);
    expect(await statusOf(him.api('PUT', `/people/${brede.id}`, { role: 'publish' }))).toBe(204);
    expect((await desk()).people.map((p) => p.ownerSince)).toEqual([null, null, null]);
    expect(await statusOf(him.api('GET', '/people'))).toBe(403);
    await (await client()).setRole(id, brede.id, 'write', 'Ines');
    await (await client()).removePerson(id, brede.id, 'Ines');
  });

  it('is both handed over and left to them, or neither', async () => {
    await world.change(id, { op: 'setLock', lock: 'kind/words', locked: true });
    expect((await world.run(id, (work) => deploySteps(work, world))).error).toBeNull();
    const before = await desk();
    // The step cannot be written: the log of steps takes none.
    await world.hostDb(id, 'alter table step add constraint none check (seq < 0) not valid');
    await expectAsync(over({ person: await idOf('Ada') }, true)).toBeRejected();
    expect((await desk()).people).toEqual(before.people);
    expect(await letters()).toEqual(before.letters.map((l) => [l.to, l.subject]));
    await world.hostDb(id, 'alter table step drop constraint none');
    await over({ person: await idOf('Ada') }, true);
    expect((await desk()).people.find((p) => p.name === 'Ada')!.role).toBe('owner');
    expect((await ada.read<{ locked: string[] }>('/here')).locked).toEqual([]);
  });
});
