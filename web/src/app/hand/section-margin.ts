import {
  afterNextRender,
  afterRenderEffect,
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  ElementRef,
  inject,
  Injector,
  input,
  output,
  signal,
  untracked,
} from '@angular/core';
import { NgTemplateOutlet } from '@angular/common';
import { idFrom } from '@tin-porch/core/ground';
import { shapes } from '@tin-porch/core/look';
import {
  canRepeat,
  carryTo,
  choicesOf,
  hasOwnGround,
  listsOf,
  shapesOfKind,
  takeOutSection,
  textsOf,
  twice,
  twinsOf,
  isOtherwise,
  whereIs,
  addItemUnder,
  layoutWords,
  itemAt,
  ownFrame,
  partsOf,
  picturePartsOf,
  switchPart,
  switchPicture,
  type ItemChoice,
  type PicturePlace,
  type PlacedText,
  type SectionList,
} from '@tin-porch/core/making';
import {
  GROUNDS,
  isFrame,
  needsConfirming,
  shownEverywhere,
  waits,
  type Device,
  type Ground,
  type Section,
} from '@tin-porch/core/model';
import type { Operation, OperationNamed } from '@tin-porch/core/operations';
import { some } from '@tin-porch/core/some';
import type { SectionPlace } from '@tin-porch/surface';
import { Asking } from '../asking/asking';
import { LockBox } from '../client/lock';
import { SiteStore } from '../site/site-store';
import { WAYS, type Way } from '../writing/ways';
import { KeptSections } from './kept-sections';
import { SectionLayout } from './section-layout';
import { SectionTwins, type Asked } from './section-twins';
import { Hand } from './hand';
import { MenuEntry } from './menu-entry';

const GROUND_WORDS: Record<Ground, string> = { plain: 'plain', wash: 'washed', deep: 'deep' };

/** How much of a section is to be seen at least when its tag has the keys, px. */
const LEAST_SEEN = 80;
/** How high a name and a seam are at least, px. */
const NAME_HIGH = 40;
const SEAM_HIGH = 24;
/** How far a tag is pulled before it comes along, px. */
const DRAG_FROM = 6;
/** How near an edge of the margin a pulled tag takes the page on, px, and how often. */
const EDGE = 40;
const ONWARD_MS = 40;

/** What is opened in the page: a place for a new section, or the shapes of one that is there. */
export type Seam = { kind: 'add' | 'shape'; under: string };

interface Tag {
  section: Section;
  title: string;
  special: string;
  top: number;
  height: number;
  /** True where nothing of it is in sight. */
  out: boolean;
  /** True where the verbs of the one in hand lie over its name. */
  under: boolean;
  /** How far its name is let down. */
  slide: number;
  shared: boolean;
  /** Whether another section can be laid in under it from here: not where the verbs of the one in hand lie over that. */
  seam: boolean;
  /** Its place on the page, how many there are, and whether visitors get others besides it. */
  at: number;
  of: number;
  others: boolean;
}

/**
 * The margin of the page in the window: a tag beside every section, with what it is and what is special about it. The one
 * in hand has its verbs under its name, and between two is a seam where another one can be laid in.
 */
