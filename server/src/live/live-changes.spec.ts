import { randomUUID } from 'node:crypto';
import type { Operation } from '@tin-porch/core/operations';
import { lookInside } from '../care/inside.js';
import { deploySteps, switchOver } from '../deploy/deploy.js';
import { rollbackSteps } from '../deploy/rollback.js';
import { DeskClient } from '../demo/desk-client.js';
import { smallWorld, type SmallWorld } from '../testing/small-world.js';

const text = (value: string): Operation => ({
  op: 'setText',
  at: { section: 's1', path: 'heading' },
  text: { value, from: { kind: 'designer' } },
});

/** Two writers on one site, for real: the designer here, the people of the site at their desk on the hosting server. */
describe('what is changed where a site is live', () => {
  let world: SmallWorld;
  let id: string;
  let tom: DeskClient;
  const call = (method: string, path: string, body?: unknown, headers: Record<string, string> = {}) =>
    tom.call(method, path, body, headers);
  const api = (method: string, path: string, body?: unknown) => tom.api(method, path, body);
  const json = <T>(path: string): Promise<T> => tom.read<T>(path);
  const phone = (was: string, value: string) => ({
    id: randomUUID(),
    changes: [{ kind: 'fact', field: 'phone', was, value }],
  });
  const heading = (was: string, value: string) => ({
    id: randomUUID(),
    changes: [{ kind: 'text', at: { section: 's1', path: 'heading' }, was, value }],
  });
  const deploy = (killBefore = '') => world.run(id, (work) => deploySteps(work, world), { killBefore });
  const document = async () => (await world.sites.get(id))!.document;
  const headingNow = async () => JSON.stringify((await document()).pages[0]!.sections[0]!.content['heading']);
  const pull = async () => world.live.pull(id, (await world.quay()).client);
  /** The heading the people of the site see now. */
  const liveHeading = async () =>
    (
      await json<{ pages: { sections: { texts: { at: { path: string; section: string }; value: string }[] }[] }[] }>(
        '/pages',
      )
    ).pages
      .flatMap((p) => p.sections.flatMap((s) => s.texts))
      .find((t) => t.at.section === 's1' && t.at.path === 'heading')!.value;

  beforeAll(async () => {
    world = await smallWorld();
    id = await world.site('Hollis & Wren');
    tom = new DeskClient({ address: `${world.net}.11`, port: 8712, host: `${id}.quay.test` });
    await world.change(id, text('From the brief'));
    await world.sites.setOpen(id, true);
    expect((await deploy()).error).toBeNull();
  });
  afterAll(() => world.end());

  it('needs somebody who was let in: a link is good once, and a session is a cookie of the desk alone', async () => {
    expect((await api('GET', '/here')).status).toBe(401);
    const { client } = await world.quay();
    const { token } = await client.invite(id, {
      name: 'Tom',
      mail: 'tom@hollis.example',
      role: 'publish',
      by: 'Ines',
      origin: 'http://hollis.example',
    });
    await tom.follow(token);
    expect((await api('POST', '/follow', { link: token })).status).toBe(401);
    expect(await json('/here')).toEqual(
      jasmine.objectContaining({
        me: { name: 'Tom', mail: 'tom@hollis.example', role: 'publish', designer: false, password: false },
      }),
    );
    // Sent from elsewhere it lacks the header, and does nothing.
    expect((await call('POST', '/-/desk/api/changes', phone('', ''), { 'x-desk': '' })).status).toBe(403);
  });

  it('is pressed and served where it was made, and comes to the drafts', async () => {
    const was = (await document()).facts.phone;
    const sent = phone(was, '01632 960 900');
    const came = await api('POST', '/changes', sent);
    expect([came.status, JSON.parse(came.body)]).toEqual([200, { seq: 1, live: true }]);
    expect((await call('GET', '/contact/')).body).toContain('01632 960 900');

    // The same sent again, as after an answer that was lost, is one step.
    expect(JSON.parse((await api('POST', '/changes', sent)).body)).toEqual({ seq: 1, live: true });
    expect(await pull()).toBe(1);
    expect((await document()).facts.phone).toBe('01632 960 900');
    // Changed again and again, what the pages say of it follows here as it did there, and nothing of it is held.
    for (const [was, value] of [
      ['01632 960 900', '01632 960 904'],
      ['01632 960 904', '01632 960 900'],
    ] as const) {
      expect((await api('POST', '/changes', phone(was, value))).status).toBe(200);
      await pull();
      expect((await document()).facts.phone).toBe(value);
    }
    expect((await world.live.of(id)).held).toEqual([]);
    const [line] = await world.sites.log.history(id, 1);
    expect([line!.by, line!.part]).toEqual(['Tom', 'client']);
    // It is live: nothing of it waits to be deployed.
    expect((await world.sites.states.known([(await world.sites.get(id))!])).get(id)!.behind).toBe(false);
  });

  it('is refused with both words where it reads otherwise by now', async () => {
    const refused = await api('POST', '/changes', phone('01632 960 111', '01632 960 222'));
    expect(refused.status).toBe(409);
    expect(refused.body).toContain('01632 960 900');
    expect((await api('POST', '/changes', phone('01632 960 900', 'ring us'))).status).toBe(422);
    expect((await api('POST', '/changes', { id: 'x', changes: [] })).status).toBe(400);
  });

  it('stands beside a draft of the same until somebody decides, and nothing is deployed over it', async () => {
    await world.change(id, text('Drafted by Ines'));
    await world.change(id, { op: 'setFact', field: 'strapline', value: 'Afloat since 1921' });
    expect((await api('POST', '/changes', heading(await liveHeading(), 'Tom’s first words'))).status).toBe(200);
    expect((await api('POST', '/changes', heading('Tom’s first words', 'Tom’s words'))).status).toBe(200);
    const stopped = await deploy();
    expect(stopped.error?.message).toContain('Decide in Care');
    expect(await headingNow()).toContain('Drafted by Ines');
    expect(await liveHeading()).toBe('Tom’s words');
    const { held } = await world.live.of(id);
    expect((await world.sites.states.known([(await world.sites.get(id))!])).get(id)!.toAnswer).toBe(1);
    expect(held.map((h) => [h.by, h.parts[0]!.live, h.parts[0]!.draft])).toEqual([
      ['Tom', 'Tom’s words', 'Drafted by Ines'],
    ]);
    await world.live.settle(id, held[0]!.seq, { live: [0] }, world.ines);
    expect(await headingNow()).toContain('Tom’s words');
    expect((await deploy()).error).toBeNull();
    expect((await document()).facts.strapline).toBe('Afloat since 1921');
    expect(await liveHeading()).toBe('Tom’s words');
    expect((await json<{ pressing: number }>('/today')).pressing).toBe(0);
  });

  it('is nothing to decide where both came to write the same words', async () => {
    await world.change(id, { op: 'setFact', field: 'mail', value: 'yard@hollis.example' });
    const was = (await json<{ facts: { field: string; value: string }[] }>('/facts')).facts.find(
      (f) => f.field === 'mail',
    )!.value;
    expect((await tom.change([{ kind: 'fact', field: 'mail', was, value: 'yard@hollis.example' }])).status).toBe(200);
    await pull();
    expect((await world.live.of(id)).held.flatMap((h) => h.parts.filter((p) => p.live !== p.draft))).toEqual([]);
    expect((await deploy()).error).toBeNull();
  });

  it('is never served over by a release that has not seen it, whenever it comes', async () => {
    const server = await world.quay();
    const live = (await world.sites.get(id))!.liveRelease!;
    expect((await api('POST', '/changes', heading('Tom’s words', 'At the last moment'))).status).toBe(200);
    const late = await switchOver(server, id, live, 5).catch((error: Error) => error);
    expect((late as Error).message).toContain('brought in first');
    expect(await liveHeading()).toBe('At the last moment');
    // Nor by going back to an older one, before it is known here.
    const releases = await world.sites.releases.of(id);
    const first = releases.at(-1)!.id;
    expect((await world.run(id, (work) => rollbackSteps(work, world), { input: { release: first } })).error).toBeNull();
    expect(await headingNow()).toContain('At the last moment');
    expect((await call('GET', '/')).body).toContain('From the brief');
    expect((await deploy()).error).toBeNull();
    expect((await call('GET', '/')).body).toContain('At the last moment');
  });

  it('can be taken back, over what was done since', async () => {
    const { lines } = await json<{ lines: { seq: number; words: string; takenBack: boolean }[] }>('/today');
    expect(lines[0]!.takenBack).toBe(false);
    expect((await api('POST', '/changes', phone('01632 960 900', '01632 960 901'))).status).toBe(200);
    const { seq } = JSON.parse((await api('POST', '/changes', heading('At the last moment', 'A slip'))).body) as {
      seq: number;
    };
    const { seq: after } = JSON.parse(
      (await api('POST', '/changes', phone('01632 960 901', '01632 960 902'))).body,
    ) as { seq: number };
    expect((await api('POST', '/take-back', { id: randomUUID(), seq })).status).toBe(200);
    expect(await liveHeading()).toBe('At the last moment');
    // The older of two of one thing has the newer on it.
    expect((await api('POST', '/take-back', { id: randomUUID(), seq: seq - 1 })).status).toBe(409);
    expect((await api('POST', '/take-back', { id: randomUUID(), seq: after })).status).toBe(200);
    await pull();
    expect((await document()).facts.phone).toBe('01632 960 901');
    expect(await headingNow()).toContain('At the last moment');
    // What lay over it is gone: now it can go too.
    expect((await api('POST', '/take-back', { id: randomUUID(), seq: seq - 1 })).status).toBe(200);
    await pull();
    expect((await document()).facts.phone).toBe('01632 960 900');
  });

  it('waits for the designer where it is asked to, and their answer comes back', async () => {
    const ask = { ...heading('At the last moment', 'Shall we say this?'), ask: 'Not sure of it' };
    expect(JSON.parse((await api('POST', '/changes', ask)).body)).toEqual({ asked: true });
    expect(await liveHeading()).toBe('At the last moment');
    await pull();
    const { proposals } = await world.live.of(id);
    expect(proposals.map((p) => [p.by, p.note])).toEqual([['Tom', 'Not sure of it']]);
    await world.live.answer(id, proposals[0]!.id, true, 'Good. Up by tonight.', world.ines);
    expect(await headingNow()).toContain('Shall we say this?');
    await pull();
    const { proposals: told } = await json<{ proposals: { answer: string | null }[] }>('/today');
    expect(told[0]!.answer).toBe('Good. Up by tonight.');
    expect((await deploy()).error).toBeNull();
    expect(await liveHeading()).toBe('Shall we say this?');
  });

  it('is caught up with after the server was gone, and after a kill between keeping and serving', async () => {
    const was = await liveHeading();
    expect((await api('POST', '/changes', heading(was, 'Kept'))).status).toBe(200);
    await world.hostDown();
    await expectAsync(pull()).toBeRejected();
    await world.change(id, { op: 'setFact', field: 'place', value: 'Saltmarrow Quay' });
    await world.hostUp();
    await pull();
    expect(await headingNow()).toContain('Kept');
    // As a kill leaves it: a step is in the log, and what visitors see is the one before.
    const { hostDb } = world;
    await hostDb(
      id,
      `update content set served = 0, document = jsonb_set(document::jsonb, '{facts,phone}', '"01632 960 999"')`,
    );
    await world.hostDown();
    await world.hostUp();
    for (let n = 0; n < 100 && !(await call('GET', '/contact/')).body.includes('01632 960 999'); n++)
      await new Promise((done) => setTimeout(done, 100));
    expect((await call('GET', '/contact/')).body).toContain('01632 960 999');
  });

  it('lets the designer in for minutes, says so in the log, and lets nobody in who was sent away', async () => {
    const { client } = await world.quay();
    const own = tom.cookie;
    tom.cookie = '';
    await tom.follow((await client.deskLink(id, 'Ines', null)).token);
    expect(await json('/here')).toEqual(
      jasmine.objectContaining({ me: { name: 'Ines', mail: '', role: 'designer', designer: true, password: false } }),
    );
    expect((await client.desk(id)).log[0]!.what).toBe('Signed in');
    expect((await client.desk(id)).log[1]!.what).toBe('Came in as the designer');
    tom.cookie = own;
    const [first] = (await client.desk(id)).people;
    expect(first!.name).toBe('Tom');
    await client.removePerson(id, first!.id, 'Ines');
    expect((await api('GET', '/here')).status).toBe(401);
  });

  it('is nothing that those may do who only read messages', async () => {
    const { client } = await world.quay();
    tom.cookie = '';
    await tom.follow(
      (
        await client.invite(id, {
          name: 'Wilma',
          mail: 'wilma@hollis.example',
          role: 'messages',
          by: 'Ines',
          origin: 'http://hollis.example',
        })
      ).token,
    );
    expect((await api('GET', '/messages')).status).toBe(200);
    for (const path of ['/pages', '/facts']) expect((await api('GET', path)).status).toBe(403);
    expect((await api('POST', '/changes', phone('', ''))).status).toBe(403);
    expect((await api('DELETE', `/messages/${randomUUID()}`)).status).toBe(403);
    expect((await api('PUT', `/messages/${'-'.repeat(36)}`, { read: true })).status).toBe(404);
    expect((await api('PUT', '/password', { password: 'wilma-x' })).status).toBe(422);
    expect((await api('PUT', '/password', { password: 'a boat under oak' })).status).toBe(204);
    tom.cookie = '';
    const signedIn = (password: string, mail = 'Wilma@hollis.example') => api('POST', '/sign-in', { mail, password });
    expect((await signedIn('a boat under oak')).status).toBe(204);
    // Who it is not, and whether there is one, is told alike.
    const [wrong, nobody] = [await signedIn('a boat under elm'), await signedIn('a boat under elm', 'no@one.example')];
    expect([wrong.status, wrong.body]).toEqual([401, nobody.body]);
    for (let n = 0; n < 6; n++) await signedIn('again');
    expect((await signedIn('again')).status).toBe(429);

    // Who waits as they are told and goes on is noted once; and so is that they came in at last.
    const server = await world.quay();
    const guesses = async () =>
      (await lookInside({ id, domain: null, open: true }, server, null, null)).guesses!.map((g) => [g.by, g.in]);
    expect(await guesses()).toEqual([]);
    for (let n = 0; n < 5; n++) {
      await world.hostDb(id, `update sign_in_try set at = at - interval '70 seconds'`);
      expect((await signedIn(`guess ${n}`)).status).toBe(401);
    }
    expect(await guesses()).toEqual([['Wilma', false]]);
    await world.hostDb(id, `update sign_in_try set at = at - interval '70 seconds'`);
    expect((await signedIn('a boat under oak')).status).toBe(204);
    expect(await guesses()).toEqual([
      ['Wilma', true],
      ['Wilma', false],
    ]);
    // Of whom it is tried that nobody is, is told as that.
    for (let n = 0; n < 10; n++) {
      await world.hostDb(id, `update sign_in_try set at = at - interval '70 seconds'`);
      await signedIn(`guess ${n}`, 'no@one.example');
    }
    expect((await guesses())[0]).toEqual(['Nobody of the site', false]);
  });

  it('is proposed word by word where both changed different words of one text, and is that once it is decided', async () => {
    const { client } = await world.quay();
    const who = { name: 'Bo', mail: 'bo@hollis.example', role: 'publish' as const, by: 'Ines' };
    await tom.follow((await client.invite(id, { ...who, origin: 'http://hollis.example' })).token);
    const was = 'We mend boats up to forty feet. Ask about winter storage.';
    await world.change(id, text(was));
    expect((await deploy()).error).toBeNull();
    await world.change(id, text('We mend boats up to fifty feet. Ask about winter storage.'));
    const theirs = 'We build and mend boats up to forty feet. Ask about winter storage.';
    expect((await api('POST', '/changes', heading(was, theirs))).status).toBe(200);
    await pull();
    const merged = 'We build and mend boats up to fifty feet. Ask about winter storage.';
    const { held } = await world.live.of(id);
    expect(held[0]!.parts.map((p) => p.both)).toEqual([merged]);
    await world.live.settle(id, held[0]!.seq, { live: [], both: [0] }, world.ines);
    expect(await headingNow()).toContain(merged);
    expect((await deploy()).error).toBeNull();
    expect(await liveHeading()).toBe(merged);
    // Where both changed the same words there is no such thing, and it is not had by asking for it.
    await world.change(id, text(merged.replace('fifty', 'sixty')));
    expect((await api('POST', '/changes', heading(merged, merged.replace('fifty', 'seventy')))).status).toBe(200);
    await pull();
    const [same] = (await world.live.of(id)).held;
    expect(same!.parts.map((p) => p.both)).toEqual([undefined]);
    await expectAsync(world.live.settle(id, same!.seq, { live: [], both: [0] }, world.ines)).toBeRejected();
    await world.live.settle(id, same!.seq, { live: [] }, world.ines);
    expect(await headingNow()).toContain('sixty');
    expect((await deploy()).error).toBeNull();
    // What was decided before is what both have before them, though nothing was deployed since.
    const ours = await liveHeading();
    await world.change(id, text(`${ours} Ring us.`));
    expect((await api('POST', '/changes', heading(ours, `${ours} Every Saturday.`))).status).toBe(200);
    await pull();
    await world.live.settle(id, (await world.live.of(id)).held[0]!.seq, { live: [0] }, world.ines);
    await world.change(id, text(`All of ${ours} Every Saturday.`));
    const noon = heading(`${ours} Every Saturday.`, `${ours} Every Saturday at noon.`);
    expect((await api('POST', '/changes', noon)).status).toBe(200);
    await pull();
    const [again] = (await world.live.of(id)).held;
    expect(again!.parts.map((p) => p.both)).toEqual([`All of ${ours} Every Saturday at noon.`]);
    await world.live.settle(id, again!.seq, { live: [], both: [0] }, world.ines);
    expect(await headingNow()).toContain('Every Saturday at noon.');
    expect((await deploy()).error).toBeNull();
  });

  it('stays where the site goes back with it, and what is changed there next comes in over that', async () => {
    const live = async () => (await world.sites.get(id))!.liveRelease!;
    const behind = async () => (await world.sites.states.known([(await world.sites.get(id))!])).get(id)!.behind;
    const rollback = (release: string, keeps: boolean, killBefore = '') =>
      world.run(id, (work) => rollbackSteps(work, world), { input: { release, keeps }, killBefore });
    const contact = async () => (await call('GET', '/contact/')).body;
    const phoneNow = async () => (await document()).facts.phone;
    const ring = async (value: string) => {
      expect((await api('POST', '/changes', phone(await phoneNow(), value))).status).toBe(200);
      await pull();
    };
    await world.change(id, text('Moored'));
    expect((await deploy()).error).toBeNull();
    const moored = await live();
    await world.change(id, text('Under way'));
    const page = (await document()).pages[0]!;
    const spare: Operation = {
      op: 'insertSection',
      page: page.id,
      at: 1,
      section: { ...page.sections[0]!, id: 'spare' },
    };
    await world.change(id, spare);
    expect((await deploy()).error).toBeNull();
    await ring('01632 960 941');
    // What is only there since is not in what was served then.
    const spareWords = {
      id: randomUUID(),
      changes: [{ kind: 'text', at: { section: 'spare', path: 'heading' }, was: 'Under way', value: 'Astern' }],
    };
    expect((await api('POST', '/changes', spareWords)).status).toBe(200);
    await pull();
    expect(await behind()).toBeFalse();

    expect((await rollback(moored, true, 'Serve it')).error?.message).toBe('killed');
    expect(await liveHeading()).toBe('Under way');
    const ran = await rollback(moored, true);
    expect(ran.error).toBeNull();
    expect(ran.steps['Keep what its people changed since']).toMatch(
      /^\d changes?; 1 is about what was not there then$/,
    );
    expect([await liveHeading(), await live()]).toEqual(['Moored', jasmine.stringMatching(/^r-/)]);
    expect(await contact()).toContain('01632 960 941');
    const release = (await world.sites.releases.get(id, await live()))!;
    expect(release.id).not.toBe(moored);
    const pressed = await world.sites.log.documentOf(release);
    expect([pressed.facts.phone, pressed.facts.strapline]).toEqual(['01632 960 941', 'Afloat since 1921']);
    expect([release.what, await behind()]).toEqual([['Wrote “Moored”, with 1 change made on the site'], true]);
    const who = await world.sites.log.whoSince(release, (await world.sites.get(id))!.head);
    expect(who.find((w) => w.name === 'Bo')?.steps).toBe(1);
    // What the designer has drafted is as it was.
    expect(await headingNow()).toContain('Under way');

    // What is changed there next is read over what it stands on: the drafts since, without what is live.
    await ring('01632 960 942');
    expect([await phoneNow(), (await world.live.of(id)).held]).toEqual(['01632 960 942', []]);
    expect((await api('POST', '/changes', heading('Moored', 'Moored for the winter'))).status).toBe(200);
    await pull();
    const [held] = (await world.live.of(id)).held;
    expect(held!.parts.map((p) => [p.live, p.draft])).toEqual([['Moored for the winter', 'Under way']]);
    await world.live.settle(id, held!.seq, { live: [0] }, world.ines);
    expect((await deploy()).error).toBeNull();
    expect([await liveHeading(), await behind()]).toEqual(['Moored for the winter', false]);

    // Without it, what its people changed is served no more, and waits among the drafts.
    const before = await live();
    await ring('01632 960 943');
    expect(await behind()).toBeFalse();
    expect((await deploy()).error).toBeNull();
    const back = await rollback(before, false);
    expect(Object.keys(back.steps)).not.toContain('Keep what its people changed since');
    expect(await contact()).toContain('01632 960 942');
    expect([await live(), await behind(), await phoneNow()]).toEqual([before, true, '01632 960 943']);
    // Where nobody changed anything since, it is that release and no other.
    expect((await rollback(moored, true)).error).toBeNull();
    const again = await live();
    expect((await rollback(again, true)).error).toBeNull();
    expect(await live()).toBe(again);
  });
});
