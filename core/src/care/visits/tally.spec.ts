import fc from 'fast-check';
import { writeLogLine } from './count.js';
import { deviceOf, Tally, together } from './tally.js';
import { visitWords } from './words.js';

type Entry = Parameters<typeof writeLogLine>[0];
const line = (over: Partial<Entry> = {}) =>
  writeLogLine({
    ...{
      address: '198.51.100.7',
      time: new Date('2026-11-02T09:00:00Z'),
      method: 'GET',
      path: '/',
      status: 200,
      bytes: 10,
    },
    ...{ referrer: '', agent: 'Reader/1' },
    ...over,
  });
const counted = (...all: Partial<Entry>[]) => {
  const tally = new Tally(new Set(['yard.example']));
  for (const over of all) tally.add(line(over));
  return tally.day();
};

describe('a tally of visits', () => {
  it('counts who came, what they read, and nothing but pages', () => {
    const day = counted(
      {},
      { path: '/a/?b=c' },
      { path: '/a/' },
      { path: '/s.css' },
      { address: '198.51.100.8' },
      { method: 'HEAD' },
    );
    expect([day.visits, day.pages, day.byPage]).toEqual([2, 4, { '/': 2, '/a/': 2 }]);
  });

  it('sets machines apart', () => {
    const day = counted({ agent: 'TideBot/1' }, { agent: 'TinPorch-round/1' }, { agent: 'Reader/1' });
    expect([day.visits, day.machines]).toEqual([1, 2]);
  });

  it('says where a visit came from, once, and not from the site itself', () => {
    const day = counted(
      { referrer: 'https://www.search.example/?q=x' },
      { referrer: 'https://yard.example/', path: '/a/' },
      { referrer: 'https://yard.example/', address: '198.51.100.8' },
      { address: '198.51.100.9' },
    );
    expect(day.from).toEqual({ '': 2, 'search.example': 1 });
  });

  it('knows what is asked for and is not there, and leaves out what browsers ask for of themselves', () => {
    const day = counted(
      ...['/old', '/old', '/old.html', '/favicon.ico', '/-/x', '/apple-touch-icon.png'].map((path) => ({
        path,
        status: 404,
      })),
    );
    expect(day.missing).toEqual({ '/old': 2, '/old.html': 1 });
    expect(day.pages).toBe(0);
  });

  it('counts messages that were taken', () => {
    const sent = (status: number) => ({ method: 'POST', path: '/-/forms/contact', status });
    expect(counted(sent(303), sent(422), sent(303), { path: '/-/forms/contact/sent', status: 200 }).forms).toBe(2);
  });

  it('tells what it is read with', () => {
    expect(
      [
        'Mozilla/5.0 (iPad; x)',
        'Mozilla/5.0 (Linux; Android 14) Mobile',
        'Mozilla/5.0 (Linux; Android 14) Tab',
        'X11',
        'a bot',
      ].map(deviceOf),
    ).toEqual(['tablet', 'phone', 'tablet', 'desktop', null]);
  });

  it('is not led astray by what visitors put into their requests', () => {
    const day = counted({ agent: 'a" 200 1 "-" "b\n\\', referrer: 'https://x.example/"\\' }, { path: '/"/' });
    expect([day.visits, day.pages, day.from]).toEqual([2, 2, { '': 1, 'x.example': 1 }]);
    const tally = new Tally();
    for (const bad of [
      '',
      '"',
      'nonsense',
      ' "GET / HTTP/1.1"',
      'a - - [x] "GET / HTTP/1.1" 200 1 "-"',
      'a "b" c "d" "e"',
    ])
      tally.add(bad);
    expect(tally.day().visits).toBe(0);
  });

  it('never breaks and never counts more than there are lines', () => {
    fc.assert(
      fc.property(fc.array(fc.string({ unit: 'binary', maxLength: 60 }), { maxLength: 30 }), (all) => {
        const tally = new Tally();
        for (const path of all) {
          tally.add(path);
          tally.add(line({ path, agent: path, referrer: path }));
        }
        const day = tally.day();
        expect(day.pages + day.machines).toBeLessThanOrEqual(2 * all.length);
        expect(day.visits).toBeLessThanOrEqual(day.pages);
      }),
    );
  });

  it('stays small however many addresses are asked for', () => {
    const day = counted(...Array.from({ length: 2000 }, (_, n) => ({ path: `/${n}/` })));
    expect(Object.keys(day.byPage).length).toBe(60);
    expect(day.byPage['…']).toBe(1500);
  });

  it('is of several days what they are together', () => {
    const [a, b] = [counted({}, { path: '/a/' }), counted({ path: '/a/' })];
    expect(together([a, b])).toEqual(jasmine.objectContaining({ visits: 2, pages: 3, byPage: { '/a/': 2, '/': 1 } }));
    expect(together([]).visits).toBe(0);
  });
});

describe('visits in words', () => {
  const say = (day: ReturnType<typeof counted>, before: { visits: number } | null = null, form = true) =>
    visitWords(day, before, (p) => (p === '/a/' ? 'Awnings' : p), form);

  it('says what happened, and how it was before', () => {
    const day = counted(
      { referrer: 'https://search.example/', agent: 'x Mobile' },
      ...['/a/', '/a/'].map((path) => ({ path })),
      { method: 'POST', path: '/-/forms/c', status: 303 },
    );
    expect(say(day, { visits: 5 })).toEqual({
      lines: [
        '2 visits, 3 fewer than before.',
        'Beside the first page most read Awnings, 2 times.',
        '1 came from search.example.',
        '50 % read it on a phone.',
        '1 message was sent.',
      ],
      next: null,
    });
    expect(say(day, { visits: 2 }).lines[0]).toBe('2 visits, as many as before.');
    expect(say(day, null).lines[0]).toBe('2 visits.');
    expect(say(counted()).lines).toEqual(['Nobody came by yet.']);
  });

  it('names the one thing to do next', () => {
    const missed = counted({}, ...[1, 2, 3].map(() => ({ path: '/old', status: 404 })));
    expect(say(missed).next!.step).toBe('seo');
    const silent = counted(...Array.from({ length: 50 }, (_, n) => ({ address: `198.51.100.${n}` })));
    expect(say(silent).next!.step).toBe('pages');
    expect(say(silent, null, false).next).toBeNull();
  });
});