@Component({
  selector: 'tp-section-margin',
  imports: [LockBox, MenuEntry, NgTemplateOutlet, SectionLayout, SectionTwins],
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '(scroll)': '$any($event.target).scrollTop = 0', '(focusin)': 'awaited.set(null)' },
  styleUrl: './section-margin.scss',
  template: `
    <ol class="tags" aria-label="Sections of the page">
      @for (tag of tags(); track tag.section.id) {
        <li
          class="tag"
          [class.on]="tag.section.id === hand.section()"
          [class.out]="tag.out || tag.under"
          [class.carried]="carried()?.id === tag.section.id"
          [style.--top.px]="tag.top"
          [style.--height.px]="tag.height"
          [style.--slide.px]="tag.slide"
        >
          <div class="held">
            <button
              class="name"
              type="button"
              [id]="'tag-' + tag.section.id"
              [attr.aria-expanded]="tag.section.id === hand.section()"
              (click)="take(tag)"
              (focus)="show(tag)"
              (keydown)="key($event, tag)"
              (pointerdown)="drag($event, tag)"
            >
              <b>{{ tag.title }}</b>
              @for (n of asking?.numbers()?.get(tag.section.id); track n) {
                <span class="asked"><span class="sr">change </span>{{ n }}</span>
              }
              <span class="quiet">{{ tag.special }}</span>
            </button>
            @if (tag.section.id === hand.section()) {
              <div class="verbs" role="group" [attr.aria-label]="tag.title">
                @if (kindOf(tag.section) === 'header' && hand.menu(); as page) {
                  <tp-menu-entry class="of-item" [page]="page" />
                }
                @if (item(); as item) {
                  <div class="of-item" role="group" [attr.aria-label]="item.list.one + ' ' + (item.at + 1)">
                    <b>{{ item.list.one }} {{ item.at + 1 }} of {{ item.list.items.length }}</b>
                    @if (item.list.items.length < item.list.most) {
                      <button type="button" (click)="addItem(tag.section)">One more under it</button>
                    }
                    <button type="button" [disabled]="item.at === 0" (click)="moveItem(tag.section, -1)">Before</button>
                    <button
                      type="button"
                      [disabled]="item.at === item.list.items.length - 1"
                      (click)="moveItem(tag.section, 1)"
                    >
                      After
                    </button>
                    <button type="button" (click)="takeItem(tag.section)">Leave out</button>
                    @for (choice of choices(); track choice.at.path) {
                      <label class="chosen"
                        >{{ choice.title }}
                        <select (change)="choose(choice, $any($event.target).value)">
                          @for (one of choice.choices; track one[0]) {
                            <option [value]="one[0]" [selected]="one[0] === choice.value">{{ one[1] }}</option>
                          }
                        </select>
                      </label>
                    }
                    <ng-container [ngTemplateOutlet]="partsOf" [ngTemplateOutletContext]="{ $implicit: tag.section }" />
                  </div>
                }
                @if (shapeCount(tag.section) > 1) {
                  <button type="button" [attr.aria-expanded]="open(tag, 'shape')" (click)="toggle(tag, 'shape')">
                    Shape
                  </button>
                }
                @if (kindOf(tag.section) !== 'footer') {
                  <button type="button" [attr.aria-expanded]="open(tag, 'add')" (click)="toggle(tag, 'add')">
                    Add under it
                  </button>
                }
                @if (tag.shared) {
                  @if (kindOf(tag.section) === 'header') {
                    <button type="button" (click)="menuAsked.emit()">Menu</button>
                  }
                  @if (own(tag.section)) {
                    <button type="button" (click)="giveUp(tag)">As on every page</button>
                  } @else {
                    <button type="button" (click)="makeOwn(tag)">Otherwise on this page</button>
                  }
                }
                @if (!tag.shared) {
                  @if (!ownGround(tag.section)) {
                    <button type="button" (click)="ground(tag.section)">Ground: {{ groundWord(tag.section) }}</button>
                  }
                  <button type="button" [disabled]="tag.at === 0" (click)="move(tag, -1)">Up</button>
                  <button type="button" [disabled]="tag.at === tag.of - 1" (click)="move(tag, 1)">Down</button>
                  @if (repeats(tag.section)) {
                    <button type="button" (click)="twice(tag.section)">Twice</button>
                    <button type="button" (click)="keep(tag)">Keep</button>
                  }
                  @if ((waiting(tag.section) ? tag.of > 1 : tag.others) && store.document()!.pages.length > 1) {
                    <select
                      [attr.aria-label]="'Carry ' + tag.title + ' to another page'"
                      (change)="carry(tag, $any($event.target).value); $any($event.target).value = ''"
                    >
                      <option value="">Carry to …</option>
                      @for (page of otherPages(); track page.id) {
                        <option [value]="page.id">{{ page.label }}</option>
                      }
                    </select>
                  }
                  <tp-section-twins [section]="tag.section" [title]="tag.title" (asked)="asked($event)" />
                  @if (waiting(tag.section)) {
                    <button type="button" (click)="hide(tag, false)">Show again</button>
                  } @else if (tag.others) {
                    <button type="button" (click)="hide(tag, true)">Hide</button>
                  }
                  @if (waiting(tag.section) ? tag.of > 1 : tag.others) {
                    <button type="button" (click)="takeOut(tag)">Take out</button>
                  }
                }
                @if (!tag.shared && asking && says(tag.section)) {
                  <select
                    [attr.aria-label]="'Work the words of ' + tag.title + ' over'"
                    [disabled]="asking.working()"
                    (change)="workOver(tag, $any($event.target).value); $any($event.target).value = ''"
                  >
                    <option value="">Work over …</option>
                    @for (way of ways; track way[0]) {
                      <option [value]="way[0]">{{ way[1] }}</option>
                    }
                  </select>
                }
                @if (!tag.shared) {
                  <tp-lock [lock]="'section/' + tag.section.id" words="Locked at the desk" />
                  <button type="button" [attr.aria-expanded]="layoutOpen()" (click)="layoutOpen.set(!layoutOpen())">
                    Lay out
                  </button>
                  @if (layoutOpen()) {
                    <tp-section-layout
                      [section]="tag.section"
                      [kind]="kind()"
                      [alone]="laidAlone() === tag.section.id"
                      (aloneChange)="laidAlone.set($event ? tag.section.id : null)"
                      (laid)="layOut(tag.section, $event)"
                    />
                  }
                }
                @if (!item()) {
                  @for (list of emptyLists(tag.section); track list.field) {
                    <button type="button" (click)="addFirst(tag.section, list)">
                      Begin: {{ list.one.toLowerCase() }}
                    </button>
                  }
                  <ng-container [ngTemplateOutlet]="partsOf" [ngTemplateOutletContext]="{ $implicit: tag.section }" />
                }
              </div>
            }
          </div>
          @if (tag.seam) {
            <button
              class="seam"
              type="button"
              [attr.aria-label]="'Add here, under ' + tag.title"
              [attr.aria-expanded]="open(tag, 'add')"
              (click)="toggle(tag, 'add')"
            >
              <span>Add here</span>
            </button>
          }
        </li>
      }
    </ol>
    <ng-template #partsOf let-section>
      @if (parts(section); as all) {
        @if (all.length || pictures().length) {
          <button type="button" [attr.aria-expanded]="partsOpen()" (click)="partsOpen.set(!partsOpen())">
            Parts{{ item() ? ' of it' : '' }}
          </button>
          @if (partsOpen()) {
            @for (part of all; track part.path) {
              <label class="check"
                ><input type="checkbox" [checked]="!!part.text.value" (change)="switch(part)" />{{
                  bare(part.label)
                }}</label
              >
            }
            @for (place of pictures(); track place.at.path) {
              <label class="check"
                ><input type="checkbox" [checked]="!!place.picture.media" (change)="switchPicture(place)" />{{
                  pictures().length > 1 ? place.label : 'Picture'
                }}</label
              >
            }
          }
        }
      }
    </ng-template>
    @if (carried(); as carried) {
      <div class="to-here" [style.--top.px]="carried.line" aria-hidden="true"></div>
    }
  `,
})
export class SectionMargin {
  protected readonly store = inject(SiteStore);
  protected readonly hand = inject(Hand);
  protected readonly asking = inject(Asking, { optional: true });
  private readonly kept = inject(KeptSections, { optional: true });
  readonly places = input.required<SectionPlace[]>();
  readonly scrolled = input.required<number>();
  readonly scale = input.required<number>();
  readonly seam = input<Seam | null>(null);
  /** What the window is as wide as. */
  readonly kind = input<'wide' | Device>('wide');
  readonly seamChosen = output<Seam | null>();
  /** That the menu is to be worked on. */
  readonly menuAsked = output();

