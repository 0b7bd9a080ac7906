import { ChangeDetectionStrategy, Component } from '@angular/core';
import { RouterLink } from '@angular/router';
import type { DeskPage } from '../model';
import { loaded } from '../parts/load';
import { Top } from '../parts/top';
import { Waiting } from '../parts/waiting';
import { wording } from '../words/words';

/** The pages of the site. */
@Component({
  selector: 'dk-pages',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [RouterLink, Top, Waiting],
  template: `
    <dk-top [title]="w().places.pages" [under]="w().pagesHow" />
    <dk-waiting [of]="pages" />
    @if (pages.value(); as all) {
      <ul class="rows">
        @for (p of all.pages; track p.id) {
          <li class="to">
            <a [routerLink]="['/pages', p.id]">
              <strong>{{ p.label }}</strong>
              <span class="quiet">{{ p.hold ? w().onHold : headingOf(p) }}</span>
            </a>
          </li>
        }
      </ul>
      <p class="quiet pad">{{ w().fromUs }}</p>
    }
  `,
})
export class PagesPlace {
  protected readonly w = wording().words;
  protected readonly pages = loaded((api) => api.get<{ pages: DeskPage[] }>('/pages'));
  protected headingOf = (p: DeskPage): string => p.sections[0]?.texts.find((t) => t.value)?.value.slice(0, 90) ?? '';
}
