import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { provideZonelessChangeDetection, type Type } from '@angular/core';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { listsOf, pageChecks, picturePlaces, textsOf } from '@tin-porch/core/making';
import type { Section, SiteDocument } from '@tin-porch/core/model';
import { apply, textAt, type Operation } from '@tin-porch/core/operations';
import type { ToFrame } from '@tin-porch/surface';
import { Drafts } from '../session/drafts';
import { SiteStore } from '../site/site-store';
import { aDocument, aSite } from '../testing/a-site';
import { toldByHand } from '../testing/no-events';
import { WritingDesk } from '../writing/writing-desk';
import { ChecksPanel } from './checks-panel';
import { Hand } from './hand';
import { LinkField } from './link-field';
import { Retouching } from '../look/retouching';
import { PictureFoot } from './picture-foot';
import { SectionMargin } from './section-margin';
import { WordsFoot } from './words-foot';

const start = aDocument();
const home = start.pages[0]!;
const sectionsOf = (document: SiteDocument) => document.pages.flatMap((p) => p.sections);
const listed = sectionsOf(start).find((s) => s.shape.startsWith('services/'))!;
const opening = home.sections[0]!;

/** A picture that is a file. */
const DRUM = {
  ...{ id: 'drum', kind: 'file' as const, title: 'Drum', width: 900, height: 600, colour: '#406a70' },
  focus: [0.5, 0.5] as [number, number],
  renditions: [{ type: 'image/jpeg' as const, width: 900, height: 600, hash: 'a'.repeat(64), bytes: 9 }],
  credit: { by: '', licence: '', address: '' },
};

