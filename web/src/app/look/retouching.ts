import { computed, effect, inject, Injectable, signal, untracked } from '@angular/core';
import type { Device, FileMedium, Retouch, SiteDocument } from '@tin-porch/core/model';
import { AS_IT_IS, cropAbout } from '@tin-porch/core/look';
import { freeMediaId, picturePlaces, type PicturePlace } from '@tin-porch/core/making';
import { PictureApi } from '../api/picture-api';
import { asRefusal } from '../api/porch-api';
import { Drafts } from '../session/drafts';
import { SiteStore } from '../site/site-store';

/** What is looked at while a picture is worked over: all of it, to cut it, or what comes out. */
export type Looking = 'cut' | 'result';
const REST_MS = 90;

/** The picture file that is being worked over: nothing of it is written before it is kept. */
@Injectable()
export class Retouching {
  private readonly api = inject(PictureApi);
  private readonly store = inject(SiteStore);
  readonly medium = signal<FileMedium | null>(null);
  /** The place a cut of its own is made for; null for the picture wherever it stands. */
  readonly place = signal<PicturePlace | null>(null);
  /** The kind of page it is cut for; null for every one. */
  private device: Device | null = null;
  /** True where it was begun on the page it stands on: it is worked over there. */
  readonly onPage = signal(false);
  readonly retouch = signal<Retouch>(AS_IT_IS);
  readonly focus = signal<[number, number]>([0.5, 0.5]);
  readonly looking = signal<Looking>('result');
  /** Width to height a cut is held to; null where it is free. */
  readonly proportion = signal<number | null>(null);
  /** The address of what is looked at. */
  readonly sight = signal('');
  readonly busy = signal(false);
  readonly trouble = signal('');
  readonly changed = computed(() => {
    const m = this.medium();
    return !!m && JSON.stringify(this.retouch()) !== JSON.stringify(m.retouch ?? AS_IT_IS);
  });
  private before = '';
  private asked = 0;
  private timer: ReturnType<typeof setTimeout> | undefined;

  private readonly draft = inject(Drafts).of(this.store.id(), 'retouch');

  constructor() {
    // What is half done outlives the step, and a reload.
    const kept = this.draft();
    const opened = effect(() => {
      const document = this.store.document();
      if (!document) return;
      opened.destroy();
      if (kept && !untracked(this.medium)) this.resume(document, kept);
    });
    effect(() => {
      const medium = this.medium();
      this.draft.set(
        medium && this.changed()
          ? JSON.stringify({
              id: medium.id,
              place: this.place()?.at ?? null,
              device: this.device,
              retouch: this.retouch(),
              focus: this.focus(),
            })
          : untracked(this.store.document)
            ? ''
            : kept,
      );
    });
    effect(() => {
      const medium = this.medium();
      const retouch = this.retouch();
      const whole = this.looking() === 'cut';
      if (!medium?.source) return;
      const shown: Retouch = whole ? { ...retouch, crop: [0, 0, 1, 1], cutOut: 0 } : retouch;
      clearTimeout(this.timer);
      this.timer = setTimeout(() => void this.see(medium.source!.hash, shown), untracked(this.sight) ? REST_MS : 0);
    });
  }

  private resume(document: SiteDocument, kept: string): void {
    const { id, place, device, retouch, focus } = JSON.parse(kept) as {
      id: string;
      place: PicturePlace['at'] | null;
      device?: Device | null;
      retouch: Retouch;
      focus: [number, number];
    };
    const medium = document.media.find((m): m is FileMedium => m.kind === 'file' && m.id === id);
    if (!medium) return;
    const at = place && picturePlaces(document).find((p) => p.at.section === place.section && p.at.path === place.path);
    this.begin(medium, at ?? null, false, device ?? null);
    this.retouch.set(retouch);
    this.focus.set(focus);
  }

  private get site(): string {
    return this.store.document()!.id;
  }

