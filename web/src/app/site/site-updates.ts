import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { some } from '@tin-porch/core/some';
import { firstValueFrom } from 'rxjs';
import type { Answered } from '../api/model';
import { asRefusal, PorchApi } from '../api/porch-api';
import { trialState } from '../parts/trial-state';
import { when } from '../parts/when';
import { askedAgain } from './asked-again';
import { SiteStore } from './site-store';

type Found = Answered<'GET /sites/:id/updates'>;
type PageTried = NonNullable<Found['trial']>['seen'][number];
/** So many pages are shown at first. */
const FIRST = 3;
const STATES = { going: 'under way', done: 'done', back: 'taken back' };

/** Which version drew a site, what a newer one would change of it, and what was updated before. */
@Component({
  selector: 'tp-site-updates',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2 class="gap" id="update">Update</h2>
    @if (fault() || refused(); as words) {
      <p class="note brick" role="alert">{{ words }}</p>
    }
    @if (found(); as f) {
      @if (behind()) {
        <p>
          Version {{ f.engine }} drew what visitors have; version {{ f.newest }} is here.
          <span class="chip {{ state().tone }}">{{ state().chip }}</span>
        </p>
        @if (state().words) {
          <p>{{ state().words }}</p>
        }
        <p class="bar">
          @if (api.may('designer') && state().tone !== 'brick') {
            @if (toLook()) {
              <button class="act" type="button" [attr.aria-disabled]="busy()" (click)="letThrough()">
                It may look like that
              </button>
            } @else {
              <button class="act" type="button" [attr.aria-disabled]="busy()" (click)="update(false)">
                {{ doing() === 'update' ? 'Updating …' : 'Update it' }}
              </button>
            }
          }
          @if (api.may('helper')) {
            <button class="plain" type="button" [attr.aria-disabled]="busy()" (click)="tryOut()">
              {{ doing() === 'trial' ? 'Trying …' : f.trial?.counts ? 'Try it again' : 'Try it on a copy' }}
            </button>
          }
        </p>
      } @else if (f.engine !== null) {
        <p><span class="chip moss">up to date</span> Version {{ f.engine }} drew what visitors have.</p>
      }
      @if (behind() && f.trial?.counts) {
        @for (p of shown(); track p.path) {
          <div class="page">
            <b>{{ p.path }}</b>
            @if (p.before.length || p.after.length) {
              <p class="words">
                @for (l of p.before; track $index) {
                  <del>{{ l }}</del>
                }
                @for (l of p.after; track $index) {
                  <ins>{{ l }}</ins>
                }
              </p>
            }
            @for (w of p.parts; track w) {
              <p class="quiet">{{ shareOf(p, w) }}</p>
              <div class="sides" [class.narrow]="w < 600">
                <figure>
                  <img [src]="picture(p, w, 'before')" alt="As visitors have it" loading="lazy" />
                  <figcaption class="quiet">now</figcaption>
                </figure>
                <figure>
                  <img [src]="picture(p, w, 'now')" alt="As the update draws it" loading="lazy" />
                  <figcaption class="quiet">updated</figcaption>
                </figure>
              </div>
            }
          </div>
        }
        @if (visible().length > shown().length) {
          <button class="plain small" type="button" (click)="whole.set(true)">
            Show the other {{ some(visible().length - shown().length, 'page') }}
          </button>
        }
      }
      @if (f.updates.length) {
        <h3 class="gap">Updated before</h3>
        <ul class="plain-list">
          @for (u of f.updates; track u.begunAt; let first = $first) {
            <li class="between">
              <span>
                From version {{ u.fromEngine }} to {{ u.toEngine }}, {{ states[u.state] }}
                <span class="quiet">{{ ago(u.endedAt ?? u.begunAt) }}, by {{ u.by }}. {{ u.words }}</span>
              </span>
              @if (first && u.state === 'done' && api.may('designer')) {
                <button class="plain small" type="button" [attr.aria-disabled]="busy()" (click)="update(true)">
                  Take it back
                </button>
              }
            </li>
          }
        </ul>
      }
    } @else if (!fault()) {
      <p class="quiet" role="status">Asking …</p>
    }
  `,
  styles: `
    :host {
      display: block;
    }
    .bar {
      margin: 10px 0;
    }
    .page {
      padding: 10px 0;
      border-top: 1px solid var(--tin-2);
    }
    .words {
      display: grid;
      gap: 2px;
      margin: 4px 0;
    }
    del {
      color: var(--brick);
    }
    ins {
      color: var(--moss);
    }
    .sides {
      display: grid;
      grid-template-columns: 1fr 1fr;
      gap: 8px;
    }
    .sides.narrow {
      max-width: 420px;
    }
    figure {
      margin: 4px 0;
    }
    img {
      display: block;
      width: 100%;
      height: auto;
      border: 1px solid var(--tin-3);
    }
  `,
})
export class SiteUpdates {
  private readonly store = inject(SiteStore);
  protected readonly api = inject(PorchApi);
  private readonly asked = askedAgain<Found>('/updates', 'What an update would change');
  protected readonly found = this.asked.found;
  protected readonly fault = this.asked.fault;
  protected readonly refused = signal('');
  protected readonly whole = signal(false);
  protected readonly some = some;
  protected readonly states = STATES;
  private readonly sending = signal(false);
  private readonly open = computed(
    () =>
      this.store
        .detail()
        ?.jobs.find(
          (j) => (j.kind === 'trial' || j.kind === 'update') && ['waiting', 'running', 'retrying'].includes(j.state),
        ) ?? null,
  );
  protected readonly doing = computed(() => this.open()?.kind ?? null);
  protected readonly busy = computed(() => this.sending() || this.open() !== null);
  protected readonly behind = computed(() => {
    const f = this.found();
    return f !== null && f.engine !== null && f.engine < f.newest;
  });
  protected readonly state = computed(() =>
    trialState({ trial: this.found()?.trial ?? null, wanted: this.found()?.wanted ?? false, job: this.open() }),
  );
  /** Whether somebody has to look before it can be updated. */
  protected readonly toLook = computed(() => this.state().tone === 'lamp');
  protected readonly visible = computed(() =>
    (this.found()?.trial?.seen ?? []).filter((p) => p.parts.length || p.before.length || p.after.length),
  );
  protected readonly shown = computed(() => (this.whole() ? this.visible() : this.visible().slice(0, FIRST)));

  protected ago = (iso: string) => when(iso, this.store.now());
  protected shareOf({ widths }: PageTried, width: number): string {
    const { changed = 0, where = null } = widths.find((w) => w.width === width) ?? {};
    const share = changed < 0.01 ? 'less than 1 %' : `${Math.round(changed * 100)} %`;
    const from = where ? `, from ${Math.round(where[0] * 100)} % of its height on` : '';
    return `${share} of it at ${width} px${from}`;
  }
  protected picture({ path }: PageTried, width: number, side: 'before' | 'now'): string {
    const query = new URLSearchParams({ path, at: this.found()?.trial?.at ?? '' });
    return `/api/sites/${this.store.id()}/trial/${width}/${side}?${query}`;
  }

  protected letThrough = () => this.ask(() => this.store.put('/trial', { at: this.found()!.trial!.at }));
  protected update = (back: boolean) => this.ask(() => this.store.post('/update', { back }));
  protected tryOut = () =>
    this.ask(() => firstValueFrom(this.api.post('/updates/trials', { sites: [this.store.id()] })));
  private async ask(what: () => Promise<unknown>): Promise<void> {
    if (this.busy()) return;
    this.sending.set(true);
    this.refused.set('');
    await what().catch((error: unknown) => this.refused.set(asRefusal(error).message));
    this.sending.set(false);
  }
}
