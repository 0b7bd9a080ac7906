import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import type { Answered } from '../api/model';
import { PorchApi } from '../api/porch-api';
import { Dialogs } from '../parts/dialogs';
import { AgentVersions } from './agent-versions';

type Found = Answered<'GET /updates'>;
type Server = Found['servers'][number];
type Job = NonNullable<Found['agents']['job']>;

const AT = '2026-11-28T02:00:00.000Z';
const NOW = Date.parse(AT) + 3_600_000;
const [OLD, NEW] = ['0123456789ab', 'ba9876543210'];
const server = (name: string, program: Partial<NonNullable<Server['program']>> | null = {}): Server => ({
  ...{ name, error: null, agent: { engine: 5, step: 13, node: '20.19.0', program: OLD }, packages: [], listsAt: AT },
  program: program && { running: OLD, installed: OLD, known: true, before: null, fallen: null, ...program },
});
const job = (state: Job['state'], more: Partial<Job> = {}): Job => ({
  ...{ id: '0', site: null, kind: 'agent', input: {}, state, steps: [], error: null, attempt: 1 },
  ...{ nextTry: null, createdAt: AT, finishedAt: state === 'running' ? null : AT },
  ...more,
});
const brought = (more: Partial<Found['agents']['updates'][number]> = {}): Found['agents']['updates'][number] => ({
  ...{ server: 'quay', by: 'Ines', from: OLD, to: NEW, state: 'done', words: '', begunAt: AT, endedAt: AT },
  ...more,
});

