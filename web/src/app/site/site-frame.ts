import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  signal,
  untracked,
  viewChild,
} from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { Title } from '@angular/platform-browser';
import { NavigationEnd, Router, RouterLink, RouterLinkActive, RouterOutlet } from '@angular/router';
import { STEPS, type Step } from '@tin-porch/core/care';
import { NgbTooltip } from '@ng-bootstrap/ng-bootstrap';
import { NgIcon } from '@ng-icons/core';
import { filter, map, startWith } from 'rxjs';
import { isTyping, SingleKeys } from '../frame/single-keys';
import { copyText } from '../parts/copy-text';
import { ChipView } from '../parts/chip';
import { day, when } from '../parts/when';
import { Drafts } from '../session/drafts';
import { Retouching } from '../look/retouching';
import { WritingDesk } from '../writing/writing-desk';
import { RefusedChanges } from './refused-changes';
import { AskLine } from '../asking/ask-line';
import { Asking } from '../asking/asking';
import { Points } from '../points/points';
import { Hand } from '../hand/hand';
import { Collections } from '../collections/collections';
import { KeptSections } from '../hand/kept-sections';
import { PictureFoot } from '../hand/picture-foot';
import { WordsFoot } from '../hand/words-foot';
import { SiteStore, type MainAction } from './site-store';
import { STEP_TITLES } from './step-titles';

/** So long a link is good that is shared from the foot of a site, days. */
const SHARED_DAYS = 14;

