import { byWeek, readLogLine, writeLogLine } from './count.js';

const line = (over: Partial<Parameters<typeof writeLogLine>[0]> = {}) =>
  writeLogLine({
    address: '198.51.100.7',
    time: new Date('2026-11-02T09:00:00Z'),
    method: 'GET',
    path: '/',
    status: 200,
    bytes: 10,
    referrer: '',
    agent: 'Reader/1',
    ...over,
  });

describe('visits', () => {
  it('survive what visitors put into their headers', () => {
    const hostile = line({ agent: 'a" 200 1 "-" "b\n\\x', path: '/"\r\nGET /' });
    expect(hostile.split('\n').length).toBe(1);
    expect(readLogLine(hostile)?.status).toBe(200);
    expect(readLogLine('nonsense')).toBeNull();
  });

  it('are summed into weeks that end today', () => {
    expect(
      byWeek(
        {
          '2026-11-02': { visits: 2 },
          '2026-11-08': { visits: 3 },
          '2026-11-01': { visits: 5 },
          '2026-01-01': { visits: 9 },
        },
        '2026-11-08',
        2,
      ),
    ).toEqual([5, 5]);
  });
});
