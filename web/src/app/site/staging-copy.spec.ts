import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import type { Answered } from '../api/model';
import { PorchApi } from '../api/porch-api';
import { Dialogs } from '../parts/dialogs';
import { aSite } from '../testing/a-site';
import { toldByHand } from '../testing/no-events';
import { SiteStore } from './site-store';
import { StagingCopy } from './staging-copy';

type State = Answered<'GET /sites/:id/staging'>;
const state = (more: Partial<State> = {}): State => ({
  of: { id: 'gant', name: 'Gant & Sons' },
  heads: { copy: 4, original: 9 },
  ...{ tried: [], meanwhile: [], parts: [] },
  ...more,
});
const part = (words: string, more: Partial<State['parts'][number]> = {}) => ({
  ...{ words, live: `${words} on the copy`, draft: `${words} on the site`, there: true },
  ...more,
});

describe('a staging copy', () => {
  let http: HttpTestingController;
  let store: SiteStore;
  let fixture: ComponentFixture<StagingCopy>;
  let sure: jasmine.Spy<Dialogs['confirm']>;
  let may: jasmine.Spy<PorchApi['may']>;
  let calls: [string, unknown][];
  let answer: unknown;
  const events = toldByHand();
  const element = () => fixture.nativeElement as HTMLElement;
  const words = () => element().textContent.replace(/\s+/g, ' ').trim();
  const button = (starts: string) =>
    [...element().querySelectorAll('button')].find((b) => b.textContent.trim().startsWith(starts));
  const settle = async () => {
    await new Promise((done) => setTimeout(done));
    await fixture.whenStable();
    fixture.detectChanges();
  };
  const told = async (more: Partial<State> = {}) => {
    for (const asked of http.match('/api/sites/gant-staging/staging')) asked.flush(state(more));
    await settle();
  };
  const press = async (starts: string) => {
    button(starts)!.click();
    await settle();
  };

  beforeEach(async () => {
    calls = [];
    answer = { head: 10, brought: 2 };
    TestBed.configureTestingModule({
      providers: [
        provideZonelessChangeDetection(),
        provideHttpClient(),
        provideHttpClientTesting(),
        provideRouter([]),
        events.provider,
        SiteStore,
      ],
    });
    http = TestBed.inject(HttpTestingController);
    may = spyOn(TestBed.inject(PorchApi), 'may').and.returnValue(true);
    sure = spyOn(TestBed.inject(Dialogs), 'confirm').and.resolveTo(true);
    store = TestBed.inject(SiteStore);
    store.id.set('gant-staging');
    store.detail.set(aSite({ id: 'gant-staging', stagingOf: { id: 'gant', name: 'Gant & Sons' } }));
    spyOn(store, 'flush').and.resolveTo();
    spyOn(store, 'post').and.callFake((path: string, body: unknown) => {
      calls.push([path, body]);
      return Promise.resolve(answer as never);
    });
    spyOn(store, 'delete').and.callFake((path: string) => {
      calls.push([path, null]);
      return Promise.resolve(null);
    });
    fixture = TestBed.createComponent(StagingCopy);
    await settle();
  });
  afterEach(() => http.verify());

  it('says nothing of a site that is none', async () => {
    await told();
    store.detail.set(aSite());
    await settle();
    expect(words()).toBe('');
  });

  it('says that both are the same, and offers nothing to bring', async () => {
    expect(words()).toContain('Both are compared');
    await told();
    expect(words()).toContain('Nothing was changed on either since both were the same.');
    expect([button('Bring it back'), button('Begin anew')]).toEqual([undefined, undefined]);
    expect(element().querySelector('h2 a')!.getAttribute('href')).toBe('/sites/gant');
  });

  it('names what was tried and what was changed on the site, and brings the one back as it was looked at', async () => {
    await told({ tried: Array.from({ length: 11 }, (_, n) => `Change ${n}`), meanwhile: ['Changed “Phone”'] });
    expect(words()).toMatch(/Tried here ?Change 0/);
    expect(words()).toContain('and 3 more');
    expect(words()).toMatch(/Changed on the site meanwhile ?Changed “Phone”/);
    expect(element().querySelector('section')).toBeNull();
    await press('Bring it back');
    expect(calls).toEqual([['/staging/back', { heads: { copy: 4, original: 9 }, theirs: [], both: [] }]]);
    expect(words()).toContain('Brought back into Gant & Sons. Both are the same now.');
  });

  it('asks about what both changed: both made of it where that can be, else the copy’s, unless somebody says otherwise', async () => {
    await told({
      tried: ['x'],
      parts: [
        part('Phone'),
        part('Heading', { both: 'Heading of both' }),
        part('Place', { live: 'Brinegate', draft: 'Brinegate' }),
        part('Gone', { there: false }),
        part('Mail'),
      ],
    });
    expect(words()).toContain('4 things changed on both.');
    expect(words()).not.toContain('Brinegate');
    expect(words()).toContain('What it stood in is not on the site any more: it stays behind.');
    const picks = [...element().querySelectorAll<HTMLInputElement>('input[type=radio]')];
    expect(picks.map((i) => [i.name, i.checked])).toEqual([
      ['staging-0', true],
      ['staging-0', false],
      ['staging-1', false],
      ['staging-1', false],
      ['staging-1', true],
      ['staging-4', true],
      ['staging-4', false],
    ]);
    picks[1]!.click();
    await settle();
    await press('Bring it back');
    expect(calls[0]![1]).toEqual({ heads: { copy: 4, original: 9 }, theirs: [4], both: [1] });
  });

  it('forgets what was chosen where both say something else by now, and asks again when the site is changed', async () => {
    await told({ tried: ['x'], parts: [part('Phone')] });
    element().querySelectorAll<HTMLInputElement>('input')[1]!.click();
    await settle();
    events.all.next({ kind: 'site', site: 'somebody-else', head: 3 });
    await settle();
    http.expectNone('/api/sites/gant-staging/staging');
    events.all.next({ kind: 'site', site: 'gant', head: 10 });
    await settle();
    await told({ tried: ['x'], heads: { copy: 4, original: 10 }, parts: [part('Phone', { draft: 'Another' })] });
    await press('Bring it back');
    expect(calls[0]![1]).toEqual({ heads: { copy: 4, original: 10 }, theirs: [0], both: [] });
  });

  it('says that nothing was taken, and nothing where it was refused', async () => {
    await told({ tried: ['x'] });
    answer = { head: 10, brought: 0 };
    await press('Bring it back');
    expect(words()).toContain('Nothing of it was taken. Both are the same now.');
    answer = undefined;
    await press('Bring it back');
    expect(words()).not.toContain('Both are the same now');
  });

  it('asks before what was tried goes, and before it is a site of its own; not where nothing would go', async () => {
    await told({ tried: ['x', 'y'] });
    sure.and.resolveTo(false);
    await press('Begin anew');
    expect(sure.calls.mostRecent().args[0].words).toContain('What was tried here goes from the copy, 2 changes');
    await press('Make it a site of its own');
    expect(calls).toEqual([]);
    sure.and.resolveTo(true);
    await press('Begin anew');
    await press('Make it a site of its own');
    expect(calls).toEqual([
      ['/staging/anew', { heads: { copy: 4, original: 9 } }],
      ['/staging', null],
    ]);
    sure.calls.reset();
    store.detail.set({ ...store.detail()! });
    await settle();
    await told({ meanwhile: ['z'] });
    await press('Begin anew');
    expect(sure).not.toHaveBeenCalled();
    expect(words()).toContain('The copy is as Gant & Sons is now.');
  });

  it('says what was not asked for, and offers nobody more than they may', async () => {
    for (const asked of http.match('/api/sites/gant-staging/staging'))
      asked.flush({ title: 'Too much was changed since' }, { status: 409, statusText: 'Conflict' });
    await settle();
    expect(element().querySelector('[role=alert]')!.textContent).toContain('Too much was changed since');
    may.and.returnValue(false);
    store.detail.set({ ...store.detail()! });
    await settle();
    await told({ tried: ['x'] });
    expect(element().querySelector('[role=alert]')).toBeNull();
    expect(element().querySelectorAll('button').length).toBe(0);
  });
});
