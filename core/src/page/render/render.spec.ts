import { demoFacts } from '../../fixtures/facts.js';
import { newDocument } from '../../making/generate/site.js';
import { writeVersion } from '../../making/generate/write.js';
import { apply } from '../../operations/apply.js';
import { validateDocument } from '../../operations/validate.js';
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

  it('sets off what stands out in a text, leads where it says, and to nowhere that is gone', () => {
    const at = { section: site.pages[0]!.sections[0]!.id, path: 'lead' };
    const value = 'We mend boats, by hand.\nAsk.';
    const say = (target: string) => {
      const text = {
        value,
        from: { kind: 'designer' as const },
        marks: [
          { kind: 'link' as const, from: 3, to: 13, target },
          { kind: 'strong' as const, from: 8, to: 17 },
          { kind: 'stress' as const, from: 24, to: 27 },
        ],
      };
      const { document } = apply(site, { op: 'setText', at, text });
      expect(validateDocument(document)).toEqual([]);
      return renderPage(document, 'home', { origin: 'https://hollis.example' })!;
    };
    expect(say('page:contact')).toContain(
      'We <a href="/contact/">mend <strong>boats</strong></a><strong>, by</strong> hand.<br><em>Ask</em>.',
    );
    const [, other] = site.pages[0]!.sections;
    expect(say(`page:home#${other!.id}`)).toContain(`<a href="/#${other!.shape.split('/')[0]}">mend`);
    expect(say('page:gone')).toContain('We mend <strong>boats</strong><strong>, by</strong> hand.');
    expect(say('page:home#gone')).not.toContain('#gone');
  });

  it('keeps what stands out in a list, and in the running words before it', () => {
    const story = site.pages
      .flatMap((p) => p.sections.map((s) => ({ p, s })))
      .find(({ s }) => s.shape.startsWith('story/'))!;
    const [first] = story.s.content['paragraphs'] as { id: string }[];
    const text = {
      value: 'Three of us.\n• Planks\n• Old ribs\nAnd more.',
      from: { kind: 'designer' as const },
      marks: [
        { kind: 'strong' as const, from: 0, to: 5 },
        { kind: 'stress' as const, from: 24, to: 27 },
      ],
    };
    const at = { section: story.s.id, path: `paragraphs.${first!.id}` };
    const { document } = apply(site, { op: 'setText', at, text });
    const html = renderPage(document, story.p.id, { origin: 'https://hollis.example' })!.replace(/\n\s*/g, '');
    expect(html).toContain(
      '<p><strong>Three</strong> of us.</p><ul class="points"><li>Planks</li><li><em>Old</em> ribs</li></ul><p>And more.</p>',
    );
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

  it('names in its menus the pages there are, and not the one for what is not there', () => {
    for (const file of files)
      if (file.path.endsWith('index.html') && 'text' in file)
        expect(file.text).withContext(file.path).not.toContain('Not found');
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
