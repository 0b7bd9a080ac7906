import { computed, effect, inject, Injectable, signal } from '@angular/core';
import { firstValueFrom } from 'rxjs';
import { DeskApi, refusalOf, type Refused } from './desk-api';
import { Session } from './here';
import type { Change, Here } from './model';

/** What a change is about: two changes of one thing are one, the later. */
export function keyOf(change: Change): string {
  switch (change.kind) {
    case 'fact':
      return `fact ${change.field}`;
    case 'text':
      return `text ${change.at.section} ${change.at.path}`;
    case 'picture':
      return `picture ${change.at.section} ${change.at.path}`;
    case 'service':
      return `service ${change.service}`;
    case 'person':
      return `person ${change.person}`;
    case 'item':
      return `item ${change.collection} ${change.item}`;
    case 'order':
      return `order ${change.of}`;
    case 'hours':
      return 'hours';
  }
}
const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);
/** Whether a change leaves all as it was. Hours are compared by whoever edits them. */
const idle = (change: Change) =>
  change.kind !== 'hours' &&
  same(change.was, change.value) &&
  // Words may stay, and stand out otherwise.
  (change.kind !== 'text' || !change.marks || same(change.wasMarks ?? [], change.marks));

/** What came of sending. */
export interface Sent {
  seq?: number;
  live?: boolean;
  asked?: boolean;
  /** When it goes up by itself, as the site says it. */
  planned?: string;
}

const KEY = 'desk drafts';

/**
 * What was changed at the desk and is not up yet. It is kept on this device until it is, through reloads, lost
 * connections and sessions that end.
 */
@Injectable({ providedIn: 'root' })
export class Drafts {
  private readonly api = inject(DeskApi);
  private readonly session = inject(Session);
  private readonly changes = signal<readonly Change[]>([]);
  readonly all = this.changes.asReadonly();
  readonly count = computed(() => this.all().length);
  readonly sending = signal(false);
  /** Why the last sending was refused; what was to be sent is still there. */
  readonly refused = signal<Refused | null>(null);
  /** The last step that went up, and whether visitors see it. */
  readonly last = signal<Sent | null>(null);
  /** The name of the sending under way: sent again after an answer that was lost, it is one step. */
  private id: string | null = null;
  private of: readonly Change[] | null = null;

  /** Whose it is: what one person left here is not another’s to send. */
  private owner = '';

  constructor() {
    this.belong(this.session.here());
    effect(() => this.belong(this.session.here()));
  }
  /** Where a session ended, what is there stays until somebody else comes. */
  private belong(here: Here | null): void {
    const owner = here && `${KEY} ${here.me.mail || here.me.name}`;
    if (!owner || owner === this.owner) return;
    this.owner = owner;
    this.changes.set(kept(owner));
    this.refused.set(null);
    this.last.set(null);
  }

  /** The change of a thing that is not up yet. */
  about = (key: string): Change | undefined => this.all().find((c) => keyOf(c) === key);

  /** Kept at once, not when there is time for it: the page may be gone the next moment. */
  private keep(next: (all: readonly Change[]) => readonly Change[]): void {
    this.changes.update(next);
    if (this.owner) localStorage.setItem(this.owner, JSON.stringify(this.changes()));
  }

  /** Notes a change; one that leaves all as it was is none. */
  put(change: Change): void {
    const key = keyOf(change);
    this.refused.set(null);
    this.last.set(null);
    this.keep((all) => {
      const before = all.find((c) => keyOf(c) === key);
      // What it was when it was first changed is what it is held against.
      const first = before && {
        was: before.was,
        ...(before.kind === 'text' && before.wasMarks && { wasMarks: before.wasMarks }),
      };
      const whole = { ...change, ...first } as Change;
      const others = all.filter((c) => c !== before);
      return idle(whole) ? others : [...others, whole];
    });
  }
  /** Lets go of one change. */
  drop(key: string): void {
    this.refused.set(null);
    this.keep((all) => all.filter((c) => keyOf(c) !== key));
  }
  clear(): void {
    this.refused.set(null);
    this.keep(() => []);
  }

  /** Sends all of it: up, to the designer with a note, or up at a time by the clock of the site. True where it went; else it is all still here. */
  async send(how: { ask?: string; at?: string } = {}): Promise<boolean> {
    const changes = this.all();
    if (!changes.length || this.sending()) return false;
    if (this.of !== changes || !this.id) [this.of, this.id] = [changes, crypto.randomUUID()];
    this.sending.set(true);
    this.refused.set(null);
    try {
      const sent = await firstValueFrom(this.api.post<Sent>('/changes', { id: this.id, changes, ...how }));
      this.keep((all) => all.filter((c) => !changes.includes(c)));
      this.id = null;
      this.last.set(sent);
      return true;
    } catch (error) {
      this.refused.set(refusalOf(error));
      return false;
    } finally {
      this.sending.set(false);
    }
  }

  /** Takes a step back. @throws Refused */
  async takeBack(seq: number): Promise<void> {
    await firstValueFrom(this.api.post('/take-back', { id: crypto.randomUUID(), seq }));
    this.last.set(null);
  }
}

/** What an earlier visit left unsent. What cannot be read is nothing. */
function kept(owner: string): Change[] {
  try {
    const all = JSON.parse(localStorage.getItem(owner) ?? '[]') as unknown;
    return Array.isArray(all) ? all.filter((c: Change) => typeof c?.kind === 'string' && 'was' in c) : [];
  } catch {
    return [];
  }
}
