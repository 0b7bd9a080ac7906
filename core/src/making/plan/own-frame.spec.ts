import { demoFacts } from '../../fixtures/facts.js';
import { siteFrom } from '../../fixtures/measure-copy.js';
import { headerOf } from '../../model/page.js';
import type { SiteDocument } from '../../model/site.js';
import { apply } from '../../operations/apply.js';
import { OperationError } from '../../operations/definition.js';
import { validateDocument } from '../../operations/validate.js';
import { newProofs, render, renderPage } from '../../page/index.js';
import { withSlip } from '../ask/ask.js';
import { allTexts, toConfirm } from '../generate/site.js';
import { changesTo } from '../points/changes-to.js';
import { ownFrame } from './sections.js';

describe('a header or footer of one page alone', () => {
  const site = siteFrom(demoFacts, 1);
  const made = apply(site, ownFrame(site, 'about', 'header')!).document;
  const own = made.pages.find((p) => p.id === 'about')!.header!;
  const bare = apply(made, { op: 'setShape', section: own.id, shape: 'header/bare' }).document;
  const page = (document: SiteDocument, id: string) =>
    renderPage(document, id, { origin: 'https://s.example' })!.replace(/site-[0-9a-z]+\.css/g, '');

  it('begins as what all pages share, under an id of its own, and is drawn the same', () => {
    expect(own.id).not.toBe(site.header!.id);
    expect(headerOf(made, made.pages[0]!)).toBe(site.header);
    expect(page(made, 'about')).toBe(page(site, 'about'));
    expect(validateDocument(made)).toEqual([]);
    expect(ownFrame(made, 'about', 'header')).toBeNull();
  });

  it('is changed there and nowhere else, with or without what was drawn before', () => {
    expect(page(bare, 'about')).toContain('header-bare');
    expect(page(bare, 'about')).not.toContain('<nav class="menu"');
    expect(page(bare, 'contact')).toBe(page(site, 'contact'));
    const proofs = newProofs();
    const options = { origin: 'https://s.example', proofs };
    render(made, options);
    expect(render(bare, options)).toEqual(render(bare, { origin: options.origin }));
    // What is shared is not changed by what is a page’s own, nor the other way about.
    const shared = apply(bare, { op: 'setShape', section: site.header!.id, shape: 'header/centred' }).document;
    expect(page(shared, 'about')).toBe(page(bare, 'about'));
    expect(page(shared, 'contact')).toContain('header-centred');
  });

  it('is one of the texts of a site, and is asked about', () => {
    const at = { section: own.id, path: 'action' };
    const claim = { value: 'Always open', from: { kind: 'pack' as const, line: 'x', claim: true } };
    const document = apply(made, { op: 'setText', at, text: claim }).document;
    expect(allTexts(document).filter((t) => t.section.id === own.id).length).toBeGreaterThan(0);
    expect(toConfirm(document).filter((t) => t.section.id === own.id && t.page?.id === 'about').length).toBe(1);
  });

  it('is given up, and comes back exactly between points', () => {
    const shared = apply(bare, { op: 'setFrame', page: 'about', part: 'header', section: null });
    expect(shared.document).toEqual(site);
    expect(JSON.stringify(apply(shared.document, shared.inverse).document)).toBe(JSON.stringify(bare));
    const changes = changesTo(site, bare);
    expect(changes.map((c) => c.words)).toEqual(['Header of About']);
    expect(JSON.stringify(withSlip(site, changes, true))).toBe(JSON.stringify(bare));
  });

  it('goes and comes with its page, and keeps it while that is renamed or moved', () => {
    const named = apply(bare, { op: 'setPage', page: 'about', label: 'The yard', slug: 'yard' }).document;
    expect(named.pages.find((p) => p.id === 'about')!.header?.shape).toBe('header/bare');
    const gone = apply(bare, { op: 'removePage', page: 'about' });
    expect(JSON.stringify(apply(gone.document, gone.inverse).document)).toBe(JSON.stringify(bare));
  });

  it('is refused where it is none, or is somebody else’s', () => {
    const set = (section: typeof own) => () => apply(site, { op: 'setFrame', page: 'about', part: 'header', section });
    expect(set({ ...own, shape: 'footer/plain' })).toThrowError(OperationError);
    expect(set({ ...own, id: site.header!.id })).toThrowError(OperationError);
    expect(set({ ...own, id: site.pages[0]!.sections[0]!.id })).toThrowError(OperationError);
  });
});