/** The frame of one site: strip, path and foot, with the open step between. */
@Component({
  selector: 'tp-site-frame',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [
    RouterLink,
    RouterLinkActive,
    RouterOutlet,
    NgIcon,
    NgbTooltip,
    ChipView,
    RefusedChanges,
    WordsFoot,
    PictureFoot,
    AskLine,
  ],
  providers: [SiteStore, WritingDesk, Drafts, Retouching, Hand, KeptSections, Asking, Points, Collections],
  host: { '(document:keydown)': 'key($event)', '(window:pagehide)': 'store.leave()' },
  styleUrl: './site-frame.scss',
  template: `
    @if (store.missing()) {
      <main class="place stack">
        <h1>There is no such site</h1>
        <p>
          It may have another address now, or be gone.
          <a routerLink="/">All sites, and what is left of those that went</a>
        </p>
      </main>
    } @else if (store.detail(); as site) {
      <section class="strip" aria-label="Site">
        <div class="who-where">
          <h1>{{ site.called ?? (store.document()!.facts.name || 'A client without a name') }}</h1>
          <tp-chip [chip]="site.chip" />
          @if (site.stagingOf; as of) {
            <span class="quiet"
              >of <a [routerLink]="['/sites', of.id]">{{ of.name }}</a></span
            >
          }
          @if (!site.stagingOf) {
            @if (site.domain ?? host(site.temporary, site.liveRelease); as address) {
              <span class="mono quiet">{{ address }}</span>
            }
          }
          <div class="end">
            <button
              class="plain"
              type="button"
              [attr.aria-disabled]="site.liveRelease ? null : true"
              [ngbTooltip]="site.liveRelease ? null : nothingToShare"
              placement="bottom"
              (click)="share()"
            >
              <ng-icon name="lucideShare2" aria-hidden="true" />Share for review
            </button>
            @if (store.mainFor(); as main) {
              <button
                class="act"
                type="button"
                [attr.aria-disabled]="main.why ? true : null"
                [ngbTooltip]="main.why || null"
                placement="bottom-end"
                (click)="press(main)"
              >
                {{ main.label }}
              </button>
            }
          </div>
        </div>
        <nav aria-label="Path">
          <ol class="path">
            @for (step of site.path; track step.step) {
              <li>
                <a [routerLink]="step.step" routerLinkActive="here" ariaCurrentWhenActive="step"
                  >{{ titles[step.step] }} <span class="words">{{ step.words }}</span><span
                    class="dot {{ step.state }}"
                  ></span
                  ><span class="sr">{{ spoken[step.state] }}</span></a
                >
              </li>
            }
          </ol>
        </nav>
      </section>
      <router-outlet />
      <footer class="foot">
        <button
          class="square"
          type="button"
          aria-label="Undo"
          ngbTooltip="Undo (Ctrl Z)"
          placement="top"
          (click)="store.step('undo')"
          [disabled]="!store.canUndo()"
        >
          <ng-icon name="lucideUndo2" size="18" aria-hidden="true" />
        </button>
        <button
          class="square"
          type="button"
          aria-label="Redo"
          ngbTooltip="Redo (Ctrl Y)"
          placement="top"
          (click)="store.step('redo')"
          [disabled]="!store.canRedo()"
        >
          <ng-icon name="lucideRedo2" size="18" aria-hidden="true" />
        </button>
        @if (inHand()) {
          <tp-words-foot />
        } @else if (pictureInHand()) {
          <tp-picture-foot />
        }
        <tp-ask-line />
        <span class="state" [class.quietly]="quietly()" role="status">{{ state() }}</span>
      </footer>
      <tp-refused-changes />
      @if (store.said(); as said) {
        <div
          class="said-note note"
          [class.brick]="said.bad"
          [class.moss]="!said.bad"
          [attr.role]="said.bad ? 'alert' : 'status'"
          (pointerenter)="reading.set(true)"
          (pointerleave)="reading.set(false)"
          (focusin)="reading.set(true)"
          (focusout)="reading.set(false)"
        >
          <span>{{ said.words }}</span>
          @if (said.undo) {
            <button class="plain small" type="button" (click)="undoSaid()">Undo</button>
          }
          <button class="plain small" type="button" (click)="closeSaid()">Close</button>
        </div>
      }
    } @else {
      <main class="place">
        @if (store.fault()) {
          <h1>The site cannot be opened now</h1>
          <p class="note brick" role="alert">{{ store.fault() }}</p>
          <p class="gap"><button class="plain" type="button" (click)="store.refresh()">Try again</button></p>
        } @else {
          <p class="quiet" role="status">Opening the site …</p>
        }
      </main>
    }
  `,
})
export class SiteFrame {
  readonly id = input.required<string>();
  protected readonly store = inject(SiteStore);
  private readonly router = inject(Router);
  private readonly title = inject(Title);
  private readonly single = inject(SingleKeys);
  protected readonly titles = STEP_TITLES;
  protected readonly spoken = { none: 'not begun', needs: 'needs you', done: 'done' };
  private readonly hand = inject(Hand);
  protected readonly asking = inject(Asking);
  private readonly wordsFoot = viewChild(WordsFoot);
  private readonly pictureFoot = viewChild(PictureFoot);
  /** Whether a text of the page is in hand, and its tools are at the foot. */
  protected readonly inHand = computed(() => this.step() === 'pages' && this.hand.text() !== null);
  protected readonly pictureInHand = computed(() => this.step() === 'pages' && this.hand.picture() !== null);
  /** True while the pointer or the focus is on what was said: it does not go while it is read. */
  protected readonly reading = signal(false);
  private readonly step = toSignal(
    this.router.events.pipe(
      filter((e) => e instanceof NavigationEnd),
      map((e) => e.urlAfterRedirects),
      startWith(this.router.url),
      map((url) => /^\/sites\/[^/]+\/([a-z]+)/.exec(url)?.[1] ?? 'brief'),
    ),
    { initialValue: 'brief' },
  );
  protected readonly state = computed(() => {
    const job = this.store.openJob();
    if (job) {
      const running = job.steps.at(-1);
      if (job.state === 'retrying') return `Waits: ${job.error ?? ''}`;
      return running ? `${running.name} …` : 'About to start …';
    }
    switch (this.store.state()) {
      case 'saving':
        return 'Saving …';
      case 'offline':
        return 'Kept here: Tin Porch does not answer';
      case 'ended':
        return 'Kept here: sign in to send it';
      default:
        return `Saved ${when(this.store.detail()?.changedAt ?? null, this.store.now())}`;
    }
  });

