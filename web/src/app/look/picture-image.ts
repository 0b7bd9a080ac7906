import { inject, Injectable } from '@angular/core';
import type { Medium } from '@tin-porch/core/model';
import { drawMedium } from '@tin-porch/core/look';
import { SiteStore } from '../site/site-store';

const MOST = 300;

/** Pictures of the open site as images for the interface: drawn ones in its look, files in a small size. */
@Injectable()
export class PictureImages {
  private readonly store = inject(SiteStore);
  private readonly drawn = new Map<string, string>();

  /** The address of a picture, small. */
  of(m: Medium): string {
    const { look, id } = this.store.document()!;
    if (m.kind === 'file') {
      const small = [...m.renditions].filter((r) => r.type === 'image/webp').sort((a, b) => a.width - b.width)[0];
      return `/window/media/${id}/${(small ?? m.renditions[0]!).hash}`;
    }
    const key = JSON.stringify([m, look.day, look.pictures]);
    let url = this.drawn.get(key);
    if (!url) {
      url = `data:image/svg+xml,${encodeURIComponent(drawMedium(m, look)?.svg ?? '')}`;
      if (this.drawn.size > MOST) this.drawn.clear();
      this.drawn.set(key, url);
    }
    return url;
  }
}
