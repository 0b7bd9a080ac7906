import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { wordsMerged } from '@tin-porch/surface/words-merged';
import { Drafts, keyOf } from '../drafts';
import type { Change } from '../model';
import { wording } from '../words/words';

/** Under a field: that it says something else by now than when it was changed here. Both can be kept. */
@Component({
  selector: 'dk-differs',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (differs()) {
      <p class="differs" role="status">
        {{ w().differs }} <q>{{ now() }}</q>
        <button class="plain" type="button" (click)="drafts.drop(key())">{{ w().takeTheirs }}</button>
        <button class="plain" type="button" (click)="keep()">{{ w().putUp }}</button>
        @if (both(); as words) {
          <span class="whole">
            {{ w().both }} <q>{{ words }}</q>
            <button class="plain" type="button" (click)="takeBoth(words)">{{ w().takeBoth }}</button>
          </span>
        }
      </p>
    }
  `,
})
export class Differs {
  /** What the change is about, and what reads there now. */
  readonly key = input.required<string>();
  readonly now = input.required<string>();
  protected readonly drafts = inject(Drafts);
  protected readonly w = wording().words;
  private readonly change = computed(() => this.drafts.all().find((c) => keyOf(c) === this.key()));
  protected readonly differs = computed(() => {
    const change = this.change();
    return change !== undefined && typeof change.was === 'string' && change.was !== this.now();
  });
  /** What both made of a text, where they changed different words of it. */
  protected readonly both = computed(() => {
    const change = this.change();
    if (change?.kind !== 'text' || !this.differs()) return '';
    const merged = wordsMerged(change.was, change.value, this.now());
    return merged === this.now() || merged === change.value ? '' : (merged ?? '');
  });
  /** Writes what both made of it, to be put up with all else. */
  protected takeBoth(value: string): void {
    const change = this.change();
    if (change?.kind !== 'text') return;
    this.drafts.drop(this.key());
    this.drafts.put({ ...change, was: this.now(), value });
  }
  /** Holds what was written here against what reads there now. */
  protected keep(): void {
    const change = this.change();
    if (!change) return;
    this.drafts.drop(this.key());
    this.drafts.put({ ...change, was: this.now() } as Change);
    void this.drafts.send();
  }
}
