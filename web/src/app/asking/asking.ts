import { computed, effect, inject, Injectable, signal, untracked } from '@angular/core';
import { Router } from '@angular/router';
import {
  ask,
  reworkSlip,
  takeSlip,
  withSlip,
  type Asked,
  type Given,
  type InHand,
  type Reply,
  type ReworkScope,
  type SlipChange,
} from '@tin-porch/core/making';
import type { Part } from '@tin-porch/core/operations';
import { some } from '@tin-porch/core/some';
import { firstValueFrom } from 'rxjs';
import type { Answered } from '../api/model';
import { asRefusal, PorchApi } from '../api/porch-api';
import { SiteStore } from '../site/site-store';
import { WAYS, type Way } from '../writing/ways';
import { costWords, WritingDesk } from '../writing/writing-desk';

/** How many requests that were done are remembered: “the same for the story”, “the colours as they were”. */
const REMEMBERED = 20;

/** What was asked for in plain words, and the slip it came to: nothing of it is done before it is taken. */
@Injectable()
export class Asking {
  private readonly store = inject(SiteStore);
  private readonly api = inject(PorchApi);
  private readonly router = inject(Router);
  /** The words that were asked, and what they came to; null where no slip is open. */
  readonly open = signal<{ said: string; reply: Reply; part: Part } | null>(null);
  /** What is given along with what is asked. */
  readonly given = signal<Given | null>(null);
  /** What stands in the line. */
  readonly line = signal('');
  /** Numbers of the changes that are left. */
  readonly left = signal<ReadonlySet<number>>(new Set());
  /** Whether the window shows the site with the changes, or as it is. */
  readonly shows = signal<'after' | 'before'>('after');
  private readonly desk = inject(WritingDesk);
  private turn = 0;
  private before: NonNullable<Asked['before']> = [];

  readonly changes = computed<readonly SlipChange[]>(() => {
    const reply = this.open()?.reply;
    return reply?.kind === 'slip' ? reply.changes : [];
  });
  private readonly exact = computed(() => {
    const reply = this.open()?.reply;
    return reply?.kind === 'slip' && reply.exact === true;
  });
  /** The changes that are to be taken. */
  readonly taken = computed(() => this.changes().filter((_, n) => !this.left().has(n)));

  constructor() {
    // The windows show the site as the slip would leave it.
    effect(() => this.store.tried.set({ changes: this.shows() === 'after' ? this.taken() : [], exact: this.exact() }));
    // Another site has not been asked about.
    effect(() => {
      this.store.id();
      untracked(() => {
        this.close();
        this.given.set(null);
        this.before = [];
      });
    });
  }

  /** Numbers of the changes, from 1, that are to be seen in a section. */
  readonly numbers = computed(() => {
    const of = new Map<string, number[]>();
    this.changes().forEach(({ at }, n) => {
      if (at.section) of.set(at.section, [...(of.get(at.section) ?? []), n + 1]);
    });
    return of;
  });

  /** What is in hand while something is asked. */
  private get hand(): InHand {
    const [section, path] = this.store.part()?.split('/') ?? [];
    const page = this.store.page();
    return { page, ...(section && { section }), ...(path && { path }) };
  }

