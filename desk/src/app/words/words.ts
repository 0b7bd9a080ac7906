import { computed, inject, Injectable, signal } from '@angular/core';
import { de } from './de';
import { en, type Words } from './en';
import { es } from './es';
import { fr } from './fr';

const ALL: Record<string, Words> = { en, de, fr, es };

/** The words of the desk, in the language of the site; in that of the browser until the site is known. */
@Injectable({ providedIn: 'root' })
export class Wording {
  readonly tag = signal(navigator.language);
  readonly words = computed(() => ALL[this.tag().slice(0, 2).toLowerCase()] ?? en);

  /** A day, as it is said of a message or a change. */
  day(iso: string): string {
    const at = new Date(iso);
    const days = Math.round((midnight(new Date()) - midnight(at)) / 86_400_000);
    const time = new Intl.DateTimeFormat(this.tag(), { hour: '2-digit', minute: '2-digit' }).format(at);
    if (days === 0) return time;
    if (days === 1) return `${this.words().yesterday}, ${time}`;
    return new Intl.DateTimeFormat(this.tag(), { day: 'numeric', month: 'long' }).format(at);
  }
  /** The days of the week, Monday first. */
  readonly weekdays = computed(() => {
    const name = new Intl.DateTimeFormat(this.tag(), { weekday: 'long', timeZone: 'UTC' });
    return Array.from({ length: 7 }, (_, n) => {
      const said = name.format(new Date(Date.UTC(2024, 0, 1 + n)));
      return said.charAt(0).toUpperCase() + said.slice(1);
    });
  });
}
const midnight = (d: Date) => new Date(d.getFullYear(), d.getMonth(), d.getDate()).getTime();

/** The words of the desk as they are now. */
export const wording = () => inject(Wording);
