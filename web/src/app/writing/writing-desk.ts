import { computed, inject, Injectable, signal } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import type { PutVersion } from '@tin-porch/core/operations';
import type { InHand, Reworked, ReworkRequest } from '@tin-porch/core/making';
import { catchError, EMPTY, filter, firstValueFrom, of } from 'rxjs';
import { some } from '@tin-porch/core/some';
import { PorchEvents } from '../api/events';
import { PorchApi } from '../api/porch-api';
import type { Answered, WritingCost, WritingProgress } from '../api/model';
import { Drawing } from '../window/drawing';
import { SiteStore } from '../site/site-store';

export type By = 'house' | 'service';

interface Answer {
  by: By;
  note: string;
  cost: WritingCost | null;
}

/** Who writes is chosen for each site. */
const kept = (site: string) => `writer of ${site}`;
const money = (cost: Pick<WritingCost, 'amount' | 'currency'>) =>
  cost.currency
    ? new Intl.NumberFormat('en-GB', { style: 'currency', currency: cost.currency, maximumFractionDigits: 4 }).format(
        cost.amount,
      )
    : cost.amount
      ? `${cost.amount}`
      : 'nothing';

/** What an answer cost, in words; empty where it cost nothing. */
export const costWords = (cost: WritingCost | null): string =>
  cost ? `It cost ${cost.estimated ? 'about ' : ''}${money(cost)} for ${cost.input + cost.output} tokens.` : '';

type Spent = Answered<'GET /sites/:id/writing'>['spent'];
/** What a site has cost so far, in words; empty where nothing was asked for it. */
export const spentWords = (spent: Spent): string =>
  spent.length
    ? `This site so far: ${spent.map((s) => `${s.estimated ? 'about ' : ''}${money(s)} for ${some(s.answers, 'answer', 'answers')}`).join(', ')}.`
    : '';

/** Who writes for the site that is open, and what they are at. */
@Injectable()
export class WritingDesk {
  private readonly api = inject(PorchApi);
  private readonly drawing = inject(Drawing);
  private readonly store = inject(SiteStore);
  /** The name of the outside service, where one is set up. */
  readonly service = signal<string | null>(null);
  private readonly site = computed(() => this.store.document()?.id ?? '');
  private readonly chosen = signal<Record<string, By>>({});
  private readonly wanted = computed<By>(
    () => this.chosen()[this.site()] ?? (localStorage.getItem(kept(this.site())) === 'service' ? 'service' : 'house'),
  );
  /** What the service was paid for this site so far, in words. */
  readonly spent = signal('');
  /** Who is to write: the service only where there is one. */
  readonly by = computed<By>(() => (this.service() && this.wanted() === 'service' ? 'service' : 'house'));
  readonly busy = signal(false);
  /** How much a service has sent so far, and the end of it. */
  readonly progress = signal<WritingProgress | null>(null);

  constructor() {
    this.api
      .get<{ service: { name: string } | null }>('/writing')
      .pipe(
        catchError(() => EMPTY),
        takeUntilDestroyed(),
      )
      .subscribe(({ service }) => {
        this.service.set(service?.name ?? null);
        if (service) void this.count();
      });
    inject(PorchEvents)
      .all.pipe(
        filter((e) => e.kind === 'writing' && e.site === this.store.document()?.id),
        takeUntilDestroyed(),
      )
      .subscribe((e) => {
        if (e.kind === 'writing' && this.busy()) this.progress.set({ characters: e.characters, tail: e.tail });
      });
  }

  choose(by: By): void {
    localStorage.setItem(kept(this.site()), by);
    this.chosen.update((all) => ({ ...all, [this.site()]: by }));
  }

  private async at<T>(work: () => Promise<T>): Promise<T> {
    this.busy.set(true);
    this.progress.set(null);
    try {
      return await work();
    } finally {
      this.busy.set(false);
      this.progress.set(null);
      if (this.service()) void this.count();
    }
  }

  /** Asks what the service was paid for this site; what cannot be known is not said. */
  async count(): Promise<void> {
    const site = this.site();
    if (!site) return;
    const { spent } = await firstValueFrom(
      this.api.get<{ spent: Spent }>(`/sites/${site}/writing`).pipe(catchError(() => of({ spent: [] }))),
    );
    if (site === this.site()) this.spent.set(spentWords(spent));
  }

  /** What the service reads in the brief. */
  read(): Promise<Answered<'POST /sites/:id/read'>> {
    return this.at(async () => {
      await this.store.flush();
      return firstValueFrom(this.api.post<Answered<'POST /sites/:id/read'>>(`/sites/${this.site()}/read`, {}));
    });
  }

  /** A version of the whole site, by whoever is to write it. What people have done to the site stays. */
  version(seed: number): Promise<Answer & { version: PutVersion; ms: number }> {
    return this.at(async () => {
      const document = this.store.document()!;
      const started = performance.now();
      if (this.by() === 'house') {
        const { version, ms } = await this.drawing.write(document, seed, this.store.detail()?.open ?? false);
        return { version, ms, by: 'house' as const, note: '', cost: null };
      }
      await this.store.flush();
      const answer = await firstValueFrom(
        this.api.post<Answer & { version: PutVersion }>(`/sites/${document.id}/write`, { seed, by: 'service' }),
      );
      return { ...answer, ms: performance.now() - started };
    });
  }

  /** What the service makes of a request. */
  ask(said: string, on: InHand): Promise<Answered<'POST /sites/:id/ask'>> {
    return this.at(async () => {
      await this.store.flush();
      return firstValueFrom(
        this.api.post<Answered<'POST /sites/:id/ask'>>(`/sites/${this.site()}/ask`, { said: said.slice(0, 600), on }),
      );
    });
  }

  /** Proposals for texts worked over. */
  rework(request: ReworkRequest): Promise<Answer & { changes: Reworked[] }> {
    return this.at(async () => {
      await this.store.flush();
      const { id } = this.store.document()!;
      return firstValueFrom(
        this.api.post<Answer & { changes: Reworked[] }>(`/sites/${id}/rework`, { ...request, by: this.by() }),
      );
    });
  }
}
