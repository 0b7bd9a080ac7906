import fc from 'fast-check';
import { demoFacts } from '../../fixtures/facts.js';
import { allTexts, newDocument, toConfirm } from '../generate/site.js';
import { writeVersion } from '../generate/write.js';
import { validateDocument } from '../../operations/validate.js';
import type { SiteDocument } from '../../model/site.js';
import { apply } from '../../operations/apply.js';
import type { Operation } from '../../operations/operation.js';
import { render } from '../../page/render/render.js';
import {
  addSection,
  kindOf,
  offersFor,
  ownPage,
  pageOffers,
  renamePage,
  rewriteVersion,
  takeOutPage,
  takeOutSection,
} from './plan.js';

const start = apply(newDocument('x', demoFacts), writeVersion(demoFacts, 2)).document;
const put = (document: SiteDocument, ...operations: Operation[]) =>
  operations.reduce((now, o) => apply(now, o).document, document);
const page = (document: SiteDocument, id: string) => document.pages.find((p) => p.id === id)!;
const kinds = (document: SiteDocument, id: string) => page(document, id).sections.map((s) => kindOf(s.shape));
const again = (document: SiteDocument, seed: number) => put(document, rewriteVersion(document, seed));

describe('editing the plan', () => {
  it('puts any offered shape anywhere, and what it has no words for is a placeholder that keeps the site from opening', () => {
    for (const offer of offersFor(start, page(start, 'about'))) {
      const made = put(start, addSection(start, 'about', offer.shape, 1));
      expect(validateDocument(made)).withContext(offer.shape).toEqual([]);
      expect(page(made, 'about').sections[1]!.shape).toBe(offer.shape);
      expect(render(made, { origin: 'https://x.example' }).length).toBeGreaterThan(5);
    }
    const bare = apply(
      newDocument('y', { ...demoFacts, trade: 'thimble maker', services: [] }),
      writeVersion({ ...demoFacts, trade: 'thimble maker', services: [] }, 1),
    ).document;
    const table = put(bare, addSection(bare, 'home', 'table/ruled', 1));
    expect(
      toConfirm(table).filter((t) => t.section.shape === 'table/ruled' && t.text.from.kind === 'placeholder').length,
    ).toBeGreaterThan(2);
    // How it goes is known for every family of trades: claims, each to confirm.
    const steps = put(bare, addSection(bare, 'home', 'steps/numbered', 1));
    const claims = toConfirm(steps).filter((t) => t.section.shape === 'steps/numbered');
    expect(claims.length).toBeGreaterThan(4);
    expect(claims.every((t) => t.text.from.kind === 'pack')).toBeTrue();
  });

  it('offers the pages law and trade expect, with the facts filled in and every claim to confirm', () => {
    const offers = pageOffers(start);
    expect(offers.map((o) => o.label)).toEqual(['Privacy', 'Accessibility', 'Imprint']);
    const made = put(
      start,
      ...offers.map((o): Operation => ({ op: 'insertPage', page: o.page, at: start.pages.length })),
    );
    expect(validateDocument(made)).toEqual([]);
    expect(pageOffers(made)).toEqual([]);
    const words = allTexts(made)
      .filter((t) => t.page?.id === 'privacy')
      .map((t) => t.text.value)
      .join(' ');
    expect(words).toContain(demoFacts.mail);
    expect(toConfirm(made).some((t) => t.page?.id === 'privacy')).toBeTrue();
    const home = render(made, { origin: 'https://x.example' }).find((f) => f.path === '/index.html') as {
      text: string;
    };
    expect(home.text.match(/href="\/privacy\/"/g)?.length)
      .withContext('in the footer, not in the menu')
      .toBe(1);
  });

  it('renames a page with its address, unless that is taken or to be kept', () => {
    expect(page(put(start, renamePage(start, 'about', 'Über uns & alle', false)), 'about').slug).toBe('uber-uns-alle');
    expect(page(put(start, renamePage(start, 'about', 'Services', false)), 'about').slug).toBe('about');
    expect(page(put(start, renamePage(start, 'about', 'Us', true)), 'about').slug).toBe('about');
    expect(page(put(start, renamePage(start, 'home', 'Start', false)), 'home').slug).toBe('');
  });

  it('leaves the home page where it is', () => {
    for (const o of [
      { op: 'removePage', page: 'home' },
      { op: 'movePage', page: 'home', to: 2 },
      { op: 'movePage', page: 'about', to: 0 },
      { op: 'setPage', page: 'about', label: 'x', slug: '' },
    ] as Operation[])
      expect(() => apply(start, o)).toThrow();
  });
});

