import { inject, Injectable } from '@angular/core';
import { Observable, Subject } from 'rxjs';
import { share } from 'rxjs/operators';
import type { PorchEvent } from './model';
import { PorchApi } from './porch-api';

const TRY_AGAIN_MS = 3000;

/** What the server tells as it happens (server-sent events); connects again by itself and then says so. */
@Injectable({ providedIn: 'root' })
export class PorchEvents {
  private readonly api = inject(PorchApi);
  /** Emits when the line stands, for the first time or again: what happened before it did was told to nobody here. */
  readonly back = new Subject<void>();
  readonly all: Observable<PorchEvent> = new Observable<PorchEvent>((out) => {
    let source: EventSource;
    let later: ReturnType<typeof setTimeout> | undefined;
    const connect = () => {
      clearTimeout(later);
      source?.close();
      source = new EventSource('/api/events');
      source.onmessage = (message) => out.next(JSON.parse(String(message.data)) as PorchEvent);
      source.onerror = () => {
        // A refusal (the session has ended, say) closes it for good: a browser tries again only after a broken line.
        if (source.readyState !== EventSource.CLOSED || this.api.ended()) return;
        this.api.lookForSession();
        later = setTimeout(connect, TRY_AGAIN_MS);
      };
      source.onopen = () => this.back.next();
    };
    connect();
    const again = this.api.again.subscribe(connect);
    return () => {
      clearTimeout(later);
      again.unsubscribe();
      source.close();
    };
  }).pipe(share());
}
