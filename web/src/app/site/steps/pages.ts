import {
  ChangeDetectionStrategy,
  afterNextRender,
  Component,
  computed,
  effect,
  inject,
  Injector,
  signal,
  viewChild,
} from '@angular/core';
import { FormsModule } from '@angular/forms';
import { Router, RouterLink } from '@angular/router';
import { isFrame, needsConfirming, withMarksOf, type Section } from '@tin-porch/core/model';
import { shapes } from '@tin-porch/core/look';
import {
  differences,
  pageChecks,
  textsOf,
  toConfirm,
  type Difference,
  type PageCheck,
  type PlacedText,
} from '@tin-porch/core/making';
import { Worktable } from '../../parts/worktable';
import { some } from '@tin-porch/core/some';
import { PictureTable } from '../../look/picture-table';
import { RetouchPanel } from '../../look/retouch-panel';
import { Retouching } from '../../look/retouching';
import { ViewSwitch } from '../../parts/view-switch';
import { SiteWindow } from '../../window/window';
import { ConfirmPanel } from '../../writing/confirm-panel';
import { Asking } from '../../asking/asking';
import { Points } from '../../points/points';
import { PointsLine } from '../../points/points-line';
import { PointsSteps } from '../../points/points-steps';
import { Collections } from '../../collections/collections';
import { CollectionTable } from '../../collections/collection-table';
import { Hand } from '../../hand/hand';
import { sourceOf } from '../../hand/source-words';
import { ChecksPanel } from '../../hand/checks-panel';
import { Outline } from '../../hand/outline';
import { SectionMargin, type Seam } from '../../hand/section-margin';
import { SectionSeam } from '../../hand/section-seam';
import { SectionPanel } from '../section-panel';
import { ReworkPanel } from '../../writing/rework-panel';
import { WAYS, type Way } from '../../writing/ways';
import { SiteStore } from '../site-store';

const VIEWS = [
  ['window', 'Window'],
  ['rework', 'Work over'],
  ['confirm', 'To confirm'],
  ['points', 'History'],
] as const;

const CHECK_AFTER_MS = 400;
/** How high the page is pulled apart, px of the window. */
const SEAM = { wide: 236, narrow: 300 };

/** The id of the field a part is written in beside the window. */
const fieldOf = (part: string) => `t-${part.replace(/[/.]/g, '-')}`;

