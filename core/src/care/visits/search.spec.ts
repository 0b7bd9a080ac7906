import { shortenLog, writeLogLine } from './count.js';
import { answerCause, lineTest, type LogFound, type LogQuery } from './search.js';

const line = (
  path: string,
  status: number,
  more: { referrer?: string; agent?: string; method?: string; time?: string } = {},
) =>
  writeLogLine({
    ...{ address: '198.51.100.7', method: more.method ?? 'GET', path, status, bytes: 5 },
    ...{
      time: new Date(more.time ?? '2026-11-02T08:30:15Z'),
      referrer: more.referrer ?? '-',
      agent: more.agent ?? 'Reader/1',
    },
  });
const found = (text: string, query: Partial<LogQuery> = {}) =>
  lineTest({ text: '', answers: 'any', before: null, ...query })(text);

describe('what is looked for in access logs', () => {
  it('is read as a whole, its address shortened', () => {
    const text = line('/boats/?q=a', 404, { referrer: 'https://yard.example/old/', agent: 'Nightcrawler/2 (bot)' });
    expect(found(text)).toEqual({
      ...{ at: '2026-11-02T08:30:15.000Z', address: '198.51.100.0', method: 'GET', path: '/boats/?q=a', status: 404 },
      ...{ from: 'https://yard.example/old/', agent: 'Nightcrawler/2 (bot)', machine: true },
    });
    // One whose address was shortened long ago, and a time of another zone.
    expect(found(shortenLog(text))).toEqual(found(text));
    expect(found(text.replace('08:30:15 +0000', '09:30:15 +0100'))!.at).toBe('2026-11-02T08:30:15.000Z');
    expect(found('no line of a log')).toBeNull();
    expect(found(line('/', 200))!.from).toBe('');
  });

  it('stands in the address, in the program, or in the page before; in any case of letters', () => {
    const text = line('/Boats/', 200, { referrer: 'https://Harbour.example/', agent: 'Lamplight' });
    for (const wanted of ['boats', ' BOATS ', 'harbour', 'lampLIGHT'])
      expect(found(text, { text: wanted })).not.toBeNull();
    // What stands elsewhere in the line is not it.
    for (const wanted of ['198.51', 'HTTP/1.1', 'Nov', '200 5']) expect(found(text, { text: wanted })).toBeNull();
  });

  it('is of some answers, and before an instant', () => {
    const of = (status: number) =>
      (['given', 'led', 'refused', 'failed'] as const).filter((answers) => found(line('/', status), { answers }));
    expect([200, 206, 301, 404, 429, 503].map(of)).toEqual([
      ['given'],
      ['given'],
      ['led'],
      ['refused'],
      ['refused'],
      ['failed'],
    ]);
    // Numbers in an address are none of an answer.
    expect(found(line('/a" 500 5 "/', 200), { answers: 'failed' })).toBeNull();
    const at = '2026-11-02T08:30:15.000Z';
    expect(found(line('/', 200), { before: at })).toBeNull();
    expect(found(line('/', 200), { before: '2026-11-02T08:30:16.000Z' })).not.toBeNull();
  });

  it('has a cause, and who can do something about it is told what', () => {
    const own = new Set(['yard.example']);
    const cause = (status: number, more: Partial<LogFound> = {}) =>
      answerCause(
        { at: '', address: '', method: 'GET', path: '/x/', status, from: '', agent: '', machine: false, ...more },
        own,
      );
    expect(cause(200)).toBe('');
    expect(cause(404, { from: 'https://yard.example/old/?a' })).toContain(
      'A page of the site itself leads there: /old/.',
    );
    expect(cause(404, { from: 'https://yard.example.elsewhere.example/' })).toContain('Another site leads there');
    expect(cause(404, { from: 'not an address' })).toContain('Another site leads there');
    for (const path of ['/index.php', '/.env', '/.git/config', '/cgi-bin/a', '/a/b.asp?x'])
      expect(cause(404, { path })).withContext(path).toContain('looked for a way in');
    for (const path of ['/phpots/', '/environment/', '/administration-of-boats/'])
      expect(cause(404, { path })).withContext(path).not.toContain('looked for a way in');
    expect(cause(303, { path: '/-/forms/contact', method: 'POST' })).toBe('A form was sent and taken.');
    const said = [301, 304, 400, 403, 404, 405, 413, 416, 429, 499, 503, 507].map((s) => cause(s));
    expect(said.filter((words) => !words)).toEqual([]);
    expect(new Set(said).size).toBe(said.length);
  });
});
