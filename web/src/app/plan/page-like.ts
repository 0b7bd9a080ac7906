import { ChangeDetectionStrategy, Component, computed, inject, output, signal } from '@angular/core';
import { pageLike } from '@tin-porch/core/making';
import type { SiteDocument } from '@tin-porch/core/model';
import { firstValueFrom } from 'rxjs';
import type { SiteDetail, SiteLine } from '../api/model';
import { asRefusal, PorchApi } from '../api/porch-api';
import { SiteStore } from '../site/site-store';

/** Adds a page like one of this site, or of another of the organisation’s: with its words, or with those of this site. */
@Component({
  selector: 'tp-page-like',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="bar gap">
      <select aria-label="A page like one of" (change)="choose($any($event.target).value)">
        <option value="">A page like one of this site</option>
        @for (site of others(); track site.id) {
          <option [value]="site.id">A page like one of {{ site.name }}</option>
        }
      </select>
      @if (from(); as from) {
        <select aria-label="The page it is like" (change)="page.set($any($event.target).value)">
          <option value="">Which page …</option>
          @for (page of from.pages; track page.id) {
            <option [value]="page.id" [selected]="page.id === chosen()">{{ page.label }}</option>
          }
        </select>
      }
      @if (from() && from() !== store.document()) {
        <label class="check"
          ><input type="checkbox" [checked]="words()" (change)="words.set(!words())" />With its words, to confirm
          here</label
        >
      }
      <button class="plain" type="button" [disabled]="!chosen()" (click)="add()">Add it</button>
    </div>
    @if (note()) {
      <p class="note" role="status">{{ note() }}</p>
    }
  `,
})
export class PageLike {
  protected readonly store = inject(SiteStore);
  private readonly api = inject(PorchApi);
  /** The page that was added. */
  readonly added = output<string>();
  private readonly sites = signal<readonly SiteLine[]>([]);
  protected readonly others = computed(() => this.sites().filter((s) => s.id !== this.store.id()));
  /** The other site, once it is here. */
  private readonly other = signal<SiteDocument | null>(null);
  private readonly site = signal('');
  protected readonly from = computed(() => (this.site() ? this.other() : this.store.document()));
  protected readonly page = signal('');
  protected readonly chosen = computed(() => (this.from()?.pages.some((p) => p.id === this.page()) ? this.page() : ''));
  protected readonly words = signal(true);
  protected readonly note = signal('');

  constructor() {
    void this.look();
  }
  private async look(): Promise<void> {
    try {
      const { sites } = await firstValueFrom(this.api.get<{ sites: SiteLine[] }>('/sites'));
      this.sites.set(sites);
    } catch {
      // Without them there is still this site.
    }
  }
  protected async choose(site: string): Promise<void> {
    this.site.set(site);
    this.other.set(null);
    this.page.set('');
    this.note.set('');
    if (!site) return;
    try {
      const { document } = await firstValueFrom(this.api.get<SiteDetail>(`/sites/${site}`));
      if (this.site() !== site) return;
      this.other.set(document);
      if (!document.pages.length) this.note.set('That site has no pages yet.');
    } catch (error) {
      if (this.site() === site) this.note.set(asRefusal(error).message);
    }
  }
  protected add(): void {
    const [document, from] = [this.store.document(), this.from()];
    const like = document && from && pageLike(document, from, this.chosen(), this.words());
    if (!like) return this.note.set('Nothing of that page can stand on another.');
    this.note.set('');
    this.store.change(like.operation);
    void this.store.flush();
    this.store.said.set({ words: 'The page is added, at the end of the menu.', bad: false, undo: true });
    this.page.set('');
    this.added.emit(like.page);
  }
}