  /** Asks for something in plain words; what it comes to is shown and not done. */
  ask(said: string, on = this.hand): void {
    const document = this.store.document();
    if (!document || !(said.trim() || this.given())) return;
    const live = (this.store.detail()?.liveRelease ?? null) !== null;
    const given = this.given();
    const put = (visits?: readonly number[]) =>
      ask(document, {
        said,
        on,
        live,
        before: this.before,
        ...(visits && { visits }),
        ...(given && { given }),
      });
    const reply = put();
    if (reply.kind === 'undo') {
      this.close();
      void this.store.step('undo').then(() => this.store.said.set({ words: reply.words, bad: false }));
      return;
    }
    this.show(said, reply);
    // How many come is known to the server alone; what was answered without it is answered again.
    if (reply.kind === 'talk' && live)
      void this.visits().then((visits) => {
        if (visits && this.open()?.reply === reply) this.show(said, put(visits));
      });
  }
  /** Visits of the site, a week each; null where they are not known. */
  private async visits(): Promise<readonly number[] | null> {
    try {
      const { sites } = await firstValueFrom(this.api.get<Answered<'GET /sites'>>('/sites'));
      return sites.find((s) => s.id === this.store.id())?.weeks ?? null;
    } catch {
      return null;
    }
  }
  /** Whether words are being worked over. */
  readonly working = this.desk.busy.asReadonly();
  /** Works the words of a section or of a page over: what comes of it is a slip like any other. */
  async workOver(scope: ReworkScope, way: Way, of: string): Promise<void> {
    const document = this.store.document();
    if (!document || this.desk.busy()) return;
    const said = `${WAYS.find(([w]) => w === way)![1]}: ${of}`;
    try {
      const { changes, note } = await this.desk.rework({ kind: way, scope, seed: document.seed + ++this.turn });
      this.show(said, reworkSlip(this.store.document()!, changes, note), 'writer');
    } catch (error) {
      this.show(said, { kind: 'no', words: asRefusal(error).message });
    }
  }
  /** The outside service that may be asked what the house did not understand; null where there is none. */
  readonly service = computed(() => this.desk.service());
  /** Asks the outside service for the same. */
  async askService(): Promise<void> {
    const open = this.open();
    if (!open || this.desk.busy()) return;
    try {
      const { reply, cost } = await this.desk.ask(open.said, this.hand);
      // Where something else is asked meanwhile, this is not the answer to it.
      if (this.open()?.said !== open.said) return;
      this.show(open.said, reply, 'writer');
      this.cost.set(costWords(cost));
    } catch (error) {
      if (this.open()?.said === open.said) this.show(open.said, { kind: 'no', words: asRefusal(error).message });
    }
  }
  /** What the answer that is open cost, in words. */
  readonly cost = signal('');
  /** Shows what one of several choices, or a point of an answer, comes to. */
  show(said: string, reply: Reply, part: Part = 'ask'): void {
    this.left.set(new Set());
    this.cost.set('');
    this.shows.set('after');
    this.open.set({ said, reply, part });
    this.store.side.set('controls');
    const [first] = this.changes();
    if (first?.at.page && !this.onPage(first)) this.goTo(first.at);
  }
  /** Whether a change is to be seen on the page that is open, or on all of them. */
  private onPage = ({ at }: SlipChange) => !at.page || at.page === this.store.page();

  /** Goes to where a change is to be seen. */
  goTo({ page, section, path }: InHand): void {
    if (page && this.store.shown()?.pages.some((p) => p.id === page)) this.store.page.set(page);
    if (section) this.store.part.set(`${section}/${path ?? ''}`);
  }

  /** Puts what was chosen of something still asked to the other changes of the slip. */
  choose(question: number, choice: number): void {
    const now = this.open();
    if (now?.reply.kind !== 'slip') return;
    const { reply } = now;
    const chosen = reply.open?.[question]?.choices[choice]?.reply;
    const open = reply.open?.filter((_, n) => n !== question) ?? [];
    const changes = [...reply.changes, ...(chosen?.kind === 'slip' ? chosen.changes : [])];
    // What cannot be done after all is said.
    const left = chosen && chosen.kind !== 'slip' ? [...reply.left, chosen.words] : reply.left;
    this.open.set({ ...now, reply: { ...reply, changes, open, left } });
  }

  toggle(n: number): void {
    this.left.update((now) => {
      const next = new Set(now);
      if (!next.delete(n)) next.add(n);
      return next;
    });
  }

  /** Makes the changes that are ticked, as one step of history. */
  take(): void {
    const open = this.open();
    const document = this.store.document();
    const changes = this.taken();
    const exact = this.exact();
    const operation = document && takeSlip(document, changes, exact);
    if (!open || !operation) return this.close();
    this.before = [...this.before, { said: open.said, document, at: changes.at(-1)!.at }].slice(-REMEMBERED);
    this.close();
    this.given.set(null);
    const after = withSlip(document, changes, exact);
    this.store.change(operation, exact ? 'designer' : open.part, exact);
    void this.store.flush();
    if (this.store.document() !== document)
      this.store.said.set({
        words: `${some(changes.length, 'change is', 'changes are')} made.`,
        bad: false,
        undo: true,
      });
    else if (!this.store.said()?.bad)
      this.store.said.set({ words: 'The site has changed meanwhile: ask once more.', bad: true });
    // A page that was added is what is spoken of next.
    const made = after.pages.find((p) => !document.pages.some((d) => d.id === p.id));
    if (made) this.store.page.set(made.id);
  }

  /** Leaves it all. */
  close(): void {
    this.open.set(null);
    this.line.set('');
    this.left.set(new Set());
    this.store.tried.set({ changes: [], exact: false });
  }

  follow(step: string): void {
    this.close();
    void this.router.navigate(['/sites', this.store.id(), step]);
  }
}
