import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { Component, provideZonelessChangeDetection, signal } from '@angular/core';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import type { Answered, ServerInfo } from '../api/model';
import { PorchApi } from '../api/porch-api';
import { bytes } from '../parts/bytes';
import { PastLine } from '../parts/past-line';
import { aServer } from '../testing/a-server';
import { toldByHand } from '../testing/no-events';
import { OwnBackups } from './own-backups';
import { ServerShelf } from './server-shelf';

const words = (element: Element | null) => element!.textContent.replace(/\s+/g, ' ').trim();
const site = (id: string, megabytes: number | null, live = true): ServerInfo['sites'][number] => ({
  ...{ id, name: id.toUpperCase(), live },
  room: megabytes === null ? null : { files: megabytes * 1e6 - 3000, rows: 2000, logs: 1000 },
});

@Component({
  imports: [ServerShelf],
  template: `<tp-server-shelf
    [server]="server()"
    [moving]="moving()"
    [carries]="carries()"
    (taken)="taken.push($event.id)"
    (put)="put.push($event.site.id + ' from ' + $event.from)"
  />`,
})
class Shelved {
  readonly server = signal(aServer('quay'));
  readonly moving = signal<ReadonlySet<string>>(new Set());
  readonly carries = signal(true);
  readonly taken: string[] = [];
  readonly put: string[] = [];
}

