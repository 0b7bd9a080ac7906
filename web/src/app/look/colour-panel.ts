import { ChangeDetectionStrategy, Component, computed, inject, model, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import type { Look } from '@tin-porch/core/model';
import {
  coloursOfPixels,
  contrast,
  mixWishes,
  PAIRS,
  palettesFrom,
  tryWish,
  WISHED,
  wishesIn,
  type Wish,
  type WishedRole,
} from '@tin-porch/core/look';
import { packOf } from '@tin-porch/core/brief';
import { SiteStore } from '../site/site-store';

const NAMES: Record<WishedRole, string> = {
  lead: 'Lead',
  accent: 'Accent',
  wash: 'Wash',
  ground: 'Ground',
  deep: 'Deep ground',
  text: 'Text',
};
interface Mixed {
  day: Look['day'];
  night: Look['night'];
  richness: number;
}

/** The colours of a look: kept, mixed, wished for, taken from words or a picture; and what can be read on what. */
@Component({
  selector: 'tp-colour-panel',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [FormsModule],
  styleUrl: './colour-panel.scss',
  template: `
    <ul class="roles">
      @for (role of roles; track role) {
        <li>
          <input
            type="color"
            [attr.aria-label]="names[role]"
            [value]="look().day[role]"
            (change)="wish(role, $any($event.target).value); $any($event.target).value = look().day[role]"
          />
          <span
            ><b>{{ names[role] }}</b> <span class="mono quiet">{{ look().day[role] }}</span></span
          >
          <label class="check"><input type="checkbox" [checked]="kept().has(role)" (change)="keep(role)" /> Keep</label>
        </li>
      }
    </ul>
    @if (refused(); as no) {
      <div class="note lamp" role="alert">
        <p>
          <span class="swatch" [style.background]="no.wish.wish"></span> {{ no.wish.wish }} cannot be the
          {{ names[no.role].toLowerCase() }}: {{ weakWords(no.wish) }}.
        </p>
        <p class="bar">
          <button class="plain small" type="button" (click)="takeNearest()">
            <span class="swatch" [style.background]="no.wish.nearest"></span> Use {{ no.wish.nearest }}, the nearest
            that works
          </button>
          <button class="link" type="button" (click)="refused.set(null)">Leave it as it was</button>
        </p>
      </div>
    }
    <p class="bar">
      <button class="plain" type="button" (click)="mix()">{{ kept().size ? 'Mix the rest' : 'Mix' }}</button>
      <button class="plain" type="button" [disabled]="at() <= 0" (click)="step(-1)">Mix before</button>
      <button class="plain" type="button" [disabled]="at() >= mixes().length - 1" (click)="step(1)">Mix after</button>
    </p>
    <div class="field">
      <label for="colour-words">From words</label>
      <div class="bar">
        <input
          id="colour-words"
          [(ngModel)]="words"
          placeholder="harbour, calm, a bit of rust"
          (keydown.enter)="mix()"
        />
      </div>
    </div>
    <div class="field">
      <label for="richness">Richness</label>
      <input
        id="richness"
        type="range"
        min="0.3"
        max="1.8"
        step="0.05"
        [value]="look().richness"
        (input)="enrich($any($event.target).valueAsNumber)"
      />
    </div>
    <div class="field">
      <label for="colour-picture">From a logo or a picture</label>
      <input id="colour-picture" type="file" accept="image/*" (change)="fromPicture($any($event.target))" />
      @if (found().length) {
        <p class="bar">
          @for (c of found(); track c) {
            <button class="plain small" type="button" (click)="wish('lead', c)" [attr.aria-label]="'Lead with ' + c">
              <span class="swatch" [style.background]="c"></span> {{ c }}
            </button>
          }
        </p>
      }
    </div>
    <p class="verdict">
      <span class="dot good"></span> All {{ pairs }} pairs read by day and by night. Lowest: {{ lowest().role }} on
      {{ lowest().on }}, {{ lowest().ratio.toFixed(1) }} : 1 of {{ lowest().needed }}.
    </p>
    <p class="bar" role="group" aria-label="Day or night in the window">
      @for (v of versions; track v[0]) {
        <button class="plain small" type="button" [attr.aria-pressed]="only() === v[0]" (click)="only.set(v[0])">
          {{ v[1] }}
        </button>
      }
    </p>
  `,
})
export class ColourPanel {
  private readonly store = inject(SiteStore);
  readonly only = model<'day' | 'night' | undefined>(undefined);
  protected readonly roles = WISHED;
  protected readonly names = NAMES;
  protected readonly pairs = PAIRS.length;
  protected readonly versions = [
    ['day', 'By day'],
    ['night', 'By night'],
  ] as const;
  protected readonly look = computed(() => this.store.document()!.look);
  protected readonly kept = signal<ReadonlySet<WishedRole>>(new Set());
  protected readonly refused = signal<{ role: WishedRole; wish: Wish } | null>(null);
  protected readonly found = signal<string[]>([]);
  protected readonly words = signal('');
  /** What was mixed, to step back and forth through. */
  protected readonly mixes = signal<Mixed[]>([]);
  protected readonly at = signal(-1);
  protected readonly lowest = computed(() => {
    const { day, night } = this.look();
    return [day, night]
      .flatMap((p) => PAIRS.map(([role, on, needed]) => ({ role, on, needed, ratio: contrast(p[role], p[on]) })))
      .sort((a, b) => a.ratio / a.needed - b.ratio / b.needed)[0]!;
  });

  private put(mixed: Mixed, remember = true): void {
    if (remember) {
      const { day, night, richness } = this.look();
      const before = this.mixes().length ? this.mixes().slice(0, this.at() + 1) : [{ day, night, richness }];
      this.mixes.set([...before, mixed]);
      this.at.set(before.length);
    }
    this.store.change({ op: 'setLook', look: { ...this.look(), ...mixed } });
  }
  protected keep(role: WishedRole): void {
    const kept = new Set(this.kept());
    if (!kept.delete(role)) kept.add(role);
    this.kept.set(kept);
  }
  protected mix(): void {
    const { facts } = this.store.document()!;
    const { day } = this.look();
    const keep = Object.fromEntries([...this.kept()].map((r) => [r, day[r]]));
    const seed = Math.floor(Math.random() * 1e6);
    const words = this.words().trim() || facts.colours.join(', ');
    const { wishes, richness } = mixWishes({ words, hues: packOf(facts).hues, keep }, seed);
    this.put({
      ...palettesFrom(wishes, richness),
      richness: Math.round(Math.min(2, Math.max(0.2, richness)) * 100) / 100,
    });
  }
  protected step(by: 1 | -1): void {
    this.at.set(this.at() + by);
    this.put(this.mixes()[this.at()]!, false);
  }
  protected enrich(richness: number): void {
    const { day } = this.look();
    const { lead, accent } = wishesIn(day);
    const kept = Object.fromEntries([...this.kept()].map((r) => [r, day[r]]));
    this.put({ ...palettesFrom({ lead, accent, ...kept }, richness), richness }, false);
  }
  protected wish(role: WishedRole, colour: string): void {
    const wishes = wishesIn(this.look().day);
    const wish = tryWish(wishes, role, colour, this.look().richness);
    if (wish.weak.length || wish.nearest !== colour) return this.refused.set({ role, wish });
    this.refused.set(null);
    this.put({ ...palettesFrom({ ...wishes, [role]: colour }, this.look().richness), richness: this.look().richness });
  }
  protected takeNearest(): void {
    const { role, wish } = this.refused()!;
    this.refused.set(null);
    this.wish(role, wish.nearest);
  }
  protected weakWords({ weak }: Wish): string {
    return weak.length
      ? weak
          .slice(0, 3)
          .map((w) => `${w.role} on ${w.on} would have ${w.ratio.toFixed(1)} : 1 and needs ${w.needed}`)
          .join('; ')
      : 'what stands on it could not be read';
  }
  protected async fromPicture(input: HTMLInputElement): Promise<void> {
    const file = input.files?.[0];
    if (!file) return;
    try {
      const picture = await createImageBitmap(file);
      const scale = Math.min(1, 200 / Math.max(picture.width, picture.height));
      const canvas = new OffscreenCanvas(Math.max(1, picture.width * scale), Math.max(1, picture.height * scale));
      const pen = canvas.getContext('2d')!;
      pen.drawImage(picture, 0, 0, canvas.width, canvas.height);
      const found = coloursOfPixels(pen.getImageData(0, 0, canvas.width, canvas.height).data);
      this.found.set(found);
      if (!found.length) return this.store.said.set({ words: 'There are no colours in that picture.', bad: true });
      const { facts } = this.store.document()!;
      const { wishes, richness } = mixWishes({ colours: found, hues: packOf(facts).hues }, 1);
      this.put({ ...palettesFrom(wishes, richness), richness: Math.round(richness * 100) / 100 });
    } catch {
      this.store.said.set({ words: `${file.name} is no picture this browser can read.`, bad: true });
    }
  }
}
