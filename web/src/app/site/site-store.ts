import { computed, inject, Injectable, signal, type OnDestroy } from '@angular/core';
import type { SiteDocument } from '@tin-porch/core/model';
import {
  apply,
  describe,
  madeBy,
  OperationError,
  replacesField,
  typedWords,
  type Operation,
  type Part,
} from '@tin-porch/core/operations';
import { withFollowing, withSlip, withTwins, type SlipChange } from '@tin-porch/core/making';
import { filter, firstValueFrom, merge, Subject, Subscription, timer } from 'rxjs';
import { debounceTime } from 'rxjs/operators';
import { PorchEvents } from '../api/events';
import type { Job, SiteDetail, SiteNews } from '../api/model';
import { asRefusal, PorchApi } from '../api/porch-api';
import { OpenPlaces } from '../session/open-places';
import { Unsent, type RefusedChange, type WaitingChange } from '../session/unsent';

const NOT_ALLOWED = {
  helper: 'Your role looks at sites and changes nothing.',
  designer: 'What visitors see is for designers and owners to change.',
};

/** Something to tell the person: what was done, or why not. */
export interface Said {
  words: string;
  bad: boolean;
  /** Whether it tells of a change that can be taken back with it. */
  undo?: boolean;
  /** Whether it stays until it is closed: something in it is still needed. */
  stays?: boolean;
}

/** A step’s main action, at the right end of the site strip. */
export interface MainAction {
  label: string;
  run(): void;
  /** Who may do it at least; anybody where it is left out. */
  for?: 'helper' | 'designer';
  /** Why it cannot be done now; said when it is pressed. */
  why?: string | false;
}

/**
 * The site that is open: what the server last said, and on top of it what was typed since. Every change is applied
 * here at once, so that the window follows, and sent when the hand rests. What could not be sent yet, and what the
 * server refused, is kept in the browser until it is sent or let go.
 */
@Injectable()
export class SiteStore implements OnDestroy {
  private readonly api = inject(PorchApi);
  private readonly events = inject(PorchEvents);
  private readonly unsent = inject(Unsent);
  private readonly places = inject(OpenPlaces);
  readonly detail = signal<SiteDetail | null>(null);
  /** Changes not yet acknowledged, oldest first. */
  private readonly waiting = signal<WaitingChange[]>([]);
  /** Changes the server would not take, with why; they stay until they are sent again or let go. */
  readonly refused = signal<RefusedChange[]>([]);
  private sending: Promise<void> = Promise.resolve();
  private readonly rest = new Subject<void>();
  private readonly subscriptions = new Subscription();
  readonly missing = signal(false);
  /** Why the site could not be opened, while nothing of it is here. */
  readonly fault = signal('');
  readonly state = signal<'saved' | 'saving' | 'offline' | 'ended'>('saved');
  readonly said = signal<Said | null>(null);
  readonly now = signal(Date.now());
  /** The one main action of the step that is open. */
  readonly main = signal<MainAction | null>(null);
  /** Whether whoever is signed in may do what a role is asked for. */
  readonly may = this.api.may;
  /** The same, with why not where the role of whoever is signed in does not allow it. */
  readonly mainFor = computed<MainAction | null>(() => {
    const main = this.main();
    return main?.for && !this.may(main.for) ? { ...main, why: NOT_ALLOWED[main.for] } : main;
  });
  /** The page and the part that controls and window are on, kept from step to step. */
  readonly page = signal('home');
  readonly part = signal<string | null>(null);
  /** Calls that are under way, as “POST /domain/register”. */
  readonly pending = signal<ReadonlySet<string>>(new Set());
  private readonly calls = new Map<string, Promise<unknown>>();

  readonly document = computed<SiteDocument | null>(() => {
    const base = this.detail()?.document;
    if (!base) return null;
    let document = base;
    for (const { operation } of this.waiting()) document = applied(document, operation) ?? document;
    return document;
  });
  /** Changes that are tried and not made: the windows show the site with them. */
  readonly tried = signal<{ changes: readonly SlipChange[]; exact: boolean }>({ changes: [], exact: false });
  /** The site as the windows show it. */
  readonly shown = computed<SiteDocument | null>(() => {
    const document = this.document();
    const { changes, exact } = this.tried();
    return document && changes.length ? withSlip(document, changes, exact) : document;
  });
  /** The sections that are worked on for their page alone, though others have the same one. */
  readonly alone = signal<ReadonlySet<string>>(new Set());
  /** How many windows stand open on the site: where there is none, nothing that is tried is to be seen. */
  readonly windows = signal(0);
  readonly drawn = computed(() => (this.document()?.pages.length ?? 0) > 0);
  readonly openJob = computed<Job | null>(
    () => this.detail()?.jobs.find((j) => ['waiting', 'running', 'retrying'].includes(j.state)) ?? null,
  );
  readonly canUndo = computed(() => this.waiting().length > 0 || (this.detail()?.history.canUndo ?? false));
  readonly canRedo = computed(() => this.waiting().length === 0 && (this.detail()?.history.canRedo ?? false));
  /** The newest step of the server that this tab knows everything before. */
  private seen = 0;

