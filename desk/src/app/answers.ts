import { effect, inject, Injectable, signal } from '@angular/core';
import { firstValueFrom } from 'rxjs';
import { DeskApi } from './desk-api';
import { Session } from './here';

interface Unsent {
  words: string;
  /** What was sent and not said to be taken: the same words again are the same letter, others are another. */
  tried?: { id: string; words: string };
}
const KEY = 'desk answers';

/** Answers to messages that are being written, by message: kept on this device until they are sent. */
@Injectable({ providedIn: 'root' })
export class Answers {
  private readonly api = inject(DeskApi);
  private readonly session = inject(Session);
  private readonly all = signal<Record<string, Unsent>>({});
  private owner = '';

  constructor() {
    effect(() => {
      const here = this.session.here();
      const owner = here ? `${KEY} ${here.me.mail || here.me.name}` : '';
      if (!owner || owner === this.owner) return;
      this.owner = owner;
      this.all.set(kept(owner));
    });
  }

  to = (message: string): string => this.all()[message]?.words ?? '';

  write(message: string, words: string): void {
    this.keep(({ [message]: before, ...others }) => (words ? { ...others, [message]: { ...before, words } } : others));
  }
  /** Sends what was written to a message. @throws Refused, and it is still here */
  async send(message: string): Promise<string> {
    const { words, tried } = this.all()[message] ?? { words: '' };
    if (!words.trim()) return '';
    const sent = tried?.words === words ? tried : { id: crypto.randomUUID(), words };
    this.keep((all) => ({ ...all, [message]: { words, tried: sent } }));
    await firstValueFrom(this.api.post(`/messages/${message}/answer`, sent));
    // What was written meanwhile stays.
    if (this.to(message) === words) this.write(message, '');
    return words.trim();
  }
  private keep(next: (all: Record<string, Unsent>) => Record<string, Unsent>): void {
    this.all.update(next);
    if (this.owner) localStorage.setItem(this.owner, JSON.stringify(this.all()));
  }
}

/** What an earlier visit left unsent. What cannot be read is nothing. */
function kept(owner: string): Record<string, Unsent> {
  try {
    const all = JSON.parse(localStorage.getItem(owner) ?? '{}') as Record<string, Unsent> | null;
    return Object.fromEntries(Object.entries(all ?? {}).filter(([, a]) => typeof a?.words === 'string'));
  } catch {
    return {};
  }
}
