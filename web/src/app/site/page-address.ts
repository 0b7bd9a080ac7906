import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { readdress, slugOf } from '@tin-porch/core/making';
import type { Page } from '@tin-porch/core/model';
import { SiteStore } from './site-store';

/** The address of a page, put in place when it is left. Where visitors know the old one, that leads to the new one. */
@Component({
  selector: 'tp-page-address',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (page().slug) {
      <div class="field">
        <label [for]="'address-' + page().id">Address</label>
        <input
          #field
          maxlength="60"
          spellcheck="false"
          autocapitalize="none"
          [id]="'address-' + page().id"
          [value]="page().slug"
          [attr.aria-invalid]="fault() ? true : null"
          [attr.aria-describedby]="'about-address-' + page().id"
          (input)="fault.set('')"
          (change)="put(field.value)"
        />
        @if (fault(); as words) {
          <p class="fault" role="alert" [id]="'about-address-' + page().id">{{ words }}</p>
        } @else if (live()) {
          <p class="quiet" [id]="'about-address-' + page().id">
            Visitors know it: the old one will lead to the new one.
          </p>
        }
      </div>
    }
  `,
})
export class PageAddress {
  private readonly store = inject(SiteStore);
  readonly page = input.required<Page>();
  protected readonly fault = signal('');
  protected readonly live = computed(() => (this.store.detail()?.liveRelease ?? null) !== null);

  protected put(typed: string): void {
    const document = this.store.document()!;
    if (!typed.trim() || slugOf(typed) === this.page().slug) return;
    const operation = readdress(document, this.page().id, typed, this.live());
    if (!operation) {
      const other = document.pages.find((p) => p.slug === slugOf(typed));
      return this.fault.set(`/${slugOf(typed)} is the address of ${other?.label ?? 'another page'}.`);
    }
    this.store.change(operation);
    void this.store.flush();
  }
}
