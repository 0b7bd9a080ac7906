import { monkeyOn, sitesForMonkey } from '../../fixtures/monkey.js';
import { demoFacts } from '../../fixtures/facts.js';
import { siteFrom } from '../../fixtures/measure-copy.js';
import type { SiteDocument } from '../../model/site.js';
import { apply } from '../../operations/apply.js';
import { validateDocument } from '../../operations/validate.js';
import { takeSlip, withSlip } from '../ask/ask.js';
import { rewriteVersion } from '../plan/plan.js';
import { changesTo } from './changes-to.js';

/** A site for comparing: the order of its pictures says nothing. */
const plain = (d: SiteDocument) => ({ ...d, media: [...d.media].sort((a, b) => (a.id < b.id ? -1 : 1)) });
const site = siteFrom(demoFacts, 1);

describe('the way from one point of a site to another', () => {
  for (const [n, start] of sitesForMonkey().slice(0, 8).entries())
    it(`is changes that give it exactly, after sixty edits nobody would make (${n})`, () => {
      const { document } = monkeyOn(start, n + 51, 60);
      for (const [from, to] of [
        [document, start],
        [start, document],
      ] as const) {
        const changes = changesTo(from, to);
        expect(plain(withSlip(from, changes, true))).toEqual(plain(to));
        const taken = takeSlip(from, changes, true)!;
        expect(plain(apply(from, taken).document)).toEqual(plain(to));
        // Any of them alone leaves a site that is valid.
        for (const change of changes.filter((_, k) => k % 5 === 0))
          expect(validateDocument(withSlip(from, [change], true)))
            .withContext(change.words)
            .toEqual([]);
      }
    });

  it('is nothing where nothing differs, whatever the order of the properties', () => {
    expect(changesTo(site, site)).toEqual([]);
    const turned = JSON.parse(JSON.stringify(site), (_, v: unknown) =>
      typeof v === 'object' && v !== null && !Array.isArray(v) ? Object.fromEntries(Object.entries(v).reverse()) : v,
    ) as SiteDocument;
    expect(changesTo(site, turned)).toEqual([]);
  });

  it('has one change a section, with its words before and after', () => {
    const at = { section: 's3', path: 'heading' };
    const other = apply(site, {
      op: 'setText',
      at,
      text: { value: 'Other words', from: { kind: 'designer' } },
    }).document;
    const [only, ...more] = changesTo(other, site);
    expect(more).toEqual([]);
    expect(only).toEqual(jasmine.objectContaining({ words: 'Story on Home', at: { page: 'home', section: 's3' } }));
    expect(only!.before).toContain('Other words');
    expect(only!.after).not.toContain('Other words');
  });

  it('is one change of the whole where the site was written anew between them', () => {
    const anew = apply(site, rewriteVersion(site, 12)).document;
    expect(changesTo(anew, site).map((c) => c.operation.op)).toContain('putVersion');
    expect(withSlip(anew, changesTo(anew, site), true)).toEqual(site);
  });
});
