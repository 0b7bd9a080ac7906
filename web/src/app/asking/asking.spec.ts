import { provideHttpClient } from '@angular/common/http';
import { provideHttpClientTesting } from '@angular/common/http/testing';
import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { textsOf, type Reply } from '@tin-porch/core/making';
import type { Operation } from '@tin-porch/core/operations';
import { Refusal } from '../api/porch-api';
import { SiteStore } from '../site/site-store';
import { aDocument, aSite } from '../testing/a-site';
import { toldByHand } from '../testing/no-events';
import { WritingDesk } from '../writing/writing-desk';
import { Asking } from './asking';
import { WorkSlip } from './work-slip';

const start = aDocument();
const home = start.pages[0]!;

describe('a request and its slip', () => {
  let store: SiteStore;
  let asking: Asking;
  let slip: ComponentFixture<WorkSlip>;
  let changes: [Operation, string | undefined][];
  const text = () => (slip.nativeElement as HTMLElement).innerText.replace(/\s+/g, ' ');
  const settle = async () => {
    await slip.whenStable();
    await new Promise((done) => setTimeout(done));
  };
  const press = async (words: string) => {
    const buttons = Array.from((slip.nativeElement as HTMLElement).querySelectorAll('button'));
    const button = buttons.find((b) => b.textContent!.trim().startsWith(words));
    if (!button) throw new Error(`no “${words}” among ${buttons.map((b) => b.textContent!.trim()).join(', ')}`);
    button.click();
    await settle();
  };
  const ask = async (said: string) => {
    asking.ask(said);
    await settle();
  };

  beforeEach(async () => {
    TestBed.configureTestingModule({
      providers: [
        provideZonelessChangeDetection(),
        provideHttpClient(),
        provideHttpClientTesting(),
        provideRouter([]),
        toldByHand().provider,
        SiteStore,
        WritingDesk,
        Asking,
      ],
    });
    store = TestBed.inject(SiteStore);
    store.detail.set(aSite({ document: start }));
    store.id.set('gant');
    store.page.set(home.id);
    store.windows.set(1);
    spyOn(store, 'flush').and.resolveTo();
    changes = [];
    const change = store.change.bind(store);
    spyOn(store, 'change').and.callFake((o, part) => {
      changes.push([o, part]);
      change(o, part);
    });
    asking = TestBed.inject(Asking);
    slip = TestBed.createComponent(WorkSlip);
    document.body.append(slip.nativeElement as HTMLElement);
    await settle();
  });
  afterEach(() => slip.destroy());

  it('leads to the page where no window stands to show it in', async () => {
    store.windows.set(0);
    await ask('make the buttons underlined');
    expect(text()).not.toContain('As it is');
    const link = (slip.nativeElement as HTMLElement).querySelector('a')!;
    expect([link.textContent, link.getAttribute('href')]).toEqual(['See it on the page', '/pages']);
  });

  it('shows words that are worked over as a slip, taken as the writer’s', async () => {
    const desk = TestBed.inject(WritingDesk);
    const [opening] = home.sections;
    const { label, path, text: before } = textsOf(opening!)[0]!;
    const after = { value: 'Rope.', from: before.from };
    const reworked = {
      at: { section: opening!.id, path },
      label,
      page: home.label,
      before,
      after,
      measured: '5 letters',
    };
    const rework = spyOn(desk, 'rework').and.resolveTo({ changes: [reworked], note: '', by: 'house', cost: null });
    await asking.workOver({ section: opening!.id }, 'shorter', 'Top of the page');
    await settle();
    expect(rework).toHaveBeenCalledWith(jasmine.objectContaining({ kind: 'shorter', scope: { section: opening!.id } }));
    expect(text()).toContain('Shorter: Top of the page');
    expect(changes).toEqual([]);
    await press('Take it');
    expect(changes.map(([, part]) => part)).toEqual(['writer']);
    // Where there is nothing to change, that is said, and where it cannot be asked, why.
    rework.and.resolveTo({ changes: [], note: 'It is short already.', by: 'house', cost: null });
    await asking.workOver({ section: opening!.id }, 'shorter', 'Top of the page');
    await settle();
    expect(text()).toContain('It is short already.');
    rework.and.rejectWith(new Refusal(503, 'Tin Porch does not answer', ''));
    await asking.workOver({ page: home.id }, 'warmer', home.label);
    await settle();
    expect(text()).toContain('does not answer');
  });

  it('shows what it would change, and changes nothing before it is taken', async () => {
    await ask('make the buttons underlined and the text a bit larger');
    expect(text()).toContain('Work slip: 2 changes');
    expect(changes).toEqual([]);
    expect(store.document()!.look).toEqual(start.look);
    expect(store.shown()!.look).toEqual(jasmine.objectContaining({ button: 'underline' }));
    await press('As it is');
    expect(store.shown()!.look).toEqual(start.look);
    await press('With it');
    await press('Take all 2');
    expect(changes.map(([o, part]) => [o.op, part])).toEqual([['batch', 'ask']]);
    expect(store.document()!.look.button).toBe('underline');
    expect(asking.open()).toBeNull();
    expect(store.tried().changes).toEqual([]);
    expect(store.said()).toEqual(jasmine.objectContaining({ bad: false, undo: true }));
  });

  it('makes only what stays ticked', async () => {
    await ask('make the buttons underlined and the text a bit larger');
    (slip.nativeElement as HTMLElement).querySelectorAll<HTMLInputElement>('input[type=checkbox]')[0]!.click();
    await settle();
    expect(store.shown()!.look.button).toBe(start.look.button);
    await press('Take 1 of 2');
    expect(store.document()!.look).toEqual(jasmine.objectContaining({ button: start.look.button }));
    expect(store.document()!.look.base).toBeGreaterThan(start.look.base);
  });

  it('is left with Escape, and the line has the keys again', async () => {
    const line = document.body.appendChild(document.createElement('input'));
    line.id = 'ask';
    await ask('make the buttons underlined');
    expect(document.activeElement?.textContent?.trim()).toBe('Take it');
    document.activeElement!.dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape', bubbles: true }));
    await settle();
    expect(asking.open()).toBeNull();
    expect(changes).toEqual([]);
    expect(document.activeElement).toBe(line);
    line.remove();
  });

  it('puts an answer to what it asks back to the other changes', async () => {
    const change = (words: string, base: number) => ({
      words,
      at: {},
      operation: { op: 'setLook' as const, look: { ...start.look, base } },
    });
    const reply: Reply = {
      kind: 'slip',
      changes: [{ ...change('Round', 17), operation: { op: 'setLook', look: { ...start.look, corner: 9 } } }],
      left: ['Not taken into account: the flagpole.'],
      open: [
        {
          words: 'Which one?',
          choices: [{ label: 'That one', reply: { kind: 'slip', changes: [change('Larger', 19)], left: [] } }],
        },
        { words: 'And which?', choices: [{ label: 'None', reply: { kind: 'no', words: 'That cannot be.' } }] },
      ],
    };
    asking.show('words', reply);
    await settle();
    expect(text()).toContain('Not taken into account: the flagpole.');
    await press('That one');
    expect(text()).toContain('2 changes');
    expect(text()).not.toContain('Which one?');
    await press('None');
    expect(text()).toContain('That cannot be.');
    expect(text()).toContain('2 changes');
    expect(store.shown()!.look.base).toBe(19);
  });

  it('says why there is nothing, leads to another step, and answers without a change', async () => {
    await ask('wobble the flagpole');
    expect(text()).toContain('nothing changed');
    await ask('publish it');
    expect(text()).toContain('To Publish');
    await ask('why is this page here?');
    expect(text()).toContain('an answer');
    expect(changes).toEqual([]);
  });

  it('is put to an outside service where the house has not understood it, and comes to a slip with what that cost', async () => {
    const desk = TestBed.inject(WritingDesk);
    const section = home.sections[1]!.id;
    await ask('wobble the flagpole');
    expect(text()).not.toContain('Ask Quillfoot');
    desk.service.set('Quillfoot');
    await settle();
    const answer = (reply: Reply) =>
      spyOn(desk, 'ask').and.resolveTo({
        reply,
        cost: { input: 100, output: 20, amount: 0.02, currency: 'EUR', estimated: false },
      } as never);
    const asked = answer({
      kind: 'slip',
      changes: [
        { operation: { op: 'setSection', section, room: 'wide' }, words: 'More room', at: { page: home.id, section } },
      ],
      left: ['1 of what it proposed does not fit.'],
    });
    await press('Ask Quillfoot');
    expect(asked.calls.mostRecent().args[0]).toBe('wobble the flagpole');
    expect(text()).toContain('More room');
    expect(text()).toContain('120 tokens');
    // What the service leaves is not put to it once more.
    expect(text()).not.toContain('instead');
    expect(store.document()!.pages[0]!.sections[1]!.room).toBeUndefined();
    await press('Take it');
    expect(store.document()!.pages[0]!.sections[1]!.room).toBe('wide');
    expect(changes.at(-1)![1]).toBe('writer');
    // Where it cannot be asked, it is said why, and nothing is lost.
    asked.and.rejectWith(new Refusal(503, 'The server is busy', 'Try again soon.'));
    await ask('wobble the flagpole');
    await press('Ask Quillfoot');
    expect(text()).toContain('The server is busy');
    expect(text()).toContain('wobble the flagpole');
  });

  it('numbers the sections its changes are in', async () => {
    const section = home.sections[1]!;
    store.part.set(`${section.id}/`);
    await ask('hide this');
    expect(asking.numbers().get(section.id)).toEqual([1]);
    await press('Take it');
    expect(store.document()!.pages[0]!.sections[1]!.hidden).toBeTrue();
  });

  it('is not taken by who only looks, and says so', async () => {
    spyOn(store, 'may').and.returnValue(false);
    await ask('make the buttons underlined');
    await press('Take it');
    expect(store.document()!.look).toEqual(start.look);
    expect(store.said()).toEqual(jasmine.objectContaining({ bad: true, words: jasmine.stringContaining('role') }));
  });

  it('is gone with the site it was about', async () => {
    await ask('make the buttons underlined');
    store.id.set('another');
    await settle();
    expect(asking.open()).toBeNull();
  });
});
