import { Strangers } from './strangers.js';

/** Custom properties each of which is the one before ten times over, as little text as that takes. */
const unfolding = (levels: number): string =>
  `<style>:root{--a0:#123456;${Array.from({ length: levels }, (_, n) => `--a${n + 1}:${`var(--a${n}) `.repeat(10)};`).join('')}}` +
  `body{${Array.from({ length: 20 }, () => `background:var(--a${levels})`).join(';')}}</style><body>`;

describe('what strangers made', () => {
  const strangers = new Strangers();
  /** The longest the program here did nothing else while something was read, ms. */
  const stall = async (work: () => Promise<unknown>): Promise<number> => {
    let longest = 0;
    let last = performance.now();
    const beat = setInterval(() => {
      const now = performance.now();
      longest = Math.max(longest, now - last);
      last = now;
    }, 5);
    await work().catch(() => undefined);
    clearInterval(beat);
    return longest;
  };
  afterAll(() => strangers.close());

  it('is read', async () => {
    expect((await strangers.reference('<style>body{background:#1b6b5a}</style><body>', [])).ground).toBe('#1b6b5a');
    expect((await strangers.brief('Name: Gant & Sons\nTrade: ropemaker')).name).toBe('Gant & Sons');
    const page = await strangers.page('<title>A</title><a href="/b">b</a><a href="http://[">c</a>', 'http://a.test/');
    expect([page.title, page.links]).toEqual(['A', ['/b']]);
    await expectAsync(strangers.brief('')).toBeRejectedWithError(/./);
  });

  it('holds nobody up and ends nothing, however it unfolds, nests or repeats', async () => {
    const hostile: [string, () => Promise<unknown>][] = [
      ['custom properties', () => strangers.reference(unfolding(9), [])],
      ['elements within elements', () => strangers.page('<div>'.repeat(300_000), 'http://a.test/')],
      ['rules within rules', () => strangers.reference('<body>', ['@media x{'.repeat(100_000)])],
      ['brackets within brackets', () => strangers.reference('<body>', [`body{background:${'calc('.repeat(50_000)}`])],
      ['a list within lists', () => strangers.brief('['.repeat(200_000))],
      ['a line without end', () => strangers.brief('Mon–Fri 9 to 5, '.repeat(12_000))],
    ];
    for (const [name, work] of hostile)
      expect(await stall(work))
        .withContext(name)
        .toBeLessThan(1500);
    expect((await strangers.page('<title>Still here</title>', 'http://a.test/')).title).toBe('Still here');
  });
});
