import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { toObservable, takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { DomSanitizer } from '@angular/platform-browser';
import { catchError, combineLatest, debounceTime, EMPTY, switchMap } from 'rxjs';
import { DeskApi, refusalOf } from '../desk-api';
import { Drafts } from '../drafts';
import type { DeskPage } from '../model';
import { loaded } from '../parts/load';
import { Top } from '../parts/top';
import { wording } from '../words/words';

/** The site as it will be: the real page with what is not up yet, wide or as on a phone. */
@Component({
  selector: 'dk-see',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Top],
  template: `
    <dk-top [title]="w().see" back="/" />
    <p class="acts pad">
      <label class="all">
        {{ w().page }}
        <select [value]="page()" (change)="chosen.set($any($event.target).value)">
          @if (item(); as title) {
            <option [value]="first()" [selected]="first() === page()">{{ title }}</option>
          }
          @for (p of pages.value()?.pages ?? []; track p.id) {
            <option [value]="p.id" [selected]="p.id === page()">{{ p.label }}</option>
          }
        </select>
      </label>
      <button type="button" [attr.aria-pressed]="!wide()" (click)="wide.set(false)">{{ w().phone }}</button>
      <button type="button" [attr.aria-pressed]="wide()" (click)="wide.set(true)">{{ w().wide }}</button>
    </p>
    @if (fault()) {
      <p class="bad pad" role="alert">{{ fault() }}</p>
    }
    <div class="see" [class.wide]="wide()">
      @if (html(); as page) {
        <iframe sandbox="allow-same-origin" [title]="w().see" [srcdoc]="page"></iframe>
      }
    </div>
  `,
})
export class SeePlace {
  private readonly drafts = inject(Drafts);
  private readonly api = inject(DeskApi);
  private readonly sanitizer = inject(DomSanitizer);
  protected readonly w = wording().words;
  protected readonly pages = loaded((api) => api.get<{ pages: DeskPage[] }>('/pages'));
  protected readonly chosen = signal('');
  protected readonly wide = signal(false);
  protected readonly fault = signal('');
  private readonly drawn = signal('');

  /** The page that is shown: the one chosen, else the first on which something reads otherwise. */
  protected readonly page = computed(() => this.chosen() || this.first());
  protected readonly first = signal('');
  /** What the first is called where it is the page of an item that is not up yet. */
  protected readonly item = computed(() => {
    const first = this.first();
    const change = this.drafts.all().find((c) => c.kind === 'item' && `${c.collection}--${c.item}` === first);
    return change?.kind === 'item' ? change.value?.title : undefined;
  });
  // It comes from the site’s own renderer, stands in a frame without scripts, and is looked at only.
  protected readonly html = computed(() =>
    this.drawn() ? this.sanitizer.bypassSecurityTrustHtml(this.drawn()) : null,
  );

  constructor() {
    combineLatest([toObservable(this.chosen), toObservable(this.drafts.all)])
      .pipe(
        debounceTime(50),
        switchMap(([page, changes]) =>
          this.api.post<{ html: string; page: string }>('/preview', { page, changes }).pipe(
            catchError((error: unknown) => {
              const refused = refusalOf(error);
              this.fault.set(refused.status === 0 ? this.w().away : refused.message);
              return EMPTY;
            }),
          ),
        ),
        takeUntilDestroyed(),
      )
      .subscribe(({ html, page }) => {
        this.fault.set('');
        this.first.set(page);
        this.drawn.set(html);
      });
  }
}
