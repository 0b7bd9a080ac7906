import { mkdirSync, mkdtempSync, readFileSync, readdirSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Readable } from 'node:stream';
import { buffer } from 'node:stream/consumers';
import { create } from 'tar';
import { laidDown } from './luggage.js';

const pause = (ms: number) => new Promise((done) => setTimeout(done, ms));

describe('what a site is carried over in', () => {
  let folder: string;
  const at = (...path: string[]) => join(folder, ...path);
  const packed = (...names: string[]): Promise<Buffer> =>
    buffer(Readable.from(create({ cwd: at('out'), portable: true }, names) as unknown as AsyncIterable<Buffer>));
  beforeEach(() => {
    folder = mkdtempSync(join(tmpdir(), 'tin-porch-luggage-'));
    mkdirSync(at('out/sites'), { recursive: true });
    mkdirSync(at('in'));
    writeFileSync(at('out/about.json'), '{"site":"the-loft"}');
    writeFileSync(at('out/sites/site.json'), 'x'.repeat(100_000));
  });
  afterEach(() => rmSync(folder, { recursive: true, force: true }));

  it('is laid down, however late the end of it comes and in whatever pieces', async () => {
    const all = await packed('about.json', 'sites');
    for (const [most, late] of [
      [all.length, 150],
      [700, 150],
      [all.length, 0],
    ] as const) {
      rmSync(at('in'), { recursive: true });
      mkdirSync(at('in'));
      const slow = Readable.from(
        (async function* () {
          for (let from = 0; from < all.length; from += most) yield all.subarray(from, from + most);
          if (late) await pause(late);
        })(),
      );
      await laidDown(slow, at('in'));
      expect(readFileSync(at('in/about.json'), 'utf8')).toBe('{"site":"the-loft"}');
      expect(readFileSync(at('in/sites/site.json'), 'utf8').length).toBe(100_000);
    }
  });

  it('is refused where more comes than a site is, where it is cut off, and where it is none', async () => {
    const all = await packed('about.json', 'sites');
    await expectAsync(laidDown(Readable.from([all]), at('in'), all.length - 1)).toBeRejectedWithError(
      'That is more than a site is',
    );
    await expectAsync(laidDown(Readable.from([all.subarray(0, 60_000)]), at('in'))).toBeRejectedWithError(
      /TAR_BAD_ARCHIVE/,
    );
    await expectAsync(laidDown(Readable.from([Buffer.alloc(2000, 'no')]), at('in'))).toBeRejectedWithError(
      /TAR_ENTRY_INVALID/,
    );
    const broken = new Readable({ read: () => undefined });
    const fails = expectAsync(laidDown(broken, at('in'))).toBeRejectedWithError('cut off');
    broken.push(all.subarray(0, 2000));
    broken.destroy(new Error('cut off'));
    await fails;
  });

  it('brings no links, and nothing outside of its folder', async () => {
    writeFileSync(at('beside'), 'no');
    symlinkSync('/etc/passwd', at('out/link'));
    const all = await packed('about.json', 'link');
    await laidDown(Readable.from([all]), at('in'));
    expect(readdirSync(at('in'))).toEqual(['about.json']);
    const up = await buffer(
      Readable.from(create({ cwd: at('out'), preservePaths: true }, ['../beside']) as unknown as AsyncIterable<Buffer>),
    );
    rmSync(at('beside'));
    await laidDown(Readable.from([up]), at('in')).catch(() => undefined);
    expect(readdirSync(folder).sort()).toEqual(['in', 'out']);
  });
});