  protected readonly tags = computed<Tag[]>(() => {
    const document = this.store.document();
    const sections = this.hand.sections();
    if (!document) return [];
    const on = sections.filter((s) => !this.isShared(s));
    const inHand = this.places().find((p) => p.id === this.hand.section());
    const from = inHand ? this.held((inHand.top - this.scrolled()) * this.scale()) : Infinity;
    const covered = (top: number, bottom: number) => bottom > from && top < from + this.heldHeight();
    return sections.map((section): Tag => {
      const place = this.places().find((p) => p.id === section.id);
      const shared = this.isShared(section);
      const top = place ? (place.top - this.scrolled()) * this.scale() : 0;
      const height = place ? (place.bottom - place.top) * this.scale() : 0;
      return {
        section,
        title: shapes[section.shape]?.title ?? section.shape,
        special: this.special(section, shared),
        top,
        out: this.room() > 0 && (top + height <= 1 || top >= this.room()),
        height,
        under: section.id !== this.hand.section() && covered(Math.max(top, 0), Math.max(top, 0) + NAME_HIGH),
        // What it says stays in sight while any of the section is.
        slide:
          section.id === this.hand.section()
            ? this.held(top) - top
            : Math.min(Math.max(0, -top), Math.max(0, height - 40)),
        shared,
        seam:
          this.kindOf(section) !== 'footer' &&
          section.id !== this.hand.section() &&
          !covered(top + height - SEAM_HIGH, top + height),
        at: on.indexOf(section),
        of: on.length,
        others: on.some((s) => s !== section && shownEverywhere(s)),
      };
    });
  });
  protected readonly otherPages = computed(() => {
    const document = this.store.document()!;
    const here = whereIs(document, this.hand.section() ?? '')?.page;
    return document.pages.filter((p) => p !== here && p.sections.length < 40);
  });

