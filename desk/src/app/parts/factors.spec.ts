import type { HttpTestingController } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { Session } from '../here';
import type { Factors } from '../model';
import { atTheDesk, button, HERE, shown, textOf, write } from '../testing/at-the-desk';
import { en } from '../words/en';
import { FactorsPart } from './factors';
import { SignIn } from './sign-in';

const NONE: Factors = { codes: false, recoveryLeft: 0, passkeys: [], passkeysHere: true };
const problem = (title: string, detail: string, status: number) =>
  [
    { title, detail },
    { status, statusText: '-' },
  ] as const;
const settled = async (fixture: { whenStable(): Promise<unknown> }) => {
  await new Promise((r) => setTimeout(r));
  await fixture.whenStable();
};

describe('what somebody signs in with', () => {
  let http: HttpTestingController;
  beforeEach(() => {
    http = atTheDesk();
  });
  afterEach(() => http.verify());
  const part = async (factors: Factors, password = true) => {
    const fixture = await shown(FactorsPart, { password });
    http.expectOne('api/factors').flush(factors);
    await fixture.whenStable();
    return fixture;
  };

  it('offers codes to whoever has a password, and lets those turn them off who have none any more', async () => {
    expect(textOf(await part(NONE, false))).not.toContain(en.codes);
    expect(textOf(await part(NONE))).toContain(en.codesHow);
    const left = await part({ ...NONE, codes: true, recoveryLeft: 3 }, false);
    expect(textOf(left)).toContain(en.codesAsked(3));
    button(left, en.codesOff).click();
    http.expectOne({ method: 'DELETE', url: 'api/codes' }).flush(null);
    await settled(left);
    http.expectOne('api/factors').flush(NONE);
  });

  it('says for which name a passkey is that is for another, and offers none where none can be bound', async () => {
    const passkey = { id: 'k1', name: 'Phone', host: 'old.example', madeAt: '2026-01-05T09:00Z', usedAt: null };
    const fixture = await part({ ...NONE, passkeysHere: false, passkeys: [{ ...passkey, here: false }] });
    expect(textOf(fixture)).toContain('old.example');
    expect(textOf(fixture)).not.toContain(en.makePasskey);
    expect(textOf(await part({ ...NONE, passkeysHere: false }))).not.toContain(en.passkeys);
  });

  it('shows spare codes until they are kept, and what was wrong beside what it was wrong with', async () => {
    const fixture = await part(NONE);
    button(fixture, en.codesSet).click();
    http.expectOne('api/codes').flush({ secret: 'ABCD', uri: 'otpauth://x', svg: '<svg></svg>' });
    await settled(fixture);
    http.expectOne('api/factors').flush(NONE);
    await fixture.whenStable();
    expect(textOf(fixture)).toContain('ABCD');
    write(fixture, en.firstCode, ' 111111 ');
    button(fixture, en.codesOn).click();
    const wrong = http.expectOne({ method: 'PUT', url: 'api/codes' });
    expect(wrong.request.body).toEqual({ code: '111111' });
    wrong.flush(...problem('That code is not right', 'Once more.', 422));
    await settled(fixture);
    const alert = (fixture.nativeElement as HTMLElement).querySelector('[role=alert]')!;
    expect(alert.closest('section')!.textContent).toContain(en.codes);
    expect(alert.textContent).toContain('That code is not right');
    button(fixture, en.codesOn).click();
    http.expectOne({ method: 'PUT', url: 'api/codes' }).flush({ recovery: ['aaaa-bbbb-cccc'] });
    await settled(fixture);
    http.expectOne('api/factors').flush({ ...NONE, codes: true, recoveryLeft: 10 });
    await fixture.whenStable();
    expect(textOf(fixture)).toContain('aaaa-bbbb-cccc');
    button(fixture, en.spareKept).click();
    await fixture.whenStable();
    expect(textOf(fixture)).not.toContain('aaaa-bbbb-cccc');
  });

  it('asks for the code after the password, and begins again where that took too long', async () => {
    TestBed.inject(Session).here.set(null);
    const fixture = await shown(SignIn);
    http.expectOne('api/ways').flush({ mail: true, passkeys: false });
    await fixture.whenStable();
    expect(textOf(fixture)).not.toContain(en.usePasskey);
    write(fixture, en.mail, 'ada@gant.example');
    write(fixture, en.password, 'a boat under oak');
    button(fixture, en.signIn).click();
    http.expectOne('api/sign-in').flush({ ticket: 't1' });
    await settled(fixture);
    write(fixture, en.code, '123456');
    button(fixture, en.signIn).click();
    const first = http.expectOne('api/sign-in/code');
    expect(first.request.body).toEqual({ ticket: 't1', code: '123456' });
    first.flush(...problem('That code is not right', '', 401));
    await settled(fixture);
    expect(textOf(fixture)).toContain(en.code);
    button(fixture, en.signIn).click();
    http.expectOne('api/sign-in/code').flush(...problem('That took too long', 'Sign in from the beginning.', 401));
    await settled(fixture);
    expect(textOf(fixture)).toContain('That took too long');
    expect(textOf(fixture)).toContain(en.password);
    // Nobody at the other end: what was written is still there.
    button(fixture, en.signIn).click();
    http.expectOne('api/sign-in').error(new ProgressEvent('error'));
    await settled(fixture);
    expect(textOf(fixture)).toContain(en.away);
    write(fixture, en.password, 'a boat under oak');
    button(fixture, en.signIn).click();
    http.expectOne('api/sign-in').flush(null, { status: 204, statusText: 'No Content' });
    await settled(fixture);
    http.expectOne('api/here').flush(HERE);
    await settled(fixture);
    expect(TestBed.inject(Session).here()?.me.name).toBe('Ada Gant');
  });
});
