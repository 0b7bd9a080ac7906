import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { FINISHES, type Finishes, type Look } from '@tin-porch/core/model';
import { fromDesignTokens, toDesignTokens, type TokensRead } from '@tin-porch/core/look';
import { finishNames } from '@tin-porch/core/making';
import { SiteStore } from '../site/site-store';

/** The shape of things: density, corners, lines and the finishes; and the whole look as design tokens, out and in. */
@Component({
  selector: 'tp-shape-panel',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @for (size of sizes; track size.key) {
      <div class="field">
        <label [for]="'shape-' + size.key"
          >{{ size.label }} <span class="mono quiet">{{ look()[size.key] }}</span></label
        >
        <input
          [id]="'shape-' + size.key"
          type="range"
          [min]="size.least"
          [max]="size.most"
          [step]="size.step"
          [value]="look()[size.key]"
          (input)="set(size.key, $any($event.target).valueAsNumber)"
        />
      </div>
    }
    @for (finish of finishes; track finish) {
      <div class="field">
        <span class="label" [id]="'finish-' + finish">{{ names[finish] }}</span>
        <div class="bar" role="group" [attr.aria-labelledby]="'finish-' + finish">
          @for (value of values[finish]; track value) {
            <button
              class="plain small"
              type="button"
              [attr.aria-pressed]="look()[finish] === value"
              (click)="set(finish, value)"
            >
              {{ value }}
            </button>
          }
        </div>
      </div>
    }
    <h2 class="gap">Design tokens</h2>
    <p class="quiet">The whole look as DTCG JSON: to keep, to hand on, to bring back.</p>
    <p class="bar">
      <a class="plain" [href]="file()" [download]="fileName()">Save tokens.json</a>
      <label class="plain"
        >Bring tokens in<input
          class="sr"
          type="file"
          accept=".json,application/json"
          (change)="read($any($event.target))"
      /></label>
    </p>
    @if (came(); as c) {
      <div class="note" [class.lamp]="c.problems.length || c.moved.length" role="status">
        @if (!c.problems.length && !c.moved.length) {
          <p>Taken as it is.</p>
        }
        <ul>
          @for (m of c.moved; track m.role) {
            <li>{{ m.role }} {{ m.wish }} could not be read on its ground; {{ m.now }} stands in its place.</li>
          }
          @for (p of c.problems; track p) {
            <li>{{ p }}</li>
          }
        </ul>
      </div>
    }
  `,
})
export class ShapePanel {
  private readonly store = inject(SiteStore);
  protected readonly look = computed(() => this.store.document()!.look);
  protected readonly names = finishNames;
  protected readonly values: Record<keyof Finishes, readonly string[]> = FINISHES;
  protected readonly finishes = Object.keys(FINISHES) as (keyof Finishes)[];
  protected readonly sizes = [
    { key: 'density', label: 'Density', least: 0.75, most: 1.35, step: 0.05 },
    { key: 'corner', label: 'Corners, px', least: 0, most: 24, step: 1 },
    { key: 'line', label: 'Strong lines, px', least: 0, most: 4, step: 1 },
  ] as const;
  protected readonly came = signal<TokensRead | null>(null);
  protected readonly file = computed(
    () => `data:application/json,${encodeURIComponent(JSON.stringify(toDesignTokens(this.look()), null, 2))}`,
  );
  protected readonly fileName = computed(() => `${this.store.document()!.id}.tokens.json`);

  protected set(key: keyof Look, value: unknown): void {
    this.put({ [key]: value } as Partial<Look>);
  }
  protected put(part: Partial<Look>): void {
    this.store.change({ op: 'setLook', look: { ...this.look(), ...part } });
  }
  protected async read(input: HTMLInputElement): Promise<void> {
    const file = input.files?.[0];
    if (!file) return;
    try {
      const came = fromDesignTokens(await file.text(), this.look());
      this.came.set(came);
      this.put(came.look);
    } catch (error) {
      this.store.said.set({ words: `${file.name}: ${(error as Error).message}`, bad: true });
    }
    input.value = '';
  }
}
