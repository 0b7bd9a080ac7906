import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import type { Answered } from '../api/model';
import { PorchApi } from '../api/porch-api';
import { Drafts } from '../session/drafts';
import { aSite } from '../testing/a-site';
import { toldByHand } from '../testing/no-events';
import { SiteStore } from './site-store';
import { SiteUpdates } from './site-updates';

type Found = Answered<'GET /sites/:id/updates'>;
type Trial = NonNullable<Found['trial']>;
type PageTried = Trial['seen'][number];
const AT = '2026-11-28T02:00:00.000Z';
const page = (path: string, more: Partial<PageTried> = {}): PageTried => ({
  ...{ path, before: [], after: [], parts: [390] },
  widths: [
    { width: 390, changed: 0.126, where: [0.25, 0.4], sideways: [0, 0], faults: [{}, {}], errors: [] },
    { width: 1280, changed: 0, where: null, sideways: [0, 0], faults: [{}, {}], errors: [] },
  ],
  ...more,
});
const trial = (verdict: Trial['verdict'], more: Partial<Trial> = {}): Trial => ({
  ...{ at: AT, engine: 5, verdict, words: verdict === 'same' ? [] : ['1 page looks otherwise.'], counts: true },
  ...{ letBy: null, letAt: null, pages: 4, otherwise: 1, browser: true, seen: [] },
  ...more,
});

