import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { provideZonelessChangeDetection, type Type } from '@angular/core';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { provideRouter, Router } from '@angular/router';
import { PorchApi } from '../api/porch-api';
import type { Role, Session } from '../api/model';
import { AccountPlace, browserOf } from '../places/account';
import { TeamPlace } from '../places/team';
import { CodesPanel } from './codes-panel';
import { FollowLink } from './follow-link';
import { SecondFactor } from './second-factor';
import { SignIn } from './sign-in';

const session = (role: Role = 'owner'): Session => ({
  designer: { id: 'a1', mail: 'ines@tinporch.example', name: 'Ines Tarrant', role },
  organisation: 'Tarrant',
  csrf: 'token',
});
const refused = (status: number, title: string) => [{ title }, { status, statusText: title }] as const;

describe('accounts in the interface', () => {
  let http: HttpTestingController;
  let api: PorchApi;
  const settle = async (fixture: ComponentFixture<unknown>) => {
    await new Promise((done) => setTimeout(done));
    await fixture.whenStable();
    fixture.detectChanges();
  };
  async function shown<C>(component: Type<C>, inputs: Record<string, unknown> = {}) {
    const fixture = TestBed.createComponent(component);
    for (const [name, value] of Object.entries(inputs)) fixture.componentRef.setInput(name, value);
    await settle(fixture);
    const element = fixture.nativeElement as HTMLElement;
    return {
      fixture,
      element,
      words: () => element.textContent.replace(/\s+/g, ' ').trim(),
      async type(id: string, value: string) {
        const field = element.querySelector<HTMLInputElement>(`#${id}`)!;
        field.value = value;
        field.dispatchEvent(new Event(field.tagName === 'SELECT' ? 'change' : 'input'));
        await settle(fixture);
      },
      async press(label: string) {
        const button = [...element.querySelectorAll('button')].find(
          (b) => b.textContent.includes(label) || b.getAttribute('aria-label')?.includes(label),
        );
        if (!button) throw new Error(`There is no button “${label}”.`);
        button.click();
        await settle(fixture);
      },
    };
  }

  beforeEach(() => {
    TestBed.configureTestingModule({
      providers: [provideZonelessChangeDetection(), provideHttpClient(), provideHttpClientTesting(), provideRouter([])],
    });
    http = TestBed.inject(HttpTestingController);
    api = TestBed.inject(PorchApi);
  });
  afterEach(() => http.verify());

  it('sign in with a password, ask for a second factor where there is one, and go on with a code', async () => {
    const view = await shown(SignIn);
    http.expectOne('/api/session/ways').flush({ mail: false });
    await settle(view.fixture);
    expect(view.words()).not.toContain('Forgot');
    const go = spyOn(TestBed.inject(Router), 'navigateByUrl').and.resolveTo(true);
    await view.press('Sign in');
    expect(view.words()).toContain('Give your mail address and your password');
    await view.type('mail', 'ines@tinporch.example');
    await view.type('password', 'wrong');
    await view.press('Sign in');
    http.expectOne('/api/session').flush(...refused(401, 'That mail address and password do not go together'));
    await settle(view.fixture);
    expect(view.words()).toContain('do not go together');
    // Nobody was signed in: nothing has ended.
    expect(api.ended()).toBeFalse();
    await view.press('Sign in');
    http.expectOne('/api/session').flush({ ticket: 't', ways: ['code'] });
    await settle(view.fixture);
    await view.type('second-code', '123 456');
    await view.press('Sign in');
    const second = http.expectOne('/api/session/second');
    expect(second.request.body).toEqual({ ticket: 't', code: '123 456' });
    second.flush(session());
    await settle(view.fixture);
    expect(api.session()?.designer.name).toBe('Ines Tarrant');
    expect(go).toHaveBeenCalledOnceWith('/');
  });

  it('are not told that they are signed out by an answer that comes after they signed out, or in again', async () => {
    api.session.set(session());
    const said: unknown[] = [];
    const ask = (path: string) =>
      api.get<string>(path).subscribe({ next: (v) => said.push(v), error: (e: Error) => said.push(e.message) });
    ask('/sites');
    api.session.set(null);
    http.expectOne('/api/sites').flush(...refused(401, 'Sign in first'));
    expect([api.ended(), said]).toEqual([false, ['Sign in first']]);
    // Somebody has signed in by the time the answer is there: it is asked for again, as them.
    api.session.set(session());
    ask('/servers');
    api.session.set({ ...session(), csrf: 'another' });
    http.expectOne('/api/servers').flush(...refused(401, 'Sign in first'));
    const again = http.expectOne('/api/servers');
    expect([api.ended(), again.request.headers.get('x-porch-token')]).toEqual([false, 'another']);
    // Of the session there is by now, it is true.
    again.flush(...refused(401, 'Sign in first'));
    expect([api.ended(), said.length]).toEqual([true, 1]);
    api.signedIn(session());
    http.expectOne('/api/servers').flush('two of them');
    expect([api.ended(), said[1]]).toEqual([false, 'two of them']);
  });

  it('have a link sent where the password is forgotten, which says nothing about whether there is such an account', async () => {
    const view = await shown(SignIn);
    http.expectOne('/api/session/ways').flush({ mail: true });
    await settle(view.fixture);
    await view.press('Forgot the password');
    expect(view.words()).toContain('Give the mail address of your account first');
    await view.type('mail', ' tom@tinporch.example ');
    await view.press('Forgot the password');
    const asked = http.expectOne('/api/session/forgotten');
    expect(asked.request.body).toEqual({ mail: 'tom@tinporch.example' });
    asked.flush(...refused(503, 'The database does not answer'));
    await settle(view.fixture);
    expect(view.words()).toContain('does not answer');
    http.match('/api/session').forEach((r) => r.flush(...refused(401, 'Sign in first')));
    await view.press('Forgot the password');
    http.expectOne('/api/session/forgotten').flush(null);
    await settle(view.fixture);
    expect(view.words()).toContain('If there is an account of tom@tinporch.example, a link is on its way there');
    expect(view.words()).not.toContain('does not answer');
  });

  it('say what is wrong with a code, and go back to the password', async () => {
    const view = await shown(SecondFactor, { asked: { ticket: 't', ways: ['code'] } });
    let back = 0;
    view.fixture.componentInstance.back.subscribe(() => back++);
    await view.press('Sign in');
    expect(view.words()).toContain('Give a code');
    await view.type('second-code', '000000');
    await view.press('Sign in');
    http.expectOne('/api/session/second').flush(...refused(401, 'That code is not right'));
    await settle(view.fixture);
    expect(view.element.querySelector('#second-code')!.getAttribute('aria-invalid')).toBe('true');
    await view.press('Back');
    expect(back).toBe(1);
  });

  it('turn codes on with a first one, show the recovery codes once, and turn them off with the password', async () => {
    const view = await shown(CodesPanel, { on: false, left: 0 });
    let changed = 0;
    view.fixture.componentInstance.changed.subscribe(() => changed++);
    await view.press('Set codes up');
    http
      .expectOne('/api/account/codes')
      .flush({ secret: 'ABCDEF', uri: 'otpauth://', svg: '<svg onload="alert(1)"/>' });
    await settle(view.fixture);
    // What the server drew is shown as a picture, never as markup of the page.
    expect(view.element.querySelector('svg')).toBeNull();
    expect(view.element.querySelector('img')!.src).toMatch(/^data:image\/svg\+xml/);
    await view.type('codes-first', '123456');
    await view.press('Turn codes on');
    const on = http.expectOne('/api/account/codes');
    expect([on.request.method, on.request.body]).toEqual(['PUT', { code: '123456' }]);
    on.flush({ recovery: ['aaaa-bbbb-cccc'] });
    await settle(view.fixture);
    expect(view.words()).toContain('aaaa-bbbb-cccc');
    expect(changed).toBe(1);
    view.fixture.componentRef.setInput('on', true);
    view.fixture.componentRef.setInput('left', 1);
    await view.press('They are kept');
    expect(view.words()).not.toContain('aaaa-bbbb-cccc');
    expect(view.words()).toContain('1 recovery code left');
    await view.type('codes-password', 'mine');
    await view.press('Turn codes off');
    const off = http.expectOne('/api/account/codes/off');
    expect(off.request.body).toEqual({ password: 'mine' });
    off.flush(...refused(403, 'That is not your password'));
    await settle(view.fixture);
    expect(view.words()).toContain('not your password');
  });

  it('come in by a link, and sign in with what they chose', async () => {
    const view = await shown(FollowLink, { token: 'abc' });
    const go = spyOn(TestBed.inject(Router), 'navigateByUrl').and.resolveTo(true);
    http.expectOne('/api/links/abc').flush({
      kind: 'invitation',
      organisation: 'Tarrant',
      mail: 'tom@tinporch.example',
      name: '',
      role: 'helper',
    });
    await settle(view.fixture);
    expect(view.words()).toContain('come to Tarrant as a helper');
    await view.type('link-name', 'Tom');
    await view.type('link-password', 'a-long-rope-walk');
    await view.press('Make the account');
    const made = http.expectOne('/api/links/abc');
    expect(made.request.body).toEqual({ name: 'Tom', password: 'a-long-rope-walk' });
    made.flush(null, { status: 204, statusText: 'No Content' });
    await settle(view.fixture);
    http.expectOne('/api/session').flush(session('helper'));
    await settle(view.fixture);
    expect(go).toHaveBeenCalledOnceWith('/');
  });

  it('say where a link is good no more', async () => {
    const view = await shown(FollowLink, { token: 'old' });
    http.expectOne('/api/links/old').flush(...refused(404, 'This link is not good any more'));
    await settle(view.fixture);
    expect(view.words()).toContain('not good any more');
    expect(view.element.querySelector('form')).toBeNull();
  });

  const people = [
    {
      id: 'a1',
      mail: 'ines@tinporch.example',
      name: 'Ines Tarrant',
      role: 'owner',
      second: true,
      createdAt: '2026-11-01T08:00:00.000Z',
      seenAt: null,
    },
  ];
  const answerTeam = () => http.expectOne('/api/team').flush({ organisation: 'Tarrant', people, invitations: [] });

  it('of an owner invite, and show the link they made once', async () => {
    api.session.set(session());
    const view = await shown(TeamPlace);
    answerTeam();
    http.expectOne('/api/audit').flush({ lines: [], more: false });
    await settle(view.fixture);
    await view.type('invite-mail', 'tom@tinporch.example');
    await view.press('Make a link');
    const invited = http.expectOne('/api/team/invitations');
    expect(invited.request.body).toEqual({ mail: 'tom@tinporch.example', role: 'designer' });
    invited.flush({ token: 'tok', endsAt: '2026-12-10T08:00:00.000Z' });
    await settle(view.fixture);
    answerTeam();
    http.expectOne('/api/audit').flush({ lines: [], more: false });
    await settle(view.fixture);
    expect(view.element.querySelector<HTMLInputElement>('.link-field')!.value).toBe(`${location.origin}/link/tok`);
    await view.press('Close');
    expect(view.element.querySelector('.link-field')).toBeNull();
  });

  it('of an owner say what is refused, and leave what is as it is', async () => {
    api.session.set(session());
    const view = await shown(TeamPlace);
    answerTeam();
    http.expectOne('/api/audit').flush({ lines: [], more: false });
    await settle(view.fixture);
    await view.type('invite-mail', 'nonsense');
    await view.press('Make a link');
    expect(view.words()).toContain('Give the mail address');
    await view.type('role-a1', 'helper');
    http.expectOne('/api/team/people/a1').flush(...refused(409, 'Ines Tarrant is the only owner'));
    await settle(view.fixture);
    answerTeam();
    http.expectOne('/api/audit').flush({ lines: [], more: false });
    await settle(view.fixture);
    expect(view.words()).toContain('is the only owner');
    expect(view.element.querySelector<HTMLSelectElement>('#role-a1')!.value).toBe('owner');
  });

  it('of anybody else see who is there, and no more', async () => {
    api.session.set(session('helper'));
    const view = await shown(TeamPlace);
    answerTeam();
    await settle(view.fixture);
    expect(view.words()).toContain('Ines Tarrant');
    expect(view.element.querySelector('select, form, button')).toBeNull();
  });

  it('list where they are signed in, and end what is elsewhere', async () => {
    api.session.set(session());
    const at = '2026-11-26T08:00:00.000Z';
    const line = (id: string, here: boolean, agent: string) => ({
      id,
      here,
      agent,
      address: '127.0.0.1',
      createdAt: at,
      seenAt: at,
    });
    const answer = () =>
      http.expectOne('/api/account').flush({
        sessions: [line('s1', true, 'Mozilla/5.0 (X11; Linux x86_64) Chrome/140'), line('s2', false, 'curl/8')],
        codes: false,
        recoveryLeft: 0,
        passkeys: [],
        passkeysHere: false,
      });
    const view = await shown(AccountPlace);
    answer();
    await settle(view.fixture);
    expect(view.words()).toContain('Chromium on Linux');
    expect(view.words()).toContain('Passkeys are bound to a name');
    await view.press('End the session with A program');
    const ended = http.expectOne('/api/account/sessions/s2');
    expect(ended.request.method).toBe('DELETE');
    ended.flush(null, { status: 204, statusText: 'No Content' });
    await settle(view.fixture);
    answer();
  });

  it('name a browser by what it calls itself', () => {
    expect(browserOf('Mozilla/5.0 (iPhone; CPU iPhone OS 18_0 like Mac OS X) Version/18 Safari/604')).toBe(
      'Safari on iPhone',
    );
    expect(browserOf('Mozilla/5.0 (Windows NT 10.0) Gecko/20100101 Firefox/140.0')).toBe('Firefox on Windows');
    expect(browserOf('')).toBe('A program');
  });
});
