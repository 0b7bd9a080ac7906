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
import { SiteLab } from './site-lab';
import { SiteStore } from './site-store';

type Seen = Answered<'GET /sites/:id/lab'>;
type PageSeen = Seen['pages'][number];
const AT = '2026-11-28T02:00:00.000Z';
const page = (
  path: string,
  label: string,
  figures: Partial<NonNullable<PageSeen['figures']>> | null,
  more: Partial<PageSeen> = {},
): PageSeen => ({
  ...{ path, label, at: AT, release: 'r1', timedAt: figures && AT, faults: [] },
  figures: figures && {
    ...{ lcp: 1240, fcp: 900, ttfb: 200, cls: 0, tbt: 0, bytes: 310_000, requests: 14, jumped: '' },
    largest: { element: 'h1', path: null },
    ...figures,
  },
  ...more,
});
const fault = (help: string): PageSeen['faults'][number] => ({
  ...{ rule: help, help, count: 1, elements: ['a.menu'], impact: 'serious', width: 'both' },
});

describe('what a browser saw of a site', () => {
  let http: HttpTestingController;
  let store: SiteStore;
  let may: jasmine.Spy;
  let fixture: ComponentFixture<SiteLab>;
  const events = toldByHand();
  const element = () => fixture.nativeElement as HTMLElement;
  const text = () => element().textContent!.replace(/\s+/g, ' ');
  const button = () => element().querySelector<HTMLButtonElement>('button.plain:not(.small)');
  const settle = async () => {
    await new Promise((done) => setTimeout(done));
    await fixture.whenStable();
    fixture.detectChanges();
  };
  const answer = async (seen: Partial<Seen>) => {
    http.expectOne('/api/sites/gant/lab').flush({ able: true, pages: [], trend: [], ...seen });
    await settle();
  };
  async function shown(seen: Partial<Seen>): Promise<void> {
    fixture = TestBed.createComponent(SiteLab);
    await settle();
    await answer(seen);
  }
  const lines = () =>
    [...element().querySelectorAll('li')].map((li) => [
      li.querySelector('b')!.textContent,
      li.querySelector('.chip')!.textContent,
      ['moss', 'lamp', 'grey'].find((tone) => li.querySelector('.chip')!.classList.contains(tone)),
    ]);

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
    store.detail.set(aSite({ liveRelease: 'r-1' }));
    store.now.set(Date.parse('2026-11-28T09:00:00.000Z'));
  });
  afterEach(() => http.verify());

  it('claims nothing before a browser looked, and says where there is none', async () => {
    await shown({});
    expect(text()).toContain('No browser has timed its first page yet');
    expect(element().querySelectorAll('.chip, tp-lab-trend').length).toBe(0);
    fixture.destroy();
    await shown({ able: false });
    expect(text()).toContain('There is no browser to look with.');
    expect(button()).toBeNull();
  });

  it('says how the first page comes, and what is to mend before what is good', async () => {
    await shown({
      pages: [
        page('/', 'Home', {}),
        page('/a/', 'About', null),
        page('/w/', 'Work', { lcp: 3000 }, { faults: [fault('Links must have discernible text')] }),
      ],
    });
    expect(text()).toContain(
      'the first page shows its main part after 1.2 s, stands still and answers at once (7 hours ago)',
    );
    expect(lines()).toEqual([
      ['Work', '2 things to mend', 'lamp'],
      ['Home', 'good', 'moss'],
      ['About', 'not timed', 'grey'],
    ]);
    expect(text()).toContain('1.2 s; 310 kB in 14 requests');
    expect(text()).toContain('it was too busy here to time it');
    expect(element().querySelector('.fault-line')!.textContent).toBe('Links must have discernible text: a.menu');
  });

  it('lists some pages, and all when asked', async () => {
    await shown({ pages: Array.from({ length: 9 }, (_, n) => page(`/${n}/`, `Page ${n}`, {})) });
    expect(lines().length).toBe(6);
    element().querySelector<HTMLButtonElement>('button.small')!.click();
    await settle();
    expect(lines().length).toBe(9);
  });

  it('draws how it was over time once there are two points, the newest at the right', async () => {
    const point = (day: string, lcp: number) => ({
      at: `2026-11-${day}T02:00:00.000Z`,
      release: `r${day}`,
      lcp,
      cls: 0,
      tbt: 0,
      bytes: 9000,
    });
    await shown({ trend: [point('01', 1000)] });
    expect(element().querySelector('tp-lab-trend')).toBeNull();
    fixture.destroy();
    await shown({ trend: [point('01', 1000), point('08', 3000), point('15', 2000)] });
    const dots = [...element().querySelectorAll('circle')].map((c) =>
      ['cx', 'cy'].map((a) => Number(c.getAttribute(a))),
    );
    expect(dots.map((d) => Math.round(d[0]!))).toEqual([34, 253, 472]);
    expect(dots[1]![1]!).toBeLessThan(dots[2]![1]!);
    expect(dots[2]![1]!).toBeLessThan(dots[0]![1]!);
    const budget = Number(element().querySelector('.budget')!.getAttribute('y1'));
    expect([...element().querySelectorAll('circle')].map((c) => c.classList.contains('over'))).toEqual([
      false,
      true,
      false,
    ]);
    expect(dots[1]![1]! < budget && budget < dots[2]![1]!).toBeTrue();
    expect(element().querySelector('svg')!.getAttribute('aria-label')).toContain('oldest first: 1.0 s, 3.0 s, 2.0 s');
    expect([...element().querySelectorAll('tbody td:nth-child(2)')].map((td) => td.textContent)).toEqual([
      '2.0 s',
      '3.0 s',
      '1.0 s',
    ]);
  });

  it('begins a look by a press, once, and shows what it saw when it is told', async () => {
    await shown({});
    button()!.click();
    await settle();
    button()!.click();
    const begun = http.expectOne('/api/sites/gant/lab');
    expect([begun.request.method, button()!.getAttribute('aria-disabled'), button()!.textContent!.trim()]).toEqual([
      'POST',
      'true',
      'Looking …',
    ]);
    begun.flush({ job: {} });
    await settle();
    http.match((r) => r.url.startsWith('/api/sites/gant') && !r.url.endsWith('/lab')).forEach((r) => r.flush(aSite()));
    await settle();
    expect(button()!.getAttribute('aria-disabled')).toBe('false');
    events.all.next({ kind: 'care', site: 'gant' } as never);
    await new Promise((done) => setTimeout(done, 80));
    await answer({ pages: [page('/', 'Home', {})] });
    expect(lines()).toEqual([['Home', 'good', 'moss']]);
  });

  it('says what was not answered, and stands as it stood', async () => {
    await shown({ pages: [page('/', 'Home', {})] });
    events.all.next({ kind: 'care', site: 'gant' } as never);
    await new Promise((done) => setTimeout(done, 80));
    http
      .expectOne('/api/sites/gant/lab')
      .flush({ title: 'There is no such site' }, { status: 404, statusText: 'Not Found' });
    await settle();
    expect(element().querySelector('[role=alert]')!.textContent).toContain('What a browser saw was not asked for.');
    expect(lines().length).toBe(1);
  });

  it('offers no look to who only looks', async () => {
    may.and.returnValue(false);
    await shown({ pages: [page('/', 'Home', {})] });
    expect(button()).toBeNull();
  });
});
