import { inject } from '@angular/core';
import { Router, type CanActivateFn } from '@angular/router';
import { catchError, map, of, throwError } from 'rxjs';
import type { Session } from '../api/model';
import { asRefusal, PorchApi } from '../api/porch-api';

/** Lets in who is signed in; sends others to sign in and back again. */
export const signedIn: CanActivateFn = (_route, state) => {
  const api = inject(PorchApi);
  const router = inject(Router);
  if (api.session()) return true;
  return api.get<Session>('/session').pipe(
    map((session) => {
      api.session.set(session);
      return true;
    }),
    catchError((error: unknown) =>
      asRefusal(error).status === 401
        ? of(router.createUrlTree(['/sign-in'], { queryParams: { to: state.url } }))
        : throwError(() => asRefusal(error)),
    ),
  );
};