  /** The id of the site that is open. */
  readonly id = signal('');
  /** Which side of the worktable is shown where there is room for one. */
  readonly side = signal<'controls' | 'beside'>('controls');

  /** Opens a site: one for as long as the store lives. */
  open(id: string): void {
    if (this.id()) return;
    this.id.set(id);
    this.places.site.set({
      id,
      document: () => this.document(),
      take: (page, part) => {
        this.page.set(page);
        this.part.set(part);
      },
    });
    this.subscriptions.add(this.rest.pipe(debounceTime(350)).subscribe(() => void this.flush()));
    const mine = this.events.all.pipe(
      filter(
        (e) =>
          e.kind !== 'inbox' &&
          e.kind !== 'writing' &&
          e.site === this.id() &&
          !(e.kind === 'site' && e.head <= (this.detail()?.head ?? 0)),
      ),
    );
    this.subscriptions.add(
      merge(mine, this.events.back)
        .pipe(debounceTime(60))
        .subscribe(() => void this.refresh()),
    );
    this.subscriptions.add(timer(1000, 1000).subscribe(() => this.tick()));
    // Signed in again: what waited for that goes out.
    this.subscriptions.add(this.api.again.subscribe(() => void this.flush()));
    void this.refresh();
    this.subscriptions.add(
      this.unsent.taken(id).subscribe(({ waiting, refused }) => {
        this.waiting.update((now) => [...waiting, ...now]);
        this.refused.update((now) => [...refused, ...now]);
        this.kept = true;
        this.keep();
        if (!waiting.length) return;
        this.state.set('saving');
        void this.flush();
      }),
    );
  }

  ngOnDestroy(): void {
    if (this.places.site()?.id === this.id()) this.places.site.set(null);
    this.subscriptions.unsubscribe();
    void this.flush();
  }

  /** Whether what was kept before is here: until then, keeping would be writing over it. */
  private kept = false;

  private keep(): void {
    if (!this.kept) return;
    this.unsent.keep(this.id(), { waiting: this.waiting(), refused: this.refused() });
  }

  private tick(): void {
    this.now.set(Date.now());
    if (this.state() === 'offline') void this.flush();
    if (this.fault()) void this.refresh();
  }

  /** The site as it is now. Of one whose newest step is known here, only what was changed since is asked for. */
  private async latest(): Promise<SiteDetail> {
    const path = `/sites/${this.id()}`;
    const known = this.detail();
    // Where others changed it in between, the document here is not that of any step.
    if (!known || known.head !== this.seen) return firstValueFrom(this.api.get<SiteDetail>(path));
    const answer = await firstValueFrom(this.api.get<SiteDetail | SiteNews>(`${path}?since=${known.head}`));
    if ('document' in answer) return answer;
    const { operations, ...news } = answer;
    const document = operations.reduce<SiteDocument | null>((now, o) => now && applied(now, o), known.document);
    return document ? { ...news, document } : firstValueFrom(this.api.get<SiteDetail>(path));
  }

  /** Questions about the site, counted, and the newest of them that was answered. */
  private asked = 0;
  private answered = 0;

  async refresh(): Promise<void> {
    const question = ++this.asked;
    try {
      const detail = await this.latest();
      this.fault.set('');
      const known = this.detail()?.head ?? -1;
      // Answers may overtake each other: what was asked earlier says nothing about what was done since.
      if (known > detail.head || (known === detail.head && question < this.answered)) return;
      this.answered = question;
      // Somebody else changed the site: what was said of the newest change here is not about the newest any more.
      if (this.detail() && detail.head > this.detail()!.head && this.said()?.undo) this.said.set(null);
      this.detail.set(detail);
      this.seen = detail.head;
    } catch (error) {
      const refusal = asRefusal(error);
      if (refusal.status === 404) this.missing.set(true);
      else if (!this.detail()) this.fault.set(refusal.message);
    }
  }

