import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { isKindLocked, isSectionLocked } from '@tin-porch/core/model';
import { SiteStore } from '../site/site-store';

/** Whether something of a site is the designer’s alone. What is in something that is locked is locked with it. */
@Component({
  selector: 'tp-lock',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <label class="check">
      <input
        type="checkbox"
        [checked]="own() || !!over()"
        [disabled]="!!over()"
        (change)="set($any($event.target).checked)"
      />{{ words() }}{{ over() }}
    </label>
  `,
})
export class LockBox {
  private readonly store = inject(SiteStore);
  /** What it is about, as the document names it: `page/home`. */
  readonly lock = input.required<string>();
  readonly words = input('Locked at the client’s desk');
  protected readonly own = computed(() => this.store.document()?.locks?.includes(this.lock()) ?? false);
  /** By what it is locked with; empty where by nothing but itself. */
  protected readonly over = computed(() => {
    const document = this.store.document();
    const [what, id] = this.lock().split('/') as [string, string];
    if (!document || this.own()) return '';
    if (what === 'collection') return isKindLocked(document, 'items') ? ', as all collections' : '';
    if (what !== 'section' || !isSectionLocked(document, id)) return '';
    const page = document.pages.find((p) => p.sections.some((s) => s.id === id));
    return document.locks?.includes(`page/${page?.id}`) ? ', with its page' : ', with its twin';
  });
  protected set(locked: boolean): void {
    this.store.change({ op: 'setLock', lock: this.lock(), locked });
  }
}
