import type { ElementRef } from '@angular/core';
import {
  ChangeDetectionStrategy,
  Component,
  computed,
  DestroyRef,
  effect,
  inject,
  input,
  model,
  output,
  signal,
  untracked,
  viewChild,
  type AfterViewInit,
} from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { DomSanitizer } from '@angular/platform-browser';
import { kindOfPage } from '@tin-porch/core/look';
import { headerOf, type SiteDocument } from '@tin-porch/core/model';
import type { FromFrame, SectionPlace, ToFrame } from '@tin-porch/surface';
import { Hand } from '../hand/hand';
import { SiteStore } from '../site/site-store';
import { Drawing } from './drawing';

const WIDTHS = { Wide: 1280, Tablet: 768, Phone: 390 } as const;
type Width = keyof typeof WIDTHS;
/** How narrow and how wide a page can be looked at, px. */
const LEAST = 320;
const MOST = 1600;
/** How many windows there were: each is drawn for by itself. */
let windows = 0;

/** The real rendered site beside the controls. It follows the document; a click in it chooses a part or another page. */
@Component({
  selector: 'tp-window',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '(window:message)': 'heard($event)', class: 'window' },
  styleUrl: './window.scss',
  template: `
    <div class="window-bar">
      <div class="bar widths" role="group" aria-label="Width of the window">
        @for (w of widths; track w) {
          <button
            class="plain small"
            type="button"
            [attr.aria-pressed]="w === kindName()"
            (click)="pixels.set(presets[w])"
          >
            {{ w }}
          </button>
        }
      </div>
      <label class="ruler">
        <span class="sr">Width of the page</span>
        <input
          type="range"
          [min]="least"
          [max]="most"
          step="2"
          [value]="pixels()"
          [attr.aria-valuetext]="pixels() + ' px'"
          (input)="pixels.set(+$any($event.target).value)"
        />
        <output>{{ pixels() }} px</output>
      </label>
      <select aria-label="Page in the window" [value]="page()" (change)="page.set($any($event.target).value)">
        @if (named(); as name) {
          <option [value]="page()" selected>{{ name }}</option>
        }
        @for (p of document().pages; track p.id) {
          <option [value]="p.id" [selected]="p.id === page()">{{ p.label }}</option>
        }
      </select>
      <span class="quiet drawn">{{ drawnIn() }}</span>
    </div>
    <div class="window-body">
      <ng-content select="[margin]" />
      <div class="window-stage" #stage>
        <iframe
          #frame
          title="The site, as visitors see it"
          sandbox="allow-scripts"
          [src]="frameUrl()"
          [style.width.px]="pixels()"
          [style.height.px]="stageHeight() / scale()"
          [style.transform]="'scale(' + scale() + ')'"
          [style.margin-left.px]="offset()"
        ></iframe>
        <div
          class="edge"
          title="Pull the edge: the page gets narrower or wider"
          [style.left.px]="offset() + pixels() * scale()"
          (pointerdown)="pull($event)"
        ></div>
        <ng-content select="[over]" />
      </div>
    </div>
  `,
})
export class SiteWindow implements AfterViewInit {
  readonly document = input.required<SiteDocument>();
  readonly page = model('home');
  /** What the page is called where it is none of the site’s own: that of an item. */
  readonly named = input<string | null>(null);
  /** The part the person is working on: `section/path`. */
  readonly part = input<string | null>(null);
  /** One version whatever this device prefers. */
  readonly only = input<'day' | 'night' | undefined>(undefined);
  /** Whether the page is worked in: words are written where they stand, and sections taken in hand. */
  readonly works = input(false);
  readonly partChosen = output<string>();
  /** That a page was pressed in the menu of the header. */
  readonly menuChosen = output<{ section: string; page: string }>();
  readonly sectionChosen = output<string>();
  /** That a link was pressed that leads to none of the site’s own pages. */
  readonly linkChosen = output<string>();
  /** Where the sections of the page are, px of the page; how far down it is; how large a px of the page is shown. */
  readonly places = signal<SectionPlace[]>([]);
  readonly scrolledTo = signal(0);
  protected readonly widths = Object.keys(WIDTHS) as Width[];
  protected readonly presets = WIDTHS;
  protected readonly least = LEAST;
  protected readonly most = MOST;
  protected readonly pixels = signal<number>(matchMedia('(max-width: 900px)').matches ? WIDTHS.Phone : WIDTHS.Wide);
  /** What the page is as wide as. */
  readonly kind = computed(() => kindOfPage(this.pixels()));
  protected readonly kindName = computed(() => this.widths.find((w) => w.toLowerCase() === this.kind()));
  protected readonly stageWidth = signal(800);
  protected readonly stageHeight = signal(600);
  readonly scale = computed(() => Math.min(1, this.stageWidth() / this.pixels()));
  protected readonly offset = computed(() => Math.max(0, (this.stageWidth() - this.pixels() * this.scale()) / 2));
  protected readonly drawnIn = signal('');
  private readonly sanitizer = inject(DomSanitizer);
  protected readonly frameUrl = computed(() =>
    this.sanitizer.bypassSecurityTrustResourceUrl(`/window/${this.works() ? 'hand' : 'frame'}.html`),
  );
  private readonly hand = inject(Hand, { optional: true });
  private readonly store = inject(SiteStore, { optional: true });

