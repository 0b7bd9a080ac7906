import { demoFacts } from '../../fixtures/facts.js';
import { siteFrom } from '../../fixtures/measure-copy.js';
import { apply } from '../../operations/apply.js';
import { validateDocument } from '../../operations/validate.js';
import { redirectOf } from '../../page/index.js';
import { pageAt, readdress, readPath } from './addresses.js';

describe('the address of a page', () => {
  const site = siteFrom(demoFacts, 1);
  const about = site.pages.find((p) => p.id === 'about')!;
  const after = (slug: string, live: boolean, from = site) =>
    apply(from, readdress(from, 'about', slug, live)!).document;

  it('is another one, and where visitors know the old one it leads there', () => {
    const built = after('The Yard', false);
    expect(pageAt(built, '/the-yard')?.id).toBe('about');
    expect(built.redirects).toBeUndefined();
    const live = after('The Yard', true);
    expect(live.redirects).toEqual([{ from: `/${about.slug}`, to: 'page:about' }]);
    expect(validateDocument(live)).toEqual([]);
    expect(redirectOf(live, `/${about.slug}`)).toBe('/the-yard/');
    expect(redirectOf(live, `/${about.slug}/`)).toBe('/the-yard/');
    expect(redirectOf(live, '/the-yard/')).toBeNull();
  });

  it('leads to the page at once however often it was changed, and never to itself', () => {
    const twice = after('yard', true, after('the-yard', true));
    expect(['/the-yard', `/${about.slug}`].map((p) => redirectOf(twice, p))).toEqual(['/yard/', '/yard/']);
    const back = after(about.slug, true, twice);
    expect(back.redirects!.map((r) => r.from)).toEqual(['/the-yard', '/yard']);
    expect(redirectOf(back, `/${about.slug}/`)).toBeNull();
  });

  it('is refused where another page has it, and for the home page', () => {
    expect(readdress(site, 'about', 'services', true)).toBeNull();
    expect(readdress(site, site.pages[0]!.id, 'start', true)).toBeNull();
  });

  it('leads nowhere where what it led to is gone, and elsewhere on the web where it was told so', () => {
    const led = apply(site, { op: 'setRedirect', from: '/old', to: 'page:about' }).document;
    expect(redirectOf(apply(led, { op: 'removePage', page: 'about' }).document, '/old')).toBeNull();
    const away = apply(site, { op: 'setRedirect', from: '/shop', to: 'https://shop.example/' }).document;
    expect(redirectOf(away, '/shop/')).toBe('https://shop.example/');
    expect(apply(away, { op: 'setRedirect', from: '/shop', to: null }).document).toEqual(site);
  });

  it('is read as it is typed or pasted', () => {
    expect(['old', '/old/', 'https://gant.example/a/b.html?x=1#y', '/caf%C3%A9'].map(readPath)).toEqual([
      '/old',
      '/old',
      '/a/b.html',
      '/café',
    ]);
    expect(['', '/', 'https://gant.example/', 'a b', '/../etc', '/-/forms/x', '//a', '/%zz'].map(readPath)).toEqual([
      null,
      null,
      null,
      null,
      null,
      null,
      '/a',
      null,
    ]);
  });
});