  private async see(source: string, retouch: Retouch): Promise<void> {
    const mine = ++this.asked;
    try {
      const blob = await this.api.sight(this.site, source, retouch);
      if (mine !== this.asked) return;
      // The one before may still be on its way out.
      URL.revokeObjectURL(this.before);
      this.before = this.sight();
      this.sight.set(URL.createObjectURL(blob));
      this.trouble.set('');
    } catch (error) {
      if (mine === this.asked) this.trouble.set(asRefusal(error).message);
    }
  }

  begin(medium: FileMedium, place: PicturePlace | null = null, onPage = false, device: Device | null = null): void {
    this.device = device;
    this.onPage.set(onPage);
    this.sight.set('');
    this.trouble.set('');
    this.proportion.set(null);
    this.retouch.set(medium.retouch ?? AS_IT_IS);
    this.focus.set([...medium.focus]);
    this.looking.set(place ? 'cut' : 'result');
    this.place.set(place);
    this.medium.set(medium);
  }
  set(change: Partial<Retouch>): void {
    const before = this.retouch().crop;
    this.retouch.update((r) => ({ ...r, ...change }));
    if (!change.crop) return;
    // The point that stays in sight stays on what it was on.
    const [x, y] = this.onWhole(before);
    const [l, t, w, h] = change.crop;
    const within = (v: number) => Math.round(Math.min(1, Math.max(0, v)) * 100) / 100;
    this.focus.set([within((x - l) / w), within((y - t) / h)]);
  }
  /** The point that stays in sight, as shares of the picture before it is cut. */
  private onWhole([l, t, w, h]: Retouch['crop']): [number, number] {
    const [x, y] = this.focus();
    return [l + x * w, t + y * h];
  }
  /** Cuts to a proportion about what must stay in sight; free where it is null. */
  hold(proportion: number | null): void {
    this.proportion.set(proportion);
    const m = this.medium();
    if (!proportion || !m?.source) return;
    const { width, height } = m.source;
    const size = this.retouch().turn % 2 ? { width: height, height: width } : { width, height };
    this.set({ crop: cropAbout(size, proportion, this.onWhole(this.retouch().crop)) });
    this.looking.set('cut');
  }
  async rightByItself(): Promise<void> {
    const m = this.medium();
    if (!m?.source) return;
    try {
      this.set(await this.api.light(this.site, m.source.hash));
    } catch (error) {
      this.trouble.set(asRefusal(error).message);
    }
  }
  /** Puts a picture that is in two colours of the look into those the look has now. */
  async tintAnew(medium: FileMedium): Promise<void> {
    const { deep, wash } = this.store.document()!.look.day;
    if (!medium.source || !medium.retouch || this.busy()) return;
    this.busy.set(true);
    try {
      const retouch: Retouch = { ...medium.retouch, tint: [deep, wash] };
      const printed = await this.api.print(this.site, medium.source.hash, retouch);
      this.store.change({ op: 'putMedium', medium: { ...medium, ...printed, retouch } });
    } catch (error) {
      this.store.said.set({ words: asRefusal(error).message, bad: true });
    }
    this.busy.set(false);
  }
  leave(): void {
    this.medium.set(null);
    this.place.set(null);
    this.onPage.set(false);
  }

  /** Keeps what was done: sizes are made, and the picture stands changed wherever it is, or in its place alone. */
  async keep(): Promise<void> {
    const medium = this.medium();
    const place = this.place();
    if (!medium?.source || this.busy()) return;
    this.busy.set(true);
    try {
      const retouch = this.retouch();
      const printed = this.changed() ? await this.api.print(this.site, medium.source.hash, retouch) : {};
      const next: FileMedium = { ...medium, ...printed, focus: this.focus(), retouch };
      if (place) {
        const document = this.store.document()!;
        const id = freeMediaId(document, `${medium.id}-cut`);
        const cut: FileMedium = { ...next, id, cutFrom: medium.cutFrom ?? medium.id };
        this.store.change({
          op: 'batch',
          operations: [
            { op: 'putMedium', medium: cut },
            { op: 'setPicture', at: place.at, media: id, ...(this.device && { on: this.device }) },
          ],
        });
      } else this.store.change({ op: 'putMedium', medium: next });
      this.leave();
    } catch (error) {
      this.trouble.set(asRefusal(error).message);
    }
    this.busy.set(false);
  }
}
