import { ChangeDetectionStrategy, Component } from '@angular/core';
import { RouterLink } from '@angular/router';
import type { List } from '../model';
import { loaded } from '../parts/load';
import { Top } from '../parts/top';
import { Waiting } from '../parts/waiting';
import { wording } from '../words/words';

/** What grows on the site: news, events, products, each a list of its own. */
@Component({
  selector: 'dk-lists',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [RouterLink, Top, Waiting],
  template: `
    <dk-top [title]="w().places.lists" />
    <dk-waiting [of]="lists" />
    @if (lists.value(); as all) {
      <ul class="rows">
        @for (l of all.lists; track l.id) {
          <li class="to">
            <a [routerLink]="['/lists', l.id]">
              <strong>{{ l.name }}</strong>
              <span class="quiet">{{ l.count }}</span>
            </a>
          </li>
        }
      </ul>
    }
  `,
})
export class ListsPlace {
  protected readonly w = wording().words;
  protected readonly lists = loaded((api) => api.get<{ lists: List[] }>('/lists'));
}