  private readonly stage = viewChild.required<ElementRef<HTMLElement>>('stage');
  private readonly frame = viewChild.required<ElementRef<HTMLIFrameElement>>('frame');
  private readonly drawing = inject(Drawing);
  private readonly destroyed = inject(DestroyRef);
  private readonly ready = signal(false);
  private fromWindow = false;
  /** Which window it is, of all there are. */
  private readonly serial = ++windows;
  /** What is asked for and not yet drawn, oldest first. */
  private asked: number[] = [];

  constructor() {
    effect(() => {
      if (this.ready()) this.asked.push(this.drawing.draw(this.serial, this.document(), this.page(), this.only()));
    });
    effect(() => {
      this.page();
      if (this.ready()) this.tell({ kind: 'top' });
    });
    effect(() => {
      const part = this.part();
      // What is written in is in sight already, and stays where it is.
      const scroll = !this.fromWindow && !(this.works() && untracked(() => this.hand?.writing() === part));
      if (this.ready()) this.tell({ kind: 'select', part, scroll });
      this.fromWindow = false;
    });
    this.hand?.told.pipe(takeUntilDestroyed()).subscribe((message) => {
      if (!this.works()) return;
      // The keys follow the hand into the page, but for what is only shown there.
      const seen = message.kind === 'do' && (message.command.name === 'replace' || message.command.name === 'doubt');
      if (message.kind === 'write' || (message.kind === 'do' && !seen)) this.frame().nativeElement.focus();
      this.tell(message);
    });
    this.drawing.drawn.pipe(takeUntilDestroyed()).subscribe((answer) => {
      // What was asked for meanwhile is still to come: until then, this is newer than what is shown.
      if (!this.asked.includes(answer.serial)) return;
      this.asked = this.asked.filter((serial) => serial > answer.serial);
      if (answer.html === undefined) return;
      this.tell({ kind: 'put', serial: answer.serial, html: answer.html, css: answer.css ?? '' });
      this.drawnIn.set(`Drawn in ${answer.ms < 10 ? answer.ms.toFixed(1) : Math.round(answer.ms)} ms`);
    });
  }

  ngAfterViewInit(): void {
    this.store?.windows.update((n) => n + 1);
    this.destroyed.onDestroy(() => this.store?.windows.update((n) => n - 1));
    const observer = new ResizeObserver(([entry]) => {
      if (!entry) return;
      this.stageWidth.set(entry.contentRect.width);
      this.stageHeight.set(entry.contentRect.height);
    });
    observer.observe(this.stage().nativeElement);
    this.destroyed.onDestroy(() => observer.disconnect());
  }

  /** The edge of the page, pulled: it stays under the pointer where the page is not drawn smaller than it is. */
  protected pull(event: PointerEvent): void {
    if (event.button !== 0) return;
    const handle = event.currentTarget as HTMLElement;
    const [began, from] = [event.clientX, this.pixels()];
    // The page stands in the middle: its edge moves half as far as it grows.
    const by = (this.offset() > 0 ? 2 : 1) / this.scale();
    handle.setPointerCapture(event.pointerId);
    const move = ({ clientX }: PointerEvent) =>
      this.pixels.set(Math.round(Math.min(MOST, Math.max(LEAST, from + (clientX - began) * by))));
    handle.addEventListener('pointermove', move);
    const end = () => handle.removeEventListener('pointermove', move);
    handle.addEventListener('pointerup', end, { once: true });
    handle.addEventListener('pointercancel', end, { once: true });
    event.preventDefault();
  }

  private tell(message: ToFrame): void {
    this.frame().nativeElement.contentWindow?.postMessage(message, '*');
  }

  protected heard(event: MessageEvent<FromFrame>): void {
    if (event.source !== this.frame().nativeElement.contentWindow) return;
    const message = event.data;
    if (message.kind === 'ready') this.ready.set(true);
    else if (message.kind === 'chosen') {
      if (message.part) {
        this.fromWindow = true;
        this.partChosen.emit(message.part);
      } else if (this.works() && message.picture) {
        this.fromWindow = true;
        this.partChosen.emit(message.picture);
      } else if (message.section && !message.link) this.sectionChosen.emit(message.section);
      const target =
        message.link && !message.part && !message.picture
          ? this.document().pages.find((p) => (p.slug ? `/${p.slug}/` : '/') === message.link)
          : undefined;
      if (target) this.page.set(target.id);
      else if (message.link && !message.part && !message.picture) this.linkChosen.emit(message.link);
      if (target && this.works() && message.section === headerOf(this.document(), target)?.id)
        this.menuChosen.emit({ section: message.section, page: target.id });
    } else if (message.kind === 'key')
      document.dispatchEvent(
        new KeyboardEvent('keydown', {
          key: message.key,
          ctrlKey: message.ctrlKey,
          shiftKey: message.shiftKey,
          altKey: message.altKey,
          bubbles: true,
        }),
      );
    else if (message.kind === 'sections') this.places.set(message.sections);
    else if (message.kind === 'scrolled') this.scrolledTo.set(message.top);
    else if (this.works()) this.hand?.heard(message);
  }
}
