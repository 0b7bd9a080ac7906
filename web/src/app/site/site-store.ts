import { computed, inject, Injectable, signal, type OnDestroy } from '@angular/core';
import { apply, OperationError, type Operation, type SiteDocument } from '@tin-porch/core';
import { filter, firstValueFrom, merge, Subject, Subscription, timer } from 'rxjs';
import { debounceTime } from 'rxjs/operators';
import { PorchEvents } from '../api/events';
import type { Job, SiteDetail } from '../api/model';
import { asRefusal, PorchApi } from '../api/porch-api';

/** What identifies the thing an operation writes: later writes to the same thing take the place of ones not sent yet. */
function targetOf(o: Operation): string | null {
  if (o.op === 'setText') return `text ${o.at.section} ${o.at.path}`;
  if (o.op === 'setFact') return `fact ${o.field}`;
  if (o.op === 'setServices') return 'services';
  if (o.op === 'setSeo') return `seo ${o.page} ${o.field}`;
  if (o.op === 'setForm') return `form ${o.form}`;
  if (o.op === 'setLook') return 'look';
  if (o.op === 'putMedium') return `medium ${o.medium.id}`;
  return null;
}

/** A step’s main action, at the right end of the site strip. */
export interface MainAction {
  label: string;
  run(): void;
  disabled?: boolean;
}

/**
 * The site that is open: what the server last said, and on top of it what was typed since. Every change is applied
 * here at once, so that the window follows, and sent when the hand rests.
 */
@Injectable()
export class SiteStore implements OnDestroy {
  private readonly api = inject(PorchApi);
  private readonly events = inject(PorchEvents);
  readonly detail = signal<SiteDetail | null>(null);
  /** Changes not yet acknowledged, oldest first. */
  private readonly waiting = signal<Operation[]>([]);
  private sending: Promise<void> = Promise.resolve();
  private readonly rest = new Subject<void>();
  private readonly subscriptions = new Subscription();
  readonly missing = signal(false);
  readonly state = signal<'saved' | 'saving' | 'offline'>('saved');
  /** Something to tell the person: what was done, or why not. */
  readonly said = signal<{ words: string; bad: boolean; undo?: boolean } | null>(null);
  readonly now = signal(Date.now());
  /** The one main action of the step that is open. */
  readonly main = signal<MainAction | null>(null);
  /** The page and the part that controls and window are on, kept from step to step. */
  readonly page = signal('home');
  readonly part = signal<string | null>(null);

  readonly document = computed<SiteDocument | null>(() => {
    const base = this.detail()?.document;
    if (!base) return null;
    let document = base;
    for (const operation of this.waiting()) {
      try {
        document = apply(document, operation).document;
      } catch (error) {
        if (!(error instanceof OperationError)) throw error;
      }
    }
    return document;
  });
  readonly drawn = computed(() => (this.document()?.pages.length ?? 0) > 0);
  readonly openJob = computed<Job | null>(
    () => this.detail()?.jobs.find((j) => ['waiting', 'running', 'retrying'].includes(j.state)) ?? null,
  );
  readonly canUndo = computed(() => this.waiting().length > 0 || (this.detail()?.history.canUndo ?? false));
  readonly canRedo = computed(() => this.waiting().length === 0 && (this.detail()?.history.canRedo ?? false));

  private id = '';

  open(id: string): void {
    if (this.id === id) return;
    this.id = id;
    this.detail.set(null);
    this.waiting.set([]);
    this.subscriptions.add(this.rest.pipe(debounceTime(350)).subscribe(() => void this.flush()));
    const mine = this.events.all.pipe(
      filter(
        (e) =>
          e.kind !== 'inbox' &&
          e.kind !== 'writing' &&
          e.site === this.id &&
          !(e.kind === 'site' && e.head <= (this.detail()?.head ?? 0)),
      ),
    );
    this.subscriptions.add(
      merge(mine, this.events.back)
        .pipe(debounceTime(60))
        .subscribe(() => void this.refresh()),
    );
    this.subscriptions.add(timer(1000, 1000).subscribe(() => this.tick()));
    void this.refresh();
  }

