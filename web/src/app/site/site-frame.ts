import { Component, computed, effect, inject, input, signal } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { FormsModule } from '@angular/forms';
import { Title } from '@angular/platform-browser';
import { NavigationEnd, Router, RouterLink, RouterLinkActive, RouterOutlet } from '@angular/router';
import { ask, STEPS, type Step } from '@tin-porch/core';
import { NgbTooltip } from '@ng-bootstrap/ng-bootstrap';
import { NgIcon } from '@ng-icons/core';
import { filter, map, startWith } from 'rxjs';
import { ChipView } from '../parts/chip';
import { when } from '../parts/when';
import { WritingDesk } from '../writing/writing-desk';
import { SiteStore } from './site-store';
import { STEP_TITLES } from './step-titles';

/** The frame of one site: strip, path and foot, with the open step between. */
@Component({
  selector: 'tp-site-frame',
  imports: [RouterLink, RouterLinkActive, RouterOutlet, FormsModule, NgIcon, NgbTooltip, ChipView],
  providers: [SiteStore, WritingDesk],
  host: { '(document:keydown)': 'key($event)', '(window:pagehide)': 'store.leave()' },
  template: `
    @if (store.missing()) {
      <main class="place stack">
        <h1>There is no such site</h1>
        <p>It may have another address now. <a routerLink="/">All sites</a></p>
      </main>
    } @else if (store.detail(); as site) {
      <section class="strip" aria-label="Site">
        <div class="who-where">
          <h1>{{ store.document()!.facts.name || 'A client without a name' }}</h1>
          <tp-chip [chip]="site.chip" />
          @if (site.domain ?? host(site.temporary, site.liveRelease); as address) {
            <span class="mono quiet">{{ address }}</span>
          }
          <div class="end">
            <button class="plain" type="button" (click)="share()" [disabled]="!site.liveRelease">
              <ng-icon name="lucideShare2" aria-hidden="true" />Share for review
            </button>
            @if (store.main(); as main) {
              <button class="act" type="button" (click)="main.run()" [disabled]="main.disabled">
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
          ngbTooltip="Redo (Ctrl Shift Z)"
          placement="top"
          (click)="store.step('redo')"
          [disabled]="!store.canRedo()"
        >
          <ng-icon name="lucideRedo2" size="18" aria-hidden="true" />
        </button>
        <form (ngSubmit)="askFor()" role="search" aria-label="Say what should change">
          <ng-icon name="lucidePencilLine" size="16" aria-hidden="true" />
          <input
            id="ask"
            name="ask"
            autocomplete="off"
            aria-label="Say what should change"
            placeholder="Say what should change: phone is 01632 960 114"
            [ngModel]="line()"
            (ngModelChange)="line.set($event)"
          />
          <kbd aria-hidden="true">/</kbd>
        </form>
        <span class="state" role="status">{{ state() }}</span>
      </footer>
      @if (store.said(); as said) {
        <div class="said-note note" [class.brick]="said.bad" [class.moss]="!said.bad" role="alert">
          <span>{{ said.words }}</span>
          @if (said.undo) {
            <button class="plain small" type="button" (click)="store.step('undo')">Undo</button>
          }
          <button class="plain small" type="button" (click)="store.said.set(null)">Close</button>
        </div>
      }
    } @else {
      <main class="place quiet">Opening the site …</main>
    }
  `,
})
export class SiteFrame {
  readonly id = input.required<string>();
  protected readonly store = inject(SiteStore);
  private readonly router = inject(Router);
  private readonly title = inject(Title);
  protected readonly titles = STEP_TITLES;
  protected readonly spoken = { none: 'not begun', needs: 'needs you', done: 'done' };
  protected readonly line = signal('');
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
      default:
        return `Saved ${when(this.store.detail()?.changedAt ?? null, this.store.now())}`;
    }
  });

  constructor() {
    effect(() => this.store.open(this.id()));
    effect(() =>
      this.title.setTitle(
        `${STEP_TITLES[this.step() as Step] ?? ''}, ${this.store.document()?.facts.name ?? ''} – Tin Porch`,
      ),
    );
  }

  protected host = (origin: string | null, live: string | null) => (origin && live ? new URL(origin).host : null);

  protected async share(): Promise<void> {
    const shared = await this.store.post<{ url: string; until: string }>('/share', { days: 14 });
    const link = shared as { url: string } | undefined;
    if (!link) return;
    const copied = await navigator.clipboard?.writeText(link.url).then(
      () => true,
      () => false,
    );
    this.store.said.set({
      words: `${copied ? 'Copied. ' : ''}Whoever has this link can see the site for 14 days: ${link.url}`,
      bad: false,
    });
  }

  protected askFor(): void {
    const document = this.store.document();
    if (!document || !this.line().trim()) return;
    const answer = ask(document, this.line());
    if (answer.operation) {
      this.store.change(answer.operation);
      void this.store.flush();
      this.line.set('');
    }
    this.store.said.set({ words: answer.words, bad: !answer.operation, undo: answer.operation !== null });
  }

  protected key(event: KeyboardEvent): void {
    const typing = event.target instanceof HTMLElement && /^(INPUT|TEXTAREA|SELECT)$/.test(event.target.tagName);
    const z = event.key.toLowerCase() === 'z' && (event.ctrlKey || event.metaKey);
    if (event.key === '/' && !typing) {
      event.preventDefault();
      document.getElementById('ask')?.focus();
    } else if (z) {
      event.preventDefault();
      void this.store.step(event.shiftKey ? 'redo' : 'undo');
    } else if (event.altKey && (event.key === 'ArrowLeft' || event.key === 'ArrowRight')) {
      event.preventDefault();
      const next = STEPS[STEPS.indexOf(this.step() as (typeof STEPS)[number]) + (event.key === 'ArrowRight' ? 1 : -1)];
      if (next) void this.router.navigate(['/sites', this.id(), next]);
    }
  }
}
