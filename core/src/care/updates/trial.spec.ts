import { judgeTrial, type PageTried, type Tried, type WidthTried } from './trial.js';

describe('a copy beside what visitors have', () => {
  const width = (more: Partial<WidthTried> = {}): WidthTried => ({
    ...{ width: 390, changed: 0, where: null, sideways: [0, 0], faults: [{}, {}], errors: [] },
    ...more,
  });
  const page = (more: Partial<PageTried> = {}): PageTried => ({
    ...{ path: '/', before: [], after: [], widths: [width()] },
    ...more,
  });
  const tried = (more: Partial<Tried> = {}): Tried => ({
    ...{ pages: 4, otherwise: 1, lost: [], dead: [], bytes: [10_000, 10_000], seen: [page()], browser: true },
    ...more,
  });

  it('is the same where no word and no point is another, whatever stands in its bytes', () => {
    expect(judgeTrial(tried())).toEqual({ verdict: 'same', words: [] });
    // An edge of a letter is no change.
    expect(judgeTrial(tried({ seen: [page({ widths: [width({ changed: 0.0005 })] })] })).verdict).toBe('same');
  });

  it('is otherwise where it says or shows something else', () => {
    expect(judgeTrial(tried({ seen: [page({ before: ['Open'], after: ['Open now'] })] }))).toEqual({
      verdict: 'otherwise',
      words: ['1 page says something else: /.'],
    });
    const shown = [
      page({ widths: [width({ changed: 0.002 }), width({ width: 1280, changed: 0.126 })] }),
      page({ path: '/boats/', widths: [width({ changed: 0.004 })] }),
    ];
    expect(judgeTrial(tried({ otherwise: 2, seen: shown })).words).toEqual([
      '2 pages look otherwise, by up to 13 %: /, /boats/.',
    ]);
    expect(judgeTrial(tried({ seen: [page({ widths: [width({ changed: 0.002 })] })] })).words).toEqual([
      '1 page looks otherwise, by up to less than 1 %: /.',
    ]);
    expect(judgeTrial(tried({ bytes: [10_000, 12_000] })).words).toEqual(['Its pages weigh 20 % more.']);
    expect(judgeTrial(tried({ bytes: [10_000, 11_000] })).verdict).toBe('same');
  });

  it('is not called the same where nobody looked at all of it', () => {
    expect(judgeTrial(tried({ otherwise: 30 })).words).toEqual(['29 pages were not looked at.']);
    expect(judgeTrial(tried({ browser: false }))).toEqual({
      verdict: 'otherwise',
      words: ['1 page was not looked at: there is no browser.'],
    });
  });

  it('is worse where something leads nowhere, is too wide, complains, or keeps people out who got in', () => {
    const worse = (more: Partial<Tried>, words: string) => {
      const judged = judgeTrial(tried(more));
      expect([judged.verdict, judged.words[0]]).toEqual(['worse', words]);
    };
    worse({ lost: ['/a/', '/b/', '/c/', '/d/'] }, '4 addresses would lead nowhere: /a/, /b/, /c/ and 1 more.');
    worse({ dead: ['/: /boats/'] }, '1 link would lead nowhere: /: /boats/.');
    worse({ seen: [page({ widths: [width({ sideways: [0, 14] })] })] }, '/ is 14 px wider than a screen of 390.');
    worse(
      { seen: [page({ widths: [width({ errors: ['x is not a function'] })] })] },
      '/ complains at 390: x is not a function',
    );
    worse(
      { seen: [page({ widths: [width({ faults: [{ 'image-alt': 1 }, { 'image-alt': 2 }] })] })] },
      '/ keeps people out at 390 who got in before: image-alt.',
    );
    // What was bad before and is no worse is no reason to leave the rest as it is.
    const before = width({ sideways: [14, 14], faults: [{ 'image-alt': 2 }, { 'image-alt': 1 }] });
    expect(judgeTrial(tried({ seen: [page({ widths: [before] })] })).verdict).toBe('same');
  });

  it('says the worst first', () => {
    const judged = judgeTrial(tried({ lost: ['/a/'], seen: [page({ before: ['Open'] })] }));
    expect(judged.words.map((w) => w.split(' ')[1])).toEqual(['address', 'page']);
  });
});
