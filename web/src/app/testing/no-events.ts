import { NEVER, Subject } from 'rxjs';
import type { PorchEvent } from '../api/model';
import { PorchEvents } from '../api/events';

/** Events told by hand. */
export function toldByHand() {
  const all = new Subject<PorchEvent>();
  return {
    all,
    back: new Subject<void>(),
    provider: { provide: PorchEvents, useFactory: () => ({ all, back: NEVER }) },
  };
}
