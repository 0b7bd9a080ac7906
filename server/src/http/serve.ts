import { timingSafeEqual } from 'node:crypto';
import type { TSchema } from '@sinclair/typebox';
import { components, mayAs, type AnyRoute, type AnswerOf, type BodyOf, type QueryOf } from '@tin-porch/contract';
import { Problem } from '@tin-porch/core/ground';
import { checkOf, faultsIn, type Check } from '@tin-porch/core/check';
import { parseCookie } from 'cookie';
import express, { type NextFunction, type Request, type Response, type Router } from 'express';
import type { Accounts, Designer } from '../accounts/accounts.js';
import type { Audit } from '../accounts/audit.js';
import { MOST_BYTES } from '@tin-porch/press/darkroom';

export const COOKIE = 'porch_session';
/** The session token a request carries, or an empty string. */
export const sessionToken = (req: Request): string => parseCookie(req.headers.cookie ?? '')[COOKIE] ?? '';

/** What is sent as a string may be given as a time: JSON makes one of the other. */
export type Sendable<T> = T extends string
  ? T | Date
  : T extends readonly (infer U)[]
    ? readonly Sendable<U>[]
    : T extends object
      ? { [P in keyof T]: Sendable<T[P]> }
      : T;

/** One call of a route, checked. `me` is whoever is signed in; reading it where nobody need be throws. */
export interface Call<R extends AnyRoute> {
  params: Record<string, string>;
  query: QueryOf<R>;
  body: BodyOf<R>;
  me: Designer;
  req: Request;
  res: Response;
  /** Writes a line into the list of who did what. */
  note(what: string): Promise<void>;
}
/** What does the work of each route of a resource. */
export type Handlers<T extends Record<string, AnyRoute>> = {
  [K in keyof T]: (call: Call<T[K]>) => Promise<Sendable<AnswerOf<T[K]>>> | Sendable<AnswerOf<T[K]>>;
};

interface Served {
  accounts: Accounts;
  audit: Audit;
  /** Looks at every answer before it is sent: in tests. */
  checkAnswers: boolean;
}

/** A schema with the components it may name. What a request brings of them is checked, with better words, by who takes it. */
const compiled = (schema: TSchema, shared: Record<string, object>): Check =>
  checkOf({ allOf: [schema], components: { schemas: shared } });
const LOOSE = Object.fromEntries(Object.keys(components).map((name) => [name, { type: 'object' }]));

function refuseUnfit(check: Check | undefined, value: unknown, what: 'body' | 'query'): void {
  if (check && !check(value)) throw new Problem(400, 'The request is not valid', faultsIn(check.errors, what));
}

const same = (a: string, b: string) => a.length === b.length && timingSafeEqual(Buffer.from(a), Buffer.from(b));

const ROLE_WORDS = {
  accountant: 'anybody here',
  helper: 'helpers, designers and owners',
  designer: 'designers and owners',
  owner: 'owners',
};

/** Serves the routes of a resource: who may call them, what they take and answer is read off the contract. */
export function serve<T extends Record<string, AnyRoute>>(
  router: Router,
  { accounts, audit, checkAnswers }: Served,
  routes: T,
  handlers: Handlers<T>,
): void {
  for (const [key, route] of Object.entries(routes)) {
    const [method, path] = key.split(' ') as [string, string];
    const checkBody = route.body && compiled(route.body, LOOSE);
    const checkQuery = route.query && compiled(route.query, LOOSE);
    // Made when the first answer comes: the schema of a document is large.
    let checkAnswer: Check | undefined;
    const handle = handlers[key]!;
    // Who may not call it sends nothing that is read.
    const admit = async (req: Request, res: Response, next: NextFunction) => {
      if (route.role === 'anybody') return next();
      const session = await accounts.session(sessionToken(req));
      if (!session) throw new Problem(401, 'Sign in first');
      if (method !== 'GET' && !same(String(req.headers['x-porch-token'] ?? ''), session.csrf))
        throw new Problem(403, 'The request lacks the token of its session', 'Load the page again.');
      const me = session.designer;
      if (!mayAs(me.role, route.role))
        throw new Problem(
          403,
          'Your role does not allow that',
          `It is for ${ROLE_WORDS[route.role]} of ${me.organisationName}.`,
        );
      res.locals['me'] = me;
      next();
    };
    const raw = route.takes ? [express.raw({ type: route.takes, limit: MOST_BYTES })] : [];
    router[method.toLowerCase() as 'get' | 'post' | 'put' | 'delete'](
      path,
      admit,
      ...raw,
      async (req: Request, res: Response) => {
        const me = res.locals['me'] as Designer | undefined;
        const body = route.takes ? (req.body as unknown) : ((req.body ?? {}) as unknown);
        refuseUnfit(checkBody, body, 'body');
        refuseUnfit(checkQuery, req.query, 'query');
        const params = req.params as Record<string, string>;
        const answer = await handle({
          params,
          query: req.query as never,
          body: body as never,
          get me() {
            if (!me) throw new Problem(401, 'Sign in first');
            return me;
          },
          req,
          res,
          note: async (what) => {
            if (me) await audit.write(me, what, params['id'] ?? null);
          },
        });
        if (route.gives) return;
        if (!route.answer) return void res.status(route.status).end();
        const text = JSON.stringify(answer);
        if (checkAnswers) {
          checkAnswer ??= compiled(route.answer, components);
          if (!checkAnswer(JSON.parse(text)))
            throw new Error(
              `${key} answers otherwise than the contract says: ${faultsIn(checkAnswer.errors?.slice(0, 4), 'answer')}`,
            );
        }
        res.status(route.status).type('application/json').send(text);
      },
    );
  }
}
