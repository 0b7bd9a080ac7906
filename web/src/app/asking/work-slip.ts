import {
  afterNextRender,
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  ElementRef,
  inject,
  Injector,
} from '@angular/core';
import { RouterLink } from '@angular/router';
import type { InHand, Point } from '@tin-porch/core/making';
import { some } from '@tin-porch/core/some';
import { Difference } from '../parts/difference';
import { ViewSwitch } from '../parts/view-switch';
import { STEP_TITLES } from '../site/step-titles';
import { SiteStore } from '../site/site-store';
import { Asking } from './asking';

/** The slip a request came to: every change with what stands there now and then, each taken or left. */
@Component({
  selector: 'tp-work-slip',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [ViewSwitch, Difference, RouterLink],
  host: { '(keydown.escape)': 'leave($event)' },
  styleUrl: './work-slip.scss',
  template: `
    @if (asking.open(); as open) {
      <section class="slip sheet" aria-labelledby="slip-title">
        <h2 id="slip-title" tabindex="-1">{{ title() }}</h2>
        <p class="said">“{{ open.said }}”</p>
        @switch (open.reply.kind) {
          @case ('slip') {
            <ol>
              @for (change of asking.changes(); track $index; let n = $index) {
                <li [class.left]="asking.left().has(n)">
                  <label class="check">
                    <input type="checkbox" [checked]="!asking.left().has(n)" (change)="asking.toggle(n)" />
                    <span class="n" aria-hidden="true">{{ n + 1 }}</span>
                    <b>{{ change.words }}</b>
                  </label>
                  @if (change.before || change.after) {
                    <tp-difference class="text" [before]="change.before ?? ''" [after]="change.after ?? ''" />
                  }
                  @if (place(change.at); as where) {
                    <p class="bar">
                      <span class="quiet">{{ where }}</span>
                      <button class="link" type="button" (click)="look(change.at)">See it</button>
                    </p>
                  }
                </li>
              }
            </ol>
            @for (question of open.reply.open; track question.words; let q = $index) {
              <p class="answer">{{ question.words }}</p>
              <ul class="choices">
                @for (choice of question.choices; track $index; let c = $index) {
                  <li>
                    <button class="plain" type="button" (click)="asking.choose(q, c)">{{ choice.label }}</button>
                  </li>
                }
              </ul>
            }
            @for (words of open.reply.left; track $index) {
              <p class="note lamp">{{ words }}</p>
            }
            @if (asking.cost(); as cost) {
              <p class="quiet">{{ cost }}</p>
            }
            @if (asking.changes().length) {
              @if (store.windows()) {
                <tp-view-switch label="The window shows" [views]="views" [(shown)]="asking.shows" />
              } @else {
                <p><a routerLink="../pages">See it on the page</a></p>
              }
            }
            <p class="bar ways">
              @if (asking.changes().length) {
                <button class="act" type="button" [disabled]="!asking.taken().length" (click)="take()">
                  {{ takes() }}
                </button>
              }
              @if (open.reply.left.length && open.part === 'ask' && asking.service(); as name) {
                <button class="plain" type="button" [disabled]="asking.working()" (click)="asking.askService()">
                  {{ asking.working() ? 'Asking …' : 'Ask ' + name + ' instead' }}
                </button>
              }
              <button class="plain" type="button" (click)="leave()">Leave it</button>
            </p>
          }
          @case ('ask') {
            <p class="answer">{{ open.reply.words }}</p>
            <ul class="choices">
              @for (choice of open.reply.choices; track $index) {
                <li>
                  <button class="plain" type="button" (click)="asking.show(open.said, choice.reply)">
                    {{ choice.label }}
                  </button>
                </li>
              }
            </ul>
            <p class="bar ways">
              <button class="plain" type="button" (click)="again()">Say it otherwise</button>
              <button class="plain" type="button" (click)="leave()">Leave it</button>
            </p>
          }
          @case ('talk') {
            <p class="answer">{{ open.reply.words }}</p>
            <ul class="points">
              @for (point of open.reply.points; track $index) {
                <li>
                  <p>{{ point.words }}</p>
                  <p class="bar">
                    @if (point.at.section || point.at.page) {
                      <button class="plain small" type="button" (click)="look(point.at)">See it</button>
                    }
                    @if (point.changes?.length) {
                      <button class="plain small" type="button" (click)="mend(open.said, point)">
                        {{ point.changes![0]!.words }}
                      </button>
                    }
                  </p>
                </li>
              }
            </ul>
            <p class="bar ways"><button class="plain" type="button" (click)="leave()">Close</button></p>
          }
          @case ('go') {
            <p class="answer">{{ open.reply.words }}</p>
            <p class="bar ways">
              <button class="act" type="button" (click)="asking.follow(open.reply.step)">
                To {{ stepTitle(open.reply.step) }}
              </button>
              <button class="plain" type="button" (click)="leave()">Leave it</button>
            </p>
          }
          @default {
            <p class="answer note lamp">{{ $any(open.reply).words }}</p>
            <p class="bar ways">
              @if (open.part === 'ask' && asking.service(); as name) {
                <button class="act" type="button" [disabled]="asking.working()" (click)="asking.askService()">
                  {{ asking.working() ? 'Asking …' : 'Ask ' + name }}
                </button>
              }
              <button class="plain" type="button" (click)="again()">Say it otherwise</button>
              <button class="plain" type="button" (click)="leave()">Close</button>
            </p>
          }
        }
      </section>
    }
  `,
})
export class WorkSlip {
  protected readonly asking = inject(Asking);
  protected readonly store = inject(SiteStore);
  private readonly element = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
  protected readonly views = [
    ['after', 'With it'],
    ['before', 'As it is'],
  ] as const;
  protected readonly title = computed(() => {
    const reply = this.asking.open()?.reply;
    if (reply?.kind === 'slip')
      return reply.changes.length ? `Work slip: ${some(reply.changes.length, 'change')}` : 'Work slip';
    return reply?.kind === 'ask'
      ? 'Work slip: a question'
      : reply?.kind === 'no'
        ? 'Work slip: nothing changed'
        : 'Work slip: an answer';
  });
  protected readonly takes = computed(() => {
    const [all, taken] = [this.asking.changes().length, this.asking.taken().length];
    return taken === all ? (all === 1 ? 'Take it' : `Take all ${all}`) : `Take ${taken} of ${all}`;
  });

