import { inject, Injectable } from '@angular/core';
import type { Operation, Part } from '@tin-porch/core/operations';
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

/**
 * Keeps unsent changes in the browser over a reload or a crash, a list for each tab. A tab holds a lock while it
 * lives (Web Locks), so that another one can tell whose list nobody looks after any more.
 */
@Injectable({ providedIn: 'root' })
export class Unsent {
  private readonly api = inject(PorchApi);
  private name = '';
  private readonly claimed: Promise<string> = this.claim();
  /** This tab’s name, the same after a reload; empty until its lock is held. */
  tab = (): string => this.name;

  private async claim(): Promise<string> {
    for (let name = sessionStorage.getItem(TAB) ?? crypto.randomUUID(); ; name = crypto.randomUUID()) {
      // A tab that was duplicated brings the name of the other one along.
      if (await held(name)) {
        sessionStorage.setItem(TAB, name);
        return (this.name = name);
      }
    }
  }

  private prefix = (site: string) => `${PREFIX}/${this.api.session()?.designer.mail ?? ''}/${site}/`;

  /** Keeps what a site has unsent now; nothing where both lists are empty. */
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

  /** What this tab, and tabs that are gone, left unsent of a site. Their lists become this tab’s. */
  async take(site: string): Promise<Kept> {
    const mine = await this.claimed;
    const all: Kept = { waiting: [], refused: [] };
    const prefix = this.prefix(site);
    for (const key of Object.keys(localStorage).filter((k) => k.startsWith(prefix))) {
      const owner = key.slice(prefix.length);
      if (owner !== mine && !(await free(owner))) continue;
      try {
        const kept = JSON.parse(localStorage.getItem(key) ?? '{}') as Partial<Kept>;
        all.waiting.push(...(kept.waiting ?? []));
        all.refused.push(...(kept.refused ?? []));
      } catch {
        // Written by half: nothing can be read from it.
      }
      localStorage.removeItem(key);
    }
    this.keep(site, all);
    return all;
  }
}

const lock = (tab: string) => `porch-tab-${tab}`;

/** Takes a tab’s lock for as long as the tab lives; false where another one has it. */
function held(tab: string): Promise<boolean> {
  return new Promise((done) => {
    void navigator.locks.request(lock(tab), { ifAvailable: true }, (got) => {
      done(got !== null);
      return got ? new Promise(() => undefined) : undefined;
    });
  });
}

/** Whether nobody holds a tab’s lock. */
const free = async (tab: string): Promise<boolean> =>
  navigator.locks.request(lock(tab), { ifAvailable: true }, (got) => got !== null);
