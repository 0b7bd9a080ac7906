import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { PorchApi } from '../api/porch-api';
import { Dialogs } from '../parts/dialogs';
import { aSite } from '../testing/a-site';
import { aServer, MEASURED } from '../testing/a-server';
import { toldByHand } from '../testing/no-events';
import { SiteHome } from './site-home';
import { SiteStore } from './site-store';

describe('the server of a site', () => {
  let store: SiteStore;
  let http: HttpTestingController;
  let fixture: ComponentFixture<SiteHome>;
  let may: jasmine.Spy;
  const events = toldByHand();
  const element = () => fixture.nativeElement as HTMLElement;
  const settle = async () => {
    await new Promise((done) => setTimeout(done));
    await fixture.whenStable();
    fixture.detectChanges();
  };
  const server = (name: string) => ({ name, address: '127.0.0.11', httpPort: 80, httpsPort: 443 });
  async function shown(moves: object[] = []): Promise<void> {
    fixture = TestBed.createComponent(SiteHome);
    await settle();
    http.expectOne('/api/sites/gant/moves').flush({ moves });
    await settle();
  }
  const select = () => element().querySelector('select')!;
  async function choose(name: string): Promise<void> {
    select().dispatchEvent(new Event('focus'));
    await settle();
    http.expectOne('/api/servers').flush({
      servers: [
        aServer('quay'),
        aServer('slip'),
        aServer('pier', { now: { ...MEASURED, database: false } }),
        aServer('mole', { now: undefined, error: 'No answer' }),
      ],
    });
    await settle();
    select().value = name;
    select().dispatchEvent(new Event('change'));
    await settle();
  }

  beforeEach(() => {
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
    store = TestBed.inject(SiteStore);
    store.id.set('gant');
    store.detail.set(aSite({ liveRelease: 'r-1', server: server('quay') }));
  });

  it('is chosen anew among those that answer, and the site moved there once that was confirmed', async () => {
    const confirm = spyOn(TestBed.inject(Dialogs), 'confirm').and.returnValues(
      Promise.resolve(false),
      Promise.resolve(true),
    );
    await shown();
    const button = () => [...element().querySelectorAll('button')].find((b) => b.textContent!.includes('Move it'))!;
    expect(button().disabled).toBeTrue();
    await choose('pier');
    expect([...select().options].map((o) => [o.text.trim(), o.disabled])).toEqual([
      ['To which server?', false],
      ['slip, 4.0 GB free', false],
      ['pier, its database does not answer', true],
      ['mole, does not answer', true],
    ]);
    // One that does not answer is none to move to, however it was chosen.
    expect(button().disabled).toBeTrue();
    await choose('slip');
    button().click();
    await settle();
    http.expectNone('/api/sites/gant/moves');
    button().click();
    await settle();
    expect(confirm.calls.mostRecent().args[0].words).toContain('quay leads on');
    const asked = http.expectOne({ method: 'POST', url: '/api/sites/gant/moves' });
    expect(asked.request.body).toEqual({ server: 'slip' });
    expect(button().disabled).toBeTrue();
    asked.flush({ title: 'The site is to go' }, { status: 409, statusText: 'no' });
    await settle();
    // Refused, it can be asked for again.
    expect(button().disabled).toBeFalse();
  });

  it('is told with those that still lead there, what they wait for, and who may move it', async () => {
    const at = '2026-11-28T02:00:00.000Z';
    const led = { from: 'slip', to: 'quay', movedAt: at, lastLedAt: at };
    may.and.callFake((role: string) => role !== 'designer');
    await shown([
      { ...led, led: 0, waits: 'It is led on for 48 hours in any case.' },
      { ...led, from: 'pier', led: 1, waits: '' },
    ]);
    const lines = [...element().querySelectorAll('.led')].map((p) => p.textContent!.replace(/\s+/g, ' ').trim());
    expect(lines[0]).toMatch(/^slip leads here Since .*, nobody so far\. It is led on for 48 hours in any case\.$/);
    expect(lines[1]).toMatch(/^pier leads here Since .*, 1 request so far\. It is taken off pier soon\.$/);
    expect(element().querySelector('select')).toBeNull();
  });

  it('cannot be asked for: that is said, and nothing claimed', async () => {
    fixture = TestBed.createComponent(SiteHome);
    await settle();
    http.expectOne('/api/sites/gant/moves').flush(null, { status: 500, statusText: 'no' });
    await settle();
    expect(element().querySelector('[role=alert]')!.textContent).toContain('was not asked for');
    select().dispatchEvent(new Event('focus'));
    await settle();
    http.expectOne('/api/servers').flush(null, { status: 500, statusText: 'no' });
    await settle();
    expect(element().querySelectorAll('[role=alert]').length).toBe(2);
    expect(select().options.length).toBe(1);
  });
});
