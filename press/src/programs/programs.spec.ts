import { mkdirSync, mkdtempSync, readFileSync, readdirSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { Readable } from 'node:stream';
import { buffer } from 'node:stream/consumers';
import { create } from 'tar';
import { AGENT, aboutIn, packed, unmet, unpacked, VERSION, versionIn } from './index.js';

describe('the agent as it is sent', () => {
  let folder: string;
  const at = (...path: string[]) => join(folder, ...path);
  const put = (root: string, path: string, text: string) => {
    const file = at(root, path);
    mkdirSync(dirname(file), { recursive: true });
    writeFileSync(file, text);
  };
  beforeEach(() => {
    folder = mkdtempSync(join(tmpdir(), 'tin-porch-programs-'));
    put('one', AGENT, 'begin()');
    put('one', `${AGENT}.map`, 'for whoever mends it');
    put('one', 'host/dist/run/about.json', '{"engine":5,"step":13,"node":"20.0.0","packages":{"sharp":"0.35.1"}}');
    put('one', 'desk/dist/browser/media/a.css', 'a{}');
    put('one', 'host/dist/main.js', 'not of it');
  });
  afterEach(() => rmSync(folder, { recursive: true, force: true }));

  it('is what it was when it is unpacked, and called the same', async () => {
    const version = (await versionIn(at('one')))!;
    expect(version).toMatch(VERSION);
    mkdirSync(at('two'));
    await unpacked(await packed(at('one')), at('two'));
    expect(await versionIn(at('two'))).toBe(version);
    expect(readFileSync(at('two', AGENT), 'utf8')).toBe('begin()');
    expect(readdirSync(at('two/host/dist/run')).sort()).toEqual(['about.json', 'main.mjs']);
    expect(readdirSync(at('two/host/dist'))).toEqual(['run']);
  });

  it('is called otherwise where anything of it is, and what is not of it does not count', async () => {
    const names = [await versionIn(at('one'))];
    put('one', `${AGENT}.map`, 'another');
    put('one', 'host/dist/main.js', 'another');
    expect(await versionIn(at('one'))).toBe(names[0]!);
    put('one', 'desk/dist/browser/media/a.css', 'b{}');
    names.push(await versionIn(at('one')));
    put('one', 'desk/dist/browser/media/b.css', 'b{}');
    names.push(await versionIn(at('one')));
    // The same words under another name.
    rmSync(at('one/desk/dist/browser/media/a.css'));
    names.push(await versionIn(at('one')));
    expect(new Set(names).size).toBe(4);
    rmSync(at('one', AGENT));
    expect(await versionIn(at('one'))).toBeNull();
    expect(await versionIn(at('nowhere'))).toBeNull();
  });

  it('writes nothing beside its folder, and no links', async () => {
    put('bad', 'outside', 'no');
    put('bad', 'node_modules/sharp/index.js', 'no');
    put('bad', AGENT, 'yes');
    symlinkSync('/etc/passwd', at('bad/link'));
    const archive = create({ cwd: at('bad'), gzip: true, preservePaths: true }, [
      '../bad/outside',
      'link',
      'node_modules/sharp/index.js',
      AGENT,
      at('bad/outside'),
    ]);
    mkdirSync(at('in/root'), { recursive: true });
    await unpacked(Readable.from(await buffer(archive as unknown as Readable)), at('in/root')).catch(() => undefined);
    expect(readdirSync(at('in'))).toEqual(['root']);
    const files = readdirSync(at('in/root'), { recursive: true, withFileTypes: true }).filter((e) => !e.isDirectory());
    expect(files.map((f) => f.name)).toEqual(['main.mjs']);
    await expectAsync(unpacked(Readable.from(Buffer.from('none')), at('in/root'))).toBeRejected();
  });

  it('needs packages as they are installed: the same first number, and none older', async () => {
    const installed = (version: string) =>
      put('one/node_modules', 'sharp/package.json', JSON.stringify({ name: 'sharp', version }));
    const needs = await aboutIn(at('one'));
    expect(await unmet(needs, at('one', AGENT))).toEqual(['It needs sharp 0.35.1, which is not installed here.']);
    installed('0.35.9');
    expect(await unmet(needs, at('one', AGENT))).toEqual([]);
    installed('0.36.0');
    expect(await unmet(needs, at('one', AGENT))).toEqual(['It needs sharp 0.35.1; here is 0.36.0.']);
    const two = { node: '20.0.0', packages: { sharp: '2.4.0' } };
    for (const [version, meets] of [
      ['2.4.1', true],
      ['2.9.0', true],
      ['2.3.9', false],
      ['3.0.0', false],
    ] as const) {
      installed(version);
      expect((await unmet(two, at('one', AGENT))).length === 0)
        .withContext(version)
        .toBe(meets);
    }
    expect(await unmet({ node: '99.0.0', packages: {} }, at('one', AGENT))).toEqual([
      `It needs Node 99; here is ${process.version}.`,
    ]);
  });
});
