import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { provideZonelessChangeDetection, type Type } from '@angular/core';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { DESK_KINDS } from '@tin-porch/core/model';
import type { Answered } from '../api/model';
import { PorchApi } from '../api/porch-api';
import { Dialogs } from '../parts/dialogs';
import { SiteStore } from '../site/site-store';
import { aSite } from '../testing/a-site';
import { toldByHand } from '../testing/no-events';
import { DeskLocks } from './desk-locks';
import { DeskPeople } from './desk-people';
import { HandOver, type HandedOver } from './hand-over';
import { LiveChanges } from './live-changes';
import { LockBox } from './lock';
import { TakeAlong } from './take-along';

type Live = Answered<'GET /sites/:id/live'>;
type Desk = Answered<'GET /sites/:id/desk'>;
const AT = '2026-11-28T06:00:00.000Z';
const side = (words: string, live: string, draft: string, there = true) => ({ words, live, draft, there });
const ANA = {
  id: '6f1c2a54-0b7e-4f5e-9f0e-1d2c3b4a5968',
  name: 'Ana',
  mail: 'ana@gant.example',
  role: 'publish' as const,
  madeAt: AT,
  seenAt: null,
  password: false,
  ownerSince: null,
};
const desk = (more: Partial<Desk> = {}): Desk => ({
  address: 'https://gant.example/-/desk/',
  people: [ANA],
  log: [{ at: AT, by: 'Ines', what: 'Let Ana in' }],
  letters: [],
  mail: true,
  ...more,
});

