import { Injectable } from '@angular/core';
import { Observable, Subject } from 'rxjs';
import { share } from 'rxjs/operators';
import type { PorchEvent } from './model';

/** What the server tells as it happens (server-sent events); connects again by itself and then says so. */
@Injectable({ providedIn: 'root' })
export class PorchEvents {
  /** Emits after a broken connection came back: what was told meanwhile is to be asked for. */
  readonly back = new Subject<void>();
  readonly all: Observable<PorchEvent> = new Observable<PorchEvent>((out) => {
    let lost = false;
    const source = new EventSource('/api/events');
    source.onmessage = (message) => out.next(JSON.parse(String(message.data)) as PorchEvent);
    source.onerror = () => (lost = true);
    source.onopen = () => {
      if (lost) this.back.next();
      lost = false;
    };
    return () => source.close();
  }).pipe(share());
}