  /** Applies a change here at once and sends it soon; an `exact` one without what follows from a changed fact. What no longer fits is not sent; words in it are kept. */
  change(operation: Operation, part: Part = 'designer', exact = false): void {
    if (!this.may('helper')) {
      this.said.set({ words: `${NOT_ALLOWED.helper} This was not kept.`, bad: true });
      return;
    }
    const before = this.waiting();
    const last = before.at(-1);
    const field = replacesField(operation);
    // Only the newest may be replaced, and only while it is not on its way: order is what history is made of.
    const replace = field !== null && last?.field === field && this.inFlight !== last.id && !this.closed.has(last.id);
    const document = replace ? this.without(last.id) : this.document();
    if (!document) return;
    if (!applied(document, operation)) {
      if (typedWords(operation))
        this.refuse({ ...this.stamped(operation, part), why: 'What it was written into is not there any more.' });
      return;
    }
    if (this.said()?.undo) this.said.set(null);
    // Where a fact changes, the pages that say it change with it, in one step.
    // So do the other pages that have the same section.
    const whole = exact ? operation : withTwins(document, withFollowing(document, operation), this.alone());
    this.waiting.set(
      replace
        ? [...before.slice(0, -1), { ...last, operation: whole }]
        : [...before, { ...this.stamped(whole, part), ...(field !== null && { field }) }],
    );
    this.keep();
    if (this.state() !== 'ended') this.state.set('saving');
    if (field === null) void this.flush();
    else this.rest.next();
  }

  /** The document as it is without one of the changes that wait. */
  private without(id: string): SiteDocument | null {
    const base = this.detail()?.document;
    return base ? this.waiting().reduce((d, w) => (w.id === id ? d : (applied(d, w.operation) ?? d)), base) : null;
  }

  private stamped = (operation: Operation, part: Part): WaitingChange => ({
    id: crypto.randomUUID(),
    base: this.seen,
    tab: this.unsent.tab(),
    operation,
    ...(part !== 'designer' && { part }),
  });

  private refuse(change: RefusedChange): void {
    this.refused.update((all) => [...all, change]);
    this.keep();
  }

  /** Sends a refused change once more, over whatever stands there now. */
  insist(change: RefusedChange): void {
    this.letGo(change);
    this.change(madeBy(change.operation), change.part);
  }
  letGo(change: RefusedChange): void {
    this.refused.update((all) => all.filter((c) => c.id !== change.id));
    this.keep();
  }

  private inFlight: string | null = null;
  /** The step of the log that the newest change sent from here became. */
  private newest = 0;

  /** What waits and is closed: something else was asked for since, and what is typed on is a change of its own. */
  private closed = new Set<string>();

  /**
   * Sends what waits now, in order. Resolves when none of that waits any more or the server cannot take it now. What is
   * typed meanwhile is sent by itself later: an undo may be asked for in between.
   */
  flush(): Promise<void> {
    const mine = new Set(this.waiting().map((w) => w.id));
    this.sending = this.sending.then(async () => {
      for (let next = this.nextOf(mine); next; next = this.nextOf(mine)) if (!(await this.send(next))) return;
      if (this.state() !== 'saved' && !this.waiting().length) {
        this.state.set('saved');
        await this.refresh();
      }
    });
    return this.sending;
  }

  private nextOf = (some: ReadonlySet<string>) => this.waiting().find((w) => some.has(w.id));

  /** Sends a change. False where the server cannot take it now. */
  private async send(next: WaitingChange): Promise<boolean> {
    const { id } = next;
    this.inFlight = id;
    try {
      const { head, operation } = await firstValueFrom(
        this.api.post<{ head: number; operation?: Operation }>(`/sites/${this.id()}/operations`, sendable(next)),
      );
      // Over what others did meanwhile it may read otherwise than it was sent.
      const sent = operation ?? next.operation;
      const detail = this.detail();
      if (detail) {
        // Where the server knew a newer document, the next question brings it.
        const document = applied(detail.document, sent);
        this.detail.set({
          ...detail,
          document: document ?? detail.document,
          head: Math.max(head, detail.head),
        });
        // What others did in between has not been seen here yet.
        if (document && head === this.seen + 1) this.seen = head;
      }
      this.newest = head;
      this.waiting.update((all) => all.filter((w) => w.id !== id));
    } catch (error) {
      const refusal = asRefusal(error);
      if (refusal.status === 401) {
        this.state.set('ended');
        return false;
      }
      if (refusal.status === 0 || refusal.status === 429 || refusal.status >= 500) {
        this.state.set('offline');
        return false;
      }
      this.waiting.update((all) => all.filter((w) => w.id !== id));
      this.refuse({ ...next, why: refusal.message });
    } finally {
      this.inFlight = null;
      this.keep();
    }
    return true;
  }