  /** The item in hand. */
  protected readonly item = computed(() => {
    const [id, path] = this.store.part()?.split('/') ?? [];
    const section = this.hand.sections().find((s) => s.id === id);
    return section && path ? itemAt(section, path) : null;
  });
  /** What can be chosen of it. */
  protected readonly choices = computed(() => {
    const section = this.hand.sections().find((s) => s.id === this.hand.section());
    const item = this.item();
    return section && item ? choicesOf(section, item) : [];
  });
  /** The places for pictures of what is in hand. */
  protected readonly pictures = computed(() => {
    const section = this.hand.sections().find((s) => s.id === this.hand.section());
    return section ? picturePartsOf(this.store.document()!, section, this.item()) : [];
  });
  protected readonly partsOpen = signal(false);
  protected waiting = waits;
  protected kindOf = (s: Section) => s.shape.split('/')[0];
  private readonly page = computed(() => {
    const { pages } = this.store.document()!;
    return pages.find((p) => p.id === this.store.page()) ?? pages[0]!;
  });
  /** Whether a header or a footer is of this page alone. */
  protected own = (s: Section) => [this.page().header?.id, this.page().footer?.id].includes(s.id);
  protected makeOwn({ section, title }: Tag): void {
    const part = this.kindOf(section) as 'header' | 'footer';
    const operation = ownFrame(this.store.document()!, this.page().id, part);
    if (operation?.op !== 'setFrame' || !operation.section) return;
    this.change(
      operation,
      `${this.page().label} has a ${title.toLowerCase()} of its own: what you change is changed there alone.`,
    );
    this.store.part.set(`${operation.section.id}/`);
  }
  protected giveUp({ section, title }: Tag): void {
    const part = this.kindOf(section) as 'header' | 'footer';
    this.change(
      { op: 'setFrame', page: this.page().id, part, section: null },
      `${this.page().label} has the ${title.toLowerCase()} of every page again.`,
    );
    this.store.part.set(`${this.store.document()![part]?.id ?? ''}/`);
  }
  protected readonly layoutOpen = signal(false);
  /** The section of which what is laid out counts for phones or tablets alone, also after its tag was drawn anew. */
  protected readonly laidAlone = signal<string | null>(null);
  protected parts = (section: Section) => partsOf(section, this.item());
  protected bare = (label: string) => label.replace(/^\d+\. /, '');
  protected emptyLists = (section: Section) => listsOf(section).filter((l) => !l.items.length);

