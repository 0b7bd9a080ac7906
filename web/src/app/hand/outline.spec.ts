import type { OperationNamed } from '@tin-porch/core/operations';
import { aDocument } from '../testing/a-site';
import { atThePage, type AtThePage } from '../testing/at-the-page';
import { Outline } from './outline';
import { SectionLayout } from './section-layout';
import { SectionMargin } from './section-margin';

const start = aDocument();
const home = start.pages[0]!;
const other = start.pages[1]!;

describe('beside the page', () => {
  let at: AtThePage;
  beforeEach(() => {
    at = atThePage(start);
  });
  const button = (element: HTMLElement, words: string) =>
    [...element.querySelectorAll('button')].find((b) => b.textContent.trim() === words)!;
  const choose = (select: HTMLSelectElement, value: string) => {
    select.value = value;
    select.dispatchEvent(new Event('change'));
  };

  describe('the outline', () => {
    const opened = async () => {
      const { element } = await at.shown(Outline);
      return element;
    };
    const take = async (element: HTMLElement, ...places: number[]) => {
      const ticks = [...element.querySelectorAll<HTMLInputElement>('.sections > li > input')];
      for (const n of places) ticks[n]!.click();
      await at.settle();
    };

    it('has every page, and the sections of the one that is open', async () => {
      const element = await opened();
      const names = [...element.querySelectorAll<HTMLInputElement>('.page > input')].map((i) => i.value);
      expect(names).toEqual(start.pages.map((p) => p.label));
      const sections = () => element.querySelectorAll('.sections > li').length;
      expect(sections()).toBe(home.sections.length);
      element.querySelectorAll<HTMLInputElement>('.page > input')[1]!.dispatchEvent(new Event('focus'));
      await at.settle();
      expect(at.store.page()).toBe(other.id);
      expect(sections()).toBe(other.sections.length);
    });

    it('names a page, puts it elsewhere in the menu, out of it and under another', async () => {
      const element = await opened();
      const name = element.querySelectorAll<HTMLInputElement>('.page > input')[1]!;
      name.dispatchEvent(new Event('focus'));
      name.value = 'Our ropes';
      name.dispatchEvent(new Event('input'));
      await at.settle();
      expect(at.changes.pop()).toEqual(jasmine.objectContaining({ op: 'setPage', page: other.id, label: 'Our ropes' }));
      element.querySelector<HTMLInputElement>('.about input')!.click();
      expect(at.changes.pop()).toEqual(jasmine.objectContaining({ op: 'setPage', page: other.id, menu: false }));
      await at.settle();
      element.querySelector<HTMLButtonElement>('[aria-label="Move the page Our ropes down"]')!.click();
      expect(at.changes.pop()).toEqual({ op: 'movePage', page: other.id, to: 2 });
      await at.settle();
      const under = start.pages.find((p) => p.id === 'about');
      if (under) {
        choose(element.querySelector<HTMLSelectElement>('.about select')!, under.id);
        expect(at.changes.pop()).toEqual(jasmine.objectContaining({ op: 'setPage', page: other.id, parent: under.id }));
      }
    });

    it('puts a page on hold with words in its stead, and shows it again', async () => {
      const element = await opened();
      const box = () =>
        Array.from(element.querySelectorAll('label'))
          .find((l) => l.textContent.trim() === 'On hold')!
          .querySelector('input')!;
      const words = () => element.querySelector<HTMLInputElement>('[aria-label^="What visitors of"]');
      expect(words()).toBeNull();
      box().click();
      expect(at.changes.pop()).toEqual({ op: 'setHold', page: home.id, hold: '' });
      await at.settle();
      words()!.value = 'Back in March.';
      words()!.dispatchEvent(new Event('input'));
      expect(at.changes.pop()).toEqual({ op: 'setHold', page: home.id, hold: 'Back in March.' });
      await at.settle();
      box().click();
      expect(at.changes.pop()).toEqual({ op: 'setHold', page: home.id, hold: null });
      await at.settle();
      expect(words()).toBeNull();
    });

    it('does one thing to several sections as one step, and says what it cannot do', async () => {
      const element = await opened();
      await take(element, 1, 2);
      expect(element.querySelector('.several b')?.textContent).toBe('2 sections');
      button(element, 'Hide').click();
      await at.settle();
      const hidden = (at.changes.pop() as OperationNamed<'setSection'> & { operations: object[] }).operations;
      expect(hidden).toEqual([1, 2].map((n) => ({ op: 'setSection', section: home.sections[n]!.id, hidden: true })));
      expect(at.store.said()?.undo).toBeTrue();
      // All of them: one has to stay, and it is said why.
      await take(element, ...home.sections.flatMap((_, n) => (n === 1 || n === 2 ? [] : [n])));
      button(element, 'Hide').click();
      await at.settle();
      expect(at.store.said()?.words).toContain('all that visitors get');
      expect(at.store.document()!.pages[0]!.sections.filter((s) => !s.hidden).length).toBe(1);
      button(element, 'Let go').click();
      await at.settle();
      expect(element.querySelector('.several')).toBeNull();
    });

    it('carries those that are taken to another page', async () => {
      const element = await opened();
      await take(element, 1, 2);
      choose(element.querySelector<HTMLSelectElement>('[aria-label="Carry those taken to another page"]')!, other.id);
      await at.settle();
      const page = at.store.document()!.pages.find((p) => p.id === other.id)!;
      expect(page.sections.slice(-2).map((s) => s.id)).toEqual([1, 2].map((n) => home.sections[n]!.id));
      // What is not on the page any more is not taken any more.
      expect(element.querySelector('.several')).toBeNull();
    });

    it('is walked with the arrows, and moves a section with Alt and an arrow', async () => {
      const element = await opened();
      document.body.append(element);
      const link = (n: number) => element.querySelectorAll<HTMLButtonElement>('.sections > li > .of > .link')[n]!;
      const press = async (n: number, key: string, altKey = false) => {
        link(n).dispatchEvent(new KeyboardEvent('keydown', { key, altKey, bubbles: true, cancelable: true }));
        await at.settle();
        await at.settle();
      };
      await press(0, 'ArrowDown');
      expect(document.activeElement).toBe(link(1));
      expect(at.changes).toEqual([]);
      await press(1, 'ArrowDown', true);
      expect(at.changes.pop()).toEqual({ op: 'moveSection', section: home.sections[1]!.id, page: home.id, to: 2 });
      element.remove();
    });

    it('has the headings, links and pictures of the page, and leads to each', async () => {
      const { element, fixture } = await at.shown(Outline);
      const wanted: string[] = [];
      fixture.componentInstance.wanted.subscribe((part) => wanted.push(part));
      const rows = () => [...element.querySelectorAll<HTMLElement>('tp-outline-lists li')];
      expect(rows()[0]?.textContent).toContain('level 1');
      rows()[0]!.querySelector('button')!.click();
      expect(wanted).toEqual([`${home.sections[0]!.id}/heading`]);
      button(element, 'Links').click();
      await at.settle();
      expect(element.querySelector('tp-outline-lists')?.textContent).toContain('No links in its words');
      button(element, 'Pictures').click();
      await at.settle();
      expect(element.querySelector('tp-outline-lists')?.textContent).toMatch(/picture/);
    });
  });

  describe('how a section is laid out', () => {
    const listed = start.pages.flatMap((p) => p.sections).find((s) => s.shape.startsWith('services/'))!;
    const section = { ...listed, shape: 'services/cards' };
    const opened = async (kind: 'wide' | 'phone') => {
      const { element, fixture } = await at.shown(SectionLayout, { section, kind });
      const said: object[] = [];
      fixture.componentInstance.laid.subscribe((f) => said.push(f));
      const select = (title: string) =>
        [...element.querySelectorAll('label')]
          .find((l) => l.textContent.trim().startsWith(title))
          ?.querySelector('select');
      return { element, fixture, said, select };
    };

    it('is chosen for every width, where the window is wide', async () => {
      const { element, said, select } = await opened('wide');
      expect(element.querySelector('.for')).toBeNull();
      choose(select('Size')!, 'larger');
      choose(select('In a row')!, '2');
      choose(select('Edge')!, 'slant');
      expect(said).toEqual([{ size: 'larger' }, { columns: '2' }, { edge: 'slant' }]);
    });

    it('is chosen for phones alone, and given up', async () => {
      const { element, fixture, said, select } = await opened('phone');
      choose(select('Size')!, 'smaller');
      button(element, 'Phones only').click();
      await at.settle();
      // Which edge a section has is the same everywhere, and a phone has no four in a row.
      expect(select('Edge')).toBeUndefined();
      expect([...select('In a row')!.options].map((o) => o.value)).toEqual(['same', 'look', '1', '2']);
      choose(select('Size')!, 'smaller');
      button(element, 'Hide it here').click();
      expect(said).toEqual([{ size: 'smaller' }, { on: 'phone', size: 'smaller' }, { on: 'phone', hidden: true }]);
      fixture.componentRef.setInput('section', { ...section, on: { phone: { hidden: true, size: 'smaller' } } });
      await at.settle();
      button(element, 'Show it here').click();
      button(element, 'Give it up').click();
      expect(said.slice(-2)).toEqual([
        { on: 'phone', hidden: false },
        { on: 'phone', hidden: 'same', size: 'same' },
      ]);
    });

    it('cannot hide what opens the page on phones', async () => {
      const { element } = await at.shown(SectionLayout, { section: home.sections[0]!, kind: 'phone' });
      button(element, 'Phones only').click();
      await at.settle();
      expect(button(element, 'Hide it here')).toBeUndefined();
    });
  });

  it('stays for phones alone on the section it was said of, and is for every width on the next', async () => {
    const places = () => at.hand.sections().map((s, n) => ({ id: s.id, top: n * 100, bottom: n * 100 + 100 }));
    const { element } = await at.shown(SectionMargin, {
      places: places(),
      scrolled: 0,
      scale: 1,
      kind: 'phone',
    });
    const [, second, third] = home.sections;
    at.store.part.set(`${second!.id}/`);
    await at.settle();
    button(element, 'Lay out').click();
    await at.settle();
    button(element, 'Phones only').click();
    await at.settle();
    expect(button(element, 'Hide it here')).toBeDefined();
    at.store.part.set(null);
    await at.settle();
    expect(element.querySelector('tp-section-layout')).toBeNull();
    at.store.part.set(`${second!.id}/`);
    await at.settle();
    expect(button(element, 'Hide it here')).toBeDefined();
    at.store.part.set(`${third!.id}/`);
    await at.settle();
    expect(button(element, 'Phones only').getAttribute('aria-pressed')).toBe('false');
  });

  describe('the header of one page', () => {
    const places = () => at.hand.sections().map((s, n) => ({ id: s.id, top: n * 100, bottom: n * 100 + 100 }));

    it('is made otherwise there, told apart from that of every page, and given up', async () => {
      at.store.page.set(other.id);
      const { element, fixture } = await at.shown(SectionMargin, { places: places(), scrolled: 0, scale: 1 });
      const asked: unknown[] = [];
      fixture.componentInstance.menuAsked.subscribe((x) => asked.push(x));
      at.store.part.set(`${start.header!.id}/`);
      await at.settle();
      button(element, 'Menu').click();
      expect(asked.length).toBe(1);
      button(element, 'Otherwise on this page').click();
      await at.settle();
      const own = at.store.document()!.pages.find((p) => p.id === other.id)!.header!;
      expect(at.store.part()).toBe(`${own.id}/`);
      expect(at.store.document()!.pages[0]!.header).toBeUndefined();
      fixture.componentRef.setInput('places', places());
      await at.settle();
      expect(element.querySelector('.tag .name')?.textContent).toContain('of this page alone');
      button(element, 'As on every page').click();
      await at.settle();
      expect(at.store.document()).toEqual(start);
      expect(at.store.part()).toBe(`${start.header!.id}/`);
    });
  });
});
