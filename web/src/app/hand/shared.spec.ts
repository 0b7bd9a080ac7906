import { HttpTestingController } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { photograph } from '@tin-porch/core/fixtures';
import { picturePlaces, twinsOf } from '@tin-porch/core/making';
import type { Section, SiteFile } from '@tin-porch/core/model';
import { apply } from '@tin-porch/core/operations';
import { Retouching } from '../look/retouching';
import { Drafts } from '../session/drafts';
import { aDocument } from '../testing/a-site';
import { atThePage, type AtThePage } from '../testing/at-the-page';
import { WritingDesk } from '../writing/writing-desk';
import { PictureFoot } from './picture-foot';
import { SectionMargin } from './section-margin';
import { WordsFoot } from './words-foot';

const photo = photograph('slip', 'The slip');
const start = apply(aDocument(), { op: 'putMedium', medium: photo }).document;
const home = start.pages[0]!;
const other = start.pages[1]!;

describe('in hand, a thing that is more than it seems:', () => {
  let at: AtThePage;
  let element: HTMLElement;
  const buttons = () => Array.from(element.querySelectorAll('button'));
  const press = async (words: string) => {
    buttons()
      .find((b) => b.textContent.trim().startsWith(words))!
      .click();
    await at.settle();
  };
  const select = (label: string) =>
    Array.from(element.querySelectorAll('select')).find((s) => s.getAttribute('aria-label')?.includes(label))!;
  const choose = async (label: string, words: string) => {
    const list = select(label);
    list.value = Array.from(list.options).find((o) => o.text.trim() === words)!.value;
    list.dispatchEvent(new Event('change'));
    await at.settle();
  };
  const check = async (words: string) => {
    Array.from(element.querySelectorAll('label'))
      .find((l) => l.textContent.includes(words))!
      .querySelector('input')!
      .click();
    await at.settle();
  };
  const margin = async () => {
    const places = at.hand.sections().map((s, n) => ({ id: s.id, top: n * 300, bottom: n * 300 + 300 }));
    ({ element } = await at.shown(SectionMargin, { places, scrolled: 0, scale: 1 }));
    document.body.append(element);
    await at.settle();
  };
  const of = (id: string): Section =>
    at.store
      .document()!
      .pages.flatMap((p) => p.sections)
      .find((s) => s.id === id)!;
  const heading = (id: string) => (of(id).content['heading'] as { value: string }).value;

  beforeEach(async () => {
    at = atThePage(start, [WritingDesk, Drafts, Retouching]);
    await at.settle();
  });
  afterEach(() => element.remove());

  describe('a section on several pages', () => {
    const section = home.sections.find((s) => s !== home.sections[0] && !s.shape.startsWith('contact/'))!;
    const write = (id: string, value: string) =>
      at.store.change({
        op: 'setText',
        at: { section: id, path: 'heading' },
        text: { value, from: { kind: 'designer' } },
      });
    const hold = async () => {
      at.store.part.set(`${section.id}/`);
      await margin();
      await choose('on other pages too', other.label);
    };

    it('is put there, told in its tag, and changed everywhere by one change', async () => {
      await hold();
      const [twin] = twinsOf(at.store.document()!, section.id);
      expect(twin!.page.id).toBe(other.id);
      expect(element.textContent).toContain('the same on 1 more page');
      expect(element.textContent).toContain(`The same on ${other.label}`);
      write(section.id, 'Rope and tar');
      expect([section.id, twin!.section.id].map(heading)).toEqual(['Rope and tar', 'Rope and tar']);
      // Letter after letter, it is one change that waits.
      write(section.id, 'Rope and tar, by hand');
      expect(heading(twin!.section.id)).toBe('Rope and tar, by hand');
      expect(at.store.said()).toBeNull();
    });

    it('is changed on one page alone where that is said, and made what it is elsewhere again', async () => {
      await hold();
      const twin = twinsOf(at.store.document()!, section.id)[0]!.section.id;
      const before = heading(twin);
      await check('Change it here only');
      write(section.id, 'Here alone');
      await at.settle();
      expect(heading(twin)).toBe(before);
      expect(element.textContent).toContain('otherwise than on 1 more page');
      await choose('what it is on another page', other.label);
      expect(heading(section.id)).toBe(before);
      // From then on it is changed on both.
      write(section.id, 'On both');
      expect(heading(twin)).toBe('On both');
    });

    it('parts from the others, and theirs is left as it is', async () => {
      await hold();
      const twin = twinsOf(at.store.document()!, section.id)[0]!.section.id;
      const before = heading(twin);
      await press('Part from the others');
      write(section.id, 'Here alone');
      expect(heading(twin)).toBe(before);
      expect(element.textContent).not.toContain('The same on');
    });
  });

  it('a section with a name of its own for links, which no other of its page has', async () => {
    const [first, second] = home.sections as [Section, Section];
    at.store.change({ op: 'setAnchor', section: first.id, anchor: 'the-walk' });
    at.store.part.set(`${second.id}/`);
    await margin();
    await press('Lay out');
    const field = () => element.querySelector<HTMLInputElement>('tp-section-layout input')!;
    const type = async (name: string) => {
      field().value = name;
      field().dispatchEvent(new Event('input'));
      await at.settle();
    };
    await type('the-walk');
    expect(element.querySelector('[role=alert]')!.textContent).toContain('Another section');
    await type('ropes & tar');
    expect(element.querySelector('[role=alert]')!.textContent).toContain('hyphens');
    expect(of(second.id).anchor).toBeUndefined();
    await type('#Ropes');
    expect(element.querySelector('[role=alert]')).toBeNull();
    expect(of(second.id).anchor).toBe('ropes');
    await type('');
    expect(of(second.id).anchor).toBeUndefined();
  });

  it('a page in the menu of the header, named, moved, and taken out of it there', async () => {
    at.hand.takeMenu(at.hand.sections()[0]!.id, other.id);
    await margin();
    const field = element.querySelector<HTMLInputElement>('[aria-label="What the menu calls it"]')!;
    field.value = 'Our ropes';
    field.dispatchEvent(new Event('input'));
    await at.settle();
    const page = () => at.store.document()!.pages.find((p) => p.id === other.id)!;
    expect(page().label).toBe('Our ropes');
    const at0 = at.store.document()!.pages.indexOf(page());
    await press('After');
    expect(at.store.document()!.pages.indexOf(page())).toBe(at0 + 1);
    await press('Out of the menu');
    expect(page().menu).toBeFalse();
    // With another section in hand it is in hand no more.
    at.store.part.set(`${home.sections[0]!.id}/`);
    await at.settle();
    expect(element.querySelector('tp-menu-entry')).toBeNull();
  });

  it('a button of one of the three families', async () => {
    const place = `${home.sections[0]!.id}/action`;
    at.hand.write(place);
    ({ element } = await at.shown(WordsFoot));
    document.body.append(element);
    const family = () => (of(home.sections[0]!.id).content['action'] as { as?: string }).as;
    await choose('What kind of button', 'As a link');
    expect(family()).toBe('quiet');
    await choose('What kind of button', 'As its place has it');
    expect(family()).toBeUndefined();
    // The heading is no button.
    at.hand.write(`${home.sections[0]!.id}/heading`);
    await at.settle();
    expect(select('What kind of button')).toBeUndefined();
  });

  describe('a place for a picture', () => {
    const place = picturePlaces(start).find((p) => p.page?.id === 'home' && p.picture.media)!;
    const now = () =>
      picturePlaces(at.store.document()!).find((p) => p.at.section === place.at.section && p.at.path === place.at.path)!
        .picture;
    const hold = async () => {
      at.store.part.set(`${place.at.section}/${place.at.path}`);
      ({ element } = await at.shown(PictureFoot));
      document.body.append(element);
    };

    it('with another picture on phones alone, which is given up again', async () => {
      await hold();
      expect(element.textContent).not.toContain('Phones only');
      at.hand.kind.set('phone');
      await at.settle();
      await check('Phones only');
      await choose(
        'Another picture',
        Array.from(select('Another picture').options)
          .find((o) => o.text.includes('The slip'))!
          .text.trim(),
      );
      expect(now().on).toEqual({ phone: 'slip' });
      expect(now().media).toBe(place.picture.media);
      await press('As elsewhere');
      expect(now().on).toBeUndefined();
      // Without the tick it is for every page.
      await check('Phones only');
      await choose(
        'Another picture',
        Array.from(select('Another picture').options)
          .find((o) => o.text.includes('The slip'))!
          .text.trim(),
      );
      expect(now().media).toBe('slip');
    });

    it('with a film and its captions, brought and taken out', async () => {
      await hold();
      const http = TestBed.inject(HttpTestingController);
      const bring = async (accept: string, file: SiteFile | null) => {
        const field = element.querySelector<HTMLInputElement>(`input[accept="${accept}"]`)!;
        const files = new DataTransfer();
        files.items.add(new File(['x'], 'launch'));
        field.files = files.files;
        field.dispatchEvent(new Event('change'));
        const call = http.expectOne((r) => r.url.endsWith('/files'));
        if (file) call.flush(file);
        else
          call.flush({ title: 'Not taken', detail: 'It is something else within.' }, { status: 422, statusText: 'no' });
        await at.settle();
      };
      const made = (id: string, ending: 'mp4' | 'vtt'): SiteFile => ({
        id,
        title: id,
        ending,
        bytes: 9,
        hash: 'a'.repeat(64),
      });
      await bring('.mp4,.webm', null);
      expect(element.querySelector('[role=alert]')!.textContent).toContain('something else within');
      expect(now().film).toBeUndefined();
      await bring('.mp4,.webm', made('launch', 'mp4'));
      expect(now().film).toEqual({ file: 'file:launch' });
      expect(element.querySelector('[role=alert]')).toBeNull();
      await bring('.vtt', made('said', 'vtt'));
      expect(now().film).toEqual({ file: 'file:launch', captions: 'file:said' });
      await bring('.mp4,.webm', made('launch-2', 'mp4'));
      expect(now().film!.file).toBe('file:launch-2');
      await choose('The film', 'No film');
      expect(now().film).toBeUndefined();
    });
  });
});
