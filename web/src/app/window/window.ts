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
  viewChild,
  type AfterViewInit,
} from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { DomSanitizer } from '@angular/platform-browser';
import type { SiteDocument } from '@tin-porch/core/model';
import { Drawing } from './drawing';

const WIDTHS = { Wide: 1280, Tablet: 768, Phone: 390 } as const;
type Width = keyof typeof WIDTHS;

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
          <button class="plain small" type="button" [attr.aria-pressed]="w === width()" (click)="width.set(w)">
            {{ w }}
          </button>
        }
      </div>
      <select aria-label="Page in the window" [value]="page()" (change)="page.set($any($event.target).value)">
        @for (p of document().pages; track p.id) {
          <option [value]="p.id" [selected]="p.id === page()">{{ p.label }}</option>
        }
      </select>
      <span class="quiet drawn">{{ drawnIn() }}</span>
    </div>
    <div class="window-stage" #stage>
      <iframe
        #frame
        title="The site, as visitors see it"
        sandbox="allow-scripts"
        [src]="frameUrl"
        [style.width.px]="pixels()"
        [style.height.px]="stageHeight() / scale()"
        [style.transform]="'scale(' + scale() + ')'"
        [style.margin-left.px]="offset()"
      ></iframe>
    </div>
  `,
})
export class SiteWindow implements AfterViewInit {
  readonly document = input.required<SiteDocument>();
  readonly page = model('home');
  /** The part the person is working on: `section/path`. */
  readonly part = input<string | null>(null);
  /** One version whatever this device prefers. */
  readonly only = input<'day' | 'night' | undefined>(undefined);
  readonly partChosen = output<string>();
  protected readonly widths = Object.keys(WIDTHS) as Width[];
  protected readonly width = signal<Width>(matchMedia('(max-width: 900px)').matches ? 'Phone' : 'Wide');
  protected readonly pixels = computed(() => WIDTHS[this.width()]);
  protected readonly stageWidth = signal(800);
  protected readonly stageHeight = signal(600);
  protected readonly scale = computed(() => Math.min(1, this.stageWidth() / this.pixels()));
  protected readonly offset = computed(() => Math.max(0, (this.stageWidth() - this.pixels() * this.scale()) / 2));
  protected readonly drawnIn = signal('');
  protected readonly frameUrl = inject(DomSanitizer).bypassSecurityTrustResourceUrl('/window/frame.html');

  private readonly stage = viewChild.required<ElementRef<HTMLElement>>('stage');
  private readonly frame = viewChild.required<ElementRef<HTMLIFrameElement>>('frame');
  private readonly drawing = inject(Drawing);
  private readonly destroyed = inject(DestroyRef);
  private readonly ready = signal(false);
  private fromWindow = false;
  private asked = 0;

  constructor() {
    effect(() => {
      if (this.ready()) this.asked = this.drawing.draw(this.document(), this.page(), this.only());
    });
    effect(() => {
      this.page();
      if (this.ready()) this.tell({ kind: 'top' });
    });
    effect(() => {
      const part = this.part();
      if (this.ready()) this.tell({ kind: 'select', part, scroll: !this.fromWindow });
      this.fromWindow = false;
    });
    this.drawing.drawn.pipe(takeUntilDestroyed()).subscribe((answer) => {
      if (answer.html === undefined || answer.serial !== this.asked) return;
      this.tell({ kind: 'put', serial: answer.serial, html: answer.html, css: answer.css });
      this.drawnIn.set(`Drawn in ${answer.ms < 10 ? answer.ms.toFixed(1) : Math.round(answer.ms)} ms`);
    });
  }

  ngAfterViewInit(): void {
    const observer = new ResizeObserver(([entry]) => {
      if (!entry) return;
      this.stageWidth.set(entry.contentRect.width);
      this.stageHeight.set(entry.contentRect.height);
    });
    observer.observe(this.stage().nativeElement);
    this.destroyed.onDestroy(() => observer.disconnect());
  }

  private tell(message: object): void {
    this.frame().nativeElement.contentWindow?.postMessage(message, '*');
  }

  protected heard(
    event: MessageEvent<{
      kind: string;
      part?: string | null;
      link?: string | null;
      key?: string;
      ctrlKey?: boolean;
      shiftKey?: boolean;
      altKey?: boolean;
    }>,
  ): void {
    if (event.source !== this.frame().nativeElement.contentWindow) return;
    const message = event.data;
    if (message.kind === 'ready') this.ready.set(true);
    else if (message.kind === 'chosen') {
      if (message.part) {
        this.fromWindow = true;
        this.partChosen.emit(message.part);
      }
      const target =
        message.link && !message.part
          ? this.document().pages.find((p) => (p.slug ? `/${p.slug}/` : '/') === message.link)
          : undefined;
      if (target) this.page.set(target.id);
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
  }
}
