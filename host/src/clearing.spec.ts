import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, mkdtempSync, readdirSync, rmSync, utimesSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { demoFacts } from '@tin-porch/core/fixtures';
import { newDocument } from '@tin-porch/core/making';
import { Blobs } from './blobs.js';
import { clearAway, KEPT_RELEASES } from './clearing.js';
import { Sites } from './sites.js';

const sha256 = (text: string) => createHash('sha256').update(text).digest('hex');
const DAY_MS = 86_400_000;

describe('what nobody needs any more', () => {
  let data: string;
  let blobs: Blobs;
  const later = Date.now() + 3 * DAY_MS;
  /** A file that is kept, by what is in it. */
  const keep = async (text: string) => {
    async function* bytes() {
      yield await Promise.resolve(Buffer.from(text));
    }
    await blobs.put(sha256(text), bytes());
  };
  const has = (text: string) => existsSync(join(data, 'blobs', blobs.path(sha256(text))));
  /** A release with one file, and a photograph in its document that no page shows, so many hours old. */
  const release = (site: string, id: string, page: string, hours: number, picture?: string) => {
    const document = newDocument(site, demoFacts, 1);
    const media = picture
      ? [
          {
            id: 'p',
            kind: 'file',
            renditions: [{ hash: sha256(picture) }],
            source: { hash: sha256(`${picture} whole`) },
          },
        ]
      : [];
    const files = { '/index.html': { hash: sha256(page), size: 1, type: 'text/html; charset=utf-8' } };
    const manifest = { files, document: sha256('x'), origin: 'https://x.example', engine: 1 };
    const folder = join(data, 'sites', site, 'releases');
    mkdirSync(folder, { recursive: true });
    const file = join(folder, `${id}.json`);
    writeFileSync(file, JSON.stringify({ id, manifest, document: { ...document, media } }));
    const at = (later - hours * 3_600_000) / 1000;
    utimesSync(file, at, at);
  };
  const place = (site: string, pointer: object) => {
    mkdirSync(join(data, 'sites', site), { recursive: true });
    const settings = { id: site, name: site, temporary: site, domain: null, open: true, previewKey: 'a'.repeat(64) };
    writeFileSync(join(data, 'sites', site, 'site.json'), JSON.stringify(settings));
    writeFileSync(join(data, 'sites', site, 'current.json'), JSON.stringify({ switchedAt: 'x', ...pointer }));
  };
  const clear = async (more: object = {}, now = later) =>
    clearAway(
      {
        config: { data },
        sites: await Sites.load(join(data, 'sites'), 'x.test'),
        blobs,
        databases: { has: () => Promise.resolve(false) },
        log: { error: () => undefined },
        ...more,
      } as never,
      now,
    );
  const releases = (site: string) => readdirSync(join(data, 'sites', site, 'releases')).sort();

  beforeEach(() => {
    data = mkdtempSync(join(tmpdir(), 'tin-porch-clearing-'));
    mkdirSync(join(data, 'blobs'));
    blobs = new Blobs(join(data, 'blobs'), 0);
  });
  afterEach(() => rmSync(data, { recursive: true, force: true }));

  it('is the releases before the newest, but for those that are served or stood on, and the files of none', async () => {
    for (let n = 0; n < KEPT_RELEASES + 5; n++) release('yard', `r-${100 + n}`, `page ${n}`, 1000 - n);
    release('yard', 'c-old', 'own page, old', 500);
    release('yard', 'c-live', 'own page', 400);
    release('yard', 'c-new', 'own page, new', 3);
    place('yard', { release: 'c-live', before: 'r-101', of: 'r-100' });
    for (const n of [0, 1, 2, 5, 30]) await keep(`page ${n}`);
    await keep('own page');
    await keep('own page, old');
    expect(await clear()).toEqual({ releases: 4, files: 2 });
    const left = releases('yard');
    expect(left.filter((r) => r.startsWith('c-'))).toEqual(['c-live.json', 'c-new.json']);
    expect(left.slice(2, 5)).toEqual(['r-100.json', 'r-101.json', 'r-105.json']);
    expect([0, 1, 2, 5, 30].map((n) => has(`page ${n}`))).toEqual([true, true, false, true, true]);
    expect([has('own page'), has('own page, old')]).toEqual([true, false]);
    expect(await clear()).toEqual({ releases: 0, files: 0 });
  });

  it('is no file that another site names, nor a picture that no page shows, nor what came within a day or is counted on', async () => {
    release('yard', 'r-1', 'page', 100, 'photograph');
    place('yard', { release: 'r-1', before: null });
    release('shed', 'r-1', 'of the shed', 100);
    place('shed', { release: 'r-1', before: null });
    for (const text of ['page', 'photograph', 'photograph whole', 'of the shed', 'of nobody', 'on its way'])
      await keep(text);
    expect(await clear({}, Date.now())).toEqual({ releases: 0, files: 0 });
    // Whoever is told that it is here does not send it again.
    spyOn(Date, 'now').and.returnValue(later - 1000);
    expect(await blobs.missing([sha256('on its way'), sha256('never came')])).toEqual([sha256('never came')]);
    expect(await clear()).toEqual({ releases: 0, files: 1 });
    expect(['photograph', 'photograph whole', 'of the shed', 'on its way'].map(has)).toEqual([true, true, true, true]);
    expect(has('of nobody')).toBeFalse();
  });

  it('is nothing while it is not known of one site what it needs', async () => {
    place('yard', { release: 'r-1', before: null });
    release('yard', 'r-1', 'page', 100);
    await keep('of nobody');
    const pool = () => Promise.reject(new Error('the database does not answer'));
    expect(await clear({ databases: { has: () => Promise.resolve(true), pool } })).toEqual({ releases: 0, files: 0 });
    expect(has('of nobody')).toBeTrue();
    // A site that is damaged keeps all it has.
    writeFileSync(join(data, 'sites/yard/current.json'), '{"rel');
    for (let n = 0; n < KEPT_RELEASES + 3; n++) release('yard', `r-${100 + n}`, `page ${n}`, 1000 - n);
    expect((await clear()).releases).toBe(0);
  });
});