  /** Nothing is under way and all is saved: where there is little room it need not be said. */
  protected readonly quietly = computed(() => !this.store.openJob() && this.store.state() === 'saved');

  constructor() {
    effect(() => this.store.open(this.id()));
    // What was done is said for a while; what went wrong stays until it is closed.
    effect((ended) => {
      const said = this.store.said();
      if (!said || said.bad || said.stays || this.reading()) return;
      const gone = setTimeout(() => this.store.said.set(null), (said.undo ? 12_000 : 6000) + said.words.length * 40);
      ended(() => clearTimeout(gone));
    });
    // A step’s words are not about the next step, but for those said on the way there.
    let saidAt = 0;
    effect(() => {
      if (this.store.said()) saidAt = Date.now();
    });
    // Where the path is wider than the screen, the step one is at stays in sight.
    effect(() => {
      this.step();
      this.store.detail();
      setTimeout(() => document.querySelector('.path .here')?.scrollIntoView({ block: 'nearest', inline: 'center' }));
    });
    effect(() => {
      this.step();
      untracked(() => {
        if (this.store.said() && Date.now() - saidAt > 1000) this.store.said.set(null);
      });
    });
    effect(() =>
      this.title.setTitle(
        `${STEP_TITLES[this.step() as Step] ?? ''}, ${this.store.document()?.facts.name ?? ''} – Tin Porch`,
      ),
    );
  }

  protected host = (origin: string | null, live: string | null) => (origin && live ? new URL(origin).host : null);

  protected readonly nothingToShare = 'There is nothing to share before the site is on a server: deploy it first.';
  protected press(main: MainAction): void {
    if (main.why) this.store.said.set({ words: main.why, bad: true });
    else main.run();
  }
  protected async share(): Promise<void> {
    if (!this.store.detail()?.liveRelease) return this.store.said.set({ words: this.nothingToShare, bad: true });
    const now = this.store.now();
    const shared = await this.store.post<{ url: string }>('/previews', {
      name: `Shared on ${day(new Date(now).toISOString())}`,
      until: new Date(now + SHARED_DAYS * 86_400_000).toISOString(),
    });
    if (!shared) return;
    const copied = await copyText(shared.url);
    this.store.said.set({
      words: `${copied ? 'Copied. ' : ''}Whoever has this link sees the site for ${SHARED_DAYS} days. It can be named, locked and ended under Publish: ${shared.url}`,
      bad: false,
      stays: true,
    });
  }

  protected undoSaid(): void {
    this.reading.set(false);
    void this.store.undoSaid();
  }
  protected closeSaid(): void {
    this.reading.set(false);
    this.store.said.set(null);
  }

  protected key(event: KeyboardEvent): void {
    const key = event.key.toLowerCase();
    const held = (event.ctrlKey || event.metaKey) && !event.altKey;
    // In a field these keys are the field’s own.
    if (held && (key === 'z' || key === 'y') && !isTyping(event)) {
      event.preventDefault();
      void this.store.step(key === 'y' || event.shiftKey ? 'redo' : 'undo');
      return;
    }
    const foot = this.wordsFoot() ?? this.pictureFoot();
    if (event.altKey && event.key === 'F10' && foot) {
      event.preventDefault();
      foot.focus();
      return;
    }
    const alone = this.single.pressed(event);
    if (alone === '/') {
      event.preventDefault();
      document.getElementById('ask')?.focus();
    } else if (alone === '[' || alone === ']') {
      event.preventDefault();
      const next = STEPS[STEPS.indexOf(this.step() as Step) + (alone === ']' ? 1 : -1)];
      if (next) void this.router.navigate(['/sites', this.id(), next]);
    }
  }
}