describe('a server as a shelf', () => {
  let http: HttpTestingController;
  let fixture: ComponentFixture<Shelved>;
  const element = () => fixture.nativeElement as HTMLElement;
  const settle = async (which: ComponentFixture<unknown> = fixture) => {
    await new Promise((done) => setTimeout(done));
    await which.whenStable();
    which.detectChanges();
  };
  const shown = async (server: ServerInfo) => {
    fixture = TestBed.createComponent(Shelved);
    fixture.componentInstance.server.set(server);
    await settle();
  };
  const standing = () => [...element().querySelectorAll('.on li')].map(words);
  const press = async (label: string) => {
    [...element().querySelectorAll('button')].find((b) => b.textContent.includes(label))!.click();
    await settle();
  };

  beforeEach(() => {
    TestBed.configureTestingModule({
      providers: [
        provideZonelessChangeDetection(),
        provideHttpClient(),
        provideHttpClientTesting(),
        provideRouter([]),
        toldByHand().provider,
      ],
    });
    http = TestBed.inject(HttpTestingController);
    spyOn(TestBed.inject(PorchApi), 'may').and.returnValue(true);
  });

  it('has what takes most first, as wide as it takes room', async () => {
    await shown(
      aServer('quay', {
        sites: [site('small', 2), site('large', 600), site('new', null, false)],
        others: { sites: 2, bytes: 1.3e9 },
      }),
    );
    expect(standing()).toEqual(['LARGE600 MB', 'SMALL2.0 MB', 'NEWnot deployed']);
    const wide = [...element().querySelectorAll<HTMLElement>('.on li')].map((li) => Number(li.style.flexGrow));
    expect(wide).toEqual([600, 2, 1]);
    expect(words(element().querySelector('.stands'))).toContain(
      'as wide as it takes room: 1.9 GB, 2 sites of others among it. 4.0 GB of 9.0 GB free.',
    );
    expect(element().querySelector('.on a')!.getAttribute('title')).toBe(
      'LARGE, files 600 MB, database 2 KB, logs 1 KB',
    );
    expect([...element().querySelectorAll('.on a')].map((a) => a.getAttribute('href'))).toEqual([
      '/sites/large/care',
      '/sites/small/care',
      '/sites/new/publish',
    ]);
  });

  it('says so while nobody knows what takes how much, and claims nothing of one that does not answer', async () => {
    await shown(aServer('quay', { sites: [site('a', null)] }));
    expect(words(element().querySelector('.stands'))).toContain('is being measured');
    await shown(aServer('pier', { sites: [site('a', null)], now: undefined, error: 'No answer.' }));
    expect(words(element())).toContain('as it was the last time');
    expect(words(element())).not.toContain('free');
    expect(element().querySelector('tp-past-line')).toBeNull();
    expect(words(element())).not.toContain('What failed');
  });

  it('shows the others of many once somebody wants to see them', async () => {
    await shown(aServer('quay', { sites: Array.from({ length: 25 }, (_, n) => site(`s${n}`, 100 - n)) }));
    expect(standing().length).toBe(9);
    expect(standing().at(-1)).toBe('17 more');
    await press('17 more');
    expect(standing().length).toBe(25);
  });

  it('is taken from by M, where a site can be moved, and by nothing else', async () => {
    await shown(aServer('quay', { sites: [site('a', 5), site('b', 4), site('c', 3, false)] }));
    const key = (of: string, init: KeyboardEventInit) => {
      const link = element().querySelector(`.on a[href^="/sites/${of}/"]`)!;
      return link.dispatchEvent(new KeyboardEvent('keydown', { bubbles: true, cancelable: true, ...init }));
    };
    fixture.componentInstance.moving.set(new Set(['b']));
    await settle();
    expect(standing()[1]).toBe('Bmoving');
    expect(key('a', { key: 'm' })).toBeFalse();
    for (const [of, init] of [
      ['a', { key: 'n' }],
      ['a', { key: 'm', ctrlKey: true }],
      // On its way, and not deployed.
      ['b', { key: 'm' }],
      ['c', { key: 'm' }],
    ] as const)
      expect(key(of, init)).toBeTrue();
    fixture.componentInstance.carries.set(false);
    await settle();
    expect(key('a', { key: 'M' })).toBeTrue();
    expect(fixture.componentInstance.taken).toEqual(['a']);
  });

  it('tells the last day in lines, and what failed with its cause', async () => {
    const past = Array.from({ length: 4 }, (_, n) => ({
      ...{ at: `2026-11-29T0${n}:00:00.000Z`, requests: n === 2 ? null : n * 5, troubles: n === 1 ? 3 : 0 },
      ...{ load: 0.5, memory: 0.25, disk: 0.5 },
    }));
    await shown(aServer('quay', { past }));
    const lines = [...element().querySelectorAll('tp-past-line')];
    expect(lines.map((l) => words(l.querySelector('b')))).toEqual([
      '15 /s',
      '1.0 GB',
      '56 %',
      jasmine.stringMatching(/^3, \d\d:00$/),
    ]);
    expect(lines[0]!.querySelector('svg')!.getAttribute('aria-label')).toBe(
      'Requests in the last day: 0.0 to 15.0, 15.0 at last',
    );
    await press('What failed');
    http.expectOne('/api/servers/quay/troubles').flush({
      troubles: [
        {
          at: '2026-11-29T01:10:00.000Z',
          site: 'a',
          name: 'A',
          method: 'GET',
          path: '/x',
          status: 503,
          cause: 'It was away.',
        },
        {
          at: '2026-11-29T01:09:00.000Z',
          site: null,
          name: '',
          method: 'GET',
          path: '/',
          status: 500,
          cause: 'It failed.',
        },
      ],
    });
    await settle();
    const rows = [...element().querySelectorAll('tr')].map(words);
    expect(rows[0]).toMatch(/AGET \/x, 503It was away\.$/);
    expect(rows[1]).toContain('no site');
    await press('What failed');
    expect(element().querySelector('table')).toBeNull();
    await press('What failed');
    http.expectOne('/api/servers/quay/troubles').flush(null, { status: 502, statusText: 'no' });
    await settle();
    expect(words(element().querySelector('[role=alert]'))).toContain('What failed was not asked for.');
  });

  it('draws a line from zero with gaps, and a value alone as a dot', async () => {
    const line = TestBed.createComponent(PastLine);
    const path = async (values: (number | null)[]) => {
      line.componentRef.setInput('name', 'Requests');
      line.componentRef.setInput('now', '1');
      line.componentRef.setInput('values', values);
      await settle(line);
      return (line.nativeElement as HTMLElement).querySelector('path')!.getAttribute('d')!;
    };
    expect(await path([0, 5, 10])).toBe('M1,25L75,13.5L149,2');
    expect((await path([1, 2, null, 3, 4])).match(/M/g)!.length).toBe(2);
    expect(await path([null, 4, null])).toBe('M74,2h2');
    expect(await path([null, null])).toBe('');
    expect((line.nativeElement as HTMLElement).querySelector('svg')!.getAttribute('aria-label')).toContain(
      'nothing is known',
    );
  });

  it('says sizes as people do', () => {
    expect([0, 999, 1000, 842_300, 999_499, 999_600, 2.04e6, 9.96e6, 610e6, 1.9e9, 40e9, 3e15].map(bytes)).toEqual([
      ...['0 bytes', '999 bytes', '1 KB', '842 KB', '999 KB', '1.0 MB', '2.0 MB', '10 MB', '610 MB', '1.9 GB'],
      ...['40 GB', '3000 TB'],
    ]);
  });

  describe('and Tin Porch itself', () => {
    type Found = Answered<'GET /own-backups'>;
    let own: ComponentFixture<OwnBackups>;
    const hours = (n: number) => new Date(Date.now() - n * 3_600_000).toISOString();
    const place = (name: string, more: object = {}) => ({
      ...{ place: name, madeAt: null, sites: null, added: null, provenAt: null, provenOf: null, provenRows: null },
      ...{ provenMs: null, trouble: null, troubleSince: null, ...more },
    });
    const answer = async (found: Partial<Found>) => {
      http.expectOne('/api/own-backups').flush({ own: null, job: null, ...found });
      await settle(own);
    };
    const at = () => own.nativeElement as HTMLElement;
    const states = () =>
      [...at().querySelectorAll('.keeper')].map((p) => {
        const chip = p.querySelector('.chip')!;
        return [words(chip), chip.className.replace('chip', '').trim(), words(chip.nextElementSibling)];
      });
    beforeEach(async () => {
      own = TestBed.createComponent(OwnBackups);
      await settle(own);
    });

    it('is backed up as was measured, and never better', async () => {
      const proven = { madeAt: hours(8), provenAt: hours(8), provenRows: 549, provenMs: 1900 };
      await answer({
        own: {
          passwordFile: 'own-backups.password',
          places: [
            place('quay', proven),
            place('slip', { ...proven, provenAt: hours(50) }),
            place('store', { ...proven, trouble: 'No answer.', troubleSince: hours(3) }),
            place('loft', { madeAt: hours(1) }),
            place('shed'),
          ],
        },
      });
      expect(states()).toEqual([
        ['quay', 'moss', 'Proven 8 hours ago, in 1.9 s: 549 rows came back as they were.'],
        ['slip', 'brick', jasmine.stringMatching(/^Proven 2 days ago/)],
        ['store', 'brick', jasmine.stringMatching(/^None since .*: No answer\. Before that: Proven 8 hours ago/)],
        ['loft', 'grey', 'Made 1 hour ago, and not tried out so far.'],
        ['shed', 'grey', 'None was made here so far.'],
      ]);
      expect(words(at())).toContain('with what is in the file own-backups.password: keep that elsewhere too.');
    });

    it('is said to be on this machine alone where nothing is set up', async () => {
      await answer({});
      expect(words(at())).toContain('It is not backed up.');
      expect(at().querySelector('button')).toBeNull();
    });

    it('is backed up when that is asked for, and looked at until it is done', async () => {
      const job = (state: string, steps: object[] = []) =>
        ({ id: 'x', kind: 'own', state, steps, error: null }) as never;
      const set = { passwordFile: 'f', places: [place('quay')] };
      await answer({ own: set });
      at().querySelector('button')!.click();
      await settle(own);
      http.expectOne({ method: 'POST', url: '/api/own-backups' }).flush({ job: job('waiting') });
      await settle(own);
      await answer({ own: set, job: job('running', [{ name: 'Try it out from quay' }]) });
      expect(words(at().querySelector('[role=status]'))).toBe('Try it out from quay …');
      expect(at().querySelector('button')!.disabled).toBeTrue();
      await new Promise((done) => setTimeout(done, 1600));
      await answer({ own: set, job: job('done') });
      expect(at().querySelector('[role=status]')).toBeNull();
      expect(at().querySelector('button')!.disabled).toBeFalse();
      // Nobody is asked any more.
      await new Promise((done) => setTimeout(done, 1600));
      http.verify();
    });
  });
});
