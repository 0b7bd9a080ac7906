import { demoFacts } from '../../fixtures/facts.js';
import { newDocument } from '../../making/generate/site.js';
import { writeVersion } from '../../making/generate/write.js';
import { apply } from '../../operations/apply.js';
import { layOut } from './lay-out.js';
import { render, renderPage, renderWindow } from './render.js';

const facts = { ...demoFacts, name: 'Hollis <script>alert(1)</script> & “Wren”' };
const site = apply(newDocument('x', facts), writeVersion(facts, 2)).document;
const files = render(site, { origin: 'https://hollis.example' });
const text = (path: string) => {
  const file = files.find((f) => f.path === path);
  return file && 'text' in file ? file.text : '';
};

describe('the renderer', () => {
  it('gives the same bytes for the same document', () => {
    expect(JSON.stringify(render(site, { origin: 'https://hollis.example' }))).toBe(JSON.stringify(files));
  });

  it('lays out markup in work that grows with its length and no faster', () => {
    const page = text('/index.html');
    const body = page.slice(page.indexOf('<main'), page.indexOf('</main>')).replace(/\n\s*/g, '');
    const replace = String.prototype.replace;
    const work = (times: number) => {
      let characters = 0;
      spyOn(String.prototype, 'replace').and.callFake(function (this: string, ...rest: unknown[]) {
        characters += this.length;
        return replace.apply(this, rest as never);
      });
      const out = layOut(body.repeat(times));
      (String.prototype.replace as unknown as jasmine.Spy).and.callThrough();
      String.prototype.replace = replace;
      return { characters, length: out.length };
    };
    const [one, eight] = [work(1), work(8)];
    expect(eight.length).toBeGreaterThan(7 * one.length);
    expect(eight.characters).toBeLessThan(10 * one.characters);
  });

  it('links the stylesheet a release was made with, where another version would make another', () => {
    const html = renderPage(site, 'contact', { origin: 'https://hollis.example', stylesheet: '/site-0ld.css' })!;
    expect(html.match(/<link rel="stylesheet" href="[^"]*">/g)).toEqual([
      '<link rel="stylesheet" href="/site-0ld.css">',
    ]);
  });

  it('escapes what people typed, in text, attributes and structured data', () => {
    const home = text('/index.html');
    expect(home).not.toContain('<script>alert');
    expect(home).toContain('Hollis &lt;script>alert(1)');
    const data = /<script type="application\/ld\+json">(.*?)<\/script>/s.exec(home)![1]!;
    expect((JSON.parse(data) as { name: string }).name).toBe(facts.name);
  });

  it('links only to pages and files that are there', () => {
    const paths = new Set(files.map((f) => f.path));
    for (const file of files)
      if ('text' in file && file.path.endsWith('.html'))
        for (const [, href] of file.text.matchAll(/(?:href|src)="(\/[^"#]*)"/g))
          expect(paths.has(href!.endsWith('/') ? `${href}index.html` : href!))
            .withContext(href!)
            .toBeTrue();
    for (const [, url] of text(files.find((f) => f.path.endsWith('.css'))!.path).matchAll(/url\('([^']+)'\)/g))
      expect(paths.has(url!)).withContext(url!).toBeTrue();
  });

  it('has canonical addresses, one first heading a page, and every page in the sitemap', () => {
    for (const page of site.pages) {
      const html = text(`/${page.slug ? `${page.slug}/` : ''}index.html`);
      expect(html.match(/<h1/g)?.length).withContext(page.id).toBe(1);
      expect(html).toContain(
        `<link rel="canonical" href="https://hollis.example/${page.slug ? `${page.slug}/` : ''}">`,
      );
      expect(text('/sitemap.xml')).toContain(`<loc>https://hollis.example/${page.slug ? `${page.slug}/` : ''}</loc>`);
    }
  });

  it('keeps what a visitor wrote, and says what is wrong with it, when a form is refused', () => {
    const html = renderPage(site, 'contact', {
      origin: 'https://hollis.example',
      formState: {
        form: 'contact',
        state: 'refused',
        values: { message: 'A “boat” <b>' },
        errors: { mail: 'Mail is missing.' },
      },
    })!;
    expect(html).toContain('A “boat” &lt;b>');
    expect(html).toContain('aria-invalid="true"');
    expect(html).toContain('noindex');
  });

  it('marks every text for the window and for nobody else', () => {
    expect(renderWindow(site, 'home', '')!.html).toContain('data-part="s1/heading"');
    expect(files.some((f) => 'text' in f && f.text.includes('data-part'))).toBeFalse();
  });

  it('lays markup out without changing what is read', () => {
    const html =
      '<main><p>One <a href="/">two</a>, three.</p><ul><li><h3>Four</h3></li></ul><textarea>\n a </textarea></main>';
    const laid = layOut(html);
    expect(laid).toContain('<p>One <a href="/">two</a>, three.</p>');
    expect(laid).toContain('<textarea>\n a </textarea>');
    expect(laid.split('\n').length).toBeGreaterThan(5);
  });
});
