import { ChangeDetectionStrategy, Component, computed, inject, model, output, signal } from '@angular/core';
import { NgIcon } from '@ng-icons/core';
import type { DirectionRef, SiteDocument } from '@tin-porch/core/model';
import { palettesFrom } from '@tin-porch/core/look';
import { packOf } from '@tin-porch/core/brief';
import { directionNumbered, directionOf, takeDirection, type Direction } from '@tin-porch/core/making';
import { EMPTY, catchError, filter, startWith, switchMap } from 'rxjs';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { PorchEvents } from '../api/events';
import type { ClientChoice } from '../api/model';
import { asRefusal, PorchApi } from '../api/porch-api';
import { copyText } from '../parts/copy-text';
import { Dialogs } from '../parts/dialogs';
import { SiteStore } from '../site/site-store';

const same = (a: DirectionRef, b: DirectionRef): boolean =>
  a.layout === b.layout && a.colours === b.colours && a.type === b.type && a.finish === b.finish;
/** Every direction that was called up for a site, oldest first: the first three always are. */
export const calledUp = ({ board }: SiteDocument): DirectionRef[] => {
  const first = [1, 2, 3].map(directionNumbered);
  return [...first.filter((f) => !board.shown.some((r) => same(f, r))), ...board.shown];
};
const PARTS = [
  ['layout', 'Layout'],
  ['colours', 'Colours'],
  ['type', 'Type'],
  ['finish', 'Finish'],
] as const;

