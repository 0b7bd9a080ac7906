import { appendFileSync, mkdirSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { writeLogLine } from '@tin-porch/core/care';
import { AccessLogs } from './access-log.js';

describe('access logs', () => {
  let folder: string;
  beforeEach(() => (folder = mkdtempSync(join(tmpdir(), 'tin-porch-logs-'))));
  afterEach(() => rmSync(folder, { recursive: true, force: true }));
  /** Adds a request, as the front does. */
  const add = (path: string, address = '198.51.100.4') => {
    mkdirSync(join(folder, 'yard'), { recursive: true });
    appendFileSync(join(folder, 'yard/2026-11-02.log'), `${writeLogLine(entry(path, address))}\n`);
  };
  const entry = (path: string, address: string) => ({
    address,
    time: new Date('2026-11-02T10:00:00Z'),
    method: 'GET',
    path,
    status: 200,
    bytes: 5,
    referrer: '',
    agent: 'Reader/1',
  });

  it('count what was just added, many at once', async () => {
    const logs = new AccessLogs(folder);
    for (let n = 0; n < 300; n++) add('/', `198.51.100.${n % 100}`);
    expect(await logs.visits('yard', '2026-01-01')).toEqual({ '2026-11-02': { visits: 100, pages: 300 } });
    add('/about/');
    expect((await logs.visits('yard', '2026-01-01'))['2026-11-02']!.pages).toBe(301);
    expect(await logs.visits('yard', '2026-11-03')).toEqual({});
    expect(await logs.visits('other', '2026-01-01')).toEqual({});
  });

  it('shorten addresses after a week, and count the same visits as before', async () => {
    const logs = new AccessLogs(folder);
    const line = (address: string) =>
      `${address} - - [05/Oct/2026:08:00:00 +0000] "GET / HTTP/1.1" 200 5 "-" "Reader/1"`;
    const addresses = ['198.51.100.7', '198.51.100.8', '2001:db8:1:2:3::9', '::ffff:203.0.113.5', '198.51.100.7'];
    await logs.replace('yard', '2026-10-05', addresses.map(line).join('\n'));
    const before = await logs.visits('yard', '2026-01-01');
    expect(await logs.shorten(new Date('2026-10-12T09:00:00Z'))).toBe(0);
    expect(await logs.shorten(new Date('2026-10-14T09:00:00Z'))).toBe(1);
    const text = readFileSync(join(folder, 'yard/2026-10-05.log'), 'utf8');
    expect(text.match(/^\S+ \S+/gm)).toEqual([
      '198.51.100.0 v1',
      '198.51.100.0 v2',
      '2001:db8:1:: v3',
      '203.0.113.0 v4',
      '198.51.100.0 v1',
    ]);
    expect(await logs.visits('yard', '2026-01-01')).toEqual(before);
    // Once is enough.
    expect(await logs.shorten(new Date('2026-10-15T09:00:00Z'))).toBe(0);
  });

  it('take a past day over in place of what was there, leaving out lines of other days', async () => {
    const logs = new AccessLogs(folder);
    const line = (day: string) =>
      `198.51.100.7 - - [${day}/Oct/2026:08:00:00 +0000] "GET / HTTP/1.1" 200 5 "-" "Reader/1"`;
    for (let n = 0; n < 2; n++)
      expect(await logs.replace('yard', '2026-10-05', [line('05'), line('06'), 'nonsense'].join('\n'))).toBe(1);
    expect(await logs.visits('yard', '2026-01-01')).toEqual({ '2026-10-05': { visits: 1, pages: 1 } });
  });
});
