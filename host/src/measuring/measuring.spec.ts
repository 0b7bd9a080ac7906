import { appendFileSync, mkdirSync, mkdtempSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { readAvailable, readStatus } from './measures.js';
import { Room } from './room.js';
import { readTrouble, Troubles } from './troubles.js';

const trouble = (n: number, more: object = {}) =>
  JSON.stringify({
    at: `2026-11-29T10:00:0${n % 10}+00:00`,
    host: 'tolliver.example',
    method: 'GET',
    path: `/${n}`,
    status: 503,
    behind: '-',
    ...more,
  }) + '\n';

describe('what is measured of a server', () => {
  let folder: string;
  beforeEach(() => (folder = mkdtempSync(join(tmpdir(), 'tin-porch-measuring-'))));
  afterEach(() => rmSync(folder, { recursive: true, force: true }));

  it('is read from what nginx and the kernel say, and from nothing else', () => {
    const said =
      'Active connections: 291 \nserver accepts handled requests\n 16630948 16630946 31070465 \nReading: 6 Writing: 179 Waiting: 106 \n';
    expect(readStatus(said)).toEqual({ connections: 291, requests: 31070465 });
    for (const other of ['', '<html>', 'Active connections: x', said.replace('handled', '')])
      expect(readStatus(other)).toBeNull();
    expect(readAvailable('MemTotal: 8 kB\nMemAvailable:    2048 kB\n')).toBe(2048 * 1024);
    expect(readAvailable('MemTotal: 8 kB\n')).toBeNull();
  });

  it('takes a line for a trouble only where it is one', () => {
    expect(readTrouble(trouble(1))).toEqual({
      ...{ at: '2026-11-29T10:00:01.000Z', host: 'tolliver.example', method: 'GET' },
      ...{ path: '/1', status: 503, behind: '-' },
    });
    expect(readTrouble(trouble(1, { path: 'x'.repeat(5000) }))!.path.length).toBe(300);
    for (const other of ['', '{', '[]', 'null', trouble(1, { at: 'soon' }), trouble(1, { status: '503' })])
      expect(readTrouble(other)).withContext(other).toBeNull();
  });

  it('counts troubles that come, also half a line at a time and into another file, and each once', async () => {
    const file = join(folder, 'troubles.log');
    const troubles = new Troubles(file);
    expect(await troubles.count()).toBe(0);
    // It was not there when it was looked for: all in it is new.
    writeFileSync(file, trouble(1) + trouble(2));
    expect(await troubles.count()).toBe(2);
    appendFileSync(file, trouble(3).slice(0, 30));
    expect(await troubles.count()).toBe(2);
    appendFileSync(file, trouble(3).slice(30) + 'no line of ours\n' + trouble(4, { host: 'ü.example' }));
    const counted = await Promise.all([troubles.count(), troubles.count(), troubles.count()]);
    expect(counted).toEqual([4, 4, 4]);
    // Whoever comes later counts none of what is there, and knows it.
    const other = new Troubles(file);
    expect(await other.count()).toBe(0);
    renameSync(file, `${file}.1`);
    writeFileSync(file, trouble(5));
    expect(await troubles.count()).toBe(5);
    // Shorter than it was, it was begun anew.
    writeFileSync(file, '');
    expect(await troubles.count()).toBe(5);
    appendFileSync(file, trouble(6));
    expect(await troubles.count()).toBe(6);
    const paths = ['/6', '/5', '/4', '/3', '/2', '/1'];
    expect((await troubles.newest()).map((t) => t.path)).toEqual(paths);
    expect((await other.newest()).map((t) => t.path)).toEqual(['/6', '/4', '/3', '/2', '/1']);
  });

  it('keeps the newest troubles, however many there are', async () => {
    const file = join(folder, 'troubles.log');
    writeFileSync(file, Array.from({ length: 5000 }, (_, n) => trouble(n)).join(''));
    const troubles = new Troubles(file);
    expect(await troubles.count()).toBe(0);
    const newest = await troubles.newest();
    expect([newest.length, newest[0]!.path]).toEqual([300, '/4999']);
  });

  it('is the room of each site: files, rows and logs; of one of which nobody knows nothing is said', async () => {
    const hash = 'ab'.repeat(32);
    const put = (path: string, bytes: number, text = 'x'.repeat(bytes)) => {
      mkdirSync(join(folder, path, '..'), { recursive: true });
      writeFileSync(join(folder, path), text);
    };
    put(`blobs/ab/${hash}`, 5000);
    const release = JSON.stringify({ files: { '/index.html': hash, '/gone.html': 'cd'.repeat(32) } });
    put('sites/tolliver/releases/r-1.json', 0, release);
    put('logs/tolliver/2026-11-28.log', 700);
    put('logs/tolliver/2026-11-29.log', 300);
    let asked = 0;
    const here = ['tolliver', 'murky'];
    const room = new Room({
      config: { data: folder },
      sites: { all: () => here.map((id) => ({ settings: { id }, live: {} })) },
      blobs: { folder: join(folder, 'blobs'), path: (h: string) => join(h.slice(0, 2), h) },
      databases: {
        sizes: () => Promise.resolve((asked++, new Map([['tolliver', 8192]]))),
        has: (id: string) => (id === 'murky' ? Promise.reject(new Error('no answer')) : Promise.resolve(false)),
      },
    } as unknown as ConstructorParameters<typeof Room>[0]);
    const began = Date.parse('2026-11-29T10:00:00.000Z');
    expect(room.now(began)).toEqual({ at: null, sites: {} });
    room.now(began);
    await room.settled();
    expect(room.now(began + 1000)).toEqual({
      at: '2026-11-29T10:00:00.000Z',
      sites: { tolliver: { files: 5000 + release.length, rows: 8192, logs: 1000 } },
    });
    expect(asked).toBe(1);
    // An hour later it is measured again, and what is known is told meanwhile.
    expect(room.now(began + 3_700_000).at).toBe('2026-11-29T10:00:00.000Z');
    await room.settled();
    expect([asked, room.now(began + 3_700_001).at]).toEqual([2, '2026-11-29T11:01:40.000Z']);
    // One that came since is measured a minute later, not an hour.
    here.push('new');
    room.now(began + 3_730_000);
    await room.settled();
    expect(asked).toBe(2);
    room.now(began + 3_770_000);
    await room.settled();
    expect([asked, Object.keys(room.now(began + 3_770_001).sites)]).toEqual([3, ['tolliver', 'new']]);
  });
});