@Component({
  selector: 'tp-step',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [
    CollectionTable,
    PictureTable,
    PointsSteps,
    PointsLine,
    RetouchPanel,
    FormsModule,
    RouterLink,
    Worktable,
    SiteWindow,
    ViewSwitch,
    ReworkPanel,
    ConfirmPanel,
    SectionPanel,
    SectionMargin,
    ChecksPanel,
    Outline,
    SectionSeam,
  ],
  styleUrl: './pages.scss',
  template: `
    <tp-worktable
      [controlsName]="
        cutting() ? 'Tools' : collections.collection() ? 'Collection' : view() === 'points' ? 'Steps' : 'Words'
      "
      [besideName]="cutting() ? 'Picture' : collections.collection() ? 'Window' : viewName()"
      [even]="!cutting() && !!collections.collection()"
      [reading]="view() === 'rework' || view() === 'confirm'"
    >
      @if (store.document(); as document) {
        @if (cutting()) {
          <tp-retouch-panel />
        } @else if (collections.collection()) {
          <tp-collection-table />
        } @else if (store.drawn() && view() === 'points') {
          <tp-points-steps />
        } @else if (store.drawn()) {
          <div class="bar pages" role="group" aria-label="Pages">
            @for (page of document.pages; track page.id) {
              <button
                class="plain small"
                type="button"
                [attr.aria-pressed]="page.id === store.page()"
                (click)="open(page.id)"
              >
                {{ page.label }}
              </button>
            }
          </div>
          <tp-view-switch label="Beside the window" [views]="sides()" [(shown)]="side" />
          @if (side() === 'outline') {
            <tp-outline (wanted)="goToPart($event)" />
          } @else if (side() === 'checks') {
            <tp-checks-panel [checks]="checks()" (go)="goTo($event)" />
          } @else {
            <div class="between">
              <p class="quiet">{{ current()?.label }}, from top to bottom</p>
              <select
                [attr.aria-label]="'Work the words of ' + current()?.label + ' over'"
                [disabled]="asking.working()"
                (change)="workOver($any($event.target).value); $any($event.target).value = ''"
              >
                <option value="">Work over …</option>
                @for (way of ways; track way[0]) {
                  <option [value]="way[0]">{{ way[1] }}</option>
                }
              </select>
            </div>
            <ul class="sections">
              @for (section of sections(); track section.id) {
                <li>
                  <button
                    type="button"
                    [class.on]="section.id === chosen()?.id"
                    [attr.aria-expanded]="section.id === chosen()?.id"
                    (click)="choose(section)"
                  >
                    <b>{{ title(section) }}</b> <span class="quiet">{{ character(section) }}</span>
                    @if (claims(section); as n) {
                      <span class="chip lamp">{{ n }} to confirm</span>
                    }
                  </button>
                  @if (section.id === chosen()?.id) {
                    <div class="fields">
                      @for (text of texts(); track text.path) {
                        <div class="field" [class.claim]="unsure(text)">
                          <div class="label-row">
                            <label [for]="fieldId(text)">{{ text.label }}</label>
                            @if (quote(text); as words) {
                              <details class="source">
                                <summary>{{ source(text) }}</summary>
                                <p class="quiet">{{ words }}</p>
                              </details>
                            } @else {
                              <span class="quiet">{{ source(text) }}</span>
                            }
                          </div>
                          @if (text.long) {
                            <textarea
                              rows="3"
                              maxlength="4000"
                              [id]="fieldId(text)"
                              [ngModel]="text.text.value"
                              (ngModelChange)="write(text, $event)"
                              (focus)="store.part.set(partOf(text))"
                            ></textarea>
                          } @else {
                            <input
                              maxlength="400"
                              [id]="fieldId(text)"
                              [ngModel]="text.text.value"
                              (ngModelChange)="write(text, $event)"
                              (focus)="store.part.set(partOf(text))"
                            />
                          }
                          @if (differs(text); as difference) {
                            <p class="bar ask">
                              <span class="chip lamp">Differs</span>
                              <span class="quiet">the brief says “{{ difference.facts }}”</span>
                              <button class="plain small" type="button" (click)="takeFacts(text, difference.facts)">
                                Take the brief’s
                              </button>
                            </p>
                          }
                          @if (unsure(text)) {
                            <p class="bar ask">
                              <span class="chip lamp">To confirm</span>
                              <button class="plain small" type="button" (click)="vouch(text)">
                                The client says so
                              </button>
                              <button class="plain small" type="button" (click)="write(text, '')">Leave it out</button>
                            </p>
                            @if (text.text.from.kind === 'placeholder') {
                              <p class="quiet">Ask: {{ text.text.from.ask }}</p>
                            }
                            @if (text.text.from.kind === 'service') {
                              <p class="quiet">Nobody has said: {{ text.text.from.unbacked.join('; ') }}</p>
                            }
                          }
                        </div>
                      } @empty {
                        <p class="quiet">
                          Draws on the facts alone: change it in the <a routerLink="../brief">brief</a>.
                        </p>
                      }
                      <tp-section-panel [section]="section" [shared]="shared(section)" />
                    </div>
                  }
                </li>
              }
            </ul>
            @if (remaining(); as n) {
              <p class="note">
                {{ some(n, 'claim is', 'claims are') }} on the site that nobody has vouched for.
                <button class="link" type="button" (click)="nextClaim()">Go to the next</button>
              </p>
            }
          }
        } @else {
          <div class="stack">
            <h2>No pages yet</h2>
            <p>They are written from the brief.</p>
            <a class="plain" routerLink="../brief">To the brief</a>
          </div>
        }
      }
      <ng-container beside>
        @if (store.drawn() && !cutting() && !collections.collection()) {
          <tp-view-switch [views]="views" [(shown)]="view" />
        }
        @if (cutting()) {
          <tp-picture-table />
        } @else if (collections.collection()) {
          <tp-window
            [document]="store.shown()!"
            [page]="collections.page()"
            [named]="collections.item()?.title?.value ?? null"
            (pageChange)="leaveCollection($event)"
            (linkChosen)="collections.openAt($event)"
            (partChosen)="goToField($event)"
          />
        } @else if (store.drawn() && view() === 'rework') {
          <tp-rework-panel />
        } @else if (store.drawn() && view() === 'confirm') {
          <tp-confirm-panel (go)="show($event)" />
        } @else if (store.drawn() && view() === 'points' && !asking.open()) {
          <tp-points-line />
          <div class="points" [class.two]="points.with() !== null">
            @if (points.document(); as then) {
              <tp-window [document]="then" [(page)]="store.page" />
            } @else {
              <p class="quiet" role="status">Looking it up …</p>
            }
            @if (points.with() !== null && points.other(); as other) {
              <tp-window [document]="other" [(page)]="store.page" />
            }
          </div>
        } @else if (store.drawn()) {
          <tp-window
            #window
            [works]="true"
            [document]="store.shown()!"
            [(page)]="store.page"
            [part]="store.part()"
            (partChosen)="hand.write($event, 'pressed')"
            (sectionChosen)="takeSection($event)"
            (linkChosen)="collections.openAt($event)"
            (menuChosen)="hand.takeMenu($event.section, $event.page)"
          >
            <tp-section-margin
              margin
              [places]="window.places()"
              [scrolled]="window.scrolledTo()"
              [scale]="window.scale()"
              [seam]="seam()"
              [kind]="window.kind()"
              (seamChosen)="openSeam($event)"
              (menuAsked)="askMenu()"
            />
            <ng-container over>
              @if (seam(); as open) {
                <tp-section-seam [style.--top.px]="seamTop()" [seam]="open" (closed)="openSeam(null)" />
              }
            </ng-container>
          </tp-window>
        }
      </ng-container>
    </tp-worktable>
  `,
})
export class PagesStep {
  protected readonly store = inject(SiteStore);
  protected readonly hand = inject(Hand);
  protected readonly collections = inject(Collections);
  protected readonly points = inject(Points);
  protected readonly asking = inject(Asking);
  private readonly window = viewChild<SiteWindow>('window');
  /** What is opened in the page. */
  protected readonly seam = signal<Seam | null>(null);
  /** Where the page is pulled apart, px of the window. */
  protected readonly seamTop = computed(() => {
    const window = this.window();
    const place = window?.places().find((p) => p.id === this.seam()?.under);
    return window && place ? (place.bottom - window.scrolledTo()) * window.scale() : 0;
  });
  private readonly work = inject(Retouching);
  /** Whether a picture of the page is worked over. */
  protected readonly cutting = computed(() => this.work.onPage() && this.work.medium() !== null);
  protected readonly ways = WAYS;
  protected readonly views = VIEWS;
  protected readonly view = signal<'window' | 'rework' | 'confirm' | 'points'>('window');
  protected readonly side = signal<'words' | 'outline' | 'checks'>('words');
  /** What wants a look, looked for when the hand rests: never between a key and its letter. */
  protected readonly checks = signal<PageCheck[]>([]);
  protected readonly sides = computed(() => {
    const count = this.checks().length;
    return [
      ['words', 'Words'],
      ['outline', 'Outline'],
      ['checks', count ? `Checks ${count}` : 'Checks'],
    ] as const;
  });
  protected readonly viewName = computed(() => VIEWS.find(([v]) => v === this.view())![1]);
  private readonly router = inject(Router);
  private readonly injector = inject(Injector);
  protected readonly current = computed(
    () => this.store.document()?.pages.find((p) => p.id === this.store.page()) ?? this.store.document()?.pages[0],
  );
  protected workOver(way: Way | ''): void {
    const page = this.current();
    this.hand.rest();
    if (way && page) void this.asking.workOver({ page: page.id }, way, page.label);
  }
  protected readonly sections = this.hand.sections;
  protected readonly chosen = computed(() => {
    const part = this.store.part()?.split('/')[0];
    return this.sections().find((s) => s.id === part) ?? this.current()?.sections[0];
  });
  protected readonly texts = computed<PlacedText[]>(() => (this.chosen() ? textsOf(this.chosen()!) : []));
  protected readonly remaining = computed(() => (this.store.document() ? toConfirm(this.store.document()!).length : 0));

