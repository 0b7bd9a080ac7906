import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import type { Answered } from '../api/model';
import { PorchApi } from '../api/porch-api';
import { Dialogs } from '../parts/dialogs';
import { toldByHand } from '../testing/no-events';
import { ServerVersions } from './server-versions';
import { UpdatesPlace } from './updates';

type Found = Answered<'GET /updates'>;
type Site = Found['sites'][number];
type Trial = NonNullable<Site['trial']>;
type Rollout = NonNullable<Found['rollout']>;
type Server = Found['servers'][number];

const AT = '2026-11-28T02:00:00.000Z';
const V5 = '5555aaaa5555';
const trial = (verdict: Trial['verdict'], more: Partial<Trial> = {}): Trial => ({
  ...{ at: AT, engine: 5, verdict, words: verdict === 'same' ? [] : ['1 page looks otherwise.'], counts: true },
  ...{ letBy: null, letAt: null },
  ...more,
});
const site = (id: string, more: Partial<Site> = {}): Site => ({
  ...{ id, name: id.toUpperCase(), server: 'quay', engine: 4, trial: null, wanted: false, job: null, last: null },
  ...more,
});
const rollout = (more: Partial<Rollout> = {}): Rollout => ({
  ...{
    engine: 5,
    by: 'Ines',
    begunAt: AT,
    restMinutes: 60,
    wave: 1,
    nextAt: null,
    state: 'going',
    endedAt: null,
    sites: [],
  },
  ...more,
});
const server = (more: Partial<Server> = {}): Server => ({
  ...{
    name: 'quay',
    error: null,
    agent: { engine: 5, step: 13, node: '20.19.0', program: V5 },
    packages: [],
    listsAt: AT,
  },
  program: { running: V5, installed: V5, known: true, before: null, fallen: null },
  ...more,
});
const pack = (name: string, more: Partial<NonNullable<Server['packages']>[number]> = {}) => ({
  ...{ name, installed: '1.0-1', candidate: '1.0-1', security: false, oldRuns: false },
  ...more,
});

