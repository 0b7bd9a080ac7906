import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { titleOfSection, type PageCheck } from '@tin-porch/core/making';
import { SiteStore } from '../site/site-store';

/** What wants a look on the pages while they are worked on: each leads to its place, and offers its mend where there is one. */
@Component({
  selector: 'tp-checks-panel',
  changeDetection: ChangeDetectionStrategy.OnPush,
  styleUrl: './checks-panel.scss',
  template: `
    <h2 class="sr">Checks</h2>
    @for (group of groups(); track group.name) {
      <h3>{{ group.name }}</h3>
      <ul>
        @for (check of group.checks; track $index) {
          <li class="sheet">
            <b>{{ title(check) }}</b>
            <p>{{ check.words }}</p>
            <p class="bar">
              <button class="plain small" type="button" (click)="go.emit(check)">Go there</button>
              @if (check.mend; as mend) {
                <button class="plain small" type="button" (click)="do(check)">{{ mend.label }}</button>
              }
            </p>
          </li>
        }
      </ul>
    } @empty {
      <p class="note moss">
        Nothing on these pages wants a look: headings, links, pictures in words, empty and repeated parts.
      </p>
    }
  `,
})
export class ChecksPanel {
  private readonly store = inject(SiteStore);
  readonly checks = input.required<PageCheck[]>();
  readonly go = output<PageCheck>();
  protected title = (check: PageCheck) => titleOfSection(check.section);
  /** Those of the page that is open come first. */
  protected readonly groups = computed(() => {
    const document = this.store.document();
    if (!document) return [];
    const all = this.checks();
    const here = this.store.page();
    const pages = [...document.pages].sort((a, b) => Number(b.id === here) - Number(a.id === here));
    return [
      ...pages.map((p) => ({ name: p.label, checks: all.filter((c) => c.page?.id === p.id) })),
      { name: 'On every page', checks: all.filter((c) => c.page === null) },
    ].filter((g) => g.checks.length);
  });

  protected do({ mend }: PageCheck): void {
    if (!mend) return;
    const [only, ...others] = mend.operations;
    this.store.change(others.length ? { op: 'batch', operations: mend.operations } : only!);
    void this.store.flush();
    this.store.said.set({ words: `Done: ${mend.label}.`, bad: false, undo: true });
  }
}
