import {
  appendFileSync,
  closeSync,
  mkdirSync,
  mkdtempSync,
  openSync,
  readFileSync,
  rmSync,
  statSync,
  writeSync,
  readdirSync,
  writeFileSync,
} from 'node:fs';
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
    const { visits, pages } = (await logs.visits('yard', '2026-01-01'))['2026-11-02']!;
    expect([visits, pages]).toEqual([100, 300]);
    add('/about/');
    expect((await logs.visits('yard', '2026-01-01'))['2026-11-02']!.pages).toBe(301);
    expect(await logs.visits('yard', '2026-11-03')).toEqual({});
    expect(await logs.visits('other', '2026-01-01')).toEqual({});
  });

  it('read what came to a log and not what was there, line by whole line', async () => {
    const logs = new AccessLogs(folder);
    for (let n = 0; n < 5; n++) add(`/${n}/`);
    await logs.visits('yard', '2026-01-01');
    const file = join(folder, 'yard/2026-11-02.log');
    // What was counted is not looked at again: were it, this would be counted otherwise.
    const { size } = statSync(file);
    const handle = openSync(file, 'r+');
    writeSync(handle, 'X'.repeat(size - 1), 0);
    closeSync(handle);
    const whole = writeLogLine(entry('/six/', '198.51.100.9'));
    appendFileSync(file, whole.slice(0, 40));
    expect((await logs.visits('yard', '2026-01-01'))['2026-11-02']!.pages).toBe(5);
    appendFileSync(file, `${whole.slice(40)}\n`);
    const both = await Promise.all([logs.visits('yard', '2026-01-01'), logs.visits('yard', '2026-01-01')]);
    for (const days of both) expect([days['2026-11-02']!.pages, days['2026-11-02']!.visits]).toEqual([6, 2]);
  });

  it('begin anew with a log that was written anew', async () => {
    const logs = new AccessLogs(folder);
    for (let n = 0; n < 5; n++) add('/');
    await logs.visits('yard', '2026-01-01');
    await logs.replace('yard', '2026-11-02', writeLogLine(entry('/a/', '198.51.100.9')));
    expect((await logs.visits('yard', '2026-01-01'))['2026-11-02']!.byPage).toEqual({ '/a/': 1 });
  });

  it('say where people came from, and not from the site itself', async () => {
    const logs = new AccessLogs(folder, () => new Set(['yard.example']));
    const from = (referrer: string, address: string) => writeLogLine({ ...entry('/', address), referrer });
    const text = [from('https://yard.example/', '198.51.100.1'), from('https://www.search.example/?q', '198.51.100.2')];
    await logs.replace('yard', '2026-11-02', text.join('\n'));
    const days = await logs.visits('yard', '2026-01-01');
    expect(days['2026-11-02']!.from).toEqual({ '': 1, 'search.example': 1 });
  });

  it('are looked through from the newest line on, to as many as are wanted and the others of that second', async () => {
    const logs = new AccessLogs(folder);
    const at = (time: string, path: string, status = 200) =>
      writeLogLine({ ...entry(path, '198.51.100.9'), time: new Date(time), status });
    await logs.replace('yard', '2026-11-02', at('2026-11-02T10:00:00Z', '/old/', 404));
    await logs.replace(
      'yard',
      '2026-11-03',
      [
        at('2026-11-03T08:00:00Z', '/a/'),
        at('2026-11-03T08:00:05Z', '/gone/', 404),
        at('2026-11-03T08:00:05Z', '/b/'),
        at('2026-11-03T08:00:05Z', '/c/'),
      ].join('\n'),
    );
    const any = { text: '', answers: 'any', before: null } as const;
    const search = async (query: Partial<Parameters<AccessLogs['search']>[1]>, most = 10, deadline = Infinity) => {
      const { found, ...rest } = await logs.search('yard', { ...any, ...query }, most, deadline);
      return { paths: found.map((f) => f.path), ...rest };
    };
    const all = ['/c/', '/b/', '/gone/', '/a/', '/old/'];
    expect(await search({})).toEqual({ paths: all, whole: true, since: '2026-11-02' });
    expect(await search({}, 1)).toEqual({ paths: ['/c/', '/b/', '/gone/'], whole: false, since: '2026-11-03' });
    expect((await search({ before: '2026-11-03T08:00:05.000Z' })).paths).toEqual(['/a/', '/old/']);
    expect((await search({ answers: 'refused' })).paths).toEqual(['/gone/', '/old/']);
    expect((await search({ text: 'GONE' })).paths).toEqual(['/gone/']);
    // As many as are wanted were there, and a day was not looked at.
    expect(await search({}, 4)).toEqual({ paths: all.slice(0, 4), whole: false, since: '2026-11-03' });
    // There was no time for any of it.
    expect(await search({}, 10, 0)).toEqual({ paths: [], whole: false, since: null });
    expect(await logs.search('nobody', any, 10, Infinity)).toEqual({ found: [], whole: true, since: null });
  });

  it('shorten addresses after a week, and count the same visits as before', async () => {
    const logs = new AccessLogs(folder);
    const line = (address: string) =>
      `${address} - - [05/Oct/2026:08:00:00 +0000] "GET / HTTP/1.1" 200 5 "-" "Reader/1"`;
    const addresses = ['198.51.100.7', '198.51.100.8', '2001:db8:1:2:3::9', '::ffff:203.0.113.5', '198.51.100.7'];
    await logs.replace('yard', '2026-10-05', addresses.map(line).join('\n'));
    const before = await logs.visits('yard', '2026-01-01');
    expect(await logs.forget(new Date('2026-10-12T09:00:00Z'))).toEqual({ shortened: 0, gone: 0 });
    expect(await logs.forget(new Date('2026-10-14T09:00:00Z'))).toEqual({ shortened: 1, gone: 0 });
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
    expect(await logs.forget(new Date('2026-10-15T09:00:00Z'))).toEqual({ shortened: 0, gone: 0 });
  });

  it('are thrown away after a quarter, and what else lies beside them is not', async () => {
    const logs = new AccessLogs(folder);
    const entryOf = (day: string) =>
      `198.51.100.7 - - [${day}/Jun/2026:08:00:00 +0000] "GET / HTTP/1.1" 200 5 "-" "Reader/1"`;
    for (const day of ['05', '06']) await logs.replace('yard', `2026-06-${day}`, entryOf(day));
    writeFileSync(join(folder, 'yard/notes.txt'), 'kept');
    // Counted, and gone all the same: nothing of it stays in memory either.
    expect(Object.keys(await logs.visits('yard', '2026-01-01'))).toEqual(['2026-06-05', '2026-06-06']);
    expect(await logs.forget(new Date('2026-09-06T00:00:00Z'))).toEqual({ shortened: 1, gone: 1 });
    expect(readdirSync(join(folder, 'yard')).sort()).toEqual(['2026-06-06.log', 'notes.txt']);
    expect(Object.keys(await logs.visits('yard', '2026-01-01'))).toEqual(['2026-06-06']);
    expect(await logs.forget(new Date('2027-01-01T00:00:00Z'))).toEqual({ shortened: 0, gone: 1 });
    expect(await logs.visits('yard', '2026-01-01')).toEqual({});
  });

  it('take a past day over in place of what was there, leaving out lines of other days', async () => {
    const logs = new AccessLogs(folder);
    const line = (day: string) =>
      `198.51.100.7 - - [${day}/Oct/2026:08:00:00 +0000] "GET / HTTP/1.1" 200 5 "-" "Reader/1"`;
    for (let n = 0; n < 2; n++)
      expect(await logs.replace('yard', '2026-10-05', [line('05'), line('06'), 'nonsense'].join('\n'))).toBe(1);
    const days = await logs.visits('yard', '2026-01-01');
    expect(Object.keys(days)).toEqual(['2026-10-05']);
    expect([days['2026-10-05']!.visits, days['2026-10-05']!.pages]).toEqual([1, 1]);
  });
});