describe('updates', () => {
  let http: HttpTestingController;
  let fixture: ComponentFixture<UpdatesPlace>;
  let may: jasmine.Spy;
  let sure: boolean;
  let asked: string[];
  const told = toldByHand();
  const element = () => fixture.nativeElement as HTMLElement;
  const text = () => element().textContent!.replace(/\s+/g, ' ');
  const settle = async (ms = 0) => {
    await new Promise((done) => setTimeout(done, ms));
    await fixture.whenStable();
    fixture.detectChanges();
  };
  const answer = async (found: Partial<Found> = {}) => {
    http.expectOne('/api/updates').flush({
      ...{ engine: 5, able: true, sites: [], rollout: null, servers: [] },
      agents: { newest: { version: V5, engine: 5, step: 13 }, job: null, updates: [] },
      changes: [{ engine: 5, says: 'The bars take its night colour.', matters: 'It dazzles nobody.' }],
      ...found,
    });
    await settle();
  };
  const shown = async (found: Partial<Found>) => {
    fixture = TestBed.createComponent(UpdatesPlace);
    await settle();
    await answer(found);
  };
  const button = (label: string) =>
    [...element().querySelectorAll<HTMLButtonElement>('button')].find((b) => b.textContent.includes(label));
  const off = (label: string) => button(label)!.getAttribute('aria-disabled') === 'true';
  const press = async (label: string) => {
    button(label)!.click();
    await settle();
  };
  const rows = () =>
    [...element().querySelectorAll('tbody tr')].map((tr) => [
      tr.querySelector('.name')!.textContent.trim(),
      tr.querySelector('.chip')!.textContent,
      tr.querySelector<HTMLInputElement>('input')!.checked,
    ]);

  beforeEach(() => {
    [sure, asked] = [true, []];
    const confirm = (q: { title: string; words: string }) => {
      asked.push(`${q.title} ${q.words}`);
      return Promise.resolve(sure);
    };
    TestBed.configureTestingModule({
      providers: [
        ...[provideZonelessChangeDetection(), provideHttpClient(), provideHttpClientTesting(), provideRouter([])],
        ...[told.provider, { provide: Dialogs, useValue: { confirm } }],
      ],
    });
    http = TestBed.inject(HttpTestingController);
    may = spyOn(TestBed.inject(PorchApi), 'may').and.returnValue(true);
  });
  afterEach(() => http.verify());

  it('says that all is up to date only where it was asked', async () => {
    fixture = TestBed.createComponent(UpdatesPlace);
    await settle();
    expect(text()).toContain('Asking');
    expect(text()).not.toContain('up to date');
    await answer({ sites: [site('gant', { engine: 5 })], servers: [server()] });
    expect(text()).toContain('Every site up to date');
    expect(text()).toContain('drawn by version 5, the newest');
    expect(element().querySelector('table')).toBeNull();
  });

  it('is not called up to date while nobody has looked at what is served since', async () => {
    const last = {
      begunAt: AT,
      by: 'Ines',
      fromEngine: 4,
      toEngine: 5,
      state: 'going' as const,
      words: '',
      endedAt: null,
    };
    const job = { kind: 'update', state: 'running', error: null } as never;
    await shown({ sites: [site('gant', { engine: 5, last, job })] });
    expect(text()).not.toContain('up to date');
    expect(rows()).toEqual([['GANT', 'being updated', true]]);
  });

  it('is no green where a site does not say by what it was drawn, and none is on a server', async () => {
    await shown({});
    expect(text()).toContain('No site is on a server yet.');
    expect(element().querySelector('.chip.moss')).toBeNull();
  });

  it('shows what each copy came to, and takes those that are worse out', async () => {
    await shown({
      sites: [
        site('a', { trial: trial('same') }),
        site('b', { trial: trial('otherwise') }),
        site('c', { trial: trial('otherwise', { letBy: 'Ines', letAt: AT }) }),
        site('d', { trial: trial('worse', { words: ['1 address would lead nowhere: /x/.'] }) }),
        site('e'),
        site('f', { trial: trial('same', { counts: false }) }),
        site('g', { wanted: true }),
        site('new', { engine: 5 }),
      ],
    });
    expect(rows()).toEqual([
      ['A', 'same to the eye', true],
      ['B', 'looks otherwise', true],
      ['C', 'let through', true],
      ['D', 'worse', false],
      ['E', 'not tried', true],
      ['F', 'not tried', true],
      ['G', 'waits to be tried', true],
    ]);
    expect(text()).toContain('7 of 8 sites were drawn by an earlier version than 5');
    expect(text()).toContain('The bars take its night colour. It dazzles nobody.');
    expect(text()).toContain('1 address would lead nowhere: /x/.');
    // Those that are not tried, and not the one that waits for it.
    expect(button('Try it on')!.textContent.trim()).toBe('Try it on 2 copies');
    await press('Try it on');
    const sent = http.expectOne('/api/updates/trials');
    expect(sent.request.body).toEqual({ sites: ['e', 'f'] });
    sent.flush({ wanted: 2 });
    await settle();
    await answer({ sites: [site('e', { wanted: true })] });
    expect(text()).toContain('2 copies are tried one after the other');
    expect(off('Tried on every copy')).toBeTrue();
    await press('Tried on every copy');
    http.expectNone('/api/updates/trials');
  });

  it('asks before many are updated, says who is left out, and sends those that are picked', async () => {
    await shown({ sites: [site('a', { trial: trial('same') }), site('b', { trial: trial('otherwise') }), site('c')] });
    const box = (n: number) => element().querySelectorAll<HTMLInputElement>('tbody input')[n]!;
    box(2).click();
    await settle();
    expect(button('Update 2 sites')).toBeDefined();
    const rest = element().querySelector<HTMLSelectElement>('#rest')!;
    rest.value = '1440';
    rest.dispatchEvent(new Event('change'));
    sure = false;
    await press('Update 2 sites');
    expect(asked[0]).toMatch(/^Update 2 sites\? First the one .* 1 site looks otherwise and is left out/);
    sure = true;
    await press('Update 2 sites');
    const sent = http.expectOne('/api/updates/rollout');
    expect([sent.request.method, sent.request.body]).toEqual(['POST', { sites: ['a', 'b'], restMinutes: 1440 }]);
    sent.flush({ title: 'Sites are being updated already', status: 409 }, { status: 409, statusText: 'Conflict' });
    await settle();
    expect(element().querySelector('[role=alert]')!.textContent).toContain('Sites are being updated already');
    // All of them out, and in again.
    const all = element().querySelector<HTMLInputElement>('thead input')!;
    all.checked = false;
    all.dispatchEvent(new Event('change'));
    await settle();
    expect([off('Update 0 sites'), rows().some((r) => r[2])]).toEqual([true, false]);
    all.checked = true;
    all.dispatchEvent(new Event('change'));
    await settle();
    expect(rows().every((r) => r[2])).toBeTrue();
  });

  it('shows how far the waves are, holds at trouble, and goes on, stops or takes back as it is told', async () => {
    const sites: Rollout['sites'] = [
      { site: 'a', wave: 1, state: 'done', words: '' },
      { site: 'b', wave: 2, state: 'trouble', words: 'It was taken back. / answers 500.' },
      { site: 'c', wave: 2, state: 'done', words: '' },
      { site: 'd', wave: 3, state: 'waiting', words: '' },
    ];
    const all = ['a', 'b', 'c', 'd'].map((id) => site(id));
    await shown({ sites: all, rollout: rollout({ state: 'held', wave: 2, sites }) });
    expect(text()).toContain('Held: a site has trouble');
    expect(text()).toContain('B, trouble: It was taken back. / answers 500.');
    const waves = [...element().querySelectorAll('.wave')].map((w) => w.textContent.replace(/\s+/g, ' ').trim());
    expect(waves).toEqual(['Oneupdated', 'A few1 trouble, 1 updated', 'The restwaits']);
    // Nothing else begins meanwhile.
    expect(off('Update 4 sites')).toBeTrue();
    const before = asked.length;
    await press('Update 4 sites');
    expect(asked.length).toBe(before);
    await press('Go on without it');
    http.expectOne({ method: 'POST', url: '/api/updates/rollout/on' }).flush(null);
    await settle();
    const next = new Date(Date.now() + 3_600_000).toISOString();
    await answer({ sites: all, rollout: rollout({ wave: 2, sites, nextAt: next }) });
    expect(text()).toContain('It rests; the rest follows at');
    await press('Go on now');
    http.expectOne({ method: 'POST', url: '/api/updates/rollout/on' }).flush(null);
    await settle();
    await answer({ sites: all, rollout: rollout({ wave: 3, sites }) });
    await press('Stop it');
    http.expectOne({ method: 'DELETE', url: '/api/updates/rollout' }).flush(null);
    await settle();
    await answer({ sites: all, rollout: rollout({ state: 'stopped', endedAt: AT, sites }) });
    expect(text()).toContain('The update to version 5 was stopped');
    await press('Take all of it back');
    expect(asked.at(-1)).toMatch(/^Take the update of 2 sites back\?/);
    http.expectOne({ method: 'POST', url: '/api/updates/rollout/back' }).flush({ begun: 2 });
    await settle();
    await answer({ sites: all, rollout: rollout({ state: 'stopped', endedAt: AT, sites: sites.slice(3) }) });
    expect(button('Take all of it back')).toBeUndefined();
  });

  it('lets who may not look without touching', async () => {
    may.and.callFake((role: string) => role === 'accountant');
    await shown({
      sites: [site('a')],
      rollout: rollout({ sites: [{ site: 'a', wave: 1, state: 'done', words: '' }] }),
    });
    expect([...element().querySelectorAll('button')].map((b) => b.textContent.trim())).toEqual([]);
  });

  it('says what it could not ask for, and keeps what it had', async () => {
    await shown({ sites: [site('a')] });
    told.all.next({ kind: 'care', site: 'a' });
    await settle(300);
    http.expectOne('/api/updates').flush(null, { status: 500, statusText: 'Server error' });
    await settle();
    expect(element().querySelector('[role=alert]')).not.toBeNull();
    expect(rows().length).toBe(1);
  });
});