describe('what the client does on their site', () => {
  let http: HttpTestingController;
  let store: SiteStore;
  const events = toldByHand();
  const puts: [string, unknown][] = [];
  const settle = async (fixture: ComponentFixture<unknown>) => {
    await new Promise((done) => setTimeout(done));
    await fixture.whenStable();
    fixture.detectChanges();
  };
  async function shown<C>(component: Type<C>, inputs: Record<string, unknown> = {}) {
    const fixture = TestBed.createComponent(component);
    for (const [name, value] of Object.entries(inputs)) fixture.componentRef.setInput(name, value);
    await settle(fixture);
    return { fixture, element: fixture.nativeElement as HTMLElement };
  }
  const text = (element: HTMLElement) => element.textContent!.replace(/\s+/g, ' ');
  const button = (element: HTMLElement, words: string) =>
    [...element.querySelectorAll('button')].find((b) => b.textContent!.trim() === words)!;

  beforeEach(() => {
    puts.length = 0;
    TestBed.configureTestingModule({
      providers: [
        provideZonelessChangeDetection(),
        provideHttpClient(),
        provideHttpClientTesting(),
        events.provider,
        SiteStore,
      ],
    });
    http = TestBed.inject(HttpTestingController);
    spyOn(TestBed.inject(PorchApi), 'may').and.returnValue(true);
    store = TestBed.inject(SiteStore);
    store.id.set('gant');
    store.detail.set(aSite({ liveRelease: 'r-1' }));
    spyOn(store, 'flush').and.resolveTo();
    spyOn(store, 'put').and.callFake((path: string, body: unknown) => {
      puts.push([path, body]);
      return Promise.resolve(null);
    });
  });
  const live = (answer: Partial<Live>) =>
    http.expectOne('/api/sites/gant/live').flush({ held: [], lines: [], proposals: [], ...answer });

  it('is decided part by part: what is live stands unless the draft is chosen, what is gone cannot be', async () => {
    const { fixture, element } = await shown(LiveChanges);
    live({
      held: [
        {
          seq: 7,
          by: 'Ana',
          at: AT,
          words: '',
          parts: [
            side('Changed “Phone”', '1', '2'),
            side('Wrote “x”', 'x', 'y'),
            side('Moved', 'z', '', false),
            side('Changed “Mail”', 'same', 'same'),
          ],
        },
      ],
      lines: [{ seq: 7, by: 'Ana', at: AT, words: 'Changed “Phone”', state: 'held' }],
    });
    await settle(fixture);
    expect(text(element)).toContain('to decide');
    const radios = [...element.querySelectorAll<HTMLInputElement>('input[type=radio]')];
    expect(radios.map((r) => r.checked)).toEqual([true, false, true, false]);
    radios[3]!.click();
    await settle(fixture);
    button(element, 'So it shall be').click();
    await settle(fixture);
    expect(text(element)).not.toContain('Changed “Mail”');
    expect(puts).toEqual([['/live/7', { live: [0, 3] }]]);
    expect(store.flush).toHaveBeenCalled();
    // What is told of this site is asked for again; what is told of another is not.
    events.all.next({ kind: 'care', site: 'other' } as never);
    http.expectNone('/api/sites/gant/live');
    events.all.next({ kind: 'care', site: 'gant' } as never);
    live({});
    await settle(fixture);
    expect(element.querySelector('.note')).toBeNull();
  });

  it('is what both made of it where that is proposed, unless one of the two is chosen', async () => {
    const { fixture, element } = await shown(LiveChanges);
    const parts = [0, 1, 2].map((n) => ({ ...side(`Wrote “${n}”`, `live ${n}`, `draft ${n}`), both: `both ${n}` }));
    live({
      held: [{ seq: 8, by: 'Ana', at: AT, words: '', parts: [...parts, side('Wrote “3”', 'live 3', 'draft 3')] }],
    });
    await settle(fixture);
    const radios = [...element.querySelectorAll<HTMLInputElement>('input[type=radio]')];
    expect(radios.map((r) => r.checked)).toEqual([
      false,
      false,
      true,
      false,
      false,
      true,
      false,
      false,
      true,
      true,
      false,
    ]);
    expect(text(element)).toContain('both 1');
    radios[0]!.click();
    radios[4]!.click();
    await settle(fixture);
    button(element, 'So it shall be').click();
    await settle(fixture);
    expect(puts).toEqual([['/live/8', { live: [0, 3], both: [2] }]]);
  });

  it('is answered with a word where it is proposed', async () => {
    const { fixture, element } = await shown(LiveChanges);
    live({
      proposals: [
        {
          id: ANA.id,
          by: 'Ana',
          at: AT,
          note: 'Is it too long?',
          words: 'Wrote',
          parts: [side('Wrote', 'New', 'Old')],
        },
      ],
    });
    await settle(fixture);
    expect(text(element)).toContain('“Is it too long?”');
    const field = element.querySelector('input')!;
    field.value = 'Good';
    field.dispatchEvent(new Event('input'));
    await settle(fixture);
    button(element, 'Take it into the drafts').click();
    await settle(fixture);
    expect(puts).toEqual([[`/proposals/${ANA.id}`, { take: true, words: 'Good' }]]);
  });

  it('says that it was not asked for, and what there was stays', async () => {
    const { fixture, element } = await shown(LiveChanges);
    live({ lines: [{ seq: 1, by: 'Ana', at: AT, words: 'Changed “Mail”', state: 'taken' }] });
    await settle(fixture);
    events.all.next({ kind: 'care', site: 'gant' } as never);
    http.expectOne('/api/sites/gant/live').flush({ title: 'Not for you' }, { status: 403, statusText: 'no' });
    await settle(fixture);
    expect(element.querySelector('[role=alert]')).not.toBeNull();
    expect(text(element)).toContain('Changed “Mail”');
  });

  it('begins with a link that is shown once, and says what is wrong with a name or an address', async () => {
    const { fixture, element } = await shown(DeskPeople);
    http.expectOne('/api/sites/gant/desk').flush(desk());
    await settle(fixture);
    const post = spyOn(store, 'post').and.resolveTo({
      link: 'https://gant.example/-/desk/#link=x',
      until: AT,
      written: true,
    });
    button(element, 'Make a link').click();
    await settle(fixture);
    expect(text(element)).toContain('Say who it is.');
    const [name, mail] = [...element.querySelectorAll<HTMLInputElement>('form input')];
    const write = async (field: HTMLInputElement, value: string) => {
      field.value = value;
      field.dispatchEvent(new Event('input'));
      await settle(fixture);
    };
    await write(name!, 'Tom');
    button(element, 'Make a link').click();
    await settle(fixture);
    expect(text(element)).toContain('Give a mail address');
    expect(post).not.toHaveBeenCalled();
    await write(mail!, 'tom@gant.example');
    button(element, 'Make a link').click();
    await settle(fixture);
    expect(post).toHaveBeenCalledWith('/people', { name: 'Tom', mail: 'tom@gant.example', role: 'publish' });
    http.expectOne('/api/sites/gant/desk').flush(desk());
    await settle(fixture);
    expect(element.querySelector<HTMLInputElement>('.link-field')!.value).toContain('#link=x');
    expect(text(element)).toContain('sent to tom@gant.example too');
  });

  it('ends at once for whoever is let in no more, once that is confirmed', async () => {
    const { fixture, element } = await shown(DeskPeople);
    http.expectOne('/api/sites/gant/desk').flush(desk());
    await settle(fixture);
    const confirm = spyOn(TestBed.inject(Dialogs), 'confirm').and.resolveTo(false);
    const gone = spyOn(store, 'delete').and.resolveTo(null);
    button(element, 'Let in no more').click();
    await settle(fixture);
    expect(gone).not.toHaveBeenCalled();
    confirm.and.resolveTo(true);
    button(element, 'Let in no more').click();
    await settle(fixture);
    expect(gone).toHaveBeenCalledOnceWith(`/people/${ANA.id}`);
  });

  it('tells of letters that did not arrive, and where none go out', async () => {
    const { fixture, element } = await shown(DeskPeople);
    const letter = { id: ANA.id, to: 'tom@gant.example', subject: 'The desk', tries: 1, madeAt: AT, sentAt: null };
    http.expectOne('/api/sites/gant/desk').flush(
      desk({
        letters: [
          { ...letter, state: 'failed', error: '550 no such mailbox' },
          { ...letter, id: ANA.id.replace('6', '7'), state: 'sent', error: null, sentAt: AT },
        ],
      }),
    );
    await settle(fixture);
    expect(text(element)).toContain('This letter did not arrive: “The desk” to tom@gant.example. 550 no such mailbox');
    expect(element.querySelectorAll('.note.lamp').length).toBe(1);
    const other = await shown(DeskPeople);
    http.expectOne('/api/sites/gant/desk').flush(desk({ mail: false }));
    await settle(other.fixture);
    expect(text(other.element)).toContain('No letters go out from this server');
  });

  it('is taken along as it is live with what is kept, as it is drafted without, and says why not', async () => {
    const saved: string[] = [];
    spyOn(URL, 'createObjectURL').and.returnValue('blob:none');
    spyOn(HTMLAnchorElement.prototype, 'click').and.callFake(function (this: HTMLAnchorElement) {
      saved.push(this.download);
    });
    const { fixture, element } = await shown(TakeAlong);
    const pressed = async () => {
      button(element, 'Take the site along').click();
      await settle(fixture);
    };
    const asked = (which: string, kept: string) => http.expectOne(`/api/sites/gant/folder?which=${which}&kept=${kept}`);
    await pressed();
    expect(text(element)).toContain('being put together');
    asked('live', 'with').flush(new Blob([new Uint8Array(2_400_000)]));
    await settle(fixture);
    expect(saved).toEqual([jasmine.stringMatching(/^gant-\d{4}-\d\d-\d\d\.zip$/) as never]);
    expect(text(element)).toContain('2.4 MB');
    expect(store.flush).toHaveBeenCalled();

    element.querySelectorAll<HTMLInputElement>('input[type=radio]')[1]!.click();
    element.querySelector<HTMLInputElement>('input[type=checkbox]')!.click();
    await settle(fixture);
    await pressed();
    const problem = JSON.stringify({ title: 'The server of this site does not answer', detail: 'In a moment.' });
    asked('drafts', 'without').flush(new Blob([problem]), { status: 502, statusText: 'no' });
    await new Promise((done) => setTimeout(done, 20));
    await settle(fixture);
    expect(text(element)).toContain('The server of this site does not answer. In a moment.');
    // It is not Tin Porch that is away.
    expect(TestBed.inject(PorchApi).away()).toBeFalse();

    await pressed();
    const stopped = asked('drafts', 'without');
    button(element, 'Stop').click();
    await settle(fixture);
    expect(stopped.cancelled).toBeTrue();
    store.detail.set(aSite({ liveRelease: null }));
    await settle(fixture);
    expect(element.querySelector('input')).toBeNull();
    await pressed();
    asked('drafts', 'without').flush(new Blob(['x']));
    expect(saved.length).toBe(2);
  });

  it('is seen as the designer sees it or as somebody in a role does, and a link for one is not shown for another', async () => {
    const { fixture, element } = await shown(DeskPeople);
    http.expectOne('/api/sites/gant/desk').flush(desk());
    await settle(fixture);
    const post = spyOn(store, 'post').and.resolveTo({ link: 'https://gant.example/-/desk/#link=x', until: AT });
    const go = async () => {
      button(element, 'Go to the desk yourself').click();
      await settle(fixture);
      http.expectOne('/api/sites/gant/desk').flush(desk());
      await settle(fixture);
    };
    await go();
    expect(post.calls.mostRecent().args).toEqual(['/desk', {}]);
    expect(text(element)).toContain('Open it');
    const seen = element.querySelector<HTMLSelectElement>('[aria-label="What is seen there"]')!;
    seen.value = [...seen.options].find((o) => o.text.includes('reads messages'))!.value;
    seen.dispatchEvent(new Event('change'));
    await settle(fixture);
    expect(text(element)).not.toContain('Open it');
    await go();
    expect(post.calls.mostRecent().args).toEqual(['/desk', { as: 'messages' }]);
  });

  describe('is handed over', () => {
    const fill = async (
      fixture: ComponentFixture<unknown>,
      field: HTMLInputElement | HTMLSelectElement,
      to: string,
    ) => {
      field.value = to;
      field.dispatchEvent(new Event(field instanceof HTMLSelectElement ? 'change' : 'input'));
      await settle(fixture);
    };
    async function begun(people = [ANA]) {
      const made = await shown(HandOver, { people });
      button(made.element, 'Hand the site over …').click();
      await settle(made.fixture);
      return made;
    }
    const hand = async ({ fixture, element }: { fixture: ComponentFixture<unknown>; element: HTMLElement }) => {
      button(element, 'Hand the site over').click();
      await settle(fixture);
    };

    it('to somebody at the desk, once they are sure, in one call that is the same where it is sent again', async () => {
      store.change({ op: 'setLock', lock: 'kind/hours', locked: true });
      const sure = spyOn(TestBed.inject(Dialogs), 'confirm').and.resolveTo(false);
      const post = spyOn(store, 'post').and.resolveTo(undefined);
      const made = await begun();
      const told: HandedOver[] = [];
      (made.fixture.componentInstance as HandOver).handed.subscribe((h) => told.push(h));
      await hand(made);
      expect(sure.calls.mostRecent().args[0].title).toContain('Ana');
      expect(post).not.toHaveBeenCalled();
      sure.and.resolveTo(true);
      await hand(made);
      // It was refused: what was chosen stands there, to be sent once more.
      expect(told).toEqual([]);
      post.and.resolveTo({ link: null, until: null, written: true });
      await hand(made);
      const [first, second] = post.calls.allArgs() as [string, { id: string; to: object; unlock: boolean }][];
      expect(first).toEqual(['/handover', { id: first![1].id, to: { person: ANA.id }, unlock: true }]);
      expect(second).toEqual(first);
      expect(told).toEqual([{ name: 'Ana', link: null, until: null, written: true }]);
    });

    it('to somebody new, whose name and address are looked at first', async () => {
      spyOn(TestBed.inject(Dialogs), 'confirm').and.resolveTo(true);
      const post = spyOn(store, 'post').and.resolveTo({ link: 'https://x', until: AT, written: false });
      const made = await begun();
      await fill(made.fixture, made.element.querySelector('select')!, 'new');
      await hand(made);
      expect(text(made.element)).toContain('Say to whom.');
      const [name, mail] = [...made.element.querySelectorAll<HTMLInputElement>('.field input')];
      await fill(made.fixture, name!, 'Brede');
      await hand(made);
      expect(text(made.element)).toContain('Give a mail address');
      await fill(made.fixture, mail!, 'brede@gant.example');
      await hand(made);
      expect(post.calls.mostRecent().args[1]).toEqual(
        jasmine.objectContaining({ to: { name: 'Brede', mail: 'brede@gant.example' }, unlock: false }),
      );
    });

    it('and says whose it is, of whom nothing is changed any more', async () => {
      const { fixture, element } = await shown(DeskPeople);
      const owner = { ...ANA, role: 'owner' as const, ownerSince: AT };
      http.expectOne('/api/sites/gant/desk').flush(desk({ people: [owner] }));
      await settle(fixture);
      expect(text(element)).toContain('The site is Ana’s since 28 November 2026.');
      expect(element.querySelector('[aria-label="Let in no more: Ana"]')).toBeNull();
      expect(element.querySelector('[aria-label="Another link for Ana"]')).not.toBeNull();
      expect(element.querySelector('.person select')).toBeNull();
    });
  });

  describe('is locked', () => {
    const boxes = (element: HTMLElement) => [...element.querySelectorAll('label')];
    const box = (element: HTMLElement, words: string) =>
      boxes(element)
        .find((l) => text(l).includes(words))!
        .querySelector('input')!;

    it('by kind and by part, where each is seen and left to them again', async () => {
      const { fixture, element } = await shown(DeskLocks);
      expect(boxes(element).length).toBe(DESK_KINDS.length);
      box(element, 'Opening hours').click();
      store.change({ op: 'setLock', lock: 'page/home', locked: true });
      // What is gone is not named.
      store.change({ op: 'setLock', lock: 'section/gone', locked: true });
      await settle(fixture);
      expect(store.document()!.locks).toEqual(['kind/hours', 'page/home', 'section/gone']);
      expect(boxes(element).length).toBe(DESK_KINDS.length + 1);
      expect(box(element, 'Opening hours').checked).toBeTrue();
      box(element, 'The page').click();
      await settle(fixture);
      expect(store.document()!.locks).toEqual(['kind/hours', 'section/gone']);
      expect(boxes(element).length).toBe(DESK_KINDS.length);
    });

    it('with its page, and says so: it is not freed by itself', async () => {
      const section = store.document()!.pages[0]!.sections[0]!;
      const { fixture, element } = await shown(LockBox, { lock: `section/${section.id}` });
      const [input] = element.querySelectorAll('input');
      expect([input!.checked, input!.disabled]).toEqual([false, false]);
      store.change({ op: 'setLock', lock: `page/${store.document()!.pages[0]!.id}`, locked: true });
      await settle(fixture);
      expect([input!.checked, input!.disabled]).toEqual([true, true]);
      expect(text(element)).toContain('with its page');
    });
  });
});