/** The directions of a site: three at a time, more on demand, marked, mixed, taken. */
@Component({
  selector: 'tp-directions-panel',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [NgIcon],
  styleUrl: './directions-panel.scss',
  template: `
    <ul class="directions">
      @for (d of onView(); track n; let n = $index) {
        <li class="sheet" [class.on]="isTaken(d.ref)">
          <div class="between">
            <h2>{{ d.name }}</h2>
            <button
              class="square"
              type="button"
              [attr.aria-pressed]="isMarked(d.ref)"
              [attr.aria-label]="'Shortlist ' + d.name"
              [title]="isMarked(d.ref) ? 'Shortlisted' : 'Shortlist it'"
              (click)="mark(d.ref)"
            >
              <ng-icon [name]="isMarked(d.ref) ? 'lucideBookmarkCheck' : 'lucideBookmark'" />
            </button>
          </div>
          <p class="strip-of-colour" aria-hidden="true">
            @for (c of coloursOf(d); track $index) {
              <span [style.background]="c"></span>
            }
          </p>
          <p class="quiet why">{{ d.why }}</p>
          <p class="bar">
            @if (isTaken(d.ref)) {
              <span class="chip moss">The site is in it</span>
            } @else {
              <button class="plain small" type="button" (click)="take(d.ref)">Put the site in it</button>
            }
            <button class="plain small" type="button" (click)="alone.emit(d.ref)">Open alone</button>
            <button class="plain small" type="button" (click)="redraw(n)">Draw another</button>
          </p>
          <p class="bar">
            <button class="link" type="button" (click)="forAll(d.ref, 'colours')">Its colours for all three</button>
            <button class="link" type="button" (click)="forAll(d.ref, 'type')">Its type for all three</button>
          </p>
        </li>
      }
    </ul>
    <p class="bar">
      <button class="plain" type="button" (click)="earlier()">Three before</button>
      <button class="plain" type="button" (click)="more()">Three more</button>
    </p>
    <details class="mix">
      <summary>Put one together</summary>
      @for (part of parts; track part[0]) {
        <div class="field">
          <label [for]="'mix-' + part[0]">{{ part[1] }} of</label>
          <select [id]="'mix-' + part[0]" (change)="choose(part[0], $any($event.target).value)">
            @for (d of known(); track d.name) {
              <option [value]="d.ref[part[0]]" [selected]="d.ref[part[0]] === mixed()[part[0]]">{{ d.name }}</option>
            }
          </select>
        </div>
      }
      <button class="plain" type="button" (click)="putTogether()">Put it beside the others</button>
    </details>
    <h2 class="gap">Ask the client</h2>
    <p class="quiet">A link on which they look at {{ asked().length }} directions and choose: {{ askedNames() }}.</p>
    <p class="bar">
      <button class="plain" type="button" (click)="askClient()">Make a link</button>
      @if (choice(); as c) {
        <a class="mono" [href]="'/choose/' + c.token" target="_blank" rel="noopener"
          >/choose/{{ c.token.slice(0, 8) }}…</a
        >
        <button class="plain small" type="button" (click)="takeBack()">Take the link back</button>
      }
    </p>
    @if (choice(); as c) {
      @if (chosen(); as d) {
        <div class="note moss" role="status">
          <p>
            {{ c.by || 'The client' }} chose <b>{{ d.name }}</b>. {{ c.note }}
          </p>
          @if (!isTaken(d.ref)) {
            <button class="plain small" type="button" (click)="take(d.ref)">Put the site in it</button>
          }
        </div>
      } @else {
        <p class="quiet">Nobody has chosen on it yet. It is good until {{ c.endsAt.slice(0, 10) }}.</p>
      }
    }
    @if (all().length > 3) {
      <h2 class="gap">Seen so far</h2>
      <p class="bar called">
        @for (d of all(); track $index) {
          <button class="plain small" type="button" [class.on]="isShown(d.ref)" (click)="call(d.ref)">
            {{ d.name }}
            @if (isMarked(d.ref)) {
              <ng-icon name="lucideBookmarkCheck" /><span class="sr">, marked</span>
            }
          </button>
        }
      </p>
    }
  `,
})
export class DirectionsPanel {
  protected readonly store = inject(SiteStore);
  readonly alone = output<DirectionRef>();
  /** The three that stand side by side. */
  readonly view = model.required<DirectionRef[]>();
  protected readonly parts = PARTS;
  private readonly document = computed(() => this.store.document()!);
  private readonly direction = (ref: DirectionRef): Direction =>
    directionOf(this.document().facts, packOf(this.document().facts), ref);
  /** Every direction that was called up, oldest first: the first three always are. */
  protected readonly refs = computed(() => calledUp(this.document()));
  protected readonly all = computed(() => this.refs().map(this.direction));
  protected readonly onView = computed(() => this.view().map(this.direction));
  /** Those to take parts from. */
  protected readonly known = computed(() => {
    const numbers = new Set(
      [...this.refs(), this.document().direction].flatMap((r) => [r.layout, r.colours, r.type, r.finish]),
    );
    return [...numbers].sort((a, b) => a - b).map((n) => this.direction(directionNumbered(n)));
  });
  private readonly mixing = signal<Partial<DirectionRef>>({});
  protected readonly mixed = computed<DirectionRef>(() => ({ ...this.view()[0]!, ...this.mixing() }));

  protected coloursOf(d: Direction): string[] {
    const { day } = palettesFrom(d.wishes, d.richness);
    return [day.ground, day.wash, day.lead, day.accent, day.deep];
  }
  protected isTaken = (ref: DirectionRef) => same(ref, this.document().direction);
  protected isMarked = (ref: DirectionRef) => this.document().board.favourites.some((f) => same(f, ref));
  protected isShown = (ref: DirectionRef) => this.view().some((v) => same(v, ref));

  private readonly api = inject(PorchApi);
  private readonly dialogs = inject(Dialogs);
  /** The link the client was last sent, and what they chose. */
  protected readonly choice = signal<ClientChoice | null>(null);
  protected readonly chosen = computed(() => {
    const c = this.choice();
    const ref = c && c.chosen !== null ? c.directions[c.chosen] : undefined;
    return ref && this.direction(ref);
  });
  /** Those marked, or the three on view where none is. */
  protected readonly asked = computed(() => {
    const { favourites } = this.document().board;
    return favourites.length > 1 ? favourites.slice(0, 6) : this.view();
  });
  protected readonly askedNames = computed(() =>
    this.asked()
      .map((r) => this.direction(r).name)
      .join(', '),
  );

