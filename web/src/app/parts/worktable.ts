import { Asking } from '../asking/asking';
import { WorkSlip } from '../asking/work-slip';
import { SiteStore } from '../site/site-store';
import { ChangeDetectionStrategy, Component, ElementRef, inject, input, signal } from '@angular/core';

/** Controls left, the window or what is being looked at right; one at a time where there is no room for both. */
@Component({
  selector: 'tp-worktable',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [WorkSlip],
  host: { class: 'contents' },
  styleUrl: './worktable.scss',
  template: `
    <main class="contents">
      <div class="switch" role="group" aria-label="What to show">
        <button
          class="plain"
          type="button"
          [attr.aria-pressed]="shown() === 'controls'"
          (click)="shown.set('controls')"
        >
          {{ asking?.open() ? 'Work slip' : controlsName() }}
        </button>
        <button class="plain" type="button" [attr.aria-pressed]="shown() === 'beside'" (click)="shown.set('beside')">
          {{ besideName() }}
        </button>
      </div>
      <div
        class="worktable show-{{ shown() }}"
        [class.even]="even()"
        [style.--controls]="even() ? null : width() + 'px'"
      >
        <section class="controls" [attr.aria-label]="controlsName()">
          @if (asking?.open()) {
            <tp-work-slip />
          }
          <div class="contents" [class.put-by]="asking?.open()"><ng-content /></div>
        </section>
        <button
          class="grip"
          type="button"
          role="separator"
          aria-orientation="vertical"
          aria-label="Width of the controls"
          [attr.aria-valuenow]="width()"
          aria-valuemin="300"
          aria-valuemax="640"
          (pointerdown)="drag($event)"
          (keydown)="nudge($event)"
        ></button>
        <section
          class="beside"
          [class.reading]="reading()"
          [attr.tabindex]="reading() ? 0 : null"
          [attr.aria-label]="besideName()"
        >
          <ng-content select="[beside]" />
        </section>
      </div>
    </main>
  `,
})
export class Worktable {
  readonly controlsName = input('Controls');
  readonly besideName = input('Window');
  readonly even = input(false);
  readonly reading = input(false);
  protected readonly shown = inject(SiteStore, { optional: true })?.side ?? signal<'controls' | 'beside'>('controls');
  protected readonly asking = inject(Asking, { optional: true });
  protected readonly width = signal(Number(localStorage.getItem('controls-width')) || 404);
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef);

  private set(width: number): void {
    this.width.set(Math.round(Math.min(640, Math.max(300, width))));
    localStorage.setItem('controls-width', String(this.width()));
  }
  protected drag(event: PointerEvent): void {
    const grip = event.target as HTMLElement;
    grip.setPointerCapture(event.pointerId);
    const left = this.host.nativeElement.querySelector('.worktable')!.getBoundingClientRect().left;
    const move = (e: PointerEvent) => this.set(e.clientX - left);
    grip.addEventListener('pointermove', move);
    grip.addEventListener('pointerup', () => grip.removeEventListener('pointermove', move), { once: true });
  }
  protected nudge(event: KeyboardEvent): void {
    if (event.key === 'ArrowLeft') this.set(this.width() - 16);
    if (event.key === 'ArrowRight') this.set(this.width() + 16);
  }
}