describe('the hand on the page', () => {
  let store: SiteStore;
  let hand: Hand;
  let told: ToFrame[];
  let changes: [Operation, string | undefined][];
  const kinds = () => told.map((m) => (m.kind === 'do' ? m.command.name : m.kind));
  const settle = async () => {
    TestBed.tick();
    await new Promise((done) => setTimeout(done));
    TestBed.tick();
  };
  const at = (path: string, section = opening.id) => ({ section, path });
  const now = (path: string) => textAt(store.document()!, at(path))!;
  const heading = `${opening.id}/heading`;

  beforeEach(async () => {
    TestBed.configureTestingModule({
      providers: [
        provideZonelessChangeDetection(),
        provideHttpClient(),
        provideHttpClientTesting(),
        provideRouter([]),
        toldByHand().provider,
        SiteStore,
        Hand,
        Drafts,
        Retouching,
        WritingDesk,
      ],
    });
    store = TestBed.inject(SiteStore);
    store.detail.set(aSite({ document: start }));
    store.id.set('gant');
    store.page.set(home.id);
    spyOn(store, 'flush').and.resolveTo();
    changes = [];
    const { change } = store;
    spyOn(store, 'change').and.callFake((o, part) => {
      changes.push([o, part]);
      change.call(store, o, part);
    });
    hand = TestBed.inject(Hand);
    told = [];
    hand.told.subscribe((m) => told.push(m));
    await settle();
    told.length = 0;
  });

  describe('lets words be written', () => {
    it('and puts them into the site, said by the designer', async () => {
      hand.write(heading, 'pressed');
      expect(told).toEqual([
        {
          kind: 'write',
          part: heading,
          label: 'Heading',
          form: 'line',
          text: { value: now('heading').value },
          caret: 'pressed',
        },
      ]);
      const marks = [{ kind: 'strong' as const, from: 0, to: 4 }];
      hand.heard({ kind: 'written', part: heading, text: { value: 'Rope, laid by hand', marks } });
      expect(now('heading')).toEqual({ value: 'Rope, laid by hand', marks, from: { kind: 'designer' } });
      await settle();
      // One’s own words do not come back.
      expect(kinds()).toEqual(['write']);
    });

    it('which come from where they came from as long as they are only set off', () => {
      const { from, value } = now('lead');
      hand.write(`${opening.id}/lead`);
      const marks = [{ kind: 'stress' as const, from: 0, to: 2 }];
      hand.heard({ kind: 'written', part: `${opening.id}/lead`, text: { value, marks } });
      expect(now('lead')).toEqual({ value, marks, from });
      hand.heard({ kind: 'written', part: `${opening.id}/lead`, text: { value, marks } });
      expect(changes.length).toBe(1);
    });

    it('and brings in what others, or undo, make of them meanwhile', async () => {
      hand.write(heading);
      await settle();
      const text = { value: 'Said by another', from: { kind: 'client' as const } };
      store.detail.set(aSite({ document: apply(start, { op: 'setText', at: at('heading'), text }).document }));
      await settle();
      expect(told.at(-1)).toEqual({ kind: 'do', command: { name: 'replace', text: { value: 'Said by another' } } });
    });

    it('one after the other, as they stand on the page', () => {
      const parts = hand
        .sections()
        .flatMap((s) => textsOf(s).flatMap((t) => (t.text.value ? [`${s.id}/${t.path}`] : [])));
      hand.write(parts[0]!);
      for (const next of parts.slice(1)) {
        hand.heard({ kind: 'left', part: store.part()!, how: 'next' });
        expect(hand.writing()).toBe(next);
      }
      hand.heard({ kind: 'left', part: store.part()!, how: 'next' });
      expect(hand.writing()).toBeNull();
      hand.write(parts[1]!);
      hand.heard({ kind: 'left', part: parts[1]!, how: 'before' });
      expect(hand.writing()).toBe(parts[0]!);
      hand.heard({ kind: 'left', part: parts[0]!, how: 'escape' });
      expect(hand.writing()).toBeNull();
    });

    it('and writes over what only keeps a place', () => {
      const text = { value: 'Line above', from: { kind: 'placeholder' as const, ask: 'What?' } };
      store.change({ op: 'setText', at: at('kicker'), text });
      hand.write(`${opening.id}/kicker`, 'pressed');
      expect(told.at(-1)).toEqual(jasmine.objectContaining({ kind: 'write', caret: 'all' }));
    });

    it('and lets go of them on another page', async () => {
      hand.write(heading);
      await settle();
      store.page.set(start.pages[1]!.id);
      await settle();
      expect(hand.writing()).toBeNull();
      expect(kinds()).toEqual(['write', 'rest']);
    });
  });

  describe('tries other words', () => {
    const other = { value: 'Rope', from: { kind: 'designer' as const } };
    it('and keeps nothing of them until they are taken', () => {
      const before = now('heading');
      hand.write(heading);
      hand.try(other, '4 words, now 1');
      hand.heard({ kind: 'written', part: heading, text: { value: 'Rope' } });
      expect(now('heading')).toEqual(before);
      hand.takeTrial();
      expect(changes).toEqual([[{ op: 'setText', at: at('heading'), text: other }, 'writer']]);
      expect(hand.trial()).toBeNull();
    });
    it('also where nobody was writing, and leaves nothing of them on the page when the words are left', () => {
      const before = now('heading');
      store.part.set(heading);
      hand.try(other, '');
      expect(hand.trial()?.before).toEqual(before);
      expect(kinds()).toEqual(['write', 'replace']);
      hand.heard({ kind: 'written', part: heading, text: { value: 'Rope' } });
      hand.heard({ kind: 'left', part: heading, how: 'beside' });
      expect(now('heading')).toEqual(before);
      expect([changes, hand.trial()]).toEqual([[], null]);
      expect(kinds()).toContain('again');
    });
    it('and leaves them when something else is taken in hand beside the window', async () => {
      hand.write(heading);
      hand.try(other, '');
      store.part.set(`${opening.id}/lead`);
      await settle();
      expect(hand.trial()).toBeNull();
      expect(changes).toEqual([]);
    });
    it('and puts back what was there when they are left, or something else is taken in hand', () => {
      const { value } = now('heading');
      for (const leave of [() => hand.leaveTrial(), () => hand.write(`${opening.id}/lead`), () => hand.rest()]) {
        hand.write(heading);
        hand.try(other, '');
        // Tried twice, it is what stood there before both that comes back.
        hand.try({ ...other, value: 'Ropes' }, '');
        told.length = 0;
        leave();
        expect(told[0]).toEqual({ kind: 'do', command: { name: 'replace', text: { value } } });
        hand.rest();
      }
      expect(changes).toEqual([]);
    });
  });

  async function shown<C>(component: Type<C>, inputs: Record<string, unknown> = {}) {
    const fixture: ComponentFixture<C> = TestBed.createComponent(component);
    for (const [name, value] of Object.entries(inputs)) fixture.componentRef.setInput(name, value);
    document.body.append(fixture.nativeElement as HTMLElement);
    await settle();
    await fixture.whenStable();
    return { fixture, element: fixture.nativeElement as HTMLElement };
  }
  const button = (element: HTMLElement, words: string) =>
    Array.from(element.querySelectorAll('button')).find((b) => b.textContent.trim().startsWith(words));
  const pressIn = async (element: HTMLElement, words: string) => {
    const found = button(element, words);
    if (!found) throw new Error(`There is no “${words}” in: ${element.textContent}`);
    found.click();
    await settle();
  };

  describe('in the margin', () => {
    const place = (s: Section, n: number) => ({ id: s.id, top: n * 400, bottom: n * 400 + 400 });
    async function margin(section: Section, path = '') {
      store.page.set(start.pages.find((p) => p.sections.some((s) => s.id === section.id))!.id);
      await settle();
      store.part.set(`${section.id}/${path}`);
      const made = await shown(SectionMargin, { places: hand.sections().map(place), scrolled: 300, scale: 0.5 });
      return made;
    }

    it('has a tag for every section beside it, in order, and keeps the name of a long one in sight', async () => {
      const { element } = await margin(opening);
      const tags = Array.from(element.querySelectorAll<HTMLElement>('.tag'));
      expect(tags.length).toBe(home.sections.length + 2);
      expect(tags.map((t) => t.style.getPropertyValue('--top'))).toEqual(
        tags.map((_, n) => `${(n * 400 - 300) * 0.5}px`),
      );
      expect(tags[0]!.style.getPropertyValue('--slide')).toBe('150px');
      expect(tags[0]!.textContent).toContain('on every page');
      element.remove();
    });

    it('lets a section be pulled to another place, and takes the page on where it is held at an edge', async () => {
      const [first] = home.sections;
      const { element } = await margin(first!);
      element.style.cssText = 'position:fixed;top:0;left:0;width:124px;height:400px';
      document.body.append(element);
      await settle();
      const name = element.querySelector<HTMLElement>(`#tag-${first!.id}`)!;
      const scrolled: number[] = [];
      hand.told.subscribe((m) => m.kind === 'scroll' && scrolled.push(m.by));
      const pull = (type: string, clientY: number) =>
        name.dispatchEvent(new PointerEvent(type, { pointerId: 1, button: 0, clientY, bubbles: true }));
      name.setPointerCapture = () => undefined;
      pull('pointerdown', 100);
      pull('pointermove', 102);
      await settle();
      expect(element.querySelector('.to-here')).toBeNull();
      // Held at the lower edge: the page goes on down, at the scale it is drawn in.
      pull('pointermove', 395);
      await new Promise((done) => setTimeout(done, 150));
      expect(scrolled.length).toBeGreaterThan(1);
      expect(new Set(scrolled)).toEqual(new Set([40]));
      pull('pointermove', 200);
      await settle();
      const before = scrolled.length;
      expect(element.querySelector('.to-here')).not.toBeNull();
      await new Promise((done) => setTimeout(done, 100));
      expect(scrolled.length).toBe(before);
      pull('pointermove', 390);
      pull('pointerup', 390);
      await settle();
      const now = store.document()!.pages[0]!.sections.map((s) => s.id);
      expect(now.indexOf(first!.id)).toBeGreaterThan(now.indexOf(home.sections[1]!.id));
      const ended = scrolled.length;
      await new Promise((done) => setTimeout(done, 100));
      expect(scrolled.length).toBe(ended);
      element.remove();
    });

    it('moves, repeats, grounds and takes out the section in hand, and offers a way back', async () => {
      const [, second] = home.sections;
      const { element } = await margin(second!);
      await pressIn(element, 'Up');
      expect(store.document()!.pages[0]!.sections[0]!.id).toBe(second!.id);
      expect(button(element, 'Up')!.disabled).toBeTrue();
      await pressIn(element, 'Down');
      await pressIn(element, 'Ground');
      expect(sectionsOf(store.document()!).find((s) => s.id === second!.id)!.ground).toBe('wash');
      const before = store.document()!.pages[0]!.sections.length;
      await pressIn(element, 'Twice');
      const after = store.document()!.pages[0]!.sections;
      expect(after.length).toBe(before + 1);
      expect(hand.section()).toBe(after[after.findIndex((s) => s.id === second!.id) + 1]!.id);
      await pressIn(element, 'Take out');
      expect(store.document()!.pages[0]!.sections.map((s) => s.id)).not.toContain(hand.section()!);
      expect(store.said()).toEqual(jasmine.objectContaining({ undo: true }));
      element.remove();
    });

    it('carries a section to another page', async () => {
      const { element } = await margin(home.sections[1]!);
      const select = element.querySelector('select')!;
      const target = start.pages[1]!;
      expect(Array.from(select.options, (o) => o.value)).not.toContain(home.id);
      select.value = target.id;
      select.dispatchEvent(new Event('change'));
      await settle();
      expect(store.document()!.pages[1]!.sections.at(-1)!.id).toBe(home.sections[1]!.id);
      element.remove();
    });

    it('opens a seam, and closes it again', async () => {
      const { element, fixture } = await margin(opening);
      const seams: unknown[] = [];
      (fixture.componentInstance as SectionMargin).seamChosen.subscribe((s) => seams.push(s));
      await pressIn(element, 'Add under it');
      fixture.componentRef.setInput('seam', { kind: 'add', under: opening.id });
      await settle();
      await pressIn(element, 'Add under it');
      expect(seams).toEqual([{ kind: 'add', under: opening.id }, null]);
      element.remove();
    });

    it('lets a list grow under the item in hand, and goes on at its words', async () => {
      const [list] = listsOf(listed);
      const [first] = list!.items;
      const { element } = await margin(listed, `items.${first!.id}.name`);
      await pressIn(element, 'One more under it');
      const now_ = listsOf(sectionsOf(store.document()!).find((s) => s.id === listed.id)!)[0]!;
      expect(now_.items.length).toBe(list!.items.length + 1);
      const [, added] = now_.items;
      expect(hand.writing()).toBe(`${listed.id}/items.${added!.id}.name`);
      expect(told.at(-1)).toEqual(jasmine.objectContaining({ kind: 'write', caret: 'all' }));
      await pressIn(element, 'After');
      await pressIn(element, 'Leave out');
      const left = listsOf(sectionsOf(store.document()!).find((s) => s.id === listed.id)!)[0]!;
      expect(left.items).toEqual(list!.items);
      element.remove();
    });

    it('switches parts on and off', async () => {
      const { element } = await margin(opening);
      await pressIn(element, 'Parts');
      const box = (words: string) =>
        Array.from(element.querySelectorAll('label'))
          .find((l) => l.textContent.trim() === words)!
          .querySelector('input')!;
      expect(box('Line above').checked).toBeFalse();
      box('Line above').click();
      await settle();
      expect(now('kicker').from.kind).toBe('placeholder');
      expect(hand.writing()).toBe(`${opening.id}/kicker`);
      box('Line above').click();
      await settle();
      expect(now('kicker').value).toBe('');
      element.remove();
    });

    it('is walked with the arrows, and moves with Alt and an arrow', async () => {
      const { element } = await margin(home.sections[0]!);
      element.style.cssText = 'display: block; height: 3000px';
      const name = (id: string) => element.querySelector<HTMLElement>(`#tag-${id}`)!;
      const press = async (id: string, key: string, altKey = false) => {
        name(id).dispatchEvent(new KeyboardEvent('keydown', { key, altKey, bubbles: true, cancelable: true }));
        await settle();
      };
      const [first, second] = home.sections;
      await press(first!.id, 'ArrowDown');
      expect(hand.section()).toBe(second!.id);
      expect(document.activeElement).toBe(name(second!.id));
      await press(second!.id, 'ArrowUp', true);
      expect(store.document()!.pages[0]!.sections[0]!.id).toBe(second!.id);
      element.remove();
    });
  });

  describe('at the foot', () => {
    it('says where the words come from, and settles what is to confirm', async () => {
      const claim = { value: 'Since 1921', from: { kind: 'pack' as const, line: 'craft/since', claim: true } };
      store.change({ op: 'setText', at: at('lead'), text: claim });
      store.part.set(`${opening.id}/lead`);
      const { element } = await shown(WordsFoot);
      expect(element.textContent).toContain('To confirm');
      await pressIn(element, 'The client says so');
      expect(now('lead')).toEqual({ value: 'Since 1921', from: { kind: 'client' } });
      expect(element.textContent).toContain('the client’s');
      element.remove();
    });

    it('sets off, and links, only what is being written', async () => {
      store.part.set(heading);
      const { element } = await shown(WordsFoot);
      expect(button(element, 'Strong')).toBeUndefined();
      hand.write(heading);
      hand.heard({
        kind: 'words',
        state: { part: heading, strong: true, stress: false, link: null, some: true },
      });
      await settle();
      expect(button(element, 'Strong')!.getAttribute('aria-pressed')).toBe('true');
      await pressIn(element, 'Stress');
      expect(kinds().at(-1)).toBe('stress');
      await pressIn(element, 'Link');
      expect(element.querySelector('#link-to')).not.toBeNull();
      await pressIn(element, 'Close');
      expect(kinds().at(-1)).toBe('focus');
      element.remove();
    });
  });

  it('shows what wants a look, leads there, and mends it with a way back', async () => {
    const text = {
      value: 'See the list',
      from: { kind: 'designer' as const },
      marks: [{ kind: 'link' as const, from: 8, to: 12, target: 'page:gone' }],
    };
    store.change({ op: 'setText', at: at('lead'), text });
    const checks = pageChecks(store.document()!);
    const { element, fixture } = await shown(ChecksPanel, { checks });
    expect(element.querySelector('h3')!.textContent).toContain(home.label);
    const gone: unknown[] = [];
    (fixture.componentInstance as ChecksPanel).go.subscribe((c) => gone.push([c.section.id, c.path]));
    await pressIn(element, 'Go there');
    expect(gone).toEqual([[opening.id, 'lead']]);
    await pressIn(element, 'No link');
    expect(now('lead')).toEqual({ value: 'See the list', from: { kind: 'designer' } });
    expect(store.said()).toEqual(jasmine.objectContaining({ undo: true }));
    fixture.componentRef.setInput('checks', pageChecks(store.document()!));
    await settle();
    expect(element.querySelector('.moss')).not.toBeNull();
    element.remove();
  });

  describe('holds a picture', () => {
    const place = picturePlaces(start).find((p) => p.picture.media)!;
    const part = `${place.at.section}/${place.at.path}`;
    const media = () =>
      picturePlaces(store.document()!).find((p) => p.at.path === place.at.path && p.section.id === place.section.id)!
        .picture;
    async function foot() {
      store.page.set(place.page!.id);
      await settle();
      hand.write(part, 'pressed');
      expect(hand.writing()).toBeNull();
      expect(hand.picture()?.at).toEqual(place.at);
      return shown(PictureFoot);
    }
    it('puts another of the site’s in its place, says it in words, and leaves it bare', async () => {
      const { element } = await foot();
      const select = element.querySelector('select')!;
      const other = Array.from(select.options, (o) => o.value).find((v) => v)!;
      select.value = other;
      select.dispatchEvent(new Event('change'));
      await settle();
      expect(media().media).toBe(other);
      const words = element.querySelector<HTMLInputElement>('#picture-words')!;
      words.value = 'Rope on a drum';
      words.dispatchEvent(new Event('input'));
      await settle();
      expect(media().alt).toEqual({ value: 'Rope on a drum', from: { kind: 'designer' } });
      await pressIn(element, 'Leave bare');
      expect(media().media).toBe('');
      expect(store.document()!.media.some((m) => m.id === other)).toBeTrue();
      element.remove();
    });
    it('keeps what is said of a file in sight, wherever it is cut', async () => {
      const { element } = await foot();
      // A drawing has nothing that could be cut off.
      expect(element.querySelector('[aria-label="What of it stays in sight"]')).toBeNull();
      store.change({ op: 'putMedium', medium: DRUM });
      store.change({ op: 'setPicture', at: place.at, media: 'drum' });
      await settle();
      const select = element.querySelector<HTMLSelectElement>('[aria-label="What of it stays in sight"]')!;
      expect(select.selectedOptions[0]?.textContent).toBe('In sight: the middle');
      select.value = '2 0';
      select.dispatchEvent(new Event('change'));
      await settle();
      const kept = store.document()!.media.find((m) => m.id === 'drum');
      expect(kept?.kind === 'file' && kept.focus).toEqual([0.85, 0.15]);
      expect(select.selectedOptions[0]?.textContent).toBe('In sight: top right');
      element.remove();
    });
    it('is cut for here alone, where the file it was made from is kept', async () => {
      const { element } = await foot();
      const work = TestBed.inject(Retouching);
      const cuts = () => Array.from(element.querySelectorAll('button')).some((b) => b.textContent.includes('Cut it'));
      store.change({ op: 'putMedium', medium: DRUM });
      store.change({ op: 'setPicture', at: place.at, media: 'drum' });
      await settle();
      expect(cuts()).toBeFalse();
      const source = { hash: 'b'.repeat(64), width: 1800, height: 1200 };
      store.change({ op: 'putMedium', medium: { ...DRUM, source } });
      await settle();
      await pressIn(element, 'Cut it for here');
      expect([work.medium()?.id, work.place()?.at, work.looking(), work.onPage()]).toEqual([
        'drum',
        place.at,
        'cut',
        true,
      ]);
      work.leave();
      expect([work.medium(), work.onPage()]).toEqual([null, false]);
      element.remove();
    });
    it('takes a file that is let go over it, and says why where it cannot', async () => {
      const { element } = await foot();
      const http = TestBed.inject(HttpTestingController);
      const drop = async () => {
        hand.heard({ kind: 'dropped', picture: part, files: [new File(['x'], 'drum.jpg')] });
        await settle();
        return http.expectOne((r) => r.url === '/api/sites/gant/pictures');
      };
      const refused = await drop();
      expect(refused.request.params.get('name')).toBe('drum.jpg');
      refused.flush({ title: 'That is no picture', detail: '' }, { status: 422, statusText: 'No' });
      await settle();
      expect(element.querySelector('[role=alert]')!.textContent).toContain('That is no picture');
      const before = start.media[0]!;
      (await drop()).flush({ medium: { ...before, title: 'Drum' }, plainBackground: false, dropped: [] });
      await settle();
      // It has an id of its own, whatever it came with.
      expect(media().media).not.toBe(before.id);
      expect(store.document()!.media.find((m) => m.id === media().media)?.title).toBe('Drum');
      element.remove();
    });
  });

  describe('leads words', () => {
    async function field(target: string | null) {
      const { element, fixture } = await shown(LinkField, { target });
      const chosen: (string | null)[] = [];
      (fixture.componentInstance as LinkField).chosen.subscribe((c) => chosen.push(c));
      const say = async (words: string) => {
        const input = element.querySelector('input')!;
        input.value = words;
        input.dispatchEvent(new Event('input'));
        await settle();
        await pressIn(element, 'Lead there');
      };
      return { element, chosen, say };
    }
    it('to a page by its name, to a phone, a mail and an address of the web', async () => {
      const { element, chosen, say } = await field(null);
      await say(start.pages[1]!.label);
      await say('01632 960 114');
      await say('rope@gant.example');
      await say('gant.example/walk');
      expect(chosen).toEqual([
        `page:${start.pages[1]!.id}`,
        'tel:01632960114',
        'mailto:rope@gant.example',
        'https://gant.example/walk',
      ]);
      element.remove();
    });
    it('nowhere that there is not, and says so', async () => {
      const { element, chosen, say } = await field('page:services');
      await say('nothing of that kind');
      expect(chosen).toEqual([]);
      expect(element.querySelector('[role=alert]')!.textContent).toContain('No page of that name');
      await pressIn(element, 'No link');
      expect(chosen).toEqual([null]);
      element.remove();
    });
  });
});
