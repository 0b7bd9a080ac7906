import { inject, Injectable } from '@angular/core';
import type { Operation, Part } from '@tin-porch/core/operations';
import { Observable } from 'rxjs';
import { PorchApi } from '../api/porch-api';

/** Changes of a site that the server does not have: those on their way, and those it refused. */
export interface Kept {
  waiting: WaitingChange[];
  refused: RefusedChange[];
}
/** A change as it is sent: its id, and the newest step of the site that was known when it was made. */
export interface WaitingChange {
  id: string;
  base: number;
  operation: Operation;
  /** The tab it was made in, whichever sends it. */
  tab: string;
  /** What it was made with, where not by hand. */
  part?: Part;
  /** The one field it writes, where it does: what is typed on into it takes its place while it waits. */
  field?: string;
}
export interface RefusedChange extends WaitingChange {
  why: string;
}

const TAB = 'porch-tab';
const PREFIX = 'porch-unsent';
/** So long a tab may still be held by the page that stood in it before a reload. */
const GOING_MS = 1000;

/**
 * Keeps unsent changes in the browser over a reload or a crash, a list for each tab. A tab holds a lock while it
 * lives (Web Locks), so that another one can tell whose list nobody looks after any more.
 */
@Injectable({ providedIn: 'root' })
export class Unsent {
  private readonly api = inject(PorchApi);
  /** After so long a tab that went away is back, where it was only loaded anew. */
  backMs = 3000;
  private name = '';
  private readonly claimed: Promise<string> = this.claim();
  /** This tab’s name, the same after a reload; empty until its lock is held. */
  tab = (): string => this.name;

  private async claim(): Promise<string> {
    const before = sessionStorage.getItem(TAB);
    // A tab that was duplicated brings the name of the other one along, which keeps it.
    if (before && (await held(before, { signal: AbortSignal.timeout(GOING_MS) }))) return (this.name = before);
    for (;;) {
      const name = crypto.randomUUID();
      if (!(await held(name, { ifAvailable: true }))) continue;
      sessionStorage.setItem(TAB, name);
      return (this.name = name);
    }
  }

  private prefix = (site: string) => `${PREFIX}/${this.api.session()?.designer.mail ?? ''}/${site}/`;

  /** Keeps what a site has unsent now; nothing where both lists are empty. Only for who has taken what was kept before. */
  keep(site: string, kept: Kept): void {
    if (!this.name) return;
    const key = this.prefix(site) + this.name;
    try {
      if (kept.waiting.length || kept.refused.length) localStorage.setItem(key, JSON.stringify(kept));
      else localStorage.removeItem(key);
    } catch {
      // The browser has no room, or keeps nothing: the changes still stand in the tab itself.
    }
  }

  /**
   * What this tab, and tabs that are gone, left unsent of a site: at once, empty where there is nothing; and later what
   * tabs leave that go away meanwhile. What is given is kept nowhere any more until it is kept anew.
   */
  taken(site: string): Observable<Kept> {
    return new Observable((out) => {
      const over = new AbortController();
      void this.takeAll(site, over.signal, (kept) => out.next(kept));
      return () => over.abort();
    });
  }

  private async takeAll(site: string, over: AbortSignal, give: (kept: Kept) => void): Promise<void> {
    const mine = await this.claimed;
    if (over.aborted) return;
    const prefix = this.prefix(site);
    const owners = Object.keys(localStorage)
      .filter((k) => k.startsWith(prefix))
      .map((k) => k.slice(prefix.length));
    const living: string[] = [];
    const gone: string[] = [];
    for (const owner of owners) (owner === mine || (await free(owner)) ? gone : living).push(owner);
    if (over.aborted) return;
    // From here to where they are given nothing comes between: they are kept by one or by the other.
    const lists = gone.map((owner) => listAt(prefix + owner));
    give({ waiting: lists.flatMap((l) => l.waiting), refused: lists.flatMap((l) => l.refused) });
    for (const owner of gone) if (owner !== mine) localStorage.removeItem(prefix + owner);
    for (const owner of living) void this.takeLater(prefix + owner, owner, over, give);
  }

  /** Takes the list of a tab that lives once it is gone for good. */
  private async takeLater(key: string, owner: string, over: AbortSignal, give: (kept: Kept) => void): Promise<void> {
    do {
      if (!(await ended(owner, over))) return;
      await new Promise((done) => setTimeout(done, this.backMs));
    } while (!over.aborted && !(await free(owner)));
    const list = listAt(key);
    if (over.aborted || (!list.waiting.length && !list.refused.length)) return;
    give(list);
    localStorage.removeItem(key);
  }
}

/** The list that is kept under a key; an empty one where there is none, or nothing can be read from it. */
function listAt(key: string): Kept {
  try {
    const kept = JSON.parse(localStorage.getItem(key) ?? '{}') as Partial<Kept>;
    return { waiting: kept.waiting ?? [], refused: kept.refused ?? [] };
  } catch {
    // Written by half.
    return { waiting: [], refused: [] };
  }
}

const lock = (tab: string) => `porch-tab-${tab}`;

/** Takes a tab’s lock for as long as the tab lives; false where another one has it, or had it until the signal came. */
function held(tab: string, options: LockOptions): Promise<boolean> {
  return new Promise((done) => {
    navigator.locks
      .request(lock(tab), options, (got) => {
        done(got !== null);
        return got ? new Promise(() => undefined) : undefined;
      })
      .catch(() => done(false));
  });
}

/** Whether nobody holds a tab’s lock. */
const free = async (tab: string): Promise<boolean> =>
  navigator.locks.request(lock(tab), { ifAvailable: true }, (got) => got !== null);

/** Waits until a tab lets its lock go; false where that is not waited for any more. */
const ended = (tab: string, signal: AbortSignal): Promise<boolean> =>
  navigator.locks.request(lock(tab), { signal }, () => true).catch(() => false);