describe('a first version', () => {
  it('leaves out exactly what was taken out of its plan beforehand', () => {
    const blank = newDocument('x', demoFacts);
    const whole = put(blank, rewriteVersion(blank, 2));
    const asked = { ...blank, without: ['about', 'home/story', 'services/call'] };
    const made = put(asked, rewriteVersion(asked, 2));
    expect(made.pages.map((p) => p.id)).toEqual(whole.pages.map((p) => p.id).filter((id) => id !== 'about'));
    expect(kinds(made, 'home')).toEqual(kinds(whole, 'home').filter((k) => k !== 'story'));
    expect(kinds(made, 'services')).not.toContain('call');
    // And they stay out of the next one.
    const next = again(made, 3);
    expect(next.pages.some((p) => p.id === 'about')).toBeFalse();
    expect(kinds(next, 'home')).not.toContain('story');
  });
});

describe('another version', () => {
  it('keeps every word somebody wrote or vouched for', () => {
    const text = (value: string, kind: 'designer' | 'client') => ({ value, from: { kind } });
    const opening = page(start, 'home').sections[0]!.id;
    const worked = put(
      start,
      { op: 'setText', at: { section: opening, path: 'heading' }, text: text('A heading of ours', 'designer') },
      { op: 'setText', at: { section: 'footer', path: 'note' }, text: text('Dogs welcome', 'client') },
      { op: 'setSeo', page: 'about', field: 'title', text: text('Who we are', 'designer') },
    );
    fc.assert(
      fc.property(fc.nat(500), (seed) => {
        const next = again(worked, seed);
        expect(validateDocument(next)).toEqual([]);
        const all = allTexts(next).map((t) => t.text.value);
        expect(all).toContain('A heading of ours');
        expect(all).toContain('Dogs welcome');
        expect(page(next, 'about').seo.title?.value).toBe('Who we are');
      }),
      { numRuns: 40 },
    );
  });

  it('keeps what was put in, taken out, moved and renamed', () => {
    const own = ownPage(start, 'Our boats') as Extract<Operation, { op: 'insertPage' }>;
    const visit = page(start, 'home').sections.find((s) => kindOf(s.shape) === 'visit')!;
    const changes: ((now: SiteDocument) => Operation)[] = [
      () => own,
      (now) => takeOutPage(now, 'about'),
      (now) => takeOutSection(now, visit.id),
      (now) => addSection(now, 'contact', 'story/aside', 1),
      () => ({ op: 'movePage', page: 'contact', to: 1 }),
      (now) => renamePage(now, 'services', 'Work', false),
    ];
    const worked = changes.reduce((now, change) => put(now, change(now)), start);
    for (let seed = 0; seed < 30; seed++) {
      const next = again(worked, seed);
      expect(validateDocument(next)).toEqual([]);
      expect(next.pages.map((p) => p.id)).toEqual(['home', 'contact', 'services', own.page.id]);
      expect(page(next, 'services').label).toBe('Work');
      expect(kinds(next, 'contact')[1]).toBe('story');
      expect(kinds(next, 'home')).not.toContain('visit');
    }
  });

  it('is really another one where nothing was touched', () => {
    expect(again(start, 7).pages).toEqual(
      writeVersion(demoFacts, 7).pages.map((p) => jasmine.objectContaining({ id: p.id })) as never,
    );
    expect(JSON.stringify(again(start, 7).pages)).not.toBe(JSON.stringify(start.pages));
  });
});
