import { computed, inject, signal } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { catchError, EMPTY, firstValueFrom, merge, startWith, Subject, switchMap, timer } from 'rxjs';
import { PorchEvents } from '../api/events';
import type { Job } from '../api/model';
import { asRefusal, PorchApi } from '../api/porch-api';
import { when } from './when';

/** While it is done it is looked at this often, ms. Nobody is told of what belongs to no site. */
const LOOK_MS = 1500;
const OPEN: readonly string[] = ['waiting', 'running', 'retrying'];

/**
 * Work that belongs to no site, and what stands there beside it: asked for at once, after a pause without a connection, and
 * again and again while it is done. @param notAsked what is said before why it could not be asked for
 */
export function houseWork<T extends { job: Job | null }>(path: string, notAsked: string) {
  const api = inject(PorchApi);
  const again = new Subject<void>();
  const found = signal<T | null>(null);
  const fault = signal('');
  const asking = signal(false);
  const state = computed(() => found()?.job?.state ?? '');
  merge(again, inject(PorchEvents).back)
    .pipe(
      startWith(null),
      switchMap(() =>
        api.get<T>(path).pipe(
          catchError((error: unknown) => {
            fault.set(`${notAsked} ${asRefusal(error).message}`);
            return EMPTY;
          }),
        ),
      ),
      switchMap((all) => {
        fault.set('');
        found.set(all);
        return OPEN.includes(state()) ? timer(LOOK_MS) : EMPTY;
      }),
      takeUntilDestroyed(),
    )
    .subscribe(() => again.next());
  return {
    found: found.asReadonly(),
    fault: fault.asReadonly(),
    busy: computed(() => asking() || ['waiting', 'running'].includes(state())),
    /** What is being done, or waited for; what went wrong where it stopped. */
    doing: computed(() => {
      const job = found()?.job;
      if (!job || !OPEN.includes(job.state)) return job?.state === 'failed' ? (job.error ?? '') : '';
      if (job.state === 'retrying') return `Tried again ${when(job.nextTry)}.`;
      return `${job.steps.at(-1)?.name ?? 'About to start'} …`;
    }),
    /** Has it done. */
    async begin(): Promise<void> {
      asking.set(true);
      try {
        await firstValueFrom(api.post(path));
        again.next();
      } catch (error) {
        fault.set(asRefusal(error).message);
      } finally {
        asking.set(false);
      }
    },
  };
}