describe('what a server is made of', () => {
  const shown = async (of: Server, now = Date.parse(AT) + 3_600_000) => {
    TestBed.configureTestingModule({
      providers: [provideZonelessChangeDetection(), provideHttpClient(), provideHttpClientTesting()],
    });
    spyOn(TestBed.inject(PorchApi), 'may').and.returnValue(true);
    const fixture = TestBed.createComponent(ServerVersions);
    fixture.componentRef.setInput('server', of);
    fixture.componentRef.setInput('newest', 5);
    fixture.componentRef.setInput('now', now);
    await fixture.whenStable();
    const element = fixture.nativeElement as HTMLElement;
    return {
      element,
      fixture,
      chip: element.querySelector('.chip')!,
      text: element.textContent.replace(/\s+/g, ' '),
    };
  };

  it('is up to date where its lists are fresh and nothing in them is newer', async () => {
    const { chip, text, element } = await shown(server({ packages: [pack('nginx')] }));
    expect([chip.textContent, chip.classList.contains('moss')]).toEqual(['up to date', true]);
    expect(text).toContain('Its package lists are from 1 hour ago.');
    expect([...element.querySelectorAll('details')].at(-1)!.textContent).toContain('nginx 1.0-1');
  });

  it('is not known where nobody can say', async () => {
    const stale = await shown(server({ packages: [pack('nginx')] }), Date.parse(AT) + 9 * 86_400_000);
    expect([stale.chip.textContent, stale.chip.classList.contains('grey')]).toEqual(['not known', true]);
    expect(stale.text).toContain('what is newer is not known');
    TestBed.resetTestingModule();
    expect((await shown(server({ packages: [pack('nginx')], listsAt: null }))).text).toContain(
      'It has no package lists',
    );
    TestBed.resetTestingModule();
    expect((await shown(server({ packages: null }))).text).toContain('It is no Debian');
    TestBed.resetTestingModule();
    const silent = await shown(
      server({ error: 'The server quay does not answer.', agent: null, program: null, packages: null }),
    );
    expect([silent.chip.textContent, silent.text]).toEqual([
      'not asked',
      jasmine.stringContaining('does not answer'),
    ] as never);
  });

  it('has holes to close before anything else that is behind, and says how', async () => {
    const { element, chip, text, fixture } = await shown(
      server({
        packages: [
          pack('restic', { candidate: '1.1-1' }),
          pack('openssl', { candidate: '1.0-2', security: true }),
          pack('nginx', { oldRuns: true }),
          pack('libssl3'),
        ],
      }),
    );
    expect([chip.textContent, chip.classList.contains('brick')]).toEqual(['1 hole to close', true]);
    expect([...element.querySelectorAll('li b')].map((b) => b.textContent)).toEqual(['openssl', 'nginx', 'restic']);
    expect(text).toContain('1.0-1 → 1.0-2');
    expect(text).toContain('the old one still runs');
    expect(element.querySelector('code')!.textContent).toBe('apt-get install --only-upgrade openssl restic');
    const write = spyOn(navigator.clipboard, 'writeText').and.returnValues(
      Promise.resolve(),
      Promise.reject(new Error()),
    );
    const copy = element.querySelector<HTMLButtonElement>('code + button')!;
    for (const words of ['Copied', 'Mark it and copy it by hand']) {
      copy.click();
      await new Promise((done) => setTimeout(done));
      await fixture.whenStable();
      expect(copy.textContent).toBe(words);
    }
    expect(write).toHaveBeenCalledWith('apt-get install --only-upgrade openssl restic');
  });

  it('is started anew part by part, one at a time, and says how long it took or why not', async () => {
    const { element, fixture } = await shown(server({ packages: [pack('nginx')] }));
    const http = TestBed.inject(HttpTestingController);
    const [front, agent] = [...element.querySelectorAll<HTMLButtonElement>('details .bar button')];
    const settle = async () => {
      await new Promise((done) => setTimeout(done));
      await fixture.whenStable();
    };
    agent!.click();
    await settle();
    expect([agent!.textContent.trim(), front!.getAttribute('aria-disabled')]).toEqual(['Starting …', 'true']);
    front!.click();
    const sent = http.expectOne('/api/servers/quay/renewals');
    expect(sent.request.body).toEqual({ what: 'agent' });
    sent.flush({ ms: 1440 });
    await settle();
    expect(element.querySelector('[role=status]')!.textContent).toBe('Its agent was started anew in 1.4 s.');
    front!.click();
    await settle();
    http
      .expectOne('/api/servers/quay/renewals')
      .flush({ title: 'Not now', status: 502 }, { status: 502, statusText: 'No' });
    await settle();
    const said = element.querySelector('[role=status]')!;
    expect([said.textContent, said.classList.contains('fault-line')]).toEqual([
      jasmine.stringContaining('Not now'),
      true,
    ] as never);
  });

  it('says where its agent is older than Tin Porch itself', async () => {
    const old = await shown(
      server({ agent: { engine: 4, step: 12, node: '20.19.0', program: null }, packages: [pack('nginx')] }),
    );
    expect(old.text).toContain('It is older than Tin Porch itself');
    expect(old.chip.classList.contains('moss')).toBeFalse();
  });
});