  constructor() {
    // The page is pulled apart as far as what is laid over it is high, at whatever scale it is drawn.
    effect(() => {
      const seam = this.seam();
      const height =
        (matchMedia('(max-width: 900px)').matches ? SEAM.narrow : SEAM.wide) / (this.window()?.scale() ?? 1);
      this.hand.told.next({ kind: 'seam', under: seam?.under ?? null, height: seam ? height : 0 });
    });
    effect(() => this.hand.kind.set(this.window()?.kind() ?? 'wide'));
    effect(() => this.points.looking.set(this.view() === 'points'));
    // What it was opened under is on another page, or gone: it closes.
    effect(() => {
      const under = this.seam()?.under;
      if (under && !this.hand.sections().some((s) => s.id === under)) this.seam.set(null);
    });
    effect((ended) => {
      const document = this.store.document();
      if (!document) return;
      const rest = setTimeout(() => this.checks.set(pageChecks(document)), CHECK_AFTER_MS);
      ended(() => clearTimeout(rest));
    });
    // The field of what is taken in the window comes into sight beside it.
    effect(() => {
      const part = this.store.part();
      if (part && this.hand.writing() === part)
        setTimeout(() => document.getElementById(fieldOf(part))?.scrollIntoView({ block: 'nearest' }));
    });
    effect(() =>
      this.store.main.set(
        this.store.drawn()
          ? {
              label: 'Check and publish',
              run: () => void this.router.navigate(['/sites', this.store.document()!.id, 'publish']),
            }
          : null,
      ),
    );
  }