  private isShared = isFrame;
  private special(section: Section, shared: boolean): string {
    if (waits(section)) return 'hidden: visitors do not get it';
    const layout = layoutWords(section);
    if (layout.length) return layout.join('; ');
    const twins = twinsOf(this.store.document()!, section.id);
    if (twins.length)
      return `${isOtherwise(this.store.document()!, section.id) ? 'otherwise than' : 'the same'} on ${some(twins.length, 'more page')}`;
    const claims = textsOf(section).filter((t) => needsConfirming(t.text)).length;
    if (claims) return `${claims} to confirm`;
    if (shared) return this.own(section) ? 'of this page alone' : 'on every page';
    const [list] = listsOf(section).filter((l) => l.items.length);
    return [shapes[section.shape]?.character, list && some(list.items.length, 'item')].filter(Boolean).join(', ');
  }
  private readonly injector = inject(Injector);
  private readonly element = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
  /** How high the margin is, and what is held out of the tag in hand, px. */
  private readonly room = signal(0);
  private readonly heldHeight = signal(0);
  /** The tag that takes the keys as soon as it is in sight. */
  protected readonly awaited = signal<string | null>(null);
  /** Where the verbs of the section in hand begin: beside its top, but never out of sight. */
  private held = (top: number) => Math.min(Math.max(top, 0), Math.max(0, this.room() - this.heldHeight()));

  /** What was moved, and is to be shown where it stands then. */
  private moved: string | null = null;

  constructor() {
    effect(() => {
      this.places();
      // Pictures that came meanwhile may have pushed it out of sight again.
      const awaited = untracked(this.awaited);
      if (awaited) this.hand.told.next({ kind: 'show', section: awaited });
      if (this.moved) this.hand.told.next({ kind: 'show', section: this.moved });
      this.moved = null;
    });
    // Where the tags lie in a row, what is taken comes to the front of it.
    afterRenderEffect(() => {
      this.hand.section();
      this.hand.menu();
      if (matchMedia('(max-width: 900px)').matches)
        this.element.querySelector('.tag.on')?.scrollIntoView({ inline: 'start', block: 'nearest' });
    });
    afterRenderEffect({
      earlyRead: () => {
        this.hand.text();
        this.hand.section();
        this.partsOpen();
        this.layoutOpen();
        this.kind();
        const awaited = this.awaited();
        const tag = awaited && this.tags().some((t) => t.section.id === awaited && !t.out);
        if (tag) {
          this.element.querySelector<HTMLElement>(`#tag-${CSS.escape(awaited)}`)?.focus({ preventScroll: true });
          this.awaited.set(null);
        }
        return [this.element.clientHeight, this.element.querySelector<HTMLElement>('.tag.on .held')?.offsetHeight ?? 0];
      },
      write: (sizes) => {
        const [room = 0, held = 0] = sizes();
        this.room.set(room);
        this.heldHeight.set(held);
      },
    });
  }

  protected shapeCount = (s: Section) => shapesOfKind(s).length;
  protected ownGround = hasOwnGround;
  protected repeats = canRepeat;
  protected groundWord = (s: Section) => GROUND_WORDS[s.ground ?? 'plain'];
  protected open = (tag: Tag, kind: Seam['kind']) =>
    this.seam()?.kind === kind && this.seam()?.under === tag.section.id;

  protected take({ section }: Tag): void {
    this.hand.rest();
    // Pressed once more, it is gone into.
    const [first] = textsOf(section).filter((t) => t.text.value);
    if (this.hand.section() === section.id && first) this.hand.write(`${section.id}/${first.path}`);
    else this.store.part.set(`${section.id}/`);
  }
  /** Brings a section into sight of which there is little to be seen. */
  protected show({ section, top, height }: Tag): void {
    const seen = Math.min(top + height, this.room()) - Math.max(top, 0);
    if (seen < Math.min(height, LEAST_SEEN)) this.hand.told.next({ kind: 'show', section: section.id });
  }
  protected toggle(tag: Tag, kind: Seam['kind']): void {
    this.hand.rest();
    this.seamChosen.emit(this.open(tag, kind) ? null : { kind, under: tag.section.id });
  }

