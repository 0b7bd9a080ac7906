import { computed, effect, inject, Injectable, signal } from '@angular/core';
import { changesTo, type SlipChange } from '@tin-porch/core/making';
import type { SiteDocument } from '@tin-porch/core/model';
import type { Answer } from '@tin-porch/contract';
import { firstValueFrom } from 'rxjs';
import { asRefusal, PorchApi } from '../api/porch-api';
import { Asking } from '../asking/asking';
import { SiteStore } from '../site/site-store';

export type Line = Answer<'GET /sites/:id/history'>['lines'][number];
/** So many of the newest steps are looked through. */
const MOST = 400;

/** The points a site has been at: which one is looked at, what it is compared with, and what lies between them. */
@Injectable()
export class Points {
  private readonly api = inject(PorchApi);
  private readonly store = inject(SiteStore);
  private readonly asking = inject(Asking);
  /** Whether somebody looks: only then is anything asked for. */
  readonly looking = signal(false);
  /** What was changed, oldest first. */
  readonly lines = signal<readonly Line[]>([]);
  /** The step after which the site is looked at; null for now. */
  readonly at = signal<number | null>(null);
  /** The step it is compared with; null where it is compared with none. */
  readonly with = signal<number | null>(null);
  readonly fault = signal('');
  private readonly documents = signal<ReadonlyMap<number, SiteDocument>>(new Map());

  readonly head = computed(() => this.store.detail()?.head ?? 0);
  readonly first = computed(() => Math.max(0, (this.lines()[0]?.seq ?? 1) - 1));
  /** The step that is live for visitors. */
  readonly live = computed(() => {
    const detail = this.store.detail();
    return detail?.releases.find((r) => r.id === detail.liveRelease)?.head ?? null;
  });
  readonly document = computed(() => this.of(this.at()));
  readonly other = computed(() => this.of(this.with()));
  /** What would bring the site back to the point that is looked at; or what changed between the two. */
  readonly changes = computed<readonly SlipChange[]>(() => {
    const [at, beside] = [this.at(), this.with()];
    const [then, other] = [this.document(), beside === null ? this.store.document() : this.other()];
    if (!then || !other) return [];
    // Compared, the later of the two is told as what became of the earlier one.
    const forward = beside !== null && at !== null && at < beside;
    return forward ? changesTo(then, other) : changesTo(other, then);
  });

  constructor() {
    effect((ended) => {
      const head = this.store.detail()?.head;
      if (!this.looking() || head === undefined) return;
      const asked = this.api
        .get<Answer<'GET /sites/:id/history'>>(`/sites/${this.store.id()}/history?most=${MOST}`)
        .subscribe({ next: ({ lines }) => this.lines.set([...lines].reverse()), error: () => undefined });
      ended(() => asked.unsubscribe());
    });
    effect(() => {
      this.store.id();
      this.at.set(null);
      this.with.set(null);
      this.lines.set([]);
      this.documents.set(new Map());
    });
    effect(() => {
      for (const step of [this.at(), this.with()]) if (step !== null) void this.fetch(step);
    });
  }

  private of = (step: number | null): SiteDocument | null =>
    step === null || step === this.head() ? this.store.document() : (this.documents().get(step) ?? null);

  private async fetch(step: number): Promise<void> {
    if (step === this.head() || this.documents().has(step)) return;
    const site = this.store.id();
    try {
      const { document } = await firstValueFrom(
        this.api.get<Answer<'GET /sites/:id/points/:step'>>(`/sites/${site}/points/${step}`),
      );
      this.fault.set('');
      if (site === this.store.id()) this.documents.update((all) => new Map(all).set(step, document as SiteDocument));
    } catch (error) {
      this.fault.set(asRefusal(error).message);
    }
  }

  /** Gives a point a name, or takes it away with an empty one; false where that was refused. */
  async name(step: number, name: string): Promise<boolean> {
    try {
      const answer = await firstValueFrom(
        this.api.put<Answer<'PUT /sites/:id/points/:step'>>(`/sites/${this.store.id()}/points/${step}`, { name }),
      );
      this.lines.update((all) => all.map((l) => (l.seq === step ? { ...l, name: answer.name } : l)));
      return true;
    } catch (error) {
      this.store.said.set({ words: asRefusal(error).message, bad: true });
      return false;
    }
  }

  /** Puts what would bring the point back on a slip: all of it, or a section of it, is taken there. */
  bringBack(called: string): void {
    const changes = [...this.changes()];
    this.asking.show(called, { kind: 'slip', changes, left: [], exact: true });
  }
}
