import type { ElementRef } from '@angular/core';
import {
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  effect,
  inject,
  input,
  output,
  signal,
  viewChild,
  type AfterViewInit,
} from '@angular/core';
import { DomSanitizer } from '@angular/platform-browser';
import type { DirectionRef, SiteDocument } from '@tin-porch/core/model';
import { Drawing } from './drawing';
import { GlimpseTurns } from './glimpse-turns';

/** The site beside itself, small: in another direction, or one shape of it. Drawn once it comes into sight. */
@Component({
  selector: 'tp-glimpse',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '(window:message)': 'heard($event)', class: 'glimpse' },
  styleUrl: './glimpse.scss',
  template: `
    <div class="glimpse-stage" #stage [style.height.px]="height() ?? null">
      @if (seen()) {
        <iframe
          #frame
          [title]="title()"
          sandbox="allow-scripts"
          [src]="frameUrl"
          tabindex="-1"
          [style.width.px]="wide()"
          [style.height.px]="(height() ?? stageHeight()) / scale()"
          [style.transform]="'scale(' + scale() + ')'"
        ></iframe>
      }
    </div>
  `,
})
export class Glimpse implements AfterViewInit {
  readonly document = input.required<SiteDocument>();
  readonly page = input('home');
  readonly title = input('The site, another way');
  readonly direction = input<DirectionRef | undefined>(undefined);
  readonly shape = input<string | undefined>(undefined);
  readonly section = input<string | undefined>(undefined);
  readonly only = input<'day' | 'night' | undefined>(undefined);
  /** The width it is drawn for, CSS px. */
  readonly wide = input(1280);
  /** As high as what is drawn, up to so many px; the height of its place where left out. */
  readonly upTo = input<number | undefined>(undefined);
  /** One of many that are scrolled through: it is drawn when it is its turn. */
  readonly waits = input(false);
  /** How far down it is, 0 to 1, and who moved it. */
  readonly share = input(0);
  readonly scrolled = output<number>();
  protected readonly height = signal<number | undefined>(undefined);
  protected readonly seen = signal(false);
  protected readonly scale = signal(0.3);
  protected readonly stageHeight = signal(500);
  protected readonly frameUrl = inject(DomSanitizer).bypassSecurityTrustResourceUrl('/window/frame.html');
  private readonly stage = viewChild.required<ElementRef<HTMLElement>>('stage');
  private readonly frame = viewChild<ElementRef<HTMLIFrameElement>>('frame');
  private readonly ready = signal(false);
  private readonly drawing = inject(Drawing);
  private readonly turns = inject(GlimpseTurns);
  private readonly destroyed = inject(DestroyRef);
  private asked = 0;

  constructor() {
    effect(() => {
      if (!this.ready()) return;
      const only = this.only();
      const direction = this.direction();
      const shape = this.shape();
      const section = this.section();
      void this.draw(this.document(), this.page(), {
        ...(direction && { direction }),
        ...(shape && { shape }),
        ...(section && { section }),
        ...(only && { only }),
      });
    });
    effect(() => {
      const share = this.share();
      if (this.ready()) this.tell({ kind: 'share', share });
    });
  }

  private async draw(document: SiteDocument, page: string, showing: Parameters<Drawing['glimpse']>[2]): Promise<void> {
    const mine = ++this.asked;
    const { html, css, serial } = await this.drawing.glimpse(document, page, showing);
    if (mine === this.asked && html !== undefined) this.tell({ kind: 'put', serial, html, css });
  }

  ngAfterViewInit(): void {
    const element = this.stage().nativeElement;
    const size = new ResizeObserver(([entry]) => {
      if (!entry?.contentRect.width) return;
      this.scale.set(entry.contentRect.width / this.wide());
      this.stageHeight.set(entry.contentRect.height);
    });
    size.observe(element);
    const sight = new IntersectionObserver(
      ([entry]) => {
        if (!entry?.isIntersecting) return this.turns.leave(element);
        const begin = () => {
          this.seen.set(true);
          sight.disconnect();
        };
        if (this.waits()) this.turns.wait(element, begin);
        else begin();
      },
      { rootMargin: '1200px' },
    );
    sight.observe(element);
    this.destroyed.onDestroy(() => {
      size.disconnect();
      sight.disconnect();
      this.turns.leave(element);
    });
  }

  private tell(message: object): void {
    this.frame()?.nativeElement.contentWindow?.postMessage(message, '*');
  }

  protected heard(event: MessageEvent<{ kind: string; share?: number; height?: number }>): void {
    if (event.source !== this.frame()?.nativeElement.contentWindow || !event.source) return;
    if (event.data.kind === 'ready') {
      this.ready.set(true);
      if (this.upTo()) this.tell({ kind: 'still' });
    } else if (event.data.kind === 'scrolled') this.scrolled.emit(event.data.share ?? 0);
    else if ((event.data.kind === 'drawn' || event.data.kind === 'height') && this.upTo())
      this.height.set(Math.min(this.upTo()!, Math.max(40, (event.data.height ?? 400) * this.scale())));
    if (event.data.kind !== 'drawn') return;
    this.tell({ kind: 'share', share: this.share() });
    this.turns.done();
  }
}
