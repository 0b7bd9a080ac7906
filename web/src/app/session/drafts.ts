import { effect, Injectable, Injector, inject, signal, type WritableSignal } from '@angular/core';

/** Text that is being put together and belongs to nothing yet: pasted answers, a listing, a half-made cut. */
@Injectable()
export class Drafts {
  private readonly injector = inject(Injector);
  private readonly open = new Map<string, WritableSignal<string>>();

  /** The draft of a name at a site: the same over views, steps and reloads, until it is emptied. */
  of(site: string, name: string): WritableSignal<string> {
    const key = `porch-draft/${site}/${name}`;
    const known = this.open.get(key);
    if (known) return known;
    const draft = signal(sessionStorage.getItem(key) ?? '');
    this.open.set(key, draft);
    effect(
      () => {
        const text = draft();
        try {
          if (text) sessionStorage.setItem(key, text);
          else sessionStorage.removeItem(key);
        } catch {
          // No room in the browser: it stands as long as the page does.
        }
      },
      { injector: this.injector },
    );
    return draft;
  }
}
