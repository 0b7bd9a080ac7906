import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { RouterLink, RouterLinkActive, RouterOutlet } from '@angular/router';
import { DeskApi } from './desk-api';
import { Session } from './here';
import { SignIn } from './parts/sign-in';
import { Tray } from './parts/tray';
import { wording } from './words/words';

/** The desk: a place at a time, what is not up yet, and the way to the other places. */
@Component({
  selector: 'dk-root',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [RouterOutlet, RouterLink, RouterLinkActive, SignIn, Tray],
  template: `
    @if (session.here(); as here) {
      @if (api.ended()) {
        <dk-sign-in [again]="true" />
      }
      @if (api.away()) {
        <p class="band" role="status">{{ w().away }}</p>
      }
      <main #main id="main" tabindex="-1"><router-outlet (activate)="main.scrollTop = 0" /></main>
      <div class="foot">
        @if (writes()) {
          <dk-tray />
        }
        <nav [attr.aria-label]="w().desk">
          <a
            routerLink="/"
            routerLinkActive="on"
            ariaCurrentWhenActive="page"
            [routerLinkActiveOptions]="{ exact: true }"
          >
            {{ w().places.today }}
          </a>
          @if (writes()) {
            <a routerLink="/pages" routerLinkActive="on" ariaCurrentWhenActive="page">{{ w().places.pages }}</a>
            @if (here.lists.length) {
              <a [routerLink]="listsAt()" routerLinkActive="on" ariaCurrentWhenActive="page">{{ listsName() }}</a>
            }
          }
          <a routerLink="/post" routerLinkActive="on" ariaCurrentWhenActive="page">
            {{ w().places.post }}
            @if (session.unread(); as n) {
              <b>{{ n }}</b>
            }
          </a>
          @if (writes()) {
            <a routerLink="/us" routerLinkActive="on" ariaCurrentWhenActive="page">{{ w().places.us }}</a>
          } @else {
            <a routerLink="/me" routerLinkActive="on" ariaCurrentWhenActive="page">{{ w().me }}</a>
          }
        </nav>
      </div>
    } @else if (session.asking()) {
      <p class="wait" role="status">{{ w().opening }}</p>
    } @else if (api.ended()) {
      <main id="main"><dk-sign-in /></main>
    } @else {
      <main class="wait">
        <p role="alert">{{ session.fault() }}</p>
        <button type="button" (click)="session.load()">{{ w().again }}</button>
      </main>
    }
  `,
})
export class App {
  protected readonly session = inject(Session);
  protected readonly api = inject(DeskApi);
  protected readonly w = wording().words;
  protected readonly writes = computed(() => this.session.here()?.me.role !== 'messages');

  private readonly lists = computed(() => this.session.here()?.lists ?? []);
  /** Where there is one list, it is the place. */
  protected readonly listsAt = computed(() => {
    const [first, ...others] = this.lists();
    return first && !others.length ? `/lists/${first.id}` : '/lists';
  });
  protected readonly listsName = computed(() => {
    const [first, ...others] = this.lists();
    return first && !others.length && first.name.length <= 12 ? first.name : this.w().places.lists;
  });

  constructor() {
    void this.session.begin();
  }
}
