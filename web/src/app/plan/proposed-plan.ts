import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import type { Page, Section, SiteDocument } from '@tin-porch/core/model';
import { shapes } from '@tin-porch/core/look';
import { apply } from '@tin-porch/core/operations';
import { kindOf, rewriteVersion } from '@tin-porch/core/making';
import { SiteStore } from '../site/site-store';

/** The plan before anything is drawn: which pages and sections would be made, and why. What is unticked is not made. */
@Component({
  selector: 'tp-proposed-plan',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <p class="quiet">
      What would be made of the brief, and why. Nothing is drawn yet; what you untick is left out, now and in later
      versions.
    </p>
    @for (page of pages(); track page.id) {
      <section class="sheet plan-page" [attr.aria-label]="page.label">
        <label class="check proposed"
          ><input type="checkbox" [checked]="wanted(page)" [disabled]="page.slug === ''" (change)="toggle(page.id)" />
          <b>{{ page.label }}</b></label
        >
        <p class="quiet">{{ page.reason }}</p>
        @if (wanted(page)) {
          <ul class="plain-list">
            @for (section of page.sections; track section.id) {
              <li>
                <label class="check"
                  ><input
                    type="checkbox"
                    [checked]="wantedSection(page, section)"
                    [disabled]="page.sections.length === 1"
                    (change)="toggle(key(page, section))"
                  />
                  <span
                    ><b>{{ title(section) }}</b> <span class="quiet">{{ section.reason }}</span></span
                  ></label
                >
              </li>
            }
          </ul>
        }
      </section>
    }
  `,
})
export class ProposedPlan {
  private readonly store = inject(SiteStore);
  protected readonly pages = computed(() => proposed(this.store.document()!).pages);
  protected title = (s: Section) => shapes[s.shape]?.title ?? s.shape;
  protected key = (page: Page, section: Section) => `${page.id}/${kindOf(section.shape)}`;
  private readonly without = computed(() => this.store.document()!.without);
  protected wanted = (page: Page) => page.slug === '' || !this.without().includes(page.id);
  protected wantedSection = (page: Page, section: Section) => !this.without().includes(this.key(page, section));
  protected toggle(key: string): void {
    const now = this.without();
    this.store.change({ op: 'setWithout', values: now.includes(key) ? now.filter((k) => k !== key) : [...now, key] });
  }
}

/** The site as it would be made, all that is offered in it. */
export function proposed(document: SiteDocument, all = true): SiteDocument {
  const asked = all ? { ...document, without: [] } : document;
  return apply(document, rewriteVersion(asked, document.seed)).document;
}