describe('the versions of the agent', () => {
  let http: HttpTestingController;
  let fixture: ComponentFixture<AgentVersions>;
  let may: jasmine.Spy;
  let sure: boolean;
  let asked: string;
  let changed: number;
  const element = () => fixture.nativeElement as HTMLElement;
  const text = () => element().textContent!.replace(/\s+/g, ' ');
  const chip = () => element().querySelector('.chip')!.textContent;
  const buttons = () => [...element().querySelectorAll('button')].map((b) => b.textContent.trim());
  const settle = async () => {
    await new Promise((done) => setTimeout(done));
    await fixture.whenStable();
    fixture.detectChanges();
  };
  const press = async (label: string) => {
    [...element().querySelectorAll('button')].find((b) => b.textContent.includes(label))!.click();
    await settle();
  };
  const shown = async (servers: Server[], agents: Partial<Found['agents']> = {}) => {
    fixture = TestBed.createComponent(AgentVersions);
    fixture.componentRef.setInput('servers', servers);
    fixture.componentRef.setInput('agents', {
      newest: { version: NEW, engine: 5, step: 14 },
      job: null,
      updates: [],
      ...agents,
    });
    fixture.componentRef.setInput('now', NOW);
    fixture.componentInstance.changed.subscribe(() => changed++);
    await settle();
  };

  beforeEach(() => {
    [sure, asked, changed] = [true, '', 0];
    const confirm = (q: { title: string; words: string }) => {
      asked = `${q.title} ${q.words}`;
      return Promise.resolve(sure);
    };
    TestBed.configureTestingModule({
      providers: [
        ...[provideZonelessChangeDetection(), provideHttpClient(), provideHttpClientTesting()],
        { provide: Dialogs, useValue: { confirm } },
      ],
    });
    http = TestBed.inject(HttpTestingController);
    may = spyOn(TestBed.inject(PorchApi), 'may').and.returnValue(true);
  });
  afterEach(() => http.verify());

  it('are up to date only where each said so', async () => {
    await shown([server('quay', { running: NEW }), server('slip', { running: NEW })]);
    expect([chip(), buttons()]).toEqual(['up to date', []]);
    expect(text()).toContain('Each is version ba987654, the one that Tin Porch has.');
    // It has a version, and did not say which one would be begun: nobody knows that it cannot be another.
    await shown([server('quay', { running: NEW }), server('slip', null)]);
    expect([chip(), text()]).toEqual(['not asked', jasmine.stringContaining('slip did not answer.')]);
    const slip = server('slip', null);
    await shown([server('quay', { running: NEW }), { ...slip, agent: { ...slip.agent!, program: null } }]);
    expect(chip()).toBe('not known');
    expect(text()).toContain('The agent of slip was not begun so that it could be another');
    await shown([
      server('quay', { running: NEW }),
      { ...server('slip', null), agent: null, error: 'It does not answer.' },
    ]);
    expect([chip(), text()]).toEqual(['not asked', jasmine.stringContaining('slip did not answer.')]);
    await shown([server('quay')], { newest: null });
    expect([chip(), buttons()]).toEqual(['not known', []]);
  });

  it('that are behind are brought to one server, or to all of them, by whoever may', async () => {
    await shown([server('quay'), server('slip')]);
    expect(chip()).toBe('2 agents behind');
    expect(text()).toContain(
      'Tin Porch has version ba987654; quay and slip have another. It keeps tables of step 14, where they do of 13.',
    );
    await press('Bring it to 2 servers');
    // Pressed twice, it is asked once.
    await press('Bring it to slip');
    const all = http.expectOne('/api/updates/agents');
    expect([all.request.method, all.request.body]).toEqual(['POST', { servers: ['quay', 'slip'], back: false }]);
    all.flush({ job: job('waiting') });
    await settle();
    expect(changed).toBe(1);
    await press('Bring it to slip');
    http
      .expectOne('/api/updates/agents')
      .flush({ title: 'There is no such server', detail: 'slip' }, { status: 404, statusText: 'Not Found' });
    await settle();
    expect(element().querySelector('[role=alert]')!.textContent).toContain('There is no such server');
    may.and.returnValue(false);
    await shown([server('quay')]);
    expect([chip(), buttons()]).toEqual(['1 agent behind', []]);
  });

  it('under way are shown step by step, and can be stopped', async () => {
    const steps = [{ name: 'Send it to quay', state: 'done' as const, detail: 'whole', ms: 900 }];
    await shown([server('quay')], { job: job('running', { steps }) });
    expect(chip()).toBe('under way');
    expect(text()).toContain('Send it to quay');
    expect(buttons()).toEqual(['Stop trying']);
    await press('Stop trying');
    const sent = http.expectOne('/api/updates/agents');
    expect(sent.request.method).toBe('DELETE');
    sent.flush(null, { status: 204, statusText: 'No Content' });
    await settle();
    expect(changed).toBe(1);
  });

  it('say for a week why one did not come up, and for good what was brought', async () => {
    const why = 'It does not start: no such place.';
    const fell = (at: string) => server('quay', { fallen: { version: NEW, at, why } });
    const updates = [brought({ state: 'back', words: why }), brought(), brought({ state: 'going', endedAt: null })];
    await shown([fell(AT)], { updates });
    expect(text()).toMatch(/On quay, version ba987654 did not come up .*: It does not start: no such place\./);
    await shown([fell(AT)], { updates, job: job('failed', { error: 'It did not come up on quay.' }) });
    // Said once.
    expect(text().match(/did not come up/g)!.length).toBe(1);
    const chips = [...element().querySelectorAll('details .chip')].map((c) => c.textContent);
    expect(chips).toEqual(['taken back', 'brought', 'broken off']);
    await shown([fell('2026-11-02T02:00:00.000Z')], {
      updates,
      job: job('failed', { finishedAt: '2026-11-02T02:00:00.000Z' }),
    });
    expect(text()).not.toContain('did not come up');
    expect(element().querySelectorAll('details li').length).toBe(3);
  });

  it('go back to the one before only after it was said what that costs', async () => {
    const servers = [server('quay', { running: NEW, before: OLD })];
    await shown(servers, { updates: [brought()] });
    sure = false;
    await press('Go back on quay to 01234567');
    expect(asked).toContain('Go back on quay to version 01234567?');
    expect(asked).toContain('what only the newer one has room for is not kept');
    http.expectNone('/api/updates/agents');
    sure = true;
    await press('Go back on quay');
    const sent = http.expectOne('/api/updates/agents');
    expect(sent.request.body).toEqual({ servers: ['quay'], back: true });
    sent.flush({ job: job('waiting') });
    await settle();
    may.and.returnValue(false);
    await shown(servers, { updates: [brought()] });
    expect(buttons()).toEqual([]);
  });
});