  protected shared = isFrame;
  protected title = (s: Section) => shapes[s.shape]?.title ?? s.shape;
  protected character = (s: Section) => (this.shared(s) ? 'shared by every page' : (shapes[s.shape]?.character ?? ''));
  protected claims = (s: Section) => textsOf(s).filter((t) => needsConfirming(t.text)).length;
  protected some = some;
  protected unsure = (t: PlacedText) => needsConfirming(t.text);
  protected partOf = (t: PlacedText) => `${t.section.id}/${t.path}`;
  protected fieldId = (t: PlacedText) => fieldOf(this.partOf(t));
  protected source = (t: PlacedText) => sourceOf(t.text);

  /** The words of the brief, or the line of the trade pack, that a text stands for. */
  protected quote(t: PlacedText): string {
    const { from } = t.text;
    if (!t.text.value) return '';
    return from.kind === 'brief' ? `“${from.quote}”` : from.kind === 'pack' ? from.line : '';
  }
  protected open(page: string): void {
    this.store.page.set(page);
    this.store.part.set(null);
  }
  protected choose(section: Section): void {
    const first = textsOf(section)[0];
    this.store.part.set(first ? `${section.id}/${first.path}` : `${section.id}/`);
  }
  protected write(t: PlacedText, value: string): void {
    this.store.change({
      op: 'setText',
      at: { section: t.section.id, path: t.path },
      text: withMarksOf(t.text, { value, from: { kind: 'designer' } }),
    });
  }
  private readonly differing = computed(() => (this.store.document() ? differences(this.store.document()!) : []));
  protected differs = (t: PlacedText): Difference | undefined =>
    this.differing().find((d) => d.at?.section === t.section.id && d.at.path === t.path);
  protected takeFacts(t: PlacedText, value: string): void {
    this.store.change({
      op: 'setText',
      at: { section: t.section.id, path: t.path },
      text: withMarksOf(t.text, { value, from: { kind: 'brief', quote: value } }),
    });
  }
  protected vouch(t: PlacedText): void {
    this.store.change({
      op: 'setText',
      at: { section: t.section.id, path: t.path },
      text: withMarksOf(t.text, { value: t.text.value, from: { kind: 'client' } }),
    });
  }
  protected nextClaim(): void {
    const next = toConfirm(this.store.document()!)[0];
    if (next) this.show(next);
  }
  /** Opens the field of a text. */
  protected show(t: PlacedText): void {
    if (t.page) this.store.page.set(t.page.id);
    this.store.part.set(this.partOf(t));
    this.focusField(this.partOf(t));
  }
  /** Goes to the field of a part once it is drawn; on a phone the fields come to the front for it. */
  private focusField(part: string): void {
    this.store.side.set('controls');
    afterNextRender(
      () => {
        const field = document.getElementById(fieldOf(part));
        field?.scrollIntoView({ block: 'center' });
        field?.focus();
      },
      { injector: this.injector },
    );
  }
  /** Goes to what a check speaks of: into its words where there are any to write. */
  protected goTo({ page, section, path }: Pick<PageCheck, 'page' | 'section' | 'path'>): void {
    if (page) this.store.page.set(page.id);
    this.view.set('window');
    const text = textsOf(section).find((t) => t.path === path);
    // What is empty, or is said of a picture, has no place on the page to be written in but the field beside it.
    if (text && (!text.text.value || path.endsWith('.alt'))) {
      this.side.set('words');
      this.show(text);
    } else if (text) setTimeout(() => this.hand.write(`${section.id}/${path}`));
    else this.store.part.set(`${section.id}/`);
    // Where there is room for one side only, the page comes to the front for what stands on it.
    if (text && this.side() !== 'words') this.store.side.set('beside');
  }
  /** Goes to a part of the page that is open. */
  protected goToPart(part: string): void {
    const [id = '', path = ''] = part.split('/');
    const section = this.sections().find((s) => s.id === id);
    if (section) this.goTo({ page: null, section, path });
  }
  /** The menu is the pages in the order of the outline. */
  protected askMenu(): void {
    this.side.set('outline');
    this.store.side.set('controls');
  }
  /** Another page of the site was pressed in the window: the collection is put by for it. */
  protected leaveCollection(page: string): void {
    if (page === this.collections.page()) return;
    this.collections.open.set(null);
    this.open(page);
  }
  /** Goes to the field that a part of the page of an item stands in. */
  protected goToField(part: string): void {
    const path = part.split('/')[1] ?? '';
    const field =
      { heading: 'title', lead: 'text', kicker: 'starts', picture: 'picture' }[path.split('.')[0]!] ?? 'body';
    this.store.side.set('controls');
    setTimeout(() => document.getElementById(`item-${field}`)?.focus());
  }
  protected takeSection(section: string): void {
    this.hand.rest();
    this.store.part.set(`${section}/`);
  }
  /** Pulls the page apart under a section, or closes it again. */
  protected openSeam(seam: Seam | null): void {
    this.seam.set(seam);
  }
}
