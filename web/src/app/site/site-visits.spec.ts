import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { provideZonelessChangeDetection, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import type { Answered } from '../api/model';
import { SiteStore } from './site-store';
import { SiteVisits } from './site-visits';

describe('visits of a site', () => {
  let http: HttpTestingController;
  const span = (over: object = {}, next: object | null = null): Answered<'GET /sites/:id/visits'> =>
    ({
      days: 28,
      now: {
        ...{ visits: 9, pages: 20, byPage: { '/': 12, '/a/': 8 }, from: { '': 5, 'search.example': 4 }, forms: 1 },
        ...{ devices: { phone: 6, tablet: 0, desktop: 3 }, missing: {}, machines: 7, ...over },
      },
      before: null,
      words: { lines: ['9 visits.', '1 message was sent.'], next },
      labels: { '/': 'Home', '/a/': 'Awnings' },
    }) as never;
  async function shown() {
    const fixture = TestBed.createComponent(SiteVisits);
    const settle = async () => {
      await new Promise((done) => setTimeout(done));
      await fixture.whenStable();
      fixture.detectChanges();
    };
    await settle();
    const element = fixture.nativeElement as HTMLElement;
    const list = (title: string) =>
      [...element.querySelectorAll('section')]
        .find((s) => s.querySelector('h3')!.textContent === title)
        ?.querySelectorAll('li');
    return {
      settle,
      element,
      list,
      lines: (title: string) => [...(list(title) ?? [])].map((li) => li.textContent.trim()),
    };
  }
  beforeEach(() => {
    TestBed.configureTestingModule({
      providers: [
        provideZonelessChangeDetection(),
        provideHttpClient(),
        provideHttpClientTesting(),
        provideRouter([]),
        { provide: SiteStore, useValue: { id: signal('yard') } },
      ],
    });
    http = TestBed.inject(HttpTestingController);
  });
  afterEach(() => http.verify());

  it('are told in words, with lists by the names pages have', async () => {
    const { settle, element, lines } = await shown();
    expect(element.textContent).toContain('Asking');
    http.expectOne('/api/sites/yard/visits?days=28').flush(span());
    await settle();
    expect(element.textContent).toContain('9 visits. 1 message was sent.');
    expect(lines('What was read')).toEqual(['Home12', 'Awnings8']);
    expect(lines('Where from')).toEqual(['straight here5', 'search.example4']);
    expect(lines('With what')).toEqual(['a phone6', 'a desk3']);
    expect(lines('Asked for and not there')).toEqual([]);
    expect(element.textContent).toContain('7 requests of machines are not among them.');
    expect(element.querySelector('.note')).toBeNull();
  });

  it('name the one thing to do next, and lead there', async () => {
    const { settle, element } = await shown();
    const next = { words: '/old was asked for 9 times and is not there. Lead it to a page.', step: 'seo' };
    http.expectOne('/api/sites/yard/visits?days=28').flush(span({ missing: { '/old': 9 } }, next));
    await settle();
    expect(element.querySelector('.note')!.textContent).toContain('/old was asked for 9 times');
    expect(element.querySelector<HTMLAnchorElement>('.note a')!.getAttribute('href')).toBe('/sites/yard/seo');
  });

  it('are of as many days as are chosen; the newest answer stands, and what could not be asked is said', async () => {
    const { settle, element } = await shown();
    const first = http.expectOne('/api/sites/yard/visits?days=28');
    const choose = async (days: string) => {
      const select = element.querySelector('select')!;
      select.value = days;
      select.dispatchEvent(new Event('change'));
      await settle();
    };
    await choose('7');
    expect(first.cancelled).toBeTrue();
    http.expectOne('/api/sites/yard/visits?days=7').flush(null, { status: 500, statusText: 'no' });
    await settle();
    expect(element.querySelector('[role=alert]')!.textContent).not.toBe('');
    await choose('84');
    expect(element.querySelector('[role=alert]')).toBeNull();
    http.expectOne('/api/sites/yard/visits?days=84').flush(span());
    await settle();
    expect(element.textContent).toContain('9 visits.');
  });

  it('say how many more there are than stand there', async () => {
    const { settle, element, lines } = await shown();
    const byPage = Object.fromEntries(Array.from({ length: 8 }, (_, n) => [`/${n}/`, 8 - n]));
    http.expectOne('/api/sites/yard/visits?days=28').flush(span({ byPage }));
    await settle();
    expect(lines('What was read').length).toBe(5);
    expect(element.querySelector('section p')!.textContent).toContain('and 3 more');
  });
});