  /** Sends what is still waiting while the page goes away. It stays kept in the browser until it is known to be taken. */
  leave(): void {
    const changes = this.waiting().map(sendable);
    if (changes.length) this.api.beacon(`/sites/${this.id()}/operations/left`, { changes });
  }

  /**
   * Does something between the changes that were made before it and those made after: what is typed meanwhile waits for it,
   * and is a change of what it leaves. Otherwise one’s own undo would be somebody else’s change.
   */
  private async inTurn<T>(work: () => Promise<T | undefined>): Promise<T | undefined> {
    const before = new Set(this.waiting().map((w) => w.id));
    this.closed = before;
    void this.flush();
    const done = this.sending.then(async () => {
      if (this.nextOf(before)) {
        this.said.set({ words: 'What was changed before it is not sent yet: nothing was taken back.', bad: true });
        return undefined;
      }
      const result = await work();
      this.waiting.update((all) => all.map((w) => ({ ...w, base: this.seen })));
      this.keep();
      return result;
    });
    this.sending = done.then(
      () => undefined,
      () => undefined,
    );
    const result = await done;
    // What was typed meanwhile has waited for this.
    if (this.waiting().length) void this.flush();
    return result;
  }

  async step(kind: 'undo' | 'redo'): Promise<void> {
    const taken = await this.inTurn(() => this.call('POST', `/${kind}`, { base: this.detail()?.head ?? 0 }));
    if (taken !== undefined) this.said.set(null);
  }

  /** Takes back the change that is spoken of, and no newer one. */
  async undoSaid(): Promise<void> {
    if ((await this.inTurn(() => this.call('POST', '/undo', { of: this.newest }))) !== undefined) this.said.set(null);
  }

  async begin(kind: Job['kind']): Promise<void> {
    await this.flush();
    // Where there is room for one side only, what one waits for comes to the front.
    this.side.set('beside');
    await this.call('POST', `/${kind}`, {});
  }

  /** Serves another release than the live one: `keeps` says whether with what the people of the site changed since. */
  async serve(release: string, keeps: boolean): Promise<void> {
    await this.flush();
    this.side.set('beside');
    await this.call('POST', '/rollback', { release, keeps });
  }

  cancel = (job: Job) => this.call('DELETE', `/jobs/${job.id}`);
  put = (path: string, body: unknown) => this.call('PUT', path, body);
  post = <T>(path: string, body: unknown = {}) => this.call<T>('POST', path, body);
  delete = (path: string) => this.call('DELETE', path);
  /** Whether a call is under way, as `busy('POST /domain/register')`. */
  busy = (call: string) => this.pending().has(call);

  /**
   * Makes a call, shows a no, and asks for what is new. Gives undefined where the server said no. A call that is
   * under way is not made a second time: a double click gets the answer of the first.
   */
  private call<T>(method: 'POST' | 'PUT' | 'DELETE', path: string, body?: unknown): Promise<T | undefined> {
    const name = `${method} ${path}`;
    const open = this.calls.get(name);
    if (open) return open as Promise<T | undefined>;
    const make = { POST: this.api.post, PUT: this.api.put, DELETE: this.api.delete }[method];
    const made = (async () => {
      try {
        const answer = (await firstValueFrom(make(`/sites/${this.id()}${path}`, body))) as T;
        await this.refresh();
        return answer ?? (null as T);
      } catch (error) {
        this.said.set({ words: asRefusal(error).message, bad: true });
        return undefined;
      } finally {
        this.calls.delete(name);
        this.pending.set(new Set(this.calls.keys()));
      }
    })();
    this.calls.set(name, made);
    this.pending.set(new Set(this.calls.keys()));
    return made;
  }

  /** What a change is called in the history. */
  named = (change: RefusedChange): string => describe(change.operation);
}

/** A change as the server takes it. */
const sendable = ({ id, base, operation, part, tab }: WaitingChange) => ({
  id,
  base,
  operation,
  ...(part && { part }),
  ...(tab && { tab }),
});

/** A document with an operation applied, or null where it does not fit. */
function applied(document: SiteDocument, operation: Operation): SiteDocument | null {
  try {
    return apply(document, operation).document;
  } catch (error) {
    if (error instanceof OperationError) return null;
    throw error;
  }
}
