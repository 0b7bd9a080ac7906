import { existsSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import type { Work } from '../jobs/jobs.js';
import { Backups } from '../backups/backups.js';
import { DeskClient } from '../demo/desk-client.js';
import { deploySteps } from '../deploy/deploy.js';
import { Seal } from '../secrets/seal.js';
import { agentProcess, otherAgents } from '../testing/agent-process.js';
import { backupPlaces } from '../testing/backup-places.js';
import { smallWorld, type Ran, type SmallWorld } from '../testing/small-world.js';
import { AgentUpdates, OWN_AGENT } from './agent-updates.js';

/** A step of the tables after the newest one. */
const withStep = (up: string, down: string) => (program: string) =>
  program.replace('up:FILES_UP,down:FILES_DOWN}]', (all) =>
    all.replace(']', `,{id:14,says:"what comes next",up:${JSON.stringify(up)},down:${JSON.stringify(down)}}]`),
  );
/** Something that is done as soon as it serves, and not where it tries backups. */
const onceBegun = (code: string) => (program: string) =>
  program.replace('async function startHost', `if(process.argv[3]!=="try"){${code}}\nasync function startHost`);

/** Agents that are brought to a hosting server for real: packed, sent, tried on backups, begun, and taken back. */
describe('another version of the agent', () => {
  let world: SmallWorld;
  let backups: Backups;
  let places: ReturnType<typeof backupPlaces<'shed'>>;
  let agent: Awaited<ReturnType<typeof agentProcess>>;
  const others = otherAgents();
  let id: string;
  let installed: string;
  const wanted: string[] = [];
  const env: Record<string, string> = {};
  const of = (root: string) =>
    new AgentUpdates(
      world.db,
      root,
      { servers: world.servers, backups, jobs: { begin: (site) => Promise.resolve(void wanted.push(site!) as never) } },
      world.config.trust,
    );
  const steps = (root: string, input: object = {}, attempt = 1) => {
    const updates = of(root);
    return (work: Work) =>
      updates.steps({ ...work, job: { ...work.job, attempt, input: { servers: ['quay'], by: 'Ines', ...input } } });
  };
  const bring = (root: string, options: { killBefore?: string; attempt?: number } = {}): Promise<Ran> =>
    world.run(id, steps(root, {}, options.attempt), options);
  const programs = async () => (await world.quay()).client.programs();
  const newest = async () => (await of(OWN_AGENT).newest(1))[0]!;
  const step = async () => (await world.hostDb(id, 'select max(id) as step from cms_migration')).rows[0].step as number;
  const visitor = () => new DeskClient({ address: `${world.net}.11`, port: 8712, host: `${id}.quay.test` });
  const versionOf = async (root: string) => (await of(root).about())!.version;

  beforeAll(async () => {
    world = await smallWorld();
    places = backupPlaces(world.net, { shed: 35 });
    await places.up('shed');
    const config = { cron: '40 1 * * *', places: [places.at('shed')] };
    backups = new Backups(world.db, config, world.sites, world.servers, Seal.of(world.config.secretsKey));
    id = await world.site('Bell Buoy', null, 2);
    await world.sites.setOpen(id, true);
    expect((await world.run(id, (work) => deploySteps(work, world))).error).toBeNull();
    const { forms } = (await world.sites.get(id))!.document;
    const came = await visitor().form(`/-/forms/${forms[0]!.id}`, {
      ...{ name: 'Wilma', mail: 'wilma@post.example', message: 'Is the slip free in May?' },
    });
    expect(came.status).toBe(303);
    await world.hostDown();
    agent = await agentProcess(world.hostConfig, env);
    installed = await versionOf(OWN_AGENT);
  });
  afterAll(async () => {
    await agent.end();
    places.end();
    others.end();
    await world.end();
  });

  it('is the one that is installed, as long as none was brought', async () => {
    expect(await programs()).toEqual({ running: installed, installed, known: true, before: null, fallen: null });
    expect((await (await world.quay()).client.versions()).agent.program).toBe(installed);
    expect((await bring(OWN_AGENT)).steps).toEqual({ quay: `Has version ${installed} already` });
    expect(await of(OWN_AGENT).newest()).toEqual([]);
  });

  it('waits until there is no other trouble on the server', async () => {
    const get = spyOn(world.servers, 'get').and.callFake(async (name) => {
      const server = (await world.servers.all()).find((s) => s.name === name)!;
      const { health } = server.client;
      server.client.health = async () => ({
        ...(await health()),
        unreadable: { torn: ['its settings are half a file'] },
      });
      return server;
    });
    const { error } = await bring(others.make('early', (p) => `/* early */${p}`));
    expect(error!.message).toBe(
      'There is trouble on quay already, and that comes first. torn cannot be read: its settings are half a file',
    );
    get.and.callThrough();
  });

  it('waits for a backup of each site, and asks for those that are missing', async () => {
    const { error } = await bring(others.make('first', (p) => `/* first */${p}`));
    expect([error!.name, error!.message]).toEqual(['JobLater', 'A backup comes first of Bell Buoy.']);
    expect(wanted).toEqual([id]);
    expect((await world.run(id, (work) => backups.steps(work))).error).toBeNull();
    expect((await programs()).running).toBe(installed);
  });

  it('is refused where it is not what it is said to be, or what it needs is not there', async () => {
    const { client } = await world.quay();
    const needy = others.make('needy', (p) => `/* needy */${p}`, {
      engine: 5,
      step: 13,
      node: '20.0.0',
      packages: { sharp: '99.0.0' },
    });
    const refused = (await bring(needy)).error!;
    expect(refused.message).toMatch(/^quay: It cannot run on this server\. It needs sharp 99\.0\.0; here is \d/);
    const { packed } = await import('@tin-porch/press/programs');
    await expectAsync(client.putProgram('0123456789ab', await packed(needy))).toBeRejectedWithError(
      /not the version it is said to be/,
    );
    await expectAsync(client.beginProgram('0123456789ab')).toBeRejectedWithError(/not on this server/);
    await expectAsync(client.beginProgram(installed)).toBeRejectedWithError(/runs already/);
    expect(readdirSync(join(world.hostData, 'programs')).filter((n) => /^[0-9a-f]{12}/.test(n))).toEqual([]);
  });

  it('is not begun where its tables do not go forward and back with what is in them', async () => {
    const loses = others.make('loses', withStep('select 1', 'delete from message'));
    const lost = (await bring(loses)).error!;
    expect(lost.name).toBe('JobRefused');
    expect(lost.message).toMatch(
      /^Nothing was changed on quay: it does not do with the backup of Bell Buoy\. The rows of message are not what they were/,
    );
    const dies = others.make('dies', (p) =>
      p.replace('async function startHost', 'throw new Error("Packed in a hurry");async function startHost'),
    );
    expect((await bring(dies)).error!.message).toMatch(/ended in the middle of a try.*Packed in a hurry/s);
    expect([(await programs()).running, await step(), agent.starts()]).toEqual([installed, 13, 1]);
    expect(await of(OWN_AGENT).newest()).toEqual([]);
  });

  it('gives way to the one before where it does not start, hangs, or is killed before it is known to serve', async () => {
    const throws = others.make('throws', onceBegun('throw new Error("No such place")'));
    const first = (await bring(throws)).error!;
    expect(first.name).toBe('JobRefused');
    expect(first.message).toContain(
      'It did not come up on quay, and the one before serves again. It does not start: No such place',
    );
    expect((await programs()).fallen!.version).toBe(await versionOf(throws));
    expect((await newest()).state).toBe('back');

    const hangs = others.make('hangs', onceBegun('for(;;);'));
    env['AGENT_KNOWN_S'] = '2';
    expect((await bring(hangs)).error!.message).toContain('Nobody heard of it within 2 s that it serves.');
    delete env['AGENT_KNOWN_S'];

    const good = others.make('killed', (p) => `/* killed */${p}`);
    const began = await bring(good, { killBefore: 'Look again at what quay serves' });
    expect(began.error!.message).toBe('killed');
    expect(await programs()).toEqual(
      jasmine.objectContaining({ running: await versionOf(good), known: false, before: installed }),
    );
    await agent.kill();
    await agent.again();
    // The work goes on where it was killed.
    expect((await bring(good, { attempt: 2 })).error!.message).toContain('It ended before it was known to serve.');
    expect((await programs()).running).toBe(installed);
    expect((await visitor().call('GET', '/')).status).toBe(200);
  });

  it('is taken back where visitors find something otherwise', async () => {
    const rude = others.make(
      'rude',
      onceBegun(
        `const{createServer:c}=await import("node:http"),e=(await import("node:http")).Server.prototype,f=e.emit;e.emit=function(n,q,r){return n==="request"&&q.url==="/nothing-is-here/"?(r.writeHead(500).end("Oh"),!0):f.call(this,n,q,r)}`,
      ),
    );
    const { error, steps } = await bring(rude);
    expect(error!.name).toBe('JobRefused');
    expect(error!.message).toBe(
      'It was taken back on quay. An address that is none of Bell Buoy answers 500, and answered 404.',
    );
    expect(Object.keys(steps)).toContain(`Begin version ${installed} on quay`);
    expect(await newest()).toEqual(
      jasmine.objectContaining({ state: 'back', by: 'Ines', from: installed, to: await versionOf(rude) }),
    );
    expect(await programs()).toEqual(jasmine.objectContaining({ running: installed, known: true }));
  });

  it('is begun in place of the one before: its tables go on, and back with it where it is taken back', async () => {
    const up = 'alter table message add column weight integer not null default 1';
    const good = others.make('good', withStep(up, 'alter table message drop column weight'));
    // Tin Porch is killed in the middle: it goes on where it was.
    const killed = await bring(good, { killBefore: 'Look again at what quay serves' });
    expect(killed.error!.message).toBe('killed');
    const { error, steps: done } = await bring(good);
    expect(error).toBeNull();
    expect(done).toEqual({ 'Look again at what quay serves': '1 site as before' });
    expect(killed.steps['Try it on backups of quay']).toMatch(
      /^1 site came up with it, [1-9]\d* rows went to step 14 of the tables and back$/,
    );
    const version = await versionOf(good);
    expect(await programs()).toEqual({ running: version, installed, known: true, before: installed, fallen: null });
    expect([await step(), (await newest()).state]).toEqual([14, 'done']);
    // What was tried before it is let go.
    expect(readdirSync(join(world.hostData, 'programs')).filter((n) => /^[0-9a-f]{12}/.test(n))).toEqual([version]);
    expect(existsSync(join(world.hostData, 'programs/try'))).toBeFalse();
    // It is the one that is begun from now on.
    await agent.kill();
    await agent.again();
    expect((await programs()).running).toBe(version);

    expect((await world.run(id, steps(OWN_AGENT, { back: true }))).error).toBeNull();
    expect((await programs()).running).toBe(installed);
    expect(await step()).toBe(13);
    expect((await world.hostDb(id, 'select fields from message')).rows.length).toBe(1);
    expect((await visitor().call('GET', '/')).status).toBe(200);
    expect((await of(OWN_AGENT).newest(2)).map((u) => [u.to, u.state])).toEqual([
      [installed, 'done'],
      [version, 'back'],
    ]);
  });
});
