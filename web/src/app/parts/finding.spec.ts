import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import type { OpenFinding, Role } from '../api/model';
import { PorchApi } from '../api/porch-api';
import { aFinding } from '../testing/a-finding';
import { Dialogs } from './dialogs';
import { FindingView } from './finding';

describe('a finding', () => {
  let http: HttpTestingController;
  let sure: boolean;
  let asked: string[];
  const NOW = Date.parse('2026-11-20T10:00:00Z');

  async function shown(finding: OpenFinding, role: Role = 'owner') {
    TestBed.inject(PorchApi).session.set({ designer: { role } } as never);
    const fixture = TestBed.createComponent(FindingView);
    fixture.componentRef.setInput('finding', finding);
    fixture.componentRef.setInput('now', NOW);
    const settle = async () => {
      await new Promise((done) => setTimeout(done));
      await fixture.whenStable();
      fixture.detectChanges();
    };
    await settle();
    const element = fixture.nativeElement as HTMLElement;
    return {
      settle,
      element,
      words: () => element.textContent.replace(/\s+/g, ' '),
      button: (label: string) => [...element.querySelectorAll('button')].find((b) => b.textContent.includes(label)),
    };
  }
  beforeEach(() => {
    sure = true;
    asked = [];
    const confirm = (q: { title: string }) => {
      asked.push(q.title);
      return Promise.resolve(sure);
    };
    TestBed.configureTestingModule({
      providers: [
        provideZonelessChangeDetection(),
        provideHttpClient(),
        provideHttpClientTesting(),
        provideRouter([]),
        { provide: Dialogs, useValue: { confirm } },
      ],
    });
    http = TestBed.inject(HttpTestingController);
  });
  afterEach(() => http.verify());

  it('says what was seen, what it does, since when and how often, and leads to where it is mended', async () => {
    const { words, element } = await shown(aFinding({ before: 2, step: 'seo' }));
    expect(words()).toContain('/ is slow.');
    expect(words()).toContain('1900 ms');
    expect(words()).toContain('Visitors leave.');
    expect(words()).toContain('First seen 1 hour ago, and 2 times before.');
    expect(element.querySelector('a.plain')!.textContent).toContain('To SEO');
  });

  it('is mended by a press; what a visitor would notice is asked about first', async () => {
    const cert = await shown(aFinding({ mend: 'certificate' }));
    cert.button('Ask for a certificate')!.click();
    await cert.settle();
    expect(asked).toEqual([]);
    http.expectOne('/api/findings/mend').flush({ begun: 1, refused: [] });
    await cert.settle();
    expect(cert.words()).toContain('It is being mended');
    sure = false;
    const again = await shown(aFinding({ mend: 'deploy' }));
    again.button('Deploy again')!.click();
    await again.settle();
    expect(asked).toEqual(['Deploy again?']);
    http.expectNone('/api/findings/mend');
    sure = true;
    again.button('Deploy again')!.click();
    await again.settle();
    http.expectOne('/api/findings/mend').flush({ begun: 0, refused: ['gant: Another release is being put in place.'] });
    await again.settle();
    expect(again.element.querySelector('[role=alert]')!.textContent).toContain('Another release');
    expect(again.button('Deploy again')!.disabled).toBeFalse();
  });

  it('says what became of mending it', async () => {
    const mending = { at: '2026-11-20T09:30:00Z', by: 'Tin Porch', error: null };
    const running = await shown(aFinding({ mend: 'backup', mending: { ...mending, state: 'running' } }));
    expect(running.words()).toContain('Being mended since 30 minutes ago, by Tin Porch.');
    expect(running.button('Back it up now')!.disabled).toBeTrue();
    const failed = await shown(
      aFinding({ mend: 'backup', mending: { ...mending, state: 'failed', error: 'No room.' } }),
    );
    expect(failed.words()).toContain('30 minutes ago, by Tin Porch: No room.');
    const done = { ...mending, state: 'done' as const };
    expect((await shown(aFinding({ mending: done }))).words()).toContain('it is looked at again.');
    expect((await shown(aFinding({ mending: done, lastSeen: '2026-11-20T09:40:00Z' }))).words()).toContain(
      'and it is still there.',
    );
  });

  it('is put off with a reason, which it asks for', async () => {
    const { settle, button, element } = await shown(aFinding());
    button('Put off …')!.click();
    await settle();
    element.querySelector('form')!.dispatchEvent(new Event('submit', { cancelable: true }));
    await settle();
    expect(element.querySelector('[role=alert]')!.textContent).toContain('Say why');
    const field = element.querySelector('input')!;
    field.value = ' They know ';
    field.dispatchEvent(new Event('input'));
    element.querySelector('form')!.dispatchEvent(new Event('submit', { cancelable: true }));
    await settle();
    const put = http.expectOne({ method: 'PUT', url: '/api/findings/snooze' });
    const { which, off } = put.request.body as { which: object[]; off: { until: string; reason: string } };
    expect(which).toEqual([{ site: 'gant', key: 'page-slow /' }]);
    expect(off.reason).toBe('They know');
    expect(Math.round((Date.parse(off.until) - Date.now()) / 86_400_000)).toBe(7);
    put.flush({ title: 'No' }, { status: 500, statusText: 'no' });
    await settle();
    // What was written stays where it could not be sent.
    expect(element.querySelector('input')!.value).toBe(' They know ');
    element.querySelector('form')!.dispatchEvent(new Event('submit', { cancelable: true }));
    await settle();
    http.expectOne('/api/findings/snooze').flush({ put: 1 });
    await settle();
    expect(element.querySelector('form')).toBeNull();
  });

  it('says who put it off, until when and why, and is said again by a press', async () => {
    const snoozed = { until: '2026-12-01T09:00:00Z', reason: 'They know', by: 'Ines' };
    const { words, button, settle } = await shown(aFinding({ snoozed }));
    expect(words()).toContain('Put off until 1 Dec 2026, by Ines: “They know”');
    button('Say it again')!.click();
    await settle();
    expect(http.expectOne('/api/findings/snooze').request.body).toEqual({
      which: [{ site: 'gant', key: 'page-slow /' }],
      off: null,
    });
  });

  it('has a letter for whoever must where nobody here can, and copies it', async () => {
    const { element, settle } = await shown(aFinding({ note: 'Please set these records.' }));
    expect(element.querySelector('details')!.textContent).toContain('Please set these records.');
    let copied = '';
    spyOn(navigator.clipboard, 'writeText').and.callFake((text) => {
      copied = text;
      return Promise.resolve();
    });
    element.querySelector<HTMLButtonElement>('details button')!.click();
    await settle();
    expect(copied).toBe('Please set these records.');
  });

  it('offers a helper nothing they may not do, and still the way there', async () => {
    const { button, element } = await shown(aFinding({ mend: 'deploy', step: 'publish' }), 'helper');
    expect(button('Deploy again')).toBeUndefined();
    expect(button('Put off')).toBeUndefined();
    expect(element.querySelector('a.plain')!.textContent).toContain('To Publish');
  });
});
