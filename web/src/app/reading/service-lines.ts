import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { NgIcon } from '@ng-icons/core';
import type { Service } from '@tin-porch/core/model';
import { SiteStore } from '../site/site-store';

/** What they offer, a line each. */
@Component({
  selector: 'tp-service-lines',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'contents' },
  imports: [FormsModule, NgIcon],
  template: `
    <h2>Services</h2>
    <p class="quiet">One line each. A sentence and a price, where there are any, go on the site as they are.</p>
    @for (service of services(); track service.id; let n = $index) {
      <fieldset class="service">
        <legend class="sr">Service {{ n + 1 }}</legend>
        <input
          [attr.aria-label]="'Service ' + (n + 1)"
          placeholder="Service"
          maxlength="120"
          [ngModel]="service.name"
          (ngModelChange)="setService(n, { name: $event })"
        />
        <input
          [attr.aria-label]="'Price of service ' + (n + 1)"
          placeholder="Price"
          maxlength="60"
          class="price"
          [ngModel]="service.price"
          (ngModelChange)="setService(n, { price: $event })"
        />
        <button
          class="plain small"
          type="button"
          [attr.aria-label]="'Take out ' + (service.name || 'service ' + (n + 1))"
          (click)="dropService(n)"
        >
          <ng-icon name="lucideTrash2" aria-hidden="true" />
        </button>
        <textarea
          rows="2"
          maxlength="600"
          [attr.aria-label]="'More about service ' + (n + 1)"
          placeholder="In a sentence or two"
          [ngModel]="service.detail"
          (ngModelChange)="setService(n, { detail: $event })"
        ></textarea>
      </fieldset>
    }
    <p>
      <button class="plain small" type="button" (click)="addService()" [disabled]="services().length >= 40">
        <ng-icon name="lucidePlus" aria-hidden="true" />Service
      </button>
    </p>
  `,
})
export class ServiceLines {
  private readonly store = inject(SiteStore);
  protected readonly services = computed(() => this.store.document()?.facts.services ?? []);

  private change(change: (list: Service[]) => Service[]): void {
    this.store.change({ op: 'setServices', services: change(this.store.document()!.facts.services) });
  }
  protected setService(n: number, part: Partial<Service>): void {
    this.change((list) => list.map((s, k) => (k === n ? { ...s, ...part } : s)));
  }
  protected dropService(n: number): void {
    this.change((list) => list.filter((_, k) => k !== n));
  }
  protected addService(): void {
    this.change((list) => [
      ...list,
      {
        id: `v${Math.max(0, ...list.map((s) => Number(s.id.replace(/\D/g, '')) || 0)) + 1}`,
        name: '',
        detail: '',
        price: '',
      },
    ]);
  }
}