  private change(operation: Operation | null, said?: string, exact = false): void {
    if (!operation) return;
    this.hand.rest();
    this.store.change(operation, 'designer', exact);
    void this.store.flush();
    if (said) this.store.said.set({ words: said, bad: false, undo: true });
  }
  protected asked({ operation, said, here }: Asked): void {
    this.change(operation, said, here);
  }
  protected ground(section: Section): void {
    const ground = GROUNDS[(GROUNDS.indexOf(section.ground ?? 'plain') + 1) % GROUNDS.length]!;
    this.change({ op: 'setShape', section: section.id, shape: section.shape, ground });
  }
  protected layOut(section: Section, layout: Omit<OperationNamed<'setSection'>, 'op' | 'section'>): void {
    this.change({ op: 'setSection', section: section.id, ...layout });
  }
  protected hide({ section }: Tag, hidden: boolean): void {
    this.change(
      { op: 'setSection', section: section.id, hidden },
      hidden ? 'Hidden: visitors do not get it until it is shown again.' : undefined,
    );
  }
  protected move(tag: Tag, by: number): void {
    const place = whereIs(this.store.document()!, tag.section.id);
    const to = tag.at + by;
    if (!place || to < 0 || to >= tag.of) return;
    this.change({ op: 'moveSection', section: tag.section.id, page: place.page.id, to });
    this.moved = tag.section.id;
  }
  protected keep({ section, title }: Tag): void {
    this.hand.rest();
    void this.kept?.keep(section.id, title);
  }
  protected readonly ways = WAYS;
  protected says = (section: Section) => textsOf(section).some((t) => t.text.value && !t.path.endsWith('.alt'));
  protected workOver({ section, title }: Tag, way: Way | ''): void {
    this.hand.rest();
    if (way) void this.asking?.workOver({ section: section.id }, way, title);
  }
  protected twice(section: Section): void {
    const operation = twice(this.store.document()!, section.id);
    this.change(operation);
    if (operation?.op === 'insertSection') this.store.part.set(`${operation.section.id}/`);
  }
  protected carry(tag: Tag, page: string): void {
    const to = this.store.document()!.pages.find((p) => p.id === page);
    if (to)
      this.change(
        carryTo(this.store.document()!, tag.section.id, page),
        `${tag.title} is on ${to.label} now, at its end.`,
      );
  }
  protected takeOut(tag: Tag): void {
    this.change(takeOutSection(this.store.document()!, tag.section.id), `${tag.title} is taken out of the page.`);
    this.store.part.set(null);
  }

  /** Goes on at the words of something new, all of them taken so that the first key writes over them. */
  private writeAt(section: string, path: string): void {
    const texts = this.hand
      .sections()
      .filter((s) => s.id === section)
      .flatMap((s) => textsOf(s));
    const first = texts.find((t) => (t.path === path || t.path.startsWith(`${path}.`)) && t.text.value);
    if (first) this.hand.write(`${section}/${first.path}`, 'all');
  }
  private add(section: Section, field: string, under: string): void {
    const id = idFrom(crypto.randomUUID());
    this.change(addItemUnder(section, field, under, id));
    this.writeAt(section.id, `${field}.${id}`);
  }
  protected addItem(section: Section): void {
    const item = this.item();
    if (item) this.add(section, item.list.field, item.id);
  }
  protected addFirst = (section: Section, list: SectionList) => this.add(section, list.field, '');
  protected moveItem(section: Section, by: 1 | -1): void {
    const item = this.item();
    if (!item) return;
    const { list, id, at } = item;
    this.change({ op: 'moveItem', list: { section: section.id, path: list.field }, item: id, to: at + by });
  }
  protected takeItem(section: Section): void {
    const item = this.item();
    if (!item) return;
    const { list, id, at } = item;
    const name = list.items[at]!.name || `${list.one} ${at + 1}`;
    this.change(
      { op: 'removeItem', list: { section: section.id, path: list.field }, item: id },
      `${name} is left out.`,
    );
    this.store.part.set(`${section.id}/`);
  }
  protected choose({ at }: ItemChoice, value: string): void {
    this.change({ op: 'setChoice', at, value });
  }
  protected switchPicture(place: PicturePlace): void {
    this.change(switchPicture(this.store.document()!, place, Math.floor(Math.random() * 2 ** 31)));
  }
  protected switch(part: PlacedText): void {
    this.change(switchPart(part));
    if (!part.text.value) this.writeAt(part.section.id, part.path);
  }

