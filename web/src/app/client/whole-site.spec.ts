import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { provideZonelessChangeDetection, type Type } from '@angular/core';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { provideRouter, Router } from '@angular/router';
import type { Job, SiteDetail, SiteLine } from '../api/model';
import { PorchApi } from '../api/porch-api';
import { Dialogs } from '../parts/dialogs';
import { Gone } from '../places/gone';
import { SiteStore } from '../site/site-store';
import { aSite } from '../testing/a-site';
import { toldByHand } from '../testing/no-events';
import { Going, WholeSite } from './whole-site';

const AT = '2026-12-29T08:00:00.000Z';
const job = (kind: Job['kind'], state: Job['state'], more: Partial<Job> = {}): Job => ({
  id: `${kind}-1`,
  site: 'gant',
  kind,
  input: {},
  state,
  steps: [],
  error: null,
  attempt: 1,
  nextTry: null,
  createdAt: AT,
  finishedAt: null,
  ...more,
});

describe('a site as a whole', () => {
  let store: SiteStore;
  let calls: [string, unknown][];
  let sure: jasmine.Spy<Dialogs['confirm']>;
  const events = toldByHand();
  let may: jasmine.Spy<PorchApi['may']>;
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
  const text = (element: HTMLElement) => element.textContent!.replace(/\s+/g, ' ').trim();
  const button = (element: HTMLElement, words: string) =>
    [...element.querySelectorAll('button')].find((b) => b.textContent!.trim().startsWith(words));
  const site = (more: Partial<SiteDetail>) => store.detail.set(aSite({ liveRelease: 'r-1', ...more }));

  beforeEach(() => {
    calls = [];
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
    may = spyOn(TestBed.inject(PorchApi), 'may').and.returnValue(true);
    sure = spyOn(TestBed.inject(Dialogs), 'confirm').and.resolveTo(true);
    store = TestBed.inject(SiteStore);
    store.id.set('gant');
    site({});
    spyOn(store, 'flush').and.resolveTo();
    const took = (method: string) => (path: string, body?: unknown) => {
      calls.push([`${method} ${path}`, body]);
      return Promise.resolve({ id: 'gant-a-copy' } as never);
    };
    spyOn(store, 'put').and.callFake(took('PUT'));
    spyOn(store, 'post').and.callFake(took('POST') as never);
    spyOn(store, 'delete').and.callFake(took('DELETE'));
    spyOn(store, 'cancel').and.callFake((j) => took('CANCEL')(j.id));
  });

  it('is tried on a staging copy, to which it leads; there is none of a copy, nor of what has no pages', async () => {
    const navigate = spyOn(TestBed.inject(Router), 'navigate').and.resolveTo(true);
    site({ staging: [{ id: 'gant-staging', name: 'Gant, staging' }] });
    const { fixture, element } = await shown(WholeSite);
    const links = () => [...element.querySelectorAll('a')].map((a) => [a.textContent, a.getAttribute('href')]);
    expect(links()).toEqual([['Gant, staging', '/sites/gant-staging/care']]);
    button(element, 'Make a staging copy')!.click();
    await settle(fixture);
    expect(calls).toEqual([['POST /copies', { called: '', staging: true }]]);
    expect(navigate).toHaveBeenCalledOnceWith(['/sites', 'gant-a-copy', 'care']);
    site({ stagingOf: { id: 'yard', name: 'The yard' } });
    await settle(fixture);
    expect([button(element, 'Make a staging copy'), links()]).toEqual([undefined, []]);
    expect(button(element, 'Make a copy')).toBeDefined();
    site({ document: { ...aSite().document, pages: [] } });
    await settle(fixture);
    expect(button(element, 'Make a staging copy')).toBeUndefined();
  });

  it('is called what its designer types, once the hand rests', async () => {
    const { fixture, element } = await shown(WholeSite);
    const field = element.querySelector<HTMLInputElement>('#called')!;
    expect(field.placeholder).toBe('Gant & Sons');
    field.focus();
    for (const typed of ['The ro', 'The rope walk']) {
      field.value = typed;
      field.dispatchEvent(new Event('input'));
    }
    expect(calls).toEqual([]);
    field.blur();
    await settle(fixture);
    expect(calls).toEqual([['PUT /name', { called: 'The rope walk' }]]);
    // What is typed while it is on its way is sent after it.
    let arrived = () => {};
    (store.put as jasmine.Spy).and.callFake((path: string, body: unknown) => {
      calls.push([`PUT ${path}`, body]);
      return new Promise((done) => (arrived = () => done(null)));
    });
    for (const typed of ['The long rope walk', 'The rope walk again']) {
      field.value = typed;
      field.dispatchEvent(new Event('input'));
      field.dispatchEvent(new Event('blur'));
      await settle(fixture);
    }
    expect(calls.length).toBe(2);
    arrived();
    await settle(fixture);
    expect(calls.splice(1)).toEqual([
      ['PUT /name', { called: 'The long rope walk' }],
      ['PUT /name', { called: 'The rope walk again' }],
    ]);
    arrived();
    site({ called: 'The rope walk again' });
    await settle(fixture);
    field.dispatchEvent(new Event('blur'));
    await settle(fixture);
    expect(calls.length).toBe(1);
  });

  it('is copied with what is not sent yet, and the copy is opened', async () => {
    const opened = spyOn(TestBed.inject(Router), 'navigate').and.resolveTo(true);
    const { fixture, element } = await shown(WholeSite);
    button(element, 'Make a copy')!.click();
    await settle(fixture);
    expect(store.flush).toHaveBeenCalled();
    expect(calls).toEqual([['POST /copies', { called: '' }]]);
    expect(opened.calls.mostRecent().args[0]).toEqual(['/sites', 'gant-a-copy', 'care']);
  });

  it('is deleted only by whoever says so, told what follows', async () => {
    site({ open: true, domain: 'gant.example', domainSeen: { leadsHere: true } as never });
    const { fixture, element } = await shown(WholeSite);
    sure.and.resolveTo(false);
    button(element, 'Delete the site')!.click();
    await settle(fixture);
    expect(calls).toEqual([]);
    const { words } = sure.calls.mostRecent().args[0];
    for (const said of ['Visitors see no more', 'thirty days', 'archive', 'gant.example leads here'])
      expect(words).toContain(said);
    sure.and.resolveTo(true);
    button(element, 'Delete the site')!.click();
    await settle(fixture);
    expect(calls).toEqual([['PUT /departure', {}]]);
    site({ leavesAt: AT });
    await settle(fixture);
    expect(button(element, 'Delete the site')).toBeUndefined();
    may.and.callFake((role) => role !== 'designer');
    const other = await shown(WholeSite);
    expect(button(other.element, 'Make a copy')).toBeUndefined();
  });

  it('says of one that goes what was done so far, and nothing of one that stays', async () => {
    const { fixture, element } = await shown(Going);
    expect(text(element)).toBe('');
    const said = async (jobs: Job[]) => {
      site({ leavesAt: AT, jobs });
      await settle(fixture);
      return text(element);
    };
    expect(await said([job('leave', 'running')])).toContain('It is being closed');
    const kept = { name: 'Keep all of it', state: 'done' as const, detail: '2.8 MB', ms: 1 };
    expect(await said([job('leave', 'done', { steps: [kept] })])).toContain('an archive of 2.8 MB');
    expect(button(element, 'Try again')).toBeUndefined();
    expect(await said([job('leave', 'failed', { error: 'The disk is full.' })])).toContain('so far. The disk is full.');
    button(element, 'Try again')!.click();
    expect(await said([job('leave', 'cancelled')])).toContain('That was stopped.');
    button(element, 'Keep the site')!.click();
    await settle(fixture);
    expect(calls).toEqual([
      ['PUT /departure', {}],
      ['DELETE /departure', undefined],
    ]);
    expect(store.said()?.words).toContain('Open it again');
    // Only an owner removes it before its day.
    may.and.callFake((role) => role !== 'owner');
    site({ leavesAt: AT, called: 'x' });
    const other = await shown(Going);
    expect(button(other.element, 'Remove it now')).toBeUndefined();
    expect(button(other.element, 'Keep the site')).toBeDefined();
  });

  it('is removed at once where that is asked for, and without its server where that does not answer', async () => {
    const server = { name: 'quay', address: '', httpPort: 80, httpsPort: 443 };
    const { fixture, element } = await shown(Going);
    site({ leavesAt: AT, server, jobs: [job('leave', 'done')] });
    await settle(fixture);
    button(element, 'Remove it now')!.click();
    await settle(fixture);
    site({ leavesAt: AT, server, jobs: [job('remove', 'running'), job('leave', 'done')] });
    await settle(fixture);
    expect(text(element)).toContain('It is being removed');
    expect(button(element, 'Keep the site')).toBeUndefined();
    const error = 'The server quay does not answer.';
    site({ leavesAt: AT, server, jobs: [job('remove', 'retrying', { error }), job('leave', 'done')] });
    await settle(fixture);
    expect(element.querySelector('[role=alert]')!.textContent).toContain(error);
    button(element, 'Remove it without its server')!.click();
    await settle(fixture);
    expect(sure.calls.mostRecent().args[0].words).toContain('What quay has of it stays there');
    expect(calls).toEqual([
      ['POST /departure/now', { without: false }],
      ['CANCEL remove-1', undefined],
      ['POST /departure/now', { without: true }],
    ]);
  });

  it('has its archive given out and thrown away once it is gone', async () => {
    const http = TestBed.inject(HttpTestingController);
    const { fixture, element } = await shown(Gone, {
      sites: [
        { id: 'a', name: 'Ada Gant', leavesAt: AT },
        { id: 'b', name: 'Here to stay', leavesAt: null },
      ] as SiteLine[],
    });
    const answer = async (departed: object[]) => {
      await new Promise((done) => setTimeout(done, 70));
      http.expectOne('/api/departures').flush({ departed });
      await settle(fixture);
    };
    const gone = { site: 'gant', name: 'Gant & Sons', address: null, leftAt: AT, keepUntil: AT, bytes: 2_800_000 };
    await answer([{ ...gone, whole: false }]);
    expect(text(element)).toContain('Ada Gantgoes on 29 Dec 2026');
    expect(text(element)).not.toContain('Here to stay');
    expect(text(element)).toContain('2.8 MB stays until 29 Dec 2026, without what was on its server');
    const saved: string[] = [];
    spyOn(HTMLAnchorElement.prototype, 'click').and.callFake(function (this: HTMLAnchorElement) {
      saved.push(this.download);
    });
    button(element, 'Take the archive')!.click();
    http.expectOne('/api/departures/gant/archive').flush(new Blob(['x']));
    await settle(fixture);
    expect(saved).toEqual(['gant.zip']);
    button(element, 'Throw it away')!.click();
    await settle(fixture);
    http.expectOne('/api/departures/gant').flush({ title: 'Not now' }, { status: 409, statusText: 'no' });
    await settle(fixture);
    expect(element.querySelector('[role=alert]')!.textContent).toContain('Not now');
    button(element, 'Throw it away')!.click();
    await settle(fixture);
    http.expectOne('/api/departures/gant').flush(null);
    await settle(fixture);
    http.expectOne('/api/departures').flush({ departed: [] });
    await settle(fixture);
    expect(text(element)).not.toContain('Gant & Sons');
    http.verify();
  });
});
