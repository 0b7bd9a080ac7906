import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { takeUntilDestroyed, toObservable } from '@angular/core/rxjs-interop';
import { RouterLink } from '@angular/router';
import { some } from '@tin-porch/core/some';
import { catchError, debounceTime, distinctUntilChanged, EMPTY, filter, switchMap } from 'rxjs';
import type { Answered } from '../api/model';
import { asRefusal, PorchApi } from '../api/porch-api';
import { Difference } from '../parts/difference';
import { SiteStore } from './site-store';

type Found = Answered<'GET /sites/:id/coming'>;
type Page = NonNullable<Found['coming']>['pages'][number];
/** How long nothing is changed before it is asked what comes of it, ms. */
const REST_MS = 700;

/** What visitors will find otherwise after the next deploy, as both are drawn; by whom it was changed, and what is held back. */
@Component({
  selector: 'tp-what-comes',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Difference, RouterLink],
  template: `
    @if (store.detail()?.liveRelease) {
      <h2>What visitors will find otherwise</h2>
      @if (fault()) {
        <p class="note brick" role="alert">{{ fault() }}</p>
      } @else if (!found()) {
        <p class="quiet" role="status">Both are drawn and compared …</p>
      }
      @if (found()?.coming; as coming) {
        <p>
          {{ sum() }}
          @if (found()!.people.length) {
            <span class="quiet">By {{ by() }}.</span>
          }
        </p>
        @for (p of nowhere(); track p.path) {
          <p class="note lamp">
            <span class="mono">{{ p.path }}</span> leads nowhere then. Who has it kept, and search engines, find nothing
            there. <a routerLink="../seo">Say where it leads</a>
          </p>
        }
        @if (coming.everywhere.pages) {
          <details open>
            <summary><b>On each of them</b></summary>
            <tp-difference [before]="lines(coming.everywhere.before)" [after]="lines(coming.everywhere.after)" />
          </details>
        }
        @for (p of coming.pages; track p.path) {
          <details [open]="coming.pages.length === 1">
            <summary>
              <b>{{ p.title }}</b> <span class="mono quiet">{{ p.path }}</span>
              @if (p.state !== 'changed') {
                <span class="chip {{ p.state === 'new' ? 'moss' : 'lamp' }}">{{
                  p.state === 'new' ? 'new' : 'goes'
                }}</span>
              }
              <span class="quiet">{{ short(p) }}</span>
            </summary>
            @if (p.before.length || p.after.length) {
              <tp-difference [before]="lines(p.before)" [after]="lines(p.after)" />
            }
            @for (words of more(p); track $index) {
              <p>{{ words }}</p>
            }
          </details>
        }
        @if (coming.more) {
          <p class="quiet">… and {{ some(coming.more, 'page') }} more.</p>
        }
        @for (a of coming.addresses; track a.from) {
          <p>
            <span class="mono">{{ a.from }}</span>
            {{ a.to ? 'leads to' : 'is led nowhere any more' }} <span class="mono">{{ a.to }}</span>
          </p>
        }
        @for (f of coming.files; track f.path) {
          <p>
            <span class="mono">{{ f.path }}</span> {{ FILE[f.state] }}
          </p>
        }
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
    details {
      border-bottom: 1px solid var(--tin-2);
      padding: 6px 0;
    }
    summary {
      overflow-wrap: anywhere;
    }
    tp-difference {
      margin: 6px 0 2px 16px;
    }
    details p {
      margin-left: 16px;
    }
  `,
})
export class WhatComes {
  protected readonly store = inject(SiteStore);
  protected readonly found = signal<Found | null>(null);
  protected readonly fault = signal('');
  protected readonly FILE = { new: 'comes', gone: 'goes', changed: 'is another version' };
  protected readonly by = computed(() =>
    this.found()!
      .people.map((p) => `${p.name}, ${some(p.steps, 'step')}`)
      .join('; '),
  );
  /** Pages that go, and whose address leads nowhere then. */
  protected readonly nowhere = computed(() =>
    this.found()!.coming!.pages.filter((p) => p.state === 'gone' && !p.leadsTo),
  );
  protected readonly sum = computed(() => {
    const { pages, everywhere, look, files, addresses, more } = this.found()!.coming!;
    const count = (state: Page['state']) => pages.filter((p) => p.state === state).length;
    const changed = Math.max(count('changed') + more, everywhere.pages);
    const said = [
      changed && `${some(changed, 'page')} ${changed === 1 ? 'changes' : 'change'}`,
      count('new') && `${some(count('new'), 'page')} ${count('new') === 1 ? 'comes' : 'come'}`,
      count('gone') && `${some(count('gone'), 'page')} ${count('gone') === 1 ? 'goes' : 'go'}`,
      look && 'the look of every page is another',
      files.length && some(files.length, 'file'),
      addresses.length && some(addresses.length, 'old address', 'old addresses'),
    ].filter((words): words is string => typeof words === 'string');
    if (!said.length) return 'Nothing: what is live is what is drafted.';
    const text = said.join(', ');
    return `${text[0]!.toUpperCase()}${text.slice(1)}.`;
  });

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

  protected some = some;
  protected lines = (all: readonly string[]): string => all.join('\n');
  protected short = (p: Page): string =>
    [
      p.pictures && some(p.pictures, 'picture'),
      p.links.length && some(p.links.length, 'link'),
      p.leadsTo && `leads to ${p.leadsTo} then`,
    ]
      .filter(Boolean)
      .join(', ');
  protected more = (p: Page): string[] => [
    ...p.links,
    ...p.told.map((words) => `Told to search engines: ${words}`),
    ...(p.pictures ? [`${some(p.pictures, 'picture')} ${p.pictures === 1 ? 'is' : 'are'} another`] : []),
  ];
}
