import { demoFacts } from '@tin-porch/core/fixtures';
import { newDocument, writeVersion } from '@tin-porch/core/making';
import type { SiteDocument } from '@tin-porch/core/model';
import { apply, type Operation } from '@tin-porch/core/operations';
import { drawnAt } from '@tin-porch/core/page';
import { drawnRelease } from '@tin-porch/press';
import { deploySteps } from './deploy.js';
import { comingOf, heldBackFrom, seenIn, whatComes, type Coming } from './coming.js';
import { smallWorld, type SmallWorld } from '../testing/small-world.js';

const ORIGIN = 'https://gant.example';

describe('what a deploy would change for visitors', () => {
  const site = apply(newDocument('gant', demoFacts, 1), writeVersion(demoFacts, 1)).document;
  const after = (...operations: Operation[]): SiteDocument =>
    operations.reduce((document, operation) => apply(document, operation).document, site);
  const from = (document: SiteDocument): Promise<Coming> => comingOf(site, document, ORIGIN);
  const said = { kind: 'designer' } as const;
  const [home] = site.pages;
  const other = site.pages.find((p) => p.slug !== '' && !p.parent)!;
  const nothing: Coming = {
    ...{ pages: [], everywhere: { before: [], after: [], pages: 0 }, look: false, files: [], addresses: [], more: 0 },
  };

  it('is nothing where nothing is to be seen, whatever was changed', async () => {
    expect(await from(site)).toEqual(nothing);
    // How the brief was read, and what the client may do, no visitor sees.
    expect(await from(after({ op: 'setLock', lock: 'words', locked: true }))).toEqual(nothing);
    expect(await from(JSON.parse(JSON.stringify(site)) as SiteDocument)).toEqual(nothing);
  });

  it('is the words that go and come on the page where they stand', async () => {
    const section = home!.sections.find(
      (s) => 'heading' in s.content && (s.content as { heading: { value: string } }).heading.value,
    )!;
    const was = (section.content as unknown as { heading: { value: string } }).heading.value;
    const { pages, everywhere, look } = await from(
      after({
        op: 'setText',
        at: { section: section.id, path: 'heading' },
        text: { value: 'Ropes for those who sail', from: said },
      }),
    );
    expect([look, everywhere.pages, pages.length]).toEqual([false, 0, 1]);
    expect(pages[0]).toEqual(
      jasmine.objectContaining({
        path: '/',
        state: 'changed',
        after: ['Ropes for those who sail'],
        pictures: 0,
        links: [],
      }),
    );
    expect(pages[0]!.before).toEqual([was]);
  });

  it('is said once where it changes everywhere', async () => {
    const { pages, everywhere } = await from(after({ op: 'setFact', field: 'phone', value: '01632 960 777' }));
    expect(everywhere.pages).toBeGreaterThan(2);
    expect(everywhere.after.join(' ')).toContain('01632 960 777');
    expect(everywhere.before.join(' ')).toContain(site.facts.phone);
    for (const p of pages) for (const line of everywhere.after) expect(p.after).not.toContain(line);
  });

  it('is a page that comes, one that goes and where its address leads then, and one at another address', async () => {
    const gone = await from(after({ op: 'removePage', page: other.id }));
    const page = gone.pages.find((p) => p.state === 'gone')!;
    expect([page.path, page.leadsTo, page.before]).toEqual([`/${other.slug}/`, null, []]);
    const led = after(
      { op: 'removePage', page: other.id },
      { op: 'setRedirect', from: `/${other.slug}`, to: `page:${home!.id}` },
    );
    const leading = await from(led);
    expect(leading.pages.find((p) => p.state === 'gone')!.leadsTo).toBe('/');
    expect(leading.addresses).toEqual([{ from: `/${other.slug}`, to: '/' }]);
    // The other way round the page comes, and the address leads nowhere any more by itself.
    const back = await comingOf(led, site, ORIGIN);
    expect(back.pages.find((p) => p.state === 'new')!.path).toBe(`/${other.slug}/`);
    expect(back.addresses).toEqual([{ from: `/${other.slug}`, to: null }]);
    const moved = await from(after({ op: 'setPage', page: other.id, label: other.label, slug: 'quite-elsewhere' }));
    expect(moved.pages.map((p) => [p.path, p.state]).filter(([, s]) => s !== 'changed')).toEqual([
      ['/quite-elsewhere/', 'new'],
      [`/${other.slug}/`, 'gone'],
    ]);
    // Nobody has said where who has the old address is to be led.
    expect(moved.pages.find((p) => p.state === 'gone')!.leadsTo).toBeNull();
  });

  it('is a look, and no page beside it whose words stay', async () => {
    const { look, pages, everywhere } = await from(
      after({ op: 'setLook', look: { ...site.look, corner: site.look.corner + 3 } }),
    );
    expect(look).toBeTrue();
    expect([...pages.flatMap((p) => [...p.before, ...p.after]), ...everywhere.before]).toEqual([]);
  });

  it('is the same where what is served already is not fetched', async () => {
    const { files } = await drawnRelease(JSON.stringify(site), ORIGIN, {}, drawnAt(site, Date.now()));
    const served = Object.fromEntries(files.flatMap((f) => ('hash' in f ? [[f.path, f.hash]] : [])));
    for (const document of [
      site,
      after({ op: 'setFact', field: 'phone', value: '01632 960 777' }),
      after({ op: 'removePage', page: other.id }),
      after({ op: 'setPage', page: other.id, label: other.label, slug: 'quite-elsewhere' }),
      after({ op: 'setLook', look: { ...site.look, corner: site.look.corner + 3 } }),
    ])
      expect(await comingOf(site, document, ORIGIN, served)).toEqual(await from(document));
    // What is said to be served is what will be: what visitors find otherwise is told all the same.
    const changed = after({ op: 'setFact', field: 'phone', value: '01632 960 777' });
    const will = await drawnRelease(JSON.stringify(changed), ORIGIN, {}, drawnAt(changed, Date.now()));
    const ahead = Object.fromEntries(will.files.flatMap((f) => ('hash' in f ? [[f.path, f.hash]] : [])));
    expect(await comingOf(site, changed, ORIGIN, ahead)).toEqual(await from(changed));
    // What is served is older than what is compared: nothing is claimed of it.
    const stale = { ...served, '/index.html': 'f'.repeat(64) };
    expect(await comingOf(site, site, ORIGIN, stale)).toEqual(nothing);
  });

  it('reads a page as a visitor does', () => {
    const html = (body: string) =>
      `<html><head><title> A  page </title><meta name="description" content="Of it"></head><body>${body}</body></html>`;
    const seen = seenIn(
      html(
        '<nav><a href="/a">One</a><a href="/b">Two</a></nav><p>Ropes <b>and</b>\n cords<br>for all</p><ul><li>A<li>B</ul><script>no</script><style>p{}</style><svg><title>no</title></svg><img src="/x.jpg" alt="Ropes"><a href="/c" aria-label="Up"><svg></svg></a>',
      ),
    );
    expect(seen.lines).toEqual(['One Two', 'Ropes and cords', 'for all', 'A', 'B']);
    expect([seen.title, seen.description, seen.pictures]).toEqual(
      ['A page', 'Of it', ['/x.jpg Ropes']].map((x) => x) as never,
    );
    expect([...seen.links]).toEqual([
      ['One', '/a'],
      ['Two', '/b'],
      ['Up', '/c'],
    ]);
  });

  it('tells links that lead elsewhere, pictures, what is told of a page, and of long changes the beginning', async () => {
    const page = (title: string, body: string, path = '/index.html') => ({
      path,
      type: 'text/html',
      text: `<title>${title}</title><body>${body}`,
    });
    const lines = (n: number, words: string) => Array.from({ length: n }, (_, k) => `<p>${words} ${k}</p>`).join('');
    const drawn = (...files: ReturnType<typeof page>[]) => ({
      ...{ document: site, paths: files.map((f) => f.path), files: files as never },
    });
    const { pages } = await whatComes(
      drawn(page('A', `<a href="/x/">Post</a><img src="/1.jpg">${lines(60, 'Old')}`)),
      drawn(page('B', `<a href="/y/">Post</a><img src="/2.jpg"><img src="/3.jpg"><p>New</p>`)),
    );
    // Of very many the first are read.
    const many = (words: string) =>
      drawn(...Array.from({ length: 100 }, (_, n) => page('A', words, `/${n}/index.html`)));
    const all = await whatComes(many('<p>Old</p>'), many('<p>New</p>'));
    expect([all.more, all.everywhere.pages, all.everywhere.after, all.pages]).toEqual([40, 100, ['New'], []]);
    expect(pages[0]!.links).toEqual(['Post: /x/ becomes /y/']);
    expect([pages[0]!.pictures, pages[0]!.told, pages[0]!.after]).toEqual([2, ['B'], ['New']]);
    expect([pages[0]!.before.length, pages[0]!.before.at(-1)]).toEqual([41, '… and 20 lines more']);
  });

  it('names what is held back', () => {
    expect(heldBackFrom(site, '2026-11-29T10:00Z')).toEqual([]);
    expect(heldBackFrom(after({ op: 'setHold', page: other.id, hold: 'Soon' }), '2026-11-29T10:00Z')).toEqual([
      `${other.label}, which is on hold`,
    ]);
  });

  describe('of a site that is live', () => {
    let world: SmallWorld;
    beforeAll(async () => void (world = await smallWorld()));
    afterAll(() => world.end());
    it('is what came since its release, by whom, and what was taken back is by nobody', async () => {
      const id = await world.site('Dory');
      expect((await world.run(id, (work) => deploySteps(work, world))).error).toBeNull();
      const row = async () => (await world.sites.get(id))!;
      const release = (await world.sites.releases.get(id, (await row()).liveRelease!))!;
      expect(await world.sites.log.whoSince(release, (await row()).head)).toEqual([]);
      await world.change(id, { op: 'setFact', field: 'phone', value: '01632 960 778' });
      await world.change(id, { op: 'setFact', field: 'strapline', value: 'Built to row' });
      await world.sites.log.step(id, 'undo', world.ines);
      expect((await world.sites.log.whoSince(release, (await row()).head)).map((w) => w.steps)).toEqual([1]);
      const then = await world.sites.log.documentAt(id, release.head);
      const coming = await comingOf(then, (await row()).document, ORIGIN);
      expect(JSON.stringify(coming)).toContain('01632 960 778');
      expect(JSON.stringify(coming)).not.toContain('Built to row');
    });
  });
});
