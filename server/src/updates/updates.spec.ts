import { createHash } from 'node:crypto';
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ENGINE, type ManifestEntry } from '@tin-porch/core/page';
import { BrowserTurn } from '../browser/turn.js';
import { trustedRoots } from '../certificates/certificates.js';
import { DeskClient } from '../demo/desk-client.js';
import { deploySteps } from '../deploy/deploy.js';
import { Serving } from '../deploy/serving.js';
import type { Work } from '../jobs/jobs.js';
import { smallWorld, type SmallWorld } from '../testing/small-world.js';
import { AsVisitor } from './as-visitor.js';
import { Trials } from './trials.js';
import { TwoSides } from './two-sides.js';
import { Updates } from './updates.js';

const CHROMIUM = '/usr/lib/chromium/chromium-headless-shell';
const sha256 = (bytes: Uint8Array | string) => createHash('sha256').update(bytes).digest('hex');

describe('a site that an earlier version drew', () => {
  let world: SmallWorld;
  let sides: TwoSides;
  let trials: Trials;
  let updates: Updates;
  const turn = new BrowserTurn();
  const visitor = () => new AsVisitor(CHROMIUM, turn, trustedRoots(world.config));
  const updatesWith = (goIn: Pick<AsVisitor, 'goIn'>) =>
    new Updates(world.db, world, quickly(), goIn as unknown as AsVisitor);
  /** Looks at nothing, and finds every point the same: where it is not about that. */
  const unseeing = (): TwoSides =>
    ({
      able: true,
      look: (_before: unknown, _now: unknown, wanted: { path: string }[]) => {
        const same = { changed: 0, where: null, sideways: [0, 0], faults: [{}, {}], errors: [] };
        const widths = [390, 1280].map((width) => ({ ...same, width }));
        return Promise.resolve({ pages: new Map(wanted.map(({ path }) => [path, widths])), parts: [] });
      },
    }) as unknown as TwoSides;
  const nothingWrong = { goIn: () => Promise.resolve([]) };
  const quickly = () => new Trials(world.db, world.sites, world.servers, world.pictures, unseeing());
  const client = async () => (await world.quay()).client;
  const tryIt = (id: string) => world.run(id, (work) => trials.steps(work));
  const update = (id: string, killBefore = '', with_ = updates) =>
    world.run(id, (work: Work) => with_.steps(work), { input: { by: 'Ines' }, killBefore });
  const back = (id: string) => world.run(id, (work: Work) => updates.backSteps(work), { input: { by: 'Ines' } });
  const served = async (id: string) => (await client()).current(id);
  const page = async (id: string, path = '/index.html') =>
    (await (await client()).blob((await served(id)).manifest.files[path]!.hash))!.toString('utf8');

  /** Serves what an earlier version would have: its own bytes of the same document. `more` are files it had besides. */
  async function drawnBefore(
    id: string,
    change: (path: string, text: string) => string,
    more: Record<string, string> = {},
  ): Promise<string> {
    const host = await client();
    const { manifest, document, of } = await host.current(id);
    const files: Record<string, ManifestEntry> = {};
    const put = async (path: string, text: string, type: string) => {
      const bytes = Buffer.from(text);
      await host.putBlob(sha256(bytes), bytes);
      files[path] = { hash: sha256(bytes), size: bytes.byteLength, type };
    };
    const textOf = async (path: string) => (await host.blob(manifest.files[path]!.hash))!.toString('utf8');
    // A stylesheet is named for what is in it.
    const sheet = Object.keys(manifest.files).find((path) => path.endsWith('.css'))!;
    const css = change(sheet, await textOf(sheet));
    const named = css === (await textOf(sheet)) ? sheet : `/site-${sha256(css).slice(0, 8)}.css`;
    for (const [path, entry] of Object.entries(manifest.files)) {
      if (path === sheet) await put(named, css, entry.type);
      else if (path.endsWith('.html'))
        await put(path, change(path, (await textOf(path)).replaceAll(sheet, named)), entry.type);
      else files[path] = entry;
    }
    for (const [path, text] of Object.entries(more)) await put(path, text, 'text/html; charset=utf-8');
    const json = JSON.stringify(document);
    const old = { ...manifest, files, engine: ENGINE - 1, document: sha256(json) };
    const release = `r-${sha256(JSON.stringify(old)).slice(0, 16)}`;
    await host.putRelease(id, release, old, json);
    const { head } = (await world.sites.releases.get(id, of))!;
    await world.sites.releases.keep({ id: release, site: id, head, manifest: old, sent: 0, what: ['Drawn before'] });
    await host.switchTo(id, release, await world.live.pull(id, host));
    await world.sites.releases.markLive(id, release);
    return release;
  }
  const deployed = async (name: string): Promise<string> => {
    const id = await world.site(name, null, 2);
    expect((await world.run(id, (work) => deploySteps(work, world))).error).toBeNull();
    return id;
  };
  const withoutNight = (_: string, text: string) =>
    text.replace(/\s*<meta name="theme-color" media="[^"]*" content="[^"]*"\s*\/?>/, '');

  beforeAll(async () => {
    world = await smallWorld();
    sides = new TwoSides(CHROMIUM, turn);
    trials = new Trials(world.db, world.sites, world.servers, world.pictures, sides);
    updates = new Updates(world.db, world, trials, visitor());
  });
  afterAll(async () => {
    await sides.close();
    await world.end();
  });

  it('is known to be behind, also where its server alone knows', async () => {
    const id = await deployed('Quay Nets');
    const engine = async () => (await world.sites.get(id))!.liveEngine;
    expect(await engine()).toBe(ENGINE);
    await drawnBefore(id, withoutNight);
    expect(await engine()).toBe(ENGINE - 1);
    await world.db.query('update site set live_engine = null where id = $1', [id]);
    await new Serving(world.sites, world.servers).look();
    expect(await engine()).toBe(ENGINE - 1);
    // Whose copy is to be tried is told once.
    expect(await trials.wantBehind()).toBe(1);
    expect(await trials.wantBehind()).toBe(0);
    const begun: string[] = [];
    const jobs = {
      begin: (site: string | null, kind: string) => Promise.resolve(void begun.push(`${kind} ${site}`) as never),
    };
    await trials.beginWanted(jobs);
    await trials.beginWanted(jobs);
    expect(begun).toEqual([`trial ${id}`]);
    expect((await trials.wanted(world.ines.organisation)).size).toBe(0);
  });

  it('is the same to the eye where the head of its pages alone is another, and is updated', async () => {
    const id = await deployed('Quay Ropes');
    const before = await drawnBefore(id, withoutNight);
    // What is drafted meanwhile is no part of it.
    await world.change(id, { op: 'setFact', field: 'phone', value: '01632 960 779' });
    const ran = await tryIt(id);
    expect(ran.error).toBeNull();
    const trial = (await trials.counting(id, before))!;
    expect([trial.verdict, trial.words]).toEqual(['same', []]);
    expect(trial.tried.otherwise).toBe(trial.tried.pages);
    expect(trial.tried.seen[0]!.widths.map((w) => [w.width, w.changed, w.sideways, w.errors])).toEqual([
      [390, 0, [0, 0], []],
      [1280, 0, [0, 0], []],
    ]);
    // Of a page whose body is the same nobody asked whom it keeps out: nothing is known of that, and nothing claimed.
    expect(trial.tried.seen.map((p) => p.widths[0]!.faults)).toEqual([[{}, {}], null]);
    // Nobody sees anything of a trial.
    expect((await served(id)).release).toBe(before);
    const done = await update(id);
    expect(done.error).toBeNull();
    expect(Object.keys(done.steps)).not.toContain('Look at both');
    expect(done.steps['Go in as a visitor']).toBe(`${trial.tried.pages} pages as they were sent`);
    const now = await served(id);
    // It is the same release, drawn anew.
    expect([now.manifest.engine, now.of, (await world.sites.get(id))!.liveRelease]).toEqual([ENGINE, before, before]);
    expect(await page(id)).toContain('prefers-color-scheme: dark)" content=');
    expect(await page(id)).not.toContain('01632 960 779');
    expect((await world.sites.get(id))!.document.facts.phone).toBe('01632 960 779');
    expect((await updates.of(id)).map((u) => [u.fromEngine, u.toEngine, u.state, u.by, u.before])).toEqual([
      [ENGINE - 1, ENGINE, 'done', 'Ines', before],
    ]);
    // Twice it is done once.
    expect((await update(id)).steps['Update']).toBe(`Nothing to do: version ${ENGINE} drew it`);
    expect((await back(id)).error).toBeNull();
    expect((await served(id)).release).toBe(before);
    expect((await updates.of(id))[0]!.state).toBe('back');
    expect((await back(id)).error?.message).toBe('There is nothing to take back.');
  });

  it('waits for somebody to look where it looks or says something else', async () => {
    const id = await deployed('Quay Oars');
    const before = await drawnBefore(id, (path, text) =>
      path.endsWith('.css') ? `${text}h1{color:#c00 !important}` : text.replace('</h1>', ' of old</h1>'),
    );
    const left = await update(id);
    expect(left.error?.name).toBe('JobRefused');
    expect(left.error?.message).toMatch(
      /^Somebody should look first\. \d pages? says? something else: .* looks? otherwise, by up to /,
    );
    const trial = (await trials.counting(id, before))!;
    const home = trial.tried.seen.find((p) => p.path === '/')!;
    expect(home.before.some((l) => l.endsWith(' of old'))).toBeTrue();
    expect(home.widths.every((w) => w.changed > 0.0005 && w.where![0] < 0.5)).toBeTrue();
    expect(await trials.parts(id)).toContain({ path: '/', width: 390 });
    const part = await trials.part(id, '/', 390, 'before');
    expect(part.subarray(8, 12).toString()).toBe('WEBP');
    expect(part.equals(await trials.part(id, '/', 390, 'now'))).toBeFalse();
    await expectAsync(trials.part(id, '/', 391, 'now')).toBeRejectedWith(jasmine.objectContaining({ status: 404 }));
    // Who saw another copy has not seen this one.
    await expectAsync(trials.letThrough(id, new Date(trial.at.getTime() - 1), 'Ines')).toBeRejected();
    await trials.letThrough(id, trial.at, 'Ines');
    expect((await update(id)).error).toBeNull();
    expect((await served(id)).manifest.engine).toBe(ENGINE);
  });

  it('is left as it is where a copy would be worse, whoever looked', async () => {
    const id = await deployed('Quay Sails');
    const before = await drawnBefore(
      id,
      (path, text) =>
        path === '/index.html' ? text.replace('</main>', '<p><a href="/attic/">Attic</a></p></main>') : text,
      { '/attic/index.html': '<!doctype html><title>Attic</title><p>Old sails' },
    );
    const ran = await update(id);
    expect(ran.error?.message).toMatch(/^It would be worse\. 1 address would lead nowhere: \/attic\/\. /);
    expect((await served(id)).release).toBe(before);
    await expectAsync(trials.letThrough(id, (await trials.of(id))!.at, 'Ines')).toBeRejectedWith(
      jasmine.objectContaining({ status: 409 }),
    );
    expect(await updates.of(id)).toEqual([]);
  });

  it('can be killed before any step, and ends updated and looked at', async () => {
    const id = await deployed('Quay Pumps');
    await drawnBefore(id, withoutNight);
    expect((await world.run(id, (work) => quickly().steps(work))).error).toBeNull();
    const steps = ['Draw a copy', 'Send what the server lacks', 'Serve it', 'Go in as a visitor'];
    for (const step of steps)
      expect((await update(id, step)).error?.message)
        .withContext(step)
        .toBe('killed');
    // Served it was; whether it is well, nobody knows.
    expect((await updates.of(id)).map((u) => u.state)).toEqual(['going']);
    const ran = await update(id);
    expect(ran.error).toBeNull();
    expect(Object.keys(ran.steps)).toEqual(['Go in as a visitor']);
    expect((await updates.of(id)).map((u) => u.state)).toEqual(['done']);
  });

  it('is taken back where a visitor finds something wrong, and waits where nobody can look', async () => {
    const id = await deployed('Quay Lamps');
    const before = await drawnBefore(id, withoutNight);
    const silent = updatesWith({ goIn: () => Promise.reject(new Error('no answer within 8 s')) });
    const later = await update(id, '', silent);
    expect([later.error?.name, later.error?.message]).toEqual([
      'JobLater',
      'Nobody could go in to look: no answer within 8 s',
    ]);
    const expected: (object | null)[] = [];
    const asked = updatesWith({
      goIn: (_reach, pages) => {
        expected.push(...pages.map((p) => p.faults));
        return Promise.reject(new Error('no answer'));
      },
    });
    await world.db.query(
      `update trial set tried = jsonb_set(tried, '{seen,1,widths,0,faults}', 'null') where site = $1`,
      [id],
    );
    await update(id, '', asked);
    // What was not asked of the copy is not held against the site.
    expect(expected).toEqual([{}, null]);
    const wrong = updatesWith({ goIn: () => Promise.resolve(['/ answers 500.']) });
    const ran = await update(id, '', wrong);
    expect(ran.error?.message).toBe('It was taken back. / answers 500.');
    expect([(await served(id)).release, (await world.sites.get(id))!.liveRelease]).toEqual([before, before]);
    expect((await updates.of(id)).map((u) => [u.state, u.words])).toEqual([['back', '/ answers 500.']]);
  });

  it('keeps what its people changed where it is live, and gives that back too', async () => {
    const id = await deployed('Quay Paint');
    const host = await client();
    const tom = new DeskClient({ address: `${world.net}.11`, port: 8712, host: `${id}.quay.test` });
    const { token } = await host.invite(id, {
      ...{ name: 'Tom', mail: 'tom@paint.example', role: 'publish', by: 'Ines' },
      origin: `http://${id}.quay.test:8712`,
    });
    await tom.follow(token);
    const was = (await served(id)).document.facts.phone;
    const fact = (was: string, value: string) => [{ kind: 'fact', field: 'phone', was, value }];
    expect((await tom.change(fact(was, '01632 960 555'))).status).toBe(200);
    const theirs = await served(id);
    expect(theirs.of).not.toBe(theirs.release);
    // What an agent of before would have kept.
    const file = join(world.hostData, 'sites', id, 'releases', `${theirs.release}.json`);
    writeFileSync(file, readFileSync(file, 'utf8').replace(`"engine":${ENGINE}`, `"engine":${ENGINE - 1}`));
    await world.hostDown();
    await world.hostUp();
    const phone = async () => (await served(id)).document.facts.phone;
    const waits = async () => (await world.sites.states.known([(await world.sites.get(id))!])).get(id)!.behind;
    const ran = await update(id, '', updatesWith(nothingWrong));
    expect(ran.error).toBeNull();
    expect([(await served(id)).manifest.engine, await phone(), await waits()]).toEqual([
      ENGINE,
      '01632 960 555',
      false,
    ]);
    // They go on where they were.
    expect((await tom.change(fact('01632 960 555', '01632 960 556'))).status).toBe(200);
    expect((await back(id)).error?.message).toMatch(/^The site was changed or deployed since/);
    expect(await phone()).toBe('01632 960 556');
    expect((await world.run(id, (work) => deploySteps(work, world))).error).toBeNull();
    expect([await phone(), await waits()]).toEqual(['01632 960 556', false]);
  });

  it('is served to its people as they had changed it, once its update is taken back', async () => {
    const id = await deployed('Quay Rags');
    const host = await client();
    const tom = new DeskClient({ address: `${world.net}.11`, port: 8712, host: `${id}.quay.test` });
    const { token } = await host.invite(id, {
      ...{ name: 'Tom', mail: 'tom@rags.example', role: 'publish', by: 'Ines' },
      origin: `http://${id}.quay.test:8712`,
    });
    await tom.follow(token);
    const { document } = await served(id);
    const changes = [{ kind: 'fact', field: 'phone', was: document.facts.phone, value: '01632 960 557' }];
    expect((await tom.change(changes)).status).toBe(200);
    const file = join(world.hostData, 'sites', id, 'releases', `${(await served(id)).release}.json`);
    writeFileSync(file, readFileSync(file, 'utf8').replace(`"engine":${ENGINE}`, `"engine":${ENGINE - 1}`));
    await world.hostDown();
    await world.hostUp();
    expect((await update(id, '', updatesWith(nothingWrong))).error).toBeNull();
    expect((await back(id)).error).toBeNull();
    const now = await served(id);
    expect([now.manifest.engine, now.document.facts.phone]).toEqual([ENGINE - 1, '01632 960 557']);
    expect((await world.sites.get(id))!.liveEngine).toBe(ENGINE - 1);
  });

  it('is gone into as its visitors do: what is not as it was sent, or complains, is said', async () => {
    const id = await deployed('Quay Tar');
    const quay = await world.quay();
    const reach = {
      ...{ secure: false, host: `${id}.quay.test`, address: quay.address, port: quay.temporaryPort },
      preview: (await quay.client.preview(id, 1)).token,
    };
    const signal = new AbortController().signal;
    const { files } = (await served(id)).manifest;
    const home = { path: '/', hash: files['/index.html']!.hash, faults: {} };
    expect(await visitor().goIn(reach, [home], signal)).toEqual([]);
    expect(await visitor().goIn(reach, [{ ...home, hash: 'f'.repeat(64) }], signal)).toEqual([
      '/ does not come as it was sent.',
    ]);
    expect(await visitor().goIn(reach, [{ ...home, path: '/nowhere/' }], signal)).toEqual(['/nowhere/ answers 404.']);
    await expectAsync(visitor().goIn({ ...reach, port: 1 }, [home], signal)).toBeRejected();
    // Bytes that are as they were sent, and a browser that meets them.
    await drawnBefore(id, (path, text) =>
      path === '/index.html'
        ? text.replace('</main>', '<img src="/no.png"><script>x.y</script></main>')
        : path.endsWith('.css')
          ? `${text}html,body{min-width:900px}`
          : text,
    );
    const hash = (await served(id)).manifest.files['/index.html']!.hash;
    const found = await visitor().goIn(reach, [{ ...home, hash }], signal);
    expect(found.some((w) => w === '/ is wider than a phone.'))
      .withContext(found.join())
      .toBeTrue();
    expect(found.some((w) => /^\/ complains: /.test(w)))
      .withContext(found.join())
      .toBeTrue();
    expect(found).toContain('/ keeps people out: image-alt.');
  });

  it('is compared without a browser by its words alone, and that is said', async () => {
    const id = await deployed('Quay Flags');
    await drawnBefore(id, withoutNight);
    const blind = new Trials(world.db, world.sites, world.servers, world.pictures, new TwoSides(null, turn));
    expect((await world.run(id, (work) => blind.steps(work))).error).toBeNull();
    const { verdict, words } = (await trials.of(id))!;
    expect(verdict).toBe('otherwise');
    expect(words[0]).toMatch(/^\d pages were not looked at: there is no browser\.$/);
  });
});
