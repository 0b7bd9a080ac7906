import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { titleOfSection } from '@tin-porch/core/making';
import { DESK_KIND_TITLES, DESK_KINDS, type SiteDocument } from '@tin-porch/core/model';
import { SiteStore } from '../site/site-store';
import { LockBox } from './lock';

/** What a locked part is called; undefined where it is gone. */
function partOf(document: SiteDocument, lock: string): string | undefined {
  const [what, id] = lock.split('/');
  if (what === 'page') {
    const page = document.pages.find((p) => p.id === id);
    return page && `The page ${page.label}`;
  }
  if (what === 'collection') return document.collections?.find((c) => c.id === id)?.name;
  const page = document.pages.find((p) => p.sections.some((s) => s.id === id));
  const section = page?.sections.find((s) => s.id === id);
  return page && section && `${titleOfSection(section)} on ${page.label}`;
}

/** What the people of a site change themselves, and what their designer keeps: by kind, and part by part. */
@Component({
  selector: 'tp-desk-locks',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [LockBox],
  template: `
    <h3 id="locks">Locked at the desk</h3>
    <p class="quiet">
      Everything else there is theirs to change, never the look. In force from the next deploy on. Pages, sections and
      collections are locked where they are worked on.
    </p>
    <div class="kinds" role="group" aria-labelledby="locks">
      @for (kind of kinds; track kind) {
        <tp-lock [lock]="'kind/' + kind" [words]="titles[kind]" />
      }
      @for (part of parts(); track part.lock) {
        <tp-lock [lock]="part.lock" [words]="part.words" />
      }
    </div>
  `,
  styles: `
    :host {
      display: block;
      margin-top: 18px;
    }
    .kinds {
      display: grid;
      grid-template-columns: repeat(auto-fill, minmax(15rem, 1fr));
      gap: 0 18px;
    }
  `,
})
export class DeskLocks {
  private readonly store = inject(SiteStore);
  protected readonly kinds = DESK_KINDS;
  protected readonly titles = DESK_KIND_TITLES;
  protected readonly parts = computed(() => {
    const document = this.store.document();
    return (document?.locks ?? []).flatMap((lock) => {
      const words = lock.startsWith('kind/') ? undefined : partOf(document!, lock);
      return words ? [{ lock, words }] : [];
    });
  });
}
