import type { ElementRef } from '@angular/core';
import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  signal,
  viewChild,
  type OnDestroy,
} from '@angular/core';
import type Cropper from 'cropperjs';
import { Retouching } from './retouching';

/** The picture that is worked over, large: the frame of its cut, or what comes out with the point that stays in sight. */
@Component({
  selector: 'tp-picture-table',
  changeDetection: ChangeDetectionStrategy.OnPush,
  styleUrl: './picture-table.scss',
  template: `
    <div class="window-bar">
      <div class="bar widths" role="group" aria-label="What to look at">
        <button
          class="plain small"
          type="button"
          [attr.aria-pressed]="work.looking() === 'result'"
          (click)="work.looking.set('result')"
        >
          What comes out
        </button>
        <button
          class="plain small"
          type="button"
          [attr.aria-pressed]="work.looking() === 'cut'"
          (click)="work.looking.set('cut')"
        >
          The cut
        </button>
      </div>
      <span class="quiet drawn">{{
        work.looking() === 'cut' ? 'Drag the frame or its corners' : 'Click what must stay in sight when it is cut'
      }}</span>
    </div>
    <div class="picture-table">
      @if (work.sight(); as url) {
        @if (work.looking() === 'cut') {
          <div class="cut-stage"><img #cut [src]="url" alt="The whole picture" (load)="frame()" /></div>
        } @else {
          <button
            class="result-stage"
            type="button"
            (click)="point($event)"
            (keydown)="nudge($event)"
            aria-label="What must stay in sight"
          >
            <img #result [src]="url" alt="" />
            <span class="focus-point" [style.left.%]="focus()[0] * 100" [style.top.%]="focus()[1] * 100"></span>
          </button>
        }
      } @else {
        <p class="quiet">Drawing it …</p>
      }
    </div>
  `,
})
export class PictureTable implements OnDestroy {
  protected readonly work = inject(Retouching);
  private readonly cut = viewChild<ElementRef<HTMLImageElement>>('cut');
  private readonly cropper = signal<Cropper | null>(null);
  protected readonly focus = computed(() => this.work.focus());
  /** True while the frame is set from outside, so that it does not report back. */
  private setting = false;
  private framed = '';

  constructor() {
    effect(() => {
      if (this.work.looking() !== 'cut') this.unframe();
    });
    effect(() => {
      const proportion = this.work.proportion();
      const cropper = this.cropper();
      const [x, y, w, h] = this.work.retouch().crop;
      if (!cropper) return;
      const now = cropper.getData();
      const { naturalWidth: width, naturalHeight: height } = cropper.getImageData();
      const wanted = { x: x * width, y: y * height, width: w * width, height: h * height };
      const far = Math.max(...(['x', 'y', 'width', 'height'] as const).map((k) => Math.abs(now[k] - wanted[k])));
      this.setting = true;
      cropper.setAspectRatio(proportion ?? NaN);
      if (far > 1.5) cropper.setData(wanted);
      this.setting = false;
    });
  }

  /** Puts the frame of the cut on a picture that has just been shown. */
  protected async frame(): Promise<void> {
    const image = this.cut()?.nativeElement;
    if (!image) return;
    const old = this.cropper();
    if (old) {
      // Only light or colour are others: the frame stays where it is.
      const size = old.getImageData();
      if (size.naturalWidth === image.naturalWidth && size.naturalHeight === image.naturalHeight) {
        if (this.framed !== image.src) {
          this.framed = image.src;
          old.replace(image.src, true);
        }
        return;
      }
      this.unframe();
    }
    this.framed = image.src;
    const { default: CropperJs } = await import('cropperjs');
    if (this.cut()?.nativeElement !== image) return;
    const made: Cropper = new CropperJs(image, {
      viewMode: 1,
      autoCropArea: 1,
      zoomable: false,
      movable: false,
      rotatable: false,
      scalable: false,
      background: false,
      toggleDragModeOnDblclick: false,
      ready: () => this.cropper.set(made),
      cropend: () => this.read(made),
    });
  }
  private read(cropper: Cropper): void {
    if (this.setting) return;
    const { x, y, width, height } = cropper.getData();
    const { naturalWidth, naturalHeight } = cropper.getImageData();
    const share = (v: number, all: number) => Math.round(Math.min(1, Math.max(0, v / all)) * 10000) / 10000;
    const [w, h] = [Math.max(0.02, share(width, naturalWidth)), Math.max(0.02, share(height, naturalHeight))];
    this.work.set({ crop: [Math.min(share(x, naturalWidth), 1 - w), Math.min(share(y, naturalHeight), 1 - h), w, h] });
  }
  private unframe(): void {
    this.cropper()?.destroy();
    this.cropper.set(null);
  }

  protected point(event: MouseEvent): void {
    const box = (event.currentTarget as HTMLElement).getBoundingClientRect();
    // A press of a key has no place: it leaves the point where it is.
    if (event.detail === 0) return;
    const share = (v: number) => Math.round(Math.min(1, Math.max(0, v)) * 100) / 100;
    this.work.focus.set([share((event.clientX - box.left) / box.width), share((event.clientY - box.top) / box.height)]);
  }

  protected nudge({ key }: KeyboardEvent): void {
    const by = { ArrowLeft: [-0.02, 0], ArrowRight: [0.02, 0], ArrowUp: [0, -0.02], ArrowDown: [0, 0.02] }[key];
    if (!by) return;
    const [x, y] = this.work.focus();
    const share = (v: number) => Math.round(Math.min(1, Math.max(0, v)) * 100) / 100;
    this.work.focus.set([share(x + by[0]!), share(y + by[1]!)]);
  }

  ngOnDestroy(): void {
    this.unframe();
  }
}
