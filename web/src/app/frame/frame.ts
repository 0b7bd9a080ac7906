import { ChangeDetectionStrategy, Component, computed, DestroyRef, inject, signal } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { Router, RouterLink, RouterLinkActive, RouterOutlet } from '@angular/router';
import { NgbDropdownModule } from '@ng-bootstrap/ng-bootstrap';
import { filter, merge, startWith } from 'rxjs';
import { debounceTime } from 'rxjs/operators';
import { PorchEvents } from '../api/events';
import { Drawing } from '../window/drawing';
import type { OpenFinding, SiteLine } from '../api/model';
import { PorchApi } from '../api/porch-api';
import { Dialogs } from '../parts/dialogs';
import { JumpDialog } from './jump-dialog';
import { KeysDialog } from './keys-dialog';
import { isTyping, SingleKeys } from './single-keys';

/** How long after it opened the worker that draws is begun, ms. */
const BEGIN_AFTER_MS = 1500;

/** The eave over every place, and the keys that work everywhere. */
@Component({
  selector: 'tp-frame',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [RouterLink, RouterLinkActive, RouterOutlet, NgbDropdownModule],
  host: { '(document:keydown)': 'key($event)' },
  styleUrl: './frame.scss',
  template: `
    <header class="eave">
      <button class="skip" type="button" (click)="skip()">Skip to the content</button>
      <a class="mark" routerLink="/"><img src="/mark.svg" alt="" />Tin Porch</a>
      <nav aria-label="Places">
        <a routerLink="/" routerLinkActive="here" [routerLinkActiveOptions]="{ exact: true }">Sites</a>
        <a routerLink="/servers" routerLinkActive="here">Servers</a>
        <a routerLink="/domains" routerLinkActive="here">Domains</a>
        <a routerLink="/inbox" routerLinkActive="here"
          >Inbox
          @if (unread()) {
            <span class="count">{{ unread() }}<span class="sr"> unread</span></span>
          }
        </a>
        <a routerLink="/rounds" routerLinkActive="here">Rounds</a>
        <a routerLink="/updates" routerLinkActive="here">Updates</a>
        <a routerLink="/books" routerLinkActive="here">Books</a>
        <a routerLink="/sample-book" routerLinkActive="here">Sample book</a>
      </nav>
      <button class="jump" type="button" (click)="jump()">Jump to anything <kbd>Ctrl K</kbd></button>
      <div ngbDropdown placement="bottom-end">
        <button class="who" ngbDropdownToggle type="button" [attr.aria-label]="initials() + ', account of ' + name()">
          {{ initials() }}
        </button>
        <div ngbDropdownMenu>
          <span class="dropdown-item-text">{{ name() }}</span>
          <a ngbDropdownItem routerLink="/account">Your account</a>
          <a ngbDropdownItem routerLink="/people">People</a>
          <button ngbDropdownItem type="button" (click)="help()">Keys</button>
          <button ngbDropdownItem type="button" (click)="signOut()">Sign out</button>
        </div>
      </div>
    </header>
    <router-outlet />
  `,
})
export class Frame {
  private readonly api = inject(PorchApi);
  private readonly router = inject(Router);
  private readonly dialogs = inject(Dialogs);
  private readonly single = inject(SingleKeys);
  protected readonly unread = signal(0);
  private readonly sites = signal<SiteLine[]>([]);
  protected readonly name = computed(() => this.api.session()?.designer.name ?? '');
  protected readonly initials = computed(() =>
    this.name()
      .split(' ')
      .map((w) => w[0])
      .join('')
      .slice(0, 2),
  );
  constructor() {
    // Begun once the first screen rests, so that it is ready before a site is opened.
    const drawing = inject(Drawing);
    const rest = setTimeout(() => drawing.begin(), BEGIN_AFTER_MS);
    inject(DestroyRef).onDestroy(() => clearTimeout(rest));
    const events = inject(PorchEvents);
    merge(events.all.pipe(filter((e) => e.kind === 'inbox')), events.back)
      .pipe(startWith(null), debounceTime(100), takeUntilDestroyed())
      .subscribe(() => this.refresh());
  }

  private refresh(): void {
    this.api.get<{ sites: SiteLine[]; findings: OpenFinding[]; unread: number }>('/sites').subscribe({
      next: ({ unread, sites }) => {
        this.unread.set(unread);
        this.sites.set(sites);
      },
      error: () => undefined,
    });
  }

  protected jump(): void {
    this.refresh();
    this.dialogs.open(JumpDialog, 'jump-label', (dialog) => (dialog.sites = this.sites));
  }
  protected help(): void {
    this.dialogs.open(KeysDialog, 'keys-title', undefined, '.eave .who');
  }
  protected skip(): void {
    const all = document.querySelectorAll<HTMLElement>('main :is(h1, h2, button, a[href], input, select, textarea)');
    // Where a page is still on its way there is nothing in it yet: then it takes the focus itself.
    const target =
      Array.from(all).find((e) => e.checkVisibility({ visibilityProperty: true })) ?? document.querySelector('main');
    if (!target) return;
    if (/^(H\d|MAIN)$/.test(target.tagName)) target.tabIndex = -1;
    target.focus();
  }
  protected signOut(): void {
    this.api.delete('/session').subscribe({
      next: () => this.leave(),
      // Where the session had ended already, there is nothing to end.
      error: () => this.leave(),
    });
  }
  private leave(): void {
    this.api.session.set(null);
    this.api.ended.set(false);
    void this.router.navigateByUrl('/sign-in');
  }
  protected key(event: KeyboardEvent): void {
    if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'k') {
      event.preventDefault();
      this.jump();
    } else if (!isTyping(event) && this.single.pressed(event) === '?') {
      event.preventDefault();
      this.help();
    }
  }
}