  /** The section that is carried over the margin, the place it would have, and where that is, px. */
  protected readonly carried = signal<{ id: string; to: number; line: number } | null>(null);
  /** A tag pulled to another place takes its section there. A press that goes nowhere is a press. */
  protected drag(event: PointerEvent, tag: Tag): void {
    if (tag.shared || event.button !== 0 || event.pointerType === 'touch') return;
    const name = event.currentTarget as HTMLElement;
    const began = event.clientY;
    // Where the page moves under it, it is still this tag that is pulled.
    name.setPointerCapture(event.pointerId);
    let pulledTo = began;
    const place = () => {
      const y = pulledTo - this.element.getBoundingClientRect().top;
      const others = this.tags().filter((t) => !t.shared && t.section.id !== tag.section.id);
      const to = others.filter((t) => t.top + t.height / 2 < y).length;
      const before = others[to - 1];
      this.carried.set({ id: tag.section.id, to, line: before ? before.top + before.height : (others[0]?.top ?? 0) });
    };
    // Held at an edge, the page goes on under it.
    const onward = setInterval(() => {
      const { top, bottom } = this.element.getBoundingClientRect();
      const by = pulledTo < top + EDGE ? -1 : pulledTo > bottom - EDGE ? 1 : 0;
      if (!name.isConnected) clearInterval(onward);
      if (!by || !this.carried()) return;
      this.hand.told.next({ kind: 'scroll', by: (by * EDGE) / 2 / this.scale() });
      place();
    }, ONWARD_MS);
    const move = ({ clientY }: PointerEvent) => {
      if (!this.carried() && Math.abs(clientY - began) < DRAG_FROM) return;
      pulledTo = clientY;
      place();
    };
    const end = (cancelled: boolean) => {
      name.removeEventListener('pointermove', move);
      clearInterval(onward);
      const { to } = this.carried() ?? { to: tag.at };
      this.carried.set(null);
      if (cancelled || to === tag.at) return;
      // The press that ends it goes into nothing.
      const spent = (click: Event) => click.stopImmediatePropagation();
      name.addEventListener('click', spent, { once: true, capture: true });
      setTimeout(() => name.removeEventListener('click', spent, { capture: true }));
      this.store.part.set(`${tag.section.id}/`);
      this.move(tag, to - tag.at);
    };
    name.addEventListener('pointermove', move);
    name.addEventListener('pointerup', () => end(false), { once: true });
    name.addEventListener('pointercancel', () => end(true), { once: true });
  }

  /** Arrows walk, with Alt they move the section. */
  protected key(event: KeyboardEvent, tag: Tag): void {
    const by = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0;
    if (!by) return;
    event.preventDefault();
    if (event.altKey) {
      if (!tag.shared) this.move(tag, by);
      // Put elsewhere in the list, the tag loses the keys.
      afterNextRender(() => this.focusTag(tag.section.id), { injector: this.injector });
      return;
    }
    const all = this.tags();
    const next = all[all.indexOf(tag) + by];
    if (!next) return;
    this.store.part.set(`${next.section.id}/`);
    this.focusTag(next.section.id);
  }
  private focusTag(id: string): void {
    this.hand.told.next({ kind: 'show', section: id });
    this.awaited.set(id);
  }
}
