import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import type { Look } from '@tin-porch/core/model';
import { languages } from '@tin-porch/core/language';
import { families, rankPairings, TYPE_CLASSES, type Pairing, type TypeMood } from '@tin-porch/core/look';
import { SiteStore } from '../site/site-store';

const MOODS: Record<string, readonly TypeMood[]> = {
  plain: ['plain'],
  warm: ['warm'],
  formal: ['formal'],
  lively: ['lively'],
};

/** The type of a look: pairings by what was measured of the fonts, one kept and the other found, and the scale. */
@Component({
  selector: 'tp-type-panel',
  changeDetection: ChangeDetectionStrategy.OnPush,
  styleUrl: './type-panel.scss',
  template: `
    @for (role of roles; track role[0]) {
      <div class="field">
        <div class="label-row">
          <label [for]="'type-' + role[0]">{{ role[1] }}</label>
          <label class="check"
            ><input type="checkbox" [checked]="kept() === role[0]" (change)="keep(role[0])" /> Keep</label
          >
        </div>
        <select [id]="'type-' + role[0]" (change)="set(role[0], $any($event.target).value)">
          @for (kind of kinds; track kind) {
            <optgroup [label]="kind">
              @for (f of familiesOf(kind, role[0]); track f.id) {
                <option [value]="f.id" [selected]="f.id === look()[role[0]]">{{ f.name }}</option>
              }
            </optgroup>
          }
        </select>
      </div>
    }
    <h2 class="gap">
      {{ kept() ? 'Best beside ' + families[look()[kept()!]]!.name : 'Pairings for this site' }}
    </h2>
    <ul class="pairings">
      @for (p of pairings(); track p.heading + p.reading) {
        <li>
          <button
            type="button"
            [class.on]="p.heading === look().heading && p.reading === look().reading"
            (click)="put({ heading: p.heading, reading: p.reading })"
          >
            <b>{{ families[p.heading]!.name }}</b> over {{ families[p.reading]!.name }}
            <span class="mono quiet">{{ (p.score * 100).toFixed(0) }}</span>
            <span class="quiet why">{{ p.why }}</span>
          </button>
        </li>
      }
    </ul>
    <p class="bar"><button class="plain small" type="button" (click)="page.set(page() + 1)">Others</button></p>
    @for (size of sizes; track size.key) {
      <div class="field">
        <label [for]="'size-' + size.key"
          >{{ size.label }} <span class="mono quiet">{{ look()[size.key] }}</span></label
        >
        <input
          [id]="'size-' + size.key"
          type="range"
          [min]="size.least"
          [max]="size.most"
          [step]="size.step"
          [value]="look()[size.key]"
          (input)="set(size.key, $any($event.target).valueAsNumber)"
        />
      </div>
    }
    <p class="quiet">
      Fonts are cut down to the letters and weights the site uses. {{ count }} families ship with Tin Porch.
    </p>
  `,
})
export class TypePanel {
  private readonly store = inject(SiteStore);
  protected readonly families = families;
  protected readonly kinds = TYPE_CLASSES;
  protected readonly count = Object.keys(families).length;
  protected readonly roles = [
    ['heading', 'Headings'],
    ['reading', 'Reading'],
  ] as const;
  protected readonly sizes = [
    { key: 'scale', label: 'Scale, each size to the next', least: 1.12, most: 1.5, step: 0.02 },
    { key: 'base', label: 'Running text, px', least: 15, most: 21, step: 0.5 },
    { key: 'headingWeight', label: 'Weight of headings', least: 300, most: 850, step: 10 },
  ] as const;
  protected readonly look = computed(() => this.store.document()!.look);
  protected readonly kept = signal<'heading' | 'reading' | null>(null);
  protected readonly page = signal(0);
  private readonly ranked = computed<Pairing[]>(() => {
    const { facts, language } = this.store.document()!;
    const kept = this.kept();
    return rankPairings({
      moods: MOODS[facts.tone] ?? [],
      language: languages[language].reading,
      ...(kept && { [kept]: this.look()[kept] }),
    });
  });
  /** The best pairings, no heading family twice: eight at a time. */
  protected readonly pairings = computed(() => {
    const by = this.kept() === 'heading' ? 'reading' : 'heading';
    const seen = new Set<string>();
    const distinct = this.ranked().filter((p) => !seen.has(p[by]) && seen.add(p[by]));
    const from = (this.page() * 8) % Math.max(8, distinct.length - 4);
    return distinct.slice(from, from + 8);
  });
  protected familiesOf = (kind: string, role: 'heading' | 'reading') =>
    Object.values(families).filter(
      (f) => f.kind === kind && (role === 'heading' || (kind !== 'display' && kind !== 'hand')),
    );
  protected keep(role: 'heading' | 'reading'): void {
    this.kept.set(this.kept() === role ? null : role);
    this.page.set(0);
  }
  protected set(key: keyof Look, value: unknown): void {
    this.put({ [key]: value } as Partial<Look>);
  }
  protected put(part: Partial<Look>): void {
    const heading = part.heading && { headingWeight: families[part.heading]!.weight };
    this.store.change({ op: 'setLook', look: { ...this.look(), ...part, ...heading } });
  }
}