  ngOnDestroy(): void {
    this.subscriptions.unsubscribe();
    this.leave();
  }

  private tick(): void {
    this.now.set(Date.now());
    if (this.state() === 'offline') void this.flush();
  }

  async refresh(): Promise<void> {
    try {
      const detail = await firstValueFrom(this.api.get<SiteDetail>(`/sites/${this.id}`));
      if ((this.detail()?.head ?? -1) <= detail.head) this.detail.set(detail);
    } catch (error) {
      if (asRefusal(error).status === 404) this.missing.set(true);
    }
  }

  /** Applies a change here at once and sends it soon. */
  change(operation: Operation): void {
    const target = targetOf(operation);
    const before = this.waiting();
    const last = before.at(-1);
    // Only the newest may be replaced, and only while it is not on its way: order is what history is made of.
    const replace = target !== null && last !== undefined && targetOf(last) === target && this.inFlight !== last;
    this.waiting.set(replace ? [...before.slice(0, -1), operation] : [...before, operation]);
    this.state.set('saving');
    if (target === null) void this.flush();
    else this.rest.next();
  }

  private inFlight: Operation | null = null;

  /** Sends what waits, in order. Resolves when nothing waits or the server does not answer. */
  flush(): Promise<void> {
    this.sending = this.sending.then(async () => {
      for (let next = this.waiting()[0]; next; next = this.waiting()[0]) {
        this.inFlight = next;
        try {
          const { head } = await firstValueFrom(
            this.api.post<{ head: number }>(`/sites/${this.id}/operations`, { operation: next }),
          );
          const sent = next;
          const detail = this.detail();
          if (detail) {
            let document = detail.document;
            try {
              document = apply(detail.document, sent).document;
            } catch {
              /* the server knew a newer document; the refresh below brings it */
            }
            this.detail.set({ ...detail, document, head: Math.max(head, detail.head) });
          }
          this.waiting.update((all) => all.slice(1));
        } catch (error) {
          const refusal = asRefusal(error);
          if (refusal.status === 0 || refusal.status >= 500) {
            this.state.set('offline');
            return;
          }
          this.waiting.update((all) => all.slice(1));
          const lost = next.op === 'setText' ? ` What you wrote: “${next.text.value}”` : '';
          this.said.set({ words: `${refusal.message}${lost}`, bad: true });
        } finally {
          this.inFlight = null;
        }
      }
      if (this.state() !== 'saved') {
        this.state.set('saved');
        await this.refresh();
      }
    });
    return this.sending;
  }

  /** Sends what is still waiting while the page goes away. */
  leave(): void {
    for (const operation of this.waiting())
      if (operation !== this.inFlight) this.api.beacon(`/sites/${this.id}/operations`, { operation });
    this.waiting.set([]);
  }

  async step(kind: 'undo' | 'redo'): Promise<void> {
    await this.flush();
    await this.call(() => this.api.post(`/sites/${this.id}/${kind}`));
    this.said.set(null);
  }

  async begin(kind: Job['kind']): Promise<void> {
    await this.flush();
    await this.call(() => this.api.post(`/sites/${this.id}/${kind}`));
  }

  cancel = (job: Job) => this.call(() => this.api.delete(`/sites/${this.id}/jobs/${job.id}`));
  put = (path: string, body: unknown) => this.call(() => this.api.put(`/sites/${this.id}${path}`, body));
  post = <T>(path: string, body: unknown = {}) => this.call(() => this.api.post<T>(`/sites/${this.id}${path}`, body));
  delete = (path: string) => this.call(() => this.api.delete(`/sites/${this.id}${path}`));

  /** Makes a call, shows a no, and asks for what is new. Gives undefined where the server said no. */
  private async call<T>(make: () => ReturnType<PorchApi['get']>): Promise<T | undefined> {
    try {
      const answer = (await firstValueFrom(make())) as T;
      await this.refresh();
      return answer;
    } catch (error) {
      this.said.set({ words: asRefusal(error).message, bad: true });
      return undefined;
    }
  }
}
