import type { account, session, Session } from '@tin-porch/contract';
import { Problem } from '@tin-porch/core/ground';
import { bindsPasskeys, type Place } from '@tin-porch/sign-in';
import { parseCookie, stringifySetCookie } from 'cookie';
import type { Request, Response } from 'express';
import type { Designer, From } from '../../accounts/accounts.js';
import { forgottenLetter } from '../../letters/own-letters.js';
import { ROLES_WRITTEN_TO } from '../../care/readers.js';
import type { Parts } from '../parts.js';
import { COOKIE, sessionToken, type Handlers } from '../serve.js';

const BROWSER = 'porch_browser';
/** A request knows a browser for longer than it keeps it signed in. */
const BROWSER_S = 400 * 86_400;
const ID = /^[0-9a-f-]{36}$/;

/** A cookie for this application alone; only over TLS where the request came over TLS, or to a name that has it. */
const cookieOf = (req: Request, name: string, value: string, maxAge: number) =>
  stringifySetCookie({
    name,
    value,
    httpOnly: true,
    sameSite: 'strict',
    path: '/',
    maxAge,
    secure: req.secure || req.res?.locals['secure'] === true,
  });

const fromOf = (req: Request): From => ({
  address: req.socket.remoteAddress ?? '',
  agent: req.headers['user-agent'] ?? '',
  browser: parseCookie(req.headers.cookie ?? '')[BROWSER] ?? '',
});

/** The origin a request was sent to, as the browser names it. */
export function placeOf(req: Request): Place {
  const authority = (req.headers.host ?? '').toLowerCase();
  const scheme = req.secure || req.res?.locals['secure'] === true ? 'https' : 'http';
  return { origin: `${scheme}://${authority}`, host: authority.replace(/:\d+$/, '') };
}

const told = ({ designer, csrf }: { designer: Designer; csrf: string }): Session => ({
  designer: { id: designer.id, mail: designer.mail, name: designer.name, role: designer.role },
  organisation: designer.organisationName,
  csrf,
});

/** Signing in and out. */
export function sessionHandlers({ accounts, factors, audit, team, post }: Parts): Handlers<typeof session> {
  /** Opens a session, sets its cookies and says whose it is. */
  async function open(account: string, req: Request, res: Response, how: string): Promise<Session> {
    const { token, maxAge, browser } = await accounts.open(account, fromOf(req));
    res.set('set-cookie', [
      cookieOf(req, COOKIE, token, maxAge),
      // So that strangers’ guesses never make this browser wait.
      cookieOf(req, BROWSER, browser, BROWSER_S),
    ]);
    const opened = (await accounts.session(token))!;
    await audit.write(opened.designer, `Signed in ${how}`);
    return told(opened);
  }
  return {
    'POST /session': async ({ body, req, res }) => {
      const { id } = await accounts.check(body.mail, body.password, fromOf(req));
      const ways = await factors.waysOf(id);
      if (ways.length) return { ticket: await factors.ticket('second', id), ways };
      return open(id, req, res, 'with a password');
    },
    'POST /session/second': async ({ body, req, res }) =>
      open(await factors.withCode(body.ticket, body.code), req, res, 'with a password and a code'),
    'POST /session/passkey/options': ({ body, req }) => factors.ask(placeOf(req), body.ticket),
    'POST /session/passkey': async ({ body, req, res }) =>
      open(await factors.withPasskey(placeOf(req), body.ticket, body.response), req, res, 'with a passkey'),
    'GET /session/ways': () => ({ mail: post !== null }),
    'POST /session/forgotten': ({ body, req }) => {
      const { origin } = placeOf(req);
      // Nobody waits for it: neither words nor time say whether the address is known.
      if (post)
        void team
          .forgotten(body.mail, (made, to) => forgottenLetter(origin, to, made))
          .then((written) => written && post.wake())
          .catch(() => undefined);
      return undefined;
    },
    'GET /session': async ({ req }) => told((await accounts.session(sessionToken(req)))!),
    'DELETE /session': async ({ req, res }) => {
      await accounts.signOut(sessionToken(req));
      res.set('set-cookie', cookieOf(req, COOKIE, '', 0));
    },
    'PUT /session/password': async ({ body, me, req, note }) => {
      await accounts.changePassword(me, body.now, body.next, sessionToken(req));
      await note('Changed their password');
    },
  };
}

/** One’s own account. */
export function accountHandlers({ accounts, factors, post }: Parts): Handlers<typeof account> {
  return {
    'GET /account': async ({ me, req }) => ({
      sessions: await accounts.sessions(me.id, sessionToken(req)),
      ...(await factors.of(me.id)),
      passkeysHere: bindsPasskeys(placeOf(req).host),
      letters: post && ROLES_WRITTEN_TO.includes(me.role) ? await accounts.wantsLetters(me.id) : null,
    }),
    'PUT /account': async ({ body, me, note }) => {
      await accounts.rename(me.id, body.name);
      await note(`Is called ${body.name.trim()} from now on`);
    },
    'PUT /account/letters': async ({ body, me }) => {
      await accounts.wantLetters(me.id, body.wanted);
    },
    'DELETE /account/sessions/:session': async ({ me, params }) => {
      if (!ID.test(params['session']!)) throw new Problem(404, 'There is no such session');
      await accounts.endSession(me.id, params['session']!);
    },
    'DELETE /account/sessions': async ({ me, req, note }) => {
      await accounts.endSessions(me.id, sessionToken(req));
      await note('Ended their other sessions');
    },
    'POST /account/codes': ({ me }) => factors.begin(me),
    'PUT /account/codes': async ({ body, me, note }) => {
      const recovery = await factors.turnOn(me, body.code);
      await note('Turned one-time codes on');
      return { recovery };
    },
    'POST /account/codes/off': async ({ body, me, req, note }) => {
      await accounts.confirm(me, body.password, sessionToken(req));
      await factors.turnOff(me.id);
      await note('Turned one-time codes off');
    },
    'POST /account/passkeys/options': ({ me, req }) => factors.offer(me, placeOf(req)),
    'POST /account/passkeys': async ({ body, me, req, note }) => {
      const id = await factors.keep(me, placeOf(req), body.ticket, body.name, body.response);
      await note('Made a passkey');
      return { id };
    },
    'DELETE /account/passkeys/:passkey': async ({ me, params, note }) => {
      if (!ID.test(params['passkey']!)) throw new Problem(404, 'There is no such passkey');
      await factors.forget(me.id, params['passkey']!);
      await note('Took a passkey away');
    },
  };
}
