import { demoFacts } from '../fixtures/facts.js';
import { siteFrom } from '../fixtures/measure-copy.js';
import { sampleItem } from '../fixtures/random-operations.js';
import type { Collection, CollectionItem, SiteDocument } from '../model/site.js';
import { apply } from '../operations/apply.js';
import type { Operation } from '../operations/operation.js';
import { validateDocument } from '../operations/validate.js';
import { redirectOf, render } from '../page/render/render.js';
import { readdressedItem } from '../making/plan/addresses.js';
import { calendar } from './feeds.js';
import { expand, paragraphsOf } from './expand.js';
import { itemsShown } from './listing.js';
import { instantAt, localAt, nextChange, sayMonth, sayWhen, stateOf } from './times.js';
import ICAL from 'ical.js';

const ORIGIN = 'https://yard.example';
const said = (value: string) => ({ value, from: { kind: 'client' as const } });
const event = (id: string, starts: string, more: Partial<CollectionItem> = {}): CollectionItem => ({
  ...sampleItem(id),
  title: said(`Event ${id}`),
  slug: id,
  values: { starts, place: said('The slip') },
  ...more,
});
const news = (id: string, made: string, more: Partial<CollectionItem> = {}): CollectionItem => ({
  ...sampleItem(id),
  title: said(`News ${id}`),
  slug: id,
  made,
  values: { text: said(`What ${id} says.`), body: said('First.\n\nSecond.') },
  ...more,
});
const of = (kind: Collection['kind'], items: CollectionItem[]): Collection => ({
  id: kind,
  kind,
  name: kind === 'news' ? 'News' : 'Events',
  page: 'about',
  fields: [],
  items,
});

/** A site of a boatyard whose page “about” shows a collection. */
function siteWith(
  collection: Collection,
  shows: Partial<NonNullable<SiteDocument['pages'][0]['sections'][0]['shows']>> = {},
) {
  const site = siteFrom(demoFacts, 4);
  const page = site.pages.find((p) => p.id === 'about')!;
  const shape = collection.kind === 'events' ? 'events/list' : 'news/list';
  const operations: Operation[] = [
    { op: 'insertCollection', collection, at: 0 },
    {
      op: 'insertSection',
      page: page.id,
      at: page.sections.length,
      section: {
        id: 'listed',
        shape,
        reason: '',
        content:
          collection.kind === 'events'
            ? { heading: said('What is on'), lead: said(''), items: [] }
            : { heading: said('What is new'), items: [], more: said('') },
      },
    },
    {
      op: 'setShows',
      section: 'listed',
      shows: {
        collection: collection.id,
        show: collection.kind === 'events' ? 'upcoming' : 'newest',
        most: 2,
        ...shows,
      },
    },
  ];
  const document = operations.reduce((now, operation) => apply(now, operation).document, site);
  const [misfit] = validateDocument(document);
  if (misfit) throw new Error(`${misfit.pointer} ${misfit.message}`);
  return document;
}
const filesOf = (document: SiteDocument, at?: string) =>
  new Map(render(document, { origin: ORIGIN, ...(at && { at }) }).map((f) => [f.path, 'text' in f ? f.text : '']));

