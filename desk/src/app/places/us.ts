import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { RouterLink } from '@angular/router';
import { Drafts } from '../drafts';
import { Session } from '../here';
import type { FactField, Facts } from '../model';
import { Differs } from '../parts/differs';
import { Grow } from '../parts/grow';
import { loaded } from '../parts/load';
import { Top } from '../parts/top';
import { Waiting } from '../parts/waiting';
import { wording } from '../words/words';

/** What the site says of the business: changed here, it changes wherever it stands. */
@Component({
  selector: 'dk-us',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [RouterLink, Top, Waiting, Differs, Grow],
  template: `
    <dk-top [title]="w().places.us" [under]="session.here()?.site?.name ?? ''" />
    <dk-waiting [of]="facts" />
    @if (facts.value(); as all) {
      <ul class="rows">
        <li class="to">
          <a routerLink="/us/hours">
            <strong>{{ w().hours }}</strong>
            <span class="quiet lines">{{ all.hours.text || w().hoursNone }}</span>
          </a>
        </li>
        <li class="to">
          <a routerLink="/us/prices">
            <strong>{{ w().prices }}</strong>
            <span class="quiet">{{ namesIn(all.services) || w().noPrices }}</span>
          </a>
        </li>
        @if (all.people.length || !hasList('people')) {
          <li class="to">
            <a routerLink="/us/people">
              <strong>{{ w().whoTitle }}</strong>
              <span class="quiet">{{ namesIn(all.people) || w().whoNone }}</span>
            </a>
          </li>
        }
      </ul>
      <section class="fields">
        @if (all.locked.contact) {
          <p class="quiet">{{ w().locked }}</p>
        }
        @for (f of all.facts; track f.field) {
          <label [class.changed]="drafts.about('fact ' + f.field)">
            {{ w().facts[f.field] }}
            <textarea
              rows="1"
              maxlength="400"
              [readOnly]="all.locked.contact"
              [attr.inputmode]="f.field === 'phone' ? 'tel' : f.field === 'mail' ? 'email' : null"
              [dkGrow]="valueOf(f.field, f.value)"
              [value]="valueOf(f.field, f.value)"
              (input)="write(f.field, f.value, $any($event.target).value)"
            ></textarea>
          </label>
          <p class="quiet">{{ f.pages.length ? w().stands(f.pages.join(', ')) : w().standsNowhere }}</p>
          <dk-differs [key]="'fact ' + f.field" [now]="f.value" />
        }
      </section>
      <ul class="rows">
        <li class="to">
          <a routerLink="/me">
            <strong>{{ w().me }}</strong>
            <span class="quiet">{{ session.here()?.me?.name }}</span>
          </a>
        </li>
        @if (session.here()?.me?.role === 'owner') {
          <li class="to">
            <a routerLink="/people">
              <strong>{{ w().people.title }}</strong>
              <span class="quiet">{{ w().people.under }}</span>
            </a>
          </li>
        }
        <li class="to">
          <a href="/" target="_blank" rel="noopener">
            <strong>{{ w().visit }}</strong>
            <span class="quiet">{{ session.here()?.site?.address }}</span>
          </a>
        </li>
      </ul>
    }
  `,
})
export class UsPlace {
  protected readonly session = inject(Session);
  protected readonly drafts = inject(Drafts);
  protected readonly w = wording().words;
  protected readonly facts = loaded((api) => api.get<Facts>('/facts'));

  protected namesIn = (all: readonly { name: string }[]): string => all.map((s) => s.name).join(', ');
  /** Whether there is a list of its own for something: then it is written there. */
  protected hasList = (kind: string): boolean => !!this.session.here()?.lists.some((l) => l.kind === kind);
  protected valueOf = (field: FactField, is: string): string =>
    (this.drafts.about(`fact ${field}`)?.value as string | undefined) ?? is;
  protected write(field: FactField, was: string, value: string): void {
    this.drafts.put({ kind: 'fact', field, was, value: field === 'address' ? value : value.replace(/\n/g, '') });
  }
}
