import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import type { Answered } from '../api/model';
import { LogSearch } from './log-search';

type Found = Answered<'GET /logs'>;
const AT = '2026-11-28T02:00:00.000Z';
const line = (more: Partial<Found['lines'][number]> = {}): Found['lines'][number] => ({
  ...{ at: AT, site: 'gant', name: 'Gant & Sons', server: 'quay', address: '198.51.100.0', method: 'GET' },
  ...{ path: '/boats/', status: 404, from: '', agent: 'Reader/1', machine: false, cause: 'Nothing is there.' },
  ...more,
});

describe('the logs of all sites', () => {
  let http: HttpTestingController;
  let fixture: ComponentFixture<LogSearch>;
  const element = () => fixture.nativeElement as HTMLElement;
  const text = () => element().textContent!.replace(/\s+/g, ' ');
  const settle = async () => {
    await new Promise((done) => setTimeout(done));
    await fixture.whenStable();
    fixture.detectChanges();
  };
  const submit = async () => {
    element()
      .querySelector('form')!
      .dispatchEvent(new Event('submit', { cancelable: true }));
    await settle();
  };
  const answer = async (found: Partial<Found>) => {
    const sent = http.expectOne((r) => r.url.startsWith('/api/logs'));
    sent.flush({ lines: [], earlier: null, gaps: [], ...found });
    await settle();
    return sent.request.urlWithParams;
  };
  const type = (value: string) => {
    const input = element().querySelector('input')!;
    input.value = value;
    input.dispatchEvent(new Event('input'));
  };
  const choose = (id: string, value: string) => {
    const select = element().querySelector<HTMLSelectElement>(`#${id}`)!;
    select.value = value;
    select.dispatchEvent(new Event('change'));
  };

  beforeEach(async () => {
    TestBed.configureTestingModule({
      providers: [
        ...[provideZonelessChangeDetection(), provideHttpClient(), provideHttpClientTesting(), provideRouter([])],
      ],
    });
    http = TestBed.inject(HttpTestingController);
    fixture = TestBed.createComponent(LogSearch);
    fixture.componentRef.setInput('sites', [{ id: 'gant', name: 'Gant & Sons' }]);
    await settle();
  });
  afterEach(() => http.verify());

  it('are asked for nothing before somebody looks, and once for one press', async () => {
    expect(element().querySelector('li')).toBeNull();
    await submit();
    await submit();
    expect(await answer({})).toBe('/api/logs?answers=any');
    expect(text()).toContain('Nothing of it is in the logs.');
  });

  it('are looked through for words, answers and a site, and say what lies behind each', async () => {
    type(' /boats/?a&b ');
    choose('log-answers', 'refused');
    choose('log-site', 'gant');
    await submit();
    const lines = [line({ from: 'https://harbour.example/' }), line({ machine: true, status: 503, cause: '' })];
    expect(await answer({ lines })).toBe('/api/logs?answers=refused&text=%2Fboats%2F%3Fa%26b&site=gant');
    const rows = [...element().querySelectorAll('li')].map((li) => li.textContent.replace(/\s+/g, ' '));
    expect(rows[0]).toContain('GET /boats/');
    expect(rows[0]).toContain('Nothing is there.');
    expect(rows[0]).toContain('somebody at 198.51.100.0, from https://harbour.example/');
    expect(rows[1]).toContain('a program at 198.51.100.0');
    const tones = [...element().querySelectorAll('.chip')].map((c) =>
      ['lamp', 'brick'].find((t) => c.classList.contains(t)),
    );
    expect(tones).toEqual(['lamp', 'brick']);
    expect(text()).toContain('2 lines, the newest first.');
  });

  it('go on to earlier ones of what was looked for, whatever was typed since', async () => {
    type('boats');
    await submit();
    await answer({ lines: [line()], earlier: AT });
    expect(text()).toContain('1 line, the newest first; there are earlier ones.');
    type('other');
    const button = [...element().querySelectorAll('button')].find((b) => b.textContent === 'Earlier ones')!;
    button.click();
    await settle();
    expect(await answer({ lines: [line({ path: '/older/' }), line({ at: '2026-11-27T02:00:00.000Z' })] })).toBe(
      `/api/logs?answers=any&text=boats&before=${AT}`,
    );
    // What says the same is one, with its newest first.
    const rows = [...element().querySelectorAll('li')].map((li) => li.textContent.replace(/\s+/g, ' '));
    expect(rows.length).toBe(2);
    expect(rows[0]).toMatch(/^\s*28 Nov.*GET \/boats\/ 2 times since 27 Nov/);
    expect(rows[1]).not.toContain('times since');
    expect(text()).not.toContain('Earlier ones');
  });

  it('say which server was not looked through, and keep what is there where nothing was answered', async () => {
    await submit();
    await answer({ lines: [line()], gaps: [{ server: 'slip', why: 'The server slip does not answer.' }] });
    expect(text()).toContain('slip was not looked through: The server slip does not answer.');
    await submit();
    http
      .expectOne((r) => r.url.startsWith('/api/logs'))
      .flush({ title: 'Too much at once' }, { status: 422, statusText: 'Unprocessable' });
    await settle();
    expect(element().querySelector('[role=alert]')!.textContent).toContain('Too much at once');
    expect(element().querySelectorAll('li').length).toBe(1);
  });
});
