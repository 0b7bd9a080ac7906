import { Injectable, signal } from '@angular/core';

/** True where a key goes into a field: there it belongs to the field. */
export const isTyping = (event: KeyboardEvent): boolean =>
  event.target instanceof HTMLElement &&
  (event.target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(event.target.tagName));

/** Whether keys pressed alone do something; they can be turned off (WCAG 2.2, 2.1.4). */
@Injectable({ providedIn: 'root' })
export class SingleKeys {
  readonly on = signal(localStorage.getItem('single-keys') !== 'off');

  set(on: boolean): void {
    this.on.set(on);
    localStorage.setItem('single-keys', on ? 'on' : 'off');
  }

  /** The key pressed alone, outside every field and dialog; else an empty string. */
  pressed(event: KeyboardEvent): string {
    const alone = !event.ctrlKey && !event.metaKey && !event.altKey;
    return this.on() && alone && !isTyping(event) && !document.querySelector('ngb-modal-window') ? event.key : '';
  }
}
