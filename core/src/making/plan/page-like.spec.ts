import { briefFixtures } from '../../fixtures/briefs.js';
import { demoFacts } from '../../fixtures/facts.js';
import { factsOf, siteFrom } from '../../fixtures/measure-copy.js';
import { everySection } from '../../model/page.js';
import { needsConfirming, type Page, type SiteDocument } from '../../model/site.js';
import { apply } from '../../operations/apply.js';
import { validateDocument } from '../../operations/validate.js';
import { renderPage } from '../../page/index.js';
import { textsOf } from '../generate/site.js';
import { pageLike } from './page-like.js';

const yard = { ...siteFrom(demoFacts, 1), id: 'yard' };
const house = { ...siteFrom(factsOf(briefFixtures[6]!.text, ''), 2), id: 'house' };
const wordsOf = (page: Page) =>
  page.sections.flatMap((s) =>
    textsOf(s).flatMap((t) => (t.text.value && !t.path.endsWith('.alt') ? [t.text.value] : [])),
  );
const laid = (from: SiteDocument, id: string, words = true) => {
  const like = pageLike(house, from, id, words)!;
  const { document, inverse } = apply(house, like.operation);
  return { document, inverse, page: document.pages.find((p) => p.id === like.page)! };
};

describe('a page like another', () => {
  it('of the same site has its words as they are, under another name and address, and nothing of it is the same thing', () => {
    for (const page of house.pages) {
      const like = pageLike(house, house, page.id, true);
      if (!like) continue;
      const { document, page: made, inverse } = laid(house, page.id);
      expect(validateDocument(document)).toEqual([]);
      expect(made.label).not.toBe(page.label);
      expect(new Set(document.pages.map((p) => p.slug)).size).toBe(document.pages.length);
      expect(wordsOf(made)).toEqual(
        wordsOf({ ...page, sections: page.sections.filter((s) => !/^contact/.test(s.shape)) }),
      );
      const ids = everySection(document).map((s) => s.id);
      expect(new Set(ids).size).toBe(ids.length);
      expect(renderPage(document, made.id, { origin: 'https://s.example' })).toContain('<h1');
      expect(JSON.stringify(apply(document, inverse).document)).toBe(JSON.stringify(house));
    }
  });

  it('of another site brings its words to confirm and its drawn pictures, or the words of this one', () => {
    for (const { id } of yard.pages) {
      if (!pageLike(house, yard, id, true)) continue;
      const { document, page, inverse } = laid(yard, id);
      expect(validateDocument(document)).toEqual([]);
      const known = new Set(document.media.map((m) => m.id));
      for (const [, media] of JSON.stringify(page).matchAll(/"media":"([^"]+)"/g)) expect(known).toContain(media!);
      for (const { text } of page.sections.flatMap((s) => textsOf(s)))
        if (text.value && !(text.from.kind === 'pack' && !text.from.claim)) expect(needsConfirming(text)).toBeTrue();
      expect(JSON.stringify(apply(document, inverse).document)).toBe(JSON.stringify(house));
    }
    const services = yard.pages.find((p) => p.id === 'services')!;
    const theirs = new Set(wordsOf(services).filter((w) => w.split(' ').length > 4));
    expect(wordsOf(laid(yard, 'services', false).page).filter((w) => theirs.has(w))).toEqual([]);
    expect(wordsOf(laid(yard, 'services', true).page).filter((w) => theirs.has(w)).length).toBe(theirs.size);
  });

  it('leaves its own header with the page that has it, and is nothing where there is none', () => {
    const own = apply(house, {
      op: 'setFrame',
      page: 'services',
      part: 'header',
      section: { ...house.header!, id: 'own-header' },
    }).document;
    const like = pageLike(own, own, 'services', true)!;
    const made = apply(own, like.operation).document.pages.find((p) => p.id === like.page)!;
    expect(made.header).toBeUndefined();
    expect(pageLike(house, yard, 'nowhere', true)).toBeNull();
  });
});
