import { computed, inject, signal, type Signal } from '@angular/core';
import { takeUntilDestroyed, toObservable } from '@angular/core/rxjs-interop';
import { catchError, EMPTY, filter, map, merge, switchMap } from 'rxjs';
import { debounceTime, distinctUntilChanged } from 'rxjs/operators';
import { PorchEvents } from '../api/events';
import { asRefusal, PorchApi } from '../api/porch-api';
import { SiteStore } from './site-store';

/**
 * What is at an address of the site in hand: asked for when another site is taken in hand, and whenever something becomes of
 * its care. To be called where a component is made. @param what it is, as it is said where it could not be asked for
 */
export function askedAgain<T>(
  path: string,
  what: string,
): { found: Signal<T | null>; fault: ReturnType<typeof signal<string>> } {
  const [store, api] = [inject(SiteStore), inject(PorchApi)];
  const [found, fault] = [signal<T | null>(null), signal('')];
  merge(
    toObservable(computed(() => store.detail()?.id)).pipe(distinctUntilChanged()),
    inject(PorchEvents).all.pipe(
      filter((e) => e.kind === 'care' && e.site === store.id()),
      debounceTime(50),
    ),
  )
    .pipe(
      map(() => store.detail()?.id),
      filter((id) => id !== undefined),
      switchMap((id) =>
        api.get<T>(`/sites/${id}${path}`).pipe(
          catchError((error: unknown) => {
            fault.set(`${what} was not asked for. ${asRefusal(error).message}`);
            return EMPTY;
          }),
        ),
      ),
      takeUntilDestroyed(),
    )
    .subscribe((all) => {
      fault.set('');
      found.set(all);
    });
  return { found, fault };
}
