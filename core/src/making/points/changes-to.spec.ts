import { monkeyOn, sitesForMonkey } from '../../fixtures/monkey.js';
import { demoFacts } from '../../fixtures/facts.js';
import { siteFrom } from '../../fixtures/measure-copy.js';
import type { CollectionItem, SiteDocument } from '../../model/site.js';
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

  describe('where a collection differs', () => {
    const item = (id: string, title: string, slug = id, body = ''): CollectionItem => ({
      id,
      title: { value: title, from: { kind: 'designer' } },
      slug,
      state: 'up',
      made: '2026-05-04T08:00Z',
      values: body ? { body: { value: body, from: { kind: 'designer' } } } : {},
    });
    const grown = (items: CollectionItem[]) =>
      apply(site, {
        op: 'insertCollection',
        collection: { id: 'c1', kind: 'news', name: 'From the yard', fields: [], items },
        at: 0,
      }).document;
    const titles = (d: SiteDocument) => d.collections![0]!.items.map((i) => i.title.value);
    const then = grown([
      item('a', 'The slip is mended', 'slip', 'Whole again.'),
      item('b', 'Two boats'),
      item('c', 'Tar'),
      item('d', 'Oars'),
    ]);
    // One went, one came, two took each other’s address, one was written anew, and the order is another.
    const now = grown([
      item('d', 'Oars', 'c'),
      item('e', 'Nails'),
      item('a', 'The slip is mended', 'slip', 'Broken.'),
      item('c', 'Tar', 'd'),
    ]);
    const changes = changesTo(now, then);

    it('is one change an item, with what it said and says', () => {
      expect(changes.map((c) => c.words)).toEqual([
        'From the yard: Nails goes',
        'From the yard: 2 items at other addresses',
        'From the yard: The slip is mended',
        'From the yard: Two boats comes back',
        'The order of From the yard',
      ]);
      expect([changes[2]!.before, changes[2]!.after]).toEqual([
        'The slip is mended\nBroken.',
        'The slip is mended\nWhole again.',
      ]);
    });
    it('gives it exactly where all of them are taken, and each alone touches no other item', () => {
      expect(withSlip(now, changes, true)).toEqual(then);
      expect(apply(now, takeSlip(now, changes, true)!).document).toEqual(then);
      expect(titles(withSlip(now, [changes[3]!], true))).toEqual([
        'Oars',
        'Two boats',
        'Nails',
        'The slip is mended',
        'Tar',
      ]);
      for (const change of changes) expect(validateDocument(withSlip(now, [change], true))).toEqual([]);
    });
    it('is told as one where there are more items than anybody ticks, and gives it all the same', () => {
      const many = (n: number, more = '') => Array.from({ length: n }, (_, k) => item(`i${k}`, `Item ${k}${more}`));
      const [was, is] = [grown(many(700)), grown(many(650, ' again').reverse())];
      const all = changesTo(is, was);
      expect(all.length).toBeLessThan(6);
      expect(all.every((c) => c.operation.op !== 'batch' || c.operation.operations.length <= 500)).toBeTrue();
      expect(withSlip(is, all, true)).toEqual(was);
    });
  });

  it('is one change of the whole where the site was written anew between them', () => {
    const anew = apply(site, rewriteVersion(site, 12)).document;
    expect(changesTo(anew, site).map((c) => c.operation.op)).toContain('putVersion');
    expect(withSlip(anew, changesTo(anew, site), true)).toEqual(site);
  });
});
