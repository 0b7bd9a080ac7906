import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import type { Blobs } from '../blobs.js';
import type { Release, Site } from '../sites.js';
import { Front } from './front.js';

describe('what is packed beside a site that goes', () => {
  let folder: string;
  beforeEach(() => void (folder = mkdtempSync(join(tmpdir(), 'tin-porch-packed-'))));
  afterEach(() => rmSync(folder, { recursive: true, force: true }));

  it('never comes between: it is taken off whole, whenever that is', async () => {
    const path = (hash: string) => `${hash.slice(0, 2)}/${hash}`;
    const files = Object.fromEntries(
      Array.from({ length: 300 }, (_, n) => {
        const text = `Note ${n}. `.repeat(60);
        const hash = createHash('sha256').update(text).digest('hex');
        const file = join(folder, 'blobs', path(hash));
        mkdirSync(dirname(file), { recursive: true });
        for (const ending of ['', '.gz', '.br']) writeFileSync(`${file}${ending}`, text);
        return [`/notes/${n}.txt`, { hash, size: text.length, type: 'text/plain; charset=utf-8' }];
      }),
    );
    const release = { id: 'r1', manifest: { files } } as unknown as Release;
    const site = {
      settings: { id: 'tolliver', temporary: 'tolliver', domain: null, open: true },
      ...{ live: release, before: null, pointer: null, damage: [] },
    } as unknown as Site;
    const troubles: unknown[] = [];
    const front = await Front.load({
      folder: join(folder, 'front'),
      logs: join(folder, 'logs'),
      blobs: { folder: join(folder, 'blobs'), path } as unknown as Blobs,
      base: 'unit.localhost',
      secured: () => false,
      isAway: () => false,
      log: { error: (said) => void troubles.push(said) },
    });
    for (let n = 0; n < 30; n++) {
      await front.show(site);
      await new Promise((done) => setTimeout(done, n % 6));
      await front.hide('tolliver');
      expect(existsSync(join(folder, 'front/releases/tolliver'))).toBeFalse();
      expect(readdirSync(join(folder, 'front/temporary'))).toEqual([]);
    }
    await front.show(site);
    await front.settled();
    // With nobody taking it away, all of it is packed.
    expect(readdirSync(join(folder, 'front/releases/tolliver/r1/notes')).length).toBe(900);
    await front.stop();
    expect(troubles).toEqual([]);
  });
});