  constructor() {
    const injector = inject(Injector);
    // What was asked for is read where the keys are: Enter takes it, Escape leaves it.
    effect(() => {
      if (!this.asking.open()) return;
      afterNextRender(
        () => {
          const first = this.element.querySelector<HTMLElement>(
            '.ways .act, .choices button, .points button, .ways button',
          );
          (first ?? this.element.querySelector<HTMLElement>('h2'))?.focus({ preventScroll: true });
          this.element.scrollIntoView?.({ block: 'nearest' });
        },
        { injector },
      );
    });
  }

  protected stepTitle = (step: string) => STEP_TITLES[step as keyof typeof STEP_TITLES] ?? step;
  /** Where a change is to be seen, in words. */
  protected place({ page }: InHand): string {
    const label = this.store.shown()?.pages.find((p) => p.id === page)?.label;
    return label ? `on ${label}` : '';
  }
  protected look(at: InHand): void {
    this.asking.goTo(at);
    this.store.side.set('beside');
  }
  protected mend(said: string, point: Point): void {
    this.asking.show(said, { kind: 'slip', changes: point.changes ?? [], left: [] });
  }
  protected take(): void {
    this.asking.take();
    this.toLine();
  }
  protected leave(event?: Event): void {
    event?.stopPropagation();
    this.asking.close();
    this.toLine();
  }
  /** Back to the line with the words that were said, to put them otherwise. */
  protected again(): void {
    this.toLine();
  }
  private toLine(): void {
    document.getElementById('ask')?.focus();
  }
}
