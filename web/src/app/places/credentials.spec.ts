import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import type { Answered } from '../api/model';
import { Dialogs } from '../parts/dialogs';
import { toldByHand } from '../testing/no-events';
import { CredentialsPanel } from './credentials';

type Found = Answered<'GET /credentials'>;

describe('keys and passwords', () => {
  let http: HttpTestingController;
  let fixture: ComponentFixture<CredentialsPanel>;
  let sure: jasmine.Spy<Dialogs['confirm']>;
  const element = () => fixture.nativeElement as HTMLElement;
  const words = () => element().textContent.replace(/\s+/g, ' ').trim();
  const button = () => element().querySelector('button')!;
  const settle = async () => {
    await new Promise((done) => setTimeout(done));
    await fixture.whenStable();
    fixture.detectChanges();
  };
  const job = (state: string, steps: object[] = []) =>
    ({ id: 'x', kind: 'credentials', state, steps, error: null }) as never;
  const answer = async (more: Partial<Found> = {}) => {
    http.expectOne('/api/credentials').flush({
      credentials: [
        { kind: 'server', name: 'quay', since: null },
        { kind: 'server', name: 'slip', since: '2026-11-02T09:00:00.000Z' },
        { kind: 'place', name: 'store', since: null },
      ],
      ...{ job: null, ...more },
    });
    await settle();
  };

  beforeEach(async () => {
    TestBed.configureTestingModule({
      providers: [
        provideZonelessChangeDetection(),
        provideHttpClient(),
        provideHttpClientTesting(),
        toldByHand().provider,
      ],
    });
    http = TestBed.inject(HttpTestingController);
    sure = spyOn(TestBed.inject(Dialogs), 'confirm').and.resolveTo(true);
    fixture = TestBed.createComponent(CredentialsPanel);
    await settle();
  });
  afterEach(() => http.verify());

  it('are said to be as old as they are, and never what they are', async () => {
    await answer();
    expect([...element().querySelectorAll('.keeper')].map((p) => p.textContent.replace(/\s+/g, ' ').trim())).toEqual([
      'quayKeys on both sides, as they were paired',
      'slipKeys on both sides, since 2 Nov 2026',
      'storePassword of the backups there, as it was made',
    ]);
  });

  it('are made anew once that is meant, and looked at until it is done', async () => {
    await answer();
    sure.and.resolveTo(false);
    button().click();
    await settle();
    sure.and.resolveTo(true);
    button().click();
    await settle();
    http.expectOne({ method: 'POST', url: '/api/credentials' }).flush({ job: job('waiting') });
    await settle();
    await answer({ job: job('running', [{ name: 'Keys of quay', state: 'running', detail: '' }]) });
    expect(words()).toContain('Keys of quay …');
    expect(button().getAttribute('aria-disabled')).toBe('true');
    const asked = sure.calls.count();
    button().click();
    await settle();
    expect(sure.calls.count()).toBe(asked);
    await new Promise((done) => setTimeout(done, 1600));
    await answer({ job: job('done') });
    expect(button().getAttribute('aria-disabled')).toBeNull();
    expect(element().querySelector('[role=status]')).toBeNull();
  });

  it('say which of them could not be made anew so far', async () => {
    await answer({
      job: job('failed', [
        { name: 'Keys of quay', state: 'done', detail: 'Others from now on' },
        { name: 'Password of store', state: 'failed', detail: 'The backup place cannot be used' },
      ]),
    });
    expect(element().querySelector('[role=alert]')!.textContent.trim()).toBe(
      'Password of store: The backup place cannot be used',
    );
  });

  it('say that they could not be asked for', async () => {
    http.expectOne('/api/credentials').flush({ title: 'No' }, { status: 422, statusText: 'x' });
    await settle();
    expect(words()).toContain('How old keys and passwords are was not asked for.');
  });
});
