import { randomUUID } from 'node:crypto';
import pg from 'pg';
import { seeded } from '@tin-porch/core/ground';
import { writeVersion } from '@tin-porch/core/making';
import type { SiteDocument } from '@tin-porch/core/model';
import { DeskClient } from '@tin-porch/server/demo/desk';
import { stackForTests, until } from './support/stack-for-tests.js';
import { withServer } from '@tin-porch/server/reach';

/** How many kills; the bench does two hundred. */
const KILLS = Number(process.env['KILLS'] ?? 10);
const SEED = Number(process.env['KILLS_SEED'] ?? 3);
const VICTIMS = ['quay', 'postgres-quay', 'quay', 'standins'] as const;

/** Somebody changes a site and somebody writes to it, while what serves it is killed again and again. */
describe(`kill -9 while a site is changed, written to and tells of it, ${KILLS} times`, () => {
  let test: Awaited<ReturnType<typeof stackForTests>>;
  let id: string;
  let desk: DeskClient;

  beforeAll(async () => {
    test = await stackForTests({ mostWaitMs: 400 });
    ({ id } = await test.api.call<{ id: string }>('POST', '/sites', {
      name: 'Gant & Sons',
      trade: 'ropemaker',
      phone: '01632 960 000',
      mail: 'walk@gant.example',
      description: 'We lay rope in the long walk behind the chapel.',
      services: [{ id: 'v1', name: 'Mooring ropes', detail: '', price: '' }],
    }));
    const read = () => test.api.call<{ document: SiteDocument }>('GET', `/sites/${id}`);
    const change = (operation: object) => test.api.call('POST', `/sites/${id}/operations`, { operation });
    await change(writeVersion((await read()).document.facts, 1));
    const [form] = (await read()).document.forms;
    await change({ op: 'setForm', form: form!.id, deliverTo: 'walk@gant.example' });
    await test.api.call('PUT', `/sites/${id}/server`, { server: 'quay' });
    await test.api.job(id, 'deploy');
    await test.api.call('PUT', `/sites/${id}/open`, { open: true });
    const { link } = await test.api.call<{ link: string }>('POST', `/sites/${id}/people`, {
      name: 'Ada',
      mail: 'ada@gant.example',
      role: 'publish',
    });
    const { host, port } = new URL(link);
    desk = new DeskClient({ address: '127.0.0.1', port: Number(port), host });
    await desk.follow(link.split('#link=')[1]!);
  });
  afterAll(() => test?.end());

  it('refuses nobody while the agent and the front are started anew, one after the other', async () => {
    const answers: string[] = [];
    const sent: string[] = [];
    let going = true;
    const people = [
      async () => answers.push(`page ${(await desk.call('GET', '/')).status}`),
      // What the front has to ask the agent for.
      async () => answers.push(`nothing ${(await desk.call('GET', '/nowhere/')).status}`),
      async () => {
        const message = `Restart ${sent.length}-${randomUUID()}`;
        const { status } = await desk.form('/-/forms/contact', { name: 'Wilma', mail: 'wilma@post.example', message });
        answers.push(`message ${status}`);
        if (status === 303) sent.push(message);
        // No more of one address than a person writes.
        await new Promise((done) => setTimeout(done, 3500));
      },
    ].map(async (ask) => {
      while (going) {
        await ask().catch((error: Error) => answers.push(error.message));
        await new Promise((done) => setTimeout(done, 15));
      }
    });
    const health = () => withServer(test.stack.config, 'quay', (host) => host.health());
    const before = (await health()).process;
    for (const what of ['agent', 'front', 'agent']) {
      const { ms } = await test.api.call<{ ms: number }>('POST', '/servers/quay/renewals', { what });
      expect(ms).toBeLessThan(30_000);
    }
    going = false;
    await Promise.all(people);
    expect((await health()).process).not.toBe(before);
    const kinds = [...new Set(answers)].sort();
    expect(kinds).toEqual(['message 303', 'nothing 404', 'page 200']);
    expect(answers.length).toBeGreaterThan(20);
    const inbox = await until('every message, once', async () => {
      const { messages } = await test.api.call<{ messages: { fields: Record<string, string> }[] }>('GET', '/inbox');
      const came = messages.map((m) => Object.values(m.fields)).flat();
      return sent.every((m) => came.filter((c) => c === m).length === 1) && messages.length;
    });
    expect(inbox).toBe(sent.length);
  });

  it(
    'leaves nothing half done, nothing lost that was said to be kept, and nothing sent twice',
    async () => {
      const random = seeded(SEED);
      const kill = (name: string) => {
        const child = test.stack.programs.get(name)?.child;
        // One that is on its way up again is not there to be killed.
        if (child?.pid && child.exitCode === null && child.signalCode === null) child.kill('SIGKILL');
      };
      const number = (n: number) => `01632 960 ${String(100 + n)}`;
      const kept: string[] = [];
      const sent: string[] = [];
      let was = '01632 960 000';
      for (let n = 0; n < KILLS; n++) {
        const value = number(n);
        const change = { id: randomUUID(), changes: [{ kind: 'fact', field: 'phone', was, value }] };
        const message = `Message ${n}`;
        const posted = (async () => {
          const answer = await desk
            .form('/-/forms/contact', { name: 'Wilma', mail: 'wilma@post.example', message })
            .catch(() => undefined);
          if (answer?.status === 303) sent.push(message);
        })();
        setTimeout(() => kill(VICTIMS[n % VICTIMS.length]!), Math.floor(random.next() * 350));
        // As the desk does: the same step, until it is known to be taken.
        const answer = await until(
          `change ${n} is taken`,
          async () => {
            const came = await desk.api('POST', '/changes', change);
            return came.status === 200 && (JSON.parse(came.body) as { seq: number });
          },
          40,
        );
        kept.push(change.id);
        expect(answer.seq).toBe(n + 1);
        await posted;
        const served = await until(
          `change ${n} is served`,
          async () => {
            const { status, body } = await desk.call('GET', '/');
            // Old or new, and whole.
            if (status === 200) expect(body.includes(value) || body.includes(was)).toBe(true);
            return status === 200 && body.includes(value) && body.endsWith('</html>\n');
          },
          40,
        );
        expect(served).toBe(true);
        was = value;
      }

      const { steps } = await until('the log', async () => {
        const [server] = test.stack.config.servers;
        return withServer(test.stack.config, server!.name, (host) => host.steps(id, 0)).catch(() => null);
      });
      expect(steps.map((s) => s.id)).toEqual(kept);
      await until(
        'all of it is among the drafts',
        async () =>
          (await test.api.call<{ document: SiteDocument }>('GET', `/sites/${id}`)).document.facts.phone === was,
        20,
      );
      // What was said to be kept is there once, what was put aside as a flood too.
      const databaseUrl = test.quayDatabase();
      const said = await until('the messages', async () => {
        const db = new pg.Client({ connectionString: databaseUrl });
        await db.connect();
        const { rows } = await db.query<{ message: string }>(
          `select fields->>'message' as message from site_${id.replaceAll('-', '_')}.message`,
        );
        await db.end();
        return rows.map((r) => r.message);
      });
      for (const message of sent) expect(said.filter((s) => s === message)).toEqual([message]);
      // A letter for each of them that arrived, and none of them twice. Those that were in the way of a kill come later.
      const told = await until(
        'a letter that tells of one',
        async () => {
          const response = await fetch(`http://${test.stack.facts.net}.34:8034/letters`).catch(() => null);
          if (!response?.ok) return null;
          const { letters } = (await response.json()) as {
            letters: { to: string[]; messageId: string; text: string }[];
          };
          const found = letters.filter((l) => l.to.includes('walk@gant.example'));
          return found.length ? found : null;
        },
        60,
      );
      expect(new Set(told.map((l) => l.messageId)).size).toBe(told.length);
      for (const message of said)
        expect(told.filter((l) => l.text.includes(`${message}\n`)).length).toBeLessThanOrEqual(1);
      expect(sent.length).toBeGreaterThan(0);
    },
    300_000 + KILLS * 20_000,
  );
});
