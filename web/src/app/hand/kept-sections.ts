import { inject, Injectable, signal } from '@angular/core';
import type { Kept } from '@tin-porch/core/making';
import { firstValueFrom } from 'rxjs';
import { PorchApi, asRefusal } from '../api/porch-api';
import { SiteStore } from '../site/site-store';

/** A section that was put by on one site, to be laid in on others. */
export interface KeptLine {
  id: string;
  name: string;
  siteName: string;
  by: string;
  at: string;
  kept: Kept;
}

/** Sections put by for other sites of the organisation. */
@Injectable()
export class KeptSections {
  private readonly api = inject(PorchApi);
  private readonly store = inject(SiteStore);
  /** Those there are; null until they are known. */
  readonly all = signal<readonly KeptLine[] | null>(null);
  /** Why they cannot be told. */
  readonly fault = signal('');

  /** Asks for them anew. */
  async look(): Promise<void> {
    try {
      const { sections } = await firstValueFrom(this.api.get<{ sections: KeptLine[] }>('/kept-sections'));
      this.all.set(sections);
      this.fault.set('');
    } catch (error) {
      this.fault.set(asRefusal(error).title);
    }
  }

  /** Puts a section of the open site by, with what was last written in it. */
  async keep(section: string, title: string): Promise<void> {
    try {
      await this.store.flush();
      await firstValueFrom(this.api.post(`/sites/${this.store.id()}/kept-sections`, { section }));
      this.said(`${title} is kept: lay it in on any site of yours, with “Add under it”.`, false);
      this.all.set(null);
    } catch (error) {
      this.said(`Not kept. ${asRefusal(error).message}`, true);
    }
  }

  /** Forgets one. Where it was laid in, it stays. */
  async forget(line: KeptLine): Promise<void> {
    try {
      await firstValueFrom(this.api.delete(`/kept-sections/${line.id}`));
      this.all.update((all) => all?.filter((k) => k !== line) ?? null);
    } catch (error) {
      this.said(`Not forgotten. ${asRefusal(error).message}`, true);
    }
  }

  private said(words: string, bad: boolean): void {
    this.store.said.set({ words, bad });
  }
}
