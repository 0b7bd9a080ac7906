import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { takeUntilDestroyed, toObservable } from '@angular/core/rxjs-interop';
import { FormsModule } from '@angular/forms';
import { catchError, EMPTY, filter, merge, switchMap } from 'rxjs';
import { PorchEvents } from '../api/events';
import type { Answered } from '../api/model';
import { asRefusal, PorchApi } from '../api/porch-api';
import { Difference } from '../parts/difference';
import { chosenAtFirst, Sides, type SideChoice } from '../parts/sides';
import { time } from '../parts/when';
import { SiteStore } from '../site/site-store';

type Live = Answered<'GET /sites/:id/live'>;
type Held = Live['held'][number];
type Proposed = Live['proposals'][number];

/** What the people of a site changed where it is live: what has to be decided, what they propose, what came in. */
@Component({
  selector: 'tp-live-changes',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [FormsModule, Difference, Sides],
  template: `
    @if (fault()) {
      <p class="note brick" role="alert">{{ fault() }}</p>
    }
    @if (live(); as l) {
      @for (h of l.held; track h.seq) {
        <section class="note lamp stack" [attr.aria-label]="'To decide: ' + h.words">
          <h2>{{ h.by }} wrote on the site, and you wrote in the drafts</h2>
          <p class="quiet">{{ at(h.at) }}. Visitors see what {{ h.by }} wrote. Nothing is deployed until you decide.</p>
          <tp-sides
            [parts]="h.parts"
            [takes]="takesOf(h)"
            [group]="'side-' + h.seq"
            (choose)="choose(h, $event.n, $event.choice)"
          />
          @if (helper()) {
            <p class="bar">
              <button class="plain" type="button" (click)="settle(h)">So it shall be</button>
            </p>
          }
        </section>
      }
      @for (p of l.proposals; track p.id) {
        <section class="note rain stack" [attr.aria-label]="'Proposed: ' + p.words">
          <h2>{{ p.by }} asks you to look first</h2>
          @if (p.note) {
            <p>“{{ p.note }}”</p>
          }
          @for (part of p.parts; track $index) {
            <p>
              <span class="quiet">{{ part.words }}</span>
              <tp-difference [before]="part.draft" [after]="part.live" />
            </p>
          }
          @if (helper()) {
            <label class="field">
              <span>A word to {{ p.by }}</span>
              <input [name]="'word-' + p.id" maxlength="500" [ngModel]="word(p)" (ngModelChange)="say(p, $event)" />
            </label>
            <p class="bar">
              <button class="plain" type="button" (click)="answer(p, true)">Take it into the drafts</button>
              <button class="plain" type="button" (click)="answer(p, false)">Leave it</button>
            </p>
          }
        </section>
      }
      @if (l.lines.length) {
        <h2 class="gap">Changed on the site itself</h2>
        <ul class="plain-list">
          @for (line of l.lines; track line.seq) {
            <li>
              {{ line.words }}
              <span class="quiet">{{ line.by }}, {{ at(line.at) }}{{ stateOf(line) }}</span>
            </li>
          }
        </ul>
      }
    }
  `,
  styles: `
    :host {
      display: block;
      margin-bottom: 20px;
    }
    :host:empty {
      margin: 0;
    }
    section h2 {
      font-size: 14px;
      margin: 0;
    }
    .field {
      display: grid;
      gap: 4px;
    }
    li .quiet {
      display: block;
    }
    section + section {
      margin-top: 12px;
    }
  `,
})
export class LiveChanges {
  protected readonly store = inject(SiteStore);
  private readonly api = inject(PorchApi);
  protected readonly at = time;
  protected readonly live = signal<Live | null>(null);
  protected readonly fault = signal('');
  protected readonly helper = computed(() => this.api.may('helper'));
  /** What was chosen for parts: what both made of it where that is proposed, else what is live, unless somebody says otherwise. */
  private readonly chosen = signal<Readonly<Record<string, SideChoice>>>({});
  private readonly words = signal<Readonly<Record<string, string>>>({});

  constructor() {
    merge(
      toObservable(this.store.detail),
      inject(PorchEvents).all.pipe(filter((e) => e.kind === 'care' && e.site === this.store.id())),
    )
      .pipe(
        filter(() => this.store.detail() !== null),
        switchMap(() =>
          this.api.get<Live>(`/sites/${this.store.id()}/live`).pipe(
            catchError((error: unknown) => {
              this.fault.set(`What was changed on the site was not asked for again. ${asRefusal(error).message}`);
              return EMPTY;
            }),
          ),
        ),
        takeUntilDestroyed(),
      )
      .subscribe((live) => {
        this.fault.set('');
        this.live.set(live);
      });
  }

  private takes = (h: Held, n: number): SideChoice =>
    this.chosen()[`${h.seq} ${n}`] ?? chosenAtFirst(h.parts[n], 'live');
  protected takesOf =
    (h: Held) =>
    (n: number): SideChoice =>
      this.takes(h, n);
  protected choose = (h: Held, n: number, choice: SideChoice): void =>
    this.chosen.update((all) => ({ ...all, [`${h.seq} ${n}`]: choice }));
  protected async settle(h: Held): Promise<void> {
    await this.store.flush();
    const that = (choice: SideChoice) => h.parts.flatMap((p, n) => (p.there && this.takes(h, n) === choice ? [n] : []));
    const both = that('both');
    await this.store.put(`/live/${h.seq}`, { live: that('live'), ...(both.length && { both }) });
  }
  protected word = (p: Proposed): string => this.words()[p.id] ?? '';
  protected say = (p: Proposed, words: string): void => this.words.update((all) => ({ ...all, [p.id]: words }));
  protected async answer(p: Proposed, take: boolean): Promise<void> {
    await this.store.flush();
    await this.store.put(`/proposals/${p.id}`, { take, words: this.word(p) });
  }
  protected stateOf = ({ state }: Live['lines'][number]): string =>
    ({ new: ', on its way to the drafts', held: ', to decide', settled: ', decided', taken: '' })[state];
}
