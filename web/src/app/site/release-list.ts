import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import type { Release } from '../api/model';
import { Dialogs } from '../parts/dialogs';
import { some } from '@tin-porch/core/some';
import { time } from '../parts/when';
import { GoingBackDialog } from './going-back';
import { SiteStore } from './site-store';

/** Work that changes what is served: one at a time. */
const SWITCHING: ReadonlySet<string> = new Set([
  ...['deploy', 'publish', 'rollback', 'update', 'leave', 'remove', 'revive', 'move'],
]);

/** The releases of a site, newest first, each named by what came with it. Any of them can be served again. */
@Component({
  selector: 'tp-release-list',
  changeDetection: ChangeDetectionStrategy.OnPush,
  styleUrl: './release-list.scss',
  template: `
    <ol class="releases">
      @for (r of releases(); track r.id) {
        <li [class.on]="r.id === live()">
          <span class="what">
            <b>{{ named(r) }}</b>
            <span class="quiet"
              >{{ at(r.madeAt) }}; {{ some(r.files, 'file') }}, {{ kb(r) }} KB, {{ r.sent }} sent</span
            >
          </span>
          @if (r.id === live()) {
            <span class="chip moss">Live</span>
          } @else {
            <button
              class="plain small"
              type="button"
              [disabled]="switching()"
              [attr.aria-label]="verb(r) + ': ' + named(r)"
              (click)="serve(r)"
            >
              {{ verb(r) }}
            </button>
          }
        </li>
      }
    </ol>
  `,
})
export class ReleaseList {
  protected readonly store = inject(SiteStore);
  private readonly dialogs = inject(Dialogs);
  protected readonly some = some;
  protected readonly at = time;
  protected readonly releases = computed(() => this.store.detail()?.releases ?? []);
  protected readonly live = computed(() => this.store.detail()?.liveRelease ?? null);
  /** Another release is being put in place. A round or a backup that goes on holds nobody up. */
  protected readonly switching = computed(() =>
    (this.store.detail()?.jobs ?? []).some((j) => SWITCHING.has(j.kind) && /waiting|running|retrying/.test(j.state)),
  );
  private readonly liveMadeAt = computed(() => this.releases().find((r) => r.id === this.live())?.madeAt ?? '');

  protected kb = (r: Release) => Math.ceil(r.bytes / 1024);
  protected named(r: Release): string {
    const [first, ...more] = r.what;
    if (!first) return 'The same words, made anew';
    return more.length ? `${first} and ${more.length} more` : first;
  }
  protected verb = (r: Release) => (r.madeAt < this.liveMadeAt() ? 'Go back to it' : 'Go forward to it');
  protected async serve(r: Release): Promise<void> {
    const open = this.store.detail()?.open ?? false;
    const ref = this.dialogs.open(GoingBackDialog, 'back-title', (dialog) =>
      dialog.of.set({
        site: this.store.id(),
        release: r.id,
        title: `${this.verb(r).replace('it', 'this release')}?`,
        words: `“${this.named(r)}”, made ${time(r.madeAt)}, ${open ? 'is what visitors see from then on' : 'stands behind the holding page from then on'}.`,
        act: this.verb(r),
      }),
    );
    const keeps = await ref?.result.then(
      (keeps: boolean) => keeps,
      () => undefined,
    );
    if (keeps !== undefined) await this.store.serve(r.id, keeps);
  }
}
