import { mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { ServerState } from '@tin-porch/core/care';
import { DeskClient } from '../demo/desk-client.js';
import { deploySteps } from '../deploy/deploy.js';
import { agentProcess } from '../testing/agent-process.js';
import { mayMount, smallDisk } from '../testing/small-disk.js';
import { smallWorld, type SmallWorld } from '../testing/small-world.js';
import { howItIs } from './how-it-is.js';
import { ServerTroubles } from './server-troubles.js';
import { Watching } from './watching.js';

/** The library by which a program is told another time than it is; where Debian puts it. */
const FAKE_TIME = readdirSync('/usr/lib')
  .map((name) => `/usr/lib/${name}/faketime`)
  .flatMap((folder) => {
    try {
      return readdirSync(folder).map((f) => join(folder, f));
    } catch {
      return [];
    }
  })
  .find((f) => f.endsWith('/libfaketime.so.1'));

/** A real hosting server whose disk is full, or refuses to be written to, and one whose clock is wrong. */
describe('a hosting server in hard times', () => {
  const scratch = mkdtempSync(join(tmpdir(), 'tin-porch-disk-'));
  const mounts = mayMount(scratch);
  let world: SmallWorld;
  let disk: ReturnType<typeof smallDisk> | null = null;
  let id: string;
  const deploy = () => world.run(id, (work) => deploySteps(work, world));
  const phone = (value: string) => world.change(id, { op: 'setFact', field: 'phone', value });
  const visitor = () => new DeskClient({ address: `${world.net}.11`, port: 8712, host: `${id}.quay.test` });
  const page = async () => (await visitor().call('GET', '/contact/')).body;
  const send = async (message: string) => {
    const { forms } = (await world.sites.get(id))!.document;
    const sent = { name: 'Wilma', mail: 'wilma@post.example', message };
    return (await visitor().form(`/-/forms/${forms[0]!.id}`, sent)).status;
  };
  const messages = async () => (await world.hostDb(id, 'select 1 from message')).rowCount;
  /** How it is told to be in Servers. */
  const state = async (): Promise<ServerState> => {
    const said = await (await world.quay()).client.measures().catch((error: Error) => error);
    // How much the machine these tests run on has to do besides is no part of it.
    if (!(said instanceof Error)) Object.assign(said.now, { load: 0, memoryFreeBytes: said.now.memoryBytes });
    return howItIs(said, { roomDays: null, troubles: 0, holes: null });
  };

  beforeAll(async () => {
    world = await smallWorld((folder) => void (disk = mounts ? smallDisk(folder, 64) : null));
    id = await world.site('Hollow Elm');
    await world.sites.setOpen(id, true);
    expect((await deploy()).error).toBeNull();
  });
  afterAll(async () => {
    await world.hostDown();
    disk?.end();
    await world.end();
    rmSync(scratch, { recursive: true, force: true });
  });

  it('is told to be well where it is', async () => {
    expect((await state()).words).toBe('Well');
  });

  it('goes on with what it has while its disk is full, takes messages, and says what is wrong until there is room', async () => {
    if (!disk) return pending('nobody may mount a disk here');
    const live = (await world.sites.get(id))!.liveRelease;
    disk.fill();
    expect(await state()).toEqual(jasmine.objectContaining({ tone: 'brick', words: 'Nearly full' }));
    await phone('01632 960 301');
    const ran = await deploy();
    expect([ran.error?.name, ran.error?.message]).toEqual(['JobLater', jasmine.stringMatching(/disk .*is full/)]);
    expect((await world.sites.get(id))!.liveRelease).toBe(live);
    expect(await page()).not.toContain('01632 960 301');
    expect([await send('While it is full'), await messages()]).toEqual([303, 1]);
    disk.free();
    expect((await state()).words).toBe('Well');
    expect((await deploy()).error).toBeNull();
    expect(await page()).toContain('01632 960 301');
  });

  it('goes on with what it has while its disk refuses to be written to, and never says that all is well', async () => {
    if (!disk) return pending('nobody may mount a disk here');
    disk.readOnly(true);
    expect(await state()).toEqual(jasmine.objectContaining({ tone: 'brick', words: 'Its disk cannot be written to' }));
    await phone('01632 960 302');
    const ran = await deploy();
    expect([ran.error?.name, ran.error?.message]).toEqual([
      'JobLater',
      jasmine.stringContaining('cannot be written to'),
    ]);
    expect(await page()).toContain('01632 960 301');
    expect([await send('While it refuses'), await messages()]).toEqual([303, 2]);
    // Who looks after its sites is written to, once.
    const watching = new Watching(world.db, world.servers, new ServerTroubles(world.db, { wake: () => undefined }));
    const letters = async () =>
      (await world.db.query<{ subject: string }>('select subject from outgoing order by made_at')).rows.map(
        (r) => r.subject,
      );
    for (let n = 0; n < 3; n++) await watching.look();
    expect(await letters()).toEqual(['quay: its disk cannot be written to']);
    disk.readOnly(false);
    await watching.look();
    expect((await letters())[1]).toMatch(/^Over, after .*: quay, its disk cannot be written to$/);
    expect((await state()).words).toBe('Well');
    expect((await deploy()).error).toBeNull();
    expect(await page()).toContain('01632 960 302');
  });

  for (const [off, words] of [
    ['-1d', 'Its clock is 24 hours slow'],
    ['+1d', 'Its clock is 24 hours fast'],
  ] as const)
    it(`is told to have a wrong clock where it is a day off (${off}), and serves and takes a deploy all the same`, async () => {
      expect(FAKE_TIME).toBeDefined();
      await world.hostDown();
      const env = { LD_PRELOAD: FAKE_TIME!, FAKETIME: off, FAKETIME_DONT_FAKE_MONOTONIC: '1' };
      const agent = await agentProcess(world.hostConfig, env);
      try {
        expect(await state()).toEqual(jasmine.objectContaining({ tone: 'brick', words }));
        await phone(`01632 960 3${off === '-1d' ? 11 : 12}`);
        expect((await deploy()).error).toBeNull();
        expect(await page()).toContain(`01632 960 3${off === '-1d' ? 11 : 12}`);
        expect(await send(`At ${off}`)).toBe(303);
      } finally {
        await agent.end();
        await world.hostUp();
      }
      expect((await state()).words).toBe('Well');
    });
});