describe('a collection', () => {
  it('has an item up from its minute to the minute it ends, in the zone of its site, summer and winter', () => {
    const site = siteFrom(demoFacts, 4);
    const collection = of('events', []);
    const item = event('e', '2026-06-14T19:30', {
      from: '2026-06-01T08:00Z',
      values: { starts: '2026-06-14T19:30', ends: '2026-06-14T21:00' },
    });
    const at = (instant: string) => stateOf(site, collection, item, instant);
    expect(at('2026-06-01T07:59Z')).toBe('planned');
    expect(at('2026-06-01T08:00Z')).toBe('up');
    // 21:00 in Saltmarrow is 20:00 UTC in June.
    expect(at('2026-06-14T19:59Z')).toBe('up');
    expect(at('2026-06-14T20:00Z')).toBe('over');
    expect(stateOf(site, collection, event('w', '2026-12-14T19:30'), '2026-12-14T23:59Z')).toBe('up');
    expect(stateOf(site, collection, event('w', '2026-12-14T19:30'), '2026-12-15T00:00Z')).toBe('over');
    const there = { ...site, zone: 'America/New_York' };
    expect(stateOf(there, collection, event('w', '2026-12-14T19:30'), '2026-12-15T04:59Z')).toBe('up');
    expect(stateOf(site, collection, { ...item, state: 'draft' }, '2026-06-02T08:00Z')).toBe('draft');
    // Who does not say when it is gets nothing that is planned.
    expect(stateOf(site, collection, item)).toBe('planned');
  });

  it('says when the next of it comes or goes, and nothing else does in between', () => {
    const items = [
      event('a', '2026-06-14', { from: '2026-06-01T08:00Z' }),
      event('b', '2026-06-20T10:00', { values: { starts: '2026-06-20T10:00', ends: '2026-06-20T12:00' } }),
      event('c', '2026-07-01', { state: 'draft', from: '2026-06-10T00:00Z' }),
      event('d', '2026-09-01', { until: '2026-06-18T00:00Z' }),
    ];
    const document = siteWith(of('events', items));
    let at = '2026-05-01T00:00Z';
    const seen: string[] = [];
    for (let next = nextChange(document, at); next; next = nextChange(document, at)) seen.push((at = next));
    expect(seen).toEqual([
      '2026-06-01T08:00Z',
      '2026-06-14T23:00Z',
      '2026-06-18T00:00Z',
      '2026-06-20T11:00Z',
      '2026-09-01T23:00Z',
    ]);
    const shown = (instant: string) => JSON.stringify([...filesOf(document, instant)]);
    for (const [n, instant] of seen.entries()) {
      const before = seen[n - 1] ?? '2026-05-01T00:00Z';
      const last = new Date(Date.parse(instant.replace('Z', ':00Z')) - 60_000).toISOString().slice(0, 16);
      expect(shown(`${last}Z`))
        .withContext(`just before ${instant}`)
        .toBe(shown(before));
    }
    expect(shown(seen[0]!)).not.toBe(shown('2026-05-01T00:00Z'));
  });

  it('keeps local times through the zone and back, in the hour that is there twice too', () => {
    const site = siteFrom(demoFacts, 4);
    for (const local of ['2026-03-29T03:30', '2026-06-14T19:30', '2026-10-25T01:30', '2026-12-31T23:59'])
      expect(localAt(site, instantAt(site, local))).toBe(local);
  });

  it('says when something is in the language of the site', () => {
    expect(sayWhen('en-GB', '2026-06-14T19:30', '2026-06-14T21:00')).toBe('Sunday 14 June 2026, 19:30–21:00');
    expect(sayWhen('de', '2026-06-14T19:30')).toBe('Sonntag, 14. Juni 2026, 19:30');
    expect(sayWhen('fr', '2026-06-14')).toBe('dimanche 14 juin 2026');
    expect(sayWhen('es', '2026-06-14', '2026-06-16')).toBe(
      'domingo, 14 de junio de 2026 – martes, 16 de junio de 2026',
    );
  });

  it('is shown the newest first, what is to come by its time, and what was by how lately it was', () => {
    const site = siteFrom(demoFacts, 4);
    const ids = (collection: Collection, show: 'newest' | 'upcoming' | 'past' | 'kept' | 'chosen', more = {}) =>
      itemsShown(site, collection, { collection: collection.id, show, most: 9, ...more }, '2026-06-15T12:00Z').map(
        (i) => i.id,
      );
    const told = of('news', [
      news('a', '2026-01-01T09:00Z', { tags: ['slip'] }),
      news('b', '2026-03-01T09:00Z'),
      news('c', '2026-02-01T09:00Z', { from: '2026-05-01T09:00Z', tags: ['slip'] }),
      news('d', '2026-06-01T09:00Z', { state: 'draft' }),
      news('e', '2026-01-01T09:00Z', { from: '2026-07-01T09:00Z' }),
    ]);
    expect(ids(told, 'newest')).toEqual(['c', 'b', 'a']);
    expect(ids(told, 'kept')).toEqual(['a', 'b', 'c']);
    expect(ids(told, 'newest', { tag: 'slip' })).toEqual(['c', 'a']);
    expect(ids(told, 'chosen', { chosen: ['b', 'gone', 'd', 'a'] })).toEqual(['b', 'a']);
    const on = of('events', [
      event('x', '2026-08-01'),
      event('y', '2026-07-01'),
      event('z', '2026-06-01'),
      event('w', '2026-05-01'),
    ]);
    expect(ids(on, 'upcoming')).toEqual(['y', 'x']);
    expect(ids(on, 'past')).toEqual(['z', 'w']);
  });

  it('refuses a value that is none of its field, and an address that two have', () => {
    const at = (item: Partial<CollectionItem>) =>
      validateDocument({
        ...siteFrom(demoFacts, 4),
        collections: [of('events', [event('a', '2026-06-14'), event('b', '2026-06-15', item)])],
      }).map((m) => m.message);
    expect(at({})).toEqual([]);
    expect(at({ slug: 'a' })).toEqual(['two have the address “a”']);
    expect(at({ values: { starts: '2026-02-30' } })).toEqual(['is no date and time']);
    expect(at({ values: { starts: '2026-06-14T25:00' } })).toEqual(['is no date and time']);
    expect(at({ values: { starts: '2026-06-14', place: 3 } })).toEqual(['is no text']);
    // What a field held that is there no more is kept.
    expect(at({ values: { starts: '2026-06-14', gone: 3 } })).toEqual([]);
  });
});

