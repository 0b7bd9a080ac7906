import { HttpClient, HttpErrorResponse } from '@angular/common/http';
import { inject, Injectable, signal } from '@angular/core';
import type { Observable } from 'rxjs';
import { catchError, throwError } from 'rxjs';
import type { ProblemDetails, Session } from './model';

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

/** Calls of the API. Every call that changes something carries the session’s token. */
@Injectable({ providedIn: 'root' })
export class PorchApi {
  private readonly http = inject(HttpClient);
  readonly session = signal<Session | null>(null);

  private call<T>(method: string, path: string, body?: unknown): Observable<T> {
    const token = this.session()?.csrf;
    return this.http
      .request<T>(method, `/api${path}`, { body, headers: token ? { 'x-porch-token': token } : {} })
      .pipe(catchError((error: unknown) => throwError(() => asRefusal(error))));
  }
  get = <T>(path: string) => this.call<T>('GET', path);
  post = <T>(path: string, body: unknown = {}) => this.call<T>('POST', path, body);
  put = <T>(path: string, body: unknown = {}) => this.call<T>('PUT', path, body);
  delete = <T>(path: string) => this.call<T>('DELETE', path);

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
