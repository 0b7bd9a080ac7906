import { inject, signal, type Signal } from '@angular/core';
import { toObservable, takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { catchError, combineLatest, EMPTY, switchMap, type Observable } from 'rxjs';
import { DeskApi, refusalOf } from '../desk-api';
import { Drafts } from '../drafts';
import { Wording } from '../words/words';

/** Something a place shows: what came, or why nothing did. */
export interface Loaded<T> {
  value: Signal<T | null>;
  fault: Signal<string>;
  again(): void;
}

/** Asks for what a place shows: now, when it is asked again, when something went up, and when somebody signed in anew. */
export function loaded<T>(ask: (api: DeskApi) => Observable<T>): Loaded<T> {
  const [api, drafts, words] = [inject(DeskApi), inject(Drafts), inject(Wording).words];
  const value = signal<T | null>(null);
  const fault = signal('');
  const again = signal(0);
  combineLatest([toObservable(again), toObservable(drafts.last), toObservable(api.ended)])
    .pipe(
      switchMap(() =>
        ask(api).pipe(
          catchError((error: unknown) => {
            const refused = refusalOf(error);
            fault.set(refused.status === 0 ? words().away : refused.message || words().failed);
            return EMPTY;
          }),
        ),
      ),
      takeUntilDestroyed(),
    )
    .subscribe((came) => {
      api.away.set(false);
      fault.set('');
      value.set(came);
    });
  return { value, fault, again: () => again.update((n) => n + 1) };
}
