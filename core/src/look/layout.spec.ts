import { demoFacts } from '../fixtures/facts.js';
import { siteFrom } from '../fixtures/measure-copy.js';
import { asPublished, openerOf, waits } from '../model/page.js';
import type { SiteDocument } from '../model/site.js';
import { apply } from '../operations/apply.js';
import { OperationError } from '../operations/definition.js';
import type { OperationNamed } from '../operations/operation.js';
import { validateDocument } from '../operations/validate.js';
import { render, renderWindow } from '../page/index.js';
import { layoutWords } from '../making/plan/layout-words.js';
import { changesTo } from '../making/points/changes-to.js';
import { withSlip } from '../making/ask/ask.js';
import { layoutCss, layoutsOf, layoutsUsed } from './layout.js';
import { kindOfPage } from './widths.js';

describe('a section laid out otherwise', () => {
  const site = siteFrom(demoFacts, 1);
  const [opener, second] = site.pages[0]!.sections.map(({ id }) => ({ id })) as [{ id: string }, { id: string }];
  type Layout = Omit<OperationNamed<'setSection'>, 'op' | 'section'>;
  const lay = (document: SiteDocument, id: string, what: Layout) =>
    apply(document, { op: 'setSection', section: id, ...what });
  const laid = (what: Layout, id = second.id) => lay(site, id, what).document;
  const sectionOf = (document: SiteDocument, id = second.id) => document.pages[0]!.sections.find((s) => s.id === id)!;
  const cssOf = (document: SiteDocument) =>
    render(document, { origin: 'https://s.example' }).flatMap((f) =>
      f.path.endsWith('.css') && 'text' in f ? [f.text] : [],
    )[0]!;
  const home = (document: SiteDocument) =>
    render(document, { origin: 'https://s.example' }).flatMap((f) =>
      f.path === '/index.html' && 'text' in f ? [f.text] : [],
    )[0]!;

  it('says so on its element and in the stylesheet, and a site without one carries nothing of it', () => {
    expect(home(site)).not.toMatch(/ data-(?:room|size|align|side|columns|width|edge|motion|without)=/);
    const document = laid({ size: 'larger', edge: 'inset' });
    expect(home(document)).toContain(' data-size="larger" data-edge="inset"');
    expect(cssOf(document)).toContain(`.band[data-size~='larger']`);
    expect(cssOf(document)).toContain(`.band[data-edge~='inset'].on-wash`);
    expect(cssOf(laid({ size: 'larger', edge: 'inset' }))).toBe(cssOf(document));
    expect(validateDocument(document)).toEqual([]);
  });

  it('is otherwise on one kind of page alone, and as before when that is given up', () => {
    const phone = laid({ on: 'phone', size: 'smaller' });
    expect(home(phone)).toContain('data-size="phone:smaller"');
    expect(cssOf(phone)).toContain('@container page (max-width: 35.99rem) {');
    const both = lay(phone, second.id, { size: 'larger' }).document;
    expect(home(both)).toContain('data-size="wide:larger tablet:larger phone:smaller"');
    const look = lay(both, second.id, { on: 'phone', size: 'look' }).document;
    expect(home(look)).toContain('data-size="wide:larger tablet:larger"');
    expect(lay(phone, second.id, { on: 'phone', size: 'same' }).document).toEqual(site);
  });

  it('enters later, all at once or the last first, and only where there is motion for it', () => {
    const id = site.pages[0]!.sections[1]!.id;
    const css = (pace: 'later' | 'together' | 'reverse') => {
      const [rule] = layoutCss(
        layoutsUsed(apply(site, { op: 'setSection', section: id, pace }).document),
        site.look,
        0,
      );
      return [...rule!.matchAll(/nth-child\((3n \+ \d)\) \{\s*animation-range: entry (\d+)%/g)].map((m) => [
        m[1],
        Number(m[2]),
      ]);
    };
    expect(css('together').map((r) => r[1])).toEqual([0, 0, 0]);
    expect(css('later')).toEqual([
      ['3n + 1', 21],
      ['3n + 2', 33],
      ['3n + 3', 45],
    ]);
    expect(css('reverse').map((r) => r[1])).toEqual([24, 12, 0]);
    const [rule] = layoutCss(new Set(['pace later']), site.look, 0);
    expect(rule).toContain('prefers-reduced-motion: no-preference');
    const alone = () => apply(site, { op: 'setSection', section: id, on: 'phone', pace: 'later' });
    expect(alone).toThrowError(/the same on every kind of page/);
  });

  it('is taken back to the byte, whatever was set at once', () => {
    const start = lay(laid({ room: 'close', on: 'tablet' }), second.id, { room: 'wide' }).document;
    for (const what of [
      { on: 'tablet', room: 'same', size: 'larger', hidden: true },
      { room: 'look', align: 'middle', hidden: false },
      { on: 'phone', columns: '2' },
      { width: 'narrow', motion: 'still' },
    ] satisfies Layout[]) {
      const { document, inverse } = lay(start, second.id, what);
      expect(JSON.stringify(apply(document, inverse).document)).toBe(JSON.stringify(start));
    }
  });

  it('can be for phones alone, or for all but them; the page is opened by what everybody gets', () => {
    const alone = lay(laid({ hidden: true }), second.id, { on: 'phone', hidden: false }).document;
    expect(waits(sectionOf(alone))).toBeFalse();
    expect(asPublished(alone)).toBe(alone);
    expect(home(alone)).toContain('data-without="wide tablet"');
    expect(cssOf(alone)).toContain('display: none;');
    // In the window it is still to be seen and taken.
    expect(renderWindow(alone, 'home', '')!.css).toContain('opacity: 0.4;');
    const first = apply(alone, { op: 'moveSection', section: second.id, page: 'home', to: 0 }).document;
    expect(openerOf(first.pages[0]!)?.id).toBe(opener.id);
    expect(home(first).match(/<h1/g)).toHaveSize(1);
  });

  it('is refused where a visitor would get a page without its heading', () => {
    expect(() => laid({ on: 'phone', hidden: true }, opener.id)).toThrowError(OperationError, /It opens “Home”/);
    const others = site.pages[0]!.sections.slice(1).reduce(
      (d, s) => lay(d, s.id, { on: 'phone', hidden: true }).document,
      site,
    );
    expect(() => lay(others, opener.id, { hidden: true })).toThrowError(OperationError);
    expect(() => apply(others, { op: 'removeSection', section: opener.id })).toThrowError(OperationError);
    expect(() => laid({ on: 'phone', width: 'narrow' })).toThrowError(OperationError, /same on every kind of page/);
  });

  it('is kept but not drawn by a shape that cannot be laid out so', () => {
    const [plain] = site.pages.flatMap((p) => p.sections).filter((s) => !layoutsOf(s).includes('columns'));
    const document = lay(site, plain!.id, { columns: '2' }).document;
    expect(document).not.toEqual(site);
    expect(home(document)).toBe(home(site));
  });

  it('is said in words', () => {
    const document = lay(laid({ on: 'phone', hidden: true, size: 'larger' }), second.id, { room: 'close' }).document;
    expect(layoutWords(sectionOf(document))).toEqual(['phone: hidden, size larger', 'room close']);
    expect(layoutWords(sectionOf(site))).toEqual([]);
  });

  it('is one of the changes between two points, and comes back exactly', () => {
    const then = lay(laid({ on: 'tablet', room: 'wide', hidden: true }), second.id, { edge: 'slant' }).document;
    for (const [now, to] of [
      [site, then],
      [then, site],
      [then, laid({ on: 'phone', room: 'look' })],
    ] as const) {
      const changes = changesTo(now, to);
      expect(changes.length).toBe(1);
      expect(JSON.stringify(withSlip(now, changes, true))).toBe(JSON.stringify(to));
    }
  });

  it('counts px as the page does', () => {
    expect([320, 575, 576, 831, 832, 1600].map(kindOfPage)).toEqual([
      'phone',
      'phone',
      'tablet',
      'tablet',
      'wide',
      'wide',
    ]);
  });
});
