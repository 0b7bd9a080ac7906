import { randomUUID } from 'node:crypto';
import { deploySteps } from '../deploy/deploy.js';
import { DeskClient } from '../demo/desk-client.js';
import { smallWorld, type SmallWorld } from '../testing/small-world.js';

interface Line {
  id: string;
  words: string;
  when: string;
  refused: string | null;
}

/** Changes made at the desk that go up at a minute somebody chose, on a real hosting server. */
describe('what is planned at the desk', () => {
  let world: SmallWorld;
  let id: string;
  let tom: DeskClient;
  let tomId: string;
  const desk = async (name: string, role: 'publish' | 'write' | 'messages') => {
    const who = new DeskClient({ address: `${world.net}.11`, port: 8712, host: `${id}.quay.test` });
    const { client } = await world.quay();
    const mail = `${name}@hollis.example`;
    const made = await client.invite(id, { name, mail, role, by: 'Ines', origin: 'http://hollis.example' });
    await who.follow(made.token);
    return { who, id: made.id };
  };
  /** A time by the clock of the site (Europe/London), so many minutes from now. */
  const local = (minutes: number) =>
    new Date(Date.now() + minutes * 60_000)
      .toLocaleString('sv-SE', { timeZone: 'Europe/London' })
      .slice(0, 16)
      .replace(' ', 'T');
  const phone = (was: string, value: string) => [{ kind: 'fact', field: 'phone', was, value }];
  const plan = (at: string, changes: object[], as: string = randomUUID(), who = tom) =>
    who.api('POST', '/changes', { id: as, changes, at });
  const planned = async () => (await tom.read<{ planned: Line[] }>('/today')).planned;
  const now = async () =>
    (await tom.read<{ facts: { field: string; value: string }[] }>('/facts')).facts.find((f) => f.field === 'phone')!
      .value;
  /** Its minute has come, and the server begins anew. */
  const comes = async () => {
    await world.hostDb(id, `update planned set at = now() - interval '1 second' where refused is null`);
    await world.hostDown();
    await world.hostUp();
    for (let left = 100; left > 0; left--) {
      const { rows } = await world.hostDb(id, 'select 1 from planned where refused is null and at <= now()');
      if (!rows.length) return;
      await new Promise((done) => setTimeout(done, 50));
    }
  };

  beforeAll(async () => {
    world = await smallWorld();
    id = await world.site('Hollis & Wren');
    await world.sites.setOpen(id, true);
    expect((await world.run(id, (work) => deploySteps(work, world))).error).toBeNull();
    ({ who: tom, id: tomId } = await desk('tom', 'publish'));
  });
  afterAll(() => world.end());

  it('is kept, shown with when it goes up, and changes nothing before', async () => {
    const was = await now();
    const as = randomUUID();
    const made = await plan(local(120), phone(was, '01632 960 701'), as);
    expect(made.status).toBe(200);
    expect((JSON.parse(made.body) as { planned: string }).planned.length).toBeGreaterThan(5);
    // Sent twice, it is one plan.
    expect((await plan(local(120), phone(was, '01632 960 701'), as)).status).toBe(200);
    // For another time, after an answer that was lost, it is planned for that.
    expect((await plan(local(180), phone(was, '01632 960 701'), as)).status).toBe(200);
    const { rows } = await world.hostDb(id, `select extract(epoch from at - now())::int as left from planned`);
    expect((rows[0] as { left: number }).left).toBeGreaterThan(150 * 60);
    const [line, ...more] = await planned();
    expect([more.length, line!.id, line!.refused]).toEqual([0, as, null]);
    expect(await now()).toBe(was);
  });

  it('goes up at its minute as one step of whoever planned it, also where the server was away, and once', async () => {
    const [{ id: as }] = (await planned()) as [Line];
    await comes();
    expect([await now(), await planned()]).toEqual(['01632 960 701', []]);
    // It is kept first, and before visitors a moment later.
    const shown = async () => (await tom.call('GET', '/contact/')).body.includes('01632 960 701');
    for (let left = 100; left > 0 && !(await shown()); left--) await new Promise((done) => setTimeout(done, 50));
    expect(await shown()).toBeTrue();
    const { steps } = await (await world.quay()).client.steps(id, 0);
    expect(steps.map((s) => [s.id, s.by])).toEqual([[as, 'tom']]);
    // Sent once more after an answer that was lost, it is the step there is.
    await plan(local(1), phone('01632 960 701', '01632 960 702'), as);
    await comes();
    expect((await (await world.quay()).client.steps(id, 0)).steps.length).toBe(1);
    expect(await now()).toBe('01632 960 701');
    // It comes to the designer as every other.
    await world.live.pull(id, (await world.quay()).client);
    expect((await world.sites.get(id))!.document.facts.phone).toBe('01632 960 701');
  });

  it('is refused for a time that is none, is over or is far away, and where it does not fit', async () => {
    const was = await now();
    for (const at of [
      '',
      'tomorrow',
      '2026-02-30T10:00',
      '2020-01-01T10:00',
      local(600 * 1440),
      local(60).slice(0, 10),
    ])
      expect((await plan(at, phone(was, '01632 960 703'))).status)
        .withContext(at)
        .toBe(422);
    expect((await plan(local(60), phone('other', '01632 960 703'))).status).toBe(409);
    const { who: wilma } = await desk('wilma', 'write');
    // Whoever only writes asks, and plans nothing.
    expect(JSON.parse((await plan(local(60), phone(was, '01632 960 704'), randomUUID(), wilma)).body)).toEqual({
      asked: true,
    });
    expect(await planned()).toEqual([]);
  });

  it('says why it could not go up, waits to be looked at, and is let go of', async () => {
    const was = await now();
    await plan(local(30), phone(was, '01632 960 705'));
    expect((await tom.change(phone(was, '01632 960 706'))).status).toBe(200);
    await comes();
    const [line] = await planned();
    expect(line!.refused).toContain('It says something else by now');
    expect(await now()).toBe('01632 960 706');
    expect((await tom.api('DELETE', `/planned/${line!.id}`)).status).toBe(204);
    expect((await tom.api('DELETE', `/planned/${line!.id}`)).status).toBe(404);
    expect(await planned()).toEqual([]);
  });

  it('goes up no more where whoever planned it may not, or its designer keeps it by then', async () => {
    const was = await now();
    await plan(local(30), phone(was, '01632 960 707'));
    await (await world.quay()).client.setRole(id, tomId, 'write', 'Ines');
    await comes();
    await (await world.quay()).client.setRole(id, tomId, 'publish', 'Ines');
    expect((await planned())[0]!.refused).toContain('tom does not change the site any more');
    await plan(local(40), phone(was, '01632 960 708'));
    await world.change(id, { op: 'setLock', lock: 'kind/contact', locked: true });
    await world.live.pull(id, (await world.quay()).client);
    expect((await world.run(id, (work) => deploySteps(work, world))).error).toBeNull();
    await comes();
    expect((await planned()).map((p) => p.refused!.slice(0, 28))).toContain('Your designer looks after th');
    expect(await now()).toBe(was);
  });
});