describe('the update of a site', () => {
  let http: HttpTestingController;
  let store: SiteStore;
  let may: jasmine.Spy;
  let fixture: ComponentFixture<SiteUpdates>;
  const events = toldByHand();
  const element = () => fixture.nativeElement as HTMLElement;
  const text = () => element().textContent!.replace(/\s+/g, ' ');
  const labels = () => [...element().querySelectorAll('button')].map((b) => b.textContent.trim());
  const settle = async () => {
    await new Promise((done) => setTimeout(done));
    await fixture.whenStable();
    fixture.detectChanges();
  };
  async function shown(found: Partial<Found> = {}): Promise<void> {
    fixture = TestBed.createComponent(SiteUpdates);
    await settle();
    http
      .expectOne('/api/sites/gant/updates')
      .flush({ engine: 4, newest: 5, wanted: false, updates: [], trial: null, ...found });
    await settle();
  }
  const press = async (label: string) => {
    [...element().querySelectorAll('button')].find((b) => b.textContent.includes(label))!.click();
    await settle();
  };
  /** Whatever a call is followed by. */
  const rest = async () => {
    http.match((r) => r.url.startsWith('/api/sites/gant')).forEach((r) => r.flush(aSite()));
    await settle();
  };

  beforeEach(() => {
    TestBed.configureTestingModule({
      providers: [
        ...[provideZonelessChangeDetection(), provideHttpClient(), provideHttpClientTesting(), provideRouter([])],
        ...[events.provider, SiteStore, Drafts],
      ],
    });
    http = TestBed.inject(HttpTestingController);
    store = TestBed.inject(SiteStore);
    may = spyOn(TestBed.inject(PorchApi), 'may').and.returnValue(true);
    store.id.set('gant');
    store.detail.set({ ...aSite(), id: 'gant', jobs: [] });
  });

  it('is none where the newest version drew it', async () => {
    await shown({ engine: 5, trial: trial('otherwise', { engine: 4, seen: [page('/')] }) });
    expect(text()).toContain('up to date');
    expect(labels()).toEqual([]);
    // What was found of a copy long ago is no news.
    expect(element().querySelector('img')).toBeNull();
  });

  it('claims nothing where nobody knows what drew it', async () => {
    await shown({ engine: null });
    expect(text()).not.toContain('up to date');
  });

  it('is tried on a copy first, and may be made by itself where nothing is to be seen', async () => {
    await shown();
    expect(text()).toContain('Version 4 drew what visitors have; version 5 is here. not tried');
    expect(labels()).toEqual(['Update it', 'Try it on a copy']);
    await press('Try it on a copy');
    const sent = http.expectOne('/api/updates/trials');
    expect(sent.request.body).toEqual({ sites: ['gant'] });
    sent.flush({ title: 'None of these sites is on a server', status: 422 }, { status: 422, statusText: 'No' });
    await settle();
    expect(element().querySelector('[role=alert]')!.textContent).toContain('None of these sites is on a server');
    await press('Update it');
    const begun = http.expectOne({ method: 'POST', url: '/api/sites/gant/update' });
    expect(begun.request.body).toEqual({ back: false });
    begun.flush({ job: {} });
    await rest();
  });

  it('says that it waits for its turn, where others are tried', async () => {
    await shown({ wanted: true });
    expect(text()).toContain('waits to be tried');
  });

  it('is looked at side by side before it may look like that', async () => {
    const seen = ['/', '/a/', '/b/', '/c/'].map((path) => page(path));
    seen[0] = page('/', { before: ['Open today'], after: ['Open <now>'] });
    await shown({ trial: trial('otherwise', { seen: [...seen, page('/same/', { parts: [] })] }) });
    expect(labels()).toEqual(['It may look like that', 'Try it again', 'Show the other 1 page']);
    expect(text()).toContain('13 % of it at 390 px, from 25 % of its height on');
    expect(element().querySelector('del')!.textContent).toBe('Open today');
    expect(element().querySelector('ins')!.textContent).toBe('Open <now>');
    const pictures = [...element().querySelectorAll('img')].map((i) => i.getAttribute('src'));
    expect(pictures.slice(0, 2)).toEqual([
      `/api/sites/gant/trial/390/before?path=%2F&at=${encodeURIComponent(AT)}`,
      `/api/sites/gant/trial/390/now?path=%2F&at=${encodeURIComponent(AT)}`,
    ]);
    await press('Show the other');
    expect(element().querySelectorAll('img').length).toBe(8);
    expect(text()).not.toContain('/same/');
    await press('It may look like that');
    const sent = http.expectOne({ method: 'PUT', url: '/api/sites/gant/trial' });
    expect(sent.request.body).toEqual({ at: AT });
    sent.flush(null);
    await rest();
  });

  it('is not offered where it would be worse', async () => {
    await shown({ trial: trial('worse', { words: ['1 link would lead nowhere: /: /x/.'] }) });
    expect(labels()).toEqual(['Try it again']);
    expect(text()).toContain('1 link would lead nowhere');
  });

  it('waits for what is under way', async () => {
    await shown({ trial: trial('same') });
    const job = { id: '1', kind: 'update', state: 'running', steps: [], error: null };
    store.detail.set({ ...aSite(), id: 'gant', jobs: [job as never] });
    await settle();
    expect(labels()).toEqual(['Updating …', 'Try it again']);
    expect(element().querySelector('.act')!.getAttribute('aria-disabled')).toBe('true');
    await press('Updating');
    http.expectNone('/api/sites/gant/update');
  });

  it('is taken back, the last one alone, and each that was is told', async () => {
    const update = (state: Found['updates'][number]['state'], fromEngine: number, words = '') => ({
      ...{ begunAt: AT, by: 'Ines', fromEngine, toEngine: fromEngine + 1, state, words, endedAt: AT },
    });
    await shown({ engine: 5, updates: [update('done', 4), update('back', 3, '/ answers 500.')] });
    expect(labels()).toEqual(['Take it back']);
    expect(text()).toContain('From version 3 to 4, taken back');
    expect(text()).toContain('/ answers 500.');
    await press('Take it back');
    const sent = http.expectOne({ method: 'POST', url: '/api/sites/gant/update' });
    expect(sent.request.body).toEqual({ back: true });
    sent.flush({ job: {} });
    await rest();
  });

  it('is for designers to decide, for helpers to try, for others to read', async () => {
    may.and.callFake((role: string) => role !== 'designer');
    await shown({ trial: trial('otherwise', { seen: [page('/')] }), updates: [] });
    expect(labels()).toEqual(['Try it again']);
    expect(element().querySelectorAll('img').length).toBe(2);
  });
});
