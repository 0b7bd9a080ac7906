import { ChangeDetectionStrategy, Component, inject, output, signal } from '@angular/core';
import type { Medium } from '@tin-porch/core/model';
import { freeMediaId } from '@tin-porch/core/making';
import { PictureApi } from '../api/picture-api';
import { asRefusal } from '../api/porch-api';
import { SiteStore } from '../site/site-store';

interface Coming {
  name: string;
  /** 0 to 1 while it is sent; 1 while sizes are made of it. */
  sent: number;
  refused: string;
}
const AT_ONCE = 2;
/** Named one by one: a phone that is not asked for its own format hands over JPEG. */
export const TAKEN = 'image/jpeg,image/png,image/webp,image/avif,image/gif,image/tiff,image/svg+xml';

/** Brings pictures of the client: chosen, taken with the camera, dropped or pasted, many at once. */
@Component({
  selector: 'tp-bring-pictures',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '(document:paste)': 'paste($event)' },
  styleUrl: './bring-pictures.scss',
  template: `
    <label
      class="drop"
      [class.over]="over()"
      (dragover)="hover($event)"
      (dragleave)="over.set(false)"
      (drop)="drop($event)"
    >
      <b>Bring pictures</b>
      <span class="quiet">Choose, drop or paste: JPEG, PNG, WebP, AVIF, SVG</span>
      <input class="sr" type="file" [accept]="taken" multiple (change)="choose($any($event.target))" />
    </label>
    @if (coming().length) {
      <ul class="coming" aria-live="polite">
        @for (c of coming(); track $index) {
          <li [class.bad]="c.refused">
            <span class="name">{{ c.name }}</span>
            @if (c.refused) {
              <span>{{ c.refused }}</span>
              <button class="link" type="button" (click)="dismiss(c)">Dismiss</button>
            } @else {
              <span class="quiet">{{ c.sent < 1 ? (c.sent * 100).toFixed(0) + ' % sent' : 'Making its sizes' }}</span>
            }
          </li>
        }
      </ul>
    }
  `,
})
export class BringPictures {
  private readonly api = inject(PictureApi);
  private readonly store = inject(SiteStore);
  protected readonly taken = TAKEN;
  protected readonly over = signal(false);
  protected readonly coming = signal<Coming[]>([]);
  /** A picture that is now among those of the site. */
  readonly brought = output<{ medium: Medium; plainBackground: boolean }>();
  private readonly queue: { file: File; at: Coming }[] = [];
  private busy = 0;

  protected hover(event: DragEvent): void {
    if (!event.dataTransfer?.types.includes('Files')) return;
    event.preventDefault();
    this.over.set(true);
  }
  protected drop(event: DragEvent): void {
    event.preventDefault();
    this.over.set(false);
    this.take([...(event.dataTransfer?.files ?? [])]);
  }
  protected choose(input: HTMLInputElement): void {
    this.take([...(input.files ?? [])]);
    input.value = '';
  }
  protected paste(event: ClipboardEvent): void {
    const files = [...(event.clipboardData?.files ?? [])];
    if (!files.length) return;
    event.preventDefault();
    this.take(files);
  }

  private take(files: File[]): void {
    for (const file of files) {
      const at: Coming = { name: file.name || 'Pasted picture', sent: 0, refused: '' };
      if (file.size > 30_000_000) at.refused = `It has ${Math.round(file.size / 1e6)} MB; 30 is the most that is read.`;
      else this.queue.push({ file, at });
      this.coming.update((all) => [...all, at]);
    }
    while (this.busy < AT_ONCE && this.queue.length) void this.next();
  }

  private async next(): Promise<void> {
    const one = this.queue.shift();
    if (!one) return;
    this.busy++;
    const { file, at } = one;
    const site = this.store.document()!.id;
    await new Promise<void>((done) => {
      this.api.bring(site, file, at.name).subscribe({
        next: (b) => {
          if ('sent' in b) {
            at.sent = b.sent;
            this.coming.update((all) => [...all]);
            return;
          }
          // Another may have come in the meantime and have the name.
          const medium = { ...b.medium, id: freeMediaId(this.store.document()!, b.medium.id) };
          this.store.change({ op: 'putMedium', medium });
          this.coming.update((all) => all.filter((c) => c !== at));
          this.brought.emit({ medium, plainBackground: b.plainBackground });
          if (b.dropped.length)
            this.store.said.set({ words: `${at.name} was taken without ${b.dropped.join(', ')}.`, bad: false });
        },
        error: (error: unknown) => {
          const { title, detail } = asRefusal(error);
          at.refused = detail || title;
          this.coming.update((all) => [...all]);
          done();
        },
        complete: done,
      });
    });
    this.busy--;
    void this.next();
  }
  protected dismiss(c: Coming): void {
    this.coming.update((all) => all.filter((other) => other !== c));
  }
}