describe('a site with a collection', () => {
  const document = siteWith(
    of('news', [
      news('a', '2026-01-01T09:00Z'),
      news('b', '2026-02-01T09:00Z', { by: 'Ada Thorne', language: 'fr', tags: ['slip', 'larch'] }),
      news('c', '2026-03-01T09:00Z', { title: said('Rope & <tar>') }),
      news('d', '2026-04-01T09:00Z', { state: 'draft' }),
      news('e', '2026-05-01T09:00Z', { from: '2026-12-24T08:00Z' }),
    ]),
    { further: true },
  );
  const slug = document.pages.find((p) => p.id === 'about')!.slug;
  const files = filesOf(document, '2026-06-01T08:00Z');

  it('shows its newest items in the section, each leading to a page of its own', () => {
    const list = files.get(`/${slug}/index.html`)!;
    expect(list).toContain(`<a href="/${slug}/c/">Rope &amp; &lt;tar></a>`);
    expect(list).toContain(`<a href="/${slug}/b/">News b</a>`);
    expect(list).not.toContain('News a');
    expect(list).toContain('1 February 2026');
    const own = files.get(`/${slug}/b/index.html`)!;
    expect(own).toContain('<h1');
    expect(own).toContain('<p>First.</p>');
    expect(own).toContain('<p>Second.</p>');
    expect(own).toContain('<main id="main" lang="fr">');
    expect(own).toContain(`<a href="/${slug}/">All: `);
    expect(own).toContain(`<link rel="canonical" href="${ORIGIN}/${slug}/b/">`);
  });

  it('goes on with the rest on further pages, there and back', () => {
    const list = files.get(`/${slug}/index.html`)!;
    expect(list).toContain(`<a href="/${slug}/more/2/" rel="next">Further (Part 2 of 2)</a>`);
    const rest = files.get(`/${slug}/more/2/index.html`)!;
    expect(rest).toContain('News a');
    expect(rest).not.toContain('News b');
    expect(rest).toContain(`<a href="/${slug}/" rel="prev">Back (Part 1 of 2)</a>`);
  });

  it('stands under its months, in their order and each once, on the first page and on those after it', () => {
    const starts = ['2026-07-03T10:00', '2026-07-20', '2026-09-01T08:00', '2027-01-01T00:30', '2027-01-31'];
    const items = starts.map((s, n) => event(`e${n}`, s));
    const by = (most: number, more: object = {}) => {
      const site = siteWith(of('events', items), { show: 'upcoming', most, monthly: true, ...more });
      expect(validateDocument(site)).toEqual([]);
      return expand(site, '2026-06-01T00:00Z');
    };
    const listed = (page: SiteDocument['pages'][0]) =>
      page.sections
        .filter((s) => s.id.startsWith('listed'))
        .map((s) => {
          const { heading, items } = s.content as unknown as { heading: { value: string }; items: unknown[] };
          return [s.id, heading.value, items.length];
        });
    const about = ({ document }: { document: SiteDocument }) => document.pages.find((p) => p.id === 'about')!;
    expect(listed(about(by(12)))).toEqual([
      ['listed', 'What is on · July 2026', 2],
      ['listed--2026-09', 'September 2026', 1],
      ['listed--2027-01', 'January 2027', 2],
    ]);
    // Further pages go on in the middle of a month.
    const cut = by(4, { further: true });
    expect(listed(about(cut)).map(([, , n]) => n)).toEqual([2, 1, 1]);
    const rest = cut.document.pages.find((p) => p.id === 'about--more-2')!;
    expect(listed(rest).map(([, , n]) => n)).toEqual([1]);
    // Nothing of it is drawn twice under one name.
    const ids = cut.document.pages.flatMap((p) => p.sections.map((s) => `${p.id} ${s.id}`));
    expect(new Set(ids).size).toBe(ids.length);
    // What follows no time stands under no month.
    expect(listed(about(by(12, { show: 'kept' }))).length).toBe(1);
    expect(['en-GB', 'de', 'fr', 'es'].map((l) => sayMonth(l, '2026-03-01'))).toEqual([
      'March 2026',
      'März 2026',
      'Mars 2026',
      'Marzo de 2026',
    ]);
    const shown = siteWith(of('events', items), { show: 'upcoming', most: 12, monthly: true });
    const page = filesOf(shown, '2026-06-01T00:00Z').get(`/${slug}/index.html`)!;
    expect(page.match(/(?:July|September|January) 202\d<\/h2>/g)!.length).toBe(3);
  });

  it('gives nothing away of drafts and of what is planned, until its minute', () => {
    for (const [path, text] of files)
      expect(text)
        .withContext(path)
        .not.toMatch(/News [de]|\/[de]\//);
    const later = filesOf(document, '2026-12-24T08:00Z');
    expect(later.get(`/${slug}/index.html`)).toContain('News e');
    expect(later.get(`/${slug}/e/index.html`)).toContain('24 December 2026');
    for (const [path, text] of later) expect(text).withContext(path).not.toContain('News d');
  });

  it('keeps its items out of menus and of the lists of pages', () => {
    const home = files.get('/index.html')!;
    expect(home).not.toContain(`/${slug}/b/`);
    const menuIn = (html: string) =>
      [.../<nav class="menu"[\s\S]*?<\/nav>/.exec(html)![0].matchAll(/<a [^>]*>\s*([^<]*?)\s*</g)].map((m) => m[1]);
    const { collections: _, ...without } = document;
    const listed = menuIn(filesOf(without).get('/index.html')!);
    expect(listed.length).toBeGreaterThan(0);
    for (const path of ['/index.html', `/${slug}/b/index.html`, `/${slug}/more/2/index.html`])
      expect(menuIn(files.get(path)!))
        .withContext(path)
        .toEqual(listed);
  });

  it('tells machines of each: structured data, site map, feeds', () => {
    const own = files.get(`/${slug}/b/index.html`)!;
    const data = JSON.parse(/<script type="application\/ld\+json">(.*?)<\/script>/s.exec(own)![1]!) as Record<
      string,
      unknown
    >;
    expect(data).toEqual(
      jasmine.objectContaining({
        '@type': 'NewsArticle',
        headline: 'News b',
        datePublished: '2026-02-01T09:00:00Z',
        author: { '@type': 'Person', name: 'Ada Thorne' },
        keywords: 'slip, larch',
        url: `${ORIGIN}/${slug}/b/`,
      }),
    );
    expect(files.get('/sitemap.xml')).toContain(
      `<url><loc>${ORIGIN}/${slug}/b/</loc><lastmod>2026-02-01T09:00:00Z</lastmod></url>`,
    );
    const atom = files.get(`/${slug}/feed.xml`)!;
    expect([...atom.matchAll(/<title>(.*?)<\/title>/g)].map((m) => m[1]).slice(1)).toEqual([
      'Rope &#38; &#60;tar&#62;',
      'News b',
      'News a',
    ]);
    const json = JSON.parse(files.get(`/${slug}/feed.json`)!) as { items: { title: string; url: string }[] };
    expect(json.items.map((i) => i.url)).toEqual(['c', 'b', 'a'].map((i) => `${ORIGIN}/${slug}/${i}/`));
    expect(files.get(`/${slug}/index.html`)).toContain(
      `<link rel="alternate" type="application/atom+xml" title="${demoFacts.name.replace('&', '&amp;')}: News" href="/${slug}/feed.xml">`,
    );
  });

  it('is drawn the same in one go and from what was drawn before, and one item changed draws its pages alone', () => {
    const changed = apply(document, {
      op: 'setEntry',
      collection: 'news',
      item: 'a',
      values: { body: said('Quite another thing.') },
    }).document;
    const whole = filesOf(changed, '2026-06-01T08:00Z');
    const differ = [...whole].filter(([path, text]) => files.get(path) !== text).map(([path]) => path);
    expect(differ.filter((p) => p.endsWith('.html'))).toEqual([`/${slug}/a/index.html`]);
  });

  it('leaves a section out that has nothing to show', () => {
    const bare = siteWith(of('events', [event('x', '2026-05-01')]));
    const page = filesOf(bare, '2026-06-01T08:00Z').get(`/${slug}/index.html`)!;
    expect(page).not.toContain('What is on');
    expect(filesOf(bare, '2026-04-01T08:00Z').get(`/${slug}/index.html`)).toContain('What is on');
  });

  it('says of an event that it is over, on its own page, and leaves it out of the site map', () => {
    const past = filesOf(siteWith(of('events', [event('x', '2026-05-01T10:00')])), '2026-06-01T08:00Z');
    expect(past.get(`/${slug}/x/index.html`)).toContain('This is over.');
    expect(past.get('/sitemap.xml')).not.toContain('/x/');
  });

  it('gives its events as a calendar that a program reads back', () => {
    const on = of('events', [
      event('x', '2026-06-14T19:30', {
        title: said('Regatta, with tea; and cake'),
        values: { starts: '2026-06-14T19:30', ends: '2026-06-14T21:00', place: said('The slip'), text: said('A\nB') },
      }),
      event('y', '2026-08-01', { values: { starts: '2026-08-01', ends: '2026-08-02' } }),
    ]);
    const site = siteWith(on);
    const read = new ICAL.Component(ICAL.parse(calendar(site, on, on.items, () => null)) as unknown[]);
    const [first, second] = read.getAllSubcomponents('vevent').map((e) => new ICAL.Event(e));
    expect(first!.summary).toBe('Regatta, with tea; and cake');
    expect(first!.startDate.toJSDate().toISOString()).toBe('2026-06-14T18:30:00.000Z');
    expect(first!.endDate.toJSDate().toISOString()).toBe('2026-06-14T20:00:00.000Z');
    expect(second!.startDate.toString()).toBe('2026-08-01');
    expect(second!.endDate.toString()).toBe('2026-08-03');
  });

  it('has its items found at the addresses they had before their page got another', () => {
    const moved = [
      { op: 'setPage' as const, page: 'about', label: 'News', slug: 'journal' },
      { op: 'setRedirect' as const, from: `/${slug}`, to: 'page:about' },
    ].reduce((d, o) => apply(d, o).document, document);
    expect(redirectOf(moved, `/${slug}/b/`)).toBe('/journal/b/');
    expect(redirectOf(moved, `/${slug}/nothing/`)).toBeNull();
    expect(redirectOf(moved, `/${slug}/`)).toBe('/journal/');
  });

  it('has an item found at the addresses it had itself, and whoever has one of them now before it', () => {
    const item = (id: string) => (d: SiteDocument) => d.collections![0]!.items.find((i) => i.id === id)!;
    const named = (d: SiteDocument, id: string, name: string, live = true) =>
      apply(d, { op: 'setEntry', collection: 'news', item: id, ...readdressedItem(item(id)(d), name, live) }).document;
    const twice = named(named(document, 'b', 'second'), 'b', 'third');
    expect(item('b')(twice).was).toEqual(['second', 'b']);
    expect(['b', 'second', 'third'].map((s) => redirectOf(twice, `/${slug}/${s}/`))).toEqual([
      `/${slug}/third/`,
      `/${slug}/third/`,
      null,
    ]);
    expect(item('b')(named(twice, 'b', 'b')).was).toEqual(['third', 'second']);
    expect(redirectOf(named(twice, 'a', 'second'), `/${slug}/a`)).toBe(`/${slug}/second/`);
    expect(redirectOf(named(twice, 'a', 'second'), `/${slug}/second`)).toBeNull();
    // Nobody was told of the address of what is not up.
    expect(item('b')(named(document, 'b', 'other', false)).was).toBeUndefined();
  });

  it('gives nobody an item that has no name, and one set of feeds to a page', () => {
    const two = siteWith(
      of('news', [news('a', '2026-01-01T09:00Z', { title: said(' ') }), news('b', '2026-01-02T09:00Z')]),
    );
    const both = apply(two, {
      op: 'insertCollection',
      collection: { ...of('news', []), id: 'more' },
      at: 1,
    }).document;
    const drawn = render(both, { origin: ORIGIN, at: '2026-06-01T08:00Z' }).map((f) => f.path);
    expect(drawn).not.toContain(`/${slug}/a/index.html`);
    expect(drawn).toContain(`/${slug}/b/index.html`);
    expect(drawn.length).toBe(new Set(drawn).size);
  });

  it('names of an item that refers to another what that is called', () => {
    const people: Collection = { ...of('events', [event('p1', '2026-07-01')]), id: 'crew', kind: 'people' };
    const told = of('news', [news('a', '2026-01-01T09:00Z', { values: { who: 'p1' } })]);
    const site = siteWith({ ...told, fields: [{ id: 'who', label: 'With', type: 'reference', of: 'crew' }] });
    const linked = apply(site, { op: 'insertCollection', collection: people, at: 1 }).document;
    expect(filesOf(linked, '2026-06-01T08:00Z').get(`/${slug}/a/index.html`)).toContain('With: Event p1');
  });

  it('is the same document where it has no collection', () => {
    const plain = siteFrom(demoFacts, 4);
    expect(expand(plain, '2026-06-01T08:00Z').document).toBe(plain);
  });

  it('keeps what stands out in a text that falls into paragraphs', () => {
    const whole = {
      value: 'One two.\n\nThree four.\nFive.',
      from: { kind: 'client' as const },
      marks: [{ kind: 'strong' as const, from: 4, to: 15 }],
    };
    expect(paragraphsOf(whole)).toEqual([
      { value: 'One two.', from: { kind: 'client' }, marks: [{ kind: 'strong', from: 4, to: 8 }] },
      { value: 'Three four.\nFive.', from: { kind: 'client' }, marks: [{ kind: 'strong', from: 0, to: 5 }] },
    ]);
  });
});
