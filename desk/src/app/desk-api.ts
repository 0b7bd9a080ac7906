import { HttpClient, HttpErrorResponse, HttpEventType, type HttpInterceptorFn } from '@angular/common/http';
import { inject, Injectable, signal } from '@angular/core';
import { catchError, filter, map, throwError, type Observable } from 'rxjs';

/** A call that was refused: why, in words, and what is there instead where that is known. */
export class Refused extends Error {
  constructor(
    readonly status: number,
    readonly title: string,
    readonly detail: string,
    /** What reads there now, where somebody else has changed it. */
    readonly theirs?: string,
  ) {
    super(detail ? `${title}. ${detail}` : title);
  }
}

/** Every call says that it comes from the desk: another site cannot. */
export const fromDesk: HttpInterceptorFn = (req, next) => next(req.clone({ setHeaders: { 'x-desk': '1' } }));

/** Speaks with the desk’s own server. */
@Injectable({ providedIn: 'root' })
export class DeskApi {
  private readonly http = inject(HttpClient);
  /** True from the moment a call was answered that nobody is signed in. */
  readonly ended = signal(false);
  /** True while the last call found nobody at the other end. */
  readonly away = signal(false);

  get = <T>(path: string): Observable<T> => this.told(this.http.get<T>(`api${path}`));
  post = <T = void>(path: string, body: unknown): Observable<T> => this.told(this.http.post<T>(`api${path}`, body));
  put = <T = void>(path: string, body: unknown): Observable<T> => this.told(this.http.put<T>(`api${path}`, body));
  delete = <T = void>(path: string): Observable<T> => this.told(this.http.delete<T>(`api${path}`));

  /** A file of the site itself, as text. */
  text = (path: string): Observable<string> => this.told(this.http.get(path, { responseType: 'text' }));

  /** Sends a photograph; tells how much of it is sent, as a share of it, then which picture it became. */
  bring = (file: Blob, name: string): Observable<{ sent: number } | { id: string }> =>
    this.told(
      this.http.post<{ id: string }>('api/pictures', file, {
        params: { name },
        headers: { 'content-type': file.type || 'application/octet-stream' },
        reportProgress: true,
        observe: 'events',
      }),
    ).pipe(
      map((event) =>
        event.type === HttpEventType.UploadProgress
          ? { sent: event.total ? event.loaded / event.total : 0 }
          : event.type === HttpEventType.Response
            ? { id: event.body!.id }
            : null,
      ),
      filter((came) => came !== null),
    );

  private told<T>(call: Observable<T>): Observable<T> {
    return call.pipe(
      catchError((error: unknown) => {
        const refused = refusalOf(error);
        this.away.set(refused.status === 0);
        if (refused.status === 401) this.ended.set(true);
        return throwError(() => refused);
      }),
    );
  }
}

/** Anything that went wrong with a call, in words. Status 0 is nobody at the other end. */
export function refusalOf(error: unknown): Refused {
  if (error instanceof Refused) return error;
  if (!(error instanceof HttpErrorResponse)) return new Refused(500, String(error), '');
  const body = (typeof error.error === 'object' && error.error !== null ? error.error : {}) as {
    title?: string;
    detail?: string;
    theirs?: string;
  };
  return new Refused(error.status, body.title ?? '', body.detail ?? '', body.theirs);
}
