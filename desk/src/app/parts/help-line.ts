import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { catchError, EMPTY } from 'rxjs';
import { DeskApi } from '../desk-api';
import { waysTo } from '../help';
import { Session } from '../here';
import type { DeskPage } from '../model';
import { wording } from '../words/words';

/** Asked what somebody wants to do, it answers with the place where that is done. */
@Component({
  selector: 'dk-help-line',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [RouterLink],
  template: `
    <label class="pad help">
      {{ w().help.ask }}
      <input
        type="search"
        maxlength="120"
        autocomplete="off"
        [placeholder]="w().help.such"
        [value]="typed()"
        (focus)="begin()"
        (input)="typed.set($any($event.target).value)"
      />
    </label>
    <div role="status">
      @if (typed().trim().length > 2) {
        <ul class="rows">
          @for (way of ways(); track way.words) {
            @if (way.to) {
              <li class="to">
                <a [routerLink]="way.to" (click)="typed.set('')"
                  ><strong>{{ way.words }}</strong></a
                >
              </li>
            } @else {
              <li>
                <p>{{ way.words }}</p>
              </li>
            }
          } @empty {
            <li>
              <p>{{ w().help.none }}</p>
            </li>
          }
        </ul>
      }
    </div>
  `,
})
export class HelpLine {
  private readonly session = inject(Session);
  private readonly api = inject(DeskApi);
  protected readonly w = wording().words;
  protected readonly typed = signal('');
  private readonly pages = signal<readonly DeskPage[]>([]);
  private begun = false;
  protected readonly ways = computed(() => {
    const here = this.session.here();
    return here ? waysTo(this.typed(), this.w(), here, this.pages()) : [];
  });

  /** Looks at what stands on the pages, once somebody is about to ask: without them it knows what it knows. */
  protected begin(): void {
    if (this.begun || this.session.here()?.me.role === 'messages') return;
    this.begun = true;
    this.api
      .get<{ pages: DeskPage[] }>('/pages')
      .pipe(
        catchError(() => {
          this.begun = false;
          return EMPTY;
        }),
      )
      .subscribe(({ pages }) => this.pages.set(pages));
  }
}
