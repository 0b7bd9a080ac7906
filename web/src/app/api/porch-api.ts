import { HttpClient, HttpErrorResponse } from '@angular/common/http';
import { inject, Injectable, signal } from '@angular/core';
import {
  catchError,
  defer,
  exhaustMap,
  filter,
  from,
  merge,
  of,
  Subject,
  switchMap,
  take,
  tap,
  throwError,
  timer,
  type Observable,
  type Subscription,
} from 'rxjs';
import { mayAs } from '@tin-porch/contract/route';
import type { ProblemDetails, Role, Session } from './model';

const ASK_AGAIN_MS = 2000;

/** A no of the server, in words for the person. */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    readonly title: string,
    readonly detail: string,
  ) {
    super(detail ? `${title}. ${detail}` : title);
  }
}

/** Reads any failed call as a Refusal. */
export function asRefusal(error: unknown): Refusal {
  if (error instanceof Refusal) return error;
  if (error instanceof HttpErrorResponse) {
    if (error.status === 0)
      return new Refusal(
        0,
        'Tin Porch does not answer',
        'What you typed is still here and is sent again when it does.',
      );
    const problem = (typeof error.error === 'string' ? safeJson(error.error) : error.error) as ProblemDetails | null;
    return new Refusal(error.status, problem?.title ?? `The server answered ${error.status}`, problem?.detail ?? '');
  }
  return new Refusal(-1, 'Something went wrong here', error instanceof Error ? error.message : '');
}

function safeJson(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return null;
  }
}

/**
 * Calls of the API. Every call that changes something carries the session’s token. When the session has ended or the
 * server does not answer, calls that only ask wait until the person has signed in again, or until it does; others fail
 * with a Refusal, and what was to be sent is kept by who sends.
 */
@Injectable({ providedIn: 'root' })
export class PorchApi {
  private readonly http = inject(HttpClient);
  readonly session = signal<Session | null>(null);
  /** True from the moment the server no longer knows the session until the person has signed in again. */
  readonly ended = signal(false);
  /** True while the server does not answer. */
  readonly away = signal(false);
  /** Emits when somebody has signed in again after the session ended. */
  readonly again = new Subject<void>();
  /** Emits when the server answers again. */
  private readonly returned = new Subject<void>();

  private call<T>(method: string, path: string, body?: unknown): Observable<T> {
    const attempt = this.answered(
      defer(() => this.http.request<T>(method, `/api${path}`, { body, headers: this.token })),
    );
    // Who signs in, or follows a link, has no session that could have ended.
    if (/^\/(session|session\/(second|passkey|ways|forgotten).*|links\/.*)$/.test(path)) return attempt;
    const kept = this.kept(attempt);
    if (method !== 'GET') return kept;
    // Who only asks waits until there is somebody to answer.
    return kept.pipe(
      catchError((refusal: Refusal) => {
        const over = refusal.status === 401;
        // Somebody is signed in again by now.
        if (over && this.session() && !this.ended()) return this.call<T>(method, path);
        if (!(over && this.ended()) && !this.away()) return throwError(() => refusal);
        return merge(this.again, this.returned).pipe(
          take(1),
          switchMap(() => this.call<T>(method, path)),
        );
      }),
    );
  }

  /** What proves to the server that a change comes from this page. */
  private get token(): Record<string, string> {
    const token = this.session()?.csrf;
    return token ? { 'x-porch-token': token } : {};
  }

  /** Says where a request got no answer; every failure comes out as a Refusal. */
  private answered<T>(request: Observable<T>): Observable<T> {
    return request.pipe(
      // The whole answer is there: a file that is on its way says nothing yet.
      tap({ complete: () => this.away.set(false) }),
      catchError((error: unknown) => {
        const refusal = asRefusal(error);
        this.away.set(refusal.status === 0 || refusal.status === 503);
        if (this.away() && this.waitingForServer?.closed !== false) this.whenBack(() => undefined);
        return throwError(() => refusal);
      }),
    );
  }

