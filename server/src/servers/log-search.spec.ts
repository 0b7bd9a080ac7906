import type { LogFound } from '@tin-porch/core/care';
import type { SiteHead } from '../sites/site-row.js';
import { HostRefused } from './host-client.js';
import { logSearch } from './log-search.js';
import type { ServerRow } from './servers.js';

type Said = { found: LogFound[]; whole: boolean; since: string | null };
const at = (second: number) => new Date(Date.UTC(2026, 10, 3, 8, 0, second)).toISOString();
const line = (second: number, more: Partial<LogFound> = {}): LogFound => ({
  ...{ at: at(second), address: '198.51.100.0', method: 'GET', path: `/${second}/`, status: 200 },
  ...{ from: '', agent: 'Reader/1', machine: false },
  ...more,
});
const site = (id: string, server: string | null): SiteHead =>
  ({ id, server, called: id.toUpperCase(), summary: { name: id }, temporary: id, domain: `${id}.example` }) as SiteHead;

describe('logs of a fleet', () => {
  let asked: { server: string; query: Record<string, unknown> }[];
  const server = (name: string, said: Record<string, Said> | Error) =>
    ({
      ...{ name, temporaryBase: `${name}.localhost` },
      client: {
        searchLogs: (query: { sites: string[] }) => {
          asked.push({ server: name, query });
          if (said instanceof Error) return Promise.reject(said);
          return Promise.resolve({ sites: query.sites.map((id) => ({ site: id, ...said[id]! })) });
        },
      },
    }) as unknown as ServerRow;
  const search = (sites: SiteHead[], servers: ServerRow[], query: Parameters<ReturnType<typeof logSearch>>[1] = {}) =>
    logSearch({ list: () => Promise.resolve(sites) }, { all: () => Promise.resolve(servers) })('org', query);
  const whole = (...found: LogFound[]): Said => ({ found, whole: true, since: '2026-11-03' });
  beforeEach(() => (asked = []));

  it('are looked through on every server a site is on, and come as one, the newest first', async () => {
    const sites = [site('yard', 'quay'), site('loft', 'slip'), site('shed', 'quay'), site('none', null)];
    const quay = server('quay', { yard: whole(line(9), line(3)), shed: whole(line(5)) });
    const slip = server('slip', { loft: whole(line(7, { status: 404, path: '/a.php' })) });
    const { lines, earlier, gaps } = await search(sites, [quay, slip, server('other', new Error('not asked'))]);
    expect(lines.map((l) => [l.path, l.site, l.name, l.server])).toEqual([
      ['/9/', 'yard', 'YARD', 'quay'],
      ['/a.php', 'loft', 'LOFT', 'slip'],
      ['/5/', 'shed', 'SHED', 'quay'],
      ['/3/', 'yard', 'YARD', 'quay'],
    ]);
    expect(lines.map((l) => l.cause !== '')).toEqual([false, true, false, false]);
    expect([earlier, gaps]).toEqual([null, []]);
    expect(asked.map((a) => a.query['sites'])).toEqual([['yard', 'shed'], ['loft']]);
  });

  it('know which page of the site itself leads to what is not there', async () => {
    const from = (url: string) => whole(line(1, { status: 404, from: url }));
    for (const [url, own] of [
      ['https://yard.example/old/', true],
      ['http://yard.quay.localhost:8711/old/', true],
      ['https://loft.example/old/', false],
    ] as const) {
      const { lines } = await search([site('yard', 'quay')], [server('quay', { yard: from(url) })]);
      expect(lines[0]!.cause.includes('the site itself')).withContext(url).toBe(own);
    }
  });

  it('say which server was not looked through, beside what the others say', async () => {
    const sites = [site('yard', 'quay'), site('loft', 'slip'), site('shed', 'old'), site('barn', 'slow')];
    const old = new HostRefused(404, 'old: There is no such call', { title: 'There is no such call' });
    const { lines, gaps } = await search(sites, [
      server('quay', { yard: whole(line(1)) }),
      server('slip', new Error('The server slip does not answer.')),
      server('old', old),
      server('slow', { barn: { found: [], whole: false, since: null } }),
    ]);
    expect(lines.length).toBe(1);
    expect(gaps).toEqual([
      { server: 'old', why: 'Its agent is too old to be asked: bring it the newer one.' },
      { server: 'slip', why: 'The server slip does not answer.' },
      { server: 'slow', why: 'There was no time for the logs of 1 site.' },
    ]);
  });

  it('end where one of them is not known further back, and go on from there', async () => {
    const sites = [site('yard', 'quay'), site('loft', 'slip')];
    const yard: Said = { found: [line(9), line(5)], whole: false, since: '2026-11-03' };
    const loft = whole(line(7), line(5), line(2));
    const first = await search(sites, [server('quay', { yard }), server('slip', { loft })]);
    // What is older than the oldest that is known of the yard waits until that is known too.
    expect(first.lines.map((l) => l.at)).toEqual([at(9), at(7), at(5), at(5)]);
    expect(first.earlier).toBe(at(5));
    await search(sites, [server('quay', { yard })], {
      before: first.earlier!,
      text: 'a',
      answers: 'refused',
      site: 'yard',
    });
    expect(asked.at(-1)!.query).toEqual({ text: 'a', answers: 'refused', before: at(5), sites: ['yard'], most: 100 });
    const nothing: Said = { found: [], whole: false, since: '2026-11-01' };
    expect((await search([site('yard', 'quay')], [server('quay', { yard: nothing })])).earlier).toBe(
      '2026-11-01T00:00:00.000Z',
    );
  });

  it('come a hundred at a time, with all of the last second', async () => {
    const many = Array.from({ length: 60 }, (_, n) => line(59 - n));
    const doubled = many.flatMap((l) => [l, { ...l, path: '/again/' }]);
    const { lines, earlier } = await search([site('yard', 'quay')], [server('quay', { yard: whole(...doubled) })]);
    expect([lines.length, lines.at(-1)!.at, earlier]).toEqual([100, at(10), at(10)]);
    const odd = [line(59, { path: '/one/' }), ...doubled];
    expect((await search([site('yard', 'quay')], [server('quay', { yard: whole(...odd) })])).lines.length).toBe(101);
  });
});
