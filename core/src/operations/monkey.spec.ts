import { monkeyOn, sitesForMonkey } from '../fixtures/monkey.js';
import { pageChecks } from '../making/checks.js';
import { render } from '../page/render/render.js';
import { expand } from '../collections/expand.js';
import { apply } from './apply.js';
import { validateDocument } from './validate.js';

const EDITS = 100;

describe('a hundred edits nobody would make', () => {
  const sites = sitesForMonkey();
  it('are done on twenty sites', () => expect(sites.length).toBe(20));
  for (const [n, site] of sites.entries())
    it(`leave the site of ${site.facts.name || `brief ${n}`} valid and drawn, and are each taken back to the byte`, () => {
      const { document, steps, refused } = monkeyOn(site, n + 1, EDITS);
      expect(steps.length).withContext(`${refused} refused`).toBe(EDITS);
      expect(validateDocument(document)).toEqual([]);
      const pages = render(document, { origin: 'https://monkey.example' }).filter((f) => f.path.endsWith('index.html'));
      // Those of the site, and those of items of its collections.
      expect(pages.length).toBe(expand(document).document.pages.length);
      const addresses = new Set(pages.map((p) => p.path.replace(/index\.html$/, '')));
      for (const page of pages) {
        const html = 'text' in page ? page.text : '';
        expect(html.match(/<h1[\s>]/g)?.length ?? 0)
          .withContext(page.path)
          .toBeLessThanOrEqual(1);
        // Nothing leads nowhere.
        for (const [, href] of html.matchAll(/href="(\/[^"#]*)(?:#[^"]*)?"/g))
          if (/\/$/.test(href!)) expect(addresses).withContext(`${page.path} leads to ${href}`).toContain(href!);
      }
      expect(() => pageChecks(document)).not.toThrow();
      let back = document;
      for (const { inverse } of [...steps].reverse()) back = apply(back, inverse).document;
      expect(JSON.stringify(back)).toBe(JSON.stringify(site));
    });
});
