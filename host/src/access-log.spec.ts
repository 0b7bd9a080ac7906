import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { AccessLogs } from './access-log.js';

describe('access logs', () => {
  let folder: string;
  beforeEach(() => (folder = mkdtempSync(join(tmpdir(), 'tin-porch-logs-'))));
  afterEach(() => rmSync(folder, { recursive: true, force: true }));
  const entry = (path: string, address = '198.51.100.4') => ({
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
    for (let n = 0; n < 300; n++) logs.add('yard', entry('/', `198.51.100.${n % 100}`));
    expect(await logs.visits('yard', '2026-01-01')).toEqual({ '2026-11-02': { visits: 100, pages: 300 } });
    logs.add('yard', entry('/about/'));
    expect((await logs.visits('yard', '2026-01-01'))['2026-11-02']!.pages).toBe(301);
    expect(await logs.visits('yard', '2026-11-03')).toEqual({});
    expect(await logs.visits('other', '2026-01-01')).toEqual({});
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
