import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { PorchApi } from '../api/porch-api';
import { Unsent, type Kept } from './unsent';

const KEY = 'porch-unsent/ines@tinporch.example/gant/';
const a = (id: string): Kept => ({
  waiting: [{ id, base: 1, tab: 'far', operation: { op: 'setFact', field: 'phone', value: id } }],
  refused: [],
});
const settle = (ms = 40) => new Promise((done) => setTimeout(done, ms));

describe('what is not sent yet', () => {
  let unsent: Unsent;
  const given: string[][] = [];
  const taking = () => unsent.taken('gant').subscribe(({ waiting }) => void given.push(waiting.map((w) => w.id)));
  /** Holds the lock of another tab, until what it gives is called. */
  const tab = (name: string) =>
    new Promise<() => void>((held) => {
      void navigator.locks.request(`porch-tab-${name}`, () => new Promise<void>((done) => held(done)));
    });

  beforeEach(() => {
    localStorage.clear();
    sessionStorage.clear();
    given.length = 0;
    TestBed.configureTestingModule({
      providers: [
        provideZonelessChangeDetection(),
        { provide: PorchApi, useValue: { session: () => ({ designer: { mail: 'ines@tinporch.example' } }) } },
      ],
    });
  });
  afterEach(() => {
    localStorage.clear();
    sessionStorage.clear();
  });

  it('is given at once, with what tabs left that are gone, and an empty list where there is none', async () => {
    unsent = TestBed.inject(Unsent);
    const empty = taking();
    await settle();
    expect(given).toEqual([[]]);
    empty.unsubscribe();
    unsent.keep('gant', a('mine'));
    localStorage.setItem(KEY + 'gone', JSON.stringify(a('theirs')));
    localStorage.setItem(KEY + 'half', '{"waiting":[{"id"');
    taking().unsubscribe();
    const again = taking();
    await settle();
    expect(given[1]!.sort()).toEqual(['mine', 'theirs']);
    expect(localStorage.getItem(KEY + 'gone')).toBeNull();
    again.unsubscribe();
  });

  it('of a tab that lives stays its own, and is taken once that tab is gone for good', async () => {
    const close = await tab('far');
    localStorage.setItem(KEY + 'far', JSON.stringify(a('theirs')));
    unsent = TestBed.inject(Unsent);
    unsent.backMs = 500;
    const on = taking();
    await settle();
    expect(given).toEqual([[]]);
    // Loaded anew: it is back before long, and what it left is still its own.
    close();
    await settle(100);
    const closeAgain = await tab('far');
    await settle(700);
    expect(given).toEqual([[]]);
    expect(localStorage.getItem(KEY + 'far')).not.toBeNull();
    closeAgain();
    await settle(700);
    expect(given).toEqual([[], ['theirs']]);
    expect(localStorage.getItem(KEY + 'far')).toBeNull();
    on.unsubscribe();
  });

  it('is this tab’s own after a reload, even where the page before lets go late', async () => {
    sessionStorage.setItem('porch-tab', 'me');
    const close = await tab('me');
    localStorage.setItem(KEY + 'me', JSON.stringify(a('mine')));
    unsent = TestBed.inject(Unsent);
    const on = taking();
    await settle(300);
    expect(given).toEqual([]);
    close();
    await settle();
    expect(given).toEqual([['mine']]);
    expect(unsent.tab()).toBe('me');
    on.unsubscribe();
  });

  it('of a tab that was duplicated stays with the first of the two', async () => {
    sessionStorage.setItem('porch-tab', 'first');
    const close = await tab('first');
    localStorage.setItem(KEY + 'first', JSON.stringify(a('theirs')));
    unsent = TestBed.inject(Unsent);
    const on = taking();
    await settle(1300);
    expect(given).toEqual([[]]);
    expect(unsent.tab()).not.toBe('first');
    expect(sessionStorage.getItem('porch-tab')).toBe(unsent.tab());
    on.unsubscribe();
    close();
  });
});
