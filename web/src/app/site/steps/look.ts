import { ChangeDetectionStrategy, Component, computed, effect, inject, signal, viewChild } from '@angular/core';
import { RouterLink } from '@angular/router';
import type { DirectionRef } from '@tin-porch/core/model';
import { packOf } from '@tin-porch/core/brief';
import { directionOf, inDirection } from '@tin-porch/core/making';
import { calledUp, DirectionsPanel } from '../../look/directions-panel';
import { ColourPanel } from '../../look/colour-panel';
import { MarkPanel } from '../../look/mark-panel';
import { LikePage } from '../../look/like-page';
import { LibraryShelf } from '../../look/library-shelf';
import { PictureImages } from '../../look/picture-image';
import { PictureTable } from '../../look/picture-table';
import { PicturesPanel } from '../../look/pictures-panel';
import { Retouching } from '../../look/retouching';
import { RetouchPanel } from '../../look/retouch-panel';
import { ShapePanel } from '../../look/shape-panel';
import { TypePanel } from '../../look/type-panel';
import { ViewSwitch } from '../../parts/view-switch';
import { Worktable } from '../../parts/worktable';
import { Glimpse } from '../../window/glimpse';
import { SiteWindow } from '../../window/window';
import { SiteStore } from '../site-store';

const VIEWS = [
  ['directions', 'Directions'],
  ['colour', 'Colour'],
  ['type', 'Type'],
  ['shape', 'Shape'],
  ['mark', 'Mark'],
  ['pictures', 'Pictures'],
] as const;
type View = (typeof VIEWS)[number][0];

@Component({
  selector: 'tp-step',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [
    RouterLink,
    Worktable,
    SiteWindow,
    Glimpse,
    ViewSwitch,
    DirectionsPanel,
    ColourPanel,
    TypePanel,
    ShapePanel,
    MarkPanel,
    PicturesPanel,
    RetouchPanel,
    PictureTable,
    LibraryShelf,
    LikePage,
  ],
  providers: [PictureImages],
  styleUrl: './look.scss',
  template: `
    <tp-worktable controlsName="Look" [besideName]="besideName()">
      @if (store.drawn() && store.document(); as document) {
        <tp-view-switch [views]="views" [(shown)]="shown" />
        @switch (shown()) {
          @case ('directions') {
            <tp-directions-panel [(view)]="view" (alone)="alone.set($event)" />
          }
          @case ('colour') {
            <tp-colour-panel [(only)]="only" />
            <tp-like-page />
          }
          @case ('type') {
            <tp-type-panel />
          }
          @case ('shape') {
            <tp-shape-panel />
          }
          @case ('mark') {
            <tp-mark-panel />
          }
          @case ('pictures') {
            @if (work.medium()) {
              <tp-retouch-panel />
            }
            <tp-pictures-panel [hidden]="!!work.medium()" (find)="finding.set(true)" />
          }
        }
      } @else {
        <div class="stack">
          <h2>Nothing to dress yet</h2>
          <p>The look is put on once there are pages.</p>
          <a class="plain" routerLink="../brief">To the brief</a>
        </div>
      }
      <ng-container beside>
        @if (store.drawn() && store.document(); as document) {
          @if (shown() === 'pictures' && work.medium()) {
            <tp-picture-table />
          } @else if (shown() === 'pictures' && finding()) {
            <tp-library-shelf (closed)="finding.set(false)" (taken)="pictures()?.choose($event)" />
          } @else if (comparing()) {
            <div class="window-bar">
              <div class="bar widths" role="group" aria-label="Width of the three">
                @for (w of widths; track w[0]) {
                  <button
                    class="plain small"
                    type="button"
                    [attr.aria-pressed]="wide() === w[1]"
                    (click)="wide.set(w[1])"
                  >
                    {{ w[0] }}
                  </button>
                }
              </div>
              <select aria-label="Page of the three" (change)="store.page.set($any($event.target).value)">
                @for (p of document.pages; track p.id) {
                  <option [value]="p.id" [selected]="p.id === store.page()">{{ p.label }}</option>
                }
              </select>
              <span class="quiet drawn">They scroll together</span>
            </div>
            <div
              class="three"
              tabindex="0"
              aria-label="Three directions side by side"
              (keydown)="key($event)"
              (wheel)="wheel($event)"
            >
              @for (ref of view(); track $index) {
                <figure>
                  <figcaption>
                    <b>{{ nameOf(ref) }}</b>
                  </figcaption>
                  <tp-glimpse
                    [document]="document"
                    [direction]="ref"
                    [page]="store.page()"
                    [wide]="wide()"
                    [title]="nameOf(ref)"
                    [share]="share()"
                    (scrolled)="share.set($event)"
                  />
                  <div class="rail" aria-hidden="true" title="Move over it to look through" (mousemove)="along($event)">
                    <span [style.top]="'calc(' + share() * 100 + '% - ' + share() * 24 + 'px)'"></span>
                  </div>
                </figure>
              }
            </div>
          } @else {
            @if (alone(); as ref) {
              <p class="window-bar">
                <b>{{ nameOf(ref) }}</b>
                <button class="plain small" type="button" (click)="alone.set(null)">Back to the three</button>
              </p>
              <tp-window [document]="dressed(ref)" [(page)]="store.page" />
            } @else {
              <tp-window
                [document]="store.shown()!"
                [(page)]="store.page"
                [only]="shown() === 'colour' ? only() : undefined"
              />
            }
          }
        }
      </ng-container>
    </tp-worktable>
  `,
})
export class LookStep {
  protected readonly store = inject(SiteStore);
  protected readonly views = VIEWS;
  protected readonly work = inject(Retouching);
  // A picture that is being worked over is what one came back for.
  protected readonly shown = signal<View>(this.work.medium() ? 'pictures' : 'directions');
  protected readonly view = signal<DirectionRef[]>([]);
  protected readonly alone = signal<DirectionRef | null>(null);
  protected readonly only = signal<'day' | 'night' | undefined>(undefined);
  protected readonly widths = [
    ['Wide', 1280],
    ['Phone', 390],
  ] as const;
  protected readonly wide = signal(1280);
  protected readonly share = signal(0);
  protected readonly comparing = computed(() => this.shown() === 'directions' && !this.alone());
  protected readonly besideName = computed(() => {
    if (this.comparing()) return 'Side by side';
    if (this.shown() !== 'pictures') return 'Window';
    return this.work.medium() ? 'The picture' : this.finding() ? 'Library' : 'Window';
  });
  /** The library stands beside. */
  protected readonly finding = signal(false);
  private readonly panel = viewChild(DirectionsPanel);
  protected readonly pictures = viewChild(PicturesPanel);

