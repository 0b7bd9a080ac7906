import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { takeUntilDestroyed, toObservable } from '@angular/core/rxjs-interop';
import { some } from '@tin-porch/core/some';
import { catchError, debounceTime, distinctUntilChanged, EMPTY, filter, switchMap } from 'rxjs';
import type { Answered } from '../api/model';
import { asRefusal, PorchApi } from '../api/porch-api';
import { ComingList } from './coming-list';
import { SiteStore } from './site-store';

type Found = Answered<'GET /sites/:id/coming'>;
/** How long nothing is changed before it is asked what comes of it, ms. */
const REST_MS = 700;

/** What visitors will find otherwise after the next deploy, as both are drawn; by whom it was changed, and what is held back. */
@Component({
  selector: 'tp-what-comes',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [ComingList],
  template: `
    @if (store.detail()?.liveRelease) {
      <h2>What visitors will find otherwise</h2>
      @if (fault()) {
        <p class="note brick" role="alert">{{ fault() }}</p>
      } @else if (!found()) {
        <p class="quiet" role="status">Both are drawn and compared …</p>
      }
      @if (found()?.coming; as coming) {
        <tp-coming-list
          [what]="coming"
          [by]="by()"
          nothing="Nothing: what is live is what is drafted."
          mendAt="../seo"
        />
        @if (found()!.held.length) {
          <p class="quiet">Held back: {{ found()!.held.join('; ') }}.</p>
        }
      }
    }
  `,
  styles: `
    :host {
      display: block;
      margin-bottom: 22px;
    }
    :host:empty {
      display: none;
    }
    p {
      margin: 6px 0;
      overflow-wrap: anywhere;
    }
  `,
})
export class WhatComes {
  protected readonly store = inject(SiteStore);
  protected readonly found = signal<Found | null>(null);
  protected readonly fault = signal('');
  protected readonly by = computed(() =>
    this.found()!
      .people.map((p) => `${p.name}, ${some(p.steps, 'step')}`)
      .join('; '),
  );

  constructor() {
    const api = inject(PorchApi);
    const asked = computed(() => {
      const site = this.store.detail();
      return site?.liveRelease ? `${site.id} ${site.head} ${site.liveRelease}` : '';
    });
    toObservable(asked)
      .pipe(
        distinctUntilChanged(),
        filter(Boolean),
        debounceTime(REST_MS),
        switchMap(() =>
          api.get<Found>(`/sites/${this.store.id()}/coming`).pipe(
            catchError((error: unknown) => {
              this.found.set(null);
              this.fault.set(`What visitors will find was not asked for. ${asRefusal(error).message}`);
              return EMPTY;
            }),
          ),
        ),
        takeUntilDestroyed(),
      )
      .subscribe((found) => {
        this.fault.set('');
        this.found.set(found);
      });
  }
}
