import { inject, Injectable, type Type } from '@angular/core';
import { NgbModal, type NgbModalRef } from '@ng-bootstrap/ng-bootstrap';
import { ConfirmDialog, type Question } from './confirm-dialog';

/** Opens dialogs one at a time, named, and gives the focus back to where it was when they close. */
@Injectable({ providedIn: 'root' })
export class Dialogs {
  private readonly modals = inject(NgbModal);

  /**
   * Opens a dialog unless one is open. `labelledBy` is the id of its heading or field; `prepare` sets its inputs.
   * `backTo` names what takes the focus where the control it was opened from has gone by then (a menu’s line, say).
   */
  open<C>(
    component: Type<C>,
    labelledBy: string,
    prepare: (dialog: C) => void = () => undefined,
    backTo?: string,
  ): NgbModalRef | null {
    if (this.modals.hasOpenModals()) return null;
    const from = document.activeElement;
    const ref = this.modals.open(component, { ariaLabelledBy: labelledBy, animation: false });
    prepare(ref.componentInstance as C);
    ref.hidden.subscribe(() => {
      const shown = (e: Element | null): e is HTMLElement =>
        e instanceof HTMLElement && e !== document.body && e.isConnected && e.offsetParent !== null;
      if (shown(document.activeElement)) return;
      const heading = document.querySelector<HTMLElement>('h1');
      if (heading) heading.tabIndex = -1;
      [from, backTo ? document.querySelector(backTo) : null, heading].find(shown)?.focus();
    });
    return ref;
  }

  /** Asks before something that a visitor or a bill would notice. Resolves to whether it is to be done. */
  async confirm(question: Question): Promise<boolean> {
    const ref = this.open(ConfirmDialog, 'confirm-title', (dialog) => dialog.question.set(question));
    if (!ref) return false;
    return ref.result.then(
      () => true,
      () => false,
    );
  }
}