  constructor() {
    effect(() => {
      const document = this.store.document();
      if (document && !this.view().length) this.view.set(calledUp(document).slice(0, 3));
    });
    effect(() => {
      if (this.shown() !== 'directions') this.alone.set(null);
    });
    effect(() =>
      this.store.main.set(
        this.store.drawn() && this.shown() === 'directions'
          ? { label: 'Three more directions', run: () => this.panel()?.more() }
          : null,
      ),
    );
  }
  protected nameOf(ref: DirectionRef): string {
    const { facts } = this.store.document()!;
    return directionOf(facts, packOf(facts), ref).name;
  }
  protected dressed = (ref: DirectionRef) => inDirection(this.store.document()!, ref);
  /** The three scroll by the keys a page scrolls by. */
  protected key(event: KeyboardEvent): void {
    const by = { ArrowDown: 0.05, ArrowUp: -0.05, PageDown: 0.25, PageUp: -0.25, Home: -1, End: 1, ' ': 0.25 }[
      event.key
    ];
    if (by === undefined) return;
    event.preventDefault();
    this.move(by);
  }
  protected wheel(event: WheelEvent): void {
    this.move(event.deltaY / 3000);
  }
  /** The pointer going along the rail beside a direction looks through it, without a click. */
  protected along(event: MouseEvent): void {
    const { top, height } = (event.currentTarget as HTMLElement).getBoundingClientRect();
    this.share.set(Math.min(1, Math.max(0, (event.clientY - top - 12) / Math.max(1, height - 24))));
  }
  private move(by: number): void {
    this.share.set(Math.min(1, Math.max(0, this.share() + by)));
  }
}