  /** Goes on with a session that another tab began, and says where there is none any more. */
  private kept<T>(attempt: Observable<T>): Observable<T> {
    return defer(() => this.keptIn(this.session()?.csrf, attempt));
  }
  private keptIn<T>(asked: string | undefined, attempt: Observable<T>): Observable<T> {
    return attempt.pipe(
      catchError((refusal: Refusal) => {
        // Another tab signed out and in again: the session is another one, and has another token.
        if (refusal.status === 403 && /token of its session/.test(refusal.title))
          return this.get<Session>('/session').pipe(
            switchMap((session) => {
              if (session.designer.mail !== this.session()?.designer.mail) return throwError(() => refusal);
              this.session.set(session);
              return attempt;
            }),
          );
        if (refusal.status !== 401) return throwError(() => refusal);
        // An answer that came late says nothing about the session there is by now: who signed out knows.
        if (this.session()?.csrf !== asked) return throwError(() => refusal);
        this.ended.set(true);
        return throwError(
          () => new Refusal(401, 'You are signed out', 'Sign in at the top of the page, then do it again.'),
        );
      }),
    );
  }

  /** A request that is not plain JSON (a file, a picture), made with the token and followed like every other call. */
  send<T>(request: (headers: Record<string, string>) => Observable<T>): Observable<T> {
    return this.kept(this.answered(defer(() => request(this.token))));
  }

  /** The bytes of a file. */
  bytes = (path: string): Observable<Blob> =>
    this.send((headers) =>
      this.http.get(`/api${path}`, { headers, responseType: 'blob' }).pipe(
        // A no comes as bytes too.
        catchError((error: unknown) => {
          if (!(error instanceof HttpErrorResponse) || !(error.error instanceof Blob)) return throwError(() => error);
          const { status, headers } = error;
          return from(error.error.text()).pipe(
            switchMap((text) => throwError(() => new HttpErrorResponse({ error: text, status, headers }))),
          );
        }),
      ),
    );

  /** Asks every few seconds until the server answers, then does something, once. The newest wish is the one done. */
  whenBack(then: () => void): void {
    this.away.set(true);
    this.waitingForServer?.unsubscribe();
    this.waitingForServer = timer(ASK_AGAIN_MS, ASK_AGAIN_MS)
      .pipe(
        exhaustMap(() => this.get('/session').pipe(catchError((refusal: Refusal) => of(refusal)))),
        filter((answer) => !(answer instanceof Refusal) || (answer.status > 0 && answer.status < 500)),
        take(1),
      )
      .subscribe(() => {
        this.away.set(false);
        then();
        this.returned.next();
      });
  }
  private waitingForServer: Subscription | undefined;

  get = <T>(path: string) => this.call<T>('GET', path);
  post = <T>(path: string, body: unknown = {}) => this.call<T>('POST', path, body);
  put = <T>(path: string, body: unknown = {}) => this.call<T>('PUT', path, body);
  delete = <T>(path: string) => this.call<T>('DELETE', path);

  /** Whether whoever is signed in may do what a role is asked for. */
  may = (role: Role): boolean => mayAs(this.session()?.designer.role ?? 'owner', role);

  /** Looks whether the session is still there, where nothing else asks: somebody may have ended it elsewhere. */
  lookForSession(): void {
    if (!this.session()) return;
    this.get<Session>('/session').subscribe({
      error: (refusal: Refusal) => refusal.status === 401 && this.session() && this.ended.set(true),
    });
  }

  /** Takes over the session somebody signed in to. */
  signedIn(session: Session): void {
    this.session.set(session);
    if (!this.ended()) return;
    this.ended.set(false);
    this.again.next();
  }

  /** Sends a last change while the page goes away, where an ordinary call would be cut off. */
  beacon(path: string, body: unknown): void {
    const token = this.session()?.csrf ?? '';
    void fetch(`/api${path}`, {
      method: 'POST',
      keepalive: true,
      headers: { 'content-type': 'application/json', 'x-porch-token': token },
      body: JSON.stringify(body),
    }).catch(() => undefined);
  }
}
