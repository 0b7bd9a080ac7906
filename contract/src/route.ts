import type { TObject, TSchema } from '@sinclair/typebox';

/** Who may do what, from the least: each may do what those before it may. */
export const ROLES = ['accountant', 'helper', 'designer', 'owner'] as const;
export type Role = (typeof ROLES)[number];
/** Whether a role may do what another is asked for. */
export const mayAs = (role: Role, asked: Role): boolean => ROLES.indexOf(role) >= ROLES.indexOf(asked);

/**
 * One call of the API. `B`, `Q` and `A` are what it takes as its body and query and what it answers; a route without an
 * answer says 204, one whose `type` is not JSON sends bytes.
 */
export interface Route<B extends TObject | undefined, Q extends TObject | undefined, A extends TSchema | undefined> {
  /** What it does, a line. */
  says: string;
  /** Who may call it at least. `anybody` needs no session. */
  role: Role | 'anybody';
  body: B;
  query: Q;
  answer: A;
  /** 200, or 204 without an answer, where left out. */
  status: number;
  /** The media type of what it takes and of what it answers, where that is not JSON. */
  takes?: string;
  gives?: string;
}

interface Given<B, Q, A> {
  says: string;
  role: Role | 'anybody';
  body?: B;
  query?: Q;
  answer?: A;
  status?: number;
  takes?: string;
  gives?: string;
}

/** A route, with what was left out filled in. */
export const route = <
  B extends TObject | undefined = undefined,
  Q extends TObject | undefined = undefined,
  A extends TSchema | undefined = undefined,
>({
  body,
  query,
  answer,
  status,
  ...rest
}: Given<B, Q, A>): Route<B, Q, A> => ({
  ...rest,
  body: body as B,
  query: query as Q,
  answer: answer as A,
  status: status ?? (answer || rest.gives ? 200 : 204),
});

export type AnyRoute = Route<TObject | undefined, TObject | undefined, TSchema | undefined>;
/** The type a schema describes. */
export type Of<S> = S extends { static: infer T } ? T : undefined;
export type BodyOf<R extends AnyRoute> = Of<R['body']>;
export type QueryOf<R extends AnyRoute> = Of<R['query']>;
export type AnswerOf<R extends AnyRoute> = Of<R['answer']>;
