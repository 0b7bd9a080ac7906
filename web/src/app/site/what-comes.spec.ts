import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { provideZonelessChangeDetection, type Type } from '@angular/core';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import type { Answered } from '../api/model';
import { PorchApi } from '../api/porch-api';
import { aSite } from '../testing/a-site';
import { toldByHand } from '../testing/no-events';
import { PlannedPublishing } from './planned-publishing';
import { SiteStore } from './site-store';
import { WhatComes } from './what-comes';

type Found = Answered<'GET /sites/:id/coming'>;
type Coming = NonNullable<Found['coming']>;
const page = (path: string, more: Partial<Coming['pages'][number]> = {}): Coming['pages'][number] => ({
  ...{ path, title: `Page ${path}`, state: 'changed', before: [], after: [], pictures: 0, links: [], told: [] },
  ...more,
});
const NONE: Coming = {
  pages: [],
  everywhere: { before: [], after: [], pages: 0 },
  look: false,
  more: 0,
  files: [],
  addresses: [],
};

describe('beside publishing', () => {
  let http: HttpTestingController;
  let store: SiteStore;
  let may: jasmine.Spy;
  let fixture: ComponentFixture<unknown>;
  const element = () => fixture.nativeElement as HTMLElement;
  const words = (of: Element | null = element()) => of!.textContent.replace(/\s+/g, ' ').trim();
  const settle = async (ms = 0) => {
    await new Promise((done) => setTimeout(done, ms));
    await fixture.whenStable();
    fixture.detectChanges();
  };
  async function shown(component: Type<unknown>, over: Parameters<typeof aSite>[0]): Promise<void> {
    (fixture as ComponentFixture<unknown> | undefined)?.destroy();
    store.detail.set(aSite({ server: { name: 'quay', address: '', httpPort: 80, httpsPort: 443 }, ...over }));
    fixture = TestBed.createComponent(component);
    await settle();
  }

  beforeEach(() => {
    TestBed.configureTestingModule({
      providers: [
        provideZonelessChangeDetection(),
        provideHttpClient(),
        provideHttpClientTesting(),
        provideRouter([]),
        toldByHand().provider,
        SiteStore,
      ],
    });
    http = TestBed.inject(HttpTestingController);
    may = spyOn(TestBed.inject(PorchApi), 'may').and.returnValue(true);
    store = TestBed.inject(SiteStore);
    store.id.set('gant');
    store.now.set(Date.parse('2026-11-29T10:00:00.000Z'));
  });

  describe('what visitors will find otherwise', () => {
    const answer = async (coming: Partial<Coming>, more: Partial<Found> = {}) => {
      await settle(750);
      http.expectOne('/api/sites/gant/coming').flush({
        ...{ live: { release: 'r-1', madeAt: '2026-11-28T10:00:00.000Z' }, people: [], held: [] },
        ...{ coming: { ...NONE, ...coming }, ...more },
      });
      await settle();
    };

    it('is not asked where nothing is live, and said to be nothing only once both were compared', async () => {
      await shown(WhatComes, {});
      await settle(750);
      http.expectNone('/api/sites/gant/coming');
      expect(words()).toBe('');
      await shown(WhatComes, { liveRelease: 'r-1' });
      expect(words()).toContain('Both are drawn and compared …');
      await answer({});
      expect(words()).toContain('Nothing: what is live is what is drafted.');
    });

    it('is told page by page, what changes everywhere once, and by whom', async () => {
      await shown(WhatComes, { liveRelease: 'r-1' });
      await answer(
        {
          pages: [
            page('/', {
              before: ['Old words'],
              after: ['New words'],
              pictures: 1,
              links: ['Post: /x/ becomes /y/'],
              told: ['A title'],
            }),
            page('/new/', { state: 'new' }),
            page('/gone/', { state: 'gone', leadsTo: null }),
            page('/moved/', { state: 'gone', leadsTo: '/new/' }),
          ],
          everywhere: { before: ['01632 960 1'], after: ['01632 960 2'], pages: 5 },
          look: true,
          files: [{ path: '/files/list.pdf', state: 'changed' }],
          addresses: [{ from: '/old', to: null }],
        },
        {
          people: [
            { name: 'Ines', steps: 4 },
            { name: 'Maud', steps: 1 },
          ],
          held: ['Prices, which is on hold', '2 drafts in News'],
        },
      );
      expect(words()).toContain(
        '5 pages change, 1 page comes, 2 pages go, the look of every page is another, 1 file, 1 old address. By Ines, 4 steps; Maud, 1 step.',
      );
      const all = [...element().querySelectorAll('details')].map((d) => words(d));
      expect(all[0]).toContain('01632 960 1 now 01632 960 2');
      expect(all[1]).toContain('Old words now New words');
      expect(all[1]).toContain('Post: /x/ becomes /y/');
      expect(all[1]).toContain('Told to search engines: A title');
      expect(all[2]).toContain('new');
      expect(all[4]).toContain('leads to /new/ then');
      // Who has the address of one that goes finds nothing: that is said before all.
      expect([...element().querySelectorAll('.note.lamp')].map((n) => words(n))).toEqual([
        jasmine.stringMatching(/^\/gone\/ leads nowhere then/),
      ]);
      expect(words()).toContain('/files/list.pdf is another version');
      expect(words()).toContain('/old is led nowhere any more');
      expect(words()).toContain('Held back: Prices, which is on hold; 2 drafts in News.');
    });

    it('is asked anew once nothing was changed for a moment, and says where that failed', async () => {
      await shown(WhatComes, { liveRelease: 'r-1' });
      for (const head of [2, 3, 4]) {
        store.detail.set(aSite({ liveRelease: 'r-1', head }));
        await settle(50);
      }
      await answer({});
      store.detail.set(aSite({ liveRelease: 'r-1', head: 5 }));
      await settle(750);
      http.expectOne('/api/sites/gant/coming').flush(null, { status: 500, statusText: 'no' });
      await settle();
      expect(words(element().querySelector('[role=alert]'))).toContain('was not asked for');
      expect(words()).not.toContain('Nothing: what is live');
      store.detail.set(aSite({ liveRelease: 'r-2', head: 5 }));
      await answer({});
      expect(element().querySelector('[role=alert]')).toBeNull();
    });
  });

  describe('an hour for it', () => {
    const type = async (value: string) => {
      const field = element().querySelector('input')!;
      field.value = value;
      field.dispatchEvent(new Event('input'));
      [...element().querySelectorAll('button')].find((b) => b.textContent.includes('Plan it'))!.click();
      await settle();
    };
    const fault = () => element().querySelector('.fault')?.textContent ?? '';

    it('is one that is still to come', async () => {
      const put = spyOn(store, 'put').and.resolveTo({} as never);
      await shown(PlannedPublishing, {});
      await type('');
      expect(fault()).toContain('Give a day and an hour');
      await type('2020-01-01T10:00');
      expect(fault()).toContain('past');
      expect(put).not.toHaveBeenCalled();
      await type('2026-12-24T18:00');
      expect(fault()).toBe('');
      expect(put.calls.mostRecent().args as unknown).toEqual([
        '/planned',
        { at: new Date('2026-12-24T18:00').toISOString() },
      ]);
    });

    it('is said, with who planned it, and taken back', async () => {
      const put = spyOn(store, 'put').and.resolveTo({} as never);
      await shown(PlannedPublishing, { planned: { at: '2027-01-02T08:00:00.000Z', by: 'Ines' } });
      expect(words()).toMatch(/published by itself on 2 Jan 2027, \d\d:00, .* Planned by Ines\./);
      element().querySelector('button')!.click();
      await settle();
      expect(put.calls.mostRecent().args as unknown).toEqual(['/planned', { at: null }]);
    });

    it('is seen by everybody, and set by those who may', async () => {
      may.and.returnValue(false);
      await shown(PlannedPublishing, { planned: { at: '2026-12-02T08:00:00.000Z', by: 'Ines' } });
      expect(words()).toContain('published by itself');
      expect(element().querySelector('button')).toBeNull();
      await shown(PlannedPublishing, {});
      expect(words()).toBe('');
    });
  });
});
