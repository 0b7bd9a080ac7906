import { checklist } from '../../care/checklist.js';
import { demoFacts } from '../../fixtures/facts.js';
import { newDocument } from '../../making/generate/site.js';
import { writeVersion } from '../../making/generate/write.js';
import { textsOf } from '../../making/generate/site.js';
import { languages } from '../../language/registry.gen.js';
import type { SiteDocument } from '../../model/site.js';
import { apply } from '../../operations/apply.js';
import { validateDocument } from '../../operations/validate.js';
import { contentFiles } from '../release/content.js';
import { newProofs, render, renderPage, renderWindow, targetOf } from './render.js';

const site = apply(newDocument('x', demoFacts), writeVersion(demoFacts, 1)).document;
const origin = 'https://hollis.example';
const file = (document: SiteDocument, path: string) =>
  (render(document, { origin }).find((f) => f.path === path) as { text: string }).text;
const page = site.pages.find((p) => p.slug && p.id !== 'contact')!;
const path = `/${page.slug}/index.html`;
const hold = (hold: string | null, document = site) => apply(document, { op: 'setHold', page: page.id, hold });
const said = textsOf(page.sections.at(-1)!).find((t) => t.text.value.length > 8)!.text.value;

describe('a page on hold', () => {
  const held = hold('Back when the mast shed has a roof again.').document;

  it('says so in its stead, and nothing of what it holds is given out', () => {
    expect(validateDocument(held)).toEqual([]);
    expect(checklist(held).find((c) => c.id === 'hold')!.detail).toContain(page.label);
    expect(checklist(site).some((c) => c.id === 'hold')).toBeFalse();
    const html = file(held, path);
    expect(html).toContain(`<h1>${page.label}</h1>`);
    expect(html).toContain('Back when the mast shed has a roof again.');
    expect(file(site, path)).toContain(said);
    for (const { text } of render(held, { origin }).flatMap((f) => ('text' in f && f.path === path ? [f] : [])))
      expect(text).not.toContain(said);
    const words = contentFiles(held).find((f) => f.path === `${page.slug}.md`)!.text;
    expect(words).not.toContain(said);
    // It stands where it stood: in the menu, and with a link that is good.
    expect(file(held, '/index.html')).toContain(`href="/${page.slug}/"`);
    expect(targetOf(held, `page:${page.id}#${page.sections.at(-1)!.id}`)).toBe(`/${page.slug}/`);
  });

  it('is not to be found by search engines, and others are', () => {
    expect(file(held, path)).toContain('<meta name="robots" content="noindex"');
    expect(renderPage(held, page.id, { origin })).toContain('noindex');
    expect(file(held, '/sitemap.xml')).not.toContain(`/${page.slug}/`);
    expect(file(site, '/sitemap.xml')).toContain(`/${page.slug}/`);
    expect(file(held, '/index.html')).not.toContain('noindex');
  });

  it('speaks the language of its site where nobody says anything, and is there again to the byte', () => {
    for (const language of ['en-GB', 'de', 'es', 'fr'] as const)
      expect(file({ ...hold('').document, language }, path)).toContain(languages[language].words.workedOn);
    expect(JSON.stringify(hold(null, held).document)).toBe(JSON.stringify(site));
    const { document, inverse } = hold('');
    expect(JSON.stringify(apply(document, inverse).document)).toBe(JSON.stringify(site));
  });

  it('is worked on in the window as it is, and pages that lead to it are drawn anew', () => {
    expect(renderWindow(held, page.id, '')!.html).toContain(said.slice(0, 8));
    const proofs = newProofs();
    render(site, { origin, proofs });
    const again = render(held, { origin, proofs }).map((f) => ('text' in f ? f.text : ''));
    expect(again).toEqual(render(held, { origin }).map((f) => ('text' in f ? f.text : '')));
  });
});
