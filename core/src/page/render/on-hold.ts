import { languages } from '../../language/registry.gen.js';
import type { Page, SiteDocument, Text } from '../../model/site.js';
import { asPublished } from '../../model/page.js';
import { complete } from '../../look/shapes/complete.js';

const text = (value: string): Text => ({ value, from: { kind: 'designer' } });

/** What visitors get of a page that is on hold: its name, and what is said in its stead. */
function inItsStead(page: Page, words: string): Page {
  const id = `hold-${page.id}`.slice(0, 64);
  const content = complete('opening', { heading: text(page.label), lead: text(words) }, id);
  return {
    ...page,
    seo: { title: page.seo.title, description: null },
    sections: [{ id, shape: 'opening/heading', reason: '', content }],
  };
}

/** A site as it is given out: without sections that wait, and with a word in the stead of pages that are on hold. */
export function published(site: SiteDocument): SiteDocument {
  const document = asPublished(site);
  if (!document.pages.some((p) => p.hold !== undefined)) return document;
  const { workedOn } = languages[document.language].words;
  return {
    ...document,
    pages: document.pages.map((p) => (p.hold === undefined ? p : inItsStead(p, p.hold.trim() || workedOn))),
  };
}