  constructor() {
    const { id } = this.document();
    const load = () => this.api.get<{ choice: ClientChoice | null }>(`/sites/${id}/choice`);
    inject(PorchEvents)
      .all.pipe(
        filter((e) => e.kind === 'choice' && e.site === id),
        startWith(null),
        switchMap(() => load().pipe(catchError(() => EMPTY))),
        takeUntilDestroyed(),
      )
      .subscribe(({ choice }) => this.choice.set(choice));
  }
  protected askClient(): void {
    const { id } = this.document();
    this.api.post<{ choice: ClientChoice }>(`/sites/${id}/choice`, { directions: this.asked() }).subscribe({
      next: ({ choice }) => {
        this.choice.set(choice);
        const url = `${location.origin}/choose/${choice.token}`;
        void copyText(url).then((done) =>
          this.store.said.set({
            words: `${done ? 'Copied. ' : ''}The link is ${url}. It is good for a month.`,
            bad: false,
            stays: true,
          }),
        );
      },
      error: (error: unknown) => this.store.said.set({ words: asRefusal(error).title, bad: true }),
    });
  }

  protected async takeBack(): Promise<void> {
    const sure = await this.dialogs.confirm({
      title: 'Take the link back?',
      words: 'Nobody can look at the directions or choose by it any more. What was chosen so far is forgotten.',
      act: 'Take it back',
    });
    if (sure && (await this.store.delete('/choice')) !== undefined) this.choice.set(null);
  }

  private callUp(refs: DirectionRef[]): void {
    const known = this.refs();
    const fresh = refs.filter((r) => !known.some((k) => same(k, r)));
    if (!fresh.length) return;
    const { favourites } = this.document().board;
    this.store.change({ op: 'setBoard', board: { shown: [...known, ...fresh].slice(-120), favourites } });
  }
  /** The numbers of directions nobody has seen yet. */
  private unseen(count: number): DirectionRef[] {
    const last = Math.max(...this.refs().map((r) => Math.max(r.layout, r.colours, r.type, r.finish)));
    return Array.from({ length: count }, (_, k) => directionNumbered(last + 1 + k));
  }
  protected take(ref: DirectionRef): void {
    this.store.change(takeDirection(this.document(), ref));
  }
  protected mark(ref: DirectionRef): void {
    const { favourites } = this.document().board;
    const marked = this.isMarked(ref) ? favourites.filter((f) => !same(f, ref)) : [...favourites, ref];
    this.store.change({ op: 'setBoard', board: { shown: this.refs(), favourites: marked } });
  }
  more(): void {
    const refs = this.refs();
    const at = Math.max(...this.view().map((v) => refs.findIndex((r) => same(r, v))));
    const known = refs.slice(at + 1, at + 4);
    const next = [...known, ...this.unseen(3 - known.length)];
    this.callUp(next);
    this.view.set(next);
  }
  protected earlier(): void {
    const refs = this.refs();
    const at = Math.min(...this.view().map((v) => refs.findIndex((r) => same(r, v))));
    const from = Math.max(0, at - 3);
    this.view.set(refs.slice(from, from + 3));
  }
  protected redraw(place: number): void {
    const [next] = this.unseen(1);
    this.callUp([next!]);
    this.put(next!, place);
  }
  protected put(ref: DirectionRef, place: number): void {
    this.view.set(this.view().map((v, n) => (n === place ? ref : v)));
  }
  /** Shows one of those called up; in the first place where it is not on view. */
  protected call(ref: DirectionRef): void {
    if (!this.isShown(ref)) this.put(ref, 0);
  }
  protected forAll(ref: DirectionRef, part: 'colours' | 'type'): void {
    const made = this.view().map((v) => ({ ...v, [part]: ref[part] }));
    this.callUp(made);
    this.view.set(made);
  }
  protected choose(part: keyof DirectionRef, value: string): void {
    this.mixing.set({ ...this.mixing(), [part]: Number(value) });
  }
  protected putTogether(): void {
    const ref = this.mixed();
    this.callUp([ref]);
    if (!this.isShown(ref)) this.put(ref, 2);
  }
}
